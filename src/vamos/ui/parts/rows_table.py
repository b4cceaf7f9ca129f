"""A table of rows that are walked and chosen whole, never typed into."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QAbstractItemView, QHeaderView, QTableWidget, QTableWidgetItem

from vamos.ui.parts.text import tip

HEIGHT = 26
_HEAD = 36


class RowsTable(QTableWidget):
    """Columns with heads; one of them takes the room that is left."""

    def __init__(self, heads: Sequence[str], name: str, wide: int):
        super().__init__(0, len(heads))
        self.setHorizontalHeaderLabels(list(heads))
        self.setAccessibleName(name)
        self.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.setShowGrid(False)
        self.setTabKeyNavigation(False)
        down, across = self.verticalHeader(), self.horizontalHeader()
        assert down is not None and across is not None
        down.hide()
        down.setDefaultSectionSize(HEIGHT)
        across.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft)
        across.setHighlightSections(False)
        modes = QHeaderView.ResizeMode
        for column in range(len(heads)):
            across.setSectionResizeMode(column, modes.Stretch if column == wide else modes.ResizeToContents)

    def show_rows_at_once(self, rows: int) -> None:
        """As high as so many rows."""
        self.setFixedHeight(rows * HEIGHT + _HEAD)

    def put(self, row: int, words: Sequence[str], told: str, bold: bool = False) -> None:
        """Fill a row; ``told`` is its tooltip."""
        for column, text in enumerate(words):
            item = QTableWidgetItem(text)
            item.setToolTip(tip(told))
            item.setFlags(item.flags() & ~Qt.ItemFlag.ItemIsDropEnabled)
            if bold:
                font = item.font()
                font.setBold(True)
                item.setFont(font)
            self.setItem(row, column, item)
