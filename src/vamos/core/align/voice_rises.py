"""Where a voice rises: the moments at which spoken words are felt to fall on a beat.

A listener hears a word at its perceptual centre, near the onset of its vowel and not at its first sound (J. Morton,
S. Marcus and C. Frankish, Psychological Review 83, 1976; S. K. Scott, 1998); the steepest rise of the envelope between
300 and 3,000 Hz is a good stand-in. Claps and steps are shorter than a vowel and are taken out by a median in time.
"""

from __future__ import annotations

import itertools
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

Floats = npt.NDArray[np.float64]
Row = npt.NDArray[np.float32]

#: Samples a second, samples from frame to frame, frames a second of envelope and of the pictures of words.
RATE, _HOP = 16000, 80
FRAMES, WORD_FRAMES = RATE // _HOP, RATE // _HOP // 2
_WINDOW, _FFT = 400, 512
_BIN_HZ = RATE / _FFT
_LOW, _HIGH = int(300 / _BIN_HZ), int(3000 / _BIN_HZ) + 1
#: A burst shorter than half of so many frames is no vowel.
_MEDIAN = 13
#: The envelope moves no faster than this (Hz).
_SMOOTH_HZ = 12.0
#: Bands of the pictures of words: so many between these frequencies.
BANDS, _FROM_HZ, _TO_HZ = 22, 200.0, 7000.0
#: Seconds of sound worked on at once.
_BLOCK_S = 60
#: A pitch lies between these (Hz); looked for every so many frames in a window of so many samples.
_PITCH_HZ, _EVERY, _PITCH_WINDOW = (80, 400), 4, 800
#: Rises are at least this far apart (seconds); weaker ones than this are none.
_APART_S, _WEAKEST = 0.05, 0.12
#: From a rise on, frames in which a vowel must sound, and how much of a pitch is none and a whole one.
_VOWEL, _PITCHED = (4, 24), (0.25, 0.6)
#: Steepness is compared within so many seconds.
_BESIDE_S = 0.3


@dataclass(frozen=True, slots=True)
class Voice:
    """A sound as a voice: ``envelope`` and ``pitched`` (0 to 1) by frame, ``words`` ``(word frames, bands)`` in log."""

    envelope: Floats
    pitched: Floats
    words: Row


@dataclass(frozen=True, slots=True)
class Rises:
    """Rises of a voice: their seconds, strength (0 to 1.6), pitch behind them and steepness beside others (0 to 1)."""

    times_s: Floats
    strength: Floats
    pitched: Floats
    steepness: Floats

    def outside(self, start_s: float, end_s: float) -> Rises:
        """Those not between two moments."""
        keep = (self.times_s < start_s - 0.05) | (self.times_s > end_s + 0.05)
        return Rises(self.times_s[keep], self.strength[keep], self.pitched[keep], self.steepness[keep])


def voice_of(sound: Samples) -> Voice:
    """What a sound (mono at ``RATE``) is as a voice."""
    heard = np.asarray(sound, np.float32) - np.float32(np.mean(sound))
    middle, words = _spectra(heard)
    middle = scipy.ndimage.median_filter(middle, size=(_MEDIAN, 1), mode="nearest")
    middle = np.maximum(middle - np.percentile(middle, 15, axis=0)[None], 0)
    raw = np.sqrt((middle.astype(np.float64) ** 2).sum(axis=1))
    lowpass = scipy.signal.butter(2, _SMOOTH_HZ, fs=FRAMES, output="sos")
    envelope = np.maximum(scipy.signal.sosfiltfilt(lowpass, raw), 0)
    floor = np.percentile(words, 30, axis=0)[None]
    log = np.log(words + floor + 1e-6)
    log = scipy.ndimage.gaussian_filter1d(log, 2, axis=0)[::2]
    return Voice(envelope, _pitch(heard, len(envelope)), log.astype(np.float32))


def _spectra(heard: Row) -> tuple[Row, Row]:
    """Magnitudes of the bins that carry vowels, and of the bands of words, by frame."""
    window = np.hanning(_WINDOW + 1)[:_WINDOW].astype(np.float32)
    padded = np.pad(heard, (_WINDOW // 2, _WINDOW))
    frames = np.lib.stride_tricks.sliding_window_view(padded, _WINDOW)[::_HOP][: len(heard) // _HOP + 1]
    edges = _FROM_HZ * (_TO_HZ / _FROM_HZ) ** (np.arange(BANDS + 1) / BANDS) / _BIN_HZ
    middle, words = [], []
    size = _BLOCK_S * FRAMES
    for first in range(0, len(frames), size):
        seen = np.abs(np.fft.rfft(frames[first : first + size] * window, _FFT, axis=1)).astype(np.float32)
        middle.append(seen[:, _LOW:_HIGH])
        bands = [seen[:, int(a) : max(int(a) + 1, int(b))].mean(axis=1) for a, b in itertools.pairwise(edges)]
        words.append(np.stack(bands, axis=1))
    return np.concatenate(middle), np.concatenate(words)


def _pitch(heard: Row, frames: int) -> Floats:
    """How well a sound repeats itself 80 to 400 times a second, by frame (0 to 1)."""
    window = np.hanning(_PITCH_WINDOW + 1)[:_PITCH_WINDOW].astype(np.float32)
    step = _HOP * _EVERY
    padded = np.pad(heard, (_PITCH_WINDOW // 2, _PITCH_WINDOW))
    rows = np.lib.stride_tricks.sliding_window_view(padded, _PITCH_WINDOW)[::step][: len(heard) // step + 1]
    frequency = np.fft.rfftfreq(2048, 1 / RATE)
    band = (frequency > 150) & (frequency < 1800)
    lags = slice(RATE // _PITCH_HZ[1], RATE // _PITCH_HZ[0])
    own = np.fft.irfft(np.abs(np.fft.rfft(window, 2048)) ** 2)[: lags.stop]
    found = []
    for first in range(0, len(rows), 2000):
        power = np.abs(np.fft.rfft(rows[first : first + 2000] * window, 2048, axis=1)) ** 2 * band
        again = np.fft.irfft(power, axis=1)[:, : lags.stop]
        again = again / (again[:, :1] + 1e-9) / (own / own[0])
        found.append(again[:, lags].max(axis=1).clip(0, 1))
    pitched = np.repeat(np.concatenate(found), _EVERY)[:frames].astype(np.float64)
    return np.pad(pitched, (0, frames - len(pitched)), mode="edge")


def rises_of(voice: Voice) -> Rises:
    """The rises of a voice that may be words, in order."""
    slope = np.maximum(np.gradient(voice.envelope), 0)
    peaks, _ = scipy.signal.find_peaks(slope, distance=int(_APART_S * FRAMES))
    peaks = peaks[(peaks > 0) & (peaks < len(slope) - 8)]
    if not len(peaks):
        nothing = np.zeros(0)
        return Rises(nothing, nothing, nothing, nothing)
    height = np.array([_height(voice.envelope, slope, int(p)) for p in peaks])
    pitch = np.array([voice.pitched[p + _VOWEL[0] : p + _VOWEL[1]].mean() for p in peaks])
    loud = np.sort(height)[-max(4, int(len(slope) / FRAMES * 1.2)) :]
    pitched = np.clip((pitch - _PITCHED[0]) / (_PITCHED[1] - _PITCHED[0]), 0, 1)
    strength = np.clip(height / (np.median(loud) + 1e-12), 0, 1.6) ** 0.6 * (0.15 + 0.85 * pitched)
    keep = strength > _WEAKEST
    peaks, strength, pitched = peaks[keep], strength[keep], pitched[keep]
    before, here, after = slope[peaks - 1], slope[peaks], slope[peaks + 1]
    bend = before - 2 * here + after
    times = (peaks + np.where(bend < 0, 0.5 * (before - after) / np.where(bend < 0, bend, -1), 0)) / FRAMES
    steep = here * (0.3 + 0.7 * pitched)
    beside = np.array([steep[np.abs(times - t) < _BESIDE_S].max() for t in times]) if len(times) else times
    return Rises(times, strength, pitched, steep / (beside + 1e-12))


def _height(envelope: Floats, slope: Floats, peak: int) -> float:
    """From the valley before a rise to the crest after it."""
    low = high = peak
    while low > 0 and slope[low] > 0 and peak - low < 40:
        low -= 1
    while high < len(slope) - 1 and slope[high] > 0 and high - peak < 40:
        high += 1
    return float(envelope[high] - envelope[low])
