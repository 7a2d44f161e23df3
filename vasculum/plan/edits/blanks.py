"""Spare parts, and parts that are cut from one piece: said of the pieces of the parts list."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.plan.document import OfOnePiece, PartId
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.document.reading import pointer
from vasculum.plan.edits.acts import Act, Named, Numbers, gone, put
from vasculum.plan.edits.offcuts import LOAD_AGAIN
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.on_stock import row_of
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import made_of
from vasculum.plan.telling.sheets import part_called

Alike = Annotated[list[PartId], Field(min_length=1, max_length=1000, description="Pieces that are alike.")]


class CutSpare(Act):
    """So many more are cut of pieces that are alike; none takes it back."""

    do: Literal["cut-spare"]
    parts: Alike
    count: Annotated[int, Field(ge=0, le=20)]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.count} spare of {part_called(now, self.parts[0])}"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """All of them with the first piece.

        Raises:
            NoSuchQuantity: ``no-such-part``.
            PlanRefused: ``matched`` of a face whose figure runs on.
        """
        for part in self.parts:
            if _piece(now, part).grain == "matched":
                raise PlanRefused("matched", "Its figure runs on: a spare one would not match.", "")
            if part in now.plan.spares:
                yield gone(pointer(("spares", part)))
        if self.count:
            yield put(pointer(("spares", self.parts[0])), self.count)


class CutTogether(Act):
    """Each of some groups of parts is cut from one piece, one part after the other along the grain."""

    do: Literal["cut-together"]
    groups: Annotated[list[OfOnePiece], Field(min_length=1, max_length=200)]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        first = " and ".join(part_called(now, part) for part in self.groups[0])
        return f"{first} from one piece" + (f", and {len(self.groups) - 1} more" if len(self.groups) > 1 else "")

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The groups.

        Raises:
            NoSuchQuantity: ``no-such-part``.
            PlanRefused: ``matched``, or ``other-stock`` where they are of different sheets.
        """
        numbers = Numbers(now.plan)
        for group in self.groups:
            pieces = [_piece(now, part) for part in group]
            if any(piece.grain == "matched" for piece in pieces):
                raise PlanRefused("matched", "They are cut from one piece already: the figure runs on.", "")
            if len({row_of(now, piece) for piece in pieces}) > 1:
                raise PlanRefused("other-stock", "They are of different sheets.", "Choose the same sheet for all.")
            yield put(f"/together/{numbers.fresh('blank')}", list(group))
        yield numbers.given()


class CutApart(Act):
    """Parts that were to come out of one piece are laid out by themselves."""

    do: Literal["cut-apart"]
    groups: Annotated[list[Named], Field(min_length=1, max_length=200)]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return "Parts laid out by themselves again"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """They are gone.

        Raises:
            NoSuchQuantity: ``no-such-part``.
        """
        for group in self.groups:
            if group not in now.plan.together:
                raise NoSuchQuantity("no-such-part", f"No parts {group!r} are cut from one piece.", LOAD_AGAIN)
            yield gone(f"/together/{group}")


def _piece(now: SolvedPlan, part: str) -> Piece:
    piece = made_of(now).by_id.get(part)
    if piece is None:
        raise NoSuchQuantity("no-such-part", f"The plan has no part {part!r}.", LOAD_AGAIN)
    return piece
