"""A wooden runner in a groove of the side: hardwood, waxed. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import half_depth
from vasculum.core.rules.obstructions.free import NOTHING

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


@rule(source="common practice", label="depth of the runner's groove", per="runner.wooden")
def runner_groove_depth(side_thickness: Mm, thickness_increment: Mm, wanted_runner_groove: Mm | None = None) -> Mm:
    """The groove for the runner is half as deep as the side is thick, down to the increment, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, wanted_runner_groove, "groove")


@rule(source="common practice", label="width of the runner's groove", per="runner.wooden")
def runner_groove_width(runner_height: Mm, runner_groove_play: Mm) -> Mm:
    """The groove is wider than the runner by its play."""
    return runner_height + runner_groove_play


@rule(source="geometry", label="runner's groove above the side's lower edge", per="runner.wooden")
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


@piece(
    "runner_left",
    per="runner.wooden",
    title="Wooden runner, left",
    length="runner_length",
    width="runner_height",
    thickness="runner_projects",
    stock="hardwood_strip",
    hand="L",
    order=10,
)
def runner_left(
    cell_from_left: Mm, set_back: Mm, runner_from_floor: Mm, runner_height: Mm, taken_left: Mm = NOTHING
) -> Stand:
    """The left wooden runner is fixed to what stands on the left of the box, its centre on the line."""
    return Stand(cell_from_left + taken_left, set_back, runner_from_floor - runner_height / 2, "back", "up", 1)


@piece(
    "runner_right",
    per="runner.wooden",
    title="Wooden runner, right",
    length="runner_length",
    width="runner_height",
    thickness="runner_projects",
    stock="hardwood_strip",
    hand="R",
    order=11,
)
def runner_right(
    cell_from_left: Mm,
    cell_width: Mm,
    runner_projects: Mm,
    set_back: Mm,
    runner_from_floor: Mm,
    runner_height: Mm,
    taken_right: Mm = NOTHING,
) -> Stand:
    """The right wooden runner is fixed to what stands on the right of the box, its centre on the line."""
    return Stand(
        cell_from_left + cell_width - taken_right - runner_projects,
        set_back,
        runner_from_floor - runner_height / 2,
        "back",
        "up",
        -1,
    )


cut(
    "groove",
    per="runner.wooden",
    into=("side_left", "side_right"),
    title="Groove for the runner",
    face="outside",
    at="runner_groove_from_edge",
    width="runner_groove_width",
    depth="runner_groove_depth",
)
for kind, end in (("across_front", "front"), ("across_back", "back")):
    cut(
        "hole",
        per=("runner.wooden", kind),
        into=f"box_{end}",
        title="Notch where the runner passes",
        face="through",
        datums=("left", "right"),
        width=f"runner_notch_{end}",
        begins=f"runner_notch_{end}_from_edge",
        length="runner_groove_width",
    )


@rule(source="geometry", label="depth of the runner's notch in the box front", per=("runner.wooden", "across_front"))
def runner_notch_front(runner_groove_depth: Mm, box_front_length_cut: Mm, outside_width: Mm) -> Mm:
    """A front that runs across the sides is notched as deep as their groove, and past what it overhangs."""
    return runner_groove_depth + (box_front_length_cut - outside_width) / 2


@rule(source="geometry", label="depth of the runner's notch in the box back", per=("runner.wooden", "across_back"))
def runner_notch_back(runner_groove_depth: Mm, box_back_length_cut: Mm, outside_width: Mm) -> Mm:
    """A back that runs across the sides is notched as deep as their groove, and past what it overhangs."""
    return runner_groove_depth + (box_back_length_cut - outside_width) / 2


@rule(source="geometry", label="runner's notch above the box front's lower edge", per="runner.wooden")
def runner_notch_front_from_edge(runner_groove_from_edge: Mm) -> Mm:
    """In the front the notch stands as high as the groove in the sides."""
    return runner_groove_from_edge


@rule(source="geometry", label="runner's notch above the box back's lower edge", per="runner.wooden")
def runner_notch_back_from_edge(runner_groove_from_edge: Mm, back_wall_from_edge: Mm) -> Mm:
    """In a back that is cut down the notch stands lower by what the back begins above the sides."""
    return runner_groove_from_edge - back_wall_from_edge
