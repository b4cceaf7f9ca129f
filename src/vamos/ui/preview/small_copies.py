"""Small copies of large films are made in the background, one after another, while nothing is played."""

from __future__ import annotations

import threading
import time
from dataclasses import dataclass
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.core.media import proxy
from vamos.core.media.probe import probe
from vamos.core.progress import Progress
from vamos.ui.work.worker import ListWorker


@dataclass(frozen=True, slots=True)
class _Film:
    fingerprint: str
    path: Path


class SmallCopies(QObject):
    """Told of films; says when one can be watched through a small copy."""

    ready = pyqtSignal(str)
    fault = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        #: While something is played, the machine is left to it.
        self.resting = threading.Event()
        # Without a small copy the film itself is watched, so what a file refuses needs no word.
        self._worker = ListWorker("small copies", self._make)
        self._worker.ready.connect(lambda film, _made: self.ready.emit(film.fingerprint))
        self._worker.fault.connect(self.fault)

    def ask(self, fingerprint: str, path: Path) -> None:
        """Have a small copy made of a film if it is large, and that was not asked before."""
        self._worker.ask(_Film(fingerprint, path))

    def close(self) -> None:
        self._worker.close()
        self.blockSignals(True)

    def _make(self, film: _Film) -> bool | None:
        found = probe(film.path)
        if proxy.ready(film.fingerprint) is not None or not proxy.wanted(found):
            return None
        proxy.make(film.path, film.fingerprint, found.duration_s, Progress(self._pause, lambda: self._worker.over))
        return True

    def _pause(self, _share: float, _words: str) -> None:
        while self.resting.is_set() and not self._worker.over:
            time.sleep(0.05)
