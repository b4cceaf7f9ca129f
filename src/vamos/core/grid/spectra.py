"""What is heard, frame by frame: onset strength in bands, harmony, loudness.

Conventions
-----------
``FRAME_RATE`` frames a second; frame n is centred on n / FRAME_RATE song seconds. Onset
strengths are half-wave rectified rises of log-compressed band magnitudes, the difference taken
against a maximum over neighbouring bands so that vibrato does not count as an onset
(S. Böck and G. Widmer, "Maximum filter vibrato suppression for onset detection", DAFx 2013).
The sound is streamed: memory grows with the frames, not with the samples.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples, blocks
from vamos.core.progress import Progress, quiet
from vamos.wording import words_of

tr = words_of(__name__)

Row = npt.NDArray[np.float32]

SOUND_RATE = 22050
HOP = 220
WINDOW = 1024
FRAME_RATE = SOUND_RATE / HOP
#: Short frames for the exact place of an onset.
FINE_HOP = 55
FINE_WINDOW = 128
FINE_RATE = SOUND_RATE / FINE_HOP
_BANDS = 48
_CHUNK = 2048
_PIECE = 1 << 15


@dataclass(frozen=True, slots=True)
class Spectra:
    """Features of a song; each row has one value a frame.

    Attributes
    ----------
    flux, low, mid, high : (frames,) float32
        Onset strength in all and in three groups of bands (below 200 Hz, to 2 kHz, above).
    chroma : (frames, 12) float32
        Energy per pitch class.
    bands : (frames, bands) float32
        Log-compressed band magnitudes.
    loud : (frames,) float32
        Root mean square, full scale = 1.
    fine : (fine frames,) float32
        Onset strength at ``FINE_RATE``, for the exact place.
    duration_s : float
    """

    flux: Row
    low: Row
    mid: Row
    high: Row
    chroma: Row
    bands: Row
    loud: Row
    fine: Row
    duration_s: float

    def between(self, start_s: float, end_s: float) -> Spectra:
        """The features of a stretch, its start at 0."""
        a, b = int(start_s * FRAME_RATE), int(end_s * FRAME_RATE)
        fa, fb = int(a / FRAME_RATE * FINE_RATE), int(b / FRAME_RATE * FINE_RATE)
        return Spectra(
            self.flux[a:b],
            self.low[a:b],
            self.mid[a:b],
            self.high[a:b],
            self.chroma[a:b],
            self.bands[a:b],
            self.loud[a:b],
            self.fine[fa:fb],
            end_s - start_s,
        )


@lru_cache(maxsize=4)
def _band_matrix(window: int, bands: int, low_hz: float, high_hz: float) -> Row:
    """Triangular bands, equally spaced on the mel scale, ``(bins, bands)``, unit peak sums."""
    bins = np.arange(window // 2 + 1) * SOUND_RATE / window
    mel = np.linspace(2595 * np.log10(1 + low_hz / 700), 2595 * np.log10(1 + high_hz / 700), bands + 2)
    edges = 700 * (10 ** (mel / 2595) - 1)
    out = np.zeros((len(bins), bands), dtype=np.float32)
    for k in range(bands):
        a, b, c = edges[k : k + 3]
        shape = np.clip(np.minimum((bins - a) / max(b - a, 1e-9), (c - bins) / max(c - b, 1e-9)), 0, 1)
        if shape.sum() == 0:
            shape[np.argmin(np.abs(bins - b))] = 1
        out[:, k] = shape / shape.sum()
    return out


@lru_cache(maxsize=1)
def _chroma_matrix(window: int) -> Row:
    """Bins between 65 and 2100 Hz shared out to twelve pitch classes, ``(bins, 12)``."""
    bins = np.arange(window // 2 + 1) * SOUND_RATE / window
    out = np.zeros((len(bins), 12), dtype=np.float32)
    for index, hz in enumerate(bins):
        if 65 <= hz <= 2100:
            pitch = 12 * np.log2(hz / 440) + 69
            for pitch_class in range(12):
                distance = (pitch - pitch_class + 6) % 12 - 6
                out[index, pitch_class] = np.exp(-0.5 * (distance / 0.6) ** 2)
    return out


class _Frames:
    """Cuts a stream of samples into overlapping frames, a chunk at a time."""

    def __init__(self, window: int, hop: int):
        self.window, self.hop = window, hop
        self._rest = np.zeros(window // 2, dtype=np.float32)

    def push(self, samples: Samples) -> Samples:
        data = np.concatenate([self._rest, samples])
        count = max(0, (len(data) - self.window) // self.hop + 1)
        self._rest = data[count * self.hop :]
        if count == 0:
            return np.zeros((0, self.window), dtype=np.float32)
        return np.lib.stride_tricks.sliding_window_view(data, self.window)[:: self.hop][:count]

    def finish(self) -> Samples:
        return self.push(np.zeros(self.window // 2 + self.hop, dtype=np.float32))


class _Analyser:
    """Collects the features of a stream of mono samples."""

    def __init__(self) -> None:
        self.long = _Frames(WINDOW, HOP)
        self.chroma_frames = _Frames(4 * WINDOW, HOP * 4)
        self.short = _Frames(FINE_WINDOW, FINE_HOP)
        self.hann_long = np.hanning(WINDOW).astype(np.float32)
        self.hann_chroma = np.hanning(4 * WINDOW).astype(np.float32)
        self.hann_short = np.hanning(FINE_WINDOW).astype(np.float32)
        self.to_bands = _band_matrix(WINDOW, _BANDS, 30, 10500)
        self.to_chroma = _chroma_matrix(4 * WINDOW)
        self.to_fine = _band_matrix(FINE_WINDOW, 12, 60, 10500)
        self.bands: list[Row] = []
        self.chroma: list[Row] = []
        self.fine: list[Row] = []
        self.loud: list[Row] = []
        self.samples = 0

    def take(self, samples: Samples) -> None:
        self.samples += len(samples)
        self._long(self.long.push(samples))
        self._chroma(self.chroma_frames.push(samples))
        self._short(self.short.push(samples))

    def _long(self, frames: Samples) -> None:
        for start in range(0, len(frames), _CHUNK):
            part = frames[start : start + _CHUNK] * self.hann_long
            size = np.abs(scipy.fft.rfft(part, axis=1))
            self.bands.append(np.log1p(100 * (size @ self.to_bands)).astype(np.float32))
            self.loud.append(np.sqrt(np.mean(part * part, axis=1)).astype(np.float32))

    def _chroma(self, frames: Samples) -> None:
        for start in range(0, len(frames), _CHUNK // 4):
            part = frames[start : start + _CHUNK // 4] * self.hann_chroma
            size = np.abs(scipy.fft.rfft(part, axis=1))
            self.chroma.append(np.log1p(size @ self.to_chroma).astype(np.float32))

    def _short(self, frames: Samples) -> None:
        for start in range(0, len(frames), 4 * _CHUNK):
            part = frames[start : start + 4 * _CHUNK] * self.hann_short
            self.fine.append((np.abs(scipy.fft.rfft(part, axis=1)) @ self.to_fine).astype(np.float32))

    def finish(self) -> Spectra:
        self._long(self.long.finish())
        self._chroma(self.chroma_frames.finish())
        self._short(self.short.finish())
        bands = _joined(self.bands)
        frames = len(bands)
        centre = 700 * (10 ** (np.linspace(47.0, 3060.0, _BANDS) / 2595) - 1)
        groups = (centre > 0, centre < 200, (centre >= 200) & (centre < 2000), centre >= 2000)
        flux, low, mid, high = _rises(bands, groups)
        chroma = _joined(self.chroma)
        where = np.clip(np.arange(frames) // 4, 0, len(chroma) - 1)
        fine = _fine_onsets(_joined(self.fine))
        return Spectra(
            flux=flux,
            low=low,
            mid=mid,
            high=high,
            chroma=chroma[where],
            bands=bands,
            loud=_joined(self.loud),
            fine=fine,
            duration_s=self.samples / SOUND_RATE,
        )


def _joined(parts: list[Row]) -> Row:
    """All parts as one, the parts let go: a long file must not be held twice."""
    whole = np.concatenate(parts)
    parts.clear()
    return whole


def _rises(bands: Row, groups: tuple[npt.NDArray[np.bool_], ...]) -> list[Row]:
    """Onset strength in groups of bands, a row each, worked out in pieces."""
    out = [np.zeros(len(bands), dtype=np.float32) for _ in groups]
    for first in range(2, len(bands), _PIECE):
        end = min(first + _PIECE, len(bands))
        reach = scipy.ndimage.maximum_filter1d(bands[first - 2 : end - 2], 3, axis=1)
        rise = np.maximum(0, bands[first:end] - reach)
        for row, group in zip(out, groups, strict=True):
            row[first:end] = rise[:, group].mean(axis=1)
    return out


def _fine_onsets(levels: Row) -> Row:
    """Rises of linear band levels, each band in units of its own mean.

    Linear, because compression would let an onset begin as soon as the window's edge meets it.
    """
    out = np.zeros(len(levels), dtype=np.float32)
    usual = levels.mean(axis=0) + 1e-9
    for first in range(1, len(levels), _PIECE):
        end = min(first + _PIECE, len(levels))
        out[first:end] = np.maximum(0, np.diff(levels[first - 1 : end] / usual, axis=0)).sum(axis=1)
    return out


def analyse_blocks(pieces: Iterable[tuple[int, Samples]], progress: Progress, expected_s: float) -> Spectra:
    """Features of a stream of ``(first frame, (frames, 1) samples)`` at ``SOUND_RATE``."""
    work = _Analyser()
    held: list[Samples] = []
    size = 0
    for first, samples in pieces:
        row = samples[:, 0]
        gap = first - (work.samples + size)
        if gap > 0:
            row = np.concatenate([np.zeros(gap, dtype=np.float32), row])
        elif gap < 0:
            row = row[-gap:]
        held.append(row)
        size += len(row)
        if size > 10 * SOUND_RATE:
            work.take(np.concatenate(held))
            held, size = [], 0
            progress(work.samples / SOUND_RATE / max(expected_s, 1e-3), tr("Listening to the song"))
    if held:
        work.take(np.concatenate(held))
    return work.finish()


def analyse(path: Path, progress: Progress | None = None, expected_s: float = 0.0) -> Spectra:
    """Features of a song file; raises MissingError or MediaError."""
    return analyse_blocks(blocks(path, SOUND_RATE), progress or quiet(), expected_s)


def normal(row: Row, span_s: float = 4.0) -> Row:
    """A row levelled by its own surroundings: local mean taken off, local spread divided out."""
    size = max(3, int(span_s * FRAME_RATE))
    mean = scipy.ndimage.uniform_filter1d(row, size)
    spread = np.sqrt(np.maximum(scipy.ndimage.uniform_filter1d((row - mean) ** 2, size), 0))
    floor = 0.1 * float(spread.max(initial=0.0)) + 1e-9
    return np.asarray((row - mean) / np.maximum(spread, floor), dtype=np.float32)
