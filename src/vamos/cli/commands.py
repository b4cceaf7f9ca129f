"""What each subcommand does; heavy modules are imported where they are used."""

from __future__ import annotations

import argparse
import sys
from collections.abc import Sequence
from pathlib import Path
from typing import Any

from vamos.cli.files import change, is_project, load, may_write, reads, write_json
from vamos.cli.output import with_output
from vamos.cli.progress import Terminal
from vamos.core.dance.checks import Problem
from vamos.core.dance.offers import Offer
from vamos.core.document.files import save, to_builtins
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Dance
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.progress import Progress
from vamos.errors import InputError, WriteError
from vamos.wording import plural, words_of

tr = words_of(__name__)


def open_project(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """Open the window, on files or on what was open last."""
    from vamos.ui.app import run_window

    return run_window(arguments.files)


def demo(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.demo.build import default_folder, make_demo

    folder = arguments.folder or default_folder()
    if arguments.remake and arguments.folder is None:
        folder = folder.with_name(f"{folder.name}, made again")
    if arguments.pack is None and not arguments.no_window and not arguments.remake:
        return _demo_window(folder)
    project = make_demo(folder, terminal.progress(), remake=arguments.remake)
    terminal.say(tr("The demo project: {project}", project=project))
    if arguments.pack is not None:
        return _pack_and_verify(load(project), project.parent, arguments.pack, terminal)
    return 0


def _demo_window(folder: Path) -> int:
    """The window at once; where the demo is not made yet, it is made there, and can be watched and stopped."""
    from vamos.ui.app import run_window

    return run_window((), folder)


def grid(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.grid.detect import detect_grid
    from vamos.core.grid.exchange import write_grid
    from vamos.core.grid.said import stops_said
    from vamos.core.media.probe import probe

    reads(arguments.song)
    for path in arguments.to:
        may_write(path)
    found = detect_grid(arguments.song, terminal.progress())
    data = grid_data(found)
    for path in arguments.to:
        write_grid(found, path, probe(arguments.song).duration_s, arguments.song.stem)
    if arguments.json:
        write_json(arguments.json, data)
    else:
        print(
            tr(
                "{value:.1f} a minute, {number} beats, meter {value2}, lead-in {value3} counts, "
                "confidence {value4:.0%}",
                value=data["bpm"],
                number=len(data["beats"]),
                value2=data["meter"],
                value3=data["lead_in_counts"],
                value4=data["confidence"],
            )
        )
        for words in stops_said(found):
            print(words)
    return 0


def grid_data(grid: Grid) -> dict[str, Any]:
    """A grid as the command line gives it; all times in song seconds."""
    first, clock = grid.anchors[0].position, grid.time_map()
    eights = [a.song_s for a in grid.anchors if a.position % grid.line == 0]
    return {
        "bpm": grid.bpm(),
        "beats": [a.song_s for a in grid.anchors],
        "eights": eights,
        "lead_in_counts": grid.lead_in,
        "meter": grid.meter,
        "confidence": grid.confidence,
        "line": grid.line,
        "first_count": int(first),
        "sureness": list(grid.sureness),
        "stops": [
            {
                "count": int(stop.position),
                "counts": int(stop.counts),
                "beats": float(stop.length),
                "silent_after_s": clock(stop.position - 1),
                "again_s": clock(stop.again),
            }
            for stop in grid.breaks
        ],
    }


def fit(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.dance.facing import clock_text
    from vamos.core.dance.fit import fit_song
    from vamos.core.grid.detect import detect_grid

    project = load(arguments.project)
    reads(arguments.song)
    if project.grid is None:
        raise InputError(tr("the project has no song with a beat grid to compare with."), file=arguments.project)
    found = fit_song(project.grid, project.dance, detect_grid(arguments.song, terminal.progress()))
    if arguments.json:
        write_json(arguments.json, to_builtins(found))
    else:
        print(
            tr(
                "{bpm:.1f} a minute, {tempo_ratio:.0%} of the song of the project; lead-in {lead_in} "
                "counts, {lead_in_s:.1f} s",
                bpm=found.bpm,
                tempo_ratio=found.tempo_ratio,
                lead_in=found.lead_in,
                lead_in_s=found.lead_in_s,
            )
        )
        print(
            tr(
                "{number:g} counts for {number2:g} danced; the dance ends at {ends_at_s:.1f} s of "
                "{song_ends_at_s:.1f} s, facing ",
                number=float(found.counts_there),
                number2=float(found.counts_needed),
                ends_at_s=found.ends_at_s,
                song_ends_at_s=found.song_ends_at_s,
            )
            + (clock_text(found.heading) if found.heading is not None else tr("unknown"))
        )
        for note in found.notes or (tr("It fits."),):
            print(note)
    return 1 if found.notes else 0


def dance(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.dance.checks import problems_of
    from vamos.core.dance.facing import clock_text
    from vamos.core.dance.facts import facts_of
    from vamos.core.dance.with_song import with_song
    from vamos.core.edit.dance import set_words

    project = _sheet_project(arguments.sheet)
    if arguments.words is not None:
        if not is_project(arguments.sheet):
            raise InputError(tr("Short words are kept in a project; write them into a sheet as lines of their own."))
        project = change(arguments.sheet, lambda p: set_words(p, arguments.words))
    grid = project.grid
    problems = problems_of(project.dance, grid, sung=project.song.sung if project.song else ())
    if arguments.json:
        write_json(arguments.json, dance_data(project, problems))
        return 1 if problems else 0
    found = facts_of(project.dance, grid)
    walls = tr("a turn is still open") if found.walls_to_front is None else plural(found.walls_to_front, "wall")
    learned = plural(found.counts_to_learn, "count")
    head = (
        f"{plural(found.wall_counts, 'count')}, {walls}"
        if found.wall_counts
        else tr("{learned} to learn", learned=learned)
    )
    print(tr("{head}; {number:g} danced", head=head, number=float(found.counts_danced)))
    for station in found.stations:
        at = "" if station.song_s is None else f"{station.song_s:7.1f} s  "
        facing = "?" if station.heading is None else clock_text(station.heading)
        kind = tr(station.kind)
        alone = station.kind in ("end", "ending") or station.name.lower().startswith((station.kind, kind.lower()))
        name = station.name if alone else f"{kind} {station.name}"
        print(
            tr(
                "{at}count {number:4d}  {name}, facing {facing}",
                at=at,
                number=int(station.position) + 1,
                name=name,
                facing=facing,
            )
        )
    beside = with_song(project.dance, grid)
    if beside is not None:
        print(beside.words())
    for problem in problems:
        where = ", ".join(x for x in (problem.section, problem.count) if x)
        print(f"! {where + ': ' if where else ''}{problem.text}")
        for offer in _offers(project.dance, problem):
            print(f"    {offer.words}: {offer.leads}")
    return 1 if problems else 0


def _offers(dance: Dance, problem: Problem) -> tuple[Offer, ...]:
    """What could be meant where a problem is."""
    from math import floor

    from vamos.core.dance.offers import offers_at

    if problem.start is None or problem.kind not in ("weight", "direction", "doubt", "name"):
        return ()
    return offers_at(dance, problem.section, floor(problem.start))


def dance_data(project: Project, problems: Sequence[Problem] | None = None) -> dict[str, Any]:
    """All that follows from a sheet, as the command line gives it; see docs/formats.md."""
    from vamos.core.dance.card import card_of
    from vamos.core.dance.checks import problems_of
    from vamos.core.dance.facing import clock_text
    from vamos.core.dance.facts import count_by_count, facts_of
    from vamos.core.dance.with_song import with_song

    grid = project.grid
    beside = with_song(project.dance, grid)
    lines = [
        {
            "title": line.title,
            "kind": str(line.kind),
            "wall": line.wall,
            "position": str(line.start),
            "heading": line.heading,
            "counts": [
                {
                    "count": s.count,
                    "heading": s.heading,
                    "facing": None if s.heading is None else clock_text(s.heading),
                    "weight": [str(w) for w in s.weight],
                }
                for s in states
            ],
        }
        for line, states in count_by_count(project.dance, grid)
    ]
    return {
        "follows": to_builtins(facts_of(project.dance, grid)),
        "with_song": None if beside is None else to_builtins(beside) | {"needs_nothing": beside.needs_nothing},
        "lines": lines,
        "problems": [
            to_builtins(p) | {"offers": [{"words": o.words, "leads": o.leads} for o in _offers(project.dance, p)]}
            for p in (problems_of(project.dance, grid) if problems is None else problems)
        ],
        "card": to_builtins(card_of(project)),
    }


def sheet(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.dance.export import export_sheet

    project = _sheet_project(arguments.sheet)
    for path in arguments.to:
        may_write(path)
    for path in arguments.to:
        export_sheet(project, path)
        print(path)
    return 0


def _sheet_project(path: Path) -> Project:
    """A project file, or a project around a sheet read from a file; what was left aside is said."""
    from vamos.core.dance.sheets.files import read_sheet_file

    if is_project(path):
        return load(path)
    reads(path)
    found = read_sheet_file(path)
    for remark in found.remarks:
        print(f"{path}: {remark}", file=sys.stderr)
    return Project(name=path.stem, dance=found.dance)


def desktop(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """The menu entry, the icon and the file type, for this user."""
    import os

    from vamos.desktop import install, remove

    share = arguments.share or Path(os.environ.get("XDG_DATA_HOME") or Path.home() / ".local/share")
    if arguments.remove:
        gone = remove(share)
        print(
            tr("Vamos is out of the menu of {share}.", share=share)
            if gone
            else tr("Vamos was not in the menu of {share}.", share=share)
        )
        return 0
    command = Path(sys.argv[0]).resolve()
    for path in install(share, command if command.name == "vamos" else Path("vamos")):
        print(path)
    return 0


def place(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.cli.placed import take_data
    from vamos.core.make import make_project
    from vamos.core.time import minutes_text

    reads(arguments.song, *arguments.takes)
    if arguments.json and arguments.json != "-":
        may_write(Path(arguments.json))
    project, problems = make_project(arguments.song, arguments.takes, progress=terminal.progress())
    assert project.song is not None and project.song.grid is not None
    by_path = {Path(t.media.path): t for t in project.takes}
    rows = []
    for path in arguments.takes:
        take = by_path.get(path.resolve())
        row: dict[str, Any] = {"take": str(path)}
        row |= (
            take_data(take, project.song.grid)
            if take
            else {
                "kind": "none",
                "segments": [],
                "confidence": 0.0,
                "counts": [],
                "problem": next((p for p in problems if p.startswith(str(path))), tr("not readable")),
            }
        )
        rows.append(row)
    if arguments.json:
        write_json(arguments.json, rows)
    else:
        for row in rows:
            passes = {s["pass"]: s for s in row["segments"]}
            print(
                tr(
                    "{value}: {value2}, {number} passes, confidence {value3:.0%}",
                    value=row["take"],
                    value2=row["kind"],
                    number=len(passes),
                    value3=row["confidence"],
                )
            )
            for segment in passes.values():
                if other := segment.get("also_at"):
                    places = ", ".join(minutes_text(max(0.0, at)) for at in sorted(other))
                    print(
                        tr("    the song is the same at {places}: which of these it is cannot be heard", places=places)
                    )
    return listed(problems, terminal)


def make(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.make import make_project
    from vamos.core.pack.free_place import check_place

    check_place(arguments.out)
    if arguments.project and arguments.project.exists():
        raise WriteError(
            tr("there is something under this name."),
            file=arguments.project,
            safe=tr("It was not changed."),
            todo=tr("Choose a new name for the project, or write its pack with “vamos pack”."),
        )
    progress = terminal.progress()
    base = arguments.project.parent if arguments.project else None
    project, problems = make_project(arguments.song, arguments.takes, base, progress.part(0, 0.2))
    project = with_output(project, arguments)
    if arguments.project:
        save(project, arguments.project)
    status = listed(problems, terminal)
    return max(status, _write_pack(project, base, arguments.out, terminal, progress.part(0.2, 1.0)))


def clips(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.plan.clips import plan_clips

    if arguments.own or arguments.forget:
        project = change(arguments.project, lambda now: _own_clips(now, arguments))
    else:
        project = load(arguments.project)
    planned = plan_clips(project)
    if arguments.json:
        write_json(arguments.json, [_clip_figures(project, arguments.project.parent, c, planned) for c in planned])
    else:
        for clip in planned:
            print(f"{clip.title}, {clip.view}: {'; '.join(clip.reasons)}")
            for problem in clip.problems:
                print(f"    ! {problem}")
    return 1 if any(c.problems for c in planned) else 0


def _own_clips(project: Project, arguments: argparse.Namespace) -> Project:
    """The project with a range added or taken away as asked."""
    from vamos.core.edit.clips import add_range, remove_range
    from vamos.core.time import CountRange, as_count

    if arguments.forget:
        named = next((r.id for r in project.ranges if r.name == arguments.forget), arguments.forget)
        project = remove_range(project, named)
    if arguments.own:
        name, start, end = arguments.own
        project = add_range(project, name, CountRange(as_count(start), as_count(end)))
    return project


def _clip_figures(project: Project, base: Path, clip: Clip, planned: tuple[Clip, ...]) -> dict[str, Any]:
    """A clip with its seconds of the song, its frames and the versions it is written in."""
    from vamos.core.dance.lines import lines_for
    from vamos.core.model.clip import Version
    from vamos.core.plan.versions import version_words, versions_of
    from vamos.core.render.films import stage_of

    assert project.song is not None and project.song.grid is not None
    stage = stage_of(project, base, project.song.grid, lines_for(project))
    timing = stage.timing(clip, Version())
    figures: dict[str, Any] = to_builtins(clip)
    names = {t.id: t.name for t in project.takes}
    figures["take"] = names[clip.take]
    figures["alternatives"] = [[names[take], number] for take, number in clip.alternatives]
    figures["song_s"] = [round(timing.song_start_s, 4), round(timing.song_end_s, 4)]
    figures["frames"] = timing.frames
    figures["versions"] = [version_words(v) for v in versions_of(project.output, clip, planned)]
    return figures


def pack(arguments: argparse.Namespace, terminal: Terminal) -> int:
    project = with_output(load(arguments.project), arguments)
    if arguments.estimate:
        return _estimate(project, arguments.project.parent)
    return _write_pack(project, arguments.project.parent, arguments.out, terminal, terminal.progress())


def _estimate(project: Project, base: Path) -> int:
    from vamos.core.pack.estimate import estimate
    from vamos.core.plan.coverage import coverage_of
    from vamos.core.plan.profiles import packed_project

    project = packed_project(project)
    coverage = coverage_of(project)
    if coverage is None:
        raise InputError(tr("There is nothing to cut yet: a pack needs a song with its grid and a take placed on it."))
    found = estimate(project, base, coverage)
    print(" ".join(filter(None, (f"{found.words()}.", found.unseen_words()))))
    return 0


def verify(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.pack.verify import verify_pack

    if arguments.folder.is_file():
        from vamos.core.pack.one_file import verify_one_file

        findings = verify_one_file(arguments.folder)
    else:
        findings = verify_pack(arguments.folder, terminal.progress())
    bad = [f for f in findings if not f.good]
    if arguments.json:
        write_json(arguments.json, [to_builtins(f) for f in findings])
    for finding in bad:
        terminal.say(f"{finding.file}: {finding.what}: {finding.detail}")
    if not arguments.json:
        files = len({f.file for f in findings})
        print(
            tr(
                "{files} files, {number} comparisons, {number2} do not hold",
                files=files,
                number=len(findings),
                number2=len(bad),
            )
        )
    return 1 if bad else 0


def _pack_and_verify(project: Project, base: Path, out: Path, terminal: Terminal) -> int:
    from vamos.core.pack.verify import verify_pack

    progress = terminal.progress()
    status = _write_pack(project, base, out, terminal, progress.part(0, 0.8))
    findings = verify_pack(out, progress.part(0.8, 1.0))
    bad = [f for f in findings if not f.good]
    for finding in bad:
        terminal.say(f"{finding.file}: {finding.what}: {finding.detail}")
    terminal.say(tr("Verified: {number} comparisons, {number2} do not hold.", number=len(findings), number2=len(bad)))
    return 1 if bad else status


def _write_pack(project: Project, base: Path | None, out: Path, terminal: Terminal, progress: Progress) -> int:
    from vamos.core.pack.write import write_pack

    outcome = write_pack(project, base, out, progress)
    print(tr("{clips} clips in {folder}", clips=outcome.clips, folder=outcome.folder))
    return listed(outcome.problems, terminal)


def listed(problems: tuple[str, ...], terminal: Terminal) -> int:
    for problem in dict.fromkeys(problems):
        terminal.say(f"! {problem}")
    return 1 if problems else 0
