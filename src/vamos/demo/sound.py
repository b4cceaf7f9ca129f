"""What the simulated camera hears: the song from a loudspeaker, a voice, steps, the room."""

from __future__ import annotations

import numpy as np

from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples, Sound
from vamos.core.media.voice import number_word, say
from vamos.core.media.word_centre import word_centre_s
from vamos.core.model.dance import Foot
from vamos.core.model.take import SOUND_M_PER_S
from vamos.demo.dance import MOVES, running_order
from vamos.demo.takes import COUNT_IN, TakeSpec

RATE = 48000


def room_response(rng: np.random.Generator, distance_m: float, rt60_s: float) -> Samples:
    """Direct sound at its true delay, a few reflections, then a decaying tail."""
    delay = distance_m / SOUND_M_PER_S
    size = int((delay + rt60_s) * RATE) + 1
    out = np.zeros(size)
    out[round(delay * RATE)] = 1.0
    for _ in range(7):
        late = delay + rng.uniform(0.003, 0.045)
        if late * RATE < size:
            out[int(late * RATE)] += rng.uniform(-0.5, 0.6)
    t = np.arange(size) / RATE
    tail = rng.standard_normal(size) * 10 ** (-3 * (t - delay) / rt60_s) * (t > delay + 0.008)
    out += 0.035 * tail * np.sqrt(distance_m / 3)
    return out.astype(np.float32)


def take_sound(spec: TakeSpec, song: Sound) -> Samples:
    """The sound of a take, ``(frames, 1)`` at ``RATE``."""
    rng = np.random.default_rng(100 + spec.seed)
    frames = int(spec.duration_s * RATE)
    out = np.zeros(frames)
    if spec.song_at_start_s is not None:
        take_s = np.arange(frames) / RATE
        song_s = spec.song_at_start_s + (1 + spec.ppm * 1e-6) * take_s
        played = np.interp(song_s * song.rate, np.arange(len(song.samples)), song.mono(), left=0, right=0)
        wet = scipy.signal.fftconvolve(played, room_response(rng, spec.speaker_m, spec.rt60_s))
        out += 0.5 * wet[:frames]
    if spec.voice:
        out += 0.9 * _voice(spec, frames)
    out += _steps(spec, frames, rng)
    out += 0.0012 * scipy.signal.lfilter([1], [1, -0.95], rng.standard_normal(frames))
    out = np.tanh(1.2 * out)
    return out[:, None].astype(np.float32)


def _voice(spec: TakeSpec, frames: int) -> np.ndarray:
    """Numbers said on their counts, through the start of the room's response."""
    out = np.zeros(frames + RATE)
    to_take = spec.take_to_count().inverse()
    first = -COUNT_IN
    last = 32 if spec.song_at_start_s is None else 64
    for count in range(first, last):
        at = to_take(float(count))
        word, rate = say(number_word(count % 8 + 1), 200, 62)
        if not 0 <= at < frames / RATE - 0.1:
            continue
        voiced = scipy.signal.resample_poly(word, RATE, rate)[: int(0.5 * RATE)]
        # Who counts aloud puts the vowels on the counts.
        start = max(0, round((at - word_centre_s(voiced, RATE)) * RATE))
        out[start : start + len(voiced)] += voiced
    rng = np.random.default_rng(spec.seed)
    return scipy.signal.fftconvolve(out, room_response(rng, 2.0, 0.3))[:frames]


def _steps(spec: TakeSpec, frames: int, rng: np.random.Generator) -> np.ndarray:
    """Soft thuds where feet land."""
    out = np.zeros(frames + RATE)
    to_take = spec.take_to_count().inverse()
    t = np.arange(int(0.09 * RATE)) / RATE
    for start, _facing, name in running_order():
        for move in MOVES[name]:
            at = to_take(float(start + move.at))
            if move.foot is Foot.NONE or not 0 <= at < frames / RATE:
                continue
            thud = np.sin(2 * np.pi * rng.uniform(70, 100) * t) * np.exp(-t * 60)
            thud += 0.3 * rng.standard_normal(len(t)) * np.exp(-t * 120)
            strength = 0.16 if "stomp" in move.name else 0.05
            out[round(at * RATE) : round(at * RATE) + len(t)] += strength * thud
    return out[:frames]
