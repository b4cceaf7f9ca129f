"""What takes show and tell: what is missing, movement, paces, where passes differ, voices."""

from __future__ import annotations

import argparse
from typing import TYPE_CHECKING, Any

from vamos.cli.commands import listed
from vamos.cli.files import change, load, reads, write_file, write_json
from vamos.cli.progress import Terminal
from vamos.core.document.files import to_builtins
from vamos.errors import InputError
from vamos.wording import words_of

if TYPE_CHECKING:
    from vamos.core.model.project import Project
    from vamos.core.model.take import Take
    from vamos.core.plan.pace import LinePace

tr = words_of(__name__)


def shots(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.plan.shots import shot_list, to_csv, to_markdown

    project = load(arguments.project)
    if arguments.leave_out is not None:
        from vamos.core.plan.leave_out import leave_out_text
        from vamos.core.render.films import rates_of

        rates = rates_of(project, arguments.project.parent)
        write_file(arguments.leave_out, leave_out_text(project, arguments.leave_out.suffix.lower(), rates).encode())
    found = shot_list(project)
    text = to_markdown(found, project.name)
    if arguments.to is not None:
        write_file(arguments.to, (to_csv(found) if arguments.to.suffix == ".csv" else text).encode())
    if arguments.json:
        write_json(arguments.json, to_builtins(found))
    elif arguments.to is None:
        print(text, end="")
    return 1 if found.to_film else 0


def movement(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """What the pictures show is kept in the project, so that clips say it."""
    from vamos.core.dance.lines import lines_for
    from vamos.core.edit.takes import with_movement
    from vamos.core.plan.agree import open_questions
    from vamos.core.plan.movement import look
    from vamos.core.plan.pace import paces
    from vamos.core.plan.said_sides import calls_words

    project = load(arguments.project)
    seen = look(project, arguments.project.parent, terminal.progress())
    project = change(arguments.project, lambda now: with_movement(now, seen))
    takes = [t for t in project.takes if t.passes]
    lines = lines_for(project)
    pace = {t.id: [paces(p, project.grid, lines) for p in t.passes if project.grid is not None] for t in takes}
    if arguments.json:
        rows = [
            {
                "take": t.name,
                "remarks": to_builtins(t.remarks),
                "sides_said": to_builtins(t.sides_said),
                "still_s": [p.still_s for p in t.passes],
                "paces": [[to_builtins(_pace_figures(x)) for x in found] for found in pace[t.id]],
            }
            for t in takes
        ]
        write_json(arguments.json, {"takes": rows, "disagreements": to_builtins(project.disagreements)})
    else:
        for take in takes:
            for remark in take.remarks or ():
                print(f"{take.name}, {remark.take_s:.1f} s: {remark.text}")
            if take.sides_said:
                print(tr("{name}: sides are called: {calls}", name=take.name, calls=calls_words(take.sides_said)))
            for found in (x for per_pass in pace[take.id] for x in per_pass):
                print(f"{take.name}: {found.words()}")
        for words in open_questions(project):
            print(words)
    return 1 if any(t.remarks for t in takes) or open_questions(project) else 0


def split(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """From a second on, a film is a take of its own."""
    from vamos.core.edit.split import split_take

    project = change(
        arguments.project, lambda now: split_take(now, take_named(now, arguments.take).id, arguments.second)
    )
    print(
        tr(
            "{take} is split at {second:g} s; the second part is “{name}”.",
            take=arguments.take,
            second=arguments.second,
            name=project.takes[-1].name,
        )
    )
    return 0


def take_named(project: Project, name: str) -> Take:
    """A take by its name or id; raises InputError, with the names there are."""
    take = next((t for t in project.takes if name in (t.name, t.id)), None)
    if take is None:
        names = ", ".join(t.name for t in project.takes) or "none"
        raise InputError(tr("There is no take “{name}”; there are: {names}.", name=name, names=names))
    return take


def sound(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """Listen to a take in a recording made beside it, or in its own sound again; the take is placed anew."""
    from vamos.core.align.better_sound import better_sound
    from vamos.core.document.paths import locate
    from vamos.core.edit.takes import replace_take, set_better_sound
    from vamos.core.make import place_all

    project, base = load(arguments.project), arguments.project.parent
    take = take_named(project, arguments.take)
    progress = terminal.progress()
    better = None
    reads(arguments.recording)
    if arguments.recording is not None:
        better = better_sound(locate(take.media, base), arguments.recording, base, progress.part(0, 0.4))
    project, problems = place_all(set_better_sound(project, take.id, better), base, progress.part(0.4, 1.0))
    placed = project.take(take.id)
    project = change(arguments.project, lambda now: replace_take(now, placed))
    for p in project.take(take.id).passes:
        print(
            tr(
                "{name}, {start_s:.1f} to {end_s:.1f} s: {reason}",
                name=take.name,
                start_s=p.take_range.start_s,
                end_s=p.take_range.end_s,
                reason=p.reason,
            )
        )
    return listed(tuple(x for x in problems if x.startswith(take.name)), terminal)


def _pace_figures(pace: LinePace) -> dict[str, Any]:
    """The line, its share of the song's tempo, and its counts that are off in seconds."""
    return {"line": pace.line.number, "title": pace.line.title, "share": round(pace.share, 4), "off": pace.off}


def voice(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """Where the takes' voices say "one" over the song; exit 1 when that is not where lines begin, or unknown."""
    from vamos.core.align.said_one import said_one
    from vamos.core.edit.song import move_the_one

    project = load(arguments.project)
    heard = said_one(project, arguments.project.parent, terminal.progress())
    if arguments.move and heard.shift:
        change(arguments.project, lambda now: move_the_one(now, heard.shift))
    if arguments.json:
        write_json(arguments.json, to_builtins(heard) | {"known": heard.known})
    else:
        print(heard.words())
        if arguments.move and heard.shift:
            print(tr("The 1 was moved there."))
    right = heard.known and (arguments.move or not heard.shift)
    return max(listed(heard.problems, terminal), 0 if right else 1)
