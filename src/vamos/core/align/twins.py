"""Places of a song that are alike, told apart by what differs between them, or named because nothing does.

Songs put together from loops are the same to the sample in many places. Where two places differ at all,
the difference itself is looked for in the take: it is there, or there turned over, whichever place was
played. Where they do not differ, the edges may decide: a take in which the music begins with the song's
first moment was hardly started by hand at exactly that place of a later round.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.align.correlate import RATE, vertex
from vamos.core.align.sharpen import layout, pairs
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

Floats = npt.NDArray[np.float64]
Complex = npt.NDArray[np.complex128]

#: Places this much alike (normalised correlation of the rises of the wave) are compared.
ALIKE, SAME_SOUND = 0.4, 0.97
#: Nearer than this it is the same place: tones are like themselves a few periods on.
NEAR_S = 0.2
#: At most so many places are compared, the most alike first.
MOST = 40
#: What differs by less than this share of the sound is rounding, not music.
LEAST_DIFFERENCE = 0.02
#: So much of the spectrum must differ.
LEAST_SHARE = 0.03
#: So many blocks are compared, spread over the stretch.
BLOCKS = 24
#: So many times its chance size must the evidence be (tuning part of bench/hard_place.py).
TOLD_APART = 5.0
#: Arrivals in the room's answer stand so far over its middle.
CLEAR_ANSWER = 5.0
#: What an edge says counts as much.
SETTLED = 100.0
#: The song's edge and the take's music must meet this closely to say something, with so much of the take beyond.
EDGE_S, BEYOND_S = 1.0, 2.0
#: Beyond the edge the other place's music is silent below this share of what agrees inside, and heard above that.
SILENT, HEARD = 0.35, 0.6


@dataclass(frozen=True, slots=True)
class Along:
    """A line: song second = take second · (1 + ``slope``) + ``lag_s``, for take seconds ``[start_s, end_s)``."""

    start_s: float
    end_s: float
    lag_s: float
    slope: float

    def moved(self, by_s: float) -> Along:
        return Along(self.start_s, self.end_s, self.lag_s + by_s, self.slope)

    def song_s(self, take_s: float) -> float:
        return take_s * (1 + self.slope) + self.lag_s


def repeats(song: Samples, start_s: float, end_s: float, least: float = ALIKE) -> list[float]:
    """By how many seconds a stretch of a song can be moved onto one like it, the most alike first."""
    rises = np.diff(song, prepend=song[:1]).astype(np.float32)
    a, b = max(0, int(start_s * RATE)), min(len(song), int(end_s * RATE))
    part = rises[a:b]
    own = float(np.sum(part**2, dtype=np.float64))
    if b - a < RATE or own <= 0:
        return []
    size = scipy.fft.next_fast_len(len(song) + len(part), real=True)
    row = scipy.fft.irfft(scipy.fft.rfft(rises, size) * np.conj(scipy.fft.rfft(part, size)), size)
    row = np.concatenate([row[-len(part) :], row[: len(song)]])
    loud = np.concatenate([np.zeros(len(part)), np.cumsum(rises**2, dtype=np.float64)])
    there = np.concatenate([loud[len(part) :], np.full(len(part), loud[-1])]) - loud
    # Where little of the stretch lies inside of the song, what lies there would fit by chance.
    alike = row / np.sqrt(own * np.maximum(there, 0.25 * own))
    found: list[float] = []
    near = int(NEAR_S * RATE)
    home = a + len(part)
    alike[max(0, home - near) : home + near] = 0
    while len(found) < MOST:
        top = int(np.argmax(alike))
        if alike[top] < least:
            break
        found.append((top + vertex(alike.astype(np.float32), top) - home) / RATE)
        alike[max(0, top - near) : top + near] = 0
    return found


def settled(song: Samples, take: Samples, line: Along, others: list[float]) -> tuple[float, tuple[float, ...]]:
    """By how much a line must be moved to lie where the song was played, and moves that fit just as well.

    ``others`` are moves in seconds. The second part is told from the place that was decided for.
    """
    here = 0.0
    open_moves: list[float] = []
    for move in others:
        evidence = told_apart(song, take, line.moved(here), move - here)
        if evidence is None:
            open_moves.append(move)
        elif evidence < 0:
            # What could not be told from the old place may well be told from the new one.
            again = [m for m in (here, *open_moves) if told_apart(song, take, line.moved(move), m - move) is None]
            here, open_moves = move, again
    return here, tuple(m - here for m in open_moves)


def told_apart(song: Samples, take: Samples, line: Along, move: float) -> float | None:
    """Evidence that the song was played along a line (above 0) and not moved by so much (below 0).

    In units of its chance size; None where nothing tells them apart.
    """
    other = line.moved(move)
    outside = _outside(song, other, line) - _outside(song, line, other)
    if outside:
        return outside
    evidence = _by_what_differs(song, take, line, other)
    if evidence is not None:
        return evidence
    # Last, as a film cut together of two takes has edges of its own.
    return _by_the_edges(song, take, line, other) - _by_the_edges(song, take, other, line) or None


def _by_what_differs(song: Samples, take: Samples, line: Along, other: Along) -> float | None:
    """Evidence for a line, against another, by what differs in the song between them."""
    mine = _spectra(song, take, line)
    moved = _spectra(song, take, other)
    both = sorted(mine.keys() & moved.keys())
    if not both:
        return None
    x, z = (np.array([found[at][0] for at in both]) for found in (mine, moved))
    y = np.array([mine[at][1] for at in both])
    z = _shifted_onto(x, z)
    apart = x - z
    size, loud = np.abs(apart), np.abs(x)
    differs = size > LEAST_DIFFERENCE * (loud + loud.mean(axis=1, keepdims=True))
    if differs.mean() < LEAST_SHARE:
        return None
    y = _without_room(y, x + z)
    clear = max(float(_alike(y, x).mean()), float(_alike(y, z).mean()))
    found = float(_alike(y, apart)[differs].mean())
    # As far as the take is like the song at all, so it would be like what differs, at the one place and the other.
    here, there = (clear * float(_alike(one, apart)[differs].mean()) for one in (x, z))
    # Values lie on a circle, so each spreads by the root of a half; neighbours share about half.
    chance = np.sqrt(1 / int(differs.sum()))
    if here - there < 2 * TOLD_APART * chance:
        return None
    evidence = float((found - (here + there) / 2) / chance)
    return evidence if abs(evidence) >= TOLD_APART else None


def _alike(a: Complex, b: Complex) -> Floats:
    """How far the phases of two tables of spectra agree, −1 to 1 in each bin."""
    cross = a * np.conj(b)
    return np.asarray(np.real(cross) / (np.abs(cross) + 1e-20))


def _without_room(y: Complex, common: Complex) -> Complex:
    """Spectra of a take with the phases of the room's answer taken off, as far as both places agree on it."""
    of = layout()
    cross = y * np.conj(common)
    whole = np.zeros(len(of.band), dtype=np.complex128)
    whole[of.band] = (cross / (np.abs(cross) + 1e-20)).sum(axis=0)
    answer = scipy.fft.irfft(whole, of.size)
    answer[of.reach : -of.reach] = 0
    near = np.abs(np.concatenate([answer[: of.reach], answer[-of.reach :]]))
    # Below this it is chance, which would agree with everything.
    answer[np.abs(answer) < CLEAR_ANSWER * np.median(near)] = 0
    room = scipy.fft.rfft(answer)[of.band]
    return np.asarray(y * np.conj(room) / (np.abs(room) + 1e-20))


def _shifted_onto(x: Complex, z: Complex) -> Complex:
    """``z`` moved by the part of a sample that its line is off, so that what is the same is the same."""
    hz = layout().hz
    cross = (x * np.conj(z)).sum(axis=0)
    for _ in range(3):
        weight = np.abs(cross) * hz
        off = float((weight * np.angle(cross)).sum() / ((weight * hz).sum() + 1e-20))
        turn = np.exp(1j * off * hz)
        z, cross = z * turn, cross * np.conj(turn)
    return z


def _spectra(song: Samples, take: Samples, line: Along) -> dict[float, tuple[Complex, Complex]]:
    """Spectra of song and take by take second, brought to the same moment."""
    step = max(1.0, (line.end_s - line.start_s) // BLOCKS)
    found = {}
    for t, x, y, turn in pairs(song, take, line.start_s, line.end_s, line.lag_s, line.slope, step):
        found[t] = (x * np.conj(turn), y)
    return found


def _outside(song: Samples, line: Along, other: Along) -> float:
    """Whether along a line there would be no song yet, or no more, where the other one's is heard."""
    length = len(song) / RATE
    beyond = max(-line.song_s(other.start_s), line.song_s(other.end_s) - length)
    return SETTLED if beyond > BEYOND_S else 0.0


def _by_the_edges(song: Samples, take: Samples, line: Along, other: Along) -> float:
    """What the song's first and last moment along a line say of it beside another; 0 for nothing."""
    length = len(song) / RATE
    for meets, a, b in (
        (line.song_s(line.start_s), max(0.0, line.start_s - 6), line.start_s),
        (line.song_s(line.end_s) - length, line.end_s, min(line.end_s + 6, len(take) / RATE)),
    ):
        low, high = max(a, -other.lag_s), min(b, length - other.lag_s)
        if abs(meets) < EDGE_S and high - low >= BEYOND_S:
            inside = _agreement(song, take, line)
            beyond = _agreement(song, take, Along(low, high, other.lag_s, other.slope))
            if beyond < SILENT * inside:
                return SETTLED
            if beyond > HEARD * inside:
                return -SETTLED
    return 0.0


def _agreement(song: Samples, take: Samples, line: Along) -> float:
    """How far the phases of take and song agree along a line, on average; 0 by chance."""
    values = [float(_alike(y, x).mean()) for x, y in _spectra(song, take, line).values()]
    # A loudspeaker may turn the wave over.
    return abs(float(np.mean(values))) if values else 0.0
