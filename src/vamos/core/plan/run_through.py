"""The run-through: the whole dance in one clip, line by line from the passes that are good there.

The cheapest way through all lines is taken: a pass costs what is wrong with it on a line, another view than the
others costs more, and each join costs something, least between walls and where one stands still. What no pass shows
ends the run-through; what is shown with trouble is told.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from itertools import groupby, pairwise

from vamos.core.dance.lines import Line
from vamos.core.model.clip import RUN_THROUGH, Choice, Clip, Piece, RunThrough
from vamos.core.model.dance import Kind
from vamos.core.model.take import PassKind, Stretch, View
from vamos.core.plan.coverage import EARLY_S, LATE_S, Candidate, Coverage, choice_for, subject_id, subject_title
from vamos.core.plan.flip import choose_flip
from vamos.core.time import CountRange
from vamos.wording import plural, words_of

tr = words_of(__name__)

#: Shorter than this is not worth calling a run-through.
_SHORTEST = Fraction(12)
#: Counts before the first one that are shown where they were filmed, and after the last.
_RUN_UP, _RUN_OUT = Fraction(4), Fraction(2)
#: What things cost: a join; more where it is inside a wall; in a hold or beside a turn; another view; per count.
_JOIN, _INSIDE, _BUSY, _VIEW = 0.6, 0.5, 1.0, 3.0
#: What a pass gains that a person chose for a line, or for all of it.
_CHOSEN = 8.0
#: Where one stands still a join is seen least.
_STILL = 0.3
#: What a pass loses or gains a count, in eighths of its score: a line of eight weighs as much as its score.
_LINE = Fraction(8)


@dataclass(frozen=True, slots=True)
class _Option:
    """A line as one pass shows it."""

    line: Line
    found: Candidate
    view: View
    flip: bool
    label: str
    cost: float


def plan_run_through(
    coverage: Coverage | None, choices: tuple[Choice, ...] = (), wish: RunThrough | None = None
) -> Clip | None:
    """The dance, or the wished part of it, as far as it was filmed without a gap; None when that is very little."""
    wish = wish or RunThrough()
    if coverage is None or not wish.wanted:
        return None
    said = next((c for c in choices if c.clip == RUN_THROUGH), Choice(RUN_THROUGH))
    if said.left_out:
        return None
    lines = [x for x in coverage.lines if x.kind.danced and _wished(x, wish)]
    view = wish.view or _main_view(coverage, lines)
    options = [_options(coverage, line, view, choices, said, wish) for line in lines]
    stretches = [list(group) for there, group in groupby(options, key=bool) if there]
    best = max(stretches, key=lambda rows: sum(row[0].line.length for row in rows), default=[])
    if sum(row[0].line.length for row in best) < _SHORTEST:
        return None
    return _clip(coverage, _cheapest(coverage, best), lines, said)


def _wished(line: Line, wish: RunThrough) -> bool:
    after = wish.first is None or line.counts.end > wish.first
    return after and (wish.last is None or line.start < wish.last)


def _main_view(coverage: Coverage, lines: list[Line]) -> View:
    """Front where as much of the dance was filmed well from there as from the back."""
    counts = {View.FRONT: Fraction(0), View.BACK: Fraction(0)}
    for line in lines:
        for view in {_said(c).view for c in _to_the_song(coverage, line) if c.score > 0} & counts.keys():
            counts[view] += line.length
    return View.FRONT if counts[View.FRONT] >= counts[View.BACK] else View.BACK


def _to_the_song(coverage: Coverage, line: Line) -> list[Candidate]:
    """Passes danced to the song that show a line, whatever side of the dancer is seen there."""
    found = (c for row in coverage.candidates((line,)).values() for c in row)
    return [c for c in found if c.the_pass.kind is PassKind.SONG]


def _said(candidate: Candidate) -> Stretch:
    """How the camera stands. A dancer who turns shows other sides, but a picture is not flipped in mid-dance."""
    return candidate.take.stretch_at(candidate.count_to_take(float(candidate.line.start)))


def _options(
    coverage: Coverage, line: Line, view: View, choices: tuple[Choice, ...], said: Choice, wish: RunThrough
) -> list[_Option]:
    """The passes to the song that show a line, each with what it costs."""
    clock = coverage.grid.time_map()
    line_s = clock(line.counts.end) - clock(line.start)
    out = []
    for candidate in _to_the_song(coverage, line):
        stretch = _said(candidate)
        if stretch.view not in (View.FRONT, View.BACK) or wish.view not in (None, stretch.view):
            continue
        chosen = choice_for(choices, subject_id(line, clock), candidate.seen.view, float(line_s))
        same_side = candidate.seen.view is stretch.view
        asked = said.flip if said.flip is not None else chosen.flip if chosen is not None and same_side else None
        flip = choose_flip(stretch, asked)
        score = candidate.score
        if chosen is not None and chosen.take == candidate.take.id:
            # A pass that was chosen for the clip of this line is the one to see here as well.
            score += _CHOSEN if chosen.pass_id == candidate.the_pass.id else 0.5
        score += _CHOSEN * (said.take == candidate.take.id)
        weight = float(line.length / _LINE)
        cost = -score * weight + _VIEW * weight * (stretch.view is not view)
        out.append(_Option(line, candidate, stretch.view, flip.flip, flip.label, cost))
    return out


def _cheapest(coverage: Coverage, rows: list[list[_Option]]) -> list[_Option]:
    """One option a line, so that lines and joins together cost least."""
    costs = [option.cost for option in rows[0]]
    back: list[list[int]] = []
    for before, row in pairwise(rows):
        join = _join_cost(coverage, before[0].line, row[0].line)
        came, new = [], []
        for option in row:
            ways = [
                cost + (0.0 if _goes_on(other, option) else join) for cost, other in zip(costs, before, strict=True)
            ]
            best = min(range(len(ways)), key=ways.__getitem__)
            came.append(best)
            new.append(ways[best] + option.cost)
        back.append(came)
        costs = new
    at = min(range(len(costs)), key=costs.__getitem__)
    chosen = [rows[-1][at]]
    for row, came in zip(reversed(rows[:-1]), reversed(back), strict=True):
        at = came[at]
        chosen.append(row[at])
    return chosen[::-1]


def _goes_on(a: _Option, b: _Option) -> bool:
    return a.found.key == b.found.key and a.flip == b.flip and a.label == b.label


def _join_cost(coverage: Coverage, before: Line, line: Line) -> float:
    """What a join between two lines costs."""
    cost = _JOIN + _INSIDE * (before.item == line.item)
    if coverage.hold_cut_at(line.start) is not None:
        return cost + _BUSY
    near = [e for at, e in (*before.events(), *line.events()) if abs(at - line.start) <= 1 and e.turn != 0]
    last = max(before.events(), key=lambda pair: pair[0], default=None)
    still = last is not None and last[1].kind in (Kind.HOLD, Kind.BREATH, Kind.TOUCH)
    return cost + _BUSY * bool(near) - _STILL * still


def _clip(coverage: Coverage, chosen: list[_Option], wanted: list[Line], said: Choice) -> Clip:
    pieces: list[Piece] = []
    previous: _Option | None = None
    for option in chosen:
        counts = option.line.counts
        if previous is not None and _goes_on(previous, option):
            counts = CountRange(pieces.pop().counts.start, counts.end)
        found = option.found
        pieces.append(Piece(counts, found.take.id, found.number, option.view, option.flip, option.label))
        previous = option
    first, last = chosen[0], chosen[-1]
    counts = CountRange(first.line.start, last.line.counts.end)
    main = max(pieces, key=lambda p: p.counts.length)
    missing = [x for x in wanted if not counts.contains(x.start)]
    problems = [f"{_where(o.line)}: {p}" for o in chosen for p in o.found.problems]
    if missing:
        problems.append(
            tr("missing, as it was not filmed: {words}", words=", ".join(dict.fromkeys(map(_where, missing))))
        )
    names = {o.found.take.id: o.found.take.name for o in chosen}
    if len(pieces) == 1:
        reasons = [tr("{value}: all of it in one pass", value=names[main.take])]
    else:
        passes = plural(len({(p.take, p.pass_number) for p in pieces}), "pass", "passes")
        reasons = [tr("{number} pieces of {passes}, each where it is good", number=len(pieces), passes=passes)]
        reasons += [
            tr("from {where}: {value}", where=_where(_line_at(coverage, p.counts.start)), value=names[p.take])
            for p in pieces
        ]
    return Clip(
        RUN_THROUGH,
        RUN_THROUGH,
        RUN_THROUGH,
        first.line.number,
        counts,
        main.view,
        main.take,
        main.pass_number,
        said.run_up if said.run_up is not None else _before(first),
        said.run_out if said.run_out is not None else _after(last),
        main.flip,
        main.label,
        tuple(reasons),
        tuple(dict.fromkeys(problems)),
        pieces=tuple(pieces) if len(pieces) > 1 else (),
    )


def _before(first: _Option) -> Fraction:
    """The run-up, where its pass holds it."""
    start = first.found.count_to_take(float(first.line.start - _RUN_UP))
    return _RUN_UP if start >= first.found.the_pass.take_range.start_s - EARLY_S else Fraction(0)


def _after(last: _Option) -> Fraction:
    end = last.found.count_to_take(float(last.line.counts.end + _RUN_OUT))
    return _RUN_OUT if end <= last.found.the_pass.take_range.end_s + LATE_S else Fraction(0)


def _line_at(coverage: Coverage, position: Fraction) -> Line:
    return next(x for x in coverage.lines if x.start == position)


def _where(line: Line) -> str:
    """A line as a teacher calls it: its section, with its wall."""
    return subject_title(line) + (tr(", wall {wall}", wall=line.wall) if line.wall is not None else "")
