"""How large the window opens, so that all of it is on the screen, and where one was when it closed."""

from __future__ import annotations

import json
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import QRect, QSize
from PyQt6.QtGui import QGuiApplication

from vamos.ui.work.settings import PLACES, WINDOW

if TYPE_CHECKING:
    from vamos.ui.window import Window

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


def place(window: Window) -> None:
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


def remember(window: Window) -> None:
    """Keep how large it is, and the stop and the count one stands on in this project."""
    size = window.normalGeometry().size() if window.isMaximized() else window.size()
    WINDOW.set(f"{size.width()} {size.height()}{' full' if window.isMaximized() else ''}")
    path = window.session.path
    if path is None:
        return
    places = _places()
    places.pop(str(path.absolute()), None)
    here = [window.stop.name, window.page.current, str(window.page.position)]
    kept = [(str(path.absolute()), here), *places.items()][:_MOST]
    PLACES.set(json.dumps(dict(kept)))


def return_to(window: Window, path: Path) -> None:
    """Back to where one was in a project, as far as that is still there."""
    here = _places().get(str(path.absolute()))
    try:
        stop, line, position = here or ("", 0, "0")
        if not 0 <= int(str(line)) < len(window.session.lines):
            return
        window.page.go_to_position(Fraction(str(position)))
        if stop in window.rooms:
            window.go_to_stop(str(stop))
    except (ValueError, TypeError, ZeroDivisionError):
        return


def _places() -> dict[str, list[object]]:
    try:
        found = json.loads(PLACES.get() or "{}")
    except ValueError:
        return {}
    return {k: v for k, v in found.items() if isinstance(v, list) and len(v) == 3} if isinstance(found, dict) else {}
