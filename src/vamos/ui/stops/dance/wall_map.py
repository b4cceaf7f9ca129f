"""The wall map on the screen: the same drawing as in the sheet, scaled to the window."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QByteArray, QRectF, QSize
from PyQt6.QtGui import QPainter, QPaintEvent
from PyQt6.QtSvg import QSvgRenderer
from PyQt6.QtWidgets import QScrollArea, QVBoxLayout, QWidget

from vamos.core.dance.wall_map import Drawing, to_svg
from vamos.ui.frame.center import CenterView
from vamos.wording import words_of

tr = words_of(__name__)

EDGE = 28
LARGEST = 1.7


class WallMap(CenterView):
    """Shows a drawing as wide as the window, at most a little larger than on paper; ``draw`` makes it."""

    def __init__(self, draw: Callable[[], Drawing | None]):
        super().__init__()
        self._draw = draw
        self.picture = _Picture()
        self.area = QScrollArea()
        self.area.setWidgetResizable(True)
        self.area.setWidget(self.picture)
        self.area.setAccessibleName(tr("Wall map"))
        self.setFocusProxy(self.area)
        down = QVBoxLayout(self)
        down.setContentsMargins(0, 0, 0, 0)
        down.addWidget(self.area)

    def refresh(self) -> None:
        drawing = self._draw()
        if drawing is not None:
            self.picture.show_drawing(drawing)


class _Picture(QWidget):
    def __init__(self) -> None:
        super().__init__()
        self.drawing: Drawing | None = None
        self._renderer = QSvgRenderer()

    def show_drawing(self, drawing: Drawing) -> None:
        self.drawing = drawing
        self._renderer.load(QByteArray(to_svg(drawing).encode()))
        self.setAccessibleDescription(drawing.words)
        self.updateGeometry()
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(600, round(self.drawing.height * LARGEST) + 2 * EDGE if self.drawing else 200)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        if self.drawing is None:
            return
        painter = QPainter(self)
        scale = min(LARGEST, (self.width() - 2 * EDGE) / self.drawing.width)
        box = QRectF(EDGE, EDGE, self.drawing.width * scale, self.drawing.height * scale)
        self._renderer.render(painter, box)
