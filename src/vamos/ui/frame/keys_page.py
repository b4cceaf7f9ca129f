"""What F1 opens: the guide's page of the stop one stands at, and all keys, those of the stop first, to be searched."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeySequence
from PyQt6.QtWidgets import QDialog, QGridLayout, QLineEdit, QScrollArea, QVBoxLayout, QWidget

from vamos.ui.frame.guide_page import page_of
from vamos.ui.parts.action import Bound
from vamos.ui.parts.text import label, set_tip
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: (key, what it does, a sentence about it)
Row = tuple[str, str, str]

_MOVING: tuple[Row, ...] = (
    ("1 – 8", tr("To that count of this line"), ""),
    ("← →", tr("A count back or on"), ""),
    ("PgUp PgDn", tr("A page of lines up or down"), ""),
    (tr("End"), tr("To the last line"), ""),
    (tr("Esc"), tr("To the page, out of a field"), ""),
)
_COLUMNS = 2


class KeysPage(QDialog):
    """Opened with F1."""

    def __init__(self, parent: QWidget, actions: Iterable[Bound], stop: str, stops: Sequence[str]):
        super().__init__(parent)
        self.setWindowTitle(tr("Guide and keys"))
        self.resize(900, 700)
        down = QVBoxLayout(self)
        down.setContentsMargins(28, 22, 28, 18)
        down.setSpacing(10)
        guide = page_of(stops.index(stop) + 1) if stop in stops else ""
        if guide:
            down.addWidget(label(tr("At {stop}", stop=tr(stop)), "title"))
            self.guide = label("", wrap=True)
            self.guide.setTextFormat(Qt.TextFormat.MarkdownText)
            self.guide.setText(guide)
            down.addWidget(self.guide)
        down.addWidget(label(tr("Keys"), "title"))
        self.search = QLineEdit()
        self.search.setPlaceholderText(tr("Search: clip, mirror, the 1 …"))
        self.search.setAccessibleName(tr("Search the keys"))
        self.search.textChanged.connect(self._show)
        down.addWidget(self.search)
        self._scroll = QScrollArea()
        self._scroll.setWidgetResizable(True)
        down.addWidget(self._scroll, 1)
        down.addWidget(
            label(
                tr(
                    "Keys that change the song, the dance, takes or clips work at their stop, with the "
                    "page in focus. Single-letter keys can be switched off in the menu View."
                ),
                "soft",
                wrap=True,
            )
        )
        self.groups = _groups(actions, stop, stops)
        self._show("")
        self.search.setFocus()

    def _show(self, wanted: str) -> None:
        body = QWidget()
        grid = QGridLayout(body)
        grid.setContentsMargins(0, 0, 12, 0)
        grid.setHorizontalSpacing(16)
        grid.setVerticalSpacing(5)
        at = 0
        for name, rows in self.groups:
            fit = [r for r in rows if _fits(wanted, name, r)]
            if not fit:
                continue
            grid.addWidget(label(name, "head"), at, 0, 1, 2 * _COLUMNS)
            deep = -(-len(fit) // _COLUMNS)
            for number, (key, text, tip) in enumerate(fit):
                row, side = at + 1 + number % deep, 2 * (number // deep)
                keys, words = label(key, "strong"), label(text, wrap=True)
                set_tip(words, tip)
                grid.addWidget(keys, row, side, Qt.AlignmentFlag.AlignTop)
                grid.addWidget(words, row, side + 1)
            at += deep + 1
        if not at:
            grid.addWidget(label(tr("No key matches."), "soft"), 0, 0)
        for side in range(_COLUMNS):
            grid.setColumnStretch(2 * side + 1, 1)
        grid.setRowStretch(at + 1, 1)
        self._scroll.setWidget(body)


def _groups(actions: Iterable[Bound], stop: str, stops: Sequence[str]) -> list[tuple[str, list[Row]]]:
    """Rows by stop, the current one first, then what works everywhere."""
    by: dict[str, list[Row]] = {}
    for entry in actions:
        a = entry.action
        if a.keys:
            key = QKeySequence(a.keys).toString(QKeySequence.SequenceFormat.NativeText)
            by.setdefault(entry.stop or a.menu, []).append((key, a.text, a.help))
    by.setdefault("Page", []).extend(_MOVING)
    by[marked("Stops")] = [(f"Ctrl+{n}", tr(s), "") for n, s in enumerate(stops, 1)]
    first = [stop] if stop in by else []
    order = [*first, *(n for n in by if n not in stops), *(n for n in stops if n != stop and n in by)]
    return [(tr("Here, at {n}", n=tr(n)) if n == stop else tr(n), by[n]) for n in order]


def _fits(wanted: str, group: str, row: Row) -> bool:
    text = f"{group} {' '.join(row)}".casefold()
    return all(word in text for word in wanted.casefold().split())
