"""Proposals for a space: several ways that differ, each built as a plan and judged by it, beside the equal split.

The same list gives the same proposals; they come one after the other, each time better or as good.
"""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.plan.document import Plan
from vasculum.proposing.probing import Probe, probed
from vasculum.proposing.sharing import GOALS, Columns, Goal, Shared, share_out
from vasculum.proposing.told import Proposals, told
from vasculum.proposing.tried import Tried, built
from vasculum.proposing.wanting import larger_than_any, lie_together, narrow, wanted_in

MOST_COLUMNS = 4
TRIES = 30
"""How often things that do not lie on one floor are parted before a way is given up."""
LEAST_WORK, WHOLE_WORK = 0.6, 2.0
"""First for an answer, then for a better one, in the solver's own measure."""


def propose(plan: Plan, space: str) -> Iterator[Proposals]:
    """Proposals for everything on the list, better and better; the last is done.

    None of them where the list is empty or the space does not solve.
    """
    probes = [one for many in range(1, MOST_COLUMNS + 1) if (one := probed(plan, space, many)) is not None]
    if not probes or not plan.things:
        yield Proposals(proposals=[], one_more="", too_large=[], done=True, progress=100)
        return
    too_large = list(larger_than_any(plan, probes))
    probes = [one for one in probes if not narrow(plan, probes[0], one)]
    goals = goals_of(plan)
    tried: dict[tuple[str, int], Tried] = {}
    jobs = [(work, goal, probe) for work in (LEAST_WORK, WHOLE_WORK) for goal in goals for probe in probes]
    for number, (work, goal, probe) in enumerate(jobs, 1):
        known = tried.get((goal, probe.columns))
        if known is None or not known.shared.is_best:
            shared = _shared(plan, probe, goal, work)
            if shared is not None and any(shared.columns):
                tried[goal, probe.columns] = built(plan, space, goal, probe, shared)
        fewest = _best([one for one in tried.values() if one.goal == "fewest"], "fewest")
        if fewest is not None:
            tried["equal", 0] = _equal(tried.get(("equal", 0)), fewest)
        yield told(_chosen(list(tried.values()), goals), goals, fewest, too_large, 100 * number // len(jobs))


def _equal(known: Tried | None, fewest: Tried) -> Tried:
    """As many rows as the fewest drawers take, with the same things, but all alike; built again where they changed."""
    if known is not None and known.shared == fewest.shared:
        return known
    return built(fewest.before, fewest.space, "equal", fewest.probe, fewest.shared)


def goals_of(plan: Plan) -> list[Goal]:
    """The goals that something on the list is about."""
    things = plan.things.values()
    asked: dict[Goal, bool] = {
        "in_reach": len({one.use for one in things}) > 1,
        "heavy_low": any(one.weight for one in things),
        "together": any(one.belongs_with for one in things),
    }
    return [goal for goal in GOALS if asked.get(goal, True)]


def _shared(plan: Plan, probe: Probe, goal: Goal, work: float) -> Shared | None:
    """Shared out so that the things of every drawer do lie on its floor."""
    columns = Columns(probe.columns, probe.height, probe.loss, probe.width * probe.depth)
    wanted, apart = wanted_in(plan, probe), list[frozenset[str]]()
    for _ in range(TRIES):
        found = share_out(wanted, columns, goal, apart, work)
        if found is None:
            return None
        full = [row for rows in found.columns for row in rows if not lie_together(plan, row, probe)]
        if not full:
            return found
        apart += [frozenset(row) for row in full]
    return None


def _best(tried: list[Tried], goal: str) -> Tried | None:
    return min(tried, key=lambda one: (one.comes_to(goal), one.drawers, one.probe.columns), default=None)


def _chosen(tried: list[Tried], goals: list[Goal]) -> list[Tried]:
    """The best of each goal that nothing speaks against, each way once; and the equal split, whatever is said of it."""
    found: list[Tried] = []
    for goal in goals:
        best = _best([one for one in tried if one.goal == goal and not one.stops], goal)
        if best is not None and not any(one.shared.columns == best.shared.columns for one in found):
            found.append(best)
    return found + [one for one in tried if one.goal == "equal"]
