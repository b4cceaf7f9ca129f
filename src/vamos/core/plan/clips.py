"""Clips from grid, sheet and passes: one per section (or eight) and view.

With a dance, a section is cut once per view from the best of all its walls; without one, every
eight of the song is cut. Choices of the user override what is planned and stick.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from fractions import Fraction

from vamos.core.dance.facing import clock_text
from vamos.core.dance.lines import Line, LineKind, lines_of
from vamos.core.model.clip import Choice, Clip
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View
from vamos.core.plan.flip import choose_flip
from vamos.core.plan.views import seen_view
from vamos.core.time import CountRange, TimeMap, TimeRange

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

    @property
    def the_pass(self) -> Pass:
        return self.take.passes[self.number]


def counts_to_take(the_pass: Pass, grid: Grid) -> TimeMap:
    """Counts on the song → take seconds, for either kind of pass."""
    if the_pass.kind is PassKind.SONG:
        return grid.time_map().then(the_pass.clock.inverse())
    return the_pass.clock.inverse()


def plan_clips(project: Project) -> tuple[Clip, ...]:
    """All clips of a project, in the order of the dance and of the views.

    Without a song, a grid or takes there is nothing to cut: the result is empty.
    """
    grid = project.song.grid if project.song else None
    if grid is None:
        return ()
    clips = []
    lines = lines_of(grid, project.dance)
    for group in groups_of(lines):
        for view in View:
            sources = list(line_sources(project, grid, group, view, lines))
            if not sources:
                continue
            clip = _clip(project, grid, group, view, sources)
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
                seen = seen_view(said, the_pass, where, lines, line)
                if seen is view:
                    yield _source(project, take, number, line, at, replace(said, view=seen), where)


def _source(
    project: Project, take: Take, number: int, line: Line, at: TimeRange, stretch: Stretch, where: TimeMap
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
    return Source(take, number, line, stretch, score, tuple(problems))


def _end_of(take: Take, stretch: Stretch) -> float:
    later = [s.start_take_s for s in take.stretches if s.start_take_s > stretch.start_take_s]
    return min(later, default=float("inf"))


def _clip(project: Project, grid: Grid, group: tuple[Line, ...], view: View, sources: list[Source]) -> Clip | None:
    name = group[0].section.name if group[0].section else f"eight {group[0].number}"
    key = f"{name} · {view}"
    choice = project.choice(key) or Choice(key)
    if choice.left_out:
        return None
    best = sorted(sources, key=lambda s: -s.score)
    pick = _picked(best, choice)
    flip = choose_flip(pick.stretch, choice.flip)
    run_up = choice.run_up if choice.run_up is not None else max(project.output.run_up, _pickup(pick.line))
    run_out = choice.run_out if choice.run_out is not None else project.output.run_out
    run_up, run_out = _within_pass(pick, grid, run_up, run_out)
    others = dict.fromkeys((s.take.name, s.number) for s in best)
    others.pop((pick.take.name, pick.number))
    reasons = (
        _why_this(pick, best, choice),
        flip.reason,
        f"run-up {_number(run_up)}, run-out {_number(run_out)}",
    )
    return Clip(
        key,
        name,
        pick.line.number,
        pick.line.counts,
        view,
        pick.take.name,
        pick.number,
        run_up,
        run_out,
        flip.flip,
        flip.label,
        reasons,
        pick.problems,
        tuple(others),
    )


def _picked(best: list[Source], choice: Choice) -> Source:
    for source in best:
        if choice.take == source.take.name and choice.pass_number in (None, source.number):
            return source
    return best[0]


def _pickup(line: Line) -> Fraction:
    """Counts before 1 that the section's own pickup needs."""
    first = min((event.start for _, event in line.events()), default=Fraction(0))
    return max(Fraction(0), -first)


def _within_pass(source: Source, grid: Grid, run_up: Fraction, run_out: Fraction) -> tuple[Fraction, Fraction]:
    """Shorten run-up and run-out, by halves, to what was filmed."""
    where = counts_to_take(source.the_pass, grid)
    core: CountRange = source.line.counts
    limits = source.the_pass.take_range
    while run_up > 0 and where(core.start - run_up) < limits.start_s - 0.05:
        run_up = max(Fraction(0), run_up - Fraction(1, 2))
    while run_out > 0 and where(core.end + run_out) > limits.end_s + 0.3:
        run_out = max(Fraction(0), run_out - Fraction(1, 2))
    return run_up, run_out


def _number(counts: Fraction) -> str:
    return f"{float(counts):g}"


def _why_this(pick: Source, best: list[Source], choice: Choice) -> str:
    name = f"{pick.take.name}, pass {pick.number + 1}"
    if pick.line.wall is not None:
        name += f", wall {pick.line.wall}"
    said = pick.take.stretch_at(0.0).view
    if pick.line.heading and pick.stretch.view is not said and len(pick.take.stretches) == 1:
        name += f" at {clock_text(pick.line.heading)}, where the same camera sees the {pick.stretch.view}"
    if choice.take == pick.take.name:
        return f"{name}: you chose it"
    if len(best) == 1:
        return f"{name}: the only pass of this view"
    return f"{name}: the best of {len(best)} ({pick.the_pass.reason or 'placed'})"
