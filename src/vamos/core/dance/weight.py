"""Which foot bears the weight, event by event, and the first event that cannot be.

A foot that bears the weight alone cannot step, touch, kick or point. A step moves the weight, a
touch does not, a hop or a bounce stays; on both feet either is free. Where an event says no foot,
a step leaves the weight unknown until the next step tells; so does a section that is not written.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction

from vamos.core.model.dance import Event, Foot, Kind
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: Weight as in Foot; NONE is "not known".
UNKNOWN = Foot.NONE
_OTHER = {Foot.RIGHT: Foot.LEFT, Foot.LEFT: Foot.RIGHT, Foot.BOTH: Foot.BOTH, Foot.NONE: Foot.NONE}
_NAMES = {Foot.RIGHT: marked("right"), Foot.LEFT: marked("left")}


@dataclass(frozen=True, slots=True)
class Stance:
    """The weight after an event; ``wrong`` says why the event cannot be, empty when it can."""

    event: Event
    weight: Foot
    wrong: str = ""


def free(weight: Foot, foot: Foot) -> bool:
    """Whether a foot can be moved from this weight."""
    return foot in (Foot.BOTH, Foot.NONE) or weight is not foot


def after(event: Event, weight: Foot) -> Stance:
    """What an event makes of the weight."""
    foot, kind = event.foot, event.kind
    if kind in (Kind.HOLD, Kind.BREATH) or foot is Foot.NONE:
        moved = kind is Kind.STEP and foot is Foot.NONE
        return Stance(event, UNKNOWN if moved else weight)
    if foot is Foot.BOTH:
        return Stance(event, Foot.BOTH if kind in (Kind.STEP, Kind.TURN, Kind.HOP) else weight)
    if kind is Kind.HOP:
        wrong = "" if weight in (foot, Foot.BOTH, UNKNOWN) else _why(event, weight, "hop")
        return Stance(event, foot, wrong)
    if kind is Kind.TURN:
        # Both feet are on the floor in a pivot: the weight ends on the foot that is named.
        return Stance(event, foot)
    wrong = "" if free(weight, foot) else _why(event, weight, "move")
    if kind is Kind.STEP:
        return Stance(event, foot, wrong)
    return Stance(event, _OTHER[foot] if weight in (Foot.BOTH, UNKNOWN) else weight, wrong)


def _why(event: Event, weight: Foot, verb: str) -> str:
    name = event.name or str(event.kind)
    if verb == "hop":
        return tr(
            "“{name}” hops on the {value} foot, but the weight is on the {value2}",
            name=name,
            value=tr(_NAMES[event.foot]),
            value2=tr(_NAMES[weight]),
        )
    return tr("“{name}” needs the {value} foot, which bears the weight", name=name, value=tr(_NAMES[event.foot]))


def follow(events: Iterable[Event], weight: Foot) -> tuple[Stance, ...]:
    """The weight through events in their order; after an impossible one it goes on as if that had been mended."""
    out: list[Stance] = []
    for event in sorted(events, key=lambda e: e.start):
        stance = after(event, weight)
        if stance.wrong and out and out[-1].wrong and out[-1].event.kind is not Kind.STEP:
            # One slip is told once: the weight that made the move before impossible was the slip.
            other = after(event, _OTHER[weight])
            stance = stance if other.wrong else other
        weight = stance.weight
        out.append(stance)
    return tuple(out)


def weight_at(stances: tuple[Stance, ...], count: Fraction, start: Foot) -> Foot:
    """The weight when everything before ``count`` has been danced."""
    weight = start
    for stance in stances:
        if stance.event.start >= count:
            break
        weight = stance.weight
    return weight


def first_foot(events: Iterable[Event]) -> Event | None:
    """The first event that names a foot it moves."""
    for event in sorted(events, key=lambda e: e.start):
        if event.foot in (Foot.RIGHT, Foot.LEFT) and event.kind not in (Kind.HOLD, Kind.BREATH, Kind.TURN):
            return event
    return None


def can_begin(events: Iterable[Event], weight: Foot) -> bool | None:
    """Whether moves may begin with this weight: the foot they first need is free; None when either is not known."""
    events = tuple(events)
    event = first_foot(events)
    if event is None:
        return True if all(e.kind in (Kind.HOLD, Kind.BREATH) for e in events) else None
    if weight is UNKNOWN:
        return None
    return not after(event, weight).wrong


#: Stands for a section that is not written: any foot may bear the weight after it.
NOT_WRITTEN = Event(Fraction(0), Fraction(0), kind=Kind.STEP)
