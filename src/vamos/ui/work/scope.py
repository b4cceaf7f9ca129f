"""What the window keeps of one open document: it hangs on one object, and goes with it when another document comes.

An attribute declared with :class:`OfDocument` is as new in each document. What is no plain value (a player, a timer, a
picture) says with :meth:`DocumentScope.at_end` how it forgets.
"""

from __future__ import annotations

from collections.abc import Callable, Hashable
from typing import Any, Generic, Protocol, TypeVar, overload

T = TypeVar("T")


class DocumentScope:
    """The life of one open document in the window."""

    def __init__(self) -> None:
        self._kept: dict[Hashable, Any] = {}
        self._ends: dict[Hashable, Callable[[], object]] = {}

    def get(self, place: Hashable, make: Callable[[], T]) -> T:
        """What is kept at a place; made when nothing is."""
        if place not in self._kept:
            self._kept[place] = make()
        found: T = self._kept[place]
        return found

    def put(self, place: Hashable, value: object) -> None:
        self._kept[place] = value

    def at_end(self, who: Hashable, forget: Callable[[], object]) -> None:
        """Call ``forget`` when another document comes; once for each ``who``."""
        self._ends[who] = forget

    def end(self) -> None:
        """Another document comes: everything goes."""
        ends, self._ends = list(self._ends.values()), {}
        for forget in ends:
            forget()
        self._kept.clear()


class _Scoped(Protocol):
    @property
    def scope(self) -> DocumentScope:
        """That of the document that is open now."""


class OfDocument(Generic[T]):
    """An attribute of something that lives as long as the window, whose value lives as long as the open document.

    Its owner has a ``scope``.
    """

    def __init__(self, make: Callable[[], T]):
        self._make = make
        self._name = ""

    def __set_name__(self, _owner: type, name: str) -> None:
        self._name = name

    @overload
    def __get__(self, owner: None, kind: type) -> OfDocument[T]: ...
    @overload
    def __get__(self, owner: _Scoped, kind: type) -> T: ...
    def __get__(self, owner: _Scoped | None, kind: type) -> OfDocument[T] | T:
        if owner is None:
            return self
        return owner.scope.get((id(owner), self._name), self._make)

    def __set__(self, owner: _Scoped, value: T) -> None:
        owner.scope.put((id(owner), self._name), value)
