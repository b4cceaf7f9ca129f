"""Everything long is done here, beside the window.

Work is tied to the document it was begun for: when another is opened, it is stopped, and what it still brings is
dropped. One piece of work in the foreground at a time, with progress and a way to stop it; others wait in order.
Quiet work (reading a song for its picture) runs beside it without a word.
"""

from __future__ import annotations

import threading
from collections import deque
from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.core.progress import Progress
from vamos.errors import Stopped, VamosError
from vamos.faults import printed
from vamos.wording import words_of

tr = words_of(__name__)

Work = Callable[[Progress], Any]
Done = Callable[[Any], object]


@dataclass(frozen=True, slots=True)
class _Wish:
    name: str
    work: Work
    done: Done
    document: object


class _Run(QObject):
    """One piece of work on a thread of its own; its signals arrive in the window's thread."""

    progress = pyqtSignal(float, str)
    finished = pyqtSignal(str, object)

    def __init__(self, wish: _Wish):
        super().__init__()
        self.wish = wish
        self._stop = threading.Event()
        self._thread = threading.Thread(target=self._run, name=wish.name, daemon=True)

    def start(self) -> None:
        self._thread.start()

    def stop(self) -> None:
        self._stop.set()

    def wait(self, seconds: float) -> None:
        self._thread.join(seconds)

    def _run(self) -> None:
        how, result = "done", None
        try:
            result = self.wish.work(Progress(self.progress.emit, self._stop.is_set))
        except Stopped:
            how = "stopped"
        except VamosError as error:
            how, result = "refused", str(error)
        except MemoryError:
            how, result = "refused", tr("There is not enough memory for this. Close other programs and try again.")
        except Exception as error:
            how, result = "fault", printed(self.wish.name, error)
        self.finished.emit(how, result)


class Runner(QObject):
    """``document()`` says which document is open now."""

    began = pyqtSignal(str)
    progressed = pyqtSignal(float, str)
    ended = pyqtSignal()
    told = pyqtSignal(str)
    fault = pyqtSignal(str)

    def __init__(self, document: Callable[[], object]):
        super().__init__()
        self._document = document
        self._waiting: deque[_Wish] = deque()
        self._front: _Run | None = None
        self._quiet: list[_Run] = []

    @property
    def busy(self) -> bool:
        """Whether something in the foreground is under way or waits."""
        return self._front is not None or bool(self._waiting)

    @property
    def quiet_busy(self) -> bool:
        """Whether quiet work is under way."""
        return bool(self._quiet)

    def run(self, name: str, work: Work, done: Done) -> None:
        """Do long work for the open document, then ``done`` with its result in the window's thread."""
        self._waiting.append(_Wish(name, work, done, self._document()))
        self._next()

    def run_quietly(self, name: str, work: Work, done: Done) -> None:
        """Work that nobody waits for; it says nothing but what stood in its way."""
        run = _Run(_Wish(name, work, done, self._document()))
        self._quiet.append(run)
        run.finished.connect(lambda how, result: self._finished(run, how, result))
        run.start()

    def stop(self) -> None:
        """Stop what is in the foreground, and what waits behind it."""
        self._waiting.clear()
        if self._front is not None:
            self._front.stop()

    def leave_document(self) -> None:
        """Another document is open: nothing that was begun for the one before goes on."""
        self.stop()
        for run in self._quiet:
            run.stop()

    def close(self, seconds: float = 5.0) -> None:
        """Stop everything and wait a little for it; the window is going."""
        self.leave_document()
        for run in [*self._quiet, *([self._front] if self._front is not None else [])]:
            run.wait(seconds)
            # What it still has to say would reach a window that is gone.
            run.blockSignals(True)

    def _next(self) -> None:
        if self._front is not None or not self._waiting:
            return
        run = _Run(self._waiting.popleft())
        self._front = run
        self.began.emit(run.wish.name)
        run.progress.connect(self.progressed)
        run.finished.connect(lambda how, result: self._finished(run, how, result))
        run.start()

    def _finished(self, run: _Run, how: str, result: object) -> None:
        quiet = run in self._quiet
        if quiet:
            self._quiet.remove(run)
        else:
            self._front = None
            self.ended.emit()
        current = run.wish.document is self._document()
        try:
            if how == "fault":
                self.fault.emit(str(result))
            elif current and how == "done":
                run.wish.done(result)
            elif current and how == "refused":
                self.told.emit(str(result))
            elif how == "stopped" and not quiet:
                self.told.emit(tr("{name}: stopped. Nothing half-written was left.", name=run.wish.name))
        finally:
            if not quiet:
                self._next()
