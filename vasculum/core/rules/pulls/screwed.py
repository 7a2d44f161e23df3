"""The screws of a pull, and where they go. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="counterbore for the pull's screws", per="pull_screwed")
def pull_counterbore(pull_passed: Mm, pull_thread: Mm, wanted_pull_screw: Mm | None = None) -> Mm:
    """A screw in hand that is too short is sunk by what is missing: stack and thread less its length."""
    if wanted_pull_screw is None:
        return NOTHING
    return largest(pull_passed + pull_thread - wanted_pull_screw, NOTHING)


@rule(source="common practice", label="screw of the pull", per="pull_screwed")
def pull_screw_length(pull_passed: Mm, pull_thread: Mm, wanted_pull_screw: Mm | None = None) -> Mm:
    """The screw of a pull goes through all that stands before it, and into its thread; or it is the one in hand."""
    return pull_passed + pull_thread if wanted_pull_screw is None else wanted_pull_screw


@rule(source="common practice", label="screws of the pulls", per="pull_screwed", unit="count")
def pull_screws(pull_count: Mm, pull_holes: Mm) -> Mm:
    """Every pull has a screw in each of its holes."""
    return pull_count * pull_holes


@rule(source="geometry", label="holes of the pulls, from the front's left edge", per="pull_screwed")
def pull_holes_from_left(pulls_from_left: tuple[Mm, ...], pull_holes: Mm, pull_hole_spacing: Mm) -> tuple[Mm, ...]:
    """The holes of each pull stand evenly about its middle, as far apart as in the pull in hand."""
    first = pull_hole_spacing * (pull_holes - 1) / 2
    count = range(pull_holes.numerator)
    return tuple(middle - first + pull_hole_spacing * number for middle in pulls_from_left for number in count)


good("pull", per="pull_screwed", title="Pull", count="pull_count")
