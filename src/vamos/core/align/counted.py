"""Passes counted aloud without music: when the counts are said.

Onsets in the voice band make the beats of a steady-as-possible line; its ends are where the
counting falls silent. Which count is a 1 follows from the sound of the numbers where it can: in
the cycle of eight, two neighbours (six, seven) begin with a hiss that others lack.
"""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

import numpy as np

from vamos.core.grid.beats import refine, track
from vamos.core.grid.spectra import FRAME_RATE, Row, Spectra, analyse, normal
from vamos.core.grid.tap import follow_taps, lateness
from vamos.core.grid.tempo import Floats, preference, tempogram
from vamos.core.progress import Progress, quiet

#: Teachers count about this fast when there is no music (common practice, no source).
COUNTING_BPM = 84.0
FEWEST = 8


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


def find_counting(path: Path, progress: Progress | None = None, expected_s: float = 0.0) -> Counting | None:
    """Counts said aloud in a take, or None when nobody counts steadily."""
    spectra = analyse(path, progress or quiet(), expected_s)
    return counting_in(spectra)


def counts_from_taps(
    path: Path, taps_take_s: Floats, progress: Progress | None = None, expected_s: float = 0.0
) -> Floats:
    """The moments of the counts tapped along to a take, without the hand's lateness, ``(counts,)`` take seconds.

    Raises InputError for taps that are too few or too uneven; MissingError or MediaError for the file.
    """
    _, moments = follow_taps(taps_take_s)
    return moments - lateness(moments, analyse(path, progress or quiet(), expected_s))


def counting_in(spectra: Spectra) -> Counting | None:
    """As :func:`find_counting`, from features."""
    if float(spectra.loud.max(initial=0)) < 1e-3 or spectra.duration_s < 4:
        return None
    voice = _voice_onsets(spectra)
    tempi = tempogram(voice)
    score = np.clip(normal(voice), -1, 3).astype(np.float32)
    wish = preference(COUNTING_BPM, 0.5)
    beats, strength = refine(track(score, tempi, wish), spectra.fine)
    beats, strength = _spoken(beats, strength, voice)
    if len(beats) < FEWEST:
        return None
    gaps = np.diff(beats)
    steady = float(np.clip(1 - 2.5 * np.median(np.abs(gaps / np.median(gaps) - 1)), 0, 1))
    heard = float(np.mean(strength > 0.15))
    first, sure = _which_is_one(spectra, beats)
    return Counting(beats, first, steady * heard * tempi.strength(), sure)


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
