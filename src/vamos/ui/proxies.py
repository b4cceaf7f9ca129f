"""Small copies of large films are made in the background, one after another, while nothing is played."""

from __future__ import annotations

import threading
import time
from collections import deque
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.core.media import proxy
from vamos.core.media.probe import probe
from vamos.core.progress import Progress
from vamos.errors import VamosError


class Proxies(QObject):
    """Told of films; says when one can be watched through a small copy."""

    ready = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._asked: set[str] = set()
        self._waiting: deque[tuple[str, Path]] = deque()
        self._over = threading.Event()
        #: While something is played, the machine is left to it.
        self.resting = threading.Event()
        self._lock = threading.Lock()
        self._thread: threading.Thread | None = None

    def ask(self, key: str, path: Path) -> None:
        """Have a small copy made of a film if it is large, and that was not asked before."""
        if key in self._asked:
            return
        self._asked.add(key)
        with self._lock:
            self._waiting.append((key, path))
            if self._thread is None:
                self._thread = threading.Thread(target=self._run, name="proxies", daemon=True)
                self._thread.start()

    def close(self) -> None:
        self._over.set()
        thread = self._thread
        if thread is not None:
            thread.join(3)

    def _run(self) -> None:
        while not self._over.is_set():
            with self._lock:
                if not self._waiting:
                    self._thread = None
                    return
                key, path = self._waiting.popleft()
            try:
                found = probe(path)
                if proxy.ready(key) is None and proxy.wanted(found):
                    proxy.make(path, key, found.duration_s, Progress(self._pause, self._over.is_set))
                    self.ready.emit(key)
            except VamosError:
                # Without a small copy the film itself is watched.
                continue

    def _pause(self, _share: float, _words: str) -> None:
        while self.resting.is_set() and not self._over.is_set():
            time.sleep(0.05)
