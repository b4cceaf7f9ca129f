"""What stands on each line of the page, from the project and what was computed about it."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from itertools import pairwise

import numpy as np
from PyQt6.QtGui import QImage

from vamos.core.dance.lines import Line, LineKind
from vamos.core.media.peaks import Peaks
from vamos.core.model.clip import Clip
from vamos.core.model.project import Project
from vamos.core.model.take import Danced, PassKind, Stretch, Take
from vamos.core.open_document.facts import Facts
from vamos.core.plan.coverage import PlacedPass
from vamos.core.plan.views import seen_view
from vamos.core.time import CountRange, TimeMap
from vamos.ui.page.paint import Row, Strip

#: Lines less sure than this are marked.
WEAK = 0.35

#: (fingerprint of a film, take second) → its small picture there
Thumb = Callable[[str, float], QImage | None]


class Content:
    """Answers what is on a line; told when project, peaks or thumbnails change."""

    def __init__(self, thumb: Thumb):
        self._thumb = thumb
        self.facts = Facts(Project())
        self.peaks: Peaks | None = None
        self._clock: TimeMap | None = None
        self.columns = 8
        self.starts_s: tuple[float, ...] = ()
        self.weak: frozenset[int] = frozenset()
        self._strips_of: dict[int, tuple[Strip, ...]] = {}

    def show(self, facts: Facts) -> None:
        """Another project, or the same one changed."""
        before = self.facts
        self.facts = facts
        grid = facts.project.grid
        if facts.coverage is not before.coverage or facts.clips is not before.clips:
            self._strips_of = {}
        if grid is before.project.grid and facts.lines is before.lines and self._clock is not None:
            return
        self._clock = grid.time_map() if grid else None
        usual = grid.line if grid else 8
        longest = max((int(np.ceil(float(line.length))) for line in facts.lines), default=usual)
        self.columns = max(usual, longest)
        starts = self._clock(np.array([float(x.start) for x in facts.lines])) if self._clock and facts.lines else ()
        self.starts_s = tuple(max(0.0, float(s)) for s in starts)
        self.weak = frozenset(
            k
            for k, line in enumerate(facts.lines)
            if grid is not None and line.kind is not LineKind.AFTER and grid.sureness_at(line.start) < WEAK
        )

    @property
    def project(self) -> Project:
        return self.facts.project

    @property
    def lines(self) -> tuple[Line, ...]:
        return self.facts.lines

    @property
    def clips(self) -> tuple[Clip, ...]:
        return self.facts.clips

    @property
    def problems(self) -> Counter[str]:
        """How many problems each section has."""
        return Counter(p.section for p in self.facts.problems if p.section)

    def strip_rows(self) -> int:
        """The most passes any line has; a pass whose view changes on the line is still one row."""
        coverage = self.facts.coverage
        if coverage is None or not coverage.passes or not self.lines:
            return 0
        edges = [
            (p.take_to_count(p.the_pass.take_range.start_s), p.take_to_count(p.the_pass.take_range.end_s))
            for p in coverage.passes
        ]
        starts = np.array([float(x.start) for x in self.lines])
        ends = np.array([float(x.counts.end) for x in self.lines])
        lengths = [np.minimum(ends, last) - np.maximum(starts, first) for first, last in edges]
        return int(max((np.sum([n >= 0.5 for n in lengths], axis=0)), default=0))

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
            self._pauses(line),
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

    def _pauses(self, line: Line) -> tuple[tuple[float, float], ...]:
        """Stops of the music on a line, in columns of it."""
        grid = self.project.grid
        found = []
        for pause in grid.breaks if grid else ():
            start = max(pause.position, line.start)
            end = min(pause.position + pause.counts, line.counts.end)
            if start < end:
                found.append((float(start - line.start), float(end - line.start)))
        return tuple(found)

    def clips_of(self, line: Line) -> tuple[Clip, ...]:
        """Clips cut from what this line dances."""
        if line.section is not None and not line.cut:
            return tuple(c for c in self.clips if c.subject == line.section.id)
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
        kept = self._strips_of.get(line.number)
        if kept is None:
            kept = self._strips_of[line.number] = self._made_strips(line)
        return kept

    def _made_strips(self, line: Line) -> tuple[Strip, ...]:
        coverage = self.facts.coverage
        if coverage is None:
            return ()
        chosen = {c.take for c in self.clips if c.line == line.number}
        strips: list[Strip] = []
        rows = 0
        for placed in coverage.passes:
            covered, back = placed.the_pass.take_range, placed.take_to_count
            first = max(float(line.start), back(covered.start_s))
            last = min(float(line.counts.end), back(covered.end_s))
            if last - first < 0.5:
                continue
            marks = [back(s.start_take_s) for s in placed.take.stretches]
            edges = [first, *(m for m in marks if first + 0.25 < m < last - 0.25), last]
            for a, b in pairwise(edges):
                part = CountRange(Fraction(a).limit_denominator(48), Fraction(b).limit_denominator(48))
                stretch = placed.take.stretch_at(placed.count_to_take((a + b) / 2))
                view = seen_view(stretch, placed.the_pass, back, coverage.headings, part).view
                seen = replace(stretch, view=view)
                strips.append(self._strip(placed, line, a, b, seen, placed.take.id in chosen, rows))
            rows += 1
        return tuple(strips)

    def _strip(
        self, placed: PlacedPass, line: Line, first: float, last: float, seen: Stretch, chosen: bool, row: int
    ) -> Strip:
        base, take, there = float(line.start), placed.take, placed.count_to_take
        return Strip(
            first - base,
            last - base,
            strip_text(take, placed.the_pass.kind, seen),
            seen.trouble,
            lambda column: self._thumb(take.media.fingerprint, there(base + column)),
            chosen,
            row,
        )


def strip_text(take: Take, kind: PassKind, stretch: Stretch) -> str:
    words = [take.name, str(stretch.view)]
    if stretch.danced is Danced.MIRRORED:
        words.append("danced mirrored")
    if kind is PassKind.COUNTED:
        words.append("counted aloud")
    return " · ".join(dict.fromkeys(words))
