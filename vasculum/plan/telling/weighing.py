"""What each alternative of a family would cost and gain in this plan: worked out beside it, nothing kept."""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import NoSuchQuantity
from vasculum.core.flow import Alternative
from vasculum.core.tables import stock_runners, tools
from vasculum.plan.document import Model, Plan
from vasculum.plan.document.patching import PatchStep, patched
from vasculum.plan.document.starting import runner_row
from vasculum.plan.laying.layout import boxes_of, chosen, nearest_choice
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.comparing import volume_of
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import findings_of
from vasculum.plan.telling.words import number_text

WEIGHED = ("joint", "bottom", "front", "runner", "through", "case_joint", "case_back", "case_top", "case_bottom")
"""Families that are chosen by seeing what each takes."""


class Weighed(Model):
    """One alternative, chosen for the whole plan: what it would take and bring."""

    kind: str
    is_chosen: bool
    patch: list[PatchStep]
    """The change that chooses it."""
    volume: str
    """Inside, all boxes together."""
    more: str
    """Against the choice that holds now, with its sign; empty where it is the same."""
    parts: int
    height: str
    """Inside the lowest box; empty where none has one."""
    to_buy: int
    """Pieces of hardware: pairs of runners, pulls, screws."""
    pull: str
    """The hardest pull of any box."""
    stops: int
    """Findings that stop it or want attention, new ones against now."""
    says: str
    """The first of them."""
    lacks: str = ""
    """Tools that nobody here has, in words; empty where they are there, or where nobody said."""
    instead: str = ""
    """What it would take without them."""


def weighed(plan: SolvedPlan, family: str) -> list[Weighed]:
    """What each alternative of a family costs and gains, in the order of :func:`weighed_plans`."""
    return [one for one, _ in weighed_plans(plan, family)]


def speaks_against(plan: SolvedPlan) -> dict[tuple[str, str], FindingShown]:
    """What speaks against a plan, by what it is and where."""
    grave = (one for one in findings_of(plan) if one.severity in ("stop", "attention"))
    return {(one.code, place): one for one in grave for place in one.places}


def weighed_plans(plan: SolvedPlan, family: str) -> list[tuple[Weighed, SolvedPlan]]:
    """Every alternative of a family, the best fitting first; what needs tools that are not there comes last."""
    now, known = volume_of(plan), speaks_against(plan)
    found = []
    words = the_catalogue().known
    for kind, patch in ways_to_choose(plan.plan, family):
        lacks = lacking(plan.plan, words[kind])
        then = plan if not patch else solve_plan(patched(plan.plan, patch), plan)
        new = [one for at, one in speaks_against(then).items() if at not in known]
        volume = volume_of(then)
        unit = plan.plan.units.length
        more = volume - now
        pulls = [then.solved.value(box.id, "pull_force") or 0.0 for box in boxes_of(then.plan)]
        one = Weighed(
            kind=kind,
            is_chosen=not patch,
            patch=patch,
            volume=number_text(volume, unit, "litre") if volume else "",
            more=f"{float(more):+.1f} litres" if round(more, 1) else "",
            parts=len(pieces_of(then)),
            height=_lowest(then),
            to_buy=sum(hardware.count for hardware in hardware_of(then)),
            pull=number_text(max(pulls), unit, "N") if pulls else "",
            stops=len(new),
            says=new[0].message if new else "",
            lacks=lacks,
            instead=words[kind].instead if lacks else "",
        )
        found.append((one, then))
    return sorted(found, key=lambda one: (bool(one[0].lacks), one[0].stops))


def _lowest(plan: SolvedPlan) -> str:
    """The least inside height of any box."""
    heights = [plan.solved.value(box.id, "inside_height") for box in boxes_of(plan.plan)]
    known = [height for height in heights if height is not None]
    return number_text(min(known), plan.plan.units.length) if known else ""


def lacking(plan: Plan, one: Alternative) -> str:
    """The tools that a way of building needs and nobody here has: *router or dado set*; empty where nobody said."""
    if plan.tools is None:
        return ""
    titles = {tool.id: tool.title.lower() for tool in tools()}
    missing = [group for group in one.needs if not set(group) & set(plan.tools)]
    return ", and ".join(" or ".join(titles[tool] for tool in group) for group in missing)


def ways_to_choose(plan: Plan, family: str) -> Iterator[tuple[str, list[PatchStep]]]:
    """Each alternative with the change that chooses it; without one where it is chosen already."""
    for kind in the_catalogue().alternatives(family):
        value = kind.partition(".")[2]
        if family == "runner":
            row = plan.library.runners[nearest_choice([plan.choices], "runner") or ""]
            yield kind, [] if row.kind == value else runner_chosen(plan, value, "/choices")
        else:
            now = chosen(plan, [plan.choices], family)
            yield kind, [] if value == now else [PatchStep(op="add", path=f"/choices/{family}", value=value)]


def runner_chosen(plan: Plan, system: str, where: str) -> list[PatchStep]:
    """A row of that system that the plan has, or the stock one of its units, chosen among the choices at a path.

    Raises:
        NoSuchQuantity: ``no-such-runner`` where there is no such system.
    """
    own = next((id_ for id_, row in plan.library.runners.items() if row.kind == system), None)
    if own is not None:
        return [PatchStep(op="add", path=f"{where}/runner", value=own)]
    of_unit = (row for row in stock_runners() if row.kind == system and row.system == plan.defaults_system)
    stock = next(of_unit, None)
    if stock is None:
        raise NoSuchQuantity("no-such-runner", f"There is no runner of the kind {system!r}.")
    id_ = f"runner-{plan.next_id}"
    return [
        PatchStep(op="add", path=f"/library/runners/{id_}", value=runner_row(stock)),
        PatchStep(op="add", path=f"{where}/runner", value=id_),
        PatchStep(op="replace", path="/next_id", value=plan.next_id + 1),
    ]
