"""Tells words that are typed with no field in focus from single keys that are meant.

Two different letters in quick succession are words: then plain keys do nothing until the hands rest. The first
letter of a word waits long enough for its second one to be seen.
"""

from __future__ import annotations

import time
from collections.abc import Callable

from PyQt6.QtCore import QObject, QTimer, pyqtSignal

#: Two different letters within this are words.
QUICK_S = 0.25
#: Words are over after this long without a key.
REST_S = 0.8
#: A letter waits this long to see whether another follows.
WAIT_MS = 140


class TypingGuard(QObject):
    """``ask`` is told of each plain key; it says whether to act at once, and acts later on letters that wait."""

    typed = pyqtSignal()

    def __init__(self, parent: QObject | None = None, clock: Callable[[], float] = time.monotonic):
        super().__init__(parent)
        self._clock = clock
        self._last = ("", -10.0)
        self._until = -1.0
        self._waiting: Callable[[], object] | None = None
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(WAIT_MS)
        self._timer.timeout.connect(self.act)

    def ask(self, text: str, run: Callable[[], object] | None, at_once: bool) -> bool:
        """A plain key that writes ``text``; whether it is used up. ``run`` is what it does, if anything."""
        now = self._clock()
        if now < self._until:
            self._until = now + REST_S
            return True
        before, self._last = self._last, (text, now)
        words = text.isalpha() and before[0].isalpha() and text != before[0] and now - before[1] < QUICK_S
        if words:
            self.forget()
            self._until = now + REST_S
            self.typed.emit()
            return True
        self.act()
        if run is None:
            return False
        if at_once or not _waits(text):
            run()
        else:
            self._waiting = run
            self._timer.start()
        return True

    def act(self) -> None:
        """Do what waits."""
        self._timer.stop()
        run, self._waiting = self._waiting, None
        if run is not None:
            run()

    def forget(self) -> None:
        """What waits was the beginning of a word."""
        self._timer.stop()
        self._waiting = None


def _waits(text: str) -> bool:
    """Letters and brackets may begin words; digits, comma and space are for moving."""
    return text.isalpha() or text in "[]"
