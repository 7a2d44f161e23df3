import type { PlanDocument } from '../../api/client'

/** What is asked only of some alternatives of a family: choice → the alternatives that read it. */
const ASKED: Record<string, Record<string, string[]>> = {
  front: {
    overlay: ['end_panel_thickness', 'reveal'],
    partial: ['partial_lap'],
    lipped: ['lip_lap'],
  },
  face: { pair: ['face_groove_depth'] },
  grain: { matched: ['panel_trim', 'panel_length', 'panel_width'] },
  pull: {
    centred: ['pull_widest', 'pull_thread', 'pull_projection'],
    on_line: ['pull_widest', 'pull_below_edge', 'pull_thread', 'pull_projection'],
    hand_hole: ['hand_hole_width', 'hand_hole_height', 'least_beside_hole'],
    top_edge: ['edge_pull_allowance'],
  },
  joint: {
    dado: ['dado_set_in'],
    half_blind: ['socket_web', 'tail_pitch', 'least_socket'],
    through_dovetail: ['tail_pitch'],
    sliding_dovetail: ['sliding_set_in', 'least_set_in'],
    integral: ['housing_depth'],
  },
  bottom: {
    grooved: [
      'most_groove_depth',
      'bottom_raise',
      'bottom_play',
      'wanted_groove_depth',
      'wanted_groove_width',
    ],
    slid_in: [
      'most_groove_depth',
      'bottom_raise',
      'bottom_play',
      'wanted_groove_depth',
      'wanted_groove_width',
    ],
    in_rabbet: ['bottom_rabbet_play'],
  },
  runner: {
    undermount: ['undermount_side', 'undermount_raise'],
    centre_mount: ['centre_widest'],
    wooden: ['air_behind', 'runner_groove_play', 'wanted_runner_groove', 'sliding_friction'],
    skid: ['air_behind', 'sliding_friction'],
    friction: ['air_behind', 'sliding_friction'],
    batten: ['air_behind', 'batten_projection', 'sliding_friction'],
    hung: ['hung_rail_height', 'hung_rail_thickness', 'hung_plate_width'],
    posts: ['post_thickness', 'clip_rail_thickness', 'post_step', 'rails_a_shelf', 'posts_a_bay'],
  },
}

const FALLBACK: Record<string, string> = {
  front: 'inset',
  face: 'plain',
  grain: 'free',
  pull: 'centred',
  joint: 'butt_between',
  bottom: 'grooved',
}
const AS_AT_THE_FRONT = 'back_joint'

/** The choices that nothing in this plan reads, for no place has the alternative that asks them. */
export function notAsked(document: PlanDocument): string[] {
  const levels = [document, ...Object.values(document.spaces), ...Object.values(document.places)]
  const found: string[] = []
  for (const [family, asked] of Object.entries(ASKED)) {
    const said = levels.flatMap((one) => one.choices?.[family] ?? [])
    const backs = family === 'joint' ? levels.flatMap((one) => one.choices?.[AS_AT_THE_FRONT] ?? []) : []
    const isSaidForAll = document.choices[family] !== undefined
    const chosen = new Set([...said, ...backs, ...(isSaidForAll ? [] : [FALLBACK[family] ?? ''])].map(kindOf))
    const read = new Set(Object.entries(asked).flatMap(([one, names]) => (chosen.has(one) ? names : [])))
    found.push(
      ...Object.values(asked)
        .flat()
        .filter((name) => !read.has(name)),
    )
  }
  return found

  /** A runner is chosen by its row; everything else by its name. */
  function kindOf(value: string): string {
    return document.library.runners?.[value]?.kind ?? value
  }
}
