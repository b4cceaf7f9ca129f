"""Placing whole takes: the song in the room first, a counting voice if there is none."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np

from vamos.core.align.correlate import RATE, SongIndex
from vamos.core.align.counted import Counting, find_counting
from vamos.core.align.song_in_room import Segment, find_song
from vamos.core.jobs import Watch, quiet
from vamos.core.media.probe import probe
from vamos.core.media.sound import read_sound
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import MediaError

#: Sound travels this fast at 20 °C (CRC Handbook of Chemistry and Physics).
SOUND_M_PER_S = 343.0


def song_index(path: Path, watch: Watch | None = None) -> SongIndex:
    """A song made ready for placing takes; raises MissingError or MediaError."""
    found = probe(path)
    return SongIndex(read_sound(path, RATE, watch=watch, expected_s=found.duration_s).mono())


def place_take(take: Take, path: Path, song: SongIndex, watch: Watch | None = None) -> Take:
    """The take with its passes.

    A take without sound stays without passes. Raises MissingError or MediaError when the file
    cannot be read.
    """
    watch = watch or quiet()
    found = probe(path)
    if not found.has_picture:
        raise MediaError("there is no picture in it, so it cannot be a take.", file=path)
    if not found.has_sound:
        return replace(take, passes=(), looked_for_passes=True)
    sound = read_sound(path, RATE, watch=watch.part(0, 0.4), expected_s=found.duration_s).mono()
    segments = find_song(song, sound, watch.part(0.4, 0.8))
    if segments:
        passes = tuple(_song_pass(s, take.speaker_m) for s in segments)
    else:
        counting = find_counting(path, watch.part(0.8, 1.0), found.duration_s)
        passes = (_counted_pass(counting),) if counting and counting.confidence > 0.25 else ()
    watch(1.0, f"Placed {path.name}")
    return replace(take, passes=passes, looked_for_passes=True)


def _song_pass(segment: Segment, speaker_m: float) -> Pass:
    """A pass from a segment; sound from ``speaker_m`` metres away arrives late."""
    late = speaker_m / SOUND_M_PER_S
    clock = TimeMap.line(segment.take_start_s, segment.song_at_start_s + late * segment.rate, segment.rate)
    return Pass(
        PassKind.SONG,
        TimeRange(segment.take_start_s, segment.take_end_s),
        clock,
        segment.confidence,
        segment.residual_s,
        segment.rate,
        f"the song is heard, placed within {max(0.1, segment.residual_s * 1000):.1f} ms",
    )


def _counted_pass(counting: Counting) -> Pass:
    """A pass whose clock gives counts: 0 is the first 1 said."""
    numbers = np.arange(len(counting.times_s), dtype=np.float64) - counting.first
    times = counting.times_s
    period = float(np.median(np.diff(times)))
    one = "which count is 1 was heard" if counting.sure_of_one > 0.35 else "which count is 1 is open"
    return Pass(
        PassKind.COUNTED,
        TimeRange(float(times[0]), float(times[-1] + period)),
        TimeMap.through(times, numbers),
        counting.confidence,
        0.0,
        1.0,
        f"counted aloud, no music; {one}",
    )
