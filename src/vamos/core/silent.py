"""Takes in which nothing is heard, or not enough: placed by their steps, and by the filming log. Questions all."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from pathlib import Path

from vamos.core.align.by_log import APART_S, Shot, began_at, by_log, clock_apart, settled
from vamos.core.dance.lines import lines_of
from vamos.core.document.paths import locate
from vamos.core.media.motion import PER_SECOND, Motion, motion_of
from vamos.core.model.project import Project
from vamos.core.model.take import SURE, Pass, PassKind, Take
from vamos.core.plan.by_steps import Pattern, by_steps, near_in_steps, pattern_of
from vamos.core.progress import Progress, quiet
from vamos.core.time import TimeMap
from vamos.errors import MediaError, MissingError
from vamos.wording import words_of

tr = words_of(__name__)

#: Passes of takes by the takes' ids.
Places = dict[str, tuple[Pass, ...]]


def find_by_steps(
    project: Project, base: Path | None, take_ids: Sequence[str], progress: Progress | None = None
) -> Places:
    """Places of takes in which nothing was heard, by how the dancer moves in the takes that are placed.

    Takes that fit nowhere are left out of the answer, and those whose film cannot be read.
    """
    progress, grid = progress or quiet(), project.grid
    wanted = [project.take(i) for i in take_ids]
    pattern = _pattern(project, base, progress.part(0, 0.7))
    found: Places = {}
    if pattern is None or grid is None:
        return found
    for number, take in enumerate(wanted):
        seen = _motion(
            take, base, progress.part(0.7 + 0.3 * number / len(wanted), 0.7 + 0.3 * (number + 1) / len(wanted))
        )
        the_pass = by_steps(seen, take.media.duration_s, pattern, grid) if seen is not None else None
        if the_pass is not None:
            found[take.id] = (the_pass,)
    return found


def find_by_log(
    project: Project, base: Path | None, take_ids: Sequence[str], progress: Progress | None = None
) -> Places:
    """Places of takes by the filming log, to about a second, or where their steps fall near there.

    Takes that ran while nothing was logged are left out, and those whose film does not say when it began.
    """
    progress, grid = progress or quiet(), project.grid
    if grid is None or not project.filmed or not take_ids:
        return {}
    shots = _shots(project, base)
    waiting = {i: shots[i] for i in take_ids if i in shots}
    placed = [s for i, s in shots.items() if i not in waiting and s.passes]
    found = by_log(waiting, placed, project.filmed)
    pattern = _pattern(project, base, progress) if found else None
    if pattern is None:
        return found
    first_s = float(grid.time_map()(pattern.first))
    out = {}
    for i, passes in found.items():
        seen = _motion(project.take(i), base, progress)
        there = [
            near_in_steps(seen, pattern, grid, float(p.clock.inverse()(first_s)), 2 * APART_S)
            if seen is not None
            else None
            for p in passes
        ]
        out[i] = tuple(_in_step(p, at, first_s) for p, at in zip(passes, there, strict=True))
    return out


def _in_step(the_pass: Pass, first_take_s: float | None, first_song_s: float) -> Pass:
    if first_take_s is None:
        return the_pass
    words = the_pass.reason.split(",")[0]
    clock = TimeMap.line(first_take_s, first_song_s, 1.0)
    reason = tr("{words} and by its steps; nothing was heard: see whether it is right", words=words)
    return replace(the_pass, clock=clock, residual_s=1 / PER_SECOND, reason=reason)


def settled_by_log(project: Project, base: Path | None, take_ids: Sequence[str]) -> Places:
    """Passes that fit several places of the song as well, put where the filming log says they were danced."""
    if not project.filmed:
        return {}
    asking = [i for i in take_ids if any(p.also_at_song_s for p in project.take(i).passes)]
    if not asking:
        return {}
    shots = _shots(project, base)
    apart = clock_apart([s for i, s in shots.items() if i not in asking], project.filmed)
    found: Places = {}
    for i in asking:
        if i in shots and apart is not None:
            passes = tuple(settled(p, shots[i], project.filmed, apart) for p in project.take(i).passes)
            if passes != project.take(i).passes:
                found[i] = passes
    return found


def _shots(project: Project, base: Path | None) -> dict[str, Shot]:
    """The takes whose films say when they began, with the passes one can be sure of."""
    shots = {}
    for take in project.takes:
        try:
            began = began_at(locate(take.media, base))
        except (MissingError, MediaError):
            continue
        if began is not None:
            shots[take.id] = Shot(began, take.whole, tuple(p for p in take.passes if p.confidence >= SURE))
    return shots


def _pattern(project: Project, base: Path | None, progress: Progress) -> Pattern | None:
    """What moves when, as the takes that are placed by their sound show it."""
    grid = project.grid
    placed = [(t, [p for p in t.passes if p.kind is PassKind.SONG and p.confidence >= SURE]) for t in project.takes]
    placed = [(t, passes) for t, passes in placed if passes]
    if grid is None or not placed:
        return None
    known = []
    for number, (take, passes) in enumerate(placed):
        seen = _motion(take, base, progress.part(number / len(placed), (number + 1) / len(placed)))
        known += [(p, seen) for p in passes if seen is not None]
    return pattern_of(known, lines_of(grid, project.dance), grid)


def _motion(take: Take, base: Path | None, progress: Progress) -> Motion | None:
    try:
        return motion_of(locate(take.media, base), take.media.fingerprint, take.media.duration_s, progress)
    except (MissingError, MediaError):
        return None
