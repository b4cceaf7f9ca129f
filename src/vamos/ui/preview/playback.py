"""Playing: a clock in song seconds, with sound where there is a sound card.

Without a card the system's steady clock drives the picture; the interface is the same. Sound is made on a
thread of its own and joins where the clock stands by then, so that the window never waits for it. From then on the
clock follows what the card has played, so that the picture stays with it however long it plays.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Callable
from fractions import Fraction
from typing import Any

from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from vamos.core.media.sound import Sound
from vamos.faults import printed
from vamos.ui.preview.sound_feed import ClickPlan, Feed, SongSource, Source, pieces

TICK_MS = 16
#: Each tick takes this share of what the clock is ahead of the card. A card that is farther off, or played nothing for
#: so many seconds, waits for something: the picture goes on without it.
_FOLLOW, _OFF_S, _WAITS_S = 0.06, 0.7, 0.4
SPEEDS = tuple(Fraction(percent, 100) for percent in (100, 75, 60, 50, 25, 125))


class Playback(QObject):
    """Moves a song second forward; ``ticked`` tells it about sixty times a second."""

    ticked = pyqtSignal(float)
    state_changed = pyqtSignal(bool)
    fault = pyqtSignal(str)
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
        #: Makes the sound of a clip, which is heard instead of the song; needs nothing of the window.
        self.own_sound: Callable[[], Source | None] | None = None
        self._from = (0.0, 0.0)
        self._timer = QTimer(self)
        self._timer.setInterval(TICK_MS)
        self._timer.timeout.connect(self._tick)
        self._sink: Any = None
        self._feed: Feed | None = None
        #: When the sound would have begun by the clock, and the seconds of it that were left out.
        self._began = 0.0
        self._left_out_s, self._rate = 0.0, 48000
        #: What the card had played when that last changed, and when.
        self._played = (0.0, 0.0)
        self._number = 0
        self._made.connect(self._sound_made)

    @property
    def playing(self) -> bool:
        return self._timer.isActive()

    def play(self, song_s: float) -> None:
        self.song_s = song_s
        self._from = (time.perf_counter(), song_s)
        self._began = self._from[0]
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

    def _follow(self) -> None:
        """Bring the clock nearer to what the card has played."""
        if self._sink is None:
            return
        played_s = self._sink.processedUSecs() / 1e6
        if self._feed is not None:
            played_s -= self._feed.filled / (4 * self._rate)
        now = time.perf_counter()
        if played_s != self._played[0]:
            self._played = (played_s, now)
        ahead = now - self._began - self._left_out_s - played_s
        if played_s <= 0 or now - self._played[1] >= _WAITS_S:
            return
        if ahead > _OFF_S and self._feed is not None:
            # The card woke up late: its sound goes on where the picture is by now.
            self._feed.leave_out(round(ahead * self._rate), 2)
            self._left_out_s += ahead
        elif abs(ahead) < _OFF_S:
            step = _FOLLOW * ahead
            self._began += step
            self._from = (self._from[0] + step, self._from[1])

    def _tick(self) -> None:
        self._follow()
        self.song_s = self.now()
        if self.loop is not None and self.song_s >= self.loop[1]:
            if self.once:
                self.stop()
                return
            over = (self.song_s - self.loop[1]) % max(0.05, self.loop[1] - self.loop[0])
            # 8 into 1: the clock goes back; the sound goes round by itself.
            self.song_s = self.loop[0] + over
            self._from = (time.perf_counter(), self.song_s)
        elif self.song_s >= self.end_s:
            self.stop()
        self.ticked.emit(self.song_s)

    # --- sound ---------------------------------------------------------------------------

    def maker(self) -> Callable[[], tuple[Source, Feed] | None]:
        """What makes the sound from the playhead on; needs nothing of the window."""
        song_s, speed, sound, clicks, own = self.song_s, self.speed, self.sound, self.clicks, self.own_sound
        loop = None if self.once else self.loop
        until = self.loop[1] if self.loop is not None else self.end_s

        def make() -> tuple[Source, Feed] | None:
            source: Source | None = own() if own is not None else None
            if own is None and sound is not None:
                source = SongSource(sound, speed, clicks)
            if source is None:
                return None
            feed = Feed(pieces(source, song_s, until, loop))
            return (source, feed) if feed.first(30.0) else None

        return make

    def _start_sound(self) -> None:
        """Have the sound made from the playhead on, if there is a card and something to hear."""
        self._stop_sound()
        if self.sound is None and self.own_sound is None:
            return
        from PyQt6.QtMultimedia import QMediaDevices

        if QMediaDevices.defaultAudioOutput().isNull():
            return
        number, make = self._number, self.maker()

        def run() -> None:
            try:
                self._made.emit(number, make())
            except Exception as error:
                self.fault.emit(printed("making the sound", error))

        threading.Thread(target=run, name="sound", daemon=True).start()

    def _sound_made(self, number: int, made: tuple[Source, Feed] | None) -> None:
        """Begin to be heard where the clock stands by now."""
        if made is None:
            return
        source, feed = made
        if number != self._number or not self.playing:
            feed.close()
            return
        from PyQt6.QtCore import QIODevice
        from PyQt6.QtMultimedia import QAudio, QAudioFormat, QAudioSink, QMediaDevices

        form = QAudioFormat()
        form.setSampleRate(source.rate)
        form.setChannelCount(2)
        form.setSampleFormat(QAudioFormat.SampleFormat.Int16)
        self._left_out_s, self._rate = time.perf_counter() - self._began, source.rate
        feed.leave_out(round(self._left_out_s * source.rate), 2)
        feed.open(QIODevice.OpenModeFlag.ReadOnly)
        sink = QAudioSink(QMediaDevices.defaultAudioOutput(), form)
        sink.start(feed)
        if sink.error() == QAudio.Error.NoError:
            self._sink, self._feed = sink, feed
        else:
            feed.close()

    def _stop_sound(self) -> None:
        self._number += 1
        if self._sink is not None:
            self._sink.stop()
            self._sink = None
        if self._feed is not None:
            self._feed.close()
            self._feed = None
