"""Rows of moves: feet and numbers of times written out as single moves, what a foot alone goes on with."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from msgspec.structs import replace as changed

from vamos.core.dance.typed.around import MANNER, SIDE_WORDS, side_word
from vamos.core.dance.typed.leading import drops
from vamos.core.dance.typed.move import Move
from vamos.core.model.dance import Event, Kind, StepPattern


def size_of(move: Move) -> int:
    """So many counts that are written for it."""
    return len(move.figure.events) if move.kind == "figure" and move.figure is not None else max(1, move.lasts)


def length_of(move: Move) -> Fraction:
    return move.figure.length if move.kind == "figure" and move.figure is not None else Fraction(max(1, move.lasts))


def sides_of(move: Move) -> tuple[str, ...]:
    """“hip bumps R L R L”: the sides at the end of the name of a move without feet."""
    if move.kind != "hand":
        return ()
    ends = len(move.name)
    while ends > 0 and move.name[ends - 1] in SIDE_WORDS:
        ends -= 1
    return move.name[ends:]


def one_a_side(move: Move) -> list[Move]:
    """The move once for each side that is named behind it."""
    sides = sides_of(move)
    return [changed(move, name=(*move.name[: -len(sides)], side)) for side in sides]


#: Verbs that only say where a foot goes.
_WHERE = ("side", "behind", "cross", "out", "seit", "kreuz")


#: Verbs of one step, which the next foot does not go on with.
_ONCE = re.compile(r"(?:cross|kreuz|behind|hinter|replac|recover|rec\b)", re.IGNORECASE)


def closed(row: Sequence[Move]) -> list[Move]:
    """A row whose steps end in what is said behind them: “vine R, touch”, “rock back, recover”, “jazz box, cross”."""
    out: list[Move] = []
    for move in row:
        before = out[-1] if out else None
        if (
            before is not None
            and before.figure is not None
            and (_said_behind(before.figure.events, move) or _other_way_back(before, move))
        ):
            kept, length = before.figure.events[:-1], before.figure.events[-1].start
            if len(kept) > 1:
                out[-1] = changed(before, figure=replace(before.figure, events=kept, length=length))
            else:
                feet = before.feet or ((before.side,) if before.side else ())
                out[-1] = changed(before, figure=None, kind="step" if kept[0].kind is Kind.STEP else "touch", feet=feet)
        out.append(move)
    return out


def _said_behind(events: tuple[Event, ...], move: Move) -> bool:
    """Whether a move stands for the last one of a step before it."""
    last = events[-1]
    if len(events) < 2 or last.start.denominator != 1 or move.turns:
        return False
    if last.kind is Kind.TOUCH:
        return move.kind in ("touch", "hold")
    called = " ".join(move.name).lower()
    if last.name == "recover":
        return move.kind in ("other", "step") and called.startswith("rec")
    return len(events) == 4 and move.kind == "step" and called.split(" ")[0] in ("cross", "crossing")


def _other_way_back(before: Move, move: Move) -> bool:
    """“heel grind R ¼ R, step back L”: a step of the foot that would recover says where it goes."""
    assert before.figure is not None
    first, last = before.figure.events[0], before.figure.events[-1]
    lead = (before.feet or (before.side,))[0]
    same_foot = len(move.feet) == 1 and move.feet[0] != lead and first.foot != last.foot
    return bool(lead) and last.name == "recover" and move.kind == "step" and same_foot and len(before.figure.events) > 1


def _touches_somewhere(move: Move) -> bool:
    """“touch R front”: where it touches is said, so that “side” behind it may say it again."""
    return move.kind == "touch" and len(move.name) > 1


def otherwise(row: Sequence[Move], last: Event | None) -> list[tuple[float, list[Move]]]:
    """A row with what may be meant otherwise behind a touch of the same foot: it touches again, or it steps; and what
    speaks against that.

    “touch L, L diagonal back” names no verb: it may step. “point R forward, R side” may touch again.
    """
    stepped = [changed(m, kind="step", name=("step", *m.name[1:])) if m.open else m for m in row]
    touched: list[Move] = []
    cost = 0.3
    foot = str(last.foot) if last is not None and last.kind is Kind.TOUCH else ""
    verb = last.name.split(" ")[0] if last is not None and last.name else "touch"
    for move in row:
        goes_on = move.feet == (foot,) or (not move.feet and bool(touched) and _touches_somewhere(touched[-1]))
        again = move.kind == "step" and goes_on and move.called.lower() in _WHERE and not move.turns
        if again:
            # “touch R front, side, back”: as likely as not.
            cost = cost if move.feet else 0.05
            move = changed(move, kind="touch", name=(verb, *move.name))
        elif move.kind == "touch" and move.name:
            verb = move.called or move.name[0]
        foot = move.feet[0] if move.kind == "touch" and move.feet else ""
        touched.append(move)
    return [(c, found) for c, found in ((0.3, stepped), (cost, touched)) if found != list(row)]


def led(row: list[Move]) -> list[Move]:
    """“walk, walk, touch starting L”: the foot said behind a row is that of its first move."""
    said = next((m.led for m in row if m.led), "")
    if not said or row[0].feet or (len(row) < 2 and row[0].kind == "figure"):
        return row
    alone = [m for m in row if not (m.led and not (m.kind or m.name or m.feet or m.turns))]
    apart = [changed(m, side="", led="") if m.led else m for m in alone or row]
    return [changed(apart[0], feet=(said,)), *apart[1:]]


def _one_a_foot(moves: Sequence[Move]) -> list[Move]:
    """“2 step touches R & L”: as many as there are feet, one each."""
    out = list(moves)
    for k, move in enumerate(out):
        feet = [m.feet[0] for m in out[k + 1 : k + move.times] if len(m.feet) == 1 and not (m.kind or m.name)]
        if move.kind == "figure" and move.row and 1 < move.times == len(move.feet):
            if move.figure is not None and len({(e.name, e.kind, e.length) for e in move.figure.events}) == 1:
                # “3 stomps R L R”: stomps that are one each.
                own = move.figure.events[0]
                kind = "step" if own.kind is Kind.STEP else "touch"
                one = changed(move, kind=kind, figure=None, name=(own.name, *move.name[1:]), row=False, times=0)
                return [*out[:k], *(changed(one, feet=(f,)) for f in move.feet), *out[k + 1 :]]
            # “3 shuffles fwd R L R”
            return [*out[:k], *(changed(move, feet=(f,), row=False, times=0) for f in move.feet), *out[k + 1 :]]
        if move.kind == "figure" and move.times == len(feet) + 1 > 1 and len(move.feet) == 1:
            each = [changed(move, feet=(foot,), times=0) for foot in (*move.feet, *feet)]
            return [*out[:k], *each, *out[k + move.times :]]
    return out


def _without_again(moves: Sequence[Move]) -> list[Move]:
    """“a, b, twice”: a, b, a, b; one step alone goes on with the foot that is free."""
    out: list[Move] = []
    for move in moves:
        if move.kind != "again":
            out.append(move)
        elif len(out) == 1 and not out[0].row:
            out = [changed(out[0], times=move.times)]
        else:
            out = out * move.times
    return out


def struts(moves: Sequence[Move]) -> list[Move]:
    """“step L toe back, drop heel”: a foot that comes down in two parts bears the weight with the second one."""
    out = list(moves)
    for k, (move, after) in enumerate(itertools.pairwise(moves)):
        down = after.kind == "step" and drops(after, " ".join(move.name))
        if down and move.kind in ("step", "touch") and len(move.feet) == 1:
            out[k] = changed(move, kind="touch")
            out[k + 1] = changed(after, feet=after.feet or move.feet)
    return out


def written_out(moves: Sequence[Move]) -> list[Move]:
    """Rows of feet and numbers of times written out as single moves; a foot alone goes on with the verb before it."""
    out: list[Move] = []
    for move in _one_a_foot(_without_again(moves)):
        if _jumps(move) and move.row and len(move.feet) > 1:
            move = changed(move, kind="step")
        several = [move]
        if move.row and move.kind != "figure":
            several = [
                move if k == 0 or move.each else changed(move, size=None, way="", turned=False, target=None)
                for k in range(len(move.feet))
            ]
            several = [changed(m, feet=(f,), row=False, each=False) for m, f in zip(several, move.feet, strict=True)]
        if move.times == len(to_each := one_a_side(move)) > 1:
            # “4 hip bumps R R L L”: each of them to its side.
            several = to_each
        if move.kind == "hold" and move.lasts > 1:
            several = [changed(move, lasts=0)] * move.lasts
        if move.times > 1 and move.times != len(several):
            # “shuffle R x2”, “two steps to the left” go on with the foot that is free then.
            onward = (
                [changed(m, feet=(), side="") for m in several]
                if (move.kind == "figure" and not move.row) or (move.kind == "step" and not move.feet)
                else several
            )
            if move.times == move.lasts:
                # “walk a full circle right in 8 counts”: one circle over all of them.
                onward = [changed(m, size=None, way="", turned=False, feet=(), side="") for m in onward]
                several = [changed(m, lasts=0) for m in (*several, *onward * (move.times - 1))]
            else:
                several = [*several, *onward * (move.times - 1)]
        out += [changed(m, times=0) for m in several]
    result: list[Move] = []
    for move in out:
        before = result[-1] if result else None
        bare = not move.kind and move.feet and not move.unknown and move.size is None and not move.turned
        if bare and before is not None and _another(before, move):
            # “toe struts back: R, L”: the next foot has none in the step before it.
            result.append(changed(before, feet=move.feet, row=False, slips=(*before.slips, *move.slips)))
            continue
        if bare and before is not None and before.kind == "figure" and len(before.feet) < size_of(before):
            # “Shuffle fwd R, L, R”: the feet of the step, one by one.
            feet, slips = (*before.feet, *move.feet), (*before.slips, *move.slips)
            result[-1] = changed(before, feet=feet, slips=slips, row=True)
            continue
        if bare and before is not None and _jumps(before) and before.feet != move.feet and before.feet:
            before = result[-1] = changed(before, kind="step")
        if bare and before is not None and before.kind in ("step", "touch", "hop", "free", "hand"):
            # “cross R, L back” goes back, and crosses no more.
            apart = before.kind == "step" and (before.called.lower() in MANNER or _ONCE.match(before.called))
            verb = () if apart else (before.called or "step",)
            name = (*verb, *move.name) if move.name else before.name
            if before.kind == "hand":
                name = (*before.name[: len(before.name) - len(sides_of(before))], *map(side_word, move.feet))
            touched = before.kind == "touch" and bool(move.name) and move.feet == before.feet
            move = changed(move, kind=before.kind, name=name, called=before.called, open=touched)
        result.append(move)
    return result


def _another(figure: Move, foot: Move) -> bool:
    """Whether a foot said behind a step is not one the step goes on with, so that it begins the step again."""
    if figure.figure is None or len(figure.feet) != 1 or figure.row or len(foot.feet) != 1:
        return False
    own = [str(e.foot) for e in figure.figure.events]
    same = own[1:2] == own[:1]
    return set(own) <= {"R", "L"} and same and foot.feet != figure.feet


def spread(moves: Sequence[Move]) -> list[Move]:
    """“run run run kick (R L R L)”: as many feet behind a row as it has moves are one each."""
    last = moves[-1] if moves else None
    if (
        last is None
        or not last.row
        or not 2 <= len(moves) == len(last.feet)
        or any(m.feet or m.figure for m in moves[:-1])
    ):
        return []
    return [changed(m, feet=(f,), row=False) for m, f in zip(moves, last.feet, strict=True)]


def _jumps(move: Move) -> bool:
    """“jump back R, L” lands on one foot after the other."""
    return move.kind == "free" and move.called.lower().startswith("jump")


def turned_before(row: Sequence[Move]) -> list[Move]:
    """“vine L, ¼ turn L, scuff R”: a turn said between a step and a touch, or behind it, is that of the step."""
    out: list[Move] = []
    for move in row:
        before = out[-1] if out else None
        touch = move.ahead and move.kind == "touch"
        bare = move.size is not None and not (move.kind or move.feet or move.name or move.unknown)
        if before is not None and before.figure is not None and not before.turns and (touch or bare):
            out[-1] = changed(before, size=move.size, way=move.way, turned=move.turned)
            if bare:
                continue
            move = changed(move, size=None, way="", turned=False)
        out.append(move)
    return out


def all_again(moves: Sequence[Move]) -> list[Move]:
    """“step L, kick R x2”: the number at the end may be that of all of them."""
    # “walk R L x2”: two walks, or the two of them twice.
    several = moves[-1].times if len(moves) > 1 or (moves and len(moves[-1].feet) == moves[-1].times) else 0
    if several < 2 or any(m.times for m in moves[:-1]):
        return []
    # “(x2) starting R” says where the first of them begins.
    last = moves[-1]
    once = [*moves[:-1], changed(last, times=0, led="", side="" if last.led else last.side)]
    first = [changed(once[0], feet=(last.led,)), *once[1:]] if last.led and not once[0].feet else once
    return [*first, *once * (several - 1)]


def own_counts(pattern: StepPattern, start: Fraction) -> list[tuple[Fraction, Fraction]]:
    """A step on its own counts."""
    return [(start + e.start, e.length) for e in pattern.events]
