"""What the actions do. One method for each entry of ``actions.ACTIONS``."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PyQt6.QtCore import QObject
from PyQt6.QtWidgets import QFileDialog

from vamos.core.dance import writing
from vamos.core.dance.checks import Problem
from vamos.core.dance.export import export_sheet
from vamos.core.dance.sheet_files import read_sheet
from vamos.core.document import edits
from vamos.core.document.files import SUFFIX
from vamos.core.document.paths import locate
from vamos.core.grid.detect import grid_from_taps
from vamos.core.grid.exchange import read_csv, read_midi, write_grid
from vamos.core.grid.parts import part_letter
from vamos.core.grid.tap import Taps
from vamos.core.jobs import Watch
from vamos.core.make import open_song, open_take, place_all
from vamos.core.media.probe import SONG_SUFFIXES, TAKE_SUFFIXES
from vamos.core.model.clip import Choice
from vamos.core.model.project import Project
from vamos.core.model.song import Grid, Song
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.time import CountRange
from vamos.errors import InputError, MediaError, MissingError, VamosError

if TYPE_CHECKING:
    from vamos.ui.window import Window


class Hands(QObject):
    """Methods named like the actions; files may also be handed over directly (drops, tests)."""

    def __init__(self, window: Window):
        super().__init__()
        self._w = window

    # --- project -------------------------------------------------------------------------

    def new_project(self) -> None:
        self._w.session.new()

    def open_project(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self._w, "Open a project", "", f"Vamos projects (*{SUFFIX})")
        if name:
            self.open_path(Path(name))

    def open_path(self, path: Path) -> None:
        try:
            self._w.session.open(path)
        except VamosError as error:
            self._w.tell(str(error))

    def save_as(self) -> None:
        name, _ = QFileDialog.getSaveFileName(self._w, "Save the project as", "", f"Vamos projects (*{SUFFIX})")
        if name:
            self._w.session.save_as(Path(name))

    def open_demo(self) -> None:
        from vamos.demo.build import default_folder, make_demo

        self._w.run_job("Making the demo", lambda watch: make_demo(default_folder(), watch), self.open_path)

    def quit(self) -> None:
        self._w.close()

    def undo(self) -> None:
        self._w.session.undo()

    def redo(self) -> None:
        self._w.session.redo()

    # --- files ---------------------------------------------------------------------------

    def add_files(self) -> None:
        kinds = " ".join(f"*{s}" for s in (*SONG_SUFFIXES, *TAKE_SUFFIXES))
        names, _ = QFileDialog.getOpenFileNames(self._w, "Add a song or takes", "", f"Songs and films ({kinds})")
        if names:
            self.take_in([Path(n) for n in names])

    def take_in(self, paths: list[Path]) -> None:
        """Files that were chosen or dropped: a project opens, songs and takes are added."""
        files = [f for p in paths for f in (sorted(p.iterdir()) if p.is_dir() else [p]) if f.is_file()]
        for path in files:
            if path.suffix == SUFFIX:
                self.open_path(path)
                return
        songs = [f for f in files if f.suffix.lower() in SONG_SUFFIXES]
        takes = [f for f in files if f.suffix.lower() in TAKE_SUFFIXES]
        unknown = [f for f in files if f not in songs and f not in takes and f.parent in [p.parent for p in paths]]
        if unknown and not songs and not takes:
            self._w.tell(
                f"{unknown[0].name}: Vamos reads songs ({', '.join(SONG_SUFFIXES)}) and films "
                f"({', '.join(TAKE_SUFFIXES)}). Nothing was changed."
            )
            return
        base = self._w.session.base
        known = {str(locate_or_none(t.media, base)) for t in self._w.session.project.takes}
        takes = [t for t in takes if str(t) not in known]
        if songs and self._w.session.project.song is not None:
            self.take_other_song(songs[0])
            songs = []
            if not takes:
                return
        self._w.run_job("Adding files", lambda watch: _read(songs[:1], takes, base, watch), self._read)

    def _read(self, result: tuple[object, tuple, list[str]]) -> None:
        song, takes, problems = result

        def edit(project: Project) -> Project:
            if song is not None:
                project = edits.set_song(project, song)
                if project.name == "Untitled":
                    project = replace(project, name=song.title)
            return edits.add_takes(project, takes) if takes else project

        self._w.session.do("Add files", edit)
        for problem in problems:
            self._w.tell(problem)
        project = self._w.session.project
        if project.song is not None and any(not t.looked_for_passes for t in project.takes):
            self.place_takes()

    # --- song ----------------------------------------------------------------------------

    def one_earlier(self) -> None:
        self._move(-1)

    def one_later(self) -> None:
        self._move(1)

    def one_here(self) -> None:
        """The count the page stands on becomes a 1; lines move by as little as that takes."""
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

        self._w.run_job("Listening to another song", lambda watch: open_song(path, base, watch), found)

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
        there = any(s.position == at for s in song.grid.stops)
        self._w.session.do(
            "Stop of the music", lambda p: edits.clear_stop(p, at) if there else edits.mark_stop(p, at, 4)
        )

    def tap(self) -> None:
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
            "Fitting your taps", lambda watch: grid_from_taps(locate(song.media, base), np.array(taps), watch), fitted
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
            lambda watch: open_song(locate(song.media, base), base, watch),
            lambda found: self._w.session.do("Find the beat", lambda p: edits.renew_grid(p, found.grid)),
        )

    def drag_beat(self, position: Fraction, columns: float) -> None:
        song = self._w.session.project.song
        if song is None or song.grid is None:
            return
        at = song.grid.time_map()(float(position) + columns)
        self._w.session.do("Move a beat", lambda p: edits.drag_beat(p, position, at))

    # --- dance ---------------------------------------------------------------------------

    def new_section(self) -> None:
        line = self._w.current_line()
        after = line.section.name if line is not None and line.section is not None else None
        if self._w.session.project.song is None:
            self._w.tell("Add a song first; the dance is written on its counts.")
            return
        self._w.session.do("New section", lambda p: writing.add_section(p, after=after))

    def write_section(self, name: str, text: str) -> str:
        """A section's line of notation; gives back what cannot be read, and then changes nothing."""
        return self._written("Write a section", lambda p: writing.write_section(p, name, text))

    def write_sequence(self, text: str) -> str:
        """The sequence as typed; gives back what cannot be read, and then changes nothing."""
        return self._written("Sequence", lambda p: writing.write_sequence(p, text))

    def _written(self, name: str, edit: Callable[[Project], Project]) -> str:
        try:
            edit(self._w.session.project)
        except InputError as error:
            self._w.tell(str(error).split("\n")[0])
            return str(error)
        self._w.session.do(name, edit)
        return ""

    def write_count(self) -> None:
        """A field over the count the page stands on."""
        line = self._w.current_line()
        if line is None or line.section is None:
            self._w.tell("This line is not danced. Go to a line of the dance, or begin a new section (Ctrl+Return).")
            return
        self._w.route.go("Dance")
        self._w.show_page()
        section, column = line.section, self._w.page.position - line.start
        count = int(column + line.first)

        def done(text: str | None, step: int) -> None:
            before = writing.count_words(section, count)
            if text is not None and text.strip() != before:
                self._w.session.do("Write a count", lambda p: writing.write_count(p, section.name, count, text))
            self._w.page.setFocus()
            if step:
                self._w.page.step_count(step)
                self.write_count()

        self._w.page.edit_cell(writing.count_words(section, count), f"Count {count + 1} of {section.name}", done)

    def wall_map(self) -> None:
        self._w.toggle_wall_map()

    def go_to_problem(self, problem: Problem) -> None:
        """To the first line of the section a problem is in, or of the entry of the sequence."""
        for number, line in enumerate(self._w.session.lines):
            there = line.item == problem.item if problem.item is not None else line.title == problem.section
            if there and line.section is not None:
                start = problem.start if problem.start is not None and problem.item is None else Fraction(0)
                self._w.show_page()
                self._w.page.go_to(number, Fraction(max(0, int(start - line.first))))
                return

    def read_sheet(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self._w, "Read a sheet", "", "Count sheets (*.csv *.json *.md)")
        if name:
            self.read_sheet_from(Path(name))

    def read_sheet_from(self, path: Path) -> None:
        try:
            found = read_sheet(path)
        except VamosError as error:
            self._w.tell(str(error))
            return
        self._w.session.do("Read a sheet", lambda p: edits.set_dance(p, found))

    def write_sheet(self) -> None:
        kinds = "PDF (*.pdf);;Markdown (*.md);;CSV (*.csv);;JSON (*.json);;Wall map (*.svg)"
        name, chosen = QFileDialog.getSaveFileName(self._w, "Write the sheet", "", kinds)
        if name:
            path = Path(name)
            self.write_sheet_to(path if path.suffix else path.with_suffix(chosen.split("*")[1].rstrip(")")))

    def write_sheet_to(self, path: Path) -> None:
        try:
            export_sheet(self._w.session.project, path)
        except VamosError as error:
            self._w.tell(str(error))
        else:
            self._w.tell(f"The sheet is in {path}.")

    # --- film ----------------------------------------------------------------------------

    def place_takes(self) -> None:
        project, base = self._w.session.project, self._w.session.base
        if project.song is None:
            self._w.tell("Add the song first; takes are placed on it.")
            return

        def placed(result: tuple[Project, tuple[str, ...]]) -> None:
            found = {t.name: t for t in result[0].takes}
            self._w.session.do(
                "Place takes",
                lambda p: replace(
                    p,
                    takes=tuple(
                        replace(t, passes=found[t.name].passes, looked_for_passes=found[t.name].looked_for_passes)
                        if t.name in found
                        else t
                        for t in p.takes
                    ),
                ),
            )
            for problem in result[1]:
                self._w.tell(problem)

        self._w.run_job("Placing takes", lambda watch: place_all(project, base, watch), placed)

    # --- watch ---------------------------------------------------------------------------

    def play(self) -> None:
        self._w.watching.toggle()

    def loop(self) -> None:
        self._w.watching.toggle_loop()

    def next_speed(self) -> None:
        self._w.watching.next_speed()

    def clicks(self) -> None:
        self._w.watching.toggle_clicks()

    def next_view(self) -> None:
        self._w.watching.next_view()

    def frame_back(self) -> None:
        self._w.watching.step(-1)

    def frame_on(self) -> None:
        self._w.watching.step(1)

    def mirrored(self) -> None:
        clip = self._w.current_clip()
        if clip is not None:
            self._w.session.do("Mirrored or as filmed", lambda p: edits.choose(p, Choice(clip.key, flip=not clip.flip)))

    def other_pass(self) -> None:
        clip = self._w.current_clip()
        if clip is None or not clip.alternatives:
            self._w.tell("There is no other pass of this view.")
            return
        self.choose_pass(clip.key, *clip.alternatives[0])

    def choose_pass(self, key: str, take: str, number: int) -> None:
        self._w.session.do("Another pass", lambda p: edits.choose(p, Choice(key, take=take, pass_number=number)))

    # --- page ----------------------------------------------------------------------------

    def from_the_top(self) -> None:
        self._w.watching.playback.stop()
        self._w.page.go_to(0)

    def line_up(self) -> None:
        self._w.page.go_to(self._w.page.current - 1)

    def line_down(self) -> None:
        self._w.page.go_to(self._w.page.current + 1)

    # --- pack ----------------------------------------------------------------------------

    def write_pack(self) -> None:
        name = QFileDialog.getExistingDirectory(self._w, "Where should the pack go? A folder is made in it.")
        if name:
            title = self._w.session.project.name or "pack"
            self.write_pack_to(Path(name) / f"{title} pack")

    def write_pack_to(self, out: Path) -> None:
        project, base = self._w.session.project, self._w.session.base

        def work(watch: Watch) -> str:
            outcome = write_pack(project, base, out, watch.part(0, 0.85))
            findings = verify_pack(out, watch.part(0.85, 1.0))
            bad = [f for f in findings if not f.good]
            words = [f"{outcome.clips} files in {outcome.folder}."]
            words.append(
                f"Decoded again and compared: {len(findings)} figures, "
                + ("all hold." if not bad else f"{len(bad)} do not hold.")
            )
            words += [f"{f.file}: {f.what}, {f.detail}" for f in bad[:5]]
            words += [f"{p}." for p in outcome.problems[:5]]
            return "\n".join(words)

        self._w.run_job("Writing the pack", work, self._w.pack_written)

    # --- view ----------------------------------------------------------------------------

    def evening(self) -> None:
        self._w.toggle_theme()

    def show_keys(self) -> None:
        self._w.show_keys()


def locate_or_none(media, base: Path | None) -> Path | None:
    try:
        return locate(media, base)
    except VamosError:
        return None


def _read(songs: list[Path], takes: list[Path], base: Path | None, watch: Watch):
    """Songs and takes read from files, and what could not be read."""
    problems: list[str] = []
    song = None
    found = []
    for path in songs:
        try:
            song = open_song(path, base, watch.part(0, 0.9))
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    for number, path in enumerate(takes):
        watch(0.9 + 0.1 * number / len(takes), f"Looking at {path.name}")
        try:
            found.append(open_take(path, base))
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    return song, tuple(found), problems
