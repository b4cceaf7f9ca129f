"""The empty page: three things to do, the demo, and what was open lately."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QIcon, QPixmap, QShowEvent
from PyQt6.QtWidgets import QFrame, QHBoxLayout, QScrollArea, QVBoxLayout, QWidget

from vamos.ui.parts.buttons import Button
from vamos.ui.parts.text import label, tip
from vamos.ui.work.recent import picture_of, recent
from vamos.wording import words_of

tr = words_of(__name__)

_STEPS = (
    (tr("Drop the song here"), tr("wav, flac, ogg, mp3 or m4a. Vamos finds the beat and the eights.")),
    (
        tr("Drop your takes here"),
        tr("mp4, mov, mkv or webm from the phone. They are placed on the song by their sound."),
    ),
    (
        tr("Look, then write the pack"),
        tr("Clips per eight: mirrored, back view, slowed, with the counts over the picture."),
    ),
)


#: So many of what was open lately are shown, with pictures of such a size.
SHOWN, _PICTURE = 3, QSize(112, 63)


class StartPage(QScrollArea):
    """Shown while there is no song; its buttons are told what they do when the window is built."""

    def __init__(self) -> None:
        super().__init__()
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setWidgetResizable(True)
        inside = QWidget()
        self.setWidget(inside)
        column = QVBoxLayout(inside)
        column.setContentsMargins(110, 56, 64, 32)
        column.setSpacing(18)
        column.addWidget(label(tr("From a song and phone films to clips your students can follow"), "title", wrap=True))
        for number, (head, text) in enumerate(_STEPS, 1):
            row = QHBoxLayout()
            big = label(str(number), "title")
            big.setFixedWidth(44)
            words = QVBoxLayout()
            words.setSpacing(2)
            words.addWidget(label(head, "strong", wrap=True))
            words.addWidget(label(text, wrap=True))
            row.addWidget(big, alignment=Qt.AlignmentFlag.AlignTop)
            row.addLayout(words, 1)
            column.addLayout(row)
        self.choose = Button(tr("Choose files…"), lambda: None, "go")
        self.demo = Button(tr("Try the demo"), lambda: None)
        self.open = Button(tr("Open a project…"), lambda: None)
        self.write = Button(tr("Write a dance"), lambda: None)
        line = QHBoxLayout()
        for button in (self.choose, self.demo, self.open):
            line.addWidget(button)
        line.addStretch(1)
        column.addLayout(line)
        other = QHBoxLayout()
        other.addWidget(self.write)
        other.addWidget(
            label(tr("No song yet? Counts are written at an even pulse; the song can come later."), "soft", wrap=True),
            1,
        )
        column.addLayout(other)
        self._lately = QWidget()
        self._cards = QHBoxLayout(self._lately)
        self._cards.setContentsMargins(0, 0, 0, 0)
        self._cards.setSpacing(12)
        column.addWidget(self._lately)
        self._open_path: Callable[[Path], object] = lambda _path: None
        column.addWidget(
            label(
                tr(
                    "Warm up, clear the floor, and dance within what a teacher or a physician says is "
                    "good for you. The rights of the music you use are yours to clear."
                ),
                "soft",
                wrap=True,
            )
        )
        column.addStretch(1)

    def connect_to(
        self,
        choose: Callable[[], object],
        demo: Callable[[], object],
        open_project: Callable[[], object],
        write: Callable[[], object],
        open_path: Callable[[Path], object],
    ) -> None:
        self.choose.run, self.demo.run, self.open.run, self.write.run = choose, demo, open_project, write
        self._open_path = open_path
        self.show_recent()

    def show_recent(self) -> None:
        """What was open lately, each with its picture."""
        while self._cards.count():
            item = self._cards.takeAt(0)
            widget = item.widget() if item is not None else None
            if widget is not None:
                widget.hide()
                widget.deleteLater()
        found = recent()[:SHOWN]
        self._lately.setVisible(bool(found))
        for path in found:
            card = Button(path.stem, partial(self._open_path, path))
            card.setToolTip(tip(str(path)))
            card.setAccessibleName(tr("Open {stem} again", stem=path.stem))
            picture = QPixmap()
            if picture.loadFromData(picture_of(path)):
                card.setIcon(QIcon(picture))
                card.setIconSize(_PICTURE)
            self._cards.addWidget(card)
        self._cards.addStretch(1)

    def showEvent(self, event: QShowEvent | None) -> None:
        self.show_recent()
        super().showEvent(event)
