"""Where learners who turn with the dancer cannot see the screen, and whether a dance goes to one side only."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from vamos.core.dance.facing import joined, turned_to
from vamos.core.model.dance import Dance, Foot, Kind
from vamos.core.time import CountRange
from vamos.wording import words_of

tr = words_of(__name__)

#: Headings from which the screen is not seen, in eighths: three eighths to either side and the half turn; at a quarter
#: turn one sees it over the shoulder (common practice, no source).
_AWAY = frozenset({3, 4, 5})
#: So many turns, hops or kicks all to one side are worth a word.
_ONE_SIDED = 3
#: Turns that are counted for it: a quarter and more.
_TURN = 2


def away(dance: Dance) -> dict[str, tuple[int, ...]]:
    """For each section of a wall, by its id, the counts (from 1) on which a learner looks away from the screen.

    The wall begins at the screen. A turn whose direction is open counts as away when it may be: it is said rather than
    missed. After one whose size is open nothing is known.
    """
    out: dict[str, tuple[int, ...]] = {}
    headings = frozenset({0})
    for section in dance.wall_sections() or dance.sections:
        counts = []
        for count in range(section.length):
            # Where one stands in the middle of the count: a turn on it is under way or done.
            until = Fraction(2 * count + 1, 2)
            now = joined(headings, turned_to(section, CountRange(Fraction(-8), until)))
            if now & _AWAY:
                counts.append(count + 1)
        out[section.id] = tuple(counts)
        headings = joined(headings, turned_to(section, CountRange(Fraction(-8), Fraction(section.length))))
    return out


def away_words(counts: Sequence[int]) -> str:
    """Counts in words: ``counts 3 to 6, and 8``; empty for none."""
    if not counts:
        return ""
    runs: list[list[int]] = []
    for count in counts:
        if runs and count == runs[-1][-1] + 1:
            runs[-1].append(count)
        else:
            runs.append([count])
    said = [tr("{value} to {value2}", value=r[0], value2=r[-1]) if len(r) > 1 else str(r[0]) for r in runs]
    return f"{'counts' if len(counts) > 1 else 'count'} {', '.join(said[:-1])}{', and ' * (len(said) > 1)}{said[-1]}"


def one_sided(dance: Dance) -> str:
    """What goes to one side only in a wall, in a sentence's beginning; empty when nothing does."""
    events = [e for s in dance.wall_sections() or dance.sections for e in s.events]
    turns = [e.turn for e in events if e.turn is not None and abs(e.turn) >= _TURN]
    if len(turns) >= _ONE_SIDED and len({t > 0 for t in turns}) == 1:
        return tr(
            "All {number} turns go to the {words}", number=len(turns), words=tr("right") if turns[0] > 0 else tr("left")
        )
    feet = [e.foot for e in events if e.kind is Kind.HOP and e.foot in (Foot.LEFT, Foot.RIGHT)]
    if len(feet) >= _ONE_SIDED and len(set(feet)) == 1:
        return tr(
            "All {number} hops are on the {words} foot",
            number=len(feet),
            words=tr("right") if feet[0] is Foot.RIGHT else tr("left"),
        )
    return ""
