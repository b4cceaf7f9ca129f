"""A short look around at each stop for those who are there for the first time; closed, it stays closed."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFrame, QVBoxLayout

from vamos.ui.parts.buttons import Button
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import label
from vamos.ui.work.settings import closed_words
from vamos.wording import words_of

tr = words_of(__name__)

#: What one does at a stop, in the order one does it.
WORDS = {
    "Song": (
        tr(
            "Press Space and listen, with clicks (K). Does count 1 fall where you would say it? "
            "If not, stand on the count that is a 1 and press Return. Hatched lines are those to "
            "look at first."
        )
    ),
    "Dance": (
        tr(
            "Name a section and write what is danced, such as “side R 1, behind L 2, touch R 3”. "
            "Walls, facings and which foot is free follow from that. There is time for this "
            "later, too."
        )
    ),
    "Film": (
        tr(
            "Drop your films anywhere. Each is placed on the song by its sound; where Vamos is not "
            "sure, it asks you. Say which view a film shows, and mark where something went wrong in it."
        )
    ),
    "Cut": (
        tr(
            "Each section is a clip in each view. Look at it as your students will: cards choose "
            "another pass, [ and ] say where it begins and ends."
        )
    ),
    "Lesson": (
        tr(
            "In which pieces, how often, how slow, and why: change any row with keys or by "
            "dragging. What is still to be filmed stands on the left, and is played for you "
            "while you film it."
        )
    ),
    "Pack": (
        tr(
            "Choose what it is for, then write it. Every file is decoded again and compared with "
            "what it should be; hand out the whole folder."
        )
    ),
}


class GuideNote(QFrame):
    """The words of a stop, and a button that closes them for good."""

    def __init__(self, stop: str, close: Callable[[], object]):
        super().__init__()
        self.setProperty("role", "card")
        down = QVBoxLayout(self)
        down.setContentsMargins(12, 8, 10, 10)
        down.addWidget(label(WORDS[stop], wrap=True))
        self.closes = Button(tr("Got it"), close)
        self.closes.setAccessibleName(tr("Got it: close the words about {stop} for good", stop=tr(stop)))
        down.addWidget(self.closes, 0, Qt.AlignmentFlag.AlignLeft)


def fill_guide(panel: Panel, stop: str) -> None:
    """The words of a stop, until they were closed."""
    if stop not in WORDS or is_closed(stop):
        return

    def close() -> None:
        closed_words(stop).set(True)
        panel.refill()

    panel.custom("guide", stop, lambda: GuideNote(stop, close), lambda _note: None)


def is_closed(stop: str) -> bool:
    return closed_words(stop).get()


def open_again() -> None:
    """All of them, from now on."""
    for stop in WORDS:
        closed_words(stop).forget()
