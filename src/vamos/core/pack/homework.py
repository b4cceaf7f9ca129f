"""Homework: each section in a loop, from slow to the song's tempo, and the whole wall; verified like a pack."""

from __future__ import annotations

from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from contextvars import copy_context
from fractions import Fraction
from pathlib import Path
from threading import Event

from vamos.core.lesson.step import Step
from vamos.core.model.clip import Clip, Version
from vamos.core.model.lesson import StepKind
from vamos.core.model.project import Project
from vamos.core.pack import manifest as mf
from vamos.core.pack.free_place import check_place, only_a_pack
from vamos.core.pack.joined_film import Part, Parts, in_their_language
from vamos.core.pack.lesson_film import LessonParts, card, write_manifest
from vamos.core.pack.place import made_at
from vamos.core.pack.write import WORKERS, Outcome, plain_name
from vamos.core.progress import Progress, quiet, side_by_side
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: A section is danced so often at each speed before the next one (common practice, no source); a wall half as often.
TIMES = 4
#: At most so many speeds, and the song's own.
_MOST = 3
_FULL = Fraction(1)


@in_their_language
def write_homework(project: Project, base: Path | None, out: Path, progress: Progress | None = None) -> Outcome:
    """Write a film for each section that is learned, and one of the wall, into the folder ``out``.

    Raises like :func:`vamos.core.pack.lesson_film.write_lesson`.
    """
    progress = progress or quiet()
    shown = LessonParts(project, base)
    check_place(out)
    loops = list(_loops(shown))
    if not loops:
        raise InputError(tr("No clip shows any section yet. “What to film” at Lesson says what is missing."))
    with made_at(out, only_a_pack) as work:
        entries = _written(shown, loops, work, progress)
        # A film that is gone is gone at each speed.
        problems = tuple(dict.fromkeys(shown.film.problems))
        if not entries:
            raise InputError(tr("No loop could be written. {words}", words=" ".join(problems)))
        write_manifest(project, work, entries, (), problems)
    return Outcome(out, len(entries), problems)


def _written(shown: LessonParts, loops: list[tuple[str, Parts]], work: Path, progress: Progress) -> list[mf.ClipEntry]:
    """All loops that can be shown, on two threads; when one fails the others stop soon."""
    gone = Event()
    watches = side_by_side(progress, [1.0] * len(loops))

    def write(number: int) -> mf.ClipEntry | None:
        title, parts = loops[number]
        watch = watches[number]
        stopped = Progress(watch.report, lambda: gone.is_set() or watch.stop_asked())
        path = work / f"{number + 1:02d} {plain_name(title)} loop.mp4"
        try:
            return shown.film.write(path, parts, stopped, title)[0]
        except InputError:
            # Why it is not there stands among the problems; the others are written.
            return None

    with ThreadPoolExecutor(WORKERS) as pool:
        jobs = [pool.submit(copy_context().run, write, number) for number in range(len(loops))]
        try:
            written = [job.result() for job in jobs]
        except BaseException:
            gone.set()
            pool.shutdown(cancel_futures=True)
            raise
    return [entry for entry in written if entry is not None]


def _loops(shown: LessonParts) -> Iterator[tuple[str, Parts]]:
    """Each section with its title; then the wall, where it has more than one."""
    taught = [s for s in shown.plan.steps if not s.left_out and s.speeds]
    for piece in shown.plan.material.pieces:
        mine = [s for s in taught if s.sections == (piece.id,)]
        clip = next((c for s in mine if (c := shown.clip(s)) is not None), None)
        if clip is not None:
            yield piece.section.name, _loop(clip, piece.section.name, rungs(mine), TIMES, shown)
        elif mine:
            shown.film.problems.append(
                tr.at_home("{name}: no pass shows it, so there is no loop of it", name=piece.section.name)
            )
    wall = tuple(p.id for p in shown.plan.material.pieces if not p.tag)
    if len(wall) > 1:
        clip = shown.clip(Step("homework/wall", StepKind.DO, tr("The wall"), wall))
        if clip is None:
            shown.film.problems.append(
                tr.at_home("The wall: no pass shows it from end to end, so there is no loop of it")
            )
        else:
            yield tr("The wall"), _loop(clip, tr("The wall"), rungs(taught)[-2:], TIMES // 2, shown)


def rungs(steps: list[Step]) -> list[Fraction]:
    """The speeds at which steps are danced, slow first, and the song's own."""
    speeds = sorted({speed for s in steps for speed in s.speeds if speed < _FULL})
    return [*speeds[:: max(1, -(-len(speeds) // _MOST))], _FULL]


def _loop(clip: Clip, title: str, speeds: list[Fraction], times: int, shown: LessonParts) -> Parts:
    """Counted in once at each speed; from then on count 1 follows the last count without a gap."""
    words = ", ".join(f"{round(float(s) * 100)} %" for s in speeds)
    first = card(
        title, tr("{times} times at {words} of the song’s tempo. Stop when something hurts.", times=times, words=words)
    )
    rounds = [Part(title, clip=clip, version=Version(s, shown.project.output.sound), rounds=times) for s in speeds]
    parts = [[first, rounds[0]], *([part] for part in rounds[1:])]
    return [(f"{title}, {round(float(s) * 100)} %", several) for s, several in zip(speeds, parts, strict=True)]
