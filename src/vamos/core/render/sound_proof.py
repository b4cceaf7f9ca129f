"""What the sound of a clip is meant to be, kept from its source: how loud each band is when, and which pitches it has.

A pack is checked against it, so that it is heard whether the sound is the right one, in its place, forwards, at its
pitch. It is taken from the song or the room itself, before anything slows, levels or codes it.
"""

from __future__ import annotations

import base64
import itertools
import zlib
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

Floats = npt.NDArray[np.float64]

#: Levels a second, their bands, and the range they are kept in (dB below the loudest).
RATE_HZ, RANGE_DB = 100, 60.0
BANDS_HZ = (60.0, 250.0, 1000.0, 4000.0, 12000.0)
_WINDOW_S, _HOP_S = 0.02, 0.005
#: Pitches from this frequency on, in steps of so many cents, so many of them (four octaves).
LOW_HZ, CENTS, PITCHES = 200.0, 5, 960


@dataclass(frozen=True, slots=True)
class SoundProof:
    """``levels`` are bytes ``(times, bands)``, ``pitches`` bytes by step, both packed as text; empty when too short."""

    levels: str
    pitches: str


def sound_proof(source: Samples, rate: int, at_s: Floats) -> SoundProof:
    """Of a source (mono or stereo) that is heard at these of its seconds, one for each level (``RATE_HZ`` a second)."""
    start, end = (float(at_s.min()), float(at_s.max())) if len(at_s) else (0.0, 0.0)
    # Only what is heard, from a whole hop on, and a little more on both sides.
    first = max(0, round((start - 0.1) / _HOP_S)) * round(_HOP_S * rate)
    part = source[first : max(first, round((end + 0.1) * rate))]
    mono, before_s = (part.mean(axis=1) if part.ndim == 2 else part), first / rate
    heard = mono[max(0, round((start - before_s) * rate)) : max(0, round((end - before_s) * rate))]
    return SoundProof(_packed(levels_at(mono, rate, at_s - before_s)), _packed(pitches_of(heard, rate)))


def levels_at(mono: Samples, rate: int, at_s: Floats) -> npt.NDArray[np.uint8]:
    """How loud each band is at some seconds, ``(times, bands)``: 255 the loudest, 0 by ``RANGE_DB`` below."""
    size, hop = round(_WINDOW_S * rate), round(_HOP_S * rate)
    padded = np.pad(np.asarray(mono, np.float32), (size // 2, size))
    frames = np.lib.stride_tricks.sliding_window_view(padded, size)[::hop]
    window = np.hanning(size).astype(np.float32)
    edges = [max(1, round(hz * size / rate)) for hz in BANDS_HZ]
    rows = []
    # Only what is asked for, and not all at once.
    first = max(0, int(at_s.min() / _HOP_S) - 2) if len(at_s) else 0
    last = min(len(frames), int(at_s.max() / _HOP_S) + 3) if len(at_s) else 0
    for k in range(first, last, 4000):
        power = np.abs(np.fft.rfft(frames[k : min(last, k + 4000)] * window, axis=1)) ** 2
        rows.append(np.stack([power[:, a:b].sum(axis=1) for a, b in itertools.pairwise(edges)], axis=1))
    if not rows:
        return np.zeros((len(at_s), len(edges) - 1), np.uint8)
    decibel = 10 * np.log10(np.concatenate(rows) + 1e-9)
    places = np.arange(first, first + len(decibel)) * _HOP_S
    found = np.stack([np.interp(at_s, places, band, -90.0, -90.0) for band in decibel.T], axis=1)
    loudest = float(found.max(initial=-90.0))
    return np.clip(255 * (1 + (found - loudest) / RANGE_DB), 0, 255).round().astype(np.uint8)


def pitches_of(mono: Samples, rate: int) -> npt.NDArray[np.uint8]:
    """How strong each step of pitch is over all of a sound, about its neighbours; none of silence and short sounds."""
    size = 1 << 15
    if len(mono) < size or not np.any(mono):
        return np.zeros(0, np.uint8)
    hz, power = scipy.signal.welch(np.asarray(mono, np.float64), rate, nperseg=size)
    at = LOW_HZ * 2 ** (np.arange(PITCHES) * CENTS / 1200)
    row = np.interp(at, hz, np.log(power + 1e-12))
    row -= scipy.ndimage.uniform_filter1d(row, 400 // CENTS)
    return np.clip(128 + 32 * row, 0, 255).round().astype(np.uint8)


def unpacked(text: str) -> npt.NDArray[np.uint8]:
    """Bytes of a proof; none where the text is damaged."""
    try:
        return np.frombuffer(zlib.decompress(base64.b64decode(text, validate=True)), np.uint8)
    except (ValueError, zlib.error):
        return np.zeros(0, np.uint8)


def _packed(data: npt.NDArray[np.uint8]) -> str:
    return base64.b64encode(zlib.compress(data.tobytes(), 9)).decode()
