"""Whether passes agree with each other and with the sheet: still where others move, an “&” said where others say none.

Movement is told for each half count of a line, against what the pass usually moves; only what is clearly still on one
side and clearly moving on the other, for a count or longer, is told. Where the sheet holds, it decides
(:mod:`vamos.core.plan.movement`); where it does not, most passes do; where they are even, a person is asked.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from itertools import pairwise
from math import ceil, floor

import numpy as np

from vamos.core.dance.lines import Line
from vamos.core.media.motion import Motion
from vamos.core.model.dance import Kind
from vamos.core.model.disagreement import Disagreement, Side
from vamos.core.model.project import Project
from vamos.core.model.take import Remark
from vamos.core.time import TimeMap, count_text
from vamos.core.time.timemap import Floats
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: What sides do, as it is kept in projects.
IS_STILL, IS_MOVING = marked("still"), marked("moves")
SAYS_AND, SAYS_NONE = marked("says “&”"), marked("says no “&”")
#: Half counts are compared.
CELLS = 2
#: Less than this share of what a pass usually moves is still, more than that is movement.
STILL, MOVES = 0.25, 0.7
#: So many cells in a row make a difference.
LONGEST_FLUKE = 2
#: An “&” lies this near to the half count, in counts.
NEAR_HALF = 0.2


@dataclass(frozen=True, slots=True)
class Danced:
    """A line as a pass dances it: how much moves in each half count (1 is usual), counts after which an “&” is said.

    ``ands`` is None where nobody counts aloud.
    """

    take: str
    line: Line
    moves: Floats
    count_to_take: TimeMap
    ands: frozenset[int] | None = None

    def take_s(self, start: Fraction) -> float:
        return float(self.count_to_take(self.line.start + start))


def moved_in(motion: Motion, count_to_take: TimeMap, line: Line, usual: float) -> Floats:
    """How much moves in each half count of a line, in parts of ``usual``, ``(cells,)``."""
    edges = [float(line.start) + k / CELLS for k in range(int(line.length * CELLS) + 1)]
    at = count_to_take(np.array(edges))
    parts = [motion.between(a, b) for a, b in pairwise(at)]
    return np.array([float(p.mean()) / usual if len(p) else np.nan for p in parts])


def ands_in(said_s: Sequence[float], count_to_take: TimeMap, line: Line) -> frozenset[int]:
    """The counts of a line after which an “&” was said, from the take seconds of all that were."""
    back = count_to_take.inverse()
    places = [float(back(at)) - float(line.start) for at in said_s]
    return frozenset(floor(p) for p in places if 0 <= p < line.length and abs(p % 1 - 0.5) < NEAR_HALF)


@dataclass(frozen=True, slots=True)
class Agreement:
    """What follows: remarks on the takes that stand alone, by their ids, and what has to be asked."""

    remarks: dict[str, tuple[Remark, ...]]
    open: tuple[Disagreement, ...]


def agreement(danced: Sequence[Danced]) -> Agreement:
    """Compare all passes of each section."""
    by_section: dict[str, list[Danced]] = defaultdict(list)
    for one in danced:
        if one.line.section is not None and not one.line.cut:
            by_section[one.line.section.id].append(one)
    remarks: dict[str, list[Remark]] = defaultdict(list)
    asked: list[Disagreement] = []
    for group in by_section.values():
        for found, sheet in (*_differences(group), *_said(group)):
            right = sheet or _most(found)
            if right:
                for take, remark in remarks_of(found, right, group[0].line.title):
                    remarks[take].append(remark)
            else:
                asked.append(found)
    return Agreement({take: tuple(rows) for take, rows in remarks.items()}, tuple(asked))


def open_questions(project: Project) -> dict[str, int]:
    """What is still open, as questions, with the number of each."""
    names = {t.id: t.name for t in project.takes}
    titles = {s.id: s.name for s in project.dance.sections}
    return {
        question_words(d, titles.get(d.section, d.section), names): number
        for number, d in enumerate(project.disagreements)
        if not d.answer
    }


def question_words(found: Disagreement, title: str, names: dict[str, str]) -> str:
    """A disagreement as a question, with the names of the takes."""
    sides = [f"{', '.join(names.get(t, t) for t, _ in side.takes)} {_verb(side)}" for side in found.sides]
    return tr(
        "On {counts} of {title}, {words}. Which is right?",
        counts=counts_words(found),
        title=title,
        words="; ".join(sides),
    )


def _verb(side: Side) -> str:
    many = len(side.takes) > 1
    return {
        IS_STILL: tr("are still") if many else tr("is still"),
        IS_MOVING: tr("move") if many else tr(IS_MOVING),
        SAYS_AND: tr("say “&”") if many else tr(SAYS_AND),
        SAYS_NONE: tr("say none") if many else tr("says none"),
    }.get(side.words, side.words)


def _most(found: Disagreement) -> str:
    """The words of the side that most takes are on; empty when none has twice as many as all others."""
    ranked = sorted(found.sides, key=lambda side: -len(side.takes))
    others = sum(len(side.takes) for side in ranked[1:])
    return ranked[0].words if len(ranked[0].takes) >= 2 * others and len(ranked[0].takes) > others else ""


def remarks_of(found: Disagreement, right: str, title: str) -> Iterator[tuple[str, Remark]]:
    """What is said of the takes on other sides than the right one."""
    for side in found.sides:
        for take, at in side.takes if side.words != right else ():
            yield (
                take,
                Remark(
                    at,
                    tr(
                        "{words} on {counts} of {title}, where others {plain}",
                        words=tr(side.words),
                        counts=counts_words(found),
                        title=title,
                        plain=_plain(right),
                    ),
                ),
            )


def _plain(words: str) -> str:
    others = {IS_STILL: tr(IS_STILL), IS_MOVING: tr("move"), SAYS_AND: tr("say “&”"), SAYS_NONE: tr("say none")}
    return others.get(words, words)


def counts_words(found: Disagreement) -> str:
    """``5`` or ``5 to 6``: the counts of a disagreement as they are said."""
    start = floor(found.start)
    first, last = count_text(Fraction(start)), count_text(Fraction(max(start, ceil(found.end) - 1)))
    return first if first == last else tr("{first} to {last}", first=first, last=last)


def _differences(group: Sequence[Danced]) -> Iterator[tuple[Disagreement, str]]:
    """Stretches in which some takes are still in all their walls and others move, with what the sheet says of them."""
    takes: dict[str, list[Danced]] = defaultdict(list)
    for one in group:
        takes[one.take].append(one)
    cells = min(len(one.moves) for one in group)
    if len(takes) < 2 or not cells:
        return
    levels = {take: np.nanmedian([d.moves[:cells] for d in rows], axis=0) for take, rows in takes.items()}
    still = {take: row < STILL for take, row in levels.items()}
    moves = {take: row > MOVES for take, row in levels.items()}
    differs = np.any(list(still.values()), axis=0) & np.any(list(moves.values()), axis=0)
    line = group[0].line
    for first, end in _runs(differs):
        start, stop = Fraction(first, CELLS), Fraction(end, CELLS)
        if end - first < LONGEST_FLUKE or _held(line, start, stop):
            continue
        sides = []
        for words, flags in ((IS_STILL, still), (IS_MOVING, moves)):
            on = [t for t, row in flags.items() if row[first:end].mean() > 0.5]
            sides.append(Side(words, tuple((t, takes[t][0].take_s(start)) for t in on)))
        if all(side.takes for side in sides):
            yield (
                Disagreement(_section(line), start, stop, tuple(sides)),
                IS_MOVING if _danced(line, start, stop) else "",
            )


def _said(group: Sequence[Danced]) -> Iterator[tuple[Disagreement, str]]:
    """Counts after which some takes say an “&” and others none, with what the sheet says of them."""
    voices = [one for one in group if one.ands is not None]
    line = group[0].line
    for count in range(int(line.length)):
        says: dict[str, list[bool]] = defaultdict(list)
        for one in voices:
            says[one.take].append(count in (one.ands or ()))
        yes = [t for t, rows in says.items() if np.mean(rows) > 0.5]
        no = [t for t, rows in says.items() if not any(rows)]
        if not yes or not no:
            continue
        at = {one.take: one.take_s(Fraction(count)) for one in reversed(voices)}
        sides = (
            Side(SAYS_AND, tuple((t, at[t]) for t in yes)),
            Side(SAYS_NONE, tuple((t, at[t]) for t in no)),
        )
        yield Disagreement(_section(line), Fraction(count), Fraction(count + 1), sides), _and_in_sheet(line, count)


def _section(line: Line) -> str:
    return line.section.id if line.section is not None else ""


def _runs(flags: np.ndarray) -> list[tuple[int, int]]:
    edges = np.flatnonzero(np.diff(np.concatenate([[0], flags.astype(int), [0]])))
    return [(int(a), int(b)) for a, b in zip(edges[::2], edges[1::2], strict=True)]


def _held(line: Line, start: Fraction, end: Fraction) -> bool:
    return any(
        e.kind in (Kind.HOLD, Kind.BREATH) and e.start < end and start < e.start + e.length for _, e in line.events()
    )


def _danced(line: Line, start: Fraction, end: Fraction) -> bool:
    """Whether the sheet names something that begins within some counts."""
    return any(start <= e.start < end and e.kind not in (Kind.HOLD, Kind.BREATH) and e.short for _, e in line.events())


def _and_in_sheet(line: Line, count: int) -> str:
    """What the sheet says of the half after a count; empty when it names nothing in this line."""
    events = [e for _, e in line.events() if e.short]
    if not events:
        return ""
    return SAYS_AND if any(count < e.start < count + 1 for e in events) else SAYS_NONE
