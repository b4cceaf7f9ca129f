"""What the reader of typed moves was not sure of: as a problem of the sheet, and with what can be answered."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.steps import swapped
from vamos.core.model.dance import Doubt, Event, Foot, Kind, Section
from vamos.core.time import count_name
from vamos.wording import listed, marked, words_of

tr = words_of(__name__)

#: The question at a count, by what is open.
_QUESTIONS = {
    Doubt.NAME: marked("“{words}” on {count} is taken only as a name. Is that right?"),
    Doubt.FOOT: marked("“{words}” on {count}: no foot is said. Is it {foot}?"),
    Doubt.COUNTS: marked("“{words}” on {count}: on which counts is it danced?"),
    Doubt.FIGURE: marked("“{words}” on {count} is taught in more than one way. Is this how you teach it?"),
    Doubt.SIDE: marked("“{words}” on {count}: again on the other side, or the same?"),
    Doubt.TURNS: marked("“{words}” on {count} comes several times. Does it turn each time?"),
    Doubt.READINGS: marked("“{words}” on {count} can be read in two ways. Is this the one?"),
    Doubt.WEIGHT: marked("After “{words}” on {count} the line says that the weight is on the other foot. Which is it?"),
    Doubt.ASIDE: marked("A remark stands behind “{words}” on {count}; it was left beside the moves."),
    Doubt.LOST: marked("“{words}” is written here and is danced nowhere. Is that right?"),
    Doubt.LINE: marked("This line was not understood; “{words}” on {count} is the likeliest reading."),
}


def question(event: Event, section: Section) -> str:
    """What is asked about a move."""
    words = event.cue or event.name or str(event.kind)
    if event.doubt is Doubt.LOST:
        words = listed(event.unread.split(", "))
    if event.doubt is Doubt.NAME and event.unread:
        together = event.unread.replace(", ", " ")
        words = together if together in words else event.unread
    return tr(
        _QUESTIONS[event.doubt],
        words=words,
        count=count_name(event.start, section.feel),
        foot={"R": tr("right"), "L": tr("left")}.get(str(event.foot), tr("so")),
    )


def answers(section: Section, event: Event) -> Iterator[tuple[str, Section]]:
    """What can be answered: in words, and the section as it would be. The likeliest comes first."""
    yield tr("it is right as it is"), _settled(section, event)
    later = [e for e in section.events if e.role == event.role and e.start >= event.start]
    if event.doubt in (Doubt.FOOT, Doubt.SIDE, Doubt.READINGS, Doubt.WEIGHT, Doubt.LOST) and any(
        str(e.foot) in "RL" and e.foot for e in later
    ):
        moved = {id(e) for e in later}
        events = tuple(_plain(swapped(e)) if id(e) in moved else e for e in section.events)
        where = tr("from {count} on", count=count_name(event.start, section.feel))
        yield tr("the other side, {where}", where=where), replace(section, events=events)
    if event.doubt is Doubt.WEIGHT and event.kind in (Kind.STEP, Kind.TOUCH):
        other = Kind.TOUCH if event.kind is Kind.STEP else Kind.STEP
        words = tr("it takes no weight") if other is Kind.TOUCH else tr("it takes the weight")
        yield (
            words,
            _settled(replace(section, events=_with(section, event, new := replace(_plain(event), kind=other))), new),
        )
    if event.doubt is Doubt.TURNS:
        yield tr("it turns once"), _settled(replace(section, events=_once(section, event)), event)
    if event.doubt in (Doubt.NAME, Doubt.COUNTS) and event.foot is Foot.NONE:
        for words, foot, kind in (
            (tr("it ends on the right foot"), Foot.RIGHT, Kind.STEP),
            (tr("it ends on the left foot"), Foot.LEFT, Kind.STEP),
            (tr("it keeps the weight"), Foot.NONE, Kind.FREE),
        ):
            new = replace(_plain(event), foot=foot, kind=kind)
            yield words, _settled(replace(section, events=_with(section, event, new)), new)
    elif event.doubt in (Doubt.NAME, Doubt.COUNTS, Doubt.FIGURE, Doubt.LINE):
        bare = replace(_plain(event), foot=Foot.NONE, turn=event.turn)
        yield tr("its foot is not known"), _settled(replace(section, events=_with(section, event, bare)), bare)


def _once(section: Section, event: Event) -> tuple[Event, ...]:
    """The first turn from a move on stays; the others of the same line do not turn."""
    out, seen = [], False
    for e in section.events:
        if e.role == event.role and e.start >= event.start and e.turn:
            e = replace(e, turn=0) if seen else e
            seen = True
        out.append(e)
    return tuple(out)


def _with(section: Section, old: Event, new: Event) -> tuple[Event, ...]:
    return tuple(new if e is old else e for e in section.events)


def _plain(event: Event) -> Event:
    return replace(event, doubt=Doubt.NONE, unread="")


def _settled(section: Section, event: Event) -> Section:
    """The section with a question answered: on this move, and on those that go on from it with the same words."""

    def alike(e: Event) -> bool:
        same = e.unread and e.unread == event.unread
        return e is event or (e.start, e.role) == (event.start, event.role) or bool(same)

    return replace(section, events=tuple(_plain(e) if alike(e) else e for e in section.events))


def doubtful(section: Section) -> Iterator[tuple[Fraction, Event]]:
    """Moves with a question, in the order of their counts."""
    for event in sorted(section.events, key=lambda e: e.start):
        if event.doubt:
            yield event.start, event
