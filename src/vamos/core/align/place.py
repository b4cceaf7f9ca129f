"""Placing whole takes: the song in the room first, a counting voice if there is none."""

from __future__ import annotations

from dataclasses import dataclass, replace
from pathlib import Path

import numpy as np

from vamos.core.align.correlate import RATE, SongIndex
from vamos.core.align.counted import HINT, Counting, countings_in
from vamos.core.align.segment import Segment
from vamos.core.align.slowed import SlowedSearch, features, find_slowed
from vamos.core.align.song_in_room import SHORTEST_S, find_song
from vamos.core.align.voice_rises import RATE as VOICE_RATE
from vamos.core.document.heard import Heard
from vamos.core.grid.spectra import Spectra, analyse
from vamos.core.media.probe import probe
from vamos.core.media.sound import Samples, read_sound
from vamos.core.model.take import SOUND_M_PER_S, SURE, Pass, PassKind, Take
from vamos.core.progress import Progress, quiet
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import MediaError
from vamos.wording import words_of

tr = words_of(__name__)

#: A stretch with no song in it must be this long to be searched for another speed or for counting.
LONG_ENOUGH_S = 12.0
#: A place by onsets is told to be no better than this (recorded bands, rooms, both kinds of slowing: up to 35 ms off).
BY_ONSETS_MS = 20.0
#: A slowed song less sure than this is not told (tuning set of bench/place.py).
SLOWED_SURE = 0.3


@dataclass(frozen=True, slots=True)
class SongSound:
    """A song made ready for placing takes on it."""

    index: SongIndex
    search: SlowedSearch


def song_sound(path: Path, progress: Progress | None = None) -> SongSound:
    """Read a song for placing; raises MissingError or MediaError."""
    progress = progress or quiet()
    found = probe(path)
    index = SongIndex(read_sound(path, RATE, progress=progress.part(0, 0.4), expected_s=found.duration_s).mono())
    spectra = analyse(path, progress.part(0.4, 1.0), found.duration_s)
    return SongSound(index, SlowedSearch(features(spectra), index))


def place_take(
    take: Take, path: Path, song: SongSound, progress: Progress | None = None, heard: Heard | None = None
) -> Take:
    """The take with its passes, in order: with the song, with the song slowed, counted aloud.

    ``heard`` is where it is listened to, when not in the film itself. A take without sound stays without passes.
    Raises MissingError or MediaError when a file cannot be read.
    """
    progress = progress or quiet()
    found = probe(path)
    if not found.has_picture:
        raise MediaError(tr("there is no picture in it, so it cannot be a take."), file=path)
    heard, passes = heard or Heard(path), []
    own_share = 1.0 if heard.clock is None else 0.3
    if found.has_sound:
        passes = _passes_in(take, path, found.duration_s, song, heard.clock is None, progress.part(0, own_share))
    if heard.clock is not None:
        # Where the song is heard in the film, that is exact; two rooms laid on each other are off by up to 20 ms.
        passes = [p for p in passes if p.confidence >= SURE]
        length = probe(heard.path).duration_s
        for p in _passes_in(take, heard.path, length, song, True, progress.part(own_share, 1.0)):
            seen = _in_film(p, heard, take.media.duration_s)
            if seen is not None and all(seen.take_range.overlap_s(q.take_range) < SHORTEST_S for q in passes):
                passes.append(seen)
    progress(1.0, tr("Placed {name}", name=path.name))
    ordered = tuple(sorted(passes, key=lambda p: p.take_range.start_s))
    return replace(take, passes=ordered, looked_for_passes=True)


def _passes_in(
    take: Take, path: Path, duration_s: float, song: SongSound, all_kinds: bool, progress: Progress
) -> list[Pass]:
    """Passes heard in a file, in its own seconds; of ``all_kinds``, or only with the song at its own speed."""
    sound = read_sound(path, RATE, progress=progress.part(0, 0.3), expected_s=duration_s).mono()
    segments = find_song(song.index, sound, progress.part(0.3, 0.5))
    spectra: Spectra | None = None
    if all_kinds and _doubtful(segments, len(sound) / RATE):
        spectra = analyse(path, progress.part(0.5, 0.6), len(sound) / RATE)
        slow = _slowed_whole(spectra, song, sound, progress.part(0.6, 0.7))
        if slow is not None and all(s.confidence < SURE or _lies_on(slow, s) for s in segments):
            segments = [slow, *(s for s in segments if not _overlap(slow, s))]
            segments.sort(key=lambda s: s.take_start_s)
    passes = _song_passes(segments, take.speaker_m)
    left = _left_over([(s.take_start_s, s.take_end_s) for s in segments], len(sound) / RATE)
    if left and all_kinds:
        passes += _other_passes(take, path, song, sound, left, spectra, progress.part(0.5, 1.0))
    return passes


#: A stretcher that keeps the pitch lays grains of the song side by side: for so long they may run at its own speed.
_GRAIN_S, _NEAR_LINE_S = 14.0, 0.6


def _doubtful(segments: list[Segment], duration_s: float) -> bool:
    """Whether all that is heard at the song's own speed is not sure, or short and little of the take."""
    sure = [s.take_end_s - s.take_start_s for s in segments if s.confidence >= SURE]
    return bool(segments) and max(sure, default=0.0) < _GRAIN_S and sum(sure) < duration_s / 2


def _slowed_whole(spectra: Spectra, song: SongSound, sound: Samples, progress: Progress) -> Segment | None:
    """The song at another speed over all of a take."""
    slow = find_slowed(song.search, features(spectra), sound, 0.0, len(sound) / RATE, progress)
    other = slow is not None and abs(slow.rate - 1) > 0.01
    return slow if slow is not None and other and slow.confidence >= SURE else None


def _overlap(a: Segment, b: Segment) -> bool:
    return min(a.take_end_s, b.take_end_s) > max(a.take_start_s, b.take_start_s)


def _lies_on(slow: Segment, short: Segment) -> bool:
    """Whether a short segment at the song's own speed is a moment of a pass at another."""
    middle = (short.take_start_s + short.take_end_s) / 2
    said = short.song_at_start_s + short.rate * (middle - short.take_start_s)
    along = slow.song_at_start_s + slow.rate * (middle - slow.take_start_s)
    return abs(said - along) < _NEAR_LINE_S


def _in_film(the_pass: Pass, heard: Heard, duration_s: float) -> Pass | None:
    """A pass found in another recording, in seconds of the film; None where the camera was not running."""
    if heard.clock is None:
        return the_pass
    start, end = (heard.take_s(at) for at in (the_pass.take_range.start_s, the_pass.take_range.end_s))
    inside = TimeRange(max(0.0, start), max(0.0, min(end, duration_s)))
    if inside.length_s < SHORTEST_S:
        return None
    clock = heard.from_sound(the_pass.clock)
    moved = clock(inside.start_s) - the_pass.clock(the_pass.take_range.start_s)
    return replace(
        the_pass,
        take_range=inside,
        clock=clock,
        rate=the_pass.rate * heard.clock.slope_at(inside.start_s),
        also_at_song_s=tuple(at + moved for at in the_pass.also_at_song_s),
    )


def _left_over(covered: list[tuple[float, float]], duration_s: float) -> list[tuple[float, float]]:
    """Stretches outside of some others that are long enough to hold a pass."""
    edges = [0.0, *(x for span in sorted(covered) for x in span), duration_s]
    spans = zip(edges[::2], edges[1::2], strict=True)
    return [(a, b) for a, b in spans if b - a >= LONG_ENOUGH_S]


def _other_passes(
    take: Take,
    path: Path,
    song: SongSound,
    sound: Samples,
    left: list[tuple[float, float]],
    spectra: Spectra | None,
    progress: Progress,
) -> list[Pass]:
    """Passes in stretches without the song at its own speed: slowed first, then counting."""
    duration = len(sound) / RATE
    spectra = spectra or analyse(path, progress.part(0, 0.4), duration)
    seen = features(spectra)
    passes: list[Pass] = []
    voice: Samples | None = None
    for number, (start, end) in enumerate(left):
        part = progress.part(0.4 + 0.5 * number / len(left), 0.4 + 0.5 * (number + 1) / len(left))
        slow = find_slowed(song.search, seen, sound, start, end, part)
        if slow is not None and slow.confidence >= SLOWED_SURE:
            passes.append(_song_pass(slow, take.speaker_m))
        else:
            voice = read_sound(path, VOICE_RATE, expected_s=duration).mono() if voice is None else voice
            passes += [_counted_pass(c) for c in countings_in(voice, start, end)]
    return passes


#: Of a recorder that lost (or doubled) less than this, both sides are one pass.
_LOST_S = 0.1


def _song_passes(segments: list[Segment], speaker_m: float) -> list[Pass]:
    """A pass for each segment; where a recorder lost a blink, one pass whose clock jumps there."""
    passes = [_song_pass(s, speaker_m) for s in segments]
    out: list[Pass] = []
    for p in passes:
        cut = p.take_range.start_s
        before = out[-1] if out else None
        lost = abs(float(p.clock(cut)) - float(before.clock(cut))) if before is not None else _LOST_S
        touching = before is not None and abs(before.take_range.end_s - cut) < 0.01
        if before is not None and touching and lost < _LOST_S and min(before.confidence, p.confidence) >= SURE:
            out[-1] = _joined(before, p, max(0.02, lost))
        else:
            out.append(p)
    return out


def _joined(before: Pass, after: Pass, blink_s: float) -> Pass:
    cut = after.take_range.start_s
    first = [x for x in (before.take_range.start_s, *before.clock.x) if x < cut - blink_s]
    x = [*sorted(set(first)), cut - blink_s]
    y = [
        *(float(before.clock(at)) for at in x),
        float(after.clock(cut + blink_s)),
        float(after.clock(after.take_range.end_s)),
    ]
    return replace(
        before,
        take_range=TimeRange(before.take_range.start_s, after.take_range.end_s),
        clock=TimeMap.through([*x, cut + blink_s, after.take_range.end_s], y),
        confidence=min(before.confidence, after.confidence),
        residual_s=max(before.residual_s, after.residual_s),
        reason=tr(
            "{reason}; the recorder lost a moment at {cut:.1f} s, which is kept in mind", reason=before.reason, cut=cut
        ),
    )


def _song_pass(segment: Segment, speaker_m: float) -> Pass:
    """A pass from a segment; sound from ``speaker_m`` metres away arrives late."""
    late = speaker_m / SOUND_M_PER_S
    clock = TimeMap.line(segment.take_start_s, segment.song_at_start_s + late * segment.rate, segment.rate)
    # A place found by onsets alone has no clarity; rooms and stretchers move onsets by more than they scatter.
    within = max(0.1 if segment.clarity else BY_ONSETS_MS, segment.residual_s * 1000)
    reason = tr("the song is heard, placed within {within:.1f} ms", within=within)
    if abs(segment.rate - 1) > 0.01:
        reason = tr("the song is heard at {rate:.0%}, placed within {within:.0f} ms", rate=segment.rate, within=within)
    if segment.also_at_s:
        reason += tr("; the song repeats exactly, so it may also be elsewhere")
    return Pass(
        PassKind.SONG,
        TimeRange(segment.take_start_s, segment.take_end_s),
        clock,
        segment.confidence,
        segment.residual_s,
        segment.rate,
        reason,
        tuple(at + late * segment.rate for at in segment.also_at_s),
    )


def _counted_pass(counting: Counting) -> Pass:
    """A pass whose clock gives counts: 0 is the first 1 said."""
    numbers = np.arange(len(counting.times_s), dtype=np.float64) - counting.first
    times = counting.times_s
    period = float(np.median(np.diff(times)))
    reason = tr("counted aloud, no music; which count is 1 was heard")
    if counting.sure_of_one <= HINT:
        reason = tr("a steady voice without the song, perhaps counting: see whether it is, and say which count is 1")
    return Pass(
        PassKind.COUNTED,
        TimeRange(float(times[0]), float(times[-1] + period)),
        TimeMap.through(times, numbers),
        counting.confidence,
        0.0,
        1.0,
        reason,
    )
