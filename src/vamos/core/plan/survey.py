"""What was filmed of which counts: the passes that show a line or a range, in which view, how well.

A survey is made once for a project; everything that plans reads it.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace

from vamos.core.dance.lines import Line, LineKind, line_name, lines_of
from vamos.core.model.clip import NamedRange
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View, counts_to_take
from vamos.core.plan.views import Headings, Seen, seen_view
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
    where: TimeMap

    @property
    def the_pass(self) -> Pass:
        return self.take.passes[self.number]


class Survey:
    """Lines, headings and passes of a project with a grid."""

    def __init__(self, project: Project, grid: Grid):
        self.project, self.grid = project, grid
        self.lines = lines_of(grid, project.dance)
        self.headings = Headings(self.lines)
        #: (take, number of the pass, the pass, counts → take seconds, take seconds → counts)
        self.passes = [
            (take, number, the_pass, where, where.inverse())
            for take in project.takes
            for number, the_pass in enumerate(take.passes)
            for where in (counts_to_take(the_pass, grid),)
        ]

    def groups(self) -> Iterator[tuple[Line, ...]]:
        """Lines that show the same thing (all whole walls of a section, or one line), then ranges of the user's."""
        yield from groups_of(self.lines)
        for wanted in self.project.ranges:
            yield (self.line_of_range(wanted),)

    def line_of_range(self, wanted: NamedRange) -> Line:
        """A range of the user's as a line of its own; it belongs to the line it begins on."""
        start = wanted.counts.start
        first = next((x for x in self.lines if x.counts.contains(start)), self.lines[-1])
        heading = self.headings.at(float(start))
        return Line(first.number, start, wanted.counts.length, LineKind.DANCE, wanted.name, None, first.wall, heading)

    def sources(self, group: tuple[Line, ...]) -> dict[View, list[Source]]:
        """Passes that show a line of a group, by view, the best first; a later wall may show another side."""
        found: dict[View, list[Source]] = {view: [] for view in View}
        for take, number, the_pass, where, back in self.passes:
            for line in group:
                core = line.counts
                at = TimeRange(where(core.start), where(core.end))
                slack = 0.12 * at.length_s / max(1.0, float(line.length))
                if not the_pass.take_range.covers(at, slack):
                    continue
                said = take.stretch_at(at.start_s)
                seen = seen_view(said, the_pass, back, self.headings, core)
                stretch = replace(said, view=seen.view)
                found[seen.view].append(self._source(take, number, line, at, stretch, where, seen))
        for sources in found.values():
            sources.sort(key=lambda s: -s.score)
        return found

    def _source(
        self, take: Take, number: int, line: Line, at: TimeRange, stretch: Stretch, where: TimeMap, seen: Seen
    ) -> Source:
        the_pass, output = take.passes[number], self.project.output
        problems = []
        score = the_pass.confidence
        trouble = {
            s.trouble
            for s in take.stretches
            if s.trouble and at.start_s < _end_of(take, s) and s.start_take_s < at.end_s
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
        if where(line.start - output.run_up) < the_pass.take_range.start_s - 0.05:
            problems.append("the pass does not hold the whole run-up")
            score -= 0.5
        if where(line.counts.end + output.run_out) > the_pass.take_range.end_s + 0.3:
            problems.append("the pass ends before the run-out")
            score -= 0.25
        return Source(take, number, line, stretch, score, tuple(problems), seen, where)


_last: Survey | None = None


def survey_of(project: Project) -> Survey | None:
    """The survey of a project, kept for the project asked about last; None before there is a beat."""
    global _last
    grid = project.song.grid if project.song else None
    if grid is None:
        return None
    kept = _last
    if kept is None or kept.project is not project:
        kept = _last = Survey(project, grid)
    return kept


def groups_of(lines: tuple[Line, ...]) -> Iterator[tuple[Line, ...]]:
    """Lines that show the same thing: all whole walls of a section, or one line."""
    seen: dict[str, list[Line]] = {}
    for line in lines:
        if line.kind in (LineKind.LEAD_IN, LineKind.AFTER, LineKind.HOLD) or line.cut:
            continue
        key = line.section.name if line.section else f"line {line.number}"
        seen.setdefault(key, []).append(line)
    yield from (tuple(group) for group in seen.values())


def clip_name(line: Line) -> str:
    """What a clip of a line is called."""
    if line.section is not None:
        return line.section.name
    # A part of the song is longer than one of its lines.
    return line_name(replace(line, title="") if line.title.startswith("part ") else line)


def _end_of(take: Take, stretch: Stretch) -> float:
    later = [s.start_take_s for s in take.stretches if s.start_take_s > stretch.start_take_s]
    return min(later, default=float("inf"))
