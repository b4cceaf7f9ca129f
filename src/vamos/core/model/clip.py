"""A clip: a range of counts in one view, from one pass."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from vamos.core.model.look import NamedLook
from vamos.core.model.take import View
from vamos.core.time import CountRange
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


class ClipSound(StrEnum):
    """What is heard with a clip."""

    SONG = "song"
    CLICKS = "clicks"
    VOICE = "counting voice"
    ROOM = "room"
    NONE = "none"


#: The languages of the counting voice (ISO 639-1); see :mod:`vamos.core.render.languages`.
VOICES = ("en", "de", "es", "fr", "it", "pt", "nl", "pl", "cs", "sv", "da", "fi", "hu", "tr")


@dataclass(frozen=True, slots=True)
class Mix:
    """What lies over the song, and how much of it is heard.

    ``clicks``, ``voice`` and ``room`` (what the film heard: feet, the teacher's words) are levels, 0 (none) to 1 (as
    loud as the song); so is ``calls``, a voice that says ahead what comes where learners cannot see the screen, and
    before each tag and restart; ``excerpt_s`` leaves so many seconds of each clip's song from its first count on (None:
    all of it). ``language`` is that of the counting voice (ISO 639-1).
    """

    clicks: float = 0.0
    voice: float = 0.0
    excerpt_s: float | None = None
    language: str = "en"
    room: float = 0.0
    calls: float = 0.0

    def __post_init__(self) -> None:
        if self.language not in VOICES:
            raise InputError(
                tr(
                    "The counting voice speaks {words}, not “{value}”.",
                    words=", ".join(VOICES),
                    value=self.language[:20],
                )
            )
        for level in (self.clicks, self.voice, self.room, self.calls):
            if not 0 <= level <= 1:
                raise InputError(tr("A level is 0 to 1, not {level:g}.", level=level))
        if self.excerpt_s is not None and not 1 <= self.excerpt_s <= 600:
            raise InputError(tr("An excerpt lasts 1 to 600 seconds, not {excerpt_s:g}.", excerpt_s=self.excerpt_s))

    def hears_room(self, sound: ClipSound) -> bool:
        """Whether what a film heard is part of what is heard with a clip."""
        return sound is ClipSound.ROOM or (sound is ClipSound.SONG and self.room > 0)


class Quality(StrEnum):
    """How much of the picture is kept, by where it is watched."""

    HALL = "for the hall"
    PHONE = "for the phone"
    SMALL = "small"


class Look(StrEnum):
    """For doing: with counts. For watching: nothing over the picture but its label, softened."""

    DO = "with counts"
    PLAIN = "to watch"


class Arrangement(StrEnum):
    """How many pictures a version shows, all in step."""

    ONE = "one picture"
    BESIDE = "front and back side by side"
    FEET = "feet in a corner"


@dataclass(frozen=True, slots=True)
class Version:
    """How a clip is exported: its speed (1 = the song's), its sound, its look.

    ``half_time`` and ``double_time``: the dance at half or twice the count rate while the music keeps its speed.
    ``as_filmed``: not flipped,
    beside the one that is. ``shows``: other things over the picture than usual.
    """

    speed: Fraction = Fraction(1)
    sound: ClipSound = ClipSound.SONG
    look: Look = Look.DO
    arrangement: Arrangement = Arrangement.ONE
    half_time: bool = False
    as_filmed: bool = False
    shows: NamedLook | None = None
    double_time: bool = False

    @property
    def pace(self) -> Fraction:
        """Counts danced in a count of the music."""
        return Fraction(1, 2) if self.half_time else Fraction(2 if self.double_time else 1)

    @property
    def picture_speed(self) -> Fraction:
        """How fast the dancer moves."""
        return self.speed * self.pace


@dataclass(frozen=True, slots=True)
class NamedRange:
    """Counts a person wants as a clip of their own, on the song: an eight, two walls, from the top to here.

    ``id`` is what it was called first and stays when it is renamed.
    """

    name: str
    counts: CountRange
    id: str = ""

    def __post_init__(self) -> None:
        if not self.name.strip():
            raise InputError(tr("A clip of your own needs a name, such as chorus or the join."))
        if self.counts.length <= 0:
            raise InputError(tr("The clip “{name}” has no counts.", name=self.name))
        if not self.id:
            object.__setattr__(self, "id", self.name)


@dataclass(frozen=True, slots=True)
class Choice:
    """What a person decided for one clip; None keeps what is planned.

    ``clip`` is the clip's key, ``take`` the take's id, ``pass_id`` that of its pass (None: any of the take). A run-up
    below 0 begins inside the range, a run-out below 0 ends inside it. ``nudge_start`` and ``nudge_end`` move the edges
    by so many frames of the output, + later.
    """

    clip: str
    take: str | None = None
    pass_id: str | None = None
    flip: bool | None = None
    run_up: Fraction | None = None
    run_out: Fraction | None = None
    left_out: bool = False
    nudge_start: int | None = None
    nudge_end: int | None = None
    #: What spoke against the clip and was looked at and found right, as ``Clip.asks`` names it.
    looked: tuple[str, ...] | None = None


#: A card stands for so many counts at most.
LONGEST_CARD = 32
#: So many letters can be read in that time.
MOST_ON_A_CARD = 200


@dataclass(frozen=True, slots=True)
class Cards:
    """For how many counts cards stand in a run-through; 0 is none.

    ``title`` before the run-up and ``end`` after the run-out fill the picture; ``section`` and ``tag`` (a tag, a stop,
    a restart, the ending) stand at its edge where each begins, and the dance goes on. ``title_words`` and ``end_words``
    are the teacher's own, above what is known of the dance.
    """

    title: int = 0
    section: int = 0
    tag: int = 0
    end: int = 0
    title_words: str = ""
    end_words: str = ""

    def __post_init__(self) -> None:
        for words in (self.title_words, self.end_words):
            if len(words) > MOST_ON_A_CARD:
                raise InputError(
                    tr("A card holds {most} letters of your own, not {number}.", most=MOST_ON_A_CARD, number=len(words))
                )
        for counts in (self.title, self.section, self.tag, self.end):
            if not 0 <= counts <= LONGEST_CARD:
                raise InputError(
                    tr(
                        "A card stands for 0 to {longest_card} counts, not {counts}.",
                        longest_card=LONGEST_CARD,
                        counts=counts,
                    )
                )


@dataclass(frozen=True, slots=True)
class ClipCard:
    """A card of a clip: when it stands, and what it says; ``full`` ones take the whole picture."""

    counts: CountRange
    title: str
    words: str = ""
    full: bool = False


#: The key, subject and title of the run-through.
RUN_THROUGH = "run-through"


@dataclass(frozen=True, slots=True)
class RunThrough:
    """What is wished of the run-through: whether there is one, its view (None: the one filmed most), from and to which
    count of the dance, and its cards.
    """

    wanted: bool = True
    view: View | None = None
    first: Fraction | None = None
    last: Fraction | None = None
    cards: Cards = Cards()

    def __post_init__(self) -> None:
        if self.view not in (None, View.FRONT, View.BACK):
            raise InputError(tr("A run-through is seen from the front or from the back."))
        if self.first is not None and self.last is not None and self.last <= self.first:
            raise InputError(tr("A run-through ends after it begins."))


@dataclass(frozen=True, slots=True)
class Piece:
    """Counts of a clip that come from one pass; ``take`` is an id."""

    counts: CountRange
    take: str
    pass_number: int
    view: View
    flip: bool
    label: str


@dataclass(frozen=True, slots=True)
class Clip:
    """A planned clip.

    ``subject`` is what it shows: the id of a section or of a range, or the music at a second of the song; with the
    view it makes the ``key``, which is the same each time it is planned, so that choices stick. ``counts`` is the
    core range on the song, without run-up and run-out. ``take`` and ``alternatives`` are ids of takes. ``nudge``
    are frames of the output by which start and end are later. ``pieces`` follow each other without a gap where the
    clip is made of several passes; take, view, flip and label are then those of the longest one. ``mark`` says how good
    the pass is, 0 to 100; ``other_marks`` are those of the alternatives, with what speaks against each.
    """

    key: str
    subject: str
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
    pieces: tuple[Piece, ...] = ()
    mark: int = 100
    other_marks: tuple[tuple[int, str], ...] = ()
    cards: tuple[ClipCard, ...] = ()
    looked: tuple[str, ...] = ()

    @property
    def asks(self) -> tuple[str, ...]:
        """What a person has to look at: problems of this pass, side and edges that nobody found right yet."""
        now = f"{self.take} {self.pass_number} {self.flip} {self.run_up} {self.run_out} {self.nudge}: "
        return tuple(now + problem for problem in self.problems if now + problem not in self.looked)

    def card_at(self, position: Fraction) -> ClipCard | None:
        """The card that stands at a count; one that fills the picture comes first."""
        standing = [c for c in self.cards if c.counts.contains(position)]
        return max(standing, key=lambda c: c.full, default=None)

    def label_at(self, position: Fraction) -> str:
        """What a learner reads at a count."""
        inside = [p.label for p in self.pieces if p.counts.start <= position]
        return inside[-1] if inside else self.pieces[0].label if self.pieces else self.label

    @property
    def shown(self) -> CountRange:
        """The counts shown, with run-up and run-out."""
        return self.counts.widened(self.run_up, self.run_out)

    @property
    def filmed(self) -> CountRange:
        """The counts of which a film is seen: without cards that fill the picture."""
        whole, full = self.shown, [c.counts for c in self.cards if c.full]
        start = max((c.end for c in full if c.start <= whole.start), default=whole.start)
        end = min((c.start for c in full if c.end >= whole.end), default=whole.end)
        return CountRange(start, max(start, end))


def clip_key(subject: str, view: View) -> str:
    """The key of the clip that shows a subject in a view."""
    return f"{subject} · {view}"
