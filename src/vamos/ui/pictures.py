"""Pictures of takes on threads of their own: the mirror's frames and the page's thumbnails."""

from __future__ import annotations

import threading
from collections import OrderedDict
from dataclasses import dataclass
from pathlib import Path

import numpy as np
from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtGui import QImage

from vamos.core.media import cache
from vamos.core.media.frames import FrameReader, shown_size, yuv_planes
from vamos.core.progress import Progress, quiet
from vamos.core.render.compose import Composer, picture_size
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import draw_on_yuv
from vamos.errors import Stopped, VamosError
from vamos.ui.scene import PREVIEW_SIDE, Scene

THUMB_STEP_S = 0.5
THUMB_SIDE = 72
#: Thumbnails of longer films come from their key frames.
LONG_S = 480.0


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
    """A frame of a clip asked for."""

    scene: Scene
    frame: int


def to_image(y: np.ndarray, u: np.ndarray, v: np.ndarray, matrix: str = "709") -> QImage:
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
    return QImage(pixels.data, shown, height, width * 4, QImage.Format.Format_RGB32).copy()


class FrameMaker:
    """Makes pictures from takes and frames of clips, keeping one open reader and one composer.

    ``watch`` is told of a long search for movement, and may stop it.
    """

    def __init__(self, progress: Progress | None = None) -> None:
        self._progress = progress or quiet()
        self._scene: Scene | None = None
        self._composer: Composer | None = None
        self._reader: FrameReader | None = None
        self._path: Path | None = None
        self.take_s = 0.0

    def make(self, wanted: Wanted | WantedFrame, side: int = PREVIEW_SIDE) -> QImage:
        """The picture a student will see; raises MissingError or MediaError."""
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
        frame = min(wanted.frame, self._composer.timing.frames - 1)
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


class MirrorThread(QObject):
    """Answers the latest wish for a picture; older wishes that wait are dropped."""

    ready = pyqtSignal(QImage)
    failed = pyqtSignal(str)
    stepped = pyqtSignal(float)

    def __init__(self) -> None:
        super().__init__()
        self._wanted: Wanted | WantedFrame | None = None
        self._event = threading.Condition()
        self._over = False
        self._thread = threading.Thread(target=self._run, name="mirror", daemon=True)
        self._thread.start()

    def ask(self, wanted: Wanted | WantedFrame) -> None:
        with self._event:
            self._wanted = wanted
            self._event.notify()

    def close(self) -> None:
        with self._event:
            self._over = True
            self._event.notify()
        self._thread.join(3)

    def _searching(self, share: float, words: str) -> None:
        self.failed.emit(f"{words}, {share:.0%} …")

    def _run(self) -> None:
        maker = FrameMaker(Progress(self._searching, lambda: self._over))
        while True:
            with self._event:
                while self._wanted is None and not self._over:
                    self._event.wait()
                if self._over:
                    maker.close()
                    return
                wanted, self._wanted = self._wanted, None
            try:
                image = maker.make(wanted)
                if isinstance(wanted, Wanted) and wanted.step:
                    self.stepped.emit(maker.take_s)
                self.ready.emit(image)
            except Stopped:
                maker.close()
            except VamosError as error:
                maker.close()
                self.failed.emit(str(error))


class Thumbs(QObject):
    """Small pictures of each take every half second, made once and cached."""

    ready = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._images: OrderedDict[str, list[QImage]] = OrderedDict()
        self._asked: set[str] = set()
        self._over = threading.Event()
        self._lock = threading.Lock()
        self._queue: list[tuple[str, str, Path, float]] = []
        self._threads: list[threading.Thread] = []

    def at(self, take: str, take_s: float) -> QImage | None:
        images = self._images.get(take)
        if not images:
            return None
        return images[int(np.clip(round(take_s / THUMB_STEP_S), 0, len(images) - 1))]

    def ask(self, take: str, key: str, path: Path, duration_s: float) -> None:
        """Have the thumbnails of a take made, if that was not asked before."""
        mark = f"{take}\0{key}"
        if mark in self._asked:
            return
        self._asked.add(mark)
        with self._lock:
            self._queue.append((take, key, path, duration_s))
            if not any(t.is_alive() for t in self._threads):
                thread = threading.Thread(target=self._run, name="thumbs", daemon=True)
                self._threads = [thread]
                thread.start()

    def close(self) -> None:
        self._over.set()
        for thread in self._threads:
            thread.join(3)

    def _run(self) -> None:
        while True:
            with self._lock:
                if not self._queue or self._over.is_set():
                    return
                take, key, path, duration = self._queue.pop(0)
            try:
                pixels = self._pixels(key, path, duration)
            except VamosError:
                continue
            if pixels is None:
                return
            self._images[take] = [
                QImage(p.tobytes(), p.shape[1], p.shape[0], p.shape[1] * 3, QImage.Format.Format_RGB888).copy()
                for p in pixels
            ]
            self.ready.emit(take)

    def _pixels(self, key: str, path: Path, duration_s: float) -> np.ndarray | None:
        kept = cache.load("thumbs", key)
        if kept is not None and kept.get("pixels", np.zeros(0)).ndim == 4:
            return kept["pixels"]
        rows = []
        with FrameReader(path, keys_only=duration_s > LONG_S) as reader:
            for k in range(int(duration_s / THUMB_STEP_S) + 1):
                if self._over.is_set():
                    return None
                frame = reader.nearest(k * THUMB_STEP_S)
                width, height = picture_size(*shown_size(frame), THUMB_SIDE)
                turned = frame.rotation % 180 != 0
                small = frame.reformat(
                    width=height if turned else width,
                    height=width if turned else height,
                    format="rgb24",
                    interpolation="FAST_BILINEAR",
                ).to_ndarray()
                rows.append(np.ascontiguousarray(np.rot90(small, round(frame.rotation / 90) % 4)))
        pixels = np.stack(rows)
        cache.keep("thumbs", key, pixels=pixels)
        return pixels
