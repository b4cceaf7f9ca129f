"""Painting one line of the page into a pixmap. No state: what to paint is handed in."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QBrush, QColor, QFontMetricsF, QImage, QPainter, QPen

from vamos.core.dance.facing import turn_said
from vamos.core.dance.lines import Line, LineKind, line_word
from vamos.core.dance.who import in_lane, is_lane, rows_of
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Event, Foot, Kind
from vamos.core.plan.flip import label_words
from vamos.core.time import count_text
from vamos.core.time.counts import minutes_text
from vamos.ui.page.fit import fits, fitted, wrapped
from vamos.ui.page.layout import MARGIN, Bands, Layout
from vamos.ui.page.model import by_count, kind_words, line_label
from vamos.ui.parts.theme import Theme, font
from vamos.wording import words_of

tr = words_of(__name__)

#: What is written beside a foot begins so many pixels after it.
_BESIDE = 22


@dataclass(frozen=True, slots=True)
class Strip:
    """A placed pass over part of a line, in columns of it."""

    start: float
    end: float
    text: str
    trouble: str = ""
    thumbs: Callable[[float], QImage | None] | None = None
    chosen: bool = False
    row: int = 0


@dataclass(frozen=True, slots=True)
class Row:
    """Everything on one line."""

    line: Line
    start_s: float
    weak: bool
    wave: np.ndarray
    strips: tuple[Strip, ...] = ()
    clips: tuple[Clip, ...] = ()
    tempo: str = ""
    pauses: tuple[tuple[float, float], ...] = ()
    parts: tuple[tuple[float, str, bool], ...] = ()
    problems: int = 0


def draw_rects(painter: QPainter, rects: list[QRectF]) -> None:
    """All at once: one by one is what made wide pages slow."""
    if rects:
        painter.drawRects(*rects)


def paint_row(painter: QPainter, row: Row, layout: Layout, bands: Bands, height: int, theme: Theme) -> None:
    """Paint a line with its top-left corner at the origin."""
    line = row.line
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
    _ground(painter, row, layout, height, theme)
    for start, end in row.pauses:
        _pause(painter, layout.x(start), layout.x(end), height, theme)
    _margin(painter, row, height, theme)
    y = 6.0
    _numbers(painter, line, layout, y, height, theme)
    for column, name, fixed in row.parts:
        x = layout.x(column) + 30
        _part(painter, name, fixed, x, y, layout.x(column + 1) - x - 4, theme)
    y += bands.counts
    if bands.wave:
        _wave(painter, row, layout, y, bands.wave, theme)
        y += bands.wave
    if bands.words:
        _words(painter, line, layout, y, theme)
        y += bands.words
    if bands.clip:
        _clips(painter, row, layout, y, bands.clip, theme)
        y += bands.clip
    for strip in row.strips if bands.strips else ():
        _strip(painter, strip, layout, y + strip.row * bands.strips, bands.strips - 3, theme)


def _ground(painter: QPainter, row: Row, layout: Layout, height: int, theme: Theme) -> None:
    line = row.line
    plain = line.kind in (LineKind.DANCE, LineKind.TAG, LineKind.ENDING)
    painter.fillRect(QRectF(0, 0, layout.width, height), QColor(theme.floor))
    end = layout.x(line.length)
    if plain:
        painter.fillRect(QRectF(MARGIN, 0, end - MARGIN, height), QColor(theme.paper))
    if not plain or end < layout.width - 1:
        start = MARGIN if not plain else end
        painter.fillRect(QRectF(start, 0, layout.width - start, height), QColor(theme.floor))
        brush = QBrush(QColor(theme.line), Qt.BrushStyle.BDiagPattern)
        hatch_from = end if line.kind in (LineKind.TAG, LineKind.ENDING, LineKind.DANCE) else MARGIN
        painter.fillRect(QRectF(hatch_from, 0, layout.width - hatch_from, height), brush)
    painter.fillRect(QRectF(MARGIN - 3, 0, 3, height), QColor(theme.ink))


def _pause(painter: QPainter, x0: float, x1: float, height: int, theme: Theme) -> None:
    """Counts kept while the music pauses: dotted ground, and the word."""
    painter.fillRect(QRectF(x0, 0, x1 - x0, height), QBrush(QColor(theme.tape), Qt.BrushStyle.Dense6Pattern))
    painter.setPen(QColor(theme.ink))
    painter.setFont(font(8, 700))
    face = painter.font()
    words = fitted(tr("the music stops"), face, x1 - x0 - 12)
    painter.drawText(QRectF(x0 + 6, 24, x1 - x0 - 8, 14), Qt.AlignmentFlag.AlignVCenter, words)


def _margin(painter: QPainter, row: Row, height: int, theme: Theme) -> None:
    line = row.line
    painter.setPen(QColor(theme.ink if line.kind is not LineKind.AFTER else theme.soft))
    painter.setFont(font(17, 800))
    painter.drawText(QRectF(14, 2, 60, 32), Qt.AlignmentFlag.AlignVCenter, line_label(line))
    face = font(8.5, 700)
    painter.setFont(face)
    title = fitted(line.title or (tr(line_word(line)) if line.kind is LineKind.DANCE else ""), face, MARGIN - 24)
    painter.drawText(QRectF(14, 34, MARGIN - 20, 16), Qt.AlignmentFlag.AlignVCenter, title)
    face = font(8, 500)
    painter.setFont(face)
    painter.setPen(QColor(theme.soft))
    words = kind_words(line)
    if words and words != line.title:
        painter.drawText(
            QRectF(14, 50, MARGIN - 20, 15), Qt.AlignmentFlag.AlignVCenter, fitted(words, face, MARGIN - 24)
        )
    tail = minutes_text(row.start_s) + (f"   {row.tempo}" if row.tempo else "")
    painter.drawText(QRectF(14, 65, MARGIN - 20, 15), Qt.AlignmentFlag.AlignVCenter, tail)
    if line.kind in (LineKind.DANCE, LineKind.TAG, LineKind.ENDING) and line.section is not None:
        paint_clock(painter, QPointF(MARGIN - 32, 19), 12, line.heading, theme)
    if row.problems:
        painter.fillRect(QRectF(8, height - 16, 4, 14), QColor(theme.accent))
        painter.setPen(QColor(theme.accent))
        painter.setFont(font(7.5, 700))
        words = tr("{problems} to check", problems=row.problems)
        painter.drawText(QRectF(16, height - 16, MARGIN - 26, 14), Qt.AlignmentFlag.AlignVCenter, words)
    elif row.weak:
        painter.fillRect(
            QRectF(8, height - 16, MARGIN - 20, 14), QBrush(QColor(theme.tape), Qt.BrushStyle.Dense5Pattern)
        )
        painter.setPen(QColor(theme.ink))
        painter.setFont(font(7.5, 700))
        painter.drawText(QRectF(14, height - 16, MARGIN - 24, 14), Qt.AlignmentFlag.AlignVCenter, tr("weak beat"))


def paint_clock(painter: QPainter, centre: QPointF, size: float, heading: int | None, theme: Theme) -> None:
    """A small floor clock with a bar towards the heading; a question mark when it is unknown."""
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(QPen(QColor(theme.ink), max(1.6, size / 11)))
    painter.setBrush(QColor(theme.paper))
    painter.drawEllipse(centre, size, size)
    if heading is None:
        painter.setFont(font(size * 0.8, 800))
        painter.drawText(
            QRectF(centre.x() - size, centre.y() - size, 2 * size, 2 * size), Qt.AlignmentFlag.AlignCenter, "?"
        )
    else:
        angle = heading * np.pi / 4
        reach = 0.82 if size < 20 else 0.58
        tip = QPointF(centre.x() + size * reach * np.sin(angle), centre.y() - size * reach * np.cos(angle))
        painter.setPen(QPen(QColor(theme.accent), max(2.5, size / 5), cap=Qt.PenCapStyle.FlatCap))
        painter.drawLine(centre, tip)
    painter.restore()


def _numbers(painter: QPainter, line: Line, layout: Layout, y: float, height: int, theme: Theme) -> None:
    lead = not line.kind.danced
    painter.setFont(font(10.5, 700))
    for k in range(int(np.ceil(float(line.length)))):
        x = layout.x(k)
        painter.setPen(QPen(QColor(theme.line), 1))
        painter.drawLine(QPointF(x, 0), QPointF(x, height))
        painter.setPen(QColor(theme.soft if lead else theme.ink))
        painter.drawText(QRectF(x + 8, y, 40, 18), Qt.AlignmentFlag.AlignVCenter, str(int(line.first) + k + 1))
    painter.setFont(font(9, 500))
    painter.setPen(QColor(theme.soft))
    for column, event in line.cells():
        if event.start.denominator > 1 and column >= 0:
            x, word = layout.x(column), count_text(event.start, line.feel)
            painter.drawText(QRectF(x + 4, y, 30, 18), Qt.AlignmentFlag.AlignVCenter, word)


def _part(painter: QPainter, name: str, fixed: bool, x: float, y: float, room: float, theme: Theme) -> None:
    """The name of a part of the song: on tape when a person gave it, outlined when it is offered."""
    face = font(8.5, 700)
    text = tr("part {name}", name=name)
    if QFontMetricsF(face).horizontalAdvance(text) + 12 > room:
        text = fitted(name, face, max(12.0, room - 12))
    box = QRectF(x, y + 1, QFontMetricsF(face).horizontalAdvance(text) + 12, 16)
    painter.setFont(face)
    if fixed:
        painter.fillRect(box, QColor(theme.tape))
    else:
        painter.setPen(QPen(QColor(theme.soft), 1, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(box.adjusted(0, 0, -1, -1))
    painter.setPen(QColor(theme.ink))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)


def _wave(painter: QPainter, row: Row, layout: Layout, y: float, height: int, theme: Theme) -> None:
    """Three bands told apart by shape: bass as a filled floor, middle as bars, top as dots."""
    data = row.wave
    if not len(data):
        return
    x0, x1 = layout.x(0), layout.x(row.line.length)
    bars = max(1, int((x1 - x0) / 5))
    edges = np.linspace(0, len(data), bars + 1).astype(int)
    # Square roots, so that soft music still shows.
    levels = np.sqrt(np.maximum.reduceat(data, np.minimum(edges[:-1], len(data) - 1), axis=0))
    base = y + height - 4
    room = height - 6
    step = (x1 - x0) / bars
    painter.setPen(Qt.PenStyle.NoPen)
    lefts = [x0 + k * step for k in range(bars)]
    lows = (0.55 * room * levels[:, 0]).tolist()
    painter.setBrush(QColor(theme.tape))
    draw_rects(painter, [QRectF(x, base - size, step, size) for x, size in zip(lefts, lows, strict=True)])
    middles = [x + step / 2 - 1 for x in lefts]
    sizes = (0.62 * room * levels[:, 1]).tolist()
    painter.setBrush(QColor(theme.wave))
    draw_rects(painter, [QRectF(x, base - size, 2, size) for x, size in zip(middles, sizes, strict=True)])
    if height >= 40:
        tops = (base - (0.66 + 0.34 * levels[:, 2]) * room).tolist()
        loud = (levels[:, 2] > 0.12).tolist()
        painter.setBrush(QColor(theme.wave_low))
        draw_rects(painter, [QRectF(x, y, 3, 3) for x, y, heard in zip(middles, tops, loud, strict=True) if heard])
    for k in range(int(np.ceil(float(row.line.length)))):
        tall = k == 0
        painter.fillRect(
            QRectF(
                layout.x(k) - 1, base - (room if tall else room * 0.6), 3 if tall else 2, room if tall else room * 0.6
            ),
            QColor(theme.ink),
        )


def _words(painter: QPainter, line: Line, layout: Layout, y: float, theme: Theme) -> None:
    """Names, feet and turns; partners in two lanes, one below the other."""
    # Everybody's moves first, then each role, then arms and looks.
    named = tuple(name for name, _ in rows_of(line.section)) if line.section is not None else ("",)
    high = min(23.0, 46.0 / max(1, len(named)))
    for events in by_count(line):
        several = len({e.start for _, e in events}) > 1
        for column, event in events:
            lane = named.index(event.role) if event.role in named else 0
            room = layout.count_width * (0.5 if several else 1.0) - 8
            x = layout.x(max(column, Fraction(0))) + 8
            if len(named) > 1:
                _lane(painter, event, QRectF(x, y + lane * high, room, high - 2), theme)
            else:
                _event(painter, event, QRectF(x, y, room, 38), theme)


def _event(painter: QPainter, event: Event, box: QRectF, theme: Theme) -> None:
    """The name, below it foot and turn; what is left of a long name stands beside the foot."""
    rows = _rows(event, box.width())
    _name(painter, event, rows[0], QRectF(box.x(), box.y(), box.width() + 4, 18), box.width(), 9.5, theme)
    if len(rows) == 2:
        has_foot = event.foot in (Foot.RIGHT, Foot.LEFT)
        rest = box.adjusted(_BESIDE if has_foot else 0, 19, 4, 0)
        _name(painter, event, rows[1], QRectF(rest.x(), rest.y(), rest.width(), 18), rest.width(), 9.5, theme)
    if event.foot in (Foot.RIGHT, Foot.LEFT):
        paint_foot(painter, QRectF(box.x(), box.y() + 20, 17, 16), event.foot, event.kind is Kind.TOUCH, theme)
    if event.turn or event.turn is None:
        face = font(8.5, 700)
        painter.setFont(face)
        painter.setPen(QColor(theme.accent))
        words = fitted(turn_said(event.turn, event.size), face, max(24.0, box.width() - 20))
        painter.drawText(QRectF(box.x() + 22, box.y() + 19, 66, 18), Qt.AlignmentFlag.AlignVCenter, words)


def _lane(painter: QPainter, event: Event, box: QRectF, theme: Theme) -> None:
    """Foot and name side by side, for one of two partners."""
    left = box.x()
    if event.foot in (Foot.RIGHT, Foot.LEFT):
        paint_foot(painter, QRectF(left, box.y() + 3, 16, 15), event.foot, event.kind is Kind.TOUCH, theme)
        left += 20
    room = box.right() - left
    _name(painter, event, _said(event), QRectF(left, box.y(), room + 4, 21), room, 8.5, theme)


def _rows(event: Event, room: float) -> list[str]:
    """The name of a move in one row or, where no turn needs the place, in two."""
    face, name = font(9.5, 600), _said(event)
    if fits(name, face, room) or event.turn != 0:
        return [name]
    beside = room - (_BESIDE if event.foot in (Foot.RIGHT, Foot.LEFT) else 0)
    rows = wrapped(name, face, room, beside)
    return rows if rows and len(rows) == 2 else [name]


def _said(event: Event) -> str:
    return in_lane(event) if is_lane(event.role) else event.short


def _name(painter: QPainter, event: Event, words: str, box: QRectF, room: float, size: float, theme: Theme) -> None:
    """Words of a name in one row: a little smaller where they would be cut."""
    weight = 600 if event.kind is not Kind.HOLD else 500
    face = next((f for s in (size, 8.5, 8.0) if fits(words, f := font(s, weight), room)), font(8.0, weight))
    painter.setFont(face)
    painter.setPen(QColor(theme.soft if event.kind is Kind.HOLD else theme.ink))
    painter.drawText(box, Qt.AlignmentFlag.AlignVCenter, fitted(words, face, room))


def paint_foot(painter: QPainter, box: QRectF, foot: Foot, touch: bool, theme: Theme) -> None:
    """Right: amber, solid; left: indigo, striped; a touch is hollow. Always with its letter."""
    painter.save()
    colour = QColor(theme.right if foot is Foot.RIGHT else theme.left)
    if touch:
        painter.setPen(QPen(QColor(theme.ink), 1.4))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(box.adjusted(1, 1, -1, -1))
        letter = QColor(theme.ink)
    else:
        painter.fillRect(box, colour)
        letter = QColor("#1B2233") if foot is Foot.RIGHT or QColor(theme.left).lightness() > 140 else QColor("#FFFFFF")
        if foot is Foot.LEFT:
            painter.fillRect(box, QBrush(QColor(255, 255, 255, 70), Qt.BrushStyle.BDiagPattern))
    painter.setPen(letter)
    painter.setFont(font(8.5, 800))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, "R" if foot is Foot.RIGHT else "L")
    painter.restore()


def _strip(painter: QPainter, strip: Strip, layout: Layout, y: float, height: int, theme: Theme) -> None:
    x0, x1 = layout.x(strip.start), layout.x(strip.end)
    painter.fillRect(QRectF(x0, y, x1 - x0, height), QColor(theme.tape))
    face = font(8, 700)
    text = strip.text + (f" · {strip.trouble}" if strip.trouble else "")
    wide = min(QFontMetricsF(face).horizontalAdvance(text) + 12, x1 - x0)
    if strip.thumbs is not None:
        # The name keeps its place free; pictures begin on the first count after it.
        for column in range(int(np.ceil(strip.start)), int(np.ceil(strip.end - 0.2))):
            image = strip.thumbs(float(column))
            if image is not None and layout.x(column) >= x0 + wide:
                _thumb(painter, image, layout.x(column) + 2, y, min(layout.count_width - 3, height * 1.9), height)
    if strip.trouble:
        painter.fillRect(QRectF(x0, y, x1 - x0, height), QBrush(QColor(theme.accent), Qt.BrushStyle.BDiagPattern))
    painter.setFont(face)
    painter.fillRect(QRectF(x0, y, wide, height), QColor(theme.ink if strip.chosen else theme.floor))
    painter.setPen(QColor(theme.paper if strip.chosen else theme.ink))
    painter.drawText(QRectF(x0 + 6, y, wide, height), Qt.AlignmentFlag.AlignVCenter, fitted(text, face, wide - 8))


def _thumb(painter: QPainter, image: QImage, x: float, y: float, width: float, height: float) -> None:
    """A thumbnail filling its place: cropped a little below the middle, where dancers are."""
    scale = max(width / image.width(), height / image.height())
    w, h = width / scale, height / scale
    source = QRectF((image.width() - w) / 2, (image.height() - h) * 0.62, w, h)
    painter.drawImage(QRectF(x, y, width, height), image, source)


def _clips(painter: QPainter, row: Row, layout: Layout, y: float, height: int, theme: Theme) -> None:
    """The views that will be cut from this section."""
    if not row.clips:
        return
    x0, x1 = layout.x(0), layout.x(row.line.length)
    top, bottom = y + 2, y + height - 5
    painter.fillRect(QRectF(x0 + 3, top, x1 - x0 - 6, bottom - top), QColor(theme.tape))
    face = font(8.5, 700)
    painter.setFont(face)
    # From count 2 on: the brackets of a usual run-up and run-out stand on 7 and before 2.
    at = layout.x(1 if row.line.length > 2 else 0) + 12
    for clip in row.clips:
        word = label_words(clip.label, short=True)
        if clip.asks:
            word += " !"
        wide = QFontMetricsF(face).horizontalAdvance(word)
        if at + wide > x1 - 12:
            break
        painter.setPen(QColor(theme.ink))
        painter.drawText(QRectF(at, top, wide + 4, bottom - top), Qt.AlignmentFlag.AlignVCenter, word)
        at += wide + 22
