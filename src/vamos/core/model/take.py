"""Takes: files of footage, the passes in them, and what can be seen in each stretch."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace
from enum import StrEnum
from itertools import pairwise

from vamos.core.memo import ByIdentity
from vamos.core.model.ids import id_from
from vamos.core.model.song import Grid, MediaRef
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: Sound travels this fast at 20 °C (CRC Handbook of Chemistry and Physics).
SOUND_M_PER_S = 343.0
#: A loudspeaker farther away than this is a slip of the hand.
FARTHEST_M = 100.0


#: A placement below this confidence is a question, not an answer.
SURE = 0.5


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

    ``lettering``: there is writing in the picture, which a flip would turn round. ``guessed``: nobody said the view,
    and the file's name does not.
    """

    start_take_s: float = 0.0
    view: View = View.FRONT
    danced: Danced = Danced.OWN
    in_mirror: bool = False
    already_flipped: bool = False
    trouble: str = ""
    spoken: Spoken = Spoken.NONE
    lettering: bool = False
    guessed: bool = False


@dataclass(frozen=True, slots=True)
class Pass:
    """A stretch of a take that runs through some counts of the dance once.

    ``clock`` maps take seconds to song seconds (kind song) or to counts (kind counted).
    ``residual_s`` is the middle error of the placement, ``rate`` song seconds per take second.
    ``also_at_song_s`` are other places of the song, for the pass's first moment, that fit as well.
    ``still_s`` is how long the picture is still before the first count danced and after the last, ``tall`` how tall the
    dancer is in it, as a share of its height; None when nobody looked. ``id`` stays when it is moved, renumbered or
    placed again; what refers to a pass uses it.
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
    tall: float | None = None
    id: str = ""

    def __post_init__(self) -> None:
        if not self.id:
            start, end = self.take_range.start_s, self.take_range.end_s
            where = (round(start, 2), round(end, 2), round(float(self.clock(start)), 2))
            object.__setattr__(self, "id", id_from(self.kind, *where))


@dataclass(frozen=True, slots=True)
class Remark:
    """Something the picture shows at a moment of a take, in words."""

    take_s: float
    text: str


@dataclass(frozen=True, slots=True)
class SaidSide:
    """“right” or “left”, called at a moment of a take."""

    take_s: float
    side: str


@dataclass(frozen=True, slots=True)
class BetterSound:
    """Another recording of what is heard in a take; ``clock`` maps take seconds to its own."""

    media: MediaRef
    clock: TimeMap


@dataclass(frozen=True, slots=True)
class Take:
    """One file of footage.

    ``remarks`` are what was noticed in its picture, None when nobody looked. ``id`` is what it was called when it
    came and stays when the name changes; everything that refers to a take uses it. ``sides_said`` are the sides called
    in it, None when nobody listened. ``better`` is a recording that is listened to instead of the film's own sound.
    ``part`` is what of the film the take is, where it was split; None is all of it.
    """

    name: str
    media: MediaRef
    stretches: tuple[Stretch, ...] = (Stretch(),)
    passes: tuple[Pass, ...] = ()
    looked_for_passes: bool = False
    speaker_m: float = 0.0
    remarks: tuple[Remark, ...] | None = None
    id: str = ""
    sides_said: tuple[SaidSide, ...] | None = None
    better: BetterSound | None = None
    part: TimeRange | None = None

    def __post_init__(self) -> None:
        if not self.name.strip():
            raise InputError(tr("A take needs a name."))
        if not self.id:
            object.__setattr__(self, "id", self.name)
        if not self.stretches:
            raise InputError(
                tr("Take “{name}” says nothing of what it shows; it needs at least one stretch.", name=self.name)
            )
        if any(a.start_take_s >= b.start_take_s for a, b in pairwise(self.stretches)):
            raise InputError(tr("The marks on take “{name}” must stand in the order of its seconds.", name=self.name))
        if len({p.id for p in self.passes}) < len(self.passes):
            object.__setattr__(self, "passes", _told_apart(self.passes))
        if not 0 <= self.speaker_m <= FARTHEST_M:
            raise InputError(
                tr(
                    "A loudspeaker stands 0 to {farthest_m:g} m away, not {speaker_m:g}.",
                    farthest_m=FARTHEST_M,
                    speaker_m=self.speaker_m,
                )
            )

    @property
    def whole(self) -> TimeRange:
        """What of its film the take is."""
        return self.part or TimeRange(0.0, self.media.duration_s)

    def between_passes(self, shortest_s: float = 3.0) -> tuple[TimeRange, ...]:
        """Stretches of at least ``shortest_s`` in which nothing is danced to the song or counted: talk, waiting."""
        edges = [self.whole.start_s]
        for p in sorted(self.passes, key=lambda p: p.take_range.start_s):
            edges += [p.take_range.start_s, p.take_range.end_s]
        edges.append(self.whole.end_s)
        pairs = zip(edges[::2], edges[1::2], strict=True)
        return tuple(TimeRange(a, b) for a, b in pairs if b - a >= shortest_s)

    def stretch_at(self, at_take_s: float) -> Stretch:
        """The stretch in force at a time of the take."""
        later = (s for s in reversed(self.stretches) if s.start_take_s <= at_take_s)
        return next(later, self.stretches[0])

    def end_of(self, stretch: Stretch) -> float:
        """Where a stretch ends: where the next one begins, or never."""
        return min((s.start_take_s for s in self.stretches if s.start_take_s > stretch.start_take_s), default=math.inf)


def _told_apart(passes: tuple[Pass, ...]) -> tuple[Pass, ...]:
    """Passes of which no two have the same id; the first of two keeps it."""
    used: set[str] = set()
    out = []
    for number, the_pass in enumerate(passes):
        if the_pass.id in used:
            the_pass = replace(the_pass, id=id_from(the_pass.id, number))
        used.add(the_pass.id)
        out.append(the_pass)
    return tuple(out)


def renewed(passes: tuple[Pass, ...], before: tuple[Pass, ...]) -> tuple[Pass, ...]:
    """Passes found again: one that lies over more than half of one from before, of its kind, is that one."""
    left = list(before)
    out = []
    for new in passes:

        def shared(old: Pass, new: Pass = new) -> float:
            shorter = min(old.take_range.length_s, new.take_range.length_s)
            return new.take_range.overlap_s(old.take_range) / shorter if old.kind is new.kind and shorter > 0 else 0.0

        same = max(left, key=shared, default=None)
        if same is not None and shared(same) > 0.5:
            left.remove(same)
            new = replace(new, id=same.id)
        out.append(new)
    return tuple(out)


#: Passes by their identity, with their maps, for each grid that is alive.
_maps_on = ByIdentity[Grid, dict[int, tuple[Pass, TimeMap]]](lambda _grid: {})


def counts_to_take(the_pass: Pass, grid: Grid) -> TimeMap:
    """Counts on the song → take seconds, for either kind of pass; worked out once for each."""
    if the_pass.kind is not PassKind.SONG:
        return the_pass.clock.inverse()
    kept = _maps_on(grid)
    found = kept.get(id(the_pass))
    if found is None or found[0] is not the_pass:
        found = kept[id(the_pass)] = (the_pass, grid.time_map().then(the_pass.clock.inverse()))
    return found[1]
