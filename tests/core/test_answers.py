"""Which answer stands at a place: kinds together, choices that were made, alternatives, and the things beside them."""

from __future__ import annotations

from fractions import Fraction as F

import pytest

from tests.core.test_flow import given, place, places, solve_all
from vasculum.core.errors import Unwired
from vasculum.core.flow import Catalogue, Stand, Wiring, solve, wire

# ---- which of several rules answers -----------------------------------------------------------------------------


@pytest.fixture
def joined() -> Catalogue:
    """A length that depends on the joint, on the joint over its bottom, and on a wish."""
    made = Catalogue()

    def of_the_joint() -> None:
        @made.rule("geometry", per="joint.butt")
        def length(width: F) -> F:
            """Between the sides."""
            return width - 2

    def of_joint_and_bottom() -> None:
        @made.rule("geometry", per=("joint.butt", "bottom.slid_in"))
        def length(width: F) -> F:
            """Between the sides, with room for the bottom."""
            return width - 3

    def of_a_wish() -> None:
        @made.rule("geometry", per="joint.butt", when=("wish",))
        def length(wish: F) -> F:
            """As it was wished for."""
            return wish

    of_the_joint()
    of_joint_and_bottom()
    of_a_wish()
    return made


ANSWERS = [
    ("joint.butt", {"a__width": 10}, 8, "the joint alone"),
    ("joint.butt bottom.planted", {"a__width": 10}, 8, "another bottom says nothing to it"),
    ("joint.butt bottom.slid_in", {"a__width": 10}, 7, "both kinds together go before one of them"),
    ("joint.butt", {"a__width": 10, "a__wish": 5}, 5, "what was chosen goes before a kind"),
    ("joint.butt bottom.slid_in", {"a__width": 10, "a__wish": 5}, 5, "and before several"),
]


@pytest.mark.parametrize(("kinds", "values", "length", "because"), ANSWERS, ids=[row[3] for row in ANSWERS])
def test_the_answer_that_says_most_stands(
    joined: Catalogue, kinds: str, values: dict[str, F | int], length: int, because: str
) -> None:
    tree = places(place("a", kinds))
    assert solve_all(joined, tree, given(**values)).value("a", "length") == length, because


def test_a_wish_further_out_counts_inside(joined: Catalogue) -> None:
    tree = places(place("space", "space", None, "a b"), place("a", "joint.butt", "space"), place("b", "joint.butt"))
    done = solve_all(joined, tree, given(space__wish=5, a__width=10, b__width=10))
    assert done.value("a", "length") == 5
    assert done.value("b", "length") == 8, "b does not stand in the space"


def test_two_pairs_of_kinds_of_which_none_says_more_are_a_fault(joined: Catalogue) -> None:
    @joined.rule("geometry", per=("joint.butt", "front.inset"))
    def length(width: F) -> F:
        """Another opinion."""
        return width

    tree = places(place("a", "joint.butt bottom.slid_in front.inset"))
    with pytest.raises(Unwired, match="both answer"):
        wire(joined, tree, given(a__width=1))


def test_equal_work_is_done_once() -> None:
    """Two places that get the same values ask a rule once; one with a value of its own asks again."""
    asked: list[F] = []
    made = Catalogue()

    @made.rule("geometry", per="cell")
    def half(width: F) -> F:
        """Half of it."""
        asked.append(width)
        return width / 2

    tree = places(place("space", "space", None, "a b c"), *(place(name, "cell", "space") for name in "abc"))
    done = solve_all(made, tree, given(space__width=8, c__width=6))
    assert [done.value(name, "half") for name in "abc"] == [4, 4, 3]
    assert sorted(asked) == [6, 8]


# ---- things -----------------------------------------------------------------------------------------------------


@pytest.fixture
def boards() -> Catalogue:
    """A cell with a board of its own sizes."""
    made = Catalogue()

    @made.piece("board", per="cell", title="Board", length="long", width="wide", thickness="thick", stock="sheet")
    def stand(from_left: F, up: F = F(0)) -> Stand:
        """It stands at the left."""
        return Stand(from_left, F(0), up, "back", "up")

    return made


SIZES = given(a__long=9, a__wide=4, a__thick=1, a__from_left=2)
CELL = places(place("a", "cell"))


def roles(wiring: Wiring) -> list[str]:
    return [one.rule.role for one in wiring.things]


def test_a_piece_is_wired_to_its_sizes_and_to_where_it_stands(boards: Catalogue) -> None:
    (board,) = wire(boards, CELL, SIZES).things
    assert board.place == "a"
    assert {name: key for name, key in board.feeds.items() if name != "sheet"} == {
        "long": ("a", "long"), "wide": ("a", "wide"), "thick": ("a", "thick"), "from_left": ("a", "from_left"),
    }  # fmt: skip


def test_a_size_is_found_further_out(boards: Catalogue) -> None:
    tree = places(place("space", "space", None, "a"), place("a", "cell", "space"))
    (board,) = wire(boards, tree, given(space__thick=1, a__long=9, a__wide=4, a__from_left=2)).things
    assert board.feeds["thick"] == ("space", "thick")


@pytest.mark.parametrize("missing", ["long", "wide", "thick", "from_left"])
def test_a_piece_without_one_of_its_sizes_is_a_fault(boards: Catalogue, missing: str) -> None:
    left = {key: value for key, value in SIZES.items() if key[1] != missing}
    with pytest.raises(Unwired, match=f"a: the board needs {missing}, which nothing gives"):
        wire(boards, CELL, left)


def test_a_piece_told_twice_at_one_place_is_a_fault_unless_one_says_more(boards: Catalogue) -> None:
    def again(kinds: tuple[str, ...], title: str) -> None:
        @boards.piece("board", per=kinds, title=title, length="long", width="wide", thickness="thick", stock="sheet")
        def stand(from_left: F) -> Stand:
            """It stands somewhere else."""
            return Stand(from_left, F(1), F(0), "back", "up")

    again(("cell", "shelf"), "Shelf")
    both = places(place("a", "cell shelf"))
    (one,) = wire(boards, both, SIZES).things
    assert one.rule.title == "Shelf"
    assert [one.rule.title for one in wire(boards, CELL, SIZES).things] == ["Board"]
    again(("shelf",), "Another shelf")
    assert [one.rule.title for one in wire(boards, both, SIZES).things] == ["Shelf"], "it still says most"
    again(("door",), "Door")
    with pytest.raises(Unwired, match="a: the board is told twice"):
        wire(boards, places(place("a", "cell door")), SIZES)


def test_a_piece_is_there_only_where_its_quantity_is(boards: Catalogue) -> None:
    @boards.piece(
        "strip", per="cell", title="Strip", length="long", width="wide", thickness="gap", stock="strip", where="gap"
    )
    def stand(from_left: F) -> Stand:
        """It fills the gap."""
        return Stand(from_left, F(0), F(0), "back", "up")

    assert roles(wire(boards, CELL, SIZES)) == ["board"]
    assert roles(wire(boards, CELL, SIZES | given(a__gap=1))) == ["board", "strip"]


def test_a_cut_into_several_pieces_is_one_of_each(boards: Catalogue) -> None:
    boards.cut("groove", per="cell", into=("board", "lid"), title="Groove", at="up_to", width="wide", depth="deep")
    wiring = wire(boards, CELL, SIZES | given(a__up_to=1, a__deep=1))
    cuts = [one for one in wiring.things if one.rule.role != "board"]
    assert [one.rule.role for one in cuts] == ["groove Groove lower into board", "groove Groove lower into lid"]
    assert all(one.feeds == {"up_to": ("a", "up_to"), "wide": ("a", "wide"), "deep": ("a", "deep")} for one in cuts)
    with pytest.raises(Unwired, match="needs deep, which nothing gives"):
        wire(boards, CELL, SIZES | given(a__up_to=1))


def test_a_good_is_wired_to_what_it_counts_and_goes_through(boards: Catalogue) -> None:
    boards.good("screw", per="cell", title="Screws", count="screws", size="screw", through=("thick",), into=("wide",))
    (good,) = [
        one for one in wire(boards, CELL, SIZES | given(a__screws=4, a__screw=8)).things if one.rule.role[0] == "S"
    ]
    assert list(good.feeds) == ["screws", "screw", "thick", "wide"]


def test_a_thing_does_not_change_what_is_worked_out(boards: Catalogue) -> None:
    """Pieces read quantities; they give none."""
    wiring = wire(boards, CELL, SIZES)
    assert dict(solve(wiring, SIZES, {}).quantities.items()).keys() == SIZES.keys()


def test_a_piece_that_does_not_say_where_it_stands_in_words_is_a_fault() -> None:
    def stand() -> Stand:
        return Stand(F(0), F(0), F(0), "back", "up")

    with pytest.raises(Unwired, match="board has no docstring"):
        Catalogue().piece("board", "cell", "Board", "long", "wide", "thick", "sheet")(stand)


@pytest.mark.parametrize(
    ("length", "width", "thick"), [("across", "back", "up"), ("back", "up", "across"), ("up", "across", "back")]
)
def test_the_thickness_takes_the_axis_that_is_left(length: str, width: str, thick: str) -> None:
    assert Stand(F(0), F(0), F(0), length, width).thick == thick  # type: ignore[arg-type]


# ---- alternatives -----------------------------------------------------------------------------------------------


@pytest.fixture
def joints() -> Catalogue:
    made = Catalogue()
    made.alternative("joint.dado", "back.dado", title="Dado", needs="table_saw|router;square", order=2)
    made.alternative("joint.butt", title="Butt", shares=("across_front",), order=1)
    made.alternative("bottom.planted", title="Planted", shares={"bottom.planted": ("under", "flat")})
    return made


def test_alternatives_are_offered_in_their_order_family_by_family(joints: Catalogue) -> None:
    assert joints.alternatives("joint") == ["joint.butt", "joint.dado"]
    assert joints.alternatives("back") == ["back.dado"]
    assert joints.alternatives("no such family") == []
    assert [one.kind for one in joints.in_order()] == ["joint.butt", "joint.dado", "back.dado", "bottom.planted"]


def test_tools_are_groups_of_which_any_one_does(joints: Catalogue) -> None:
    assert joints.known["back.dado"].needs == (("table_saw", "router"), ("square",))
    assert joints.known["joint.butt"].needs == ()


def test_an_alternative_brings_what_it_shares(joints: Catalogue) -> None:
    assert joints.with_shared({"cell", "joint.butt"}) == {"cell", "joint.butt", "across_front"}
    assert joints.with_shared({"bottom.planted"}) == {"bottom.planted", "under", "flat"}
    assert joints.with_shared({"joint.dado"}) == {"joint.dado"}


def test_an_alternative_declared_twice_is_a_fault(joints: Catalogue) -> None:
    with pytest.raises(Unwired, match=r"joint\.butt is declared twice"):
        joints.alternative("joint.butt", title="Butt again")
