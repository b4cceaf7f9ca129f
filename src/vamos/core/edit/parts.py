"""Edits of the parts of a phrased dance."""

from __future__ import annotations

from dataclasses import replace

from vamos.core.dance.parts import read_part
from vamos.core.model.dance import DancePart
from vamos.core.model.project import Project
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def write_part(project: Project, text: str, old: str = "") -> Project:
    """A part as typed, in the place of the part ``old`` or behind the others; an empty text takes it away."""
    dance = project.dance
    if not text.strip():
        return _with(project, tuple(p for p in dance.parts if p.name != old), old, None)
    part = read_part(text, dance)
    if part.name != old and any(p.name == part.name for p in dance.parts):
        raise InputError(tr("There is already a part called “{name}”.", name=part.name))
    if any(p.name == old for p in dance.parts):
        parts = tuple(part if p.name == old else p for p in dance.parts)
    else:
        parts = (*dance.parts, part)
    return _with(project, parts, old, part)


def _with(project: Project, parts: tuple[DancePart, ...], old: str, new: DancePart | None) -> Project:
    """The parts, and the sequence with what was danced as the old part danced as the new one."""
    before = next((p for p in project.dance.parts if p.name == old), None)
    sequence = project.dance.sequence
    if before is not None and new is not None:
        sequence = tuple(
            replace(i, name=new.name, sections=new.sections)
            if i.name == before.name and i.sections == before.sections
            else i
            for i in sequence
        )
    return replace(project, dance=replace(project.dance, parts=parts, sequence=sequence))
