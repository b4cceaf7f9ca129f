"""The demo's song, synthesised: drums, bass, tune; 16 counts of lead-in, a tag, a slowing end.

All of it is made from numbers here; ``SONG_COUNTS`` is the exact truth of its beats.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from vamos.core.media.sound import Samples, Sound
from vamos.core.time import TimeMap

RATE = 44100
BPM = 108.0
LEAD_IN = 16
WALL = 32
WALLS = 4
KEY_CHANGE = 2
TAG = 4
ENDING = 8
START_S = 0.42


@dataclass(frozen=True, slots=True)
class Part:
    """Counts from ``start`` (0 = first danced count) with the same kind of music."""

    kind: str
    start: int
    counts: int
    #: Which wall it is danced on: its drums are played anew, and the second half of the song stands higher.
    wall: int = 0

    @property
    def higher(self) -> int:
        """Semitones."""
        return KEY_CHANGE if self.wall >= 2 else 0


def parts() -> tuple[Part, ...]:
    """The song's form."""
    out = [Part("lead-in", -LEAD_IN, LEAD_IN)]
    at = 0
    for kind, counts in (
        ("verse", 16),
        ("chorus", 16),
        ("verse", 16),
        ("chorus", 16),
        ("tag", TAG),
        ("verse", 16),
        ("chorus", 16),
        ("verse", 16),
        ("chorus", 16),
        ("ending", ENDING),
    ):
        out.append(Part(kind, at, counts, (at - TAG * (at > 2 * WALL)) // WALL))
        at += counts
    return tuple(out)


def counts_to_song() -> TimeMap:
    """The truth: counts → song seconds. The last eight slows down to two thirds of the tempo."""
    beat = 60 / BPM
    end = WALLS * WALL + TAG
    positions = list(range(-LEAD_IN, end + 1))
    seconds = [START_S + (p + LEAD_IN) * beat for p in positions]
    for k in range(1, ENDING + 1):
        positions.append(end + k)
        seconds.append(seconds[-1] + beat * (1 + 0.5 * k / ENDING))
    return TimeMap.through(positions, seconds)


#: Chords as pitch classes with their bass note (MIDI numbers), four counts each.
_VERSE = ((45, (57, 60, 64)), (41, (57, 60, 65)), (48, (55, 60, 64)), (43, (55, 59, 62)))
_CHORUS = ((41, (57, 60, 65)), (43, (59, 62, 67)), (45, (60, 64, 69)), (48, (60, 64, 67)))
#: The tune in eighths of a count pair: (count, MIDI note, length in counts).
_TUNE_VERSE = (
    (0, 76, 1),
    (1, 74, 0.5),
    (1.5, 72, 0.5),
    (2, 69, 1.5),
    (4, 72, 1),
    (5, 74, 0.5),
    (5.5, 76, 0.5),
    (6, 72, 2),
    (8, 79, 1),
    (9, 76, 0.5),
    (9.5, 74, 0.5),
    (10, 72, 1.5),
    (12, 74, 0.75),
    (12.75, 71, 0.75),
    (13.5, 67, 2),
)
_TUNE_CHORUS = (
    (0, 81, 0.75),
    (0.75, 79, 0.75),
    (1.5, 77, 1),
    (3, 76, 0.5),
    (3.5, 77, 0.5),
    (4, 79, 0.75),
    (4.75, 77, 0.75),
    (5.5, 74, 2),
    (8, 84, 0.75),
    (8.75, 83, 0.75),
    (9.5, 81, 1),
    (11, 79, 0.5),
    (11.5, 81, 0.5),
    (12, 79, 1),
    (13, 76, 1),
    (14, 72, 1.5),
)


def _hz(note: float) -> float:
    return float(440 * 2 ** ((note - 69) / 12))


class _Mix:
    """A stereo track that sounds are laid into."""

    def __init__(self, seconds: float):
        self.samples = np.zeros((int(seconds * RATE), 2), dtype=np.float32)

    def add(self, at_s: float, sound: Samples, gain: float, pan: float = 0.0) -> None:
        first = round(at_s * RATE)
        sound = sound[: max(0, len(self.samples) - first)]
        left, right = gain * min(1, 1 - pan), gain * min(1, 1 + pan)
        self.samples[first : first + len(sound), 0] += left * sound
        self.samples[first : first + len(sound), 1] += right * sound


def _seconds(length_s: float) -> np.ndarray:
    return np.arange(int(length_s * RATE)) / RATE


def _kick() -> Samples:
    t = _seconds(0.28)
    sweep = 2 * np.pi * np.cumsum(48 + 110 * np.exp(-t * 38)) / RATE
    return np.asarray(np.sin(sweep) * np.exp(-t * 13), np.float32)


def _snare(noise: np.random.Generator) -> Samples:
    t = _seconds(0.2)
    body = np.sin(2 * np.pi * 190 * t) * np.exp(-t * 28)
    return np.asarray(0.5 * body + 0.7 * noise.standard_normal(len(t)) * np.exp(-t * 24), np.float32)


def _hat(noise: np.random.Generator, length_s: float) -> Samples:
    t = _seconds(length_s)
    hiss = np.diff(noise.standard_normal(len(t) + 2), 2)
    return (0.3 * hiss * np.exp(-t * 5 / length_s)).astype(np.float32)


def _pluck(note: float, length_s: float, bright: float) -> Samples:
    """A plucked tone: partials that fade the faster the higher they are."""
    t = _seconds(length_s)
    out = np.zeros(len(t))
    for k in range(1, 9):
        out += np.sin(2 * np.pi * _hz(note) * k * t) * np.exp(-t * (2.2 + k * 1.4)) * bright ** (k - 1)
    out *= np.minimum(1, t / 0.003) * np.minimum(1, (length_s - t) / 0.02)
    return out.astype(np.float32)


def _pad(notes: tuple[int, ...], length_s: float) -> Samples:
    t = _seconds(length_s)
    out = sum(np.sin(2 * np.pi * _hz(n) * t + n) + 0.3 * np.sin(4 * np.pi * _hz(n) * t) for n in notes)
    return (out * np.minimum(1, t / 0.12) * np.minimum(1, (length_s - t) / 0.1)).astype(np.float32)


def _flute(note: float, length_s: float) -> Samples:
    """The tune's voice: a soft reed with a little vibrato."""
    t = _seconds(length_s)
    vibrato = 1 + 0.004 * np.sin(2 * np.pi * 5.2 * t) * np.minimum(1, t / 0.25)
    phase = 2 * np.pi * np.cumsum(_hz(note) * vibrato) / RATE
    out = np.sin(phase) + 0.35 * np.sin(2 * phase) + 0.18 * np.sin(3 * phase)
    return (out * np.minimum(1, t / 0.02) * np.minimum(1, (length_s - t) / 0.05)).astype(np.float32)


def make_song() -> Sound:
    """The whole song, stereo at ``RATE``; the same on every machine."""
    clock = counts_to_song()
    end_s = clock(WALLS * WALL + TAG + ENDING)
    mix = _Mix(end_s + 2.5)
    noise = np.random.default_rng(20)
    kick, wall = _kick(), -1
    snare = hat = crash = kick
    for part in parts():
        if part.wall != wall:
            wall, snare, hat, crash = part.wall, _snare(noise), _hat(noise, 0.06), _hat(noise, 1.1)
        _drums(mix, clock, part, kick, snare, hat, crash)
        _harmony(mix, clock, part)
        _tune(mix, clock, part)
    final = clock(WALLS * WALL + TAG + ENDING)
    mix.add(final, kick, 0.8)
    mix.add(final, crash, 0.5)
    mix.add(final, _pluck(45 + KEY_CHANGE, 2.0, 0.5), 0.5)
    mix.add(final, _pad(tuple(n + KEY_CHANGE for n in (57, 60, 64)), 2.0), 0.06)
    peak = float(np.abs(mix.samples).max())
    return Sound((0.8 / peak * mix.samples).astype(np.float32), RATE)


def _drums(mix: _Mix, clock: TimeMap, part: Part, kick: Samples, snare: Samples, hat: Samples, crash: Samples) -> None:
    if part.kind != "lead-in":
        mix.add(clock(part.start), crash, 0.45, 0.2)
    for k in range(part.counts):
        at = part.start + k
        full = part.kind in ("verse", "chorus", "ending")
        if k % 2 == 0:
            mix.add(clock(at), kick, 0.9 if k % 8 == 0 else 0.75)
        elif full:
            mix.add(clock(at), snare, 0.42)
        if part.kind == "chorus" and k % 8 == 5:
            mix.add(clock(at + 0.5), kick, 0.6)
        if part.wall % 2 and full:
            mix.add(clock(at + 0.25), hat, 0.18, -0.4)
            mix.add(clock(at + 0.75), hat, 0.22, -0.4)
        if part.kind != "tag":
            mix.add(clock(at), hat, 0.5, 0.3)
            mix.add(clock(at + 0.5), hat, 0.3, 0.3)
        if part.kind == "lead-in" and k >= 14:
            for quarter in (0.0, 0.5):
                mix.add(clock(at + quarter), snare, 0.25 + 0.1 * quarter)


def _harmony(mix: _Mix, clock: TimeMap, part: Part) -> None:
    chords = _CHORUS if part.kind == "chorus" else _VERSE
    for k in range(0, part.counts, 4):
        bass, notes = chords[(k // 4) % 4]
        bass, tones = bass + part.higher, tuple(n + part.higher for n in notes)
        start, end = clock(part.start + k), clock(part.start + min(k + 4, part.counts))
        mix.add(start, _pad(tones, end - start), 0.035 if part.kind != "chorus" else 0.05, -0.3)
        if part.kind == "lead-in":
            continue
        for step, rise, length in ((0, 0, 1.4), (1.5, 0, 0.5), (2, 7, 1.0), (3, 12, 0.9)):
            at = part.start + k + step
            if step < part.counts - k:
                mix.add(clock(at), _pluck(bass + rise, clock(at + length) - clock(at), 0.45), 0.42)


def _tune(mix: _Mix, clock: TimeMap, part: Part) -> None:
    if part.kind in ("lead-in", "tag"):
        return
    tune = _TUNE_CHORUS if part.kind == "chorus" else _TUNE_VERSE
    for count, note, length in tune:
        if count >= part.counts:
            continue
        at, note = part.start + count, note + part.higher
        mix.add(clock(at), _flute(note, clock(at + length) - clock(at)), 0.13, 0.15)
        if part.kind == "chorus":
            mix.add(clock(at), _pluck(note - 12, clock(at + length) - clock(at), 0.6), 0.12, -0.35)
