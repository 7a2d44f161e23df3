"""The catalogue, its wiring and its solver, on small catalogues of their own."""

from __future__ import annotations

from fractions import Fraction as F

import pytest

from vasculum.core.errors import CannotDerive, NoSuchQuantity, Unwired
from vasculum.core.flow import Catalogue, Given, Key, Place, Solved, key_text, read_key, solve, why, wire
from vasculum.core.reasons import largest, smallest, snap_down


def place(name: str, kinds: str, parent: str | None = None, children: str = "") -> Place:
    return Place(name, frozenset(kinds.split()), parent, tuple(children.split()))


def places(*all_of: Place) -> dict[str, Place]:
    return {one.id: one for one in all_of}


def given(**values: F | int | tuple[F, ...]) -> dict[Key, Given]:
    """``place__name=value`` as chosen values."""
    made = {}
    for name, value in values.items():
        at, _, what = name.partition("__")
        made[at, what] = Given(F(value) if isinstance(value, int) else value, "chosen")
    return made


def solve_all(catalogue: Catalogue, tree: dict[str, Place], values: dict[Key, Given], **pins: F) -> Solved:
    wiring = wire(catalogue, tree, values)
    return solve(wiring, values, {read_key(k.replace("__", "/")): v for k, v in pins.items()})


@pytest.fixture
def box() -> Catalogue:
    """A space, and drawers that are joined one way or another."""
    made = Catalogue()

    @made.rule("common practice", per="drawer")
    def box_width(clear_width: F, clearance: F) -> F:
        """The box is the clear width less both clearances. More words that nobody reads here."""
        width = clear_width - 2 * clearance
        if width <= 0:
            raise CannotDerive("no-room", "Only {clear_width} is clear.", "Measure again.", clear_width=clear_width)
        return width

    @made.rule("common practice", per="joint.butt")
    def end_length(box_width: F, side_thickness: F) -> F:
        """Ends stand between the sides."""
        return box_width - 2 * side_thickness

    def rabbet() -> None:
        @made.rule("common practice", per="joint.rabbet")
        def end_length(box_width: F) -> F:
            """Ends run the full width."""
            return box_width

    rabbet()

    @made.rule("house precision", per="drawer")
    def end_length_cut(end_length: F, increment: F) -> F:
        """Cut down to the increment."""
        return snap_down(end_length, increment)

    return made


TREE = places(
    place("space", "space", None, "a b"),
    place("a", "drawer joint.butt", "space"),
    place("b", "drawer joint.rabbet", "space"),
)
VALUES = given(space__clear_width=600, space__clearance=13, space__side_thickness=12, space__increment=5)


def test_a_rule_is_found_by_its_kind_and_fed_by_its_parameter_names(box: Catalogue) -> None:
    solved = solve_all(box, TREE, VALUES)
    assert solved.value("a", "end_length") == 600 - 26 - 24
    assert solved.value("b", "end_length") == 574
    assert solved.value("a", "end_length_cut") == 550
    assert solved.value("b", "end_length_cut") == 570


def test_a_rule_stays_a_plain_function(box: Catalogue) -> None:
    rule = box.rules["end_length"]["joint.butt"]
    assert rule.function(box_width=F(100), side_thickness=F(10)) == 80


def test_the_first_sentence_of_the_docstring_is_the_reason(box: Catalogue) -> None:
    assert box.rules["box_width"]["drawer"].sentence == "The box is the clear width less both clearances."


def test_a_choice_nearer_by_wins(box: Catalogue) -> None:
    solved = solve_all(box, TREE, VALUES | given(b__clearance=10))
    assert solved.value("a", "box_width") == 574
    assert solved.value("b", "box_width") == 580


def test_a_refusal_makes_its_followers_wait_and_lets_the_rest_stand(box: Catalogue) -> None:
    solved = solve_all(box, TREE, VALUES | given(a__clearance=300))
    refused, waiting = solved.quantities["a", "box_width"], solved.quantities["a", "end_length_cut"]
    assert refused.refusal is not None
    assert refused.refusal.code == "no-room"
    assert waiting.refusal is None
    assert waiting.waits_for == {("a", "box_width")}
    assert solved.value("b", "end_length_cut") == 570


def test_a_pin_holds_the_size_as_built_and_keeps_the_planned_one_beside_it(box: Catalogue) -> None:
    solved = solve_all(box, TREE, VALUES, a__box_width=F(573))
    pinned = solved.quantities["a", "box_width"]
    assert (pinned.value, pinned.planned, pinned.origin) == (573, 574, "as built")
    assert solved.value("a", "end_length") == 549


def test_a_pin_stands_where_its_rule_refuses(box: Catalogue) -> None:
    solved = solve_all(box, TREE, VALUES | given(a__clearance=300), a__box_width=F(500))
    assert solved.value("a", "box_width") == 500
    assert solved.value("a", "end_length") == 476


def test_a_pin_without_its_place_is_named_and_fails_nothing(box: Catalogue) -> None:
    solved = solve_all(box, TREE, VALUES, gone__box_width=F(1), a__no_such=F(1))
    assert solved.unmatched_pins == [("a", "no_such"), ("gone", "box_width")]
    assert solved.value("a", "box_width") == 574


def test_only_what_depends_on_a_change_is_solved_again(box: Catalogue) -> None:
    values = VALUES | given(b__clearance=13)
    wiring = wire(box, TREE, values)
    before = solve(wiring, values)
    after = solve(wiring, values | given(b__clearance=10), before=before)
    assert after.changed == {("b", n) for n in ("clearance", "box_width", "end_length", "end_length_cut")}
    assert after.value("a", "box_width") is before.value("a", "box_width")


def test_a_change_that_snaps_away_stops_there(box: Catalogue) -> None:
    values = VALUES | given(b__clearance=13)
    wiring = wire(box, TREE, values)
    before = solve(wiring, values)
    after = solve(wiring, values | given(b__clearance=F(131, 10)), before=before)
    assert ("b", "end_length") in after.changed
    assert ("b", "end_length_cut") not in after.changed


def test_solving_again_agrees_with_solving_anew(box: Catalogue) -> None:
    wiring = wire(box, TREE, VALUES)
    before = solve(wiring, VALUES)
    changed = VALUES | given(space__clear_width=333, space__increment=2)
    pins = {("a", "end_length"): F(200)}
    again, anew = solve(wiring, changed, pins, before), solve(wiring, changed, pins)
    assert again.quantities == anew.quantities


def test_taking_a_pin_out_solves_its_size_again(box: Catalogue) -> None:
    wiring = wire(box, TREE, VALUES)
    pinned = solve(wiring, VALUES, {("a", "box_width"): F(1)})
    assert solve(wiring, VALUES, {}, pinned).quantities == solve(wiring, VALUES).quantities


# ---- references ---------------------------------------------------------------------------------------------------


def test_each_gives_the_children_in_order_and_a_hole_where_one_lacks_the_name() -> None:
    made = Catalogue()

    @made.rule("geometry", per="survey", unit="text")
    def heard(each_width: tuple[F | None, ...]) -> tuple[F | None, ...]:
        """What the children say."""
        return each_width

    tree = places(
        place("s", "survey", None, "one two three"),
        place("one", "r", "s"),
        place("two", "r", "s"),
        place("three", "r", "s"),
    )
    solved = solve_all(made, tree, given(one__width=5, three__width=7))
    assert solved.value("s", "heard") == (5, None, 7)


def test_outer_starts_at_the_parent() -> None:
    made = Catalogue()

    @made.rule("geometry", per="cell")
    def height(outer_height: F, share: F) -> F:
        """A cell has its share of the height around it."""
        return outer_height * share

    tree = places(place("s", "space", None, "c"), place("c", "cell", "s", "d"), place("d", "cell", "c"))
    solved = solve_all(made, tree, given(s__height=100, c__share=F(1, 2), d__share=F(1, 5)))
    assert solved.value("d", "height") == 10


def test_a_python_default_makes_an_input_optional() -> None:
    made = Catalogue()

    @made.rule("geometry", per="cell")
    def depth(natural: F, wanted_depth: F | None = None) -> F:
        """As deep as wanted, or as is natural."""
        return natural if wanted_depth is None else wanted_depth

    tree = places(place("s", "space", None, "a b"), place("a", "cell", "s"), place("b", "cell", "s"))
    solved = solve_all(made, tree, given(s__natural=10, b__wanted_depth=7))
    assert (solved.value("a", "depth"), solved.value("b", "depth")) == (10, 7)


@pytest.fixture
def fronts() -> Catalogue:
    made = Catalogue()

    @made.rule("geometry", per="front.inset")
    def front_width(opening: F) -> F:
        """As wide as the opening."""
        return opening

    @made.rule("geometry", per="cell")
    def pull_count(front_width: F | None = None) -> F:
        """One pull for a front, none without."""
        return F(0) if front_width is None else F(1)

    return made


def test_a_drawer_without_a_front_does_not_find_the_plans(fronts: Catalogue) -> None:
    tree = places(
        place("plan", "front.inset", None, "a b"), place("a", "cell front.none", "plan"), place("b", "cell", "plan")
    )
    solved = solve_all(fronts, tree, given(plan__opening=300))
    assert solved.value("a", "pull_count") == 0
    assert solved.value("b", "pull_count") == 1


def test_a_choice_is_inherited_also_by_a_place_of_that_family(fronts: Catalogue) -> None:
    tree = places(place("plan", "plan", None, "a"), place("a", "cell front.none", "plan"))
    solved = solve_all(fronts, tree, given(plan__front_width=5, plan__opening=1))
    assert solved.value("a", "pull_count") == 1


# ---- simultaneous sizes -------------------------------------------------------------------------------------------


@pytest.fixture
def rows() -> Catalogue:
    made = Catalogue()

    @made.rule("geometry", per="split")
    def unit_height(clear_height: F, each_fixed_part: tuple[F, ...], each_weight: tuple[F, ...]) -> F:
        """What is left after fixed rows, per share."""
        left = clear_height - sum(each_fixed_part)
        if left < 0:
            raise CannotDerive("rows-over", "The rows are {over} too high.", "Lower one.", over=-left)
        return left / sum(each_weight)

    @made.rule("geometry", per="row")
    def row_height(fixed_part: F, weight: F, unit_height: F) -> F:
        """The fixed part and the share of what is left."""
        return fixed_part + weight * unit_height

    @made.rule("common practice", per="split", shared_out_as="front_cut")
    def fronts_cut(clear_height: F, gap: F, increment: F, each_row_height: tuple[F, ...]) -> tuple[F, ...]:
        """Faces snapped; the last takes what is over."""
        faces = [snap_down(h - gap, increment) for h in each_row_height[:-1]]
        return (*faces, clear_height - (len(each_row_height) + 1) * gap - sum(faces))

    return made


ROWS = places(
    place("s", "split", None, "a b c"), place("a", "row", "s"), place("b", "row", "s"), place("c", "row", "s")
)
ROW_VALUES = given(
    s__clear_height=700, s__gap=3, s__increment=F(1, 2), a__fixed_part=120, b__fixed_part=0, c__fixed_part=0,
    a__weight=0, b__weight=1, c__weight=2,
)  # fmt: skip


def test_rows_of_every_sizing_are_settled_by_one_unknown(rows: Catalogue) -> None:
    solved = solve_all(rows, ROWS, ROW_VALUES)
    heights = [solved.value(row, "row_height") for row in "abc"]
    assert heights == [120, F(580, 3), F(1160, 3)]


def test_a_stack_that_must_add_up_is_shared_out(rows: Catalogue) -> None:
    solved = solve_all(rows, ROWS, ROW_VALUES)
    faces = [solved.value(row, "front_cut") for row in "abc"]
    assert sum(faces) + 4 * 3 == 700
    assert faces[0] == 117
    assert faces[1] % F(1, 2) == 0


def test_why_tells_the_share_of_one_child(rows: Catalogue) -> None:
    solved = solve_all(rows, ROWS, ROW_VALUES)
    reason = why(solved, ("a", "front_cut"))[0]
    assert reason.rule is not None
    assert reason.rule.sentence == "Faces snapped; the last takes what is over."
    assert reason.expression is not None
    assert reason.expression.value == 117


def test_a_split_may_share_out_a_name_that_it_has_itself() -> None:
    made = Catalogue()

    @made.rule("geometry", per="whole")
    def floor() -> F:
        """At the bottom."""
        return F(0)

    @made.rule("geometry", per="split", shared_out_as="floor")
    def floors(floor: F, each_height: tuple[F, ...]) -> tuple[F, ...]:
        """One on the other."""
        return tuple(floor + sum(each_height[:at]) for at in range(len(each_height)))

    tree = places(
        place("s", "whole split", None, "a b"),
        place("a", "row", "s"),
        place("b", "row split", "s", "c"),
        place("c", "row", "b"),
    )
    solved = solve_all(made, tree, given(a__height=5, b__height=7, c__height=7))
    assert [solved.value(at, "floor") for at in "sabc"] == [0, 0, 5, 5]


def test_rows_that_are_over_refuse_with_the_sum(rows: Catalogue) -> None:
    solved = solve_all(rows, ROWS, ROW_VALUES | given(a__fixed_part=701))
    refusal = solved.quantities["s", "unit_height"].refusal
    assert refusal is not None
    assert (refusal.code, refusal.numbers) == ("rows-over", (("over", 1),))
    assert solved.quantities["b", "front_cut"].waits_for == {("s", "unit_height")}


def test_a_cell_takes_the_largest_of_its_crossings() -> None:
    made = Catalogue()

    @made.rule("geometry", per="crossing")
    def lost_width(stands_in: F, clearance: F) -> F:
        """An obstruction takes what it stands in, and a little more."""
        return stands_in + clearance

    @made.rule("geometry", per="cell")
    def width(clear: F, each_lost_width: tuple[F | None, ...]) -> F:
        """The cell loses its largest crossing."""
        return clear - largest(F(0), *(lost for lost in each_lost_width if lost is not None))

    tree = places(
        place("s", "space", None, "a b"), place("a", "cell", "s", "hinge pipe"), place("b", "cell", "s"),
        place("hinge", "crossing", "a"), place("pipe", "crossing", "a"),
    )  # fmt: skip
    values = given(s__clear=600, s__clearance=2, hinge__stands_in=18, pipe__stands_in=40)
    solved = solve_all(made, tree, values)
    assert (solved.value("a", "width"), solved.value("b", "width")) == (558, 600)


# ---- faults of ours -----------------------------------------------------------------------------------------------


def test_two_rules_of_one_name_and_kind_are_a_fault() -> None:
    made = Catalogue()

    def size() -> F:
        """A size."""
        return F(1)

    made.rule("geometry", per="cell")(size)
    with pytest.raises(Unwired, match="two rules give size for cell"):
        made.rule("geometry", per="cell")(size)


def test_a_rule_without_a_docstring_is_a_fault() -> None:
    def size() -> F:
        return F(1)

    with pytest.raises(Unwired, match="no docstring"):
        Catalogue().rule("geometry", per="cell")(size)


def test_two_kinds_that_answer_at_one_place_are_a_fault(box: Catalogue) -> None:
    tree = places(place("space", "space", None, "a"), place("a", "drawer joint.butt joint.rabbet", "space"))
    with pytest.raises(Unwired, match=r"a/end_length: joint.butt and joint.rabbet both answer"):
        wire(box, tree, VALUES)


def test_an_input_that_nothing_gives_is_a_fault(box: Catalogue) -> None:
    with pytest.raises(Unwired, match="needs clear_width"):
        wire(box, TREE, given(space__clearance=1, space__side_thickness=1, space__increment=1))


def test_what_is_worked_out_cannot_also_be_chosen(box: Catalogue) -> None:
    with pytest.raises(Unwired, match=r"chosen and worked out at once: a/box_width"):
        wire(box, TREE, VALUES | given(a__box_width=1))


def test_rules_that_turn_in_a_circle_are_a_fault() -> None:
    made = Catalogue()

    @made.rule("geometry", per="cell")
    def egg(hen: F) -> F:
        """From the hen."""
        return hen

    @made.rule("geometry", per="cell")
    def hen(egg: F) -> F:
        """From the egg."""
        return egg

    with pytest.raises(Unwired, match="turn in a circle"):
        wire(made, places(place("a", "cell")), ())


def test_a_judgement_never_feeds_a_size() -> None:
    made = Catalogue()

    @made.rule("from memory", per="cell", judgement=True)
    def sag(load: F) -> float:
        """How far it sags."""
        return float(load) / 3

    @made.rule("geometry", per="cell")
    def height(sag: F) -> F:
        """A size that must not be."""
        return sag

    with pytest.raises(Unwired, match="judgement a/sag feeds a size"):
        wire(made, places(place("a", "cell")), given(a__load=1))


@pytest.mark.parametrize("text", ["", "a", "a/", "/b", "a/b/c"])
def test_a_text_that_is_no_key_is_refused(text: str) -> None:
    with pytest.raises(NoSuchQuantity):
        read_key(text)


def test_a_key_reads_as_it_is_written() -> None:
    assert read_key(key_text(("place-3", "box_width"))) == ("place-3", "box_width")


# ---- origins and reasons ------------------------------------------------------------------------------------------


def test_what_rests_on_an_assumed_thing_says_so(box: Catalogue) -> None:
    thickness = {("space", "side_thickness"): Given(F(12), "assumed", "nominal", is_thing=True)}
    solved = solve_all(box, TREE, VALUES | thickness)
    assert solved.quantities["a", "end_length_cut"].rests_on == {("space", "side_thickness")}
    assert solved.quantities["b", "end_length_cut"].rests_on == frozenset()
    confirmed = {("space", "side_thickness"): Given(F(12), "measured", "in hand", is_thing=True)}
    assert solve_all(box, TREE, VALUES | confirmed).quantities["a", "end_length_cut"].rests_on == frozenset()


def test_a_habit_shows_its_mark_only_where_it_stands(box: Catalogue) -> None:
    habit = {("space", "clearance"): Given(F(13), "assumed", "common practice")}
    solved = solve_all(box, TREE, VALUES | habit)
    assert solved.quantities["space", "clearance"].origin == "assumed"
    assert solved.quantities["a", "box_width"].rests_on == frozenset()


def test_the_chain_of_reasons_ends_at_what_was_given(box: Catalogue) -> None:
    chain = why(solve_all(box, TREE, VALUES), ("a", "end_length_cut"))
    told = [key_text(reason.derivation.key) for reason in chain]
    assert told[0] == "a/end_length_cut"
    assert len(told) == len(set(told))
    assert {"space/clear_width", "space/clearance", "space/side_thickness", "space/increment"} <= set(told)
    for reason in chain:
        if reason.rule is None:
            assert reason.given is not None
        else:
            assert reason.expression is not None
            assert reason.expression.value == reason.derivation.planned


def test_comparisons_on_the_way_are_told(box: Catalogue) -> None:
    reason = why(solve_all(box, TREE, VALUES), ("a", "box_width"))[0]
    assert [(done.mark, bool(done.value)) for done in reason.compared] == [("≤", False)]


def test_a_refusal_can_be_asked_why(box: Catalogue) -> None:
    solved = solve_all(box, TREE, VALUES | given(a__clearance=300))
    reason = why(solved, ("a", "box_width"))[0]
    assert reason.derivation.refusal is not None
    assert reason.compared[0].value == 1
    waiting = why(solved, ("a", "end_length"))[0]
    assert waiting.expression is None


def test_a_key_that_names_nothing_is_refused(box: Catalogue) -> None:
    with pytest.raises(NoSuchQuantity):
        why(solve_all(box, TREE, VALUES), ("a", "nothing"))


def test_checks_are_wired_like_rules_and_never_looked_up() -> None:
    made = Catalogue()

    @made.check("common practice", per="cell")
    def is_narrow(width: F, other: F | None = None) -> str | None:
        """Is it narrow?"""
        return "narrow" if width < 10 else None

    tree = places(place("a", "cell"), place("b", "cell"))
    solved = solve_all(made, tree, given(a__width=5, b__width=15))
    assert (solved.value("a", "is_narrow"), solved.value("b", "is_narrow")) == ("narrow", None)


def test_the_smallest_names_the_one_that_governs() -> None:
    made = Catalogue()

    @made.rule("common practice", per="survey")
    def governing(each_width: tuple[F, ...]) -> F:
        """The narrowest governs."""
        return smallest(*each_width)

    tree = places(place("s", "survey", None, "x y"), place("x", "r", "s"), place("y", "r", "s"))
    reason = why(solve_all(made, tree, given(x__width=602, y__width=600)), ("s", "governing"))[0]
    assert reason.expression is not None
    assert reason.expression.mark == "smallest"  # type: ignore[union-attr]
    assert reason.inputs == (("x", "width"), ("y", "width"))
