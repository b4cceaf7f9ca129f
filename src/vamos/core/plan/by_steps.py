"""Takes in which nothing is heard, placed by how the dancer moves: as in the takes that are placed already.

How much moves at each count of the dance is averaged over the placed takes (and over all walls of a section); the take
is compared with that at every place and at tempos from half the song's to a little more, by the correlation of what
both know. The sheet alone does not do: its holds and steps fit reversed and shuffled takes as well as true ones. What
is found is a question, never an answer.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from vamos.core.dance.lines import Line
from vamos.core.media.motion import PER_SECOND, Motion
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind, counts_to_take
from vamos.core.time import TimeMap, TimeRange
from vamos.core.time.timemap import Floats
from vamos.wording import words_of

tr = words_of(__name__)

#: Samples a count of what moves when.
CELLS = 8
#: Tempos looked at, as shares of the song's, and how finely the best is looked at again.
RATES = np.arange(0.5, 1.121, 0.02)
_FINE = np.arange(-0.02, 0.0201, 0.0025)
#: So much alike, and so far beyond chance, a place must be (time-reversed and shuffled takes reach .51 and 7.9); and as
#: much as this share of it makes another place as good.
ALIKE, CLEAR, AS_GOOD = 0.6, 7.0, 0.9
#: The same where the place is known to about a second, so that few others come into question.
ALIKE_NEAR, CLEAR_NEAR = 0.45, 5.0
#: Counts of the dance that a take must hold.
SHORTEST = 24
#: How sure it can be at most: it has to be looked at.
CONFIDENCE = 0.45
#: Places nearer than this are one.
_APART_S = 0.4
#: Neighbouring samples say nearly the same: so many count as one.
_TOGETHER = 8.0


@dataclass(frozen=True, slots=True)
class Pattern:
    """How much moves at each cell of the dance, ``(cells,)``, NaN where nobody knows; ``first`` is the first count."""

    first: float
    moved: Floats


@dataclass(frozen=True, slots=True)
class _Place:
    alike: float
    clear: float
    rate: float
    start_s: float


def pattern_of(placed: Sequence[tuple[Pass, Motion]], lines: Sequence[Line], grid: Grid) -> Pattern | None:
    """What moves when, from passes danced to the song with the motion of their takes; None without any."""
    danced = [x for x in lines if x.kind.danced]
    rows = []
    if not danced:
        return None
    first, last = float(danced[0].start), float(danced[-1].counts.end)
    counts = first + np.arange(round((last - first) * CELLS)) / CELLS
    for the_pass, motion in placed:
        at = counts_to_take(the_pass, grid)(counts)
        row = np.interp(at * PER_SECOND, np.arange(len(motion.energy)), motion.energy)
        row[(at < the_pass.take_range.start_s) | (at > the_pass.take_range.end_s)] = np.nan
        if np.isfinite(row).any() and np.nanmean(row) > 0:
            rows.append(row / np.nanmean(row))
    if not rows:
        return None
    moved = _mean(np.array(rows))
    walls: dict[str, list[slice]] = defaultdict(list)
    for line in danced:
        if line.section is not None and not line.cut:
            begin = round((float(line.start) - first) * CELLS)
            walls[line.section.id].append(slice(begin, begin + round(float(line.length) * CELLS)))
    for places in walls.values():
        usual = _mean(np.array([moved[p] for p in places]))
        for p in places:
            moved[p] = np.where(np.isnan(moved[p]), usual, moved[p])
    return Pattern(first, moved)


def _mean(rows: Floats) -> Floats:
    """The mean over rows of what is known; NaN where nothing is."""
    known = np.isfinite(rows)
    total, many = np.where(known, rows, 0).sum(axis=0), known.sum(axis=0)
    return np.where(many > 0, total / np.maximum(1, many), np.nan)


def by_steps(motion: Motion, duration_s: float, pattern: Pattern, grid: Grid) -> Pass | None:
    """The pass of a take by what moves in it, with all places that fit as well; None where none fits."""
    counts = pattern.first + np.arange(len(pattern.moved)) / CELLS
    song_s = np.asarray(grid.time_map()(counts))
    if len(motion.energy) < SHORTEST:
        return None
    energy = np.minimum(motion.energy, np.percentile(motion.energy, 98))
    found = [p for rate in RATES for p in _places(energy, pattern.moved, song_s, float(rate))]
    best = max(found, key=lambda p: p.clear, default=None)
    if best is None or best.clear < CLEAR or best.alike < ALIKE:
        return None
    found = [p for step in _FINE for p in _places(energy, pattern.moved, song_s, best.rate + float(step))]
    best = max(found, key=lambda p: p.clear)
    same = [p for p in found if p.rate == best.rate and p.alike >= AS_GOOD * best.alike and p.clear >= CLEAR]
    moves = [(best.start_s - p.start_s) * best.rate for p in same if p is not best]
    # The place of the dance's first count in the take; what is before it may be danced or not.
    clock = TimeMap.line(best.start_s, float(song_s[0]), best.rate)
    start = max(0.0, best.start_s)
    end = min(duration_s, best.start_s + float(song_s[-1] - song_s[0]) / best.rate)
    others = [float(clock(start)) + move for move in moves]
    tempo = "" if abs(best.rate - 1) < 0.01 else tr(" at {rate:.0%} of the song’s tempo", rate=best.rate)
    return Pass(
        PassKind.SONG,
        TimeRange(start, end),
        clock,
        CONFIDENCE,
        1 / PER_SECOND,
        best.rate,
        tr(
            "placed by its steps{tempo}, as danced in the other takes; nothing was heard: see whether it is right",
            tempo=tempo,
        ),
        tuple(at for at in others if at >= 0),
    )


def near_in_steps(motion: Motion, pattern: Pattern, grid: Grid, start_s: float, within_s: float) -> float | None:
    """Where within so many seconds of a place at the song's tempo the steps fall; None where they do not say.

    ``start_s`` and what is given back are the take second of the pattern's first count.
    """
    song_s = np.asarray(grid.time_map()(pattern.first + np.arange(len(pattern.moved)) / CELLS))
    if len(motion.energy) < SHORTEST:
        return None
    energy = np.minimum(motion.energy, np.percentile(motion.energy, 98))
    near = [p for p in _places(energy, pattern.moved, song_s, 1.0) if abs(p.start_s - start_s) <= within_s]
    best = max(near, key=lambda p: p.clear, default=None)
    return best.start_s if best is not None and best.clear >= CLEAR_NEAR and best.alike >= ALIKE_NEAR else None


def _places(energy: Floats, moved: Floats, song_s: Floats, rate: float) -> list[_Place]:
    """The likeliest places of a pattern in a take at a tempo, the best first."""
    take_s = (song_s - song_s[0]) / rate
    at = np.arange(int(take_s[-1] * PER_SECOND)) / PER_SECOND
    wanted = np.interp(at, take_s, moved)
    known = np.isfinite(wanted).astype(float)
    alike, shared = _correlated(energy, np.where(known > 0, wanted, 0.0), known)
    count_s = float(take_s[-1]) / (len(moved) / CELLS)
    alike[shared < SHORTEST * count_s * PER_SECOND] = -1
    clear = np.arctanh(np.clip(alike, -0.999, 0.999)) * np.sqrt(shared / _TOGETHER)
    lags = np.arange(len(alike))
    lags[lags > len(energy)] -= len(alike)
    places: list[_Place] = []
    for k in np.argsort(-clear)[:300]:
        start = float(lags[k] + _vertex(alike[k - 1], alike[k], alike[(k + 1) % len(alike)])) / PER_SECOND
        if alike[k] > 0 and all(abs(start - p.start_s) > _APART_S for p in places):
            places.append(_Place(float(alike[k]), float(clear[k]), rate, start))
    return places


def _vertex(before: float, at: float, after: float) -> float:
    """Where between samples the top of a parabola through three lies, in samples."""
    bend = before - 2 * at + after
    return min(0.5, max(-0.5, 0.5 * (before - after) / bend)) if bend < 0 else 0.0


def _correlated(energy: Floats, wanted: Floats, known: Floats) -> tuple[Floats, Floats]:
    """Correlation of a take with a pattern at every lag over what both know, and how many samples that is."""
    window = np.hanning(7)
    e, w = (np.convolve(x, window / window.sum(), "same") for x in (energy, wanted))
    size = len(e) + len(w)

    def over(a: Floats, b: Floats) -> Floats:
        return np.fft.irfft(np.fft.rfft(a, size) * np.conj(np.fft.rfft(b, size)), size)

    ones = np.ones(len(e))
    many = np.maximum(np.round(over(ones, known)), 1.0)
    sum_e, sum_w = over(e, known), over(ones, w * known)
    spread_e = over(e * e, known) - sum_e**2 / many
    spread_w = over(ones, w * w * known) - sum_w**2 / many
    both = over(e, w * known) - sum_e * sum_w / many
    scale = np.sqrt(np.maximum(spread_e, 1e-12) * np.maximum(spread_w, 1e-12))
    return np.clip(both / scale, -1, 1), many
