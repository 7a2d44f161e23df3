"""A hanging pull-out: a post that slides between two rails under a plate, with hooks on both faces. Exact mm.

Told downward: the plate under what it hangs from, rails under the plate, runners level with the rails' lower edges, the
post with its upper edge at the runners', hooks above its lower edge. Pans are told by their diameters, front to back.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from typing import TypeVar

from vasculum.core.catalogue import body, cut, good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many, largest, longest_not_over, snap_down, snap_up, total
from vasculum.core.rules.fastening.sold import bites_in_wall, count_along, shortest
from vasculum.core.rules.obstructions.free import NOTHING

HANGING = "hanging"
IN_LISTS = 6
"""Where its parts stand among those of its place."""
FROM_THE_FRONT = ("hanging_plate", "hanging_rail_left", "hanging_rail_right", "hanging_post")
"""What of it is seen from the front."""
S = TypeVar("S", bound=Callable[..., Stand | None])


@rule(source="common practice", per=HANGING)
def runner_length(
    free_depth: Mm,
    hanging_set_back: Mm,
    increment: Mm,
    runner_stock_lengths: tuple[Mm, ...] | None = None,
    wanted_runner_length: Mm | None = None,
) -> Mm:
    """The runner is the longest that is sold and goes in; rails and post are cut to its length.

    Raises:
        CannotDerive: ``no-runner-short-enough``.
    """
    if wanted_runner_length is not None:
        return wanted_runner_length
    room = free_depth - hanging_set_back
    length = (
        snap_down(room, increment) if runner_stock_lengths is None else longest_not_over(room, runner_stock_lengths)
    )
    if length is None or length <= 0:
        raise CannotDerive(
            "no-runner-short-enough",
            "No runner is as short as {room}.",
            "Use another kind of runner, or measure the depth again.",
            room=room if room > 0 else NOTHING,
        )
    return length


@rule(source="common practice", label="length of the plate", per=HANGING)
def hanging_plate_cut(free_depth: Mm, increment: Mm) -> Mm:
    """The plate runs along all of the depth."""
    return snap_down(free_depth, increment)


@rule(source="geometry", label="across post, runners and rails", per=HANGING)
def hanging_across(hanging_rail_thickness: Mm, runner_side_clearance: Mm, hanging_post_thickness: Mm) -> Mm:
    """A rail and a runner on both sides of the post."""
    return 2 * (hanging_rail_thickness + runner_side_clearance) + hanging_post_thickness


@rule(source="common practice", label="width of the hanging plate", per=HANGING)
def hanging_plate_width(
    hanging_across: Mm, hanging_flange: Mm, increment: Mm, wanted_hanging_plate: Mm | None = None
) -> Mm:
    """On both sides of the rails the plate has a flange for its screws, or it is as wide as was chosen."""
    return (
        snap_up(hanging_across + 2 * hanging_flange, increment)
        if wanted_hanging_plate is None
        else wanted_hanging_plate
    )


@rule(source="geometry", label="flange of the plate, as it comes", per=HANGING)
def hanging_flange_left(hanging_plate_width: Mm, hanging_across: Mm) -> Mm:
    """What the plate has beside the rails, one side."""
    return (hanging_plate_width - hanging_across) / 2


@rule(source="geometry", label="hangs from, above the floor", per=HANGING)
def hanging_from_floor(cell_from_floor: Mm, cell_height: Mm, taken_above: Mm = NOTHING) -> Mm:
    """The upper face of the plate, under what it hangs from."""
    return cell_from_floor + cell_height - taken_above


@rule(source="geometry", label="runners of the post begin below the top", per=HANGING)
def hanging_runner_below(hanging_thickness: Mm, hanging_rail_height: Mm, runner_height: Mm) -> Mm:
    """Their upper edges: the runners are level with the lower edges of the rails."""
    return hanging_thickness + hanging_rail_height - runner_height


@rule(source="geometry", label="line of the post's runners, below the top", per=HANGING)
def hanging_line_below(hanging_runner_below: Mm, runner_height: Mm) -> Mm:
    """Their middles."""
    return hanging_runner_below + runner_height / 2


@rule(source="geometry", label="hooks below the top", per=HANGING)
def hooks_below(hanging_runner_below: Mm, hanging_post_height: Mm, hook_above_edge: Mm) -> Mm:
    """All hooks are level, above the lower edge of the post."""
    return hanging_runner_below + hanging_post_height - hook_above_edge


@rule(source="geometry", label="free below the post", per=HANGING)
def free_below_post(
    hanging_from_floor: Mm,
    hanging_runner_below: Mm,
    hanging_post_height: Mm,
    cell_from_floor: Mm,
    taken_below: Mm = NOTHING,
) -> Mm:
    """From its lower edge to what stands on the floor of its place; less than nothing where it does not go."""
    return hanging_from_floor - hanging_runner_below - hanging_post_height - cell_from_floor - taken_below


def spread(pans: tuple[Mm, ...], between: Mm) -> Iterator[Mm]:
    """Where each pan's middle is behind the front end of the post, one after the other."""
    for number, wide in enumerate(pans):
        yield total(NOTHING, *pans[:number]) + between * number + wide / 2


@rule(source="common practice", label="hooks on the left face, from the front end", per=HANGING)
def hooks_left(pans_between: Mm, pans_left: tuple[Mm, ...] = ()) -> tuple[Mm, ...]:
    """Each hangs from its middle, so far from the one before it."""
    return tuple(spread(pans_left, pans_between))


@rule(source="common practice", label="hooks on the right face, from the front end", per=HANGING)
def hooks_right(pans_between: Mm, pans_right: tuple[Mm, ...] = ()) -> tuple[Mm, ...]:
    """Each hangs from its middle, so far from the one before it."""
    return tuple(spread(pans_right, pans_between))


@rule(source="geometry", label="post left over on the left face", per=HANGING)
def post_left_over_left(runner_length: Mm, pans_between: Mm, pans_left: tuple[Mm, ...] = ()) -> Mm:
    """Behind the last pan; less than nothing where they do not go."""
    return runner_length - total(NOTHING, *pans_left) - pans_between * largest(NOTHING, how_many(*pans_left) - 1)


@rule(source="geometry", label="post left over on the right face", per=HANGING)
def post_left_over_right(runner_length: Mm, pans_between: Mm, pans_right: tuple[Mm, ...] = ()) -> Mm:
    """Behind the last pan; less than nothing where they do not go."""
    return runner_length - total(NOTHING, *pans_right) - pans_between * largest(NOTHING, how_many(*pans_right) - 1)


@rule(source="geometry", label="free below the longest pan", per=HANGING, when=("longest_pan",))
def free_below_pans(hanging_from_floor: Mm, hooks_below: Mm, longest_pan: Mm, cell_from_floor: Mm) -> Mm:
    """From the lowest pan to the floor of its place; less than nothing where it stands on it."""
    return hanging_from_floor - hooks_below - longest_pan - cell_from_floor


@rule(source="geometry", label="free left of the pans", per=HANGING, when=("highest_pan",))
def free_left_of_pans(cell_width: Mm, hanging_post_thickness: Mm, hook_stands_out: Mm, highest_pan: Mm) -> Mm:
    """The post hangs in the middle; a pan stands out by its hook and its height. One side."""
    return (cell_width - hanging_post_thickness) / 2 - hook_stands_out - highest_pan


# ---- what is bought ----------------------------------------------------------------------------------------------


@rule(source="common practice", label="runners of the post", per=HANGING, unit="count")
def hanging_pairs() -> Mm:
    """One pair carries the post."""
    return Mm(1)


@rule(source="common practice", label="hooks", per=HANGING, unit="count")
def hook_count(hooks_left: tuple[Mm, ...], hooks_right: tuple[Mm, ...]) -> Mm:
    """One for each pan."""
    return Mm(how_many(*hooks_left) + how_many(*hooks_right))


@rule(source="common practice", label="screws from the plate into its rails", per=HANGING, unit="count")
def hanging_rail_screws(runner_length: Mm, joint_screw_margin: Mm, hanging_screw_pitch: Mm) -> Mm:
    """A row along both rails, with glue."""
    return Mm(2 * count_along(runner_length, joint_screw_margin, hanging_screw_pitch, 2))


@rule(source="common practice", label="length of screws from the plate into its rails", per=HANGING)
def hanging_rail_screw(hanging_thickness: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """Down through the plate into the edges of the rails; the shortest that bites.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, hanging_thickness + edge_bite, "screw")


@rule(source="common practice", label="screws up into what it hangs from", per=HANGING, unit="count")
def hanging_top_screws(hanging_plate_cut: Mm, joint_screw_margin: Mm, hanging_screw_pitch: Mm) -> Mm:
    """A row in the flange on both sides of the rails."""
    return Mm(2 * count_along(hanging_plate_cut, joint_screw_margin, hanging_screw_pitch, 2))


@rule(source="common practice", label="length of screws up into what it hangs from", per=HANGING)
def hanging_top_screw(
    hanging_thickness: Mm,
    least_screw_bite: Mm,
    screw_lengths: tuple[Mm, ...],
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    hung_from_thickness: Mm | None = None,
) -> Mm:
    """Up through the plate: the shortest that bites, or the longest that stays inside what it hangs from.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    covers = (thin_stock, least_thin_cover, least_screw_cover)
    return bites_in_wall(screw_lengths, hanging_thickness, least_screw_bite, hung_from_thickness, covers)


good("runner", per=HANGING, title="runner", unit="pair", count="hanging_pairs", size="runner_length", row="runner")
good(
    "screw",
    per=HANGING,
    title="Screw from the plate into its rails",
    count="hanging_rail_screws",
    size="hanging_rail_screw",
    through=("hanging_thickness",),
    holds="edges",
)
good(
    "screw",
    per=HANGING,
    title="Screw up into the top",
    count="hanging_top_screws",
    size="hanging_top_screw",
    through=("hanging_thickness",),
    holds="top",
)
good("other", per=HANGING, title="Hook", count="hook_count", size="hook_thread", where="hook_count")


# ---- where it stands ---------------------------------------------------------------------------------------------


@rule(source="geometry", label="plate begins, from the left", per=HANGING)
def hanging_from_left(
    cell_from_left: Mm,
    free_width: Mm,
    hanging_plate_width: Mm,
    taken_left: Mm = NOTHING,
    wanted_hanging_from_left: Mm | None = None,
) -> Mm:
    """It hangs in the middle of what is free, or where it was chosen.

    Raises:
        CannotDerive: ``hanging-too-wide``.
    """
    if hanging_plate_width > free_width:
        raise CannotDerive(
            "hanging-too-wide",
            "A plate {plate} wide does not go into {free_width}.",
            "Take thinner rails or a thinner post, or make the place wider.",
            plate=hanging_plate_width,
            free_width=free_width,
        )
    if wanted_hanging_from_left is not None:
        return cell_from_left + wanted_hanging_from_left
    return cell_from_left + taken_left + (free_width - hanging_plate_width) / 2


@rule(source="geometry", label="post begins, from the left", per=HANGING)
def post_from_left(hanging_from_left: Mm, hanging_plate_width: Mm, hanging_post_thickness: Mm) -> Mm:
    """It hangs under the middle of the plate."""
    return hanging_from_left + (hanging_plate_width - hanging_post_thickness) / 2


def part(
    role: str, title: str, length: str, width: str, thickness: str, stock: str, moves: bool = False
) -> Callable[[S], S]:
    """A part of it; the function says where it stands."""
    return piece(
        role,
        per=HANGING,
        title=title,
        length=length,
        width=width,
        thickness=thickness,
        stock=stock,
        moves=moves,
        order=IN_LISTS,
    )


@part(
    "hanging_plate",
    "Plate of the hanging post",
    "hanging_plate_cut",
    "hanging_plate_width",
    "hanging_thickness",
    "hanging_sheet",
)
def hanging_plate(hanging_from_left: Mm, hanging_from_floor: Mm, hanging_thickness: Mm) -> Stand:
    """Under what it hangs from."""
    return Stand(hanging_from_left, NOTHING, hanging_from_floor - hanging_thickness, "back", "across", -1)


RAIL = ("runner_length", "hanging_rail_height", "hanging_rail_thickness", "hardwood_strip")


@part("hanging_rail_left", "Rail of the hanging post, left", *RAIL)
def hanging_rail_left(
    hanging_from_left: Mm,
    hanging_flange_left: Mm,
    hanging_set_back: Mm,
    hanging_from_floor: Mm,
    hanging_thickness: Mm,
    hanging_rail_height: Mm,
) -> Stand:
    """Under the plate."""
    up = hanging_from_floor - hanging_thickness - hanging_rail_height
    return Stand(hanging_from_left + hanging_flange_left, hanging_set_back, up, "back", "up", 1)


@part("hanging_rail_right", "Rail of the hanging post, right", *RAIL)
def hanging_rail_right(
    hanging_from_left: Mm,
    hanging_flange_left: Mm,
    hanging_across: Mm,
    hanging_rail_thickness: Mm,
    hanging_set_back: Mm,
    hanging_from_floor: Mm,
    hanging_thickness: Mm,
    hanging_rail_height: Mm,
) -> Stand:
    """Under the plate."""
    across = hanging_from_left + hanging_flange_left + hanging_across - hanging_rail_thickness
    up = hanging_from_floor - hanging_thickness - hanging_rail_height
    return Stand(across, hanging_set_back, up, "back", "up", -1)


@part(
    "hanging_post",
    "Hanging post",
    "runner_length",
    "hanging_post_height",
    "hanging_post_thickness",
    "hardwood_strip",
    moves=True,
)
def hanging_post(
    post_from_left: Mm,
    hanging_set_back: Mm,
    hanging_from_floor: Mm,
    hanging_runner_below: Mm,
    hanging_post_height: Mm,
) -> Stand:
    """Between the runners, its upper edge at theirs."""
    up = hanging_from_floor - hanging_runner_below - hanging_post_height
    return Stand(post_from_left, hanging_set_back, up, "back", "up", 1)


@body("member_left", HANGING, "Runner, left", "runner_length", "runner_height", "runner_side_clearance")
def member_left(
    post_from_left: Mm,
    runner_side_clearance: Mm,
    hanging_set_back: Mm,
    hanging_from_floor: Mm,
    hanging_runner_below: Mm,
    runner_height: Mm,
) -> Stand:
    """Between the left rail and the post."""
    up = hanging_from_floor - hanging_runner_below - runner_height
    return Stand(post_from_left - runner_side_clearance, hanging_set_back, up, "back", "up", 1)


@body("member_right", HANGING, "Runner, right", "runner_length", "runner_height", "runner_side_clearance")
def member_right(
    post_from_left: Mm,
    hanging_post_thickness: Mm,
    hanging_set_back: Mm,
    hanging_from_floor: Mm,
    hanging_runner_below: Mm,
    runner_height: Mm,
) -> Stand:
    """Between the post and the right rail."""
    up = hanging_from_floor - hanging_runner_below - runner_height
    return Stand(post_from_left + hanging_post_thickness, hanging_set_back, up, "back", "up", -1)


for face, where in (("outside", "hooks_left"), ("inside", "hooks_right")):
    cut(
        "holes",
        per=HANGING,
        into="hanging_post",
        title="Holes for hooks, left face" if face == "outside" else "Holes for hooks, right face",
        face="outside" if face == "outside" else "inside",
        at="hook_above_edge",
        depth="hook_thread",
        holes=where,
    )
