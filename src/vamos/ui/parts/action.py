"""Actions as data, declared once: menu, key, tooltip and the page of keys come from here."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from enum import StrEnum


class Scope(StrEnum):
    """Where the key of an action works."""

    #: Everywhere, also while one types.
    ANYWHERE = "anywhere"
    #: Watching and moving: at every stop, but not while one types.
    WATCHING = "watching"
    #: Changing: at its own stop; a key without Ctrl or Alt only while page, mirror or the view in the middle
    #: have the focus.
    CHANGING = "changing"


@dataclass(frozen=True, slots=True)
class Action:
    """``name`` is the method of the commands that does it; ``keys`` as Qt writes them.

    ``at_once``: a letter whose moment counts, such as tapping, does not wait to see whether words are typed.
    ``repeats``: holding the key does it again and again.
    """

    name: str
    text: str
    keys: str
    menu: str
    help: str
    scope: Scope = Scope.CHANGING
    at_once: bool = False
    repeats: bool = False


@dataclass(frozen=True, slots=True)
class Bound:
    """An action with what it does now, and the stop it belongs to (empty: all)."""

    action: Action
    run: Callable[[], object]
    stop: str = ""


def bound(actions: tuple[Action, ...], commands: object, stop: str = "") -> tuple[Bound, ...]:
    """Each action with the method of its name; raises AttributeError when one is missing."""
    return tuple(Bound(a, getattr(commands, a.name), stop) for a in actions)


def bound_later(actions: tuple[Action, ...], commands: Callable[[], object], stop: str) -> tuple[Bound, ...]:
    """As :func:`bound`, with commands that are made when the first of them is used."""

    def later(name: str) -> Callable[[], object]:
        return lambda: getattr(commands(), name)()

    return tuple(Bound(a, later(a.name), stop) for a in actions)


def key_of(actions: tuple[Action, ...], name: str) -> str:
    """The key of an action, for texts of buttons."""
    return next(a.keys for a in actions if a.name == name)
