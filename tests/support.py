"""Small synthetic media and projects for tests."""

from __future__ import annotations

import atexit
import contextlib
import hashlib
import os
import shutil
import tempfile
import unittest
from collections.abc import Iterator
from fractions import Fraction
from functools import lru_cache
from pathlib import Path

import numpy as np

from vamos.core.media.sound import Sound, write_wav
from vamos.core.model.song import Anchor, Grid

# Tests never touch the user's own folders.
_HOME = tempfile.mkdtemp(prefix="vamos-tests-")
atexit.register(shutil.rmtree, _HOME, ignore_errors=True)
for _name in ("XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_STATE_HOME"):
    os.environ[_name] = str(Path(_HOME) / _name.lower())
if _kept := os.environ.get("VAMOS_TEST_CACHE"):
    # What is seen and heard in the demo's films is worked out once in a run of all tests.
    for _kind in ("motion", "voice"):
        (Path(_kept) / _kind).mkdir(parents=True, exist_ok=True)
        (Path(_HOME) / "xdg_cache_home/vamos").mkdir(parents=True, exist_ok=True)
        (Path(_HOME) / "xdg_cache_home/vamos" / _kind).symlink_to(Path(_kept) / _kind)


class FolderCase(unittest.TestCase):
    """A test with a folder of its own."""

    def setUp(self) -> None:
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = Path(self._folder.name)

    def listing(self) -> list[str]:
        return sorted(p.relative_to(self.folder).as_posix() for p in self.folder.rglob("*"))


def grid_at(bpm: float = 120.0, counts: int = 64, start_s: float = 0.5, lead_in: int = 8) -> Grid:
    """A grid of constant tempo whose first beat is at ``start_s``."""
    beat = 60 / bpm
    return Grid(tuple(Anchor(Fraction(k - lead_in), start_s + k * beat) for k in range(counts)), lead_in)


def clicks(
    bpm: float, seconds: float, rate: int = 22050, start_s: float = 0.5, accent: int = 4
) -> tuple[Sound, np.ndarray]:
    """A click track with exact truth: short tones, higher on every ``accent``-th."""
    times = np.arange(start_s, seconds - 0.1, 60 / bpm)
    out = np.zeros(int(seconds * rate), dtype=np.float32)
    t = np.arange(int(0.03 * rate)) / rate
    for k, at in enumerate(times):
        tone = np.sin(2 * np.pi * (1500 if k % accent == 0 else 900) * t) * np.exp(-t * 140)
        first = round(at * rate)
        piece = tone[: len(out) - first]
        out[first : first + len(piece)] += (0.8 * piece).astype(np.float32)
    return Sound(out[:, None], rate), times


def write_song(path: Path, bpm: float = 120.0, seconds: float = 20.0) -> np.ndarray:
    """A click track as a wav file; its beats."""
    sound, times = clicks(bpm, seconds)
    write_wav(path, sound)
    return times


def shared_folder(name: str) -> Path:
    """A folder for what all tests of a process use; it goes when the process ends."""
    found = Path(_HOME) / name
    found.mkdir(exist_ok=True)
    return found


def film_of(path: Path, *settings: object, **named: object) -> Path:
    """A film of ``_film``; those without a sound or times of their own are made once and copied."""
    if "sound" in named or "times" in named:
        return _film(path, *settings, **named)
    wanted = hashlib.sha256(repr((settings, sorted(named.items()))).encode()).hexdigest()
    kept = shared_folder("films") / f"{wanted}{path.suffix}"
    if not kept.exists():
        _film(kept, *settings, **named)
    shutil.copyfile(kept, path)
    return path


def _film(
    path: Path,
    seconds: float = 4.0,
    rate: Fraction = Fraction(30),
    size: tuple[int, int] = (320, 180),
    sound: np.ndarray | None = None,
    codec: str = "libx264",
    times: np.ndarray | None = None,
    rotation: int = 0,
) -> Path:
    """A film with a white block that moves right by time, on a grey ground with a dark left edge.

    The block's centre is at ``time / seconds`` of the width, so each frame tells its own time.
    """
    import av

    width, height = size
    times = np.arange(int(seconds * rate)) / float(rate) if times is None else times
    with av.open(str(path), "w") as out:
        video = out.add_stream(codec, rate=rate)
        video.width, video.height, video.pix_fmt = width, height, "yuv420p"
        video.codec_context.time_base = Fraction(1, 90000)
        if codec == "libx265":
            video.options = {"preset": "ultrafast", "x265-params": "log-level=none"}
        if rotation:
            video.set_display_rotation(rotation)
        audio = None
        if sound is not None:
            audio = out.add_stream("aac", rate=48000, layout="mono")
        for at in times:
            frame = av.VideoFrame.from_ndarray(block_picture(at / seconds, width, height), format="rgb24")
            frame = frame.reformat(format="yuv420p")
            frame.pts, frame.time_base = round(at * 90000), Fraction(1, 90000)
            out.mux(video.encode(frame))
        out.mux(video.encode(None))
        if audio is not None:
            for first in range(0, len(sound), 1024):
                piece = av.AudioFrame.from_ndarray(sound[None, first : first + 1024].astype(np.float32), "fltp", "mono")
                piece.sample_rate, piece.pts, piece.time_base = 48000, first, Fraction(1, 48000)
                out.mux(audio.encode(piece))
            out.mux(audio.encode(None))
    return path


def block_picture(share: float, width: int, height: int) -> np.ndarray:
    picture = np.full((height, width, 3), 90, np.uint8)
    picture[:, : width // 10] = 20
    centre = int(share * width)
    picture[height // 3 : height // 2, max(0, centre - 8) : centre + 8] = 250
    return picture


def block_share(luma: np.ndarray) -> float:
    """Where the white block of :func:`film_of` is, 0 to 1 across the picture."""
    bright = np.flatnonzero(luma[luma.shape[0] * 5 // 12] > 180)
    return float(bright.mean() + 0.5) / luma.shape[1] if len(bright) else float("nan")


@contextlib.contextmanager
def read_only(folder: Path) -> Iterator[None]:
    """A folder nobody can write to; root can write anywhere, so callers skip as root."""
    folder.chmod(0o555)
    try:
        yield
    finally:
        folder.chmod(0o755)


@lru_cache(maxsize=1)
def demo_folder() -> Path:
    """The demo in small, made once for all test processes of a run: short takes, narrow pictures."""
    from vamos.demo.build import make_demo
    from vamos.demo.takes import SPECS, smaller

    shared = Path(os.environ.get("VAMOS_TEST_DEMO", Path(_HOME) / "demo"))
    with _locked(shared.with_suffix(".lock")):
        make_demo(shared, specs=tuple(smaller(s, 320, 32.0) for s in SPECS))
    return shared


def demo_copy(folder: Path) -> Path:
    """The small demo in a folder of a test's own: its project to be changed, its media linked."""
    from vamos.demo.build import PROJECT

    for file in demo_folder().iterdir():
        if file.name == PROJECT:
            (folder / PROJECT).write_bytes(file.read_bytes())
        elif file.is_file():
            (folder / file.name).symlink_to(file)
    return folder / PROJECT


@contextlib.contextmanager
def _locked(path: Path) -> Iterator[None]:
    """One process at a time; test processes share the small demo."""
    import fcntl

    with path.open("w") as file:
        fcntl.flock(file, fcntl.LOCK_EX)
        yield
