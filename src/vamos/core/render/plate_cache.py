"""Drawn plates kept for frames to come, bounded in bytes: at 4K a picture's plates weigh ten megabytes."""

from __future__ import annotations

import threading
from collections import OrderedDict
from collections.abc import Callable, Hashable
from typing import Generic, TypeVar

V = TypeVar("V")


class SizedCache(Generic[V]):
    """Keeps what was used last, up to so many bytes; threads may share it."""

    def __init__(self, limit_bytes: int, size_of: Callable[[V], int]):
        self._limit, self._size_of = limit_bytes, size_of
        self._kept: OrderedDict[Hashable, V] = OrderedDict()
        self._bytes = 0
        self._lock = threading.Lock()

    def get(self, key: Hashable, make: Callable[[], V]) -> V:
        """What is kept under a key, made now when there is nothing."""
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
                return self._kept[key]
        value = make()
        with self._lock:
            if key not in self._kept:
                self._kept[key] = value
                self._bytes += self._size_of(value)
            while self._bytes > self._limit and len(self._kept) > 1:
                self._bytes -= self._size_of(self._kept.popitem(last=False)[1])
        return value

    @property
    def size_bytes(self) -> int:
        return self._bytes
