"""Easier, harder and other forms of a section on the page for students: their sheet, and what is written when.

The films show what was danced before the camera. A form changes the words beside them, never the films.
"""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Callable, Mapping
from dataclasses import replace
from fractions import Fraction
from math import floor
from typing import Any

from vamos.core.dance.lines import Line, LineKind
from vamos.core.dance.variants import BESIDE, in_variant, variants
from vamos.core.model.dance import Dance, Section
from vamos.core.render.words import Words
from vamos.core.time import Feel
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

Rows = list[dict[str, Any]]


def forms_of(section: Section) -> dict[str, Section]:
    """The section in each form that is written for it and differs from it, by its name in the language of now."""
    found = {name: in_variant(section, name) for name in variants(Dance(sections=(section,)))}
    named = dict(zip(BESIDE, (tr("easier"), tr("harder")), strict=True))
    return {named.get(n, n): s for n, s in found.items() if s is not section}


def add_forms(
    part: dict[str, Any], section: Section, rows_of: Callable[[Section], Rows], short: Mapping[str, str]
) -> None:
    """Give a section of the page its forms, and its films what is written in each of them."""
    forms = forms_of(section)
    part["forms"] = [{"name": name, "rows": form_rows(section, form, rows_of)} for name, form in forms.items()]
    for view in part["views"]:
        film = view["film"]
        film["forms"] = {name: states_in(film, form, short) for name, form in forms.items()}


def form_rows(section: Section, form: Section, rows_of: Callable[[Section], Rows]) -> Rows:
    """The sheet of a form: other words for a move turn only where they say so."""
    written = {(e.start, e.role): e.name for e in section.events}
    same = [e for e in form.events if written.get((e.start, e.role)) == e.name]
    events = [e if e in same else replace(e, turn=_turn_in(e.name)) for e in form.events]
    return rows_of(replace(form, events=tuple(events)))


def _turn_in(words: str) -> int | None:
    # The reader is loaded where something is read.
    from vamos.core.dance.section_text import read_notation

    try:
        events, _ = read_notation(f"{words} 1", Feel.STRAIGHT, {})
    except InputError:
        return None
    return events[0].turn if len(events) == 1 else None


def states_in(film: Mapping[str, Any], form: Section, short: Mapping[str, str]) -> list[list[Any]]:
    """Second, number, what is danced and what is next, as in the ``states`` of a film, for a form of its section.

    Outside the section it is what the film has.
    """
    written, first = film["states"], film["first"]
    core = [(at, number) for at, number in film["counts"][first:] if at < film["to"] - 0.001]
    if not core:
        return list(written)
    seconds = [at for at, _ in core] + [film["to"]]
    words = Words([Line(1, Fraction(0), Fraction(len(core)), LineKind.DANCE, section=form)], short)
    out = [row for row in written if row[0] < seconds[0] - 0.001]
    for position in words.changes(Fraction(0), Fraction(len(core))):
        count = floor(position)
        at = seconds[count] + float(position - count) * (seconds[count + 1] - seconds[count])
        row = [at, core[count][1] + words.part_at(position), words.now_at(position).words, words.ahead_at(position)]
        if not out or out[-1][1:] != row[1:]:
            out.append(row)
    behind = bisect_right([row[0] for row in written], film["to"] - 0.001)
    return [*out, *written[behind:]]
