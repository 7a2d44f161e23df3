"""The last that were used of something costly, bounded by what they weigh together."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Hashable
from threading import Lock
from typing import Generic, TypeVar

K = TypeVar("K", bound=Hashable)
V = TypeVar("V")


class Recent(Generic[K, V]):
    """Values by key, for several threads; the one used last stays, however much it weighs."""

    def __init__(self, most: int, weight: Callable[[V], int]) -> None:
        self.most, self.weight = most, weight
        self._kept: OrderedDict[K, V] = OrderedDict()
        self._lock = Lock()

    def get(self, key: K) -> V | None:
        """What is kept under a key, used now; or None."""
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
            return self._kept.get(key)

    def put(self, key: K, value: V) -> None:
        """Keep something, and let go of what was used longest ago."""
        with self._lock:
            self._kept[key] = value
            self._kept.move_to_end(key)
            together = sum(map(self.weight, self._kept.values()))
            while together > self.most and len(self._kept) > 1:
                together -= self.weight(self._kept.popitem(last=False)[1])

    def __len__(self) -> int:
        return len(self._kept)
