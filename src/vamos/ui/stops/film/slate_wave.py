"""The sound of a take around a moment, with counts as marks over it."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QWidget

from vamos.core.media.peaks import PER_SECOND, Peaks
from vamos.ui.page.paint import draw_rects
from vamos.ui.parts.theme import Theme, font
from vamos.wording import words_of

tr = words_of(__name__)

#: Seconds of the take shown to each side of the middle.
REACH_S = 2.0


class SlateWave(QWidget):
    """The sound around a moment; counts stand over it as marks with their numbers."""

    chosen = pyqtSignal(float)
    count_moved = pyqtSignal(int, float)

    def __init__(self, theme: Theme):
        super().__init__()
        self.theme = theme
        self.setFixedHeight(112)
        self.setAccessibleName(tr("Sound of the take"))
        self._at = 0.0
        self._peaks: Peaks | None = None
        self.marks: list[tuple[float, str, int]] = []
        self._held: int | None = None
        self._x = 0.0

    def show_moment(self, take_s: float, peaks: Peaks | None, marks: list[tuple[float, str, int]]) -> None:
        self._at, self._peaks, self.marks = take_s, peaks, marks
        self.update()

    def x_of(self, take_s: float) -> float:
        return self.width() / 2 + (take_s - self._at) / REACH_S * self.width() / 2

    def second_at(self, x: float) -> float:
        return self._at + (x - self.width() / 2) / (self.width() / 2) * REACH_S

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        assert event is not None
        x = event.position().x()
        near = [(abs(self.x_of(at) - x), index) for at, _, index in self.marks if index >= 0]
        self._held = min(near)[1] if near and min(near)[0] < 8 else None
        self._x = x

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        assert event is not None
        self._x = event.position().x()
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        assert event is not None
        held, self._held = self._held, None
        at = self.second_at(event.position().x())
        if held is None:
            self.chosen.emit(at)
        else:
            self.count_moved.emit(held, at)
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), QColor(self.theme.paper))
        base, room = self.height() - 10.0, self.height() - 44.0
        if self._peaks is not None and len(self._peaks.bands):
            first = int(np.floor((self._at - REACH_S) * PER_SECOND))
            step = self.width() / (2 * REACH_S * PER_SECOND)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(self.theme.wave))
            bars = []
            for k in range(max(0, first), min(len(self._peaks.bands), first + int(2 * REACH_S * PER_SECOND) + 2)):
                size = float(np.sqrt(self._peaks.bands[k].max())) * room
                bars.append(QRectF(self.x_of(k / PER_SECOND), base - size, max(1.0, step - 0.6), size))
            draw_rects(painter, bars)
        painter.fillRect(QRectF(0, base, self.width(), 2), QColor(self.theme.ink))
        painter.setFont(font(9.5, 700))
        for at, words, index in self.marks:
            x = self._x if self._held is not None and index == self._held else self.x_of(at)
            painter.setPen(QPen(QColor(self.theme.ink), 3 if index >= 0 else 1.5))
            painter.drawLine(QPointF(x, 26), QPointF(x, base))
            painter.drawText(QRectF(x - 20, 4, 40, 20), Qt.AlignmentFlag.AlignCenter, words)
        middle = self.width() / 2
        painter.fillRect(QRectF(middle - 1.5, 0, 3, self.height()), QColor(self.theme.accent))
