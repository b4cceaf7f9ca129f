"""When things happen in a clip: counts → output seconds and frames, frames → take seconds.

Everything is laid on the slowed song's clock (song seconds ÷ speed), whose frames are numbered
from the song's start. A clip covers the frames from that of its first count to that of its
last; consecutive clips therefore tile without drift, at every speed.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

import numpy as np

from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind
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

    def take_times(self, the_pass: Pass) -> Floats:
        """The take second each output frame shows, ``(frames,)``."""
        slow = (self.first_frame + np.arange(self.frames)) / float(self.rate.per_second)
        if the_pass.kind is PassKind.SONG:
            return the_pass.clock.inverse()(slow * float(self.speed))
        counts = self.counts_to_slow.inverse()(slow)
        return the_pass.clock.inverse()(counts)


def clip_timing(grid: Grid, counts: CountRange, speed: Fraction, rate: FrameRate) -> ClipTiming:
    """The timing of a range of counts at a speed (1 = the song's own)."""
    slow = grid.time_map().then(TimeMap.line(0.0, 0.0, 1 / float(speed)))
    first = max(0, rate.frame_at(slow(counts.start)))
    last = rate.frame_at(slow(counts.end))
    return ClipTiming(rate, speed, first, max(1, last - first), slow)
