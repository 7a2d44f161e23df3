"""What a new case is fixed to: the screw, what it passes, how deep it bites. Worked by hand."""

from __future__ import annotations

import pytest

from tests.helpers import codes, kinds_in, mm, solved
from tests.plan.test_members import bought, case
from vasculum.plan.document import Plan

SHOWN = [
    # fixed to, more that was said, the screw, what it passes and how deep it bites
    ("studs", {"fixing_shim": "1/16 in"}, "Screw into studs, 3 in", "what is before it 1 5/16 in into the studs, bites 1 11/16 in"),
    ("studs", {"wall_lining": "3/8 in"}, "Screw into studs, 2 1/2 in", "what is before it 1 1/8 in into the studs, bites 1 3/8 in"),
    ("masonry", {}, "Screw into masonry, 2 1/2 in", "what is before it 3/4 in into their plugs, bites 1 3/4 in"),
    ("cabinet", {"fixed_to_thickness": "5/8 in"}, "Screw into a cabinet, 1 1/4 in", "what is before it 3/4 in into the cabinet, bites 1/2 in"),
    ("worktop", {"fixed_to_thickness": "1 3/4 in"}, "Screw into a top over it, 2 in", "what is before it 3/4 in into the top over it, bites 1 1/4 in"),
    ("frame", {"fixed_to_thickness": "1/8 in"}, "Screw into a frame with holes, 3/4 in", "what is before it 3/16 in into the case"),
]  # fmt: skip


def fixed(to: str, **said: str) -> Plan:
    return case(fixed_to=to, **said)


@pytest.mark.parametrize(("to", "said", "screw", "through"), SHOWN)
def test_what_fixes_a_case_is_as_long_as_may_be(to: str, said: dict[str, str], screw: str, through: str) -> None:
    """Boards of 3/4. 1 3/8 of a side and a cabinet of 5/8, less 1/8 before the point: 1 1/4 is sold."""
    assert bought(fixed(to, **said))[screw] == ("4 pieces", f"through {through}")
    assert "fixing-screw-too-short" not in codes(fixed(to, **said))


def test_masonry_wants_a_plug_for_each_screw() -> None:
    assert bought(fixed("masonry", fixing_screws="6"))["Wall plug"][0] == "6 pieces"


@pytest.mark.parametrize("to", ["cabinet", "worktop", "frame"])
def test_what_is_not_known_is_asked(to: str) -> None:
    plan = fixed(to)
    assert "fixed-to-what" in codes(plan, "attention")
    assert not [what for what in bought(plan) if what.startswith("Screw into")]


def test_thin_metal_or_boards_hold_no_screw_that_stays_inside() -> None:
    """3/4 of a side and 1/4 of a cabinet: 1 in would come through, 3/4 does not reach it."""
    assert "fixing-screw-too-short" in codes(fixed("cabinet", fixed_to_thickness="1/4 in"))


def test_without_a_top_nothing_is_screwed_up_through() -> None:
    assert "nothing-to-screw-up-through" in codes(fixed("worktop", fixed_to_thickness="1 in", case_top="none"))


@pytest.mark.parametrize("to", kinds_in("fixed_to"))
def test_how_a_case_is_fixed_changes_none_of_its_sizes(to: str) -> None:
    sizes = ("case_outside_width", "opening_height", "cell_depth")
    plain, other = solved(case()), solved(fixed(to, fixed_to_thickness="1 in"))
    of = [[key for key in done.solved.quantities if key[1] in sizes] for done in (plain, other)]
    assert of[0]
    assert [plain.solved.value(*key) for key in of[0]] == [other.solved.value(*key) for key in of[1]]
    assert plain.solved.value(plain.plan.space_order[0], "case_outside_width") == mm("29")
