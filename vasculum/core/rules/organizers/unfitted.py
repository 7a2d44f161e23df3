"""A drawer with nothing built into it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative("fitted.none", title="Nothing", about="One floor for everything.", order=1)
