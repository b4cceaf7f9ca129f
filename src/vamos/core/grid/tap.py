"""Tapping along: a grid from the taps of a hand.

The tempo is the line through the taps that most of them agree with, whatever was missed or
doubled; the song is then tracked again near that tempo. A hand is late (or early) by a constant:
the lateness is what moves the taps best onto the onsets, and is taken off.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from vamos.core.grid.beats import onset_score, refine, track
from vamos.core.grid.spectra import FRAME_RATE, Spectra, normal
from vamos.core.grid.tempo import Floats, preference, tempogram
from vamos.errors import InputError

FEWEST = 4
#: Hands are at most this late or early.
_REACH_S = 0.09
#: Octaves around the tapped tempo in which beats are looked for.
_NARROW = 0.06


@dataclass(frozen=True, slots=True)
class Taps:
    """A steady line through taps: tap n at ``start_s`` + n · ``period_s``; ``late_s`` is the hand's."""

    start_s: float
    period_s: float
    late_s: float = 0.0


def fit_taps(taps_song_s: Floats) -> Taps:
    """The line through taps, robust against missed and doubled ones.

    Raises
    ------
    InputError
        for fewer than four taps, or taps too uneven to mean a tempo.
    """
    taps = np.sort(np.asarray(taps_song_s, dtype=np.float64))
    if len(taps) < FEWEST:
        raise InputError(f"Tap at least {FEWEST} times; there were {len(taps)}.")
    gaps = np.diff(taps)
    period = float(np.median(gaps[gaps > 0.4 * np.median(gaps)]))
    best: tuple[float, float, float] = (-1.0, 0.0, period)
    # Each tap in turn is trusted; indexes are counted from it, then the line is fitted.
    for pivot in taps:
        p, start = period, float(pivot)
        for _ in range(4):
            index = np.round((taps - start) / p)
            off = np.abs(taps - start - index * p) / p
            weight = 1 / (1 + (off / 0.08) ** 2)
            x, y = index - np.average(index, weights=weight), taps
            spread = float(np.sum(weight * x * x))
            if spread <= 0:
                break
            p = float(np.sum(weight * x * y) / spread)
            start = float(np.average(taps - index * p, weights=weight))
        # Taps without a tempo agree with some line by chance; with a tight one they do not.
        agree = float(np.mean(off < 0.12)) - 2 * max(0.0, float(np.median(off)) - 0.06)
        if agree > best[0]:
            best = (agree, start, p)
    counts = len(np.unique(np.round((taps - best[1]) / best[2])))
    if best[0] < 0.75 or best[2] <= 0.15 or counts <= 0.75 * len(taps):
        raise InputError("The taps are too uneven to tell a tempo. Tap once on each count.")
    return Taps(best[1] + np.round((taps[0] - best[1]) / best[2]) * best[2], best[2])


def lateness(taps: Taps, count: int, spectra: Spectra) -> float:
    """How late the hand is, in seconds (+ late): the shift that puts taps best onto onsets."""
    strength = np.maximum(normal(spectra.flux), 0)
    times = taps.start_s + taps.period_s * np.arange(max(count, FEWEST))
    shifts = np.arange(-_REACH_S, _REACH_S, 0.005)
    reached = [np.interp((times - s) * FRAME_RATE, np.arange(len(strength)), strength).mean() for s in shifts]
    return float(shifts[int(np.argmax(reached))])


def beats_from_taps(taps_song_s: Floats, spectra: Spectra) -> tuple[Floats, Floats, Taps]:
    """Beats of the whole song at the tapped tempo and phase, their support, and the taps' line.

    Raises :class:`InputError` as :func:`fit_taps`.
    """
    line = fit_taps(taps_song_s)
    late = lateness(line, len(taps_song_s), spectra)
    line = Taps(line.start_s - late, line.period_s, late)
    wish = preference(60 / line.period_s, _NARROW)
    # Tapped moments are worth as much as a clear onset, so that the phase is the hand's.
    score = onset_score(spectra).copy()
    for k in range(len(taps_song_s)):
        centre = round((line.start_s + k * line.period_s) * FRAME_RATE)
        if 2 <= centre < len(score) - 2:
            score[centre - 2 : centre + 3] += np.array([0.8, 1.6, 2.4, 1.6, 0.8], dtype=np.float32)
    beats, support = refine(track(score, tempogram(spectra.flux), wish), spectra.fine)
    return beats, support, line
