"""Words as words: what people type may hold ampersands and markup, and must be shown as it is."""

from __future__ import annotations

import html

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QLabel, QWidget

from vamos.wording import plural as plural


def on_button(text: str) -> str:
    """A text for buttons, check boxes and menus, where a single ampersand would vanish."""
    return text.replace("&", "&&")


def label(text: str = "", role: str = "", wrap: bool = False) -> QLabel:
    """A label that shows its text as it is."""
    made = QLabel()
    made.setTextFormat(Qt.TextFormat.PlainText)
    made.setText(text)
    made.setWordWrap(wrap)
    if role:
        made.setProperty("role", role)
    return made


def tip(text: str) -> str:
    """A tooltip of plain words; Qt would take angle brackets for markup."""
    return f"<qt>{html.escape(text, quote=False)}</qt>" if "<" in text or "&" in text else text


def set_tip(widget: QWidget, text: str) -> None:
    """Give a widget a tooltip of plain words."""
    shown = tip(text)
    if widget.toolTip() != shown:
        widget.setToolTip(shown)


def set_role(widget: QWidget, role: str) -> None:
    """Another look of the style sheet, applied at once."""
    if (widget.property("role") or "") != role:
        widget.setProperty("role", role)
        style = widget.style()
        if style is not None:
            style.unpolish(widget)
            style.polish(widget)


def sentence(text: str) -> str:
    """A reason or problem as a sentence."""
    text = text.strip()
    if not text:
        return text
    ended = text[-1] in "?!…"
    return text[0].upper() + (text[1:] if ended else text[1:].rstrip(".") + ".")


def set_words(words: QLabel, text: str) -> None:
    """Other words, when they are others: a label set anew is laid out anew."""
    if words.text() != text:
        words.setText(text)
