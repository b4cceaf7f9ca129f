"""Who dances what: roles of partners and groups; lanes of arms, hands, looks and styling beside the feet."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace

from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.model.dance import Dance, Event, Section


def is_lane(role: str) -> bool:
    """Whether what stands before a colon is a part of the body, which everybody has, and nobody who dances."""
    return role.lower() in lexicon_for({}).lanes


#: Said where nobody dances something else.
_EVERYBODY = ("all", "everyone", "everybody", "both", "together", "alle", "beide", "todos", "tous", "tutti", "-", "–")


def is_everybody(name: str) -> bool:
    """Whether who is named is all of them."""
    return name.lower() in _EVERYBODY


def roles_in(events: Iterable[Event]) -> tuple[str, ...]:
    """The roles of partners or groups, in the order they are written; none where all dance the same."""
    return tuple(r for r in dict.fromkeys(e.role for e in events) if r and not is_lane(r))


def lanes_in(events: Iterable[Event]) -> tuple[str, ...]:
    """What is written beside the feet, in its order."""
    return tuple(r for r in dict.fromkeys(e.role for e in events) if r and is_lane(r))


def in_lane(event: Event) -> str:
    """“arms up”; what names its part of the body itself stands alone."""
    lane, said = event.role, event.short
    named = any(word.startswith(lane.lower().rstrip("s")) for word in said.lower().split())
    return said if named or not said else f"{lane} {said}"


def rows_of(section: Section) -> list[tuple[str, tuple[Event, ...]]]:
    """The events of a section by who dances them: everybody's first, then roles, then lanes."""
    names = ("", *roles_in(section.events), *lanes_in(section.events))
    rows = [(name, tuple(e for e in section.events if e.role == name)) for name in names]
    return [(name, events) for name, events in rows if events] or [("", ())]


def danced_by(dance: Dance, role: str) -> Dance:
    """The dance as one role dances it, with its own facing; arms and looks stay. As it is where nobody is called so."""
    known = roles_in(e for s in dance.sections for e in s.events)
    if role not in known:
        return dance
    sections = tuple(
        replace(s, events=tuple(e for e in s.events if e.role in ("", role) or is_lane(e.role))) for s in dance.sections
    )
    dance = replace(dance, sections=sections)
    if known.index(role) == 1 and dance.partner_heading is not None:
        dance = replace(dance, start_heading=dance.partner_heading, partner_heading=None)
    return dance
