"""Quillmere: a made-up seed bank and field station, and the only place for invented data. Plans in the open format."""

from __future__ import annotations

from importlib.resources import files

from vasculum.plan.document import Plan
from vasculum.plan.document.reading import read_plan

DEMO_PLANS = {
    "scullery-cupboard": "scullery_cupboard.json",
    "potting-bench": "potting_bench.json",
    "survey-van": "survey_van.json",
    "night-bunk": "night_bunk.json",
    "packet-drawer": "packet_drawer.json",
}
"""Plan id → file."""


def demo_plan(plan_id: str) -> Plan:
    """One plan of the demo, as it ships."""
    return read_plan(files(__name__).joinpath(DEMO_PLANS[plan_id]).read_bytes())
