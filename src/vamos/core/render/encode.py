"""Writing mp4: H.264 and AAC, index first, one key frame a second for frame stepping."""

from __future__ import annotations

from collections.abc import Callable
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
    from av.audio.stream import AudioStream
    from av.container import OutputContainer
    from av.video.frame import VideoFrame

#: Constant rate factors of x264.
CRF = {Quality.HALL: "18", Quality.PHONE: "21", Quality.SMALL: "26"}
SOUND_BITS = 160_000
#: The slow search for bit allocation costs a third of a clip's time and is not heard here.
AAC_OPTIONS: dict[str, object] = {"aac_coder": "fast"}
_PIECE = 1024


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
    sound_rate : int or None
        None for a silent file.
    chapters : sequence of (start_s, end_s, title)
    """

    def __init__(
        self,
        path: Path,
        width: int,
        height: int,
        rate: FrameRate,
        matrix: str,
        sound_rate: int | None,
        chapters: tuple[tuple[float, float, str], ...] = (),
        quality: Quality = Quality.PHONE,
    ):
        import av

        self.path, self.rate = path, rate
        self.frames = 0
        self._sound_frames = 0
        self._sound: Samples | None = None
        try:
            self._out = av.open(str(path), "w", options={"movflags": "+faststart"})
        except OSError as error:
            raise write_error(error, path) from error
        self._video = self._out.add_stream("libx264", rate=rate.per_second)
        self._video.width, self._video.height = width, height
        self._video.pix_fmt = "yuv420p"
        self._video.gop_size = max(1, round(float(rate.per_second)))
        code = {"601": 6, "709": 1}[matrix]
        context = self._video.codec_context
        # Clips are rendered side by side; threads inside each encoder would only get in the way.
        context.thread_count = 1
        context.color_range = 1
        context.colorspace = context.color_primaries = context.color_trc = code
        # Six encoders are open at once; at 1080p each picture looked ahead at costs each of them 7 MB.
        ahead: dict[str, object] = {"x264-params": "rc-lookahead=3"}
        self._video.options = {"crf": CRF[quality], "preset": "veryfast", "profile": "high"} | ahead
        self._audio = None
        if sound_rate is not None:
            self._audio = sound_stream(self._out, sound_rate)
        if chapters:
            self._out.set_chapters(
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
        from av.video.frame import VideoFrame

        height, width = y.shape
        frame = VideoFrame(width, height, "yuv420p")
        for plane, part in zip(frame.planes, (y, u, v), strict=True):
            rows = np.frombuffer(memoryview(plane), np.uint8).reshape(-1, plane.line_size)
            rows[: part.shape[0], : part.shape[1]] = part
        frame.pts = self.frames
        frame.time_base = 1 / self.rate.per_second
        self.frames += 1
        self._guard(lambda: self._write(frame))

    def _write(self, frame: VideoFrame) -> None:
        self._out.mux(self._video.encode(frame))
        self._sound_until(self.rate.seconds(self.frames))

    def sound(self, samples: Samples) -> None:
        """Hand over the whole sound ``(frames, 2)`` before the first picture."""
        self._sound = samples

    def _sound_until(self, out_s: float) -> None:
        """Write sound up to a second, so that sound and picture lie side by side in the file."""
        if self._audio is None or self._sound is None:
            return
        rate = self._audio.rate
        while self._sound_frames < min(len(self._sound), out_s * rate):
            piece = self._sound[self._sound_frames : self._sound_frames + _PIECE]
            self._out.mux(self._audio.encode(sound_frame(piece, rate, self._sound_frames)))
            self._sound_frames += len(piece)

    def _finish(self) -> None:
        self._sound_until(float("inf"))
        self._out.mux(self._video.encode(None))
        if self._audio is not None:
            self._out.mux(self._audio.encode(None))
        self._out.close()

    def _guard(self, action: Callable[[], None]) -> None:
        """Run an action that writes; disk errors become words."""
        try:
            action()
        except VamosError:
            raise
        except OSError as error:
            raise write_error(error, self.path) from error


def sound_stream(out: OutputContainer, rate: int) -> AudioStream:
    """The AAC stream every clip has."""
    stream = out.add_stream("aac", rate=rate, layout="stereo")
    stream.bit_rate = SOUND_BITS
    stream.options = AAC_OPTIONS
    return stream


def sound_frame(samples: Samples, rate: int, at: int) -> AudioFrame:
    """Samples ``(frames, 2)`` as a frame that starts at sample number ``at``."""
    from av.audio.frame import AudioFrame

    frame = AudioFrame.from_ndarray(np.ascontiguousarray(samples.T, dtype=np.float32), format="fltp", layout="stereo")
    frame.sample_rate = rate
    frame.pts = at
    frame.time_base = Fraction(1, rate)
    return frame


def encode_sound(out: OutputContainer, samples: Samples, rate: int) -> None:
    """Write samples alone, coded as in a clip."""
    stream = sound_stream(out, rate)
    for at in range(0, len(samples), _PIECE):
        out.mux(stream.encode(sound_frame(samples[at : at + _PIECE], rate, at)))
    out.mux(stream.encode(None))
