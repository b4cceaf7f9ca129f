"""What the window remembers from one evening to the next: each thing declared once, with its type and a fallback.

A value that was damaged, or written by something else, is as if it had never been set.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Generic, TypeVar

import platformdirs
from PyQt6.QtCore import QSettings

from vamos.core.disk.side_files import put_aside

T = TypeVar("T")


def _store() -> QSettings:
    # Qt would wait for a pipe that stands there for ever.
    put_aside(Path(platformdirs.user_config_dir("vamos", appauthor=False)) / "vamos.conf")
    return QSettings("vamos", "vamos")


@dataclass(frozen=True)
class Setting(Generic[T]):
    """One thing that is remembered; ``understood`` makes it from what is stored, or raises ValueError."""

    key: str
    fallback: T
    understood: Callable[[Any], T]

    def get(self) -> T:
        try:
            stored = _store().value(self.key)
            return self.fallback if stored is None else self.understood(stored)
        except (ValueError, TypeError, OverflowError):
            return self.fallback

    def set(self, value: T) -> None:
        _store().setValue(self.key, value)

    def forget(self) -> None:
        _store().remove(self.key)


def switch(key: str, fallback: bool) -> Setting[bool]:
    """On or off."""

    def understood(stored: Any) -> bool:
        words = str(stored).lower()
        if words not in ("true", "false", "1", "0"):
            raise ValueError(words)
        return words in ("true", "1")

    return Setting(key, fallback, understood)


def number(key: str, fallback: int, least: int, most: int) -> Setting[int]:
    """A whole number within bounds."""

    def understood(stored: Any) -> int:
        found = int(str(stored))
        if not least <= found <= most:
            raise ValueError(found)
        return found

    return Setting(key, fallback, understood)


def words(key: str, allowed: tuple[str, ...] = ()) -> Setting[str]:
    """A text; one of ``allowed`` when any are given."""

    def understood(stored: Any) -> str:
        if not isinstance(stored, str) or (allowed and stored not in allowed):
            raise ValueError(stored)
        return stored

    return Setting(key, "", understood)


def _paths(stored: Any) -> list[str]:
    # A list of one comes back as text.
    found = [stored] if isinstance(stored, str) else list(stored)
    return [p for p in found if isinstance(p, str) and p and "\0" not in p]


SIDE_WIDTH = number("side width", 392, 120, 8000)
MIRROR_HEIGHT = number("mirror height", 262, 40, 8000)
LETTERS = switch("single-letter keys", True)
LIGHT = words("light", ("day", "evening"))
LAST = words("last")
FOLDER = words("folder")
#: The window's size, and where one was in each project (JSON).
WINDOW = words("window")
PLACES = words("places")
RECENT: Setting[list[str]] = Setting("recent", [], _paths)


def closed_words(stop: str) -> Setting[bool]:
    """Whether the words about a stop were closed."""
    return switch(f"guide/{stop}", False)


def folded(room: str, part: str, at_first: bool = False) -> Setting[bool]:
    """Whether a part of a panel is folded."""
    return switch(f"folded/{room}/{part}", at_first)


def last_folder() -> str:
    """Where files were chosen last; empty when that is gone."""
    try:
        return FOLDER.get() if FOLDER.get() and Path(FOLDER.get()).is_dir() else ""
    except (OSError, ValueError):
        return ""
