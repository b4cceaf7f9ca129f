"""Rendering a clip in all its versions while its source is decoded once."""

from __future__ import annotations

from collections.abc import Sequence
from contextlib import ExitStack
from dataclasses import dataclass, field
from pathlib import Path

import numpy as np

from vamos.core.document.heard import Heard
from vamos.core.media.frames import Planes
from vamos.core.media.sound import Samples, Sound
from vamos.core.model.clip import Arrangement, Clip, ClipSound, Version
from vamos.core.progress import Progress, quiet
from vamos.core.render.clip_sound import Told, room_of, told_of, version_sound
from vamos.core.render.compose import Composer, Film, Reel, Stage
from vamos.core.render.encode import ClipWriter
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.sound import RATE, levelled
from vamos.core.render.sound_proof import RATE_HZ, SoundProof, sound_proof
from vamos.core.render.splice import SplicedComposer
from vamos.core.render.timing import ClipTiming
from vamos.core.time.timemap import Floats
from vamos.language import tr

#: Size of the small pictures kept to check the flip later.
PROOF = (16, 9)
#: Of all of a clip, one so often.
EVERY_S = 0.8


@dataclass(frozen=True, slots=True)
class RenderJob:
    """One file to write: a clip in one version, from one film or two."""

    clip: Clip
    version: Version
    path: Path
    films: tuple[Film, ...]


@dataclass(frozen=True, slots=True)
class Written:
    """What was written, for the manifest.

    ``states`` are (first frame, what is shown); ``proof`` a small grey picture of the middle
    frame as filmed, before any flip, ``(9, 16)``; ``pieces`` (frame, flipped, such a picture) of each piece;
    ``covered`` for which share of the clip plates cover the dancer; ``heard`` what it should sound like; ``throughout``
    as ``pieces``, at even distances over all of the clip.
    """

    job: RenderJob
    timing: ClipTiming
    width: int
    height: int
    matrix: str
    states: tuple[tuple[int, OverlayState], ...]
    lufs: float | None
    proof: Planes
    pieces: tuple[tuple[int, bool, Planes], ...] = ()
    covered: float = 0.0
    heard: SoundProof | None = None
    throughout: tuple[tuple[int, bool, Planes], ...] = ()


@dataclass(slots=True)
class _Output:
    job: RenderJob
    composer: Composer | SplicedComposer
    writer: ClipWriter
    lufs: float | None
    heard: SoundProof | None = None
    proof: Planes | None = None
    pieces: list[tuple[int, bool, Planes]] = field(default_factory=list)
    throughout: list[tuple[int, bool, Planes]] = field(default_factory=list)

    @property
    def left(self) -> int:
        return self.composer.timing.frames - self.writer.frames

    def next_pick(self) -> float:
        return float(self.composer.picks[0][self.writer.frames])

    def write_next(self) -> None:
        frame = self.writer.frames
        if frame == self.composer.timing.frames // 2:
            self.proof = small_grey(self.composer.as_filmed(frame))
        if frame % max(1, round(EVERY_S * float(self.composer.timing.rate.per_second))) == 0:
            # In an arrangement each picture is flipped by itself already.
            flip = self.job.version.arrangement is Arrangement.ONE and self.composer.flipped_at(frame)
            self.throughout.append((frame, flip, small_grey(self.composer.as_filmed(frame))))
        for middle, flip in self.composer.middles:
            if frame == middle:
                self.pieces.append((frame, flip, small_grey(self.composer.as_filmed(frame))))
        self.writer.picture(*self.composer.picture(frame))

    def written(self) -> Written:
        width, height = self.composer.size
        proof = self.proof if self.proof is not None else np.zeros(PROOF[::-1], np.uint8)
        states = tuple(self.composer.states)
        timing = self.composer.timing
        return Written(
            self.job,
            timing,
            width,
            height,
            self.composer.matrix,
            states,
            self.lufs,
            proof,
            tuple(self.pieces),
            self.composer.covered,
            self.heard,
            tuple(self.throughout),
        )


def render_clip(
    jobs: Sequence[RenderJob],
    stage: Stage,
    song: Sound | None,
    progress: Progress | None = None,
    chapters: tuple[tuple[float, float, str], ...] = (),
) -> list[Written]:
    """Write several versions of one clip.

    All jobs share the clip; ``song`` is the song at the sound rate, None for silence.
    Raises MediaError when the footage cannot be read, WriteError when a file cannot be written,
    Stopped when asked to; nothing half-written is left in either case.
    """
    progress = progress or quiet()
    total = sum(stage.timing(j.clip, j.version).frames for j in jobs)
    single = [j for j in jobs if j.version.arrangement is Arrangement.ONE]
    # Versions with one picture share one decode; the others read two films in step, one after another.
    groups = [single] if single else []
    groups += [[j] for j in jobs if j.version.arrangement is not Arrangement.ONE]
    with ExitStack() as stack:
        done: dict[Path, Written] = {}
        before = 0
        for group in groups:
            written = _render_group(group, stage, song, progress, chapters, before, total, stack)
            before += sum(w.timing.frames for w in written)
            done |= {w.job.path: w for w in written}
    progress(1.0, tr("Wrote {title}", title=jobs[0].clip.title))
    return [done[j.path] for j in jobs]


def _render_group(
    jobs: Sequence[RenderJob],
    stage: Stage,
    song: Sound | None,
    progress: Progress,
    chapters: tuple[tuple[float, float, str], ...],
    before: int,
    total: int,
    stack: ExitStack,
) -> list[Written]:
    reels: dict[Path, Reel] = {}
    outputs = []
    try:
        for job in jobs:
            composer: Composer | SplicedComposer
            if job.clip.pieces:
                composer = SplicedComposer(job.clip, job.films, job.version, stage, reels)
            else:
                composer = Composer(job.films, job.version, stage, reels)
            # Writers stay with the caller: an error in a later group removes the files of all.
            outputs.append(_open(job, composer, stage, song, chapters, stack, progress))
        waiting = [o for o in outputs if o.left]
        count = 0
        while waiting:
            # In the order of the film, so that each of its frames is decoded once for all versions.
            output = min(waiting, key=_Output.next_pick)
            output.write_next()
            count += 1
            if not output.left:
                waiting.remove(output)
            if count % 8 == 0:
                progress((before + count) / total, tr("Writing {title}", title=jobs[0].clip.title))
    finally:
        for reel in reels.values():
            reel.close()
    return [o.written() for o in outputs]


def _open(
    job: RenderJob,
    composer: Composer | SplicedComposer,
    stage: Stage,
    song: Sound | None,
    chapters: tuple[tuple[float, float, str], ...],
    stack: ExitStack,
    progress: Progress,
) -> _Output:
    """A writer with its sound handed over."""
    film, times = job.films[0], composer.take_times(job.films[0])
    room = None
    if stage.output.mix.hears_room(job.version.sound) and not job.clip.pieces:
        room, times = room_of(film.heard or Heard(film.path), times)
    told = told_of(composer.overlay, job.clip, stage.lines, stage.output.mix)
    raw = version_sound(job.version, composer.timing, told, song, room, times)
    writer = ClipWriter(
        job.path,
        *composer.size,
        composer.timing.rate,
        composer.matrix,
        RATE if raw is not None else None,
        chapters,
        stage.output.quality,
    )
    stack.enter_context(writer)
    lufs, heard = None, None
    if raw is not None:
        heard = _meant(job.version.sound, composer.timing, told, song, room, times, raw)
        samples, level = levelled(raw, progress)
        writer.sound(samples)
        lufs = round(level, 2)
    return _Output(job, composer, writer, lufs, heard)


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
    alone = told.lead is None and not (mix.clicks or mix.voice or mix.room or mix.excerpt_s)
    if sound is ClipSound.SONG and song is not None and alone:
        return sound_proof(song.samples, song.rate, timing.song_start_s + at_s * float(timing.speed))
    if sound is ClipSound.ROOM and room is not None and told.lead is None:
        frames_s = np.arange(len(times)) / float(timing.rate.per_second)
        return sound_proof(room.samples, room.rate, np.interp(at_s, frames_s, times))
    return sound_proof(raw, RATE, at_s)


def small_grey(luma: Planes) -> Planes:
    """A plane brought down to ``(9, 16)`` by means over its cells."""
    columns, rows = PROOF
    h, w = luma.shape
    ys = np.linspace(0, h, rows + 1).astype(int)
    xs = np.linspace(0, w, columns + 1).astype(int)
    cells = np.add.reduceat(np.add.reduceat(luma.astype(np.float64), ys[:-1], 0), xs[:-1], 1)
    sizes = np.outer(np.diff(ys), np.diff(xs))
    return np.asarray(np.round(cells / sizes), dtype=np.uint8)
