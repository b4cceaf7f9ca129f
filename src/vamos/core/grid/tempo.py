"""How strongly each tempo is heard at each time: a tempogram, and what people step to.

Method: autocorrelation of the onset strength in windows of 8 s, read at beat periods of a whole
number of frames, each supported by its multiples. Which octave is counted follows a preference
for tempi people step to (log-normal), as dancers' counts lie near it whatever the song's beat is.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.grid.spectra import FRAME_RATE, Row, normal

Floats = npt.NDArray[np.float64]

WINDOW_S = 8.0
STEP_S = 1.0
SLOWEST, FASTEST = 46.0, 216.0
PREFERRED = 116.0
#: Music without struck sounds is counted slower.
PREFERRED_SOFT = 84.0
#: Music counts as soft when the usual onset strength is more than this share of the strongest.
_SOFT = 0.08
SPREAD_OCTAVES = 0.7

#: Beat periods looked at, in frames: every whole number between the fastest and the slowest.
PERIODS: npt.NDArray[np.intp] = np.arange(int(60 * FRAME_RATE / FASTEST), int(60 * FRAME_RATE / SLOWEST) + 1)


@dataclass(frozen=True, slots=True)
class Tempogram:
    """Support ``(windows, periods)``, 0 to about 1, of each of ``PERIODS`` around ``times_s``."""

    times_s: Floats
    support: Floats

    def strength(self) -> float:
        """How clearly one tempo is heard, 0 to 1."""
        return float(np.clip(np.median(self.support.max(axis=1)) / 0.5, 0, 1))

    def overall(self) -> Floats:
        """Mean support of each period over the song."""
        return np.asarray(np.maximum(self.support, 0).mean(axis=0))


def preference(centre_bpm: float = PREFERRED, spread_octaves: float = SPREAD_OCTAVES) -> Floats:
    """How gladly people step at each period, 0 to 1."""
    bpm = 60 * FRAME_RATE / PERIODS
    return np.asarray(np.exp(-0.5 * (np.log2(bpm / centre_bpm) / spread_octaves) ** 2))


def preferred_bpm(onsets: Row) -> float:
    """The tempo people would rather count this music at: struck sounds stand out of their ground."""
    soft = float(np.median(onsets)) > _SOFT * float(np.percentile(onsets, 98))
    return PREFERRED_SOFT if soft else PREFERRED


def tempogram(onsets: Row) -> Tempogram:
    """The tempogram of an onset strength."""
    clipped = np.clip(normal(onsets), -1, 4)
    times, correlation = _autocorrelations((clipped - clipped.mean()).astype(np.float32))
    grid = np.arange(correlation.shape[1])
    out = np.zeros((len(correlation), len(PERIODS)))
    for row, values in zip(out, correlation, strict=True):
        for multiple, weight in ((1, 1.0), (2, 0.6), (3, 0.25), (4, 0.5)):
            row += weight * np.interp(PERIODS * multiple, grid, values, right=0.0)
    return Tempogram(times, out / 2.35)


def _autocorrelations(onsets: Row) -> tuple[Floats, Floats]:
    """Window centres in seconds and autocorrelation ``(windows, lags)`` in frames."""
    size = int(WINDOW_S * FRAME_RATE)
    step = int(STEP_S * FRAME_RATE)
    smooth = np.convolve(onsets, np.hanning(7)[1:-1], mode="same")
    padded = np.concatenate([np.zeros(size // 2), smooth, np.zeros(size)])
    starts = np.arange(0, max(1, len(onsets)), step)
    rows = np.stack([padded[s : s + size] for s in starts]) * np.hanning(size)
    spectrum = np.abs(np.fft.rfft(rows, 2 * size, axis=1)) ** 2
    correlation = np.fft.irfft(spectrum, axis=1)[:, :size]
    correlation /= correlation[:, :1] + 1e-9
    return starts / FRAME_RATE, correlation
