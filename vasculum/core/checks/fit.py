"""Does the box go in: width, height, depth, and its parts into each other."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest, taken, total
from vasculum.core.rules.obstructions.free import NOTHING


@check(source="common practice", per="rolling")
def fit_on_runners(runner_play_built: Mm, runner_play: Mm, most_runner_play: Mm) -> Finding | None:
    """Box and runners go into the clear width with play, and with not much more than was chosen."""
    return _fit_in_width(runner_play_built, runner_play, most_runner_play, "Shim each runner by {shim}.")


@check(source="common practice", per="sliding")
def fit_between_walls(runner_play_built: Mm, runner_play: Mm, most_runner_play: Mm) -> Finding | None:
    """A box that slides goes into the clear width with play, and with not much more than was chosen."""
    return _fit_in_width(runner_play_built, runner_play, most_runner_play, "Make the box wider by {over}.")


def _fit_in_width(built: Mm, wanted: Mm, most: Mm, fix: str) -> Finding | None:
    if built < 0:
        return Finding(
            "box-too-wide",
            "stop",
            "Box and runners are {over} wider than the clear width.",
            "Trim the box, thin the packing, or cut front and back shorter.",
            {"over": -built},
            ("outside_width", "runner_play_built"),
        )
    over = built - wanted
    if over > most:
        return Finding(
            "box-too-loose",
            "attention",
            "Box and runners leave {play} of play, {over} more than was wanted; {most} is the most that is taken up.",
            fix,
            {"play": built, "over": over, "most": most, "shim": over / 2},
            ("outside_width", "runner_play_built"),
        )
    return None


@check(source="common practice", per="drawer")
def fit_in_height(play_above_built: Mm, play_above: Mm) -> Finding | None:
    """The box goes under what is above it, with the play that was wanted."""
    if play_above_built < 0:
        return Finding(
            "box-too-high",
            "stop",
            "The box is {over} higher than the opening leaves.",
            "Make the box lower, or take less play below.",
            {"over": -play_above_built},
            ("outside_height", "play_above_built"),
        )
    if play_above_built < play_above:
        return Finding(
            "little-room-above",
            "attention",
            "Above the box stay {left}; {wanted} is wanted.",
            "Make the box lower by {short}.",
            {"left": play_above_built, "wanted": play_above, "short": play_above - play_above_built},
            ("outside_height", "play_above_built"),
        )
    return None


@check(source="common practice", per="slides_out")
def some_play_is_wanted(play_above: Mm, room_below_box: Mm) -> Finding | None:
    """A play of nothing is what was chosen: it is said, for nothing may then be out of true."""
    if play_above > 0 and room_below_box > 0:
        return None
    where = "above" if play_above <= 0 else "below"
    return Finding(
        "no-play",
        "note",
        f"No play is left {where} the box, as chosen: it goes in only where everything is true.",
        "Take a little, unless it is planed to fit.",
        {},
        ("outside_height",),
    )


@check(source="common practice", per="runner.friction")
def friction_box_does_not_bind(outside_height: Mm, room_height: Mm) -> Finding | None:
    """A box that slides in its opening is lower than it."""
    if outside_height < room_height:
        return None
    return Finding(
        "box-binds",
        "stop",
        "The box is {box} high in an opening of {room}: sliding wood on wood it binds.",
        "Make the box lower.",
        {"box": outside_height, "room": room_height},
        ("outside_height",),
    )


@check(source="geometry", per=("faced", "front.inset"))
def inset_front_hides_its_box(
    front_overhang_left: Mm,
    front_overhang_right: Mm,
    front_edge_to_box_edge: Mm,
    front_height_cut: Mm,
    outside_height: Mm,
    gap: Mm,
    increment: Mm,
    edge_allowance: Mm = NOTHING,
) -> Finding | None:
    """An inset front, with a pull on its edge, is no smaller than the box behind it, but for what cutting leaves."""
    over = front_edge_to_box_edge + outside_height - front_height_cut - edge_allowance
    sides = (
        ("on the left", -front_overhang_left),
        ("on the right", -front_overhang_right),
        ("below", -front_edge_to_box_edge),
        ("above", over),
    )
    for where, shows in sides:
        if shows > increment:
            return Finding(
                "box-shows-past-front",
                "note",
                f"The box stands {{shows}} past its front {where}: a gap of {{gap}} and its room contradict.",
                "Take a smaller gap, or more room beside, below or above the box.",
                {"shows": shows, "gap": gap},
                ("front_width_cut", "front_height_cut"),
            )
    return None


@check(source="common practice", per="drawer")
def fit_in_depth(usable_depth: Mm, outside_depth: Mm) -> Finding | None:
    """Box and front go into the depth."""
    if outside_depth <= usable_depth:
        return None
    return Finding(
        "box-too-deep",
        "stop",
        "The box is {over} deeper than the usable depth of {usable}.",
        "Make the box shallower, or use a thinner front.",
        {"over": outside_depth - usable_depth, "usable": usable_depth},
        ("outside_depth", "usable_depth"),
    )


@check(source="common practice", per="drawer")
def runner_too_long(runner_length: Mm, usable_depth: Mm, ahead_of_members: Mm = NOTHING) -> Finding | None:
    """The runner ends before the back."""
    over = runner_length + ahead_of_members - usable_depth
    if over <= 0:
        return None
    return Finding(
        "runner-too-long",
        "stop",
        "A runner {length} long does not go into a usable depth of {usable}: {over} too long.",
        "Use the next shorter runner.",
        {"length": runner_length, "usable": usable_depth, "over": over},
        ("runner_length", "usable_depth"),
    )


@check(source="common practice", per="rolling")
def box_shorter_than_runner(
    outside_depth: Mm,
    runner_length: Mm,
    increment: Mm,
    ahead_of_members: Mm = NOTHING,
    kept_runner_length: Mm | None = None,
) -> Finding | None:
    """The box reaches the runner's last holes; one that stays was measured, whatever length it is called by."""
    long = runner_length if kept_runner_length is None else smallest(runner_length, kept_runner_length)
    short = long + ahead_of_members - outside_depth
    if short < increment:
        return None
    return Finding(
        "box-shorter-than-runner",
        "attention",
        "The box ends {short} before its runner does.",
        "Make the box as deep as the runner, or use a shorter one: its last holes must meet the side.",
        {"short": short},
        ("outside_depth", "runner_length"),
    )


@check(source="common practice", per="lined")
def runner_on_the_side(runner_line_on_wall: Mm, runner_height: Mm, wall_height_cut: Mm) -> Finding | None:
    """The box member lies wholly on the side."""
    below = runner_line_on_wall - runner_height / 2
    above = wall_height_cut - runner_line_on_wall - runner_height / 2
    if below >= 0 and above >= 0:
        return None
    return Finding(
        "runner-off-the-side",
        "attention",
        "A runner {height} high stands {off} over the edge of a side {wall} high.",
        "Move the runner line, use a lower runner, or make the box higher.",
        {"height": runner_height, "off": -(below if below < 0 else above), "wall": wall_height_cut},
        ("runner_line_on_wall", "wall_height_cut"),
    )


@check(source="geometry", per="drawer")
def passes_the_opening(
    face_width: Mm,
    outside_width: Mm,
    passes_beside: Mm,
    box_from_left: Mm,
    cell_from_left: Mm,
    face_left_of_cell: Mm,
    shim_beside: Mm = NOTHING,
) -> Finding | None:
    """The box with its runners passes the opening in front of it, on each side."""
    left = box_from_left - shim_beside - passes_beside - (cell_from_left - face_left_of_cell)
    right = face_width - outside_width - 2 * (shim_beside + passes_beside) - left
    over, side = (-left, "left") if left < right else (-right, "right")
    if over <= 0:
        return None
    return Finding(
        "frame-in-the-way",
        "stop",
        f"On the {side} box and runner stand {{over}} behind the edge of the opening of {{opening}} in front of them.",
        f"Pack the runner on the {side} further in.",
        {"over": over, "opening": face_width},
        ("outside_width", "face_width"),
    )


@check(source="common practice", per="front.inset")
def front_in_the_opening(gap_beside: Mm, gap_above_below: Mm) -> Finding | None:
    """An inset front goes into its opening."""
    if gap_beside >= 0 and gap_above_below >= 0:
        return None
    axis, gap = ("wide", gap_beside) if gap_beside < 0 else ("high", gap_above_below)
    return Finding(
        f"front-too-{axis}",
        "stop",
        f"The front is {{over}} too {axis} for the opening.",
        "Trim the front.",
        {"over": -2 * gap},
        ("front_width_cut", "front_height_cut"),
    )


@check(source="common practice", per="lapping")
def front_laps_as_planned(front_width: Mm, front_width_cut: Mm, increment: Mm) -> Finding | None:
    """An overlay front leaves its neighbour the gap, and laps far enough."""
    off = front_width_cut - front_width
    if off <= 0 and -off < increment:
        return None
    return Finding(
        "overlay-too-wide" if off > 0 else "overlay-too-narrow",
        "attention",
        "The overlay front is {off} wider than its laps allow." if off > 0 else "The overlay front laps {off} short.",
        "Trim the front." if off > 0 else "Cut the front anew, or let the reveal be larger.",
        {"off": off if off > 0 else -off},
        ("front_width_cut", "front_width"),
    )


@check(source="common practice", per=("lapping", "divider_shared"))
def laps_share_their_divider(shared_lap: Mm, divider_thickness: Mm, gap: Mm) -> Finding | None:
    """Over a divider with fronts on both sides, each laps no more than its half less the gap: lap ≤ (t − gap)/2."""
    most = (divider_thickness - gap) / 2
    if shared_lap <= most:
        return None
    return Finding(
        "lap-past-its-half",
        "stop",
        "Over a divider {thickness} thick this front laps {lap}; beside a neighbour and its gap {most} is the most.",
        "Lap by {most} or less, or take a thicker divider.",
        {"thickness": divider_thickness, "lap": shared_lap, "most": most if most > 0 else Mm(0)},
        ("shared_lap",),
    )


@check(source="geometry", per=("lapping", "beside_a_tray"))
def laps_leave_the_way_out(shared_lap: Mm, divider_thickness: Mm) -> Finding | None:
    """Over a divider with a tray beyond it, a front laps no further than the divider: the tray comes out past it."""
    if shared_lap <= divider_thickness:
        return None
    return Finding(
        "lap-before-a-tray",
        "stop",
        "This front laps {lap} over a divider {thickness} thick: the tray beyond it could not be pulled out.",
        "Lap by {thickness} or less, or take a thicker divider.",
        {"lap": shared_lap, "thickness": divider_thickness},
        ("shared_lap",),
    )


@check(source="common practice", per="bin")
def bin_fits_its_cell(
    free_width: Mm,
    cell_height: Mm,
    free_depth: Mm,
    bin_room_width: Mm,
    bin_room_height: Mm,
    bin_room_depth: Mm,
    taken_below: Mm = NOTHING,
    taken_above: Mm = NOTHING,
) -> Finding | None:
    """A bought bin goes into its cell with its clearance."""
    shorts = (
        ("wide", bin_room_width - free_width, bin_room_width),
        ("high", bin_room_height - (cell_height - taken_below - taken_above), bin_room_height),
        ("deep", bin_room_depth - free_depth, bin_room_depth),
    )
    for axis, short, room in shorts:
        if short > 0:
            return Finding(
                f"bin-too-{axis}",
                "stop",
                f"The bin wants a cell {{room}} {axis}; this one is {{short}} short of it.",
                "Size the cell by its contents, or take another bin.",
                {"room": room, "short": short},
                ("free_width", "cell_height", "free_depth"),
            )
    return None


@check(source="geometry", per="faced")
def two_roads_to_the_opening(opening_by_front: Mm, opening_by_box: Mm, increment: Mm) -> Finding | None:
    """The opening worked out from the front and from the box agree within one step of the increment."""
    over = opening_by_front - opening_by_box
    if -increment < over < increment:
        return None
    return Finding(
        "two-roads-differ",
        "note",
        "The front says the opening is {by_front}, the box says {by_box}.",
        "One of them was cut or chosen differently: look which.",
        {"by_front": opening_by_front, "by_box": opening_by_box},
        ("opening_by_front", "opening_by_box"),
    )


@check(source="common practice", per="in_grooves")
def bottom_enters_its_groove(bottom_thickness: Mm, groove_width: Mm) -> Finding | None:
    """The bottom is no thicker than its groove is wide."""
    if bottom_thickness <= groove_width:
        return None
    return Finding(
        "bottom-thicker-than-groove",
        "stop",
        "A bottom {thickness} thick does not go into a groove {width} wide.",
        "Widen the groove by {over}, or use a thinner bottom.",
        {"thickness": bottom_thickness, "width": groove_width, "over": bottom_thickness - groove_width},
        ("bottom_thickness", "groove_width"),
    )


@check(source="geometry", per="in_grooves")
def bottom_goes_in(bottom_play_across: Mm, bottom_play_along: Mm) -> Finding | None:
    """The bottom is not larger than the space between its groove floors."""
    if bottom_play_across >= 0 and bottom_play_along >= 0:
        return None
    way, play = ("wide", bottom_play_across) if bottom_play_across < 0 else ("deep", bottom_play_along)
    return Finding(
        f"bottom-too-{way}",
        "stop",
        f"The bottom is {{over}} too {way} for its grooves: the box will not close.",
        "Trim the bottom.",
        {"over": -play},
        ("bottom_width_cut", "bottom_depth_cut"),
    )


@check(source="geometry", per="bottom.grooved")
def bottom_stays_in(
    bottom_play_across: Mm,
    bottom_play_along: Mm,
    groove_depth_side: Mm,
    groove_depth_front: Mm,
    groove_depth_back: Mm,
) -> Finding | None:
    """Pushed to one side, the bottom still sits in the groove opposite."""
    hold_across = groove_depth_side - bottom_play_across
    shallower = groove_depth_front if groove_depth_front < groove_depth_back else groove_depth_back
    hold_along = shallower - bottom_play_along
    hold = hold_across if hold_across < hold_along else hold_along
    if hold > 0:
        return None
    return Finding(
        "bottom-falls-out",
        "stop",
        "The bottom can move {play} in grooves {depth} deep: it would drop out of one.",
        "Cut a larger bottom, or take less play.",
        {
            "play": bottom_play_across if hold == hold_across else bottom_play_along,
            "depth": groove_depth_side if hold == hold_across else shallower,
        },
        ("bottom_width_cut", "bottom_depth_cut"),
    )


@check(source="geometry", per="bottom.slid_in")
def slid_bottom_stays_in(bottom_play_across: Mm, groove_depth_side: Mm) -> Finding | None:
    """Pushed to one side, a bottom that is slid in still sits in the groove opposite."""
    if bottom_play_across < groove_depth_side:
        return None
    return Finding(
        "bottom-falls-out",
        "stop",
        "The bottom can move {play} in grooves {depth} deep: it would drop out of one.",
        "Cut a larger bottom, or take less play.",
        {"play": bottom_play_across, "depth": groove_depth_side},
        ("bottom_width_cut",),
    )


@check(source="geometry", per="stack.even")
def fronts_fill_the_opening(
    gap_at_floor: Mm,
    each_gap_below: tuple[Mm, ...],
    each_face_taken_below: tuple[Mm | None, ...],
    increment: Mm,
) -> Finding | None:
    """A column of fronts and gaps adds up to the opening, or to what it laps over, or a sill, to the last increment."""
    wanted = each_gap_below[-1] + total(NOTHING, *taken(each_face_taken_below[-1:]))
    if gap_at_floor >= wanted and gap_at_floor < wanted + increment:
        return None
    is_over = gap_at_floor < wanted
    off = wanted - gap_at_floor if is_over else gap_at_floor - wanted
    return Finding(
        "fronts-over" if is_over else "fronts-under",
        "stop" if gap_at_floor < 0 and wanted >= 0 else "attention",
        f"The column of fronts is {{off}} too {'high' if is_over else 'low'} for its opening.",
        "One of them was cut differently: trim it, or cut the next one to what is left.",
        {"off": off},
        ("gap_at_floor",),
    )
