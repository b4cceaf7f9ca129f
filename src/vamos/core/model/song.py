"""The song: a file, and the grid of counts on it.

Positions on the song are counted from the first count of the dance: position 0 is "the 1" of
the first eight that is danced, the lead-in lies at negative positions. One unit is one count.
"""

from __future__ import annotations

import itertools
import math
from dataclasses import dataclass, replace
from fractions import Fraction

from vamos.core.memo import ByIdentity
from vamos.core.time import CountRange, TimeMap, count_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: More counts than this are not read as one line.
LONGEST_LINE = 32
#: Less of a song is not used.
LEAST_USED_S = 5.0
#: Letters of a word or sound of the song.
LONGEST_WORDS = 80


@dataclass(frozen=True, slots=True)
class MediaRef:
    """A file of the user's, named but never copied or changed.

    ``path`` is relative to the project file where possible; ``size`` in bytes, ``duration_s``
    in seconds, ``fingerprint`` a hash of the first and last megabyte.
    """

    path: str
    size: int = 0
    duration_s: float = 0.0
    fingerprint: str = ""

    def __post_init__(self) -> None:
        if self.size < 0 or not (math.isfinite(self.duration_s) and self.duration_s >= 0):
            raise InputError(
                tr(
                    "A file has a size and a length; “{path}” says {size} and {duration_s}.",
                    path=self.path,
                    size=self.size,
                    duration_s=self.duration_s,
                )
            )


@dataclass(frozen=True, slots=True)
class Anchor:
    """A count tied to a second of the song; ``fixed`` when a person put it there."""

    position: Fraction
    song_s: float
    fixed: bool = False


@dataclass(frozen=True, slots=True)
class Break:
    """A stop of the music, as long as ``beats`` of it, before it goes on at ``position + counts``.

    ``counts`` are danced in the silence: as many as fit into it, or none when everybody holds still till it goes on.
    ``beats`` is None where nobody measured it: as long as its counts.
    """

    position: Fraction
    counts: Fraction
    beats: Fraction | None = None

    def __post_init__(self) -> None:
        if self.counts < 0 or (self.beats is None and not self.counts) or (self.beats is not None and self.beats <= 0):
            raise InputError(
                tr(
                    "A stop of the music lasts at least part of a beat; this one keeps {counts} counts.",
                    counts=self.counts,
                )
            )

    @property
    def length(self) -> Fraction:
        """Its length in beats of the music."""
        return self.counts if self.beats is None else self.beats

    @property
    def again(self) -> Fraction:
        """The count the music goes on with."""
        return self.position + self.counts

    @property
    def silent_from(self) -> Fraction:
        """The position from which nothing is heard: a beat after the last one that is struck."""
        return self.position if self.counts else self.again - 1 + 1 / self.last_count

    @property
    def held(self) -> bool:
        """Whether it lasts other than the counts that are danced in it."""
        return self.beats is not None and self.beats != self.counts

    @property
    def last_count(self) -> Fraction:
        """How many beats the last count before the music goes on lasts: it is held for what is left."""
        beats = self.length
        return 1 + beats - self.counts if beats > self.counts else (1 + beats) / (1 + self.counts)

    def beats_left(self, position: Fraction) -> Fraction:
        """Beats from a position in it until the music goes on."""
        left = self.again - position
        return left * self.last_count if left <= 1 else self.last_count + (left - 1) * min(Fraction(1), self.last_count)


@dataclass(frozen=True, slots=True)
class Part:
    """A part of the song from ``position`` to the next part, written in lines of ``line`` counts.

    Parts that sound alike have the same name. ``fixed`` when a person named it.
    """

    position: Fraction
    name: str
    line: int = 8
    fixed: bool = False

    def __post_init__(self) -> None:
        if not 1 <= self.line <= LONGEST_LINE:
            raise InputError(
                tr(
                    "A line has 1 to {longest_line} counts; part “{name}” asks for {line}.",
                    longest_line=LONGEST_LINE,
                    name=self.name,
                    line=self.line,
                )
            )


@dataclass(frozen=True, slots=True)
class Reading:
    """Another way to count a song: its count 0 lies at ``shift`` of the grid it stands in, its counts are
    ``factor`` times as fast. ``sure`` is how likely it is, 0 to 1.
    """

    factor: Fraction
    shift: Fraction
    meter: int = 4
    line: int = 8
    sure: float = 0.0

    def __post_init__(self) -> None:
        if self.factor <= 0 or not 1 <= self.line <= LONGEST_LINE:
            raise InputError(
                tr(
                    "A reading counts {factor} times as fast in lines of {line}; both must be above 0.",
                    factor=self.factor,
                    line=self.line,
                )
            )

    def position(self, at: Fraction) -> Fraction:
        """Where a count of the grid lies in this reading."""
        return (at - self.shift) * self.factor


@dataclass(frozen=True, slots=True, weakref_slot=True)
class Grid:
    """The counts of a song.

    Parameters
    ----------
    anchors : tuple of Anchor
        At least two, increasing in position and in time.
    lead_in : int
        Counts of music before position 0.
    meter : int
        Beats in a bar of the music, 3 or 4.
    line : int
        Counts in a usual line of the page: 8, or 6 in a waltz.
    confidence : float
        0 to 1, for the grid as a whole.
    sureness : tuple of float
        0 to 1 for each line, from the first line of the lead-in on.
    breaks : tuple of Break
    parts : tuple of Part
        In order of position; before the first one, lines have the usual length.
    readings : tuple of Reading
        Other ways to count the song that were heard, the likeliest first.
    """

    anchors: tuple[Anchor, ...]
    lead_in: int = 0
    meter: int = 4
    line: int = 8
    confidence: float = 1.0
    sureness: tuple[float, ...] = ()
    breaks: tuple[Break, ...] = ()
    parts: tuple[Part, ...] = ()
    readings: tuple[Reading, ...] = ()

    def __post_init__(self) -> None:
        if len(self.anchors) < 2:
            raise InputError(tr("A grid needs at least two beats; got {number}.", number=len(self.anchors)))
        if self.line < 1:
            raise InputError(tr("A line needs at least one count; got {line}.", line=self.line))
        if self.lead_in < 0:
            raise InputError(tr("A lead-in cannot have {lead_in} counts.", lead_in=self.lead_in))
        for before, after in itertools.pairwise(self.anchors):
            if not (before.position < after.position and before.song_s < after.song_s):
                raise InputError(_disorder(before, after))
        if not (math.isfinite(self.anchors[0].song_s) and math.isfinite(self.anchors[-1].song_s)):
            raise InputError(tr("Every beat needs a second of the song that is a number."))
        for what, at in (
            (tr("stops of the music"), [b.position for b in self.breaks]),
            ("parts", [p.position for p in self.parts]),
        ):
            if any(a >= b for a, b in itertools.pairwise(at)):
                raise InputError(tr("The {what} must stand in order, each at a count of its own.", what=what))

    def time_map(self) -> TimeMap:
        """Counts → song seconds."""
        return _time_map(self)

    def part_at(self, position: Fraction) -> Part | None:
        """The part a count lies in."""
        return next((p for p in reversed(self.parts) if p.position <= position), None)

    def sureness_at(self, position: Fraction) -> float:
        """How sure the beat is on the line a count lies in, 0 to 1; 1 where nothing was measured."""
        odd = self.lead_in % self.line
        gone = position + self.lead_in - odd
        number = int(gone // self.line) + (odd > 0)
        return self.sureness[number] if 0 <= number < len(self.sureness) else 1.0

    def range(self) -> CountRange:
        """From the first to the last anchored count."""
        return CountRange(self.anchors[0].position, self.anchors[-1].position)

    def bpm(self) -> float:
        """The middle tempo in counts per minute."""
        return _bpm(self)


def _disorder(before: Anchor, after: Anchor) -> str:
    first, second = (count_text(a.position) for a in (before, after))
    return tr(
        "Beats must come one after another: count {second} at {song_s:.2f} s would not come "
        "after count {first} at {song_s2:.2f} s.",
        second=second,
        song_s=after.song_s,
        first=first,
        song_s2=before.song_s,
    )


def _middle_tempo(grid: Grid) -> float:
    counts = [float(a.position) for a in grid.anchors]
    seconds = [a.song_s for a in grid.anchors]
    pieces = zip(itertools.pairwise(counts), itertools.pairwise(seconds), strict=True)
    gaps = sorted(60 * (b - a) / (t - s) for (a, b), (s, t) in pieces)
    return gaps[len(gaps) // 2]


_bpm: ByIdentity[Grid, float] = ByIdentity(_middle_tempo)
_time_map: ByIdentity[Grid, TimeMap] = ByIdentity(
    lambda grid: TimeMap.through([a.position for a in grid.anchors], [a.song_s for a in grid.anchors])
)


@dataclass(frozen=True, slots=True)
class Used:
    """What is used of a song: from ``start_s`` to ``end_s`` (0: to its end), faded out over its last ``fade_s``."""

    start_s: float = 0.0
    end_s: float = 0.0
    fade_s: float = 0.0

    def __post_init__(self) -> None:
        if not all(math.isfinite(s) and s >= 0 for s in (self.start_s, self.end_s, self.fade_s)):
            raise InputError(
                tr("Where a song begins and ends, and how long it fades, are seconds: numbers of 0 or more.")
            )
        if self.end_s and self.end_s - self.start_s < LEAST_USED_S:
            raise InputError(
                tr(
                    "At least {seconds:.0f} s of a song must be used: put its end later, or its beginning earlier.",
                    seconds=LEAST_USED_S,
                )
            )


@dataclass(frozen=True, slots=True)
class Sung:
    """A word that is sung, or a sound that stands out, with the second of the song at which it is heard."""

    song_s: float
    words: str

    def __post_init__(self) -> None:
        if not (math.isfinite(self.song_s) and self.song_s >= 0):
            raise InputError(tr("A word of the song is heard at a second of it: a number of 0 or more."))
        if not self.words.strip() or len(self.words) > LONGEST_WORDS:
            raise InputError(tr("Write the word or the sound that is heard, in at most {n} letters.", n=LONGEST_WORDS))


@dataclass(frozen=True, slots=True, weakref_slot=True)
class Song:
    """A song of the project. ``agreed``: somebody heard that count 1 is a 1, or put it there.

    ``grid`` covers the whole file, :meth:`used_grid` what is used of it; ``sung`` are in order of their seconds.
    """

    media: MediaRef
    title: str = ""
    grid: Grid | None = None
    rights: str = ""
    agreed: bool = False
    used: Used = Used()
    sung: tuple[Sung, ...] = ()

    def used_grid(self) -> Grid | None:
        """The counts of what is used of the song."""
        return _used_grid(self)


def _cut_to_use(song: Song) -> Grid | None:
    grid, used = song.grid, song.used
    if grid is None or used == Used():
        return grid
    # The dance's 1 is never cut off, nor its first eight.
    first = min(used.start_s, grid.time_map()(0))
    anchors = tuple(
        a
        for a in grid.anchors
        if a.song_s >= first - 1e-6 and (not used.end_s or a.song_s <= used.end_s or a.position <= grid.line)
    )
    lead_in = max(0, -math.ceil(anchors[0].position))
    cut = replace(grid, anchors=anchors, lead_in=min(grid.lead_in, lead_in))
    odd = cut.lead_in % cut.line
    starts = [Fraction(-cut.lead_in), *range(odd - cut.lead_in, math.ceil(anchors[-1].position), cut.line)]
    sureness = tuple(grid.sureness_at(Fraction(p)) for p in dict.fromkeys(starts)) if grid.sureness else ()
    edges = cut.range()
    return replace(
        cut,
        sureness=sureness,
        breaks=tuple(b for b in grid.breaks if edges.start < b.position and b.again <= edges.end),
        parts=tuple(p for p in grid.parts if p.position < edges.end),
    )


_used_grid: ByIdentity[Song, Grid | None] = ByIdentity(_cut_to_use)
