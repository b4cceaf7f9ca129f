"""The page of eights as a widget: rows cached as pixmaps, a playhead drawn over them."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Callable
from fractions import Fraction

from PyQt6.QtCore import QPoint, QRect, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPixmap, QResizeEvent
from PyQt6.QtWidgets import QAbstractScrollArea

from vamos.core.plan.edges import snapped
from vamos.core.time import CountRange
from vamos.ui.page.cell import CellField
from vamos.ui.page.edges import EdgeLine, paint_brackets
from vamos.ui.page.layout import GAP, MARGIN, Bands, Layout
from vamos.ui.page.model import PageModel
from vamos.ui.page.paint import Row, paint_row
from vamos.ui.page.spoken import SpokenTable, place_words
from vamos.ui.parts.some import some
from vamos.ui.parts.theme import Theme
from vamos.wording import words_of

tr = words_of(__name__)

_CACHE = 60
_SIDEWAYS: dict[int, int] = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}
_PAGES: dict[int, int | None] = {Qt.Key.Key_PageUp: -1, Qt.Key.Key_PageDown: 1, Qt.Key.Key_End: None}


class PageView(QAbstractScrollArea):
    """Shows lines; knows where the page stands (a line and a count) and tells when that moves.

    ``row_content(number)`` gives what is on a line; ``invalidate`` says that it changed.
    """

    moved = pyqtSignal(object)
    beat_dragged = pyqtSignal(object, float)
    count_chosen = pyqtSignal()
    edge_dragged = pyqtSignal(bool, object)

    def __init__(self, model: PageModel, row_content: Callable[[int], Row], theme: Theme):
        super().__init__()
        self.model, self.theme = model, theme
        self._content = row_content
        self.bands = Bands()
        self._layout = Layout.of(800, 8, [])
        self._pixmaps: dict[int, QPixmap] = {}
        self.current = 0
        self.position: Fraction = Fraction(0)
        self._starts: list[Fraction] = []
        self._playhead: tuple[int, float] | None = None
        self._drag: tuple[int, int] | None = None
        self.may_drag_beats = False
        self.may_drag_edges = False
        self.brackets: tuple[CountRange, CountRange] | None = None
        self._edge: bool | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setFrameShape(QAbstractScrollArea.Shape.NoFrame)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(tr("The page of eights"))
        self._bar, self._port = some(self.verticalScrollBar()), some(self.viewport())
        self._bar.setSingleStep(24)
        # Every pixel is painted here: without this the window paints its ground below each frame.
        self._port.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self._port.setAutoFillBackground(False)
        self.spoken = SpokenTable(self._port, model)
        model.modelReset.connect(self.rebuild)

    # --- what is shown -------------------------------------------------------------------

    def set_bands(self, bands: Bands) -> None:
        """Other bands; the line under the eyes stays under the eyes."""
        if bands == self.bands:
            return
        keep = self._anchor()
        self.bands = bands
        self.rebuild()
        if keep is not None and keep[0] < len(self._layout.tops):
            self._bar.setValue(self._layout.tops[keep[0]] - keep[1])

    def _anchor(self) -> tuple[int, int] | None:
        if not self._layout.tops:
            return None
        row = min(self.current, len(self._layout.tops) - 1)
        return row, self._layout.tops[row] - self._bar.value()

    def rebuild(self) -> None:
        """Lay out and paint everything anew."""
        heights = [self.bands.height] * len(self.model.lines)
        self._layout = Layout.of(self._port.width(), self.model.columns, heights)
        self._pixmaps.clear()
        self._starts = [line.start for line in self.model.lines]
        if self._playhead is not None and self._playhead[0] >= len(self._starts):
            self._playhead = None
        self.current = min(self.current, max(0, len(self.model.lines) - 1))
        bar = self._bar
        bar.setPageStep(self._port.height())
        bar.setRange(0, max(0, self._layout.total - self._port.height()))
        self._port.update()

    def lines_changed(self) -> None:
        """As many lines as before, some of them others."""
        self._starts = [line.start for line in self.model.lines]

    def invalidate(self, row: int | None = None) -> None:
        """Content of one line, or of all, changed."""
        if row is None:
            self._pixmaps.clear()
        else:
            self._pixmaps.pop(row, None)
        self._port.update()

    def set_brackets(self, brackets: tuple[CountRange, CountRange] | None) -> None:
        """The counts a clip shows, with run-up and run-out, and those it is about; None for no clip."""
        if brackets != self.brackets:
            self.brackets = brackets
            self._port.update()

    def set_playhead(self, position: Fraction | float | None, follow: bool = True) -> None:
        """Show where the song is; only the two strips touched are painted again.

        The page goes along with it unless it is to stay on its line.
        """
        before, self._playhead = self._playhead, self._place(position)
        for place in (before, self._playhead):
            if place is not None:
                self._port.update(self._playhead_rect(place))
        if follow and self._playhead is not None and (before is None or before[0] != self._playhead[0]):
            self.current = self._playhead[0]
            self.ensure_visible(self.current)
            self._port.update()

    def _place(self, position: Fraction | float | None) -> tuple[int, float] | None:
        if position is None:
            return None
        row = bisect_right(self._starts, position) - 1
        if row < 0 or row >= len(self.model.lines):
            return None
        line = self.model.lines[row]
        return (row, float(position) - float(line.start)) if position < line.start + line.length else None

    def _playhead_rect(self, place: tuple[int, float]) -> QRect:
        row, column = place
        if row >= len(self._layout.tops):
            # It stood on a line of the project before.
            return QRect()
        top = self._layout.tops[row] - self._bar.value()
        return QRect(int(self._layout.x(column)) - 3, top, 7, self._layout.heights[row])

    def ensure_visible(self, row: int) -> None:
        if row >= len(self._layout.tops):
            return
        top, height = self._layout.tops[row], self._layout.heights[row]
        bar, view = self._bar, self._port.height()
        if top < bar.value() or top + height > bar.value() + view:
            bar.setValue(top - (view - height) // 3)

    # --- painting ------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent | None) -> None:
        assert event is not None
        painter = QPainter(self._port)
        offset = self._bar.value()
        area = event.rect()
        painter.fillRect(area, QColor(self.theme.floor))
        for row, (top, height) in enumerate(zip(self._layout.tops, self._layout.heights, strict=True)):
            y = top - offset
            if y > area.bottom():
                break
            if y + height >= area.top():
                painter.drawPixmap(QPoint(0, y), self._row_pixmap(row))
        self._paint_current(painter, offset)
        if self.brackets is not None and self.bands.clip:
            paint_brackets(painter, self.brackets, self._edge_lines(offset), self.theme)
        if self._playhead is not None:
            rect = self._playhead_rect(self._playhead)
            painter.fillRect(QRect(rect.center().x() - 1, rect.top(), 3, rect.height()), QColor(self.theme.accent))

    def _paint_current(self, painter: QPainter, offset: int) -> None:
        if self.current >= len(self._layout.tops):
            return
        y, height = self._layout.tops[self.current] - offset, self._layout.heights[self.current]
        accent = QColor(self.theme.accent)
        painter.fillRect(QRect(0, y, 6, height), accent)
        painter.fillRect(QRect(0, y, self._layout.width, 3), accent)
        if self.hasFocus():
            painter.fillRect(QRect(0, y + height - 2, self._layout.width, 2), accent)
        line = self.model.lines[self.current]
        if self._playhead is None and line.start <= self.position < line.start + line.length:
            x = self._layout.x(self.position - line.start)
            painter.fillRect(QRectF(x, y + 3, self._layout.count_width, 4), accent)

    def _edge_lines(self, offset: int) -> list[EdgeLine]:
        """Where the clip band of each line stands now."""
        found = []
        for row, line in enumerate(self.model.lines):
            top = self._layout.tops[row] - offset
            if top > self._port.height():
                break
            if top + self._layout.heights[row] > 0:
                found.append(EdgeLine(line, self._layout, top + self.bands.above_clip, self.bands.clip))
        return found

    def _edge_at(self, point: QPoint) -> bool | None:
        """True on the bracket where the clip begins, False where it ends, None elsewhere."""
        if self.brackets is None or not self.may_drag_edges:
            return None
        shown = self.brackets[0]
        for line in self._edge_lines(self._bar.value()):
            if not line.top - 4 <= point.y() <= line.top + line.height + 4:
                continue
            for start, x in line.edges_of(shown):
                if abs(x - point.x()) <= 9:
                    return start
        return None

    def _row_pixmap(self, row: int) -> QPixmap:
        found = self._pixmaps.get(row)
        if found is not None:
            return found
        ratio = self.devicePixelRatioF()
        height = self._layout.heights[row]
        pixmap = QPixmap(round(self._layout.width * ratio), round(height * ratio))
        pixmap.setDevicePixelRatio(ratio)
        painter = QPainter(pixmap)
        paint_row(painter, self._content(row), self._layout, self.bands, height, self.theme)
        painter.end()
        while len(self._pixmaps) >= _CACHE:
            self._pixmaps.pop(next(iter(self._pixmaps)))
        self._pixmaps[row] = pixmap
        return pixmap

    # --- hands ---------------------------------------------------------------------------

    def go_to(self, row: int, column: Fraction = Fraction(0)) -> None:
        """Stand on a count of a line."""
        if not 0 <= row < len(self.model.lines):
            return
        line = self.model.lines[row]
        self.current = row
        self.position = line.start + min(column, max(Fraction(0), line.length - 1))
        self.ensure_visible(row)
        self._port.update()
        self._say_place()
        self.moved.emit(self.position)

    def _say_place(self) -> None:
        """A screen reader says the name of what has the focus when that changes."""
        row = min(self.current, len(self.model.lines) - 1)
        at = int(self.position - self.model.lines[row].start)
        self.setAccessibleName(place_words(self.model, row, at))

    def go_to_position(self, position: Fraction) -> None:
        """Stand on a count of the song, wherever its line is."""
        place = self._place(position)
        if place is not None:
            self.go_to(place[0], position - self.model.lines[place[0]].start)

    def stand_on_position(self) -> None:
        """After lines changed: stand on the line that now holds the position."""
        place = self._place(self.position)
        if place is not None and place[0] != self.current:
            self.current = place[0]
            self.ensure_visible(self.current)
            self._port.update()
        if self.model.lines:
            # The line may be called something else now, or be one of another document.
            self._say_place()

    def step_count(self, step: int) -> None:
        """To the next count or the one before, over the edge of the line."""
        line = self.model.lines[self.current]
        column = self.position - line.start + step
        if 0 <= column < line.length:
            self.go_to(self.current, column)
        elif 0 <= self.current + step < len(self.model.lines):
            other = self.model.lines[self.current + step]
            self.go_to(self.current + step, Fraction(0) if step > 0 else other.length - 1)

    def edit_cell(self, text: str, name: str, done: Callable[[str | None, int], object]) -> None:
        """Open a field over the count the page stands on."""
        line = self.model.lines[self.current]
        x = self._layout.x(self.position - line.start)
        top = self._layout.tops[self.current] - self._bar.value()
        wide = max(150, int(self._layout.count_width))
        left = min(int(x), self._port.width() - wide)
        box = QRect(left, top + 6 + self.bands.counts + self.bands.wave, wide, 34)
        CellField(self._port, box, text, name, done)

    def mouseDoubleClickEvent(self, event: QMouseEvent | None) -> None:
        self.count_chosen.emit()

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        assert event is not None
        point = event.position().toPoint()
        row = self._layout.row_at(point.y() + self._bar.value())
        if row is None or event.button() is not Qt.MouseButton.LeftButton:
            return
        self._edge = self._edge_at(point)
        if self._edge is not None:
            return
        column = self._layout.column_at(point.x()) if point.x() >= MARGIN else 0.0
        nearest = round(column)
        if self.may_drag_beats and abs(column - nearest) * self._layout.count_width < 6 and point.x() >= MARGIN:
            self._drag = (row, nearest)
        self.go_to(row, Fraction(int(max(0.0, column))))

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        assert event is not None
        if self._edge is None or self.brackets is None:
            return
        at = self._snapped(event.position().toPoint())
        shown, core = self.brackets
        if at is not None:
            start, end = (at, shown.end) if self._edge else (shown.start, at)
            if end > start:
                self.set_brackets((CountRange(start, end), core))

    def _snapped(self, point: QPoint) -> Fraction | None:
        """The half count of the song nearest to a point of the page."""
        row = self._layout.row_at(point.y() + self._bar.value())
        if row is None:
            return None
        line = self.model.lines[row]
        return line.start + snapped(max(0.0, min(self._layout.column_at(point.x()), float(line.length))))

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        assert event is not None
        if self._edge is not None:
            at, start = self._snapped(event.position().toPoint()), self._edge
            self._edge = None
            if at is not None:
                self.edge_dragged.emit(start, at)
            return
        if self._drag is None:
            return
        row, nearest = self._drag
        self._drag = None
        column = self._layout.column_at(event.position().toPoint().x())
        if abs(column - nearest) * self._layout.count_width >= 4:
            self.beat_dragged.emit(self.model.lines[row].start + nearest, column - nearest)

    def uses_key(self, key: int) -> bool:
        """Keys that move on the page itself."""
        return key in (*_SIDEWAYS, *_PAGES)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        assert event is not None
        plain = not event.modifiers() & ~Qt.KeyboardModifier.KeypadModifier
        if self.model.lines and plain and event.key() in _SIDEWAYS:
            self.step_count(_SIDEWAYS[event.key()])
        elif self.model.lines and plain and event.key() in _PAGES:
            self._step_page(_PAGES[event.key()])
        else:
            event.ignore()

    def _step_page(self, direction: int | None) -> None:
        """A page of lines on or back; None: to the last line."""
        last = len(self.model.lines) - 1
        visible = max(1, self._port.height() // (self.bands.height + GAP) - 1)
        row = last if direction is None else min(last, max(0, self.current + direction * visible))
        self.go_to(row)

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        self.rebuild()
        super().resizeEvent(event)

    def scrollContentsBy(self, dx: int, dy: int) -> None:
        self._port.scroll(0, dy)

    def set_theme(self, theme: Theme) -> None:
        self.theme = theme
        self.rebuild()
