"""Does the dancer stay in the picture: room, lens, the way the dance travels, and how far arms and fan reach.

A lens sees an angle of 2·atan(sensor / (2·focal length)) (thin lens, any optics handbook). Travel follows from the
sheet: steps to the side, forward and back, by the length of a step, turned with the heading.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from fractions import Fraction
from math import atan, cos, degrees, pi, sin, tan

from vamos.core.dance.facing import turned_to
from vamos.core.model.dance import Dance, Event, Foot, Kind, Section
from vamos.core.time import CountRange
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: The frame that focal lengths of phones are stated for, in millimetres (36 × 24, ISO 1007).
FRAME_MM = (36.0, 24.0)
#: A step, how far an arm reaches from the middle of the body, how tall a dancer is with arms up, in metres (common
#: practice, no source).
STEP_M, ARM_M, TALL_M = 0.6, 0.85, 2.2
#: Room kept at each edge of the picture, as a share of it.
EDGE = 0.05


@dataclass(frozen=True, slots=True)
class Lens:
    """Focal length for a frame of 36 × 24 mm, and whether the phone is held upright."""

    focal_mm: float = 26.0
    upright: bool = False

    def __post_init__(self) -> None:
        if not 8 <= self.focal_mm <= 400:
            raise InputError(tr("A lens has 8 to 400 mm, not {focal_mm:g}.", focal_mm=self.focal_mm))

    def angles(self) -> tuple[float, float]:
        """What it sees across and up, in radians; films are 16 : 9, cut from the frame's height."""
        long_mm = FRAME_MM[0]
        sides = long_mm, long_mm * 9 / 16
        across, up = reversed(sides) if self.upright else sides
        return angle_of_view(across, self.focal_mm), angle_of_view(up, self.focal_mm)


def angle_of_view(sensor_mm: float, focal_mm: float) -> float:
    """2·atan(sensor / (2·focal length)), in radians."""
    return 2 * atan(sensor_mm / (2 * focal_mm))


@dataclass(frozen=True, slots=True)
class Travel:
    """How far the dance goes from its start, in metres: to the left, the right, towards the camera, away from it."""

    left: float
    right: float
    near: float
    far: float


def travel(dance: Dance, step_m: float = STEP_M) -> Travel:
    """The farthest places of a wall and its tags, faced as danced; the camera stands in front of the start wall."""
    x = z = 0.0
    heading = 0.0
    xs, zs = [0.0], [0.0]
    sections = dance.wall_sections() or dance.sections
    turned = sum(_turned(s, None) for s in sections)
    walls = next((k for k in range(1, 9) if abs(sin(k * turned / 2)) < 1e-6), 1)
    for _ in range(walls):
        for section in sections:
            for event, way in _ways(section):
                dx, dz = way
                angle = heading + _turned(section, event)
                x += step_m * (dx * cos(angle) + dz * sin(angle))
                z += step_m * (dz * cos(angle) - dx * sin(angle))
                xs.append(x)
                zs.append(z)
            heading += _turned(section, None)
    return Travel(-min(xs), max(xs), max(zs), -min(zs))


#: Words of a way, as teachers write them; steps that go forward unless they say otherwise.
_FORWARD = re.compile(r"\b(?:forward|forwards|fwd|fw|walk|walks|run|runs|vor|vorwärts)\b")
_BACK = re.compile(r"\b(?:back|backward|backwards|bk|bwd|zurück|rück|rückwärts)\b")
_GOES_ON = re.compile(r"\b(?:shuffle|triple|lock|polka|wechselschritt|two step|dorothy)\b")
#: Steps that reach farther to their side, and how much (common practice, no source).
_FAR = re.compile(r"\b(?:slide|big step|long step|lunge|leap)\b(?!.*(?:forward|fwd|back))")
_FAR_STEPS = 1.5
#: A step of several moves says its way at its first one, and lasts so many counts at most.
_LASTS = 3


def _ways(section: Section) -> Iterator[tuple[Event, tuple[float, float]]]:
    """Each move of a section with where it goes: by its own name, else by that of the step it is a part of."""
    cue, until = "", Fraction(-1)
    for event in sorted(section.events, key=lambda e: e.start):
        if event.cue:
            cue, until = event.cue.lower(), event.start + _LASTS
        way = _way(event)
        if (
            way == (0.0, 0.0)
            and cue
            and event.start < until
            and event.kind is Kind.STEP
            and event.name.lower() == "step"
        ):
            forward = _FORWARD.search(cue) or (_GOES_ON.search(cue) and not re.search(r"\bside\b", cue))
            way = (0.0, -1.0) if _BACK.search(cue) else (0.0, 1.0) if forward else way
        yield event, way


def _way(event: Event) -> tuple[float, float]:
    """Where a move goes, in steps to the dancer's right and forward; only steps of the feet travel."""
    name = event.name.lower()
    if event.kind not in (Kind.STEP, Kind.HOP, Kind.FREE) or not name:
        return 0.0, 0.0
    side = 1.0 if event.foot is Foot.RIGHT else -1.0 if event.foot is Foot.LEFT else 0.0
    if _FAR.search(name):
        return _FAR_STEPS * side, 0.0
    if "lock" in name:
        # It closes up to the other foot; the steps around it travel.
        return 0.0, 0.0
    if "side" in name or "step right" in name or "step left" in name:
        return side, 0.0
    if any(w in name for w in ("behind", "cross")):
        # A crossing foot goes on in the way of the step before.
        return -side, 0.0
    if _BACK.search(name):
        return 0.0, -1.0
    if _FORWARD.search(name):
        return 0.0, 1.0
    return 0.0, 0.0


def _turned(section: Section, event: Event | None) -> float:
    """How far a section has turned before an event (None: at its end), in radians clockwise; open turns are none."""
    end = event.start if event is not None else Fraction(section.length)
    found = turned_to(section, CountRange(Fraction(-8), max(Fraction(-8), end)))
    return next(iter(found)) * pi / 4 if len(found) == 1 else 0.0


@dataclass(frozen=True, slots=True)
class Framing:
    """Where the camera has to stand, in metres from the start, and how large the dancer is in the picture there."""

    distance_m: float
    share: float
    fits: bool
    words: tuple[str, ...]


def framing(going: Travel, lens: Lens, room_m: float, reach_m: float = ARM_M, camera_m: float = 1.2) -> Framing:
    """Whether the whole dance stays in the picture with the camera at most ``room_m`` from where it starts.

    ``reach_m`` is how far arms and what they hold reach from the body's middle, ``camera_m`` the camera's height.
    """
    if not 0.5 <= room_m <= 100:
        raise InputError(tr("A room is 0.5 to 100 m deep, not {room_m:g}.", room_m=room_m))
    across, up = lens.angles()
    side = max(going.left, going.right) + reach_m
    keep = 1 - 2 * EDGE
    wide = going.near + side / (tan(across / 2) * keep)
    # From the camera's height down to the feet and up to raised hands, whichever is farther.
    tall = going.near + max(camera_m, TALL_M - camera_m) / (tan(up / 2) * keep)
    distance = max(wide, tall, going.near + 0.5)
    fits = distance <= room_m
    at = min(distance, room_m)
    share = min(1.0, 1.7 / (2 * at * tan(up / 2)))
    seen = (
        tr(
            "The lens sees {degrees:.0f}° across: {number:.1f} m at {at:.1f} m.",
            degrees=degrees(across),
            number=2 * at * tan(across / 2),
            at=at,
        ),
        tr(
            "The dance goes {left:.1f} m to your left, {right:.1f} m to your right, {near:.1f} m "
            "towards the camera and {far:.1f} m away from it.",
            left=going.left,
            right=going.right,
            near=going.near,
            far=going.far,
        ),
    )
    if fits:
        advice = _where(distance, side)
    else:
        # How far to the side the picture reaches where the dancer is nearest to the camera.
        width = max(0.0, room_m - going.near) * tan(across / 2) * keep
        advice = _too_small(room_m, distance, lens, width - reach_m if wide > room_m else None, tall > room_m)
    return Framing(round(distance, 2), round(share, 3), fits, (*seen, *advice))


def _where(distance: float, side: float) -> Iterable[str]:
    yield tr("Put the camera {distance:.1f} m from the start; all of it stays in the picture.", distance=distance)
    yield tr(
        "Mark the floor {side:.1f} m to both sides of the start: by the steps of the sheet nobody goes beyond it.",
        side=side,
    )


def _too_small(room_m: float, distance: float, lens: Lens, stay_m: float | None, low: bool) -> Iterable[str]:
    """What helps where the room is not deep enough: ``stay_m`` is how far to the side one may go, None as far as one
    likes; ``low`` where feet or raised hands are cut off.
    """
    said = [tr("In {room_m:g} m it does not fit: {distance:.1f} m are needed.", room_m=room_m, distance=distance)]
    if low:
        said.append(tr("Feet or raised hands are cut off: use a wider lens, or begin farther from the camera."))
    if stay_m is not None and stay_m > 0:
        said.append(tr("Stay within {number:.1f} m of the start, or use a wider lens.", number=stay_m))
    elif stay_m is not None:
        said.append(tr("Arms alone leave the picture: begin farther from the camera, or use a wider lens."))
    if stay_m is not None and lens.upright:
        said.append(tr("Held across, the phone sees more to the sides."))
    yield " ".join(said)
