"""The JSON Schema of the plan file, from the models."""

from __future__ import annotations

from typing import Any

from vasculum.plan.document import VERSION, Plan

DIALECT = "https://json-schema.org/draft/2020-12/schema"


def plan_schema() -> dict[str, Any]:
    """JSON Schema (draft 2020-12) of the newest plan version."""
    schema = Plan.model_json_schema()
    return {"$schema": DIALECT, "$id": f"urn:vasculum:plan:{VERSION}", **schema, "title": "Vasculum plan"}
