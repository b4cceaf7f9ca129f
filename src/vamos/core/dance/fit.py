"""How another song fits the same dance: tempo, lead-in, length in counts, where it ends.

The dance is what the sequence counts; without a sheet it is the counts of the first song from
its first danced count to its last.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from math import floor

from vamos.core.dance.lines import Line, LineKind, heading_after, lines_of
from vamos.core.model.dance import Dance
from vamos.core.model.song import Grid

#: Songs whose tempo differs by less than this are danced alike (common practice, no source).
SAME_TEMPO = 0.04


@dataclass(frozen=True, slots=True)
class Fit:
    """What was found out; counts are the dance's, seconds the other song's.

    ``counts_over`` is what the song has left when the dance is over, negative when it is too
    short. ``last_wall`` is the last wall that is danced to its end, ``heading`` in eighths where
    the dancer then stands. ``notes`` say in sentences what does not fit; none means it fits.
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
    whole = [line for line in lines if line.counts.end <= there]
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
        heading_after(whole[-1]) if whole else 0,
        tuple(_notes(first, other, ratio, needed, there, lines)),
    )


def _last_wall(lines: list[Line], there: Fraction) -> Line | None:
    """The last line of the last wall that is over when the song is."""
    ends = {line.wall: line for line in lines if line.wall is not None}
    over = [line for line in ends.values() if line.counts.end <= there]
    return over[-1] if over else None


def _notes(first: Grid, other: Grid, ratio: float, needed: Fraction, there: Fraction, lines: list[Line]) -> list[str]:
    notes = []
    if other.line != first.line:
        notes.append(f"It is counted in lines of {other.line}, the dance in lines of {first.line}.")
    if abs(ratio - 1) > SAME_TEMPO:
        word = "faster" if ratio > 1 else "slower"
        notes.append(f"It is {abs(ratio - 1):.0%} {word}: {other.bpm():.0f} a minute instead of {first.bpm():.0f}.")
    for factor, words in ((2.0, "half as fast"), (0.5, "twice as fast")):
        if abs(ratio / factor - 1) <= SAME_TEMPO:
            notes.append(f"Counted {words}, its tempo would be the same.")
    if there < needed:
        last = _last_wall(lines, there)
        where = f"; the last whole wall is wall {last.wall}" if last else ""
        notes.append(f"It is {_counts(needed - there)} too short{where}.")
    for stop in other.breaks:
        if not any(line.kind is LineKind.HOLD and line.start == stop.position for line in lines):
            notes.append(
                f"Its music stops for {_counts(stop.counts)} at count {floor(stop.position) + 1} "
                "of the dance, where the sequence holds nothing."
            )
    for line in lines:
        held = any(s.position == line.start for s in other.breaks)
        if line.kind is LineKind.HOLD and not held:
            notes.append(f"The dance holds {_counts(line.length)} at count {floor(line.start) + 1}; the song goes on.")
    return notes


def _counts(number: Fraction) -> str:
    return f"{float(number):g} count" + ("" if number == 1 else "s")
