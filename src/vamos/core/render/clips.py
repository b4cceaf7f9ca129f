"""Rendering a clip in all its versions while its source is decoded once."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from contextlib import ExitStack
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import partial
from math import ceil
from pathlib import Path

import numpy as np

from vamos.core.media.frames import Planes
from vamos.core.media.sound import Sound
from vamos.core.model.clip import Arrangement, ClipSound
from vamos.core.progress import Progress, quiet
from vamos.core.render.compose import Composer, Reel, Stage
from vamos.core.render.encode import ClipWriter
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.retimed import retimed
from vamos.core.render.sound_proof import SoundProof
from vamos.core.render.sounds import RenderJob, Sounds, Soundtrack
from vamos.core.render.splice import SplicedComposer
from vamos.core.render.timing import ClipTiming
from vamos.wording import words_of

tr = words_of(__name__)

#: Size of the small pictures kept to check the flip later.
PROOF = (16, 9)
#: Of all of a clip, one so often.
EVERY_S = 0.8


#: Gives the sound of a job.
_Heard = Callable[[RenderJob], Soundtrack]


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
    sounds: Sounds | None = None,
) -> list[Written]:
    """Write several versions of one clip; those with the same pictures are encoded once.

    All jobs share the clip; ``song`` is the song at the sound rate, None for silence. Clips of one project share
    ``sounds``.
    Raises MediaError when the footage cannot be read, WriteError when a file cannot be written,
    Stopped when asked to; nothing half-written is left in either case.
    """
    progress = progress or quiet()
    alike = _alike(jobs, stage)
    heard = partial((sounds or Sounds(stage)).of, song=song, progress=progress)
    try:
        done = _encoded([same[0] for same in alike], stage, heard, progress, chapters)
        for first, *others in alike:
            for job in others:
                progress.check()
                done[job.path] = _retimed(job, done[first.path], stage, heard, chapters)
    except BaseException:
        for job in jobs:
            job.path.unlink(missing_ok=True)
        raise
    progress(1.0, tr.at_home("Wrote {title}", title=jobs[0].clip.title))
    return [done[j.path] for j in jobs]


def _alike(jobs: Sequence[RenderJob], stage: Stage) -> list[list[RenderJob]]:
    """Jobs by their pictures, the fastest of each first: it is encoded, and the others show its frames for longer."""
    found: dict[object, list[RenderJob]] = {}
    for job in sorted(jobs, key=lambda j: -j.version.speed):
        version, timing = job.version, stage.timing(job.clip, job.version)
        counts = range(ceil(job.clip.shown.start), ceil(job.clip.shown.end) + 1)
        places = tuple(timing.frame_of(Fraction(k)) for k in counts)
        look = replace(version, speed=Fraction(1), sound=ClipSound.SONG)
        shown_for = timing.rate.per_second / version.picture_speed
        found.setdefault((look, timing.first_frame, timing.frames, shown_for, places), []).append(job)
    return list(found.values())


def _encoded(
    jobs: Sequence[RenderJob],
    stage: Stage,
    heard: _Heard,
    progress: Progress,
    chapters: tuple[tuple[float, float, str], ...],
) -> dict[Path, Written]:
    total = sum(stage.timing(j.clip, j.version).frames for j in jobs)
    single = [j for j in jobs if j.version.arrangement is Arrangement.ONE]
    # Versions of one film share one decode; the others read two films in step, one after another.
    groups = [single] if single else []
    groups += [[j] for j in jobs if j.version.arrangement is not Arrangement.ONE]
    done: dict[Path, Written] = {}
    before = 0
    with ExitStack() as stack:
        for group in groups:
            written = _render_group(group, stage, heard, progress, chapters, before, total, stack)
            before += sum(w.timing.frames for w in written)
            done |= {w.job.path: w for w in written}
    return done


def _retimed(
    job: RenderJob,
    like: Written,
    stage: Stage,
    heard: _Heard,
    chapters: tuple[tuple[float, float, str], ...],
) -> Written:
    """A version with the pictures of one that is written already."""
    timing = stage.timing(job.clip, job.version)
    sound = heard(job)
    retimed(like.job.path, like.timing.rate, job.path, timing.rate, sound.coded, chapters)
    return replace(like, job=job, timing=timing, lufs=sound.lufs, heard=sound.meant)


def _render_group(
    jobs: Sequence[RenderJob],
    stage: Stage,
    heard: _Heard,
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
            outputs.append(_open(job, composer, stage, heard(job), chapters, stack))
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
                progress((before + count) / total, tr.at_home("Writing {title}", title=jobs[0].clip.title))
    finally:
        for reel in reels.values():
            reel.close()
    return [o.written() for o in outputs]


def _open(
    job: RenderJob,
    composer: Composer | SplicedComposer,
    stage: Stage,
    sound: Soundtrack,
    chapters: tuple[tuple[float, float, str], ...],
    stack: ExitStack,
) -> _Output:
    timing = composer.timing
    writer = ClipWriter(
        job.path,
        *composer.size,
        timing.rate,
        composer.matrix,
        sound.coded,
        chapters,
        stage.output.quality,
        (timing.frame_of(job.clip.counts.start),),
    )
    stack.enter_context(writer)
    return _Output(job, composer, writer, sound.lufs, sound.meant)


def small_grey(luma: Planes) -> Planes:
    """A plane brought down to ``(9, 16)`` by means over its cells."""
    columns, rows = PROOF
    h, w = luma.shape
    ys = np.linspace(0, h, rows + 1).astype(int)
    xs = np.linspace(0, w, columns + 1).astype(int)
    cells = np.add.reduceat(np.add.reduceat(luma.astype(np.float64), ys[:-1], 0), xs[:-1], 1)
    sizes = np.outer(np.diff(ys), np.diff(xs))
    return np.asarray(np.round(cells / sizes), dtype=np.uint8)
