"""Progress on a terminal: one line that is rewritten, or a line now and then in a log."""

from __future__ import annotations

import time
from typing import TextIO

from vamos.core.progress import Progress


class Terminal:
    """Writes progress and messages to standard error. ``stop`` ends the job at its next report."""

    def __init__(self, stream: TextIO, silent: bool = False):
        self._stream = stream
        self._silent = silent
        self._rewrite = stream.isatty()
        self._last = (0.0, "")
        self._open = False
        self.stop = False

    def progress(self) -> Progress:
        return Progress(self._report, lambda: self.stop)

    def _report(self, done: float, words: str) -> None:
        now = time.monotonic()
        pause = 0.1 if self._rewrite else 3.0
        if self._silent or (now - self._last[0] < pause and done < 1):
            return
        line = f"{done:4.0%} {words}"
        if line == self._last[1]:
            return
        self._last = (now, line)
        if self._rewrite:
            self._stream.write(f"\r\x1b[K{line[:100]}")
            self._open = True
        else:
            self._stream.write(line + "\n")
        self._stream.flush()

    def say(self, text: str) -> None:
        """A message on a line of its own; shown even when silent."""
        self.close()
        self._stream.write(text + "\n")
        self._stream.flush()

    def close(self) -> None:
        if self._open:
            self._stream.write("\n")
            self._open = False
