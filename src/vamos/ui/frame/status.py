"""The line at the bottom: what is going on, how far, a way to stop it; what was said last; the stop's main button."""

from __future__ import annotations

import time
from collections.abc import Callable

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QHBoxLayout, QProgressBar, QSizePolicy, QWidget

from vamos.ui.parts.buttons import Button
from vamos.ui.parts.text import label, set_tip
from vamos.wording import words_of

tr = words_of(__name__)

MAIN_WIDTH = 300


class StatusLine(QWidget):
    """Progress on the left, the last words in the middle, saved-at and the main button on the right."""

    stop_asked = pyqtSignal()

    def __init__(self) -> None:
        super().__init__()
        self.setFixedHeight(56)
        self.setObjectName("status")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        row = QHBoxLayout(self)
        row.setContentsMargins(18, 6, 14, 8)
        row.setSpacing(12)
        self.words = label(wrap=True)
        self.words.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.words.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        self.words.setMaximumHeight(40)
        self.bar = QProgressBar()
        self.bar.setFixedWidth(160)
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.stop = Button(tr("Stop"), self.stop_asked.emit)
        self.right = label(tr("F1 guide"), "soft")
        self.main = Button("", lambda: None, "go")
        self.main.setFixedWidth(MAIN_WIDTH)
        for widget, stretch in ((self.bar, 0), (self.words, 1), (self.stop, 0), (self.right, 0), (self.main, 0)):
            row.addWidget(widget, stretch)
        self._told = ""
        self._passing = False
        self._began = 0.0
        self.end()

    def show_main(self, text: str, run: Callable[[], object] | None, tip: str = "") -> None:
        """The main button of the stop; without anything to do it is not there."""
        self.main.setVisible(run is not None)
        if run is not None:
            self.main.show_as(text, run, "go")
            set_tip(self.main, tip)

    def begin(self, name: str) -> None:
        self._told = ""
        self._began = time.monotonic()
        self.bar.setValue(0)
        self.bar.show()
        self.stop.show()
        self.words.setText(name)

    def progress(self, done: float, words: str) -> None:
        self.bar.setValue(round(done * 1000))
        gone = time.monotonic() - self._began
        left = tr(", about {number} s left", number=round(gone / done * (1 - done))) if done > 0.05 and gone > 3 else ""
        self.words.setText(f"{words} · {done:.0%}{left}")

    def end(self) -> None:
        self.bar.hide()
        self.stop.hide()
        self.words.setText(self._told)

    def tell(self, words: str, passing: bool = False) -> None:
        """Words that stay until the next ones; ``passing`` words go at the next move. Whole text in the tooltip."""
        busy = not self.bar.isHidden()
        # What went wrong while something is under way is still there when it ends.
        self._told = f"{self._told}  {words}".strip() if busy and self._told else words
        self._passing = passing and not busy
        self.words.setText(self._told)
        set_tip(self.words, self._told)

    def moved_on(self) -> None:
        """Passing words are no longer true."""
        if self._passing:
            self.tell("")

    def saved(self, path: str) -> None:
        self.right.setText(tr("Saved {time} · F1 guide", time=time.strftime("%H:%M")))
        set_tip(self.right, path)
