"""A clip: a range of counts in one view, from one pass."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from vamos.core.model.take import View
from vamos.core.time import CountRange


class Sound(StrEnum):
    """What is heard with a clip."""

    SONG = "song"
    CLICKS = "clicks"
    VOICE = "counting voice"
    ROOM = "room"
    NONE = "none"


class Look(StrEnum):
    """For doing: with counts. For watching: nothing over the picture but its label, softened."""

    DO = "with counts"
    WATCH = "to watch"


class Arrangement(StrEnum):
    """How many pictures a version shows, all in step."""

    ONE = "one picture"
    BESIDE = "front and back side by side"
    FEET = "feet in a corner"


@dataclass(frozen=True, slots=True)
class Version:
    """How a clip is exported: its speed (1 = the song's), its sound, its look.

    ``half_time``: the dance at half the count rate while the music keeps its speed. ``as_filmed``: not flipped,
    beside the one that is.
    """

    speed: Fraction = Fraction(1)
    sound: Sound = Sound.SONG
    look: Look = Look.DO
    arrangement: Arrangement = Arrangement.ONE
    half_time: bool = False
    as_filmed: bool = False

    @property
    def picture_speed(self) -> Fraction:
        """How fast the dancer moves."""
        return self.speed / 2 if self.half_time else self.speed


@dataclass(frozen=True, slots=True)
class NamedRange:
    """Counts a person wants as a clip of their own, on the song: an eight, two walls, from the top to here."""

    name: str
    counts: CountRange


@dataclass(frozen=True, slots=True)
class Choice:
    """What a person decided for one clip; None keeps what is planned.

    A run-up below 0 begins inside the range, a run-out below 0 ends inside it. ``nudge_start`` and
    ``nudge_end`` move the edges by so many frames of the output, + later.
    """

    clip: str
    take: str | None = None
    pass_number: int | None = None
    flip: bool | None = None
    run_up: Fraction | None = None
    run_out: Fraction | None = None
    left_out: bool = False
    nudge_start: int | None = None
    nudge_end: int | None = None


@dataclass(frozen=True, slots=True)
class Clip:
    """A planned clip.

    ``counts`` is the core range on the song, without run-up and run-out. ``key`` names the clip
    the same way each time it is planned, so that choices stick. ``nudge`` are frames of the output by
    which start and end are later.
    """

    key: str
    title: str
    line: int
    counts: CountRange
    view: View
    take: str
    pass_number: int
    run_up: Fraction
    run_out: Fraction
    flip: bool
    label: str
    reasons: tuple[str, ...] = ()
    problems: tuple[str, ...] = ()
    alternatives: tuple[tuple[str, int], ...] = ()
    nudge: tuple[int, int] = (0, 0)

    @property
    def shown(self) -> CountRange:
        """The counts shown, with run-up and run-out."""
        return self.counts.widened(self.run_up, self.run_out)
