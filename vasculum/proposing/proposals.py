"""Proposals for a place: several ways that differ, each built as a plan and judged by it, beside the equal split.

The same list gives the same proposals; they come one after the other, each time better or as good. The first is there
at once, without a search.
"""

from __future__ import annotations

from collections.abc import Iterator

from vasculum.proposing.asked import Asked
from vasculum.proposing.first import shared_at_once
from vasculum.proposing.probing import Probe, probed
from vasculum.proposing.shares import GOALS, Goal, Shared
from vasculum.proposing.told import Proposals, told
from vasculum.proposing.tried import Tried, built
from vasculum.proposing.wanting import TooLarge, columns_of, larger_than_any, lie_together, narrow, wanted_in

MOST_COLUMNS = 4
TRIES = 30
"""How often things that do not lie on one floor are parted before a way is given up."""
MOST_AT_ONCE = 80
"""Things that are shared out while somebody waits: about a second."""
LEAST_WORK, WHOLE_WORK = 0.6, 2.0
"""First for an answer, then for a better one, in the solver's own measure."""


def propose(asked: Asked) -> Iterator[Proposals]:
    """Proposals for everything that is asked for, better and better; the last is done.

    None of them where nothing is to go in or the place does not solve.
    """
    search = _Search(asked)
    for many in range(1, MOST_COLUMNS + 1) if asked.things else ():
        probe = probed(asked, many)
        if probe is not None and search.takes(probe):
            search.keep("fewest", probe, shared_at_once(asked, probe))
            yield search.told(0)
    if not search.probes:
        yield Proposals(proposals=[], one_more="", too_large=[], done=True, progress=100)
        return
    jobs = [
        (work, goal, probe) for work in (LEAST_WORK, WHOLE_WORK) for goal in search.goals for probe in search.probes
    ]
    for number, (work, goal, probe) in enumerate(jobs, 1):
        known = search.tried.get((goal, probe.columns))
        if known is None or not known.shared.is_best:
            search.keep(goal, probe, _shared(asked, probe, goal, work))
        yield search.told(100 * number // len(jobs))


def at_once(asked: Asked) -> Proposals:
    """The first answer alone, without a search; of many things none yet, for it would keep one waiting."""
    if len(asked.things) > MOST_AT_ONCE:
        return Proposals(proposals=[], one_more="", too_large=[], done=False, progress=0)
    return next(propose(asked))


class _Search:
    """The best that is known for each goal in so many columns."""

    def __init__(self, asked: Asked) -> None:
        self.asked, self.goals = asked, goals_of(asked)
        self.too_large: list[TooLarge] = []
        self.probes: list[Probe] = []
        self.tried: dict[tuple[str, int], Tried] = {}

    def takes(self, probe: Probe) -> bool:
        """Whether so many columns come into question: all that lies alone in the widest drawer does there too."""
        if self.probes and narrow(self.asked, self.probes[0], probe):
            return False
        self.probes.append(probe)
        self.too_large = list(larger_than_any(self.asked, self.probes))
        return True

    def keep(self, goal: Goal, probe: Probe, shared: Shared | None) -> None:
        """Build it, and keep it where nothing better by its goal is kept."""
        if shared is None or not any(shared.columns):
            return
        known, new = self.tried.get((goal, probe.columns)), built(self.asked, goal, probe, shared)
        if known is None or new.comes_to(goal) <= known.comes_to(goal):
            self.tried[goal, probe.columns] = new

    def told(self, progress: int) -> Proposals:
        """What there is so far, the equal split for the fewest drawers with it."""
        fewest = _best([one for one in self.tried.values() if one.goal == "fewest"], "fewest")
        if fewest is not None:
            self.tried["equal", 0] = _equal(self.tried.get(("equal", 0)), fewest)
        return told(_chosen(list(self.tried.values()), self.goals), self.goals, fewest, self.too_large, progress)


def _equal(known: Tried | None, fewest: Tried) -> Tried:
    """As many rows as the fewest drawers take, with the same things, but all alike; built again where they changed."""
    if known is not None and known.shared == fewest.shared:
        return known
    return built(fewest.asked, "equal", fewest.probe, fewest.shared)


def goals_of(asked: Asked) -> list[Goal]:
    """The goals that something on the list is about."""
    things = asked.things.values()
    is_weighed = any(one.weight for one in things)
    wanted: dict[Goal, bool] = {
        "in_reach": len({one.use for one in things}) > 1,
        "heavy_low": is_weighed,
        "together": any(one.belongs_with for one in things),
        "balanced": is_weighed and asked.plan.spaces[asked.space].what == "vehicle",
    }
    return [goal for goal in GOALS if wanted.get(goal, True)]


def _shared(asked: Asked, probe: Probe, goal: Goal, work: float) -> Shared | None:
    """Shared out so that the things of every drawer do lie on its floor."""
    from vasculum.proposing.sharing import share_out  # the solver takes its time to be there: not before it is needed

    wanted, apart = wanted_in(asked, probe), list[frozenset[str]]()
    for _ in range(TRIES):
        found = share_out(wanted, columns_of(probe), goal, apart, work)
        if found is None:
            return None
        full = [row for rows in found.columns for row in rows if not lie_together(asked, row, probe)]
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
