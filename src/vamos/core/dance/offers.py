"""What could be meant, ready to be taken: which way and how far a turn goes, how a slip of the weight is mended."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass, replace
from fractions import Fraction
from math import floor

from vamos.core.dance.checks import weight_problems
from vamos.core.dance.doubts import answers, doubtful
from vamos.core.dance.facing import clock_text, turn_said, wall_count
from vamos.core.dance.facts import wall_ends
from vamos.core.dance.steps import swapped
from vamos.core.dance.turn_words import way_said
from vamos.core.model.dance import Dance, Event, Foot, Item, Kind, Section
from vamos.core.time import count_name
from vamos.wording import words_of

tr = words_of(__name__)

#: Sizes offered where none was said, in eighths.
SIZES = (2, 4, 8)
#: Ways to mend a slip that are offered.
MOST_MENDS = 3
_OTHER = {Foot.RIGHT: Foot.LEFT, Foot.LEFT: Foot.RIGHT}


@dataclass(frozen=True, slots=True)
class Offer:
    """One answer: in words, where it leads, and the section as it would be."""

    words: str
    leads: str
    section: Section


def offers_at(dance: Dance, section: str, count: int) -> tuple[Offer, ...]:
    """What is offered on a count of a section (0 for count 1): answers of its first open turn, or mends of a slip."""
    here = dance.section(section)
    for event in here.events:
        if floor(event.start) == count and event.turn is None:
            return tuple(_answers(dance, here, event))
    asked = next((e for start, e in doubtful(here) if floor(start) == count), None)
    if asked is not None:
        left = len(weight_problems(_short(dance)))
        return tuple(
            Offer(words, _then(len(weight_problems(_short(with_section(dance, new)))), left), new)
            for words, new in answers(here, asked)
        )
    dance = _short(dance)
    slips = [p for p in weight_problems(dance) if p.section == section and p.start is not None]
    slip = next((p for p in slips if p.start is not None and floor(p.start) == count), None)
    if slip is None or slip.start is None:
        return ()
    return _mends(dance, here, slip.start)


def _then(left: int, before: int) -> str:
    """What an answer leads to."""
    if left < before or not left:
        return tr("nothing else is wrong then") if not left else tr("{left} to check left", left=left)
    return tr("the rest stays as it is")


# --- turns -------------------------------------------------------------------------------------


def _answers(dance: Dance, section: Section, event: Event) -> Iterator[Offer]:
    """Right and left, in each size where none was said; only the way that was said."""
    said = way_said(event.name)
    for way in (said,) if said else (1, -1):
        for size in (event.size,) if event.size else SIZES:
            turn = way * size
            new = with_event(section, event, replace(event, turn=turn, size=0))
            yield Offer(turn_said(turn), _leads(dance, new, turn), new)


def _leads(dance: Dance, new: Section, turn: int) -> str:
    """Where a wall ends with this answer, by all readings of what else is open."""
    wall = dance.wall_sections()
    if all(s.name != new.name for s in wall):
        return tr("“{name}” turns {turn}", name=new.name, turn=turn_said(turn))
    ends = wall_ends(tuple(new if s.name == new.name else s for s in wall))
    if not ends:
        return tr("where a wall ends stays open: how far another turn goes is not said")
    facings = " or ".join(clock_text(dance.start_heading + e) for e in sorted(ends))
    walls = " or ".join(str(n) for n in sorted({wall_count(e) for e in ends}))
    open_ones = tr(", as other open turns go") if len(ends) > 1 else ""
    return tr(
        "a wall ends at {facings}, {walls} {words}{open_ones}",
        facings=facings,
        walls=walls,
        words=tr("wall") if walls == "1" else tr("walls"),
        open_ones=open_ones,
    )


# --- weight ------------------------------------------------------------------------------------


def _short(dance: Dance) -> Dance:
    """The dance with no more than three equal walls in a row; the weight is the same after more."""
    kept: list[Item] = []
    for item in dance.sequence:
        if kept[-3:] != [item] * 3:
            kept.append(item)
    return replace(dance, sequence=tuple(kept))


def _mends(dance: Dance, section: Section, start: Fraction) -> tuple[Offer, ...]:
    """The changes that leave the fewest slips in the whole dance, best first."""
    before = len(weight_problems(dance))
    found = []
    for words, new in _changes(section, start):
        left = len(weight_problems(with_section(dance, new)))
        if left < before:
            found.append(
                (
                    left,
                    Offer(
                        words,
                        tr("nothing else is wrong then") if not left else tr("{left} to check left", left=left),
                        new,
                    ),
                )
            )
    found.sort(key=lambda x: x[0])
    return tuple(dict.fromkeys(offer for _, offer in found))[:MOST_MENDS]


def _changes(section: Section, start: Fraction) -> Iterator[tuple[str, Section]]:
    """Small slips of a writer that lead to a foot which bears the weight: the foot, the kind, a side forgotten."""
    feel = section.feel
    event = next(e for e in section.events if e.start == start and e.foot in _OTHER)
    mine = sorted((e for e in section.events if e.role == event.role), key=lambda e: e.start)
    at = mine.index(event)
    name = event.name or str(event.kind)
    other = replace(event, foot=_OTHER[event.foot])
    yield (
        tr(
            "{name} {foot} on {count}, not {foot2}",
            name=name,
            foot=other.foot,
            count=count_name(start, feel),
            foot2=event.foot,
        ),
        with_event(section, event, other),
    )
    before = next((e for e in reversed(mine[:at]) if e.foot in _OTHER), None)
    if before is not None and before.kind is Kind.STEP:
        words = tr(
            "touch instead of {number} on {count}",
            number=before.name or "step",
            count=count_name(before.start, feel),
        )
        yield words, with_event(section, before, _touched(before))
    if before is not None and before.kind is Kind.TOUCH:
        words = tr(
            "step instead of {number} on {count}",
            number=before.name or "touch",
            count=count_name(before.start, feel),
        )
        yield words, with_event(section, before, _stepped(before))
    later = {id(e) for e in mine[at:]}
    rest = tuple(swapped(e) if id(e) in later else e for e in section.events)
    where = (
        tr("the whole section") if before is None else tr("everything from {count} on", count=count_name(start, feel))
    )
    yield tr("{where} on the other side", where=where), replace(section, events=rest)


def _touched(event: Event) -> Event:
    plain = re.fullmatch(r"(step|walk|close|together|)", event.name.lower()) is not None
    return replace(event, kind=Kind.TOUCH, name="touch" if plain else event.name)


def _stepped(event: Event) -> Event:
    plain = event.name.lower() in ("touch", "tap", "")
    return replace(event, kind=Kind.STEP, name="step" if plain else event.name)


def with_event(section: Section, old: Event, new: Event) -> Section:
    """The section with one event changed."""
    return replace(section, events=tuple(new if e is old else e for e in section.events))


def with_section(dance: Dance, section: Section) -> Dance:
    """The dance with one section changed."""
    return replace(dance, sections=tuple(section if s.name == section.name else s for s in dance.sections))
