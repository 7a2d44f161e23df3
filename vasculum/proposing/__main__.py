"""``python -m vasculum.proposing SPACE PLACE``: reads a plan, prints proposals as lines of JSON, ever better."""

from __future__ import annotations

import sys

from vasculum.plan.document.reading import read_plan
from vasculum.proposing.asked import asked
from vasculum.proposing.proposals import propose


def main(space: str, place: str) -> None:
    """Say each as soon as it is there."""
    for one in propose(asked(read_plan(sys.stdin.buffer.read()), space, place)):
        print(one.model_dump_json(), flush=True)


if __name__ == "__main__":
    main(*sys.argv[1:])
