"""Whether the parts of a song begin with lines of the dance, so that no tag and no restart is needed."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from vamos.core.dance.facts import danced_lines
from vamos.core.dance.lines import Line, LineKind, line_name
from vamos.core.model.dance import Dance, ItemKind
from vamos.core.model.song import Grid
from vamos.core.time import minutes_text
from vamos.wording import plural, words_of

tr = words_of(__name__)


@dataclass(frozen=True, slots=True)
class OutOfStep:
    """A part of the song that begins ``into`` counts after a line of the dance did, at a second of the song."""

    part: str
    at: Fraction
    song_s: float
    line: str
    wall: int | None
    into: Fraction


@dataclass(frozen=True, slots=True)
class WithSong:
    """How many parts of the song begin while it is danced, which of them not with a line, and whether the sequence has
    tags, restarts or stops of its own; ``stops`` of the music in which nothing is held.
    """

    parts: int
    out: tuple[OutOfStep, ...]
    stops: int
    helped: bool

    @property
    def needs_nothing(self) -> bool:
        """Proved: every part begins with a line, the music never stops unheld, and walls simply follow each other."""
        return not (self.out or self.stops or self.helped)

    def words(self) -> str:
        """In a sentence."""
        if self.out:
            first = self.out[0]
            where = tr("{name}, wall {wall}", name=first.line, wall=first.wall) if first.wall else first.line
            return tr(
                "Part {part} of the song begins at {minutes}, {counts} into {where}. A tag of {counts} before that "
                "line, or a restart, brings the dance back to the song.",
                part=first.part,
                minutes=minutes_text(first.song_s),
                counts=plural(first.into, "count"),
                where=where,
            )
        if self.stops:
            return tr("The music stops where the sequence holds nothing; see To check.")
        if self.helped:
            return tr("With its tags and restarts every part of the song begins with a line of the dance.")
        return tr("No tag and no restart is needed: every part of the song begins with a line of the dance.")


def with_song(dance: Dance, grid: Grid | None) -> WithSong | None:
    """Parts of the song beside lines of the dance; None without a song, a sequence, or a second part of it."""
    lines = danced_lines(dance, grid)
    if grid is None or not lines:
        return None
    clock, end = grid.time_map(), lines[-1].counts.end
    parts = [p for p in grid.parts if 0 < p.position < end]
    if not parts:
        return None
    out = []
    for part in parts:
        line = next(x for x in lines if x.start <= part.position < x.counts.end)
        into = part.position - line.start
        if into:
            out.append(
                OutOfStep(part.name, part.position, float(clock(part.position)), line_name(line), line.wall, into)
            )
    return WithSong(len(parts), tuple(out), _unheld(grid, lines, end), _helped(dance))


def _unheld(grid: Grid, lines: tuple[Line, ...], end: Fraction) -> int:
    held = {x.start for x in lines if x.kind is LineKind.HOLD}
    return sum(0 <= stop.position < end and stop.position not in held for stop in grid.breaks)


def _helped(dance: Dance) -> bool:
    kinds = {i.kind for i in dance.sequence}
    return bool(kinds & {ItemKind.TAG, ItemKind.HOLD}) or any(i.restart_after for i in dance.sequence)
