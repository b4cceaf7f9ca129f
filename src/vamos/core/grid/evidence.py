"""What is heard at each count of a pulse: onsets by height and place within the count, harmony, timbre, repetitions.

Every row is in units of the song's own spread, so that loud and soft mixes look alike. What the rows mean for the
meter and the lines is learned, not written here.
"""

from __future__ import annotations

import itertools

import numpy as np
import numpy.typing as npt

from vamos.core.grid.spectra import FRAME_RATE, Spectra
from vamos.core.grid.tempo import Floats
from vamos.core.lazy import scipy

Rows = npt.NDArray[np.float32]

#: Edges in Hz between the heights that are told apart.
_EDGES = (0, 95, 190, 420, 1000, 2500, 6000, 11000)
#: Places within a count at which onsets are heard: as quarters by height, as thirds in all.
_QUARTERS, _THIRDS = (0.0, 0.25, 0.5, 0.75), (1 / 3, 2 / 3)
#: Counts over which changes of harmony and timbre are heard, and after which music may come again.
_CHANGES, _LONG_CHANGES, _REPEATS = (1, 2, 4), (8, 16), (8, 16, 32, 64)
#: Counts after which a pulse may recur.
PERIODS = (1, 2, 3, 4, 6, 8)

NAMES = (
    *(f"onset {g} at {q}" for q in _QUARTERS for g in range(len(_EDGES) - 1)),
    *(f"onset at {t:.2f}" for t in _THIRDS),
    "density",
    *(f"harmony {w}" for w in _CHANGES),
    *(f"timbre {w}" for w in _CHANGES),
    *(f"novelty {w}" for w in _LONG_CHANGES),
    *(f"repeat {w}" for w in _REPEATS),
    "louder",
    *(f"level {g}" for g in range(len(_EDGES) - 1)),
    "held",
    "beginning",
    "end",
)
#: Rows whose recurrence is looked at.
_RECURRING = (0, 1, 4, 5, NAMES.index("harmony 1"), NAMES.index("timbre 1"), NAMES.index("density"), 3)
WIDTH = len(NAMES)
PERIODIC = len(_RECURRING) * len(PERIODS)


class Heard:
    """A song's rows, ready to be read at any pulse."""

    def __init__(self, spectra: Spectra):
        bands = spectra.bands
        centres = _band_centres(bands.shape[1])
        self.groups = [(centres >= a) & (centres < b) for a, b in itertools.pairwise(_EDGES)]
        rise = np.maximum(0, bands[2:] - scipy.ndimage.maximum_filter1d(bands[:-2], 3, axis=1))
        onsets = np.stack([rise[:, g].mean(axis=1) for g in self.groups] + [rise.mean(axis=1)], axis=1)
        onsets = np.concatenate([np.zeros((2, onsets.shape[1]), np.float32), onsets])
        loud = spectra.loud > 0.02 * np.percentile(spectra.loud, 95)
        if loud.sum() < 100:
            loud[:] = True
        near = np.sqrt(scipy.ndimage.maximum_filter1d(onsets, 7, axis=0))
        self.onsets = np.clip((near - near[loud].mean(axis=0)) / (near[loud].std(axis=0) + 1e-3), -2.5, 4)
        self.frames = len(bands)
        self.bands, self.chroma, self.flux = (_summed(x) for x in (bands, spectra.chroma, onsets[:, -1:]))
        self.level, self.spread = bands[loud].mean(axis=0), bands[loud].std(axis=0) + 1e-3
        self.usual_chroma = spectra.chroma[loud].mean(axis=0)


def _band_centres(count: int) -> Floats:
    """Centres of the mel bands of :mod:`vamos.core.grid.spectra`, in Hz."""
    mel = np.linspace(2595 * np.log10(1 + 30 / 700), 2595 * np.log10(1 + 10500 / 700), count + 2)
    return np.asarray(700 * (10 ** (mel / 2595) - 1)[1:-1])


def _summed(rows: npt.NDArray[np.float32]) -> Floats:
    return np.concatenate([np.zeros((1, rows.shape[1])), np.cumsum(rows, axis=0, dtype=np.float64)])


def evidence(heard: Heard, beats_s: Floats) -> Rows:
    """``(counts, WIDTH)``: what is heard at each count."""
    count = len(beats_s)
    gaps = np.append(np.diff(beats_s), beats_s[-1] - beats_s[-2])

    def frame(at: Floats) -> npt.NDArray[np.intp]:
        return np.clip(np.round(at * FRAME_RATE).astype(np.intp), 0, heard.frames - 1)

    groups = len(heard.groups)
    quarters = [heard.onsets[frame(beats_s + q * gaps), :groups] for q in _QUARTERS]
    thirds = [heard.onsets[frame(beats_s + t * gaps), groups:] for t in _THIRDS]
    first = frame(beats_s)
    last = np.maximum(frame(beats_s + gaps), first + 1)
    size = (last - first)[:, None]
    bands, chroma = ((x[last] - x[first]) / size for x in (heard.bands, heard.chroma))
    density = _standard(((heard.flux[last] - heard.flux[first]) / size)[:, 0])
    tone = (bands - heard.level) / heard.spread
    onsets = np.stack(quarters, axis=1).reshape(count, -1)
    columns = [*quarters, *thirds, density[:, None]]
    columns += [_standard(_change(chroma, w))[:, None] for w in _CHANGES]
    columns += [_standard(_change(bands, w))[:, None] for w in _CHANGES]
    columns += [_standard(_change(tone, w))[:, None] for w in _LONG_CHANGES]
    columns += [x[:, None] for x in _repeats(chroma - heard.usual_chroma, tone, onsets)]
    columns.append(_louder(tone.mean(axis=1))[:, None])
    columns.append(np.stack([tone[:, g].mean(axis=1) for g in heard.groups], axis=1).clip(-3, 3))
    columns += [_held(chroma)[:, None], _ends(count)]
    return np.hstack(columns).astype(np.float32)


def recurrence(rows: Rows) -> Rows:
    """``(PERIODIC,)``: how some rows come again after each of ``PERIODS`` counts."""
    some = rows[:, list(_RECURRING)].astype(np.float64)
    some = some - some.mean(axis=0)
    power = (some * some).mean(axis=0) + 0.02
    out = [
        (some[:-lag] * some[lag:]).mean(axis=0) / power if len(some) > lag + 4 else np.zeros(len(_RECURRING))
        for lag in PERIODS
    ]
    return np.concatenate(out).astype(np.float32)


def _standard(values: Floats) -> Floats:
    return np.asarray(np.clip((values - values.mean()) / (values.std() + 1e-6), -2.5, 3.5))


def _means(rows: Floats, reach: int) -> tuple[Floats, Floats]:
    """Means of ``reach`` counts before and from each count on."""
    count = len(rows)
    sums = np.concatenate([np.zeros((1, rows.shape[1])), np.cumsum(rows, axis=0)])
    at = np.arange(count)
    first, last = np.maximum(0, at - reach), np.minimum(count, at + reach)
    before = (sums[at] - sums[first]) / np.maximum(1, at - first)[:, None]
    after = (sums[last] - sums[at]) / np.maximum(1, last - at)[:, None]
    return before, after


def _change(rows: Floats, reach: int) -> Floats:
    """Cosine distance between what is heard before and after each count."""
    before, after = _means(rows, reach)
    size = np.linalg.norm(before, axis=1) * np.linalg.norm(after, axis=1)
    out = np.where(size > 1e-9, 1 - (before * after).sum(axis=1) / np.maximum(size, 1e-9), 0.0)
    out[0] = 0
    return out


def _repeats(chroma: Floats, tone: Floats, onsets: Floats) -> list[Floats]:
    """For each of ``_REPEATS``: where stretches begin that come again so many counts later."""

    def level(rows: Floats, weight: float) -> Floats:
        return np.asarray(weight * rows / (np.sqrt((rows**2).sum(axis=1).mean()) + 1e-6))

    rows = np.hstack([level(chroma, 1.0), level(tone, 0.6), level(onsets - onsets.mean(axis=0), 0.6)])
    rows = rows / (np.linalg.norm(rows, axis=1, keepdims=True) + 1e-9)
    found = []
    for lag in _REPEATS:
        out = np.zeros(len(rows))
        if len(rows) > lag + 12:
            alike = np.concatenate([[0], np.cumsum((rows[:-lag] * rows[lag:]).sum(axis=1))])
            at = np.arange(4, len(alike) - 4)
            rise = (alike[at + 4] - alike[at]) / 4 - (alike[at] - alike[at - 4]) / 4
            out[at] += rise
            out[at + lag] += rise
            out = np.clip(out / (out.std() + 1e-3), -3, 3)
        found.append(out)
    return found


def _louder(levels: Floats, reach: int = 8) -> Floats:
    before, after = _means(levels[:, None], reach)
    return np.asarray((after - before)[:, 0].clip(-2.5, 2.5))


def _held(chroma: Floats) -> Floats:
    """How little the harmony of a count is that of the one before."""
    unit = chroma / (np.linalg.norm(chroma, axis=1, keepdims=True) + 1e-6)
    alike = np.concatenate([[1.0], (unit[:-1] * unit[1:]).sum(axis=1)])
    return np.asarray((4 * (1 - alike) - 1).clip(-1, 3))


def _ends(count: int) -> Floats:
    """Where the song begins and ends."""
    out = np.zeros((count, 2))
    out[:8, 0] = np.linspace(1, 0, 8)[: min(8, count)]
    out[0, 0] = 2
    out[-8:, 1] = 1
    return out
