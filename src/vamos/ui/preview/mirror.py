"""The mirror: the picture as a student will see it, with the count and the facing in its frame."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QColor, QImage, QPainter, QPaintEvent, QResizeEvent
from PyQt6.QtWidgets import QSizePolicy, QWidget

from vamos.core.dance.facing import clock_text
from vamos.core.dance.lines import Line
from vamos.ui.page.model import kind_words, line_label
from vamos.ui.page.paint import paint_clock
from vamos.ui.parts.theme import Theme, font
from vamos.wording import words_of

tr = words_of(__name__)

STRIP_HEIGHT = 64
STRIP_WIDTH = 118


class Picture(QWidget):
    """Shows one picture, as large as fits, or words when there is none."""

    def __init__(self, theme: Theme, name: str):
        super().__init__()
        self.theme = theme
        self._image: QImage | None = None
        self._words = ""
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(80)
        self.setAccessibleName(name)

    @property
    def image(self) -> QImage | None:
        return self._image

    @property
    def words(self) -> str:
        """Why there is no picture."""
        return self._words

    def show_image(self, image: QImage) -> None:
        self._image, self._words = image, ""
        self.update()

    def show_words(self, words: str) -> None:
        """No picture; say why."""
        if self._image is None and self._words == words:
            return
        self._image, self._words = None, words
        self.update()

    def set_theme(self, theme: Theme) -> None:
        self.theme = theme
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.fillRect(self.rect(), QColor(self.theme.floor))
        if self._image is None:
            painter.setPen(QColor(self.theme.soft))
            painter.setFont(font(10.5, 500))
            flags = Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap
            painter.drawText(self.rect().adjusted(24, 8, -24, -8), flags, self._words)
            return
        size = QSize(self._image.size()).scaled(self.size(), Qt.AspectRatioMode.KeepAspectRatio)
        x, y = (self.width() - size.width()) / 2, (self.height() - size.height()) / 2
        painter.drawImage(QRectF(x, y, size.width(), size.height()), self._image)


class FloorStrip(QWidget):
    """Where the dancer faces, and the count, large; below the picture, or beside an upright one."""

    def __init__(self, theme: Theme):
        super().__init__()
        self.theme = theme
        self._line: Line | None = None
        self._count = ""
        self._heading: int | None = 0

    def show_place(self, line: Line | None, count: str, heading: int | None) -> None:
        if line is self._line and (count, heading) == (self._count, self._heading):
            return
        self._line, self._count, self._heading = line, count, heading
        self.setAccessibleName(tr("Count {count}", count=count) if line is not None else tr("No count"))
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), QColor(self.theme.paper))
        upright = self.height() > self.width()
        middle = QPointF(self.width() / 2, 62) if upright else QPointF(36, self.height() / 2)
        paint_clock(painter, middle, 26, self._heading, self.theme)
        painter.setPen(QColor(self.theme.soft))
        painter.setFont(font(7.5, 600))
        for text, x, y in (("12", 0, -32), ("3", 32, 0), ("6", 0, 32), ("9", -32, 0)):
            if upright or y == 0:
                box = QRectF(middle.x() + x - 8, middle.y() + y - 7, 16, 14)
                painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)
        if self._line is not None:
            self._words(painter, self._line, upright)

    def _words(self, painter: QPainter, line: Line, upright: bool) -> None:
        kind = kind_words(line)
        where = tr("Line {line}", line=line_label(line)) + (f", {kind}" if kind else "")
        facing = (
            tr("facing not known") if self._heading is None else tr("facing {clock}", clock=clock_text(self._heading))
        )
        across = Qt.AlignmentFlag.AlignHCenter if upright else Qt.AlignmentFlag.AlignLeft
        left, width = (4.0, self.width() - 8.0) if upright else (150.0, self.width() - 152.0)
        painter.setPen(QColor(self.theme.ink))
        painter.setFont(font(26, 800))
        box = QRectF(0, 108, self.width(), 44) if upright else QRectF(78, 0, 72, self.height())
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, self._count)
        painter.setPen(QColor(self.theme.soft))
        painter.setFont(font(9, 500))
        top = 156.0 if upright else self.height() / 2 - 19
        for number, text in enumerate((where, facing)):
            box = QRectF(left, top + 19 * number, width, 19)
            painter.drawText(box, across | Qt.AlignmentFlag.AlignVCenter, text)


class Mirror(QWidget):
    """The picture with the count and the facing in one frame."""

    def __init__(self, theme: Theme):
        super().__init__()
        self.picture = Picture(theme, tr("The mirror"))
        self.floor = FloorStrip(theme)
        self.picture.setParent(self)
        self.floor.setParent(self)
        self.setMinimumHeight(STRIP_HEIGHT)
        self.setFocusPolicy(Qt.FocusPolicy.ClickFocus)
        self._with_picture = True

    @property
    def image(self) -> QImage | None:
        return self.picture.image

    def show_image(self, image: QImage) -> None:
        self.picture.show_image(image)
        self._lay_out()

    def show_words(self, words: str) -> None:
        self.picture.show_words(words)
        self._lay_out()

    def show_picture(self, on: bool) -> None:
        """With its picture, or the count and the facing alone."""
        self._with_picture = on
        self.picture.setVisible(on)
        self._lay_out()

    def set_theme(self, theme: Theme) -> None:
        self.picture.set_theme(theme)
        self.floor.theme = theme
        self.floor.update()

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        self._lay_out()

    def _lay_out(self) -> None:
        width, height = self.width(), self.height()
        image = self.picture.image
        upright = image is not None and image.height() > image.width() and height > 220
        if not self._with_picture:
            self.floor.setGeometry(0, 0, width, height)
        elif upright:
            self.picture.setGeometry(0, 0, width - STRIP_WIDTH, height)
            self.floor.setGeometry(width - STRIP_WIDTH, 0, STRIP_WIDTH, height)
        else:
            self.picture.setGeometry(0, 0, width, height - STRIP_HEIGHT)
            self.floor.setGeometry(0, height - STRIP_HEIGHT, width, STRIP_HEIGHT)
