"""Passes with the song in the room: which seconds of a take are which seconds of the song.

Blocks of the take vote for lags; votes that lie on a common line (rate within ±500 ppm of 1)
make a segment; the line is fitted robustly, then corrected for reflections with the mean room
response: the first clear arrival counts, not the strongest.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np

from vamos.core.align.correlate import BLOCK_S, RATE, STEP_S, Hit, SongIndex, response, vertex
from vamos.core.jobs import Watch, quiet
from vamos.core.media.sound import Samples

#: A block's best place must stand this far over the noise to vote.
VOTE_HEIGHT = 6.5
#: Near a line, a block's peak over the median around it.
GUIDED_HEIGHT = 6.0
#: Such blocks count when they lie this near to the line through them.
ON_LINE_S = 0.003
#: Blocks this far beyond the votes are looked at again, too.
GUIDED_AROUND_S = 30.0
#: Votes on one line agree within this.
AGREE_S = 0.012
#: The mean room response of a true line stands at least this far over its median; lines through
#: chance votes stay below 7.
CLEAR_RESPONSE = 9.0
#: A line must explain a stretch at least this long.
SHORTEST_S = 6.0


@dataclass(frozen=True, slots=True)
class Segment:
    """Take seconds ``[start_s, end_s)`` are song seconds ``song_s`` + rate · (take − start_s)."""

    take_start_s: float
    take_end_s: float
    song_at_start_s: float
    rate: float
    confidence: float
    residual_s: float
    clarity: float = 0.0


def find_song(song: SongIndex, take: Samples, watch: Watch | None = None) -> list[Segment]:
    """Segments of a take (mono at ``RATE``) that carry the song, in take order."""
    watch = watch or quiet()
    block, step = int(BLOCK_S * RATE), int(STEP_S * RATE)
    if len(take) < 2 * RATE:
        return []
    block = min(block, len(take))
    hits: list[list[Hit]] = []
    starts = list(range(0, max(1, len(take) - block + 1), step))
    if starts[-1] + block < len(take):
        starts.append(len(take) - block)
    for number, start in enumerate(starts):
        watch(number / len(starts), "Placing by its sound")
        hits.append(song.hits(take[start : start + block], start))
    segments: list[Segment] = []
    left = [h for block_hits in hits for h in block_hits if h.height >= VOTE_HEIGHT]
    while True:
        line = _best_line(left)
        if line is None:
            break
        group, lag, slope = line
        guided = _guided(song, take, group, lag, slope)
        if len(guided) >= 3:
            lag, slope = _fit(guided)
            guided = [h for h in guided if abs(h.lag_s - lag - slope * h.take_s) < ON_LINE_S]
        segment = _outside(_segment(song, take, guided or group, lag, slope), segments)
        used = set(group)
        left = [h for h in left if h not in used]
        if segment.clarity < CLEAR_RESPONSE or segment.take_end_s - segment.take_start_s < SHORTEST_S:
            continue
        segments.append(segment)
        a, b = segment.take_start_s, segment.take_end_s
        left = [h for h in left if not a - 0.1 <= h.take_s <= b + 0.1]
    return sorted(segments, key=lambda s: s.take_start_s)


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


def _guided(song: SongIndex, take: Samples, group: list[Hit], lag: float, slope: float) -> list[Hit]:
    """Blocks looked at again only near a line: there a faint peak is enough.

    Voice and steps drown the song in many blocks; within ±60 ms of a line that two of them
    suggest, most others agree with it. Heights are peaks over the median around them.
    """
    block, reach = int(BLOCK_S * RATE), int(0.06 * RATE)
    found: list[Hit] = []
    at = max(0.0, -lag, group[0].take_s - BLOCK_S / 2 - GUIDED_AROUND_S)
    last = min(len(take) / RATE, song.length / RATE - lag, group[-1].take_s + BLOCK_S / 2 + GUIDED_AROUND_S)
    while at + BLOCK_S / 2 <= last:
        centre = at + lag + slope * at
        row = np.abs(response(song.samples, take, np.array([centre * RATE]), np.array([at * RATE]), block, reach))
        top = int(np.argmax(row))
        height = float(row[top]) / (float(np.median(row)) + 1e-12)
        if height >= GUIDED_HEIGHT:
            # Later in the take means a smaller lag.
            rounded = round(centre * RATE) - round(at * RATE)
            hit_lag = (rounded - (top + vertex(row, top) - reach)) / RATE
            found.append(Hit(at + BLOCK_S / 2, hit_lag, height))
        at += STEP_S / 2
    return found


def _segment(song: SongIndex, take: Samples, hits: list[Hit], lag: float, slope: float) -> Segment:
    """Ends, reflections and confidence of a line."""
    start, end = hits[0].take_s - BLOCK_S / 2, hits[-1].take_s + BLOCK_S / 2
    start, end = _trimmed(song, take, max(0.0, start), min(end, len(take) / RATE), lag, slope)
    start, end = _grow(song, take, start, end, lag, slope)
    late, clarity = _first_arrival(song, take, start, end, lag, slope)
    lag -= late
    residuals = np.array([h.lag_s - lag - slope * h.take_s for h in hits])
    residual = float(np.median(np.abs(residuals - np.median(residuals))))
    gap = float(np.median(np.diff([h.take_s for h in hits]))) if len(hits) > 1 else STEP_S
    asked = max(1.0, (end - start - BLOCK_S) / gap + 1)
    share = min(1.0, len(hits) / asked)
    clear = 1 - np.exp(-max(0.0, clarity - 0.8 * CLEAR_RESPONSE) / 6)
    tight = 1 / (1 + (residual / 0.004) ** 2)
    many = 1 - 0.5 ** len(hits)
    return Segment(
        start, end, start + lag + slope * start, 1 + slope, float(share**0.25 * clear * tight * many), residual, clarity
    )


def _trimmed(song: SongIndex, take: Samples, start: float, end: float, lag: float, slope: float) -> tuple[float, float]:
    """Take off seconds at the ends that do not sound like the song: outer blocks hold only a part of it.

    Where no second of an outer block agrees, talk lies over it and the end stays.
    """
    room = int(min(BLOCK_S, (end - start) / 2))
    first = next((k for k in range(room) if _agrees(song, take, start + k, 1.0, lag, slope)), 0)
    last = next((k for k in range(room) if _agrees(song, take, end - 1.0 - k, 1.0, lag, slope)), 0)
    return start + first, end - last


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
        if _agrees(song, take, at, size, lag, slope):
            held = gone
    return held


def _agrees(song: SongIndex, take: Samples, at: float, size: float, lag: float, slope: float) -> bool:
    """Whether a short stretch of the take still sounds like the song at that place."""
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
    return bool(near / noise > 3.6)


def _first_arrival(
    song: SongIndex, take: Samples, start: float, end: float, lag: float, slope: float
) -> tuple[float, float]:
    """How much later than the line the direct sound lies, in seconds, and how clear it is.

    Clarity is the top of the mean room response over its median.
    """
    size = int(1.0 * RATE)
    at = np.arange(start, max(start + 0.5, end - 1.0), 0.5)
    reach = int(0.06 * RATE)
    row = np.abs(response(song.samples, take, (at + lag + slope * at) * RATE, at * RATE, size, reach))
    noise = float(np.median(row)) + 1e-12
    top = int(np.argmax(row))
    level = max(0.45 * float(row[top]), 6 * noise)
    first = top
    for k in range(max(1, top - reach // 2), top):
        if row[k] >= level and row[k] >= row[k - 1] and row[k] >= row[k + 1]:
            first = k
            break
    return (first + vertex(row, first) - reach) / RATE, float(row[top]) / noise
