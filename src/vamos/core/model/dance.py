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
from vamos.wording import words_of

tr = words_of(__name__)


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


class Doubt(StrEnum):
    """What has to be asked about a move that was typed."""

    NONE = ""
    #: Words that were taken only as a name.
    NAME = "only a name"
    FOOT = "which foot"
    COUNTS = "on which counts"
    FIGURE = "taught differently"
    SIDE = "which side"
    TURNS = "turns each time"
    READINGS = "two readings"
    #: The weight is said to end elsewhere.
    WEIGHT = "weight said otherwise"
    ASIDE = "a remark"
    #: Words that were typed and are danced nowhere.
    LOST = "left out"
    LINE = "not understood"


@dataclass(frozen=True, slots=True)
class Event:
    """One thing danced, at ``start`` counts from the start of its section.

    ``role`` is for whom it is in a dance of partners; empty for everyone. ``size`` is how far a turn
    goes, in eighths, whose direction nobody stated (``turn`` is None then). ``unread`` are words of what was typed that
    were taken only as a name, ``doubt`` what has to be asked about it.
    """

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
    role: str = ""
    size: int = 0
    unread: str = ""
    doubt: Doubt = Doubt.NONE

    def __post_init__(self) -> None:
        if self.length < 0:
            raise InputError(tr("A move cannot last {length} counts.", length=self.length))

    @property
    def short(self) -> str:
        """The cue word, or the name where there is none."""
        return self.cue or self.name


@dataclass(frozen=True, slots=True)
class StepPattern:
    """A step that has a name: what it does when it begins on the right foot.

    Its other side is the same with feet and turns swapped. ``events`` start at 0.
    """

    name: str
    length: Fraction
    events: tuple[Event, ...]


@dataclass(frozen=True, slots=True)
class ShortWord:
    """What a short word stands for in a dance: KBC, kick ball change."""

    short: str
    means: str

    def __post_init__(self) -> None:
        for words, parting in ((self.short, ",;|=\n"), (self.means, ";|=\n")):
            if not words.strip(" ,") or words != words.strip(" ,") or not set(parting).isdisjoint(words):
                raise InputError(
                    tr("“{words}” cannot be a short word or its meaning: ; | and = part them.", words=words)
                )


@dataclass(frozen=True, slots=True)
class MoveSet:
    """Other moves over counts [start, start + length) of a section, which then goes on as written."""

    name: str
    start: Fraction
    length: Fraction
    events: tuple[Event, ...] = ()


@dataclass(frozen=True, slots=True, weakref_slot=True)
class Section:
    """Counts that belong together, usually an eight; any length is allowed.

    ``id`` is what it was called first and stays when it is renamed; clips and decisions belong to it. Within the
    dance, sequence and parts name sections, as a sheet does.
    """

    name: str
    length: int = 8
    events: tuple[Event, ...] = ()
    feel: Feel = Feel.STRAIGHT
    others: tuple[MoveSet, ...] = ()
    id: str = ""

    def __post_init__(self) -> None:
        if not self.id:
            object.__setattr__(self, "id", self.name)
        if self.length < 1:
            raise InputError(
                tr("Section “{name}” needs at least one count, not {length}.", name=self.name, length=self.length)
            )


class ItemKind(StrEnum):
    WALL = "wall"
    PART = "part"
    TAG = "tag"
    HOLD = "hold"
    ENDING = "ending"


def kind_by_name(name: str) -> ItemKind | None:
    """What a section is by its name alone: ``tag 1`` and ``bridge`` are tags, ``ending`` is the ending."""
    lower = name.lower()
    if lower.startswith(("tag", "bridge")):
        return ItemKind.TAG
    return ItemKind.ENDING if lower.startswith("ending") else None


@dataclass(frozen=True, slots=True)
class Pause:
    """The music stops inside a wall: ``counts`` are kept after ``after`` counts of it."""

    after: int
    counts: int

    def __post_init__(self) -> None:
        if self.after < 1 or self.counts < 1:
            raise InputError(
                tr(
                    "A stop keeps at least 1 count after at least 1, not {counts} after {after}.",
                    counts=self.counts,
                    after=self.after,
                )
            )


@dataclass(frozen=True, slots=True)
class Item:
    """One entry of the sequence: a wall, a part of a phrased dance, a tag, a hold or the ending.

    ``sections`` are names, for a wall none means the whole dance; ``restart_after`` cuts it short
    after so many counts; ``counts`` is the length of a hold; ``optional`` blocks may be left out.
    """

    kind: ItemKind
    sections: tuple[str, ...] = ()
    name: str = ""
    restart_after: int | None = None
    counts: int = 0
    pauses: tuple[Pause, ...] = ()
    optional: bool = False

    def __post_init__(self) -> None:
        if self.restart_after is not None and self.restart_after < 1:
            raise InputError(
                tr("A restart comes after at least 1 count, not {restart_after}.", restart_after=self.restart_after)
            )
        if self.counts < 0:
            raise InputError(tr("A hold cannot last {counts} counts.", counts=self.counts))


@dataclass(frozen=True, slots=True)
class DancePart:
    """A part of a phrased dance: a letter or name for sections in their order."""

    name: str
    sections: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class Stated:
    """What somebody says of the dance; compared with what the sheet gives. None: nothing said."""

    walls: int | None = None
    counts: int | None = None
    tags: int | None = None
    restarts: int | None = None


@dataclass(frozen=True, slots=True, weakref_slot=True)
class Dance:
    """A dance: its sections and how they run over the song.

    ``parts`` group sections of a phrased dance. ``starts_on`` says in words where in the song the
    dancing starts. ``start_weight`` NONE means: so that the first move is possible. ``steps`` are
    steps of the teacher's own, beside the common ones. ``start_heading`` is where the dance faces when it begins, in
    eighths, ``partner_heading`` where the second role does, None where that is nothing else. ``words`` are short
    ones for what is often danced.
    """

    name: str = ""
    sections: tuple[Section, ...] = ()
    sequence: tuple[Item, ...] = ()
    start_weight: Foot = Foot.NONE
    credits: str = ""
    level: str = ""
    rights: str = ""
    parts: tuple[DancePart, ...] = ()
    stated: Stated = Stated()
    starts_on: str = ""
    links: tuple[str, ...] = ()
    steps: tuple[StepPattern, ...] = ()
    start_heading: int = 0
    partner_heading: int | None = None
    words: tuple[ShortWord, ...] = ()

    def __post_init__(self) -> None:
        names = [s.name for s in self.sections]
        twice = next((n for n in names if names.count(n) > 1), None)
        if twice is not None:
            raise InputError(tr("Two sections are called “{twice}”; each needs a name of its own.", twice=twice))
        if len({s.id for s in self.sections}) < len(names):
            raise InputError(tr("Two sections have the same id."))
        short = [w.short.lower() for w in self.words]
        again = next((w for w in self.words if short.count(w.short.lower()) > 1), None)
        if again is not None:
            raise InputError(tr("“{short}” is explained twice; each short word needs one meaning.", short=again.short))
        known = set(names)
        for where, wanted in (
            *(("sequence", i.sections) for i in self.sequence),
            *((tr("part “{name}”", name=p.name), p.sections) for p in self.parts),
        ):
            unknown = next((n for n in wanted if n not in known), None)
            if unknown is not None:
                written = ", ".join(names) or tr("none")
                raise InputError(
                    tr(
                        "The {where} names section “{unknown}”; the dance has: {written}.",
                        where=where,
                        unknown=unknown,
                        written=written,
                    )
                )

    def wall_sections(self) -> tuple[Section, ...]:
        """What one wall dances: that of the first wall that says so, else every section in order.

        Sections called tag, bridge or ending, and those the sequence uses as such, are not part of a wall.
        """
        walls = [i for i in self.sequence if i.kind is ItemKind.WALL and i.sections]
        if walls:
            return tuple(self.section(n) for n in walls[0].sections)
        used = {n for i in self.sequence if i.kind is not ItemKind.WALL for n in i.sections}
        return tuple(s for s in self.sections if s.name not in used and kind_by_name(s.name) is None)

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
        known = ", ".join(s.name for s in self.sections) or tr("none")
        raise InputError(tr("The sequence names section “{name}”; the dance has: {known}.", name=name, known=known))
