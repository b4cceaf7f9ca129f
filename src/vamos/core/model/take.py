"""Takes: files of footage, the passes in them, and what can be seen in each stretch."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from vamos.core.model.song import Grid, MediaRef
from vamos.core.time import TimeMap, TimeRange

#: Sound travels this fast at 20 °C (CRC Handbook of Chemistry and Physics).
SOUND_M_PER_S = 343.0


class View(StrEnum):
    """From where the camera sees the dancer."""

    FRONT = "front"
    BACK = "back"
    LEFT = "left side"
    RIGHT = "right side"
    FEET = "feet"


class Danced(StrEnum):
    OWN = "own sides"
    MIRRORED = "performed mirrored"


class Spoken(StrEnum):
    """Whose right and left the words in a take mean."""

    NONE = "no sides said"
    DANCER = "the dancer's own sides"
    LEARNER = "the learner's sides"


class PassKind(StrEnum):
    """What a pass was danced to."""

    SONG = "song"
    COUNTED = "counted"


@dataclass(frozen=True, slots=True)
class Stretch:
    """What holds from ``start_take_s`` until the next stretch begins.

    ``lettering``: there is writing in the picture, which a flip would turn round.
    """

    start_take_s: float = 0.0
    view: View = View.FRONT
    danced: Danced = Danced.OWN
    in_mirror: bool = False
    already_flipped: bool = False
    trouble: str = ""
    spoken: Spoken = Spoken.NONE
    lettering: bool = False


@dataclass(frozen=True, slots=True)
class Pass:
    """A stretch of a take that runs through some counts of the dance once.

    ``clock`` maps take seconds to song seconds (kind song) or to counts (kind counted).
    ``residual_s`` is the middle error of the placement, ``rate`` song seconds per take second.
    ``also_at_song_s`` are other places of the song, for the pass's first moment, that fit as well.
    ``still_s`` is how long the picture is still before the first count danced and after the last; None
    when nobody looked.
    """

    kind: PassKind
    take_range: TimeRange
    clock: TimeMap
    confidence: float = 0.0
    residual_s: float = 0.0
    rate: float = 1.0
    reason: str = ""
    also_at_song_s: tuple[float, ...] = ()
    still_s: tuple[float, float] | None = None


@dataclass(frozen=True, slots=True)
class Seen:
    """Something the picture shows at a moment of a take, in words."""

    take_s: float
    text: str


@dataclass(frozen=True, slots=True)
class Take:
    """One file of footage; ``seen`` is what was noticed in its picture, None when nobody looked."""

    name: str
    media: MediaRef
    stretches: tuple[Stretch, ...] = (Stretch(),)
    passes: tuple[Pass, ...] = ()
    looked_for_passes: bool = False
    speaker_m: float = 0.0
    seen: tuple[Seen, ...] | None = None

    def between_passes(self, shortest_s: float = 3.0) -> tuple[TimeRange, ...]:
        """Stretches of at least ``shortest_s`` in which nothing is danced to the song or counted: talk, waiting."""
        edges = [0.0]
        for p in sorted(self.passes, key=lambda p: p.take_range.start_s):
            edges += [p.take_range.start_s, p.take_range.end_s]
        edges.append(self.media.duration_s)
        pairs = zip(edges[::2], edges[1::2], strict=True)
        return tuple(TimeRange(a, b) for a, b in pairs if b - a >= shortest_s)

    def stretch_at(self, at_take_s: float) -> Stretch:
        """The stretch in force at a time of the take."""
        found = self.stretches[0]
        for stretch in self.stretches:
            if stretch.start_take_s <= at_take_s:
                found = stretch
        return found


def counts_to_take(the_pass: Pass, grid: Grid) -> TimeMap:
    """Counts on the song → take seconds, for either kind of pass."""
    if the_pass.kind is PassKind.SONG:
        return grid.time_map().then(the_pass.clock.inverse())
    return the_pass.clock.inverse()
