"""What the actions of the stop Song do: correcting the beat, parts, other songs, beats in and out."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import numpy as np

from vamos.core.align.said_one import SaidOne, said_one
from vamos.core.document.paths import locate
from vamos.core.edit import song as edit
from vamos.core.edit import stops
from vamos.core.grid.detect import grid_from_taps
from vamos.core.grid.exchange import read_csv, read_midi, write_grid
from vamos.core.grid.parts import part_letter
from vamos.core.grid.tap import Taps
from vamos.core.make import open_song
from vamos.core.media.probe import SONG_SUFFIXES
from vamos.core.model.song import Grid, Reading
from vamos.core.time import CountRange, count_text
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.parts.text import plural, sentence
from vamos.ui.preview.tapping import Tapping
from vamos.ui.stops.song.words import SungCommands
from vamos.ui.tasks.placing import place_waiting
from vamos.ui.tasks.songs import take_other_song
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.wording import words_of

tr = words_of(__name__)


class SongCommands(SungCommands):
    """Each action of the stop is a method."""

    #: Where the takes say "one", and the grid that was then.
    heard = OfDocument[tuple[SaidOne | None, Grid | None]](lambda: (None, None))
    #: The grid whose 1 was listened to.
    heard_one = OfDocument[Grid | None](lambda: None)

    def __init__(self, desk: Desk):
        super().__init__(desk)
        playback = desk.preview.playback
        self.tapping = Tapping(desk, playback, desk.preview.toggle, self.use_taps, tr("the song"))
        self.tapping.said.connect(desk.tell)

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    # --- other ways to count -------------------------------------------------------------

    def reading_1(self) -> None:
        self.use_reading(0)

    def reading_2(self) -> None:
        self.use_reading(1)

    def reading_3(self) -> None:
        self.use_reading(2)

    def use_reading(self, number: int) -> None:
        """Count the song in another way that was heard, and hear it at once with clicks."""
        grid = self._grid()
        if grid is None:
            return
        if number >= len(grid.readings):
            self._desk.tell(
                tr("No other way to count this song was heard. T taps along, Shift and the arrows move the 1.")
            )
            return
        preview = self._desk.preview
        preview.playback.stop()
        told = sentence(reading_words(grid, grid.readings[number])).rstrip(".")
        if self._desk.do(tr("Another way to count"), lambda p: edit.use_reading(p, number), told):
            self._desk.page.go_to_position(Fraction(0))
            if not preview.clicking:
                preview.toggle_clicks()
            preview.toggle()

    # --- the 1 is right ------------------------------------------------------------------

    @property
    def listened(self) -> bool:
        """Whether the 1 was listened to since the beat changed."""
        return self.heard_one is not None and self.heard_one is self._desk.project.grid

    def listen_to_the_one(self) -> None:
        """The song from the first count danced on, with clicks."""
        preview = self._desk.preview
        preview.playback.stop()
        self._desk.page.go_to_position(Fraction(0))
        if not preview.clicking:
            preview.toggle_clicks()
        preview.toggle()
        self.heard_one = self._desk.project.grid
        self._desk.tell(tr("Count along: is the high click where you count 1?"))
        self._desk.stale.emit()

    def agree(self) -> None:
        self._desk.preview.playback.stop()
        self._desk.do(tr("The 1 is right"), edit.agree_on_the_one, tr("The 1 stays where it is."))

    # --- the 1 ---------------------------------------------------------------------------

    def one_earlier(self) -> None:
        self._move(-1, tr("The 1 is one count earlier"))

    def one_later(self) -> None:
        self._move(1, tr("The 1 is one count later"))

    def one_here(self) -> None:
        """The count the page stands on becomes a 1; lines move by as little as that takes."""
        line, grid = self._desk.line(), self._grid()
        if line is None or grid is None:
            return
        shift = int(self._desk.position - line.start) % grid.line
        if not shift:
            self._desk.do(tr("The 1 is right"), edit.agree_on_the_one, tr("This count is a 1 already; so it stays."))
            return
        was = count_text(self._desk.position - line.start)
        self._move(shift if shift <= grid.line // 2 else shift - grid.line, tr("What was {was} is a 1 now", was=was))

    def dance_starts_here(self) -> None:
        """The count the page stands on becomes the first count danced."""
        at = self._desk.position
        if at.denominator == 1 and self._move(int(at), tr("The dance starts here")):
            self._desk.page.go_to_position(Fraction(0))

    def one_line_earlier(self) -> None:
        self._move(-self._line_length(), tr("The dance starts a line earlier"))

    def one_line_later(self) -> None:
        self._move(self._line_length(), tr("The dance starts a line later"))

    def _grid(self) -> Grid | None:
        grid = self._desk.project.grid
        if grid is None:
            self._desk.tell(tr("There is no beat yet. Add a song first."))
        return grid

    def _line_length(self) -> int:
        grid = self._desk.project.grid
        return grid.line if grid is not None else 8

    def _move(self, counts: int, told: str) -> bool:
        return self._desk.do(tr("Move the 1"), lambda p: edit.move_the_one(p, counts), told)

    def listen(self) -> None:
        """Ask the voices in the takes where the 1 is; what they say is offered, not done."""
        project, base = self._desk.project, self._desk.session.base

        def heard(result: SaidOne) -> None:
            self.heard = (result, self._desk.project.grid)
            self._desk.tell(" ".join([result.words(), *result.problems]))
            self._desk.stale.emit()

        self._desk.run(tr("Listening to your takes"), lambda progress: said_one(project, base, progress), heard)

    def said_one(self) -> SaidOne | None:
        """What the voices said of the beat as it is; None when nobody asked since it changed."""
        result, grid = self.heard
        return result if result is not None and grid is self._desk.project.grid else None

    def one_where_said(self) -> None:
        found = self.said_one()
        if found is not None and found.shift:
            self._move(found.shift, tr("The 1 is where the voice says it"))

    # --- how fast ------------------------------------------------------------------------

    def halve(self) -> None:
        self._rescale(tr("Count half as fast"), Fraction(1, 2))

    def double(self) -> None:
        self._rescale(tr("Count twice as fast"), Fraction(2))

    def two_thirds(self) -> None:
        self._rescale(tr("Count two thirds as fast"), Fraction(2, 3))

    def three_halves(self) -> None:
        self._rescale(tr("Count 1½ × as fast"), Fraction(3, 2))

    def _rescale(self, name: str, factor: Fraction) -> None:
        if self._desk.do(name, lambda p: edit.rescale_counts(p, factor)):
            grid = self._desk.project.grid
            assert grid is not None
            self._desk.tell(tr("Counted at {bpm:.0f} a minute now. Ctrl+Z takes it back.", bpm=grid.bpm()))

    def halve_from_here(self) -> None:
        self._rate_from_here(tr("Half as fast from here"), Fraction(1, 2))

    def double_from_here(self) -> None:
        self._rate_from_here(tr("Twice as fast from here"), Fraction(2))

    def _rate_from_here(self, name: str, factor: Fraction) -> None:
        grid = self._grid()
        if grid is not None and self._desk.position < grid.range().end:
            counts = CountRange(self._desk.position, grid.range().end)
            self._desk.do(name, lambda p: edit.set_count_rate(p, counts, factor))

    # --- parts and stops -----------------------------------------------------------------

    def part_here(self) -> None:
        """A part begins at the count the page stands on, under the next free letter."""
        grid = self._grid()
        if grid is None:
            return
        used = {p.name for p in grid.parts}
        name = next(letter for k in range(len(used) + 1) if (letter := part_letter(k)) not in used)
        at = self._desk.position
        self._desk.do(
            tr("A part begins"), lambda p: edit.name_part(p, at, name), tr("Part {name} begins here", name=name)
        )

    def join_part(self) -> None:
        at = self._desk.position
        self._desk.do(tr("Join parts"), lambda p: edit.clear_part(p, at))

    def mark_stop(self) -> None:
        """A stop of four counts from the current count on, or none if there is one."""
        grid, at = self._grid(), self._desk.position
        if grid is None:
            return
        if any(s.position == at for s in grid.breaks):
            self._desk.do(tr("Stop of the music"), lambda p: stops.clear_stop(p, at), tr("The music goes on here"))
        else:
            told = tr("The music stops here for four counts")
            self._desk.do(tr("Stop of the music"), lambda p: stops.mark_stop(p, at, 4), told)

    # --- other songs ---------------------------------------------------------------------

    def add_other_song(self) -> None:
        kinds = " ".join(f"*{s}" for s in SONG_SUFFIXES)
        path = self._desk.ask_open(tr("Another song for this dance"), tr("Songs ({kinds})", kinds=kinds))
        if path is not None:
            take_other_song(self._desk, path)

    def use_other_song(self, number: int) -> None:
        if (
            self._desk.do(tr("Dance to another song"), lambda p: edit.use_other_song(p, number))
            and self._desk.project.takes
        ):
            place_waiting(self._desk)

    def remove_other_song(self, number: int) -> None:
        self._desk.do(tr("Take a song away"), lambda p: edit.remove_other_song(p, number))

    # --- taps, and beats in and out ------------------------------------------------------

    def tap(self) -> None:
        if self._desk.project.song is None:
            self._desk.tell(tr("There is no song to tap along with yet."))
        else:
            self.scope.at_end(self, self.tapping.forget)
        self.tapping.tap()

    def use_taps(self, taps: list[float]) -> None:
        """Fit the beat to taps (song seconds) beside the window."""
        song, base = self._desk.project.song, self._desk.session.base
        if song is None:
            return

        def fitted(result: tuple[Grid, Taps]) -> None:
            grid, line = result
            late = round(line.late_s * 1000)
            side = tr("late") if late > 0 else tr("early")
            hand = (
                tr("your taps were {number} ms {side}; that is corrected", number=abs(late), side=side)
                if late
                else tr("your hand was right on")
            )
            told = tr(
                "{taps} at {number:.1f} a minute; {hand}",
                taps=plural(len(taps), "tap"),
                number=60 / line.period_s,
                hand=hand,
            )
            self._desk.do(tr("Tap along"), lambda p: edit.set_grid(p, grid), told)

        self._desk.run(
            tr("Fitting your taps"),
            lambda progress: grid_from_taps(locate(song.media, base), np.array(taps), progress),
            fitted,
        )

    def read_grid(self) -> None:
        path = self._desk.ask_open(tr("Read beats"), tr("Beats (*.csv *.mid *.midi)"))
        if path is not None:
            self.read_grid_from(path)

    def read_grid_from(self, path: Path) -> None:
        try:
            grid = read_csv(path) if path.suffix.lower() == ".csv" else read_midi(path)
        except VamosError as error:
            self._desk.tell(str(error))
            return
        self._desk.do(tr("Read beats"), lambda p: edit.set_grid(p, grid))

    def save_grid(self) -> None:
        path = self._desk.ask_save(tr("Write beats"), tr("CSV (*.csv);;MIDI (*.mid);;OpenTimelineIO (*.otio)"), "beats")
        if path is not None:
            self.save_grid_to(path)

    def save_grid_to(self, path: Path) -> None:
        song, grid = self._desk.project.song, self._grid()
        if song is not None and grid is not None:
            self._desk.attempt(
                lambda: write_grid(grid, path, song.media.duration_s, song.title),
                tr("The beats are in {path}.", path=path),
            )

    def find_grid(self) -> None:
        song, base = self._desk.project.song, self._desk.session.base
        if song is None:
            self._desk.tell(tr("There is no song yet. Add one first."))
            return
        self._desk.run(
            tr("Finding the beat"),
            lambda progress: open_song(locate(song.media, base), base, progress),
            lambda found: self._desk.do(tr("Find the beat"), lambda p: edit.renew_grid(p, found.grid)),
        )

    def drag_beat(self, position: Fraction, columns: float) -> None:
        grid = self._grid()
        if grid is not None:
            at = grid.time_map()(float(position) + columns)
            self._desk.do(
                tr("Move a beat"), lambda p: edit.drag_beat(p, position, at), tr("The beat is where you put it")
            )


def reading_words(grid: Grid, reading: Reading) -> str:
    """Another way to count, as it differs from the grid."""
    words = []
    if reading.factor != 1:
        words.append(tr("{number:.0f} a minute", number=grid.bpm() * float(reading.factor)))
    if reading.meter != grid.meter:
        words.append(tr("in three") if reading.meter == 3 else tr("in four"))
    if words:
        return ", ".join(words)
    if reading.shift.denominator != 1:
        return tr("on the beats between")
    moved = int(reading.shift)
    off = moved % grid.line
    if not off:
        lines = abs(moved) // grid.line
        return tr(
            "the dance starts {lines} {words}",
            lines=plural(lines, "line"),
            words=tr("later") if moved > 0 else tr("earlier"),
        )
    later = off <= grid.line // 2
    return tr(
        "the 1 is {counts} {words}",
        counts=plural(off if later else grid.line - off, "count"),
        words=tr("later") if later else tr("earlier"),
    )
