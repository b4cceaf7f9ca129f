"""A clip gone through again and again: count 1 comes exactly a range after the last one, in picture and sound."""

from __future__ import annotations

from bisect import bisect_left, bisect_right
from collections.abc import Sequence
from typing import TypeVar

import numpy as np

from vamos.core.media.sound import Samples
from vamos.core.render.sound import RATE, faded
from vamos.core.render.timing import ClipTiming
from vamos.core.time import CountRange

#: The sound of the next round takes over within this, so that the join does not click.
_JOIN_S = 0.003
T = TypeVar("T")


def order_of(timing: ClipTiming, counts: CountRange, rounds: int) -> list[int]:
    """The frames of a clip in the order they are shown: to the end of ``counts``, and that range again and again.

    Each is the frame nearest to its moment, at the end of a round the one before, so that no round is longer or
    shorter than the music.
    """
    rate = float(timing.rate.per_second)
    first_s, end_s = timing.out_s(counts.start), timing.out_s(counts.end)
    long_s = end_s - first_s
    at = np.arange(max(1, round((end_s + (rounds - 1) * long_s) * rate))) / rate
    within = np.where(at < end_s, at, first_s + np.mod(at - first_s, long_s))
    # The count after the last one is not shown any more.
    last = min(timing.frame_of(counts.end), timing.frames) - 1
    return [int(k) for k in np.clip(np.floor(within * rate + 0.5), 0, last)]


def sound_of(samples: Samples, timing: ClipTiming, counts: CountRange, rounds: int) -> Samples:
    """The sound for :func:`order_of`, to the sample; it has to go on a little after ``counts``."""
    first, end = (round(timing.out_s(at) * RATE) for at in (counts.start, counts.end))
    again = samples[first:end].copy()
    join = min(round(_JOIN_S * RATE), len(samples) - end, len(again))
    if join > 0:
        ramp = np.linspace(0, 1, join, dtype=np.float32)[:, None]
        again[:join] = ramp * again[:join] + (1 - ramp) * samples[end : end + join]
    return faded(np.concatenate([samples[:end], *[again] * (rounds - 1)]))


def shown_at(changes: Sequence[tuple[int, T]], order: Sequence[int]) -> list[tuple[int, T]]:
    """(frame, what) where something else begins, for the frames in their order; ``changes`` is that of the clip."""
    begins = [frame for frame, _ in changes]
    out: list[tuple[int, T]] = []
    for at, frame in enumerate(order):
        what = changes[max(0, bisect_right(begins, frame) - 1)][1]
        if not out or out[-1][1] is not what:
            out.append((at, what))
    return out


def counts_at(counts: Sequence[tuple[int, str]], order: Sequence[int]) -> list[tuple[int, str]]:
    """(frame, number) of the counts that begin, for the frames in their order."""
    begins = [frame for frame, _ in counts]
    out: list[tuple[int, str]] = []
    following = 0
    for at, frame in enumerate(order):
        if at and frame < order[at - 1]:
            # A new round; its first count may have begun by less than a frame.
            following = bisect_left(begins, frame - 1)
        while following < len(begins) and begins[following] <= frame:
            out.append((at, counts[following][1]))
            following += 1
    return out
