"""The line at the bottom: what is going on, how far, a way to stop it; what was said last."""

from __future__ import annotations

import time

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QProgressBar, QPushButton, QWidget


class StatusLine(QWidget):
    """Progress on the left, the last words in the middle, saved-at and help on the right."""

    stop_asked = pyqtSignal()

    def __init__(self) -> None:
        super().__init__()
        self.setFixedHeight(40)
        row = QHBoxLayout(self)
        row.setContentsMargins(18, 4, 18, 4)
        row.setSpacing(12)
        self.words = QLabel("")
        self.words.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.bar = QProgressBar()
        self.bar.setFixedWidth(180)
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.stop = QPushButton("Stop")
        self.stop.clicked.connect(self.stop_asked)
        self.right = QLabel("F1 keys")
        self.right.setProperty("role", "soft")
        row.addWidget(self.bar)
        row.addWidget(self.words, 1)
        row.addWidget(self.stop)
        row.addWidget(self.right)
        self._told = ""
        self._began = 0.0
        self.end()

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
        left = f", about {round(gone / done * (1 - done))} s left" if done > 0.05 and gone > 3 else ""
        self.words.setText(f"{words} · {done:.0%}{left}")

    def end(self) -> None:
        self.bar.hide()
        self.stop.hide()
        self.words.setText(self._told)

    def tell(self, words: str) -> None:
        """Words that stay until the next job or the next words; whole text in the tooltip."""
        self._told = f"{self._told}  {words}".strip() if self.bar.isVisible() and self._told else words
        self.words.setText(self._told)
        self.words.setToolTip(self._told)

    def saved(self, path: str) -> None:
        self.right.setText(f"Saved {time.strftime('%H:%M')} · F1 keys")
        self.right.setToolTip(path)
