"""What the actions of the stop Song do: correcting the beat, parts, other songs, beats in and out."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PyQt6.QtWidgets import QFileDialog

from vamos.core.document import edits
from vamos.core.document.paths import locate
from vamos.core.grid.detect import grid_from_taps
from vamos.core.grid.exchange import read_csv, read_midi, write_grid
from vamos.core.grid.parts import part_letter
from vamos.core.grid.tap import Taps
from vamos.core.make import open_song
from vamos.core.media.probe import SONG_SUFFIXES
from vamos.core.model.song import Grid, Song
from vamos.core.time import CountRange
from vamos.errors import VamosError

if TYPE_CHECKING:
    from vamos.ui.window import Window


class SongHands:
    """Part of :class:`vamos.ui.hands.Hands`."""

    _w: Window
    place_takes: Callable[[], None]

    def one_earlier(self) -> None:
        self._move(-1)

    def one_later(self) -> None:
        self._move(1)

    def one_here(self) -> None:
        """The count the page stands on becomes a 1; lines move by as little as that takes.

        On the slate the moment of the take becomes that count.
        """
        if self._w.slate_open:
            self._w.slate.this_is_it()
            return
        line = self._w.current_line()
        if line is None:
            return
        length = self._line_length()
        shift = int(self._w.page.position - line.start) % length
        self._move(shift if shift <= length // 2 else shift - length)

    def dance_starts_here(self) -> None:
        """The count the page stands on becomes the first count danced."""
        at = self._w.page.position
        if at.denominator == 1:
            self._move(int(at))
            self._w.page.go_to_position(Fraction(0))

    def one_eight_earlier(self) -> None:
        self._move(-self._line_length())

    def one_eight_later(self) -> None:
        self._move(self._line_length())

    def _line_length(self) -> int:
        song = self._w.session.project.song
        return song.grid.line if song and song.grid else 8

    def _move(self, counts: int) -> None:
        self._w.session.do("Move the 1", lambda p: edits.move_the_one(p, counts))

    def halve(self) -> None:
        self._w.session.do("Count half as fast", lambda p: edits.rescale_counts(p, Fraction(1, 2)))

    def double(self) -> None:
        self._w.session.do("Count twice as fast", lambda p: edits.rescale_counts(p, Fraction(2)))

    def two_thirds(self) -> None:
        self._w.session.do("Count two thirds as fast", lambda p: edits.rescale_counts(p, Fraction(2, 3)))

    def three_halves(self) -> None:
        self._w.session.do("Count half again as fast", lambda p: edits.rescale_counts(p, Fraction(3, 2)))

    def halve_from_here(self) -> None:
        self._rate_from_here("Half as fast from here", Fraction(1, 2))

    def double_from_here(self) -> None:
        self._rate_from_here("Twice as fast from here", Fraction(2))

    def _rate_from_here(self, name: str, factor: Fraction) -> None:
        song = self._w.session.project.song
        if song is None or song.grid is None:
            return
        at, end = self._w.page.position, song.grid.range().end
        if at < end:
            self._w.session.do(name, lambda p: edits.set_count_rate(p, CountRange(at, end), factor))

    def part_here(self) -> None:
        """A part begins at the count the page stands on, under the next free letter."""
        song = self._w.session.project.song
        if song is None or song.grid is None:
            return
        used = {p.name for p in song.grid.parts}
        name = next(letter for k in range(len(used) + 1) if (letter := part_letter(k)) not in used)
        at = self._w.page.position
        self._w.session.do("A part begins", lambda p: edits.name_part(p, at, name))

    def join_part(self) -> None:
        at = self._w.page.position
        self._w.session.do("Join parts", lambda p: edits.clear_part(p, at))

    def add_other_song(self) -> None:
        kinds = " ".join(f"*{s}" for s in SONG_SUFFIXES)
        name, _ = QFileDialog.getOpenFileName(self._w, "Another song for this dance", "", f"Songs ({kinds})")
        if name:
            self.take_other_song(Path(name))

    def take_other_song(self, path: Path) -> None:
        """Listen to another song and keep it beside the one danced to."""
        base = self._w.session.base

        def found(song: Song) -> None:
            if self._w.session.do("Another song", lambda p: edits.add_other_song(p, song)):
                self._w.tell(f"{song.title} is kept beside this song; how it fits stands at Song, below.")

        self._w.run_job("Listening to another song", lambda progress: open_song(path, base, progress), found)

    def use_other_song(self, number: int) -> None:
        if self._w.session.do("Dance to another song", lambda p: edits.use_other_song(p, number)):
            project = self._w.session.project
            if project.takes:
                self.place_takes()

    def remove_other_song(self, number: int) -> None:
        self._w.session.do("Take a song away", lambda p: edits.remove_other_song(p, number))

    def mark_stop(self) -> None:
        """A stop of four counts from the current count on, or none if there is one."""
        song = self._w.session.project.song
        if song is None or song.grid is None:
            return
        at = self._w.page.position
        there = any(s.position == at for s in song.grid.breaks)
        self._w.session.do(
            "Stop of the music", lambda p: edits.clear_stop(p, at) if there else edits.mark_stop(p, at, 4)
        )

    def tap(self) -> None:
        if self._w.slate_open:
            self._w.slate.tap()
        else:
            self._w.tapping.tap()

    def use_taps(self, taps: list[float]) -> None:
        """Fit the beat to taps (song seconds) beside the window."""
        song, base = self._w.session.project.song, self._w.session.base
        if song is None:
            return

        def fitted(result: tuple[Grid, Taps]) -> None:
            grid, line = result
            self._w.session.do("Tap along", lambda p: edits.set_grid(p, grid))
            late = round(line.late_s * 1000)
            hand = (
                f"your hand was {abs(late)} ms {'late' if late > 0 else 'early'}, which was taken off"
                if late
                else "your hand was right on"
            )
            self._w.tell(f"{len(taps)} taps at {60 / line.period_s:.1f} a minute; {hand}.")

        self._w.run_job(
            "Fitting your taps", lambda progress: grid_from_taps(locate(song.media, base), np.array(taps), progress), fitted
        )

    def read_grid(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self._w, "Read beats", "", "Beats (*.csv *.mid *.midi)")
        if name:
            self.read_grid_from(Path(name))

    def read_grid_from(self, path: Path) -> None:
        try:
            grid = read_csv(path) if path.suffix.lower() == ".csv" else read_midi(path)
        except VamosError as error:
            self._w.tell(str(error))
            return
        self._w.session.do("Read beats", lambda p: edits.set_grid(p, grid))

    def save_grid(self) -> None:
        name, _ = QFileDialog.getSaveFileName(
            self._w, "Write beats", "", "CSV (*.csv);;MIDI (*.mid);;OpenTimelineIO (*.otio)"
        )
        if name:
            self.save_grid_to(Path(name))

    def save_grid_to(self, path: Path) -> None:
        song = self._w.session.project.song
        if song is None or song.grid is None:
            self._w.tell("There is no beat to write yet.")
            return
        try:
            write_grid(song.grid, path, song.media.duration_s, song.title)
        except VamosError as error:
            self._w.tell(str(error))
        else:
            self._w.tell(f"The beats are in {path}.")

    def find_grid(self) -> None:
        song = self._w.session.project.song
        if song is None:
            return
        base = self._w.session.base
        self._w.run_job(
            "Finding the beat",
            lambda progress: open_song(locate(song.media, base), base, progress),
            lambda found: self._w.session.do("Find the beat", lambda p: edits.renew_grid(p, found.grid)),
        )

    def drag_beat(self, position: Fraction, columns: float) -> None:
        song = self._w.session.project.song
        if song is None or song.grid is None:
            return
        at = song.grid.time_map()(float(position) + columns)
        self._w.session.do("Move a beat", lambda p: edits.drag_beat(p, position, at))
