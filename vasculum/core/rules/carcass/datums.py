"""From which edge the boards of a case are marked: all of them from the same one."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative("marking_datum.front", title="The front edge", about="Where front edges agree.", order=1)
alternative("marking_datum.back", title="The back edge", about="Where a top runs over the fronts.", order=2)
