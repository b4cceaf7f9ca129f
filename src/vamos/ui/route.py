"""The route across the top: six stops in the order people work, each with its state in words."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PyQt6.QtWidgets import QWidget

from vamos.ui.actions import STOPS
from vamos.ui.page.paint import fitted
from vamos.ui.theme import Theme, font

_LEFT = 132


class Route(QWidget):
    """Six stops; click or Ctrl+1 … Ctrl+6 go there."""

    chosen = pyqtSignal(str)

    def __init__(self, theme: Theme):
        super().__init__()
        self.theme = theme
        self.stop = "Song"
        self.states = dict.fromkeys(STOPS, "")
        self.done: set[str] = set()
        self.setFixedHeight(64)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setAccessibleName("The six stops of the work")

    def show_states(self, states: dict[str, str], done: set[str]) -> None:
        self.states, self.done = states, done
        self.setAccessibleDescription("; ".join(f"{k}: {v}" for k, v in states.items()))
        self.update()

    def go(self, stop: str) -> None:
        if stop != self.stop:
            self.stop = stop
            self.update()
            self.chosen.emit(stop)

    def _box(self, number: int) -> QRectF:
        width = (self.width() - _LEFT - 16) / len(STOPS)
        return QRectF(_LEFT + number * width, 0, width - 12, self.height())

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), QColor(self.theme.paper))
        painter.setPen(QColor(self.theme.ink))
        painter.setFont(font(15, 800))
        painter.drawText(QRectF(18, 0, _LEFT, 60), Qt.AlignmentFlag.AlignVCenter, "Vamos")
        painter.fillRect(QRectF(0, self.height() - 2, self.width(), 2), QColor(self.theme.ink))
        for number, stop in enumerate(STOPS):
            box = self._box(number)
            active = stop == self.stop
            painter.setFont(font(11, 800 if active else 700))
            painter.setPen(QColor(self.theme.accent if active else self.theme.ink))
            painter.drawText(QRectF(box.x(), 9, box.width(), 20), Qt.AlignmentFlag.AlignVCenter, f"{number + 1} {stop}")
            face = font(8.5, 500)
            painter.setFont(face)
            painter.setPen(QColor(self.theme.soft))
            painter.drawText(
                QRectF(box.x(), 29, box.width(), 18),
                Qt.AlignmentFlag.AlignVCenter,
                fitted(self.states[stop], face, box.width()),
            )
            tape = self.theme.accent if active else (self.theme.ink if stop in self.done else self.theme.tape)
            painter.fillRect(
                QRectF(box.x(), self.height() - (8 if active else 6), box.width(), 8 if active else 6), QColor(tape)
            )
        if self.hasFocus():
            box = self._box(STOPS.index(self.stop))
            painter.setPen(QColor(self.theme.accent))
            painter.drawRect(box.adjusted(-4, 5, 2, -10))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        for number, stop in enumerate(STOPS):
            if self._box(number).contains(event.position()):
                self.go(stop)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        step = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}.get(Qt.Key(event.key()))
        if step is None:
            event.ignore()
            return
        self.go(STOPS[(STOPS.index(self.stop) + step) % len(STOPS)])
