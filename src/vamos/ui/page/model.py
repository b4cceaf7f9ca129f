"""The page's content as a table, so that the same cells can be read without seeing them.

Rows are lines, column 0 is the margin, columns 1 … n the counts.
"""

from __future__ import annotations

from fractions import Fraction
from math import ceil, floor

from PyQt6.QtCore import QAbstractTableModel, QModelIndex, Qt

from vamos.core.dance.facing import clock_text
from vamos.core.dance.lines import Line, LineKind, line_word
from vamos.core.model.dance import Event, Foot
from vamos.core.time.counts import minutes_text
from vamos.wording import words_of

tr = words_of(__name__)


class PageModel(QAbstractTableModel):
    """Lines and counts with their words."""

    def __init__(self) -> None:
        super().__init__()
        self.lines: tuple[Line, ...] = ()
        self.columns = 8
        self.weak: frozenset[int] = frozenset()
        self.starts_s: tuple[float, ...] = ()

    def show(self, lines: tuple[Line, ...], columns: int, starts_s: tuple[float, ...], weak: frozenset[int]) -> None:
        self.beginResetModel()
        self.lines, self.columns, self.starts_s, self.weak = lines, columns, starts_s, weak
        self.endResetModel()

    def show_quietly(
        self, lines: tuple[Line, ...], columns: int, starts_s: tuple[float, ...], weak: frozenset[int]
    ) -> None:
        """The same lines with something else said of them: what stands where stays."""
        self.lines, self.columns, self.starts_s, self.weak = lines, columns, starts_s, weak
        if lines:
            self.dataChanged.emit(self.index(0, 0), self.index(len(lines) - 1, columns))

    def rowCount(self, parent: QModelIndex = QModelIndex()) -> int:  # noqa: B008
        return 0 if parent.isValid() else len(self.lines)

    def columnCount(self, parent: QModelIndex = QModelIndex()) -> int:  # noqa: B008
        return 0 if parent.isValid() else self.columns + 1

    def data(self, index: QModelIndex, role: int = Qt.ItemDataRole.DisplayRole) -> object:
        if not index.isValid() or role not in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return None
        line = self.lines[index.row()]
        if index.column() == 0:
            return self.margin_text(index.row())
        column = index.column() - 1
        if column >= line.length:
            return ""
        words = [str(int(line.first) + column + 1)]
        for _, event in cell_events(line, column):
            words.append(event.short + (f" {event.foot}" if event.foot is not Foot.NONE else ""))
        return " ".join(words)

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> object:
        if role != Qt.ItemDataRole.DisplayRole:
            return None
        if orientation is Qt.Orientation.Horizontal:
            return tr("line") if section == 0 else tr("count {section}", section=section)
        return line_label(self.lines[section])

    def margin_text(self, row: int) -> str:
        line = self.lines[row]
        parts = [
            tr("line {line}", line=line_label(line)),
            line.title or tr(line_word(line)),
            kind_words(line),
            minutes_text(self.starts_s[row]),
        ]
        if line.heading:
            parts.append(tr("facing {clock}", clock=clock_text(line.heading)))
        if row in self.weak:
            parts.append(tr("weak beat"))
        return ", ".join(p for p in parts if p)


def cell_events(line: Line, column: int) -> list[tuple[Fraction, Event]]:
    """Events that start within a count of a line, with their place on the line; a pickup with count 1."""
    return by_count(line)[column]


def by_count(line: Line) -> list[list[tuple[Fraction, Event]]]:
    """As :func:`cell_events`, for each count of the line."""
    found: list[list[tuple[Fraction, Event]]] = [[] for _ in range(ceil(line.length))]
    for at, event in line.cells():
        found[max(0, floor(at))].append((at, event))
    return found


def line_label(line: Line) -> str:
    """What stands large in the margin."""
    if line.kind is LineKind.TAG:
        return "T"
    if line.kind is LineKind.ENDING:
        return "E"
    return str(line.number + 1)


def kind_words(line: Line) -> str:
    """What kind of line this is, in words."""
    if line.kind is LineKind.DANCE:
        return tr("wall {wall}", wall=line.wall) if line.wall is not None else ""
    words = {
        LineKind.LEAD_IN: tr("before the dance"),
        LineKind.TAG: tr("tag, {length} counts", length=line.length),
        LineKind.HOLD: tr("hold, {length} counts", length=line.length),
        LineKind.ENDING: tr("ending"),
        LineKind.AFTER: tr("after the dance"),
    }
    return words[line.kind]
