"""Threads that live as long as the window: one that answers the latest wish, one that works off a list.

Neither dies of an error: what a file refuses is told, what is Vamos's own fault is reported, and the next wish is
answered.
"""

from __future__ import annotations

import threading
from collections import deque
from collections.abc import Callable
from typing import Any

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.errors import Stopped, VamosError
from vamos.faults import printed


class LatestWorker(QObject):
    """Answers the latest wish; older wishes that wait are dropped.

    ``make(wish)`` runs in the worker's thread; ``recover()``, there too, lets go of what an error left open.
    """

    ready = pyqtSignal(object, object)
    refused = pyqtSignal(str)
    fault = pyqtSignal(str)

    def __init__(self, name: str, make: Callable[[Any], Any], recover: Callable[[], object]):
        super().__init__()
        self._name, self._make, self._recover = name, make, recover
        self._wish: Any = None
        self._state = threading.Condition()
        self.over = False
        self._thread = threading.Thread(target=self._run, name=name, daemon=True)
        self._thread.start()

    def ask(self, wish: Any) -> None:
        with self._state:
            self._wish = wish
            self._state.notify()

    def close(self) -> None:
        with self._state:
            self.over = True
            self._state.notify()
        self._thread.join(3)
        self.blockSignals(True)

    def _run(self) -> None:
        while True:
            with self._state:
                self._state.wait_for(lambda: self._wish is not None or self.over)
                if self.over:
                    self._recover()
                    return
                wish, self._wish = self._wish, None
            try:
                self.ready.emit(wish, self._make(wish))
            except Stopped:
                self._recover()
            except VamosError as error:
                self._recover()
                self.refused.emit(str(error))
            except Exception as error:
                self._recover()
                self.fault.emit(printed(self._name, error))


class ListWorker(QObject):
    """Works off what it is asked for, in order, each once; ``make(wish)`` runs in the worker's thread."""

    ready = pyqtSignal(object, object)
    fault = pyqtSignal(str)

    def __init__(self, name: str, make: Callable[[Any], Any]):
        super().__init__()
        self._name, self._make = name, make
        self._wishes: deque[Any] = deque()
        self._asked: set[Any] = set()
        self._state = threading.Condition()
        self.over = False
        self._thread: threading.Thread | None = None

    def ask(self, wish: Any) -> None:
        """Have something made that was not asked for before; wishes can be compared."""
        with self._state:
            if wish in self._asked or self.over:
                return
            self._asked.add(wish)
            self._wishes.append(wish)
            if self._thread is None:
                self._thread = threading.Thread(target=self._run, name=self._name, daemon=True)
                self._thread.start()

    def close(self) -> None:
        with self._state:
            self.over = True
            self._wishes.clear()
            thread = self._thread
        if thread is not None:
            thread.join(3)
        self.blockSignals(True)

    def _run(self) -> None:
        while True:
            with self._state:
                if not self._wishes or self.over:
                    self._thread = None
                    return
                wish = self._wishes.popleft()
            try:
                result = self._make(wish)
            except VamosError:
                # What it is for is missing or cannot be read; whoever needs it says so.
                continue
            except Exception as error:
                self.fault.emit(printed(self._name, error))
                continue
            if result is not None:
                self.ready.emit(wish, result)
