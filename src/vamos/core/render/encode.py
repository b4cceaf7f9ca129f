"""Writing mp4: H.264 and AAC, index first, key frames where one begins and every two seconds."""

from __future__ import annotations

import io
from collections.abc import Callable, Collection
from fractions import Fraction
from pathlib import Path
from types import TracebackType
from typing import TYPE_CHECKING

import numpy as np

from vamos.core.media.frames import Planes
from vamos.core.media.sound import Samples
from vamos.core.model.clip import Quality
from vamos.core.time import FrameRate
from vamos.errors import VamosError, write_error

if TYPE_CHECKING:
    from av.audio.frame import AudioFrame
    from av.container import OutputContainer
    from av.video.frame import VideoFrame

#: Constant rate factors of x264.
CRF = {Quality.HALL: "18", Quality.PHONE: "21", Quality.SMALL: "26"}
SOUND_BITS = 160_000
#: The slow search for bit allocation costs a third of a clip's time and is not heard here.
AAC_OPTIONS: dict[str, object] = {"aac_coder": "fast"}
_PIECE = 1024
#: Stepping back decodes from a key frame on; one a second costs half as much again in bits.
_KEYS_S = 2.0


class ClipWriter:
    """One mp4 file being written.

    Use as a context manager; when an error leaves it, the file is removed.

    Parameters
    ----------
    path : Path
    width, height : int
        Even.
    rate : FrameRate
    matrix : str
        "601" or "709", how the planes are to be read.
    sound : bytes or None
        The whole sound, coded (:func:`coded`); None for a silent file.
    chapters : sequence of (start_s, end_s, title)
    keys : collection of int
        Frames to which one goes at once, such as that of the 1.
    """

    def __init__(
        self,
        path: Path,
        width: int,
        height: int,
        rate: FrameRate,
        matrix: str,
        sound: bytes | None,
        chapters: tuple[tuple[float, float, str], ...] = (),
        quality: Quality = Quality.PHONE,
        keys: Collection[int] = (),
    ):
        self.path, self.rate, self._keys = path, rate, frozenset(keys)
        self.frames = 0
        self._out = open_mp4(path)
        self._video = self._out.add_stream("libx264", rate=rate.per_second)
        self._video.width, self._video.height = width, height
        self._video.pix_fmt = "yuv420p"
        self._video.gop_size = max(1, round(_KEYS_S * float(rate.per_second)))
        code = {"601": 6, "709": 1}[matrix]
        context = self._video.codec_context
        # Clips are rendered side by side; threads inside each encoder would only get in the way.
        context.thread_count = 1
        context.color_range = 1
        context.colorspace = context.color_primaries = context.color_trc = code
        # At 1080p each picture looked ahead at costs an encoder 7 MB.
        more: dict[str, object] = {"x264-params": "rc-lookahead=10", "forced-idr": "1"}
        self._video.options = {"crf": CRF[quality], "preset": "veryfast", "profile": "high"} | more
        self._track = SoundTrack(self._out, sound) if sound is not None else None
        set_chapters(self._out, chapters)

    def __enter__(self) -> ClipWriter:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        try:
            if kind is None:
                self._guard(self._finish)
            else:
                self._out.close()
        except (OSError, ValueError):
            if kind is None:
                self.path.unlink(missing_ok=True)
                raise
        if kind is not None:
            self.path.unlink(missing_ok=True)

    def picture(self, y: Planes, u: Planes, v: Planes) -> None:
        """Write the next frame from its planes."""
        from av.video.frame import PictureType, VideoFrame

        height, width = y.shape
        frame = VideoFrame(width, height, "yuv420p")
        for plane, part in zip(frame.planes, (y, u, v), strict=True):
            rows = np.frombuffer(memoryview(plane), np.uint8).reshape(-1, plane.line_size)
            rows[: part.shape[0], : part.shape[1]] = part
        frame.pts = self.frames
        frame.time_base = 1 / self.rate.per_second
        if self.frames in self._keys:
            frame.pict_type = PictureType.I
        self.frames += 1
        self._guard(lambda: self._write(frame))

    def _write(self, frame: VideoFrame) -> None:
        self._out.mux(self._video.encode(frame))
        if self._track is not None:
            self._track.until(self.rate.seconds(self.frames))

    def _finish(self) -> None:
        self._out.mux(self._video.encode(None))
        if self._track is not None:
            self._track.finish()
        self._out.close()

    def _guard(self, action: Callable[[], None]) -> None:
        """Run an action that writes; disk errors become words."""
        try:
            action()
        except VamosError:
            raise
        except OSError as error:
            raise write_error(error, self.path) from error


class SoundTrack:
    """The coded sound of a file being written, laid down as far as its pictures are: both lie side by side in it."""

    def __init__(self, out: OutputContainer, sound: bytes):
        import av

        self._out, self._given = out, av.open(io.BytesIO(sound), "r")
        stream = self._given.streams.audio[0]
        self._stream = out.add_stream_from_template(stream)
        self._packets = (p for p in self._given.demux(stream) if p.pts is not None)
        self._next = next(self._packets, None)

    def until(self, out_s: float) -> None:
        """Write what is heard up to a second."""
        while self._next is not None and float((self._next.pts or 0) * self._next.time_base) < out_s:
            self._next.stream = self._stream
            self._out.mux(self._next)
            self._next = next(self._packets, None)

    def finish(self) -> None:
        self.until(float("inf"))
        self._given.close()


def open_mp4(path: Path) -> OutputContainer:
    """A new mp4 whose index comes first; raises WriteError."""
    import av

    try:
        return av.open(str(path), "w", options={"movflags": "+faststart"})
    except OSError as error:
        raise write_error(error, path) from error


def set_chapters(out: OutputContainer, chapters: tuple[tuple[float, float, str], ...]) -> None:
    """Chapters (start_s, end_s, title) of a file being written."""
    if chapters:
        out.set_chapters(
            [
                {
                    "id": number,
                    "start": round(a * 1000),
                    "end": round(b * 1000),
                    "time_base": Fraction(1, 1000),
                    "metadata": {"title": title},
                }
                for number, (a, b, title) in enumerate(chapters)
            ]
        )


def coded(samples: Samples, rate: int) -> bytes:
    """Samples ``(frames, 2)`` as the sound of a clip: AAC in an mp4 of its own."""
    import av

    buffer = io.BytesIO()
    with av.open(buffer, "w", format="mp4") as out:
        stream = out.add_stream("aac", rate=rate, layout="stereo")
        stream.bit_rate = SOUND_BITS
        stream.options = AAC_OPTIONS
        for at in range(0, len(samples), _PIECE):
            out.mux(stream.encode(_sound_frame(samples[at : at + _PIECE], rate, at)))
        out.mux(stream.encode(None))
    return buffer.getvalue()


def decoded(sound: bytes) -> Samples:
    """What is left of samples after coding, ``(frames, 2)``."""
    import av

    with av.open(io.BytesIO(sound), "r") as back:
        pieces = [frame.to_ndarray().T for frame in back.decode(audio=0)]
    return np.concatenate(pieces) if pieces else np.zeros((0, 2), np.float32)


def _sound_frame(samples: Samples, rate: int, at: int) -> AudioFrame:
    """Samples ``(frames, 2)`` as a frame that starts at sample number ``at``."""
    from av.audio.frame import AudioFrame

    frame = AudioFrame.from_ndarray(np.ascontiguousarray(samples.T, dtype=np.float32), format="fltp", layout="stereo")
    frame.sample_rate = rate
    frame.pts = at
    frame.time_base = Fraction(1, rate)
    return frame
