"""The moves of a sheet's sections, read each as a whole."""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import replace
from math import ceil, floor

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.remarks import facing_at_end
from vamos.core.dance.section_text import read_notation
from vamos.core.dance.sheets.cells import LONGEST_SECTION
from vamos.core.dance.sheets.heads import SAME
from vamos.core.dance.sheets.made import Like, WrittenSection
from vamos.core.dance.sheets.read_as import LineIs, SheetLine
from vamos.core.dance.sheets.short_words import spelled_out
from vamos.core.dance.typed.clean import cleaned
from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.dance.typed.repeats import other_side, repeat_in
from vamos.core.dance.typed.tokens import tokens_of
from vamos.core.model.dance import Event, MoveSet, kind_by_name
from vamos.core.time import Feel
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def read_moves_of(sections: list[WrittenSection], lines: list[SheetLine], short: Mapping[str, str]) -> list[SheetLine]:
    """Read each section as a whole, so that feet go on from line to line; the lines, with what is wrong in them."""
    lines = list(lines)
    places = {line.number: k for k, line in enumerate(lines)}
    for section in sections:
        if section.like is not None:
            _copy(sections[section.like.place], section, section.like)
            # What stands below “= section 1” is danced by nobody, and told.
            for index, _ in section.moves:
                lines[places[index + 1]] = replace(lines[places[index + 1]], taken=LineIs.ASIDE)
            continue
        bodies: list[tuple[int, str]] = []
        for index, text in section.moves:
            body, facing = facing_at_end(spelled_out(text, short))
            if facing is not None:
                section.facings.append((len(bodies), facing))
            bodies.append((index, body))
        section.events, section.others, bad = _read_rows(bodies)
        for index, told in bad.items():
            where = places[index + 1]
            lines[where] = replace(lines[where], taken=LineIs.OPEN, told=told)
        _shift(sections, section)
    return lines


#: “same as section 1 but on the other side”
_BUT = re.compile(r"^[\s,]*(?:but|only|just|nur|aber|pero|mais|ma)\b\s*", re.IGNORECASE)


_ORDINAL = re.compile(
    r"\b(\d{1,2})(?:\.|st|nd|rd|th|er|ème|ª|º)\s*(achter|abschnitt|teil|eight|section|set|part|huit|ocho|partie|parte)\b",
    re.IGNORECASE,
)


def like_of(said: str, danced: Mapping[int, str]) -> Like | None:
    """“Same as section 2 on the other side”, “same thing starting left”: which of the danced sections, by their
    places and names; None when none is meant.
    """
    # “wie 1. Achter” is “wie Achter 1”.
    said = _ORDINAL.sub(r"\2 \1", said)
    found = SAME.match(said)
    rest = f"repeat {_BUT.sub('', found['rest'].strip(' .!'))}" if found is not None else said.strip(" .!")
    repeat = repeat_in(tokens_of(cleaned(rest).text, lexicon_for({}).known), lexicon_for({})) if rest else None
    if repeat is None or (found is None and re.search(r"\d", said)):
        return None
    number = found["number"] if found is not None else ""
    named = [k for k, name in danced.items() if re.search(rf"(?<!\d){number}(?!\d)", name, re.IGNORECASE)]
    # Without a number it is like what stands before it.
    places = named[:1] if number else list(danced)[-1:]
    return Like(places[0], repeat.mirror, repeat.side) if places else None


def _copy(other: WrittenSection, section: WrittenSection, like: Like) -> None:
    """A section that is danced as another one."""
    first = next((str(e.foot) for e in other.events if str(e.foot) in ("R", "L")), "")
    mirrored = like.mirrored or (like.foot != "" and first not in ("", like.foot))
    section.events = other_side(other.events) if mirrored else other.events
    section.length = section.length or other.length


def _shift(sections: list[WrittenSection], section: WrittenSection) -> None:
    """Counts that go on from the section before (9-16) are those of this one."""
    starts = [e.start for e in section.events if e.start >= 0]
    offset = section.offset
    before = sum(s.length or 0 for s in sections[: sections.index(section)])
    if starts and not offset and floor(min(starts)) >= 8 and floor(min(starts)) == before:
        offset = before
    section.offset = offset if starts and min(starts) >= offset else 0
    if section.offset:
        section.events = tuple(replace(e, start=e.start - offset) for e in section.events)
    # What begins between two counts ends with the count it is in, unless it is said to go on.
    last = max((max(ceil(e.start), floor(e.start + e.length)) for e in section.events), default=8)
    if section.length is None:
        section.length = last + 1 if last % 4 == 3 and last > 3 else max(1, last)
        section.open_end = kind_by_name(section.name) is None
    section.length = min(LONGEST_SECTION, max(section.length, 1))


def _read_rows(
    bodies: list[tuple[int, str]],
) -> tuple[tuple[Event, ...], tuple[MoveSet, ...], dict[int, str]]:
    """All lines of a section in one go; where that fails, line by line, with what is wrong of each that is not read."""
    try:
        events, others = (
            read_notation("\n".join(text for _, text in bodies), Feel.STRAIGHT, {}, lay_out=False)
            if bodies
            else ((), ())
        )
        return events, others, {}
    except InputError:
        pass
    found: list[Event] = []
    sets: list[MoveSet] = []
    bad: dict[int, str] = {}
    for index, text in bodies:
        try:
            events, others = read_notation(text, Feel.STRAIGHT, {}, lay_out=False)
        except NotationError as error:
            bad[index] = tr("column {number}: expected {expected}.", number=error.at + 1, expected=error.expected)
            continue
        except InputError as error:
            bad[index] = error.what
            continue
        found += events
        sets += others
    return tuple(sorted(found, key=lambda e: e.start)), tuple(sets), bad
