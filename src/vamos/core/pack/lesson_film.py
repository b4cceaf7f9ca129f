"""The film of a lesson: cards and clips in the order of its steps, with chapters, verified like a pack."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

from vamos import __version__
from vamos.core.dance.lines import Line
from vamos.core.lesson.filming import clip_of
from vamos.core.lesson.paper import lesson_markdown
from vamos.core.lesson.plan import LessonPlan, plan_lesson
from vamos.core.lesson.schools import AROUND
from vamos.core.lesson.step import Step
from vamos.core.media.sound import Sound
from vamos.core.model.clip import Clip, ClipSound, Look, RunThrough, Version
from vamos.core.model.look import WORDS_LOOK
from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.core.pack import manifest as mf
from vamos.core.pack.chapters import ffmetadata, plain_list
from vamos.core.pack.free_place import check_place, only_a_pack
from vamos.core.pack.joined_film import JoinedFilm, Part, in_their_language
from vamos.core.pack.place import made_at
from vamos.core.pack.write import Outcome
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import Coverage, coverage_of
from vamos.core.plan.run_through import plan_run_through
from vamos.core.progress import Progress, quiet
from vamos.core.render.spoken import spoken_s
from vamos.core.time import CountRange
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

NAME = "lesson.mp4"
#: Keys of steps that show the dance as far as it was filmed; others show their sections whole, or not at all.
_ALL = "all/"
#: A card stands so long: to find one's eyes, and for each word; at most.
_CARD_S, _WORD_S, _LONGEST_S = 2.0, 0.3, 9.0
#: Silence behind what is said.
_AFTER_S = 0.5


@in_their_language
def write_lesson(project: Project, base: Path | None, out: Path, progress: Progress | None = None) -> Outcome:
    """Write the film of a project's lesson into the folder ``out``, with chapters, the plan and a manifest.

    Raises InputError when there is nothing to show, WriteError when ``out`` cannot be written, Stopped when asked to;
    nothing half-written is left in either case.
    """
    progress = progress or quiet()
    shown = LessonParts(project, base)
    check_place(out)
    with made_at(out, only_a_pack) as work:
        parts = [(s.title, list(shown.of_step(s))) for s in shown.plan.steps if not s.left_out]
        if not any(p.clip is not None for _, several in parts for p in several):
            raise InputError(
                tr("No clip shows any step of the lesson yet. “What to film” at Lesson says what is missing.")
            )
        entry, chapters = shown.film.write(work / NAME, parts, progress, tr("Lesson"))
        files = {
            "chapters.txt": plain_list(chapters),
            "chapters.ffmeta": ffmetadata(chapters),
            "lesson plan.md": lesson_markdown(shown.plan, project.dance.name or project.name, shown.clips),
        }
        for name, text in files.items():
            (work / name).write_text(text, encoding="utf-8")
        write_manifest(project, work, [entry], tuple(files), shown.film.problems)
    return Outcome(out, 1, tuple(shown.film.problems))


def write_manifest(
    project: Project, work: Path, entries: Sequence[mf.ClipEntry], files: Sequence[str], problems: Sequence[str]
) -> None:
    """What stands in a folder that is verified like a pack."""
    found = mf.Manifest(
        mf.VERSION,
        f"Vamos {__version__}",
        project.name,
        project.song.title if project.song is not None else "",
        project.dance.rights,
        tuple(entries),
        tuple(mf.file_entry(work / name, work) for name in files),
        tuple(problems),
    )
    mf.write_manifest(replace(found, for_students=False), work)


def card(title: str, words: str, spoken: str = "") -> Part:
    """A card that stands as long as it takes to read it, and to say what is said with it."""
    read_s = min(_LONGEST_S, _CARD_S + _WORD_S * len(words.split()))
    return Part(title, words, max(read_s, spoken_s(spoken) + _AFTER_S if spoken else 0.0), spoken=spoken)


class LessonParts:
    """What a lesson's film shows of each step; raises InputError where there is nothing to teach from.

    Whoever knows the plan, what passes cover, the clips and the song of the project hands them in.
    """

    def __init__(
        self,
        project: Project,
        base: Path | None,
        plan: LessonPlan | None = None,
        coverage: Coverage | None = None,
        clips: tuple[Clip, ...] | None = None,
        song: Sound | None = None,
    ):
        self.plan = plan or plan_lesson(project)
        coverage = coverage or coverage_of(project)
        if not self.plan.steps or project.song is None or project.grid is None or coverage is None:
            raise InputError(
                tr("A lesson is filmed from a written dance, a song with its beat, and takes placed on it.")
            )
        self.project, self.coverage = project, coverage
        self.clips = plan_clips(project, coverage) if clips is None else clips
        self.film = JoinedFilm(project, base, project.grid, song)

    def of_step(self, step: Step) -> Iterator[Part]:
        """A card that says what comes, then the step at each speed, as often as it is danced."""
        title, words = self._card(step)
        often = step.how_often()
        said = " ".join(w for w in (words, tr("{often} of the song’s tempo.", often=often) if often else "") if w)
        yield card(title, said, f"{title}. {words}" if words else title)
        if not step.speeds:
            return
        clip = self.clip(step)
        if clip is None:
            self.film.problems.append(
                tr.at_home("{title}: no pass shows it, so there is only its card", title=step.title)
            )
            return
        shows = WORDS_LOOK if step.shows == "words" else None
        look = Look.PLAIN if step.shows == "nothing" else Look.DO
        for speed in step.speeds:
            version = Version(speed, step.sound, look, half_time=step.half_time, shows=shows)
            for _ in range(step.times):
                yield Part(step.title, clip=clip, version=version, named=step.shows == "words")
                if step.gap:
                    gap_s = step.gap * self.plan.material.count_s / float(speed)
                    turn, counts = self._turn(), tr("{gap} counts to practise.", gap=step.gap)
                    song = (clip, replace(version, sound=ClipSound.SONG)) if self.plan.wish.gap_song else None
                    yield Part(turn, counts, gap_s, spoken=turn, under=song)

    def _turn(self) -> str:
        """What is said where learners dance alone."""
        return self.plan.wish.turn_words.strip() or tr("Your turn")

    def _card(self, step: Step) -> tuple[str, str]:
        """What a learner reads; of what a teacher is to say, what is known of it."""
        dance = self.project.dance
        if step.key == "say/hello":
            return dance.name or self.project.name, dance.credits
        if step.key == "say/goodbye":
            return (
                tr("Until next time"),
                tr(
                    "At home: counts 1 to {counts} in a loop, at the speed that works.",
                    counts=sum(p.section.length for p in self.plan.material.wall),
                ),
            )
        return step.title, step.words

    def clip(self, step: Step) -> Clip | None:
        """The clip of a section, or the run over several, cut from the first wall that passes show."""
        if len(step.sections) == 1 and not step.key.endswith("/join"):
            return clip_of(step, self.clips)
        views = (step.view, None) if step.view in (View.FRONT, View.BACK) else (None,)
        ranges = list(self._ranges(step))
        for view in views:
            for first, last in ranges:
                wish = RunThrough(view=view, first=first, last=last)
                found = plan_run_through(self.coverage, self.project.choices, wish)
                if found is not None and (step.key.startswith(_ALL) or found.counts == CountRange(first, last)):
                    return found
        return None

    def _ranges(self, step: Step) -> Iterator[tuple[Fraction, Fraction]]:
        """The counts of the song on which a step is danced: all of it, or each time its sections come, in order."""
        lines = [x for x in self.coverage.lines if x.kind.danced]
        if not lines:
            return
        if step.key.startswith(_ALL):
            whole = step.counts > sum(s.length for s in self.project.dance.wall_sections())
            yield lines[0].start, lines[-1].counts.end if whole else lines[0].start + step.counts
            return
        if step.key.startswith(("restart", "wall ")) and not step.key.startswith("wall end"):
            yield from self._around(step, lines)
            return
        ids = [x.section.id if x.section is not None else "" for x in lines]
        many = len(step.sections)
        # Into a tag and out of it: the line before and the line after.
        beside = 1 if many == 1 else 0
        for k in range(len(lines) - many + 1):
            if tuple(ids[k : k + many]) == step.sections:
                last = min(len(lines) - 1, k + many - 1 + beside)
                yield lines[max(0, k - beside)].start, lines[last].counts.end

    def _around(self, step: Step, lines: Sequence[Line]) -> Iterator[tuple[Fraction, Fraction]]:
        """A wall with its number, or the counts around the end of one that a restart cuts."""
        number = int(step.key.split("/")[0].split(" ")[1])
        walls: dict[int, list[Line]] = {}
        for line in lines:
            if line.wall is not None:
                walls.setdefault(line.wall, []).append(line)
        sequence = self.project.dance.sequence
        for wall, mine in walls.items():
            item = mine[0].item
            if step.key.startswith("wall") and wall == number:
                yield mine[0].start, mine[-1].counts.end
            elif step.key.startswith("restart") and item is not None and sequence[item].restart_after == number:
                yield mine[-1].counts.end - AROUND, mine[-1].counts.end + AROUND
