"""One mapping for all times: strictly increasing and piecewise linear.

``take → song → count`` is ``a.then(b)``; nobody multiplies offsets by hand. Outside its
points a map goes on with the slope of its first or last piece. All values are float64; exact
counts enter as Fractions and are represented exactly up to 2⁻⁵² of their size.
"""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import overload

import numpy as np
import numpy.typing as npt

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

Floats = npt.NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class TimeMap:
    """A strictly increasing, piecewise-linear map through the points ``(x, y)``.

    Parameters
    ----------
    x, y : tuple of float
        At least two points, both strictly increasing and finite.

    Raises
    ------
    InputError
        when the points are too few, unequal in number, not finite or not increasing.
    """

    x: tuple[float, ...]
    y: tuple[float, ...]

    def __post_init__(self) -> None:
        if len(self.x) != len(self.y):
            raise InputError(
                tr(
                    "A time map needs as many x as y; got {number} and {number2}.",
                    number=len(self.x),
                    number2=len(self.y),
                )
            )
        if len(self.x) < 2:
            raise InputError(tr("A time map needs at least two points; got {number}.", number=len(self.x)))
        for name, values in (("x", self.x), ("y", self.y)):
            row = np.asarray(values, dtype=np.float64)
            if not np.all(np.isfinite(row)):
                raise InputError(tr("A time map needs finite numbers; {name} has one that is not.", name=name))
            if not np.all(np.diff(row) > 0):
                at = int(np.argmin(np.diff(row) > 0))
                raise InputError(
                    tr(
                        "A time map must increase; {name} goes from {value} to {value2}.",
                        name=name,
                        value=values[at],
                        value2=values[at + 1],
                    )
                )

    @classmethod
    def through(cls, x: Sequence[float | Fraction] | Floats, y: Sequence[float] | Floats) -> TimeMap:
        """A map through points given as any kind of sequence."""
        return cls(tuple(float(v) for v in x), tuple(float(v) for v in y))

    @classmethod
    def line(cls, x: float = 0.0, y: float = 0.0, slope: float = 1.0) -> TimeMap:
        """The straight map through ``(x, y)`` with ``slope`` > 0."""
        if not slope > 0:
            raise InputError(tr("A time map must increase; its slope is {slope}.", slope=slope))
        return cls((x, x + 1.0), (y, y + slope))

    @overload
    def __call__(self, at: float | Fraction) -> float: ...
    @overload
    def __call__(self, at: Floats) -> Floats: ...
    def __call__(self, at: float | Fraction | Floats) -> float | Floats:
        """Map one value or an array of values."""
        if not isinstance(at, np.ndarray):
            return self._one(float(at))
        xs = np.asarray(self.x)
        ys = np.asarray(self.y)
        values = np.asarray(at, dtype=np.float64)
        piece = np.clip(np.searchsorted(xs, values, side="right") - 1, 0, len(xs) - 2)
        share = (values - xs[piece]) / (xs[piece + 1] - xs[piece])
        # Both ends are hit exactly: the nearer end carries the sum.
        low, high = ys[piece], ys[piece + 1]
        return np.asarray(np.where(share < 0.5, low + share * (high - low), high - (1 - share) * (high - low)))

    def _one(self, at: float) -> float:
        """As above for one value, without the cost of arrays."""
        piece = min(max(bisect_right(self.x, at) - 1, 0), len(self.x) - 2)
        share = (at - self.x[piece]) / (self.x[piece + 1] - self.x[piece])
        low, high = self.y[piece], self.y[piece + 1]
        return low + share * (high - low) if share < 0.5 else high - (1 - share) * (high - low)

    def slope_at(self, at: float | Fraction) -> float:
        """How many y a unit of x lasts at ``at`` (to the right of a corner)."""
        xs = np.asarray(self.x)
        piece = int(np.clip(np.searchsorted(xs, float(at), side="right") - 1, 0, len(xs) - 2))
        return (self.y[piece + 1] - self.y[piece]) / (self.x[piece + 1] - self.x[piece])

    def inverse(self) -> TimeMap:
        """The map that undoes this one."""
        return TimeMap(self.y, self.x)

    def then(self, after: TimeMap) -> TimeMap:
        """This map followed by ``after``; exact at the corners of both."""
        x = np.concatenate([np.asarray(self.x), self.inverse()(np.asarray(after.x))])
        y = np.concatenate([after(np.asarray(self.y)), np.asarray(after.y)])
        order = np.lexsort((y, x))
        x, y = x[order], y[order]
        # Corners that fall together up to rounding are one corner.
        near = 1e-9 * np.maximum(1.0, np.abs(x))
        if np.all(np.diff(x) > near[1:]) and np.all(np.diff(y) > 0):
            return TimeMap(tuple(x.tolist()), tuple(y.tolist()))
        kept = [0]
        for k in range(1, len(x)):
            if x[k] - x[kept[-1]] > near[k] and y[k] > y[kept[-1]]:
                kept.append(k)
        if len(kept) < 2:
            return TimeMap.line(float(x[0]), float(y[0]), self.slope_at(x[0]) * after.slope_at(self(x[0])))
        return TimeMap(tuple(x[kept].tolist()), tuple(y[kept].tolist()))

    def shifted(self, by: float) -> TimeMap:
        """The same map with ``by`` added to every result."""
        return TimeMap(self.x, tuple(y + by for y in self.y))
