"""Which part of the film's picture a clip shows: a shape, and if wished close to the dancer.

The dancer's outline, with some room around it, always lies inside. The crop fills the frame and pans with the dancer as
little as that allows; it widens only for as long as the reach asks, and bars come last.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from vamos.core.lazy import scipy
from vamos.core.media.motion import PER_SECOND, Motion
from vamos.core.time.timemap import Floats

#: Room left around the dancer, as a share of the picture's height: outlines are coarse.
REACH = 0.02
#: Close, but at least this share of the film's height stays, so that the picture does not get coarse.
_CLOSEST = 0.5
#: A quick hand is held from this long before until as long after.
_QUICK_S = 0.12
#: The crop widens and narrows over so long, and its path is smoothed over as much.
_SLOW_S = 0.8
#: How often a path is smoothed within its bounds.
_ROUNDS, _FEW = 60, 4
#: A path that moves less than this from round to round, as a share of the picture, is as smooth as it gets.
_SETTLED = 2e-4
#: The closest crop holds this share of the moments without widening.
_USUAL = 0.9


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
    """The crop over the film: its middle and height at take seconds, ``(points,)`` each.

    ``ratio`` is its width over its height, both as shares of the film's.
    """

    at_s: tuple[float, ...]
    middle_x: tuple[float, ...]
    middle_y: tuple[float, ...]
    heights: tuple[float, ...]
    ratio: float

    def crop_at(self, take_s: float) -> Crop:
        x, y, width, height = (float(v) for v in self.crops_at(np.array([take_s]))[0])
        return Crop(x, y, width, height)

    def crops_at(self, take_s: Floats) -> Floats:
        """Left, top, width and height at take seconds, ``(n, 4)``."""
        x, y, height = (np.interp(take_s, self.at_s, v) for v in (self.middle_x, self.middle_y, self.heights))
        width = height * self.ratio
        return np.stack([x - width / 2, y - height / 2, width, height], axis=1)

    @property
    def moves(self) -> bool:
        return any(max(v) - min(v) > 1e-6 for v in (self.middle_x, self.middle_y, self.heights))

    def filled(self) -> float:
        """The mean share of the frame that shows film and no bars."""
        x, y, width, height = self.crops_at(np.array(self.at_s)).T
        return float(np.mean(_inside(x, width) * _inside(y, height)))


def _inside(low: Floats, size: Floats) -> Floats:
    """How much of [low, low + size] lies within the picture, as a share."""
    return np.asarray(np.clip(np.minimum(1.0, low + size) - np.maximum(0.0, low), 0, None) / size)


def still(crop: Crop) -> CropPath:
    """A crop that stands still."""
    middle = crop.x + crop.width / 2, crop.y + crop.height / 2
    return CropPath((0.0,), (middle[0],), (middle[1],), (crop.height,), crop.width / crop.height)


def largest(aspect: float, film_aspect: float) -> Crop:
    """The largest part of a shape, all of the height or all of the width, around the middle."""
    if aspect <= film_aspect:
        width = aspect / film_aspect
        return Crop((1 - width) / 2, 0.0, width, 1.0)
    height = film_aspect / aspect
    return Crop(0.0, (1 - height) / 2, 1.0, height)


@dataclass(frozen=True, slots=True)
class Wish:
    """How a film is to be cut: its shape (width over height), that of the film, from and to which take second.

    ``follow`` goes close to the dancer.
    """

    aspect: float
    film_aspect: float
    start_s: float
    end_s: float
    follow: bool = False

    @property
    def ratio(self) -> float:
        return self.aspect / self.film_aspect


@dataclass(frozen=True, slots=True)
class Boxes:
    """What a crop has to hold: take seconds, and at each left, top, right, bottom with room around, ``(n, 4)``."""

    at_s: Floats
    rows: Floats

    def height_for(self, ratio: float) -> Floats:
        """How high a crop of a ratio has to be at each moment."""
        rows = self.rows
        return np.asarray(np.maximum((rows[:, 2] - rows[:, 0]) / ratio, rows[:, 3] - rows[:, 1]))


def boxes_of(motion: Motion | None, wish: Wish) -> Boxes | None:
    """What a crop has to hold, from the dancer's outline; None when next to nothing is known of it."""
    body = motion.body(wish.start_s, wish.end_s) if motion is not None else None
    if body is None:
        return None
    found = body.boxes()
    known = ~np.isnan(found[:, 0])
    # Where nobody is seen, the dancer is where they were.
    index = np.arange(len(found))
    filled = np.stack([np.interp(index, index[known], found[known, k]) for k in range(4)], axis=1)
    span = 2 * round(_QUICK_S * PER_SECOND) + 1
    room = np.array([REACH / wish.film_aspect, REACH])
    low = scipy.ndimage.minimum_filter1d(filled[:, :2], span, axis=0) - room
    high = scipy.ndimage.maximum_filter1d(filled[:, 2:], span, axis=0) + room
    return Boxes(body.at_s, np.clip(np.concatenate([low, high], axis=1), 0, 1))


def usual_height(wish: Wish, boxes: Boxes | None) -> float:
    """The height of the crop but for where the reach asks for more: that of the largest, or closer when it follows."""
    whole = largest(wish.aspect, wish.film_aspect).height
    if boxes is None or not wish.follow:
        return whole
    return min(whole, max(_CLOSEST, float(np.quantile(boxes.height_for(wish.ratio), _USUAL))))


def crop_path(
    wish: Wish, boxes: Boxes | None, height: float | None = None, lean: float = 0.0, steady: bool = True
) -> CropPath:
    """The crop of a clip, at least ``height`` high; ``lean`` −1 to 1 moves the dancer to its upper or lower edge.

    ``steady`` moves as little as can be; else the dancer is kept in the middle. Without boxes the shape is cut around
    the middle.
    """
    return crop_paths(wish, boxes, height, (lean,), steady)[0]


def crop_paths(
    wish: Wish, boxes: Boxes | None, height: float | None, leans: Sequence[float], steady: bool = True
) -> list[CropPath]:
    """As :func:`crop_path`, for several leans; they differ only up and down."""
    height = height if height is not None else usual_height(wish, boxes)
    if boxes is None:
        return [still(_around_the_middle(wish, height))] * len(leans)
    rows, ratio = boxes.rows, wish.ratio
    heights = _widened(boxes.height_for(ratio), height)
    x = _panned(rows[:, 0], rows[:, 2], heights * ratio, 0.0, steady)
    out = []
    for lean in leans:
        y = _panned(rows[:, 1], rows[:, 3], heights, lean, True)
        if max(np.ptp(heights), np.ptp(x), np.ptp(y)) < 1e-6:
            path = CropPath((wish.start_s,), (float(x[0]),), (float(y[0]),), (float(heights[0]),), ratio)
        else:
            at_s, xs, ys, hs = (tuple(v.tolist()) for v in (boxes.at_s, x, y, heights))
            path = CropPath(at_s, xs, ys, hs, ratio)
        out.append(path)
    return out


def _around_the_middle(wish: Wish, height: float) -> Crop:
    width = height * wish.ratio
    return Crop((1 - width) / 2, (1 - height) / 2, width, height)


def _widened(needed: Floats, usual: float) -> Floats:
    """Heights over time: the usual one, more only around where it is needed, widening and narrowing slowly."""
    if needed.max() <= usual:
        return np.full(len(needed), usual)
    samples = round(_SLOW_S * PER_SECOND)
    held = scipy.ndimage.maximum_filter1d(np.maximum(needed, usual), 2 * samples + 1, mode="nearest")
    # The window is as long as what was held, so what is needed stays inside.
    return np.asarray(scipy.ndimage.gaussian_filter1d(held, samples / 3, mode="nearest", truncate=3.0))


def _panned(low: Floats, high: Floats, size: Floats, lean: float, steady: bool) -> Floats:
    """The middle of the crop in one direction: all of [low, high] inside, within the picture where that goes, moving as
    little and as smoothly as that allows.
    """
    least, most = high - size / 2, low + size / 2
    inside_low, inside_high = np.minimum(size / 2, 0.5), np.maximum(1 - size / 2, 0.5)
    # Larger than the picture: it lies anywhere within the crop.
    over = size > 1
    inside_low, inside_high = np.where(over, 1 - size / 2, inside_low), np.where(over, size / 2, inside_high)
    least = np.minimum(np.maximum(least, inside_low), np.maximum(most, inside_low))
    most = np.maximum(np.minimum(most, inside_high), least)
    wished = (least + most) / 2 + lean * (most - least) / 2
    path = np.clip(np.full(len(wished), float(np.median(wished))) if steady else wished, least, most)
    for _ in range(_ROUNDS if steady else _FEW):
        before = path
        path = np.clip(scipy.ndimage.gaussian_filter1d(path, _SLOW_S * PER_SECOND / 2, mode="nearest"), least, most)
        if np.abs(path - before).max() < _SETTLED:
            break
    # Corners that the bounds put into it are rounded: boxes are held longer than that.
    return np.asarray(scipy.ndimage.gaussian_filter1d(path, 0.08 * PER_SECOND, mode="nearest"))
