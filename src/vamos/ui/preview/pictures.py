"""Pictures of takes and of clips, made on a thread of their own for whoever shows them."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtGui import QImage

from vamos.core.progress import Progress, quiet
from vamos.core.render.overlay_state import OverlayState, Pixels
from vamos.ui.preview.sizes import PREVIEW_SIDE
from vamos.ui.work.worker import LatestWorker

if TYPE_CHECKING:
    from vamos.core.media.frames import FrameReader
    from vamos.core.pack.live_step import CardPictures, LivePart
    from vamos.core.render.compose import Composer
    from vamos.core.render.splice import SplicedComposer
    from vamos.ui.preview.clip_preview import Scene


@dataclass(frozen=True, slots=True)
class Wanted:
    """A picture asked for: the take's moment, flipped or not, what is written over it.

    ``step``: so many frames of the film later or earlier.
    """

    path: Path
    take_s: float
    flip: bool
    shown: OverlayState | None
    step: int = 0


@dataclass(frozen=True, slots=True)
class WantedFrame:
    """A frame of a clip, or of a part of a step, asked for."""

    scene: Scene | LivePart
    frame: int


def to_image(y: Pixels, u: Pixels, v: Pixels, matrix: str = "709") -> QImage:
    """Planes as a picture Qt can show; read the way the encoder's file is read."""
    from av.video.frame import VideoFrame

    height, shown = y.shape
    # The scaler leaves the last columns undefined when the width is no multiple of 16.
    width = -(-shown // 16) * 16
    y, u, v = (np.pad(p, ((0, 0), (0, (width - shown) // half)), "edge") for p, half in ((y, 1), (u, 2), (v, 2)))
    flat = np.concatenate([y.reshape(-1), u.reshape(-1), v.reshape(-1)]).reshape(height * 3 // 2, width)
    frame = VideoFrame.from_ndarray(flat, format="yuv420p")
    frame.colorspace, frame.color_range = {"709": 1, "601": 5}[matrix], 1
    pixels = np.ascontiguousarray(frame.to_ndarray(format="bgra"))
    return QImage(pixels.tobytes(), shown, height, width * 4, QImage.Format.Format_RGB32).copy()


class FrameMaker:
    """Makes pictures from takes and frames of clips, keeping one open reader and one composer.

    ``progress`` is told of a long search for movement, and may stop it.
    """

    def __init__(self, progress: Progress | None = None) -> None:
        self._progress = progress or quiet()
        self._scene: Scene | LivePart | None = None
        self._composer: Composer | SplicedComposer | CardPictures | None = None
        self._reader: FrameReader | None = None
        self._path: Path | None = None
        self.take_s = 0.0

    def make(self, wanted: Wanted | WantedFrame, side: int = PREVIEW_SIDE) -> QImage:
        """The picture a student will see; raises MissingError or MediaError."""
        from vamos.core.media.frames import FrameReader, shown_size, yuv_planes
        from vamos.core.render.compose import picture_size
        from vamos.core.render.overlays import draw_on_yuv

        if isinstance(wanted, WantedFrame):
            return self._frame(wanted)
        if self._reader is None or self._path != wanted.path:
            self.close()
            self._reader, self._path = FrameReader(wanted.path), wanted.path
        self.take_s = max(0.0, wanted.take_s)
        if wanted.step:
            self.take_s = self._reader.stepped(self.take_s, wanted.step)
        frame = self._reader.nearest(self.take_s)
        width, height = picture_size(*shown_size(frame), side)
        planes = yuv_planes(frame, width, height)
        step = -1 if wanted.flip else 1
        y, u, v = (np.ascontiguousarray(p[:, ::step]) for p in planes)
        if not y.flags.writeable or y.base is not None:
            y, u, v = y.copy(), u.copy(), v.copy()
        if wanted.shown is not None:
            draw_on_yuv(y, u, v, wanted.shown, "709")
        return to_image(y, u, v)

    def _frame(self, wanted: WantedFrame) -> QImage:
        if wanted.scene is not self._scene or self._composer is None:
            self._leave_scene()
            self._composer, self._scene = wanted.scene.composer(self._progress), wanted.scene
        frame = min(wanted.frame, wanted.scene.frames - 1)
        return to_image(*self._composer.picture(frame), self._composer.matrix)

    def _leave_scene(self) -> None:
        if self._composer is not None:
            self._composer.close()
            self._composer = self._scene = None

    def close(self) -> None:
        self._leave_scene()
        if self._reader is not None:
            self._reader.close()
            self._reader = None


class PictureWorker(QObject):
    """Answers the latest wish for a picture; older wishes that wait are dropped."""

    ready = pyqtSignal(QImage)
    #: Why there is no picture.
    refused = pyqtSignal(str)
    #: The second of the take that is shown, after going by frames.
    stepped = pyqtSignal(float)
    fault = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._over = False
        self._maker = FrameMaker(Progress(self._searching, lambda: self._over))
        self._worker = LatestWorker("mirror", self._make, self._maker.close)
        self._worker.ready.connect(self._show)
        self._worker.refused.connect(self.refused)
        self._worker.fault.connect(self.fault)

    def ask(self, wanted: Wanted | WantedFrame) -> None:
        self._worker.ask(wanted)

    def close(self) -> None:
        self._over = True
        self._worker.close()
        self.blockSignals(True)

    def _searching(self, share: float, words: str) -> None:
        self.refused.emit(f"{words}, {share:.0%} …")

    def _make(self, wanted: Wanted | WantedFrame) -> tuple[QImage, float]:
        return self._maker.make(wanted), self._maker.take_s

    def _show(self, wanted: Wanted | WantedFrame, made: tuple[QImage, float]) -> None:
        if isinstance(wanted, Wanted) and wanted.step:
            self.stepped.emit(made[1])
        self.ready.emit(made[0])
