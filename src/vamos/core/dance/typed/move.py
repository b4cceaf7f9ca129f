"""One move in words, as far as it was understood."""

from __future__ import annotations

from msgspec import Struct

from vamos.core.model.dance import StepPattern


class Move(Struct, frozen=True):
    """One move in words: what it does, with which feet, how it turns, and what of it was not understood.

    ``kind`` is step, other (the foot that is free after the last), touch, hop, pivot, free, hand, hold, figure,
    again (all before it, ``times``) or empty.
    ``feet`` is R, L, B (both), E (either); ``row``: they follow each other. ``size`` is in eighths, ``target`` a wall.
    ``unknown`` are words taken only as a name, ``slips`` those read as their neighbour in spelling.
    """

    kind: str = ""
    figure: StepPattern | None = None
    name: tuple[str, ...] = ()
    feet: tuple[str, ...] = ()
    row: bool = False
    size: int | None = None
    way: str = ""
    side: str = ""
    times: int = 0
    target: int | None = None
    turned: bool = False
    hand: bool = False
    unknown: tuple[str, ...] = ()
    slips: tuple[str, ...] = ()
    #: The words of the figure alone, without where it goes.
    called: str = ""
    #: “touch L, L back”: a foot and where it goes behind a touch of that foot; it touches again, or steps.
    open: bool = False
    #: “walk, walk, touch starting L”: the foot the row begins with.
    led: str = ""
    #: “¼ turn L, scuff R”: the turn stands in front, apart from what is danced.
    ahead: bool = False
    #: “1/4 turn on each”: so it turns on every count.
    each: bool = False
    #: “over 2 counts”: so many counts it lasts.
    lasts: int = 0
    #: Where the weight of a known step is said to end.
    bears: str = ""

    @property
    def turns(self) -> bool:
        """Whether a turn is spoken of."""
        own = self.figure is not None and any(e.turn != 0 for e in self.figure.events)
        return self.size is not None or self.turned or self.kind == "pivot" or own or self.target is not None

    @property
    def says(self) -> bool:
        """Whether anything was said at all."""
        return bool(
            self.kind
            or self.feet
            or self.size is not None
            or self.turned
            or self.unknown
            or self.target is not None
            or self.side
            or self.way
            or self.name
        )
