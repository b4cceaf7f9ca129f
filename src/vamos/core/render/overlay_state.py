"""What is written over one frame, and the plates it is drawn on."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.model.look import Style
from vamos.core.render.spots import Spots

Pixels = npt.NDArray[np.uint8]


@dataclass(frozen=True, slots=True)
class OverlayState:
    """Everything written over one frame.

    ``row`` are the numbers of the eight, ``at`` which of them it is, ``beside`` a second number; ``style`` and ``size``
    say how all is drawn (``size`` 1 is read from two metres), ``spots`` where plates stand when not in their usual
    places. ``banner`` names what begins; a ``card`` (its title, its words) fills the picture.
    """

    number: str
    part: str = ""
    dim: bool = False
    hold: bool = False
    now: str = ""
    ahead: str = ""
    label: str = ""
    title: str = ""
    foot: str = ""
    touch: bool = False
    word: str = ""
    facing: str = ""
    place: str = ""
    call: str = ""
    row: tuple[str, ...] = ()
    at: int = -1
    style: Style = Style.CORNER
    size: float = 1.0
    beside: str = ""
    spots: Spots | None = None
    banner: str = ""
    card: tuple[str, str] | None = None


@dataclass(frozen=True, slots=True)
class Plate:
    """An opaque picture ``(height, width, 3)`` with its top-left corner, all even numbers."""

    x: int
    y: int
    pixels: Pixels
