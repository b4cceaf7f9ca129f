"""Easier and harder ways to dance a section: words beside single moves, and other moves over some counts."""

from __future__ import annotations

from dataclasses import replace

from vamos.core.model.dance import Dance, Section

#: Words that stand beside a move.
BESIDE = ("easier", "harder")


def variants(dance: Dance) -> tuple[str, ...]:
    """Names of the variants that anything is written for, easier and harder first."""
    beside = [v for v in BESIDE if any(getattr(e, v) for s in dance.sections for e in s.events)]
    return tuple(dict.fromkeys([*beside, *(o.name for s in dance.sections for o in s.others)]))


def in_variant(section: Section, variant: str) -> Section:
    """The section as it is danced in a variant; as written where the variant says nothing."""
    events = section.events
    for other in section.others:
        if other.name == variant:
            end = other.start + other.length
            kept = [e for e in events if not other.start <= e.start < end]
            events = tuple(sorted([*kept, *other.events], key=lambda e: e.start))
    if variant in BESIDE:
        events = tuple(replace(e, name=words, cue="") if (words := getattr(e, variant)) else e for e in events)
    return section if events == section.events else replace(section, events=events)
