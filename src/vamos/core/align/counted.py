"""Passes counted aloud without music: when the counts are said, and which is a 1; in any language.

A counting is found by its rhythm: rises of a voice that go on at a pace that hardly changes
(:mod:`vamos.core.align.count_chain`) and whose words come again every four, six or eight counts
(:mod:`vamos.core.align.recurring_words`). Which one is a 1 the words say, beside numbers spoken in fifteen languages,
and English numbers that a recogniser understands (:mod:`vamos.core.align.spoken`). A count is where a listener hears
it, at the centre of its word.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from functools import partial
from pathlib import Path

import numpy as np
import numpy.typing as npt

from vamos.core.align import spoken
from vamos.core.align.count_chain import Counts, best_chain, word_times
from vamos.core.align.number_words import SURE_MARGIN, numbering
from vamos.core.align.recurring_words import COUNTED, Recurrence, beside, likeness, recurrences
from vamos.core.align.voice_rises import FRAMES, RATE, Floats, Voice, rises_of, voice_of
from vamos.core.grid.spectra import analyse
from vamos.core.grid.tap import follow_taps, lateness
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples, read_sound
from vamos.core.model.take import SURE
from vamos.core.progress import Progress, quiet

#: A pass has so many counts at least; with fewer than the second it is believed only for its numbers.
FEWEST, WORDS_RECUR = 8, 12
#: What is less sure than this is no counting; a short one is never surer than the second.
LEAST_SURE, SHORT = 0.3, 0.45
#: Which count is 1 is a question up to here.
HINT = 0.3
#: A sound is searched so many times.
_MOST = 4
#: “and” is heard as counts of its own where the pace is below this, and every other word is alike.
_AND_PACE_S, _ALIKE, _MORE_ALIKE = 0.58, 0.35, 0.25
#: A word recurs less than this share of the others where somebody talks; runs of counts so far apart are one.
_TALK, _JOIN = 0.22, 4
#: A word is so much more alike to one a cycle away where counting goes on.
_BESIDE = 0.2
#: So many understood numbers must agree on what count they are, and such a share of them.
_UNDERSTOOD, _AGREE = 8, 0.6


@dataclass(frozen=True, slots=True)
class Counting:
    """Counts said aloud.

    ``times_s`` take seconds of the counts; ``first`` the index of a count that is a 1;
    ``confidence`` of the times, ``sure_of_one`` of the numbering (both 0 to 1).
    """

    times_s: Floats
    first: int
    confidence: float
    sure_of_one: float


@dataclass(frozen=True, slots=True)
class _Found:
    """A chain of words: seconds and counts from its first, how alike words are, how sure it is counting."""

    times_s: Floats
    counts: Counts
    recurs: Recurrence | None
    sure: float


def find_countings(path: Path, progress: Progress | None = None, expected_s: float = 0.0) -> list[Counting]:
    """Counts said aloud in a take, each counting by itself, in order."""
    progress = progress or quiet()
    sound = read_sound(path, RATE, progress=progress, expected_s=expected_s).mono()
    return countings_in(sound)


def countings_in(sound: Samples, start_s: float = 0.0, end_s: float = np.inf) -> list[Counting]:
    """As :func:`find_countings`, in a stretch of the sound (mono at ``RATE``) of a take."""
    part = sound[int(start_s * RATE) : int(min(end_s, len(sound) / RATE) * RATE)]
    if float(np.abs(part).max(initial=0)) < spoken.SILENT or len(part) < 4 * RATE:
        return []
    voice = voice_of(part)
    found = [chain for chain in _chains(voice) if chain.sure >= LEAST_SURE]
    understood = spoken.numbers_in(part) if found else []
    out = [c for chain in found for c in _countings(chain, voice, understood)]
    out.sort(key=lambda c: float(c.times_s[0]))
    return [Counting(c.times_s + start_s, c.first, c.confidence, c.sure_of_one) for c in out]


def counted_words(sound: Samples) -> list[tuple[Floats, Counts]]:
    """The words of each sure counting in a sound (mono at ``RATE``): take seconds, and counts from the first."""
    if float(np.abs(sound).max(initial=0)) < spoken.SILENT or len(sound) < 4 * RATE:
        return []
    return [(c.times_s, c.counts) for c in _chains(voice_of(sound)) if c.sure >= SURE]


def counts_from_taps(
    path: Path, taps_take_s: Floats, progress: Progress | None = None, expected_s: float = 0.0
) -> Floats:
    """The moments of the counts tapped along to a take, without the hand's lateness, ``(counts,)`` take seconds.

    Raises InputError for taps that are too few or too uneven; MissingError or MediaError for the file.
    """
    _, moments = follow_taps(taps_take_s)
    return moments - lateness(moments, analyse(path, progress or quiet(), expected_s))


def _chains(voice: Voice) -> list[_Found]:
    """Steady words in a sound, the steadiest first."""
    every = rises = rises_of(voice)
    out: list[_Found] = []
    for _ in range(_MOST):
        if len(rises.times_s) < 6:
            break
        chain = best_chain(rises)
        if len(chain.index) < 6:
            break
        times = rises.times_s[chain.index]
        start, end = float(times[0]), float(times[-1])
        pitched = float(rises.pitched[chain.index].mean())
        gain = chain.gain / len(chain.index)
        times, counts, alike = _without_ands(times, chain.counts, likeness(voice.words, times))
        times = word_times(every, times, counts)
        believe = partial(_sure, gain=gain, pitched=pitched, falls_db=_falls_db(voice, start, end))
        whole = _found(times, counts, alike, believe)
        out += [whole] if whole.sure >= SURE else _stretches(times, counts, alike, believe) or [whole]
        rises = rises.outside(start, end)
    return out


def _found(times: Floats, counts: Counts, alike: Floats, believe: Callable[..., float]) -> _Found:
    known = recurrences(alike, counts)
    most = max((known[lag].contrast for lag in COUNTED if lag in known), default=0.0)
    # What comes again every four comes again every eight as well.
    recurs = next((known[lag] for lag in COUNTED if lag in known and known[lag].contrast >= 0.9 * most), None)
    return _Found(times, counts, recurs, believe(known, recurs, words=len(counts)))


def _stretches(times: Floats, counts: Counts, alike: Floats, believe: Callable[..., float]) -> list[_Found]:
    """The stretches of a chain that are countings by themselves, where talk between them shifts their numbers."""
    levels = {lag: beside(alike, counts, lag) for lag in COUNTED}
    level = levels[max(levels, key=lambda lag: float(np.maximum(levels[lag] - _BESIDE, 0).sum()))]
    least = max(_BESIDE, float(np.percentile(level, 75)) / 2)
    good = scipy.ndimage.median_filter(level, 3, mode="nearest") > least
    out = []
    for a, b in _true_runs(good):
        if b - a >= WORDS_RECUR:
            part = _found(times[a:b], counts[a:b] - counts[a], alike[a:b, a:b], believe)
            # The best stretch of music repeats itself as well, but less.
            clear = float(np.clip((part.recurs.contrast - 0.4) / 0.2, 0, 1)) if part.recurs is not None else 0.0
            if part.sure * clear >= LEAST_SURE:
                out.append(replace(part, sure=part.sure * clear))
    return out


def _true_runs(of: npt.NDArray[np.bool_]) -> list[tuple[int, int]]:
    """From and to of each run of what is true."""
    edges = np.flatnonzero(np.diff(np.concatenate([[False], of, [False]])))
    return [(int(a), int(b)) for a, b in zip(edges[::2], edges[1::2], strict=True)]


def _without_ands(times: Floats, counts: Counts, alike: Floats) -> tuple[Floats, Counts, Floats]:
    """The words of whole counts, where every other word is always the same (“and”)."""
    pace = float(np.median(np.diff(times) / np.diff(counts)))
    even = counts % 2 == 0
    if pace >= _AND_PACE_S or min(even.sum(), (~even).sum()) < 5:
        return times, counts, alike

    def sameness(of: npt.NDArray[np.bool_]) -> float:
        among = alike[np.ix_(of, of)]
        return float(among[~np.eye(len(among), dtype=bool)].mean())

    a, b = sameness(even), sameness(~even)
    if max(a, b) <= _ALIKE or abs(a - b) <= _MORE_ALIKE:
        return times, counts, alike
    keep = even if a < b else ~even
    left = counts[keep]
    return times[keep], (left - left[0]) // 2, alike[np.ix_(keep, keep)]


def _falls_db(voice: Voice, start_s: float, end_s: float) -> float:
    """How far a voice falls between its words; music and noise fall little."""
    inside = voice.envelope[int(start_s * FRAMES) : int(end_s * FRAMES)]
    high, low = np.percentile(inside, [90, 15]) if len(inside) else (0.0, 0.0)
    return float(20 * np.log10((high + 1e-9) / (low + 1e-3 * high + 1e-12)))


def _sure(
    known: dict[int, Recurrence], recurs: Recurrence | None, gain: float, pitched: float, falls_db: float, words: int
) -> float:
    """How sure it is that words are counts (tuned on seven languages of a speech synthesiser, judged on others)."""
    voice = float(np.clip((falls_db - 9) / 5, 0, 1) * np.clip((pitched - 0.3) / 0.15, 0, 1))
    if recurs is None or words < WORDS_RECUR:
        return voice * SHORT * float(np.clip((gain - 0.3) / 0.1, 0, 1))
    sure = voice * float(np.clip((recurs.contrast - 0.1) / 0.25, 0, 1) * np.clip((recurs.t - 2) / 3, 0, 1))
    sure *= float(np.clip((gain - 0.24) / 0.1, 0, 1))
    best = max(known.values(), key=lambda r: r.contrast)
    threes = best.lag in (3, 9) and recurs.lag == 6 and recurs.contrast > 0.85 * best.contrast
    return sure if best.lag in COUNTED or threes else 0.2 * sure


def _countings(found: _Found, voice: Voice, understood: list[spoken.Number]) -> list[Counting]:
    """The countings of a chain: its runs without talk, each numbered by itself."""
    out = []
    for start, end in _runs(found):
        times, counts = found.times_s[start:end], found.counts[start:end] - found.counts[start]
        one, step, sure = _which_is_one(times, counts, found.recurs, voice, understood)
        confidence = found.sure
        if len(counts) < WORDS_RECUR:
            # Short and steady may be talk: only its numbers tell.
            confidence = min(confidence, SHORT) if sure > HINT else 0.0
        every = np.arange(0, int(counts[-1]) * step + 1)
        if confidence >= LEAST_SURE and len(every) >= FEWEST:
            out.append(Counting(np.interp(every, counts * step, times), one, confidence, sure))
    return out


def _runs(found: _Found) -> list[tuple[int, int]]:
    """Where the words recur: from and to (indices), without what is talked between."""
    if found.recurs is None or len(found.counts) < WORDS_RECUR:
        return [(0, len(found.counts))]
    recurs = found.recurs.by_word
    recurs = np.where(np.isfinite(recurs), recurs, np.nanmedian(recurs))
    level = scipy.ndimage.median_filter(recurs, 3, mode="nearest")
    level = scipy.ndimage.uniform_filter1d(level, 3, mode="nearest")
    talk = level < _TALK * np.percentile(level, 75)
    talk = scipy.ndimage.median_filter(talk.astype(int), 3, mode="nearest") > 0
    runs = [(a, b) for a, b in _true_runs(~talk) if b - a >= 4]
    out: list[tuple[int, int]] = []
    for a, b in runs:
        if out and found.counts[a] - found.counts[out[-1][1] - 1] <= _JOIN:
            out[-1] = (out[-1][0], b)
        else:
            out.append((a, b))
    return out


def _which_is_one(
    times: Floats, counts: Counts, recurs: Recurrence | None, voice: Voice, understood: list[spoken.Number]
) -> tuple[int, int, float]:
    """Index of a count that is a 1 (0 to 7), counts from word to word, and how sure that is (0 to 1)."""
    lag = recurs.lag if recurs is not None else 8
    said = numbering(voice.words, times, counts, lag)
    step = said.step if said is not None else 1
    one, sure = (-(said.number - 1) % 8, min(1.0, 0.5 * said.margin / SURE_MARGIN)) if said is not None else (0, 0.0)
    heard = _understood_one(times, counts * step, understood)
    if heard is None:
        return one, step, sure
    if heard == one:
        return one, step, max(sure, 0.9)
    # English was understood, or something that sounds like it: where the words say otherwise, it is asked.
    return (heard, step, 0.6) if sure <= HINT else (one, step, HINT)


def _understood_one(times: Floats, counts: Counts, understood: list[spoken.Number]) -> int | None:
    """Index of a 1 by the numbers a recogniser understood near the words; None where they do not agree."""
    if not understood:
        return None
    near = 0.3 * float(np.median(np.diff(times)))
    votes = np.zeros(8, int)
    for number in understood:
        k = int(np.argmin(np.abs(times - number.take_s)))
        if abs(times[k] - number.take_s) < near:
            votes[(int(counts[k]) - (number.number - 1)) % 8] += 1
    total = int(votes.sum())
    return int(votes.argmax()) if votes.max() >= max(_UNDERSTOOD, _AGREE * total) else None
