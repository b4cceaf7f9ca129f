"""All keys on one page, made from the list of actions."""

from __future__ import annotations

from PyQt6.QtGui import QKeySequence
from PyQt6.QtWidgets import QDialog, QGridLayout, QLabel, QVBoxLayout, QWidget

from vamos.ui.actions import ACTIONS, COUNT_KEYS, STOPS

#: So that all of them fit on a small screen.
COLUMNS = 3


class KeysPage(QDialog):
    """Opened with F1."""

    def __init__(self, parent: QWidget):
        super().__init__(parent)
        self.setWindowTitle("Keys")
        column = QVBoxLayout(self)
        column.setContentsMargins(28, 22, 28, 22)
        title = QLabel("Keys")
        title.setProperty("role", "title")
        column.addWidget(title)
        grid = QGridLayout()
        grid.setHorizontalSpacing(18)
        grid.setVerticalSpacing(6)
        with_keys = [a for a in ACTIONS if a.keys]
        rows = -(-len(with_keys) // COLUMNS)
        for number, action in enumerate(with_keys):
            row, side = number % rows, 3 * (number // rows)
            key = QLabel(f"<b>{QKeySequence(action.keys).toString()}</b>")
            text = QLabel(action.text)
            text.setToolTip(action.help)
            grid.addWidget(key, row, side)
            grid.addWidget(text, row, side + 1)
        for side in range(1, COLUMNS):
            grid.setColumnMinimumWidth(3 * side - 1, 30)
        column.addLayout(grid)
        stops = ", ".join(f"{n} {s}" for n, s in enumerate(STOPS, 1))
        for words in (COUNT_KEYS, "Left and right: a count back or on", f"Ctrl and a number: to a stop ({stops})"):
            label = QLabel(words)
            label.setProperty("role", "soft")
            column.addWidget(label)
