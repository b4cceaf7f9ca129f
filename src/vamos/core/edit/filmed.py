"""Edits of the filming log, newest last."""

from __future__ import annotations

from dataclasses import replace

from vamos.core.model.filmed import FilmedTake, Verdict
from vamos.core.model.project import Project
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: A log of so many is a mistake.
_MOST = 2000


def log_take(project: Project, filmed: FilmedTake) -> Project:
    """Add one; the log stays in the order of its clock."""
    if len(project.filmed) >= _MOST:
        raise InputError(tr("The filming log holds {most} takes already; forget some.", most=_MOST))
    return replace(project, filmed=tuple(sorted((*project.filmed, filmed), key=lambda f: f.heard)))


def judge_take(project: Project, number: int, verdict: Verdict, note: str | None = None) -> Project:
    """Say what one thinks of number ``number`` (from 0), and what went wrong in it."""
    old = _numbered(project, number)
    new = replace(old, verdict=verdict, note=old.note if note is None else note.strip())
    return replace(project, filmed=tuple(new if f is old else f for f in project.filmed))


def forget_filmed(project: Project, number: int) -> Project:
    """Take one out of the log; no film is touched."""
    old = _numbered(project, number)
    return replace(project, filmed=tuple(f for f in project.filmed if f is not old))


def _numbered(project: Project, number: int) -> FilmedTake:
    if not 0 <= number < len(project.filmed):
        raise InputError(
            tr(
                "There is no number {number} in the filming log; it has {number2}.",
                number=number + 1,
                number2=len(project.filmed),
            )
        )
    return project.filmed[number]
