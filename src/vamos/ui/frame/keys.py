"""Keys: each goes to the field that is typed in, to the widget in focus, or to an action where it makes sense."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PyQt6.QtCore import QEvent, QKeyCombination, QObject, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent, QKeySequence
from PyQt6.QtWidgets import QApplication, QWidget

from vamos.ui.frame.typing_guard import TypingGuard
from vamos.ui.parts.action import Action, Bound, Scope
from vamos.ui.parts.fields import half_typed, is_typing, takes_key
from vamos.ui.parts.some import some
from vamos.wording import words_of

tr = words_of(__name__)

_STRONG = Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.AltModifier | Qt.KeyboardModifier.MetaModifier
#: Editing keys that belong to a field while one types in it.
_OF_FIELDS = {
    QKeySequence(keys).toString()
    for keys in [
        "Ctrl+A",
        "Ctrl+C",
        "Ctrl+V",
        "Ctrl+X",
        "Ctrl+Left",
        "Ctrl+Right",
        "Ctrl+Shift+Left",
        "Ctrl+Shift+Right",
        "Ctrl+Backspace",
        "Ctrl+Del",
        "Ctrl+Home",
        "Ctrl+End",
    ]
}
_UNDOING = ("Ctrl+Z", "Ctrl+Shift+Z")
_NUMBERS = {Qt.Key(Qt.Key.Key_0 + n): n for n in range(10)}


class Keys(QObject):
    """Watches the keys of one window. ``main_action`` is what Return does; ``to_count`` what a digit does."""

    refused = pyqtSignal(str)

    def __init__(self, window: QWidget):
        super().__init__(window)
        self._window = window
        self._table: dict[str, list[Bound]] = {}
        self.stop = ""
        #: Widgets at which keys that change something work.
        self.hosts: tuple[QWidget, ...] = ()
        #: Whether the page can be seen: keys that move on it do nothing where it is not.
        self.page_shown: Callable[[], bool] = lambda: True
        self.letters = True
        self.to_count: Callable[[int], object] = lambda _n: None
        #: A digit goes to the view in the place of the page first; whether it took it.
        self.to_view: Callable[[int], bool] = lambda _n: False
        self.to_page: Callable[[], object] = lambda: None
        self.guard = TypingGuard(self)
        self.guard.typed.connect(
            lambda: self.refused.emit(tr("These are words, so the keys did nothing. Click into a field to write them."))
        )
        # The native window sees each key once, before any widget does.
        window.winId()
        self._native = some(window.windowHandle())
        self._native.installEventFilter(self)

    def show_actions(self, actions: Iterable[Bound]) -> None:
        """All actions with keys; the same key may do different things at different stops."""
        self._table = {}
        for entry in actions:
            if entry.action.keys:
                name = QKeySequence(entry.action.keys).toString()
                self._table.setdefault(name, []).append(entry)

    def add(self, keys: str, run: Callable[[], object]) -> None:
        """A key that is in no menu and works everywhere."""
        action = Action("", "", keys, "", "", Scope.ANYWHERE)
        self._table.setdefault(QKeySequence(keys).toString(), []).append(Bound(action, run))

    def close(self) -> None:
        self.guard.forget()
        self._native.removeEventFilter(self)

    # --- which key does what -------------------------------------------------------------

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        if event is None or event.type() != QEvent.Type.KeyPress or not isinstance(event, QKeyEvent):
            return False
        return self._press(QApplication.focusWidget() or self._window, event)

    def _press(self, widget: QWidget, event: QKeyEvent) -> bool:
        key, modifiers = Qt.Key(event.key()), event.modifiers() & ~Qt.KeyboardModifier.KeypadModifier
        name = _name(key, modifiers, event.text())
        plain = not modifiers & _STRONG and not Qt.Key.Key_F1 <= key <= Qt.Key.Key_F35
        entry = self._entry(name)
        typing = is_typing(widget)
        if key == Qt.Key.Key_Escape and plain:
            return self._escape(widget, typing)
        if typing and self._is_for_field(widget, entry, name, plain):
            return False
        if plain and _printable(event.text()):
            return self._plain(widget, key, event, entry)
        bare = modifiers == Qt.KeyboardModifier.NoModifier
        if entry is None or (bare and takes_key(widget, key)):
            return False
        if plain and not self._may_change(widget, entry):
            return False
        if event.isAutoRepeat() and not entry.action.repeats:
            return True
        entry.run()
        return True

    def _entry(self, name: str) -> Bound | None:
        found = self._table.get(name, [])
        here = [e for e in found if e.stop == self.stop]
        return next(iter([*here, *(e for e in found if not e.stop)]), None)

    def _escape(self, widget: QWidget, typing: bool) -> bool:
        if typing and half_typed(widget):
            return False
        self.to_page()
        return True

    def _is_for_field(self, widget: QWidget, entry: Bound | None, name: str, plain: bool) -> bool:
        if name in _OF_FIELDS or (name in _UNDOING and half_typed(widget)):
            return True
        if not plain:
            return False
        return entry is None or entry.action.scope is not Scope.ANYWHERE

    def _plain(self, widget: QWidget, key: Qt.Key, event: QKeyEvent, entry: Bound | None) -> bool:
        """A key that would write something in a field."""
        text = event.text()
        run: Callable[[], object] | None = None
        if takes_key(widget, key):
            # A button in focus takes Space, unless it is part of words.
            return self.guard.ask(text, None, True)
        if entry is not None and (self.letters or text == " ") and self._may_change(widget, entry):
            run = entry.run
        elif entry is None and key in _NUMBERS and self.letters:
            number = _NUMBERS[key]
            run = lambda: self._number(number)  # noqa: E731 -- bound to this key
        if event.isAutoRepeat() and (entry is None or not entry.action.repeats):
            return True
        return self.guard.ask(text, run, entry is not None and entry.action.at_once)

    def _number(self, number: int) -> None:
        if not self.to_view(number) and 1 <= number <= 8 and self.page_shown():
            self.to_count(number - 1)

    def _may_change(self, widget: QWidget, entry: Bound) -> bool:
        if entry.action.scope is Scope.WATCHING and not entry.stop and not self.page_shown():
            self.refused.emit(tr("“{value}” works where the page is: Ctrl+1 to Ctrl+4.", value=entry.action.text))
            return False
        if entry.action.scope is not Scope.CHANGING:
            return True
        if any(host is widget or host.isAncestorOf(widget) for host in self.hosts):
            return True
        self.refused.emit(tr("“{value}” works on the page. Esc goes there.", value=entry.action.text))
        return False


def _printable(text: str) -> bool:
    return len(text) == 1 and text.isprintable()


def _name(key: Qt.Key, modifiers: Qt.KeyboardModifier, text: str) -> str:
    """A key as the actions write it; Shift is part of the sign for signs, not for letters."""
    if modifiers & Qt.KeyboardModifier.ShiftModifier and _printable(text) and not text.isalnum() and text != " ":
        modifiers &= ~Qt.KeyboardModifier.ShiftModifier
    if key == Qt.Key.Key_Enter:
        key = Qt.Key.Key_Return
    if key == Qt.Key.Key_Backtab:
        key = Qt.Key.Key_Tab
    return QKeySequence(QKeyCombination(modifiers, key)).toString()
