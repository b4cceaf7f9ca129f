"""Clips from grid, sheet and passes: one per section (or eight), range of the user's, and view.

With a dance, a section is cut once per view from the best of all its walls; without one, every
eight of the song is cut. Choices of the user override what is planned and stick.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace

from vamos.core.dance.lines import Line, LineKind, lines_of
from vamos.core.model.clip import Choice, Clip, NamedRange
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View, counts_to_take
from vamos.core.plan.edges import Edges, edges_of
from vamos.core.plan.flip import choose_flip
from vamos.core.plan.problems import problems_of_clip
from vamos.core.plan.reasons import why_this
from vamos.core.plan.views import Seen, heading_near, seen_view
from vamos.core.time import TimeMap, TimeRange

#: A placement below this confidence is a question, not an answer.
SURE = 0.5


@dataclass(frozen=True, slots=True)
class Source:
    """A pass of a take that shows a line, with what is seen there."""

    take: Take
    number: int
    line: Line
    stretch: Stretch
    score: float
    problems: tuple[str, ...]
    seen: Seen

    @property
    def the_pass(self) -> Pass:
        return self.take.passes[self.number]


def plan_clips(project: Project) -> tuple[Clip, ...]:
    """All clips of a project, in the order of the dance and of the views, then the user's own ranges.

    Without a song, a grid or takes there is nothing to cut: the result is empty.
    """
    grid = project.song.grid if project.song else None
    if grid is None:
        return ()
    clips = []
    lines = lines_of(grid, project.dance)
    groups = [*groups_of(lines), *((line_of_range(r, lines),) for r in project.ranges)]
    for group in groups:
        for view in View:
            sources = list(line_sources(project, grid, group, view, lines))
            if not sources:
                continue
            clip = _clip(project, grid, group, view, sources, lines)
            if clip is not None:
                clips.append(clip)
    return tuple(clips)


def groups_of(lines: tuple[Line, ...]) -> Iterator[tuple[Line, ...]]:
    """Lines that show the same thing: all whole walls of a section, or one line."""
    seen: dict[str, list[Line]] = {}
    for line in lines:
        if line.kind in (LineKind.LEAD_IN, LineKind.AFTER, LineKind.HOLD) or line.cut:
            continue
        key = line.section.name if line.section else f"line {line.number}"
        seen.setdefault(key, []).append(line)
    yield from (tuple(group) for group in seen.values())


def line_of_range(wanted: NamedRange, lines: tuple[Line, ...]) -> Line:
    """A range of the user's as a line of its own; it belongs to the line it begins on."""
    start = wanted.counts.start
    first = next((x for x in lines if x.counts.contains(start)), lines[-1])
    heading = heading_near(lines, float(start))
    return Line(first.number, start, wanted.counts.length, LineKind.DANCE, wanted.name, None, first.wall, heading)


def line_sources(
    project: Project, grid: Grid, group: tuple[Line, ...], view: View, lines: tuple[Line, ...] | None = None
) -> Iterator[Source]:
    """Passes that show a line of a group in a view; a later wall may show it from another side."""
    lines = lines if lines is not None else lines_of(grid, project.dance)
    for take in project.takes:
        for number, the_pass in enumerate(take.passes):
            where = counts_to_take(the_pass, grid)
            for line in group:
                core = line.counts
                at = TimeRange(where(core.start), where(core.end))
                slack = 0.12 * at.length_s / max(1.0, float(line.length))
                if not the_pass.take_range.covers(at, slack):
                    continue
                said = take.stretch_at(at.start_s)
                seen = seen_view(said, the_pass, where, lines, core)
                if seen.view is view:
                    yield _source(project, take, number, line, at, replace(said, view=view), where, seen)


def _source(
    project: Project,
    take: Take,
    number: int,
    line: Line,
    at: TimeRange,
    stretch: Stretch,
    where: TimeMap,
    seen: Seen,
) -> Source:
    the_pass = take.passes[number]
    problems = []
    score = the_pass.confidence
    trouble = {
        s.trouble for s in take.stretches if s.trouble and at.start_s < _end_of(take, s) and s.start_take_s < at.end_s
    }
    if trouble:
        problems.append("trouble in this pass: " + ", ".join(sorted(trouble)))
        score -= 2
    noticed = [s.text for s in take.seen or () if at.start_s <= s.take_s < at.end_s]
    if noticed:
        problems.append("; ".join(noticed))
        score -= 0.4
    if the_pass.kind is PassKind.COUNTED:
        score -= 0.6
    if the_pass.confidence < SURE:
        problems.append(f"placed with little confidence ({the_pass.confidence:.0%})")
    run_up = where(line.start - project.output.run_up)
    if run_up < the_pass.take_range.start_s - 0.05:
        problems.append("the pass does not hold the whole run-up")
        score -= 0.5
    if where(line.counts.end + project.output.run_out) > the_pass.take_range.end_s + 0.3:
        problems.append("the pass ends before the run-out")
        score -= 0.25
    return Source(take, number, line, stretch, score, tuple(problems), seen)


def _end_of(take: Take, stretch: Stretch) -> float:
    later = [s.start_take_s for s in take.stretches if s.start_take_s > stretch.start_take_s]
    return min(later, default=float("inf"))


def sources_of(project: Project, clip: Clip) -> tuple[Source, ...]:
    """All passes that show what a clip shows, in its view, the best first."""
    grid = project.song.grid if project.song else None
    if grid is None:
        return ()
    lines = lines_of(grid, project.dance)
    groups = [*groups_of(lines), *((line_of_range(r, lines),) for r in project.ranges)]
    group = next((g for g in groups if clip_name(g[0]) == clip.title), ())
    found = sorted(line_sources(project, grid, group, clip.view, lines), key=lambda s: -s.score)
    # One wall of each pass is enough to compare.
    return tuple({(s.take.name, s.number): s for s in reversed(found)}.values())[::-1]


def clip_name(line: Line) -> str:
    """What a clip of a line is called."""
    if line.section is not None:
        return line.section.name
    return line.title if line.title and not line.title.startswith("part ") else f"eight {line.number}"


def _clip(
    project: Project,
    grid: Grid,
    group: tuple[Line, ...],
    view: View,
    sources: list[Source],
    lines: tuple[Line, ...],
) -> Clip | None:
    name = clip_name(group[0])
    key = f"{name} · {view}"
    choice = project.choice(key) or Choice(key)
    if choice.left_out:
        return None
    best = sorted(sources, key=lambda s: -s.score)
    pick = picked(best, choice)
    flip = choose_flip(pick.stretch, choice.flip)
    where = counts_to_take(pick.the_pass, grid)
    edges: Edges = edges_of(project.output, choice, pick.line, lines, where, pick.the_pass.take_range)
    others = dict.fromkeys((s.take.name, s.number) for s in best)
    others.pop((pick.take.name, pick.number))
    return Clip(
        key,
        name,
        pick.line.number,
        pick.line.counts,
        view,
        pick.take.name,
        pick.number,
        edges.run_up,
        edges.run_out,
        flip.flip,
        flip.label,
        (why_this(pick, len(best), choice), flip.reason, edges.reason),
        (*pick.problems, *edges.problems, *problems_of_clip(pick.stretch, flip.flip, pick.seen)),
        tuple(others),
        edges.nudge,
    )


def picked(best: list[Source], choice: Choice | None) -> Source:
    """The source a person chose, else the best one."""
    for source in best if choice is not None else ():
        if choice is not None and choice.take == source.take.name and choice.pass_number in (None, source.number):
            return source
    return best[0]
