"""What the window remembers from one evening to the next."""

from __future__ import annotations

from PyQt6.QtCore import QSettings


def settings() -> QSettings:
    """The settings of this user."""
    return QSettings("vamos", "vamos")
