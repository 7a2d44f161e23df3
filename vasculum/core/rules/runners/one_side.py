"""A narrow box that is carried on one side: two runners, one above the other, on a carrier against the wall. Exact mm.

Lid boxes, bottles, rolls: what stands in a tall narrow box. A strip behind the carrier brings it past a lip.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, body, good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.published import GRAVITY
from vasculum.core.rules.fastening.sold import bites_in_wall
from vasculum.core.rules.obstructions.free import NOTHING

ONE_SIDE = "runner.one_side"
IN_LISTS = 10
"""Where carrier and strip stand among the parts of their box."""

alternative(
    ONE_SIDE,
    title="On one side, two over each other",
    about="A narrow pull-out for lids or bottles; the other side stays free.",
    shares=("rolling", "clearing", "seated"),
    order=14,
)


@rule(source="common practice", label="carrier stands out from the wall", per=ONE_SIDE)
def carrier_out(side_thickness: Mm, carrier_packing: Mm) -> Mm:
    """The carrier is of the sides' sheet; a strip behind it brings it past a lip."""
    return side_thickness + carrier_packing


@rule(source="common practice", per=("drawer", ONE_SIDE))
def box_width(free_width: Mm, carrier_out: Mm, beside_box: Mm, runner_play: Mm) -> Mm:
    """On one side stand carrier and runner; on the other the box keeps its play.

    Raises:
        CannotDerive: ``no-room-for-box``.
    """
    width = free_width - carrier_out - beside_box - runner_play
    if width <= 0:
        raise CannotDerive(
            "no-room-for-box",
            "A carrier of {carrier_out} and a runner of {beside_box} fill a clear width of {free_width}.",
            "Choose narrower runners, or make the place wider.",
            carrier_out=carrier_out,
            beside_box=beside_box,
            free_width=free_width,
        )
    return width


@rule(source="common practice", per=("drawer", ONE_SIDE))
def runner_width_loss(carrier_out: Mm, beside_box: Mm, runner_play: Mm) -> Mm:
    """Carrier and runner take their room on one side, and the play on the other."""
    return carrier_out + beside_box + runner_play


@rule(source="geometry", per=("drawer", ONE_SIDE))
def runner_play_built(free_width: Mm, carrier_out: Mm, beside_box: Mm, outside_width: Mm) -> Mm:
    """Beside the box stays what carrier, runner and box leave of the clear width."""
    return free_width - carrier_out - beside_box - outside_width


@rule(source="common practice", per=("drawer", ONE_SIDE))
def passes_beside() -> Mm:
    """The carrier stays: past the opening comes the box, with a thin member on one side."""
    return NOTHING


@rule(source="common practice", label="lower of the two runners, above the box's edge", per=ONE_SIDE)
def lower_of_two(outside_height: Mm) -> Mm:
    """A quarter of the box above its lower edge."""
    return outside_height / 4


@rule(source="common practice", label="upper of the two runners, above the box's edge", per=ONE_SIDE)
def upper_of_two(outside_height: Mm, lower_of_two: Mm) -> Mm:
    """A quarter of the box below its upper edge."""
    return outside_height - lower_of_two


@rule(source="common practice", label="lower runner, above the side's edge", per=ONE_SIDE)
def lower_of_two_on_wall(lower_of_two: Mm, walls_from_floor: Mm, box_from_floor: Mm) -> Mm:
    """On the side piece the lower line is nearer by what the walls begin above the box."""
    return lower_of_two - (walls_from_floor - box_from_floor)


@rule(source="common practice", label="upper runner, above the side's edge", per=ONE_SIDE)
def upper_of_two_on_wall(upper_of_two: Mm, walls_from_floor: Mm, box_from_floor: Mm) -> Mm:
    """On the side piece the upper line is nearer by what the walls begin above the box."""
    return upper_of_two - (walls_from_floor - box_from_floor)


@rule(source="geometry", label="pull on the upper runner", per=ONE_SIDE, unit="N", judgement=True)
def pull_on_upper(
    carried_weight: float, outside_width: Mm, beside_box: Mm, upper_of_two: Mm, lower_of_two: Mm
) -> float:
    """The box hangs beside its runners: its weight times half its width and the runner, over the pitch of the two."""
    arm, pitch = outside_width / 2 + beside_box, upper_of_two - lower_of_two
    return float(carried_weight) * float(GRAVITY) * float(arm) / float(pitch) if pitch > 0 else 0.0


@rule(source="common practice", label="screws in the carrier", per=ONE_SIDE, unit="count")
def carrier_screws(carrier_screws_each: Mm) -> Mm:
    """In two rows, into the wall."""
    return carrier_screws_each


@rule(source="common practice", label="length of screws in the carrier", per=ONE_SIDE)
def carrier_screw_length(
    carrier_out: Mm,
    least_screw_bite: Mm,
    screw_lengths: tuple[Mm, ...],
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    standing_wall: Mm | None = None,
) -> Mm:
    """Through carrier and strip: the shortest that bites, or the longest that stays inside a wall that was measured.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    covers = (thin_stock, least_thin_cover, least_screw_cover)
    return bites_in_wall(screw_lengths, carrier_out, least_screw_bite, standing_wall, covers)


good(
    "screw",
    per=ONE_SIDE,
    title="Screw for the carrier",
    count="carrier_screws",
    size="carrier_screw_length",
    through=("carrier_out",),
    holds="walls",
)


@rule(source="geometry", label="box, runner and carrier begin, from the left", per=ONE_SIDE)
def carried_from_left(cell_from_left: Mm, taken_left: Mm = NOTHING) -> Mm:
    """Beside what stands at the left of the place."""
    return cell_from_left + taken_left


@rule(source="geometry", label="carrier above the floor of the space", per=ONE_SIDE)
def carrier_board_from_floor(box_from_floor: Mm) -> Mm:
    """Level with the box."""
    return box_from_floor


@piece(
    "carrier",
    per=ONE_SIDE,
    title="Carrier",
    length="runner_length",
    width="outside_height",
    thickness="side_thickness",
    stock="side_sheet",
    order=IN_LISTS,
)
def carrier(carrier_from_left: Mm, members_from_front: Mm, carrier_board_from_floor: Mm) -> Stand:
    """On the wall, or on the strip before it."""
    return Stand(carrier_from_left, members_from_front, carrier_board_from_floor, "back", "up", 1)


@piece(
    "carrier_strip",
    per=ONE_SIDE,
    title="Strip behind the carrier",
    length="runner_length",
    width="outside_height",
    thickness="carrier_packing",
    stock="hardwood_strip",
    where="carrier_packing",
    order=IN_LISTS + 1,
)
def carrier_strip(strip_from_left: Mm, members_from_front: Mm, carrier_board_from_floor: Mm) -> Stand:
    """Between carrier and wall."""
    return Stand(strip_from_left, members_from_front, carrier_board_from_floor, "back", "up", 1)


@body("member_lower", ONE_SIDE, "Runner, lower", "runner_length", "runner_height", "beside_box")
def member_lower(
    two_from_left: Mm, members_from_front: Mm, box_from_floor: Mm, lower_of_two: Mm, runner_height: Mm
) -> Stand:
    """Its middle on the lower line."""
    return Stand(two_from_left, members_from_front, box_from_floor + lower_of_two - runner_height / 2, "back", "up", 1)


@body("member_upper", ONE_SIDE, "Runner, upper", "runner_length", "runner_height", "beside_box")
def member_upper(
    two_from_left: Mm, members_from_front: Mm, box_from_floor: Mm, upper_of_two: Mm, runner_height: Mm
) -> Stand:
    """Its middle on the upper line."""
    return Stand(two_from_left, members_from_front, box_from_floor + upper_of_two - runner_height / 2, "back", "up", 1)
