"""The mirror: the picture as a student will see it, and under it the floor clock and the count."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QColor, QImage, QPainter, QPaintEvent
from PyQt6.QtWidgets import QSizePolicy, QWidget

from vamos.core.dance.facing import clock_text
from vamos.core.dance.lines import Line
from vamos.ui.page.model import kind_words, line_label
from vamos.ui.page.paint import paint_clock
from vamos.ui.theme import Theme, font


class Mirror(QWidget):
    """Shows one picture, as large as fits, or words when there is none."""

    def __init__(self, theme: Theme, name: str = "The mirror", height: int | None = 204):
        super().__init__()
        self.theme = theme
        self._image: QImage | None = None
        self._words = ""
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        if height is not None:
            self.setFixedHeight(height)
        self.setAccessibleName(name)

    @property
    def image(self) -> QImage | None:
        return self._image

    def show_image(self, image: QImage) -> None:
        self._image, self._words = image, ""
        self.update()

    def show_words(self, words: str) -> None:
        """No picture; say why."""
        if self._image is None and self._words == words:
            return
        self._image, self._words = None, words
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.fillRect(self.rect(), QColor(self.theme.floor))
        if self._image is None:
            painter.setPen(QColor(self.theme.soft))
            painter.setFont(font(10.5, 500))
            painter.drawText(
                self.rect().adjusted(28, 10, -28, -10),
                Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap,
                self._words,
            )
            return
        size = QSize(self._image.size()).scaled(self.size(), Qt.AspectRatioMode.KeepAspectRatio)
        x, y = (self.width() - size.width()) / 2, (self.height() - size.height()) / 2
        painter.drawImage(QRectF(x, y, size.width(), size.height()), self._image)


class FloorClock(QWidget):
    """Where the dancer faces, and the count, large."""

    def __init__(self, theme: Theme):
        super().__init__()
        self.theme = theme
        self._line: Line | None = None
        self._count = ""
        self._heading: int | None = 0
        self.setFixedHeight(92)

    def show_place(self, line: Line | None, count: str, heading: int | None) -> None:
        if (line, count, heading) == (self._line, self._count, self._heading):
            return
        self._line, self._count, self._heading = line, count, heading
        self.setAccessibleName(f"Count {count}")
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        paint_clock(painter, QPointF(46, 46), 40, self._heading, self.theme)
        painter.setPen(QColor(self.theme.soft))
        painter.setFont(font(7.5, 600))
        for text, x, y in (("12", 46, 15), ("3", 79, 46), ("6", 46, 78), ("9", 13, 46)):
            painter.drawText(QRectF(x - 10, y - 7, 20, 14), Qt.AlignmentFlag.AlignCenter, text)
        if self._line is None:
            return
        painter.setFont(font(9, 500))
        words = kind_words(self._line)
        where = f"Line {line_label(self._line)}" + (f", {words}" if words else "")
        painter.drawText(QRectF(104, 6, self.width() - 104, 18), Qt.AlignmentFlag.AlignVCenter, where)
        painter.setPen(QColor(self.theme.ink))
        painter.setFont(font(26, 800))
        painter.drawText(QRectF(104, 22, self.width() - 104, 44), Qt.AlignmentFlag.AlignVCenter, self._count)
        painter.setFont(font(9, 500))
        facing = "facing not known" if self._heading is None else f"facing {clock_text(self._heading)}"
        painter.drawText(QRectF(104, 68, self.width() - 104, 18), Qt.AlignmentFlag.AlignVCenter, facing)
