"""What is wished of a lesson: the school it is built in, its length, and what a person changed of the plan."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


class Build(StrEnum):
    """In which pieces the dance is put together."""

    CUMULATIVE = "one more each time: 1, 2, 1–2, 3, 1–3 …"
    BLOCKS = "two by two, then joined"
    LANDMARKS = "to a landmark, then the whole"
    WHOLE_PARTS = "the whole, its parts, the whole"


class Way(StrEnum):
    """How a section is met first."""

    WORDS = "words, then numbers"
    NUMBERS = "numbers, then words"
    SOUNDS = "by lyric or sound"
    FEET = "feet first, then arms"


class Shown(StrEnum):
    """When the whole dance is shown."""

    FIRST = "first"
    LAST = "last"
    BOTH = "first and last"
    NEVER = "not at all"


class Facts(StrEnum):
    """Where walls, tags and restarts are told."""

    UP_FRONT = "up front"
    AT_PLACE = "where they come"
    AFTER = "after the steps"


class Slow(StrEnum):
    """How it gets quicker."""

    RUNGS = "rung by rung to the song’s tempo"
    HALF_TIME = "half-time first, then at the song’s tempo"
    PLAYER = "left to the learner’s player"


class Learners(StrEnum):
    """Who learns: how often everything is danced."""

    ONE = "one learner, at home"
    CLASS = "a class"
    KNOWING = "those who have danced it before"


class StepKind(StrEnum):
    SAY = "say"
    SHOW = "show"
    DO = "do"
    JOIN = "join"
    LADDER = "quicker"
    RECAP = "recap"
    VARIANT = "variant"
    WHOLE = "whole"


@dataclass(frozen=True, slots=True)
class StepChange:
    """What a person changed of a step, by its key; None keeps what is suggested."""

    step: str
    times: int | None = None
    speed: Fraction | None = None
    gap: int | None = None
    words: str | None = None
    left_out: bool = False

    def __post_init__(self) -> None:
        if self.times is not None and not 1 <= self.times <= 32:
            raise InputError(tr("A step is danced 1 to 32 times, not {times}.", times=self.times))
        if self.speed is not None and not Fraction(1, 4) <= self.speed <= Fraction(5, 4):
            raise InputError(tr("A speed must be 25 to 125 %, not {number:.0%}.", number=float(self.speed)))
        if self.gap is not None and not 0 <= self.gap <= 64:
            raise InputError(tr("A gap to practise has 0 to 64 counts, not {gap}.", gap=self.gap))


#: More cannot be said before a gap of eight counts is over.
MOST_TO_SAY = 60


@dataclass(frozen=True, slots=True)
class LessonWish:
    """The school, the wanted length in minutes (None: as long as it gets), and changes.

    ``order`` are keys of steps as a person put them; what it does not name stands where it is suggested. ``cut_after``
    is the id of the section after which part 2 begins; empty: one part. ``gap_song``: the song is heard in gaps to
    practise, too. ``turn_words`` are said and shown there; empty: what Vamos says.
    """

    build: Build = Build.CUMULATIVE
    way: Way = Way.WORDS
    shown: Shown = Shown.BOTH
    facts: Facts = Facts.AT_PLACE
    slow: Slow = Slow.RUNGS
    minutes: float | None = None
    variants: bool = True
    changes: tuple[StepChange, ...] = ()
    order: tuple[str, ...] = ()
    cut_after: str = ""
    learners: Learners = Learners.ONE
    gap_song: bool = False
    turn_words: str = ""

    def __post_init__(self) -> None:
        if self.minutes is not None and not 1 <= self.minutes <= 240:
            raise InputError(tr("A lesson lasts 1 to 240 minutes, not {minutes:g}.", minutes=self.minutes))
        if len(self.turn_words) > MOST_TO_SAY:
            raise InputError(
                tr(
                    "What is said in a gap has at most {most} letters, not {number}.",
                    most=MOST_TO_SAY,
                    number=len(self.turn_words),
                )
            )

    def change(self, step: str) -> StepChange:
        """What was changed of a step."""
        return next((c for c in self.changes if c.step == step), StepChange(step))
