"""Words in the room there is: in one row, in several, or cut with a sign that they are."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QFont, QFontMetricsF


def fitted(text: str, face: QFont, room: float) -> str:
    """A text in one row of so many pixels."""
    return QFontMetricsF(face).elidedText(text, Qt.TextElideMode.ElideRight, max(0.0, room))


def fits(text: str, face: QFont, room: float) -> bool:
    return QFontMetricsF(face).horizontalAdvance(text) <= room


def wrapped(text: str, face: QFont, room: float, last: float | None = None) -> list[str] | None:
    """A text in rows of whole words, each within so many pixels, all after the first within ``last``; none where a
    word is wider.
    """
    rows: list[str] = []
    for word in text.split():
        longer = f"{rows[-1]} {word}" if rows else word
        limit = room if len(rows) < 2 or last is None else last
        if rows and fits(longer, face, limit):
            rows[-1] = longer
            continue
        if not fits(word, face, room if not rows or last is None else last):
            return None
        rows.append(word)
    return rows
