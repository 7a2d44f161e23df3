"""An upright rack: flat things stand between loose dividers, held by strips on the floor and under the top. Exact mm.

Strip, slot, strip, slot … from the left; the first strip may be wider, for one thick thing. Strips above mirror those
below. A divider is lifted in over the lip in front of the rack and drops down behind it, so it is lower than the clear
height by that lip, and what stays in the upper strips is what they are thicker.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import brad_length, count_along
from vasculum.core.rules.obstructions.free import NOTHING

RACK = "rack"
MOST_SLOTS = 24
"""In one rack."""
STRIPS_IN_LISTS, DIVIDERS_IN_LISTS = 20, 21
"""Where its parts stand in the lists."""
LOW = tuple(f"rack_strip_low_{number}" for number in range(MOST_SLOTS))
HIGH = tuple(f"rack_strip_high_{number}" for number in range(MOST_SLOTS))
FIRST = ("rack_first_low", "rack_first_high")
DIVIDERS = tuple(f"rack_divider_{number}" for number in range(MOST_SLOTS))
CASE = ("rack_side_left", "rack_side_right", "rack_back", "rack_plate_low", "rack_plate_high", "rack_top")
"""The parts of a rack that is made outside and pushed in."""
PARTS = (*CASE, *FIRST, *LOW, *HIGH, *DIVIDERS)
S = TypeVar("S", bound=Callable[..., Stand | None])


@rule(source="common practice", label="slot of the rack", per=RACK)
def rack_slot(grid_thickness: Mm, rack_slot_play: Mm) -> Mm:
    """A slot is as wide as a divider is thick, and its play."""
    return grid_thickness + rack_slot_play


@rule(source="geometry", label="pitch of the rack", per=RACK)
def rack_pitch(rack_strip: Mm, rack_slot: Mm) -> Mm:
    """From slot to slot there is a strip and a slot."""
    return rack_strip + rack_slot


@rule(source="common practice", label="first strip of the rack", per=RACK)
def rack_first(rack_strip: Mm, wanted_rack_first: Mm | None = None) -> Mm:
    """The first strip is as wide as the others, or as the bay before it wants."""
    return rack_strip if wanted_rack_first is None else wanted_rack_first


@rule(source="geometry", label="clear width of the rack", per=RACK)
def rack_clear_width(free_width: Mm) -> Mm:
    """Strips stand on the floor and under the top of their place, as wide as it is free."""
    return free_width


@rule(source="geometry", label="lip over the rack's floor", per=RACK)
def rack_step(rack_lip: Mm) -> Mm:
    """What a divider is lifted over."""
    return rack_lip


@rule(source="common practice", label="slots of the rack", per=RACK, unit="count")
def rack_slots(rack_clear_width: Mm, rack_first: Mm, rack_pitch: Mm) -> Mm:
    """As many slots as go in behind the first strip, each with a strip after it.

    Raises:
        CannotDerive: ``no-room-for-rack``, ``too-many-slots``.
    """
    many = snap_down((rack_clear_width - rack_first) / rack_pitch, Mm(1))
    if many < 1:
        raise CannotDerive(
            "no-room-for-rack",
            "Behind a first strip of {rack_first} no slot at {rack_pitch} goes into {rack_clear_width}.",
            "Make the bay wider, or the strips narrower.",
            rack_first=rack_first,
            rack_pitch=rack_pitch,
            rack_clear_width=rack_clear_width,
        )
    if many > MOST_SLOTS:
        raise CannotDerive(
            "too-many-slots",
            "{many} slots go into {rack_clear_width}; twenty-four are the most of one rack.",
            "Divide the bay, or take wider strips.",
            many=many,
            rack_clear_width=rack_clear_width,
        )
    return many


@rule(source="geometry", label="middles of the rack's dividers, from the left", per=RACK)
def rack_middles(rack_first: Mm, rack_slot: Mm, rack_pitch: Mm, rack_slots: Mm) -> tuple[Mm, ...]:
    """Each divider stands in the middle of its slot."""
    return tuple(rack_first + rack_slot / 2 + rack_pitch * number for number in range(pieces(rack_slots, Mm(1))))


@rule(source="common practice", label="length of the rack's strips", per=RACK)
def rack_run_cut(free_depth: Mm, increment: Mm) -> Mm:
    """Strips and dividers run from the front to the back, down to the shop's increment."""
    return snap_down(free_depth, increment)


@rule(source="common practice", label="length of the rack's dividers", per=RACK)
def rack_divider_cut(rack_run_cut: Mm) -> Mm:
    """A divider runs as far as the strips do."""
    return rack_run_cut


@rule(source="geometry", label="height left for the rack", per=RACK)
def rack_height(cell_height: Mm, taken_below: Mm = NOTHING, taken_above: Mm = NOTHING) -> Mm:
    """The rack stands on what stands on the floor, and ends below what hangs under the top.

    Raises:
        CannotDerive: ``no-height-for-rack``.
    """
    height = cell_height - taken_below - taken_above
    if height <= 0:
        raise CannotDerive(
            "no-height-for-rack",
            "What stands in the way takes {taken} of a cell {cell_height} high.",
            "Divide the space past what is in the way, or block the cell.",
            taken=taken_below + taken_above,
            cell_height=cell_height,
        )
    return height


@rule(source="geometry", label="rack begins, from the left", per=RACK)
def rack_from_left(cell_from_left: Mm, taken_left: Mm = NOTHING) -> Mm:
    """It begins beside what stands at the left."""
    return cell_from_left + taken_left


@rule(source="geometry", label="rack stands above the floor", per=RACK)
def rack_from_floor(cell_from_floor: Mm, taken_below: Mm = NOTHING) -> Mm:
    """It stands on what stands on the floor of its cell."""
    return cell_from_floor + taken_below


@rule(source="common practice", label="height of the rack's dividers", per=RACK)
def rack_divider_height(rack_height: Mm, rack_step: Mm, rack_play: Mm, increment: Mm) -> Mm:
    """A divider is lifted in level with the lip, so the lip and the play come off the clear height.

    Raises:
        CannotDerive: ``rack-lip-too-high``.
    """
    height = snap_down(rack_height - rack_step - rack_play, increment)
    if height <= 0:
        raise CannotDerive(
            "rack-lip-too-high",
            "A lip of {rack_step} and a play of {rack_play} leave no divider in {rack_height}.",
            "Raise the rack on packing, or take the lip off.",
            rack_step=rack_step,
            rack_play=rack_play,
            rack_height=rack_height,
        )
    return height


@rule(source="geometry", label="what of a divider stays in the upper strips", per=RACK)
def rack_engagement(rack_divider_height: Mm, rack_height: Mm, divider_thickness: Mm) -> Mm:
    """Standing on the floor, a divider reaches into the upper strips by what it is higher than their lower faces."""
    return rack_divider_height - (rack_height - divider_thickness)


@rule(source="geometry", label="clear height between the strips", per=RACK)
def rack_clear_height(rack_height: Mm, divider_thickness: Mm) -> Mm:
    """What stands in the rack stands on the lower strips and passes under the upper ones.

    Raises:
        CannotDerive: ``no-height-for-rack``.
    """
    height = rack_height - 2 * divider_thickness
    if height <= 0:
        raise CannotDerive(
            "no-height-for-rack",
            "Strips of {divider_thickness} above and below fill {rack_height}.",
            "Give the rack more height, or take thinner strips.",
            divider_thickness=divider_thickness,
            rack_height=rack_height,
        )
    return height


@rule(source="common practice", label="brads in the rack's strips", per=RACK, unit="count")
def rack_brads(rack_slots: Mm, rack_run_cut: Mm, brad_margin: Mm, planted_pitch: Mm) -> Mm:
    """Each strip is glued, and bradded along its middle."""
    return 2 * (rack_slots + 1) * count_along(rack_run_cut, brad_margin, planted_pitch)


@rule(source="common practice", label="length of brads in the rack's strips", per=RACK)
def rack_brad_length(divider_thickness: Mm, brad_bite: Mm, brad_lengths: tuple[Mm, ...]) -> Mm:
    """Through the strip into what it lies on; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return brad_length(divider_thickness, brad_bite, brad_lengths)


good(
    "brad",
    per=RACK,
    title="Brad for the strips of the rack",
    count="rack_brads",
    size="rack_brad_length",
    through=("divider_thickness",),
)


def strip(role: str, title: str, width: str, nth: int | None = None) -> Callable[[S], S]:
    """A strip of the rack; the function says where it lies."""
    counted = {} if nth is None else {"where": "rack_middles", "nth": nth}
    return piece(
        role,
        per=RACK,
        title=title,
        length="rack_run_cut",
        width=width,
        thickness="divider_thickness",
        stock="divider_sheet",
        order=STRIPS_IN_LISTS,
        **counted,  # type: ignore[arg-type]
    )


def low(number: int) -> Callable[..., Stand]:
    """Where the lower strip behind the slot of this number lies."""

    def rack_low(rack_from_left: Mm, rack_from_floor: Mm, rack_middles: tuple[Mm, ...], rack_slot: Mm) -> Stand:
        """On the floor, after its slot."""
        return Stand(rack_from_left + rack_middles[number] + rack_slot / 2, Mm(0), rack_from_floor, "back", "across", 1)

    return rack_low


def high(number: int) -> Callable[..., Stand]:
    """Where the upper strip over it lies."""

    def rack_high(
        rack_from_left: Mm,
        rack_from_floor: Mm,
        rack_height: Mm,
        divider_thickness: Mm,
        rack_middles: tuple[Mm, ...],
        rack_slot: Mm,
    ) -> Stand:
        """Under the top, over the lower one."""
        up = rack_from_floor + rack_height - divider_thickness
        return Stand(rack_from_left + rack_middles[number] + rack_slot / 2, Mm(0), up, "back", "across", -1)

    return rack_high


def between(number: int) -> Callable[..., Stand]:
    """Where the divider in the slot of this number stands."""

    def rack_divider(
        rack_from_left: Mm, rack_from_floor: Mm, rack_middles: tuple[Mm, ...], grid_thickness: Mm
    ) -> Stand:
        """On the floor, in the middle of its slot."""
        across = rack_from_left + rack_middles[number] - grid_thickness / 2
        return Stand(across, Mm(0), rack_from_floor, "back", "up", 1)

    return rack_divider


@strip(FIRST[0], "First strip of the rack, below", "rack_first")
def rack_first_low(rack_from_left: Mm, rack_from_floor: Mm) -> Stand:
    """On the floor, at the left."""
    return Stand(rack_from_left, Mm(0), rack_from_floor, "back", "across", 1)


@strip(FIRST[1], "First strip of the rack, above", "rack_first")
def rack_first_high(rack_from_left: Mm, rack_from_floor: Mm, rack_height: Mm, divider_thickness: Mm) -> Stand:
    """Under the top, at the left."""
    return Stand(rack_from_left, Mm(0), rack_from_floor + rack_height - divider_thickness, "back", "across", -1)


for number in range(MOST_SLOTS):
    strip(LOW[number], "Strip of the rack, below", "rack_strip", number)(low(number))
    strip(HIGH[number], "Strip of the rack, above", "rack_strip", number)(high(number))
    piece(
        DIVIDERS[number],
        per=RACK,
        title="Divider of the rack",
        length="rack_divider_cut",
        width="rack_divider_height",
        thickness="grid_thickness",
        stock="grid_sheet",
        where="rack_middles",
        nth=number,
        order=DIVIDERS_IN_LISTS,
    )(between(number))
