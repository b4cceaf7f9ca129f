"""Whether a stretch of a take is in tune with a place of the song, not only in time with its drums.

Songs made of the same drum sounds at the same tempo agree in every stroke; their harmony does not.
Strength in twelve semitones, twenty-five times a second, of both; correlated along the place.
"""

from __future__ import annotations

from functools import lru_cache

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

#: Frames a second of the samples, as in :mod:`vamos.core.align.correlate`.
RATE = 8000
PER_SECOND = 25
_WINDOW, _HOP = 2048, RATE // PER_SECOND
#: Below and above this, voices and rooms say more than the harmony.
_LOW_HZ, _HIGH_HZ = 110.0, 2000.0

Rows = npt.NDArray[np.float32]


def semitones(samples: Samples) -> Rows:
    """Strength in twelve semitones, ``(frames, 12)``, each about its own mean over four seconds."""
    if len(samples) < _WINDOW:
        return np.zeros((0, 12), dtype=np.float32)
    matrix, window = _matrix(), np.hanning(_WINDOW).astype(np.float32)
    count = (len(samples) - _WINDOW) // _HOP + 1
    rows = np.empty((count, 12), dtype=np.float32)
    frames = np.lib.stride_tricks.sliding_window_view(samples, _WINDOW)[::_HOP]
    for first in range(0, count, 500):
        part = np.abs(np.fft.rfft(frames[first : first + 500] * window, axis=1)).astype(np.float32)
        rows[first : first + 500] = np.log1p(100 * part) @ matrix
    rows -= rows.mean(axis=1, keepdims=True)
    rows = scipy.ndimage.gaussian_filter1d(rows, 4, axis=0)
    return np.asarray(rows - scipy.ndimage.uniform_filter1d(rows, 4 * PER_SECOND, axis=0), dtype=np.float32)


@lru_cache(maxsize=1)
def _matrix() -> Rows:
    """Which bins belong to which semitone, ``(bins, 12)``."""
    hz = np.arange(_WINDOW // 2 + 1) * RATE / _WINDOW
    out = np.zeros((len(hz), 12), dtype=np.float32)
    inside = np.flatnonzero((hz > _LOW_HZ) & (hz < _HIGH_HZ))
    place = 12 * np.log2(hz[inside] / 440.0)
    for k in range(12):
        away = np.abs((place - k + 6) % 12 - 6)
        out[inside, k] = np.maximum(0, 1 - away)
    return np.asarray(out / (out.sum(axis=0, keepdims=True) + 1e-9), dtype=np.float32)


def alike(song: Rows, take: Rows, start_s: float, end_s: float, song_at_start_s: float) -> float:
    """How alike the harmony is along a place, −1 to 1; 0 where there is too little of it."""
    at_take = np.arange(int(start_s * PER_SECOND), min(len(take), int(end_s * PER_SECOND)))
    at_song = at_take + round((song_at_start_s - start_s) * PER_SECOND)
    good = (at_song >= 0) & (at_song < len(song))
    if good.sum() < 4 * PER_SECOND:
        return 0.0
    a, b = song[at_song[good]], take[at_take[good]]
    return float((a * b).sum() / (np.sqrt((a**2).sum() * (b**2).sum()) + 1e-9))
