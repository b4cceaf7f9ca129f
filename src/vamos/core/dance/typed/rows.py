"""Rows of moves: feet and numbers of times written out as single moves, what a foot alone goes on with."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.typed.moves import MANNER, SIDE_WORDS, Move, side_word
from vamos.core.model.dance import Event, Kind


def size_of(move: Move) -> int:
    """So many events."""
    return len(move.figure.events) if move.kind == "figure" and move.figure is not None else 1


def length_of(move: Move) -> Fraction:
    return move.figure.length if move.kind == "figure" and move.figure is not None else Fraction(1)


def sides_of(move: Move) -> tuple[str, ...]:
    """“hip bumps R L R L”: the sides at the end of the name of a move without feet."""
    if move.kind != "hand":
        return ()
    ends = len(move.name)
    while ends > 0 and move.name[ends - 1] in SIDE_WORDS:
        ends -= 1
    return move.name[ends:]


#: Verbs that only say where a foot goes.
_WHERE = ("side", "behind", "cross", "out", "seit", "kreuz")


def closed(row: Sequence[Move]) -> list[Move]:
    """A row whose steps end in what is said behind them: “vine R, touch”, “rock back, recover”, “jazz box, cross”."""
    out: list[Move] = []
    for move in row:
        before = out[-1] if out else None
        if before is not None and before.figure is not None and _said_behind(before.figure.events, move):
            kept, length = before.figure.events[:-1], before.figure.events[-1].start
            if len(kept) > 1:
                out[-1] = replace(before, figure=replace(before.figure, events=kept, length=length))
            else:
                feet = before.feet or ((before.side,) if before.side else ())
                out[-1] = replace(before, figure=None, kind="step" if kept[0].kind is Kind.STEP else "touch", feet=feet)
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
        return move.kind in ("other", "step") and called.startswith("recover")
    return len(events) == 4 and not move.feet and move.kind == "step" and called == "cross"


def otherwise(row: Sequence[Move], last: Event | None) -> list[list[Move]]:
    """A row with what may be meant otherwise behind a touch of the same foot: it touches again, or it steps.

    “touch L, L diagonal back” names no verb: it may step. “point R forward, R side” may touch again.
    """
    stepped = [replace(m, kind="step", name=("step", *m.name[1:])) if m.open else m for m in row]
    touched: list[Move] = []
    foot = str(last.foot) if last is not None and last.kind is Kind.TOUCH else ""
    verb = last.name.split(" ")[0] if last is not None and last.name else "touch"
    for move in row:
        again = move.kind == "step" and move.feet == (foot,) and move.called.lower() in _WHERE and not move.turns
        if again:
            move = replace(move, kind="touch", name=(verb, *move.name))
        elif move.kind == "touch" and move.name:
            verb = move.called or move.name[0]
        foot = move.feet[0] if move.kind == "touch" and move.feet else ""
        touched.append(move)
    return [found for found in (stepped, touched) if found != list(row)]


def written_out(moves: Sequence[Move]) -> list[Move]:
    """Rows of feet and numbers of times written out as single moves; a foot alone goes on with the verb before it."""
    out: list[Move] = []
    for move in moves:
        several = [move]
        if move.row and move.kind != "figure":
            several = [
                move if k == 0 else replace(move, size=None, way="", turned=False, target=None)
                for k in range(len(move.feet))
            ]
            several = [replace(m, feet=(f,), row=False) for m, f in zip(several, move.feet, strict=True)]
        if move.times > 1 and move.times != len(several):
            several = several * move.times
        out += [replace(m, times=0) for m in several]
    result: list[Move] = []
    for move in out:
        before = result[-1] if result else None
        bare = not move.kind and move.feet and not move.unknown and move.size is None and not move.turned
        if bare and before is not None and before.kind == "figure" and len(before.feet) < size_of(before):
            # “Shuffle fwd R, L, R”: the feet of the step, one by one.
            feet, slips = (*before.feet, *move.feet), (*before.slips, *move.slips)
            result[-1] = replace(before, feet=feet, slips=slips, row=True)
            continue
        if bare and before is not None and before.kind in ("step", "touch", "hop", "free", "hand"):
            verb = () if before.called.lower() in MANNER and before.kind == "step" else (before.called or "step",)
            name = (*verb, *move.name) if move.name else before.name
            if before.kind == "hand":
                name = (*before.name[: len(before.name) - len(sides_of(before))], *map(side_word, move.feet))
            touched = before.kind == "touch" and bool(move.name) and move.feet == before.feet
            move = replace(move, kind=before.kind, name=name, called=before.called, open=touched)
        result.append(move)
    return result
