"""What the lines of a sheet were taken for, and the dance they make."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from vamos.core.model.dance import Dance


class LineIs(StrEnum):
    """What a line of a sheet was taken for."""

    EMPTY = "empty"
    NAME = "name"
    FACT = "fact"
    HEAD = "head"
    MOVES = "moves"
    RESTART = "restart"
    TAG = "tag"
    ASIDE = "aside"
    #: Moves that cannot be read.
    OPEN = "open"


@dataclass(frozen=True, slots=True)
class SheetLine:
    """A line, what it was taken for, the section it belongs to, and what is told of it."""

    number: int
    text: str
    taken: LineIs
    section: str = ""
    told: str = ""


@dataclass(frozen=True, slots=True)
class TextRead:
    """A sheet that was read: the dance, each line, the song it names, remarks."""

    dance: Dance
    lines: tuple[SheetLine, ...]
    song: str = ""
    remarks: tuple[str, ...] = ()
