"""The lesson on the command line: its plan, what to film for it, where something is danced, room and lens."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Any

from vamos.cli.commands import listed
from vamos.cli.files import change, load, write_file, write_json
from vamos.cli.progress import Terminal
from vamos.core.document.files import to_builtins
from vamos.core.model.lesson import Build, Facts, Learners, Shown, Slow, Way
from vamos.errors import InputError
from vamos.wording import plural, words_of

if TYPE_CHECKING:
    from vamos.core.lesson.plan import LessonPlan
    from vamos.core.model.project import Project
    from vamos.core.pack.write import Outcome
    from vamos.core.progress import Progress

tr = words_of(__name__)

_BUILDS = {
    "cumulative": Build.CUMULATIVE,
    "blocks": Build.BLOCKS,
    "landmarks": Build.LANDMARKS,
    "whole": Build.WHOLE_PARTS,
}
_WAYS = {"words": Way.WORDS, "numbers": Way.NUMBERS, "sounds": Way.SOUNDS, "feet": Way.FEET}
_SHOWN = {"first": Shown.FIRST, "last": Shown.LAST, "both": Shown.BOTH, "never": Shown.NEVER}
_FACTS = {"front": Facts.UP_FRONT, "place": Facts.AT_PLACE, "after": Facts.AFTER}
_LEARNERS = {"one": Learners.ONE, "class": Learners.CLASS, "knowing": Learners.KNOWING}
_SLOW = {"rungs": Slow.RUNGS, "half-time": Slow.HALF_TIME, "player": Slow.PLAYER}


def add_lesson(sub: argparse.ArgumentParser) -> None:
    """The arguments of ``vamos lesson``."""
    sub.add_argument("project", type=Path)
    sub.add_argument("--minutes", type=float, metavar="N", help=tr("the wanted length; says what is left out"))
    sub.add_argument("--build", choices=tuple(_BUILDS), help=tr("in which pieces it is put together"))
    sub.add_argument("--way", choices=tuple(_WAYS), help=tr("how a section is met first"))
    sub.add_argument("--shown", choices=tuple(_SHOWN), help=tr("when the whole dance is shown"))
    sub.add_argument("--facts", choices=tuple(_FACTS), help=tr("where walls, tags and restarts are told"))
    sub.add_argument("--slow", choices=tuple(_SLOW), help=tr("how it gets quicker"))
    sub.add_argument("--learners", choices=tuple(_LEARNERS), help=tr("who learns: how often everything is danced"))
    sub.add_argument("--gaps", choices=("silent", "song"), help=tr("what is heard in gaps to practise"))
    sub.add_argument("--turn", metavar="WORDS", help=tr("what is said in gaps to practise, in the film of the lesson"))
    sub.add_argument("--keep", action="store_true", help=tr("keep what was said in the project"))
    sub.add_argument("--to", type=Path, metavar="FILE", help=tr("write the plan as .md or .pdf"))
    sub.add_argument("--film", type=Path, metavar="DIR", help=tr("write the film of the lesson there, and verify it"))
    sub.add_argument(
        "--homework", type=Path, metavar="DIR", help=tr("write a loop of each section there, and verify them")
    )
    sub.add_argument("--film-list", type=Path, metavar="FILE", help=tr("write what to film for it as .md or .html"))


def _wished(project: Project, arguments: argparse.Namespace) -> Project:
    from vamos.core.edit.lesson import set_lesson

    found: dict[str, Any] = {}
    tables: dict[str, dict[str, Any]] = {"build": _BUILDS, "way": _WAYS, "shown": _SHOWN, "facts": _FACTS}
    tables |= {"slow": _SLOW, "learners": _LEARNERS}
    for name, table in tables.items():
        said = getattr(arguments, name)
        if said:
            found[name] = table[said]
    if arguments.gaps:
        found["gap_song"] = arguments.gaps == "song"
    if arguments.turn is not None:
        found["turn_words"] = arguments.turn
    if arguments.minutes is not None:
        found["minutes"] = arguments.minutes
    return set_lesson(project, **found)


def lesson(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """The plan; exit 1 when it does not fit into the wanted length."""
    from vamos.core.lesson.filming import film_html, film_markdown, to_film
    from vamos.core.lesson.paper import lesson_markdown, lesson_pdf
    from vamos.core.lesson.plan import plan_lesson
    from vamos.core.plan.clips import plan_clips

    project = (
        change(arguments.project, lambda now: _wished(now, arguments))
        if arguments.keep
        else _wished(load(arguments.project), arguments)
    )
    plan, clips = plan_lesson(project), plan_clips(project)
    if not plan.steps:
        raise InputError(tr("There is no dance to teach yet. Write its sections at Dance, or read a sheet."))
    title = project.dance.name or project.name
    shots = to_film(plan, clips, project.grid)
    if arguments.film_list is not None:
        html = arguments.film_list.suffix == ".html"
        text = film_html(shots, title) if html else film_markdown(shots, title)
        write_file(arguments.film_list, text.encode())
    if arguments.to is not None:
        pdf = arguments.to.suffix == ".pdf"
        write_file(
            arguments.to, lesson_pdf(plan, title, clips) if pdf else lesson_markdown(plan, title, clips).encode()
        )
    if arguments.json:
        write_json(arguments.json, _figures(plan) | {"to_film": to_builtins(shots)})
    elif arguments.to is None and arguments.film is None and arguments.homework is None:
        print(lesson_markdown(plan, title, clips), end="")
    status = 1 if plan.over_s > 1 else 0
    base = arguments.project.parent
    if arguments.film is not None:
        from vamos.core.pack.lesson_film import write_lesson

        status = max(status, _films(write_lesson, project, base, arguments.film, terminal))
    if arguments.homework is not None:
        from vamos.core.pack.homework import write_homework

        status = max(status, _films(write_homework, project, base, arguments.homework, terminal))
    return status


def _films(
    write: Callable[[Project, Path, Path, Progress], Outcome],
    project: Project,
    base: Path,
    out: Path,
    terminal: Terminal,
) -> int:
    from vamos.core.pack.verify import verify_pack

    progress = terminal.progress()
    outcome = write(project, base, out, progress.part(0, 0.85))
    findings = verify_pack(out, progress.part(0.85, 1.0))
    bad = [f for f in findings if not f.good]
    for finding in bad:
        terminal.say(f"{finding.file}: {finding.what}: {finding.detail}")
    terminal.say(
        tr(
            "{films} in {out}: {number} comparisons, {number2} do not hold.",
            films=plural(outcome.clips, "film"),
            out=out,
            number=len(findings),
            number2=len(bad),
        )
    )
    return max(listed(outcome.problems, terminal), 1 if bad else 0)


def _figures(plan: LessonPlan) -> dict[str, Any]:
    taught = plan.taught()
    steps = [to_builtins(s) | {"seconds": round(plan.seconds_of(s), 2), "taught": taught[s.key]} for s in plan.steps]
    return {
        "seconds": round(plan.seconds, 2),
        "dancing_s": round(plan.dancing_s, 2),
        "over_s": round(plan.over_s, 2),
        "counts_to_learn": plan.material.counts,
        "sections_s": {k: round(v, 2) for k, v in plan.section_seconds().items()},
        "steps": steps,
        "left_out": to_builtins(plan.left),
        "care": list(plan.care),
    }


def filmed(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """The filming log; exit 1 when something is to be done again."""
    from vamos.core.edit.filmed import log_take
    from vamos.core.lesson.practice_log import log_markdown, to_do_again
    from vamos.core.model.filmed import FilmedTake, Verdict

    project = load(arguments.project)
    if arguments.add:
        rolled, heard, stopped = (_moment(arguments, name) for name in ("rolled", "heard", "stopped"))
        verdict = Verdict(arguments.verdict) if arguments.verdict else Verdict.OPEN
        entry = FilmedTake(arguments.add, rolled, heard, arguments.song, stopped, verdict, arguments.note)
        project = change(arguments.project, lambda now: log_take(now, entry))
    if arguments.json:
        write_json(arguments.json, {"filmed": to_builtins(project.filmed), "again": to_do_again(project.filmed)})
    else:
        print(log_markdown(project.filmed, project.dance.name or project.name), end="")
    return 1 if to_do_again(project.filmed) else 0


def _moment(arguments: argparse.Namespace, name: str) -> float:
    """Seconds since 1970 of an ISO 8601 moment; without a zone it is this computer's."""
    from datetime import datetime

    text = getattr(arguments, name)
    if text is None:
        raise InputError(tr("A take is logged with --rolled, --heard and --stopped, such as 2026-05-01T18:30:12.5."))
    try:
        return datetime.fromisoformat(text.replace("Z", "+00:00")).timestamp()
    except ValueError as error:
        raise InputError(
            tr("--{name} “{value}” is not a moment; write it as 2026-05-01T18:30:12.5.", name=name, value=text)
        ) from error


def add_filmed(sub: argparse.ArgumentParser) -> None:
    """The arguments of ``vamos filmed``."""
    sub.add_argument("project", type=Path)
    sub.add_argument("--add", metavar="WHAT", help=tr("log a take; the moments are ISO 8601"))
    sub.add_argument("--rolled", metavar="MOMENT", help=tr("when the camera ran"))
    sub.add_argument("--heard", metavar="MOMENT", help=tr("when the song was heard first"))
    sub.add_argument("--stopped", metavar="MOMENT", help=tr("when it stopped"))
    sub.add_argument("--song", type=float, default=0.0, metavar="SECOND", help=tr("the song's second heard first"))
    sub.add_argument("--verdict", choices=("good", "again"), help=tr("how it was"))
    sub.add_argument("--note", default="", help=tr("what went wrong"))


def find(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """Where something is danced, and which clips show it; exit 1 when nothing is found."""
    from vamos.core.lesson.search import Index
    from vamos.core.plan.clips import plan_clips

    project = load(arguments.project)
    hits = Index(project.dance, plan_clips(project)).find(" ".join(arguments.words))
    if arguments.json:
        write_json(arguments.json, to_builtins(hits))
    else:
        for hit in hits:
            print(f"{hit.title}: {hit.words}; {', '.join(hit.clips) or tr('no clip shows it')}")
        if not hits:
            print(
                tr("Nothing in the dance fits “{words}”.", words=" ".join(arguments.words)),
                tr("Ask for a section, move, foot, turn, counts, wall or view, such as touch left, wall 3, 5 to 8."),
            )
    return 0 if hits else 1


def framing(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """Whether the dance stays in the picture; exit 1 when it does not."""
    from vamos.core.dance.away import away_on_walls
    from vamos.core.lesson.looking import away_sentences
    from vamos.core.lesson.room import Lens, framing, travel

    project = load(arguments.project)
    lens = Lens(arguments.lens, arguments.upright)
    found = framing(travel(project.dance, arguments.step), lens, arguments.room, arguments.reach, arguments.height)
    if arguments.json:
        write_json(arguments.json, to_builtins(found) | {"away": away_on_walls(project.dance)})
    else:
        print("\n".join([*found.words, *away_sentences(project.dance)]))
    return 0 if found.fits else 1


def add_framing(sub: argparse.ArgumentParser) -> None:
    """The arguments of ``vamos framing``."""
    from vamos.core.lesson.room import ARM_M, STEP_M

    sub.add_argument("project", type=Path)
    sub.add_argument(
        "--room", type=float, default=4.0, metavar="M", help=tr("from the start to where a camera can stand")
    )
    sub.add_argument(
        "--lens", type=float, default=26.0, metavar="MM", help=tr("focal length for a frame of 36 × 24 mm")
    )
    sub.add_argument("--upright", action="store_true", help=tr("the phone is held upright"))
    sub.add_argument("--height", type=float, default=1.2, metavar="M", help=tr("how high the camera stands"))
    sub.add_argument(
        "--reach", type=float, default=ARM_M, metavar="M", help=tr("how far arms and what they hold reach")
    )
    sub.add_argument("--step", type=float, default=STEP_M, metavar="M", help=tr("the length of a step"))
