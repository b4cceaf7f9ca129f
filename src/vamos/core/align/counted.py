"""Passes counted aloud without music: when the counts are said, and which is a 1.

Numbers that are understood (:mod:`vamos.core.align.spoken`) say both. Where none are, in other languages or without
the recogniser, onsets in the voice band make the beats of a steady-as-possible line; its ends are where the counting
falls silent. It must be a voice, with silence between its words: music and steps are steady too. Which count is a 1
then follows from the sound of the numbers where it can: in the cycle of eight, two neighbours (six, seven) begin with
a hiss that others lack.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from pathlib import Path

import numpy as np

from vamos.core.align import spoken
from vamos.core.grid.beats import refine, track
from vamos.core.grid.spectra import FRAME_RATE, Row, Spectra, analyse, normal
from vamos.core.grid.tap import follow_taps, lateness
from vamos.core.grid.tempo import Floats, preference, tempogram
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples, read_sound
from vamos.core.progress import Progress, quiet

#: Teachers count about this fast when there is no music (common practice, no source).
COUNTING_BPM = 84.0
FEWEST = 8
#: A voice without music falls this far between its words (dB), and so many of its counts have a pitch (tuning part of
#: bench/counted.py: music up to 10 dB, steps none; of five recorded bands four up to 13).
FALLS_DB, PITCHED = 14.0, 0.12
#: A word begins where it is this share of its loudest.
BEGINS = 0.12
#: What is no more than steady is a question, and plain talk is steady up to here.
UNSURE, TALK = 0.45, 0.4
#: The hiss of six and seven was sure of a wrong 1 with human voices, so it is a hint and never more.
HINT = 0.3
#: Beats and numbers go together when their pace differs by no more than this, and so many of them agree.
SAME_PACE, TOGETHER = 0.1, 0.6
#: So many numbers make a chain about as sure as it gets.
MANY = 10.0


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


def find_countings(path: Path, progress: Progress | None = None, expected_s: float = 0.0) -> list[Counting]:
    """Counts said aloud in a take, each counting by itself, in order."""
    progress = progress or quiet()
    sound = read_sound(path, spoken.RATE, progress=progress.part(0, 0.3), expected_s=expected_s).mono()
    return countings_in(analyse(path, progress.part(0.3, 1.0), expected_s), sound)


def countings_in(spectra: Spectra, sound: Samples, start_s: float = 0.0, end_s: float = np.inf) -> list[Counting]:
    """As :func:`find_countings`, in a stretch, from features and sound (mono at ``spoken.RATE``) of all of the take."""
    part = sound[int(start_s * spoken.RATE) : int(min(end_s, len(sound) / spoken.RATE) * spoken.RATE)]
    whole = len(part) >= len(sound) - spoken.RATE // 10
    heard = spectra if whole else spectra.between(start_s, end_s)
    if float(heard.loud.max(initial=0)) < 1e-3 or heard.duration_s < 4:
        return []
    beats = _beats(heard)
    found = [_of_chain(chain, beats.times_s) for chain in spoken.chains(spoken.numbers_in(part))]
    if not found and (steady := _steady(heard, beats, part)) is not None:
        found = [steady]
    return [replace(c, times_s=c.times_s + start_s) for c in found]


def _of_chain(chain: spoken.Chain, beats: Floats) -> Counting:
    """Numbers that were understood: the more there are, and the fewer others among them, the surer."""
    times, first = _on_beats(chain, beats) or chain.all_times()
    many = 1 - float(np.exp(-len(chain.times_s) / MANY))
    # Numbers of other languages make short chains with many strangers among them.
    agreed = float(np.clip((chain.share - 0.4) / 0.3, 0, 1))
    return Counting(times, first, chain.share * many, many * agreed)


def _on_beats(chain: spoken.Chain, beats: Floats) -> tuple[Floats, int] | None:
    """The beats of the voice, numbered by what was understood; None where they do not go together.

    Beats waver less than the moments at which numbers are understood, but lie where vowels are; so all are moved by
    what lies between them and the numbers.
    """
    times, _ = chain.all_times()
    period = float(np.median(np.diff(times)))
    beats = beats[(beats > times[0] - period / 2) & (beats < times[-1] + period / 2)]
    if len(beats) < FEWEST or abs(float(np.median(np.diff(beats))) / period - 1) > SAME_PACE:
        return None
    nearest = np.abs(beats[None] - chain.times_s[:, None]).argmin(axis=1)
    off = chain.times_s - beats[nearest]
    near = np.abs(off - np.median(off)) < period / 4
    votes = np.bincount((nearest - chain.counts)[near] % 8, minlength=8)
    if near.mean() < TOGETHER or votes.max() < TOGETHER * len(off):
        return None
    return beats + float(np.median(off[near])), int(np.argmax(votes))


def counts_from_taps(
    path: Path, taps_take_s: Floats, progress: Progress | None = None, expected_s: float = 0.0
) -> Floats:
    """The moments of the counts tapped along to a take, without the hand's lateness, ``(counts,)`` take seconds.

    Raises InputError for taps that are too few or too uneven; MissingError or MediaError for the file.
    """
    _, moments = follow_taps(taps_take_s)
    return moments - lateness(moments, analyse(path, progress or quiet(), expected_s))


@dataclass(frozen=True, slots=True)
class _Beats:
    """The beats of a voice, how strong each is, and how steady the pace is heard (0 to 1)."""

    times_s: Floats
    strength: Floats
    pace: float


def _beats(spectra: Spectra) -> _Beats:
    voice = _voice_onsets(spectra)
    tempi = tempogram(voice)
    score = np.clip(normal(voice), -1, 3).astype(np.float32)
    wish = preference(COUNTING_BPM, 0.5)
    beats, strength = refine(track(score, tempi, wish), spectra.fine)
    beats, strength = _spoken(beats, strength, voice)
    return _Beats(beats, strength, tempi.strength())


def _steady(spectra: Spectra, found: _Beats, sound: Samples) -> Counting | None:
    """Steady speech, which may be counting."""
    beats, strength = found.times_s, found.strength
    if len(beats) < FEWEST:
        return None
    gaps = np.diff(beats)
    steady = float(np.clip(1 - 2.5 * np.median(np.abs(gaps / np.median(gaps) - 1)), 0, 1))
    heard = float(np.mean(strength > 0.15))
    confidence = steady * heard * found.pace
    if confidence < TALK or not _a_voice(sound, beats):
        return None
    first, sure = _which_is_one(spectra, beats)
    return Counting(beats - _late(sound, beats), first, min(confidence, UNSURE), min(sure, HINT))


def _late(sound: Samples, beats: Floats) -> float:
    """How long before the beats their words begin, seconds: beats are found where vowels are, words begin earlier."""
    hop = spoken.RATE // 200
    band = scipy.signal.butter(2, [200, 7000], "bandpass", fs=spoken.RATE, output="sos")
    heard = scipy.signal.sosfilt(band, sound.astype(np.float64))
    level = np.sqrt(scipy.ndimage.uniform_filter1d(heard**2, 3 * hop)[::hop] + 1e-14)
    found = []
    for at in (beats * 200).astype(int):
        around = level[max(0, at - 40) : at + 30]
        here = min(at, 40)
        if len(around) < 60:
            continue
        top = max(0, here - 10) + int(np.argmax(around[max(0, here - 10) : here + 24]))
        floor = float(np.percentile(around, 10))
        silent = np.flatnonzero(around[:top] < floor + BEGINS * (around[top] - floor))
        if len(silent):
            found.append((here - int(silent[-1]) - 1) / 200)
    return max(0.0, float(np.median(found))) if found else 0.0


def _a_voice(sound: Samples, beats: Floats) -> bool:
    """Whether it is a voice alone that is heard: it falls silent between its words, and has a pitch in them."""
    rate = spoken.RATE
    band = scipy.signal.butter(2, [200, 3500], "bandpass", fs=rate, output="sos")
    heard = scipy.signal.sosfilt(band, sound.astype(np.float64))
    inside = heard[int(beats[0] * rate) : int(beats[-1] * rate)]
    size = rate // 20
    levels = np.sqrt(scipy.ndimage.uniform_filter1d(inside**2, size)[:: size // 5] + 1e-12)
    high, low = np.percentile(20 * np.log10(levels), [90, 15])
    return bool(high - low >= FALLS_DB and np.mean([_has_pitch(heard, at) for at in beats]) >= PITCHED)


def _has_pitch(heard: Floats, at_s: float) -> bool:
    """Whether the sound repeats 80 to 400 times a second within the 200 ms after a moment."""
    rate, size = spoken.RATE, spoken.RATE // 20
    best = 0.0
    for late in (0.03, 0.07, 0.11, 0.15):
        part = heard[int((at_s + late) * rate) :][:size]
        if len(part) == size:
            part = part - part.mean()
            row = scipy.signal.correlate(part, part, method="fft")[size - 1 :]
            row = row / (row[0] + 1e-12) * size / (size - np.arange(size))
            best = max(best, float(row[rate // 400 : rate // 80].max()))
    return best > 0.6


def _voice_onsets(spectra: Spectra) -> Row:
    """Rises between 200 Hz and 4 kHz, where a voice is, over half a syllable's length."""
    part = spectra.bands[:, 4:34].mean(axis=1)
    rise = np.zeros_like(part)
    rise[4:] = np.maximum(0, part[4:] - part[:-4])
    return np.asarray(rise, dtype=np.float32)


def _spoken(beats: Floats, strength: Floats, voice: Row) -> tuple[Floats, Floats]:
    """Only the longest run of beats in which no more than two in a row are unsaid."""
    frames = np.clip((beats * FRAME_RATE).astype(int), 0, len(voice) - 1)
    level = 0.25 * float(np.percentile(voice, 98)) + 1e-9
    said = np.array([voice[max(0, f - 6) : f + 9].max(initial=0) > level for f in frames])
    best, start, missing = (0, 0), None, 0
    last = 0
    for k, heard in enumerate(said):
        if heard:
            start = k if start is None else start
            missing, last = 0, k
        else:
            missing += 1
            if missing > 2:
                start = None
        if start is not None and last + 1 - start > best[1] - best[0]:
            best = (start, last + 1)
    return beats[best[0] : best[1]], strength[best[0] : best[1]]


def _which_is_one(spectra: Spectra, beats: Floats) -> tuple[int, float]:
    """The index (0 to 7) of a 1, from the hiss at the start of six and seven."""
    frames = np.clip((beats * FRAME_RATE).astype(int), 0, len(spectra.bands) - 1)
    hiss = np.array(
        [
            spectra.bands[max(0, f - 8) : f + 6, 36:].mean() - spectra.bands[max(0, f - 8) : f + 6, 8:24].mean()
            for f in frames
        ]
    )
    sums = np.array(
        [np.mean(hiss[p::8]) + np.mean(hiss[(p + 1) % 8 :: 8]) if len(hiss) > p + 8 else -9.0 for p in range(8)]
    )
    six = int(np.argmax(sums))
    ranked = np.sort(sums)[::-1]
    spread = float(np.std(hiss)) + 1e-9
    sure = float(np.clip((ranked[0] - ranked[1]) / spread, 0, 1))
    return (six + 3) % 8, sure
