"""Which pass shows one line of the page best, in a view."""

from __future__ import annotations

from dataclasses import dataclass

from vamos.core.dance.lines import Line
from vamos.core.model.project import Project
from vamos.core.model.take import Pass, Take, View
from vamos.core.plan.clips import picked
from vamos.core.plan.flip import FlipChoice, choose_flip
from vamos.core.plan.survey import clip_name, survey_of


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
    survey = survey_of(project)
    if survey is None:
        return None
    found = survey.sources((line,))
    for wanted in (view,) if view is not None else tuple(View):
        if not found[wanted]:
            continue
        choice = project.choice(f"{clip_name(line)} · {wanted}")
        source = picked(found[wanted], choice)
        flip = choose_flip(source.stretch, choice.flip if choice else None)
        return Watched(source.take, source.number, wanted, flip)
    return None


def views_of(project: Project, line: Line) -> tuple[View, ...]:
    """The views a line can be watched in."""
    survey = survey_of(project)
    return tuple(v for v, found in survey.sources((line,)).items() if found) if survey is not None else ()
