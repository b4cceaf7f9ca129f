"""Small pieces panels are made of."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from vamos.ui.actions import ACTIONS


class Panel(QWidget):
    """A column of heads, facts, sentences and buttons that is filled anew by :meth:`clear`."""

    def __init__(self) -> None:
        super().__init__()
        self.column = QVBoxLayout(self)
        self.column.setContentsMargins(0, 0, 10, 0)
        self.column.setSpacing(6)

    def clear(self) -> None:
        while self.column.count():
            item = self.column.takeAt(0)
            widget = item.widget()
            if widget is not None:
                widget.hide()
                widget.deleteLater()

    def head(self, text: str) -> None:
        label = QLabel(text)
        label.setProperty("role", "head")
        label.setContentsMargins(0, 8, 0, 0)
        self.column.addWidget(label)

    def fact(self, name: str, value: str) -> None:
        """A name on the left, its value on the right, a thin line under both."""
        row = QFrame()
        box = QVBoxLayout(row)
        box.setContentsMargins(0, 2, 0, 2)
        line = QHBoxLayout()
        left, right = QLabel(name), QLabel(value)
        right.setProperty("role", "soft")
        right.setWordWrap(True)
        line.addWidget(left)
        line.addStretch(1)
        line.addWidget(right, 3)
        from PyQt6.QtCore import Qt

        right.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        box.addLayout(line)
        self.column.addWidget(row)

    def say(self, text: str, role: str = "soft") -> QLabel:
        label = QLabel(text)
        label.setWordWrap(True)
        label.setProperty("role", role)
        self.column.addWidget(label)
        return label

    def buttons(self, *entries: tuple[str, Callable[[], object], str]) -> list[QPushButton]:
        """A row of buttons: (text, what it does, role)."""
        row = QWidget()
        line = QHBoxLayout(row)
        line.setContentsMargins(0, 2, 0, 2)
        line.setSpacing(6)
        made = []
        for text, run, role in entries:
            button = QPushButton(text)
            if role:
                button.setProperty("role", role)
            button.clicked.connect(lambda _checked=False, r=run: r())
            line.addWidget(button)
            made.append(button)
        line.addStretch(1)
        self.column.addWidget(row)
        return made

    def end(self) -> None:
        """All is in: take the height it needs at once, so that nothing is seen squeezed."""
        self.column.addStretch(1)
        self.column.activate()
        height = max(self.column.totalHeightForWidth(self.width()), self.column.totalMinimumSize().height())
        self.setMinimumHeight(height)
        self.resize(self.width(), max(self.height(), height))


def key_of(name: str) -> str:
    """The key of an action, for button texts."""
    return next((a.keys for a in ACTIONS if a.name == name), "")
