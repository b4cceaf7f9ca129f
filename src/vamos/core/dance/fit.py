"""How another song fits the same dance: tempo, lead-in, length in counts, where it ends.

The dance is what the sequence counts; without a sheet it is the counts of the first song from
its first danced count to its last.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from math import floor

from vamos.core.dance.lines import Line, LineKind, heading_at, lines_of
from vamos.core.model.dance import Dance
from vamos.core.model.song import Grid
from vamos.wording import plural, words_of

tr = words_of(__name__)

#: Songs whose tempo differs by less than this are danced alike (common practice, no source).
SAME_TEMPO = 0.04


@dataclass(frozen=True, slots=True)
class Fit:
    """What was found out; counts are the dance's, seconds the other song's.

    ``counts_over`` is what the song has left when the dance is over, negative when it is too
    short. ``last_wall`` is the last wall that is danced to its end, ``heading`` in eighths where the dancer stands
    when the dance or the song is over, whichever comes first; None where it is not known. ``notes``
    say in sentences what does not fit; none means it fits.
    """

    tempo_ratio: float
    bpm: float
    lead_in: int
    lead_in_s: float
    counts_needed: Fraction
    counts_there: Fraction
    ends_at_s: float
    song_ends_at_s: float
    last_wall: int | None
    heading: int | None
    notes: tuple[str, ...]

    @property
    def counts_over(self) -> Fraction:
        return self.counts_there - self.counts_needed


def fit_song(first: Grid, dance: Dance, other: Grid) -> Fit:
    """Put the dance of one song on another; the other song has the dance's own sequence or none."""
    lines = [line for line in lines_of(first, dance) if line.kind.danced]
    needed = lines[-1].counts.end if lines else Fraction(0)
    there = other.range().end
    clock = other.time_map()
    end = min(needed, there)
    ratio = other.bpm() / first.bpm()
    last = _last_wall(lines, there)
    return Fit(
        ratio,
        other.bpm(),
        other.lead_in,
        clock(0) - max(0.0, clock(-other.lead_in)),
        needed,
        there,
        clock(end),
        clock(there),
        last.wall if last else None,
        _heading_when_over(lines, end),
        tuple(_notes(first, other, ratio, needed, there, lines)),
    )


def _heading_when_over(lines: list[Line], end: Fraction) -> int | None:
    """The heading in eighths at a position on which the dance stops, in the middle of a line or not."""
    line = next((x for x in lines if x.start < end <= x.counts.end), None)
    return 0 if line is None else heading_at(line, end - line.start)


def _last_wall(lines: list[Line], there: Fraction) -> Line | None:
    """The last line of the last wall that is over when the song is."""
    ends = {line.wall: line for line in lines if line.wall is not None}
    over = [line for line in ends.values() if line.counts.end <= there]
    return over[-1] if over else None


def _notes(first: Grid, other: Grid, ratio: float, needed: Fraction, there: Fraction, lines: list[Line]) -> list[str]:
    notes = []
    if other.line != first.line:
        notes.append(
            tr("It is counted in lines of {line}, the dance in lines of {line2}.", line=other.line, line2=first.line)
        )
    if abs(ratio - 1) > SAME_TEMPO:
        word = tr("faster") if ratio > 1 else tr("slower")
        notes.append(
            tr(
                "It is {number:.0%} {word}: {bpm:.0f} a minute instead of {bpm2:.0f}.",
                number=abs(ratio - 1),
                word=word,
                bpm=other.bpm(),
                bpm2=first.bpm(),
            )
        )
    for factor, words in ((2.0, tr("half as fast")), (0.5, tr("twice as fast"))):
        if abs(ratio / factor - 1) <= SAME_TEMPO:
            notes.append(tr("Counted {words}, its tempo would be the same.", words=words))
    if there < needed:
        last = _last_wall(lines, there)
        where = tr("; the last whole wall is wall {wall}", wall=last.wall) if last else ""
        notes.append(tr("It is {counts} too short{where}.", counts=plural(needed - there, "count"), where=where))
    for stop in other.breaks:
        if not any(line.kind is LineKind.HOLD and line.start == stop.position for line in lines):
            notes.append(
                tr(
                    "Its music stops for {counts} at count {number} of the dance, where the sequence holds nothing.",
                    counts=plural(stop.counts, "count"),
                    number=floor(stop.position) + 1,
                )
            )
    for line in lines:
        held = any(s.position == line.start for s in other.breaks)
        if line.kind is LineKind.HOLD and not held:
            notes.append(
                tr(
                    "The dance holds {counts} at count {number}; the song goes on.",
                    counts=plural(line.length, "count"),
                    number=floor(line.start) + 1,
                )
            )
    return notes
