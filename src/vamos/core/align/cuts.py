"""Where a recorder lost a moment: the second of a take at which one line on the song ends and the next begins.

Short blocks of the take around two neighbouring segments are compared with the song along either line; the cut is where
what comes before agrees with the first and what comes after with the second.
"""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from vamos.core.align.correlate import RATE, SongIndex, response
from vamos.core.align.segment import Segment
from vamos.core.media.sound import Samples

#: So far around the edges of both is looked, in blocks of such a length, so often.
_AROUND_S, _BLOCK_S, _STEP_S = 4.0, 0.25, 0.05
#: Segments farther apart than this, in the take or in the song, are no one's lost moment.
_NEAR_S, _LOST_S = 3.0, 2.0


def cut_exactly(song: SongIndex, take: Samples, segments: list[Segment]) -> list[Segment]:
    """Segments (in take order) whose common edges lie where the recorder lost something, within a tenth of a second."""
    out = list(segments)
    for k in range(len(out) - 1):
        a, b = out[k], out[k + 1]
        lost = b.song_at_start_s - (a.song_at_start_s + a.rate * (b.take_start_s - a.take_start_s))
        if abs(b.take_start_s - a.take_end_s) > _NEAR_S or not 0.003 < abs(lost) < _LOST_S:
            continue
        at = _cut(song, take, a, b)
        if at is not None:
            song_b = b.song_at_start_s + b.rate * (at - b.take_start_s)
            out[k] = replace(a, take_end_s=at)
            out[k + 1] = replace(b, take_start_s=at, song_at_start_s=song_b)
    return out


def _cut(song: SongIndex, take: Samples, a: Segment, b: Segment) -> float | None:
    low = max(a.take_start_s + 1, min(a.take_end_s, b.take_start_s) - _AROUND_S)
    high = min(b.take_end_s - 1, max(a.take_end_s, b.take_start_s) + _AROUND_S, len(take) / RATE - _BLOCK_S)
    starts = np.arange(low, high - _BLOCK_S, _STEP_S)
    if len(starts) < 4:
        return None
    scores = [[_agrees(song, take, float(at), s) for at in starts] for s in (a, b)]
    before, after = (np.minimum(np.array(row), 12.0) for row in scores)
    gain = np.concatenate([[0.0], np.cumsum(before - after)])
    # A block belongs to the moment in its middle.
    return float(low + _STEP_S * int(np.argmax(gain)) + (_BLOCK_S - _STEP_S) / 2)


def _agrees(song: SongIndex, take: Samples, at: float, segment: Segment) -> float:
    """How clearly a block sounds like the song along a line, in units of noise."""
    song_s = segment.song_at_start_s + segment.rate * (at - segment.take_start_s)
    reach = int(0.04 * RATE)
    row = response(song.samples, take, np.array([song_s * RATE]), np.array([at * RATE]), int(_BLOCK_S * RATE), reach)
    noise = float(np.sqrt(np.mean(row**2))) + 1e-12
    near = int(0.002 * RATE)
    return float(np.abs(row[reach - near : reach + near + 1]).max() / noise)
