"""Words and sounds of the song beside the dance: the count each lies on, and moves whose word is heard elsewhere."""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from vamos.core.dance.lines import Line, line_name
from vamos.core.model.dance import Event
from vamos.core.model.song import Grid, Sung
from vamos.core.time import count_name, minutes_text
from vamos.wording import as_written, plural, words_of

tr = words_of(__name__)

#: A word lies on its count when it is heard no further from it, in counts.
NEAR = 0.5
#: Further apart than this, a word belongs to another place of the song, in counts.
_FAR = 4.0
#: What is this near is not said as a distance.
_ON = 0.125


@dataclass(frozen=True, slots=True)
class SungAt:
    """A word with the whole count nearest to it, and how many counts after that it is heard (before: below 0)."""

    sung: Sung
    position: Fraction
    late: float


def sung_at(grid: Grid, sung: Sung) -> SungAt:
    """Where on the counts a word is heard."""
    exact = float(grid.time_map().inverse()(sung.song_s))
    nearest = round(exact)
    return SungAt(sung, Fraction(nearest), exact - nearest)


def place_said(at: SungAt, lines: Sequence[Line]) -> str:
    """“count 3 of Chorus, wall 2”, and how far from it where that can be heard."""
    line = next((x for x in lines if x.start <= at.position < x.counts.end), None)
    count = count_name(at.position - (line.start - line.first if line is not None else 0))
    words = tr("count {count}", count=count)
    if line is not None:
        words = tr("count {count} of {line}", count=count, line=line_name(line))
        if line.wall is not None:
            words = tr("{words}, wall {wall}", words=words, wall=line.wall)
    if abs(at.late) <= _ON:
        return words
    return _apart(words, at.late)


def _apart(words: str, late: float) -> str:
    part = as_written(round(abs(late), 1))
    if late > 0:
        return tr("{part} of a count after {words}", part=part, words=words)
    return tr("{part} of a count before {words}", part=part, words=words)


def same_words(a: str, b: str) -> bool:
    """Whether two say the same word or sound: capitals and marks do not count, and one may say more than the other."""
    first, second = _bare(a), _bare(b)
    return bool(first and second) and (f" {first} " in f" {second} " or f" {second} " in f" {first} ")


def _bare(words: str) -> str:
    return " ".join(re.findall(r"[^\W_]+", words.casefold()))


@dataclass(frozen=True, slots=True)
class Missed:
    """A move whose word is heard elsewhere: ``late`` counts after it on ``line``, which dances it."""

    event: Event
    line: Line
    sung: Sung
    late: float

    def words(self) -> str:
        """In a sentence."""
        amount = plural(Fraction(round(abs(self.late) * 4), 4), "count")
        heard = tr("“{word}” is heard at {time}", word=self.sung.words, time=minutes_text(self.sung.song_s))
        where = line_name(self.line)
        if self.line.wall is not None:
            where = tr("{words}, wall {wall}", words=where, wall=self.line.wall)
        name = self.event.name
        if self.late > 0:
            return tr(
                "{heard}, {amount} after “{name}” in {where}.", heard=heard, amount=amount, name=name, where=where
            )
        return tr("{heard}, {amount} before “{name}” in {where}.", heard=heard, amount=amount, name=name, where=where)


def missed(lines: Iterable[Line], grid: Grid, sung: Sequence[Sung]) -> Iterator[Missed]:
    """Moves that say a word of the song which is heard more than half a count away, each move once.

    A word that is nowhere near such a move belongs to another verse and says nothing, unless the move meets none of its
    words anywhere.
    """
    counts = grid.time_map().inverse()
    placed: dict[tuple[str, Fraction], list[tuple[Event, Line, Fraction]]] = {}
    for line in lines:
        for at, event in line.events():
            if event.lyric and line.section is not None:
                placed.setdefault((line.section.id, event.start), []).append((event, line, at))
    for places in placed.values():
        words = [s for s in sung if same_words(s.words, places[0][0].lyric)]
        found = [
            Missed(event, line, s, float(counts(s.song_s)) - float(at)) for event, line, at in places for s in words
        ]
        wrong = [m for m in _nearest(found) if abs(m.late) > NEAR]
        near = [m for m in wrong if abs(m.late) <= _FAR]
        right = any(abs(m.late) <= NEAR for m in found)
        yield from near[:1] or ([] if right else wrong[:1])


def _nearest(found: Sequence[Missed]) -> list[Missed]:
    """Of each word of the song the place nearest to it; the nearest first."""
    best: dict[Sung, Missed] = {}
    for one in found:
        if one.sung not in best or abs(one.late) < abs(best[one.sung].late):
            best[one.sung] = one
    return sorted(best.values(), key=lambda m: abs(m.late))
