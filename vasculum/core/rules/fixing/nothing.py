"""A case that is fixed to nothing: it stands by itself, or is tied by what it stands in."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative("fixed_to.nothing", title="Nothing", about="It stands by itself, or is held by straps.", order=1)
