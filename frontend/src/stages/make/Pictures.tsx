/** Small pictures of the alternatives: the corner from above, the bottom from the end, the front from the side. */
const SHAPES: Record<string, React.ReactNode> = {
  'joint.butt_between': (
    <>
      <path className="wood" d="M20 12H38V82H20z" />
      <path className="wood wood--end" d="M38 12H140V30H38z" />
    </>
  ),
  'joint.rabbet_in_ends': (
    <>
      <path className="wood" d="M20 22H38V82H20z" />
      <path className="wood wood--end" d="M20 6H140V32H38V22H20z" />
    </>
  ),
  'joint.butt_around': (
    <>
      <path className="wood" d="M20 30H38V82H20z" />
      <path className="wood wood--end" d="M20 12H140V30H20z" />
    </>
  ),
  'joint.rabbet_in_sides': (
    <>
      <path className="wood" d="M20 12H29V30H38V82H20z" />
      <path className="wood wood--end" d="M29 12H140V30H29z" />
    </>
  ),
  'joint.dado': (
    <>
      <path className="wood" d="M20 6H38V24H29V42H38V82H20z" />
      <path className="wood wood--end" d="M29 24H140V42H29z" />
    </>
  ),
  'joint.dado_tongue': (
    <>
      <path className="wood" d="M20 12H38V21H29V30H38V82H20z" />
      <path className="wood wood--end" d="M38 12H140V30H29V21H38z" />
    </>
  ),
  'joint.finger': (
    <>
      <path className="wood" d="M20 30V82H38V30zM20 12H26V30H20zM32 12H38V30H32z" />
      <path className="wood wood--end" d="M38 12H140V30H38zM26 12H32V30H26z" />
    </>
  ),
  'joint.through_dovetail': (
    <>
      <path className="wood" d="M20 30V82H38V30zM20 12L24 30H34L38 12z" />
      <path className="wood wood--end" d="M38 12H140V30H34L38 12z" />
    </>
  ),
  'joint.half_blind': (
    <>
      <path className="wood" d="M20 26L23 18H35L38 26V82H20z" />
      <path className="wood wood--end" d="M20 10H140V30H38V26L35 18H23L20 26z" />
    </>
  ),
  'joint.sliding_dovetail': (
    <>
      <path className="wood" d="M34 22L31 30H34V82H52V30H55L52 22z" />
      <path className="wood wood--end" d="M16 10H140V30H55L52 22H34L31 30H16z" />
    </>
  ),
  'bottom.slid_in': (
    <>
      <path className="wood" d="M30 8H48V60H39V72H48V84H30z" />
      <path className="wood wood--end" d="M39 61H150V71H39zM132 8H148V60H132z" />
    </>
  ),
  'bottom.between': (
    <>
      <path className="wood" d="M30 8H48V84H30z" />
      <path className="wood wood--end" d="M48 74H140V84H48z" />
    </>
  ),
  'bottom.in_rabbet': (
    <>
      <path className="wood" d="M30 8H48V74H39V84H30z" />
      <path className="wood wood--end" d="M39 74H140V84H39z" />
    </>
  ),
  'bottom.grooved': (
    <>
      <path className="wood" d="M30 8H48V84H30z" />
      <path className="wood wood--end" d="M39 62H140V72H39z" />
    </>
  ),
  'bottom.planted': (
    <>
      <path className="wood" d="M30 8H48V74H30z" />
      <path className="wood wood--end" d="M30 74H140V84H30z" />
    </>
  ),
  'bottom.none': (
    <>
      <path className="wood" d="M30 8H48V84H30zM132 8H148V84H132z" />
      <path className="metal" d="M14 85H158" />
    </>
  ),
  'runner.side_mount': (
    <>
      <path className="wood" d="M20 6H34V84H20z" />
      <path className="wood wood--end" d="M52 20H66V76H52zM66 62H140V70H66z" />
      <path className="metal" d="M34 40H52V52H34z" />
    </>
  ),
  'runner.heavy_side_mount': (
    <>
      <path className="wood" d="M16 6H30V84H16z" />
      <path className="wood wood--end" d="M56 20H70V76H56zM70 62H140V70H70z" />
      <path className="metal" d="M30 32H56V60H30z" />
    </>
  ),
  'runner.roller': (
    <>
      <path className="wood" d="M20 6H34V84H20z" />
      <path className="wood wood--end" d="M52 14H66V70H52zM66 58H140V66H66z" />
      <path className="metal" d="M34 70H66V76H34zM40 62H50V72H40z" />
    </>
  ),
  'runner.undermount': (
    <>
      <path className="wood" d="M20 6H34V84H20z" />
      <path className="wood wood--end" d="M46 14H60V70H46zM60 52H140V60H60z" />
      <path className="metal" d="M34 62H46V74H90V62H64V70H34z" />
    </>
  ),
  'runner.centre_mount': (
    <>
      <path className="wood" d="M20 6H34V84H20zM20 80H150V86H20z" />
      <path className="wood wood--end" d="M42 10H56V64H42zM56 54H136V62H56z" />
      <path className="metal" d="M86 64H106V80H86z" />
    </>
  ),
  'runner.wooden': (
    <>
      <path className="wood" d="M20 6H34V84H20z" />
      <path className="wood wood--end" d="M42 10H60V38H51V54H60V78H42zM60 64H140V72H60z" />
      <path className="metal" d="M34 40H50V52H34z" />
    </>
  ),
  'runner.skid': (
    <>
      <path className="wood" d="M20 6H34V84H20zM20 80H150V86H20z" />
      <path className="wood wood--end" d="M42 10H56V68H42zM56 58H140V68H56z" />
      <path className="metal" d="M44 70H72V78H44z" />
    </>
  ),
  'runner.batten': (
    <>
      <path className="wood" d="M20 6H34V84H20z" />
      <path className="wood wood--end" d="M38 20H52V56H38zM52 48H140V56H52z" />
      <path className="metal" d="M34 56H54V72H34z" />
    </>
  ),
  'runner.hung': (
    <>
      <path className="wood" d="M20 6H150V16H20zM30 16H42V44H30z" />
      <path className="wood wood--end" d="M56 20H70V80H56zM70 68H140V76H70z" />
      <path className="metal" d="M42 24H56V36H42z" />
    </>
  ),
  'runner.posts': (
    <>
      <path className="wood" d="M10 6H22V84H10z" />
      <path className="metal" d="M22 6H32V84H22zM32 38H42V58H32zM42 42H54V54H42z" />
      <path className="wood wood--end" d="M54 24H68V76H54zM68 64H140V72H68z" />
    </>
  ),
  'runner.standing': (
    <>
      <path className="wood" d="M20 6H34V84H20zM20 84H150V88H20z" />
      <path className="wood wood--end" d="M38 40H52V74H140V84H38z" />
    </>
  ),
  'runner.one_side': (
    <>
      <path className="wood" d="M20 6H30V84H20zM30 14H42V80H30z" />
      <path className="metal" d="M42 24H52V36H42zM42 58H52V70H42z" />
      <path className="wood wood--end" d="M54 14H64V80H54zM64 70H96V80H64zM96 14H106V80H96z" />
    </>
  ),
  'runner.risers': (
    <>
      <path className="wood" d="M20 6H34V84H20zM20 84H150V88H20zM34 44H44V84H34z" />
      <path className="wood wood--end" d="M40 14H54V36H140V44H40z" />
    </>
  ),
  'runner.friction': (
    <>
      <path className="wood" d="M20 6H34V84H20zM20 80H150V86H20z" />
      <path className="wood wood--end" d="M38 10H52V79H38zM52 66H140V74H52z" />
    </>
  ),
  'front.inset': (
    <>
      <path className="wood" d="M34 4H120V18H34zM34 72H120V86H34z" />
      <path className="wood wood--end" d="M34 22H50V68H34z" />
      <path className="wood" d="M50 28H140V62H50z" />
    </>
  ),
  'front.overlay': (
    <>
      <path className="wood" d="M50 4H120V18H50zM50 72H120V86H50z" />
      <path className="wood wood--end" d="M34 6H50V84H34z" />
      <path className="wood" d="M50 28H140V62H50z" />
    </>
  ),
  'carcass.existing': (
    <>
      <path className="around" d="M40 12H120V78H40z" />
      <path className="wood wood--end" d="M52 24H108V60H52z" />
      <path className="measured" d="M40 70H120" />
    </>
  ),
  'carcass.in_space': (
    <>
      <path className="around" d="M28 4H40V86H28zM120 4H132V86H120z" />
      <path className="wood" d="M46 12H54V82H46zM106 12H114V82H106zM54 12H106V20H54zM54 74H106V82H54z" />
      <path className="measured" d="M40 48H120" />
    </>
  ),
  'carcass.of_outside': (
    <>
      <path className="wood" d="M40 8H50V72H40zM110 8H120V72H110zM50 8H110V18H50zM50 62H110V72H50z" />
      <path className="measured" d="M40 82H120" />
    </>
  ),
  'carcass.new': (
    <>
      <path className="wood" d="M40 8H50V82H40zM110 8H120V82H110zM50 8H110V18H50zM50 72H110V82H50z" />
      <path className="measured" d="M50 45H110" />
    </>
  ),
  'through.sides': (
    <path className="wood" d="M40 8H52V82H40zM108 8H120V82H108zM52 8H108V20H52zM52 60H108V72H52z" />
  ),
  'through.top': (
    <path className="wood" d="M40 8H120V20H40zM40 66H120V78H40zM40 20H52V66H40zM108 20H120V66H108z" />
  ),
  'case_back.planted': (
    <>
      <path className="wood" d="M34 8H46V70H34zM114 8H126V70H114z" />
      <path className="wood wood--end" d="M34 70H126V78H34z" />
    </>
  ),
  'case_back.in_rabbet': (
    <>
      <path className="wood" d="M34 8H46V70H40V78H34zM114 8H126V78H120V70H114z" />
      <path className="wood wood--end" d="M40 70H120V78H40z" />
    </>
  ),
  'case_back.grooved': (
    <>
      <path className="wood" d="M34 8H46V62H40V70H46V82H34zM114 8H126V82H114V70H120V62H114z" />
      <path className="wood wood--end" d="M41 62H119V70H41z" />
    </>
  ),
  'case_back.between': (
    <>
      <path className="wood" d="M34 8H46V68H34zM114 8H126V68H114z" />
      <path className="wood wood--end" d="M34 68H126V78H34z" />
      <path className="around" d="M28 8H132V82H28z" />
    </>
  ),
  'case_back.none': <path className="wood" d="M34 8H46V78H34zM114 8H126V78H114z" />,
  'case_joint.butted': (
    <>
      <path className="wood" d="M40 6H56V84H40z" />
      <path className="wood wood--end" d="M56 38H130V54H56z" />
      <path className="metal" d="M40 44H80V48H40z" />
    </>
  ),
  'case_joint.housed': (
    <>
      <path className="wood" d="M40 6H56V38H48V54H56V84H40z" />
      <path className="wood wood--end" d="M48 38H130V54H48z" />
    </>
  ),
  'case_joint.knock_down': (
    <>
      <path className="wood" d="M40 6H56V84H40z" />
      <path className="wood wood--end" d="M64 38H138V54H64z" />
      <path className="metal" d="M48 42H78V50H48z" />
    </>
  ),
  'divider_joint.butted': (
    <>
      <path className="wood" d="M20 8H140V22H20zM20 68H140V82H20z" />
      <path className="wood wood--end" d="M72 22H88V68H72z" />
    </>
  ),
  'divider_joint.housed': (
    <>
      <path className="wood" d="M20 8H140V22H88V15H72V22H20zM20 82H140V68H88V75H72V68H20z" />
      <path className="wood wood--end" d="M72 15H88V75H72z" />
    </>
  ),
  'shelf_rests.floor': (
    <>
      <path className="wood wood--end" d="M24 6H38V84H24zM122 6H136V84H122zM38 70H122V84H38z" />
      <path className="wood" d="M40 60H120V70H40z" />
    </>
  ),
  'shelf_rests.pins': (
    <>
      <path className="wood wood--end" d="M24 6H38V84H24zM122 6H136V84H122z" />
      <path className="wood" d="M40 34H120V46H40z" />
      <path className="metal" d="M30 46H46V50H30zM114 46H130V50H114z" />
      <path className="measured" d="M31 22H38M31 66H38M122 22H129M122 66H129" />
    </>
  ),
  'divider_held.screws': (
    <>
      <path className="wood" d="M20 52H140V66H20z" />
      <path className="wood wood--end" d="M72 6H88V52H72z" />
      <path className="metal" d="M74 66H86V70H74zM78 28H82V66H78z" />
    </>
  ),
  'divider_held.pocket': (
    <>
      <path className="wood" d="M20 52H140V66H20z" />
      <path className="wood wood--end" d="M72 6H88V52H72z" />
      <path className="metal" d="M86 26L90 28L80 60L77 59z" />
    </>
  ),
  'divider_held.dowels': (
    <>
      <path className="wood" d="M20 56H140V74H20z" />
      <path className="wood wood--end" d="M70 6H90V56H70z" />
      <path className="metal" d="M76 38H84V68H76z" />
    </>
  ),
  'divider_held.dowels_screwed': (
    <>
      <path className="wood" d="M20 56H140V74H20z" />
      <path className="wood wood--end" d="M60 6H100V56H60z" />
      <path className="metal" d="M68 40H75V66H68zM86 74H96V77H86zM89 36H93V74H89z" />
    </>
  ),
  'divider_held.angles': (
    <>
      <path className="wood" d="M30 6H46V84H30z" />
      <path className="wood wood--end" d="M46 30H140V44H46z" />
      <path className="metal" d="M46 44H68V48H50V66H46z" />
    </>
  ),
  'divider_held.cleats': (
    <>
      <path className="wood" d="M30 6H46V84H30z" />
      <path className="wood wood--end" d="M48 30H140V44H48z" />
      <path className="wood" d="M46 44H62V70H46z" />
    </>
  ),
  'divider_held.glue': (
    <>
      <path className="wood" d="M20 52H140V66H20z" />
      <path className="wood wood--end" d="M72 6H88V50H72z" />
      <path className="measured" d="M70 51H90" />
    </>
  ),
  'case_joint.pocket': (
    <>
      <path className="wood" d="M40 6H56V84H40z" />
      <path className="wood wood--end" d="M56 38H130V54H56z" />
      <path className="metal" d="M84 54L88 50L50 42L48 46z" />
    </>
  ),
  'case_bottom.panel': <path className="wood" d="M30 8H42V70H30zM118 8H130V70H118zM30 70H130V82H30z" />,
  'case_bottom.stretchers': (
    <>
      <path className="wood" d="M30 8H42V82H30zM118 8H130V82H118z" />
      <path className="wood wood--end" d="M42 70H118V82H42z" />
      <path className="around" d="M42 62L60 50H100L118 62" />
    </>
  ),
  'case_bottom.none': (
    <>
      <path className="wood" d="M30 8H42V80H30zM118 8H130V80H118zM42 8H118V20H42z" />
      <path className="around" d="M16 80H144V86H16z" />
    </>
  ),
  'through.top_only': (
    <path
      className="wood wood--end"
      d="M24 8H136V20H24zM24 20H36V82H24zM124 20H136V82H124zM36 70H124V82H36z"
    />
  ),
  'through.bottom_only': (
    <path className="wood wood--end" d="M24 70H136V82H24zM24 8H36V70H24zM124 8H136V70H124zM36 8H124V20H36z" />
  ),
  'case_top.none': (
    <>
      <path className="around" d="M20 6H140V16H20z" />
      <path className="wood" d="M30 22H42V82H30zM118 22H130V82H118zM42 70H118V82H42z" />
    </>
  ),
  'case_top.rail': (
    <>
      <path className="wood" d="M30 22H42V82H30zM118 22H130V82H118zM42 70H118V82H42z" />
      <path className="wood wood--end" d="M42 22H118V36H42z" />
    </>
  ),
  'case_top.panel': <path className="wood wood--end" d="M30 20H130V70H30z" />,
  'case_top.oversailing': (
    <>
      <path className="wood" d="M24 14H132V26H24z" />
      <path className="wood wood--end" d="M24 30H34V80H24z" />
      <path className="wood" d="M38 26H48V70H38zM38 70H132V82H38z" />
    </>
  ),
  'case_top.stretchers': <path className="wood wood--end" d="M30 20H130V32H30zM30 58H130V70H30z" />,
  'pull.centred': (
    <>
      <path className="wood wood--end" d="M20 14H140V76H20z" />
      <circle className="metal" cx="80" cy="45" r="7" />
    </>
  ),
  'pull.on_line': (
    <>
      <path className="wood wood--end" d="M20 6H140V28H20zM20 32H140V84H20z" />
      <path className="metal" d="M66 13H94V19H66zM66 39H94V45H66z" />
    </>
  ),
  'pull.hand_hole': (
    <>
      <path className="wood wood--end" d="M20 14H140V76H20z" />
      <path className="metal" d="M64 37H96A8 8 0 0 1 96 53H64A8 8 0 0 1 64 37z" />
    </>
  ),
  'fitted.none': <path className="wood wood--end" d="M30 14H130V76H30zM36 20H124V70H36z" />,
  'fitted.grid': (
    <>
      <path className="wood wood--end" d="M30 14H130V76H30z" />
      <path
        className="wood"
        d="M36 20H62V43H36zM66 20H94V43H66zM98 20H124V43H98zM36 47H62V70H36zM66 47H94V70H66zM98 47H124V70H98z"
      />
    </>
  ),
  'fitted.slotted_sides': (
    <>
      <path className="wood wood--end" d="M30 14H130V76H30z" />
      <path className="wood" d="M38 20H122V38H38zM38 42H122V52H38zM38 56H122V70H38z" />
    </>
  ),
  'fitted.slotted_front': (
    <>
      <path className="wood wood--end" d="M30 14H130V76H30z" />
      <path className="wood" d="M36 22H62V68H36zM66 22H82V68H66zM86 22H124V68H86z" />
    </>
  ),
  'fitted.pockets': (
    <>
      <path className="wood wood--end" d="M30 14H130V76H30zM36 20H124V70H36z" />
      <path className="wood" d="M36 38H124V42H36zM36 52H124V56H36z" />
      <path className="metal" d="M74 21H86V25H74zM74 33H86V37H74z" />
    </>
  ),
  'fitted.lanes': (
    <>
      <path className="wood wood--end" d="M30 14H130V76H30zM36 20H124V70H36z" />
      <path className="wood" d="M62 20H66V70H62zM92 20H96V70H92z" />
      <path className="metal" d="M43 25H55V29H43zM43 61H55V65H43z" />
    </>
  ),
  'fitted.upper_tray': (
    <>
      <path className="wood wood--end" d="M30 10H36V80H124V10H130V86H30z" />
      <path className="wood" d="M36 48H42V80H36zM118 48H124V80H118zM40 22H46V42H114V22H120V48H40z" />
    </>
  ),
  'pull.flush': (
    <>
      <path className="wood wood--end" d="M20 14H140V76H20z" />
      <path className="metal" d="M56 30H104V60H56z" />
      <path className="wood wood--end" d="M62 36H98V54H62z" />
    </>
  ),
  'pull.top_edge': (
    <>
      <path className="wood wood--end" d="M20 22H140V76H20z" />
      <path className="metal" d="M60 14H100V22H60z" />
    </>
  ),
  'pull.none': <path className="wood wood--end" d="M20 14H140V76H20z" />,
  'front.partial': (
    <>
      <path className="wood" d="M50 4H120V20H50zM50 70H120V86H50z" />
      <path className="wood wood--end" d="M34 14H50V76H34z" />
      <path className="wood" d="M50 28H140V62H50z" />
    </>
  ),
  'front.lipped': (
    <>
      <path className="wood" d="M42 4H120V18H42zM42 72H120V86H42z" />
      <path className="wood wood--end" d="M34 12H42V22H50V68H42V78H34z" />
      <path className="wood" d="M50 28H140V62H50z" />
    </>
  ),
  'joint.integral': (
    <>
      <path className="wood" d="M30 24H48V82H30z" />
      <path className="wood wood--end" d="M10 12H140V30H48V24H30V30H10z" />
    </>
  ),
  'front.none': (
    <>
      <path className="wood" d="M34 4H120V18H34zM34 72H120V86H34z" />
      <path className="wood" d="M34 28H140V62H34z" />
    </>
  ),
}

export function AlternativePicture({ kind }: { kind: string }) {
  if (SHAPES[kind] === undefined) return null
  return (
    <svg viewBox="0 0 160 90" aria-hidden="true" className="alternative-picture">
      {SHAPES[kind]}
    </svg>
  )
}
