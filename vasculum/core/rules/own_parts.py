"""Parts that no rule makes, where who builds them says they stand, and what else is bought. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import cut, good, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.flow.things import Axis
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import cover_in

LIES: dict[str, tuple[Axis, Axis]] = {
    "flat": ("across", "back"), "flat_turned": ("back", "across"),
    "facing": ("across", "up"), "facing_upright": ("up", "across"),
    "beside": ("back", "up"), "beside_upright": ("up", "back"),
}  # fmt: skip
"""How a board lies: along which axes its length and its width run."""


@rule(source="geometry", label="how far from the left it stands", per="own_placed")
def own_from_left(own_across: Mm, own_steps_across: Mm, own_nth: Mm) -> Mm:
    """Each further one stands a step to the right."""
    return own_across + own_nth * own_steps_across


@rule(source="geometry", label="how far behind the front it stands", per="own_placed")
def own_from_front(own_back: Mm, own_steps_back: Mm, own_nth: Mm) -> Mm:
    """Each further one stands a step further back."""
    return own_back + own_nth * own_steps_back


@rule(source="geometry", label="how far above the floor it stands", per="own_placed")
def own_from_floor(own_up: Mm, own_steps_up: Mm, own_nth: Mm) -> Mm:
    """Each further one stands a step higher."""
    return own_up + own_nth * own_steps_up


def standing(length: Axis, width: Axis) -> Callable[[Mm, Mm, Mm], Stand]:
    """Where a part stands whose length and width run along these axes."""

    def own_stand(own_from_left: Mm, own_from_front: Mm, own_from_floor: Mm) -> Stand:
        """A part of one's own stands where who builds it says."""
        return Stand(own_from_left, own_from_front, own_from_floor, length, width)

    return own_stand


for lies, axes in LIES.items():
    piece(
        "own",
        per=f"own_lies.{lies}",
        title="Part of one's own",
        length="own_length",
        width="own_width",
        thickness="own_thickness",
        stock="own_stock",
        order=46,
    )(standing(*axes))


@piece(
    "own",
    per="own_lies.unsaid",
    title="Part of one's own",
    length="own_length",
    width="own_width",
    thickness="own_thickness",
    stock="own_stock",
    order=46,
)
def unplaced() -> None:
    """A part of one's own is cut, and stands where who builds it knows."""


@rule(source="geometry", label="notches in front begin at the front edge", per="own_notched")
def own_front_notch_begins() -> Mm:
    """A notch in a front corner is open to the front."""
    return Mm(0)


@rule(source="geometry", label="notches behind begin", per="own_notched")
def own_back_notch_begins(own_width: Mm, own_back_notch_deep: Mm) -> Mm:
    """A notch in a back corner is open to the back."""
    return own_width - own_back_notch_deep


for which in ("front", "back"):
    cut(
        "notch",
        per="own_notched",
        into="own",
        title=f"Notch in {which}",
        face="through",
        datums=("left", "right"),
        width=f"own_{which}_notch_wide",
        begins=f"own_{which}_notch_begins",
        length=f"own_{which}_notch_deep",
    )

for kind, size, through, into in (
    ("plain", "", (), ()),
    ("sized", "own_good_length", (), ()),
    ("held", "own_good_length", ("own_good_passed",), ()),
    ("bounded", "own_good_length", ("own_good_passed",), ("own_good_into",)),
):
    good(
        "other",
        per=f"own_good.{kind}",
        title="Of one's own",
        count="own_good_count",
        size=size,
        through=through,
        into=into,
        bite="own_good_bite" if through else "",
    )


@rule(source="geometry", label="bite", per="own_good_passes")
def own_good_bite(own_good_length: Mm, own_good_passed: Mm) -> Mm:
    """A fastener bites what is left of its length behind what it passes."""
    return own_good_length - own_good_passed


@rule(source="geometry", label="left before its point", per="own_good.bounded")
def own_good_cover(own_good_into: Mm, own_good_bite: Mm) -> Mm:
    """Before the point stays what the fastener does not reach of what holds it; less than nothing comes through."""
    return own_good_into - own_good_bite


@rule(source="common practice", label="cover that it wants", per="own_good.bounded")
def own_good_cover_wanted(own_good_into: Mm, thin_stock: Mm, least_thin_cover: Mm, least_screw_cover: Mm) -> Mm:
    """Before its point a fastener wants the least cover; in thin stock the smaller one, so that it still bites."""
    return cover_in(own_good_into, thin_stock, least_thin_cover, least_screw_cover)
