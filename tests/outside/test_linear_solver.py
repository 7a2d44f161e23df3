"""Layouts against an independent solver: the same wishes as linear equations, settled by scipy's linear programming."""

from __future__ import annotations

from fractions import Fraction

import numpy as np
from hypothesis import assume, given, settings
from hypothesis import strategies as st
from scipy.optimize import linprog

from tests.helpers import GRADUATED, drawer_of, fixed, frameless, mm, share, solved, split

wishes = st.one_of(
    st.tuples(st.just("fixed"), st.integers(16, 96)),
    st.tuples(st.just("share"), st.integers(1, 5)),
    st.tuples(st.just("graduated"), st.just(0)),
)


@settings(max_examples=60)
@given(
    st.lists(wishes, min_size=2, max_size=5),
    st.integers(24 * 16, 60 * 16),
    st.integers(0, 16),
    st.sampled_from(["rows", "columns"]),
)
def test_a_split_is_settled_as_a_linear_solver_settles_it(
    parts: list[tuple[str, int]], length: int, step: int, how: str
) -> None:
    """Unknowns are the sizes of the parts, and the one share; every wish is an equation."""
    assume(any(kind != "fixed" for kind, _ in parts))
    plan = frameless(f"{length}/16", f"{length}/16", "20")
    made = {"share": share, "fixed": lambda n: fixed(f"{n}/16 in"), "graduated": lambda _: GRADUATED}
    more = {"divider": "board"} if how == "rows" else {}
    plan, ids = split(
        plan, drawer_of(plan), how, *[{"holds": "open", **made[k](n)} for k, n in parts], step=f"{step}/16 in", **more
    )
    done = solved(plan)

    unknowns = len(parts) + 1
    rows, answers = [np.append(np.ones(len(parts)), 0)], [length / 16 - (len(parts) - 1) / 2]
    for at, (kind, n) in enumerate(parts):
        row = np.zeros(unknowns)
        row[at] = 1
        row[-1] = {"fixed": 0, "share": -n, "graduated": -1}[kind]
        rows.append(row)
        answers.append({"fixed": n / 16, "share": 0, "graduated": at * step / 16}[kind])
    reference = linprog(np.zeros(unknowns), A_eq=np.array(rows), b_eq=np.array(answers), bounds=(0, None))

    size = "cell_height" if how == "rows" else "cell_width"
    found = [done.solved.value(i, size) for i in ids]
    if reference.status == 2:
        assert None in found
        return
    assume(reference.x[-1] > 1e-9)
    inches = [float(Fraction(one) / mm("1")) for one in found]
    np.testing.assert_allclose(inches, reference.x[:-1], rtol=0, atol=1e-7)
