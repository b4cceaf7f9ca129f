"""Tapping along while the song plays: taps are gathered, and used when the hand rests."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, QTimer

from vamos.core.grid.tap import FEWEST

if TYPE_CHECKING:
    from vamos.ui.window import Window

#: After so long without a tap, the taps are used.
REST_MS = 2500


class Tapping(QObject):
    """Song seconds of the taps so far."""

    def __init__(self, window: Window):
        super().__init__()
        self._window = window
        self.taps: list[float] = []
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(REST_MS)
        self._rest.timeout.connect(self.finish)

    def tap(self) -> None:
        """One tap. Starts the song when it does not play."""
        playback = self._window.watching.playback
        if self._window.session.project.song is None:
            return
        if not playback.playing:
            self._window.watching.toggle()
            self._window.tell("Tap T on each count while it plays. Stop tapping when the beat holds.")
            return
        self.taps.append(playback.now())
        self._window.tell(
            f"{len(self.taps)} taps" + ("" if len(self.taps) >= FEWEST else f", at least {FEWEST} are needed")
        )
        self._rest.start()

    def close(self) -> None:
        """Forget the taps; the window is going."""
        self._rest.stop()
        self.taps = []

    def finish(self) -> None:
        """Use the taps, if there are enough."""
        self._rest.stop()
        taps, self.taps = self.taps, []
        self._window.watching.playback.stop()
        if len(taps) < FEWEST:
            self._window.tell(f"{len(taps)} taps are too few; at least {FEWEST} make a beat. Nothing was changed.")
            return
        self._window.hands.use_taps(taps)
