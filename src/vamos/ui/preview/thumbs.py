"""Small pictures of each film every half second, made once and kept in the cache."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path
from typing import Any

import numpy as np
import numpy.typing as npt
from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtGui import QImage

from vamos.core.media import cache
from vamos.ui.work.worker import ListWorker

THUMB_STEP_S = 0.5
THUMB_SIDE = 72
#: Thumbnails of longer films come from their key frames.
LONG_S = 480.0


@dataclass(frozen=True, slots=True)
class _Film:
    fingerprint: str
    path: Path
    duration_s: float


class Thumbs(QObject):
    """Told of films by their fingerprints; says when one has its pictures."""

    ready = pyqtSignal(str)
    fault = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._images: dict[str, list[QImage]] = {}
        self._worker = ListWorker("thumbs", self._make)
        self._worker.ready.connect(self._made)
        self._worker.fault.connect(self.fault)

    def at(self, fingerprint: str, take_s: float) -> QImage | None:
        images = self._images.get(fingerprint)
        if not images:
            return None
        return images[int(np.clip(round(take_s / THUMB_STEP_S), 0, len(images) - 1))]

    def ask(self, fingerprint: str, path: Path, duration_s: float) -> None:
        """Have the thumbnails of a film made, if that was not asked before."""
        self._worker.ask(_Film(fingerprint, path, duration_s))

    def close(self) -> None:
        self._worker.close()
        self.blockSignals(True)

    def _made(self, film: _Film, images: list[QImage]) -> None:
        self._images[film.fingerprint] = images
        self.ready.emit(film.fingerprint)

    def _make(self, film: _Film) -> list[QImage] | None:
        pixels = self._pixels(film)
        if pixels is None:
            return None
        return [
            QImage(p.tobytes(), p.shape[1], p.shape[0], p.shape[1] * 3, QImage.Format.Format_RGB888).copy()
            for p in pixels
        ]

    def _pixels(self, film: _Film) -> npt.NDArray[Any] | None:
        from vamos.core.media.frames import FrameReader, scaled, shown_size
        from vamos.core.render.compose import picture_size

        kept = cache.load("thumbs", film.fingerprint)
        if kept is not None and kept.get("pixels", np.zeros(0)).ndim == 4:
            return kept["pixels"]
        rows = []
        with FrameReader(film.path, keys_only=film.duration_s > LONG_S) as reader:
            for k in range(int(film.duration_s / THUMB_STEP_S) + 1):
                if self._worker.over:
                    return None
                frame = reader.nearest(k * THUMB_STEP_S)
                width, height = picture_size(*shown_size(frame), THUMB_SIDE)
                turned = frame.rotation % 180 != 0
                across, down = (height, width) if turned else (width, height)
                small = scaled(frame, across, down, "rgb24", "FAST_BILINEAR").to_ndarray()
                rows.append(np.ascontiguousarray(np.rot90(small, round(frame.rotation / 90) % 4)))
        pixels = np.stack(rows)
        cache.keep("thumbs", film.fingerprint, pixels=pixels)
        return pixels
