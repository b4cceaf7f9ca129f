"""What stands on each line of the page, from the project and what was computed about it."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from itertools import pairwise

import numpy as np
from PyQt6.QtGui import QImage

from vamos.core.dance.checks import problems_of
from vamos.core.dance.lines import Line, LineKind
from vamos.core.media.peaks import Peaks
from vamos.core.model.clip import Clip
from vamos.core.model.project import Project
from vamos.core.model.take import Danced, Pass, PassKind, Stretch, Take
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.views import seen_view
from vamos.core.time import CountRange, TimeMap
from vamos.ui.page.paint import Row, Strip

#: Lines less sure than this are marked.
WEAK = 0.35

Thumb = Callable[[str, float], QImage | None]


class Content:
    """Answers what is on a line; told when project, peaks or thumbnails change."""

    def __init__(self, thumb: Thumb):
        self._thumb = thumb
        self.project = Project()
        self.lines: tuple[Line, ...] = ()
        self.clips: tuple[Clip, ...] = ()
        self.peaks: Peaks | None = None
        self._clock: TimeMap | None = None
        self.problems: Counter[str] = Counter()

    def show(self, project: Project, lines: tuple[Line, ...]) -> None:
        self.project, self.lines = project, lines
        grid = project.grid
        self._clock = grid.time_map() if grid else None
        self.clips = plan_clips(project)
        found = problems_of(project.dance, grid) if project.dance.sections else ()
        self.problems = Counter(p.section for p in found if p.section)

    @property
    def columns(self) -> int:
        grid = self.project.grid
        usual = grid.line if grid else 8
        longest = max((int(np.ceil(float(line.length))) for line in self.lines), default=usual)
        return max(usual, longest)

    @property
    def starts_s(self) -> tuple[float, ...]:
        if self._clock is None:
            return ()
        return tuple(max(0.0, self._clock(line.start)) for line in self.lines)

    @property
    def weak(self) -> frozenset[int]:
        grid = self.project.grid
        if grid is None:
            return frozenset()
        return frozenset(
            k
            for k, line in enumerate(self.lines)
            if line.kind is not LineKind.AFTER and grid.sureness_at(line.start) < WEAK
        )

    def strip_rows(self) -> int:
        """The most passes any line has; a pass whose view changes on the line is still one row."""
        return max((len({s.row for s in self._strips(line)}) for line in self.lines), default=0)

    def row(self, number: int) -> Row:
        line = self.lines[number]
        clock = self._clock
        assert clock is not None
        start, end = clock(line.start), clock(line.counts.end)
        wave = self.peaks.between(start, end) if self.peaks else np.zeros((0, 3), np.float32)
        return Row(
            line,
            max(0.0, start),
            number in self.weak,
            wave,
            self._strips(line),
            self.clips_of(line),
            self._tempo(number),
            self._stops(line),
            self._parts(line),
            self.problems[line.title] if line.section is not None else 0,
        )

    def _parts(self, line: Line) -> tuple[tuple[float, str, bool], ...]:
        """Parts of the song that begin on a line: column, name, whether a person named it."""
        grid = self.project.grid
        return tuple(
            (float(p.position - line.start), p.name, p.fixed)
            for p in (grid.parts if grid else ())
            if line.counts.contains(p.position)
        )

    def _stops(self, line: Line) -> tuple[tuple[float, float], ...]:
        """Stops of the music on a line, in columns of it."""
        grid = self.project.grid
        found = []
        for stop in grid.breaks if grid else ():
            start = max(stop.position, line.start)
            end = min(stop.position + stop.counts, line.counts.end)
            if start < end:
                found.append((float(start - line.start), float(end - line.start)))
        return tuple(found)

    def clips_of(self, line: Line) -> tuple[Clip, ...]:
        """Clips cut from what this line dances."""
        if line.section is not None and not line.cut:
            return tuple(c for c in self.clips if c.title == line.section.name)
        return tuple(c for c in self.clips if c.line == line.number)

    def _tempo(self, number: int) -> str:
        """The tempo, where it differs from the line before by more than 2 %."""
        clock = self._clock
        assert clock is not None

        def bpm(line: Line) -> float:
            return 60 * float(line.length) / (clock(line.counts.end) - clock(line.start))

        now = bpm(self.lines[number])
        if number == 0 or abs(now / bpm(self.lines[number - 1]) - 1) > 0.02:
            return f"{now:.0f} a minute"
        return ""

    def _strips(self, line: Line) -> tuple[Strip, ...]:
        coverage = coverage_of(self.project)
        if coverage is None:
            return ()
        strips: list[Strip] = []
        rows = 0
        for take, _, the_pass, where, back in coverage.passes:
            first = max(float(line.start), back(the_pass.take_range.start_s))
            last = min(float(line.counts.end), back(the_pass.take_range.end_s))
            if last - first < 0.5:
                continue
            marks = [back(s.start_take_s) for s in take.stretches]
            edges = [first, *(m for m in marks if first + 0.25 < m < last - 0.25), last]
            for a, b in pairwise(edges):
                part = CountRange(Fraction(a).limit_denominator(48), Fraction(b).limit_denominator(48))
                stretch = take.stretch_at(where((a + b) / 2))
                view = seen_view(stretch, the_pass, back, coverage.headings, part).view
                seen = replace(stretch, view=view)
                strips.append(replace(self._strip(take, the_pass, where, line, a, b, seen), row=rows))
            rows += 1
        return tuple(strips)

    def _strip(
        self, take: Take, the_pass: Pass, where: TimeMap, line: Line, first: float, last: float, seen: Stretch
    ) -> Strip:
        base = float(line.start)
        return Strip(
            first - base,
            last - base,
            strip_text(take, the_pass.kind, seen),
            seen.trouble,
            lambda column: self._thumb(take.name, where(base + column)),
            any(c.take == take.name and c.line == line.number for c in self.clips),
        )


def strip_text(take: Take, kind: PassKind, stretch: Stretch) -> str:
    words = [take.name, str(stretch.view)]
    if stretch.danced is Danced.MIRRORED:
        words.append("danced mirrored")
    if kind is PassKind.COUNTED:
        words.append("counted aloud")
    return " · ".join(dict.fromkeys(words))
