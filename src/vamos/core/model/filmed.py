"""What was filmed when, as the filming companion logged it."""

from __future__ import annotations

import math
from dataclasses import dataclass
from enum import StrEnum

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


class Verdict(StrEnum):
    """What one thought of it right after."""

    OPEN = "not said"
    GOOD = "good"
    AGAIN = "again"


@dataclass(frozen=True, slots=True)
class FilmedTake:
    """One time something was danced for the camera.

    ``rolled`` is when the camera ran, ``heard`` when the song's second ``song_s`` was heard, ``stopped`` when the song
    was over or stopped: seconds since 1970 by this computer's clock. ``what`` is what was filmed, in words.
    """

    what: str
    rolled: float
    heard: float
    song_s: float
    stopped: float
    verdict: Verdict = Verdict.OPEN
    note: str = ""

    def __post_init__(self) -> None:
        if not self.rolled <= self.heard <= self.stopped:
            raise InputError(tr("A camera runs before the song is heard, and the song is heard before it stops."))
        if not 0 <= self.song_s < math.inf:
            raise InputError(tr("A song has no second {song_s:g}.", song_s=self.song_s))

    @property
    def song_end_s(self) -> float:
        """The song's second when it stopped."""
        return self.song_s + self.stopped - self.heard
