"""The slate: a take's picture and sound under each other, to match a clap, a step or a count by eye.

What is in the middle of the wave is what the picture shows. A click on the wave goes there; a count said
aloud is dragged by its mark; T taps counts along while the take plays.
"""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from vamos.core.align.counted import counts_from_taps
from vamos.core.dance.lines import Line
from vamos.core.document import counted
from vamos.core.document.paths import locate
from vamos.core.grid.tap import FEWEST
from vamos.core.media.peaks import PER_SECOND, Peaks, song_peaks
from vamos.core.media.sound import Sound
from vamos.core.model.take import PassKind, Take, counts_to_take
from vamos.core.progress import Progress
from vamos.core.render.sound import read_song
from vamos.core.time import TimeMap, count_text
from vamos.errors import VamosError
from vamos.ui.jobs import Job
from vamos.ui.mirror import Mirror
from vamos.ui.page.model import line_label
from vamos.ui.pictures import MirrorThread, Wanted
from vamos.ui.playback import Playback
from vamos.ui.slate_wave import REACH_S, SlateWave
from vamos.ui.tapping import REST_MS

if TYPE_CHECKING:
    from vamos.ui.window import Window

#: Longer films are not loaded for hearing; they are seen and matched all the same.
_LONGEST_HEARD_S = 1200.0
#: A sudden sound rises by so much of the loudest within three hundredths of a second.
_SUDDEN = 0.35


class Slate(QWidget):
    """Shows one take at one second of it; ``open_at`` begins."""

    def __init__(self, window: Window):
        super().__init__()
        self._w = window
        self.take_s = 0.0
        self.name = ""
        self._path: Path | None = None
        self.peaks: Peaks | None = None
        self.taps: list[float] = []
        self._jobs: list[Job] = []
        self.playback = Playback()
        self.playback.ticked.connect(self._show)
        self.playback.state_changed.connect(self._say)
        self.pictures = MirrorThread()
        self.picture = Mirror(window.theme, "Picture of the take", None)
        self.pictures.ready.connect(self.picture.show_image)
        self.pictures.failed.connect(self.picture.show_words)
        self.pictures.stepped.connect(self._stepped)
        self.wave = SlateWave(window.theme)
        self.wave.chosen.connect(self.go_to)
        self.wave.count_moved.connect(self._count_moved)
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(REST_MS)
        self._rest.timeout.connect(self.finish_taps)
        self._build()

    def _build(self) -> None:
        self.takes = QComboBox()
        self.takes.setAccessibleName("Take on the slate")
        self.takes.activated.connect(lambda _k: self.open_at(self.takes.currentText(), 0.0))
        self.where = QLabel()
        self.where.setProperty("role", "head")
        top = _row(self.takes, self.where)
        top.layout().addStretch(1)
        back = _button("Back to the page", self._w.show_page, "")
        top.layout().addWidget(back)
        self.say = QLabel()
        self.say.setWordWrap(True)
        self.say.setProperty("role", "soft")
        self.match = _button("", self.this_is_it, "go")
        self.play = _button("Play", self.toggle, "")
        steps = _row(
            self.play,
            _button("Sound before", lambda: self.next_sound(-1), ""),
            _button("Frame before", lambda: self.step(-1), ""),
            _button("Frame after", lambda: self.step(1), ""),
            _button("Sound after", lambda: self.next_sound(1), ""),
        )
        steps.layout().addStretch(1)
        steps.layout().addWidget(self.match)
        down = QVBoxLayout(self)
        down.setContentsMargins(18, 12, 18, 12)
        down.setSpacing(8)
        for widget, stretch in ((top, 0), (self.picture, 1), (self.wave, 0), (steps, 0), (self.say, 0)):
            down.addWidget(widget, stretch)

    # --- what is shown -------------------------------------------------------------------

    def open_at(self, name: str, take_s: float) -> None:
        """Put a take on the slate; its sound is read in the background."""
        self.playback.stop()
        take = self._w.session.project.take(name)
        try:
            self._path = locate(take.media, self._w.session.base)
        except VamosError as error:
            self._w.tell(str(error))
            return
        fresh = name != self.name
        self.name = name
        self.takes.clear()
        self.takes.addItems([t.name for t in self._w.session.project.takes])
        self.takes.setCurrentText(name)
        self.playback.end_s = take.media.duration_s
        if fresh:
            self.peaks, self.playback.sound = None, None
            self._read_sound(take, self._path)
        self.go_to(take_s)

    def _read_sound(self, take: Take, path: Path) -> None:
        media = take.media

        def load(progress: Progress) -> tuple[str, Peaks, Sound | None]:
            peaks = song_peaks(path, media.fingerprint, progress, media.duration_s)
            return take.name, peaks, read_song(path, progress) if media.duration_s < _LONGEST_HEARD_S else None

        job = Job("Reading the take", load)
        job.done.connect(self._sound_read)
        # A film without sound is matched by its picture alone.
        job.failed.connect(lambda _words: self._say())
        self._jobs.append(job)
        job.start()

    def _sound_read(self, found: tuple[str, Peaks, Sound | None]) -> None:
        if found[0] == self.name:
            self.peaks, self.playback.sound = found[1], found[2]
            self._show(self.take_s)

    def take(self) -> Take | None:
        return next((t for t in self._w.session.project.takes if t.name == self.name), None)

    def refresh(self) -> None:
        """The project changed, or the page stands elsewhere."""
        if self.take() is None:
            self._w.show_page()
        else:
            self._show(self.take_s)

    def go_to(self, take_s: float) -> None:
        take = self.take()
        if take is not None:
            self.playback.stop()
            self._show(min(max(0.0, take_s), take.media.duration_s))

    def _show(self, take_s: float) -> None:
        take = self.take()
        if take is None or self._path is None:
            return
        self.take_s = take_s
        self._draw()
        self.pictures.ask(Wanted(self._path, take_s, False, None))
        if not self.playback.playing:
            self._w.refresh_panel()

    def _stepped(self, take_s: float) -> None:
        self.take_s = take_s
        self._draw()

    def _draw(self) -> None:
        take = self.take()
        assert take is not None
        self.where.setText(f"{self.take_s:.3f} s of {take.media.duration_s:.1f}")
        self.wave.show_moment(self.take_s, self.peaks, self._marks(take))
        self._say()

    def _marks(self, take: Take) -> list[tuple[float, str, int]]:
        """Counts that fall into what is seen: take second, words, index of a count said aloud (else −1)."""
        project = self._w.session.project
        grid = project.grid
        marks: list[tuple[float, str, int]] = []
        for the_pass in take.passes if grid is not None else ():
            where: TimeMap = counts_to_take(the_pass, grid)
            low = max(self.take_s - REACH_S, the_pass.take_range.start_s)
            high = min(self.take_s + REACH_S, the_pass.take_range.end_s)
            if high <= low:
                continue
            back = where.inverse()
            for k in range(int(np.ceil(back(low) - 1e-6)), int(np.floor(back(high) + 1e-6)) + 1):
                index = -1
                if the_pass.kind is PassKind.COUNTED:
                    index = next((n for n, y in enumerate(the_pass.clock.y) if abs(y - k) < 0.01), -1)
                marks.append((where(Fraction(k)), self._count_words(Fraction(k)), index))
        return marks

    def _count_words(self, position: Fraction) -> str:
        line = self._w.watching.line_at(position)
        return count_text(position - line.start + line.first) if line is not None else "·"

    def _say(self, *_: object) -> None:
        line = self._w.current_line()
        self.play.setText("Stop" if self.playback.playing else "Play")
        if line is None:
            return
        self.match.setText(f"This moment is {place_words(line, self._w.page.position)}")
        words = (
            "Go to a clap or a step with comma and full stop, stand on its count with 1 to 8 and the arrows, "
            "and press Return."
        )
        take = self.take()
        number = counted.pass_at(take, self.take_s) if take is not None else None
        if take is not None and number is not None and take.passes[number].kind is PassKind.COUNTED:
            words += " Drag a count to where it is said, or play and tap T on each count."
        if self.peaks is None:
            words += " No sound was read; the picture alone will do."
        self.say.setText(words)

    # --- hands ---------------------------------------------------------------------------

    def toggle(self) -> None:
        if self.playback.playing:
            self.playback.stop()
        else:
            self.playback.play(self.take_s)

    def step(self, frames: int) -> None:
        """So many frames of the film on, as the camera wrote them."""
        self.playback.stop()
        if self._path is not None:
            self.pictures.ask(Wanted(self._path, self.take_s, False, None, frames))

    def next_sound(self, direction: int) -> None:
        """To the next sudden sound, or the one before."""
        at = sudden_sounds(self.peaks) if self.peaks is not None else np.zeros(0)
        later = at[at > self.take_s + 0.02] if direction > 0 else at[at < self.take_s - 0.02][::-1]
        if len(later):
            self.go_to(float(later[0]))
        else:
            self._w.tell("There is no sudden sound further on. Comma and full stop go by frames.")

    def this_is_it(self) -> None:
        """The moment in the middle is the count the page stands on."""
        name, at, position = self.name, self.take_s, self._w.page.position
        if self._w.session.do("Match by eye", lambda p: counted.this_moment_is(p, name, at, position)):
            line = self._w.current_line()
            where = place_words(line, position) if line is not None else "this count"
            self._w.tell(f"{name}: {at:.2f} s is {where} now. Ctrl+Z takes it back.")

    def _count_moved(self, index: int, take_s: float) -> None:
        take = self.take()
        number = counted.pass_at(take, take_s) if take is not None else None
        if number is None:
            self._w.tell("No pass counted aloud lies there. Play the take and tap T on each count to make one.")
            return
        name, number_there = self.name, number
        self._w.session.do("Move a count", lambda p: counted.move_count(p, name, number_there, index, take_s))

    def tap(self) -> None:
        """One tap; the first one only starts the take."""
        if not self.playback.playing:
            self.toggle()
            self._w.tell("Tap T on each count while the take plays. Stop tapping when you have them all.")
            return
        self.taps.append(self.playback.now())
        self._w.tell(f"{len(self.taps)} taps" + ("" if len(self.taps) >= FEWEST else f", at least {FEWEST} are needed"))
        self._rest.start()

    def finish_taps(self) -> None:
        """Make counts of the taps."""
        self._rest.stop()
        taps, self.taps = self.taps, []
        self.playback.stop()
        take, path, position = self.take(), self._path, self._w.page.position
        if take is None or path is None or len(taps) < FEWEST:
            self._w.tell(f"{len(taps)} taps are too few; at least {FEWEST} make counts. Nothing was changed.")
            return
        name, length = take.name, take.media.duration_s

        def done(times: np.ndarray) -> None:
            self._w.session.do("Tap the counts", lambda p: counted.set_counts(p, name, times, position))

        self._w.run_job("Counting", lambda progress: counts_from_taps(path, np.array(taps), progress, length), done)

    def close_down(self) -> None:
        self._rest.stop()
        self.playback.stop()
        self.pictures.close()
        for job in self._jobs:
            job.stop()
            job.wait(5)
            job.blockSignals(True)


def place_words(line: Line, position: Fraction) -> str:
    """A count of the page in words."""
    count = count_text(position - line.start + line.first)
    title = f", {line.title}" if line.title else ""
    return f"{count} of line {line_label(line)}{title}"


def sudden_sounds(peaks: Peaks) -> np.ndarray:
    """Seconds at which a clap, a step or a word begins, ``(sounds,)``."""
    level = np.sqrt(peaks.bands[:, 1:].max(axis=1)) if len(peaks.bands) else np.zeros(0)
    rise = np.zeros_like(level)
    rise[3:] = level[3:] - level[:-3]
    found: list[int] = []
    for k in np.flatnonzero(rise > _SUDDEN):
        if not found or k - found[-1] > 0.12 * PER_SECOND:
            found.append(int(k))
    return np.array(found) / PER_SECOND


def _button(text: str, run, role: str) -> QPushButton:
    button = QPushButton(text)
    if role:
        button.setProperty("role", role)
    button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
    button.clicked.connect(lambda _c=False: run())
    return button


def _row(*widgets: QWidget) -> QWidget:
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    line.setSpacing(8)
    for widget in widgets:
        line.addWidget(widget)
    return row
