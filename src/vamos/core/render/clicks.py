"""Clicks on the counts, placed to the sample; the 1 of a line is higher, a word of the song higher still."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from enum import Enum, auto
from fractions import Fraction
from functools import lru_cache
from math import ceil

import numpy as np

from vamos.core.dance.calls import ticks
from vamos.core.dance.lines import Line
from vamos.core.dance.sung import sung_at
from vamos.core.media.sound import Samples
from vamos.core.model.song import Song
from vamos.core.time import TimeMap

_LENGTH_S = 0.045


class Stroke(Enum):
    """What a click is struck for: the 1 of a line, a word or sound of the song, any other count."""

    ONE = auto()
    WORD = auto()
    COUNT = auto()


#: Pitch (Hz) and level of each.
_SOUND = {Stroke.ONE: (1760.0, 0.7), Stroke.WORD: (2637.0, 0.9), Stroke.COUNT: (1108.7, 0.7)}
Struck = tuple[Fraction, Stroke]


@lru_cache(maxsize=6)
def click(stroke: Stroke, rate: int) -> Samples:
    """One click, mono."""
    pitch, level = _SOUND[stroke]
    t = np.arange(int(_LENGTH_S * rate)) / rate
    tone = np.sin(2 * np.pi * pitch * t) * np.exp(-t * 90)
    return (level * tone * np.minimum(1, t / 0.0008)).astype(np.float32)


def counts_between(lines: Sequence[Line], start: Fraction, end: Fraction) -> list[Struck]:
    """Whole counts in [start, end) of the lines, each with whether it is a 1."""
    found = []
    for line in lines:
        for k in range(ceil(line.length)):
            position = line.start + k
            if start <= position < end:
                found.append((position, Stroke.ONE if k == 0 else Stroke.COUNT))
    return found


def clicks_between(
    lines: Sequence[Line], start: Fraction, end: Fraction, sung: Iterable[Fraction] = ()
) -> list[Struck]:
    """As :func:`counts_between`, with the beats that are counted back to where the music goes on after a stop.

    A count whose move has a word or sound of the song is struck as such, and so are positions ``sung``.
    """
    struck = dict(counts_between(lines, start, end))
    for at, _ in ticks(lines, start, end):
        struck.setdefault(at, Stroke.COUNT)
    said = (at for line in lines for at, event in line.events() if event.lyric)
    struck.update((at, Stroke.WORD) for at in (*said, *sung) if start <= at < end)
    return sorted(struck.items())


def clicks_of(song: Song | None, lines: Sequence[Line]) -> list[Struck]:
    """Every click of a song, struck otherwise on the counts of its words."""
    if not lines:
        return []
    grid = None if song is None else song.grid
    sung = [] if song is None or grid is None else [sung_at(grid, s).position for s in song.sung]
    return clicks_between(lines, lines[0].start, lines[-1].counts.end, sung)


def add_clicks(samples: Samples, rate: int, counts: Sequence[Struck], counts_to_out: TimeMap) -> None:
    """Mix clicks into ``(frames, channels)`` in place; ``counts_to_out`` gives output seconds."""
    for position, stroke in counts:
        first = round(counts_to_out(position) * rate)
        if not 0 <= first < len(samples):
            continue
        tone = click(stroke, rate)[: len(samples) - first]
        samples[first : first + len(tone)] += tone[:, None]
