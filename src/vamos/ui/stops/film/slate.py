"""The slate: a take's picture and sound under each other, to match a clap, a step or a count by eye.

What is in the middle of the wave is what the picture shows. A click on the wave goes there; a count said
aloud is dragged by its mark; T taps counts along while the take plays.
"""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import numpy as np
import numpy.typing as npt
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from vamos.core.align.counted import counts_from_taps
from vamos.core.dance.lines import Line
from vamos.core.edit import counted
from vamos.core.media.peaks import PER_SECOND, Peaks
from vamos.core.media.sound import Sound
from vamos.core.model.take import PassKind, Take, counts_to_take
from vamos.core.progress import Progress
from vamos.core.time import TimeMap, count_text
from vamos.errors import MediaError, VamosError
from vamos.ui.desk import Desk
from vamos.ui.frame.center import CenterView
from vamos.ui.page.model import line_label
from vamos.ui.parts.buttons import Button
from vamos.ui.parts.fields import Choice
from vamos.ui.parts.text import label
from vamos.ui.parts.theme import DAY, Theme
from vamos.ui.preview.media import read_peaks_and_sound
from vamos.ui.preview.mirror import Picture
from vamos.ui.preview.pictures import PictureWorker, Wanted
from vamos.ui.preview.playback import Playback
from vamos.ui.preview.tapping import Tapping
from vamos.ui.stops.film.slate_wave import REACH_S, SlateWave
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.wording import words_of

tr = words_of(__name__)

#: A sudden sound rises by so much of the loudest within three hundredths of a second.
_SUDDEN = 0.35


class Slate(CenterView):
    """Shows one take at one second of it; ``open_at`` begins."""

    take_s = OfDocument(float)
    take_id = OfDocument(str)
    peaks = OfDocument[Peaks | None](lambda: None)
    _path = OfDocument[Path | None](lambda: None)
    #: The film whose sound was read: another one may come under the same take.
    _film = OfDocument(str)

    def __init__(self, desk: Desk):
        super().__init__()
        self._desk = desk
        self.playback = Playback()
        self.playback.ticked.connect(self._show)
        self.playback.state_changed.connect(self._say)
        self.pictures = PictureWorker()
        self.picture = Picture(DAY, tr("Picture of the take"))
        self.pictures.ready.connect(self.picture.show_image)
        self.pictures.refused.connect(self.picture.show_words)
        self.pictures.stepped.connect(self._stepped)
        self.wave = SlateWave(DAY)
        self.wave.chosen.connect(self.go_to)
        self.wave.count_moved.connect(self._count_moved)
        self.tapping = Tapping(self, self.playback, self.toggle, self._use_taps, tr("the take"))
        self.tapping.said.connect(desk.tell)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("A take and its sound, to be matched by eye"))
        self._build()

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    def _build(self) -> None:
        self.takes = Choice([], "", tr("Take to match"), self._choose, own=True)
        self.where = label("", "head")
        self.say = label("", "soft", wrap=True)
        self.play = Button(tr("Play"), self.toggle)
        top = _row(self.takes, self.where, None, Button(tr("Back to the page"), self._desk.show_page))
        steps = _row(
            self.play,
            Button(tr("Previous sound"), lambda: self.next_sound(-1)),
            Button(tr("Frame before"), lambda: self.step(-1)),
            Button(tr("Frame after"), lambda: self.step(1)),
            Button(tr("Next sound"), lambda: self.next_sound(1)),
            None,
        )
        down = QVBoxLayout(self)
        down.setContentsMargins(18, 12, 18, 12)
        down.setSpacing(8)
        for widget, stretch in ((top, 0), (self.picture, 1), (self.wave, 0), (steps, 0), (self.say, 0)):
            down.addWidget(widget, stretch)

    # --- what is shown -------------------------------------------------------------------

    def open_at(self, take_id: str, take_s: float) -> bool:
        """Put a take on the slate, its sound read in the background; False when its file is not there."""
        self.playback.stop()
        take = self._desk.project.take(take_id)
        try:
            self._path = self._desk.preview.watched.path_of(take.media)
        except VamosError as error:
            self._desk.tell(str(error))
            return False
        fresh = take.media.fingerprint != self._film
        self.take_id, self._film = take_id, take.media.fingerprint
        self.scope.at_end(self, self.forget)
        self.takes.set_value([t.name for t in self._desk.project.takes], take.name)
        self.playback.end_s = take.media.duration_s
        if fresh:
            self.peaks, self.playback.sound = None, None
            self._read_sound(take, self._path)
        self.go_to(take_s)
        return True

    def _choose(self, name: str) -> None:
        take = next((t for t in self._desk.project.takes if t.name == name), None)
        if take is not None:
            self.open_at(take.id, 0.0)

    def _read_sound(self, take: Take, path: Path) -> None:
        def load(progress: Progress) -> tuple[Peaks, Sound | None] | None:
            try:
                return read_peaks_and_sound(path, take.media, progress)
            except MediaError:
                # A film without sound is matched by its picture alone.
                return None

        self._desk.runner.run_quietly(
            tr("Reading the take"), load, lambda found: self._sound_read(take.media.fingerprint, found)
        )

    def _sound_read(self, film: str, found: tuple[Peaks, Sound | None] | None) -> None:
        if film == self._film and found is not None:
            self.peaks, self.playback.sound = found
            self._show(self.take_s)

    def take(self) -> Take | None:
        return next((t for t in self._desk.project.takes if t.id == self.take_id), None)

    def refresh(self) -> None:
        if self.take() is None:
            self._desk.show_page()
        else:
            self._show(self.take_s)

    def leave(self) -> None:
        self.playback.stop()

    def forget(self) -> None:
        """Another document comes."""
        self.tapping.forget()
        self.playback.stop()
        self.playback.sound = None
        self.picture.show_words("")
        self.wave.show_moment(0.0, None, [])

    def moment(self) -> tuple[Take, float] | None:
        """The take on show and its second."""
        take = self.take()
        return (take, self.take_s) if take is not None else None

    def go_to(self, take_s: float) -> None:
        take = self.take()
        if take is not None:
            self.playback.stop()
            self._show(min(max(0.0, take_s), take.media.duration_s))

    def _show(self, take_s: float) -> None:
        if self.take() is None or self._path is None:
            return
        self.take_s = take_s
        self._draw()
        self.pictures.ask(Wanted(self._path, take_s, False, None))
        if not self.playback.playing:
            self._desk.stale.emit()

    def _stepped(self, take_s: float) -> None:
        self.take_s = take_s
        self._draw()

    def _draw(self) -> None:
        take = self.take()
        if take is None:
            return
        self.where.setText(
            tr("{take_s:.3f} s of {duration_s:.1f}", take_s=self.take_s, duration_s=take.media.duration_s)
        )
        self.wave.show_moment(self.take_s, self.peaks, self._marks(take))
        self._say()

    def _marks(self, take: Take) -> list[tuple[float, str, int]]:
        """Counts that fall into what is seen: take second, words, index of a count said aloud (else −1)."""
        grid = self._desk.project.grid
        marks: list[tuple[float, str, int]] = []
        for the_pass in take.passes:
            low = max(self.take_s - REACH_S, the_pass.take_range.start_s)
            high = min(self.take_s + REACH_S, the_pass.take_range.end_s)
            if grid is None or high <= low:
                continue
            where: TimeMap = counts_to_take(the_pass, grid)
            back = where.inverse()
            for k in range(int(np.ceil(back(low) - 1e-6)), int(np.floor(back(high) + 1e-6)) + 1):
                index = -1
                if the_pass.kind is PassKind.COUNTED:
                    index = next((n for n, y in enumerate(the_pass.clock.y) if abs(y - k) < 0.01), -1)
                marks.append((where(Fraction(k)), self._count_words(Fraction(k)), index))
        return marks

    def _count_words(self, position: Fraction) -> str:
        line = self._desk.preview.watched.line_at(position)
        return count_text(position - line.start + line.first) if line is not None else "·"

    def match_words(self) -> str:
        """What the main button says."""
        line = self._desk.line()
        return (
            tr("This is {place}", place=place_words(line, self._desk.position))
            if line is not None
            else tr("This moment is this count")
        )

    def _say(self, *_: object) -> None:
        self.play.show_as(tr("Stop") if self.playback.playing else tr("Play"), self.toggle)
        words = tr(
            "Go to a clap or a step with comma and full stop, stand on its count with 1 to 8 and "
            "the arrows, and press Return."
        )
        take = self.take()
        number = counted.pass_at(take, self.take_s) if take is not None else None
        if take is not None and number is not None and take.passes[number].kind is PassKind.COUNTED:
            words += tr(" Drag a count to where it is said, or play and tap T on each count.")
        if self.peaks is None:
            words += tr(" No sound was read; the picture alone will do.")
        self.say.setText(words)

    # --- hands ---------------------------------------------------------------------------

    def toggle(self) -> bool:
        if self.playback.playing:
            self.playback.stop()
        else:
            self.playback.play(self.take_s)
        return True

    def step(self, frames: int) -> bool:
        """So many frames of the film on, as the camera wrote them."""
        self.playback.stop()
        if self._path is not None:
            self.pictures.ask(Wanted(self._path, self.take_s, False, None, frames))
        return True

    def next_sound(self, direction: int) -> None:
        """To the next sudden sound, or the one before."""
        at = sudden_sounds(self.peaks) if self.peaks is not None else np.zeros(0)
        later = at[at > self.take_s + 0.02] if direction > 0 else at[at < self.take_s - 0.02][::-1]
        if len(later):
            self.go_to(float(later[0]))
        else:
            self._desk.tell(tr("There is no sudden sound further on. Comma and full stop go by frames."))

    def this_is_it(self) -> None:
        """The moment in the middle is the count the page stands on."""
        take, at, position, line = self.take(), self.take_s, self._desk.position, self._desk.line()
        if take is None:
            return
        where = place_words(line, position) if line is not None else tr("this count")
        self._desk.do(
            tr("Match by eye"),
            lambda p: counted.this_moment_is(p, take.id, at, position),
            tr("{name}: {at:.2f} s is {where} now", name=take.name, at=at, where=where),
        )

    def _count_moved(self, index: int, take_s: float) -> None:
        take = self.take()
        number = counted.pass_at(take, take_s) if take is not None else None
        if take is None or number is None:
            self._desk.tell(tr("No pass counted aloud lies there. Play the take and tap T on each count to make one."))
            return
        self._desk.do(tr("Move a count"), lambda p: counted.move_count(p, take.id, number, index, take_s))

    def tap(self) -> None:
        self.tapping.tap()

    def _use_taps(self, taps: list[float]) -> None:
        """Make counts of the taps."""
        take, path, position = self.take(), self._path, self._desk.position
        if take is None or path is None:
            return
        length = take.media.duration_s

        def done(times: npt.NDArray[np.float64]) -> None:
            self._desk.do(tr("Tap the counts"), lambda p: counted.set_counts(p, take.id, times, position))

        self._desk.run(tr("Counting"), lambda progress: counts_from_taps(path, np.array(taps), progress, length), done)

    def set_theme(self, theme: Theme) -> None:
        self.picture.set_theme(theme)
        self.wave.theme = theme
        self.wave.update()

    def shut_down(self) -> None:
        self.tapping.forget()
        self.playback.stop()
        self.pictures.close()


def place_words(line: Line, position: Fraction) -> str:
    """A count of the page in words."""
    count = count_text(position - line.start + line.first)
    title = f", {line.title}" if line.title else ""
    return tr("{count} of line {line}{title}", count=count, line=line_label(line), title=title)


def sudden_sounds(peaks: Peaks) -> npt.NDArray[np.float64]:
    """Seconds at which a clap, a step or a word begins, ``(sounds,)``."""
    level = np.sqrt(peaks.bands[:, 1:].max(axis=1)) if len(peaks.bands) else np.zeros(0)
    rise = np.zeros_like(level)
    rise[3:] = level[3:] - level[:-3]
    found: list[int] = []
    for k in np.flatnonzero(rise > _SUDDEN):
        if not found or k - found[-1] > 0.12 * PER_SECOND:
            found.append(int(k))
    return np.array(found) / PER_SECOND


def _row(*widgets: QWidget | None) -> QWidget:
    """Widgets in a row; None takes the space that is left."""
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    line.setSpacing(8)
    for widget in widgets:
        if widget is None:
            line.addStretch(1)
        else:
            line.addWidget(widget)
    return row
