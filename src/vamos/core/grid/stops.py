"""Where the music stops, and for how many beats: parts of beats as well.

A stop is a stretch without onsets that is much longer than any other nearby. What is played within a beat before and
after it is laid on each other, so that the beat after a stop of 2½ beats is found where it is and not where it would
have been. The part of a beat is then cut out of what is heard (:func:`joined`); everything else listens to music that
goes on.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from fractions import Fraction

import numpy as np

from vamos.core.grid.beats import onset_score
from vamos.core.grid.spectra import FINE_RATE, FRAME_RATE, Row, Spectra
from vamos.core.grid.tempo import Floats
from vamos.core.lazy import scipy

#: An onset is at least this share of the strong ones around it.
_ONSET = 0.35
#: … and its sound this share of the usual loudness.
_HEARD = 0.4
#: Strong ones are looked for so far around, in seconds.
_AROUND_S = 8.0
#: A stop is so much longer than what the song leaves empty elsewhere, and lasts so many beats from onset to onset.
_LONGER, _FEWEST_BEATS = 1.35, 1.3
#: Silence this close to whole beats is whole: hands and rooms are not more exact.
_WHOLE = 0.13
#: A beat is looked at in so many parts.
_PARTS = 24
#: What it counts for that music begins again on a beat, and that a beat lies where it would have been.
_ON_A_BEAT, _STRAIGHT_ON = 0.35, 0.1
#: In whole beats only what is longer than a rest is a stop, and quieter than this share of the usual loudness; where
#: the beat after it moved it may be less quiet.
_REST, _QUIET, _SOFTER = 1.5, 0.3, 0.6
#: A longer silence is no stop but the end of a song and the beginning of another.
_LONGEST_S = 16.0


@dataclass(frozen=True, slots=True)
class Stop:
    """Between the beats ``before_s`` and ``again_s`` lie ``silent`` beats more than one."""

    before_s: float
    again_s: float
    silent: float

    @property
    def counts(self) -> int:
        """Whole beats of the silence: counts at the song's pace that fit into the silence."""
        return max(0, int(np.floor(self.silent + _WHOLE)))

    @property
    def whole(self) -> bool:
        return abs(self.silent - self.counts) <= _WHOLE

    @property
    def cut_s(self) -> float:
        """What is left of the silence when its whole counts are gone."""
        period = (self.again_s - self.before_s) / (1 + self.silent)
        return 0.0 if self.whole else (self.silent - self.counts) * period

    @property
    def beats(self) -> Fraction:
        """The silence in beats as people would say it: wholes, quarters, thirds, else eighths."""
        for parts, near in ((1, _WHOLE), (4, 0.07), (3, 0.05)):
            if abs(self.silent * parts - round(self.silent * parts)) <= near * parts:
                return Fraction(round(self.silent * parts), parts)
        return Fraction(round(self.silent * 8), 8)


def find_stops(spectra: Spectra, track_again: Callable[[Spectra], Floats]) -> tuple[list[Stop], Spectra, Floats]:
    """The stops of a song, what is heard with the parts of beats cut out (:func:`joined`), and its beats.

    ``track_again`` finds the beats of what is heard: after each stop that is no whole beats, all later beats move.
    """
    found: list[Stop] = []
    music, beats = spectra, track_again(spectra)
    if len(beats) < 12:
        return found, music, beats
    empty = _empty(spectra, float(np.median(np.diff(beats))))
    edges = [0.0, *(e for gap in empty for e in gap), spectra.duration_s]
    for k, gap in enumerate(empty):
        sides = _Music(edges[2 * k] - 0.05, gap[0] + 0.05), _Music(gap[1] - 0.05, edges[2 * k + 3] + 0.05)
        stop = _between(spectra, parted(beats, found), *sides)
        if stop is not None:
            found.append(stop)
            if stop.cut_s:
                music = joined(spectra, found)
                beats = track_again(music)
    return found, music, beats


@dataclass(frozen=True, slots=True)
class _Music:
    """A stretch of music between two silences, in seconds."""

    start_s: float
    end_s: float


def _empty(spectra: Spectra, period: float) -> list[tuple[float, float]]:
    """(last onset, next onset) in seconds of stretches that stay empty for longer than others of the song."""
    flux, loud = spectra.flux, spectra.loud
    size = max(3, int(_AROUND_S * FRAME_RATE) // 4)
    strong = scipy.ndimage.percentile_filter(flux[::4].astype(np.float64), 95, size=size).repeat(4)[: len(flux)]
    strong = np.maximum(strong, 0.25 * float(np.percentile(flux, 95)))
    # In a silence noise rises and falls as much as music does, but it is not as loud.
    peak = scipy.ndimage.maximum_filter1d(loud, 9)
    usual_loud = scipy.ndimage.percentile_filter(peak[::4], 60, size=size).repeat(4)[: len(flux)]
    onsets = np.flatnonzero((flux > _ONSET * strong) & (peak > _HEARD * usual_loud)) / FRAME_RATE
    if len(onsets) < 20:
        return []
    gaps = np.diff(onsets)
    usual = float(np.percentile(gaps[gaps > 0.12], 96)) if (gaps > 0.12).any() else 0.0
    least = max(_LONGER * usual, _FEWEST_BEATS * period)
    longest = np.flatnonzero((gaps >= least) & (gaps <= _LONGEST_S))
    often = len(longest) > max(6, 6 * len(flux) / FRAME_RATE / 60)
    return [] if often else [(float(onsets[k]), float(onsets[k + 1])) for k in longest]


def _between(spectra: Spectra, beats_s: Floats, before: _Music, after: _Music) -> Stop | None:
    """The stop between two stretches of music; None when there is none, or too little music to know."""
    # Close to the silence beats were drawn into it.
    left = beats_s[(beats_s > before.start_s) & (beats_s < before.end_s)][:-2][-16:]
    right = beats_s[(beats_s > after.start_s) & (beats_s < after.end_s)][2:][:16]
    if min(len(left), len(right)) < 4:
        return None
    (near, slow), (_, quick) = _line(left), _line(right)
    beat = (slow + quick) / 2
    if abs(np.log2(slow / quick)) > 0.12:
        return None
    score = onset_score(spectra)
    last = near + slow * np.floor((before.end_s - 0.05 - near) / slow + 0.25)
    for _ in range(2):
        # The last beat is struck.
        last -= slow * (_near(score, last, 0.12 * slow) < 0)
    again = _goes_on(spectra, (left, slow), quick, after, float(last))
    stop = Stop(float(last), again, float((again - last) / beat - 1))
    least, share = (_REST, _QUIET) if stop.whole else (0.3, _SOFTER)
    return (
        stop
        if stop.silent > least and _quieter(spectra, after.start_s - 0.8 * stop.silent * beat, after.start_s, share)
        else None
    )


def _line(beats_s: Floats) -> tuple[float, float]:
    """(second of the first beat, seconds a beat) of beats that are even, whatever a few of them say."""
    k = np.arange(len(beats_s))
    period = float(np.median([(b - a) / n for n in (2, 3, 4, 5) for a, b in zip(beats_s, beats_s[n:], strict=False)]))
    return float(np.median(beats_s - k * period)), period


def _near(row: Row, at_s: float, within_s: float) -> float:
    """The most of a row around a second."""
    a, b = (round((at_s + d) * FRAME_RATE) for d in (-within_s, within_s))
    return float(row[max(0, a) : max(1, b + 1)].max(initial=-1.0))


def _goes_on(spectra: Spectra, before: tuple[Floats, float], quick: float, after: _Music, last: float) -> float:
    """The second of the first beat after the silence.

    What is played within a beat is laid on what was played within a beat before, at each part of a beat, so that strong
    strokes off the beat stay off it. Music mostly begins again on a beat, and sooner straight on than not.
    """
    left, slow = before
    number = int(min(16, (after.end_s - after.start_s) / quick - 1))
    known = _folded(spectra, left, slow)
    best, where = -np.inf, after.start_s
    for part in range(-3, _PARTS - 3):
        first = after.start_s + 0.05 + part / _PARTS * quick
        alike = float((_folded(spectra, np.asarray(first + quick * np.arange(number)), quick) * known).mean())
        silent = (first - last) / ((slow + quick) / 2)
        value = alike + _ON_A_BEAT * np.exp(-0.5 * (part / 1.5) ** 2)
        value += _STRAIGHT_ON * np.exp(-0.5 * ((silent - round(silent)) / 0.06) ** 2)
        if value > best:
            best, where = value, first
    return float(where)


def _folded(spectra: Spectra, beats_s: Floats, period: float) -> Floats:
    """Onsets of three groups of bands by their place within a beat, each with mean 0 and spread 1."""
    at = beats_s[:, None] + period * np.arange(_PARTS)[None] / _PARTS
    frames = np.clip((at * FRAME_RATE).round().astype(np.intp), 1, len(spectra.flux) - 2)
    rows = []
    for row in (spectra.low, spectra.mid, spectra.high):
        heard = np.maximum(row[frames], np.maximum(row[frames - 1], row[frames + 1])).mean(axis=0)
        heard = 0.5 * heard + 0.25 * (np.roll(heard, 1) + np.roll(heard, -1))
        rows.append((heard - heard.mean()) / (heard.std() + 1e-9))
    return np.array(rows)


def _quieter(spectra: Spectra, start_s: float, end_s: float, share: float) -> bool:
    """Whether the music itself is gone, not only its strokes: quieter than a share of its usual loudness."""
    a, b = int(start_s * FRAME_RATE), int(end_s * FRAME_RATE)
    usual = float(np.median(spectra.loud[spectra.loud > 0])) if (spectra.loud > 0).any() else 0.0
    return b > a and float(np.median(spectra.loud[a:b])) < share * usual


def joined(spectra: Spectra, stops: Sequence[Stop]) -> Spectra:
    """What is heard without the parts of beats that stops last beyond whole ones."""
    keep = np.ones(len(spectra.flux), dtype=bool)
    for a, b in _cut_frames(stops):
        keep[a:b] = False
    per = round(FINE_RATE / FRAME_RATE)
    fine = np.repeat(keep, per)
    fine = np.concatenate([fine, np.ones(max(0, len(spectra.fine) - len(fine)), dtype=bool)])[: len(spectra.fine)]
    rows = {name: getattr(spectra, name)[keep] for name in ("flux", "low", "mid", "high", "chroma", "bands", "loud")}
    gone = float((~keep).sum() / FRAME_RATE)
    return Spectra(**rows, fine=spectra.fine[fine], duration_s=spectra.duration_s - gone)


def _cut_frames(stops: Sequence[Stop]) -> list[tuple[int, int]]:
    """Frames that are cut out, just before the music begins again."""
    out = []
    for stop in stops:
        end = int((stop.again_s - 0.06) * FRAME_RATE)
        size = round(stop.cut_s * FRAME_RATE)
        if size > 0:
            out.append((end - size, end))
    return out


def parted(times_s: Floats, stops: Sequence[Stop]) -> Floats:
    """Seconds of joined music in the song as it is."""
    out = np.array(times_s, dtype=np.float64)
    for a, b in _cut_frames(stops):
        out[out >= a / FRAME_RATE] += (b - a) / FRAME_RATE
    return out
