"""Rises of a voice that go on as counts do: at a pace that hardly changes, some left out, other words between.

A local chain by dynamic programming over (rise, pace): what is passed over costs what it weighs, less where an “and” or
a second syllable would stand.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.align.voice_rises import Floats, Rises

Counts = npt.NDArray[np.int64]

#: Paces looked for: seconds from count to count, in steps that are as far apart as hearing tells.
_PACES = 0.30 * (1.25 / 0.30) ** (np.arange(36) / 35)
#: Teachers count about this fast when there is no music (common practice, no source).
COUNTING_BPM = 88.0
#: Costs (tuned on seven languages of a speech synthesiser, judged on others): being off by this share of a pace,
#: a count that is missing, what is passed over, where it weighs less, and a change of pace.
_OFF, _OFF_COST, _MISSING, _PASSED, _CHANGE = 0.055, 0.12, 0.35, 0.45, 0.108
_AND, _SYLLABLE, _SYLLABLE_S = 0.35, 0.35, 0.28
_MOST_STEPS, _FARTHEST_S = 5, 4.4
#: Over more than a breath of sound no more than so many counts are left out.
_QUIET, _OVER_TALK = 0.3, 4
#: From one rise to the next the pace may go so many steps up or down.
_PACE_STEPS = (-2, -1, 0, 1, 2)
#: A word's rise is looked for so far from its place; how much its steepness says, and how even counts are.
_NEAR_S, _STEEP, _EVEN_S = 0.17, 4.0, 0.045
#: The window and rooms put rises so much later than they are (tuning part).
LATE_S = 0.019


@dataclass(frozen=True, slots=True)
class Chain:
    """Which rises, the count of each from the first (0), and what speaks for them together."""

    index: Counts
    counts: Counts
    gain: float


def best_chain(rises: Rises) -> Chain:
    """The chain with the most that speaks for it; empty for no rises."""
    times, strength = rises.times_s, rises.strength
    if not len(times):
        return Chain(np.zeros(0, np.int64), np.zeros(0, np.int64), 0.0)
    paces = len(_PACES)
    wish = 0.25 * (np.log(_PACES * COUNTING_BPM / 60) / 0.5) ** 2
    value = np.full((len(times), paces), -9.0)
    from_rise, from_pace = np.full((len(times), paces), -1), np.zeros((len(times), paces), int)
    steps = np.zeros((len(times), paces), int)
    for i in range(len(times)):
        best = np.zeros(paces)
        for j in range(i - 1, -1, -1):
            gap = times[i] - times[j]
            if gap > _FARTHEST_S:
                break
            if gap < _PACES[0] * 0.8:
                continue
            k, cost, possible = _step(times, strength, j, i)
            if not possible.any():
                continue
            for change in _PACE_STEPS:
                source = np.clip(np.arange(paces) + change, 0, paces - 1)
                found = value[j, source] - cost - _CHANGE * change**2
                better = possible & (found > best)
                best = np.where(better, found, best)
                from_rise[i] = np.where(better, j, from_rise[i])
                from_pace[i] = np.where(better, source, from_pace[i])
                steps[i] = np.where(better, k, steps[i])
        value[i] = strength[i] - 0.3 * wish + best
    return _followed(value, from_rise, from_pace, steps)


def _step(times: Floats, strength: Floats, j: int, i: int) -> tuple[Counts, Floats, npt.NDArray[np.bool_]]:
    """From one rise to another at every pace: counts between, what it costs, and whether it can be."""
    gap = times[i] - times[j]
    k = np.maximum(1, np.round(gap / _PACES))
    off = (gap - k * _PACES) / _PACES
    cost = (off / _OFF) ** 2 * _OFF_COST / np.sqrt(k) + _MISSING * (k - 1)
    possible = (k <= _MOST_STEPS) & (np.abs(off) < 0.3)
    if i - j > 1:
        passed, weight = times[j + 1 : i] - times[j], strength[j + 1 : i]
        phase = passed[None] / _PACES[:, None]
        half = np.abs(np.abs(phase - np.round(phase)) - 0.5) < 0.12
        share = np.where(half, _AND, np.where((passed < _SYLLABLE_S)[None], _SYLLABLE, 1.0))
        cost = cost + _PASSED * (share * weight[None]).sum(axis=1)
        if float(weight.sum()) > _QUIET:
            possible &= k <= _OVER_TALK
    return k.astype(np.int64), cost, possible


def _followed(value: Floats, from_rise: Counts, from_pace: Counts, steps: Counts) -> Chain:
    """The best chain, from its end back."""
    i, pace = np.unravel_index(int(np.argmax(value)), value.shape)
    gain = float(value[i, pace])
    index, back = [], []
    here, at = int(i), int(pace)
    while here >= 0:
        index.append(here)
        back.append(int(steps[here, at]))
        here, at = int(from_rise[here, at]), int(from_pace[here, at])
    index.reverse()
    counts = np.concatenate([[0], np.cumsum(back[::-1][1:])])
    return Chain(np.array(index), counts.astype(np.int64), gain)


def word_times(rises: Rises, times_s: Floats, counts: Counts) -> Floats:
    """The rise of each word that is its count: the steepest ones that go on evenly (Viterbi), seconds ``(counts,)``."""
    if len(counts) < 4:
        return times_s - LATE_S
    choices = []
    for at in times_s:
        near = np.flatnonzero(np.abs(rises.times_s - at) < _NEAR_S)
        choices.append(near if len(near) else np.array([int(np.argmin(np.abs(rises.times_s - at)))]))
    gaps = np.diff(times_s) / np.diff(counts)
    local = [float(np.median(gaps[max(0, k - 4) : k + 5])) for k in range(len(gaps))]
    worth = [_STEEP * rises.steepness[choices[0]]]
    back = []
    for k in range(1, len(choices)):
        gap = rises.times_s[choices[k]][:, None] - rises.times_s[choices[k - 1]][None]
        uneven = ((gap - local[k - 1] * (counts[k] - counts[k - 1])) / _EVEN_S) ** 2
        found = worth[-1][None] - 0.5 * np.minimum(12.0, uneven)
        back.append(found.argmax(axis=1))
        worth.append(found.max(axis=1) + _STEEP * rises.steepness[choices[k]])
    k = int(worth[-1].argmax())
    out = [rises.times_s[choices[-1][k]]]
    for place in range(len(choices) - 1, 0, -1):
        k = int(back[place - 1][k])
        out.append(rises.times_s[choices[place - 1][k]])
    return np.array(out[::-1]) - LATE_S
