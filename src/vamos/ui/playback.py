"""Playing: a clock in song seconds, with sound where there is a sound card.

Without a card the system's steady clock drives the picture; the interface is the same. Sound is made on a
thread of its own and joins where the clock stands by then, so that the window never waits for it.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction

import numpy as np
from PyQt6.QtCore import QBuffer, QByteArray, QIODevice, QObject, QTimer, pyqtSignal

from vamos.core.media.sound import Samples, Sound
from vamos.core.render.clicks import add_clicks
from vamos.core.render.sound import stretched
from vamos.core.time import TimeMap

TICK_MS = 16
SPEEDS = tuple(Fraction(percent, 100) for percent in (100, 75, 60, 50, 25, 125))
#: Sound is prepared this far ahead of the playhead at most; a loop is laid end to end for as long.
_LONGEST_S = 90.0
#: What a loop joins is faded over this, so that it does not click.
_JOIN_S = 0.004


@dataclass(frozen=True, slots=True)
class ClickPlan:
    """Counts to be clicked (with whether each is a 1) and where they lie in the song."""

    counts: tuple[tuple[Fraction, bool], ...]
    counts_to_song: TimeMap


def prepared(samples: Samples, rate: int, speed: Fraction, start_song_s: float, clicks: ClickPlan | None) -> Samples:
    """What is heard: the song from a second on, slowed with its pitch kept, clicks on top.

    Clicks are mixed in after slowing, so that they stay sharp and lie on the sample.
    """
    out = stretched(samples, rate, speed)
    if clicks is None:
        return out
    out = 0.7 * out
    to_out = clicks.counts_to_song.then(TimeMap.line(start_song_s, 0.0, 1 / float(speed)))
    add_clicks(out, rate, clicks.counts, to_out)
    return out


def looped(head: Samples, body: Samples, rate: int) -> Samples:
    """What is left of a round, then the loop laid end to end without a gap for up to ``_LONGEST_S``."""
    size = min(int(_JOIN_S * rate), len(body) // 4)
    joined, head = body.copy(), head.copy()
    if size:
        ramp = np.linspace(0, 1, size, dtype=np.float32)[:, None]
        joined[:size] *= ramp
        joined[-size:] *= ramp[::-1]
        head[-size:] *= ramp[::-1][-len(head) :]
    times = max(1, int(_LONGEST_S * rate / max(1, len(joined))))
    return np.concatenate([head, *[joined] * times])


class Playback(QObject):
    """Moves a song second forward; ``ticked`` tells it about sixty times a second."""

    ticked = pyqtSignal(float)
    state_changed = pyqtSignal(bool)
    _made = pyqtSignal(int, object)

    def __init__(self) -> None:
        super().__init__()
        self.song_s = 0.0
        self.speed = Fraction(1)
        self.loop: tuple[float, float] | None = None
        #: Stop at the end of ``loop`` instead of going round.
        self.once = False
        self.end_s = 0.0
        self.sound: Sound | None = None
        self.clicks: ClickPlan | None = None
        #: Sound of its own from ``own_start_s`` on, at the speed already, instead of the song.
        self.own_sound: Callable[[], tuple[Samples, int] | None] | None = None
        self.own_start_s = 0.0
        self._from = (0.0, 0.0)
        self._timer = QTimer(self)
        self._timer.setInterval(TICK_MS)
        self._timer.timeout.connect(self._tick)
        self._sink: object | None = None
        self._buffer: QBuffer | None = None
        self._number = 0
        self._laid_until = 0.0
        self._made.connect(self._sound_made)

    @property
    def playing(self) -> bool:
        return self._timer.isActive()

    def play(self, song_s: float) -> None:
        self.song_s = song_s
        self._from = (time.perf_counter(), song_s)
        self._start_sound()
        self._timer.start()
        self.state_changed.emit(True)

    def stop(self) -> None:
        if not self.playing:
            return
        self._timer.stop()
        self._stop_sound()
        self.state_changed.emit(False)

    def now(self) -> float:
        """The song second at this very moment."""
        started, base = self._from
        return base + (time.perf_counter() - started) * float(self.speed) if self.playing else self.song_s

    def _tick(self) -> None:
        self.song_s = self.now()
        if self.loop is not None and self.song_s >= self.loop[1]:
            over = (self.song_s - self.loop[1]) % max(0.05, self.loop[1] - self.loop[0])
            if self.once:
                self.stop()
                return
            self._go_round(self.loop[0] + over)
        elif self.song_s >= self.end_s:
            self.stop()
        self.ticked.emit(self.song_s)

    def _go_round(self, song_s: float) -> None:
        """8 into 1: the clock goes back; sound that is laid end to end just plays on."""
        if self._sink is None or time.perf_counter() > self._laid_until:
            self.play(song_s)
        else:
            self.song_s = song_s
            self._from = (time.perf_counter(), song_s)

    # --- sound ---------------------------------------------------------------------------

    def _start_sound(self) -> None:
        """Have the sound made from the playhead on, if there is a card and something to hear."""
        self._stop_sound()
        if self.sound is None and self.own_sound is None:
            return
        from PyQt6.QtMultimedia import QMediaDevices

        if QMediaDevices.defaultAudioOutput().isNull():
            return
        number, make = self._number, self.maker()
        threading.Thread(target=lambda: self._made.emit(number, make()), name="sound", daemon=True).start()

    def maker(self) -> Callable[[], tuple[Samples, int] | None]:
        """What makes the samples from the playhead on, and their rate; needs nothing of the window."""
        song_s, speed, sound, clicks, own, own_start = (
            self.song_s,
            self.speed,
            self.sound,
            self.clicks,
            self.own_sound,
            self.own_start_s,
        )
        loop = None if self.once else self.loop
        until = self.loop[1] if self.loop is not None else min(self.end_s, song_s + _LONGEST_S)

        def make() -> tuple[Samples, int] | None:
            if own is not None:
                found = own()
                if found is None:
                    return None
                samples, rate = found

                def part(a: float, b: float) -> Samples:
                    first, last = (max(0, round((t - own_start) / float(speed) * rate)) for t in (a, b))
                    return samples[first:last]

            elif sound is not None:
                rate = sound.rate

                def part(a: float, b: float) -> Samples:
                    return _part(sound, a, b, speed, clicks)

            else:
                return None
            head = part(song_s, until)
            return (looped(head, part(*loop), rate) if loop is not None else head), rate

        return make

    def _sound_made(self, number: int, made: tuple[Samples, int] | None) -> None:
        """Begin to be heard where the clock stands by now."""
        if made is None or number != self._number or not self.playing:
            return
        from PyQt6.QtMultimedia import QAudio, QAudioFormat, QAudioSink, QMediaDevices

        heard, rate = made
        heard = heard[round((time.perf_counter() - self._from[0]) * rate) :]
        if not len(heard):
            return
        pcm = (np.clip(heard, -1, 1) * 32767).astype("<i2")
        form = QAudioFormat()
        form.setSampleRate(rate)
        form.setChannelCount(pcm.shape[1])
        form.setSampleFormat(QAudioFormat.SampleFormat.Int16)
        self._buffer = QBuffer()
        self._buffer.setData(QByteArray(pcm.tobytes()))
        self._buffer.open(QIODevice.OpenModeFlag.ReadOnly)
        sink = QAudioSink(QMediaDevices.defaultAudioOutput(), form)
        sink.start(self._buffer)
        if sink.error() == QAudio.Error.NoError:
            self._sink = sink
            self._laid_until = time.perf_counter() + len(pcm) / rate - 1.0 if self.loop is not None else 0.0

    def _stop_sound(self) -> None:
        self._number += 1
        if self._sink is not None:
            self._sink.stop()
            self._sink = None
            self._buffer = None


def _part(sound: Sound, start_s: float, end_s: float, speed: Fraction, clicks: ClickPlan | None) -> Samples:
    """The song between two seconds at a speed, with its clicks."""
    first, last = (max(0, int(t * sound.rate)) for t in (start_s, end_s))
    return prepared(sound.samples[first:last], sound.rate, speed, max(0.0, start_s), clicks)
