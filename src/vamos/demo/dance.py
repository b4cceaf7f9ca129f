"""The paper-fan parade dance: its sheet, and where feet, hands and fan go.

Steps are written once: each has the count, the foot, what it does and where the foot lands
(metres; x to the dancer's right, z forward as the section begins, from the home spot). The sheet and the simulated
dancer are both read from them, so what is filmed is what is written.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction as F

from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section

R, L = Foot.RIGHT, Foot.LEFT


@dataclass(frozen=True, slots=True)
class Move:
    """One written move; ``land`` is where the foot goes, None when it stays."""

    at: F
    name: str
    foot: Foot = Foot.NONE
    kind: Kind = Kind.STEP
    land: tuple[float, float] | None = None
    turn: int = 0
    length: F = F(1)
    caution: str = ""
    easier: str = ""


@dataclass(frozen=True, slots=True)
class Pose:
    """Hands relative to the shoulders' middle (x right, y up, z forward, metres), fan 0 to 1."""

    at: float
    right: tuple[float, float, float]
    left: tuple[float, float, float]
    fan: float


_REST_R, _REST_L = (0.26, -0.52, 0.08), (-0.26, -0.52, 0.08)
_HIGH_R, _HIGH_L = (0.30, 0.56, 0.10), (-0.30, 0.56, 0.10)
_OUT_R, _OUT_L = (0.66, 0.06, 0.10), (-0.66, 0.06, 0.10)
_CHEST_R, _CHEST_L = (0.12, -0.18, 0.38), (-0.12, -0.18, 0.38)
_ACROSS_R = (-0.28, 0.02, 0.40)
_HIP_R, _HIP_L = (0.34, -0.40, 0.06), (-0.34, -0.40, 0.06)


def _m(
    at: F | int,
    name: str,
    foot: Foot,
    land: tuple[float, float],
    kind: Kind = Kind.STEP,
    turn: int = 0,
    length: F | int = 1,
    caution: str = "",
    easier: str = "",
) -> Move:
    return Move(F(at), name, foot, kind, land, turn, F(length), caution, easier)


_SPIN = "spin: slowly first, on a dry floor"
MOVES: dict[str, tuple[Move, ...]] = {
    "Gate walk": (
        _m(0, "walk", R, (0.12, 0.35)),
        _m(1, "walk", L, (-0.12, 0.68)),
        _m(2, "step", R, (0.12, 0.95)),
        _m(3, "touch", L, (-0.14, 0.98), Kind.TOUCH),
        _m(4, "back", L, (-0.12, 0.62)),
        _m(5, "back", R, (0.12, 0.28)),
        _m(6, "back", L, (-0.12, 0.0)),
        _m(7, "touch", R, (0.14, 0.05), Kind.TOUCH),
    ),
    "Fan sweep": (
        _m(0, "side", R, (0.50, 0.0)),
        _m(1, "behind", L, (0.26, -0.20)),
        _m(2, "side", R, (0.86, 0.0)),
        _m(3, "touch", L, (0.64, 0.05), Kind.TOUCH),
        _m(4, "side", L, (0.36, 0.0)),
        _m(5, "behind", R, (0.44, -0.20)),
        _m(6, "side", L, (-0.12, 0.0)),
        _m(7, "touch", R, (0.13, 0.05), Kind.TOUCH),
    ),
    "Lantern step": (
        _m(0, "side", R, (0.42, 0.0), length=F(1, 2)),
        _m(F(1, 2), "close", L, (0.18, 0.0), length=F(1, 2)),
        _m(1, "side", R, (0.66, 0.0)),
        _m(2, "cross", L, (0.74, 0.24)),
        _m(3, "recover", R, (0.66, 0.0)),
        _m(4, "side", L, (0.30, 0.0), length=F(1, 2)),
        _m(F(9, 2), "close", R, (0.52, 0.0), length=F(1, 2)),
        _m(5, "side", L, (-0.08, 0.0)),
        _m(6, "cross", R, (-0.14, 0.26)),
        _m(7, "recover", L, (-0.10, 0.0)),
    ),
    "Stall turn": (
        _m(0, "step", R, (0.12, 0.38)),
        _m(1, "half turn", L, (-0.10, 0.02), turn=-4, caution=_SPIN, easier="step in place"),
        _m(2, "step", R, (-0.22, -0.36)),
        _m(3, "quarter turn", L, (-0.04, 0.12), turn=-2, easier="step in place"),
        _m(4, "stomp", R, (0.0, -0.20)),
        _m(5, "stomp", L, (0.0, 0.20)),
        Move(F(6), "hold", kind=Kind.HOLD, length=F(2)),
    ),
    "Lantern sway": (
        _m(0, "sway", R, (0.26, 0.0)),
        _m(1, "sway", L, (-0.26, 0.0)),
        _m(2, "sway", R, (0.26, 0.0)),
        _m(3, "sway", L, (-0.22, 0.0)),
    ),
    "Closing bow": (
        _m(0, "side", R, (0.46, 0.0)),
        _m(1, "close", L, (0.22, 0.0)),
        _m(2, "step", R, (0.40, 0.30)),
        _m(3, "touch", L, (0.16, 0.34), Kind.TOUCH),
        _m(4, "back", L, (-0.10, 0.0)),
        _m(5, "close", R, (0.12, 0.0)),
        Move(F(6), "hold", kind=Kind.HOLD, length=F(2)),
    ),
}

POSES: dict[str, tuple[Pose, ...]] = {
    "Gate walk": (
        Pose(0, _CHEST_R, _REST_L, 0.2),
        Pose(1, _REST_R, _CHEST_L, 0.2),
        Pose(2, _CHEST_R, _REST_L, 0.3),
        Pose(3, _HIGH_R, _HIP_L, 1.0),
        Pose(4.6, _OUT_R, _HIP_L, 1.0),
        Pose(6, _REST_R, _REST_L, 0.4),
        Pose(7, _CHEST_R, _CHEST_L, 0.0),
    ),
    "Fan sweep": (
        Pose(0, _ACROSS_R, _HIP_L, 1.0),
        Pose(2, _OUT_R, _HIP_L, 1.0),
        Pose(3, _HIGH_R, _OUT_L, 1.0),
        Pose(4, _OUT_R, _OUT_L, 1.0),
        Pose(6, _ACROSS_R, _OUT_L, 1.0),
        Pose(7, _CHEST_R, _CHEST_L, 0.1),
    ),
    "Lantern step": (
        Pose(0, _OUT_R, _REST_L, 0.7),
        Pose(1, _HIGH_R, _HIP_L, 1.0),
        Pose(2, _ACROSS_R, _HIP_L, 1.0),
        Pose(3, _OUT_R, _HIP_L, 0.6),
        Pose(4, _REST_R, _OUT_L, 0.3),
        Pose(5, _HIP_R, _HIGH_L, 0.2),
        Pose(6, _CHEST_R, _OUT_L, 0.8),
        Pose(7, _OUT_R, _REST_L, 0.8),
    ),
    "Stall turn": (
        Pose(0, _CHEST_R, _CHEST_L, 0.0),
        Pose(1, _CHEST_R, _CHEST_L, 0.0),
        Pose(2, _REST_R, _OUT_L, 0.2),
        Pose(3, _CHEST_R, _CHEST_L, 0.0),
        Pose(4, _REST_R, _REST_L, 0.0),
        Pose(5, _REST_R, _REST_L, 0.0),
        Pose(6, _HIGH_R, _HIP_L, 1.0),
        Pose(7.5, _HIGH_R, _HIP_L, 1.0),
    ),
    "Lantern sway": (
        Pose(0, _OUT_R, _HIP_L, 1.0),
        Pose(1, _ACROSS_R, _HIP_L, 1.0),
        Pose(2, _OUT_R, _HIP_L, 1.0),
        Pose(3, _CHEST_R, _CHEST_L, 0.3),
    ),
    "Closing bow": (
        Pose(0, _OUT_R, _OUT_L, 0.8),
        Pose(2, _ACROSS_R, _HIP_L, 1.0),
        Pose(3, _HIGH_R, _OUT_L, 1.0),
        Pose(4.5, _OUT_R, _OUT_L, 0.6),
        Pose(6, _HIGH_R, _HIP_L, 1.0),
        Pose(8, _HIGH_R, _HIP_L, 1.0),
    ),
}

LENGTHS = {"Lantern sway": 4}
WALL_SECTIONS = ("Gate walk", "Fan sweep", "Lantern step", "Stall turn")


def sheet() -> Dance:
    """The count sheet of the demo."""
    sections = tuple(
        Section(
            name,
            LENGTHS.get(name, 8),
            tuple(
                Event(
                    m.at,
                    m.length,
                    m.name,
                    foot=m.foot,
                    kind=m.kind,
                    turn=m.turn,
                    caution=m.caution,
                    easier=m.easier,
                )
                for m in moves
            ),
        )
        for name, moves in MOVES.items()
    )
    wall = Item(ItemKind.WALL, WALL_SECTIONS)
    return Dance(
        "Paper fan parade",
        sections,
        (
            wall,
            wall,
            Item(ItemKind.TAG, ("Lantern sway",), "tag 1"),
            wall,
            wall,
            Item(ItemKind.ENDING, ("Closing bow",), "ending"),
        ),
        Foot.LEFT,
        credits="Invented for the demo",
        level="beginner",
        rights="The demo's song was made for it and may be used freely.",
    )


def running_order() -> tuple[tuple[int, int, str], ...]:
    """Start count, heading in eighths at its start, and name of each section as danced over the song."""
    order = (*WALL_SECTIONS * 2, "Lantern sway", *WALL_SECTIONS * 2, "Closing bow")
    out, at, heading = [], 0, 0
    for name in order:
        out.append((at, heading, name))
        at += LENGTHS.get(name, 8)
        heading += sum(m.turn for m in MOVES[name])
    return tuple(out)
