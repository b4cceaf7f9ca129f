"""The sounds of clips in the making: each is made, levelled and coded once, however many pictures it lies under."""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from fractions import Fraction
from math import ceil
from pathlib import Path
from threading import Lock

import numpy as np

from vamos.core.document import heard as takes
from vamos.core.media.sound import Samples, Sound
from vamos.core.model.clip import Clip, ClipSound, Version
from vamos.core.progress import Progress
from vamos.core.render.clip_sound import Told, room_of, told_of, version_sound
from vamos.core.render.compose import Film, Stage, overlay_of
from vamos.core.render.sound import RATE, levelled
from vamos.core.render.sound_proof import RATE_HZ, SoundProof, sound_proof
from vamos.core.render.timing import ClipTiming
from vamos.core.time.timemap import Floats


@dataclass(frozen=True, slots=True)
class RenderJob:
    """One file to write: a clip in one version, from one film or two."""

    clip: Clip
    version: Version
    path: Path
    films: tuple[Film, ...]


@dataclass(frozen=True, slots=True)
class Soundtrack:
    """What a version sounds like: coded, None for silence; how loud that is (LUFS); what it is meant to be."""

    coded: bytes | None = None
    lufs: float | None = None
    meant: SoundProof | None = None


@dataclass(slots=True)
class _Place:
    lock: Lock = field(default_factory=Lock)
    sound: Soundtrack | None = None


class Sounds:
    """The sounds of the clips of one stage and one song. Safe to ask from several threads."""

    def __init__(self, stage: Stage):
        self._stage, self._lock = stage, Lock()
        self._places: dict[object, _Place] = {}

    def of(self, job: RenderJob, song: Sound | None, progress: Progress) -> Soundtrack:
        """Of one file; the views of an eight sound alike, so it may be there already. Raises Stopped."""
        timing = self._stage.timing(job.clip, job.version)
        told = told_of(
            overlay_of(job.version, self._stage.output.overlay), job.clip, self._stage.lines, self._stage.output.mix
        )
        # Pieces have no one clock; nothing is heard of their rooms.
        if self._stage.output.mix.hears_room(job.version.sound) and not job.clip.pieces:
            film = job.films[0]
            times = self._stage.take_times(film, job.clip, timing)
            room, times = room_of(film.heard or takes.Heard(film.path), times)
            return _made(job.version, timing, told, song, room, times, progress)
        with self._lock:
            place = self._places.setdefault(_known_by(job, timing, told), _Place())
        with place.lock:
            if place.sound is None:
                place.sound = _made(job.version, timing, told, song, None, np.zeros(timing.frames), progress)
            return place.sound


def _known_by(job: RenderJob, timing: ClipTiming, told: Told) -> object:
    """All that a sound without a room follows from, beside stage and song."""
    shown = job.clip.shown
    counts = tuple(timing.out_s(Fraction(k)) for k in range(ceil(shown.start), ceil(shown.end) + 1))
    counted = (
        job.version.sound in (ClipSound.CLICKS, ClipSound.VOICE)
        or told.mix.clicks
        or told.mix.voice
        or told.mix.excerpt_s
    )
    called = told.lines if told.mix.calls else ()
    # How far a film reaches tells only where something is counted.
    said = replace(told, lines=called, within=told.within if counted else None)
    return (job.version.sound, timing.speed, timing.song_start_s, timing.duration_s, counts, shown.start, repr(said))


def _made(
    version: Version,
    timing: ClipTiming,
    told: Told,
    song: Sound | None,
    room: Sound | None,
    times: Floats,
    progress: Progress,
) -> Soundtrack:
    raw = version_sound(version, timing, told, song, room, times)
    if raw is None:
        return Soundtrack()
    meant = _meant(version.sound, timing, told, song, room, times, raw)
    made = levelled(raw, progress)
    return Soundtrack(made.coded, round(made.lufs, 2), meant)


def _meant(
    sound: ClipSound,
    timing: ClipTiming,
    told: Told,
    song: Sound | None,
    room: Sound | None,
    times: Floats,
    raw: Samples,
) -> SoundProof:
    """What a clip should sound like: by its source where nothing else is mixed in, else by what was mixed."""
    mix, at_s = told.mix, np.arange(int(timing.duration_s * RATE_HZ)) / RATE_HZ
    alone = told.lead is None and not (mix.clicks or mix.voice or mix.calls or mix.room or mix.excerpt_s)
    if sound is ClipSound.SONG and song is not None and alone:
        return sound_proof(song.samples, song.rate, timing.song_start_s + at_s * float(timing.speed))
    if sound is ClipSound.ROOM and room is not None and told.lead is None:
        frames_s = np.arange(len(times)) / float(timing.rate.per_second)
        return sound_proof(room.samples, room.rate, np.interp(at_s, frames_s, times))
    return sound_proof(raw, RATE, at_s)
