"""Two or three passes side by side in step: to choose the better one, or the place where a song repeats."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from vamos.core.time import TimeMap
from vamos.ui.mirror import Mirror
from vamos.ui.pictures import MirrorThread, Wanted

if TYPE_CHECKING:
    from vamos.ui.window import Window

#: So many stand side by side at most.
MOST = 3


@dataclass(frozen=True)
class Side:
    """One picture: the film, where counts lie in it, what is said of it, and what choosing it does."""

    path: Path
    counts_to_take: TimeMap
    flip: bool
    words: str
    choose: Callable[[], object]
    chosen: bool = False


class Compare(QWidget):
    """Shows the same count in every picture."""

    def __init__(self, window: Window):
        super().__init__()
        self._w = window
        self.sides: list[Side] = []
        self.mirrors: list[Mirror] = []
        self._threads: list[MirrorThread] = []
        self.title = QLabel()
        self.title.setProperty("role", "head")
        self.say = QLabel(
            "Space plays them in step; the arrows and 1 to 8 go to a count, comma and full stop by frames."
        )
        self.say.setProperty("role", "soft")
        self.say.setWordWrap(True)
        back = QPushButton("Back to the page")
        back.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        back.clicked.connect(lambda _c=False: window.show_page())
        top = QHBoxLayout()
        top.addWidget(self.title, 1)
        top.addWidget(back)
        self._row = QHBoxLayout()
        self._row.setSpacing(14)
        down = QVBoxLayout(self)
        down.setContentsMargins(18, 12, 18, 12)
        down.setSpacing(10)
        down.addLayout(top)
        down.addLayout(self._row, 1)
        down.addWidget(self.say)

    def show_sides(self, title: str, sides: list[Side]) -> None:
        """Put passes side by side; what stood there before goes."""
        self.clear()
        self.title.setText(title)
        self.sides = sides[:MOST]
        for side in self.sides:
            thread = MirrorThread()
            mirror = Mirror(self._w.theme, side.words, None)
            thread.ready.connect(mirror.show_image)
            thread.failed.connect(mirror.show_words)
            self._threads.append(thread)
            self.mirrors.append(mirror)
            self._row.addWidget(self._column(side, mirror), 1)
        self.show_position(self._w.page.position)

    def _column(self, side: Side, mirror: Mirror) -> QWidget:
        box = QWidget()
        down = QVBoxLayout(box)
        down.setContentsMargins(0, 0, 0, 0)
        words = QLabel(side.words)
        words.setWordWrap(True)
        button = QPushButton("This one is used" if side.chosen else "Use this one")
        button.setEnabled(not side.chosen)
        button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        button.clicked.connect(lambda _c=False: self._choose(side))
        down.addWidget(mirror, 1)
        down.addWidget(words)
        down.addWidget(button)
        return box

    def _choose(self, side: Side) -> None:
        self._w.show_page()
        side.choose()

    def show_position(self, position: Fraction | float) -> None:
        """The same count in every picture."""
        for side, thread in zip(self.sides, self._threads, strict=True):
            thread.ask(Wanted(side.path, side.counts_to_take(position), side.flip, None))

    def clear(self) -> None:
        """Take the pictures away and close their films."""
        for thread in self._threads:
            thread.close()
        self.sides, self.mirrors, self._threads = [], [], []
        while self._row.count():
            widget = self._row.takeAt(0).widget()
            if widget is not None:
                widget.hide()
                widget.deleteLater()
