"""The look of the window: light, keys."""

from __future__ import annotations

from collections.abc import Callable

from vamos.ui.parts.action import Action, Scope

ACTIONS = (
    Action("evening", "Evening light", "F9", "View", "Dark surroundings for late nights.", Scope.ANYWHERE),
    Action(
        "letters",
        "Single-letter keys on or off",
        "",
        "View",
        "Off: no letter, digit or sign acts by itself.",
        Scope.ANYWHERE,
    ),
    Action(
        "show_guide",
        "A look around",
        "",
        "View",
        "A few words about each stop, at its top, until you close them.",
        Scope.ANYWHERE,
    ),
    Action("show_keys", "Keys", "F1", "View", "All keys on one page.", Scope.ANYWHERE),
)


class LookCommands:
    """Each is done by the window."""

    def __init__(
        self,
        evening: Callable[[], object],
        letters: Callable[[], object],
        show_keys: Callable[[], object],
        show_guide: Callable[[], object],
    ):
        self.evening, self.letters, self.show_keys, self.show_guide = evening, letters, show_keys, show_guide
