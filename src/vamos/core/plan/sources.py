"""Which pass shows one line of the page best, in a view."""

from __future__ import annotations

from dataclasses import dataclass

from vamos.core.dance.lines import Line, lines_of
from vamos.core.model.project import Project
from vamos.core.model.take import Pass, Take, View
from vamos.core.plan.clips import clip_name, line_sources, picked
from vamos.core.plan.flip import FlipChoice, choose_flip


@dataclass(frozen=True, slots=True)
class Watched:
    """The pass to watch a line with, and how it is flipped."""

    take: Take
    number: int
    view: View
    flip: FlipChoice

    @property
    def the_pass(self) -> Pass:
        return self.take.passes[self.number]


def watched(project: Project, line: Line, view: View | None = None) -> Watched | None:
    """The best pass over a line; without a view, the first view that has one."""
    grid = project.song.grid if project.song else None
    if grid is None:
        return None
    lines = lines_of(grid, project.dance)
    for wanted in (view,) if view is not None else tuple(View):
        found = sorted(line_sources(project, grid, (line,), wanted, lines), key=lambda s: -s.score)
        if not found:
            continue
        choice = project.choice(f"{clip_name(line)} · {wanted}")
        source = picked(found, choice)
        flip = choose_flip(source.stretch, choice.flip if choice else None)
        return Watched(source.take, source.number, wanted, flip)
    return None


def views_of(project: Project, line: Line) -> tuple[View, ...]:
    """The views a line can be watched in."""
    return tuple(v for v in View if watched(project, line, v) is not None)
