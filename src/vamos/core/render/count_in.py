"""The counts before the first: what they show and say in each style of count-in.

The dance's own numbers stand there when nothing else is wished. Styles are common practice, no source.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import ceil, floor

from vamos.core.dance.lines import Line
from vamos.core.model.clip import Clip
from vamos.core.model.look import CountIn

#: An eight; lines that are shorter are counted to their own end.
_EIGHT = 8


def words_before(style: CountIn, length: int = _EIGHT) -> dict[int, str]:
    """What is said so many counts before the first; ``length`` is that of the line that begins there."""
    last = min(length, _EIGHT)
    four = {k: str(last + 1 - k) for k in range(1, min(4, last) + 1)}
    if style is CountIn.FOUR:
        return four
    if style is CountIn.THREE:
        return {k: v for k, v in four.items() if k <= 3}
    if style is CountIn.GO:
        return four | {1: "go"}
    if style is CountIn.SLOW:
        return {8: "1", 6: "2", 4: "1", 3: "2", 2: "3", 1: "4"}
    if style is CountIn.DOWN:
        return {k: str(k) for k in range(1, 5)}
    return {}


@dataclass(frozen=True, slots=True)
class Lead:
    """The count-in of a clip: where the dance begins, and what is said at which counts before."""

    start: Fraction
    said: tuple[tuple[Fraction, str], ...]

    def word_at(self, position: Fraction) -> str:
        """What stands over the picture at a position before the start."""
        at = self.start - ceil(self.start - position) if position < self.start else position
        return dict(self.said).get(at, "")


def lead_of(style: CountIn, clip: Clip, lines: Sequence[Line]) -> Lead | None:
    """The count-in of a clip, within what it shows; None where the dance's own numbers stand."""
    if style is CountIn.SHEET:
        return None
    start = clip.counts.start
    line = next((x for x in lines if x.start <= start < x.counts.end), None)
    length = floor(line.length) if line is not None else _EIGHT
    said = [(start - k, word) for k, word in words_before(style, length).items() if k <= clip.run_up]
    return Lead(start, tuple(sorted(said)))
