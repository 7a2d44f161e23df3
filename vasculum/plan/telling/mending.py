"""Where a finding is mended: the readings and choices nearest behind what it speaks of."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from vasculum.core.flow import Key, Task, family, key_text
from vasculum.core.tables import choosables
from vasculum.plan.document import Model, Plan
from vasculum.plan.laying.asked import choices_behind
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.words import label_of, place_name

MOST_MENDS, MOST_LOOKED_AT = 4, 12
"""So many fields are named, of so many; what stands further behind is found by asking why."""


class Mend(Model):
    """A field that decides what a finding speaks of."""

    key: str
    """A reading, a size of a survey that was not read yet, or a choice of the plan or one of its places."""
    label: str
    group: str
    """The group of the choice; empty for a reading."""


def mends_of(plan: SolvedPlan, keys: Iterable[Key]) -> list[Mend]:
    """The fields behind some quantities: first what a person has said, then the nearest, back towards the tape.

    Args:
        keys: what the finding speaks of, or the check that found it.
    """
    wiring = plan.solved.wiring
    level = dict.fromkeys(keys)
    seen, found = set(level), dict[Key, Mend]()
    while level and len(found) < MOST_LOOKED_AT:
        behind: dict[Key, None] = {}
        for key in level:
            task = wiring.task(key)
            for field in _fields(plan.plan, key, task):
                found.setdefault(field, _mend(plan.plan, field))
            behind |= dict.fromkeys(task.after if task is not None else ())
        level = {key: None for key in behind if key not in seen}
        seen |= level.keys()
    in_order = sorted(found, key=lambda field: not _is_said(plan.plan, field))
    return [found[field] for field in in_order[:MOST_MENDS]]


def _is_said(plan: Plan, field: Key) -> bool:
    """Whether a person has said it, other than what the program starts with; a row of the library is always one."""
    place, name = field
    if place in plan.readings or place in plan.surveys:
        return True
    own = plan.places.get(place) or plan.spaces.get(place) or plan
    one, said = choosables(plan.defaults_edition)[name], own.choices.get(name)
    return said is not None and one.kind not in ROWS and said != one.default(plan.defaults_system)


GOVERNING = "governing_"
ROWS = ("sheet", "band", "board", "runner")


def _fields(plan: Plan, key: Key, task: Task | None) -> Iterator[Key]:
    """The fields that give a quantity, or choose the rule that does."""
    place, name = key
    known = choosables(plan.defaults_edition)
    if place in plan.readings:
        yield key
    elif place in plan.surveys and name.startswith(GOVERNING):
        of = name.removeprefix(GOVERNING)
        if not any(one.survey == place and one.of == of for one in plan.readings.values()):
            yield place, of
    elif task is None:
        yield from ((place, choice) for choice in choices_behind(name) if choice in known)
    else:
        families = dict.fromkeys(map(family, task.rule.kinds))
        yield from ((_chosen_at(plan, place, one), one) for one in families if one in known)


def _chosen_at(plan: Plan, place: str, name: str) -> str:
    """Where a kind is chosen: at the place itself or its space, else for the plan."""
    own = plan.places.get(place) or plan.spaces.get(place)
    return place if own is not None and name in own.choices else PLAN


def _mend(plan: Plan, field: Key) -> Mend:
    place, name = field
    if place in plan.readings or place in plan.surveys:
        label = place_name(plan, place) if place in plan.readings else name
        return Mend(key=key_text(field), label=label, group="")
    group = choosables(plan.defaults_edition)[name].group
    return Mend(key=key_text(field), label=label_of(name, plan.defaults_edition), group=group)
