"""Rows of moves: feet and numbers of times written out as single moves, what a foot alone goes on with."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.typed.moves import SIDE_WORDS, Move, side_word


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
            name = before.name
            if before.kind == "hand":
                name = (*name[: len(name) - len(sides_of(before))], *map(side_word, move.feet))
            move = replace(move, kind=before.kind, name=name, called=before.called)
        result.append(move)
    return result
