"""What was filmed of which counts: the passes that show a line or a range, in which view, how well.

A coverage is made once for a song, a dance and its takes; everything that plans reads it.
"""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Iterable, Iterator
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cached_property

import numpy as np

from vamos.core.dance.lines import Line, LineKind, line_name, lines_of
from vamos.core.model.clip import Choice, NamedRange, clip_key
from vamos.core.model.dance import Dance, Kind
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.model.take import SURE, Pass, PassKind, Spoken, Stretch, Take, View, counts_to_take
from vamos.core.plan.said_sides import meaning_of
from vamos.core.plan.views import Headings, ViewShare, seen_view
from vamos.core.time import CountRange, TimeMap, TimeRange
from vamos.core.time.timemap import Floats
from vamos.wording import plural, words_of

tr = words_of(__name__)

#: A dancer who is less tall than this in the picture is far away.
SMALL = 0.35
#: A pass may miss this much of a count at its edges and still shows it.
SLACK_COUNTS = 0.12
#: The camera may have been started or stopped this much inside of what is wanted before and after.
EARLY_S, LATE_S = 0.05, 0.3


@dataclass(frozen=True, slots=True)
class Candidate:
    """A pass of a take that shows a line, with what is seen there."""

    take: Take
    number: int
    line: Line
    stretch: Stretch
    score: float
    problems: tuple[str, ...]
    seen: ViewShare
    count_to_take: TimeMap
    #: What speaks against it, in a few words each.
    against: tuple[str, ...] = ()

    @property
    def the_pass(self) -> Pass:
        return self.take.passes[self.number]

    @property
    def seconds(self) -> TimeRange:
        """Where the line is danced, in seconds of the take."""
        counts = self.line.counts
        return TimeRange(float(self.count_to_take(counts.start)), float(self.count_to_take(counts.end)))

    @property
    def key(self) -> tuple[str, int]:
        """The pass, by the id of its take and its number."""
        return self.take.id, self.number

    @property
    def mark(self) -> int:
        """How good it is for this line, 0 to 100."""
        return round(100 * min(1.0, max(0.0, self.score)))


@dataclass(frozen=True, slots=True)
class Subject:
    """What clips are cut of: all whole walls of a section, one line of the song, or a range of the user's."""

    id: str
    title: str
    lines: tuple[Line, ...]


@dataclass(frozen=True, eq=False)
class PlacedPass:
    """A pass with its clocks between counts and take seconds."""

    take: Take
    number: int
    count_to_take: TimeMap
    take_to_count: TimeMap

    @property
    def the_pass(self) -> Pass:
        return self.take.passes[self.number]


class Coverage:
    """Lines, headings and passes of a dance on a song."""

    def __init__(self, grid: Grid, dance: Dance, takes: tuple[Take, ...], ranges: tuple[NamedRange, ...] = ()):
        self.grid, self.ranges = grid, ranges
        self.lines = lines_of(grid, dance)
        self.headings = Headings(self.lines)
        self.passes = [
            PlacedPass(take, number, there, there.inverse())
            for take in takes
            for number, the_pass in enumerate(take.passes)
            for there in (counts_to_take(the_pass, grid),)
        ]
        self._found: dict[tuple[object, ...], dict[View, list[Candidate]]] = {}
        self._bounds: dict[int, tuple[Floats, Floats]] = {}
        self._meanings: dict[str, Spoken] = {}

    @cached_property
    def _edges(self) -> tuple[Floats, Floats]:
        """First and last count of every line, ``(lines,)`` each."""
        starts = np.array([float(x.start) for x in self.lines])
        ends = np.array([float(x.counts.end) for x in self.lines])
        return starts, ends

    def subjects(self) -> Iterator[Subject]:
        """Everything clips are cut of, in the order of the dance, then the user's own ranges."""
        yield from subjects_of(self.lines, self.grid)
        for wanted in self.ranges:
            yield Subject(wanted.id, wanted.name, (self.line_of_range(wanted),))

    def line_of_range(self, wanted: NamedRange) -> Line:
        """A range of the user's as a line of its own; it belongs to the line it begins on."""
        start = wanted.counts.start
        first = next((x for x in self.lines if x.counts.contains(start)), self.lines[-1])
        heading = self.headings.at(float(start))
        readings = ((heading, None),)
        return Line(first.number, start, wanted.counts.length, LineKind.DANCE, wanted.name, None, first.wall, readings)

    @cached_property
    def holds(self) -> tuple[CountRange, ...]:
        """Every hold of the dance on the song, in order."""
        found = [
            CountRange(at, at + event.length)
            for line in self.lines
            for at, event in line.events()
            if event.kind is Kind.HOLD and event.length > 0
        ]
        return tuple(sorted(found, key=lambda h: h.start))

    def hold_cut_at(self, position: Fraction) -> CountRange | None:
        """The hold that would be cut in two at a position; None when none would."""
        index = bisect_left(self._hold_starts, position) - 1
        found = self.holds[index] if index >= 0 else None
        return found if found is not None and position < found.end else None

    def meaning(self, take: Take) -> Spoken:
        """Whose the sides are that are called in a take, by the sheet."""
        if take.id not in self._meanings:
            self._meanings[take.id] = meaning_of(take, self.grid, self.lines) if take.sides_said else Spoken.NONE
        return self._meanings[take.id]

    @cached_property
    def _hold_starts(self) -> list[Fraction]:
        return [h.start for h in self.holds]

    def pickup_before(self, counts: CountRange) -> Fraction:
        """Counts before a range that the pickup of the line it begins with needs."""
        line = self._line_starts.get(counts.start)
        first = min((event.start for _, event in line.cells()), default=Fraction(0)) if line else Fraction(0)
        return max(Fraction(0), -first)

    @cached_property
    def _line_starts(self) -> dict[Fraction, Line]:
        return {line.start: line for line in self.lines}

    # --- which passes show what ----------------------------------------------------------

    def candidates(
        self, lines: tuple[Line, ...], run_up: float = 0.0, run_out: float = 0.0
    ) -> dict[View, list[Candidate]]:
        """Passes that show a line of some, by view, the best first; a later wall may show another side."""
        key = (tuple((x.number, x.start, x.length) for x in lines), run_up, run_out)
        found = self._found.get(key)
        if found is None:
            found = self._found[key] = self._candidates(lines, run_up, run_out)
        return found

    def _candidates(self, lines: tuple[Line, ...], run_up: float, run_out: float) -> dict[View, list[Candidate]]:
        found: dict[View, list[Candidate]] = {view: [] for view in View}
        for placed in self.passes:
            for line, at in self._shown(placed, lines):
                said = placed.take.stretch_at(at.start_s)
                seen = seen_view(said, placed.the_pass, placed.take_to_count, self.headings, line.counts)
                stretch = said if seen.view is said.view else replace(said, view=seen.view)
                candidate = self._judged(placed, line, at, stretch, seen, run_up, run_out)
                found[seen.view].append(candidate)
        for candidates in found.values():
            candidates.sort(key=lambda c: -c.score)
        return found

    def _shown(self, placed: PlacedPass, lines: tuple[Line, ...]) -> Iterator[tuple[Line, TimeRange]]:
        """The lines a pass shows whole, with where they lie in the take."""
        covered = placed.the_pass.take_range
        starts, ends = self._take_edges(placed)
        for line in lines:
            plain = line.number < len(self.lines) and self.lines[line.number] is line
            if plain:
                start_s, end_s = starts[line.number], ends[line.number]
            else:
                start_s, end_s = (placed.count_to_take(x) for x in (line.start, line.counts.end))
            slack = SLACK_COUNTS * (end_s - start_s) / max(1.0, float(line.length))
            if covered.start_s - slack <= start_s and end_s <= covered.end_s + slack:
                yield line, TimeRange(float(start_s), float(end_s))

    def _take_edges(self, placed: PlacedPass) -> tuple[Floats, Floats]:
        kept = self._bounds.get(id(placed))
        if kept is None:
            starts, ends = self._edges
            kept = self._bounds[id(placed)] = (placed.count_to_take(starts), placed.count_to_take(ends))
        return kept

    def _judged(
        self,
        placed: PlacedPass,
        line: Line,
        at: TimeRange,
        stretch: Stretch,
        seen: ViewShare,
        run_up: float,
        run_out: float,
    ) -> Candidate:
        """How well a pass shows a line: its placement, less what is wrong with it."""
        take, the_pass, there = placed.take, placed.the_pass, placed.count_to_take
        problems, against = [], []
        score = the_pass.confidence
        trouble = trouble_in(take, at)
        if trouble:
            problems.append(tr("trouble in this pass: {trouble}", trouble=", ".join(map(tr, trouble))))
            against.append("trouble")
            score -= 2
        noticed = [r.text for r in take.remarks or () if at.start_s <= r.take_s < at.end_s]
        if noticed:
            problems.append("; ".join(noticed))
            against.append(plural(len(noticed), "remark"))
            score -= 0.4
        if the_pass.kind is PassKind.COUNTED:
            against.append(tr("counted, not to the song"))
            score -= 0.6
        if the_pass.confidence < SURE:
            problems.append(tr("placed with little confidence ({confidence:.0%})", confidence=the_pass.confidence))
            against.append(tr("hardly placed"))
        if seen.view is not take.stretch_at(at.start_s).view:
            # Seen after a turn: somebody who filmed that view on purpose filmed it better.
            against.append(tr("seen after a turn"))
            score -= 0.3
        if the_pass.tall is not None and the_pass.tall < SMALL and stretch.view is not View.FEET:
            against.append(tr("far away, {tall:.0%} of the picture’s height", tall=the_pass.tall))
            score -= 0.15
        if run_up and there(float(line.start) - run_up) < the_pass.take_range.start_s - EARLY_S:
            problems.append(tr("the pass does not hold the whole run-up"))
            against.append(tr("no whole run-up"))
            score -= 0.5
        if run_out and there(float(line.counts.end) + run_out) > the_pass.take_range.end_s + LATE_S:
            problems.append(tr("the pass ends before the run-out"))
            against.append(tr("no whole run-out"))
            score -= 0.25
        return Candidate(take, placed.number, line, stretch, score, tuple(problems), seen, there, tuple(against))


def coverage_of(project: Project) -> Coverage | None:
    """The coverage of a project, worked out anew; None before there is a beat."""
    if project.grid is None:
        return None
    return Coverage(project.grid, project.dance, project.takes, project.ranges)


def trouble_in(take: Take, at: TimeRange) -> tuple[str, ...]:
    """What is marked as trouble in a stretch of a take."""
    marked = {
        s.trouble for s in take.stretches if s.trouble and at.start_s < take.end_of(s) and s.start_take_s < at.end_s
    }
    return tuple(sorted(marked))


def subjects_of(lines: Iterable[Line], grid: Grid) -> Iterator[Subject]:
    """Lines that show the same thing: all whole walls of a section, or one line of the song."""
    clock = grid.time_map()
    groups: dict[str, list[Line]] = {}
    for line in lines:
        if line.kind.danced and line.kind is not LineKind.HOLD and not line.cut:
            groups.setdefault(subject_id(line, clock), []).append(line)
    for key, group in groups.items():
        yield Subject(key, subject_title(group[0]), tuple(group))


def subject_id(line: Line, count_to_song: TimeMap) -> str:
    """What a clip of a line is a clip of: its section, or the music where the line begins."""
    return line.section.id if line.section is not None else f"{_MUSIC}{count_to_song(line.start):.2f}"


def subject_title(line: Line) -> str:
    """What a clip of a line is called."""
    if line.section is not None:
        return line.section.name
    # A part of the song is longer than one of its lines.
    return line_name(replace(line, title="") if line.of_part else line)


#: Subjects of a song without a sheet are its music, by the second.
_MUSIC = "at "


def choice_for(choices: tuple[Choice, ...], subject: str, view: View, line_s: float) -> Choice | None:
    """What was decided about the clip of a subject in a view.

    Of music, what was decided near its beginning (within a quarter of the line's ``line_s`` seconds) counts: the
    beat may have been found again, but a decision never moves to other music.
    """
    key = clip_key(subject, view)
    found = next((c for c in choices if c.clip == key), None)
    if found is not None or not subject.startswith(_MUSIC):
        return found
    at_s, suffix = float(subject.removeprefix(_MUSIC)), key.removeprefix(subject)
    for choice in choices:
        if choice.clip.startswith(_MUSIC) and choice.clip.endswith(suffix):
            said = choice.clip.removeprefix(_MUSIC).removesuffix(suffix)
            if abs(float(said) - at_s) < line_s / 4:
                return choice
    return None
