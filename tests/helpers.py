"""Plans for tests, and short ways to ask them."""

from __future__ import annotations

from fractions import Fraction
from typing import Any

from pydantic import TypeAdapter

from vasculum.core.catalogue import the_catalogue
from vasculum.core.lengths import read_length
from vasculum.core.tables import stock_runners
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import PatchStep, patched
from vasculum.plan.document.starting import new_plan, runner_row
from vasculum.plan.edits.verbs import Verb, acted
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.marking import marked

INCH = Fraction(254, 10)


def kinds_in(family: str) -> list[str]:
    """The alternatives of a family as a plan names them."""
    return [kind.partition(".")[2] for kind in the_catalogue().alternatives(family)]


RUNNER_SYSTEMS = kinds_in("runner")
ANYWHERE = [one for one in RUNNER_SYSTEMS if one != "risers"]
"""What carries a box in any cell; risers want all of a drawer's width, over a row."""


def mm(text: str | Fraction | int) -> Fraction:
    """Exact mm of a text; a bare number is inches."""
    return read_length(text, "in").mm if isinstance(text, str) else Fraction(text)


def step(path: str, value: Any = None, op: str = "add") -> PatchStep:
    return PatchStep.model_validate({"op": op, "path": path, "value": value})


def drawer_of(plan: Plan) -> str:
    return plan.spaces[plan.space_order[0]].holds


def space_of(plan: Plan) -> str:
    return plan.space_order[0]


def sheet_of(plan: Plan, choice: str) -> str:
    return plan.choices[choice]


def framed(width: str = "22 1/2", height: str = "9 7/16", depth: str = "22 7/8", **choices: str) -> Plan:
    """A cabinet with a face frame, in inches."""
    return with_choices(new_plan("Framed", "framed", "in", width, height, depth), **choices)


def frameless(width: str = "22 1/2", height: str = "9 7/16", depth: str = "18", **choices: str) -> Plan:
    """A plain opening, in inches."""
    return with_choices(new_plan("Frameless", "frameless", "in", width, height, depth), **choices)


def with_choices(plan: Plan, **choices: str) -> Plan:
    return changed(plan, *(step(f"/choices/{name}", value) for name, value in choices.items()))


def with_runner(plan: Plan, system: str) -> Plan:
    """The plan on the stock runner of another system."""
    row = next(r for r in stock_runners() if r.kind == system and r.system == plan.units.length)
    number = plan.next_id
    return changed(
        plan,
        step(f"/library/runners/runner-{number}", runner_row(row)),
        step("/choices/runner", f"runner-{number}"),
        step("/next_id", number + 1, "replace"),
    )


def measured(plan: Plan, **sheets: str) -> Plan:
    """The plan with sheets measured, by the choice that uses them: ``side_sheet="15/32 in"``."""
    return changed(
        plan, *(step(f"/library/sheets/{plan.choices[choice]}/measured", size) for choice, size in sheets.items())
    )


def with_readings(plan: Plan, survey: str, *readings: dict[str, Any]) -> Plan:
    """The plan with more readings of its frame or its case."""
    space = plan.spaces[space_of(plan)]
    survey_id = space.frame if survey == "frame" else space.case
    steps, number = [], plan.next_id
    for reading in readings:
        steps += [
            step(f"/readings/reading-{number}", {"survey": survey_id, **reading}),
            step("/reading_order/-", f"reading-{number}"),
        ]
        number += 1
    return changed(plan, *steps, step("/next_id", number, "replace"))


def pinned(plan: Plan, **sizes: str) -> Plan:
    """The plan with sizes of its drawer as built."""
    drawer = drawer_of(plan)
    return changed(plan, *(step(f"/as_built/{drawer}~1{name}", size) for name, size in sizes.items()))


def changed(plan: Plan, *steps: PatchStep) -> Plan:
    return patched(plan, steps) if steps else plan


def solved(plan: Plan) -> SolvedPlan:
    return marked(plan)


def value(plan: Plan | SolvedPlan, name: str) -> Fraction:
    """The value of a quantity at the drawer, or the nearest further out."""
    from vasculum.plan.laying.solving import nearest_key

    done = plan if isinstance(plan, SolvedPlan) else solved(plan)
    found: Fraction = done.solved.value(*nearest_key(done, drawer_of(done.plan), name))
    return found


def codes(plan: Plan | SolvedPlan, *severities: str) -> set[str]:
    """Codes of the findings, of these severities or of all."""
    from vasculum.plan.telling.solution import findings_of

    done = plan if isinstance(plan, SolvedPlan) else solved(plan)
    return {f.code for f in findings_of(done) if not severities or f.severity in severities}


def with_obstruction(plan: Plan, on: str, projection: str, **more: Any) -> Plan:
    """The plan with something in the way, on one side of its first space."""
    one = {"name": "Thing", "what": "other", "space": space_of(plan), "on": on, "projection": projection, **more}
    number = plan.next_id
    return changed(plan, step(f"/obstructions/obstruction-{number}", one), step("/next_id", number + 1, "replace"))


def split(plan: Plan, place: str, how: str, *parts: dict[str, Any], **more: Any) -> tuple[Plan, list[str]]:
    """Divide a place into rows or columns; each part is a drawer unless it says what it holds."""
    number, ids, steps = plan.next_id, [], []
    for part in parts:
        ids.append(f"place-{number}")
        size = {"by": "share", "length": None, "share": 1, **part.get("size", {})}
        node = {"name": f"Part {number}", "holds": "drawer", **part, "size": size}
        steps.append(step(f"/places/place-{number}", node))
        number += 1
    steps += [step(f"/places/{place}/holds", how, "replace"), step(f"/places/{place}/children", ids)]
    steps += [step(f"/places/{place}/{name}", wish) for name, wish in more.items()]
    return changed(plan, *steps, step("/next_id", number, "replace")), ids


def fixed(length: str, **more: Any) -> dict[str, Any]:
    return {"size": {"by": "fixed", "length": length}, **more}


def share(count: int, **more: Any) -> dict[str, Any]:
    return {"size": {"share": count}, **more}


GRADUATED: dict[str, Any] = {"size": {"by": "graduated"}}


_VERB: TypeAdapter[Verb] = TypeAdapter(Verb)


def act(plan: Plan, do: str, **told: Any) -> Plan:
    """The plan after an act, told as a screen tells it."""
    return acted(solved(plan), _VERB.validate_python({"do": do, **told}))


def told(plan: Plan, do: str, **more: Any) -> str:
    """What the history calls an act that has no other name."""
    return _VERB.validate_python({"do": do, **more}).told(solved(plan))


def entered(plan: Plan, do: str, **more: Any) -> str | None:
    """What the history says of what was typed."""
    return _VERB.validate_python({"do": do, **more}).entered(plan)
