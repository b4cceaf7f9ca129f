"""What is called ahead: where a tag, a stop of the music, a restart and the ending begin."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from fractions import Fraction

from vamos.core.dance.lines import Line, LineKind


def calls_of(lines: Sequence[Line]) -> list[tuple[Fraction, str]]:
    """Position and name of everything that is called, in order."""
    return sorted([*_named(lines), *_restarts(lines)])


def _named(lines: Sequence[Line]) -> Iterator[tuple[Fraction, str]]:
    for line in lines:
        if line.kind is LineKind.TAG:
            yield line.start, line.title or "tag"
        elif line.kind is LineKind.HOLD:
            yield line.start, "hold"
        elif line.kind is LineKind.ENDING:
            yield line.start, line.title or "ending"


def _restarts(lines: Sequence[Line]) -> Iterator[tuple[Fraction, str]]:
    """Where a wall that is shorter than the others is followed by another one."""
    walls: dict[int, list[Line]] = {}
    for line in lines:
        if line.wall is not None:
            walls.setdefault(line.wall, []).append(line)
    lengths = {wall: sum((x.length for x in parts), Fraction(0)) for wall, parts in walls.items()}
    for wall, parts in walls.items():
        if lengths[wall] < max(lengths.values()) and wall + 1 in walls:
            yield parts[-1].counts.end, "restart"
