"""Bars and eights: the meter, which beat is a 1, how long the lead-in is.

Each beat gets evidence: bass, all onsets, change of harmony and of timbre, novelty over a line,
where repetitions begin, rests before it. A bar of 3 or 4 is told by how periodic the bass and the
harmony are; the phase of the line, and the line on which dancing starts, are chosen by a softmax
whose weights were fitted on the tuning set of bench/grid.py (28 pieces, leave-one-out: phase right
in 23 of 26, start in 27 of 28). The softmax share is the confidence.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
import scipy.ndimage

from vamos.core.grid.spectra import FRAME_RATE, Row, Spectra
from vamos.core.grid.tempo import Floats

#: Evidence for "a line starts here", in the order of :func:`_phase_evidence`.
_PHASE_WEIGHTS = np.array([1.6, 2.75, 1.4, 2.0, 1.2, 0.6, 0.5, 0.4])
#: Most music begins with a line; worth this much to the phase of the first beat.
_FIRST_BEAT = 0.5
#: Evidence for "the dancing starts here", in the order of :func:`_start_evidence`.
_START_WEIGHTS = np.array([1.4, 0.1, 0.7, 2.4, 0.55, 0.5, 1.15, 0.9, -1.3, -1.5])
#: The dancing starts within so many counts of music.
_LONGEST_LEAD_IN = 72


@dataclass(frozen=True, slots=True)
class Bars:
    """The meter, the index of a beat that starts a line, the lead-in, and how sure the phase is (0 to 1)."""

    meter: int
    line: int
    first: int
    lead_in: int
    confidence: float


def find_bars(spectra: Spectra, beats_s: Floats) -> Bars:
    """Meter, phase of the line and lead-in from beats."""
    if len(beats_s) < 12:
        return Bars(4, 8, 0, 0, 0.1)
    heard = _Heard(spectra, beats_s)
    meter = _meter(heard)
    line = 6 if meter == 3 else 8
    first, sure = _phase(heard, line)
    return Bars(meter, line, first, _start(heard, first, line), sure)


class _Heard:
    """Beat-wise rows of everything the decisions look at."""

    def __init__(self, spectra: Spectra, beats_s: Floats):
        last = len(spectra.flux) - 1
        frames = np.clip((beats_s * FRAME_RATE).round().astype(np.intp), 0, last)
        halves = np.clip(((frames + np.append(frames[1:], frames[-1])) // 2), 0, last)
        self.count = len(frames)
        self.bands = between(spectra.bands, frames)
        self.chroma = between(spectra.chroma, frames)
        self.low = _peaks(spectra.low, frames)
        self.flux = _peaks(spectra.flux, frames)
        self.high = _peaks(spectra.high, frames)
        self.between = _peaks(spectra.flux, halves)
        self.harmony = standard(_change(self.chroma, 1))
        self.harmony_bar = standard(_change(self.chroma, 4))
        self.timbre = standard(_change(self.bands, 2))
        self.novelty = standard(_change(np.hstack([self.bands, 0.5 * self.chroma]), 8))


def standard(values: Floats | Row) -> Floats:
    """A row in units of its spread, clipped to ±2.5."""
    spread = float(values.std()) or 1.0
    return np.asarray(np.clip((np.asarray(values, dtype=np.float64) - values.mean()) / spread, -2.5, 2.5))


def _peaks(row: Row, frames: npt.NDArray[np.intp]) -> Floats:
    return standard(scipy.ndimage.maximum_filter1d(row, 9)[frames])


def between(rows: Row, frames: npt.NDArray[np.intp]) -> Floats:
    """Mean feature vectors from each beat to the next, ``(beats, features)``."""
    ends = np.append(frames[1:], min(len(rows), frames[-1] + (frames[-1] - frames[-2])))
    return np.stack([rows[a : max(b, a + 1)].mean(axis=0, dtype=np.float64) for a, b in zip(frames, ends, strict=True)])


def _change(rows: Floats, reach: int) -> Floats:
    """Cosine distance between the means of ``reach`` beats before and after each beat."""
    out = np.zeros(len(rows))
    for k in range(1, len(rows)):
        before = rows[max(0, k - reach) : k].mean(axis=0)
        after = rows[k : k + reach].mean(axis=0)
        size = np.linalg.norm(before) * np.linalg.norm(after)
        out[k] = 1 - float(before @ after) / size if size > 1e-9 else 0.0
    return out


def _meter(heard: _Heard) -> int:
    """3 when bass, harmony and timbre recur every three beats clearly more than every four."""
    evidence = heard.low + 1.2 * heard.harmony + 0.6 * heard.timbre + 0.3 * heard.high

    def strength(period: int) -> float:
        means = np.array([evidence[p::period].mean() for p in range(period)])
        return float(((means - means.mean()) * period / (period - 1)).max())

    return 3 if strength(3) > 1.25 * max(strength(4), 0.05) else 4


def _phase_evidence(heard: _Heard, line: int) -> Floats:
    """Evidence of each phase of a line, ``(line, features)``, each feature with mean 0."""
    rows = (
        heard.low,
        heard.flux,
        heard.harmony_bar,
        heard.timbre,
        heard.novelty,
        _repeats(heard, line),
        -np.roll(heard.between, 1),
        -np.roll(heard.flux, 1),
    )
    out = np.array([[row[p::line].mean() for row in rows] for p in range(line)])
    return np.asarray(out - out.mean(axis=0))


def _repeats(heard: _Heard, line: int) -> Floats:
    """Where stretches begin that come again two, four or eight lines later."""
    rows = np.hstack([heard.chroma, 0.3 * heard.bands])
    rows = rows - rows.mean(axis=0)
    rows = rows / (np.linalg.norm(rows, axis=1, keepdims=True) + 1e-9)
    out, half = np.zeros(heard.count), line // 2
    for lag in (2 * line, 4 * line, 8 * line):
        if heard.count < lag + 2 * line:
            continue
        alike = np.convolve((rows[:-lag] * rows[lag:]).sum(axis=1), np.ones(3) / 3, mode="same")
        for k in range(half, len(alike) - half):
            rise = max(0.0, float(alike[k : k + half].mean() - alike[k - half : k].mean()))
            out[k] += rise
            out[k + lag] += rise
    return standard(out)


def _phase(heard: _Heard, line: int) -> tuple[int, float]:
    scores = _phase_evidence(heard, line) @ _PHASE_WEIGHTS
    scores[0] += _FIRST_BEAT
    return _pick(scores)


def _start_evidence(heard: _Heard, starts: list[int], first: int, line: int) -> Floats:
    """Evidence that the dancing starts on each of some lines, ``(starts, features)``."""
    loud, middle = heard.bands.mean(axis=1), heard.bands[:, 12:36].mean(axis=1)
    loud, middle = loud / (loud.std() + 1e-6), middle / (middle.std() + 1e-6)
    rows = []
    for k in starts:
        gone = k - first
        before, after = slice(max(0, k - line), k), slice(k, k + line)
        known = k >= line // 2
        rows.append(
            [
                heard.novelty[k] if known else 0.0,
                loud[after].mean() - loud[before].mean() if known else 0.0,
                middle[after].mean() - middle[before].mean() if known else 0.0,
                loud[after].mean() - loud[:k].mean() if known else 0.0,
                heard.flux[k],
                heard.high[k],
                float(gone == 0),
                float(gone in (2 * line, 4 * line)),
                float(gone == 8 * line),
                gone / line / 8,
            ]
        )
    return np.array(rows)


def _start(heard: _Heard, first: int, line: int) -> int:
    """Beats of music before the dancing starts: the line on which the music becomes full."""
    starts = list(range(first, min(heard.count - line, _LONGEST_LEAD_IN + 1), line)) or [first]
    index, _ = _pick(_start_evidence(heard, starts, first, line) @ _START_WEIGHTS)
    return starts[index]


def _pick(scores: Floats) -> tuple[int, float]:
    """The best index and its softmax share."""
    shares = np.exp(scores - scores.max())
    return int(np.argmax(shares)), float(shares.max() / shares.sum())
