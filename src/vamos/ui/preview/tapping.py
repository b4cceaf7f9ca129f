"""Tapping along: taps are gathered, and used when the hand rests."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from vamos.core.grid.tap import FEWEST
from vamos.ui.preview.playback import Playback
from vamos.wording import words_of

tr = words_of(__name__)

#: After so long without a tap, the taps are used.
REST_MS = 2500


class Tapping(QObject):
    """Seconds of the taps so far, by the clock of what is played; ``start`` plays it, ``use`` gets the taps."""

    said = pyqtSignal(str)

    def __init__(
        self,
        parent: QObject,
        playback: Playback,
        start: Callable[[], object],
        use: Callable[[list[float]], object],
        what: str,
    ):
        super().__init__(parent)
        self._playback, self._start, self._use, self._what = playback, start, use, what
        self.taps: list[float] = []
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(REST_MS)
        self._rest.timeout.connect(self.finish)

    def tap(self) -> None:
        """One tap; the first one only starts to play."""
        if not self._playback.playing:
            self._start()
            self.said.emit(
                tr("Tap T on each count while {what} plays. Stop tapping when you have enough.", what=self._what)
            )
            return
        self.taps.append(self._playback.now())
        few = "" if len(self.taps) >= FEWEST else tr(", at least {fewest} are needed", fewest=FEWEST)
        self.said.emit(tr("{number} taps{few}.", number=len(self.taps), few=few))
        self._rest.start()

    def forget(self) -> None:
        """Another document, or the window is going."""
        self._rest.stop()
        self.taps = []

    def finish(self) -> None:
        """Use the taps, if there are enough."""
        self._rest.stop()
        taps, self.taps = self.taps, []
        self._playback.stop()
        if len(taps) < FEWEST:
            self.said.emit(
                tr(
                    "{number} taps are too few; at least {fewest} are needed. Nothing was changed.",
                    number=len(taps),
                    fewest=FEWEST,
                )
            )
            return
        self._use(taps)
