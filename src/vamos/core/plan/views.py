"""What a fixed camera sees of a line: the view said for the stretch, turned with the dancer.

A dancer who has turned a quarter to the right since then shows the camera the left side, after a
half turn the back: later walls give views for nothing. Diagonals count as the nearer of front and
back; feet stay feet.
"""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction

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
class ViewShare:
    """What a camera shows of a range: the view held longest, other views and for how many counts."""

    view: View
    others: tuple[tuple[View, Fraction], ...] = ()

    @property
    def turned_away(self) -> Fraction:
        """Counts in which another view is seen."""
        return sum((counts for _, counts in self.others), Fraction(0))


class Headings:
    """Where the dancer faces over the song: stretches between turns, made once for all lines."""

    def __init__(self, lines: tuple[Line, ...]):
        self._starts: list[Fraction] = []
        self._headings: list[int | None] = []
        self._end = lines[-1].counts.end if lines else Fraction(0)
        self._held: dict[tuple[Fraction, Fraction, View, int], ViewShare | None] = {}
        for line in lines:
            turns = {at for at, event in line.events() if event.turn != 0 and line.start < at < line.counts.end}
            for at in sorted({line.start, *turns}):
                self._starts.append(at)
                # A turn that begins on a count has happened by the next one.
                self._headings.append(heading_at(line, at - line.start + Fraction(1, 48)))
        # Comparing plain numbers is what is done thousands of times.
        self._plain = [float(at) for at in self._starts]

    def at(self, position: float) -> int | None:
        """The heading at a moment of the song; before the first line that of its start."""
        if not self._starts:
            return 0
        index = bisect_right(self._plain, position) - 1
        return self._headings[max(0, index)]

    def between(self, counts: CountRange) -> Iterator[tuple[Fraction, int | None]]:
        """(counts, heading) of the stretches of a range between turns."""
        index = max(0, bisect_right(self._starts, counts.start) - 1)
        while index < len(self._starts) and self._starts[index] < counts.end:
            later = self._starts[index + 1] if index + 1 < len(self._starts) else self._end
            start, end = max(self._starts[index], counts.start), min(later, counts.end)
            if end > start:
                yield end - start, self._headings[index]
            index += 1

    def held(self, counts: CountRange, view: View, base: int) -> ViewShare | None:
        """What a camera that saw ``view`` at heading ``base`` sees of a range; None where a heading is unknown."""
        key = (counts.start, counts.end, view, base)
        if key not in self._held:
            self._held[key] = self._share(counts, view, base)
        return self._held[key]

    def _share(self, counts: CountRange, view: View, base: int) -> ViewShare | None:
        held: dict[View, Fraction] = {}
        for length, heading in self.between(counts):
            if heading is None:
                return None
            seen = turned_view(view, heading - base)
            held[seen] = held.get(seen, Fraction(0)) + length
        if not held:
            return ViewShare(view)
        longest = max(held, key=lambda v: held[v])
        return ViewShare(longest, tuple((v, n) for v, n in held.items() if v is not longest))


def seen_view(
    stretch: Stretch, the_pass: Pass, take_to_counts: TimeMap, headings: Headings, counts: CountRange
) -> ViewShare:
    """What the camera shows of a range of counts; the view was said of the moment the stretch begins."""
    start_take_s = max(stretch.start_take_s, the_pass.take_range.start_s)
    base = headings.at(take_to_counts(start_take_s))
    if base is None or stretch.view not in _ROUND:
        return ViewShare(stretch.view)
    return headings.held(counts, stretch.view, base) or ViewShare(stretch.view)
