"""Parts of the song: which lines sound alike, offered as letters.

Each line is heard as the harmony and timbre of its beats. Two stretches of equal length are
alike when their beats are, one by one (the diagonals of a self-similarity matrix; J. Foote,
"Visualizing music and audio using self-similarity", ACM Multimedia 1999). Parts are chosen so that
the song is told in few lines: each part written out once, and a little for each time it begins.
"""

from __future__ import annotations

import numpy as np
import numpy.typing as npt

from vamos.core.grid.spectra import FRAME_RATE, Row, Spectra
from vamos.core.grid.tempo import Floats

#: The longest part that is looked for, in lines.
LONGEST = 12
#: In more lines (some twenty minutes) no parts are looked for: that is a set, not a song.
MOST_LINES = 250
#: What beginning a part costs, in lines: with it, twice ``A B A B`` is one part and not four.
_BEGIN = 1.1
#: Stretches are the same music when their lines are so alike in the mean, and each at least so.
ALIKE, EACH = 0.62, 0.45


def between(rows: Row, frames: npt.NDArray[np.intp]) -> Floats:
    """Mean feature vectors from each beat to the next, ``(beats, features)``."""
    ends = np.append(frames[1:], min(len(rows), frames[-1] + (frames[-1] - frames[-2])))
    return np.stack([rows[a : max(b, a + 1)].mean(axis=0, dtype=np.float64) for a, b in zip(frames, ends, strict=True)])


def line_likeness(spectra: Spectra, beats_s: Floats, starts: list[int], line: int) -> Floats:
    """How alike the whole lines that begin on some beats are, ``(lines, lines)``, −1 to 1."""
    last = len(spectra.bands) - 1
    frames = np.clip((beats_s * FRAME_RATE).round().astype(np.intp), 0, last)
    chroma, bands = between(spectra.chroma, frames), between(spectra.bands, frames)
    whole = [s for s in starts if s + line <= len(beats_s)]
    lines = len(whole)
    if not 0 < lines <= MOST_LINES:
        return np.zeros((0, 0))
    rows = []
    for part, weight in ((chroma, 1.0), (bands, 0.5)):
        part = part - part.mean(axis=0)
        size = float(np.sqrt((part**2).sum(axis=1).mean())) or 1.0
        rows.append(weight * part / size)
    beats = np.hstack(rows)
    flat = np.stack([beats[s : s + line].reshape(-1) for s in whole])
    flat = flat / (np.linalg.norm(flat, axis=1, keepdims=True) + 1e-9)
    return np.asarray(flat @ flat.T)


def letters(alike: Floats) -> list[tuple[int, str]]:
    """(first line, letter) of each part, in order, from :func:`line_likeness`; none for a whole evening.

    The stretch whose repeats save most lines is taken first, then the next in what is left;
    what never comes again is a part of its own.
    """
    count = len(alike)
    if count > MOST_LINES:
        return []
    starts: dict[int, int] = {}
    lengths: dict[int, int] = {}
    free = np.ones(count, dtype=bool)
    number = 0
    while True:
        best, found = 0.0, None
        for length in range(1, min(LONGEST, count // 2) + 1):
            places, saved = _repeated(alike, free, length)
            if saved > best:
                best, found = saved, (places, length)
        if found is None:
            break
        for start in found[0]:
            starts[start], lengths[start] = number, found[1]
            free[start : start + found[1]] = False
        number += 1
    for start in range(count):
        if free[start] and (start == 0 or not free[start - 1]):
            end = next((k for k in range(start, count) if not free[k]), count)
            again = _begun(alike, start, end - start, lengths)
            starts[start] = number if again is None else starts[again]
            number += again is None
    names: dict[int, str] = {}
    return [(at, names.setdefault(starts[at], part_letter(len(names)))) for at in sorted(starts)]


def _begun(alike: Floats, start: int, length: int, lengths: dict[int, int]) -> int | None:
    """Where a longer part begins of which this stretch is the beginning, cut short."""
    for other, whole in lengths.items():
        if length < whole and np.diagonal(alike[start : start + length, other : other + length]).mean() > ALIKE:
            return other
    return None


def _repeated(alike: Floats, free: npt.NDArray[np.bool_], length: int) -> tuple[list[int], float]:
    """The stretch of ``length`` free lines that comes again most often: its places, lines saved."""
    count = len(alike) - length + 1
    windows = [np.lib.stride_tricks.sliding_window_view(np.diagonal(alike, k), length) for k in range(count)]
    open_places = np.asarray(np.lib.stride_tricks.sliding_window_view(free, length).all(axis=1))
    same = np.zeros((count, count), dtype=bool)
    for gap, rows in enumerate(windows):
        # Of four lines and more, one may differ: a part often ends another way the last time.
        weakest = np.sort(rows, axis=1)[:, 1 if length >= 4 else 0]
        good = (rows.mean(axis=1) > ALIKE) & (weakest > EACH)
        where = np.flatnonzero(good)
        same[where, where + gap] = same[where + gap, where] = True
    same &= open_places[:, None] & open_places[None, :]
    best: tuple[list[int], float] = ([], 0.0)
    for start in np.flatnonzero(open_places):
        places = _apart(np.flatnonzero(same[start]), int(start), length)
        saved = (len(places) - 1) * length - len(places) * _BEGIN
        if saved > best[1] + 1e-9:
            best = (places, saved)
    return best


def _apart(places: npt.NDArray[np.intp], start: int, length: int) -> list[int]:
    """Places that do not overlap each other or ``start``, from left to right."""
    kept = [start]
    end = -length
    for place in places.tolist():
        if place - end >= length and abs(place - start) >= length:
            kept.append(place)
            end = place
    return sorted(kept)


def part_letter(number: int) -> str:
    """A to Z, then A2, B2 and so on."""
    turn, place = divmod(number, 26)
    return chr(ord("A") + place) + (str(turn + 1) if turn else "")
