"""How loud a song is over time in three bands, for drawing its waveform.

Bands: below 180 Hz (kick, bass), to 2 kHz (voice, tune), above (cymbals, hiss); 100 values a
second, 0 to 1 of each band's loudest. Streams: memory grows with the values only.
"""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media import cache
from vamos.core.media.sound import blocks
from vamos.core.progress import Progress, quiet
from vamos.wording import words_of

tr = words_of(__name__)

RATE = 11000
STEP = 110
PER_SECOND = RATE / STEP
_EDGES = (180.0, 2000.0)


@dataclass(frozen=True, slots=True)
class Peaks:
    """``bands`` is ``(values, 3)`` float32, low to high."""

    bands: npt.NDArray[np.float32]

    def between(self, start_s: float, end_s: float) -> npt.NDArray[np.float32]:
        a, b = (max(0, round(t * PER_SECOND)) for t in (start_s, end_s))
        return self.bands[a:b]


def song_peaks(path: Path, key: str, progress: Progress | None = None, expected_s: float = 0.0) -> Peaks:
    """Peaks of a song, from the cache where they are; raises MissingError or MediaError."""
    kept = cache.load("peaks", key)
    if kept is not None and kept.get("bands", np.zeros(0)).ndim == 2:
        return Peaks(kept["bands"].astype(np.float32))
    progress = progress or quiet()
    filters = [
        scipy.signal.butter(2, _EDGES[0], "lowpass", fs=RATE, output="sos"),
        scipy.signal.butter(2, _EDGES, "bandpass", fs=RATE, output="sos"),
        scipy.signal.butter(2, _EDGES[1], "highpass", fs=RATE, output="sos"),
    ]
    states = [np.zeros((f.shape[0], 2)) for f in filters]
    rows: list[npt.NDArray[np.float32]] = []
    rest = np.zeros(0, dtype=np.float32)
    done = 0
    for _, samples in blocks(path, RATE):
        rest = np.concatenate([rest, samples[:, 0]])
        if len(rest) < 5 * RATE:
            continue
        rest = _take(rest, filters, states, rows)
        done += 5
        progress(done / expected_s if expected_s else 0.0, tr("Drawing the song"))
    _take(np.concatenate([rest, np.zeros(STEP, dtype=np.float32)]), filters, states, rows)
    bands = np.concatenate(rows) if rows else np.zeros((0, 3), dtype=np.float32)
    if len(bands):
        top = np.maximum(np.percentile(bands, 99.5, axis=0), 1e-6)
        bands = np.clip(bands / top, 0, 1).astype(np.float32)
    cache.keep("peaks", key, bands=bands)
    return Peaks(bands)


def _take(
    samples: npt.NDArray[np.float32],
    filters: list[npt.NDArray[np.float64]],
    states: list[npt.NDArray[np.float64]],
    rows: list[npt.NDArray[np.float32]],
) -> npt.NDArray[np.float32]:
    """Filter whole steps, append their levels to ``rows``, return what is left over."""
    count = len(samples) // STEP
    levels = np.zeros((count, 3), dtype=np.float32)
    for k, sos in enumerate(filters):
        out, state = scipy.signal.sosfilt(sos, samples[: count * STEP].astype(np.float64), zi=states[k])
        states[k] = np.asarray(state, dtype=np.float64)
        levels[:, k] = np.sqrt(np.mean(out.reshape(count, STEP) ** 2, axis=1))
    rows.append(levels)
    return samples[count * STEP :]
