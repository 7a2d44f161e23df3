"""Draws plans of any kind by number, puts each together, and says how many are free of clashes and what stops the rest.

    python tools/random_plans.py --first 0 --count 2000

A plan is *free* when the proof finds nothing, *stopped* when a rule refuses or a check says stop, and *only met* when
nothing but the proof says what is wrong. A plan that breaks, or carries a clash without a stop, ends the run with 1.
"""

from __future__ import annotations

import sys
from collections import Counter
from pathlib import Path

import click

sys.path.insert(0, str(Path(__file__).parent.parent))

from tests.any_plan import Verdict, any_plan, verdict_of


@click.command()
@click.option("--first", default=0, help="Number of the first plan.")
@click.option("--count", default=2000, help="How many plans.")
def main(first: int, count: int) -> None:
    """Count what becomes of plans drawn by number."""
    verdicts: Counter[str] = Counter()
    meetings: Counter[str] = Counter()
    broken: list[str] = []
    for number in range(first, first + count):
        try:
            verdict: Verdict = verdict_of(any_plan(number))
        except Exception as fault:
            broken.append(f"{number}: {type(fault).__name__}: {fault}")
            continue
        verdicts[verdict.outcome] += 1
        if verdict.outcome == "only met":
            meetings.update(verdict.meetings)
        if verdict.unnamed:
            broken.append(f"{number}: a clash without a stop: {', '.join(verdict.unnamed)}")
    for outcome, often in verdicts.most_common():
        click.echo(f"{often:5} {outcome}")
    for pair, often in meetings.most_common(20):
        click.echo(f"      {often:4} {pair}")
    for line in broken:
        click.echo(line, err=True)
    sys.exit(1 if broken else 0)


if __name__ == "__main__":
    main()
