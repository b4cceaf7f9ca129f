"""Where in the picture of a clip it is quiet: places for count and words that keep off the dancer.

Plates stand in one place for the whole clip. Each place is judged by how long the dancer's outline reaches into it;
the usual place is taken where it is free, else the nearest that is, else the one that is covered least.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass, replace
from itertools import product

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.outline import ROWS, Body
from vamos.core.model.look import Style
from vamos.core.render.framing import CropPath
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.plates import count_size, usual_places, words_sizes
from vamos.core.render.spots import Area, Spot, Spots
from vamos.core.time.timemap import Floats

Indices = npt.NDArray[np.intp]

#: So many moments of a clip are looked at; what lies between two is held by both.
_MOMENTS = 100
#: Room kept around plates, as a share of the picture's shorter side.
_AWAY = 0.012
#: Heights at which count and words are tried.
_HEIGHTS = 8
#: What a place that is not the usual one costs, per share of the picture it lies away; narrower words as well.
_AWAY_COST, _NARROW_COST, _SMALL_COST = 0.02, 0.02, 0.08
#: Upright pictures keep their plates higher than that, for players that write there; that is given up before bars come.
_LOWEST = (0.87, 0.92)
#: Shares of the room that words may take; how much smaller they, and the count, may be drawn.
_WIDTHS, _WORD_SCALES, _COUNT_SCALES = (1.0, 0.4), (1.0, 0.8, 0.64), (1.0, 0.8)


@dataclass(frozen=True, slots=True)
class Covered:
    """What the dancer covers of the output, in shares of it: each moment's rows, ``(n, rows)`` each; NaN where nobody.

    ``top`` and ``bottom`` are the edges of the rows; ``state`` says which state of the overlay is on show, ``(n,)``,
    empty where that is not known.
    """

    left: Floats
    right: Floats
    top: Floats
    bottom: Floats
    state: Indices

    def shares(self, group: Group, aspect: float, room: float = 0.0) -> Floats:
        """For which share of the moments the dancer reaches into what stands at each place, with ``room`` around it."""
        if not len(self.left):
            return np.zeros(len(group.bottom))
        tall = room * min(1.0, aspect)
        wide = tall / aspect
        if len(self.state) and group.wide.shape[1] > 1:
            # What stands there a moment before or after is kept free as well.
            sizes = (scipy.ndimage.maximum_filter1d(v[:, self.state], 3, axis=1) for v in (group.wide, group.tall))
        else:
            sizes = (v.max(axis=1, keepdims=True) for v in (group.wide, group.tall))
        wides, talls = (v[:, :, None] for v in sizes)
        left = group.x[:, None, None] - wides * (group.anchor[:, None, None] + 1) / 2
        bottom = group.bottom[:, None, None]
        with np.errstate(invalid="ignore"):
            meets = (self.left[None] < left + wides + wide) & (self.right[None] > left - wide)
            meets &= (self.top[None] < bottom + tall) & (self.bottom[None] > bottom - talls - tall)
        return np.asarray(meets.any(axis=2).mean(axis=1))

    def share(self, area: Area, aspect: float) -> float:
        """For which share of the moments the dancer reaches into an area."""
        wide, tall = area.right - area.left, area.bottom - area.top
        one = Place(Spot(-1, area.left, area.bottom, wide), 0.0, np.array([wide]), np.array([tall]))
        return float(self.shares(Group([one]), aspect)[0])


def covered(
    body: Body, path: CropPath, flipped: bool, part: Area, state_at: Callable[[Floats], Indices] | None = None
) -> Covered:
    """A film's dancer in the output, of which the film takes a part; ``state_at`` gives states at take seconds."""
    stride = max(1, len(body.at_s) // _MOMENTS)
    span = 2 * stride + 1
    left = scipy.ndimage.minimum_filter1d(np.where(np.isnan(body.left), 9.0, body.left), span, axis=0)[::stride]
    right = scipy.ndimage.maximum_filter1d(np.where(np.isnan(body.right), -9.0, body.right), span, axis=0)[::stride]
    x, y, w, h = (column[:, None] for column in path.crops_at(body.at_s[::stride]).T)
    left, right = (left - x) / w, (right - x) / w
    if flipped:
        left, right = 1 - right, 1 - left
    nobody = left >= right
    edges = np.arange(ROWS + 1) / ROWS
    top, bottom = (edges[:-1] - y) / h, (edges[1:] - y) / h
    wide, tall = part.right - part.left, part.bottom - part.top
    return Covered(
        np.where(nobody, np.nan, part.left + np.clip(left, 0, 1) * wide),
        np.where(nobody, np.nan, part.left + np.clip(right, 0, 1) * wide),
        part.top + np.clip(top, 0, 1) * tall,
        part.top + np.clip(bottom, 0, 1) * tall,
        state_at(body.at_s[::stride]) if state_at is not None else np.zeros(0, dtype=np.intp),
    )


@dataclass(frozen=True, slots=True)
class Found:
    """Places for the plates, and for which share of the clip the dancer reaches into them."""

    spots: Spots
    touched: float


@dataclass(frozen=True, slots=True, eq=False)
class Place:
    """A spot, what it costs that it is not the usual one, and how wide and tall what stands there is in each state of
    the clip, ``(states,)``; one number where it is always the same.
    """

    spot: Spot
    away: float
    wide: Floats
    tall: Floats

    @property
    def area(self) -> Area:
        """The most that stands there."""
        return self.spot.area(float(self.wide.max()), float(self.tall.max()))


class Group:
    """Places side by side: their numbers as arrays, ``(places,)``, sizes ``(places, states)``."""

    def __init__(self, places: Sequence[Place]):
        self.places = list(places)
        spots = [p.spot for p in places]
        self.x, self.anchor, self.bottom = (
            np.array([getattr(s, name) for s in spots], dtype=float) for name in ("x", "anchor", "bottom")
        )
        self.away = np.array([p.away for p in places])
        self.wide, self.tall = np.stack([p.wide for p in places]), np.stack([p.tall for p in places])


class Places:
    """All places that the count and the words of a clip may have.

    ``states`` are those of the clip, ``size`` of its picture; ``seam`` lies between two pictures: ``x`` where they
    stand side by side, ``y`` one above the other. ``taken`` are areas that are no place for plates.
    """

    def __init__(
        self, states: Sequence[OverlayState], size: tuple[int, int], seam: str = "", taken: Sequence[Area] = ()
    ):
        self.states, self.size, self.seam, self.taken = states, size, seam, taken
        shown = next((s for s in states if s.number), None)
        self.any = shown is not None
        if shown is None:
            return
        self._shown, self._usual = shown, usual_places(shown, *size)
        self._count, self._said = self._free(self._counts()), self._free(self._words())
        areas = [p.area for p in self._said.places]
        self._meet = np.array([[p.area.meets(a) and a.size > 0 for a in areas] for p in self._count.places])

    def _free(self, places: Iterable[Place]) -> Group:
        every = list(places)
        return Group([p for p in every if not any(p.area.meets(other) for other in self.taken)] or every[:1])

    def quietest(self, dancers: Sequence[Covered]) -> Found | None:
        """The quietest places; None when there is no count."""
        if not self.any:
            return None
        aspect = self.size[0] / self.size[1]
        count, words = (
            np.max([d.shares(group, aspect, _AWAY) for d in dancers], axis=0) if dancers else np.zeros(len(group.away))
            for group in (self._count, self._said)
        )
        touched = np.maximum(count[:, None], words[None])
        cost = touched + self._count.away[:, None] + self._said.away[None] + 9.0 * self._meet
        k, j = np.unravel_index(int(np.argmin(cost)), cost.shape)
        spots = Spots(self._count.places[k].spot, self._said.places[j].spot)
        return Found(spots, float(touched[k, j]))

    def _bottoms(self, tall: float) -> list[float]:
        """Lower edges that a block may have: from the lowest usual one up, then those nearer to the edge."""
        low, high = self._usual.spots.count.bottom, self._usual.top + tall
        found = [low - (low - high) * k / (_HEIGHTS - 1) for k in range(_HEIGHTS)] if low > high else [low]
        return [*found, *(edge for edge in _LOWEST if edge > low)]

    def _counts(self) -> Iterator[Place]:
        usual, side = self._usual.spots.count, self._usual.side
        across = [(1, 1 - side), (-1, side), (0, 0.5)]
        if self._shown.style is not Style.CORNER:
            across = across[:1]
        elif self.seam == "x":
            across = [across[2], *across[:2]]
        for scale in _COUNT_SCALES:
            wide, tall = count_size(self._shown, *self.size, scale)
            bottoms, wished = self._bottoms(tall), usual.bottom
            if self.seam == "y":
                wished = 0.5 + tall / 2
                bottoms = [wished, *bottoms]
            for (order, (anchor, x)), bottom in product(enumerate(across), bottoms):
                away = _AWAY_COST * (abs(wished - bottom) + 0.7 * order) + _SMALL_COST * (1 - scale)
                yield Place(Spot(anchor, x, bottom, usual.wide, scale), away, np.array([wide]), np.array([tall]))

    def _words(self) -> Iterator[Place]:
        usual, side = self._usual.spots.words, self._usual.side
        sizes = words_sizes(self.states, *self.size, usual)
        # However small its words get, the usual place is one.
        yield self._words_at(
            usual, 0.0, sizes if sizes is not None else np.full((len(self.states), 2), (usual.wide, 0.2))
        )
        if sizes is not None and not sizes.any():
            return
        for share, scale, in_row in product(_WIDTHS, _WORD_SCALES, (False, True)):
            spot = Spot(-1, side, usual.bottom, (1 - 2 * side) * share, scale, in_row)
            sizes = words_sizes(self.states, *self.size, spot)
            if sizes is None:
                continue
            bottoms = [usual.bottom, *self._bottoms(float(sizes[:, 1].max()))]
            for (order, (anchor, x)), bottom in product(enumerate(((-1, side), (1, 1 - side))), bottoms):
                away = _AWAY_COST * (abs(usual.bottom - bottom) + 0.5 * order + 0.2 * in_row)
                away += _NARROW_COST * (1 - share) + _SMALL_COST * (1 - scale)
                yield self._words_at(replace(spot, anchor=anchor, x=x, bottom=bottom), away, sizes)

    def _words_at(self, spot: Spot, away: float, sizes: Floats) -> Place:
        if spot.in_row:
            # A row is set from the left edge of its room, whichever side that stands on.
            spot = replace(spot, anchor=-1, x=spot.left(spot.wide))
        return Place(spot, away, sizes[:, 0], sizes[:, 1])
