"""How a version is laid out: the part of each film that is shown, and where count and words stand.

Both are found together: plates take the quietest places, and where none is free the crop widens or leans until one is;
bars are the last resort.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, replace
from itertools import product

import numpy as np

from vamos.core.media.motion import Motion
from vamos.core.media.outline import Body
from vamos.core.render.framing import (
    WHOLE,
    Boxes,
    CropPath,
    Wish,
    boxes_of,
    crop_paths,
    largest,
    still,
    usual_height,
)
from vamos.core.render.quiet import Covered, Indices, Places, covered
from vamos.core.render.spots import Area, Spots
from vamos.core.time.timemap import Floats

#: The crop widens by a step while plates find no quiet place; beyond the film, as the last resort, by these.
_STEP = 1.08
_GROW = (1.0, 1.025, 1.05, 1.08, 1.12, 1.2, 1.3, 1.45)
_LEANS = (0.0, -1.0, 1.0)
#: What a plate over the dancer all the time costs, and a frame that is all bars.
_TOUCHED, _BARS = 3.0, 2.0
#: Labels change their side only for so much.
_BETTER = 0.02
ALL = Area(0.0, 0.0, 1.0, 1.0)


@dataclass(frozen=True, slots=True)
class Part:
    """One film of a version: how it is to be cut (``None``: not at all), what moves, where it stands, and which state
    of the overlay is on show at take seconds.
    """

    wish: Wish | None
    motion: Motion | None
    seconds: tuple[float, float]
    flipped: bool = False
    area: Area = ALL
    state_at: Callable[[Floats], Indices] | None = None

    def boxes(self) -> Boxes | None:
        return boxes_of(self.motion, self.wish) if self.wish is not None else None

    def body(self) -> Body | None:
        return self.motion.body(*self.seconds) if self.motion is not None else None


@dataclass(frozen=True, slots=True)
class Layout:
    """The crops of the films, where plates stand (None: in their usual places), what the dancers cover, and for which
    share of the clip they reach into the count or the words.
    """

    paths: tuple[CropPath, ...]
    spots: Spots | None
    dancers: tuple[Covered, ...]
    touched: float = 0.0


def lay_out(parts: Sequence[Part], places: Places, labels: Labels | None = None) -> Layout:
    """The layout of a version with its count and words in ``places`` and its ``labels``."""
    bodies, boxes = [p.body() for p in parts], [p.boxes() for p in parts]
    heights = _one_scale(parts, boxes)
    aspect = places.size[0] / places.size[1]
    best: tuple[float, Layout] | None = None
    for paths in _tried(parts, boxes, heights):
        bars = _BARS * (1 - min(path.filled() for path in paths))
        if best is not None and bars >= best[0] - 1e-6:
            continue
        dancers = tuple(
            covered(body, path, part.flipped, part.area, part.state_at)
            for body, path, part in zip(bodies, paths, parts, strict=True)
            if body is not None
        )
        spots, reached = None, 0.0
        if dancers and (found := places.quietest(dancers)) is not None:
            spots, reached = found.spots, found.touched
        cost = bars + _TOUCHED * reached
        if dancers and labels is not None:
            side, touched = labels.quieter(dancers, aspect)
            spots = replace(spots, label=side) if spots is not None else None
            cost += labels.weight * touched
        if best is None or cost < best[0] - 1e-6:
            best = cost, Layout(paths, spots, dancers, reached)
        if cost <= 1e-6:
            break
    assert best is not None
    return best[1]


@dataclass(frozen=True, slots=True)
class Labels:
    """What the labels take at the upper left, or at the upper right where that is quieter and ``both`` sides are free.

    ``weight`` is what it costs that one covers the dancer all the time.
    """

    areas: tuple[Area, ...]
    both: bool
    weight: float

    def quieter(self, dancers: Sequence[Covered], aspect: float) -> tuple[int, float]:
        """The quieter side, −1 left or 1 right, and for which share of the clip it is covered there."""

        def touched(areas: Sequence[Area]) -> float:
            return max((d.share(area, aspect) for d in dancers for area in areas), default=0.0)

        left = touched(self.areas)
        if left == 0 or not self.both:
            return -1, left
        right = touched([Area(1 - a.right, a.top, 1 - a.left, a.bottom) for a in self.areas])
        return (1, right) if right < left - _BETTER else (-1, left)


def _tried(
    parts: Sequence[Part], boxes: Sequence[Boxes | None], heights: Sequence[float | None]
) -> Iterator[tuple[CropPath, ...]]:
    """Crops to choose from, the closest first; one choice where nothing is cut or known."""
    free = any(b is not None for b in boxes)
    leans = _LEANS if free else _LEANS[:1]
    for grow, steady in product(_growths(parts, heights), (True, False)) if free else [(1.0, True)]:
        every = [
            [still(WHOLE)] * len(leans)
            if part.wish is None
            else crop_paths(part.wish, box, height * grow if height else None, leans, steady)
            for part, box, height in zip(parts, boxes, heights, strict=True)
        ]
        yield from zip(*every, strict=True)


def _growths(parts: Sequence[Part], heights: Sequence[float | None]) -> list[float]:
    """By how much crops widen: step by step up to all of the film, then beyond it."""
    whole = min(
        (
            largest(p.wish.aspect, p.wish.film_aspect).height / h
            for p, h in zip(parts, heights, strict=True)
            if p.wish and h
        ),
        default=1.0,
    )
    inside = [_STEP**k for k in range(12) if _STEP**k < whole]
    return inside + [max(1.0, whole) * g for g in _GROW]


def _one_scale(parts: Sequence[Part], boxes: Sequence[Boxes | None]) -> list[float | None]:
    """The height of each crop; where several are cut, those at which dancers are as large in all."""
    usual = [usual_height(p.wish, b) if p.wish is not None else None for p, b in zip(parts, boxes, strict=True)]
    tall = [float(np.median(b.rows[:, 3] - b.rows[:, 1])) if b is not None else None for b in boxes]
    cut = [(u, t, p.wish) for u, t, p in zip(usual, tall, parts, strict=True) if u and t and p.wish is not None]
    if len(cut) < 2 or len(cut) < len(parts):
        return usual
    scale = max(u / t for u, t, _ in cut)
    return [scale * t for _, t, _ in cut]
