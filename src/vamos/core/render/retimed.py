"""The pictures of a written clip under other times: its own H.264 packets, with a sound of its own.

A slowed clip shows the frames of the one at full speed, each for longer. Nothing is encoded again, so both are equal to
the bit, and no frame stands twice.
"""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

from vamos.core.render.encode import SoundTrack, open_mp4, set_chapters
from vamos.core.time import FrameRate
from vamos.errors import VamosError, write_error

if TYPE_CHECKING:
    from av.container import InputContainer, OutputContainer


def retimed(
    source: Path,
    source_rate: FrameRate,
    path: Path,
    rate: FrameRate,
    sound: bytes | None,
    chapters: tuple[tuple[float, float, str], ...] = (),
) -> None:
    """Write ``path`` with the pictures of ``source`` at another frame rate, and its coded sound or none.

    Raises WriteError when the file cannot be written; nothing half-written is left then.
    """
    import av

    try:
        with av.open(str(source)) as given, open_mp4(path) as out:
            set_chapters(out, chapters)
            _copy(given, source_rate, out, rate, sound)
    except VamosError:
        path.unlink(missing_ok=True)
        raise
    except OSError as error:
        path.unlink(missing_ok=True)
        raise write_error(error, path) from error
    except BaseException:
        path.unlink(missing_ok=True)
        raise


def _copy(
    given: InputContainer, source_rate: FrameRate, out: OutputContainer, rate: FrameRate, sound: bytes | None
) -> None:
    from av.bitstream import BitStreamFilterContext

    pictures = given.streams.video[0]
    video = out.add_stream_from_template(pictures)
    # The stream's own clock counts fields (ITU-T H.264, E.2.1).
    clock = BitStreamFilterContext(f"h264_metadata=tick_rate={2 * rate.per_second}", pictures, video)
    # The file's clock ticks in whole parts of a second: a frame of 2/45 s is two ticks of 1/45.
    tick, ticks = Fraction(1, rate.per_second.numerator), rate.per_second.denominator
    video.time_base = tick
    track = SoundTrack(out, sound) if sound is not None else None
    for packet in given.demux(pictures):
        if packet.pts is None or packet.dts is None:
            continue
        frame = 1 / source_rate.per_second / packet.time_base
        for part in clock.filter(packet):
            pts, dts = (round((t or 0) / frame) * ticks for t in (part.pts, part.dts))
            part.stream, part.time_base = video, tick
            part.pts, part.dts, part.duration = pts, dts, ticks
            out.mux(part)
            if track is not None:
                track.until(float(pts * tick))
    if track is not None:
        track.finish()
