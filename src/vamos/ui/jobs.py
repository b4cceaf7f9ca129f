"""Long work beside the window: one job at a time, with progress and a way to stop it."""

from __future__ import annotations

import threading
import traceback
from collections.abc import Callable
from typing import Any

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.core.progress import Progress
from vamos.errors import Stopped, VamosError


class Job(QObject):
    """A function running on a thread of its own.

    Signals arrive in the thread that made the job.
    """

    progress = pyqtSignal(float, str)
    done = pyqtSignal(object)
    failed = pyqtSignal(str)
    stopped = pyqtSignal()
    ended = pyqtSignal()

    def __init__(self, name: str, work: Callable[[Progress], Any]):
        super().__init__()
        self.name = name
        self._work = work
        self._stop = threading.Event()
        self._thread = threading.Thread(target=self._run, name=name, daemon=True)

    def start(self) -> None:
        self._thread.start()

    def stop(self) -> None:
        self._stop.set()

    def wait(self, seconds: float = 10.0) -> None:
        self._thread.join(seconds)

    def _run(self) -> None:
        try:
            result = self._work(Progress(self.progress.emit, self._stop.is_set))
        except Stopped:
            self.stopped.emit()
        except VamosError as error:
            self.failed.emit(str(error))
        except MemoryError:
            self.failed.emit("There is not enough memory for this. Close other programs and try again.")
        except Exception as error:
            traceback.print_exc()
            self.failed.emit(f"Something unexpected went wrong: {error}. Your project is safe.")
        else:
            self.done.emit(result)
        self.ended.emit()
