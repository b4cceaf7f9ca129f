"""What stands over the picture and how the picture is cut: decided once for all clips."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


class Lane(StrEnum):
    """One thing that may stand over the picture."""

    NUMBER = "count"
    PART = "& and a"
    NAME = "name"
    NEXT = "next name"
    FEET = "foot"
    WORD = "sound or lyric word"
    CLOCK = "facing"
    PLACE = "section and wall"
    CALL = "what comes (tag in 4)"
    LABEL = "label"


class Style(StrEnum):
    """Where the counts stand."""

    CORNER = "corner plate"
    STRIP = "strip of the eight"
    FLOOR = "floor line"


class Numbering(StrEnum):
    """How a count is said."""

    SHEET = "as in the sheet"
    EIGHTS = "1 to 8 always"
    SETS = "set numbers"
    HALF = "half-time"
    LOCAL = "from 1 in each clip"


class CountIn(StrEnum):
    """What the counts before the first show and say."""

    SHEET = "as in the sheet"
    FOUR = "5 6 7 8"
    THREE = "6 7 8"
    GO = "5 6 7 go"
    SLOW = "two slow, then four"
    DOWN = "4 3 2 1"

    @property
    def counts(self) -> int:
        """How many counts it needs."""
        return {CountIn.SHEET: 0, CountIn.THREE: 3, CountIn.SLOW: 8}.get(self, 4)


class Shape(StrEnum):
    """The picture's sides."""

    FILMED = "as filmed"
    WIDE = "wide 16:9"
    SQUARE = "square"
    UPRIGHT = "upright 9:16"

    @property
    def aspect(self) -> float | None:
        """Width over height; None keeps that of the film."""
        return {Shape.WIDE: 16 / 9, Shape.SQUARE: 1.0, Shape.UPRIGHT: 9 / 16}.get(self)


USUAL_LANES = (Lane.NUMBER, Lane.PART, Lane.NAME, Lane.NEXT, Lane.CALL, Lane.LABEL)


@dataclass(frozen=True, slots=True)
class Overlay:
    """The lanes that are shown, their style, from how far they are to be read, so many counts ahead a tag, a stop, a
    restart or the ending is called, and how clips are counted in.
    """

    style: Style = Style.CORNER
    lanes: tuple[Lane, ...] = USUAL_LANES
    numbering: Numbering = Numbering.SHEET
    distance_m: float = 2.0
    call_ahead: int = 8
    count_in: CountIn = CountIn.SHEET

    def __post_init__(self) -> None:
        if not 0.3 <= self.distance_m <= 10:
            raise InputError(
                tr("Counts are read from 0.3 to 10 m away, not {distance_m:g}.", distance_m=self.distance_m)
            )
        if not 1 <= self.call_ahead <= 32:
            raise InputError(
                tr("What comes is called 1 to 32 counts ahead, not {call_ahead}.", call_ahead=self.call_ahead)
            )


@dataclass(frozen=True, slots=True)
class NamedLook:
    """What stands over a version of its own, such as ``with feet``: its lanes, in a style (None: the usual one)."""

    name: str
    lanes: tuple[Lane, ...]
    style: Style | None = None

    def __post_init__(self) -> None:
        if not self.name.strip():
            raise InputError(tr("A version with other things over the picture needs a name, such as with feet."))
        # It becomes a part of file names.
        if len(self.name) > 30 or not all(c.isalnum() or c in " -" for c in self.name):
            raise InputError(
                tr(
                    "“{value}” cannot name a version: up to 30 letters, digits, spaces and dashes.",
                    value=self.name[:40],
                )
            )


#: Versions that are often wanted beside the one with counts.
FEET_LOOK = NamedLook("feet", (Lane.NUMBER, Lane.PART, Lane.FEET, Lane.LABEL))
WORDS_LOOK = NamedLook("words", (Lane.NAME, Lane.NEXT, Lane.WORD, Lane.CALL, Lane.LABEL))
CLEAN_LOOK = NamedLook("clean", ())
LOOKS = (FEET_LOOK, WORDS_LOOK, CLEAN_LOOK)


@dataclass(frozen=True, slots=True)
class Framing:
    """The picture's shape; ``follow`` goes close to the dancer and follows slowly, never cutting hands or feet."""

    shape: Shape = Shape.FILMED
    follow: bool = False
