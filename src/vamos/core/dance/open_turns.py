"""Open turns answered in every way: an open quarter goes the same way each time its section comes."""

from __future__ import annotations

import itertools
from collections.abc import Iterable
from dataclasses import replace

from vamos.core.memo import ByIdentity
from vamos.core.model.dance import Section

#: So many open turns are followed each way (64 readings); with more of them facings are not known.
MOST = 6


def _open(section: Section) -> tuple[int, ...]:
    """The events of a section that turn a known size, which way is open."""
    return tuple(k for k, e in enumerate(section.events) if e.turn is None and e.size)


def _ways(section: Section) -> tuple[Section, ...]:
    """A section with its open turns answered, each way once: all right first, all left last."""
    found = []
    for signs in itertools.product((1, -1), repeat=len(places := _open(section))):
        events = list(section.events)
        for place, sign in zip(places, signs, strict=True):
            events[place] = replace(events[place], turn=sign * events[place].size, size=0)
        found.append(replace(section, events=tuple(events)))
    return tuple(found)


_ways_of = ByIdentity(_ways)
_open_of = ByIdentity(_open)

Answered = dict[str, Section]


def answered(sections: Iterable[Section]) -> tuple[Answered, ...]:
    """Sections by name, once for each way their open turns can go together; once as they are when none is open."""
    mine = {s.name: s for s in sections}
    asking = {name: s for name, s in mine.items() if _open_of(s)}
    if not asking or sum(len(_open_of(s)) for s in asking.values()) > MOST:
        return (mine,)
    ways = itertools.product(*(_ways_of(s) for s in asking.values()))
    return tuple({**mine, **dict(zip(asking, way, strict=True))} for way in ways)
