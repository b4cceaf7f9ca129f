"""Short words of a dance: “KBC = kick ball change”. They may be typed, and stand over the picture and on the page.

The dance itself, its sheets and the voice keep the words in full.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping
from dataclasses import replace
from fractions import Fraction
from math import ceil

from vamos.core.model.dance import Dance, Doubt, Event, ShortWord, StepPattern
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)
# The page and the plates ask for short words from the first picture on: the reader is loaded where one is explained.

#: Between entries: before the next word that is explained, so that what one means may have commas.
_BETWEEN = re.compile(r"\s*[;,|\n]\s*(?=[^;,|\n=]+=)")


def parse_words(text: str) -> tuple[ShortWord, ...]:
    """“KBC = kick ball change, CS = coaster step”; raises InputError that names the entry."""
    found = []
    for entry in filter(None, _BETWEEN.split(text.strip(" ,;|\n"))):
        short, equals, means = (part.strip() for part in entry.partition("="))
        if not equals or not short or not means:
            raise InputError(tr("“{entry}” explains no word; write it as “KBC = kick ball change”.", entry=entry[:60]))
        found.append(ShortWord(short, means))
    return tuple(found)


def print_words(words: Iterable[ShortWord]) -> str:
    """As they are typed."""
    return ", ".join(f"{word.short} = {word.means}" for word in words)


def patterns_of(words: Iterable[ShortWord], own: Mapping[str, StepPattern]) -> dict[str, StepPattern]:
    """What each word dances: the step it means, or its moves one after the other; none for one that dances nothing."""
    from vamos.core.dance.steps import find_step

    out: dict[str, StepPattern] = {}
    for word in words:
        step = find_step(word.means, own) or _as_moves(word.means, own)
        if step is not None:
            out[word.short] = replace(step, name=word.short)
    return out


def _as_moves(means: str, own: Mapping[str, StepPattern]) -> StepPattern | None:
    """“step R, touch L” as a step that has a name."""
    from vamos.core.dance.counts_typed import NotationError
    from vamos.core.dance.typed.reading import read_typed

    try:
        events = read_typed(means, own=own, lay_out=True).events
    except NotationError:
        return None
    # How long it is follows from where it is danced.
    if not events or any(e.doubt not in (Doubt.NONE, Doubt.COUNTS) for e in events):
        return None
    end = max(e.start + e.length for e in events)
    return StepPattern(means, Fraction(max(1, ceil(end))), tuple(replace(e, doubt=Doubt.NONE) for e in events))


def in_full(events: Iterable[Event], words: Iterable[ShortWord]) -> tuple[Event, ...]:
    """Events with the words that short ones stand for."""
    full = {_plain(word.short): word.means for word in words}
    return tuple(
        replace(e, cue=full[_plain(e.cue)])
        if _plain(e.cue) in full
        else replace(e, name=full[_plain(e.name)])
        if _plain(e.name) in full
        else e
        for e in events
    )


def _plain(words: str) -> str:
    """As words are compared: small, with one space between them."""
    return " ".join(words.lower().replace("-", " ").split())


def short_names(dance: Dance) -> dict[str, str]:
    """Words in full, plain, → the short ones."""
    return {_plain(word.means): word.short for word in dance.words}


def shortened(event: Event, names: Mapping[str, str]) -> Event:
    """An event as it is shown where there is little room: by its short word."""
    short = names.get(_plain(event.short)) if names and event.short else None
    return replace(event, cue=short) if short is not None else event
