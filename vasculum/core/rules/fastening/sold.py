"""How many fasteners stand along a joint, where, and which of the lengths that are sold is taken. Exact mm."""

from __future__ import annotations

from itertools import pairwise

from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import largest, longest_not_over, shortest_not_under, smallest, snap_nearest


def count_along(run: Mm, margin: Mm, pitch: Mm, least: int = 1) -> int:
    """How many stand along a joint: a margin from both ends, no further apart than the pitch."""
    between = run - 2 * margin
    wanted = 1 if between <= 0 else pieces(between, pitch) + 1
    return wanted if wanted > least else least


def places_along(run: Mm, margin: Mm, pitch: Mm, increment: Mm, least: int = 1) -> tuple[Mm, ...]:
    """Where they stand: a margin from both ends, the rest divided evenly, each to the increment.

    One stands in the middle of what is too short for two; two on quarters where two are the least.
    """
    count, between = count_along(run, margin, pitch, least), run - 2 * margin
    if count == 1:
        return (run / 2,)
    first, over = (margin, between) if between > 0 else (run / 4, run / 2)
    return tuple(snap_nearest(first + over * number / (count - 1), increment) for number in range(count))


def places_between(places: tuple[Mm, ...], increment: Mm) -> tuple[Mm, ...]:
    """Midway between each two of them, to the increment; at thirds where there are two."""
    if len(places) == 2:
        third = (places[1] - places[0]) / (len(places) + 1)
        return tuple(snap_nearest(places[0] + third * number, increment) for number in (1, 2))
    return tuple(snap_nearest((one + other) / 2, increment) for one, other in pairwise(places))


def shifted(places: tuple[Mm, ...], by: Mm) -> tuple[Mm, ...]:
    """All of them further from the edge that they are told from."""
    return tuple(place + by for place in places)


def cover_in(thickness: Mm, thin_stock: Mm, least_thin_cover: Mm, least_screw_cover: Mm) -> Mm:
    """What has to stay before a screw's point; in thin stock less, so that it still bites."""
    return least_thin_cover if thickness <= thin_stock else least_screw_cover


def longest_inside(lengths: tuple[Mm, ...], room: Mm) -> Mm:
    """The longest that is sold and ends inside what holds it; the shortest there is where none does."""
    found = longest_not_over(room, lengths)
    return smallest(*lengths) if found is None else found


def longest_into(
    lengths: tuple[Mm, ...],
    passed: Mm,
    into: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
) -> Mm:
    """The longest that is sold and, past what it goes through, ends inside what holds it by the cover that it wants."""
    return longest_inside(lengths, passed + into - cover_in(into, thin_stock, least_thin_cover, least_screw_cover))


def shortest(lengths: tuple[Mm, ...], least: Mm, what: str) -> Mm:
    """The shortest that is sold and long enough.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    length = shortest_not_under(least, lengths)
    if length is not None:
        return length
    raise CannotDerive(
        "no-fastener-so-long",
        f"The joint asks for a {what} of {{least}}; the longest that is sold is {{longest}}.",
        "Hold it in another way, or take a thinner part.",
        least=least,
        longest=largest(*lengths),
    )


def brad_length(through: Mm, bite: Mm, lengths: tuple[Mm, ...]) -> Mm:
    """Twice the thickness that a brad goes through, and its bite beyond it; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(lengths, largest(2 * through, through + bite), "brad")


def bites_in_wall(
    lengths: tuple[Mm, ...],
    passed: Mm,
    bite: Mm,
    wall: Mm | None,
    covers: tuple[Mm, Mm, Mm],
    what: str = "screw",
) -> Mm:
    """Into a wall that stands: the shortest that bites, or of one that was measured the longest that stays inside.

    Args:
        covers: up to how thick stock is thin, and what stays before a point in thin stock and in other.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    if wall is None:
        return shortest(lengths, passed + bite, what)
    return longest_into(lengths, passed, wall, *covers)


def pocket_length(through: Mm, into: Mm, thicknesses: tuple[Mm, ...], lengths: tuple[Mm, ...]) -> Mm:
    """A pocket screw goes by the thinner of the two parts.

    Between two rows of the table it is the next row down where the part that holds it is the thinner, else the next up.
    """
    thin = smallest(through, into)
    rows = sorted(zip(thicknesses, lengths, strict=True))
    below = [length for thickness, length in rows if thickness <= thin]
    above = [length for thickness, length in rows if thickness >= thin]
    if not below or not above:
        return (above or below)[0 if above else -1]
    return below[-1] if into < through else above[0]


def screw_for(edge: Mm, diameters: tuple[Mm, ...], edge_diameters: Mm) -> Mm:
    """The thickest screw that an edge takes; the thinnest there is where it takes none.

    An edge is so many diameters thick at least, with a pilot hole.
    """
    found = longest_not_over(edge / edge_diameters, diameters)
    return smallest(*diameters) if found is None else found
