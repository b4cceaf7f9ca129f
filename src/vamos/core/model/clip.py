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
    NONE = "none"


@dataclass(frozen=True, slots=True)
class Version:
    """How a clip is exported: its speed (1 = the song's) and its sound."""

    speed: Fraction = Fraction(1)
    sound: Sound = Sound.SONG


@dataclass(frozen=True, slots=True)
class Choice:
    """What a person decided for one clip; None keeps what is planned."""

    clip: str
    take: str | None = None
    pass_number: int | None = None
    flip: bool | None = None
    run_up: Fraction | None = None
    run_out: Fraction | None = None
    left_out: bool = False


@dataclass(frozen=True, slots=True)
class Clip:
    """A planned clip.

    ``counts`` is the core range on the song, without run-up and run-out. ``key`` names the clip
    the same way each time it is planned, so that choices stick.
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

    @property
    def shown(self) -> CountRange:
        """The counts shown, with run-up and run-out."""
        return self.counts.widened(self.run_up, self.run_out)
