"""Dividers that are housed: let into the boards that they end at. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest, snap_down
from vasculum.core.rules.joints.ends import within

alternative(
    "divider_joint.housed",
    title="Housed",
    about="Let into dados of the boards it stands between: it cannot slip, and stands where the dados are.",
    needs="router|dado_set|table_saw",
    instead="Butt it, against a spacer.",
    order=2,
)


@rule(source="common practice", per="divider_joint.housed")
def divider_housed(
    low_end_host: Mm,
    high_end_host: Mm,
    housing_share: Mm,
    thickness_increment: Mm,
    wanted_housing_depth: Mm | None = None,
) -> Mm:
    """At each end, a share of the thinner board that it is let into, down to the increment for thickness.

    A third leaves a third between dividers that are let into one board from both sides.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    host = smallest(low_end_host, high_end_host)
    share = snap_down(host * housing_share, thickness_increment)
    return within(share if wanted_housing_depth is None else wanted_housing_depth, host, "dado")
