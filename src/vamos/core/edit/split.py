"""Splitting a take in two: one file that holds two things is treated as two films."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

from vamos.core.edit.parts_of_takes import SHORTEST_S, inside
from vamos.core.edit.takes import add_takes, replace_take
from vamos.core.model.project import Project
from vamos.core.model.take import Stretch, Take
from vamos.core.time import TimeRange
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def split_take(project: Project, take_id: str, take_s: float) -> Project:
    """From a moment on the film is a take of its own; marks, passes and choices go with what they belong to."""
    take = project.take(take_id)
    whole = take.whole
    if not whole.start_s + SHORTEST_S <= take_s <= whole.end_s - SHORTEST_S:
        first, last = whole.start_s + SHORTEST_S, whole.end_s - SHORTEST_S
        raise InputError(
            tr(
                "“{name}” can be split between {first:.1f} and {last:.1f} s; each part needs {shortest_s:g} seconds.",
                name=take.name,
                first=first,
                last=last,
                shortest_s=SHORTEST_S,
            )
        )
    before, after = TimeRange(whole.start_s, take_s), TimeRange(take_s, whole.end_s)
    project = add_takes(project, (replace(_part(take, after), name=tr("{name}, second part", name=take.name), id=""),))
    second = project.takes[-1]
    moved = {p.id for p in second.passes} - {p.id for p in _part(take, before).passes}
    choices = tuple(
        replace(c, take=second.id) if c.take == take_id and c.pass_id in moved else c for c in project.choices
    )
    return replace_take(replace(project, choices=choices), _part(take, before))


def _part(take: Take, part: TimeRange) -> Take:
    """What of a take lies in a part of it."""
    kept = (inside(p, part) for p in take.passes)
    return replace(
        take,
        part=part,
        stretches=tuple(_stretches(take, part)),
        passes=tuple(p for p in kept if p is not None),
        remarks=None if take.remarks is None else tuple(r for r in take.remarks if part.contains(r.take_s)),
        sides_said=None if take.sides_said is None else tuple(s for s in take.sides_said if part.contains(s.take_s)),
    )


def _stretches(take: Take, part: TimeRange) -> Iterator[Stretch]:
    """What holds when the part begins, from the start of the film on, then what changes inside."""
    yield replace(take.stretch_at(part.start_s), start_take_s=0.0)
    for stretch in take.stretches:
        if part.start_s < stretch.start_take_s < part.end_s:
            yield stretch
