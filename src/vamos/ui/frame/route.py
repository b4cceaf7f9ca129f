"""The route across the top: the stops in the order people work, each with its state in words."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from PyQt6.QtCore import QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PyQt6.QtWidgets import QWidget

from vamos.ui.page.fit import fitted
from vamos.ui.parts.theme import Theme, font
from vamos.wording import words_of

tr = words_of(__name__)

_LEFT = 132


@dataclass(frozen=True, slots=True)
class StopState:
    """How far a stop is, in a few words."""

    words: str
    done: bool = False


class Route(QWidget):
    """The stops; a click, the arrows or Ctrl and a number go there."""

    chosen = pyqtSignal(str)

    def __init__(self, theme: Theme, names: Sequence[str]):
        super().__init__()
        self.theme = theme
        self.names = tuple(names)
        self.stop = self.names[0]
        self.states: dict[str, StopState] = {name: StopState("") for name in self.names}
        self.setFixedHeight(64)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self._say()

    def show_states(self, states: Mapping[str, StopState]) -> None:
        if states == self.states:
            return
        self.states = dict(states)
        self._say()
        self.update()

    def show_stop(self, stop: str) -> None:
        self.stop = stop
        self._say()
        self.update()

    def _say(self) -> None:
        state = self.states[self.stop]
        self.setAccessibleName(
            tr("The stops of the work, now {number} {stop}", number=self.names.index(self.stop) + 1, stop=tr(self.stop))
        )
        others = "; ".join(f"{tr(name)}: {s.words}" for name, s in self.states.items())
        self.setAccessibleDescription(f"{state.words}. {others}")

    def _box(self, number: int) -> QRectF:
        width = (self.width() - _LEFT - 16) / len(self.names)
        return QRectF(_LEFT + number * width, 0, width - 12, self.height())

    def paintEvent(self, event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), QColor(self.theme.paper))
        painter.setPen(QColor(self.theme.ink))
        painter.setFont(font(15, 800))
        painter.drawText(QRectF(18, 0, _LEFT, 60), Qt.AlignmentFlag.AlignVCenter, "Vamos")
        painter.fillRect(QRectF(0, self.height() - 2, self.width(), 2), QColor(self.theme.ink))
        for number, stop in enumerate(self.names):
            self._paint_stop(painter, number, stop)
        if self.hasFocus():
            box = self._box(self.names.index(self.stop))
            painter.setPen(QColor(self.theme.accent))
            painter.drawRect(box.adjusted(-4, 5, 2, -10))

    def _paint_stop(self, painter: QPainter, number: int, stop: str) -> None:
        box, active, state = self._box(number), stop == self.stop, self.states[stop]
        painter.setFont(font(11, 800 if active else 700))
        painter.setPen(QColor(self.theme.accent if active else self.theme.ink))
        painter.drawText(QRectF(box.x(), 9, box.width(), 20), Qt.AlignmentFlag.AlignVCenter, f"{number + 1} {tr(stop)}")
        face = font(8.5, 500)
        painter.setFont(face)
        painter.setPen(QColor(self.theme.soft))
        words = fitted(state.words, face, box.width())
        painter.drawText(QRectF(box.x(), 29, box.width(), 18), Qt.AlignmentFlag.AlignVCenter, words)
        tape = self.theme.accent if active else (self.theme.ink if state.done else self.theme.tape)
        high = 8 if active else 6
        painter.fillRect(QRectF(box.x(), self.height() - high, box.width(), high), QColor(tape))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        for number, stop in enumerate(self.names):
            if event is not None and self._box(number).contains(event.position()):
                self.chosen.emit(stop)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        step = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}.get(Qt.Key(event.key())) if event is not None else None
        if step is not None:
            self.chosen.emit(self.names[(self.names.index(self.stop) + step) % len(self.names)])
        elif event is not None:
            event.ignore()

    def uses_key(self, key: int) -> bool:
        return key in (Qt.Key.Key_Left, Qt.Key.Key_Right)
