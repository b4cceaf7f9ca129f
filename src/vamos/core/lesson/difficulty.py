"""How hard a section is, and why: from its moves, turns, weight, and what was taught before it.

How quickly moves follow, how far turns go and what is new decide how often and how slow a section is practised. The
weights are common practice, no source; that tempo is raised in steps from where it can be done without a slip is the
usual finding for sequences of movements (R. A. Schmidt, T. D. Lee, Motor Control and Learning, on part practice).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from itertools import pairwise

from vamos.core.dance.weight import follow
from vamos.core.model.dance import Event, Foot, Kind, Section
from vamos.wording import words_of

tr = words_of(__name__)

#: Words for what is danced on the floor; and for directions.
_FLOOR = ("floor", "kneel", "knee drop", "roll", "slide down", "split")
_WAYS = ("side", "forward", "back", "cross", "diagonal", "in place")
#: Moves a second from which the slowest rung is 50, 60, 75 and 90 %.
_RUNGS = ((3.2, Fraction(1, 2)), (2.4, Fraction(3, 5)), (1.7, Fraction(3, 4)), (1.2, Fraction(9, 10)))
#: A score from which a section is hard, and from which it is easy below.
HARD, EASY = 0.55, 0.25


@dataclass(frozen=True, slots=True)
class Difficulty:
    """How hard a section is, 0 to 1, why, in words, and the moves a second in its two busiest counts."""

    score: float
    reasons: tuple[str, ...]
    busiest: float

    @property
    def times(self) -> int:
        """How often it is danced at one speed: once, twice, four times."""
        return 4 if self.score >= HARD else 1 if self.score < EASY else 2

    @property
    def slowest(self) -> Fraction:
        """The speed it is practised at first."""
        return next((speed for limit, speed in _RUNGS if self.busiest >= limit), Fraction(1))


def difficulty(section: Section, bpm: float, known: frozenset[str] = frozenset(), walls: int = 1) -> Difficulty:
    """The difficulty of a section at a tempo in counts a minute, when moves called ``known`` have been taught.

    ``walls`` is how often it comes in the song: what comes most is practised most, so it is no harder but said.
    """
    moves = [e for e in sorted(section.events, key=lambda e: e.start) if e.kind not in (Kind.HOLD, Kind.BREATH)]
    if not moves:
        return Difficulty(0.4, (tr("its moves are not written"),), 0.0)
    busiest = _busiest(moves, section.length) / (2 * 60 / bpm)
    found = [
        (
            min(0.35, 0.14 * max(0.0, busiest - 1)),
            tr("{busiest:.1f} moves a second where it is busiest", busiest=busiest),
        ),
        *_turns(moves),
        *_weight(moves),
        *_places(moves),
    ]
    new = dict.fromkeys(e.short for e in moves if e.short and e.short not in known)
    if known and new:
        found.append(
            (
                0.06 * min(3, len(new)),
                tr("new: {words}{words2}", words=", ".join(list(new)[:3]), words2=" …" if len(new) > 3 else ""),
            )
        )
    if walls > 4:
        found.append((0.0, tr("comes {walls} times in the song", walls=walls)))
    told = [(points, words) for points, words in found if points > 0.03 or (points == 0 and words)]
    return Difficulty(min(1.0, sum(points for points, _ in found)), tuple(words for _, words in told), busiest)


def _busiest(moves: Sequence[Event], length: int) -> int:
    """The most moves that begin within two counts."""
    return max(sum(k <= e.start < k + 2 for e in moves) for k in range(max(1, length - 1)))


def _turns(moves: Sequence[Event]) -> list[tuple[float, str]]:
    out = []
    turned = [abs(e.turn or 0) or e.size for e in moves]
    largest = max(turned, default=0)
    if largest >= 4:
        words = tr("a full turn or more") if largest >= 8 else tr("a half turn or more")
        out.append((0.25 if largest >= 8 else 0.15, words))
    elif largest:
        out.append((0.05, tr("a quarter turn")))
    if any(e.turn is None for e in moves):
        out.append((0.05, tr("a turn whose direction is open")))
    return out


def _weight(moves: Sequence[Event]) -> list[tuple[float, str]]:
    """Puzzles of the weight: a touch after steps, the same foot twice."""
    out = []
    feet = [
        (a, b) for a, b in pairwise(moves) if Foot.NONE not in (a.foot, b.foot) and Foot.BOTH not in (a.foot, b.foot)
    ]
    touches = sum(a.kind is Kind.STEP and b.kind is Kind.TOUCH for a, b in feet)
    same = sum(a.foot is b.foot for a, b in feet)
    if touches:
        out.append((min(0.12, 0.04 * touches), tr("touches after steps")))
    if same:
        out.append((min(0.15, 0.05 * same), tr("the same foot twice")))
    if any(s.wrong for s in follow(moves, Foot.NONE)):
        out.append((0.05, tr("a weight that does not go on")))
    return out


def _places(moves: Sequence[Event]) -> list[tuple[float, str]]:
    """Off-beat starts, changes of direction, the floor."""
    out = []
    off = sum(e.start.denominator > 1 for e in moves)
    if off:
        out.append((min(0.2, 0.05 * off), tr("starts between the counts")))
    ways = [w for e in moves for w in _WAYS if w in e.name.lower()]
    changes = sum(a != b for a, b in pairwise(ways))
    if changes >= 3:
        out.append((0.05, tr("changes of direction")))
    if any(word in e.name.lower() for e in moves for word in _FLOOR):
        out.append((0.2, tr("work on the floor")))
    return out


def rungs(slowest: Fraction, most: float = 1.25) -> tuple[Fraction, ...]:
    """Speeds from the slowest to the song's own, no rung more than a quarter above the one before."""
    known = tuple(Fraction(p, 100) for p in (50, 60, 75, 90, 100))
    found = [s for s in known if s >= slowest] or [Fraction(1)]
    assert all(float(b / a) <= most + 1e-9 for a, b in pairwise(found))
    return tuple(found)
