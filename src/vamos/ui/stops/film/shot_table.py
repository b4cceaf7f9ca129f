"""Sections and views as a table: filmed, only with trouble, missing."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QGridLayout, QLabel, QWidget

from vamos.core.plan.shots import Shot, ShotList, ShotState
from vamos.ui.parts.text import label, plural, set_tip
from vamos.wording import words_of

tr = words_of(__name__)

#: More sections than this are said, not shown.
MOST = 24
_MARKS = {ShotState.GOOD: "✓", ShotState.TROUBLE: "!", ShotState.MISSING: ""}


class ShotTable(QWidget):
    """Filled anew when the shots are others."""

    def __init__(self, found: ShotList):
        super().__init__()
        self._shown: ShotList | None = None
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setHorizontalSpacing(4)
        self._grid.setVerticalSpacing(3)
        self._labels: list[QLabel] = []
        self.show_shots(found)

    def show_shots(self, found: ShotList) -> None:
        if found == self._shown:
            return
        self._shown = found
        for old in self._labels:
            self._grid.removeWidget(old)
            old.hide()
            old.deleteLater()
        self._labels = []
        for column, view in enumerate(found.views, 1):
            self._put(tr(str(view).removesuffix(" side")), 0, column)
        for row, name in enumerate(found.sections[:MOST], 1):
            self._put(name, row, 0, "soft", Qt.AlignmentFlag.AlignLeft)
            for column, view in enumerate(found.views, 1):
                self._cell(found.shot(name, view), row, column)
        if len(found.sections) > MOST:
            self._put(
                tr("and {sections} more", sections=plural(len(found.sections) - MOST, "section")), MOST + 1, 0, "soft"
            )

    def _cell(self, shot: Shot, row: int, column: int) -> None:
        mark = _MARKS[shot.state]
        cell = self._put(f"{shot.passes} {mark}" if mark else "–", row, column)
        best = f" ({shot.best})" if shot.best else ""
        why = f", {shot.why}" if shot.why else ""
        words = tr("{section}, {view}: {state}", section=shot.section, view=shot.view, state=shot.state)
        set_tip(cell, f"{words}{best}{why}")
        cell.setAccessibleName(words)

    def _put(
        self,
        text: str,
        row: int,
        column: int,
        role: str = "",
        align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignHCenter,
    ) -> QLabel:
        made = label(text, role)
        made.setAlignment(align)
        self._grid.addWidget(made, row, column)
        self._labels.append(made)
        return made
