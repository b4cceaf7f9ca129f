"""Beats: the best sequence of frames, tempo and phase found together, then exact seconds.

Dynamic programming over (frame, period): a beat scores the onset it lies on and the support its
period has in the tempogram at that time; the period may change a little from beat to beat, at a
cost. It extends D. Ellis, "Beat tracking by dynamic programming", J. New Music Research 36
(2007), by the period as a second state, so that tempo may drift. Each beat is then moved to the
onset it belongs to on the fine scale, and smoothed where no onset supports it.
"""

from __future__ import annotations

import numpy as np
import numpy.typing as npt

from vamos.core.grid.spectra import FINE_RATE, FRAME_RATE, Row, Spectra, normal
from vamos.core.grid.tempo import PERIODS, Floats, Tempogram, preference

#: Weight of the tempogram against onsets.
_TEMPO_WEIGHT = 1.6
#: Cost of a beat that lies on nothing, in spreads of the onset strength.
_EMPTY_COST = 0.55
#: Changes of the period from one beat to the next, in frames.
_CHANGES = np.arange(-6, 7)
#: In the last seconds the tempogram counts for little: songs slow down at their end.
_ENDING_S, _ENDING_SHARE = 9.0, 0.3
#: … and may change its tempo for this share of the usual cost.
_ENDING_CHANGE = 0.5
#: Taken off each beat: between clicks (found 1.7 ms early with it) and struck sampled instruments
#: (1.0 ms late in the middle over bench/grid.py, soft attacks later).
FINE_LATE_S = 0.0004
_REACH_S = 0.05


def onset_score(spectra: Spectra) -> Row:
    """What a beat on each frame is worth, about −1 to 3."""
    mixed = normal(spectra.flux) + 0.5 * normal(spectra.low)
    smooth = np.convolve(mixed, [0.2, 0.6, 1.0, 0.6, 0.2], mode="same") / 1.8
    return np.clip(smooth, -1.0, 3.0).astype(np.float32)


def track(score: Row, tempi: Tempogram, wish: Floats | None = None) -> Floats:
    """Beat times in seconds, to a frame.

    Parameters
    ----------
    score : (frames,) float32
        What a beat is worth at each frame.
    tempi : Tempogram
    wish : (periods,) float64, optional
        Preference for periods; that of dancers' counts by default.
    """
    frames = len(score)
    shortest, longest = int(PERIODS[0]), int(PERIODS[-1])
    if frames < 2 * longest:
        return np.zeros(0)
    value = _period_values(tempi, preference() if wish is None else wish)
    count = len(PERIODS)
    rows = np.arange(count)
    sources = np.clip(rows[None, :] - _CHANGES[:, None], 0, count - 1)
    usual = _change_costs()
    ending = frames - _ENDING_S * FRAME_RATE
    best = np.zeros((frames, count), dtype=np.float32)
    came = np.zeros((frames, count), dtype=np.int8)
    window = np.minimum(
        (
            np.arange(frames) / FRAME_RATE / (tempi.times_s[1] - tempi.times_s[0])
            if len(tempi.times_s) > 1
            else np.zeros(frames)
        ).astype(int),
        len(value) - 1,
    )
    gain = score - _EMPTY_COST
    flat = best.reshape(-1)
    before = sources - PERIODS[None, :] * count
    costs = (usual, _ENDING_CHANGE * usual)
    for at in range(frames):
        # In the first moments a beat may have none before it.
        reach = before + at * count if at >= longest else np.maximum(before + at * count, 0)
        options = flat.take(reach) - costs[at >= ending]
        pick = options.argmax(axis=0)
        reached = options[pick, rows]
        if at < longest:
            reached = np.where(at >= PERIODS, reached, 0.0)
        best[at] = gain[at] + value[window[at]] + reached
        came[at] = pick
    return _read_back(best, came, shortest, longest)


def _period_values(tempi: Tempogram, wish: Floats) -> npt.NDArray[np.float32]:
    """What a beat period is worth in each window, ``(windows, periods)``, at most about 0."""
    local = np.maximum(tempi.support, 0)
    mixed = 0.5 * local + 0.5 * tempi.overall()
    top = mixed.max(axis=1, keepdims=True) + 1e-6
    heard = _TEMPO_WEIGHT * np.log(0.03 + mixed / top)
    heard[tempi.times_s > tempi.times_s[-1] - _ENDING_S] *= _ENDING_SHARE
    return np.asarray(heard + 1.2 * np.log(0.02 + wish), dtype=np.float32)


def _change_costs() -> npt.NDArray[np.float32]:
    """What each change of each period costs, ``(changes, periods)``: little below 2 %, then by its size."""
    share = np.abs(_CHANGES[:, None]) / PERIODS[None, :]
    return np.asarray(30 * share * (1 - np.exp(-((share / 0.02) ** 2))), dtype=np.float32)


def _read_back(best: npt.NDArray[np.float32], came: npt.NDArray[np.int8], shortest: int, longest: int) -> Floats:
    tail = best[-longest:].max(axis=1)
    at = len(best) - longest + int(np.argmax(tail))
    period = int(np.argmax(best[at]))
    beats = []
    while at >= 0:
        beats.append(at)
        before = at - int(PERIODS[period])
        if before >= 0:
            period = int(np.clip(period - _CHANGES[came[at, period]], 0, len(PERIODS) - 1))
        at = before
    return np.asarray(beats[::-1]) / FRAME_RATE


def refine(beats_s: Floats, fine: Row) -> tuple[Floats, Floats]:
    """Beats moved to their onsets, with the support of each (0 to 1).

    Each beat looks for the strongest fine onset within 50 ms; beats without one take the place
    their neighbours give them.
    """
    if len(beats_s) < 3:
        return beats_s, np.ones(len(beats_s))
    smooth = np.convolve(fine, np.hanning(7)[1:-1], mode="same")
    level = float(np.percentile(smooth, 95)) + 1e-9
    reach = int(_REACH_S * FINE_RATE)
    found, support = beats_s.copy(), np.zeros(len(beats_s))
    shape = np.exp(-0.5 * (np.arange(-reach, reach + 1) / (0.5 * reach)) ** 2)
    for k, beat in enumerate(beats_s):
        centre = round(beat * FINE_RATE)
        if centre - reach < 0 or centre + reach + 1 > len(smooth):
            continue
        part = smooth[centre - reach : centre + reach + 1] * shape
        peak = int(np.argmax(part))
        support[k] = min(1.0, part[peak] / level)
        offset = 0.0
        if 0 < peak < len(part) - 1:
            a, b, c = part[peak - 1 : peak + 2]
            curve = a - 2 * b + c
            offset = 0.5 * (a - c) / curve if curve < 0 else 0.0
        found[k] = (centre - reach + peak + offset - 0.5) / FINE_RATE - FINE_LATE_S
    return _settle(found, support), support


def _settle(found: Floats, support: Floats) -> Floats:
    """Pull weakly supported beats to the curve through their neighbours.

    A local parabola (five beats each way, weighted by support, robust) predicts each beat, so
    that a slowing end is followed; beats that disagree with it by more than 15 ms, or have
    little support, take the prediction.
    """
    count = len(found)
    out = found.copy()
    for k in range(count):
        a, b = max(0, k - 5), min(count, k + 6)
        x, y = np.arange(a - k, b - k, dtype=np.float64), found[a:b]
        given = support[a:b] + 0.02
        w = given
        shape = np.stack([np.ones(len(x)), x, x * x], axis=1)
        for _ in range(3):
            root = np.sqrt(w)[:, None]
            fit, *_ = np.linalg.lstsq(shape * root, y * root[:, 0], rcond=None)
            w = given / (1 + ((y - shape @ fit) / 0.006) ** 2)
        share = support[k] / (support[k] + 0.3)
        if abs(found[k] - fit[0]) > 0.015:
            share *= 0.1
        out[k] = fit[0] + share * (found[k] - fit[0])
    return np.maximum.accumulate(out + 1e-6 * np.arange(count))
