"""Sound as ``(frames, channels)`` float32 arrays, always from second 0 of the file's clock.

Time stamps decide where samples go: sound that starts late is preceded by silence, encoder
priming is dropped, a gap in the recording stays a gap, from 12 ms on.
"""

from __future__ import annotations

import io
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
import numpy.typing as npt

from vamos.core.media.probe import clock_zero, opened, sound_of
from vamos.core.progress import Progress, quiet
from vamos.errors import MediaError, write_error
from vamos.wording import words_of

if TYPE_CHECKING:
    from av.audio.frame import AudioFrame
    from av.audio.resampler import AudioResampler

tr = words_of(__name__)

Samples = npt.NDArray[np.float32]

#: A time stamp this far from where the sound before it ended tells of a gap: less than the shortest packet of a
#: phone's recording (20 ms), more than stamps in whole milliseconds are off by.
_GAP_S = 0.012
#: Pieces are about so many frames long.
_BLOCK = 1 << 15


@dataclass(frozen=True, slots=True)
class Sound:
    """Samples ``(frames, channels)`` float32 at ``rate`` frames a second."""

    samples: Samples
    rate: int

    @property
    def duration_s(self) -> float:
        return len(self.samples) / self.rate

    def mono(self) -> Samples:
        """The mean of the channels, ``(frames,)``."""
        return np.asarray(self.samples.mean(axis=1), dtype=np.float32)


def blocks(path: Path, rate: int, channels: int = 1, start_s: float = 0.0) -> Iterator[tuple[int, Samples]]:
    """The sound of a file in pieces ``(first frame, samples)``, resampled, in order, from about a second on.

    Raises
    ------
    MissingError, MediaError
        MediaError also when there is no sound in the file.
    """
    # Frames are short; what is done with each of them would take longer than decoding it.
    held: list[Samples] = []
    begins = size = 0
    for at, samples in _frames(path, rate, channels, start_s):
        if held and (at != begins + size or size >= _BLOCK):
            yield begins, _finite(np.concatenate(held))
            held, size = [], 0
        begins = begins if held else at
        held.append(samples)
        size += len(samples)
    if held:
        yield begins, _finite(np.concatenate(held))


def _frames(path: Path, rate: int, channels: int, start_s: float) -> Iterator[tuple[int, Samples]]:
    """The same, frame by frame as they are decoded."""
    import av

    with opened(path) as container:
        stream = sound_of(container)
        if stream is None:
            raise MediaError(
                tr("there is no sound in this file."),
                file=path,
                todo=tr("Place it by hand, or choose the recording with sound."),
            )
        resampled = _Resampled(rate, channels)
        zero = clock_zero(container)
        if start_s > 1 and stream.time_base is not None:
            container.seek(int((start_s - 1 + zero) / stream.time_base), stream=stream)
        at: int | None = None
        good = 0
        for packet in container.demux(stream):
            try:
                frames = packet.decode()
            except av.error.InvalidDataError:
                continue
            for frame in frames:
                good += 1
                start = at
                if frame.pts is not None and frame.time_base is not None:
                    base = frame.time_base
                    said = round((frame.pts * base.numerator / base.denominator - zero) * rate)
                    # Small differences are rounding; more is sound that was lost, and keeps its place.
                    if start is None or abs(said - start) > _GAP_S * rate:
                        start = said
                at = start or 0
                for samples in resampled.of(frame):
                    yield at, samples
                    at += len(samples)
        if not good:
            raise MediaError(tr("its sound cannot be decoded."), file=path, safe=tr("The file was not changed."))
        for samples in resampled.rest():
            yield at or 0, samples
            at = (at or 0) + len(samples)


class _Resampled:
    """Frames as samples at a rate; where files were joined, the kind of sound may change in the middle."""

    def __init__(self, rate: int, channels: int):
        self._rate, self._channels = rate, channels
        self._kind: tuple[object, ...] = ()
        self._resampler: AudioResampler | None = None

    def of(self, frame: AudioFrame) -> Iterator[Samples]:
        from av.audio.resampler import AudioResampler

        kind = (frame.sample_rate, frame.layout.name, frame.format.name)
        layout = "mono" if self._channels == 1 else "stereo"
        if kind[:2] == (self._rate, layout) and kind[2] in ("flt", "fltp"):
            # As it is wanted already.
            if kind != self._kind:
                yield from self.rest()
                self._resampler, self._kind = None, kind
            plain = np.asarray(frame.to_ndarray(), dtype=np.float32)
            yield plain.T if kind[2] == "fltp" else plain.reshape(-1, self._channels)
            return
        if kind != self._kind:
            yield from self.rest()
            self._resampler = AudioResampler(format="flt", layout=layout, rate=self._rate)
            self._kind = kind
        assert self._resampler is not None
        yield from map(self._samples, self._resampler.resample(frame))

    def rest(self) -> Iterator[Samples]:
        """What the filter still holds."""
        if self._resampler is not None:
            yield from map(self._samples, self._resampler.resample(None))

    def _samples(self, piece: AudioFrame) -> Samples:
        return np.asarray(piece.to_ndarray(), dtype=np.float32).reshape(-1, self._channels)


def _finite(samples: Samples) -> Samples:
    """Float files may hold NaN or infinite samples; they are silence here."""
    if np.isfinite(samples).all():
        return samples
    return np.nan_to_num(samples, nan=0.0, posinf=0.0, neginf=0.0)


def read_sound(
    path: Path, rate: int, channels: int = 1, progress: Progress | None = None, expected_s: float = 0.0
) -> Sound:
    """The whole sound of a file; raises like :func:`blocks`.

    Parameters
    ----------
    rate : int
        Frames a second wanted.
    channels : int
        1 or 2.
    expected_s : float
        The file's duration, for the progress report.
    """
    progress = progress or quiet()
    pieces: list[tuple[int, Samples]] = []
    end = 0
    for number, (first, samples) in enumerate(blocks(path, rate, channels)):
        pieces.append((first, samples))
        end = max(end, first + len(samples))
        if number % 4 == 0:
            progress(end / rate / expected_s if expected_s > 0 else 0.0, tr("Reading {name}", name=path.name))
    out = np.zeros((end, channels), dtype=np.float32)
    for first, samples in pieces:
        if first + len(samples) <= 0:
            continue
        skip = max(0, -first)
        out[first + skip : first + len(samples)] = samples[skip:]
    return Sound(out, rate)


def read_stretch(path: Path, rate: int, channels: int, start_s: float, end_s: float) -> Sound:
    """The sound between two seconds of a file; sample 0 is at ``start_s``; raises like :func:`blocks`."""
    first, last = round(start_s * rate), round(end_s * rate)
    out = np.zeros((max(0, last - first), channels), dtype=np.float32)
    for at, samples in blocks(path, rate, channels, start_s):
        if at >= last:
            break
        a, b = max(at, first), min(at + len(samples), last)
        if b > a:
            out[a - first : b - first] = samples[a - at : b - at]
    return Sound(out, rate)


def write_wav(path: Path, sound: Sound) -> None:
    """Write 16-bit PCM; raises :class:`WriteError`."""
    try:
        path.write_bytes(wav_bytes(sound))
    except OSError as error:
        path.unlink(missing_ok=True)
        raise write_error(error, path) from error


def wav_bytes(sound: Sound) -> bytes:
    """A sound as a WAV file of 16-bit PCM."""
    import wave

    data, out = (np.clip(sound.samples, -1, 1) * 32767).round().astype("<i2"), io.BytesIO()
    with wave.open(out, "wb") as file:
        file.setnchannels(data.shape[1])
        file.setsampwidth(2)
        file.setframerate(sound.rate)
        file.writeframes(data.tobytes())
    return out.getvalue()
