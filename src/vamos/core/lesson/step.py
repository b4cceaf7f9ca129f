"""One step of a lesson, and how long it takes."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from vamos.core.model.clip import ClipSound
from vamos.core.model.lesson import StepKind
from vamos.core.model.take import View
from vamos.wording import words_of

tr = words_of(__name__)

#: Counts of count-in before each time something is danced.
COUNT_IN = 4
#: What may be left out, in this order; what is kept stays whatever the wanted length.
VIEWS, MUSIC, REPEATS, VARIANTS, KEPT = 1, 2, 3, 4, 9


@dataclass(frozen=True, slots=True)
class Step:
    """A step over ``sections`` (ids, in order), from count ``first`` of what is learned on, ``counts`` long.

    It is danced ``times`` times at each of ``speeds``, with ``gap`` counts to practise after each; ``talk_s`` is said
    before. ``shows`` are what stands over the picture: counts, words, nothing. ``rank`` says when it is left out first.
    """

    key: str
    kind: StepKind
    title: str
    sections: tuple[str, ...] = ()
    first: Fraction = Fraction(0)
    counts: Fraction = Fraction(0)
    view: View = View.FRONT
    shows: str = "counts"
    speeds: tuple[Fraction, ...] = ()
    sound: ClipSound = ClipSound.NONE
    times: int = 1
    gap: int = 0
    talk_s: float = 0.0
    words: str = ""
    reason: str = ""
    rank: int = KEPT
    half_time: bool = False
    left_out: bool = False
    changed: bool = False

    @property
    def slowest(self) -> Fraction:
        """The slowest it is danced, as a share of the song's tempo; 1 where nothing is danced."""
        return min(self.speeds, default=Fraction(1)) / (2 if self.half_time else 1)

    def danced_s(self, count_s: float) -> float:
        """Seconds of dancing with a count of so many seconds at the song's tempo, count-ins and gaps included."""
        once = sum((float(self.counts) + COUNT_IN) * count_s / float(speed) for speed in self.speeds)
        if self.half_time:
            once *= 2
        return self.times * (once + len(self.speeds) * self.gap * count_s)

    def seconds(self, count_s: float) -> float:
        """How long it takes."""
        return 0.0 if self.left_out else self.talk_s + self.danced_s(count_s)

    def how_often(self) -> str:
        """``2 × at 60 %, 75 %`` in words; empty where nothing is danced."""
        if not self.speeds:
            return ""
        speeds = ", ".join(f"{round(float(s) * 100)} %" for s in self.speeds)
        return f"{self.times} × " * (self.times > 1) + (
            tr("half-time, {speeds}", speeds=speeds) if self.half_time else speeds
        )
