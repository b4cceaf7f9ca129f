"""Edits of the lesson: its school, its length, what a person changes of the plan."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import Any

from vamos.core.model.lesson import StepChange
from vamos.core.model.project import Project
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def set_lesson(project: Project, **changes: Any) -> Project:
    """Change fields of the wish: build, way, shown, facts, slow, minutes, variants, cut_after."""
    return replace(project, lesson=replace(project.lesson, **changes))


def change_step(project: Project, step: str, **changes: Any) -> Project:
    """Change a step: times, speed, gap, words, left_out."""
    wish = project.lesson
    new = replace(wish.change(step), **changes)
    others = tuple(c for c in wish.changes if c.step != step)
    return set_lesson(project, changes=(*others, new) if new != StepChange(step) else others)


def forget_step(project: Project, step: str) -> Project:
    """Let the step be as suggested again."""
    return set_lesson(project, changes=tuple(c for c in project.lesson.changes if c.step != step))


def move_step(project: Project, keys: Sequence[str], step: str, by: int) -> Project:
    """Move a step among ``keys``, the steps as they stand, so many places on."""
    order = list(keys)
    if step not in order:
        raise InputError(tr("There is no such step in the plan."))
    at = order.index(step)
    to = min(max(0, at + by), len(order) - 1)
    order.insert(to, order.pop(at))
    return set_lesson(project, order=tuple(order))
