"""What the demo films: six takes, with everything about them known exactly."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from functools import lru_cache

import numpy as np

from vamos.core.model.take import Danced, View
from vamos.core.time import FrameRate, TimeMap
from vamos.demo.room import Camera
from vamos.demo.song import counts_to_song

_FRONT = Camera((0.15, 1.45, 6.2), (-0.25, 1.02, 0.0), 34.0, 960, 540)
_FRONT_UPRIGHT = Camera((-0.1, 1.4, 6.4), (-0.05, 1.05, 0.0), 28.0, 540, 960)
_BACK = Camera((-0.2, 1.45, -6.2), (-0.25, 1.02, 0.0), 34.0, 960, 540)
_FEET = Camera((-4.0, 0.75, 0.4), (0.0, 0.38, 0.4), 30.0, 960, 540)


@dataclass(frozen=True, slots=True)
class TakeSpec:
    """One take of the simulated camera.

    ``song_at_start_s`` is the song second at take second 0 (may be negative), None when there is
    no music; ``ppm`` how much faster the phone's clock runs; ``rotation`` degrees of the file's
    rotation note; ``jitter_s`` how unevenly frames come.
    """

    file: str
    view: View
    camera: Camera
    duration_s: float
    song_at_start_s: float | None = 0.0
    danced: Danced = Danced.OWN
    ppm: float = 0.0
    rate: FrameRate = FrameRate(Fraction(30))
    codec: str = "libx264"
    rotation: int = 0
    jitter_s: float = 0.0
    dropped: float = 0.0
    speaker_m: float = 3.0
    rt60_s: float = 0.5
    voice: bool = False
    trouble: str = ""
    trouble_at_s: float = 0.0
    seed: int = 0
    #: How hard the encoder works: the shipped takes are small.
    preset: str = "slower"

    def take_to_count(self) -> TimeMap:
        """The truth: take seconds → counts of the dance, for the picture."""
        return _take_to_count(self)


@lru_cache(maxsize=32)
def _take_to_count(spec: TakeSpec) -> TimeMap:
    if spec.song_at_start_s is None:
        return counted_aloud().inverse()
    to_song = TimeMap.line(0.0, spec.song_at_start_s, 1 + spec.ppm * 1e-6)
    return to_song.then(counts_to_song().inverse())


#: The slow take: counts per minute, its own unsteady tempo, seconds before the count-in.
COUNTED_BPM, COUNTED_FIRST_S, COUNT_IN = 78.0, 2.6, 4


def counted_aloud() -> TimeMap:
    """The truth of the slow take: counts → take seconds; the teacher's tempo wanders by 4 %."""
    rng = np.random.default_rng(7)
    counts = np.arange(-COUNT_IN, 36)
    sway = 1 + 0.03 * np.sin(counts / 5.0) + 0.008 * rng.standard_normal(len(counts))
    gaps = 60 / COUNTED_BPM * sway
    times = COUNTED_FIRST_S + np.concatenate([[0.0], np.cumsum(gaps[:-1])])
    return TimeMap.through(counts.astype(float), times)


SPECS: tuple[TakeSpec, ...] = (
    TakeSpec(
        "front.mp4",
        View.FRONT,
        _FRONT,
        94.0,
        -2.35,
        ppm=42.0,
        jitter_s=0.004,
        dropped=0.01,
        speaker_m=3.0,
        rt60_s=0.45,
        seed=1,
    ),
    TakeSpec(
        "front mirrored.mov",
        View.FRONT,
        _FRONT_UPRIGHT,
        40.0,
        5.1,
        danced=Danced.MIRRORED,
        ppm=-65.0,
        rotation=90,
        jitter_s=0.003,
        speaker_m=4.2,
        rt60_s=0.6,
        voice=True,
        seed=2,
    ),
    TakeSpec(
        "back.mp4",
        View.BACK,
        _BACK,
        50.0,
        -1.2,
        ppm=18.0,
        rate=FrameRate.of(30000, 1001),
        speaker_m=5.0,
        rt60_s=0.7,
        seed=3,
    ),
    TakeSpec(
        "feet.mkv",
        View.FEET,
        _FEET,
        34.0,
        3.4,
        ppm=-30.0,
        rate=FrameRate.of(25),
        codec="libx265",
        speaker_m=2.2,
        rt60_s=0.4,
        seed=4,
    ),
    TakeSpec("slow counted.mp4", View.FRONT, _FRONT, 33.5, None, voice=True, rt60_s=0.4, jitter_s=0.003, seed=5),
    TakeSpec(
        "front spoiled.mp4",
        View.FRONT,
        _FRONT,
        32.0,
        0.8,
        ppm=42.0,
        speaker_m=3.0,
        voice=True,
        trouble="someone walks through",
        trouble_at_s=14.0,
        seed=6,
    ),
)


def smaller(spec: TakeSpec, width: int, duration_s: float) -> TakeSpec:
    """The same take in a smaller picture, at a third of the frame rate and cut short, for tests."""
    camera = spec.camera
    scale = width / max(camera.width, camera.height)
    size = replace(camera, width=round(camera.width * scale / 2) * 2, height=round(camera.height * scale / 2) * 2)
    rate = FrameRate(spec.rate.per_second / 3)
    return replace(spec, camera=size, rate=rate, duration_s=min(spec.duration_s, duration_s), preset="ultrafast")
