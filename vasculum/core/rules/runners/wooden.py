"""A wooden runner in a groove of the side: hardwood, waxed. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import half_depth

alternative(
    "runner.wooden",
    title="Wooden runner in a groove",
    about="A waxed hardwood strip in a groove of the side; any length, nothing to buy.",
    needs="table_saw|router|dado_set",
    instead="Two layers a side with a gap between them as wide as the runner.",
    shares=(
        "sliding",
        "clearing",
        "lined",
        "line.halfway",
    ),
    order=6,
)


@rule(source="common practice", per="runner.wooden")
def runner_groove_depth(side_thickness: Mm, thickness_increment: Mm, wanted_runner_groove: Mm | None = None) -> Mm:
    """The groove for the runner is half as deep as the side is thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_runner_groove, "groove")


@rule(source="common practice", per="runner.wooden")
def runner_groove_width(runner_height: Mm, runner_groove_play: Mm) -> Mm:
    """The groove is wider than the runner by its play."""
    return runner_height + runner_groove_play


@rule(source="geometry", per="runner.wooden")
def runner_groove_from_edge(runner_line_on_wall: Mm, runner_groove_width: Mm) -> Mm:
    """The groove begins half its width below the runner line.

    Above the side's lower edge.
    """
    return runner_line_on_wall - runner_groove_width / 2


@rule(source="common practice", per="runner.wooden")
def runner_projects(beside_box: Mm, runner_groove_depth: Mm, runner_groove_play: Mm) -> Mm:
    """The runner stands out from the case by the clearance and the groove, less the play at its bottom.

    Its thickness.
    """
    return beside_box + runner_groove_depth - runner_groove_play
