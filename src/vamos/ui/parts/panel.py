"""A panel that is told anew what it holds and changes only what differs.

A room fills it as often as it likes: what is there already stays where it is, with its scroll, its focus and
half-typed words; what is new comes in its place, what is gone goes.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from difflib import SequenceMatcher
from functools import partial
from typing import Any

from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QFrame,
    QHBoxLayout,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from vamos.ui.parts.buttons import Button, ButtonEntry, Check, Head, WordsButton
from vamos.ui.parts.fields import Choice, TextField, named
from vamos.ui.parts.flow import FlowLayout
from vamos.ui.parts.sentence import Blank, Sentence
from vamos.ui.parts.text import label, set_words
from vamos.ui.work import settings


@dataclass(frozen=True, slots=True)
class _Entry:
    """One thing in the panel: what tells it from others, how it is made, how it is brought up to date."""

    kind: str
    key: str
    make: Callable[[], QWidget]
    update: Callable[[Any], object]


class Panel(QWidget):
    """A column of heads, facts, sentences, buttons and fields; :meth:`begin`, what it holds, :meth:`end`."""

    def __init__(self) -> None:
        super().__init__()
        self.column = QVBoxLayout(self)
        self.column.setContentsMargins(0, 0, 10, 8)
        self.column.setSpacing(6)
        # Not by its alignment: a column that is aligned is only as high as if nothing in it wrapped.
        self.column.addStretch(1)
        self._old: list[tuple[_Entry, QWidget]] = []
        self._new: list[_Entry] = []
        self._room = ""
        self._hidden = False
        self._wish = ""
        self._fresh = True
        self.refill: Callable[[], object] = lambda: None
        self._scroll_to = 0
        # Its own, so that it goes with the panel.
        self._scrolling = QTimer(self)
        self._scrolling.setSingleShot(True)
        self._scrolling.timeout.connect(self._scroll_back)

    def clear(self) -> None:
        """All of it goes, with what is half-typed: it was about another document."""
        for _, widget in self._old:
            self._take_away(widget)
        self._old, self._room = [], ""

    # --- filling -------------------------------------------------------------------------

    def begin(self, room: str) -> None:
        """What follows is all there is; the panel of another room starts at its top."""
        self._fresh = room != self._room
        self._room = room
        self._new = []
        self._hidden = False

    def focus_on(self, name: str) -> None:
        """The field with this accessible name gets the cursor when the panel is filled next."""
        self._wish = name

    def custom(self, kind: str, key: str, make: Callable[[], QWidget], update: Callable[[Any], object]) -> None:
        """Anything else: ``make`` it when it is new, ``update`` it when it was there."""
        if not self._hidden:
            self._new.append(_Entry(kind, key, make, update))

    def plain_head(self, text: str) -> None:
        """A head that does not fold: what the panel is about."""
        self._hidden = False
        self.custom("plain head", "", lambda: label(text, "head", wrap=True), lambda w: set_words(w, text))

    def head(self, text: str, key: str = "", folded_first: bool = False) -> None:
        """A group begins; ``key`` stays the same where the text does not. Folded groups stay folded.

        ``folded_first``: until somebody unfolds it.
        """
        kept = settings.folded(self._room, key or text, folded_first)
        folded = kept.get()
        self._hidden = False

        def toggle() -> None:
            kept.set(not kept.get())
            self.refill()

        def make() -> QWidget:
            made = Head("", toggle, "head")
            made.show_head(text, folded)
            return made

        def update(head: Head) -> None:
            head.run = toggle
            head.show_head(text, folded)

        self.custom("head", key or text, make, update)
        self._hidden = folded

    def fact(self, name: str, value: str) -> None:
        """A name on the left, its value on the right."""
        self.custom("fact", name, lambda: _fact(name, value), lambda row: set_words(row.value, value))

    def say(self, text: str, role: str = "soft", key: str = "") -> None:
        """A sentence; with a key, the same one as before in other words."""
        self.custom(f"say {role}", key or text, lambda: label(text, role, wrap=True), lambda w: set_words(w, text))

    def buttons(self, *entries: ButtonEntry, key: str = "") -> None:
        """A row of buttons."""
        key = key or "\n".join(text for text, _, _ in entries)
        self.custom("buttons", key, lambda: _ButtonRow(entries), lambda row: row.show_as(entries))

    def toggles(self, name: str, entries: Sequence[tuple[str, str, bool, Callable[[bool], object]]]) -> None:
        """A row of buttons that stay pressed: (text, accessible name, pressed, what a press does)."""
        self.custom("toggles", name, lambda: _ToggleRow(entries), lambda row: row.show_as(entries))

    def problem(self, text: str, run: Callable[[], object]) -> None:
        """A problem as a button that leads to it."""

        def update(button: Button) -> None:
            button.run = run

        self.custom("problem", text, lambda: WordsButton(text, run), update)

    def check(self, text: str, on: bool, changed: Callable[[bool], object], name: str = "") -> None:
        """A check box."""

        def update(box: Check) -> None:
            box.changed = changed
            box.setChecked(on)

        self.custom("check", name or text, lambda: Check(text, on, name or text, changed), update)

    def choice(
        self,
        title: str,
        words: Sequence[str],
        now: str,
        chosen: Callable[[str], object],
        name: str = "",
        tip: str = "",
        own: bool = False,
    ) -> None:
        """A choice of words beside its title; ``own``: of names that people gave."""
        name = name or title

        def update(row: QWidget) -> None:
            box = row.findChild(Choice)
            box.chosen = chosen
            box.set_value(words, now)

        self.custom("choice", name, lambda: named(title, Choice(words, now, name, chosen, own), tip), update)

    def text(
        self, title: str, value: str, changed: Callable[[str], object], name: str = "", hint: str = "", tip: str = ""
    ) -> None:
        """A line to type in beside its title."""
        name = name or title

        def update(row: QWidget) -> None:
            field = row.findChild(TextField)
            field.changed = changed
            field.set_value(value)

        self.custom("text", name, lambda: named(title, TextField(value, name, changed, hint), tip), update)

    def sentence(self, key: str, words: str, **blanks: Blank) -> None:
        """A sentence with ``{blanks}`` to choose or to type."""
        self.custom("sentence", key, lambda: Sentence(words, blanks), lambda it: it.show_as(words, blanks))

    def end(self) -> None:
        """All is told: make what is new, update what stays, take away what is gone."""
        focus = QApplication.focusWidget()
        inside = focus is not None and self.isAncestorOf(focus)
        scroll = _scroll_of(self)
        at = scroll.value() if scroll is not None else 0
        old_keys = [(e.kind, e.key) for e, _ in self._old]
        new_keys = [(e.kind, e.key) for e in self._new]
        made: list[tuple[_Entry, QWidget]] = []
        # Laid out once, when all is there, and not again for each that comes.
        self.column.setEnabled(False)
        for tag, a, b, c, d in SequenceMatcher(None, old_keys, new_keys, autojunk=False).get_opcodes():
            if tag == "equal":
                for (_, widget), entry in zip(self._old[a:b], self._new[c:d], strict=True):
                    entry.update(widget)
                    made.append((entry, widget))
                continue
            for _, widget in self._old[a:b]:
                self._take_away(widget)
            for place, entry in enumerate(self._new[c:d], len(made)):
                widget = entry.make()
                self.column.insertWidget(place, widget)
                widget.show()
                made.append((entry, widget))
        self._old = made
        self.column.setEnabled(True)
        self.column.invalidate()
        self._scroll_to = 0 if self._fresh else at
        self._scrolling.start(0)
        self._place_focus(inside)

    def _scroll_back(self) -> None:
        scroll = _scroll_of(self)
        if scroll is not None:
            scroll.setValue(self._scroll_to)

    def _take_away(self, widget: QWidget) -> None:
        # A field that goes while one types in it must not send the focus round the window.
        focus = QApplication.focusWidget()
        if focus is not None and (widget is focus or widget.isAncestorOf(focus)):
            focus.clearFocus()
        self.column.removeWidget(widget)
        widget.hide()
        widget.deleteLater()

    def _place_focus(self, was_inside: bool) -> None:
        if self._wish:
            field = next((w for w in self.fields() if w.accessibleName() == self._wish), None)
            if field is not None:
                self._wish = ""
                # As by Tab: what stands in a line is marked, and typing replaces it.
                field.setFocus(Qt.FocusReason.TabFocusReason)
                QTimer.singleShot(0, lambda: _ensure_visible(self, field))

    def fields(self) -> list[QWidget]:
        """Everything in it that can be seen and used."""
        return [
            w for w in self.findChildren(QWidget) if w.isVisibleTo(self) and w.focusPolicy() != Qt.FocusPolicy.NoFocus
        ]


def _scroll_of(widget: QWidget) -> Any:
    parent = widget.parentWidget()
    while parent is not None and not isinstance(parent, QScrollArea):
        parent = parent.parentWidget()
    return parent.verticalScrollBar() if isinstance(parent, QScrollArea) else None


def _ensure_visible(panel: Panel, field: QWidget) -> None:
    parent = panel.parentWidget()
    while parent is not None and not isinstance(parent, QScrollArea):
        parent = parent.parentWidget()
    if isinstance(parent, QScrollArea):
        parent.ensureWidgetVisible(field)


class _Fact(QFrame):
    def __init__(self, name: str, value: str):
        super().__init__()
        line = QHBoxLayout(self)
        line.setContentsMargins(0, 2, 0, 2)
        self.value = label(value, "soft", wrap=True)
        self.value.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        line.addWidget(label(name, wrap=True), 2)
        line.addWidget(self.value, 3)


def _fact(name: str, value: str) -> QWidget:
    return _Fact(name, value)


class _ButtonRow(QWidget):
    """Buttons side by side; those that do not fit go on below."""

    def __init__(self, entries: Sequence[ButtonEntry]):
        super().__init__()
        self._line = FlowLayout(self)
        self.made: list[Button] = []
        self.show_as(entries)

    def show_as(self, entries: Sequence[ButtonEntry]) -> None:
        if len(entries) != len(self.made):
            for button in self.made:
                self._line.removeWidget(button)
                button.hide()
                button.deleteLater()
            self.made = [Button(*entry) for entry in entries]
            for button in self.made:
                self._line.addWidget(button)
            return
        for button, entry in zip(self.made, entries, strict=True):
            button.show_as(*entry)


class _ToggleRow(QWidget):
    """The same with buttons that stay pressed."""

    def __init__(self, entries: Sequence[tuple[str, str, bool, Callable[[bool], object]]]):
        super().__init__()
        line = FlowLayout(self)
        self._buttons: list[QAbstractButton] = []
        for text, name, _, _ in entries:
            button = Button(text, lambda: None)
            button.setCheckable(True)
            button.setAccessibleName(name)
            line.addWidget(button)
            self._buttons.append(button)
        self.show_as(entries)

    def show_as(self, entries: Sequence[tuple[str, str, bool, Callable[[bool], object]]]) -> None:
        for button, (_, _, on, changed) in zip(self._buttons, entries, strict=True):
            button.setChecked(on)
            assert isinstance(button, Button)
            button.run = partial(_tell_checked, button, changed)


def _tell_checked(button: Button, changed: Callable[[bool], object]) -> None:
    changed(button.isChecked())
