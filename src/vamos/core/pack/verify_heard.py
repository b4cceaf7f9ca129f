"""Whether a clip sounds as its source: in its place, forwards, of the right section, at its pitch."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.sound import Sound
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import ClipEntry
from vamos.core.render.sound_proof import BANDS_HZ, CENTS, RANGE_DB, RATE_HZ, levels_at, pitches_of, unpacked
from vamos.wording import words_of

tr = words_of(__name__)

Floats = npt.NDArray[np.float64]

#: Sound may lie so far from its place; slowed sound is smeared by its stretcher and may lie a little farther.
PLACE_S, SLOWED_PLACE_S = 0.005, 0.012
#: A sound this like its source is it, at full speed and at half (98 and 63 in 100 are usual); it is looked for so far,
#: and in stretches of so many seconds of full speed.
ALIKE, ALIKE_SLOW, REACH_S, STRETCH_S = 0.75, 0.45, 1.5, 2.0
#: A stretcher leaves nothing of hiss and of held tones to compare; music with so many rises a second, in full speed's
#: seconds, of so many dB can be compared.
CLEAR, CLEAR_DB = 1.5, 5.0
#: What is likelier by so much elsewhere is elsewhere: music repeats itself.
_CLEARER = 0.05
#: Pitch: so far it is looked for, and so much is still the same.
REACH_CENTS, SAME_CENTS = 1200, 15


def heard_findings(entry: ClipEntry, sound: Sound) -> Iterator[Finding]:
    """Of a decoded sound; nothing for a clip whose source was silent, or a pack that kept no proof."""
    if entry.heard is None:
        return
    meant = unpacked(entry.heard.levels)
    bands = len(BANDS_HZ) - 1
    if len(meant) % bands or not len(meant):
        yield Finding(entry.file, "heard", False, tr("what it should sound like cannot be read"))
        return
    mono = sound.mono()
    yield from _place(entry, meant.reshape(-1, bands), levels_at(mono, sound.rate, _times(len(meant) // bands)))
    pitches = unpacked(entry.heard.pitches)
    found = pitches_of(mono, sound.rate)
    if len(pitches) and len(pitches) == len(found):
        cents = _cents(pitches.astype(float), found.astype(float))
        yield Finding(entry.file, "pitch", abs(cents) <= SAME_CENTS, tr("{cents:+d} cents", cents=cents))


def _times(number: int) -> Floats:
    return np.arange(number) / RATE_HZ


def _place(entry: ClipEntry, meant: npt.NDArray[np.uint8], found: npt.NDArray[np.uint8]) -> Iterator[Finding]:
    """Where the sound lies beside its source: all of it, and each stretch of some seconds."""
    a, b = _rises(meant), _rises(found)
    if not a.any():
        return
    if entry.speed != 1 and _clear_rises(a) < CLEAR * entry.speed:
        yield Finding(entry.file, "heard", True, tr("too even, and slowed, to tell its place"))
        return
    alike, off = _beside(a, b)
    words = tr("{share:.0%} alike", share=max(0.0, alike))
    least = float(np.clip(ALIKE - 2 * (1 - entry.speed) * (ALIKE - ALIKE_SLOW), ALIKE_SLOW, ALIKE))
    yield Finding(entry.file, "heard", alike >= least, words)
    if alike < least:
        return
    limit = PLACE_S if entry.speed == 1 else SLOWED_PLACE_S
    yield Finding(entry.file, "place of sound", abs(off) <= limit, tr("{ms:+.1f} ms", ms=off * 1000))
    size, wrong = min(len(a), round(STRETCH_S / entry.speed * RATE_HZ)), []
    for first in [*range(0, len(a) - size, size), len(a) - size]:
        part = slice(first, first + size)
        if float(np.abs(a[part]).sum()) < 0.3 * float(np.abs(a).sum()) * size / len(a):
            continue
        like, far = _beside(a[part], b[part])
        if like < least / 2 or abs(far) > 2 * limit:
            wrong.append(first / RATE_HZ)
    detail = tr("not from {at:.0f} s on", at=wrong[0]) if wrong else tr("all of it")
    yield Finding(entry.file, "sound throughout", not wrong, detail)


def _clear_rises(rises: Floats) -> float:
    """So many times a second it gets clearly louder in all bands."""
    decibel = rises.mean(axis=1) * RANGE_DB / 255
    return float((decibel > CLEAR_DB).sum()) * RATE_HZ / len(rises)


def _rises(levels: npt.NDArray[np.uint8]) -> Floats:
    """Where each band gets louder, ``(times, bands)``."""
    row = levels.astype(float)
    rise = np.zeros_like(row)
    rise[1:-1] = np.maximum(0, row[2:] - row[:-2])
    return rise


def _beside(meant: Floats, found: Floats) -> tuple[float, float]:
    """How alike two sounds are at their best (1: the same), and how much later the found one is then, seconds."""
    size = min(len(meant), len(found))
    a, b = meant[:size] - meant[:size].mean(axis=0), found[:size] - found[:size].mean(axis=0)
    reach = min(round(REACH_S * RATE_HZ), size - 1)
    total = sum(scipy.signal.correlate(b[:, k], a[:, k], method="fft") for k in range(a.shape[1]))
    around = np.asarray(total)[size - 1 - reach : size + reach]
    scale = float(np.sqrt((a**2).sum() * (b**2).sum())) + 1e-9
    best = int(np.argmax(around))
    here = reach + int(np.argmax(around[max(0, reach - 3) : reach + 4])) - min(3, reach)
    # A bar that comes again is no reason to say that the sound lies elsewhere.
    if around[here] >= around[best] - _CLEARER * scale:
        best = here
    fine = 0.0
    if 0 < best < len(around) - 1:
        y0, y1, y2 = around[best - 1 : best + 2]
        bend = y0 - 2 * y1 + y2
        fine = float(0.5 * (y0 - y2) / bend) if bend < 0 else 0.0
    return float(around[best]) / scale, (best + fine - reach) / RATE_HZ


def _cents(meant: Floats, found: Floats) -> int:
    """How much higher the found pitches are than the meant ones, by the best overlap."""
    reach = REACH_CENTS // CENTS
    a, b = meant - meant.mean(), found - found.mean()
    best, at = -1.0, 0
    for k in range(-reach, reach + 1):
        one, other = (a[: len(a) - k], b[k:]) if k >= 0 else (a[-k:], b[:k])
        like = float(one @ other) / (float(np.linalg.norm(one) * np.linalg.norm(other)) + 1e-9)
        if like > best:
            best, at = like, k
    return at * CENTS
