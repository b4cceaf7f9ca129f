"""How much moves in the picture of a take, twenty-five times a second.

Small grey pictures are compared with the one before: the share of the picture that changed by
more than the camera's noise, the box around what changed, and the dancer's outline. Film with a fixed camera is
meant; a panning one moves all over.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
import numpy.typing as npt

from vamos.core.media import cache
from vamos.core.media.frames import FrameReader, scaled, upright
from vamos.core.media.outline import NOBODY, ROWS, WIDE, Body, Outliner, body_between
from vamos.core.progress import Progress, quiet
from vamos.wording import words_of

if TYPE_CHECKING:
    from av.video.frame import VideoFrame

tr = words_of(__name__)

PER_SECOND = 25.0
_WIDE = 96
#: Grey levels by which noise and coding change a pixel at most (of 255).
_NOISE = 9

Floats = npt.NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class Motion:
    """``energy[k]`` is the share of the picture that moved around take second ``k / PER_SECOND``.

    ``boxes[k]`` is the box around it, ``(samples, 4)``: left, top, right, bottom as shares of the picture,
    NaN where nothing moved. ``outlines[k]`` is how far the dancer reaches in each row of it, see ``outline``.
    """

    energy: Floats
    boxes: Floats
    outlines: npt.NDArray[np.uint8] = field(default_factory=lambda: np.zeros((0, ROWS, 2), np.uint8))

    def between(self, start_take_s: float, end_take_s: float) -> Floats:
        """The energies of a stretch; empty outside of the film."""
        first, last = round(start_take_s * PER_SECOND), round(end_take_s * PER_SECOND)
        return self.energy[max(0, first) : max(0, last)]

    def body(self, start_take_s: float, end_take_s: float) -> Body | None:
        """What the dancer covers between two take seconds; None when next to nothing is known of it."""
        outlines = self.outlines
        if len(outlines) != len(self.boxes):
            outlines = np.full((len(self.boxes), ROWS, 2), NOBODY, np.uint8)
        return body_between(outlines, self.boxes, PER_SECOND, start_take_s, end_take_s)


def motion_of(path: Path, key: str, duration_s: float, progress: Progress | None = None) -> Motion:
    """The motion of a take, kept in the cache under its fingerprint; raises MissingError or MediaError."""
    progress = progress or quiet()
    count = int(duration_s * PER_SECOND)
    kept = cache.load("motion", key)
    size = max(1, count)
    if kept is not None and {n: a.shape for n, a in kept.items()} == {
        "energy": (size,),
        "boxes": (size, 4),
        "outlines": (size, ROWS, 2),
    }:
        return Motion(
            kept["energy"].astype(np.float64), kept["boxes"].astype(np.float64), kept["outlines"].astype(np.uint8)
        )
    energy = np.zeros(size)
    boxes = np.full((size, 4), np.nan)
    before: npt.NDArray[np.int16] | None = None
    outliner = Outliner()
    with FrameReader(path) as reader:
        for k in range(count):
            if k % 50 == 0:
                progress(k / max(1, count), tr("Looking for movement"))
            frame = reader.nearest(k / PER_SECOND)
            outliner.add(_small(frame, WIDE))
            small = _small(frame, _WIDE).astype(np.int16)
            if before is not None and before.shape == small.shape:
                moved = np.abs(small - before) > _NOISE
                energy[k] = float(moved.mean())
                boxes[k] = _box(moved)
            before = small
    outlines = outliner.outlines() if count else np.full((size, ROWS, 2), NOBODY, np.uint8)
    cache.keep("motion", key, energy=energy, boxes=boxes, outlines=outlines)
    return Motion(energy, boxes, outlines)


def _small(frame: VideoFrame, wide: int) -> npt.NDArray[np.uint8]:
    """A frame in grey, ``wide`` across before it is turned upright."""
    height = max(2, round(wide * frame.height / frame.width))
    grey = scaled(frame, wide, height, "gray", "AREA").to_ndarray()
    return upright(np.asarray(grey, dtype=np.uint8), frame.rotation)


def _box(moved: npt.NDArray[np.bool_]) -> Floats:
    """The box around what moved, as shares; single pixels are noise."""
    height, width = moved.shape
    columns = np.flatnonzero(moved.sum(axis=0) >= 2)
    rows = np.flatnonzero(moved.sum(axis=1) >= 2)
    if not len(columns) or not len(rows):
        return np.full(4, np.nan)
    return np.array([columns[0] / width, rows[0] / height, (columns[-1] + 1) / width, (rows[-1] + 1) / height])
