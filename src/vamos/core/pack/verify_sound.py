"""The sound of a clip against its manifest: loudness, peak, length, clicks on their counts, pitch kept when slowed."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.probe import opened
from vamos.core.media.sound import Samples, read_sound
from vamos.core.model.clip import ClipSound
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import ClipEntry
from vamos.core.pack.verify_heard import heard_findings
from vamos.core.render.sound import PEAK_DBTP, RATE, loudness, true_peak
from vamos.wording import words_of

tr = words_of(__name__)

Floats = npt.NDArray[np.float64]

_LOUDNESS_TOLERANCE = 1.0
#: Clicks and words may begin so far from the frame on which the count stands, beside half a frame.
_ONSET_S = 0.005
#: So many of the counts must have a click.
HEARD = 0.7
#: Pitch: a spectrum in steps of five cents, moved by up to half a semitone; so much is still the same.
_CENTS, _REACH_CENTS, _SAME_CENTS = 5, 60, 15


def sound_findings(path: Path, entry: ClipEntry) -> Iterator[Finding]:
    """All about the sound by itself; raises MediaError when it cannot be decoded."""
    if entry.loudness_lufs is None:
        with opened(path) as container:
            silent = not container.streams.audio
        yield Finding(entry.file, "sound", silent, tr("none, as wished") if silent else tr("there should be none"))
        return
    sound = read_sound(path, RATE, channels=2)
    level = loudness(sound.samples)
    near = abs(level - entry.loudness_lufs) <= _LOUDNESS_TOLERANCE or max(level, entry.loudness_lufs) < -60
    yield Finding(
        entry.file,
        "loudness",
        near,
        tr("{level:.1f} LUFS, wanted {loudness_lufs:.1f}", level=level, loudness_lufs=entry.loudness_lufs),
    )
    peak = float(20 * np.log10(max(true_peak(sound.samples), 1e-9)))
    yield Finding(entry.file, tr("true peak"), peak <= PEAK_DBTP + 0.05, tr("{peak:.1f} dBTP", peak=peak))
    gap = abs(sound.duration_s - entry.duration_s)
    # The last AAC packet is filled up: 1024 frames at most.
    yield Finding(entry.file, tr("sound length"), gap < 0.05, f"{sound.duration_s:.3f} s")
    yield from heard_findings(entry, sound)
    if entry.sound == ClipSound.CLICKS and entry.counts:
        yield _clicks(entry, sound.mono())


def _clicks(entry: ClipEntry, sound: Samples) -> Finding:
    """A click begins at the frame of a count: it is silent before and loud after."""
    rate = float(Fraction(entry.rate))
    size = RATE // 1000
    level = np.sqrt(np.mean(sound[: len(sound) // size * size].reshape(-1, size) ** 2, axis=1) + 1e-12)
    loud = 0.1 * float(level.max())
    worst, heard = 0.0, 0
    for frame, _ in entry.counts:
        middle = int(frame / rate * 1000)
        first, last = max(0, middle - 60), min(len(level), middle + 60)
        rises = np.flatnonzero((level[first + 1 : last] > loud) & (level[first : last - 1] <= loud))
        if len(rises):
            heard += 1
            worst = max(worst, float(np.abs((first + 1 + rises) / 1000 - frame / rate).min()))
    # The first may begin before the clip, and where the song is over nothing clicks.
    good = heard >= HEARD * len(entry.counts) and worst <= _ONSET_S + 0.5 / rate
    return Finding(
        entry.file,
        "clicks",
        good,
        tr(
            "{heard} of {number} heard, at most {number2:.1f} ms off",
            heard=heard,
            number=len(entry.counts),
            number2=worst * 1000,
        ),
    )


def pitch_finding(path: Path, entry: ClipEntry, other: Path) -> Finding | None:
    """A slowed clip has the pitch of the same clip at full speed; None when there is too little to tell."""
    spectra = [_spectrum(read_sound(p, RATE, channels=1).mono()) for p in (path, other)]
    if any(s is None for s in spectra):
        return None
    a, b = (np.asarray(s) for s in spectra)
    reach = _REACH_CENTS // _CENTS
    rows = [float(np.dot(a[reach:-reach], np.roll(b, k)[reach:-reach])) for k in range(-reach, reach + 1)]
    cents = (int(np.argmax(rows)) - reach) * _CENTS
    return Finding(entry.file, "pitch", abs(cents) <= _SAME_CENTS, tr("{cents:+d} cents", cents=cents))


def _spectrum(sound: Samples) -> Floats | None:
    """How strong each step of pitch between 200 Hz and 3.2 kHz is over all of a sound, about its local mean."""
    size = 1 << 15
    if len(sound) < 2 * size or not np.any(sound):
        return None
    hz, power = scipy.signal.welch(sound.astype(np.float64), RATE, nperseg=size)
    at = 200 * 2 ** (np.arange(0, 4800, _CENTS) / 1200)
    row = np.interp(at, hz, np.log(power + 1e-12))
    return np.asarray(row - scipy.ndimage.uniform_filter1d(row, 400 // _CENTS))
