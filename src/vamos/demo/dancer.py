"""The simulated dancer: joints in the room at any count of the dance.

Feet leave the floor half a count before they land and land exactly on their count; the pelvis
moves over the foot that bears the weight and sinks a little on every count; hands travel with
the least jerk (T. Flash and N. Hogan, J. Neuroscience 5, 1985) and swing past their goal like
things with mass. World: x, y up, z; metres. At heading 0 the dancer faces +z, right is −x.
"""

from __future__ import annotations

from bisect import bisect_right
from dataclasses import dataclass

import numpy as np

from vamos.core.model.dance import Foot, Kind
from vamos.demo.dance import LENGTHS, MOVES, POSES, running_order

Point = np.ndarray

THIGH = SHIN = 0.45
UPPER_ARM, FOREARM = 0.30, 0.27
HIP_HALF, SHOULDER_HALF = 0.10, 0.19
TORSO = 0.50
_ANKLE = 0.07
_STAND = 0.93


@dataclass(frozen=True, slots=True)
class Body:
    """Joints as world points ``(3,)``, the heading in radians (+ to the right), fan 0 to 1."""

    joints: dict[str, Point]
    heading: float
    fan: float
    fan_angle: float


@dataclass(frozen=True, slots=True)
class _Landing:
    at: float
    foot: Foot
    land: tuple[float, float]
    bears: bool


def _ease(share: float) -> float:
    """Minimum-jerk course from 0 to 1."""
    s = min(1.0, max(0.0, share))
    return s * s * s * (10 + s * (6 * s - 15))


def _turned(land: tuple[float, float], eighths: int) -> tuple[float, float]:
    """A place seen from a heading, as seen from the first one."""
    angle = eighths * np.pi / 4
    x, z = land
    return float(x * np.cos(angle) + z * np.sin(angle)), float(z * np.cos(angle) - x * np.sin(angle))


class Dancer:
    """Gives the body at any count; ``mirrored`` swaps all sides of the choreography."""

    def __init__(self, mirrored: bool = False, early: float = 0.0):
        self._mirrored = mirrored
        self._early = early
        landings, turns, poses = [], [], []
        for start, facing, name in running_order():
            for move in MOVES[name]:
                if move.land is not None:
                    land = _turned(move.land, facing)
                    landings.append(_Landing(float(start + move.at), move.foot, land, move.kind is not Kind.TOUCH))
                if move.turn:
                    turns.append((float(start + move.at), move.turn * np.pi / 4))
            poses += [(start + p.at, p) for p in POSES[name] if p.at < LENGTHS.get(name, 8)]
        self._feet = {
            foot: [_Landing(-99.0, foot, (0.12 if foot is Foot.RIGHT else -0.12, 0.0), foot is Foot.LEFT)]
            + [m for m in landings if m.foot is foot]
            for foot in (Foot.RIGHT, Foot.LEFT)
        }
        self._starts = {foot: [m.at for m in row] for foot, row in self._feet.items()}
        self._bearing = [(-99.0, Foot.LEFT)] + [(m.at, m.foot) for m in landings if m.bears]
        self._bearing_starts = [at for at, _ in self._bearing]
        self._turns = turns
        self._end = max(m.at for m in landings) + 2.5
        self._poses = poses
        self._pose_starts = [at for at, _ in poses]

    def at(self, count: float) -> Body:
        """The body at a count of the dance (0 = the first count danced)."""
        count += self._early
        heading = sum(angle * _ease((count - at + 0.55) / 0.75) for at, angle in self._turns)
        right, lift_r = self._foot(Foot.RIGHT, count)
        left, lift_l = self._foot(Foot.LEFT, count)
        lean = self._weight(count)
        middle = right * lean + left * (1 - lean)
        bounce = 0.022 * (1 + np.cos(2 * np.pi * count)) if -4.5 < count < self._end else 0.01
        reach = max(float(np.hypot(*(right - middle))), float(np.hypot(*(left - middle))))
        hip = min(_STAND - bounce, _ANKLE + np.sqrt(max(0.2, (THIGH + SHIN - 0.01) ** 2 - reach**2)))
        pose = self._pose(count)
        return self._build(middle, hip, right, lift_r, left, lift_l, heading, pose, lean)

    def _foot(self, foot: Foot, count: float) -> tuple[Point, float]:
        """Floor place of a foot and its height over the floor."""
        row = self._feet[foot]
        index = bisect_right(self._starts[foot], count) - 1
        here = np.array(row[index].land)
        if index + 1 < len(row):
            coming = row[index + 1]
            travel = min(0.62, coming.at - row[index].at)
            share = 1 - (coming.at - count) / travel
            if share > 0:
                there = np.array(coming.land)
                high = 0.07 + 0.05 * min(1.0, float(np.hypot(*(there - here))))
                return here + (there - here) * _ease(share), high * float(np.sin(np.pi * _ease(share)))
        return here, 0.0

    def _weight(self, count: float) -> float:
        """Share of the weight on the right foot, 0.25 to 0.75, shifting around each landing."""
        index = bisect_right(self._bearing_starts, count + 0.35) - 1
        now = 0.72 if self._bearing[index][1] is Foot.RIGHT else 0.28
        if index == 0:
            return now
        before = 0.72 if self._bearing[index - 1][1] is Foot.RIGHT else 0.28
        return before + (now - before) * _ease((count + 0.35 - self._bearing_starts[index]) / 0.6)

    def _pose(self, count: float) -> tuple[Point, Point, float]:
        """Hands relative to the shoulders and the fan's opening."""
        poses = self._poses
        index = bisect_right(self._pose_starts, count)
        after = poses[min(index, len(poses) - 1)]
        before = poses[max(0, index - 1)]
        gap = after[0] - before[0]
        # The hand sets out late and arrives on its count, overshooting a little on the way.
        share = (count - before[0]) / gap if gap > 0 else 1.0
        if not poses or count < self._pose_starts[0] - 1:
            share, before = 0.0, poses[0]
        travel = min(1.0, 0.9 / gap) if gap > 0 else 1.0
        moved = _ease((share - (1 - travel)) / travel)
        swing = 0.05 * np.sin(np.pi * 2 * max(0.0, share)) * (1 - moved)
        hands = []
        for side in ("right", "left"):
            a, b = np.array(getattr(before[1], side)), np.array(getattr(after[1], side))
            arc = np.array([0.0, -0.10, 0.08]) * np.sin(np.pi * moved)
            hands.append(a + (b - a) * moved + arc * min(1.0, float(np.linalg.norm(b - a))) + (a - b) * swing)
        return hands[0], hands[1], before[1].fan + (after[1].fan - before[1].fan) * moved

    def _build(
        self,
        middle: Point,
        hip: float,
        right: Point,
        lift_r: float,
        left: Point,
        lift_l: float,
        heading: float,
        pose: tuple[Point, Point, float],
        lean: float,
    ) -> Body:
        sign = -1.0 if self._mirrored else 1.0
        heading *= sign
        face = np.array([-np.sin(heading), 0.0, np.cos(heading)])
        side = np.array([-np.cos(heading), 0.0, -np.sin(heading)])
        up = np.array([0.0, 1.0, 0.0])

        def floor(place: Point, height: float) -> Point:
            return np.array([-sign * place[0], height, place[1]])

        pelvis = floor(middle, hip)
        tilt = (lean - 0.5) * 0.10 * sign
        chest = pelvis + up * TORSO + side * tilt + face * 0.02
        joints = {
            "pelvis": pelvis,
            "chest": chest,
            "neck": chest + up * 0.07,
            "head": chest + up * 0.24 + face * 0.02 - side * tilt * 0.5,
        }
        feet = {"R": (right, lift_r), "L": (left, lift_l)}
        hands = {"R": pose[0], "L": pose[1]}
        for name in ("R", "L"):
            out = side if name == "R" else -side
            source = name if not self._mirrored else ("L" if name == "R" else "R")
            place, lift = feet[source]
            ankle = floor(place, _ANKLE + lift)
            joints[f"hip{name}"] = pelvis + out * HIP_HALF
            joints[f"ankle{name}"] = ankle
            joints[f"toe{name}"] = ankle + face * 0.17 + out * 0.03 - up * 0.045
            joints[f"knee{name}"] = _bend(joints[f"hip{name}"], ankle, THIGH, SHIN, face + 0.15 * out)
            shoulder = chest + out * SHOULDER_HALF - up * 0.03
            reach = hands[source] * (np.array([-1.0, 1, 1]) if self._mirrored else 1)
            hand = chest - up * 0.03 + side * reach[0] + up * reach[1] + face * reach[2]
            hand = _within(shoulder, hand, UPPER_ARM + FOREARM - 0.01)
            joints[f"shoulder{name}"] = shoulder
            joints[f"hand{name}"] = hand
            joints[f"elbow{name}"] = _bend(shoulder, hand, UPPER_ARM, FOREARM, -0.6 * up - 0.5 * face + 0.5 * out)
        return Body(joints, heading, pose[2], sign * 0.3)


def _within(root: Point, goal: Point, reach: float) -> Point:
    away = goal - root
    size = float(np.linalg.norm(away))
    return goal if size <= reach else root + away * (reach / size)


def _bend(root: Point, end: Point, upper: float, lower: float, towards: Point) -> Point:
    """The middle joint of two bones from ``root`` to ``end``, bent towards a direction."""
    line = end - root
    size = max(1e-6, float(np.linalg.norm(line)))
    along = (upper**2 - lower**2 + size**2) / (2 * size)
    off = np.sqrt(max(0.0, upper**2 - along**2))
    axis = line / size
    sideways = towards - axis * float(towards @ axis)
    norm = float(np.linalg.norm(sideways))
    return np.asarray(root + axis * along + (sideways / norm * off if norm > 1e-9 else 0))
