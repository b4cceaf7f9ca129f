"""Tapping along: a grid from the taps of a hand.

The tempo is the line through the first taps that most of them agree with, whatever was missed or
doubled; further taps are followed one by one, so that tapping through a whole song that slows and
hurries works; the song is then tracked again near that tempo. A hand is late (or early) by a constant:
the lateness is what moves the taps best onto the onsets, and is taken off.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from vamos.core.grid.beats import onset_score, refine, track
from vamos.core.grid.spectra import FRAME_RATE, Spectra, normal
from vamos.core.grid.tempo import Floats, preference, tempogram
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

FEWEST = 4
#: Hands are at most this late or early.
_REACH_S = 0.09
#: Octaves around the tapped tempo in which beats are looked for.
_NARROW = 0.06
#: So many taps are heard as one steady tempo; a longer row may wander.
_TOGETHER = 16
#: Counts each way over which the unevenness of a hand is smoothed.
_SMOOTH = 6


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
        raise InputError(tr("Tap at least {fewest} times; there were {number}.", fewest=FEWEST, number=len(taps)))
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
        raise InputError(tr("The taps are too uneven to tell a tempo. Tap once on each count."))
    return Taps(best[1] + np.round((taps[0] - best[1]) / best[2]) * best[2], best[2])


def follow_taps(taps_song_s: Floats) -> tuple[Taps, Floats]:
    """A steady line through the first taps, and the moment of each count from the first tap to the last.

    A tempo that wanders is followed tap by tap; missed counts are filled in, doubled and stray
    taps are left out; the hand's unevenness is smoothed over the counts around it. Raises
    :class:`InputError` as :func:`fit_taps`.
    """
    taps = np.sort(np.asarray(taps_song_s, dtype=np.float64))
    line = fit_taps(taps[:_TOGETHER])
    index, at, period = 0, line.start_s, line.period_s
    kept: list[tuple[int, float]] = []
    stray: float | None = None
    for tap in map(float, taps):
        gone = round((tap - at) / period)
        off = tap - at - gone * period
        if abs(off) <= 0.25 * period and not (kept and gone <= 0):
            index, at = index + gone, at + gone * period + 0.7 * off
            period += 0.3 * off / max(1, gone)
            kept.append((index, tap))
            stray = None
        elif stray is not None and 0.6 < (tap - stray) / period < 1.7 and stray - at > 0.5 * period:
            # Two in a row off the line, a count apart: the song has slowed or hurried.
            index += max(1, round((stray - at) / (tap - stray)))
            kept += [(index, stray), (index + 1, tap)]
            index, at, period, stray = index + 1, tap, tap - stray, None
        else:
            stray = tap
    numbers = np.array([k for k, _ in kept], dtype=np.float64)
    times = np.array([t for _, t in kept])
    moments = []
    for k in range(kept[0][0], kept[-1][0] + 1):
        near = np.abs(numbers - k) <= _SMOOTH
        root = np.exp(-0.25 * ((numbers[near] - k) / (0.5 * _SMOOTH)) ** 2)
        # A parabola, so that a song that slows down is not cut short; a line where taps are few.
        shape = np.vander(numbers[near] - k, 3 if near.sum() > 4 else 2, increasing=True)
        fit, *_ = np.linalg.lstsq(shape * root[:, None], times[near] * root, rcond=None)
        moments.append(float(fit[0]))
    return line, np.array(moments)


def lateness(moments_s: Floats, spectra: Spectra) -> float:
    """How late the hand is, in seconds (+ late): the shift that puts its counts best onto onsets."""
    strength = np.maximum(normal(spectra.flux), 0)
    shifts = np.arange(-_REACH_S, _REACH_S, 0.005)
    reached = [np.interp((moments_s - s) * FRAME_RATE, np.arange(len(strength)), strength).mean() for s in shifts]
    return float(shifts[int(np.argmax(reached))])


def beats_from_taps(taps_song_s: Floats, spectra: Spectra) -> tuple[Floats, Floats, Taps]:
    """Beats of the whole song at the tapped tempo and phase, their support, and the taps' line.

    Raises :class:`InputError` as :func:`fit_taps`.
    """
    line, moments = follow_taps(taps_song_s)
    late = lateness(moments, spectra)
    line = Taps(line.start_s - late, line.period_s, late)
    wish = preference(60 / line.period_s, _NARROW)
    # Tapped moments are worth more than a clear onset: where somebody tapped, the hand decides.
    score = onset_score(spectra).copy()
    for moment in moments - late:
        centre = round(moment * FRAME_RATE)
        if 2 <= centre < len(score) - 2:
            score[centre - 2 : centre + 3] += np.array([1.5, 3.0, 4.5, 3.0, 1.5], dtype=np.float32)
    tracked = track(score, tempogram(spectra.flux), wish)
    half = line.period_s / 2
    # Where somebody tapped, those are the counts; the tracker goes on before and after.
    hand = moments - late
    beats = np.concatenate([tracked[tracked < hand[0] - half], hand, tracked[tracked > hand[-1] + half]])
    beats, support = refine(beats, spectra.fine)
    return beats, support, line
