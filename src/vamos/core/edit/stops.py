"""Edits of the stops of the music: where they are, how long they last, how many counts are danced in them."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction

from vamos.core.edit.song import grid_of, renumbered, set_grid
from vamos.core.model.project import Project
from vamos.core.model.song import Anchor, Break, Grid
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: Nobody stands still for longer, in beats.
LONGEST = 64


def mark_stop(project: Project, position: Fraction, counts: int, heard: int | None = None) -> Project:
    """The music pauses from a count on for so many counts, kept by agreement.

    ``heard`` is how many counts the grid has there now; later counts are renumbered by the
    difference, and the counts of the stop lie evenly in the pause.
    """
    grid = grid_of(project)
    heard = counts if heard is None else heard
    if counts < 1 or heard < 1:
        raise InputError(tr("A stop of {counts} counts over {heard} cannot be.", counts=counts, heard=heard))
    end = position + heard
    kept = tuple(a for a in grid.anchors if not position < a.position < end)
    others = tuple(s for s in grid.breaks if s.position != position)
    left = replace(grid, anchors=kept, breaks=others)
    moved = renumbered(left, lambda at: at if at <= position else at + counts - heard)
    breaks = tuple(sorted((*moved.breaks, Break(position, Fraction(counts))), key=lambda s: s.position))
    return set_grid(project, replace(moved, breaks=breaks))


def clear_stop(project: Project, position: Fraction) -> Project:
    """Take the mark of a stop away; the counts stay as they are."""
    grid = grid_of(project)
    return set_grid(project, replace(grid, breaks=tuple(s for s in grid.breaks if s.position != position)))


def set_stop(project: Project, position: Fraction, counts: int, beats: Fraction) -> Project:
    """A stop lasts so many beats of the music, and so many counts are danced in it: 0 when everybody holds still.

    Counts go at the song's pace and the last one is held, or closer together where they have no room. Where the stop is
    longer or shorter than was thought, everything behind it moves in the song; where other counts are danced, later
    counts have other numbers.
    """
    grid = grid_of(project)
    stop = next((s for s in grid.breaks if s.position == position), None)
    if stop is None:
        raise InputError(tr("The music does not stop there; mark a stop on that count first."))
    if not (0 <= counts <= LONGEST and 0 < beats <= LONGEST):
        raise InputError(
            tr("A stop lasts up to {longest} beats, with up to as many counts danced in it.", longest=LONGEST)
        )
    clock = grid.time_map()
    before, again = clock(position - 1), clock(stop.again)
    beat = _beat(grid, stop)
    later = float(beats - stop.length) * beat
    space = beat if beats >= counts else (again + later - before) / (counts + 1)
    kept = [a for a in grid.anchors if a.position < position]
    inside = [Anchor(position + k, before + (k + 1) * space) for k in range(counts)]
    behind = [replace(a, song_s=a.song_s + later) for a in grid.anchors if a.position >= stop.again]
    added = counts - stop.counts
    moved = renumbered(
        replace(grid, anchors=(*kept, *behind), breaks=tuple(s for s in grid.breaks if s is not stop)),
        lambda at: at if at < stop.again else at + added,
    )
    anchors = tuple(sorted((*moved.anchors, *inside), key=lambda a: a.position))
    lasting = Break(position, Fraction(counts), None if beats == counts else beats)
    breaks = tuple(sorted((*moved.breaks, lasting), key=lambda s: s.position))
    return set_grid(project, replace(moved, anchors=anchors, breaks=breaks))


def _beat(grid: Grid, stop: Break) -> float:
    """Seconds a beat around a stop."""
    clock, edges = grid.time_map(), grid.range()
    before = min(Fraction(8), stop.position - 1 - edges.start)
    if before >= 2:
        return float(clock(stop.position - 1) - clock(stop.position - 1 - before)) / float(before)
    after = max(Fraction(1), min(Fraction(8), edges.end - stop.again))
    return float(clock(stop.again + after) - clock(stop.again)) / float(after)
