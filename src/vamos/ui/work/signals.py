"""Being asked to end (a log-out, Ctrl+C, a system going down): the window closes as by hand, and all is written."""

from __future__ import annotations

import signal
import socket
from types import FrameType

from PyQt6 import sip
from PyQt6.QtCore import QSocketNotifier
from PyQt6.QtWidgets import QWidget

_ASKED = (signal.SIGTERM, signal.SIGINT, signal.SIGHUP)


class EndOnSignal:
    """Closes a window when the process is asked to end. Qt waits in the kernel, so a signal wakes it by a byte."""

    def __init__(self, window: QWidget):
        self._window = window
        self._read, self._write = socket.socketpair()
        for end in (self._read, self._write):
            end.setblocking(False)
        self._before = signal.set_wakeup_fd(self._write.fileno(), warn_on_full_buffer=False)
        self._handlers = {number: signal.signal(number, self._noted) for number in _ASKED}
        self._notifier = QSocketNotifier(sip.voidptr(self._read.fileno()), QSocketNotifier.Type.Read, window)
        self._notifier.activated.connect(self._woken)

    @staticmethod
    def _noted(_number: int, _frame: FrameType | None) -> None:
        """The byte that wakes the window says it already."""

    def _woken(self) -> None:
        asked = self._read.recv(64)
        if any(number in asked for number in _ASKED):
            self._window.close()

    def restore(self) -> None:
        """Signals do what they did before."""
        self._notifier.setEnabled(False)
        signal.set_wakeup_fd(self._before)
        for number, handler in self._handlers.items():
            signal.signal(number, handler)
        self._read.close()
        self._write.close()
