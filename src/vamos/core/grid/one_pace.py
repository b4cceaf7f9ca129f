"""A song that slows down or quickens keeps its count: nobody counts twice as fast from one bar to the next.

Where a song drifts from one tempo to another, the beat that is tracked may jump to twice or half its pace on the way.
Such jumps are found (a drift takes longer), and one pace is counted throughout: the one nearer to what people step to.
"""

from __future__ import annotations

import itertools

import numpy as np
import numpy.typing as npt

from vamos.core.grid.spectra import FRAME_RATE, Row
from vamos.core.grid.tempo import Floats

#: Tempi are compared over so many beats on each side of a jump that takes at most so many.
_SIDE, _JUMP = 6, 4
#: From this many octaves on within a jump it is one; a drift never is so quick.
_OCTAVE = 0.72
#: Songs that slow down to their end may do as they like there.
_ENDING_S = 10.0


def one_pace(beats_s: Floats, score: Row, preferred_bpm: float) -> Floats:
    """Beats at one pace: those of each stretch as they are, every second of them, or with one between."""
    cuts = _jumps(beats_s)
    if not cuts:
        return beats_s
    stretches = np.split(beats_s, cuts)
    octaves = _octaves(stretches)
    halves = [int(o - octaves.min()) for o in octaves]
    doubles = [int(octaves.max() - o) for o in octaves]
    if _strange(stretches, halves, preferred_bpm, -1) <= _strange(stretches, doubles, preferred_bpm, 1):
        return _joined([_thinned(s, n, score) for s, n in zip(stretches, halves, strict=True)])
    return _joined([_filled(s, n) for s, n in zip(stretches, doubles, strict=True)])


def _jumps(beats_s: Floats) -> list[int]:
    """The beats at which the pace jumps."""
    pace = np.log2(np.diff(beats_s))
    reach = _SIDE + _JUMP
    found: list[int] = []
    if len(pace) < 2 * reach:
        return found
    places = range(reach, len(pace) - reach)
    change = np.array([np.median(pace[k + _JUMP : k + reach]) - np.median(pace[k - reach : k - _JUMP]) for k in places])
    late = beats_s[reach : len(pace) - reach] > beats_s[-1] - _ENDING_S
    size = np.where(late, 0.0, np.abs(change))
    while size.max(initial=0.0) > _OCTAVE:
        # The middle of where the change is as large as it gets.
        top = np.flatnonzero(size > size.max() - 0.1)
        at = int(top[0] + (top[top < top[0] + reach][-1] - top[0]) // 2)
        found.append(at + reach)
        size[max(0, at - reach) : at + reach] = 0.0
    return sorted(found)


def _octaves(stretches: list[Floats]) -> npt.NDArray[np.intp]:
    """How many octaves faster than the first each stretch is counted, by what is on both sides of a jump."""
    out = [0]
    for before, after in itertools.pairwise(stretches):
        slow = np.median(np.diff(before)[-_SIDE - _JUMP :][:_SIDE])
        quick = np.median(np.diff(after)[_JUMP : _JUMP + _SIDE])
        out.append(out[-1] + int(np.sign(slow - quick)))
    return np.array(out)


def _strange(stretches: list[Floats], times: list[int], preferred_bpm: float, way: int) -> float:
    """How far from what people step to the song would be counted, in octaves times seconds."""
    total = 0.0
    for stretch, number in zip(stretches, times, strict=True):
        if len(stretch) > 1:
            bpm = 60 / float(np.median(np.diff(stretch))) * 2.0 ** (way * number)
            total += float(stretch[-1] - stretch[0]) * abs(float(np.log2(bpm / preferred_bpm)))
    return total


def _thinned(beats_s: Floats, times: int, score: Row) -> Floats:
    """Every second beat, those on which more happens; so many times."""
    for _ in range(times):
        inner = beats_s[_JUMP:] if len(beats_s) > 2 * _JUMP else beats_s
        at = np.clip((inner * FRAME_RATE).round().astype(np.intp), 0, len(score) - 1)
        odd = float(score[at[1::2]].mean()) if len(at) > 1 else -np.inf
        first = int(odd > float(score[at[::2]].mean()))
        beats_s = beats_s[(first + len(beats_s) - len(inner)) % 2 :: 2]
    return beats_s


def _filled(beats_s: Floats, times: int) -> Floats:
    """One beat more between any two; so many times."""
    for _ in range(times):
        beats_s = np.sort(np.concatenate([beats_s, (beats_s[1:] + beats_s[:-1]) / 2]))
    return beats_s


def _joined(stretches: list[Floats]) -> Floats:
    """Stretches one after the other; around a jump beats are laid as evenly as both sides ask."""
    out = stretches[0]
    for after in stretches[1:]:
        left, right = out[: max(2, len(out) - _JUMP)], after[min(_JUMP, max(0, len(after) - 2)) :]
        before, behind = np.median(np.diff(left[-_SIDE:])), np.median(np.diff(right[:_SIDE]))
        number = max(1, round((right[0] - left[-1]) / ((before + behind) / 2)))
        # Gaps grow from the one side's to the other's.
        gaps = np.linspace(before, behind, number)
        steps = left[-1] + np.cumsum(gaps * (right[0] - left[-1]) / gaps.sum())
        out = np.concatenate([left, steps[:-1], right])
    return out
