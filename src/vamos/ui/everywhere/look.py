"""The look of the window: light, keys."""

from __future__ import annotations

from collections.abc import Callable

from vamos.ui.parts.action import Action, Scope
from vamos.wording import words_of

tr = words_of(__name__)

ACTIONS = (
    Action("evening", tr("Evening light"), "F9", "View", tr("Dark surroundings for late nights."), Scope.ANYWHERE),
    Action(
        "letters",
        tr("Single-letter keys on or off"),
        "",
        "View",
        tr("Off: single letters, digits and signs do nothing."),
        Scope.ANYWHERE,
    ),
    Action(
        "show_guide",
        tr("A look around"),
        "",
        "View",
        tr("A few words about each stop, at its top, until you close them."),
        Scope.ANYWHERE,
    ),
    Action(
        "choose_language",
        tr("Another language"),
        "",
        "View",
        tr("As the desktop, English, German, Spanish, in turn; it changes at the next start."),
        Scope.ANYWHERE,
    ),
    Action(
        "show_keys", tr("Guide and keys"), "F1", "View", tr("What to do at this stop, and all keys."), Scope.ANYWHERE
    ),
)


class LookCommands:
    """Each is done by the window."""

    def __init__(
        self,
        evening: Callable[[], object],
        letters: Callable[[], object],
        show_keys: Callable[[], object],
        show_guide: Callable[[], object],
        choose_language: Callable[[], object],
    ):
        self.evening, self.letters, self.show_keys, self.show_guide = evening, letters, show_keys, show_guide
        self.choose_language = choose_language
