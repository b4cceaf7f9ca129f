"""The sound of a clip: the song cut to the clip's times, slowed with its pitch kept, levelled.

Loudness is measured after ITU-R BS.1770-4 (pyloudnorm) and set to −16 LUFS; peaks are held
under −1 dBTP, true peak read at four times the rate (BS.1770-4, annex 2).
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from functools import cache
from pathlib import Path
from typing import Any

import numpy as np

from vamos.core.lazy import scipy
from vamos.core.media.probe import probe
from vamos.core.media.sound import Samples, Sound, read_sound
from vamos.core.model.song import Used
from vamos.core.progress import Progress, quiet
from vamos.core.render.encode import coded, decoded
from vamos.core.render.timing import ClipTiming

RATE = 48000
TARGET_LUFS = -16.0
PEAK_DBTP = -1.0
_LIMIT = 10 ** (PEAK_DBTP / 20)
_MARGIN_S = 0.5
_FADE_S = 0.012
#: Peaks are looked for in pieces of so many samples, each with the filter's reach on both sides.
_PIECE, _EDGE = 1 << 19, 64
#: The filter that finds what lies between two samples reaches so many to each side.
_HALF = 10
#: Between samples music rises above them by less than 6 dB, so only what is half as high is looked at between them.
_BETWEEN = 0.5
#: Added to what is measured, full scale = 1 (−600 dB).
_UNHEARD = 1e-30
#: A gain that comes out by less than this part of it presses clicks against the ceiling, and louder is not worth it.
_WORTH = 1 / 3


def read_song(path: Path, progress: Progress | None = None, used: Used | None = None) -> Sound:
    """The song in stereo at ``RATE``, silent where it is not used; raises MissingError or MediaError."""
    song = read_sound(path, RATE, channels=2, progress=progress, expected_s=probe(path).duration_s)
    return song if used is None or used == Used() else _cut(song, used)


def _cut(song: Sound, used: Used) -> Sound:
    """A song that begins at its first second used, and fades out over the last ones; its clock stays."""
    samples = song.samples.copy()
    first = round(used.start_s * song.rate)
    last = min(len(samples), round(used.end_s * song.rate)) if used.end_s else len(samples)
    samples[:first] = 0
    samples[last:] = 0
    short = min(round(_FADE_S * song.rate), max(0, last - first))
    if first and short:
        samples[first : first + short] *= np.linspace(0, 1, short, dtype=np.float32)[:, None]
    fade = min(round(used.fade_s * song.rate) or (short if used.end_s else 0), max(0, last - first))
    if fade:
        # In equal power: even to the ear, not to the eye.
        samples[last - fade : last] *= np.cos(np.linspace(0, np.pi / 2, fade, dtype=np.float32))[:, None]
    return Sound(samples, song.rate)


def excerpt(song: Sound, start_s: float, frames: int) -> Samples:
    """``frames`` samples from a second on; silence where the song has none."""
    first = round(start_s * song.rate)
    out = np.zeros((frames, song.samples.shape[1]), dtype=np.float32)
    a, b = max(0, first), min(len(song.samples), first + frames)
    if b > a:
        out[a - first : b - first] = song.samples[a:b]
    return out


def stretched(samples: Samples, rate: int, speed: Fraction) -> Samples:
    """Samples ``(frames, channels)`` played at ``speed``, pitch kept; length ÷ speed."""
    if speed == 1:
        return samples
    if speed < Fraction(1, 2):
        # In one step a quarter speed drifts by 10 cents; two halves stay within 5.
        return stretched(stretched(samples, rate, Fraction(1, 2)), rate, speed * 2)
    import python_stretch

    stretch = python_stretch.Signalsmith.Stretch(1)
    stretch.preset(samples.shape[1], rate)
    stretch.setTimeFactor(float(speed))
    return np.ascontiguousarray(np.asarray(stretch.process(np.ascontiguousarray(samples.T))).T, dtype=np.float32)


def clip_sound(song: Sound, timing: ClipTiming) -> Samples:
    """The song under a clip: exactly as long as the clip, faded in and out by 12 ms."""
    frames = round(timing.duration_s * RATE)
    played = timing.speed
    speed = float(played)
    margin = _MARGIN_S if played != 1 else 0.0
    source = excerpt(song, timing.song_start_s - margin, round((timing.duration_s * speed + 2 * margin) * RATE))
    slow = stretched(source, RATE, played)
    skip = round(margin / speed * RATE)
    out = np.zeros((frames, source.shape[1]), dtype=np.float32)
    part = slow[skip : skip + frames]
    out[: len(part)] = part
    return faded(out)


def faded(samples: Samples) -> Samples:
    """Short fades at both ends, against clicks where a clip is cut."""
    size = min(int(_FADE_S * RATE), len(samples) // 2)
    if size:
        ramp = np.linspace(0, 1, size, dtype=np.float32)[:, None]
        samples[:size] *= ramp
        samples[-size:] *= ramp[::-1]
    return samples


def loudness(samples: Samples, rate: int = RATE) -> float:
    """Integrated loudness in LUFS; −70 for silence and for less than 0.4 s."""
    import warnings

    import pyloudnorm

    if len(samples) < 0.4 * rate + 1 or not np.any(samples):
        return -70.0
    heard = samples.astype(np.float64)
    # Far below every sample, so that filters do not fade into numbers too small for quick arithmetic in silence.
    heard[::2] += _UNHEARD
    heard[1::2] -= _UNHEARD
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        value = float(pyloudnorm.Meter(rate).integrated_loudness(heard))
    return max(-70.0, value)


def true_peak(samples: Samples) -> float:
    """The true peak, full scale = 1 (four times oversampled)."""
    loudest = float(np.abs(samples).max(initial=0.0))
    return float(_peaks(samples, loudest * _BETWEEN).max(initial=0.0))


def _peaks(samples: Samples, least: float) -> Samples:
    """The true peak around each sample that is at least ``least`` high, ``(frames,)``; of others their own height.

    Worked out in pieces, so that long sounds take no memory.
    """
    out = np.zeros(len(samples), dtype=np.float32)
    for channel in samples.T:
        np.maximum(out, np.abs(channel), out=out)
    for first, last in _loud(out, least):
        a, b = max(0, first - _EDGE), min(len(samples), last + _EDGE)
        between = scipy.signal.oaconvolve(samples[a:b].T[:, None], _between()[None], axes=2)
        heights = np.abs(between[:, :, _HALF : _HALF + b - a]).max(axis=(0, 1))
        np.maximum(out[first:last], heights[first - a : last - a], out=out[first:last])
    return out


@cache
def _between() -> Any:
    """The filters of the three points between a sample and the next, ``(3, 2 × _HALF)``: a kaiser window on a sinc."""
    taps = scipy.signal.firwin(8 * _HALF + 1, 1 / 4, window=("kaiser", 5.0))
    return np.asarray([4 * taps[k::4] for k in (1, 2, 3)], dtype=np.float32)


def _loud(heights: Samples, least: float) -> Iterator[tuple[int, int]]:
    """Stretches of frames in which something is at least so high, no longer than a piece."""
    high = np.flatnonzero(heights >= max(least, 1e-9))
    if not len(high):
        return
    gaps = np.flatnonzero(np.diff(high) > 16 * _EDGE)
    starts, ends = high[np.r_[0, gaps + 1]], high[np.r_[gaps, len(high) - 1]]
    for start, end in zip(starts.tolist(), ends.tolist(), strict=True):
        low, stop = max(0, start - _EDGE), min(len(heights), end + _EDGE + 1)
        for first in range(low, stop, _PIECE):
            yield first, min(stop, first + _PIECE)


@dataclass(frozen=True, slots=True)
class Levelled:
    """The sound of a clip as it stands in its file, coded, and how loud that is (LUFS)."""

    coded: bytes
    lufs: float


def levelled(samples: Samples, progress: Progress | None = None) -> Levelled:
    """Samples brought to the loudness of clips and coded.

    Aims at −16 LUFS with the true peak under −1 dBTP after coding: AAC moves peaks, by up to
    2 dB on sharp attacks, and drops the highest hiss. Clicks with silence between them stay softer than that, as
    pressing them further under the ceiling only flattens them. Silence stays silent. ``progress`` may stop it.
    """
    progress = progress or quiet()
    now = loudness(samples)
    if now <= -69.0:
        return Levelled(coded(samples, RATE), now)
    gain = TARGET_LUFS - now
    ceiling = _LIMIT * 0.9
    before: tuple[float, float] | None = None
    for _ in range(5):
        progress.check()
        sound = coded(limited(samples * np.float32(10 ** (gain / 20)), ceiling), RATE)
        heard = decoded(sound)
        peak, level = true_peak(heard), loudness(heard)
        if peak <= _LIMIT and abs(level - TARGET_LUFS) < 0.5:
            break
        if peak > _LIMIT:
            ceiling *= 0.98 * _LIMIT / peak
            continue
        if before and abs(level - before[1]) < _WORTH * abs(gain - before[0]):
            break
        before = gain, level
        gain += TARGET_LUFS - level
    return Levelled(sound, level)


def limited(samples: Samples, ceiling: float) -> Samples:
    """True peaks held under ``ceiling`` by a gain that dips 5 ms around them."""
    over = _peaks(samples, ceiling * _BETWEEN)
    if over.max(initial=0.0) <= ceiling:
        return samples
    wanted = np.minimum(1.0, ceiling / np.maximum(over, 1e-9))
    reach = int(0.005 * RATE)
    held = scipy.ndimage.minimum_filter1d(wanted, 2 * reach + 1)
    smooth = scipy.ndimage.uniform_filter1d(held, reach)
    return np.asarray(samples * np.minimum(smooth, wanted)[:, None], dtype=np.float32)
