"""A film that was written, played in place, beside the film it was cut from; or one that could be written."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import suppress
from dataclasses import dataclass
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QHideEvent, QKeyEvent
from PyQt6.QtWidgets import QHBoxLayout, QSlider, QVBoxLayout, QWidget

from vamos.core.media.sound import Sound
from vamos.core.progress import Progress
from vamos.core.time import TimeMap
from vamos.core.time.counts import minutes_text
from vamos.errors import MediaError
from vamos.ui.parts.buttons import Button
from vamos.ui.parts.text import label
from vamos.ui.parts.theme import DAY
from vamos.ui.preview.mirror import Picture
from vamos.ui.preview.pictures import PictureWorker, Wanted, WantedFrame
from vamos.ui.preview.playback import Playback
from vamos.ui.work.runner import Runner
from vamos.wording import words_of

if TYPE_CHECKING:
    from vamos.core.pack.live_step import LiveStep

tr = words_of(__name__)

#: Steps of the slider a second.
_FINE = 100
_HEIGHT, _LIVE_HEIGHT = 190, 158


@dataclass(frozen=True, slots=True)
class Result:
    """A film: where it is, how long, and its source with a map from its seconds to the source's; ``alone``: without.

    ``live``: it is not written, its pictures and its sound are made as they are asked for.
    """

    path: Path | None
    seconds: float
    wrong: tuple[str, ...] = ()
    source: Path | None = None
    source_clock: TimeMap | None = None
    alone: bool = False
    live: LiveStep | None = None


class ResultPlayer(QWidget):
    """Shows a result with its sound, and the same moment of its source; Space plays, comma and full stop step."""

    def __init__(self, runner: Runner, result: Result):
        super().__init__()
        self._runner = runner
        self.result = result
        self.playback = Playback()
        self.playback.setParent(self)
        self.playback.ticked.connect(self._ticked)
        self.playback.state_changed.connect(self._state)
        self.playback.fault.connect(runner.fault)
        self.pictures = (Picture(DAY, tr("As students get it")), Picture(DAY, tr("As it was filmed")))
        self._workers: list[PictureWorker] = []
        self._asked: WantedFrame | None = None
        #: What has to end with the widget, which may go without a word.
        self.destroyed.connect(partial(_end, self._workers))
        self.play = Button(tr("Play"), self.toggle)
        self.where = label("", "")
        self.slider = QSlider(Qt.Orientation.Horizontal)
        self.slider.setAccessibleName(tr("Second of the film"))
        self.slider.sliderMoved.connect(lambda at: self.go_to(at / _FINE))
        self._columns = (QWidget(), QWidget())
        self._words = (label(tr("As students get it"), "soft"), label("", "soft", wrap=True))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("A film, played"))
        self._build()
        self.show_result(result)

    def _build(self) -> None:
        across, below, down = QHBoxLayout(), QHBoxLayout(), QVBoxLayout(self)
        for column_of, picture, words in zip(self._columns, self.pictures, self._words, strict=True):
            column = QVBoxLayout(column_of)
            column.setContentsMargins(0, 0, 0, 0)
            picture.setFixedHeight(_HEIGHT)
            column.addWidget(picture)
            column.addWidget(words)
            across.addWidget(column_of, 1)
        below.addWidget(self.play)
        below.addWidget(self.slider, 1)
        below.addWidget(self.where)
        down.setContentsMargins(0, 6, 0, 6)
        down.addLayout(across)
        down.addLayout(below)

    def show_result(self, result: Result) -> None:
        """Another film; a written one stands at its middle, a live one plays from its start."""
        if self._workers and result == self.result:
            return
        self.close_films()
        self.result, self._asked = result, None
        self._workers += [PictureWorker(), PictureWorker()]
        for worker, picture in zip(self._workers, self.pictures, strict=True):
            worker.ready.connect(picture.show_image)
            worker.refused.connect(picture.show_words)
            worker.fault.connect(self._runner.fault)
        self.playback.sound, self.playback.end_s = None, result.seconds
        self.slider.setRange(0, round(result.seconds * _FINE))
        name = result.source.name if result.source is not None else ""
        self._words[1].setText(
            tr("The same moment of {name}", name=name)
            if name
            else tr("Not beside a film: it is made of several, or its film is gone")
        )
        self._columns[1].setVisible(not result.alone)
        # Below the plan it fits the screen with its button, and needs no words to say what it is.
        self._words[0].setVisible(result.live is None)
        self.pictures[0].setFixedHeight(_HEIGHT if result.live is None else _LIVE_HEIGHT)
        self.pictures[1].setVisible(result.source is not None)
        self.playback.own_sound = (lambda: result.live) if result.live is not None else None
        if result.path is not None:
            self._runner.run_quietly(tr("Reading a film"), self._reader(result.path, result), self._read)
        # What was written is looked at where something is danced; what is to be played begins.
        self.go_to(result.seconds / 2 if result.live is None else 0.0)
        if result.live is not None:
            self.toggle()

    def _reader(self, path: Path, result: Result) -> Callable[[Progress], tuple[Result, Sound | None]]:
        def read(progress: Progress) -> tuple[Result, Sound | None]:
            from vamos.core.render.sound import read_song

            try:
                return result, read_song(path, progress)
            except MediaError:
                # Without a sound it is watched.
                return result, None

        return read

    def _read(self, found: tuple[Result, Sound | None]) -> None:
        if found[0] == self.result:
            self.playback.sound = found[1]

    def toggle(self) -> None:
        if self.playback.playing:
            self.playback.stop()
        else:
            at = self.playback.song_s
            self.playback.play(0.0 if at >= self.result.seconds - 0.05 else at)

    def go_to(self, at_s: float) -> None:
        """Stand at a second of the film."""
        self.playback.stop()
        self.playback.song_s = min(max(0.0, at_s), self.result.seconds)
        self._show()

    def step(self, frames: int) -> None:
        """So many frames on, by the rate most films have."""
        self.go_to(self.playback.song_s + frames / 30)

    def _ticked(self, _at_s: float) -> None:
        self._show()

    def _show(self) -> None:
        at, result = self.playback.song_s, self.result
        self.where.setText(
            tr("{minutes} of {minutes2}", minutes=minutes_text(at), minutes2=minutes_text(result.seconds))
        )
        if not self.slider.isSliderDown():
            self.slider.setValue(round(at * _FINE))
        if not self._workers:
            return
        if result.live is not None:
            wanted = WantedFrame(*result.live.at(at))
            # The clock ticks more often than there are frames.
            if wanted != self._asked:
                self._asked = wanted
                self._workers[0].ask(wanted)
        elif result.path is not None:
            self._workers[0].ask(Wanted(result.path, at, False, None))
        if result.source is not None and result.source_clock is not None:
            self._workers[1].ask(Wanted(result.source, float(result.source_clock(at)), False, None))

    def _state(self, playing: bool) -> None:
        self.play.setText(tr("Stop") if playing else tr("Play"))

    def uses_key(self, key: int) -> bool:
        return key in (Qt.Key.Key_Space, Qt.Key.Key_Comma, Qt.Key.Key_Period)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        key = event.key() if event is not None else None
        if key == Qt.Key.Key_Space:
            self.toggle()
        elif key in (Qt.Key.Key_Comma, Qt.Key.Key_Period):
            self.step(-1 if key == Qt.Key.Key_Comma else 1)
        else:
            super().keyPressEvent(event)

    def hideEvent(self, event: QHideEvent | None) -> None:
        self.playback.stop()
        super().hideEvent(event)

    def close_films(self) -> None:
        """Nothing is played or read any more."""
        self.playback.stop()
        for worker in self._workers:
            worker.close()
        self._workers.clear()


def _end(workers: list[PictureWorker]) -> None:
    for worker in workers:
        # When the application ends, it may be gone before.
        with suppress(RuntimeError):
            worker.close()
