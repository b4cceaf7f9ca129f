"""Playing: a clock in song seconds, with the song's sound where there is a sound card.

Without a card the system's steady clock drives the picture; the interface is the same.
"""

from __future__ import annotations

import time
from dataclasses import dataclass
from fractions import Fraction

import numpy as np
from PyQt6.QtCore import QBuffer, QByteArray, QIODevice, QObject, QTimer, pyqtSignal

from vamos.core.media.sound import Samples, Sound
from vamos.core.render.clicks import add_clicks
from vamos.core.render.sound import stretched
from vamos.core.time import TimeMap

TICK_MS = 16
SPEEDS = (Fraction(1), Fraction(3, 4), Fraction(1, 2))
#: Sound is prepared this far ahead of the playhead at most.
_LONGEST_S = 90.0


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


class Playback(QObject):
    """Moves a song second forward; ``ticked`` tells it about sixty times a second."""

    ticked = pyqtSignal(float)
    state_changed = pyqtSignal(bool)

    def __init__(self) -> None:
        super().__init__()
        self.song_s = 0.0
        self.speed = Fraction(1)
        self.loop: tuple[float, float] | None = None
        self.end_s = 0.0
        self.sound: Sound | None = None
        self.clicks: ClickPlan | None = None
        self._from = (0.0, 0.0)
        self._timer = QTimer(self)
        self._timer.setInterval(TICK_MS)
        self._timer.timeout.connect(self._tick)
        self._sink: object | None = None
        self._buffer: QBuffer | None = None

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

    def set_speed(self, speed: Fraction) -> None:
        """Change the speed; goes on from the same place."""
        self.speed = speed
        if self.playing:
            self.play(self.song_s)

    def now(self) -> float:
        """The song second at this very moment."""
        started, base = self._from
        return base + (time.perf_counter() - started) * float(self.speed) if self.playing else self.song_s

    def _tick(self) -> None:
        self.song_s = self.now()
        if self.loop is not None and self.song_s >= self.loop[1]:
            over = (self.song_s - self.loop[1]) % max(0.05, self.loop[1] - self.loop[0])
            self.play(self.loop[0] + over)
        elif self.song_s >= self.end_s:
            self.stop()
        self.ticked.emit(self.song_s)

    def _start_sound(self) -> None:
        """Begin the song at the playhead, if there is a card and the song is loaded."""
        self._stop_sound()
        if self.sound is None:
            return
        from PyQt6.QtMultimedia import QAudio, QAudioFormat, QAudioSink, QMediaDevices

        device = QMediaDevices.defaultAudioOutput()
        if device.isNull():
            return
        until = self.loop[1] if self.loop else self.end_s
        length = min(_LONGEST_S, until - self.song_s)
        first = int(self.song_s * self.sound.rate)
        samples = self.sound.samples[max(0, first) : first + int(length * self.sound.rate)]
        if not len(samples):
            return
        heard = prepared(samples, self.sound.rate, self.speed, max(0.0, self.song_s), self.clicks)
        pcm = (np.clip(heard, -1, 1) * 32767).astype("<i2")
        form = QAudioFormat()
        form.setSampleRate(self.sound.rate)
        form.setChannelCount(pcm.shape[1])
        form.setSampleFormat(QAudioFormat.SampleFormat.Int16)
        self._buffer = QBuffer()
        self._buffer.setData(QByteArray(pcm.tobytes()))
        self._buffer.open(QIODevice.OpenModeFlag.ReadOnly)
        self._sink = QAudioSink(device, form)
        self._sink.start(self._buffer)
        if self._sink.error() != QAudio.Error.NoError:
            self._sink = None

    def _stop_sound(self) -> None:
        if self._sink is not None:
            self._sink.stop()
            self._sink = None
            self._buffer = None
