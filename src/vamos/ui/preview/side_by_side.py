"""Two or three passes side by side in step: to choose the better one, or the place where a song repeats."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from vamos.core.time import TimeMap
from vamos.ui.parts.buttons import Button
from vamos.ui.parts.text import label
from vamos.ui.parts.theme import Theme
from vamos.ui.preview.mirror import Picture
from vamos.ui.preview.pictures import PictureWorker, Wanted
from vamos.wording import words_of

tr = words_of(__name__)

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


class SideBySide(QWidget):
    """Shows the same count in every picture; ``back`` goes back to the page."""

    def __init__(self, theme: Theme, back: Callable[[], object], position: Callable[[], Fraction]):
        super().__init__()
        self._theme, self._back, self._position = theme, back, position
        self.sides: list[Side] = []
        self.pictures: list[Picture] = []
        self._workers: list[PictureWorker] = []
        self.title = label("", "head")
        say = label(
            tr("Space plays them in step; the arrows and 1 to 8 go to a count, comma and full stop by frames."),
            "soft",
            wrap=True,
        )
        top = QHBoxLayout()
        top.addWidget(self.title, 1)
        top.addWidget(Button(tr("Back to the page"), back))
        self._row = QHBoxLayout()
        self._row.setSpacing(14)
        down = QVBoxLayout(self)
        down.setContentsMargins(18, 12, 18, 12)
        down.setSpacing(10)
        down.addLayout(top)
        down.addLayout(self._row, 1)
        down.addWidget(say)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_sides(self, title: str, sides: Sequence[Side]) -> None:
        """Put passes side by side; what stood there before goes."""
        self.clear()
        self.title.setText(title)
        self.sides = list(sides[:MOST])
        for side in self.sides:
            worker, picture = PictureWorker(), Picture(self._theme, side.words)
            worker.ready.connect(picture.show_image)
            worker.refused.connect(picture.show_words)
            self._workers.append(worker)
            self.pictures.append(picture)
            self._row.addWidget(self._column(side, picture), 1)
        self.show_position(self._position())

    def _column(self, side: Side, picture: Picture) -> QWidget:
        box = QWidget()
        down = QVBoxLayout(box)
        down.setContentsMargins(0, 0, 0, 0)
        button = Button(tr("This one is used") if side.chosen else tr("Use this one"), lambda: self._choose(side))
        button.setEnabled(not side.chosen)
        down.addWidget(picture, 1)
        down.addWidget(label(side.words, wrap=True))
        down.addWidget(button)
        return box

    def _choose(self, side: Side) -> None:
        self._back()
        side.choose()

    def show_position(self, position: Fraction | float) -> None:
        """The same count in every picture."""
        for side, worker in zip(self.sides, self._workers, strict=True):
            worker.ask(Wanted(side.path, side.counts_to_take(position), side.flip, None))

    def set_theme(self, theme: Theme) -> None:
        self._theme = theme
        for picture in self.pictures:
            picture.set_theme(theme)

    def clear(self) -> None:
        """Take the pictures away and close their films."""
        for worker in self._workers:
            worker.close()
        self.sides, self.pictures, self._workers = [], [], []
        while self._row.count():
            item = self._row.takeAt(0)
            widget = item.widget() if item is not None else None
            if widget is not None:
                widget.hide()
                widget.deleteLater()
