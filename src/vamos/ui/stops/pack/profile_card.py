"""What packs are made for, as cards: a small picture of the files, the name, what they hold in words, how much."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPaintEvent, QPalette, QPen
from PyQt6.QtWidgets import QApplication, QHBoxLayout, QVBoxLayout, QWidget

from vamos.core.model.look import Shape
from vamos.core.model.project import Output
from vamos.core.plan.profiles import Profile
from vamos.ui.parts.buttons import LaidOutButton
from vamos.ui.parts.text import label
from vamos.wording import words_of

tr = words_of(__name__)

_WIDE, _HIGH = 112, 58
#: Sections and speeds that are drawn; more look the same.
_SECTIONS, _SPEEDS = 4, 3
_GAP, _STRIP = 4.0, 9.0
_SHAPES = {Shape.UPRIGHT: 9 / 16, Shape.SQUARE: 1.0}


class ProfileCard(LaidOutButton):
    """Stays pressed while the output is as its profile sets it; the words lie over the button as labels."""

    def __init__(self, profile: Profile, output: Output, now: bool, amount: str, use: Callable[[], object]):
        super().__init__(use, "profile")
        self.setCheckable(True)
        self._picture = OutputPicture(output)
        self._name, self._words = label(role="strong", wrap=True), label(role="soft", wrap=True)
        self._amount = label(role="soft")
        across = QHBoxLayout(self)
        across.setContentsMargins(12, 8, 10, 8)
        across.setSpacing(14)
        across.addWidget(self._picture, 0, Qt.AlignmentFlag.AlignVCenter)
        down = QVBoxLayout()
        down.setSpacing(1)
        for words in (self._name, self._words, self._amount):
            words.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        head = QHBoxLayout()
        head.addWidget(self._name, 1)
        head.addWidget(self._amount, 0, Qt.AlignmentFlag.AlignTop)
        down.addLayout(head)
        down.addWidget(self._words)
        across.addLayout(down, 1)
        self.show_profile(profile, output, now, amount, use)

    def show_profile(self, profile: Profile, output: Output, now: bool, amount: str, use: Callable[[], object]) -> None:
        self.run = use
        self._picture.show_output(output)
        words = tr(profile.words)
        self._name.setText(tr(profile.name))
        self._words.setText(words)
        self._words.setVisible(bool(words))
        self._amount.setText(amount)
        self.setAccessibleName(tr(profile.name))
        self.setAccessibleDescription(f"{words} {amount}".strip())
        self.setChecked(now)


class OutputPicture(QWidget):
    """The files of a pack, drawn from its settings: a column for each section, a row for each speed, a strip for the
    whole dance; a dark corner where counts stand over the picture.
    """

    def __init__(self, output: Output):
        super().__init__()
        self._output = output
        self.setFixedSize(_WIDE, _HIGH)
        self.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self.setStyleSheet("background: transparent")

    def show_output(self, output: Output) -> None:
        self._output = output
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        output, strip = self._output, self._output.run_through.wanted
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        room = QRectF(1, 1, _WIDE - 2, _HIGH - 2)
        if strip and (output.sections or output.from_the_top or output.new_section):
            room.setBottom(room.bottom() - _STRIP - _GAP)
        if output.from_the_top or output.new_section:
            self._stairs(painter, room)
        elif output.sections:
            self._grid(painter, room)
        if strip:
            alone = not (output.sections or output.from_the_top or output.new_section)
            self._whole(painter, alone)
        painter.end()

    def _grid(self, painter: QPainter, room: QRectF) -> None:
        """A frame for each section and speed."""
        output = self._output
        speeds = max(1, min(_SPEEDS, len(output.speeds) if output.with_counts else 1))
        ratio = _SHAPES.get(output.framing.shape, 16 / 9)
        high = (room.height() - (speeds - 1) * _GAP) / speeds
        wide = min(high * ratio, (room.width() - (_SECTIONS - 1) * _GAP) / _SECTIONS)
        high = min(high, wide / ratio)
        left = room.left() + (room.width() - _SECTIONS * wide - (_SECTIONS - 1) * _GAP) / 2
        top = room.top() + (room.height() - speeds * high - (speeds - 1) * _GAP) / 2
        for row in range(speeds):
            for column in range(_SECTIONS):
                at = QRectF(left + column * (wide + _GAP), top + row * (high + _GAP), wide, high)
                self._frame(painter, at, slowed=row)

    def _stairs(self, painter: QPainter, room: QRectF) -> None:
        """From the top to the end of each section; what is new is marked."""
        steps = 3
        high = (room.height() - (steps - 1) * _GAP) / steps
        wide = (room.width() - (steps - 1) * _GAP) / steps
        for row in range(steps):
            top = room.top() + row * (high + _GAP)
            long = (row + 1) * wide + row * _GAP
            self._frame(painter, QRectF(room.left(), top, long, high), 0)
            if self._output.new_section:
                new = QRectF(room.left() + row * (wide + _GAP), top, wide, high)
                painter.fillRect(new.adjusted(2, 2, -2, -2), self._colour(QPalette.ColorRole.Highlight, 255 - 85 * row))

    def _whole(self, painter: QPainter, alone: bool) -> None:
        """The whole dance in one long film with its chapters."""
        high = 2.4 * _STRIP if alone else _STRIP
        top = (_HIGH - high) / 2 if alone else _HIGH - 1 - high
        at = QRectF(1, top, _WIDE - 2, high)
        painter.fillRect(at, self._colour(QPalette.ColorRole.WindowText))
        for part in range(1, 8):
            x = at.left() + at.width() * part / 8
            painter.fillRect(QRectF(x - 0.75, top, 1.5, high), self._colour(QPalette.ColorRole.Window))

    def _frame(self, painter: QPainter, at: QRectF, slowed: int) -> None:
        """One file; the slower, the paler its edge."""
        painter.setPen(QPen(self._colour(QPalette.ColorRole.WindowText, 255 - 60 * slowed), 1.5))
        painter.setBrush(self._colour(QPalette.ColorRole.Window))
        painter.drawRect(at)
        if self._output.with_counts:
            side = min(0.42 * min(at.width(), at.height()), 9.0)
            corner = QRectF(at.right() - side, at.bottom() - side, side, side)
            painter.fillRect(corner, self._colour(QPalette.ColorRole.Highlight, 255 - 60 * slowed))

    def _colour(self, role: QPalette.ColorRole, alpha: int = 255) -> QColor:
        # The style sheet makes the widget's own background transparent.
        colour = QColor(QApplication.palette().color(role))
        colour.setAlpha(alpha)
        return colour
