"""The film of a lesson: cards and clips in the order of its steps, with chapters, verified like a pack."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import ExitStack
from dataclasses import dataclass, replace
from fractions import Fraction
from pathlib import Path

import msgspec
import numpy as np

from vamos import __version__
from vamos.core.dance.lines import lines_of
from vamos.core.document.paths import locate
from vamos.core.lesson.filming import clip_of
from vamos.core.lesson.paper import lesson_markdown
from vamos.core.lesson.plan import LessonPlan, plan_lesson
from vamos.core.lesson.step import Step
from vamos.core.media.sound import Samples, Sound
from vamos.core.model.clip import Clip, ClipSound, Look, RunThrough, Version
from vamos.core.model.look import WORDS_LOOK, Framing, Shape
from vamos.core.model.project import Project
from vamos.core.pack import manifest as mf
from vamos.core.pack.chapters import Chapter, ffmetadata, plain_list
from vamos.core.pack.place import made_at
from vamos.core.pack.write import Outcome, check_place, only_a_pack
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import Coverage, coverage_of
from vamos.core.plan.run_through import plan_run_through
from vamos.core.progress import Progress, quiet
from vamos.core.render.clip_sound import told_of, version_sound
from vamos.core.render.clips import RenderJob, Written, small_grey
from vamos.core.render.compose import LONGEST, Composer, Reel, Stage, shape_size, wide_size
from vamos.core.render.encode import ClipWriter
from vamos.core.render.films import films_for, stage_of
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import planes_of
from vamos.core.render.sound import RATE, levelled, read_song
from vamos.core.render.splice import SplicedComposer
from vamos.core.time import FrameRate
from vamos.errors import InputError, MediaError, MissingError, VamosError

NAME = "lesson.mp4"
#: Pictures a second, when nothing else is wished.
_RATE = 30
#: A card stands so long: to find one's eyes, and for each word; at most.
_CARD_S, _WORD_S, _LONGEST_S = 2.0, 0.3, 9.0

Piece = tuple[int, bool, np.ndarray]


@dataclass(frozen=True, slots=True)
class _Part:
    """A card, or a clip in a version."""

    title: str
    words: str = ""
    seconds: float = 0.0
    clip: Clip | None = None
    version: Version = Version()


def write_lesson(project: Project, base: Path | None, out: Path, progress: Progress | None = None) -> Outcome:
    """Write the film of a project's lesson into the folder ``out``, with chapters, the plan and a manifest.

    Raises InputError when there is nothing to show, WriteError when ``out`` cannot be written, Stopped when asked to;
    nothing half-written is left in either case.
    """
    progress = progress or quiet()
    plan, coverage = plan_lesson(project), coverage_of(project)
    if not plan.steps or project.song is None or project.grid is None or coverage is None:
        raise InputError("A lesson is filmed from a written dance, a song with its beat, and takes placed on it.")
    check_place(out)
    with made_at(out, only_a_pack) as work:
        film = _Film(project, base, plan, coverage)
        if not film.shown:
            raise InputError("No clip shows any step of the lesson yet. “What to film” at Lesson says what is missing.")
        entry, chapters = film.write(work / NAME, progress)
        files = {
            "chapters.txt": plain_list(chapters),
            "chapters.ffmeta": ffmetadata(chapters),
            "lesson plan.md": lesson_markdown(plan, project.dance.name or project.name, film.clips),
        }
        for name, text in files.items():
            (work / name).write_text(text, encoding="utf-8")
        _manifest(project, work, entry, tuple(files), tuple(film.problems))
    return Outcome(out, 1, tuple(film.problems))


def _manifest(
    project: Project, work: Path, entry: mf.ClipEntry, files: tuple[str, ...], problems: tuple[str, ...]
) -> None:
    assert project.song is not None
    entries = tuple(mf.file_entry(work / name, work) for name in files)
    found = mf.Manifest(
        mf.VERSION,
        f"Vamos {__version__}",
        project.name,
        project.song.title,
        project.dance.rights,
        (entry,),
        entries,
        problems,
    )
    (work / mf.NAME).write_bytes(msgspec.json.format(msgspec.json.encode(found), indent=1))


class _Film:
    """The film in the making: its parts in order, then their pictures and sound one after another."""

    def __init__(self, project: Project, base: Path | None, plan: LessonPlan, coverage: Coverage):
        assert project.grid is not None
        output = project.output
        shape = output.framing.shape if output.framing.shape is not Shape.FILMED else Shape.WIDE
        output = replace(output, rate=output.rate or _RATE, framing=Framing(shape, output.framing.follow))
        self.project, self.base, self.plan, self.coverage = replace(project, output=output), base, plan, coverage
        stage = stage_of(self.project, base, project.grid, lines_of(project.grid, project.dance))
        self.stage: Stage = stage
        self.clips = plan_clips(project, coverage)
        self.rate = FrameRate.of(output.rate or _RATE)
        self.problems: list[str] = []
        self.parts: list[tuple[str, list[_Part]]] = [
            (s.title, list(self._parts(s))) for s in plan.steps if not s.left_out
        ]
        self.shown = any(p.clip is not None for _, parts in self.parts for p in parts)

    # --- what is shown -------------------------------------------------------------------

    def _parts(self, step: Step) -> Iterator[_Part]:
        """A card that says what comes, then the step at each speed, as often as it is danced."""
        title, words = self._card(step)
        often = step.how_often()
        said = " ".join(w for w in (words, f"{often} of the song’s tempo." if often else "") if w)
        yield _Part(title, said, min(_LONGEST_S, _CARD_S + _WORD_S * len(said.split())))
        if not step.speeds:
            return
        clip = self._clip(step)
        if clip is None:
            self.problems.append(f"{step.title}: no pass shows it, so there is only its card")
            return
        shows = WORDS_LOOK if step.shows == "words" else None
        look = Look.PLAIN if step.shows == "nothing" else Look.DO
        for speed in step.speeds:
            version = Version(speed, step.sound, look, half_time=step.half_time, shows=shows)
            for _ in range(step.times):
                yield _Part(step.title, clip=clip, version=version)
                if step.gap:
                    gap_s = step.gap * self.plan.material.count_s / float(speed)
                    yield _Part("Your turn", f"{step.gap} counts to practise.", gap_s)

    def _card(self, step: Step) -> tuple[str, str]:
        """What a learner reads; of what a teacher is to say, what is known of it."""
        dance = self.project.dance
        if step.key == "say/hello":
            return dance.name or self.project.name, dance.credits
        if step.key == "say/goodbye":
            return (
                "Until next time",
                f"At home: counts 1 to {self.plan.material.counts} in a loop, at the speed that works.",
            )
        return step.title, step.words

    def _clip(self, step: Step) -> Clip | None:
        """The clip of a section, or the run over several, cut where the first wall dances them."""
        if len(step.sections) == 1 and not step.key.endswith("/join"):
            return clip_of(step, self.clips)
        counts = self._range(step)
        if counts is None:
            return None
        view = step.view if step.view.value in ("front", "back") else None
        wish = RunThrough(view=view, first=counts[0], last=counts[1])
        found = plan_run_through(self.coverage, self.project.choices, wish)
        if found is None and view is not None:
            found = plan_run_through(self.coverage, self.project.choices, replace(wish, view=None))
        return found

    def _range(self, step: Step) -> tuple[Fraction, Fraction] | None:
        """The counts of the song on which a step is danced: all of it, over the end of a wall, or its sections."""
        lines = [x for x in self.coverage.lines if x.kind.danced]
        if not lines:
            return None
        if step.key.startswith("all/"):
            whole = step.counts > sum(s.length for s in self.project.dance.wall_sections())
            end = lines[-1].counts.end if whole else lines[0].start + step.counts
            return lines[0].start, end
        ids = [x.section.id if x.section is not None else "" for x in lines]
        first = next((k for k, i in enumerate(ids) if i == step.sections[0]), None)
        if first is None:
            return None
        if step.key.startswith("wall end"):
            last = next((k for k in range(len(ids) - 1) if (ids[k], ids[k + 1]) == step.sections), None)
            return None if last is None else (lines[last].start, lines[last + 1].counts.end)
        if len(step.sections) == 1:
            # Into a tag and out of it: the line before and the line after.
            return lines[max(0, first - 1)].start, lines[min(len(lines) - 1, first + 1)].counts.end
        after = first + len(step.sections)
        together = tuple(ids[first:after]) == step.sections
        return (lines[first].start, lines[after - 1].counts.end) if together else None

    # --- pictures and sound --------------------------------------------------------------

    def _size(self) -> tuple[int, int]:
        """One size for all: of the shape, as large as the largest film."""
        output = self.project.output
        if output.framing.shape in (Shape.UPRIGHT, Shape.SQUARE):
            return shape_size(output.framing.shape, output.longest_side)
        longest = 0
        for take in self.project.takes:
            try:
                reel = Reel(locate(take.media, self.base))
            except VamosError:
                continue
            longest = max(longest, *reel.size)
            reel.close()
        return wide_size(longest or LONGEST, output.longest_side)

    def write(self, path: Path, progress: Progress) -> tuple[mf.ClipEntry, tuple[Chapter, ...]]:
        """Write the film; its entry for the manifest, and its chapters."""
        size = self._size()
        reels: dict[Path, Reel] = {}
        song: Sound | None = None
        if self.project.song is not None:
            song = read_song(locate(self.project.song.media, self.base), progress.part(0, 0.05))
        joined = _Joined(self.rate)
        with ExitStack() as stack:
            stack.callback(_close, reels)
            flat = [(title, part) for title, parts in self.parts for part in parts]
            composers = [self._composer(part, size, reels, progress.part(0.05, 0.2)) for _, part in flat]
            for (title, part), composer in zip(flat, composers, strict=True):
                joined.add(title, part, composer, self._sound(part, composer, song))
            matrix = next((c.matrix for c in composers if c is not None), "709")
            sound, lufs = joined.sound()
            progress(0.3, "Writing the lesson")
            writer = stack.enter_context(
                ClipWriter(path, *size, self.rate, matrix, RATE, joined.chapters(), self.project.output.quality)
            )
            writer.sound(sound)
            proofs = self._pictures(writer, flat, composers, matrix, size, progress.part(0.3, 1.0), joined.frames)
        return self._entry(path, joined, proofs, size, matrix, lufs), joined.chapters()

    def _composer(
        self, part: _Part, size: tuple[int, int], reels: dict[Path, Reel], progress: Progress
    ) -> Composer | SplicedComposer | None:
        if part.clip is None:
            return None
        try:
            films = films_for(self.project, self.base, part.clip, None, part.version, progress)
            if part.clip.pieces:
                return SplicedComposer(part.clip, films, part.version, self.stage, reels, size)
            return Composer(films, part.version, self.stage, reels, size)
        except (MissingError, MediaError) as error:
            self.problems.append(f"{part.title}: not shown, {error}")
            return None

    def _sound(self, part: _Part, composer: Composer | SplicedComposer | None, song: Sound | None) -> Samples | None:
        if composer is None or part.clip is None:
            return None
        heard = part.version.sound if part.version.sound is not ClipSound.ROOM else ClipSound.CLICKS
        version = replace(part.version, sound=heard)
        told = told_of(composer.overlay, part.clip, self.stage.lines, self.project.output.mix)
        return version_sound(version, composer.timing, told, song, None, np.zeros(composer.timing.frames))

    def _pictures(
        self,
        writer: ClipWriter,
        flat: list[tuple[str, _Part]],
        composers: list[Composer | SplicedComposer | None],
        matrix: str,
        size: tuple[int, int],
        progress: Progress,
        total: int,
    ) -> list[Piece]:
        proofs: list[Piece] = []
        for (_, part), composer in zip(flat, composers, strict=True):
            if composer is None:
                planes = planes_of(_card(part), *size, matrix)
                for _ in range(_frames(part, self.rate)):
                    writer.picture(*planes)
                continue
            middle = composer.timing.frames // 2
            for frame in range(composer.timing.frames):
                if frame == middle:
                    flip = composer.flipped_at(frame)
                    proofs.append((writer.frames, flip, small_grey(composer.as_filmed(frame))))
                writer.picture(*composer.picture(frame))
                if frame % 16 == 0:
                    progress(writer.frames / max(1, total), f"Writing {part.title}")
        return proofs

    def _entry(
        self, path: Path, joined: _Joined, proofs: list[Piece], size: tuple[int, int], matrix: str, lufs: float | None
    ) -> mf.ClipEntry:
        clip = next(p.clip for _, parts in self.parts for p in parts if p.clip is not None)
        job = RenderJob(replace(clip, title="Lesson", problems=()), Version(), path, ())
        timing = replace(self.stage.timing(clip, Version()), first_frame=0, frames=joined.frames)
        whole = Written(
            job,
            timing,
            *size,
            matrix,
            tuple(joined.states),
            lufs,
            proofs[0][2],
            tuple((f, flip, p) for f, flip, p in proofs),
        )
        entry = mf.clip_entry(whole, path.parent)
        return replace(entry, counts=tuple(joined.counts))


def _close(reels: dict[Path, Reel]) -> None:
    for reel in reels.values():
        reel.close()


def _card(part: _Part) -> OverlayState:
    return OverlayState("", card=(part.title, part.words))


def _frames(part: _Part, rate: FrameRate) -> int:
    return max(1, round(part.seconds * float(rate.per_second)))


class _Joined:
    """Frames, states, counts, sound and chapters of parts that follow each other."""

    def __init__(self, rate: FrameRate):
        self.rate = rate
        self.frames = 0
        self.states: list[tuple[int, OverlayState]] = []
        self.counts: list[tuple[int, str]] = []
        self._sound: list[Samples] = []
        self._begins: list[tuple[float, str]] = []

    def add(self, title: str, part: _Part, composer: Composer | SplicedComposer | None, sound: Samples | None) -> None:
        at = self.frames
        if not self._begins or self._begins[-1][1] != title:
            self._begins.append((self.rate.seconds(at), title))
        if composer is None:
            self.frames += _frames(part, self.rate)
            self.states.append((at, _card(part)))
        else:
            self.frames += composer.timing.frames
            self.states += [(at + frame, state) for frame, state in composer.states]
            self.counts += [(at + frame, number) for frame, number in mf.whole_counts(composer.timing, composer.states)]
        first, last = (round(self.rate.seconds(n) * RATE) for n in (at, self.frames))
        piece = np.zeros((last - first, 2), dtype=np.float32)
        if sound is not None and sound.any():
            loud = levelled(sound)[0]
            piece[: len(loud)] = loud[: len(piece)]
        self._sound.append(piece)

    def sound(self) -> tuple[Samples, float | None]:
        """All of the sound, and how loud it is: parts are as loud as each other, and joins have no peaks."""
        whole, level = levelled(np.concatenate(self._sound))
        return whole, round(level, 2)

    def chapters(self) -> tuple[Chapter, ...]:
        ends = [at for at, _ in self._begins[1:]] + [self.rate.seconds(self.frames)]
        return tuple((at, end, title) for (at, title), end in zip(self._begins, ends, strict=True) if end > at)
