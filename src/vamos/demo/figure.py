"""Drawing the dancer: a figure in a practice suit, gloves of two colours, a paper fan.

Right hand and right shoe are amber, left are indigo: on film, sides can be told by colour.
"""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

import numpy as np
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QBrush, QColor, QPainter, QPen, QPolygonF

from vamos.demo.dancer import Body
from vamos.demo.room import Camera

RIGHT = QColor("#F2A413")
LEFT = QColor("#4B3FC4")
_SUIT = QColor("#27314B")
_SUIT_LIGHT = QColor("#36425F")
_SKIN = QColor("#B98462")
_HAIR = QColor("#2A1F1C")
_FAN = QColor("#D8452F")
_FAN_RIB = QColor("#F4E3C3")
_SASH = QColor("#C8472E")


def draw(painter: QPainter, camera: Camera, body: Body) -> None:
    """Paint the dancer into a picture of the room."""
    names = list(body.joints)
    flat, depths = camera.project(np.array([body.joints[n] for n in names]))
    at = {n: QPointF(float(x), float(y)) for n, (x, y) in zip(names, flat, strict=True)}
    depth = dict(zip(names, (float(d) for d in depths), strict=True))
    metre = camera.size_at(depth["pelvis"])
    _shadow(painter, camera, body)
    parts: list[tuple[float, Callable[[], object]]] = [
        (depth["pelvis"], lambda: _torso(painter, at, metre)),
        (depth["head"] - 0.01, lambda: _head(painter, camera, body, at, metre)),
    ]
    for side in ("R", "L"):
        colour = RIGHT if side == "R" else LEFT
        parts.append(
            (
                (depth[f"knee{side}"] + depth[f"ankle{side}"]) / 2 + 0.02,
                partial(_leg, painter, at, metre, side, colour),
            )
        )
        parts.append(
            (
                (depth[f"elbow{side}"] + depth[f"hand{side}"]) / 2,
                partial(_arm, painter, at, metre, side, colour),
            )
        )
    parts.append((depth["handR"] + 0.005, partial(_fan, painter, camera, body, at)))
    for _, paint in sorted(parts, key=lambda part: -part[0]):
        paint()


def _limb(painter: QPainter, points: list[QPointF], width: float, colour: QColor) -> None:
    pen = QPen(colour, width, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap, Qt.PenJoinStyle.RoundJoin)
    painter.setPen(pen)
    painter.drawPolyline(QPolygonF(points))
    painter.setPen(Qt.PenStyle.NoPen)


def _shadow(painter: QPainter, camera: Camera, body: Body) -> None:
    pelvis = body.joints["pelvis"]
    angles = np.linspace(0, 2 * np.pi, 28)
    ring = np.stack([pelvis[0] + 0.42 * np.cos(angles), np.zeros(28), pelvis[2] + 0.30 * np.sin(angles)], axis=1)
    flat, _ = camera.project(ring)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(60, 40, 25, 60))
    painter.drawPolygon(QPolygonF([QPointF(float(x), float(y)) for x, y in flat]))


def _torso(painter: QPainter, at: dict[str, QPointF], metre: float) -> None:
    width = metre * 0.055
    shape = QPolygonF([at["shoulderR"], at["shoulderL"], at["hipL"], at["hipR"]])
    painter.setPen(
        QPen(_SUIT_LIGHT, width * 2.2, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap, Qt.PenJoinStyle.RoundJoin)
    )
    painter.setBrush(_SUIT_LIGHT)
    painter.drawPolygon(shape)
    waist_r = at["hipR"] * 0.8 + at["shoulderR"] * 0.2
    waist_l = at["hipL"] * 0.8 + at["shoulderL"] * 0.2
    painter.setPen(QPen(_SASH, width * 1.5, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
    painter.drawLine(waist_r, waist_l)
    painter.setPen(Qt.PenStyle.NoPen)
    _limb(painter, [at["chest"], at["neck"]], metre * 0.09, _SKIN)


def _leg(painter: QPainter, at: dict[str, QPointF], metre: float, side: str, colour: QColor) -> None:
    _limb(painter, [at[f"hip{side}"], at[f"knee{side}"]], metre * 0.145, _SUIT)
    _limb(painter, [at[f"knee{side}"], at[f"ankle{side}"]], metre * 0.105, _SUIT)
    _limb(painter, [at[f"ankle{side}"], at[f"toe{side}"]], metre * 0.085, colour)


def _arm(painter: QPainter, at: dict[str, QPointF], metre: float, side: str, colour: QColor) -> None:
    _limb(painter, [at[f"shoulder{side}"], at[f"elbow{side}"]], metre * 0.095, _SUIT_LIGHT.lighter(112))
    _limb(painter, [at[f"elbow{side}"], at[f"hand{side}"]], metre * 0.075, _SUIT_LIGHT.lighter(112))
    painter.setBrush(colour)
    painter.drawEllipse(at[f"hand{side}"], metre * 0.075, metre * 0.075)


def _head(painter: QPainter, camera: Camera, body: Body, at: dict[str, QPointF], metre: float) -> None:
    centre, size = at["head"], metre * 0.115
    right, _, ahead = camera.axes()
    face = np.array([-np.sin(body.heading), 0.0, np.cos(body.heading)])
    towards = float(-face @ ahead)
    aside = float(face @ right)
    painter.setBrush(_HAIR)
    painter.drawEllipse(centre, size * 1.04, size * 1.08)
    painter.drawEllipse(centre + QPointF(-aside * size * 0.8, -size * 0.75), size * 0.45, size * 0.45)
    if towards > -0.35:
        painter.setBrush(_SKIN)
        painter.drawEllipse(centre + QPointF(aside * size * 0.42, size * 0.16), size * 0.82, size * 0.88)
        painter.setBrush(_HAIR)
        for eye in (-0.34, 0.34):
            x = aside * 0.75 + eye * max(0.0, towards)
            if abs(x) < 0.95:
                painter.drawEllipse(centre + QPointF(x * size, size * 0.10), size * 0.085, size * 0.11)
        painter.setPen(QPen(QColor("#7C3B2E"), max(1.0, size * 0.09)))
        mouth = centre + QPointF(aside * size * 0.72, size * 0.52)
        painter.drawLine(mouth - QPointF(size * 0.17, 0), mouth + QPointF(size * 0.17, 0))
        painter.setPen(Qt.PenStyle.NoPen)


def _fan(painter: QPainter, camera: Camera, body: Body, at: dict[str, QPointF]) -> None:
    """A folding fan held on from the right forearm, opened by ``body.fan``."""
    hand, elbow = body.joints["handR"], body.joints["elbowR"]
    along = hand - elbow
    along = along / max(1e-6, float(np.linalg.norm(along)))
    face = np.array([-np.sin(body.heading), 0.0, np.cos(body.heading)])
    across = np.cross(along, face)
    norm = float(np.linalg.norm(across))
    across = across / norm if norm > 0.2 else np.array([0.0, 1.0, 0.0])
    spread = 0.12 + body.fan * 1.15
    ribs = np.linspace(-spread, spread, 13)
    outer = [hand + 0.36 * (np.cos(a) * along + np.sin(a) * across) for a in ribs]
    inner = [hand + 0.14 * (np.cos(a) * along + np.sin(a) * across) for a in ribs]
    flat, _ = camera.project(np.array(outer + inner[::-1]))
    points = [QPointF(float(x), float(y)) for x, y in flat]
    painter.setPen(QPen(_FAN.darker(125), 1.0))
    painter.setBrush(QBrush(_FAN))
    painter.drawPolygon(QPolygonF(points))
    painter.setPen(QPen(_FAN_RIB, 1.4))
    for k in range(0, 13, 2):
        painter.drawLine(at["handR"], points[k])
    painter.setPen(Qt.PenStyle.NoPen)
