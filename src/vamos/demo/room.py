"""The drawn rehearsal room and the camera that looks into it.

A court under strings of paper lanterns before the night market: boarded floor, plastered walls,
a round gate, a window, a bench. Nothing is symmetric, so that a flipped picture shows.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QBrush, QColor, QImage, QLinearGradient, QPainter, QPen, QPolygonF, QRadialGradient


@dataclass(frozen=True, slots=True)
class Camera:
    """A pinhole camera: place and target in metres, focal length for a 36 mm wide picture."""

    place: tuple[float, float, float]
    target: tuple[float, float, float]
    focal_mm: float
    width: int
    height: int

    def axes(self) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
        """Unit vectors right, up and into the picture."""
        ahead = np.subtract(self.target, self.place)
        ahead = ahead / np.linalg.norm(ahead)
        right = np.cross(ahead, (0.0, 1.0, 0.0))
        right /= np.linalg.norm(right)
        return right, np.cross(right, ahead), ahead

    def project(self, points: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        """Pixels ``(n, 2)`` and depths ``(n,)`` of world points ``(n, 3)``."""
        right, up, ahead = self.axes()
        away = np.atleast_2d(points) - np.array(self.place)
        depth = np.maximum(away @ ahead, 0.05)
        scale = self.focal_mm / 36 * max(self.width, self.height)
        x = self.width / 2 + scale * (away @ right) / depth
        y = self.height / 2 - scale * (away @ up) / depth
        return np.stack([x, y], axis=1), depth

    def size_at(self, depth: float) -> float:
        """Pixels a metre covers at a depth."""
        return self.focal_mm / 36 * max(self.width, self.height) / depth


WALL_X, WALL_Z, WALL_Y = 4.2, 4.4, 3.2
_PLASTER = QColor("#E9DCC6")
_PLASTER_SIDE = QColor("#DDCDB3")
_BOARD = QColor("#C9A877")
_INK = QColor("#2B3550")
_RED = QColor("#C8472E")


def _quad(camera: Camera, points: Sequence[tuple[float, float, float]]) -> QPolygonF:
    flat, _ = camera.project(np.array(points, dtype=float))
    return QPolygonF([QPointF(float(x), float(y)) for x, y in flat])


@lru_cache(maxsize=8)
def background(camera: Camera) -> QImage:
    """The empty room as the camera sees it."""
    image = QImage(camera.width, camera.height, QImage.Format.Format_RGB32)
    image.fill(_PLASTER)
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    _walls(painter, camera)
    _floor(painter, camera)
    _things(painter, camera)
    _lanterns(painter, camera)
    _light(painter, camera)
    painter.end()
    return image


def _faces(camera: Camera) -> list[str]:
    """Walls the camera looks at: those beyond the dancer."""
    _, _, ahead = camera.axes()
    walls = []
    if ahead[2] < -0.3:
        walls.append("gate")
    if ahead[2] > 0.3:
        walls.append("window")
    if ahead[0] > 0.3:
        walls.append("bench")
    return walls


def _walls(painter: QPainter, camera: Camera) -> None:
    faces = _faces(camera)
    x, z, y = WALL_X, WALL_Z, WALL_Y * 1.6
    if "gate" in faces or "window" in faces:
        back = -z if "gate" in faces else z
        near = -back * 0.98
        for side in (-x, x):
            painter.setBrush(_PLASTER_SIDE)
            painter.drawPolygon(_quad(camera, [(side, 0, back), (side, y, back), (side, y, near), (side, 0, near)]))
        painter.setBrush(_PLASTER)
        painter.drawPolygon(_quad(camera, [(-x, 0, back), (x, 0, back), (x, y, back), (-x, y, back)]))
        painter.setBrush(QColor("#8C6B47"))
        painter.drawPolygon(_quad(camera, [(-x, 0, back), (x, 0, back), (x, 0.14, back), (-x, 0.14, back)]))
    if "bench" in faces:
        painter.setBrush(_PLASTER)
        painter.drawPolygon(_quad(camera, [(x, 0, -9), (x, 0, 9), (x, y, 9), (x, y, -9)]))
        painter.setBrush(QColor("#8C6B47"))
        painter.drawPolygon(_quad(camera, [(x, 0, -9), (x, 0, 9), (x, 0.12, 9), (x, 0.12, -9)]))


def _floor(painter: QPainter, camera: Camera) -> None:
    faces = _faces(camera)
    along_x = "bench" in faces
    rng = np.random.default_rng(5)
    width = 0.28
    limit = 9.0 if along_x else WALL_X
    for start in np.arange(-limit, limit, width):
        shade = 100 + int(rng.integers(-6, 7))
        painter.setBrush(QBrush(_BOARD.lighter(shade)))
        if along_x:
            far, near = WALL_X, camera.place[0] + 0.2
            points = [(near, 0, start), (far, 0, start), (far, 0, start + width), (near, 0, start + width)]
        else:
            far = -WALL_Z if "gate" in faces else WALL_Z
            near = camera.place[2] * 0.97
            points = [(start, 0, near), (start, 0, far), (start + width, 0, far), (start + width, 0, near)]
        painter.drawPolygon(_quad(camera, points))


def _things(painter: QPainter, camera: Camera) -> None:
    faces = _faces(camera)
    if "gate" in faces:
        _gate(painter, camera)
    if "window" in faces:
        _window(painter, camera)
    if "bench" in faces:
        painter.setBrush(QColor("#7A5A3A"))
        for z0, z1 in ((-1.9, -0.7),):
            painter.drawPolygon(_quad(camera, [(4.1, 0.46, z0), (4.1, 0.46, z1), (4.1, 0.38, z1), (4.1, 0.38, z0)]))
            for leg in (z0 + 0.1, z1 - 0.15):
                painter.drawPolygon(
                    _quad(camera, [(4.1, 0.4, leg), (4.1, 0.4, leg + 0.07), (4.1, 0, leg + 0.07), (4.1, 0, leg)])
                )
        painter.setBrush(_RED)
        painter.drawPolygon(_quad(camera, [(4.1, 0.9, 0.9), (4.1, 0.9, 1.5), (4.1, 0, 1.5), (4.1, 0, 0.9)]))


def _gate(painter: QPainter, camera: Camera) -> None:
    """A round gate to the market, off the middle, with dusk and stall lights behind it."""
    z = -WALL_Z
    angles = np.linspace(0, 2 * np.pi, 72)
    ring = [(-1.75 + 1.22 * np.cos(a), max(0.0, 1.25 + 1.22 * np.sin(a)), z) for a in angles]
    hole = [(-1.75 + 1.08 * np.cos(a), max(0.0, 1.25 + 1.08 * np.sin(a)), z) for a in angles]
    painter.setBrush(_RED)
    painter.drawPolygon(_quad(camera, ring))
    area = _quad(camera, hole)
    box = area.boundingRect()
    dusk = QLinearGradient(box.topLeft(), box.bottomLeft())
    dusk.setColorAt(0, QColor("#3A4468"))
    dusk.setColorAt(0.7, QColor("#C77D5B"))
    dusk.setColorAt(1, QColor("#8B6A52"))
    painter.setBrush(QBrush(dusk))
    painter.drawPolygon(area)
    rng = np.random.default_rng(3)
    for _ in range(16):
        px = box.left() + box.width() * rng.uniform(0.2, 0.8)
        py = box.top() + box.height() * rng.uniform(0.45, 0.8)
        painter.setBrush(QColor(255, 214, 140, 200))
        size = box.width() * rng.uniform(0.008, 0.02)
        painter.drawEllipse(QPointF(px, py), size, size)
    painter.setBrush(QColor("#7A5A3A"))
    painter.drawPolygon(_quad(camera, [(1.5, 1.9, z), (2.9, 1.9, z), (2.9, 1.83, z), (1.5, 1.83, z)]))
    for k, colour in enumerate(("#3E5C76", "#C8472E", "#E0A458", "#5B7F5E")):
        x = 1.6 + k * 0.33
        painter.setBrush(QColor(colour))
        painter.drawPolygon(
            _quad(camera, [(x, 1.9, z), (x + 0.24, 1.9, z), (x + 0.24, 2.15 + 0.06 * (k % 2), z), (x, 2.15, z)])
        )


def _window(painter: QPainter, camera: Camera) -> None:
    z = WALL_Z
    painter.setBrush(QColor("#7A5A3A"))
    painter.drawPolygon(_quad(camera, [(0.7, 0.95, z), (2.7, 0.95, z), (2.7, 2.35, z), (0.7, 2.35, z)]))
    painter.setBrush(QColor("#BFD3D9"))
    for k in range(3):
        a, b = 0.78 + k * 0.64, 1.34 + k * 0.64
        painter.drawPolygon(_quad(camera, [(a, 1.03, z), (b, 1.03, z), (b, 2.27, z), (a, 2.27, z)]))
    painter.setBrush(_INK)
    painter.drawPolygon(_quad(camera, [(-2.9, 0, z), (-2.1, 0, z), (-2.1, 2.05, z), (-2.9, 2.05, z)]))


def _lanterns(painter: QPainter, camera: Camera) -> None:
    """Two strings of lanterns under the ceiling."""
    faces = _faces(camera)
    if "bench" in faces:
        return
    back = -1.0 if "gate" in faces else 1.0
    for row, (depth, height) in enumerate(((3.6, 2.75), (2.2, 2.95))):
        z = back * depth
        xs = np.linspace(-3.4, 3.4, 9) + 0.18 * row
        sag = height - 0.16 * np.cos(np.linspace(-np.pi / 2, np.pi / 2, 9) * 2)
        flat, depths = camera.project(np.stack([xs, sag, np.full(9, z)], axis=1))
        painter.setPen(QPen(QColor(60, 50, 45, 150), 1.2))
        painter.drawPolyline(QPolygonF([QPointF(float(a), float(b)) for a, b in flat]))
        painter.setPen(Qt.PenStyle.NoPen)
        for k, ((px, py), d) in enumerate(zip(flat, depths, strict=True)):
            size = camera.size_at(float(d)) * 0.13
            glow = QRadialGradient(QPointF(float(px), float(py + size)), size * 2.6)
            glow.setColorAt(0, QColor(255, 210, 130, 90))
            glow.setColorAt(1, QColor(255, 210, 130, 0))
            painter.setBrush(QBrush(glow))
            painter.drawEllipse(QPointF(float(px), float(py + size)), size * 2.6, size * 2.6)
            painter.setBrush(_RED if (k + row) % 3 else QColor("#E6B450"))
            painter.drawEllipse(QPointF(float(px), float(py + size)), size, size * 0.86)
            painter.setBrush(QColor("#5A4632"))
            painter.drawRect(QRectF(float(px) - size * 0.3, float(py + size * 0.08), size * 0.6, size * 0.16))


def _light(painter: QPainter, camera: Camera) -> None:
    """A soft fall of light towards the edges."""
    fade = QRadialGradient(QPointF(camera.width * 0.48, camera.height * 0.5), max(camera.width, camera.height) * 0.72)
    fade.setColorAt(0.45, QColor(40, 30, 30, 0))
    fade.setColorAt(1, QColor(40, 30, 30, 70))
    painter.setBrush(QBrush(fade))
    painter.drawRect(0, 0, camera.width, camera.height)
