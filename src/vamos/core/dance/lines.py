"""The song written out in lines: lead-in, walls section by section, tags, the rest.

One line is one section (usually an eight) at one place of the song. Without a dance, the song
is written in eights (sixes in a waltz).
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from enum import StrEnum
from fractions import Fraction

from vamos.core.dance.facing import one_heading, turned_on
from vamos.core.dance.open_turns import answered
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import Anchor, Break, Grid
from vamos.core.time import CountRange, Feel
from vamos.wording import marked, words_of

tr = words_of(__name__)


class LineKind(StrEnum):
    LEAD_IN = "lead-in"
    DANCE = "dance"
    TAG = "tag"
    HOLD = "hold"
    ENDING = "ending"
    AFTER = "after"

    @property
    def danced(self) -> bool:
        """Whether it is part of the dance, kept still or not."""
        return self not in (LineKind.LEAD_IN, LineKind.AFTER)


@dataclass(frozen=True, slots=True)
class Line:
    """One line of the page.

    ``start`` is a position on the song, ``length`` in counts (shorter than the section's when a
    restart or a stop of the music cuts it); ``first`` is the count of the section it begins with.
    ``readings``: for each way open turns can go, the heading in eighths at its start (None once the size of a turn is
    open) and the section answered so. ``item`` is the number of the entry of the sequence it belongs to.
    ``of_part``: it is called after a part of the song. ``stops`` of the music that end on it or just behind it.
    """

    number: int
    start: Fraction
    length: Fraction
    kind: LineKind
    title: str = ""
    section: Section | None = None
    wall: int | None = None
    readings: tuple[tuple[int | None, Section | None], ...] = ((0, None),)
    cut: bool = False
    first: Fraction = Fraction(0)
    item: int | None = None
    of_part: bool = False
    stops: tuple[Break, ...] = ()

    @property
    def counts(self) -> CountRange:
        return CountRange(self.start, self.start + self.length)

    @property
    def heading(self) -> int | None:
        """The heading in eighths at its start, None where readings of open turns differ."""
        return one_heading(h for h, _ in self.readings)

    @property
    def feel(self) -> Feel:
        return self.section.feel if self.section else Feel.STRAIGHT

    def events(self) -> Iterator[tuple[Fraction, Event]]:
        """The events danced on this line, with their position on the song."""
        for column, event in self.cells():
            yield self.start + column, event

    def cells(self) -> Iterator[tuple[Fraction, Event]]:
        """The events danced on this line, with their place on the line; a pickup is before 0."""
        for event in self.section.events if self.section else ():
            column = event.start - self.first
            if column < self.length and (column >= 0 or self.first == 0):
                yield column, event


#: What a line of so many counts is called.
_CALLED = {
    3: marked("three"),
    4: marked("four"),
    6: marked("six"),
    8: marked("eight"),
    12: marked("twelve"),
    16: marked("sixteen"),
}


def line_word(line: Line) -> str:
    """What a line is called by its length: an eight, a six, a twelve."""
    return _CALLED.get(int(line.length), "line") if line.length.denominator == 1 else "line"


def line_name(line: Line) -> str:
    """Its title, or what it is called with its number on the page."""
    return line.title or f"{tr(line_word(line))} {line.number + 1}"


def lines_of(grid: Grid, dance: Dance) -> tuple[Line, ...]:
    """All lines of a song, in order; raises InputError for a section that does not exist."""
    lines = [*_lead_in(grid)]
    if dance.sequence:
        lines += _danced(dance, len(lines))
        lines += _after(grid, lines)
    else:
        lines += _by_parts(grid, len(lines))
    return tuple(_with_stops(line, grid) for line in lines)


def _with_stops(line: Line, grid: Grid) -> Line:
    found = tuple(s for s in grid.breaks if line.start < s.again <= line.counts.end)
    return replace(line, stops=found) if found else line


def _after(grid: Grid, lines: list[Line]) -> Iterator[Line]:
    """Lines of music left over when the dance is over."""
    end, number = grid.range().end, len(lines)
    at = lines[-1].counts.end if lines else Fraction(0)
    readings = tuple((h, None) for h in headings_at(lines[-1], lines[-1].length)) if lines else ((0, None),)
    while end - at >= 1:
        length = min(Fraction(grid.line), end - at)
        yield Line(number, at, length, LineKind.AFTER, readings=readings)
        at, number = at + length, number + 1


def _by_parts(grid: Grid, number: int) -> Iterator[Line]:
    """Lines of a song with no sheet: each part in lines of its own length, cut where the next begins."""
    at, end = Fraction(0), grid.range().end
    while True:
        part = grid.part_at(at)
        usual = Fraction(part.line if part else grid.line)
        following = min((p.position for p in grid.parts if p.position > at), default=None)
        length = usual if following is None else min(usual, following - at)
        if end - at < usual / 2 and end - at < length:
            return
        title = tr("part {name}", name=part.name) if part else ""
        yield Line(number, at, length, LineKind.DANCE, title, of_part=part is not None)
        at, number = at + length, number + 1


#: Counts a minute while there is no song.
EVEN_BPM = 100


def even_pulse(dance: Dance) -> Grid:
    """Counts for a dance that has no song yet: even ones, as many as are danced."""
    counts = sum((line.length for line in _danced(dance, 0)), Fraction(0))
    counts = max(counts, Fraction(sum(s.length for s in dance.sections)), Fraction(1))
    return Grid((Anchor(Fraction(0), 0.0), Anchor(counts, float(counts) * 60 / EVEN_BPM)))


def lines_for(project: Project) -> tuple[Line, ...]:
    """The lines of a project's page; empty before there is a grid."""
    return lines_of(project.grid, project.dance) if project.grid is not None else ()


def _lead_in(grid: Grid) -> Iterator[Line]:
    """Whole lines back from position 0; what does not fill a line stands first."""
    if grid.lead_in <= 0:
        return
    odd = grid.lead_in % grid.line
    at = Fraction(-grid.lead_in)
    number = 0
    if odd:
        yield Line(number, at, Fraction(odd), LineKind.LEAD_IN, tr("lead-in"))
        at, number = at + odd, 1
    while at < 0:
        yield Line(number, at, Fraction(grid.line), LineKind.LEAD_IN, tr("lead-in"))
        at, number = at + grid.line, number + 1


def _danced(dance: Dance, number: int) -> list[Line]:
    lines: list[Line] = []
    at, wall = Fraction(0), 0
    ways = answered(s for item in dance.sequence for s in sections_of(dance, item))
    turned: tuple[int | None, ...] = (dance.start_heading % 8,) * len(ways)
    for index, item in enumerate(dance.sequence):
        wall += item.kind is ItemKind.WALL
        for section, first, length in _pieces(dance, item):
            line = Line(
                number + len(lines),
                at,
                Fraction(length),
                _KINDS[item.kind] if section else LineKind.HOLD,
                section.name if section else (item.name or "hold"),
                section,
                wall if item.kind is ItemKind.WALL else None,
                tuple((h, way[section.name] if section else None) for h, way in zip(turned, ways, strict=True)),
                section is not None and length < section.length,
                Fraction(first),
                index,
            )
            lines.append(line)
            at += length
            turned = headings_at(line, line.length)
    return lines


_KINDS = {
    ItemKind.WALL: LineKind.DANCE,
    ItemKind.PART: LineKind.DANCE,
    ItemKind.TAG: LineKind.TAG,
    ItemKind.HOLD: LineKind.HOLD,
    ItemKind.ENDING: LineKind.ENDING,
}


def sections_of(dance: Dance, item: Item) -> tuple[Section, ...]:
    """The sections an entry of the sequence runs through."""
    if item.kind is ItemKind.HOLD:
        return ()
    return tuple(dance.section(n) for n in item.sections) if item.sections else dance.wall_sections()


def _pieces(dance: Dance, item: Item) -> Iterator[tuple[Section | None, int, int]]:
    """(section, its first count, counts) of an item, cut by a restart and by stops of the music."""
    if item.kind is ItemKind.HOLD:
        yield None, 0, max(1, item.counts)
        return
    pauses = {p.after: p.counts for p in item.pauses}
    gone = 0
    end = item.restart_after
    for section in sections_of(dance, item):
        last = section.length if end is None else min(section.length, end - gone)
        first = 0
        while first < last:
            next_stop = min((p - gone for p in pauses if first < p - gone <= last), default=last)
            yield section, first, next_stop - first
            if gone + next_stop in pauses:
                yield None, 0, pauses[gone + next_stop]
            first = next_stop
        gone += section.length
        if end is not None and gone >= end:
            return


def headings_at(line: Line, column: Fraction) -> tuple[int | None, ...]:
    """The headings in eighths after ``column`` counts of a line, one for each way open turns can go."""
    # A pickup belongs to the line it leads into.
    start = line.first if line.first > 0 else Fraction(-8)
    within = CountRange(start, max(start, line.first + column))
    return tuple(turned_on(heading, section, within) for heading, section in line.readings)


def heading_at(line: Line, column: Fraction) -> int | None:
    """The heading in eighths after ``column`` counts of a line; None where readings of open turns differ."""
    return one_heading(headings_at(line, column))


def heading_after(line: Line) -> int | None:
    """The heading in eighths when a line has been danced; None where readings of open turns differ."""
    return one_heading(headings_at(line, line.length))
