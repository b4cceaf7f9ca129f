"""The lesson as a list to play on the page for students: steps that the clips of a pack can show, in order."""

from __future__ import annotations

from itertools import accumulate
from typing import Any

from vamos.core.dance.facts import danced_lines
from vamos.core.lesson.plan import plan_lesson
from vamos.core.lesson.schools import AROUND
from vamos.core.lesson.step import Step
from vamos.core.model.lesson import StepKind
from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.core.plan.flip import BACK, MIRRORED, label_words

#: Steps that a student does not play: what a teacher says around them.
_SAID = (StepKind.SAY,)


def lesson_items(project: Project, sections: list[dict[str, Any]], through: bool) -> list[dict[str, Any]]:
    """Steps with the number of their section and view on the page, their speeds, and how often they are danced.

    Steps over several sections are these sections in a row, runs are the whole dance, where the pack has it; steps that
    nothing in the pack shows are left out.
    """
    numbers = {s["title"]: k for k, s in enumerate(sections)}
    names = {s.id: s.name for s in project.dance.sections}
    out = []
    for step in plan_lesson(project).steps:
        if step.left_out or not step.speeds or step.kind in _SAID:
            continue
        item: dict[str, Any] = {
            "title": step.title,
            "words": step.words,
            "speeds": [float(s) for s in step.speeds],
            "times": step.times,
        }
        if step.kind is StepKind.WHOLE and through:
            out.append(item | {"through": True})
            continue
        if step.kind is StepKind.JOIN:
            row = [numbers.get(names.get(i, "")) for i in _row_of(project, step)]
            if len(row) > 1 and all(n is not None for n in row):
                out.append(item | {"sections": row})
            continue
        number = numbers.get(names.get(step.sections[0], "")) if len(step.sections) == 1 else None
        view = _view(step, sections[number]["views"]) if number is not None else None
        if view is not None:
            out.append(item | {"section": number, "view": view})
    return out


def _row_of(project: Project, step: Step) -> tuple[str, ...]:
    """The sections of a join by their ids: those it names, or a tag with what is danced before it and behind it.

    Nothing where the join ends within a section, of which a clip has all.
    """
    dance = project.dance
    if step.key.startswith("restart"):
        ends = accumulate(s.length for s in dance.wall_sections())
        return step.sections if step.first + AROUND in set(ends) else ()
    if len(step.sections) > 1:
        return step.sections
    rows = [x.section.id for x in danced_lines(dance, project.grid) if x.section is not None]
    at = rows.index(step.sections[0]) if step.sections[0] in rows else -1
    return tuple(rows[max(0, at - 1) : at + 2]) if at >= 0 else ()


def _view(step: Step, views: list[dict[str, Any]]) -> int | None:
    """The way of seeing a section that a step asks for; None where the pack has none."""
    label = {View.BACK: BACK, View.FEET: str(View.FEET)}.get(step.view, MIRRORED)
    wanted = label_words(label, short=True)
    found = [k for k, v in enumerate(views) if v["name"].startswith(wanted)]
    if step.half_time:
        return next((k for k in found if "half-time" in views[k]["name"]), None)
    if step.shows == "words":
        found = [k for k in found if views[k]["name"].endswith(", words")] or found
    return found[0] if found else 0 if step.view is View.FRONT and views else None
