"""Passes with the song in the room: which seconds of a take are which seconds of the song.

Blocks of the take vote for lags; votes that lie on a common line (rate within ±500 ppm of 1)
make a segment. Where voice or reverberation drown single blocks, the correlations of a minute are
laid over each other along lines of a few rates: a place that many blocks faintly agree on stands
out of noise that none agrees on. The line is fitted robustly, then corrected for reflections with
the mean room response: the first clear arrival counts, not the strongest.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from itertools import pairwise

import numpy as np

from vamos.core.align import twins
from vamos.core.align.correlate import BLOCK_S, RATE, STEP_S, Hit, SongIndex, response, vertex
from vamos.core.align.cuts import cut_exactly
from vamos.core.align.segment import Segment
from vamos.core.align.sharpen import Sharp, room_answer, sharpened
from vamos.core.align.stack import Stack
from vamos.core.align.tune import Rows, alike, semitones
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples
from vamos.core.progress import Progress, quiet
from vamos.wording import words_of

tr = words_of(__name__)

#: A block's best place must stand this far over the noise to vote.
VOTE_HEIGHT = 6.5
#: Beyond the blocks of a line, so much of the take is looked at too.
AROUND_S = 30.0
#: Clocks of phones drift less than this (common practice, no source).
DRIFT = 2e-4
#: Votes on one line agree within this.
AGREE_S = 0.012
#: The coherent room response of a true line stands about this far over its median; those of other
#: songs and of talk stay below (tuning set of bench/place.py). The confidence is a logistic curve.
CLEAR, CLEAR_WIDTH = 9.3, 0.9
LEAST_CLEAR = 8.6
#: A short stretch picks its own luck: this much over its number of blocks is taken off.
SHORT_PRICE = 12.0
#: A line must explain a stretch at least this long.
SHORTEST_S = 6.0
#: The direct sound comes at most so much before the strongest reflection, is so high beside it, and stands so
#: far over the middle of the response (tuning set of bench/place.py).
FIRST_S, FIRST_HEIGHT, FIRST_CLEAR = 0.075, 0.34, 5.0
#: The harmony along a true place is alike by more (0.34 and more in the tuning set of bench/place.py).
IN_TUNE = 0.2
#: So clear must another second be beside the last one that was heard, and after some that were not.
HEARD_ON, HEARD_AGAIN = 4.3, 5.5
#: Another place that explains nearly as much makes a place uncertain.
AS_GOOD = 0.94


@dataclass(frozen=True, slots=True)
class _Tried:
    """A line that gave a segment, and how far around it was looked."""

    lag_s: float
    start_s: float
    stop_s: float
    segment: Segment

    def covers(self, take_s: float, lag_s: float) -> bool:
        """Whether votes around a second of the take, at a lag, are the same line or its reflections.

        Beyond its segment, a line nearby is another one: there a recorder lost a moment.
        """
        if not self.start_s <= take_s <= self.stop_s:
            return False
        inside = self.segment.take_start_s <= take_s <= self.segment.take_end_s
        return abs(lag_s - self.lag_s) < (0.12 if inside else AGREE_S)


def find_song(song: SongIndex, take: Samples, progress: Progress | None = None) -> list[Segment]:
    """Segments of a take (mono at ``RATE``) that carry the song, in take order."""
    progress = progress or quiet()
    block, step = int(BLOCK_S * RATE), int(STEP_S * RATE)
    if len(take) < 2 * RATE:
        return []
    block = min(block, len(take))
    hits: list[list[Hit]] = []
    stack = Stack(song)
    starts = list(range(0, max(1, len(take) - block + 1), step))
    if starts[-1] + block < len(take):
        starts.append(len(take) - block)
    for number, start in enumerate(starts):
        progress(number / len(starts), tr("Placing by its sound"))
        row = song.correlate(take[start : start + block])
        hits.append(song.hits_in(row, block, start))
        stack.add(row, start, block)
    lines = [*_voted([h for block_hits in hits for h in block_hits if h.height >= VOTE_HEIGHT]), *stack.lines()]
    found: list[Segment] = []
    tried: list[_Tried] = []
    for group, lag, slope in lines:
        begin, stop = group[0].take_s - BLOCK_S / 2 - AROUND_S, group[-1].take_s + BLOCK_S / 2 + AROUND_S
        middle = (group[0].take_s + group[-1].take_s) / 2
        at = middle + lag + slope * middle
        if any(s.covers(middle, at - middle) for s in tried):
            continue
        segment = _along(song, take, begin, stop, lag, slope)
        if segment is not None:
            found.append(segment)
            tried.append(_Tried(at - middle, begin, stop, segment))
    found = _one_drift(song, take, found)
    chosen = _chosen(found, lambda s, a, b: _along(song, take, a, b, *_line(s)))
    if not chosen:
        return []
    harmony = semitones(take)
    chosen = [_told_apart(song, take, s, found) for s in chosen]
    exact = cut_exactly(song, take, [_by_direct_sound(song, take, s) for s in chosen])
    return [_in_tune(song, harmony, s) for s in exact]


#: Slopes nearer than this are the same clock's.
SAME_DRIFT = 2e-5


def _one_drift(song: SongIndex, take: Samples, found: list[Segment]) -> list[Segment]:
    """Segments looked at again with the drift of the clearest: one take has one clock.

    A line through few votes may lean too far to be heard as clearly as it is, and lose against a place that is like it.
    """
    best = max(found, key=lambda s: s.weight, default=None)
    out = []
    for segment in found:
        if best is not None and abs(segment.rate - best.rate) > SAME_DRIFT:
            middle = (segment.take_start_s + segment.take_end_s) / 2
            song_s = segment.song_at_start_s + segment.rate * (middle - segment.take_start_s)
            lag, slope = song_s - best.rate * middle, best.rate - 1
            again = _along(song, take, segment.take_start_s - AROUND_S, segment.take_end_s + AROUND_S, lag, slope)
            if again is not None and again.weight > segment.weight:
                segment = again
        out.append(segment)
    return out


def _told_apart(song: SongIndex, take: Samples, segment: Segment, found: list[Segment]) -> Segment:
    """The segment at the place that was played; places that cannot be told from it are named, and none is sure."""
    line = twins.Along(segment.take_start_s, segment.take_end_s, *_line(segment))
    begin, end = segment.song_at_start_s, segment.song_at_start_s + segment.take_end_s - segment.take_start_s
    moves = twins.repeats(song.samples, begin, end)
    for other in found:
        move = other.song_at_start_s - line.song_s(other.take_start_s)
        shared = min(segment.take_end_s, other.take_end_s) - max(segment.take_start_s, other.take_start_s)
        as_good = other.weight >= AS_GOOD * segment.weight
        as_good = as_good and shared >= 0.8 * (segment.take_end_s - segment.take_start_s)
        if as_good and all(abs(move - m) > twins.NEAR_S for m in moves):
            moves.append(move)
    moves = [m for m in moves if abs(m) > twins.NEAR_S]
    here, open_moves = twins.settled(song.samples, take, line, moves)
    if here:
        again = _along(song, take, line.start_s - 10, line.end_s + 10, line.lag_s + here, line.slope)
        segment = again or replace(segment, song_at_start_s=segment.song_at_start_s + here)
    if not open_moves:
        return segment
    also = tuple(segment.song_at_start_s + m for m in open_moves)
    return replace(segment, confidence=min(segment.confidence, 0.45), also_at_s=also)


def _in_tune(song: SongIndex, take: Rows, segment: Segment) -> Segment:
    """A place that is in time but not in tune may be another song with the same drums: a question."""
    tune = alike(song.harmony, take, segment.take_start_s, segment.take_end_s, segment.song_at_start_s)
    if tune >= IN_TUNE:
        return segment
    return replace(segment, confidence=min(segment.confidence, 0.45))


def _voted(votes: list[Hit]) -> list[tuple[list[Hit], float, float]]:
    """Lines through votes, the best-supported first."""
    out: list[tuple[list[Hit], float, float]] = []
    while (line := _best_line(votes)) is not None and len(out) < 12:
        group, lag, slope = line
        if abs(slope) > DRIFT:
            # A few votes among reflections bend the line further than clocks drift.
            lag, slope = float(np.median([h.lag_s for h in group])), 0.0
        out.append((group, lag, slope))
        # What lies off the line may be another one, where a recorder lost a moment; its middle goes in any case.
        used = {h for h in group if abs(h.lag_s - lag - slope * h.take_s) < AGREE_S} or set(group)
        votes = [h for h in votes if h not in used]
    return out


def place_along(song: SongIndex, take: Samples, start: float, end: float, lag: float, slope: float) -> Segment | None:
    """The segment along a rough line, if the room's response along it is clear; exact to the direct sound."""
    segment = _along(song, take, start, end, lag, slope)
    return _by_direct_sound(song, take, _told_apart(song, take, segment, [])) if segment is not None else None


def _along(song: SongIndex, take: Samples, start: float, end: float, lag: float, slope: float) -> Segment | None:
    """As :func:`place_along`, to the strongest reflection."""
    sharp = None
    for _ in range(2):
        low, high = max(0.0, start, -lag), min(end, len(take) / RATE, song.length / RATE - lag)
        sharp = sharpened(song.samples, take, low, high, lag, slope) if high - low >= SHORTEST_S else None
        if sharp is None:
            return None
        lag, slope = sharp.lag_s, sharp.slope
        start, end = _extent(sharp, low, high)
        if end - start > 0.7 * (high - low):
            break
    assert sharp is not None
    clear = sharp.clarity - SHORT_PRICE / len(sharp.middles_s)
    if clear < LEAST_CLEAR or end - start < SHORTEST_S or abs(slope) > 2 * DRIFT:
        return None
    start, end = _grow(song, take, start, end, lag, slope)
    lag -= (int(np.argmax(sharp.row)) - sharp.reach) / RATE
    sure = 1 / (1 + np.exp(-(clear - CLEAR) / CLEAR_WIDTH))
    residual = 0.5 / RATE / np.sqrt(max(1.0, sharp.clarity - 6))
    return Segment(
        start,
        end,
        start + lag + slope * start,
        1 + slope,
        float(sure),
        float(residual),
        sharp.clarity,
        float(sharp.row.max()),
    )


def _extent(sharp: Sharp, low: float, high: float) -> tuple[float, float]:
    """Where the song is heard along a line: blocks that support it, smoothed over five."""
    around = scipy.ndimage.uniform_filter1d(sharp.agree, 5, mode="nearest")
    there = np.flatnonzero(around > max(1.5 * sharp.chance, 0.25 * float(np.percentile(around, 90))))
    if not len(there):
        return low, low
    step = float(np.median(np.diff(sharp.middles_s)))
    gaps = np.flatnonzero(np.diff(sharp.middles_s[there]) > max(10.0, 3 * step))
    edges = [0, *(gaps + 1).tolist(), len(there)]
    runs = [there[a:b] for a, b in pairwise(edges)]
    run = max(runs, key=lambda r: float(around[r].sum()))
    first, last = float(sharp.middles_s[run[0]]), float(sharp.middles_s[run[-1]])
    start = low if first - low < 2.5 else first - 0.5
    end = high if high - last < 2.5 + step else last + 0.5
    return start, end


def _line(segment: Segment) -> tuple[float, float]:
    """Lag at take second 0 and slope."""
    slope = segment.rate - 1
    return segment.song_at_start_s - segment.take_start_s - slope * segment.take_start_s, slope


def _chosen(found: list[Segment], again: Callable[[Segment, float, float], Segment | None]) -> list[Segment]:
    """Segments that do not overlap, those that explain most first.

    What a stronger segment leaves of a weaker one is looked at ``again``, by itself.
    """
    kept: list[Segment] = []
    for segment in sorted(found, key=lambda s: -s.weight):
        free: Segment | None = _outside(segment, kept)
        assert free is not None
        if free.take_end_s - free.take_start_s >= SHORTEST_S:
            if free.take_end_s - free.take_start_s < segment.take_end_s - segment.take_start_s - 1:
                free = again(segment, free.take_start_s, free.take_end_s)
                free = _outside(free, kept) if free is not None else None
            if free is not None and free.take_end_s - free.take_start_s >= SHORTEST_S:
                kept.append(free)
    return _joined(sorted(kept, key=lambda s: s.take_start_s))


def _joined(segments: list[Segment]) -> list[Segment]:
    """Neighbours on one line are one segment."""
    out: list[Segment] = []
    for segment in segments:
        if out:
            last = out[-1]
            said = last.song_at_start_s + last.rate * (segment.take_start_s - last.take_start_s)
            if segment.take_start_s - last.take_end_s < 10 and abs(said - segment.song_at_start_s) < 0.003:
                stronger = last if last.weight >= segment.weight else segment
                at = stronger.song_at_start_s + stronger.rate * (last.take_start_s - stronger.take_start_s)
                out[-1] = replace(
                    stronger, take_start_s=last.take_start_s, take_end_s=segment.take_end_s, song_at_start_s=at
                )
                continue
        out.append(segment)
    return out


def _outside(segment: Segment, others: list[Segment]) -> Segment:
    """A segment without what stronger ones, found before it, already cover."""
    start, end = segment.take_start_s, segment.take_end_s
    for other in others:
        if other.take_start_s <= start < other.take_end_s:
            start = min(end, other.take_end_s)
        elif start < other.take_start_s < end:
            end = other.take_start_s
    at_start = segment.song_at_start_s + segment.rate * (start - segment.take_start_s)
    return replace(segment, take_start_s=start, take_end_s=end, song_at_start_s=at_start)


def _best_line(hits: list[Hit]) -> tuple[list[Hit], float, float] | None:
    """The votes of the best-supported line, with its lag at take second 0 and its slope.

    Returns None when no line has two blocks (or one very clear block) behind it.
    """
    best: list[Hit] = []
    best_weight = 0.0
    for pivot in hits:
        group: dict[float, Hit] = {}
        for hit in hits:
            slack = AGREE_S + 5e-4 * abs(hit.take_s - pivot.take_s)
            if abs(hit.lag_s - pivot.lag_s) <= min(slack, 0.06):
                held = group.get(hit.take_s)
                if held is None or abs(hit.lag_s - pivot.lag_s) < abs(held.lag_s - pivot.lag_s):
                    group[hit.take_s] = hit
        connected = _connected(sorted(group.values(), key=lambda h: h.take_s), pivot)
        weight = sum(h.height for h in connected)
        if weight > best_weight:
            best, best_weight = connected, weight
    if not best or (len(best) < 2 and best_weight < 2 * VOTE_HEIGHT):
        return None
    lag, slope = _fit(best)
    return best, lag, slope


def _connected(group: list[Hit], pivot: Hit) -> list[Hit]:
    """The part of a group around the pivot without a gap of more than four steps."""
    parts: list[list[Hit]] = [[]]
    for hit in group:
        if parts[-1] and hit.take_s - parts[-1][-1].take_s > 4 * STEP_S + 0.01:
            parts.append([])
        parts[-1].append(hit)
    return next(part for part in parts if pivot in part)


def _fit(hits: list[Hit]) -> tuple[float, float]:
    """Lag at take second 0 and slope (song s per take s − 1), reweighted least squares."""
    x = np.array([h.take_s for h in hits])
    y = np.array([h.lag_s for h in hits])
    w = np.array([h.height for h in hits])
    if len(x) < 3:
        return float(np.average(y, weights=w)), 0.0
    lag, slope = float(np.median(y)), 0.0
    for scale in (0.01, 0.003, 0.001, 0.0005, 0.0005):
        weights = w / (1 + ((y - lag - slope * x) / scale) ** 2)
        mx, my = np.average(x, weights=weights), np.average(y, weights=weights)
        spread = float(np.sum(weights * (x - mx) ** 2))
        slope = float(np.sum(weights * (x - mx) * (y - my))) / spread if spread > 0 else 0.0
        slope = float(np.clip(slope, -5e-4, 5e-4))
        lag = float(my - slope * mx)
    return lag, slope


def _grow(song: SongIndex, take: Samples, start: float, end: float, lag: float, slope: float) -> tuple[float, float]:
    """Move the ends out to where the file or the song ends, while short blocks still agree."""
    length, song_length = len(take) / RATE, song.length / RATE
    low, high = max(0.0, -lag), min(length, song_length - lag)
    start, end = max(start, low), min(end, high)
    return (
        start - _more(song, take, start, start - low, -1, lag, slope),
        end + _more(song, take, end, high - end, 1, lag, slope),
    )


def _more(song: SongIndex, take: Samples, edge: float, room: float, way: int, lag: float, slope: float) -> float:
    """Seconds beyond an edge that still hold the song; short talk over it is bridged."""
    gone = held = 0.0
    while room - gone > 0.05 and gone - held < 3.5:
        size = min(1.0, room - gone)
        at = edge + gone if way > 0 else edge - gone - size
        gone += size
        # After a gap it must be clearer: music agrees with itself here and there.
        if _agrees(song, take, at, size, lag, slope) > (HEARD_ON if gone - held <= size else HEARD_AGAIN):
            held = gone
    return held


def _agrees(song: SongIndex, take: Samples, at: float, size: float, lag: float, slope: float) -> float:
    """How clearly a short stretch of the take still sounds like the song at that place, in units of noise."""
    reach = int(0.04 * RATE)
    row = response(
        song.samples,
        take,
        np.array([(at + lag + slope * at) * RATE]),
        np.array([at * RATE]),
        max(64, int(size * RATE)),
        reach,
    )
    noise = float(np.sqrt(np.mean(row**2))) + 1e-12
    near = np.abs(row[reach - 80 : reach + 160]).max()
    return float(near / noise)


def _by_direct_sound(song: SongIndex, take: Samples, segment: Segment) -> Segment:
    """The segment moved from the strongest reflection to the direct sound: the first clear arrival counts."""
    row = room_answer(song.samples, take, segment.take_start_s, segment.take_end_s, *_line(segment))
    if row is None:
        return segment
    reach, top = len(row) // 2, int(np.argmax(row))
    level = max(FIRST_HEIGHT * float(row[top]), FIRST_CLEAR * float(np.median(row)))
    first = top
    for k in range(max(1, top - int(FIRST_S * RATE)), top):
        if row[k] >= level and row[k] >= row[k - 1] and row[k] >= row[k + 1]:
            first = k
            break
    late = (first + vertex(row.astype(np.float32), first) - reach) / RATE
    also = tuple(at - late for at in segment.also_at_s)
    return replace(segment, song_at_start_s=segment.song_at_start_s - late, also_at_s=also)
