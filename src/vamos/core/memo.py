"""Values worked out once for a frozen object and forgotten with it."""

from __future__ import annotations

import weakref
from collections.abc import Callable
from typing import Generic, TypeVar

K = TypeVar("K")
L = TypeVar("L")
V = TypeVar("V")


class ByIdentity(Generic[K, V]):
    """Calls ``make`` once for each object, told apart by identity; comparing large values would cost more.

    The objects must allow weak references. Safe to call from several threads: at worst a value is made twice.
    """

    def __init__(self, make: Callable[[K], V]):
        self._make = make
        self._kept: dict[int, tuple[weakref.ref[K], V]] = {}

    def __call__(self, of: K) -> V:
        kept = self._kept.get(id(of))
        if kept is not None and kept[0]() is of:
            return kept[1]
        value = self._make(of)
        key = id(of)
        self._kept[key] = (weakref.ref(of, lambda _gone: self._forget(key)), value)
        return value

    def _forget(self, key: int) -> None:
        kept = self._kept.get(key)
        # The number may belong to a new object by now.
        if kept is not None and kept[0]() is None:
            del self._kept[key]


class ByTwo(Generic[K, L, V]):
    """As :class:`ByIdentity` for two objects, the second of which may be None."""

    def __init__(self, make: Callable[[K, L | None], V]):
        self._make = make
        self._with: ByIdentity[K, ByIdentity[L, V]] = ByIdentity(self._kept_for)
        self._alone: ByIdentity[K, V] = ByIdentity(lambda first: make(first, None))

    def __call__(self, first: K, second: L | None) -> V:
        return self._alone(first) if second is None else self._with(first)(second)

    def _kept_for(self, first: K) -> ByIdentity[L, V]:
        # Only weakly, or what is kept for it would keep it.
        known = weakref.ref(first)

        def make(second: L) -> V:
            found = known()
            assert found is not None
            return self._make(found, second)

        return ByIdentity(make)
