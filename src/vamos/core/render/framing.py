"""Which part of the film's picture a clip shows: a shape, and if wished close to the dancer.

The dancer is what moves: the union of the moving boxes over the clip, with the reach around it. If that
fits into the shape, the crop stands still; else it follows slowly, always holding what moves within a
second; and where even that does not fit, bars are added rather than hands or feet cut.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import scipy.ndimage

from vamos.core.media.motion import PER_SECOND, Motion
from vamos.core.time.timemap import Floats

#: Room left around what moves, as a share of the picture's height: hands may still go further.
REACH = 0.06
#: Close, but at least this share of the film's height stays, so that the picture does not get coarse.
_CLOSEST = 0.5
#: The crop looks this far to both sides of a moment, and its path is smoothed over as much.
_SLOW_S = 1.0


@dataclass(frozen=True, slots=True)
class Crop:
    """A part of the picture: left, top, width, height as shares of it; may reach over its edges (bars)."""

    x: float = 0.0
    y: float = 0.0
    width: float = 1.0
    height: float = 1.0


WHOLE = Crop()


@dataclass(frozen=True, slots=True)
class CropPath:
    """The crop over the film: one size; its middle at take seconds, ``(points,)`` each."""

    at_s: tuple[float, ...]
    middle_x: tuple[float, ...]
    middle_y: float
    width: float
    height: float

    def crop_at(self, take_s: float) -> Crop:
        x = float(np.interp(take_s, self.at_s, self.middle_x))
        return Crop(x - self.width / 2, self.middle_y - self.height / 2, self.width, self.height)

    @property
    def moves(self) -> bool:
        return max(self.middle_x) - min(self.middle_x) > 1e-6


def still(crop: Crop) -> CropPath:
    """A crop that stands still."""
    return CropPath((0.0,), (crop.x + crop.width / 2,), crop.y + crop.height / 2, crop.width, crop.height)


def largest(aspect: float, film_aspect: float) -> Crop:
    """The largest part of a shape, all of the height or all of the width, around the middle."""
    if aspect <= film_aspect:
        width = aspect / film_aspect
        return Crop((1 - width) / 2, 0.0, width, 1.0)
    height = film_aspect / aspect
    return Crop(0.0, (1 - height) / 2, 1.0, height)


def smallest(aspect: float, film_aspect: float) -> Crop:
    """The whole picture within a shape, with bars at two of its sides."""
    if abs(aspect / film_aspect - 1) < 0.01:
        return WHOLE
    if aspect > film_aspect:
        width = aspect / film_aspect
        return Crop((1 - width) / 2, 0.0, width, 1.0)
    height = film_aspect / aspect
    return Crop(0.0, (1 - height) / 2, 1.0, height)


def frame_path(
    aspect: float | None,
    follow: bool,
    film_aspect: float,
    motion: Motion | None,
    start_s: float,
    end_s: float,
    clear: tuple[float, float] = (0.0, 0.0),
) -> CropPath:
    """The crop of a clip between two take seconds.

    ``aspect`` and ``film_aspect`` are width over height, of the clip (None: that of the film) and of the film
    as shown. ``clear`` are shares of the clip's height at its top and bottom where plates stand, which what
    moves keeps out of. Without motion the shape is cut around the middle.
    """
    if aspect is None and not follow:
        return still(WHOLE)
    aspect = aspect or film_aspect
    boxes = _boxes(motion, start_s, end_s) if motion is not None else None
    if boxes is None:
        return still(largest(aspect, film_aspect))
    times, rows = boxes
    left, top, right, bottom = rows[:, 0].min(), rows[:, 1].min(), rows[:, 2].max(), rows[:, 3].max()
    wide, tall = right - left, (bottom - top) / (1 - clear[0] - clear[1])
    ratio = aspect / film_aspect
    whole = largest(aspect, film_aspect)
    if follow:
        height = max(_CLOSEST, tall, wide / ratio if wide <= ratio else tall)
        height = min(height, max(whole.height, tall))
    else:
        height = max(whole.height, tall)
    width = height * ratio
    moment = float((rows[:, 2] - rows[:, 0]).max())
    if width < moment:
        # Not even what moves within a second fits: bars above and below instead of cut hands.
        width, height = moment, moment / ratio
    middle_y = _middle(top - clear[0] * height, bottom + clear[1] * height, height)
    if width >= wide:
        return CropPath((start_s,), (_middle(left, right, width),), middle_y, width, height)
    return CropPath(tuple(times.tolist()), tuple(_follow(rows, width).tolist()), middle_y, width, height)


def _middle(low: float, high: float, size: float) -> float:
    """The middle of a crop that holds [low, high], inside of the picture as far as that goes."""
    inside = min(max((low + high) / 2, size / 2), 1 - size / 2) if size < 1 else 0.5
    return min(max(inside, high - size / 2), low + size / 2)


def _boxes(motion: Motion, start_s: float, end_s: float) -> tuple[Floats, Floats] | None:
    """Moments and what moves around each within ``_SLOW_S``, with the reach; None when nothing moves."""
    first, last = max(0, round(start_s * PER_SECOND)), max(1, round(end_s * PER_SECOND))
    part = motion.boxes[first:last]
    known = ~np.isnan(part[:, 0]) if len(part) else np.zeros(0, dtype=bool)
    if known.sum() < 5:
        return None
    # Where nothing moves, the dancer is where they were.
    index = np.arange(len(part))
    filled = np.stack([np.interp(index, index[known], part[known, k]) for k in range(4)], axis=1)
    span = 2 * round(_SLOW_S * PER_SECOND) + 1
    low = scipy.ndimage.minimum_filter1d(filled[:, :2], span, axis=0) - REACH
    high = scipy.ndimage.maximum_filter1d(filled[:, 2:], span, axis=0) + REACH
    rows = np.clip(np.concatenate([low, high], axis=1), 0, 1)
    return (first + index) / PER_SECOND, rows


def _follow(rows: Floats, width: float) -> Floats:
    """The middle over time: smooth, and always so that the box of the moment is inside."""
    middle = (rows[:, 0] + rows[:, 2]) / 2
    smooth = scipy.ndimage.gaussian_filter1d(middle, _SLOW_S * PER_SECOND, mode="nearest")
    smooth = np.clip(smooth, rows[:, 2] - width / 2, rows[:, 0] + width / 2)
    # Holding the box may have put corners into the path; boxes look a second ahead, so it can be rounded.
    rounded = scipy.ndimage.gaussian_filter1d(smooth, 0.3 * PER_SECOND, mode="nearest")
    return np.clip(rounded, min(width / 2, 0.5), max(1 - width / 2, 0.5))
