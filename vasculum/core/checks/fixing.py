"""Is it known what a case is fixed to, and do its screws hold there?"""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


def _asked(what: str, fixed_to_thickness: Mm | None) -> Finding | None:
    if fixed_to_thickness is not None:
        return None
    return Finding(
        "fixed-to-what",
        "attention",
        f"Nobody said how thick {what} is: how long a screw may be is not known.",
        "Measure it, or hold it in another way.",
        {},
        ("fixed_to_thickness",),
    )


@check(source="common practice", per="fixed_to.cabinet")
def the_cabinet_was_measured(fixed_to_thickness: Mm | None = None) -> Finding | None:
    """How thick the boards of a cabinet are is asked, not assumed."""
    return _asked("the board of the cabinet that the case is fixed to", fixed_to_thickness)


@check(source="common practice", per="fixed_to.worktop")
def the_worktop_was_measured(fixed_to_thickness: Mm | None = None) -> Finding | None:
    """How thick a top is is asked, not assumed."""
    return _asked("the top that the case is fixed to", fixed_to_thickness)


@check(source="common practice", per="fixed_to.frame")
def the_frame_was_measured(fixed_to_thickness: Mm | None = None) -> Finding | None:
    """How thick the metal of a frame is is asked, not assumed."""
    return _asked("the metal of the frame that the case is fixed to", fixed_to_thickness)


@check(source="common practice", per=("carcass.new", "is_fixed"))
def fixing_screws_hold(
    least_screw_bite: Mm, fixing_screw_length: Mm | None = None, fixing_passed: Mm | None = None
) -> Finding | None:
    """What fixes a case bites as deep as any screw that carries, where it is known what it goes into."""
    if fixing_screw_length is None or fixing_passed is None:
        return None
    bite = fixing_screw_length - fixing_passed
    if bite >= least_screw_bite:
        return None
    return Finding(
        "fixing-screw-too-short",
        "attention",
        "Screws of {length}, the longest that stay inside, pass {passed} and bite {bite}; {least} is the least.",
        "Fix it to something thicker, glue a block behind, or take a bolt.",
        {
            "length": fixing_screw_length,
            "passed": fixing_passed,
            "bite": bite if bite > 0 else Mm(0),
            "least": least_screw_bite,
        },
        ("fixing_screw_length",),
    )


@check(source="common practice", per=("fixed_to.worktop", "case_top.none"))
def a_top_is_screwed_through_boards() -> Finding | None:
    """Into a top over it a case is screwed through boards that lie under that top."""
    return Finding(
        "nothing-to-screw-up-through",
        "attention",
        "The case has no top, so nothing of it lies under the top that it is to be fixed to.",
        "Give it stretchers, or fix it to something else.",
        {},
        ("fixing_passed",),
    )
