"""The song written out in lines: lead-in, walls section by section, tags, the rest.

One line is one section (usually an eight) at one place of the song. Without a dance, the song
is written in eights (sixes in a waltz).
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from vamos.core.dance.facing import net_turn
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.time import CountRange, Feel


class LineKind(StrEnum):
    LEAD_IN = "lead-in"
    DANCE = "dance"
    TAG = "tag"
    HOLD = "hold"
    ENDING = "ending"
    AFTER = "after"


@dataclass(frozen=True, slots=True)
class Line:
    """One line of the page.

    ``start`` is a position on the song, ``length`` in counts (shorter than the section's when a
    restart cuts it). ``heading`` in eighths at its start, None when a turn before it is unknown.
    """

    number: int
    start: Fraction
    length: Fraction
    kind: LineKind
    title: str = ""
    section: Section | None = None
    wall: int | None = None
    heading: int | None = 0
    cut: bool = False

    @property
    def counts(self) -> CountRange:
        return CountRange(self.start, self.start + self.length)

    @property
    def feel(self) -> Feel:
        return self.section.feel if self.section else Feel.STRAIGHT

    def events(self) -> Iterator[tuple[Fraction, Event]]:
        """The events danced on this line, with their position on the song."""
        for event in self.section.events if self.section else ():
            if event.start < self.length:
                yield self.start + event.start, event


def lines_of(grid: Grid, dance: Dance) -> tuple[Line, ...]:
    """All lines of a song, in order; raises InputError for a section that does not exist."""
    lines = [*_lead_in(grid)]
    if dance.sequence:
        lines += _danced(dance, len(lines))
        lines += _after(grid, lines)
    else:
        lines += _by_parts(grid, len(lines))
    return tuple(lines)


def _after(grid: Grid, lines: list[Line]) -> Iterator[Line]:
    """Lines of music left over when the dance is over."""
    at, end = lines[-1].counts.end, grid.range().end
    heading, number = heading_after(lines[-1]), len(lines)
    while end - at >= 1:
        length = min(Fraction(grid.line), end - at)
        yield Line(number, at, length, LineKind.AFTER, heading=heading)
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
        yield Line(number, at, length, LineKind.DANCE, f"part {part.name}" if part else "")
        at, number = at + length, number + 1


def lines_for(project: Project) -> tuple[Line, ...]:
    """The lines of a project's page; empty before there is a grid."""
    grid = project.song.grid if project.song else None
    return lines_of(grid, project.dance) if grid is not None else ()


def _lead_in(grid: Grid) -> Iterator[Line]:
    """Whole lines back from position 0; what does not fill a line stands first."""
    if grid.lead_in <= 0:
        return
    odd = grid.lead_in % grid.line
    at = Fraction(-grid.lead_in)
    number = 0
    if odd:
        yield Line(number, at, Fraction(odd), LineKind.LEAD_IN, "lead-in")
        at, number = at + odd, 1
    while at < 0:
        yield Line(number, at, Fraction(grid.line), LineKind.LEAD_IN, "lead-in")
        at, number = at + grid.line, number + 1


def _danced(dance: Dance, number: int) -> list[Line]:
    lines: list[Line] = []
    at, heading, wall = Fraction(0), 0, 0
    turned: int | None = heading
    for item in dance.sequence:
        wall += item.kind is ItemKind.WALL
        for section, length, cut in _pieces(dance, item):
            line = Line(
                number + len(lines),
                at,
                Fraction(length),
                _kind(item),
                section.name if section else (item.name or "hold"),
                section,
                wall if item.kind is ItemKind.WALL else None,
                turned,
                cut,
            )
            lines.append(line)
            at += length
            turned = heading_after(line)
    return lines


def _kind(item: Item) -> LineKind:
    return {
        ItemKind.WALL: LineKind.DANCE,
        ItemKind.TAG: LineKind.TAG,
        ItemKind.HOLD: LineKind.HOLD,
        ItemKind.ENDING: LineKind.ENDING,
    }[item.kind]


def _pieces(dance: Dance, item: Item) -> Iterator[tuple[Section | None, int, bool]]:
    """Sections of an item with the counts danced of each, cut where a restart falls."""
    if item.kind is ItemKind.HOLD:
        yield None, max(1, item.counts), False
        return
    left = item.restart_after
    names = item.sections or tuple(s.name for s in dance.sections)
    for name in names:
        section = dance.section(name)
        if left is not None and left <= 0:
            return
        length = section.length if left is None else min(section.length, left)
        yield section, length, length < section.length
        if left is not None:
            left -= length


def heading_after(line: Line) -> int | None:
    """The heading in eighths when a line has been danced; None when a turn is unknown."""
    if line.heading is None or line.section is None:
        return line.heading
    turned = net_turn(line.section, CountRange(Fraction(0), line.length))
    return None if turned is None else (line.heading + turned) % 8
