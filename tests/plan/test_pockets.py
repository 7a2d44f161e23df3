"""Fixed pockets and lanes, blocks before and behind tools, and a mat on the floor of a drawer."""

from __future__ import annotations

from itertools import pairwise

import pytest

from tests.helpers import act, changed, codes, drawer_of, frameless, mm, solved, step, value, with_choices
from vasculum.core.lengths import Mm
from vasculum.core.rules.organizers.pocketed import BLOCKS, PARTITIONS
from vasculum.plan.document import Plan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.stored import stored_in
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

LONG = {"wanted_pockets": "16 in; 14 in; 20 in"}


def truck(**choices: str) -> Plan:
    """A box 75 7/16 long and 19 31/32 wide inside, sides of 15/32, as it slides out of a pick-up."""
    plan = frameless(
        "22 59/64", "9 5/16", "78", wanted_box_depth="76 3/8 in", front="none", bottom="planted", **choices
    )
    plan = changed(plan, step("/units/increment", "1/32 in", "replace"))
    return changed(plan, step(f"/library/sheets/{plan.choices['side_sheet']}/measured", "15/32 in"))


def of_roles(plan: Plan, *roles: str) -> list[Piece]:
    return [one for one in pieces_of(solved(plan)) if one.role in roles]


def test_pockets_of_a_long_drawer_as_they_were_worked_by_hand() -> None:
    """75 7/16 less three partitions of 15/32 are 74 1/32; after 16, 14 and 20 the last takes 24 1/32."""
    plan = truck(fitted="pockets", **LONG)
    assert value(plan, "inside_depth") == mm("75 7/16")
    assert value(plan, "pocket_depths") == tuple(map(mm, ("16", "14", "20", "24 1/32")))
    assert value(plan, "pocket_partitions") == tuple(map(mm, ("16", "30 15/32", "50 15/16")))
    assert [one.size and one.size[0] for one in of_roles(plan, *PARTITIONS)] == [value(plan, "pocket_run_cut")] * 3
    assert prove(solved(plan)).meetings == ()


def test_lanes_share_the_width_out_from_the_left() -> None:
    plan = truck(fitted="lanes", wanted_pockets="6 in; 4 1/2 in")
    wide = value(plan, "inside_width")
    assert value(plan, "pocket_widths") == (mm("6"), mm("4 1/2"), wide - mm("10 1/2") - 2 * mm("15/32"))
    assert prove(solved(plan)).meetings == ()


def test_without_a_word_two_pockets_are_alike() -> None:
    first, last = value(truck(fitted="pockets"), "pocket_depths")  # type: ignore[misc]
    assert first == last


def test_blocks_lie_before_and_behind_a_tool_and_are_screwed_without_glue() -> None:
    """A tool of 12 in a pocket of 16: 2 free at both ends, blocks of 3/4 end there; none in the second pocket."""
    plan = truck(fitted="pockets", pocket_things="12 in; 0 in; 15 in", **LONG)
    assert value(plan, "block_fronts") == tuple(map(mm, ("1 1/4", "14", "32 11/16", "48 7/16")))
    blocks = of_roles(plan, *BLOCKS)
    assert [one.size for one in blocks] == [(mm("2"), mm("1"), mm("3/4"))] * 4
    bought = {one.what.partition(",")[0]: (one.count, one.through) for one in hardware_of(solved(plan))}
    assert bought["Screw for blocks"][0] == 8
    assert bought["Screw for partitions"][0] == 12
    assert "ends of the dividers" in bought["Screw for partitions"][1]
    assert prove(solved(plan)).meetings == ()


@pytest.mark.parametrize(("choices", "code"), [
    ({"wanted_pockets": "40 in; 36 in"}, "no-room-for-pockets"),
    ({"wanted_pockets": "0 in"}, "no-room-for-pockets"),
    ({"wanted_pockets": "1 in; 1 in; 1 in; 1 in; 1 in; 1 in"}, "too-many-pockets"),
    ({"wanted_pockets": "16 in", "pocket_things": "15 in"}, "tool-longer-than-pocket"),
    ({"wanted_pockets": "16 in", "pocket_things": "1 in; 1 in; 1 in"}, "more-tools-than-pockets"),
])  # fmt: skip
@pytest.mark.parametrize("fitted", ["pockets", "lanes"])
def test_what_does_not_go_is_said_and_the_drawer_stays(fitted: str, choices: dict[str, str], code: str) -> None:
    if code == "tool-longer-than-pocket" and fitted == "lanes":
        choices = choices | {"pocket_things": "75 in"}
    plan = truck(fitted=fitted, **choices)
    assert code in codes(plan, "stop")
    assert solution_of(solved(plan)).parts


@pytest.mark.parametrize("fitted", ["pockets", "lanes"])
@pytest.mark.parametrize("bottom", ["grooved", "planted", "none"])
@pytest.mark.parametrize("increment", ["1/32 in", "1/4 in", "1 mm"])
def test_pockets_fill_the_inside_and_never_overlap(fitted: str, bottom: str, increment: str) -> None:
    plan = changed(truck(fitted=fitted, wanted_pockets="5 in; 4 in"), step("/units/increment", increment, "replace"))
    done = solved(with_choices(plan, bottom=bottom))
    run, sizes, begin = (
        ("inside_depth", "pocket_depths", "pocket_fronts") if fitted == "pockets"
        else ("inside_width", "pocket_widths", "pocket_lefts")
    )  # fmt: skip
    thick, wide, at = (value(done, name) for name in ("side_thickness", sizes, begin))
    assert sum(wide, Mm(0)) + thick * (len(wide) - 1) == value(done, run)  # type: ignore[call-overload,arg-type]
    assert all(b - a == w + thick for (a, b), w in zip(pairwise(at), wide, strict=False))  # type: ignore[call-overload]
    assert prove(done).meetings == ()


def test_things_lie_in_the_pockets() -> None:
    plan = truck(fitted="pockets", **LONG)
    for name in ("Long case", "Short case"):
        size = "23" if name == "Long case" else "13"
        plan = act(plan, "add-thing", name=name, length="12", width=size, height="4")
        plan = act(plan, "put-thing", thing=list(plan.things)[-1], place=drawer_of(plan))
    (stored,) = stored_in(solved(plan))
    at = {one.name.partition("#")[0]: one for one in stored.floor.placed}
    long, short = plan.things
    assert at[long].from_front >= mm("51 13/32")
    assert at[short].from_front + at[short].back <= mm("16") or at[short].from_front >= mm("16 15/32")
    assert not stored.left


# ---- a mat -------------------------------------------------------------------------------------------------------


def matted(plan: Plan, thick: str = "1/8 in") -> Plan:
    number = plan.next_id
    felt = {
        "name": "Felt",
        "nominal": thick,
        "length": "60 in",
        "width": "36 in",
        "source": "from memory",
        "grain": "free",
    }
    plan = changed(plan, step(f"/library/sheets/sheet-{number}", felt), step("/next_id", number + 1, "replace"))
    return with_choices(plan, mat_sheet=f"sheet-{number}")


@pytest.mark.parametrize("bottom", ["grooved", "planted", "slid_in", "between", "in_rabbet"])
@pytest.mark.parametrize("fitted", ["none", "grid", "upper_tray", "slotted_sides", "pockets"])
def test_a_mat_takes_its_thickness_from_the_inside_and_everything_stands_on_it(bottom: str, fitted: str) -> None:
    bare = frameless("22 1/2", "9", "20", bottom=bottom, fitted=fitted)
    plan = matted(bare)
    assert value(bare, "inside_height") - value(plan, "inside_height") == mm("1/8")
    (mat,) = of_roles(plan, "mat")
    assert mat.size == (value(plan, "mat_width_cut"), value(plan, "mat_depth_cut"), mm("1/8"))
    assert mat.size[0] <= value(plan, "inside_width") - mm("1/16")
    assert prove(solved(plan)).meetings == ()
    assert not codes(plan, "stop")


def test_a_mat_weighs_on_the_runners_and_is_bought() -> None:
    bare = frameless("22 1/2", "9", "20")
    plan = matted(bare)
    assert value(plan, "carried_weight") > value(bare, "carried_weight")
    assert any("Felt" in line.what for line in solution_of(solved(plan)).shopping.lines)


def test_a_row_that_its_contents_size_is_higher_by_the_mat() -> None:
    def row(plan: Plan) -> Mm:
        plan = act(plan, "split", place=drawer_of(plan), into="rows")
        first = plan.places[drawer_of(plan)].children[0]
        plan = changed(plan, step(f"/places/{first}/size", {"by": "contents", "length": "3 in", "share": 1}, "replace"))
        height: Mm = solved(plan).solved.value(first, "cell_height")
        return height

    bare = frameless("22 1/2", "18", "20")
    assert row(matted(bare)) - row(bare) == mm("1/8")


def test_where_there_is_no_bottom_there_is_no_mat_and_a_thick_one_fills_the_box() -> None:
    assert not of_roles(matted(frameless("22 1/2", "9", "20", bottom="none")), "mat")
    assert "no-inside-height" in codes(matted(frameless("22 1/2", "9", "20"), "9 in"), "stop")
