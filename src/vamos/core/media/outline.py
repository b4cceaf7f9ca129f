"""The outline of whoever dances in a take: for each row of the picture, from where to where they reach.

What differs from what each pixel shows most in some minutes, or moves, is the dancer. Film with a fixed camera is
meant: where more than half of the picture differs, nothing is known of an outline.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy

#: Rows of an outline; columns are told in this many parts of the width.
ROWS, COLUMNS = 45, 250
#: Width of the pictures that are compared.
WIDE = 160
#: What stands in an outline's row that nobody reaches into.
NOBODY = 255
#: Grey levels by which noise, coding and shadows change a pixel; fewer pixels together than this are noise too.
_NOISE, _SPECK = 22, 7
#: A part so much smaller than the largest is a ghost of one.
_SMALL = 0.01
#: Pictures that have one background, and of these one in so many makes it.
_TOGETHER, _ONE_IN = 3000, 9
#: Who stops is still there for so many pictures.
_STILL = 100
#: Feet lie at most so far to the side of what is above them, in parts of the width.
_BELOW = 20
#: Grey levels counted as one; a second grey is shown at least so often, of the first.
_BIN, _ALSO = 5, 0.12
#: More of the picture than this is no dancer but the camera.
_CAMERA = 0.5

Grey = npt.NDArray[np.uint8]
Floats = npt.NDArray[np.float64]


class Outliner:
    """Takes small grey pictures one by one; gives their outlines."""

    def __init__(self) -> None:
        self._waiting: list[Grey] = []
        self._done: list[Grey] = []

    def add(self, picture: Grey) -> None:
        """A picture ``(rows, WIDE)``; pictures of another size than the first of a stretch begin a new stretch."""
        if self._waiting and (len(self._waiting) >= _TOGETHER or self._waiting[0].shape != picture.shape):
            self._finish()
        self._waiting.append(picture)

    def outlines(self) -> Grey:
        """``(pictures, ROWS, 2)``: left and right edge in parts of the width, ``NOBODY`` both where nobody is."""
        self._finish()
        return np.concatenate(self._done) if self._done else np.zeros((0, ROWS, 2), np.uint8)

    def _finish(self) -> None:
        if not self._waiting:
            return
        pictures = np.stack(self._waiting)
        rooms = _rooms(pictures[:: min(_ONE_IN, max(1, len(pictures) // 50))])
        found = np.full((len(pictures), ROWS, 2), NOBODY, dtype=np.uint8)
        shares, before = [], pictures[0]
        for k, picture in enumerate(pictures):
            differs = np.all(np.abs(picture.astype(np.int16) - rooms) > _NOISE, axis=0)
            differs |= np.abs(picture.astype(np.int16) - before) > _NOISE
            shares.append(float(differs.mean()))
            found[k] = outline_of(differs)
            before = picture
        if float(np.median(shares)) > _CAMERA:
            found[:] = NOBODY
        self._done.append(stood(found))
        self._waiting = []


def _rooms(pictures: Grey) -> npt.NDArray[np.int16]:
    """The two greys each pixel shows most, ``(2, rows, columns)``.

    One is the room; the other may be the dancer where they stand most, who would leave a ghost there on walking off.
    """
    bins = pictures // _BIN
    first, often = _mode(bins, np.ones(bins.shape, dtype=bool))
    away = np.abs(bins.astype(np.int16) - first) > 1
    second, also = _mode(bins, away)
    second = np.where(also >= _ALSO * often, second, first)
    return np.stack([first, second]).astype(np.int16) * _BIN + _BIN // 2


def _mode(bins: Grey, counted: npt.NDArray[np.bool_]) -> tuple[npt.NDArray[np.int16], npt.NDArray[np.int32]]:
    """The bin each pixel shows most where it is ``counted``, with its neighbours, and how often it shows it."""
    most = np.zeros(bins.shape[1:], dtype=np.int32)
    best = np.zeros(bins.shape[1:], dtype=np.int16)
    before = now = np.zeros_like(most)
    for k in range(256 // _BIN + 2):
        after = ((bins == k) & counted).sum(axis=0, dtype=np.int32)
        together = before + now + after
        best = np.where(together > most, k - 1, best).astype(np.int16)
        most = np.maximum(together, most)
        before, now = now, after
    return best, most


def stood(outlines: Grey) -> Grey:
    """Outlines whose lower rows are kept for a while where they are lost: feet that stand still are still there."""
    out = outlines.copy()
    for order in (range(len(out)), range(len(out) - 1, -1, -1)):
        last: Grey | None = None
        kept = 0
        for k in order:
            here = np.flatnonzero(out[k, :, 0] != NOBODY)
            lowest = int(here[-1]) if len(here) else -1
            if last is not None and kept < _STILL:
                lost = np.flatnonzero(last[:, 0] != NOBODY)
                lost = lost[lost > lowest]
                if len(here):
                    # Feet are below who they belong to; somebody else may have walked out of the picture.
                    left, right = (int(v) for v in out[k, lowest])
                    near = (last[lost, 0] <= right + _BELOW) & (last[lost, 1].astype(int) >= left - _BELOW)
                    lost = lost[near]
                out[k, lost] = last[lost]
                kept = kept + 1 if len(lost) else 0
            if len(here) or kept:
                last = out[k].copy()
    return out


def outline_of(differs: npt.NDArray[np.bool_]) -> Grey:
    """The outline ``(ROWS, 2)`` of what differs from the room."""
    out = np.full((ROWS, 2), NOBODY, dtype=np.uint8)
    labels, count = scipy.ndimage.label(differs, np.ones((3, 3)))
    if not count:
        return out
    sizes = np.bincount(labels.ravel())
    sizes[0] = 0
    body = (sizes >= max(_SPECK, _SMALL * sizes.max()))[labels]
    height, width = body.shape
    for y in np.flatnonzero(body.any(axis=1)):
        columns = np.flatnonzero(body[y])
        left, right = int(columns[0] * COLUMNS / width), int(np.ceil((columns[-1] + 1) * COLUMNS / width))
        for row in range(y * ROWS // height, -(-(y + 1) * ROWS // height)):
            here = out[row]
            if here[0] == NOBODY:
                out[row] = left, right
            else:
                out[row] = min(here[0], left), max(here[1], right)
    return out


@dataclass(frozen=True, slots=True)
class Body:
    """What the dancer covers at moments, in shares of the picture.

    ``at_s`` take seconds ``(n,)``; ``left``, ``right`` ``(n, ROWS)``, NaN where nobody is.
    """

    at_s: Floats
    left: Floats
    right: Floats

    def boxes(self) -> Floats:
        """Left, top, right, bottom at each moment, ``(n, 4)``; NaN where nobody is seen."""
        here = ~np.isnan(self.left)
        seen = here.any(axis=1)
        out = np.full((len(self.at_s), 4), np.nan)
        out[seen, 0] = np.nanmin(self.left[seen], axis=1)
        out[seen, 2] = np.nanmax(self.right[seen], axis=1)
        out[seen, 1] = here[seen].argmax(axis=1) / ROWS
        out[seen, 3] = 1 - here[seen, ::-1].argmax(axis=1) / ROWS
        return out


def body_between(outlines: Grey, boxes: Floats, per_second: float, start_s: float, end_s: float) -> Body | None:
    """The body from second to second: its outline and the box of what moves; None when next to nothing is known.

    ``outlines`` ``(samples, ROWS, 2)`` and ``boxes`` ``(samples, 4)`` of the whole take. A moving box fills its rows
    only where there is no outline, so that still and moving parts are both held.
    """
    first, last = max(0, round(start_s * per_second)), max(1, round(end_s * per_second) + 1)
    part, moved = outlines[first:last], boxes[first:last]
    nobody = part[..., 0] == NOBODY
    left = np.where(nobody, np.nan, part[..., 0] / COLUMNS)
    right = np.where(nobody, np.nan, part[..., 1] / COLUMNS)
    bare = nobody.all(axis=1) & ~np.isnan(moved[:, 0])
    rows = (np.arange(ROWS) + 0.5) / ROWS
    inside = (rows >= moved[:, 1:2]) & (rows <= moved[:, 3:4]) & bare[:, None]
    left = np.where(inside, moved[:, 0:1], left)
    right = np.where(inside, moved[:, 2:3], right)
    if (~np.isnan(left)).any(axis=1).sum() < 5:
        return None
    return Body((first + np.arange(len(part))) / per_second, left, right)
