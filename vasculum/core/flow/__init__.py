"""The catalogue of answers, its wiring, its solver, and the reasons behind a value: one file each."""

from vasculum.core.flow.catalogue import (
    Catalogue,
    Finding,
    Key,
    MeasureUnit,
    Origin,
    Rule,
    Severity,
    family,
    key_text,
    read_key,
)
from vasculum.core.flow.solving import Derivation, Given, Refusal, Solved, solve
from vasculum.core.flow.telling import Reason, why
from vasculum.core.flow.things import (
    AXES,
    TOWARDS,
    Alternative,
    Axis,
    CutRule,
    Datum,
    Edges,
    GoodRule,
    PieceRule,
    Stand,
)
from vasculum.core.flow.wiring import Place, Task, Wired, Wiring, wire

__all__ = [
    "AXES",
    "TOWARDS",
    "Alternative",
    "Axis",
    "Catalogue",
    "CutRule",
    "Datum",
    "Derivation",
    "Edges",
    "Finding",
    "Given",
    "GoodRule",
    "Key",
    "MeasureUnit",
    "Origin",
    "PieceRule",
    "Place",
    "Reason",
    "Refusal",
    "Rule",
    "Severity",
    "Solved",
    "Stand",
    "Task",
    "Wired",
    "Wiring",
    "family",
    "key_text",
    "read_key",
    "solve",
    "why",
    "wire",
]
