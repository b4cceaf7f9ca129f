"""The run-through: the whole dance from one pass, from the top to as far as it was filmed."""

from __future__ import annotations

from fractions import Fraction

from vamos.core.dance.lines import lines_of
from vamos.core.model.clip import Clip
from vamos.core.model.project import Project
from vamos.core.model.take import PassKind, Stretch, Take, View, counts_to_take
from vamos.core.plan.coverage import EARLY_S, LATE_S
from vamos.core.plan.flip import choose_flip
from vamos.core.time import CountRange

#: Shorter than this is not worth calling a run-through.
_SHORTEST = Fraction(12)


def plan_run_through(project: Project) -> Clip | None:
    """The longest clean stretch of the dance in one front pass (else back), or None."""
    grid = project.grid
    if grid is None:
        return None
    lines = [line for line in lines_of(grid, project.dance) if line.kind.danced]
    best: tuple[tuple[bool, Fraction, float], Take, int, CountRange, Stretch] | None = None
    for take in project.takes:
        for number, the_pass in enumerate(take.passes):
            if the_pass.kind is not PassKind.SONG:
                continue
            there = counts_to_take(the_pass, grid)
            inside = [
                line
                for line in lines
                if there(line.start) >= the_pass.take_range.start_s - EARLY_S
                and there(line.counts.end) <= the_pass.take_range.end_s + LATE_S
            ]
            if not inside:
                continue
            stretch = take.stretch_at(there(inside[0].start))
            if stretch.view not in (View.FRONT, View.BACK) or len(take.stretches) > 1:
                continue
            counts = CountRange(inside[0].start, inside[-1].counts.end)
            rank = (stretch.view is View.FRONT, counts.length, the_pass.confidence)
            if best is None or rank > best[0]:
                best = (rank, take, number, counts, stretch)
    if best is None or best[3].length < _SHORTEST:
        return None
    _, take, number, counts, stretch = best
    flip = choose_flip(stretch)
    start = counts_to_take(take.passes[number], grid)(counts.start - 4)
    run_up = Fraction(4) if start >= take.passes[number].take_range.start_s else Fraction(0)
    return Clip(
        "run-through",
        "run-through",
        "run-through",
        0,
        counts,
        stretch.view,
        take.id,
        number,
        run_up,
        Fraction(0),
        flip.flip,
        flip.label,
        (f"{take.name}: the longest pass without a break", flip.reason),
    )
