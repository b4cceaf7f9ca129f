"""Edits of passes counted aloud: which count a moment is, a count moved, counts tapped anew."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction

import numpy as np

from vamos.core.edit.takes import place_by_hand, replace_take
from vamos.core.model.project import Project
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.time import TimeMap, TimeRange
from vamos.core.time.timemap import Floats
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def pass_at(take: Take, take_s: float) -> int | None:
    """The number of the pass that holds a second of a take."""
    return next((k for k, p in enumerate(take.passes) if p.take_range.contains(take_s)), None)


def this_moment_is(project: Project, take_id: str, take_s: float, position: Fraction) -> Project:
    """A moment of a take is a count: a counted pass is renumbered, any other placed there by eye.

    In a pass counted aloud the count said nearest to the moment gets the number; what was said stays where it
    was said. A pass with the song keeps its speed.
    """
    take = project.take(take_id)
    number = pass_at(take, take_s)
    grid = project.grid
    if number is None or grid is None:
        return place_by_hand(project, take_id, take_s, position)
    old = take.passes[number]
    if old.kind is PassKind.COUNTED:
        return _with(
            project, take, number, replace(old, clock=old.clock.shifted(float(position) - round(old.clock(take_s))))
        )
    shift = grid.time_map()(position) - old.clock(take_s)
    placed = replace(old, clock=old.clock.shifted(shift), confidence=1.0, residual_s=0.0, reason=tr("placed by hand"))
    return _with(project, take, number, replace(placed, also_at_song_s=()))


def move_count(project: Project, take_id: str, number: int, index: int, take_s: float) -> Project:
    """Count ``index`` of a counted pass was said at another second; it stays between its neighbours."""
    take = project.take(take_id)
    old = take.passes[number]
    if old.kind is not PassKind.COUNTED or not 0 <= index < len(old.clock.x):
        raise InputError(tr("“{name}” has no count said there that could be moved.", name=take.name))
    low = old.clock.x[index - 1] if index else -np.inf
    high = old.clock.x[index + 1] if index + 1 < len(old.clock.x) else np.inf
    if not low + 0.05 < take_s < high - 0.05:
        raise InputError(tr("A count stays between the one before and the one after it."))
    x = (*old.clock.x[:index], take_s, *old.clock.x[index + 1 :])
    first, last = min(old.take_range.start_s, take_s), max(old.take_range.end_s, take_s)
    return _with(project, take, number, replace(old, clock=TimeMap(x, old.clock.y), take_range=TimeRange(first, last)))


def set_counts(project: Project, take_id: str, times_take_s: Floats, position: Fraction) -> Project:
    """Counts tapped along: they replace what was heard there, and keep its numbers where it had some.

    ``position`` is the count of the first tap when no counted pass lies there. Passes that the taps overlap
    give way.
    """
    take = project.take(take_id)
    times = np.asarray(times_take_s, dtype=np.float64)
    if len(times) < 2:
        raise InputError(tr("Counts need at least two moments."))
    period = float(np.median(np.diff(times)))
    where = TimeRange(max(take.whole.start_s, float(times[0])), min(take.whole.end_s, float(times[-1]) + period))
    under = [p for p in take.passes if p.take_range.overlap_s(where) > 0.3 * min(where.length_s, p.take_range.length_s)]
    known = next((p for p in under if p.kind is PassKind.COUNTED), None)
    first = round(known.clock(float(times[0]))) if known is not None else float(position)
    tapped = Pass(
        PassKind.COUNTED,
        where,
        TimeMap.through(times, np.arange(len(times), dtype=np.float64) + first),
        1.0,
        reason=tr("counts tapped by hand"),
        id=known.id if known is not None else "",
    )
    passes = sorted([*(p for p in take.passes if p not in under), tapped], key=lambda p: p.take_range.start_s)
    return replace_take(project, replace(take, passes=tuple(passes), looked_for_passes=True))


def _with(project: Project, take: Take, number: int, new: Pass) -> Project:
    passes = (*take.passes[:number], new, *take.passes[number + 1 :])
    return replace_take(project, replace(take, passes=passes))
