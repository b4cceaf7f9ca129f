"""Where short blocks of a take lie in the song: whitened cross-correlation.

Method: generalised cross-correlation with phase transform (C. Knapp and G. Carter, "The
generalized correlation method for estimation of time delay", IEEE ASSP 24, 1976), limited to
the band a phone records well. The song's spectrum is computed once.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
import numpy.typing as npt

from vamos.core.align.tune import RATE as RATE
from vamos.core.align.tune import Rows, semitones
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

BLOCK_S = 8.0
STEP_S = 4.0
BAND_HZ = (150.0, 3600.0)

Complex = npt.NDArray[np.complex64]
Floats = npt.NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class Hit:
    """One place where a block may lie.

    ``take_s`` is the middle of the block, ``lag_s`` song seconds − take seconds there,
    ``height`` the correlation peak in units of the noise around it.
    """

    take_s: float
    lag_s: float
    height: float


class SongIndex:
    """A song made ready for correlation.

    Parameters
    ----------
    samples : (frames,) float32
        Mono at ``RATE``.
    """

    def __init__(self, samples: Samples):
        self.length = len(samples)
        self.size = scipy.fft.next_fast_len(self.length + int(BLOCK_S * RATE), real=True)
        self.samples = samples
        spectrum = scipy.fft.rfft(samples, self.size, workers=1)
        self._song: Complex = _whitened(spectrum).astype(np.complex64)
        bins = np.arange(len(spectrum)) * RATE / self.size
        self._band = ((bins > BAND_HZ[0]) & (bins < BAND_HZ[1])).astype(np.float32)

    @cached_property
    def harmony(self) -> Rows:
        """Strength in twelve semitones over the song, made when first asked for."""
        return semitones(self.samples)

    def correlate(self, block: Samples) -> Samples:
        """Correlation of a block with the song at each lag: ``(size,)``, index = song frame.

        Lags before the song's start are at the end of the row.
        """
        window = np.hanning(len(block)).astype(np.float32)
        spectrum = _whitened(scipy.fft.rfft(block * window, self.size, workers=1))
        return np.asarray(
            scipy.fft.irfft(self._song * np.conj(spectrum) * self._band, self.size, workers=1),
            dtype=np.float32,
        )

    def hits(self, block: Samples, start_frame: int, most: int = 4) -> list[Hit]:
        """The highest places of a block that starts at ``start_frame`` of the take."""
        return self.hits_in(self.correlate(block), len(block), start_frame, most)

    def hits_in(self, row: Samples, length: int, start_frame: int, most: int = 4) -> list[Hit]:
        """As :meth:`hits`, from the correlation of a block of ``length`` samples."""
        noise = float(np.sqrt(np.mean(row * row))) + 1e-12
        middle = (start_frame + length / 2) / RATE
        found: list[Hit] = []
        work = np.abs(row)
        for _ in range(most):
            peak = int(np.argmax(work))
            height = float(work[peak]) / noise
            exact = peak + vertex(np.abs(row), peak)
            frame = exact if exact < self.length else exact - self.size
            found.append(Hit(middle, (frame - start_frame) / RATE, height))
            a, b = max(0, peak - RATE // 20), peak + RATE // 20
            work[a:b] = 0
        return found


def _whitened(spectrum: Complex) -> Complex:
    """A spectrum with all magnitudes near 1."""
    size = np.abs(spectrum)
    floor = 1e-3 * float(size.mean()) + 1e-12
    return np.asarray(spectrum / (size + floor))


def vertex(row: Samples, peak: int) -> float:
    """Place of the top between samples: the vertex of a parabola through three of them."""
    if not 0 < peak < len(row) - 1:
        return 0.0
    a, b, c = (float(v) for v in row[peak - 1 : peak + 2])
    curve = a - 2 * b + c
    return 0.5 * (a - c) / curve if curve < 0 else 0.0


def response(song: Samples, take: Samples, song_frames: Floats, take_frames: Floats, block: int, reach: int) -> Samples:
    """The mean whitened response of the room around a known alignment, ``(2·reach + 1,)``.

    Correlates pairs of blocks that should coincide; index ``reach`` is lag zero, positive lags
    are later in the take. Averaged over many blocks the direct sound stands out of speech.
    """
    size = scipy.fft.next_fast_len(block + 2 * reach, real=True)
    bins = np.arange(size // 2 + 1) * RATE / size
    band = (bins > BAND_HZ[0]) & (bins < BAND_HZ[1])
    window = np.hanning(block)
    total = np.zeros(size // 2 + 1, dtype=np.complex128)
    for at_song, at_take in zip(song_frames, take_frames, strict=True):
        a = _cut(song, at_song, block) * window
        b = _cut(take, at_take, block) * window
        x, y = scipy.fft.rfft(a, size), scipy.fft.rfft(b, size)
        cross = y * np.conj(x)
        total += cross / (np.abs(x) * np.abs(y) + 1e-3 * np.abs(cross).mean() ** 0.5 + 1e-12)
    row = scipy.fft.irfft(total * band, size)
    return np.concatenate([row[-reach:], row[: reach + 1]]).astype(np.float32)


def _cut(samples: Samples, at: float, length: int) -> Samples:
    """Samples from a fractional frame on (linear phase shift left to the caller: whole frames)."""
    start = round(at)
    out = np.zeros(length, dtype=np.float32)
    a, b = max(0, start), min(len(samples), start + length)
    if b > a:
        out[a - start : b - start] = samples[a:b]
    return out
