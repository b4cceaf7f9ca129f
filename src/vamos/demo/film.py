"""The simulated camera: films the dancer, frame by frame, into a file like a phone's."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING, cast

import numpy as np
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QBrush, QColor, QImage, QLinearGradient, QPainter

from vamos.core.media.sound import Samples, Sound
from vamos.core.model.take import Danced
from vamos.demo import figure, room
from vamos.demo.dancer import Dancer
from vamos.demo.sound import RATE, take_sound
from vamos.demo.takes import TakeSpec

if TYPE_CHECKING:
    from av.audio.stream import AudioStream
    from av.container import OutputContainer
    from av.video.frame import VideoFrame
    from av.video.reformatter import VideoReformatter
    from av.video.stream import VideoStream

_CLOCK = 90000


def frame_times(spec: TakeSpec) -> np.ndarray:
    """Time stamps of the frames: about evenly spaced, some late, some left out."""
    rng = np.random.default_rng(200 + spec.seed)
    step = spec.rate.frame_s
    times = np.arange(int(spec.duration_s / step)) * step
    times[1:] += rng.uniform(-spec.jitter_s, spec.jitter_s, len(times) - 1)
    keep = rng.uniform(size=len(times)) >= spec.dropped
    keep[0] = True
    return times[keep]


def picture(spec: TakeSpec, dancer: Dancer, take_s: float) -> QImage:
    """What the camera sees at a second of the take, upright."""
    image = room.background(spec.camera).copy()
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    figure.draw(painter, spec.camera, dancer.at(spec.take_to_count()(take_s)))
    if spec.trouble and abs(take_s - spec.trouble_at_s) < 1.6:
        _passer_by(painter, spec, take_s)
    painter.end()
    return image


def _passer_by(painter: QPainter, spec: TakeSpec, take_s: float) -> None:
    """Somebody close to the camera walks through the picture."""
    w, h = spec.camera.width, spec.camera.height
    share = (take_s - spec.trouble_at_s + 1.6) / 3.2
    x = w * (-0.2 + 1.4 * share)
    coat = QLinearGradient(QPointF(x - w * 0.12, 0), QPointF(x + w * 0.12, 0))
    coat.setColorAt(0, QColor("#4A4038"))
    coat.setColorAt(1, QColor("#6B5D50"))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QBrush(coat))
    painter.drawRoundedRect(int(x - w * 0.11), int(h * 0.34), int(w * 0.22), int(h * 0.9), w * 0.07, w * 0.07)
    painter.setBrush(QColor("#3B2F2A"))
    painter.drawEllipse(QPointF(x, h * 0.24), w * 0.055, w * 0.068)


def film(spec: TakeSpec, song: Sound, path: Path, tick: Callable[[], None]) -> None:
    """Write one take; ``tick`` is called for every frame."""
    import av
    from av.video.reformatter import VideoReformatter

    dancer = Dancer(mirrored=spec.danced is Danced.MIRRORED)
    sound = take_sound(spec, song)
    camera = spec.camera
    width, height = camera.width, camera.height
    turns = (spec.rotation // 90) % 4
    if turns % 2:
        width, height = height, width
    with av.open(str(path), "w") as out:
        video = cast("VideoStream", out.add_stream(spec.codec, rate=spec.rate.per_second))
        video.width, video.height, video.pix_fmt = width, height, "yuv420p"
        video.time_base = video.codec_context.time_base = Fraction(1, _CLOCK)
        video.options = _options(spec)
        context = video.codec_context
        context.color_range = 1
        context.colorspace = context.color_primaries = context.color_trc = 1
        context.thread_count = 1
        if spec.rotation:
            video.set_display_rotation(spec.rotation)
        audio = out.add_stream("aac", rate=RATE, layout="mono")
        audio.bit_rate = 80_000
        written = 0
        reformatter = VideoReformatter()
        for take_s in frame_times(spec):
            frame = _frame(picture(spec, dancer, float(take_s)), turns, reformatter)
            frame.pts = round(float(take_s) * _CLOCK)
            frame.time_base = Fraction(1, _CLOCK)
            out.mux(video.encode(frame))
            written = _write_sound(out, audio, sound, written, int(take_s * RATE))
            tick()
        out.mux(video.encode(None))
        _write_sound(out, audio, sound, written, len(sound))
        out.mux(audio.encode(None))


def _options(spec: TakeSpec) -> dict[str, object]:
    if spec.codec == "libx265":
        preset = "medium" if spec.preset == "slower" else spec.preset
        return {"preset": preset, "crf": "27", "x265-params": "log-level=none:pools=none:frame-threads=1:bframes=0"}
    # Like a phone: no pictures that lean on later ones, a key frame every two seconds.
    return {"preset": spec.preset, "crf": "25" if spec.preset == "slower" else "19", "bf": "0", "g": "60"}


def _frame(image: QImage, turns: int, reformatter: VideoReformatter) -> VideoFrame:
    from av.video.frame import VideoFrame
    from av.video.reformatter import ColorRange, Colorspace

    bits = image.constBits()
    assert bits is not None
    bits.setsize(image.sizeInBytes())
    pixels = np.frombuffer(bits.asstring(), np.uint8).reshape(image.height(), image.bytesPerLine() // 4, 4)
    pixels = pixels[:, : image.width()]
    if turns:
        pixels = np.rot90(pixels, -turns)
    frame = VideoFrame.from_ndarray(np.ascontiguousarray(pixels), format="bgra")
    return reformatter.reformat(
        frame,
        format="yuv420p",
        dst_colorspace=Colorspace.ITU709,
        dst_color_range=ColorRange.MPEG,
        interpolation="FAST_BILINEAR",
    )


def write_opus(path: Path, song: Sound) -> None:
    """Write the song, stereo, small and without any offset."""
    import av
    from av.audio.frame import AudioFrame
    from av.audio.resampler import AudioResampler

    with av.open(str(path), "w", format="ogg") as out:
        stream = out.add_stream("libopus", rate=48000, layout="stereo")
        stream.bit_rate = 112_000
        frame = AudioFrame.from_ndarray(np.ascontiguousarray(song.samples.T), format="fltp", layout="stereo")
        frame.sample_rate, frame.pts, frame.time_base = song.rate, 0, Fraction(1, song.rate)
        resampler = AudioResampler("fltp", "stereo", 48000)
        for piece in [*resampler.resample(frame), *resampler.resample(None)]:
            out.mux(stream.encode(piece))
        out.mux(stream.encode(None))


def _write_sound(out: OutputContainer, audio: AudioStream, sound: Samples, done: int, until: int) -> int:
    from av.audio.frame import AudioFrame

    while done < until:
        piece = sound[done : done + 1024]
        frame = AudioFrame.from_ndarray(np.ascontiguousarray(piece.T), format="fltp", layout="mono")
        frame.sample_rate, frame.pts, frame.time_base = RATE, done, Fraction(1, RATE)
        out.mux(audio.encode(frame))
        done += len(piece)
    return done
