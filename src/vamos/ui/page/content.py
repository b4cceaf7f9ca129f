"""What stands on each line of the page, from the project and what was computed about it."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Mapping
from dataclasses import replace
from fractions import Fraction
from itertools import pairwise

import numpy as np
from PyQt6.QtGui import QImage

from vamos.core.dance.lines import Line
from vamos.core.dance.short_words import short_names, shortened
from vamos.core.media.peaks import Peaks
from vamos.core.model.dance import Section
from vamos.core.model.project import Project
from vamos.core.model.take import Danced, PassKind, Stretch, Take
from vamos.core.open_document.facts import Facts, if_known
from vamos.core.plan.coverage import PlacedPass
from vamos.core.plan.views import seen_view
from vamos.core.time import CountRange, TimeMap
from vamos.ui.page.paint import Row, Strip
from vamos.wording import words_of

tr = words_of(__name__)

#: (fingerprint of a film, take second) → its small picture there
Thumb = Callable[[str, float], QImage | None]


class Content:
    """Answers what is on a line; told when project, peaks or thumbnails change."""

    def __init__(self, thumb: Thumb):
        self.thumb = thumb
        self.facts = Facts(Project())
        #: Whether passes and clips are shown.
        self.wants_strips = self.wants_clips = False
        #: Sections shown otherwise than they are written, by name: as they are being typed, or in a variant.
        self.instead: Mapping[str, Section] = {}
        self._problems: Counter[str] = Counter()
        #: What passes, clips and problems are taken from; it follows when all has been worked out.
        self._prepared = self.facts
        self.peaks: Peaks | None = None
        self._clock: TimeMap | None = None
        self.columns = 8
        self.starts_s: tuple[float, ...] = ()
        self.weak: frozenset[int] = frozenset()
        self._strips_of: dict[int, tuple[Strip, ...]] = {}

    def show(self, facts: Facts) -> bool:
        """Another project, or the same one changed: its lines, at once. Whether anything on them is another."""
        before = self.facts
        self.facts = facts
        grid = facts.page_grid
        if grid is before.page_grid and facts.lines is before.lines and self._clock is not None:
            return False
        if facts.lines is not before.lines:
            # What stood on other lines would stand in the wrong place.
            self._prepared, self._strips_of, self._problems = Facts(Project()), {}, Counter()
        self._clock = grid.time_map() if grid else None
        usual = grid.line if grid else 8
        longest = max((int(np.ceil(float(line.length))) for line in facts.lines), default=usual)
        self.columns = max(usual, longest)
        starts = self._clock(np.array([float(x.start) for x in facts.lines])) if self._clock and facts.lines else ()
        self.starts_s = tuple(max(0.0, float(s)) for s in starts)
        self.weak = if_known(lambda: facts.weak, frozenset())
        return True

    def follow(self, facts: Facts) -> bool:
        """All that follows has been worked out: passes, clips, problems. Whether lines show it otherwise now."""
        before, self._prepared = self._prepared, facts
        problems = self._problems
        self._problems = Counter(p.section for p in facts.problems if p.section)
        others = facts.coverage is not before.coverage or facts.clips is not before.clips
        if others:
            self._strips_of = {}
        return self._problems != problems or (others and (self.wants_strips or self.wants_clips))

    @property
    def clock(self) -> TimeMap | None:
        """Counts to seconds of the song."""
        return self._clock

    @property
    def project(self) -> Project:
        return self.facts.project

    @property
    def lines(self) -> tuple[Line, ...]:
        return self.facts.lines

    def strip_rows(self) -> int:
        """The most passes any line has; a pass whose view changes on the line is still one row."""
        coverage = self._prepared.coverage
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
        if line.section is not None and line.section.name in self.instead:
            line = replace(line, section=self.instead[line.section.name])
        names = short_names(self.project.dance)
        if names and line.section is not None:
            events = tuple(shortened(e, names) for e in line.section.events)
            line = replace(line, section=replace(line.section, events=events))
        start, end = clock(line.start), clock(line.counts.end)
        wave = self.peaks.between(start, end) if self.peaks else np.zeros((0, 3), np.float32)
        return Row(
            line,
            max(0.0, start),
            number in self.weak,
            wave,
            if_known(lambda: self._strips(line), ()) if self.wants_strips else (),
            if_known(lambda: self._prepared.clips_of(line), ()) if self.wants_clips else (),
            self._tempo(number),
            self._pauses(line),
            self._parts(line),
            self._problems[line.title] if line.section is not None else 0,
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
            start = max(pause.silent_from, line.start)
            end = min(pause.again, line.counts.end)
            if start < end:
                found.append((float(start - line.start), float(end - line.start)))
        return tuple(found)

    def _tempo(self, number: int) -> str:
        """The tempo, where it differs from the line before by more than 2 %; none where one holds."""
        clock = self._clock
        assert clock is not None

        def bpm(line: Line) -> float:
            return 60 * float(line.length) / (clock(line.counts.end) - clock(line.start))

        def held(line: Line) -> bool:
            return any(stop.held for stop in line.stops)

        if held(self.lines[number]):
            return ""
        now = bpm(self.lines[number])
        before = next((line for line in reversed(self.lines[:number]) if not held(line)), None)
        if before is None or abs(now / bpm(before) - 1) > 0.02:
            return tr("{now:.0f} a minute", now=now)
        return ""

    def _strips(self, line: Line) -> tuple[Strip, ...]:
        kept = self._strips_of.get(line.number)
        if kept is None:
            kept = self._strips_of[line.number] = self._made_strips(line)
        return kept

    def _made_strips(self, line: Line) -> tuple[Strip, ...]:
        coverage = self._prepared.coverage
        if coverage is None:
            return ()
        chosen = {c.take for c in self._prepared.clips if c.line == line.number}
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
            lambda column: self.thumb(take.media.fingerprint, there(base + column)),
            chosen,
            row,
        )


def strip_text(take: Take, kind: PassKind, stretch: Stretch) -> str:
    words = [take.name, tr(stretch.view)]
    if stretch.danced is Danced.MIRRORED:
        words.append(tr("danced mirrored"))
    if kind is PassKind.COUNTED:
        words.append(tr("counted aloud"))
    return " · ".join(dict.fromkeys(words))
