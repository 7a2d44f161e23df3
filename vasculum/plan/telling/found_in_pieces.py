"""What only the pieces tell where they stand: boards off their sheets, fasteners and dados that meet."""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.core.flow import key_text
from vasculum.core.lengths import Mm
from vasculum.plan.laying.carcass import is_new
from vasculum.plan.laying.solving import SolvedPlan, nearest_key, space_around
from vasculum.plan.making.crossing_fasteners import crossing_fasteners
from vasculum.plan.making.dados_through import dados_through
from vasculum.plan.making.holes_in_grooves import holes_in_grooves
from vasculum.plan.making.off_the_sheet import off_the_sheet
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.pin_holes import bored_through, unbored
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.words import filled, piece_name, place_name


def found_in_pieces(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Every such finding."""
    yield from _off_the_sheet(plan)
    yield from _fasteners_that_meet(plan)
    yield from _cut_through(plan)
    yield from _pins(plan)
    yield from _holes_in_grooves(plan)


def _off_the_sheet(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Boards that are longer or wider than the sheet they are of."""
    unit = plan.plan.units.length
    for piece, (long, wide), over in off_the_sheet(plan):
        assert piece.size is not None
        assert piece.sheet is not None
        length, width, _ = piece.size
        numbers = {"length": length, "width": width, "long": long, "wide": wide, "over": over}
        place = piece.id.partition("/")[0]
        said = f"{piece.rule.title} is {{length}} by {{width}}; {plan.plan.library.stock(piece.sheet).name} is sold as "
        yield FindingShown(
            code="larger-than-its-sheet",
            severity="attention",
            place=place,
            places=[place],
            place_name=place_name(plan.plan, place),
            message=filled(said + "{long} by {wide}: {over} too much.", numbers, unit),
            fix="Take a larger one for it, joint it from two, or divide the space.",
            keys=[key_text(piece.length), key_text(piece.width)],
            pieces=[piece.id],
        )


def _fasteners_that_meet(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Screws or dowels from both sides of a board that come too near each other."""
    for one in crossing_fasteners(plan):
        place = one.first.place
        board = piece_name(plan.plan, one.board).lower()
        yield FindingShown(
            code="fasteners-meet",
            severity="attention",
            place=place,
            places=list(dict.fromkeys((place, one.second.place))),
            place_name=place_name(plan.plan, place),
            message=filled(
                f"Fasteners from both sides of the {board} come within {{apart}} of each other; {{least}} is least.",
                {"apart": one.apart, "least": one.least},
                plan.plan.units.length,
            ),
            fix="Let those of one side begin further from the edge, or hold them in another way.",
            keys=[key_text(key) for key in (one.first.fixed_at, one.second.fixed_at) if key is not None],
            pieces=[one.first.id, one.second.id],
        )


def _cut_through(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Boards that dados from both faces cut in two."""
    for one in dados_through(plan):
        place = one.board.id.partition("/")[0]
        yield FindingShown(
            code="dados-meet",
            severity="stop",
            place=place,
            places=[place],
            place_name=place_name(plan.plan, place),
            message=filled(
                f"Dados from both faces go {{deep}} deep together into the {piece_name(plan.plan, one.board).lower()}, "
                "{thickness} thick: it falls in two.",
                {"deep": one.deep, "thickness": one.thickness},
                plan.plan.units.length,
            ),
            fix="Make them less deep, or let those of one side stand beside the others.",
            keys=[key_text(one.board.thickness)],
            pieces=[one.board.id],
        )


def _pins(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Boards that holes for shelf pins go through, and walls that nothing is bored into."""
    for one in bored_through(plan, pieces_of(plan)):
        yield FindingShown(
            code="pin-holes-through",
            severity="stop",
            place=one.place,
            places=[one.place],
            place_name=place_name(plan.plan, one.place),
            message=filled(
                f"Holes for shelf pins go {{deep}} deep together into the {piece_name(plan.plan, one.board).lower()}, "
                "{thickness} thick: right through.",
                {"deep": one.deep, "thickness": one.thickness},
                plan.plan.units.length,
            ),
            fix="Bore less deep, or set the rows or the first hole of one side differently.",
            keys=[key_text(nearest_key(plan, one.place, "pin_hole_depth"))],
            pieces=[one.board.id],
        )
    for wall in unbored(plan, pieces_of(plan)):
        name, side = place_name(plan.plan, wall.place), "left" if wall.side < 0 else "right"
        stands = wall.ends_before is None and not is_new(plan.plan, plan.plan.spaces[space_around(plan, wall.place)])
        if stands:
            said = (
                f"On the {side} of {name} the pins go into what stands there: no board of this plan is bored for them."
            )
        elif wall.ends_before is None:
            said = f"On the {side} of {name} no board stands that could be bored for pins."
        else:
            said = f"On the {side} of {name} no board reaches the row of pins {{row}} behind the front."
        yield FindingShown(
            code="pins-in-what-stands" if stands else "pins-find-no-board",
            severity="note" if stands else "attention",
            place=wall.place,
            places=[wall.place],
            place_name=name,
            message=filled(said, {"row": wall.ends_before or Mm(0)}, plan.plan.units.length),
            fix="Bore the wall that stands there; where none stands at the clear width, pack it out or put a divider."
            if stands
            else "Put a divider there that is as deep as the shelf, or set the rows further forward.",
            keys=[key_text((wall.place, "pin_rows"))],
            pieces=[],
        )


def _holes_in_grooves(plan: SolvedPlan) -> Iterator[FindingShown]:
    """Boards whose holes come into a groove, or near it."""
    for one in holes_in_grooves(plan):
        place, board = one.board.id.partition("/")[0], piece_name(plan.plan, one.board)
        apart = "comes into" if one.apart <= 0 else "comes within {apart} of"
        said = f"{board}: one of its {one.holes.rule.title.lower()} {apart} its {one.groove.rule.title.lower()}"
        yield FindingShown(
            code="hole-in-a-groove",
            severity="attention",
            place=place,
            places=[place],
            place_name=place_name(plan.plan, place),
            message=filled(
                said + "; {least} is least.", {"apart": one.apart, "least": one.least}, plan.plan.units.length
            ),
            fix="Let the holes begin further from that edge, or the groove nearer to it.",
            keys=[key_text(one.holes.keys[one.holes.rule.holes])] if one.holes.rule.holes in one.holes.keys else [],
            pieces=[one.board.id],
        )
