"""The measuring set for placing takes: songs played in simulated rooms, with people talking over them.

Rooms are simulated by pyroomacoustics (image sources, then a decaying noise tail of the same
reverberation time). Songs are those of bench/music, voices come from espeak. Everything is
drawn from a seed; the tuning and the unseen part share neither songs nor seeds. The truth is when
the direct sound arrives. Each take is coded to AAC by the ffmpeg command line.
"""

from __future__ import annotations

import subprocess
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path

import numpy as np
import scipy.io.wavfile
import scipy.signal

RATE = 16000
SPEED = 343.0


@dataclass(frozen=True, slots=True)
class Case:
    """How a take is made; ``song`` None has no song in it, ``other`` plays a song that is not asked for."""

    name: str
    seed: int
    song: int | None
    other: bool
    seconds: float
    start_s: float
    ppm: float
    ratio: float
    pitch_kept: bool
    rt60: float
    distance: float
    voice_db: float
    steps: bool
    small_speaker: bool
    gain_control: bool
    clipped: bool
    kbits: int


def cases(part: str, count: int = 60, slowed: bool = False) -> list[Case]:
    offset = {"tuning": 0, "unseen": 1}[part]
    rng = np.random.default_rng(500 + offset + (50 if slowed else 0))
    out = []
    for k in range(count):
        kind = k % 10
        out.append(
            Case(
                f"{part}{'-slowed' if slowed else ''}-{k:02d}",
                int(rng.integers(1 << 30)),
                None if kind == 9 and not slowed else int(rng.integers(0, 30 if part == "unseen" else 24)),
                kind == 8 and not slowed,
                float(rng.uniform(15, 60)),
                float(rng.uniform(-4, 30)),
                float(rng.uniform(-100, 100)),
                float(rng.choice([0.5, 0.6, 0.7, 0.75, 0.8, 0.85, 0.9, 1.1, 1.25])) if slowed else 1.0,
                bool(rng.uniform() < 0.5),
                float(rng.uniform(0.2, 1.5)),
                float(rng.uniform(2, 10)),
                float(rng.choice([-99, -10, 0, 5, 10])),
                bool(rng.uniform() < 0.5),
                bool(rng.uniform() < 0.6),
                bool(rng.uniform() < 0.4),
                bool(rng.uniform() < 0.2),
                int(rng.choice([64, 96, 128])),
            )
        )
    return out


def load(path: Path) -> np.ndarray:
    rate, samples = scipy.io.wavfile.read(path)
    mono = samples.astype(np.float64).reshape(len(samples), -1).mean(axis=1) / 32768
    return scipy.signal.resample_poly(mono, RATE, rate)


def room_response(case: Case, rng: np.random.Generator) -> tuple[np.ndarray, int]:
    """The room's answer at the phone, and the frame of the direct sound in it."""
    import pyroomacoustics as pra

    size = np.array([rng.uniform(max(5, case.distance * 0.9), 14), rng.uniform(5, 10), rng.uniform(2.6, 4.5)])
    speaker = np.array([0.6, size[1] * rng.uniform(0.2, 0.8), rng.uniform(0.6, 1.4)])
    direction = np.array([1.0, rng.uniform(-0.3, 0.3), 0.0])
    phone = speaker + direction / np.linalg.norm(direction) * min(case.distance, size[0] - 1.4)
    phone = np.clip(phone, 0.3, size - 0.3)
    try:
        absorption, order = pra.inverse_sabine(case.rt60, size)
    except ValueError:
        absorption, order = 0.95, 6
    room = pra.ShoeBox(size, fs=RATE, materials=pra.Material(absorption), max_order=min(order, 14))
    room.add_source(speaker)
    room.add_microphone(phone)
    room.compute_rir()
    answer = np.asarray(room.rir[0][0], dtype=np.float64)
    direct = float(np.linalg.norm(speaker - phone)) / SPEED * RATE
    # pyroomacoustics puts the middle of its fractional-delay filter on the arrival.
    direct_frame = round(direct + pra.constants.get("frac_delay_length") // 2)
    end = int(case.rt60 * RATE)
    if len(answer) < end:
        tail = np.arange(end)
        decay = 10 ** (-3 * tail / (case.rt60 * RATE))
        noise = rng.standard_normal(end) * decay
        join = int(len(answer) * 0.6)
        level = np.sqrt(np.mean(answer[join - 200 : join + 200] ** 2)) / (decay[join] + 1e-9)
        whole = np.zeros(end)
        whole[: len(answer)] = answer
        fade = np.clip((tail - join) / max(1, len(answer) - join), 0, 1)
        answer = whole * (1 - fade) + level * noise * fade
    return answer, direct_frame


def talk(seconds: float, rng: np.random.Generator) -> np.ndarray:
    """Somebody counts and explains, with pauses."""
    from vamos.core.media.voice import say

    words = ["one two three four", "five six seven eight", "and turn", "now the fan up", "right left right touch"]
    words += ["very good once more", "and step together step", "watch the arms please", "again from the top"]
    out = np.zeros(int(seconds * RATE))
    at = rng.uniform(0, 2)
    while at < seconds - 1:
        samples, rate = say(str(rng.choice(words)), int(rng.integers(130, 220)), int(rng.integers(30, 80)))
        voice = scipy.signal.resample_poly(np.asarray(samples, dtype=np.float64), RATE, rate)
        first = int(at * RATE)
        voice = voice[: len(out) - first]
        out[first : first + len(voice)] += voice
        at += len(voice) / RATE + rng.exponential(0.8)
    return out


def loudness(x: np.ndarray) -> float:
    loud = np.abs(x) > 0.01 * np.abs(x).max(initial=1e-9)
    return float(np.sqrt(np.mean(x[loud] ** 2))) if loud.any() else 1e-9


def slowed(samples: np.ndarray, ratio: float, pitch_kept: bool) -> np.ndarray:
    """The song played at another speed: resampled, or stretched with its pitch kept."""
    if ratio == 1.0:
        return samples
    if not pitch_kept:
        at = np.arange(int(len(samples) / ratio)) * ratio
        return np.interp(at, np.arange(len(samples)), samples)
    from vamos.core.render.sound import stretched

    sound = stretched(samples.astype(np.float32)[:, None], RATE, Fraction(ratio).limit_denominator(100))
    return np.asarray(sound[:, 0], dtype=np.float64)


def make(case: Case, songs: list[Path], folder: Path) -> Path:
    """The take as m4a in ``folder`` (kept there)."""
    out = folder / f"{case.name}.m4a"
    if out.exists():
        return out
    rng = np.random.default_rng(case.seed)
    count = int(case.seconds * RATE)
    sound = np.zeros(count)
    if case.song is not None:
        number = (case.song + 1) % len(songs) if case.other else case.song % len(songs)
        song = slowed(load(songs[number]), case.ratio, case.pitch_kept)
        at = (case.start_s / case.ratio + np.arange(count + RATE) / RATE * (1 + case.ppm * 1e-6)) * RATE
        sound = np.interp(at, np.arange(len(song)), song, left=0, right=0)
        if case.small_speaker:
            sound = scipy.signal.sosfilt(scipy.signal.butter(2, [200, 7600], "bandpass", fs=RATE, output="sos"), sound)
        answer, _ = room_response(case, rng)
        sound = scipy.signal.fftconvolve(sound, answer)[:count]
        sound *= 0.1 / (loudness(sound) + 1e-9)
    if case.voice_db > -90 or case.song is None:
        voice = talk(case.seconds, rng)
        near, _ = room_response(case, rng)
        voice = scipy.signal.fftconvolve(voice, near)[:count] if rng.uniform() < 0.5 else voice
        voice *= 0.1 / (loudness(voice) + 1e-9)
        sound = sound + voice * 10 ** (-case.voice_db / 20)
    if case.steps:
        for at in np.arange(rng.uniform(0, 0.5), case.seconds - 0.2, rng.uniform(0.4, 0.7)):
            first = int(at * RATE)
            knock = rng.standard_normal(1200) * np.exp(-np.arange(1200) / 160)
            sound[first : first + 1200] += 0.15 * knock[: count - first]
    sound += 0.001 * rng.standard_normal(count)
    sound *= 0.5 / (np.abs(sound).max() + 1e-9)
    if case.gain_control:
        level = np.sqrt(scipy.signal.lfilter([1e-4], [1, -(1 - 1e-4)], sound**2)) + 0.01
        sound = 0.15 * sound / level
    if case.clipped:
        sound *= 3
    sound = np.clip(sound, -0.98, 0.98)
    wav = folder / f"{case.name}.wav"
    scipy.io.wavfile.write(wav, RATE, (sound * 32767).astype(np.int16))
    subprocess.run(
        ["ffmpeg", "-v", "error", "-y", "-i", wav, "-ar", "48000", "-b:a", f"{case.kbits}k", out], check=True
    )
    wav.unlink()
    return out


def song_at(case: Case, take_s: float, late_s: float) -> float:
    """Song seconds heard at a take second, the direct sound ``late_s`` on its way."""
    heard = case.start_s / case.ratio + (take_s - late_s) * (1 + case.ppm * 1e-6)
    return heard * case.ratio
