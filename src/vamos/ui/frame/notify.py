"""A word on the desktop when long work has ended and the window is not the one being used."""

from __future__ import annotations

import time
from collections.abc import Callable
from typing import cast

from PyQt6.QtWidgets import QApplication, QWidget

from vamos.wording import words_of

tr = words_of(__name__)

#: Work shorter than this is waited for.
LONG_S = 10.0


class EndOfWork:
    """Remembers when work began; tells its end to the desktop's notifications, and asks for attention in its bar."""

    def __init__(self, window: QWidget, clock: Callable[[], float] = time.monotonic):
        self._window, self._clock = window, clock
        self._name, self._began = "", 0.0
        self.told: Callable[[str], object] = _tell_desktop

    def begin(self, name: str) -> None:
        self._name, self._began = name, self._clock()

    def end(self) -> None:
        name, self._name = self._name, ""
        if not name or self._clock() - self._began < LONG_S or self._window.isActiveWindow():
            return
        QApplication.alert(self._window)
        self.told(tr("{name}: finished.", name=name))


def _tell_desktop(words: str) -> None:
    """By the desktop's notification service, where there is one (freedesktop.org, Desktop Notifications 1.2)."""
    from PyQt6.QtCore import QMetaType
    from PyQt6.QtDBus import QDBusArgument, QDBusConnection, QDBusMessage

    service = "org.freedesktop.Notifications"
    bus = QDBusConnection.sessionBus()
    if not bus.isConnected():
        return
    call = QDBusMessage.createMethodCall(service, "/org/freedesktop/Notifications", service, "Notify")
    number = QDBusArgument(0, cast("int", QMetaType.Type.UInt.value))
    actions = QDBusArgument([], cast("int", QMetaType.Type.QStringList.value))
    call.setArguments(["Vamos", number, "", "Vamos", words, actions, {}, 8000])
    # Sent, not waited for: a desktop without such a service says nothing.
    bus.send(call)
