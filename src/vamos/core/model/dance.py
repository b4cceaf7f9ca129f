"""The dance on paper: events in sections, sections in parts, parts over the song.

Turns are signed eighths of a full turn: + clockwise (to the right), − over the left shoulder.
``None`` is a turn whose direction nobody stated; the application asks and does not guess.
"""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from vamos.core.time import Feel
from vamos.errors import InputError


class Foot(StrEnum):
    RIGHT = "R"
    LEFT = "L"
    BOTH = "both"
    NONE = ""


class Kind(StrEnum):
    """What an event does with the weight; a step takes it, a touch does not."""

    STEP = "step"
    TOUCH = "touch"
    HOP = "hop"
    TURN = "turn"
    HOLD = "hold"
    BREATH = "breath"
    FREE = "free"


@dataclass(frozen=True, slots=True)
class Event:
    """One thing danced, at ``start`` counts from the start of its section."""

    start: Fraction
    length: Fraction = Fraction(1)
    name: str = ""
    cue: str = ""
    foot: Foot = Foot.NONE
    kind: Kind = Kind.FREE
    turn: int | None = 0
    angle: int = 0
    lyric: str = ""
    note: str = ""
    easier: str = ""
    harder: str = ""
    caution: str = ""

    def __post_init__(self) -> None:
        if self.length < 0:
            raise InputError(f"An event cannot last {self.length} counts.")

    @property
    def short(self) -> str:
        """The cue word, or the name where there is none."""
        return self.cue or self.name


@dataclass(frozen=True, slots=True)
class Section:
    """Counts that belong together, usually an eight; any length is allowed."""

    name: str
    length: int = 8
    events: tuple[Event, ...] = ()
    feel: Feel = Feel.STRAIGHT

    def __post_init__(self) -> None:
        if self.length < 1:
            raise InputError(f"Section “{self.name}” needs at least one count, not {self.length}.")


class ItemKind(StrEnum):
    WALL = "wall"
    TAG = "tag"
    HOLD = "hold"
    ENDING = "ending"


@dataclass(frozen=True, slots=True)
class Item:
    """One entry of the sequence: a wall, a tag, a hold or the ending.

    ``sections`` are names; ``restart_after`` cuts a wall short after so many counts;
    ``counts`` is the length of a hold.
    """

    kind: ItemKind
    sections: tuple[str, ...] = ()
    name: str = ""
    restart_after: int | None = None
    counts: int = 0


@dataclass(frozen=True, slots=True)
class Dance:
    """A dance: its sections and how they run over the song."""

    name: str = ""
    sections: tuple[Section, ...] = ()
    sequence: tuple[Item, ...] = ()
    start_weight: Foot = Foot.LEFT
    credits: str = ""
    level: str = ""
    rights: str = ""

    def section(self, name: str) -> Section:
        """The section called ``name``.

        Raises
        ------
        InputError
            when there is none.
        """
        for section in self.sections:
            if section.name == name:
                return section
        known = ", ".join(s.name for s in self.sections) or "none"
        raise InputError(f"The sequence names section “{name}”; the dance has: {known}.")
