"""What a fixed camera sees of a line: the view said for the stretch, turned with the dancer.

A dancer who has turned a quarter to the right since then shows the camera the left side, after a
half turn the back: later walls give views for nothing. Diagonals count as the nearer of front and
back; feet stay feet.
"""

from __future__ import annotations

from fractions import Fraction

from vamos.core.dance.lines import Line, heading_at
from vamos.core.model.take import Pass, Stretch, View
from vamos.core.time import TimeMap

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


def seen_view(stretch: Stretch, the_pass: Pass, counts_to_take: TimeMap, lines: tuple[Line, ...], line: Line) -> View:
    """What the camera shows of a line; the view was said of the moment the stretch begins."""
    start_take_s = max(stretch.start_take_s, the_pass.take_range.start_s)
    base = heading_near(lines, counts_to_take.inverse()(start_take_s))
    if base is None or line.heading is None:
        return stretch.view
    return turned_view(stretch.view, line.heading - base)


def heading_near(lines: tuple[Line, ...], position: float) -> int | None:
    """The heading at a moment of the song; before the dance the first line's."""
    for line in lines:
        if position < float(line.counts.end):
            column = max(Fraction(0), Fraction(position).limit_denominator(48) - line.start)
            return heading_at(line, column)
    return heading_at(lines[-1], lines[-1].length) if lines else 0
