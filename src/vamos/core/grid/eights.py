"""Bars and eights: the meter, which beat is a 1, how long the lead-in is.

Each beat gets features (bass, harmony change, brightness, loudness, how new the sound is
compared with the beats before). A bar of 3 or 4 and its phase are those whose first beats stand
out most; an eight starts on one of the two bars, chosen by longer-range novelty.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import scipy.ndimage

from vamos.core.grid.spectra import FRAME_RATE, Row, Spectra
from vamos.core.grid.tempo import Floats


@dataclass(frozen=True, slots=True)
class Bars:
    """The meter, the index of a beat that is a 1 of an eight, and how sure both are (0 to 1)."""

    meter: int
    line: int
    first: int
    lead_in: int
    confidence: float


def beat_features(spectra: Spectra, beats_s: Floats) -> Floats:
    """Evidence ``(beats,)`` that a beat is the first of its bar, in units of its spread."""
    frames = np.clip((beats_s * FRAME_RATE).round().astype(int), 0, len(spectra.flux) - 1)

    def near(row: Row) -> Floats:
        peaks = scipy.ndimage.maximum_filter1d(row, 9)
        return _standard(peaks[frames])

    chroma_change = _standard(_change(_between(spectra.chroma, frames), 1))
    band_change = _standard(_change(_between(spectra.bands, frames), 2))
    return 1.0 * near(spectra.low) + 1.2 * chroma_change + 0.6 * band_change + 0.3 * near(spectra.high)


def _standard(values: Floats | Row) -> Floats:
    spread = float(values.std()) or 1.0
    return np.asarray(np.clip((np.asarray(values, dtype=np.float64) - values.mean()) / spread, -2.5, 2.5))


def _between(rows: Row, frames: Floats) -> Floats:
    """Mean feature vectors from each beat to the next, ``(beats, features)``."""
    ends = np.append(frames[1:], min(len(rows), frames[-1] + (frames[-1] - frames[-2])))
    total = np.concatenate([np.zeros((1, rows.shape[1])), np.cumsum(rows, axis=0, dtype=np.float64)])
    return np.asarray((total[ends] - total[frames]) / np.maximum(ends - frames, 1)[:, None])


def _change(rows: Floats, reach: int) -> Floats:
    """Cosine distance between the means of ``reach`` beats before and after each beat."""
    count = len(rows)
    out = np.zeros(count)
    for k in range(1, count):
        before = rows[max(0, k - reach) : k].mean(axis=0)
        after = rows[k : k + reach].mean(axis=0)
        size = np.linalg.norm(before) * np.linalg.norm(after)
        out[k] = 1 - float(before @ after) / size if size > 1e-9 else 0.0
    return out


def _phase_scores(evidence: Floats, period: int) -> Floats:
    """Mean evidence of each phase of a period, less the mean of the others."""
    means = np.array([evidence[p::period].mean() if len(evidence) > p else 0 for p in range(period)])
    return np.asarray((means - means.mean()) * period / (period - 1))


def find_bars(spectra: Spectra, beats_s: Floats) -> Bars:
    """Meter, phase of the eight and lead-in from beats."""
    if len(beats_s) < 8:
        return Bars(4, 8, 0, 0, 0.1)
    evidence = beat_features(spectra, beats_s)
    four, three = _phase_scores(evidence, 4), _phase_scores(evidence, 3)
    meter = 3 if three.max() > 1.25 * max(four.max(), 0.05) else 4
    bar = three if meter == 3 else four
    line = 6 if meter == 3 else 8
    long = _long_novelty(spectra, beats_s)
    scores = np.array(
        [bar[p % meter] + 0.8 * long[p::line].mean() + 0.3 * evidence[p::line].mean() for p in range(line)]
    )
    first = int(np.argmax(scores))
    ranked = np.sort(scores)[::-1]
    sure = float(np.clip((ranked[0] - ranked[1]) / 0.6, 0, 1))
    return Bars(meter, line, first, _lead_in(long, spectra, beats_s, first, line), sure)


def _long_novelty(spectra: Spectra, beats_s: Floats) -> Floats:
    """How different the eight beats after a beat are from the eight before, standardised."""
    frames = np.clip((beats_s * FRAME_RATE).round().astype(int), 0, len(spectra.flux) - 1)
    rows = np.hstack([_between(spectra.bands, frames), 0.5 * _between(spectra.chroma, frames)])
    return _standard(_change(rows, 8))


def _lead_in(long: Floats, spectra: Spectra, beats_s: Floats, first: int, line: int) -> int:
    """Beats of music before the dancing starts.

    The dancing starts on a line where the music becomes fuller: of the line starts in the first
    72 beats, the one with the most novelty and rise in loudness; none stands out → two lines.
    """
    frames = np.clip((beats_s * FRAME_RATE).round().astype(int), 0, len(spectra.flux) - 1)
    loud = np.log(_between(spectra.bands, frames).mean(axis=1) + 1e-3)
    starts = list(range(first, min(len(beats_s) - line, 73), line))
    best, best_score = None, 1.2
    for k in starts:
        if k < line // 2:
            continue
        rise = loud[k : k + line].mean() - loud[max(0, k - line) : k].mean()
        score = float(long[k]) + 4 * rise
        if score > best_score:
            best, best_score = k, score
    if best is None:
        best = first + 2 * line if len(beats_s) > first + 4 * line else first
    return best
