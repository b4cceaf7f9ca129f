"""Small copies of large films, for watching only: the same moments in 640 pixels, kept in the cache.

What is written is always made from the film itself.
"""

from __future__ import annotations

import os
import tempfile
from fractions import Fraction
from pathlib import Path

import numpy as np

from vamos.core.disk.side_files import plain_file
from vamos.core.media import cache
from vamos.core.media.frames import FrameReader, matrix_of, shown_size, yuv_planes
from vamos.core.media.hdr import is_hdr
from vamos.core.media.probe import Probe, opened
from vamos.core.progress import Progress, quiet
from vamos.errors import MediaError, VamosError
from vamos.wording import words_of

tr = words_of(__name__)

SIDE = 640
#: Larger pictures than this (HEVC: half of it) are decoded too slowly to be watched as they are.
LARGE = 1_600_000
#: Longer films get none: making it would take longer than the evening.
LONGEST_S = 900.0
_CLOCK = Fraction(1, 90000)


def wanted(found: Probe) -> bool:
    """Whether a film is watched better through a small copy."""
    heavy = LARGE / 2 if found.codec in ("hevc", "av1", "vp9") else LARGE
    return found.has_picture and found.width * found.height > heavy and found.duration_s <= LONGEST_S


def ready(key: str) -> Path | None:
    """The small copy of the film with this fingerprint, if it is there."""
    path = _place(key)
    try:
        found = path.lstat()
        stamp = (str(path), found.st_size, found.st_mtime_ns)
        if stamp not in _sound:
            if not _is_copy_of(path, key):
                # Cut off, changed, or of another film: it is made again.
                path.unlink()
                return None
            _sound.add(stamp)
    except OSError:
        return None
    return path


#: Copies that were looked into: (path, size, time of change).
_sound: set[tuple[str, int, int]] = set()


def _is_copy_of(path: Path, key: str) -> bool:
    """Whether a file is a whole film that says it is the copy of the film with this fingerprint."""
    if not plain_file(path):
        return False
    try:
        with opened(path) as container:
            mine = container.metadata.get("comment") == _mark(key) and bool(container.streams.video)
            return mine and next(container.decode(video=0), None) is not None
    except VamosError:
        return False


def _mark(key: str) -> str:
    return f"vamos {key}"


def make(path: Path, key: str, duration_s: float, progress: Progress | None = None) -> Path:
    """Make the small copy; every frame keeps its time and stands upright.

    Raises MissingError or MediaError for the film, also when the cache cannot be written; Stopped when
    asked to. Nothing half-written stays.
    """
    import av

    progress = progress or quiet()
    there = ready(key)
    if there is not None:
        return there
    target = _place(key)
    name = None
    try:
        target.parent.mkdir(parents=True, exist_ok=True)
        fd, name = tempfile.mkstemp(dir=target.parent, suffix=".part.mp4")
        os.close(fd)
        with FrameReader(path) as reader, av.open(name, "w") as out:
            out.metadata["comment"] = _mark(key)
            _copy(reader, out, duration_s, progress)
        os.replace(name, target)
    except VamosError:
        raise
    except (OSError, av.FFmpegError) as error:
        raise MediaError(
            tr("no small copy for watching could be made of it."),
            file=path,
            safe=tr("The film itself is used."),
        ) from error
    finally:
        if name is not None:
            Path(name).unlink(missing_ok=True)
    cache.cut_back()
    return target


def _place(key: str) -> Path:
    return cache.place("proxies", key, ".mp4")


def _copy(reader: FrameReader, out, duration_s: float, progress: Progress) -> None:  # type: ignore[no-untyped-def]
    from av.video.frame import VideoFrame

    first = reader.nearest(0.0)
    shown_w, shown_h = shown_size(first)
    scale = min(1.0, SIDE / max(shown_w, shown_h))
    width, height = (max(2, round(x * scale / 2) * 2) for x in (shown_w, shown_h))
    stream = out.add_stream("libx264", rate=30)
    stream.width, stream.height, stream.pix_fmt = width, height, "yuv420p"
    context = stream.codec_context
    context.time_base, context.gop_size, context.thread_count = _CLOCK, 15, 1
    # A film that does not say is read by its size; the copy is smaller and has to say.
    said = first.colorspace != 2 and not is_hdr(first)
    context.colorspace = first.colorspace if said else {"709": 1, "601": 5}[matrix_of(first)]
    context.color_range = 1
    stream.options = {"preset": "ultrafast", "tune": "fastdecode", "crf": "23", "bf": "0"}
    last = -1
    for number, (frame, _) in enumerate(reader.with_ends(0.0)):
        at = reader.time_of(frame)
        if number % 15 == 0:
            progress(at / duration_s if duration_s else 0.0, tr("A small copy of {name}", name=reader.path.name))
        planes = [p.reshape(-1) for p in yuv_planes(frame, width, height)]
        small = VideoFrame.from_ndarray(np.concatenate(planes).reshape(height * 3 // 2, width), format="yuv420p")
        stamp = round(at / _CLOCK)
        # A film that begins late keeps its clock: its first frame also stands at 0.
        for pts in [0, stamp] if number == 0 and stamp > 90 else [stamp]:
            if pts > last:
                small.pts, small.time_base, small.pict_type = pts, _CLOCK, 0
                out.mux(stream.encode(small))
                last = pts
    out.mux(stream.encode(None))
