"""The steps of a lesson as rows, to be walked by arrows and put in another order by keys or by dragging."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QDragMoveEvent, QDropEvent, QKeyEvent
from PyQt6.QtWidgets import QAbstractItemView

from vamos.core.lesson.plan import LessonPlan
from vamos.core.lesson.step import Step
from vamos.core.time.counts import minutes_text
from vamos.ui.parts.rows_table import RowsTable
from vamos.wording import words_of

tr = words_of(__name__)

_HEADS = (tr("At"), tr("What"), tr("How often, how fast"), tr("Long"))
#: Rows that are seen at once.
ROWS = 13


class StepsTable(RowsTable):
    """One row a step. ``chosen`` is told the key of the step one stands on, ``moved`` a key and by how many rows."""

    def __init__(
        self,
        plan: LessonPlan,
        now: str,
        chosen: Callable[[str], object],
        moved: Callable[[str, int], object],
        keys: dict[int, Callable[[], object]],
    ):
        super().__init__(_HEADS, tr("Steps of the lesson"), 1)
        self._chosen, self._moved, self._keys = chosen, moved, keys
        self._shown: LessonPlan | None = None
        self._steps: tuple[Step, ...] = ()
        self._filling = False
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.show_rows_at_once(ROWS)
        self.currentCellChanged.connect(self._walked)
        self.show_plan(plan, now)

    def show_plan(self, plan: LessonPlan, now: str) -> None:
        """Other steps, or the same ones changed; the row of the chosen step stays the one stood on."""
        self._filling = True
        if plan is not self._shown:
            self._shown = plan
            self._steps = tuple(s for s in plan.steps if not s.left_out)
            self.setRowCount(len(self._steps))
            at = 0.0
            for row, step in enumerate(self._steps):
                seconds = plan.seconds_of(step)
                words = (minutes_text(at), step.title, step.how_often(), _long(seconds))
                self.put(row, words, step.reason or step.words, step.changed)
                at += seconds
        keys = [s.key for s in self._steps]
        row = keys.index(now) if now in keys else 0
        if self.currentRow() != row and keys:
            self.setCurrentCell(row, 1)
        self._filling = False

    def _walked(self, row: int, *_: int) -> None:
        if not self._filling and 0 <= row < len(self._steps):
            self._chosen(self._steps[row].key)

    def uses_key(self, key: int) -> bool:
        return key in self._keys or key in (Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_Home, Qt.Key.Key_End)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is None:
            return
        row = self.currentRow()
        moves = {Qt.Key.Key_Up: -1, Qt.Key.Key_Down: 1}
        if event.modifiers() & Qt.KeyboardModifier.AltModifier and event.key() in moves and row >= 0:
            self._moved(self._steps[row].key, moves[Qt.Key(event.key())])
        elif event.key() in self._keys:
            self._keys[event.key()]()
        else:
            super().keyPressEvent(event)

    def dragMoveEvent(self, event: QDragMoveEvent | None) -> None:
        """A row may be let go on any other; Qt would only take it on cells it may overwrite."""
        if event is not None and event.source() in (self, None):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent | None) -> None:
        """The row is not moved here; the plan is, and comes back in its new order."""
        if event is None:
            return
        row, there = self.currentRow(), self.rowAt(round(event.position().y()))
        there = there if there >= 0 else len(self._steps) - 1
        event.setDropAction(Qt.DropAction.IgnoreAction)
        event.accept()
        if row >= 0 and there != row:
            self._moved(self._steps[row].key, there - row)


def _long(seconds: float) -> str:
    return f"{round(seconds)} s" if seconds < 100 else tr("{number:.1f} min", number=seconds / 60)
