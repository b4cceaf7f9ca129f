"""How large the window opens, so that all of it is on the screen, and where one was when it closed."""

from __future__ import annotations

import json
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path

from PyQt6.QtCore import QRect, QSize
from PyQt6.QtGui import QGuiApplication
from PyQt6.QtWidgets import QWidget

from vamos.ui.work.settings import PLACES, WINDOW

WANTED = QSize(1280, 800)
#: What a desktop puts around a window: a bar above it, borders beside it. Its size is known only when it is shown.
_AROUND = QSize(8, 40)
#: Of so many projects it is known where one was.
_MOST = 12


def opening_size(screen: QRect, last: QSize | None = None) -> tuple[QSize, bool]:
    """The size to open with on the free part of a screen, and whether the window should fill it."""
    room = screen.size() - _AROUND
    wanted = last or WANTED
    fits = wanted.width() <= room.width() and wanted.height() <= room.height()
    return (wanted if fits else wanted.boundedTo(room)), not fits


def place(window: QWidget) -> None:
    """Open as large as last time, and never larger than the screen."""
    screen = QGuiApplication.primaryScreen()
    if screen is None:
        return
    words = WINDOW.get().split()
    numbers = [int(w) for w in words if w.isdigit()]
    last = QSize(*numbers) if len(numbers) == 2 and min(numbers) >= 400 else None
    free = screen.availableGeometry()
    size, fills = opening_size(free, last)
    window.resize(size)
    middle = QRect(free.topLeft(), size)
    middle.moveCenter(free.center())
    window.move(middle.topLeft())
    if fills or "full" in words:
        window.showMaximized()


@dataclass(frozen=True, slots=True)
class Place:
    """Where one is in a project: the stop, and the position on the song."""

    stop: str
    position: Fraction


def remember(window: QWidget, path: Path | None, here: Place) -> None:
    """Keep how large the window is, and where one is in a project."""
    size = window.normalGeometry().size() if window.isMaximized() else window.size()
    WINDOW.set(f"{size.width()} {size.height()}{' full' if window.isMaximized() else ''}")
    if path is None:
        return
    places = _places()
    places.pop(str(path.absolute()), None)
    kept = [(str(path.absolute()), [here.stop, str(here.position)]), *places.items()][:_MOST]
    PLACES.set(json.dumps(dict(kept)))


def last_place(path: Path) -> Place | None:
    """Where one was in a project; None where that is not known."""
    try:
        stop, position = _places()[str(path.absolute())]
        return Place(str(stop), Fraction(str(position)))
    except (KeyError, ValueError, ZeroDivisionError):
        return None


def _places() -> dict[str, list[object]]:
    try:
        found = json.loads(PLACES.get() or "{}")
    except ValueError:
        return {}
    return {k: v for k, v in found.items() if isinstance(v, list)} if isinstance(found, dict) else {}
