"""Frames of a take by time: the frame nearest to each wanted second, turned upright.

Time stamps decide, never frame number ÷ nominal rate. Wanted times go forward; the reader
decodes on while the next one is near and seeks to a key frame otherwise.
"""

from __future__ import annotations

import threading
from collections.abc import Iterator
from pathlib import Path
from types import TracebackType
from typing import TYPE_CHECKING

import numpy as np
import numpy.typing as npt

from vamos.core.lazy import scipy
from vamos.core.media.hdr import is_hdr, natural_frame
from vamos.core.media.probe import clock_zero, opened, picture_of
from vamos.errors import MediaError
from vamos.wording import words_of

if TYPE_CHECKING:
    from av.video.frame import VideoFrame

tr = words_of(__name__)

Planes = npt.NDArray[np.uint8]
Floats = npt.NDArray[np.float64]

#: Decoding on is cheaper than seeking while the next wanted frame is nearer than this.
DECODE_ON_S = 8.0


def frame_times(path: Path, start_take_s: float, end_take_s: float) -> Floats:
    """When the frames of a stretch of a film are shown, without decoding them; one more at each end.

    Raises MissingError or MediaError.
    """
    found: list[float] = []
    with opened(path) as container:
        stream = picture_of(container)
        if stream is None or stream.time_base is None:
            raise MediaError(tr("there is no picture in this file."), file=path)
        zero = clock_zero(container)
        container.seek(max(0, int((start_take_s - 1 + zero) / stream.time_base)), stream=stream)
        for packet in container.demux(stream):
            if packet.pts is None or packet.is_discard or packet.time_base is None:
                continue
            at = float(packet.pts * packet.time_base) - zero
            found.append(at)
            # Frames that are shown earlier may come later, by less than a second.
            if at > end_take_s + 1.5:
                break
    times = np.array(sorted(found), dtype=np.float64)
    first = max(0, int(np.searchsorted(times, start_take_s, side="right")) - 1)
    last = int(np.searchsorted(times, end_take_s)) + 1
    return times[first : last + 1]


#: Time stamps may waver by less than this share of a frame; where the speed changes, they are evened out over so many.
_WAVER, _EVEN_OVER = 0.25, 17


def pick_frames(source_s: Floats, wanted_s: Floats) -> npt.NDArray[np.int64]:
    """The frame of the film each wanted time shows, ``(wanted,)`` indexes into ``source_s``.

    The nearest one. Time stamps that waver are evened out first, else near a tie between two frames one
    would stand twice and its neighbour be left out. Where the film has too few, frames stand twice evenly.
    """
    if len(source_s) < 2:
        return np.zeros(len(wanted_s), dtype=np.int64)
    place = _evened(np.interp(wanted_s, source_s, np.arange(len(source_s), dtype=np.float64)))
    # A hair early, so that exact ties always fall to the same side.
    picks = np.clip(np.round(place - 0.01), 0, len(source_s) - 1)
    return np.maximum.accumulate(picks).astype(np.int64)


def _evened(place: Floats) -> Floats:
    """Places between frames without the wavering of time stamps: on one line where they lie on one."""
    if len(place) < _EVEN_OVER:
        return place
    steps = np.arange(len(place), dtype=np.float64)
    middle = steps.mean()
    slope = float(np.polyfit(steps - middle, place, 1)[0])
    whole = round(slope * 2) / 2
    if whole > 0 and abs(slope - whole) * len(place) < 0.3:
        slope = whole
    line = np.median(place - slope * (steps - middle)) + slope * (steps - middle)
    if np.abs(line - place).max() < _WAVER + 0.15:
        return np.asarray(line, dtype=np.float64)
    even = scipy.signal.savgol_filter(place, _EVEN_OVER, 1, mode="interp")
    return np.where(np.abs(even - place) < _WAVER, even, place)


class FrameReader:
    """Reads frames of one file by time. Use as a context manager.

    ``keys_only`` decodes key frames alone: about one a second, a hundred times as fast.
    """

    def __init__(self, path: Path, keys_only: bool = False, threads: int = 0):
        self.path = path
        self._context = opened(path)
        self._container = self._context.__enter__()
        stream = picture_of(self._container)
        if stream is None:
            self._context.__exit__(None, None, None)
            raise MediaError(tr("there is no picture in this file."), file=path)
        self._stream = stream
        self._stream.thread_type = "AUTO"
        if threads:
            self._stream.codec_context.thread_count = threads
        if keys_only:
            self._stream.codec_context.skip_frame = "NONKEY"
        self._zero = clock_zero(self._container)
        self._frames: Iterator[VideoFrame] | None = None
        self._held: VideoFrame | None = None
        self._next: VideoFrame | None = None

    def __enter__(self) -> FrameReader:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        self.close()

    def close(self) -> None:
        self._frames = None
        self._context.__exit__(None, None, None)

    def nearest(self, at_take_s: float) -> VideoFrame:
        """The frame whose time stamp is nearest to ``at_take_s``."""
        held = self._held
        if (
            held is None
            or at_take_s < self.time_of(held)
            or (self._next is not None and at_take_s > self.time_of(self._next) + DECODE_ON_S)
        ):
            self._seek(at_take_s)
        assert self._held is not None
        while self._next is not None and self.time_of(self._next) <= at_take_s:
            self._advance()
        if self._next is not None and self.time_of(self._next) - at_take_s < at_take_s - self.time_of(self._held):
            return self._next
        return self._held

    def with_ends(self, start_take_s: float) -> Iterator[tuple[VideoFrame, float]]:
        """Frames from ``start_take_s`` on, each with the time until which it is the nearest one.

        The last frame of the file holds for ever.
        """
        self.nearest(start_take_s)
        while self._held is not None:
            frame, after = self._held, self._next
            yield frame, (self.time_of(frame) + self.time_of(after)) / 2 if after is not None else float("inf")
            if after is None:
                return
            self._advance()

    def stepped(self, at_take_s: float, frames: int) -> float:
        """The time of the frame so many frames before or after the one nearest to a second, within the film."""
        at = self.time_of(self.nearest(at_take_s))
        while frames > 0:
            after = next((self.time_of(f) for f, _ in self.with_ends(at) if self.time_of(f) > at), None)
            if after is None:
                return at
            at, frames = after, frames - 1
        while frames < 0:
            earlier: list[float] = []
            reach = 0.4
            while not earlier and reach < 8 and at > 0:
                earlier = self._times_between(max(0.0, at - reach), at)
                reach *= 4
            if not earlier:
                return at
            at, frames = earlier[-1], frames + 1
        return at

    def _times_between(self, start_take_s: float, end_take_s: float) -> list[float]:
        """When frames from about a second to just before another are shown."""
        found = []
        for frame, _ in self.with_ends(start_take_s):
            if self.time_of(frame) >= end_take_s - 1e-6:
                break
            found.append(self.time_of(frame))
        return found

    def _seek(self, at_take_s: float) -> None:
        base = self._stream.time_base
        assert base is not None
        self._container.seek(int((at_take_s + self._zero) / base), stream=self._stream)
        self._frames = self._decode()
        self._held = next(self._frames, None)
        if self._held is None or self.time_of(self._held) > at_take_s:
            # A time before the key frame found, or past the end: start over from the front.
            self._container.seek(0)
            self._frames = self._decode()
            self._held = next(self._frames, None)
        if self._held is None:
            raise MediaError(tr("its picture cannot be decoded."), file=self.path)
        self._next = next(self._frames, None)

    def time_of(self, frame: VideoFrame) -> float:
        """When a frame is shown, on the file's clock."""
        assert frame.pts is not None and frame.time_base is not None
        return float(frame.pts * frame.time_base) - self._zero

    def _decode(self) -> Iterator[VideoFrame]:
        """Frames in order; a damaged packet is passed over, not the end of the film."""
        import av

        for packet in self._container.demux(self._stream):
            try:
                frames = packet.decode()
            except av.error.InvalidDataError:
                continue
            for frame in frames:
                if frame.pts is not None:
                    yield frame

    def _advance(self) -> None:
        assert self._frames is not None
        self._held = self._next
        self._next = next(self._frames, None)


def shown_size(frame: VideoFrame) -> tuple[int, int]:
    """Width and height of a frame as it is meant to be seen, after rotation."""
    if frame.rotation % 180:
        return frame.height, frame.width
    return frame.width, frame.height


def upright(planes: Planes, rotation: int) -> Planes:
    """Turn a plane by the file's rotation (degrees, counter-clockwise, in quarters)."""
    turns = round(rotation / 90) % 4
    return np.rot90(planes, turns) if turns else planes


#: Scalers by what they turn into what: making one costs more than scaling a small picture.
_SCALERS = threading.local()
_SCALERS_KEPT = 4


def mirrored(plane: Planes) -> Planes:
    """A plane turned left to right, as a copy; eight pixels at a time where that goes, five times as fast."""
    if plane.shape[1] % 8 or not plane.flags.c_contiguous:
        return plane[:, ::-1].copy()
    return plane.view(np.uint64)[:, ::-1].byteswap().view(np.uint8)


def scaled(
    frame: VideoFrame, width: int, height: int, pixels: str, interpolation: str, dst_range: str | None = None
) -> VideoFrame:
    """A frame at a size and in a pixel format, by one thread: renders keep the others busy themselves."""
    from av.video.reformatter import VideoReformatter

    kept: dict[tuple[object, ...], VideoReformatter] = _SCALERS.__dict__.setdefault("kept", {})
    key = (frame.width, frame.height, frame.format.name, width, height, pixels)
    if key not in kept and len(kept) >= _SCALERS_KEPT:
        kept.pop(next(iter(kept)))
    scaler = kept.setdefault(key, VideoReformatter())
    return scaler.reformat(
        frame,
        width=width,
        height=height,
        format=pixels,
        interpolation=interpolation,
        dst_color_range=dst_range,
        threads=1,
    )


def yuv_planes(frame: VideoFrame, width: int, height: int) -> tuple[Planes, Planes, Planes]:
    """Y, U, V (4:2:0, limited range) of a frame, upright, scaled to ``width`` × ``height``.

    Both sizes must be even; they are those of the picture as shown.
    """
    if frame.rotation % 180:
        width, height = height, width
    seen = natural_frame(frame) if is_hdr(frame) else frame
    small = scaled(seen, width, height, "yuv420p", "AREA" if frame.width > width else "BICUBIC", "MPEG")
    flat = np.asarray(small.to_ndarray(), dtype=np.uint8)
    luma = flat[:height]
    chroma = flat[height:].reshape(2, height // 2, width // 2)
    return (
        upright(luma, frame.rotation),
        upright(chroma[0], frame.rotation),
        upright(chroma[1], frame.rotation),
    )


def matrix_of(frame: VideoFrame) -> str:
    """Which luma weights a frame uses, "601" or "709": as it says, else by its size (common practice)."""
    if is_hdr(frame):
        # It is shown in natural colours of a usual screen.
        return "709"
    code = int(frame.colorspace)
    if code == 1:
        return "709"
    if code in (5, 6):
        return "601"
    return "709" if min(frame.width, frame.height) >= 720 else "601"
