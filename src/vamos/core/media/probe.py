"""What a media file holds, and clear words when it cannot be read."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path
from typing import TYPE_CHECKING

from vamos.errors import MediaError, MissingError
from vamos.wording import words_of

if TYPE_CHECKING:
    from av.audio.stream import AudioStream
    from av.container import InputContainer
    from av.video.stream import VideoStream

tr = words_of(__name__)

SONG_SUFFIXES = (".wav", ".flac", ".ogg", ".opus", ".mp3", ".m4a", ".aac")
TAKE_SUFFIXES = (".mp4", ".mov", ".mkv", ".webm", ".m4v")

#: Only files are read, and only recordings: a playlist in disguise could name other files, or the network.
_SAFE = {
    "protocol_whitelist": "file",
    "format_whitelist": "wav,w64,aiff,caf,au,flac,mp3,aac,ac3,amr,ogg,asf,avi,flv,mpeg,mpegts,mpegvideo,dv,"
    "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm",
}


@dataclass(frozen=True, slots=True)
class Probe:
    """What was found in a file. Sizes are as shown, after rotation; times in seconds."""

    duration_s: float
    has_picture: bool
    has_sound: bool
    width: int = 0
    height: int = 0
    codec: str = ""
    nominal_rate: float = 0.0
    sound_rate: int = 0
    channels: int = 0


@contextmanager
def opened(path: Path) -> Iterator[InputContainer]:
    """Open a media file for reading.

    Raises
    ------
    MissingError
        when there is no such file.
    MediaError
        when it is empty, of another type, cut off or unreadable.
    """
    import av

    if not path.exists():
        raise MissingError(tr("there is no such file."), file=path, todo=tr("Check the name."))
    if path.is_dir():
        raise MediaError(tr("this is a folder, not a file."), file=path, todo=tr("Choose a file in it."))
    if path.stat().st_size == 0:
        raise MediaError(tr("the file is empty (0 bytes)."), file=path, todo=tr("Copy it from the phone again."))
    try:
        # A wav says all about itself in its head; looking further costs more than decoding a song.
        options = _SAFE | ({"probesize": "262144"} if path.suffix.lower() == ".wav" else {})
        # A name with a colon would be taken for a protocol.
        container = av.open(str(path.absolute()), options=options)
    except PermissionError as error:
        raise MediaError(tr("you are not allowed to read it."), file=path) from error
    except (av.FFmpegError, ValueError, OSError) as error:
        raise _unreadable(path, error) from error
    try:
        yield container
    except (av.FFmpegError, UnicodeDecodeError) as error:
        raise _unreadable(path, error) from error
    finally:
        container.close()


def clock_zero(container: InputContainer) -> float:
    """The time stamp at which a file's clock reads 0, in seconds: that of its first stream.

    Players count from there; mp3 and transport streams do not start at 0.
    """
    import av

    return (container.start_time or 0) / av.time_base


def _unreadable(path: Path, error: Exception) -> MediaError:
    """Words for a file that no reader can open, by what its bytes look like."""
    with path.open("rb") as file:
        head = file.read(4096)
    safe = tr("The file was not changed.")
    if b"ftyp" in head[:64]:
        return MediaError(
            tr("the film is cut off: its index is missing, as when recording or copying was interrupted."),
            file=path,
            safe=safe,
            todo=tr("Copy it from the phone again."),
        )
    if head and b"\0" not in head:
        return MediaError(
            tr("this is a text file under a media name."),
            file=path,
            safe=safe,
            todo=tr("Choose the recording itself."),
        )
    detail = getattr(error, "strerror", None) or str(error)
    return MediaError(
        tr("it cannot be read as sound or picture ({detail}).", detail=detail),
        file=path,
        safe=safe,
        todo=tr("If it plays elsewhere, copy it again or save it as mp4 or wav."),
    )


def probe(path: Path) -> Probe:
    """What a media file holds; raises like :func:`opened`."""
    import av

    with opened(path) as container:
        video, audio = picture_of(container), sound_of(container)
        if not len(container.streams):
            raise _unreadable(path, ValueError("it holds no tracks"))
        if audio is None and container.streams.audio:
            raise _of_unknown_kind(path, tr("its sound cannot be decoded."))
        if video is None and any(not _is_cover(stream) for stream in container.streams.video):
            raise _of_unknown_kind(path, tr("its picture cannot be decoded."))
        if video is None and audio is None:
            raise MediaError(tr("there is neither sound nor picture in it."), file=path)
        duration = (container.duration or 0) / av.time_base
        if duration <= 0:
            duration = _measured_duration(container)
        width = height = 0
        rate = 0.0
        if video is not None:
            width, height = video.width, video.height
            rate = float(video.average_rate or 0)
            first = next(container.decode(video), None)
            if first is None:
                raise MediaError(tr("its picture cannot be decoded."), file=path)
            if first.rotation % 180:
                width, height = height, width
        return Probe(
            duration,
            video is not None,
            audio is not None,
            width,
            height,
            video.codec_context.name if video is not None else "",
            rate,
            audio.rate or 0 if audio is not None else 0,
            audio.channels if audio is not None else 0,
        )


def _of_unknown_kind(path: Path, what: str) -> MediaError:
    todo = tr("If it plays elsewhere, copy it again or save it as mp4 or wav.")
    return MediaError(what, file=path, safe=tr("The file was not changed."), todo=todo)


def picture_of(container: InputContainer) -> VideoStream | None:
    """The film in a file: the first whose kind is known; covers of songs are no films."""
    # A stream of an unknown kind has no codec at all, whatever its type says.
    known = (stream for stream in container.streams.video if stream.codec_context is not None)
    return next((stream for stream in known if not _is_cover(stream)), None)


def sound_of(container: InputContainer) -> AudioStream | None:
    """The sound in a file: the first whose kind is known; beside it phones write kinds of their own."""
    return next((stream for stream in container.streams.audio if stream.codec_context is not None), None)


def _is_cover(stream: object) -> bool:
    """Cover pictures of songs are streams too, but not films."""
    import av.stream

    disposition = getattr(stream, "disposition", 0)
    return bool(disposition & av.stream.Disposition.attached_pic)


def _measured_duration(container: InputContainer) -> float:
    """The end of the last packet, for files that do not say how long they are."""
    end = 0.0
    for packet in container.demux():
        if packet.pts is not None and packet.time_base is not None:
            end = max(end, float((packet.pts + (packet.duration or 0)) * packet.time_base))
    container.seek(0)
    return end


def view_words(name: str) -> tuple[str, ...]:
    """The words of a file name, for guesses about what it shows."""
    return tuple("".join(c if c.isalpha() else " " for c in name.lower()).split())
