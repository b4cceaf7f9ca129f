"""What the lines of a sheet were taken for, and the dance they make."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass, replace
from enum import StrEnum

from vamos.core.model.dance import Dance
from vamos.wording import words_of

tr = words_of(__name__)


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


def empty_told(lines: list[SheetLine], empty: Collection[str]) -> list[SheetLine]:
    """Lines, where the head of a section without a move says so: its words may have been meant to be danced."""
    told = tr("No moves of it are understood; its counts are empty. Write them such as “1-4 vine R”.")
    return [
        replace(x, told=told) if x.taken in (LineIs.HEAD, LineIs.TAG) and x.section in empty and not x.told else x
        for x in lines
    ]
