"""The catalogue of answers: rules, checks, pieces, cuts, goods, and the alternatives that they belong to.

A rule is a plain function on exact numbers. Its parameter names are the wiring, its docstring's first sentence is the
reason a person reads, and its decorator says where it comes from and which *kind of place* it answers for::

    @rule(source="common practice", per="joint.rabbet_in_ends")
    def box_front_length(box_width: Mm) -> Mm:
        '''Front and back run the full width of the box.'''
        return box_width

``per`` may name several kinds that must hold together, ``when`` names choices that must have been made. Of several
answers to one name, one for choices that were made goes before one without, and one for several kinds together, such as
``("lined", "bottom.planted")``, before one for ``lined``.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from dataclasses import dataclass, field
from fractions import Fraction
from inspect import Parameter, cleandoc, signature
from typing import Any, Literal, NamedTuple, ParamSpec, TypeVar

from vasculum.core.errors import NoSuchQuantity, Unwired
from vasculum.core.flow.things import (
    Alternative,
    CutKind,
    CutRule,
    Datum,
    Edges,
    Face,
    GoodKind,
    GoodRule,
    GoodUnit,
    Hand,
    Holder,
    PieceRule,
    Stand,
)

Key = tuple[str, str]
"""Place id and name; written ``place-id/name``."""

MeasureUnit = Literal["mm", "count", "ratio", "area", "ml", "litre", "share", "kg", "kg/m³", "N", "yes-no", "text"]
Origin = Literal["measured", "chosen", "assumed", "worked out", "as built"]
Severity = Literal["stop", "attention", "note", "caution"]
Kinds = str | tuple[str, ...]
"""One kind, or several that must hold together."""
Thing = PieceRule | CutRule | GoodRule

P = ParamSpec("P")
R = TypeVar("R")
S = TypeVar("S", bound=Callable[..., Stand | None])


def key_text(key: Key) -> str:
    """``place-id/name``."""
    return f"{key[0]}/{key[1]}"


def read_key(text: str) -> Key:
    """The key that ``place-id/name`` names.

    Raises:
        NoSuchQuantity: when the text is not of that form.
    """
    place, slash, name = text.partition("/")
    if not (slash and place and name) or "/" in name:
        raise NoSuchQuantity("no-such-key", f"Read {text!r}, which is no key.", "Write place-id/name.")
    return (place, name)


class Rule(NamedTuple):
    """One rule: what it gives, where it holds, why, and what it needs.

    It holds where all of ``kinds`` do and all choices in ``when`` have been made.
    """

    function: Callable[..., Any]
    name: str
    kinds: frozenset[str]
    source: str
    sentence: str
    unit: MeasureUnit
    needs: tuple[str, ...]
    optional: frozenset[str]
    when: frozenset[str] = frozenset()
    defaults: tuple[tuple[str, Any], ...] = ()
    """What stands for each optional input that is not there."""
    is_shared_out: bool = False
    is_judgement: bool = False
    is_check: bool = False

    @property
    def kind(self) -> str:
        """Where it holds, in one text: ``lined + bottom.planted``, ``drawer when mouth_width``."""
        said = " + ".join(sorted(self.kinds))
        return f"{said} when {', '.join(sorted(self.when))}" if self.when else said


@dataclass(frozen=True, slots=True)
class Finding:
    """Facts that a person should know; ``message`` and ``fix`` name ``numbers`` in braces and are rendered last.

    ``about`` names quantities of the same place that the finding speaks of. Numbers are lengths, but for those whose
    names end in ``_kg``, ``_n`` or ``_count``: kilograms, newtons, how many.
    """

    code: str
    severity: Severity
    message: str
    fix: str = ""
    numbers: Mapping[str, Fraction | int | float] = field(default_factory=dict)
    about: tuple[str, ...] = ()


def family(kind: str) -> str:
    """The group of alternatives a kind belongs to: ``joint`` of ``joint.butt``."""
    return kind.partition(".")[0]


def _together(per: Kinds) -> frozenset[str]:
    return frozenset({per} if isinstance(per, str) else per)


@dataclass
class Catalogue:
    """Name → where it holds → rule. Checks stand in a mapping of their own and are wired in the same way."""

    rules: dict[str, dict[str, Rule]] = field(default_factory=dict)
    checks: dict[str, dict[str, Rule]] = field(default_factory=dict)
    labels: dict[str, str] = field(default_factory=dict)
    """What a woodworker calls each quantity."""
    pieces: list[PieceRule] = field(default_factory=list)
    cuts: list[CutRule] = field(default_factory=list)
    goods: list[GoodRule] = field(default_factory=list)
    known: dict[str, Alternative] = field(default_factory=dict)
    """Alternatives by kind."""
    index: tuple[int, Any] = field(default=(0, None), repr=False, compare=False)
    """What wiring keeps of it, with its size at that time."""

    # ---- numbers and findings ------------------------------------------------------------------------------------

    def rule(
        self,
        source: str,
        per: Kinds,
        unit: MeasureUnit = "mm",
        when: tuple[str, ...] = (),
        shared_out_as: str = "",
        judgement: bool = False,
        label: str = "",
    ) -> Callable[[Callable[P, R]], Callable[P, R]]:
        """Put a function into the catalogue, unchanged: a test calls it with plain numbers.

        ``label`` is what a woodworker calls the quantity; of several rules that give it one says it for all.
        """

        def register(function: Callable[P, R]) -> Callable[P, R]:
            made = self._made(function, shared_out_as or function.__name__, per, when, source, unit)
            made = made._replace(is_shared_out=bool(shared_out_as), is_judgement=judgement)
            self._put(self.rules, made)
            if label and self.labels.setdefault(made.name, label) != label:
                raise Unwired(f"{made.name} has two labels: {self.labels[made.name]}; {label}")
            return function

        return register

    def check(self, source: str, per: Kinds, when: tuple[str, ...] = ()) -> Callable[[Callable[P, R]], Callable[P, R]]:
        """Put a check into the catalogue: it answers a :class:`Finding`, or None where nothing is to be said."""

        def register(function: Callable[P, R]) -> Callable[P, R]:
            made = self._made(function, function.__name__, per, when, source, "text")
            self._put(self.checks, made._replace(is_check=True))
            return function

        return register

    def _made(
        self,
        function: Callable[..., Any],
        name: str,
        per: Kinds,
        when: tuple[str, ...],
        source: str,
        unit: MeasureUnit,
    ) -> Rule:
        needs, optional = _parameters(function)
        sentence = _sentence(function, name)
        defaults = tuple((name, signature(function).parameters[name].default) for name in sorted(optional))
        return Rule(function, name, _together(per), source, sentence, unit, needs, optional, frozenset(when), defaults)

    def _put(self, answers: dict[str, dict[str, Rule]], made: Rule) -> None:
        by_kind = answers.setdefault(made.name, {})
        if made.kind in by_kind:
            raise Unwired(f"two rules give {made.name} for {made.kind}")
        by_kind[made.kind] = made

    # ---- things --------------------------------------------------------------------------------------------------

    def piece(
        self,
        role: str,
        per: Kinds,
        title: str,
        length: str,
        width: str,
        thickness: str,
        stock: str,
        hand: Hand | None = None,
        bands: Edges | None = None,
        moves: bool = False,
        where: str = "",
        let_in: str = "",
        fixed_at: str = "",
        order: int = 0,
        nth: int = 0,
    ) -> Callable[[S], S]:
        """A part to cut, beside the rules that size it; the function says where it stands.

        ``where`` names a quantity that has to be there, and more than nothing; ``let_in`` how deep its ends go into
        what they end at, ``fixed_at`` where fasteners stand along them; ``nth`` which of those in ``where`` it is.
        """

        def register(stand: S) -> S:
            needs, optional = _parameters(stand)
            self.pieces.append(
                PieceRule(
                    role, _together(per), title, length, width, thickness, stock, stand, needs, optional,
                    _sentence(stand, role), hand, bands, moves, where, let_in, fixed_at, order, nth,
                )
            )  # fmt: skip
            return stand

        return register

    def body(
        self, role: str, per: Kinds, title: str, length: str, width: str, thickness: str, moves: bool = False
    ) -> Callable[[S], S]:
        """Something that stands in the plan without being cut: the room that a member of a runner takes."""
        return self.piece(role, per, title, length, width, thickness, stock="", moves=moves)

    def cut(
        self,
        what: CutKind,
        per: Kinds,
        into: str | tuple[str, ...],
        title: str,
        face: Face = "inside",
        datums: Datum | tuple[Datum, ...] = "lower",
        at: str = "",
        width: str = "",
        depth: str = "",
        begins: str = "",
        length: str = "",
        count: str = "",
        holes: str = "",
        holes_from: Datum = "front",
        first: int = 0,
        is_centred: bool = False,
    ) -> None:
        """Something taken out of pieces of the same place, or marked on them."""
        ends = (datums,) if isinstance(datums, str) else datums
        for role in (into,) if isinstance(into, str) else into:
            self.cuts.append(
                CutRule(
                    what, _together(per), role, title, face, ends, at, width, depth, begins, length, count, first,
                    holes, holes_from, is_centred,
                )
            )  # fmt: skip

    def good(
        self,
        what: GoodKind,
        per: Kinds,
        title: str,
        unit: GoodUnit = "piece",
        count: str = "",
        size: str = "",
        through: tuple[str, ...] = (),
        into: tuple[str, ...] = (),
        holds: Holder | None = None,
        row: str = "",
        by: str = "",
        at_least: bool = False,
        where: str = "",
        gauge: str = "",
        bite: str = "",
    ) -> None:
        """Something bought for a place; ``where`` names a quantity that has to be more than nothing."""
        needs = tuple(dict.fromkeys(name for name in (count, size, *through, *into, by, where, gauge, bite) if name))
        self.goods.append(
            GoodRule(
                what, _together(per), title, unit, needs, frozenset(), count, size, through, into, holds, row, by,
                at_least, where, gauge, bite,
            )
        )  # fmt: skip

    def alternative(
        self,
        *kinds: str,
        title: str,
        about: str = "",
        needs: str = "",
        instead: str = "",
        shares: tuple[str, ...] | Mapping[str, tuple[str, ...]] = (),
        order: int = 0,
    ) -> None:
        """Declare alternatives that have the same words: a joint at the front and at the back.

        Args:
            needs: tools, groups divided by ``;``, any one of a group by ``|``.
            shares: kinds that answer for it and for others; by its kind where they differ.
        """
        groups = tuple(tuple(group.split("|")) for group in needs.split(";") if group)
        for kind in kinds:
            if kind in self.known:
                raise Unwired(f"the alternative {kind} is declared twice")
            shared = shares.get(kind, ()) if isinstance(shares, Mapping) else shares
            self.known[kind] = Alternative(kind, title, about, groups, instead, shared, order)

    # ---- what there is -------------------------------------------------------------------------------------------

    def alternatives(self, group: str) -> list[str]:
        """The kinds of one family in the order in which they are offered."""
        of_it = [one for one in self.known.values() if family(one.kind) == group]
        return [one.kind for one in sorted(of_it, key=lambda one: one.order)]

    def in_order(self) -> list[Alternative]:
        """Every alternative, family by family, in the order in which they are offered."""
        families = dict.fromkeys(family(kind) for kind in self.known)
        return [self.known[kind] for group in families for kind in self.alternatives(group)]

    def with_shared(self, kinds: Iterable[str]) -> set[str]:
        """These kinds, and what their alternatives share with others."""
        found = set(kinds)
        for kind in kinds:
            if kind in self.known:
                found.update(self.known[kind].shares)
        return found


def _parameters(function: Callable[..., Any]) -> tuple[tuple[str, ...], frozenset[str]]:
    parameters = signature(function).parameters
    optional = frozenset(n for n, p in parameters.items() if p.default is not Parameter.empty)
    return tuple(parameters), optional


def _sentence(function: Callable[..., Any], name: str) -> str:
    if not function.__doc__:
        raise Unwired(f"{name} has no docstring: its first sentence is the reason (run without -OO)")
    paragraph = " ".join(cleandoc(function.__doc__).split("\n\n")[0].split())
    head, stop, _ = paragraph.partition(". ")
    return head + "." if stop else paragraph
