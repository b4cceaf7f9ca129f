"""Which pass shows one line of the page best, in a view."""

from __future__ import annotations

from dataclasses import dataclass

from vamos.core.dance.lines import Line
from vamos.core.model.project import Project
from vamos.core.model.take import Pass, Take, View
from vamos.core.plan.clips import picked
from vamos.core.plan.coverage import Coverage, choice_for, subject_id
from vamos.core.plan.flip import FlipChoice, choose_flip


@dataclass(frozen=True, slots=True)
class LinePass:
    """The pass a line is seen in, and how it is flipped."""

    take: Take
    number: int
    view: View
    flip: FlipChoice

    @property
    def the_pass(self) -> Pass:
        return self.take.passes[self.number]


def pass_of_line(
    project: Project, coverage: Coverage, line: Line, view: View | None = None, take: str = ""
) -> LinePass | None:
    """The best pass over a line; without a view, in the first view that has one. ``take``: only one of that take."""
    found = coverage.candidates((line,))
    clock = coverage.grid.time_map()
    if take:
        mine = max(
            (c for several in found.values() for c in several if c.take.id == take), key=lambda c: c.score, default=None
        )
        return LinePass(mine.take, mine.number, mine.stretch.view, choose_flip(mine.stretch, None)) if mine else None
    for wanted in (view,) if view is not None else tuple(View):
        if not found[wanted]:
            continue
        line_s = clock(line.counts.end) - clock(line.start)
        choice = choice_for(project.choices, subject_id(line, clock), wanted, line_s)
        pick = picked(found[wanted], choice)
        flip = choose_flip(pick.stretch, choice.flip if choice else None)
        return LinePass(pick.take, pick.number, wanted, flip)
    return None


def views_of_line(coverage: Coverage, line: Line) -> tuple[View, ...]:
    """The views a line can be watched in."""
    return tuple(view for view, found in coverage.candidates((line,)).items() if found)
