"""When things happen in a clip: counts → output seconds and frames, frames → take seconds.

Everything is laid on the slowed song's clock (song seconds ÷ speed), whose frames are numbered
from the song's start. A clip covers the frames from that of its first count to that of its
last; consecutive clips therefore tile without drift, at every speed.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction

import numpy as np

from vamos.core.model.song import Anchor, Grid
from vamos.core.time import CountRange, FrameRate, TimeMap
from vamos.core.time.timemap import Floats


@dataclass(frozen=True, slots=True)
class ClipTiming:
    """The times of one version of a clip.

    ``first_frame`` is the number of its first frame on the slowed song's clock.
    """

    rate: FrameRate
    speed: Fraction
    first_frame: int
    frames: int
    counts_to_slow: TimeMap

    @property
    def duration_s(self) -> float:
        return self.rate.seconds(self.frames)

    @property
    def song_start_s(self) -> float:
        """The song second at which the clip's first frame stands."""
        return self.rate.seconds(self.first_frame) * float(self.speed)

    @property
    def song_end_s(self) -> float:
        return self.rate.seconds(self.first_frame + self.frames) * float(self.speed)

    def frame_of(self, position: Fraction) -> int:
        """The clip's frame from which an event at a count shows."""
        return self.rate.frame_at(self.counts_to_slow(position)) - self.first_frame

    def out_s(self, position: Fraction) -> float:
        """Exact seconds from the clip's first frame to a count."""
        return self.counts_to_slow(position) - self.rate.seconds(self.first_frame)

    def counts_to_out(self) -> TimeMap:
        """Counts → seconds from the clip's first frame."""
        return self.counts_to_slow.shifted(-self.rate.seconds(self.first_frame))

    def counts(self) -> CountRange:
        """The counts the clip's frames cover, to the nearest 48th."""
        back = self.counts_to_slow.inverse()
        edges = (self.rate.seconds(self.first_frame), self.rate.seconds(self.first_frame + self.frames))
        start, end = (Fraction(round(back(s) * 48), 48) for s in edges)
        return CountRange(start, max(start, end))

    def take_times(self, counts_to_take: TimeMap) -> Floats:
        """The take second each output frame shows, ``(frames,)``."""
        slow = (self.first_frame + np.arange(self.frames)) / float(self.rate.per_second)
        return counts_to_take(self.counts_to_slow.inverse()(slow))


def clip_timing(
    grid: Grid,
    counts: CountRange,
    speed: Fraction,
    rate: FrameRate,
    nudge: tuple[int, int] = (0, 0),
    paced: tuple[Fraction, Fraction] | None = None,
) -> ClipTiming:
    """The timing of a range of counts at a speed of the song (1 = its own).

    ``nudge`` moves start and end by so many frames of the clip, + later. ``paced`` (a count, counts danced in
    one of the music): that count stands on its own beat of the song, and from it on, and back from it, the others come
    slower or faster than the music's.
    """
    song = grid.time_map()
    if paced is not None:
        at, pace = float(paced[0]), float(paced[1])
        song = TimeMap.line(at, at, 1 / pace).then(song)
    slow = song.then(TimeMap.line(0.0, 0.0, 1 / float(speed)))
    first = max(0, rate.frame_at(slow(counts.start)) + nudge[0])
    last = rate.frame_at(slow(counts.end)) + nudge[1]
    return ClipTiming(rate, speed, first, max(1, last - first), slow)


def even_grid(grid: Grid) -> Grid:
    """The same counts at one even tempo, the song's middle one, with count 1 at the same second."""
    beat = 60 / grid.bpm()
    at = grid.time_map()(0)
    ends = (grid.anchors[0].position, grid.anchors[-1].position)
    start = max(0.0, at + float(ends[0]) * beat)
    return replace(grid, anchors=tuple(Anchor(p, start + float(p - ends[0]) * beat) for p in ends), breaks=())
