"""``python -m vasculum.proposing SPACE``: a plan on the standard input, proposals as lines of JSON, ever better."""

from __future__ import annotations

import sys

from vasculum.plan.document.reading import read_plan
from vasculum.proposing.proposals import propose


def main(space: str) -> None:
    """Say each as soon as it is there."""
    for one in propose(read_plan(sys.stdin.buffer.read()), space):
        print(one.model_dump_json(), flush=True)


if __name__ == "__main__":
    main(sys.argv[1])
