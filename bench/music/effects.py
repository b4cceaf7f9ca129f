"""What happens to a song between the band and the file: tone, room, compression, clipping, noise, a fade, mp3."""

from __future__ import annotations

import subprocess

import numpy as np
import scipy.signal

from bench.music.synth import RATE


def effects(samples: np.ndarray, r) -> tuple[np.ndarray, list[str]]:
    """The song as it comes out of a file, and what was done to it."""
    out, done = samples / (np.abs(samples).max() + 1e-6), []
    for corner, kind in ((r.uniform(60, 250), "low"), (r.uniform(2500, 7000), "high")):
        if r.random() < 0.6:
            b, a = scipy.signal.butter(1, corner / (RATE / 2), kind)
            out = out + (10 ** (r.uniform(-9, 9) / 20) - 1) * scipy.signal.lfilter(b, a, out)
    for name, chance, work in (
        ("reverb", 0.35, _reverb),
        ("comp", 0.5, _compress),
        ("clip", 0.25, _clip),
        ("dull", 0.12, _dull),
    ):
        if r.random() < chance:
            out = work(out, r)
            done.append(name)
    out = out / (np.abs(out).max() + 1e-6) * r.uniform(0.2, 0.98)
    if r.random() < 0.4:
        out = out + _noise(len(out), r)
        done.append("noise")
    if r.random() < 0.3:
        out[-6 * RATE :] *= np.linspace(1, 0, 6 * RATE)
        done.append("fade")
    if r.random() < 0.1:
        out = _mp3(out, int(r.choice([48, 64, 96])))
        done.append("mp3")
    return out.astype(np.float32), done


def _reverb(x: np.ndarray, r) -> np.ndarray:
    size = int(RATE * r.uniform(0.25, 1.4))
    tail = r.normal(size=size) * np.exp(-6.9 * np.arange(size) / size)
    tail *= np.arange(size) > RATE * r.uniform(0.002, 0.03)
    tail /= np.sqrt((tail**2).sum())
    return x + 10 ** (r.uniform(-22, -7) / 20) * scipy.signal.fftconvolve(x, tail)[: len(x)]


def _compress(x: np.ndarray, r) -> np.ndarray:
    level = np.sqrt(np.maximum(scipy.signal.lfilter([0.004], [1, -0.996], x**2), 1e-8))
    threshold = np.percentile(level, r.uniform(20, 70))
    return x * np.minimum(1, threshold / level) ** r.uniform(0.3, 0.85)


def _clip(x: np.ndarray, r) -> np.ndarray:
    return np.tanh(x / (np.abs(x).max() + 1e-6) * r.uniform(1.5, 5))


def _dull(x: np.ndarray, r) -> np.ndarray:
    b, a = scipy.signal.butter(4, r.uniform(2500, 6500) / (RATE / 2))
    return scipy.signal.lfilter(b, a, x)


def _noise(size: int, r) -> np.ndarray:
    white = r.normal(size=size)
    if r.random() < 0.5:
        white = 4 * scipy.signal.lfilter([0.05], [1, -0.95], white)
    return white * 10 ** (r.uniform(-62, -32) / 20)


def _mp3(x: np.ndarray, kbit: int) -> np.ndarray:
    """Through mp3 and back, by the ffmpeg command line."""
    raw = ["-f", "s16le", "-ar", str(RATE), "-ac", "1"]
    pcm = (np.clip(x, -1, 1) * 32767).astype("<i2").tobytes()
    quiet = ["ffmpeg", "-v", "error"]
    coded = subprocess.run(
        [*quiet, *raw, "-i", "-", "-b:a", f"{kbit}k", "-f", "mp3", "-"], input=pcm, capture_output=True, check=True
    ).stdout
    back = subprocess.run(
        [*quiet, "-f", "mp3", "-i", "-", *raw, "-"], input=coded, capture_output=True, check=True
    ).stdout
    return np.frombuffer(back, "<i2").astype(np.float32)[: len(x)] / 32767
