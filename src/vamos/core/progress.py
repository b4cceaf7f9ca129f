"""Progress and stopping for long work.

A job is handed a :class:`Progress` and calls it now and then; whoever started the job
decides what happens with the report and may answer by raising :class:`Stopped`.
"""

from __future__ import annotations

import threading
from collections.abc import Callable, Sequence
from dataclasses import dataclass, field

from vamos.errors import Stopped

Report = Callable[[float, str], None]


def _silent(_done: float, _words: str) -> None:
    return None


@dataclass(slots=True)
class Progress:
    """Reports how far a job is and stops it when asked.

    Attributes
    ----------
    report : callable(done, words)
        ``done`` runs from 0 to 1.
    stop_asked : callable() -> bool
    start, end : float
        The share of the whole job that this part stands for.
    """

    report: Report = _silent
    stop_asked: Callable[[], bool] = field(default=lambda: False)
    start: float = 0.0
    end: float = 1.0

    def __call__(self, done: float, words: str = "") -> None:
        """Report ``done`` (0 to 1 of this part); raises :class:`Stopped` when asked to stop."""
        if self.stop_asked():
            raise Stopped()
        done = min(1.0, max(0.0, done))
        self.report(self.start + (self.end - self.start) * done, words)

    def check(self) -> None:
        """Raises :class:`Stopped` when asked to stop, and reports nothing."""
        if self.stop_asked():
            raise Stopped()

    def part(self, start: float, end: float) -> Progress:
        """The progress of a part of this job, from ``start`` to ``end`` of it."""
        width = self.end - self.start
        return Progress(self.report, self.stop_asked, self.start + width * start, self.start + width * end)


def side_by_side(progress: Progress, weights: Sequence[float]) -> list[Progress]:
    """Watches for jobs that run at the same time; the whole reports their weighted sum."""
    total = sum(weights) or 1.0
    done = [0.0] * len(weights)
    lock = threading.Lock()

    def reporter(index: int) -> Report:
        def report(share: float, words: str) -> None:
            with lock:
                done[index] = weights[index] * share / total
                progress(sum(done), words)

        return report

    return [Progress(reporter(k), progress.stop_asked) for k in range(len(weights))]


def quiet() -> Progress:
    """Progress that says nothing and never stops."""
    return Progress()
