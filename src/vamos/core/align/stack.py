"""Correlations of many blocks laid over each other: what a minute faintly agrees on stands out.

Each block's correlation is reduced to bins of half a millisecond, in units of its own noise, and
squared. Along a line (lag and rate) the bins of up to sixteen blocks are added; chance peaks lie
elsewhere in each block, the true place lies in all of them. Rates of ±150 ppm are tried, about as
far as phone clocks drift.
"""

from __future__ import annotations

from functools import reduce

import numpy as np
import numpy.typing as npt

from vamos.core.align.correlate import BLOCK_S, RATE, Hit, SongIndex
from vamos.core.media.sound import Samples

BIN = 4
#: So many blocks are laid over each other, the next ones begin half of them later.
WINDOW = 16
RATES = tuple(r * 1e-6 for r in (-150, -100, -50, 0, 50, 100, 150))
#: A sum must stand this far over the others, in units of their spread.
STANDS_OUT = 7.0
MOST = 3

Row = npt.NDArray[np.float32]
Line = tuple[list[Hit], float, float]


class Stack:
    """Collects blocks in order; :meth:`lines` gives the places they agree on, the clearest first."""

    def __init__(self, song: SongIndex):
        self._song = song
        self._rows: list[tuple[int, Row]] = []
        self._found: list[tuple[float, Line]] = []
        self._since = 0
        self._length = int(BLOCK_S * RATE)

    def add(self, row: Samples, start: int, length: int) -> None:
        """The correlation of a block of ``length`` samples that starts at a frame of the take."""
        size = len(row) // BIN
        bins = reduce(np.maximum, (np.abs(row[k : size * BIN : BIN]) for k in range(BIN)))
        noise = float(np.sqrt(np.mean(bins * bins))) + 1e-12
        # A single loud block must not outvote the others.
        self._rows.append((start, np.minimum(bins / noise, 5.0).astype(np.float32) ** 2))
        self._length = length
        self._since += 1
        if len(self._rows) > WINDOW:
            self._rows.pop(0)
        if len(self._rows) == WINDOW and self._since >= WINDOW // 2:
            self._look()

    def lines(self) -> list[Line]:
        """Lines as (blocks on it, lag at take second 0, slope)."""
        if self._since and len(self._rows) > 1:
            self._look()
        self._rows.clear()
        return [line for _, line in sorted(self._found, key=lambda f: -f[0])]

    def _look(self) -> None:
        self._since = 0
        first = self._rows[0][0]
        size = len(self._rows[0][1])
        # Lags run from the block's own start in the take; before the song's start they wrap.
        sums = np.stack([self._sum(rate, first, size) for rate in RATES])
        best = sums.max(axis=0)
        middle = float(np.median(best))
        spread = 1.4826 * float(np.median(np.abs(best - middle))) + 1e-9
        for _ in range(MOST):
            at = int(np.argmax(best))
            height = (float(best[at]) - middle) / spread
            if height < STANDS_OUT:
                return
            self._found.append((height, self._line(at, RATES[int(np.argmax(sums[:, at]))], first)))
            around = np.arange(at - 100, at + 101) % size
            best[around] = middle

    def _sum(self, rate: float, first: int, size: int) -> Row:
        total = np.zeros(size, dtype=np.float32)
        for start, row in self._rows:
            shift = round((start - first) * (1 + rate) / BIN)
            rolled = np.roll(row, -shift)
            # The bins beside it, so that a place between two bins is in one of them.
            total += np.maximum(rolled, np.maximum(np.roll(rolled, 1), np.roll(rolled, -1)))
        return total

    def _line(self, at: int, rate: float, first: int) -> Line:
        frame = at * BIN + BIN / 2
        if frame > self._song.length:
            frame -= self._song.size // BIN * BIN
        lag_first = (frame - first) / RATE
        lag = lag_first - rate * first / RATE
        middles = [(start + self._length / 2) / RATE for start, _ in self._rows]
        return [Hit(m, lag + rate * m, 0.0) for m in middles], lag, rate
