"""Common steps: default counts, feet with weight, net turn, in the words of this program.

Each is written for the right foot; the other side is the same with feet and turns swapped
(:func:`on_side`). A row is ``name | count foot what [turn], …``: a foot alone steps, ``touch`` and
the like leave the weight. Names, counts and weights are common practice, no source; teachers
differ, so a dance may carry steps of its own that go before these.
"""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from dataclasses import replace
from fractions import Fraction
from functools import lru_cache
from itertools import pairwise
from math import ceil

from vamos.core.model.dance import Event, Foot, Kind, StepPattern

_ROWS = """
walk | 1 R forward
shuffle | 1 R step, & L close, 2 R step
side shuffle | 1 R side, & L close, 2 R side
turning shuffle | 1 R step, & L close 1/4, 2 R step 1/4
locking shuffle | 1 R step, & L lock behind, 2 R step
lindy | 1 R side, & L close, 2 R side, 3 L rock back, 4 R recover
vine | 1 R side, 2 L behind, 3 R side, 4 L touch
turning vine | 1 R side 1/4, 2 L step 1/2, 3 R side 1/4, 4 L touch
vine with a quarter | 1 R side, 2 L behind, 3 R forward 1/4, 4 L scuff
weave | 1 R cross, 2 L side, 3 R behind, 4 L side
weave behind | 1 R behind, 2 L side, 3 R cross, 4 L side
rock step | 1 R rock, 2 L recover
rock back | 1 R rock back, 2 L recover
side rock | 1 R rock side, 2 L recover
cross rock | 1 R rock across, 2 L recover
rocking chair | 1 R rock forward, 2 L recover, 3 R rock back, 4 L recover
mambo | 1 R rock forward, & L recover, 2 R back
back mambo | 1 R rock back, & L recover, 2 R forward
side mambo | 1 R rock side, & L recover, 2 R close
coaster | 1 R back, & L close, 2 R forward
turning coaster | 1 R back 1/4, & L close, 2 R forward
sailor | 1 R behind, & L side, 2 R side
turning sailor | 1 R behind 1/4, & L side, 2 R side
anchor | 1 R behind, & L in place, 2 R in place
triple in place | 1 R step, & L step, 2 R step
jazz box | 1 R cross, 2 L back, 3 R side, 4 L forward
jazz box with a quarter | 1 R cross, 2 L back, 3 R side 1/4, 4 L forward
jazz box with a touch | 1 R cross, 2 L back, 3 R side, 4 L touch
V-step | 1 R out, 2 L out, 3 R in, 4 L in
A-step | 1 R diagonal back, 2 L touch, 3 L diagonal forward, 4 R touch
K-step | 1 R forward out, 2 L touch, 3 L back in, 4 R touch, 5 R back out, 6 L touch, 7 L forward in, 8 R touch
rumba box | 1 R side, 2 L close, 3 R forward, 5 L side, 6 R close, 7 L back
half rumba box | 1 R side, 2 L close, 3 R forward
box step | 1 R forward, 2 L side, 3 R close, 4 L back, 5 R side, 6 L close
waltz basic | 1 R forward, 2 L close, 3 R close
waltz back | 1 R back, 2 L close, 3 R close
twinkle | 1 R cross, 2 L side, 3 R side
balance step | 1 R side, 2 L rock behind, 3 R recover
pivot half | 1 R forward, 2 L pivot -1/2
pivot quarter | 1 R forward, 2 L pivot -1/4
step turn step | 1 R forward, & L pivot -1/2, 2 R forward
full turn | 1 R step 1/2, 2 L step 1/2
rolling turn | 1 R side 1/4, 2 L step 1/2, 3 R side 1/4
paddle quarter | 1 R touch -1/8, & R hitch, 2 R touch -1/8
unwind half | 1 R touch across, 2 both unwind -1/2
monterey half | 1 R touch side, 2 R close 1/2, 3 L touch side, 4 L close
monterey quarter | 1 R touch side, 2 R close 1/4, 3 L touch side, 4 L close
kick ball change | 1 R kick, & R ball, 2 L step
kick ball cross | 1 R kick, & R ball, 2 L cross
kick ball step | 1 R kick, & R ball, 2 L forward
ball change | & R ball, 1 L step
heel ball change | 1 R heel, & R close, 2 L step
heel switches | 1 R heel, & R close, 2 L heel, & L close
toe switches | 1 R touch side, & R close, 2 L touch side, & L close
heel grind | 1 R grind, 2 L recover
heel strut | 1 R heel, 2 R drop
toe strut | 1 R toe, 2 R drop
point and step | 1 R point, 2 R step
cross point | 1 R cross, 2 L point
step touch | 1 R side, 2 L touch
step hitch | 1 R forward, 2 L hitch
step kick | 1 R forward, 2 L kick
step scuff | 1 R forward, 2 L scuff
step lock step | 1 R forward, 2 L lock behind, 3 R forward
dorothy step | 1 R diagonal forward, 2 L lock behind, & R step
chase turn | 1 R forward, & L pivot -1/2, 2 R forward
charleston | 1 R forward, 2 L kick, 3 L back, 4 R touch
grapevine hop | 1 R side, 2 L behind, 3 R side, 4 R hop
heel bounces | 1 both bounce, 2 both bounce
hip bumps | 1 R bump, & L bump, 2 R bump
sway | 1 R sway, 2 L sway
stomps | 1 R stomp, 2 L stomp
stomp up | 1 R stomp up (stays)
scissor step | 1 R side, & L close, 2 R cross
out out in in | & R out, 1 L out, & R in, 2 L in
syncopated jump | & R jump, 1 L land
side together | 1 R side, 2 L close
drag and touch | 1 R big side, 2 L drag (stays)
"""

_SIZES = {"1/8": 1, "1/4": 2, "3/8": 3, "1/2": 4, "3/4": 6}
#: Words after a name that say where it goes and leave the step what it is.
_WHERETO = ("forward", "fwd", "back", "side", "left", "right", "diagonal", "in", "out", "place")
_TOUCHES = ("touch", "kick", "heel", "hitch", "scuff", "point", "toe", "drag", "stays")
_HOPS = ("hop", "bounce")
_TURNS = ("pivot", "unwind")


@lru_cache(maxsize=1)
def library() -> Mapping[str, StepPattern]:
    """All common steps by name."""
    return {step.name: step for step in map(_step, filter(None, _ROWS.strip().splitlines()))}


def _step(row: str) -> StepPattern:
    name, moves = (part.strip() for part in row.split("|"))
    events: list[Event] = []
    at = Fraction(-1)
    for move in moves.split(","):
        count, foot, *words = move.split()
        if count == "&":
            at += Fraction(1, 2)
        else:
            at = Fraction(int(count) - 1)
        turn = 0
        if words and words[-1].lstrip("-") in _SIZES:
            size = words.pop()
            turn = _SIZES[size.lstrip("-")] * (-1 if size.startswith("-") else 1)
        what = " ".join(w for w in words if w != "(stays)")
        events.append(Event(at, name=what or "step", cue="", foot=Foot(foot), kind=_kind(words), turn=turn))
    lengths = [b.start - a.start for a, b in pairwise(events)]
    # The last move fills its count: an ``&`` lasts to the next number.
    lengths.append(ceil(events[-1].start) - events[-1].start or Fraction(1))
    sized = tuple(replace(e, length=min(Fraction(1), n)) for e, n in zip(events, lengths, strict=True))
    return StepPattern(name, sized[-1].start + sized[-1].length, sized)


def _kind(words: Iterable[str]) -> Kind:
    plain = [w.strip("()") for w in words]
    if "stays" in plain or (plain and plain[0] in _TOUCHES):
        return Kind.TOUCH
    if any(w in _HOPS for w in plain):
        return Kind.HOP
    if any(w in _TURNS for w in plain):
        return Kind.TURN
    return Kind.STEP


def find_step(name: str, own: Mapping[str, StepPattern]) -> StepPattern | None:
    """The step of a name, a teacher's own before the common one.

    Case and hyphens do not matter, nor a direction behind the name (``shuffle fwd``), the word step, a plural, or
    another common name (``grapevine``, ``triple step``, ``sailor step``).
    """
    wanted = _plain(name)
    while wanted:
        for form in _forms(wanted):
            for steps in (own, library()):
                for known, step in steps.items():
                    if _plain(known) == form:
                        return step
        shorter, _, last = wanted.rpartition(" ")
        wanted = shorter if last in _WHERETO else ""
    return None


#: Other common names of the same steps.
_ALIASES = {
    "grapevine": "vine",
    "triple": "shuffle",
    "triple step": "shuffle",
    "chasse": "side shuffle",
    "side triple": "side shuffle",
    "rocking horse": "rocking chair",
    "v": "v step",
    "rock": "rock step",
    "rock recover": "rock step",
    "rock forward": "rock step",
    "rock back recover": "rock back",
    "rock side recover": "side rock",
    "rock side": "side rock",
    "basic waltz": "waltz basic",
    "half pivot": "pivot half",
    "pivot 1/2": "pivot half",
    "pivot 1/2 turn": "pivot half",
    "pivot ½": "pivot half",
    "pivot 1/4": "pivot quarter",
    "pivot ¼": "pivot quarter",
    "jazz square": "jazz box",
    "rolling vine": "turning vine",
    "rolling grapevine": "turning vine",
    "turning grapevine": "turning vine",
    "monterey 1/2": "monterey half",
    "monterey ½": "monterey half",
    "monterey 1/4": "monterey quarter",
    "monterey ¼": "monterey quarter",
    "paddle 1/4": "paddle quarter",
    "paddle ¼": "paddle quarter",
    "unwind 1/2": "unwind half",
    "unwind ½": "unwind half",
    "step touches": "step touch",
    "side touch": "step touch",
    "cross points": "cross point",
    "heel switch": "heel switches",
    "hip bump": "hip bumps",
    "mambo forward": "mambo",
    "forward mambo": "mambo",
    "mambo back": "back mambo",
    "mambo side": "side mambo",
    "lock step": "step lock step",
    "step lock": "step lock step",
    "kick ball": "kick ball change",
    "heel jack": "heel switches",
}


def first_move_alone(name: str, pattern: StepPattern) -> bool:
    """Whether a name is also that of the step's first move: “rock back” is the rock of a rock step."""
    said = set(_plain(name).split()) - set(_WHERETO)
    return said <= set(_plain(pattern.events[0].name).split())


def _forms(wanted: str) -> Iterator[str]:
    """A name, its singular, without the word step, and what else it is called."""
    for form in (wanted, wanted.removesuffix("s"), wanted.removesuffix(" steps").removesuffix(" step")):
        yield form
        if form in _ALIASES:
            yield _ALIASES[form]


def _plain(name: str) -> str:
    return " ".join(name.lower().replace("-", " ").split())


def suggestions(typed: str, own: Mapping[str, StepPattern], most: int = 8) -> tuple[str, ...]:
    """Names that go on from what was typed, then names that contain it."""
    wanted = _plain(typed)
    names = list(dict.fromkeys([*own, *library()]))
    begin = [n for n in names if _plain(n).startswith(wanted)]
    inside = [n for n in names if wanted in _plain(n) and n not in begin]
    return tuple([*begin, *inside][:most]) if wanted else ()


_SWAP = {Foot.RIGHT: Foot.LEFT, Foot.LEFT: Foot.RIGHT, Foot.BOTH: Foot.BOTH, Foot.NONE: Foot.NONE}


def swapped(event: Event) -> Event:
    """The same on the other side: foot, turn and body angle swapped; an unknown turn stays unknown."""
    turn = None if event.turn is None else -event.turn
    return replace(event, foot=_SWAP[event.foot], turn=turn, angle=-event.angle)


def on_side(step: StepPattern, foot: Foot) -> StepPattern:
    """A step begun on the right or on the left foot."""
    if foot is not Foot.LEFT:
        return step
    return replace(step, events=tuple(swapped(e) for e in step.events))
