"""Judges a line that was typed by what it should mean, in a short notation.

``1R 1&L 2R 3l 4h 5+4 6x``: on 1 the right foot takes the weight, on 3 the left does not, 4 is held, 5 turns half to the
right, 6 is a move without a foot. ``5R-2`` steps and turns; ``5R?4`` turns half, which way is open. ``|R`` at the end
is where the weight ends, ``|6`` where one faces (eighths from 12:00, clockwise).
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from fractions import Fraction
from functools import cache
from math import floor

from vamos.core.dance.section_text import read_notation
from vamos.core.dance.weight import follow
from vamos.core.model.dance import Event, Foot, Kind, MoveSet
from vamos.core.time import Feel, count_name
from vamos.errors import InputError

_MOVES = (Kind.STEP, Kind.HOP, Kind.TURN)


@cache
def read_once(text: str) -> tuple[tuple[Event, ...], tuple[MoveSet, ...]]:
    """A line as it is read; every line stands in several tests of a run."""
    return read_notation(text, Feel.STRAIGHT, {})


def short(events: tuple[Event, ...]) -> str:
    """Events in the short notation."""
    out = []
    for e in sorted(events, key=lambda e: (e.role, e.start)):
        at = count_name(e.start).replace(" before 1", "0").replace("&0", "0&")
        if e.kind is Kind.HOLD:
            out.append(f"{at}h")
            continue
        foot = {Foot.RIGHT: "R", Foot.LEFT: "L", Foot.BOTH: "B", Foot.NONE: "x"}[e.foot]
        if e.kind not in _MOVES:
            foot = foot.lower()
        turn = f"?{e.size or ''}" if e.turn is None else f"{e.turn:+d}" if e.turn else ""
        out.append(f"{e.role.replace(' ', '_') + ':' if e.role else ''}{at}{foot}{turn}")
    return " ".join(out)


@dataclass(frozen=True)
class Verdict:
    """right, asked (at its count, or as not understood), marked, silent (wrong without a word), refused."""

    kind: str
    got: str
    asks: str


def judge(text: str, wanted: str) -> Verdict:
    try:
        events, _ = read_once(text)
    except InputError as error:
        spot = getattr(error, "at", None) is not None
        return Verdict("refused" if spot else "no help", str(error).split("\n")[0], "")
    return verdict(events, wanted)


def verdict(events: tuple[Event, ...], wanted: str) -> Verdict:
    got = short(events)
    asks = " ".join(f"{count_name(e.start)}:{e.doubt}" for e in events if e.doubt)
    open_turns = {e.start for e in events if e.turn is None}
    want, _, end = wanted.partition("|")
    wrong = _first_wrong(got, want.strip())
    if wrong is None and end and end != _end(events, end):
        wrong = Fraction(0)
    if wrong is None:
        return Verdict("right", got, asks)
    doubts = [e for e in events if e.doubt]
    for e in doubts:
        whole = e.doubt in ("not understood", "left out", "two readings", "on which counts", "taught differently")
        if whole or e.start <= wrong < e.start + max(e.length, Fraction(1)) or (e.unread and e.start <= wrong):
            return Verdict("marked" if e.doubt == "only a name" else "asked", got, asks)
    if wrong in open_turns:
        return Verdict("asked", got, asks)
    problems = [s for s in follow(events, Foot.NONE) if s.wrong]
    if any(floor(s.event.start) == floor(wrong) for s in problems):
        return Verdict("asked", got, asks)
    return Verdict("silent", got, asks)


def _end(events: tuple[Event, ...], what: str) -> str:
    if what.isdigit():
        return str(sum(e.turn or 0 for e in events) % 8) if all(e.turn is not None for e in events) else "?"
    stances = follow(events, Foot.NONE)
    return {"R": "R", "L": "L", "both": "B", "": "?"}[str(stances[-1].weight)] if stances else "?"


def _position(item: str) -> Fraction:
    match = re.match(r"(?:\w+:)?(\d+)([&ae]?)", item)
    parts = {"": Fraction(0), "&": Fraction(1, 2), "a": Fraction(3, 4), "e": Fraction(1, 4)}
    return Fraction(int(match.group(1)) - 1) + parts[match.group(2)]


def _first_wrong(got: str, wanted: str) -> Fraction | None:
    """The first count where they differ; ``*`` for a foot that may be anything."""
    a, b = got.split(), wanted.split()
    for x, y in zip(a, b, strict=False):
        if x != y and not ("*" in y and re.fullmatch(re.escape(y).replace(r"\*", "[RLBxrlb]"), x)):
            return min(_position(x), _position(y))
    if len(a) != len(b):
        longer = a if len(a) > len(b) else b
        return _position(longer[min(len(a), len(b))])
    return None
