"""The files of a pack as a table: what each shows, how fast, how long, how large, whether it holds."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeyEvent

from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import ClipEntry
from vamos.core.time.counts import minutes_text
from vamos.ui.parts.rows_table import RowsTable
from vamos.wording import words_of

tr = words_of(__name__)

_HEADS = (tr("File"), tr("Speed"), tr("Long"), "MB", tr("Checked"))
ROWS = 12


@dataclass(frozen=True, slots=True)
class FileRow:
    """A film of a pack; ``wrong`` is what does not hold, in words."""

    file: str
    speed: float
    seconds: float
    size_bytes: int
    wrong: tuple[str, ...]


def rows_of(clips: Sequence[ClipEntry], bad: Sequence[Finding]) -> tuple[FileRow, ...]:
    """What does not hold first, the others in the order of the pack."""
    found = [
        FileRow(c.file, c.speed, c.duration_s, c.bytes, tuple(f"{f.what}, {f.detail}" for f in bad if f.file == c.file))
        for c in clips
    ]
    return tuple(sorted(found, key=lambda row: not row.wrong))


class FilesTable(RowsTable):
    """Return or a double click plays a file."""

    def __init__(self, rows: Sequence[FileRow], open_file: Callable[[str], object]):
        super().__init__(_HEADS, tr("Files of the pack"), 0)
        self._open = open_file
        self.rows: Sequence[FileRow] = ()
        self.itemDoubleClicked.connect(lambda item: self.open_row(item.row()))
        self.show_rows(rows)

    def show_rows(self, rows: Sequence[FileRow]) -> None:
        if rows == self.rows:
            return
        self.rows = rows
        self.setRowCount(len(rows))
        self.show_rows_at_once(min(ROWS, len(rows)))
        for number, row in enumerate(rows):
            speed, size = f"{round(row.speed * 100)} %", f"{row.size_bytes / 1e6:.1f}"
            held = tr("correct") if not row.wrong else tr("please check")
            words = (row.file, speed, minutes_text(row.seconds), size, held)
            self.put(number, words, "; ".join(row.wrong) or row.file)

    def open_row(self, number: int) -> None:
        if 0 <= number < len(self.rows):
            self._open(self.rows[number].file)

    def uses_key(self, key: int) -> bool:
        return key in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Up, Qt.Key.Key_Down)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.open_row(self.currentRow())
        else:
            super().keyPressEvent(event)
