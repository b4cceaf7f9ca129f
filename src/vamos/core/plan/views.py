"""What a fixed camera sees of a line: the view said for the stretch, turned with the dancer.

A dancer who has turned a quarter to the right since then shows the camera the left side, after a
half turn the back: later walls give views for nothing. Diagonals count as the nearer of front and
back; feet stay feet.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from itertools import pairwise

from vamos.core.dance.lines import Line, heading_at
from vamos.core.model.take import Pass, Stretch, View
from vamos.core.time import CountRange, TimeMap

_ROUND = (View.FRONT, View.LEFT, View.BACK, View.RIGHT)


def turned_view(view: View, eighths: int) -> View:
    """The view after the dancer has turned so many eighths clockwise; the camera stays."""
    if view not in _ROUND:
        return view
    quarters, odd = divmod(eighths % 8, 2)
    place = _ROUND.index(view)
    if odd:
        # 1:30 and 10:30 are nearer to where it was, 4:30 and 7:30 to the opposite.
        return _ROUND[(place + (2 if eighths % 8 in (3, 5) else 0)) % 4]
    return _ROUND[(place + quarters) % 4]


@dataclass(frozen=True, slots=True)
class Seen:
    """What a camera shows of a range: the view held longest, other views and for how many counts."""

    view: View
    others: tuple[tuple[View, Fraction], ...] = ()

    @property
    def turned_away(self) -> Fraction:
        """Counts in which another view is seen."""
        return sum((counts for _, counts in self.others), Fraction(0))


def seen_view(
    stretch: Stretch, the_pass: Pass, counts_to_take: TimeMap, lines: tuple[Line, ...], counts: CountRange
) -> Seen:
    """What the camera shows of a range of counts; the view was said of the moment the stretch begins."""
    start_take_s = max(stretch.start_take_s, the_pass.take_range.start_s)
    base = heading_near(lines, counts_to_take.inverse()(start_take_s))
    if base is None or stretch.view not in _ROUND:
        return Seen(stretch.view)
    held: dict[View, Fraction] = {}
    for _, length, heading in _headings(lines, counts):
        if heading is None:
            return Seen(stretch.view)
        view = turned_view(stretch.view, heading - base)
        held[view] = held.get(view, Fraction(0)) + length
    if not held:
        return Seen(stretch.view)
    longest = max(held, key=lambda v: held[v])
    return Seen(longest, tuple((v, n) for v, n in held.items() if v is not longest))


def _headings(lines: tuple[Line, ...], counts: CountRange) -> Iterator[tuple[Fraction, Fraction, int | None]]:
    """(position, counts, heading) of the stretches of a range between turns."""
    for line in lines:
        start, end = max(line.start, counts.start), min(line.counts.end, counts.end)
        if start >= end:
            continue
        turns = {at for at, event in line.events() if event.turn != 0 and start < at < end}
        edges = [start, *sorted(turns), end]
        for a, b in pairwise(edges):
            # A turn that begins on a count has happened by the next one.
            yield a, b - a, heading_at(line, a - line.start + Fraction(1, 48))


def heading_near(lines: tuple[Line, ...], position: float) -> int | None:
    """The heading at a moment of the song; before the dance the first line's."""
    for line in lines:
        if position < float(line.counts.end):
            column = max(Fraction(0), Fraction(position).limit_denominator(48) - line.start)
            return heading_at(line, column)
    return heading_at(lines[-1], lines[-1].length) if lines else 0
