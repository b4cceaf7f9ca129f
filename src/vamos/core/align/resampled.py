"""A song played slower or faster with its pitch, as a record is: brought to that speed and heard itself."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction

import numpy as np

from vamos.core.align.correlate import RATE, SongIndex
from vamos.core.align.segment import Segment
from vamos.core.align.sharpen import sharpened
from vamos.core.align.song_in_room import LEAST_CLEAR, find_song, place_along
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

#: A take is at least this long.
SHORTEST_S = 12.0
#: So near to a ratio that was found roughly a speed of players is tried, and so many of them.
NEARBY, MOST_STEPS = 0.025, 4
#: Players offer speeds in such steps (common practice, no source); so near to one, it is that one.
STEP, NEAR_STEP = 0.05, 0.004
#: A rate that is off by more smears the room's answer; the song is then brought to the better one.
SMEARS = 2e-5


@dataclass(frozen=True, slots=True)
class Place:
    """song second = ``song_s`` + ratio · (take second − ``take_s``)."""

    take_s: float
    song_s: float
    ratio: float
    moved: bool


def usual(place: Place, middle_s: float) -> Place | None:
    """The place at the usual speed beside its own, turned about the middle of its stretch; None where none is near."""
    step = round(place.ratio / STEP) * STEP
    if abs(step / place.ratio - 1) > NEAR_STEP or abs(step - 1) < STEP / 2:
        return None
    at_middle = place.song_s + place.ratio * (middle_s - place.take_s)
    return replace(place, song_s=at_middle - step * (middle_s - place.take_s), ratio=step)


def at_steps(index: SongIndex, sound: Samples, ratios: list[float], start_s: float, end_s: float) -> Segment | None:
    """The song in a stretch of a take at one of the speeds players offer that are nearest to ratios found roughly."""
    offered = dict.fromkeys(round(ratio / STEP) * STEP for ratio in ratios)
    near = [s for s in offered if abs(s - 1) > STEP / 2 and any(abs(s / ratio - 1) < NEARBY for ratio in ratios)]
    part = sound[int(start_s * RATE) : int(end_s * RATE)]
    found = [
        (segment.weight, _in_song(segment, step, start_s))
        for step in near[:MOST_STEPS]
        for segment in find_song(SongIndex(brought_to(index, Place(0.0, 0.0, step, True))[1]), part)
        if segment.clarity >= LEAST_CLEAR and segment.take_end_s - segment.take_start_s >= SHORTEST_S
    ]
    return max(found, key=lambda row: row[0])[1] if found else None


def _in_song(segment: Segment, ratio: float, start_s: float = 0.0) -> Segment:
    """A segment found on the song brought to a ratio, in a stretch of the take, as one of song and take."""
    return replace(
        segment,
        take_start_s=segment.take_start_s + start_s,
        take_end_s=segment.take_end_s + start_s,
        song_at_start_s=segment.song_at_start_s * ratio,
        rate=segment.rate * ratio,
        also_at_s=tuple(at * ratio for at in segment.also_at_s),
    )


def resampled(index: SongIndex, sound: Samples, place: Place, start_s: float, end_s: float) -> Segment | None:
    """The exact segment when the song was slowed with its pitch: the song itself resampled, then placed."""
    offered = usual(place, (start_s + end_s) / 2)
    for one in (offered, place) if offered is not None else (place,):
        found = _resampled_at(index, sound, one, start_s, end_s)
        if found is not None:
            return found
    return None


def _resampled_at(index: SongIndex, sound: Samples, place: Place, start_s: float, end_s: float) -> Segment | None:
    ratio, slow, lag, slope = brought_to(index, place)
    low, high = max(0.0, start_s, -lag), min(end_s, len(sound) / RATE, len(slow) / RATE - lag)
    sharp = sharpened(slow, sound, low, high, lag, slope) if high - low >= SHORTEST_S else None
    if sharp is not None and abs(sharp.slope) >= SMEARS:
        song_s = (sharp.lag_s + place.take_s * (1 + sharp.slope)) * ratio
        ratio, slow, lag, slope = brought_to(index, replace(place, song_s=song_s, ratio=ratio * (1 + sharp.slope)))
    segment = place_along(SongIndex(slow), sound, start_s, end_s, lag, slope)
    if segment is None or segment.clarity < LEAST_CLEAR:
        return None
    return _in_song(segment, ratio)


def brought_to(index: SongIndex, place: Place) -> tuple[float, Samples, float, float]:
    """A song played at nearly the ratio of a place: that ratio, its samples, lag and slope of the place on them."""
    share = Fraction(place.ratio).limit_denominator(4000)
    slow = scipy.signal.resample_poly(index.samples, share.denominator, share.numerator).astype(np.float32)
    ratio = float(share)
    return ratio, slow, place.song_s / ratio - place.take_s, place.ratio / ratio - 1
