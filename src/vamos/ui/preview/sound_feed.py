"""What is heard, made piece by piece while it is played: the song or a clip's own sound, once or round and round."""

from __future__ import annotations

import threading
from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from typing import Any, Protocol

import numpy as np
from PyQt6.QtCore import QCoreApplication, QIODevice

from vamos.core.media.sound import Samples, Sound
from vamos.core.render.clicks import Struck, add_clicks
from vamos.core.time import TimeMap

#: So much is made at a time, in seconds of what is heard.
PIECE_S = 20.0
#: What a loop joins is faded over this, so that it does not click.
_JOIN_S = 0.004
#: Pieces that were slowed apart from each other overlap by this.
_OVERLAP_S = 0.03
#: So many bytes of silence at a time.
_SILENCE = 8192


@dataclass(frozen=True, slots=True)
class ClickPlan:
    """Counts to be clicked (with whether each is a 1) and where they lie in the song."""

    counts: tuple[Struck, ...]
    counts_to_song: TimeMap


class Source(Protocol):
    """Gives the sound between two seconds of the song, at its speed."""

    @property
    def rate(self) -> int: ...

    @property
    def speed(self) -> Fraction: ...

    def part(self, start_s: float, end_s: float) -> Samples: ...


@dataclass(frozen=True)
class SongSource:
    """The song, slowed with its pitch kept, clicks on top; these stay sharp and lie on the sample."""

    sound: Sound
    speed: Fraction
    clicks: ClickPlan | None = None

    @property
    def rate(self) -> int:
        return self.sound.rate

    def part(self, start_s: float, end_s: float) -> Samples:
        from vamos.core.render.sound import stretched

        first, last = (max(0, int(t * self.rate)) for t in (start_s, end_s))
        out = stretched(self.sound.samples[first:last], self.rate, self.speed)
        if self.clicks is None:
            return out
        out = np.float32(0.7) * out
        to_out = self.clicks.counts_to_song.then(TimeMap.line(max(0.0, start_s), 0.0, 1 / float(self.speed)))
        inside = [(c, one) for c, one in self.clicks.counts if start_s <= self.clicks.counts_to_song(c) < end_s]
        add_clicks(out, self.rate, inside, to_out)
        return out


@dataclass(frozen=True)
class ClipSource:
    """A clip's own sound from ``start_s`` of the song on, at the speed already."""

    samples: Samples
    rate: int
    speed: Fraction
    start_s: float

    def part(self, start_s: float, end_s: float) -> Samples:
        first, last = (max(0, round((t - self.start_s) / float(self.speed) * self.rate)) for t in (start_s, end_s))
        return self.samples[first:last]


def pieces(source: Source, start_s: float, end_s: float, loop: tuple[float, float] | None = None) -> Iterator[Samples]:
    """What is heard from a second of the song on: to the end, or through the loop again and again."""
    if loop is None:
        yield from _to_the_end(source, start_s, end_s)
        return
    head = _faded(source.part(min(start_s, loop[1]), loop[1]), source.rate, begin=False)
    body = _faded(source.part(*loop), source.rate)
    if len(head):
        yield head
    while len(body):
        yield body


def _to_the_end(source: Source, start_s: float, end_s: float) -> Iterator[Samples]:
    """Pieces without a gap, each of the length that is due; those that were slowed are faded over into each other."""
    speed = float(source.speed)
    over = 0 if source.speed == 1 else round(_OVERLAP_S * source.rate)
    ramp = np.linspace(0, 1, over, dtype=np.float32)[:, None]
    at, tail = start_s, None
    while at < end_s:
        until = min(end_s, at + PIECE_S * speed)
        due = round((until - start_s) / speed * source.rate) - round((at - start_s) / speed * source.rate)
        made = source.part(at, min(end_s, until + over / source.rate * speed))
        if not len(made):
            return
        # The last sample of a stretch may be a few short of what is due.
        piece = made[:due] if len(made) >= due else np.pad(made, ((0, due - len(made)), (0, 0)))
        if tail is not None and len(tail) == over <= len(piece):
            piece = piece.copy()
            piece[:over] = tail * (1 - ramp) + piece[:over] * ramp
        tail = made[due : due + over] if over else None
        yield piece
        at = until


def _faded(samples: Samples, rate: int, begin: bool = True) -> Samples:
    size = min(int(_JOIN_S * rate), len(samples) // 4)
    out = samples.copy()
    if size:
        ramp = np.linspace(0, 1, size, dtype=np.float32)[:, None]
        if begin:
            out[:size] *= ramp
        out[-size:] *= ramp[::-1]
    return out


class Feed(QIODevice):
    """Hands 16-bit samples to the sound card as it asks for them; a thread keeps two pieces ahead.

    The first ``skip_s`` seconds are left out: the clock went on while they were made.
    """

    AHEAD = 2

    def __init__(self, made: Iterator[Samples]):
        super().__init__()
        # It is made on a thread of its own, without events; the sound card asks where the window lives.
        window = QCoreApplication.instance()
        if window is not None:
            self.moveToThread(window.thread())
        self._made = made
        self._ready: list[bytes] = []
        self._at = 0
        self._state = threading.Condition()
        self._over = False
        self.ended = False
        #: Bytes of silence handed out because nothing was ready.
        self.filled = 0
        self._thread = threading.Thread(target=self._run, name="sound", daemon=True)
        self._thread.start()

    def close(self) -> None:
        with self._state:
            self._over = True
            self._state.notify_all()
        super().close()

    def first(self, wait_s: float) -> bool:
        """Whether there is something to hear, after waiting for it."""
        with self._state:
            self._state.wait_for(lambda: self._ready or self.ended or self._over, wait_s)
            return bool(self._ready)

    def leave_out(self, frames: int, channels: int) -> None:
        """Leave out what should have been heard already."""
        with self._state:
            self._at += frames * channels * 2
            self._state.notify_all()

    def isSequential(self) -> bool:
        return True

    def bytesAvailable(self) -> int:
        with self._state:
            return sum(len(b) for b in self._ready) - self._at + super().bytesAvailable()

    def readData(self, most: int) -> bytes:
        with self._state:
            while self._ready and self._at >= len(self._ready[0]):
                self._at -= len(self._ready.pop(0))
            if not self._ready:
                self._state.notify_all()
                if self.ended:
                    return b""
                # A card that gets nothing stops asking; so it gets silence until there is more.
                silence = b"\0" * min(most, _SILENCE)
                self.filled += len(silence)
                return silence
            out = self._ready[0][self._at : self._at + most]
            self._at += len(out)
            if self._at >= len(self._ready[0]):
                self._at -= len(self._ready.pop(0))
            self._state.notify_all()
            return out

    def writeData(self, data: Any) -> int:
        return -1

    def _run(self) -> None:
        for samples in self._made:
            pcm = (np.clip(samples, -1, 1) * 32767).astype("<i2").tobytes()
            with self._state:
                self._state.wait_for(lambda: len(self._ready) < self.AHEAD or self._over)
                if self._over:
                    return
                self._ready.append(pcm)
                self._state.notify_all()
        with self._state:
            self.ended = True
            self._state.notify_all()
