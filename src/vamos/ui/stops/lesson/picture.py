"""The lesson drawn along its time: one band a section, as high as it is fast, light where one talks.

A step stands in the bands of the sections it dances; what is joined is framed over all of them. Arrows walk it, a drag
moves a step to another place in the order; of the chosen one the right edge makes it come more often, the upper edge
quicker.
"""

from __future__ import annotations

from collections.abc import Callable, Collection, Mapping
from dataclasses import dataclass

from PyQt6.QtCore import QEvent, QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QBrush, QColor, QHelpEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPalette, QPen
from PyQt6.QtWidgets import QSizePolicy, QToolTip, QWidget

from vamos.core.lesson.plan import LessonPlan
from vamos.core.lesson.step import Step
from vamos.core.model.take import View
from vamos.ui.parts.text import plural
from vamos.ui.parts.theme import font
from vamos.wording import words_of

tr = words_of(__name__)

_NAMES, _AXIS, _TALK, _LEGEND, _BAND = 140, 22, 22, 52, 46
#: A full-speed block leaves so much of its band free above; the slowest is still this share of it.
_FREE, _LEAST = 6, 0.3
#: So near an edge a hand takes hold of it, in pixels.
_GRIP = 4


@dataclass(frozen=True, slots=True)
class Spot:
    """A step in the lesson: from and to (seconds), where dancing begins, and the bands it stands in."""

    step: Step
    start_s: float
    dance_s: float
    end_s: float
    bands: tuple[int, ...]


def spots_of(plan: LessonPlan) -> tuple[Spot, ...]:
    """All steps that are not left out, in their order."""
    bands = {piece.id: k for k, piece in enumerate(plan.material.pieces)}
    count_s, at, out = plan.material.count_s, 0.0, []
    for step in plan.steps:
        if step.left_out:
            continue
        dance = at + step.talk_s
        end = dance + step.danced_s(count_s)
        mine = tuple(sorted(bands[s] for s in step.sections if s in bands))
        out.append(Spot(step, at, dance, end, mine))
        at = end
    return tuple(out)


class LessonPicture(QWidget):
    """Draws a plan; ``missing`` are keys of steps that no film shows, ``called`` what sections beside the wall are.

    ``keys`` is what a key does to the chosen step; ``often`` and ``pace`` are told how often, and how fast as a share
    of the song's tempo, a hand has drawn it.
    """

    def __init__(
        self,
        shown: tuple[LessonPlan, str, Collection[str], Mapping[str, str]],
        choose: Callable[[str], object],
        move: Callable[[str, int], object],
        keys: Mapping[int, Callable[[], object]],
        often: Callable[[str, int], object],
        pace: Callable[[str, float], object],
    ):
        super().__init__()
        self._choose, self._move, self._keys = choose, move, keys
        self._often, self._pace = often, pace
        #: The step that is held, where, and by which grip: its place, "often" or "pace".
        self._held: tuple[int, QPointF, str] | None = None
        self._to: QPointF | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setMouseTracking(True)
        self.show_plan(*shown)

    def show_plan(self, plan: LessonPlan, now: str, missing: Collection[str], called: Mapping[str, str]) -> None:
        self._plan, self._now, self._missing, self._called = plan, now, frozenset(missing), dict(called)
        self._spots = spots_of(plan)
        # Summed over all steps, and asked for with each line that is painted.
        self._whole_s = max(plan.seconds, (plan.wish.minutes or 0) * 60, 1.0)
        self.setFixedHeight(_AXIS + _BAND * len(plan.material.pieces) + _TALK + _LEGEND)
        wanted = tr(", wanted {minutes:g}", minutes=plan.wish.minutes) if plan.wish.minutes else ""
        self.setAccessibleName(tr("Length: {number:.1f} minutes{wanted}", number=plan.seconds / 60, wanted=wanted))
        here = self._here()
        self.setAccessibleDescription(self.words(self._spots[here]) if here is not None else "")
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(640, self.height())

    @staticmethod
    def words(spot: Spot) -> str:
        """A step in a sentence: when, how long, how often."""
        minute, second = divmod(round(spot.start_s), 60)
        often = spot.step.how_often()
        return f"{minute}:{second:02d}  {spot.step.title}" + (f", {often}" if often else "")

    def _here(self) -> int | None:
        return next((k for k, s in enumerate(self._spots) if s.step.key == self._now), None)

    # --- places --------------------------------------------------------------------------

    def x_of(self, seconds: float) -> float:
        return _NAMES + (self.width() - _NAMES - 6) * seconds / self._whole_s

    def _seconds_at(self, x: float) -> float:
        return (x - _NAMES) / max(1, self.width() - _NAMES - 6) * self._whole_s

    def _band(self, number: int) -> QRectF:
        return QRectF(_NAMES, _AXIS + number * _BAND, self.width() - _NAMES - 6, _BAND)

    def rect_of(self, spot: Spot) -> QRectF:
        """All of a step: its bands, or the row of what is only said."""
        left, right = self.x_of(spot.start_s), self.x_of(spot.end_s)
        if not spot.bands:
            return QRectF(left, self._bottom() - _TALK + 2, max(2.0, right - left), _TALK - 4)
        top, bottom = self._band(spot.bands[0]).top() + 2, self._band(spot.bands[-1]).bottom() - 2
        return QRectF(left, top, max(2.0, right - left), bottom - top)

    def spot_at(self, place: QPointF) -> int | None:
        """The step under a place; of several the one whose time it is."""
        seconds = self._seconds_at(place.x())
        return next((k for k, s in enumerate(self._spots) if s.start_s <= seconds < s.end_s), None)

    # --- hands ---------------------------------------------------------------------------

    def _top(self, spot: Spot) -> float:
        """How high its first time stands in its first band."""
        band = self._band(spot.bands[0])
        return band.bottom() - 4 - self._high(band, float(spot.step.speeds[0]))

    def _high(self, band: QRectF, speed: float) -> float:
        return (band.height() - _FREE - 4) * max(_LEAST, min(1.0, speed))

    def _grip_at(self, place: QPointF) -> str:
        """What a hand takes hold of here of the chosen step: its right edge, its upper edge, or all of it."""
        here = self._here()
        spot = self._spots[here] if here is not None else None
        if spot is None or not spot.step.speeds or not spot.bands:
            return ""
        if not self.rect_of(spot).adjusted(-_GRIP, -_GRIP, _GRIP, _GRIP).contains(place):
            return ""
        if abs(place.x() - self.x_of(spot.end_s)) <= _GRIP:
            return "often"
        danced = place.x() > self.x_of(spot.dance_s)
        return "pace" if danced and abs(place.y() - self._top(spot)) <= _GRIP else ""

    def drawn(self) -> int | float | None:
        """How often, or how fast, the held step would be where the hand is now."""
        if self._held is None or self._to is None or not self._held[2]:
            return None
        spot = self._spots[self._held[0]]
        if self._held[2] == "often":
            begins, ends = self.x_of(spot.dance_s), self.x_of(spot.end_s)
            return min(32, max(1, round(spot.step.times * (self._to.x() - begins) / max(1.0, ends - begins))))
        band = self._band(spot.bands[0])
        return min(1.0, max(_LEAST, (band.bottom() - 4 - self._to.y()) / (band.height() - _FREE - 4)))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None or event.button() is not Qt.MouseButton.LeftButton:
            return
        grip, here = self._grip_at(event.position()), self._here()
        found = here if grip else self.spot_at(event.position())
        if found is not None:
            self._held = (found, event.position(), grip)
            self._choose(self._spots[found].step.key)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        if event is None:
            return
        if self._held is None:
            shapes = {"often": Qt.CursorShape.SizeHorCursor, "pace": Qt.CursorShape.SizeVerCursor}
            self.setCursor(shapes.get(self._grip_at(event.position()), Qt.CursorShape.ArrowCursor))
            return
        if (event.position() - self._held[1]).manhattanLength() > (3 if self._held[2] else 8):
            self._to = event.position()
            drawn = self.drawn()
            if drawn is not None:
                words = f"{drawn} ×" if isinstance(drawn, int) else f"{drawn:.0%}"
                QToolTip.showText(event.globalPosition().toPoint(), words, self)
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        held, to, drawn = self._held, self._to, self.drawn()
        self._held = self._to = None
        self.update()
        if held is None or to is None:
            return
        step = self._spots[held[0]].step
        if drawn is not None:
            if isinstance(drawn, int):
                self._often(step.key, drawn)
            else:
                self._pace(step.key, drawn)
            return
        there = self.spot_at(QPointF(to.x(), 0))
        there = there if there is not None else len(self._spots) - 1 if to.x() > _NAMES else 0
        if there != held[0]:
            self._move(step.key, there - held[0])

    def uses_key(self, key: int) -> bool:
        return key in self._keys or key in (Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_Home, Qt.Key.Key_End)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is None:
            return
        here, last = self._here() or 0, len(self._spots) - 1
        walks = {Qt.Key.Key_Up: here - 1, Qt.Key.Key_Down: here + 1, Qt.Key.Key_Home: 0, Qt.Key.Key_End: last}
        key = Qt.Key(event.key())
        if event.modifiers() & Qt.KeyboardModifier.AltModifier and key in (Qt.Key.Key_Up, Qt.Key.Key_Down):
            self._move(self._now, -1 if key is Qt.Key.Key_Up else 1)
        elif key in walks and self._spots:
            self._choose(self._spots[min(max(0, walks[key]), last)].step.key)
        elif key in self._keys:
            self._keys[key]()
        else:
            super().keyPressEvent(event)

    def event(self, event: QEvent | None) -> bool:
        if isinstance(event, QHelpEvent):
            found = self.spot_at(QPointF(event.pos()))
            if found is not None:
                QToolTip.showText(event.globalPos(), self.words(self._spots[found]), self)
                return True
        return super().event(event)

    # --- paint ---------------------------------------------------------------------------

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        ink = self.palette().color(QPalette.ColorRole.WindowText)
        accent = self.palette().color(QPalette.ColorRole.Highlight)
        soft, faint, tape = (QColor(ink) for _ in range(3))
        soft.setAlpha(150)
        faint.setAlpha(28)
        tape.setAlpha(70)
        self._paint_bands(painter, ink, soft, faint)
        for spot in self._spots:
            self._paint_spot(painter, spot, ink, tape)
        here = self._here()
        if here is not None:
            painter.setPen(QPen(accent, 2.5))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect_of(self._spots[here]).adjusted(-1.5, -1.5, 1.5, 1.5))
        if self._plan.wish.minutes:
            x = self.x_of(self._plan.wish.minutes * 60)
            painter.fillRect(QRectF(x - 1.5, 0, 3, self._bottom()), accent)
        if self._to is not None and self._held is not None:
            painter.setPen(QPen(accent, 2, Qt.PenStyle.DashLine))
            if self._held[2] == "pace":
                spot = self._spots[self._held[0]]
                y = self._to.y()
                painter.drawLine(QPointF(self.x_of(spot.dance_s) - 8, y), QPointF(self.x_of(spot.end_s) + 8, y))
            else:
                painter.drawLine(QPointF(self._to.x(), _AXIS), QPointF(self._to.x(), self._bottom()))
        self._paint_legend(painter, ink, soft, tape)
        if self.hasFocus():
            painter.setPen(QPen(accent, 1))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(QRectF(0.5, 0.5, self.width() - 1, self.height() - 1))
        painter.end()

    def _bottom(self) -> float:
        return _AXIS + _BAND * len(self._plan.material.pieces) + _TALK

    def _paint_bands(self, painter: QPainter, ink: QColor, soft: QColor, faint: QColor) -> None:
        whole = self._whole_s
        every = 5 if whole > 20 * 60 else 2 if whole > 12 * 60 else 1
        painter.setFont(font(8.5))
        for minute in range(0, int(whole / 60) + 1, every):
            x = self.x_of(minute * 60)
            painter.setPen(QPen(faint, 1))
            painter.drawLine(QPointF(x, _AXIS), QPointF(x, self._bottom()))
            painter.setPen(soft)
            words = tr("{number} min", number=minute) if minute else "0"
            if x + painter.fontMetrics().horizontalAdvance(words) < self.width():
                painter.drawText(QRectF(x - 2, 0, 60, _AXIS), Qt.AlignmentFlag.AlignVCenter, words)
        right = Qt.AlignmentFlag.AlignRight
        for k, piece in enumerate(self._plan.material.pieces):
            band = self._band(k)
            if k % 2 == 0:
                painter.fillRect(band, QColor(ink.red(), ink.green(), ink.blue(), 10))
            painter.setPen(QPen(faint, 1))
            painter.drawLine(band.bottomLeft(), band.bottomRight())
            name = QRectF(0, band.top() + 5, _NAMES - 12, 20)
            painter.setPen(ink)
            painter.setFont(font(9.5, 700))
            title = painter.fontMetrics().elidedText(
                piece.section.name, Qt.TextElideMode.ElideRight, round(name.width())
            )
            painter.drawText(name, right | Qt.AlignmentFlag.AlignVCenter, title)
            painter.setPen(soft)
            painter.setFont(font(8))
            words = plural(piece.section.length, "count")
            called = self._called.get(piece.id, "")
            words = f"{called}, {words}" if called else words
            painter.drawText(name.translated(0, 18), right | Qt.AlignmentFlag.AlignVCenter, words)
        painter.setPen(soft)
        painter.setFont(font(8))
        talk = QRectF(0, self._bottom() - _TALK, _NAMES - 12, _TALK)
        painter.drawText(talk, right | Qt.AlignmentFlag.AlignVCenter, tr("talking"))

    def _paint_spot(self, painter: QPainter, spot: Spot, ink: QColor, tape: QColor) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        said = QRectF(self.x_of(spot.start_s), 0, max(0.0, self.x_of(spot.dance_s) - self.x_of(spot.start_s)), 8)
        if not spot.bands:
            said = self.rect_of(spot)
            painter.fillRect(said.adjusted(0, 4, -1, -4), tape)
            return
        first = self._band(spot.bands[0])
        if said.width() > 0.5:
            painter.fillRect(said.translated(0, first.bottom() - 12).adjusted(0, 0, -0.5, 0), tape)
        if len(spot.bands) > 1:
            frame = self.rect_of(spot)
            frame.setLeft(self.x_of(spot.dance_s))
            painter.setPen(QPen(ink, 1.4))
            painter.setBrush(QBrush(QColor(ink.red(), ink.green(), ink.blue(), 14)))
            painter.drawRect(frame)
        for number in spot.bands:
            self._paint_danced(painter, spot, self._band(number), ink)

    def _paint_danced(self, painter: QPainter, spot: Spot, band: QRectF, ink: QColor) -> None:
        """A block each time it is danced, as high as it is fast."""
        step = spot.step
        times = [speed for _ in range(step.times) for speed in step.speeds]
        weights = [1 / float(speed) for speed in times]
        whole, at = sum(weights) or 1.0, self.x_of(spot.dance_s)
        wide = self.x_of(spot.end_s) - at
        unseen = step.key in self._missing
        for speed, weight in zip(times, weights, strict=True):
            size = wide * weight / whole
            high = self._high(band, float(speed))
            block = QRectF(at, band.bottom() - 4 - high, max(1.0, size - (1.2 if size > 3 else 0.2)), high)
            at += size
            if unseen:
                painter.setPen(QPen(ink, 1, Qt.PenStyle.DashLine))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawRect(block)
            elif step.view is View.BACK:
                painter.setPen(QPen(ink, 1))
                painter.setBrush(QBrush(ink, Qt.BrushStyle.BDiagPattern))
                painter.drawRect(block)
            else:
                painter.fillRect(block, ink)

    def _paint_legend(self, painter: QPainter, ink: QColor, soft: QColor, tape: QColor) -> None:
        painter.setFont(font(8.5))
        x, y = 4.0, self._bottom() + 8
        rows: list[tuple[str, str]] = [
            ("slow", tr("slow")),
            ("fast", tr("at the song’s tempo")),
            ("back", tr("from the back")),
            ("talk", tr("talk")),
            ("join", tr("joined")),
            ("open", tr("not filmed yet")),
        ]
        for kind, words in rows:
            width = painter.fontMetrics().horizontalAdvance(words)
            if x > 4 and x + 28 + width > self.width():
                x, y = 4.0, y + 22
            box = QRectF(x, y + (7 if kind == "slow" else 0), 10, 9 if kind == "slow" else 16)
            painter.setPen(QPen(ink, 1, Qt.PenStyle.DashLine if kind == "open" else Qt.PenStyle.SolidLine))
            brush = QBrush(ink, Qt.BrushStyle.BDiagPattern) if kind == "back" else QBrush(ink)
            painter.setBrush(brush if kind in ("slow", "fast", "back") else Qt.BrushStyle.NoBrush)
            if kind == "talk":
                painter.fillRect(QRectF(x, y + 7, 18, 8), tape)
                box.setWidth(18)
            else:
                painter.drawRect(box)
            painter.setPen(soft)
            painter.drawText(QRectF(box.right() + 6, y - 2, width + 4, 20), Qt.AlignmentFlag.AlignVCenter, words)
            x = box.right() + width + 24
