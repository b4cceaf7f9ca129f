"""Placed takes as data: which seconds of a take are which seconds of the song."""

from __future__ import annotations

from typing import Any

import numpy as np

from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.time import TimeMap

#: A segment's formula holds within this.
HOLDS_S = 0.01


def take_data(take: Take, grid: Grid) -> dict[str, Any]:
    """A placed take as the command line gives it; all times in seconds of their own clock."""
    if not take.passes:
        return {"kind": "none", "segments": [], "confidence": 0.0, "counts": []}
    segments: list[dict[str, Any]] = []
    counts: list[float] = []
    for number, the_pass in enumerate(take.passes):
        start, end = the_pass.take_range.start_s, the_pass.take_range.end_s
        if the_pass.kind is PassKind.SONG:
            inside = the_pass.clock.inverse()(np.array([a.song_s for a in grid.anchors]))
        else:
            inside = np.array(the_pass.clock.x)
        counts += [float(t) for t in inside if start <= t < end]
        segments += _segments(number, the_pass, grid)
    best = max(p.confidence for p in take.passes)
    return {"kind": str(take.passes[0].kind), "segments": segments, "confidence": best, "counts": counts}


def _segments(number: int, the_pass: Pass, grid: Grid) -> list[dict[str, Any]]:
    """A pass in straight pieces: one where the song was heard, several where somebody counted unevenly."""
    start, end = the_pass.take_range.start_s, the_pass.take_range.end_s
    counted = the_pass.kind is PassKind.COUNTED
    to_song = the_pass.clock.then(grid.time_map()) if counted else the_pass.clock
    out = []
    for a, b in _straight(to_song, start, end):
        first, last = float(to_song(a)), float(to_song(b))
        segment: dict[str, Any] = {
            "pass": number,
            "take_start": a,
            "take_end": b,
            "song_at_take_start": first,
            "rate": (last - first) / (b - a) if counted else the_pass.rate,
            "kind": str(the_pass.kind),
            "confidence": the_pass.confidence,
        }
        if the_pass.also_at_song_s:
            segment["also_at"] = list(the_pass.also_at_song_s)
        out.append(segment)
    return out


def _straight(clock: TimeMap, start: float, end: float) -> list[tuple[float, float]]:
    """Stretches in which a straight line is never further off than ``HOLDS_S``, as long as they can be."""
    knots = [start, *(float(x) for x in clock.x if start < x < end), end]
    out: list[tuple[float, float]] = []
    first = 0
    while first < len(knots) - 1:
        last = first + 1
        while last + 1 < len(knots) and _holds(clock, knots[first : last + 2]):
            last += 1
        out.append((knots[first], knots[last]))
        first = last
    return out


def _holds(clock: TimeMap, knots: list[float]) -> bool:
    at = np.array(knots)
    said = np.asarray(clock(at))
    line = np.interp(at, [at[0], at[-1]], [said[0], said[-1]])
    return bool(np.abs(said - line).max() <= HOLDS_S)
