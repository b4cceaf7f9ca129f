"""Rendering a clip in all its versions while its source is decoded once."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from contextlib import ExitStack
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from vamos.core.dance.lines import Line
from vamos.core.jobs import Watch, quiet
from vamos.core.media.frames import FrameReader, Planes, shown_size, yuv_planes
from vamos.core.media.sound import Sound
from vamos.core.model.clip import Clip, Version
from vamos.core.model.clip import Sound as Heard
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass
from vamos.core.render.clicks import add_clicks, counts_between
from vamos.core.render.encode import ClipWriter
from vamos.core.render.overlays import Shown, Words, draw_on_yuv, schedule
from vamos.core.render.sound import RATE, clip_sound, levelled
from vamos.core.render.timing import ClipTiming, clip_timing
from vamos.core.time import FrameRate
from vamos.core.time.timemap import Floats

#: Size of the small pictures kept to check the flip later.
PROOF = (16, 9)


@dataclass(frozen=True, slots=True)
class Job:
    """One file to write: a clip in one version."""

    clip: Clip
    version: Version
    path: Path


@dataclass(frozen=True, slots=True)
class Written:
    """What was written, for the manifest.

    ``states`` are (first frame, what is shown); ``proof`` a small grey picture of the middle
    frame as filmed, before any flip, ``(9, 16)``.
    """

    job: Job
    timing: ClipTiming
    width: int
    height: int
    matrix: str
    states: tuple[tuple[int, Shown], ...]
    lufs: float | None
    proof: Planes


@dataclass(slots=True)
class _Output:
    job: Job
    timing: ClipTiming
    times: Floats
    states: list[tuple[int, Shown]]
    writer: ClipWriter
    state: int = 0
    proof: Planes | None = None

    def due(self, until_take_s: float) -> Iterator[int]:
        """Output frames that show the source frame current up to a take second."""
        while self.writer.frames < self.timing.frames and self.times[self.writer.frames] <= until_take_s:
            yield self.writer.frames

    def shown(self, frame: int) -> Shown:
        while self.state + 1 < len(self.states) and self.states[self.state + 1][0] <= frame:
            self.state += 1
        return self.states[self.state][1]


def picture_size(width: int, height: int, longest: int) -> tuple[int, int]:
    """Even size with the longest side at most ``longest``, never larger than the source."""
    scale = min(1.0, longest / max(width, height))
    return max(2, round(width * scale / 2) * 2), max(2, round(height * scale / 2) * 2)


def render_clip(
    jobs: Sequence[Job],
    take_path: Path,
    the_pass: Pass,
    grid: Grid,
    lines: Sequence[Line],
    song: Sound | None,
    rate: FrameRate,
    longest: int,
    watch: Watch | None = None,
    chapters: tuple[tuple[float, float, str], ...] = (),
) -> list[Written]:
    """Write several versions of one clip.

    All jobs share the clip; ``song`` is the song at the sound rate, None for silence.
    Raises MediaError when the footage cannot be read, WriteError when a file cannot be written,
    Stopped when asked to; nothing half-written is left in either case.
    """
    watch = watch or quiet()
    clip = jobs[0].clip
    words = Words(lines)
    with FrameReader(take_path) as reader, ExitStack() as stack:
        timings = [clip_timing(grid, clip.shown, job.version.speed, rate) for job in jobs]
        start = min(float(t.take_times(the_pass)[0]) for t in timings)
        first = reader.nearest(start)
        width, height = picture_size(*shown_size(first), longest)
        matrix = _matrix(first)
        outputs = []
        for job, timing in zip(jobs, timings, strict=True):
            heard = job.version.sound is Heard.CLICKS or (song is not None and job.version.sound is not Heard.NONE)
            writer = stack.enter_context(
                ClipWriter(job.path, width, height, rate, matrix, RATE if heard else None, chapters)
            )
            outputs.append(_Output(job, timing, timing.take_times(the_pass), schedule(words, clip, timing), writer))
        levels = [_sound(output, song, lines) for output in outputs]
        _pictures(reader, outputs, start, width, height, matrix, watch)
    watch(1.0, f"Wrote {clip.title}")
    return [
        Written(
            o.job,
            o.timing,
            width,
            height,
            matrix,
            tuple(o.states),
            level,
            o.proof if o.proof is not None else np.zeros(PROOF[::-1], np.uint8),
        )
        for o, level in zip(outputs, levels, strict=True)
    ]


def _pictures(
    reader: FrameReader,
    outputs: list[_Output],
    start: float,
    width: int,
    height: int,
    matrix: str,
    watch: Watch,
) -> None:
    """Decode once from ``start`` and hand each source frame to every version that shows it."""
    total = sum(o.timing.frames for o in outputs)
    for frame, until in reader.with_ends(start):
        planes = None
        for output in outputs:
            for number in output.due(until):
                if planes is None:
                    planes = yuv_planes(frame, width, height)
                _write_frame(output, number, planes, matrix)
        done = sum(o.writer.frames for o in outputs)
        watch(done / total, f"Writing {outputs[0].job.clip.title}")
        if done == total:
            return


def _write_frame(output: _Output, number: int, planes: tuple[Planes, Planes, Planes], matrix: str) -> None:
    if number == output.timing.frames // 2:
        output.proof = small_grey(planes[0])
    step = -1 if output.job.clip.flip else 1
    y, u, v = (np.ascontiguousarray(p[:, ::step]) if step < 0 else p.copy() for p in planes)
    draw_on_yuv(y, u, v, output.shown(number), matrix)
    output.writer.picture(y, u, v)


def small_grey(luma: Planes) -> Planes:
    """A plane brought down to ``(9, 16)`` by means over its cells."""
    columns, rows = PROOF
    h, w = luma.shape
    ys = np.linspace(0, h, rows + 1).astype(int)
    xs = np.linspace(0, w, columns + 1).astype(int)
    cells = np.add.reduceat(np.add.reduceat(luma.astype(np.float64), ys[:-1], 0), xs[:-1], 1)
    sizes = np.outer(np.diff(ys), np.diff(xs))
    return np.asarray(np.round(cells / sizes), dtype=np.uint8)


def _matrix(frame: object) -> str:
    """Which luma weights a frame uses: as it says, else by its size (common practice)."""
    code = getattr(frame, "colorspace", 2)
    if code == 1:
        return "709"
    if code in (5, 6):
        return "601"
    return "709" if min(frame.width, frame.height) >= 720 else "601"  # type: ignore[attr-defined]


def _sound(output: _Output, song: Sound | None, lines: Sequence[Line]) -> float | None:
    """Hand over the sound of a version; its loudness in LUFS, None without sound."""
    heard = output.job.version.sound
    if heard is Heard.NONE or (heard is Heard.SONG and song is None):
        return None
    if heard is Heard.SONG and song is not None:
        raw = clip_sound(song, output.timing)
    else:
        raw = np.zeros((round(output.timing.duration_s * RATE), 2), dtype=np.float32)
        shown = output.job.clip.shown
        add_clicks(raw, RATE, counts_between(lines, shown.start, shown.end), output.timing.counts_to_out())
    samples, level = levelled(raw)
    output.writer.sound(samples)
    return round(level, 2)
