"""Passes danced to one song, laid on another by their counts, wherever the dance is the same there."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace

from vamos.core.dance.lines import Line, lines_of
from vamos.core.model.dance import Dance
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind, counts_to_take
from vamos.core.time import CountRange, TimeMap, TimeRange
from vamos.wording import words_of

tr = words_of(__name__)

#: A run of fewer counts than this is no pass of its own.
_FEWEST = 4.0


def conformed(
    passes: Sequence[Pass], grid: Grid, dance: Dance, new_grid: Grid, new_dance: Dance, title: str
) -> tuple[Pass, ...]:
    """Passes on ``grid`` as passes on ``new_grid``, in counts; ``title`` is the song they were danced to.

    Lines that follow each other in both songs stay one pass. What the new song has no lines for is left out; what is
    danced later there than here begins a pass of its own.
    """
    found = []
    shifts = list(_shifts(lines_of(grid, dance), lines_of(new_grid, new_dance)))
    for one in passes:
        to_take = counts_to_take(one, grid)
        to_count = to_take.inverse()
        first, last = (float(to_count(s)) for s in (one.take_range.start_s, one.take_range.end_s))
        for counts, shift in shifts:
            start, end = max(first, float(counts.start)), min(last, float(counts.end))
            if end - start < _FEWEST:
                continue
            where = TimeRange(float(to_take(start)), float(to_take(end)))
            clock = _between(to_take, start, end).inverse().shifted(shift)
            reason = tr("danced to “{title}”, laid on this song by its counts", title=title)
            kind = PassKind.COUNTED
            found.append(
                replace(one, kind=kind, take_range=where, clock=clock, reason=reason, rate=1.0, also_at_song_s=())
            )
    return tuple(sorted(found, key=lambda p: p.take_range.start_s))


def _between(count_to_take: TimeMap, start: float, end: float) -> TimeMap:
    """The map from count to count, with all its corners in between."""
    inside = [x for x in count_to_take.x if start < x < end]
    counts = [start, *inside, end]
    return TimeMap(tuple(counts), tuple(float(count_to_take(c)) for c in counts))


def _shifts(old: Sequence[Line], new: Sequence[Line]) -> Iterator[tuple[CountRange, float]]:
    """Runs of counts in the old song, and by how much later they are in the new one."""
    places: dict[tuple[object, ...], Line] = {}
    for line in new:
        places.setdefault(_same(line), line)
    run: CountRange | None = None
    shift = 0.0
    for line in old:
        there = places.get(_same(line)) if line.kind.danced else None
        moved = float(there.start - line.start) if there is not None else 0.0
        if there is not None and run is not None and moved == shift and run.end == line.start:
            run = CountRange(run.start, line.counts.end)
            continue
        if run is not None:
            yield run, shift
        run, shift = (line.counts, moved) if there is not None else (None, 0.0)
    if run is not None:
        yield run, shift


def _same(line: Line) -> tuple[object, ...]:
    """Lines with the same are the same part of the dance; without a sheet, the same count of the song."""
    if line.section is None:
        return line.kind, line.start, line.length
    return line.kind, line.section.id, line.wall, line.first, line.length
