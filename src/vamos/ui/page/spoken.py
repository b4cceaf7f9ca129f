"""The page for those who hear it: a table of the same lines and counts, and where one stands."""

from __future__ import annotations

from math import floor

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QAbstractItemView, QTableView, QWidget

from vamos.core.time import count_text
from vamos.ui.page.model import PageModel
from vamos.wording import words_of

tr = words_of(__name__)


class SpokenTable(QTableView):
    """Read by assistive technology, seen and touched by nobody: it is one pixel of the painted page.

    Qt tells of what lies in the viewport of a scroll area, not of what lies beside it.
    """

    def __init__(self, viewport: QWidget, model: PageModel):
        super().__init__(viewport)
        self.setGeometry(0, 0, 1, 1)
        self.setModel(model)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(tr("Lines and counts"))


def place_words(model: PageModel, row: int, column: int) -> str:
    """A count of the page in words: its line, then what is danced on it."""
    if not 0 <= row < len(model.lines):
        return tr("The page of eights")
    line = model.lines[row]
    cell = model.index(row, min(column, model.columns - 1) + 1).data() or ""
    danced = " ".join(str(cell).split(" ")[1:])
    count = count_text(line.first + floor(column))
    words = tr(
        "{margin}, count {count}{words}",
        margin=model.margin_text(row),
        count=count,
        words=f": {danced}" if danced else "",
    )
    return words[0].upper() + words[1:]
