"""A smaller picture in a corner of another one: how large, where, with a narrow edge."""

from __future__ import annotations

from collections.abc import Sequence

from vamos.core.media.frames import Planes
from vamos.core.render.quiet import Covered
from vamos.core.render.spots import Area

Yuv = tuple[Planes, Planes, Planes]
Size = tuple[int, int]

#: It takes at most these shares of width and height.
_SHARES = (0.32, 0.6)
#: Ink, as limited-range Y, U, V: its edge, and bars beside pictures that do not fill their place.
BARS = (45, 133, 125)


def even(value: float) -> int:
    """A size or place that 4:2:0 can have."""
    return max(2, int(value) // 2 * 2)


def size(whole: Size, film: Size) -> Size:
    """The size of a film in the corner of a picture; of upright feet in a wide one, the height decides."""
    wide, high = (even(share * side) for share, side in zip(_SHARES, whole, strict=True))
    wide = min(wide, even(high * film[0] / film[1]))
    return wide, even(min(high, wide * film[1] / film[0]))


def places(whole: Size, small: Size) -> list[Size]:
    """Where it may stand, by its upper left corner: at the upper right (below a wide label), left, and low."""
    (width, height), (wide, high) = whole, small
    is_wide = width > 1.2 * height
    left, right = even(width * 0.05), even(width * 0.95 - wide)
    label, low = even(height * 0.18), even(height * (0.92 if is_wide else 0.80) - high)
    return [(right, even(height * 0.06) if is_wide else label), (left, label), (right, low), (left, low)]


def area(place: Size, whole: Size, small: Size) -> Area:
    """What it takes at a place, in shares of the picture."""
    (left, top), (width, height), (wide, high) = place, whole, small
    return Area(left / width, top / height, (left + wide) / width, (top + high) / height)


def quietest(where: Sequence[Size], dancer: Covered, whole: Size, small: Size) -> Size:
    """The first place that the dancer reaches into least."""
    return min(where, key=lambda at: round(dancer.share(area(at, whole, small), whole[0] / whole[1]), 2))


def put(main: Yuv, part: Yuv, place: Size) -> None:
    """Put a picture into another one, in place."""
    (left, top), (h, w) = place, part[0].shape
    for plane, inside, bars, half in zip(main, part, BARS, (1, 2, 2), strict=True):
        y, x, edge = top // half, left // half, 4 // half
        plane[y - edge : y + h // half + edge, x - edge : x + w // half + edge] = bars
        plane[y : y + h // half, x : x + w // half] = inside
