"""How much moves in the picture of a take, twenty-five times a second.

Small grey pictures are compared with the one before: the share of the picture that changed by
more than the camera's noise, and the box around what changed. Film with a fixed camera is meant; a
panning one moves all over.
"""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

import numpy as np
import numpy.typing as npt

from vamos.core.media import cache
from vamos.core.media.frames import FrameReader, scaled, upright
from vamos.core.progress import Progress, quiet

PER_SECOND = 25.0
_WIDE = 96
#: Grey levels by which noise and coding change a pixel at most (of 255).
_NOISE = 9

Floats = npt.NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class Motion:
    """``energy[k]`` is the share of the picture that moved around take second ``k / PER_SECOND``.

    ``boxes[k]`` is the box around it, ``(samples, 4)``: left, top, right, bottom as shares of the picture,
    NaN where nothing moved.
    """

    energy: Floats
    boxes: Floats

    def between(self, start_take_s: float, end_take_s: float) -> Floats:
        """The energies of a stretch; empty outside of the film."""
        first, last = round(start_take_s * PER_SECOND), round(end_take_s * PER_SECOND)
        return self.energy[max(0, first) : max(0, last)]


def motion_of(path: Path, key: str, duration_s: float, progress: Progress | None = None) -> Motion:
    """The motion of a take, kept in the cache under its fingerprint; raises MissingError or MediaError."""
    progress = progress or quiet()
    count = int(duration_s * PER_SECOND)
    kept = cache.load("motion", key)
    size = max(1, count)
    if kept is not None and kept.get("boxes", np.zeros(0)).shape == (size, 4):
        return Motion(kept["energy"].astype(np.float64), kept["boxes"].astype(np.float64))
    energy = np.zeros(size)
    boxes = np.full((size, 4), np.nan)
    before: npt.NDArray[np.int16] | None = None
    with FrameReader(path) as reader:
        for k in range(count):
            if k % 50 == 0:
                progress(k / max(1, count), "Looking for movement")
            frame = reader.nearest(k / PER_SECOND)
            height = max(2, round(_WIDE * frame.height / frame.width))
            grey = scaled(frame, _WIDE, height, "gray", "AREA").to_ndarray()
            small = upright(np.asarray(grey, dtype=np.uint8), frame.rotation).astype(np.int16)
            if before is not None and before.shape == small.shape:
                moved = np.abs(small - before) > _NOISE
                energy[k] = float(moved.mean())
                boxes[k] = _box(moved)
            before = small
    cache.keep("motion", key, energy=energy, boxes=boxes)
    return Motion(energy, boxes)


def _box(moved: npt.NDArray[np.bool_]) -> Floats:
    """The box around what moved, as shares; single pixels are noise."""
    height, width = moved.shape
    columns = np.flatnonzero(moved.sum(axis=0) >= 2)
    rows = np.flatnonzero(moved.sum(axis=1) >= 2)
    if not len(columns) or not len(rows):
        return np.full(4, np.nan)
    return np.array([columns[0] / width, rows[0] / height, (columns[-1] + 1) / width, (rows[-1] + 1) / height])
