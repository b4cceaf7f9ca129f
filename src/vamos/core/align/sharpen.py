"""The exact line of a take on the song, from all of it at once.

Whitened cross-spectra of short pairs of blocks along a rough line are added up with the phases a
small change of rate would give them; the change that makes the sum's response tallest is the
rate. What single blocks cannot tell under voice and reverberation, their coherent sum can.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from functools import lru_cache

import numpy as np
import numpy.typing as npt

from vamos.core.align.correlate import BAND_HZ, RATE
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

BLOCK_S, STEP_S = 2.0, 1.0
REACH_S = 0.08
#: Rates around the rough one: a coarse search, then a fine one (parts per million).
COARSE, COARSE_STEPS = 6e-6, 28
FINE, FINE_STEPS = 1e-6, 6
#: A loudspeaker may turn the wave over; what is less clear than this must be the right way up.
TURNED_OVER = 12.0
#: At most so many blocks are added, spread over the stretch.
MOST = 150

Floats = npt.NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class Sharp:
    """``lag_s`` at take second 0 and ``slope`` of the line; ``row`` the response around it.

    Index ``reach`` of the row is the line itself, later indexes are later in the take.
    ``agree`` says for each block, centred on ``middles_s``, how far it supports the top of the
    row: 1 would be a perfect copy, chance is around 0 ± ``chance``.
    """

    lag_s: float
    slope: float
    row: Floats
    reach: int
    middles_s: Floats
    agree: Floats
    chance: float

    @property
    def clarity(self) -> float:
        """The top of the response over the middle of its size elsewhere."""
        return float(self.row.max()) / (float(np.median(self.row)) + 1e-12)


def sharpened(song: Samples, take: Samples, start_s: float, end_s: float, lag_s: float, slope: float) -> Sharp | None:
    """The line near a rough one that a stretch of the take supports best; None when it is too short."""
    of = layout()
    hz, band, size, reach = of.hz, of.band, of.size, of.reach
    cross, where = [], []
    for t, x, y, moved in pairs(song, take, start_s, end_s, lag_s, slope, STEP_S):
        product = y * np.conj(x)
        weight = np.abs(product)
        cross.append(product / (weight + 1e-3 * weight.mean() + 1e-12) * moved)
        where.append(t + BLOCK_S / 2)
    if len(cross) < 3:
        return None
    spectra, middles = np.array(cross, dtype=np.complex64), np.array(where)
    away = middles - float(middles.mean())
    slope_at = 0.0
    for step, steps in ((COARSE, COARSE_STEPS), (FINE, FINE_STEPS)):
        slope_at += _best_change(spectra, away, hz, band, size, reach, step, steps, slope_at)
    turned = spectra * _turn(away, slope_at, hz)
    row = _row(turned.sum(axis=0), band, size, reach)
    top = (int(np.argmax(row)) - reach) / RATE
    agree = np.real(turned * np.exp(2j * np.pi * hz * top)).mean(axis=1)
    if row.max() > TURNED_OVER * np.median(row):
        agree *= np.sign(agree.sum()) or 1.0
    pivot = float(middles.mean())
    chance = float(1 / np.sqrt(2 * len(hz)))
    return Sharp(lag_s - slope_at * pivot, slope + slope_at, row, reach, middles, agree, chance)


@dataclass(frozen=True, slots=True)
class Layout:
    """Bins of blocks with room for lags on both sides: frequencies in the band, which bins, size, reach."""

    hz: Floats
    band: npt.NDArray[np.bool_]
    size: int
    reach: int
    block: int


@lru_cache(maxsize=1)
def layout() -> Layout:
    """The one layout all blocks share."""
    reach, block = int(REACH_S * RATE), int(BLOCK_S * RATE)
    size = scipy.fft.next_fast_len(block + 2 * reach, real=True)
    hz = np.arange(size // 2 + 1) * RATE / size
    band = (hz > BAND_HZ[0]) & (hz < BAND_HZ[1])
    return Layout(hz[band], band, size, reach, block)


Spectrum = npt.NDArray[np.complex128]


def pairs(
    song: Samples, take: Samples, start_s: float, end_s: float, lag_s: float, slope: float, step_s: float
) -> Iterator[tuple[float, Spectrum, Spectrum, Spectrum]]:
    """Blocks of two seconds along a line: (take second, spectra of song and take, phases that undo rounding)."""
    of = layout()
    at = np.arange(start_s, max(start_s + 0.1, end_s - BLOCK_S), step_s)
    if len(at) > MOST:
        at = at[np.linspace(0, len(at) - 1, MOST).astype(int)]
    window = np.hanning(of.block).astype(np.float32)
    for t in map(float, at):
        exact = (t + lag_s + slope * t) * RATE
        song_at, take_at = round(exact), round(t * RATE)
        a, b = song[max(0, song_at) : song_at + of.block], take[take_at : take_at + of.block]
        if song_at < 0 or len(a) < of.block or len(b) < of.block:
            continue
        x, y = (scipy.fft.rfft(part * window, of.size)[of.band] for part in (a, b))
        moved = (song_at - exact) / RATE - (take_at / RATE - t)
        yield t, x, y, np.exp(2j * np.pi * of.hz * moved)


def room_answer(
    song: Samples, take: Samples, start_s: float, end_s: float, lag_s: float, slope: float
) -> Floats | None:
    """The room's response along an exact line, ``(2 · reach + 1,)``, the line at index ``reach``; None when too short.

    By least squares over all blocks, each bin weighted by how loud the take is there: what a voice drowns
    counts little, and unlike in a whitened sum the song's own repetitions leave no echoes before the sound.
    """
    of = layout()
    over = np.zeros(len(of.hz), dtype=np.complex128)
    under = np.zeros(len(of.hz))
    count = 0
    for _, x, y, moved in pairs(song, take, start_s, end_s, lag_s, slope, STEP_S / 2):
        loud = np.abs(y) ** 2
        loud += 1e-3 * loud.mean() + 1e-12
        over += y * np.conj(x) * moved / loud
        under += np.abs(x) ** 2 / loud
        count += 1
    if count < 3:
        return None
    return _row((over / (under + 1e-2 * under.mean() + 1e-12)).astype(np.complex64), of.band, of.size, of.reach)


def _turn(away_s: Floats, change: float, hz: Floats) -> npt.NDArray[np.complex64]:
    """Phases that undo a change of rate about the middle, ``(blocks, bins)``.

    A song that runs faster is further on in later blocks than the rough line says.
    """
    angle = np.outer((-2 * np.pi * change * away_s).astype(np.float32), hz.astype(np.float32))
    out = np.empty(angle.shape, dtype=np.complex64)
    np.cos(angle, out=out.real)
    np.sin(angle, out=out.imag)
    return out


def _best_change(
    spectra: npt.NDArray[np.complex64],
    away_s: Floats,
    hz: Floats,
    band: npt.NDArray[np.bool_],
    size: int,
    reach: int,
    step: float,
    steps: int,
    around: float,
) -> float:
    """Which of ``steps`` changes of ``step`` each way about ``around`` makes the tallest response."""
    turned = spectra * _turn(away_s, around - steps * step, hz)
    one = _turn(away_s, step, hz)
    heights = []
    for _ in range(2 * steps + 1):
        heights.append(float(_row(turned.sum(axis=0), band, size, reach).max()))
        turned *= one
    return (int(np.argmax(heights)) - steps) * step


def _row(total: npt.NDArray[np.complex64], band: npt.NDArray[np.bool_], size: int, reach: int) -> Floats:
    """The size of the response whose spectrum in the band is given."""
    whole = np.zeros(len(band), dtype=np.complex64)
    whole[band] = total
    row = np.abs(scipy.fft.irfft(whole, size))
    return np.concatenate([row[-reach:], row[: reach + 1]]).astype(np.float64)
