"""What the actions do. One method for each entry of ``actions.ACTIONS``."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject
from PyQt6.QtWidgets import QFileDialog

from vamos.core.document import edits
from vamos.core.document.files import SUFFIX
from vamos.core.document.paths import locate
from vamos.core.make import open_song, open_take, place_all
from vamos.core.media.probe import SONG_SUFFIXES, TAKE_SUFFIXES
from vamos.core.model.clip import Choice
from vamos.core.model.project import Project
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.progress import Progress
from vamos.errors import MediaError, MissingError, VamosError
from vamos.ui.hands_cut import CutHands
from vamos.ui.hands_dance import DanceHands
from vamos.ui.hands_film import FilmHands
from vamos.ui.hands_song import SongHands

if TYPE_CHECKING:
    from vamos.ui.window import Window


class Hands(SongHands, DanceHands, FilmHands, CutHands, QObject):
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

        self._w.run_job("Making the demo", lambda progress: make_demo(default_folder(), progress), self.open_path)

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
        self._w.run_job("Adding files", lambda progress: _read(songs[:1], takes, base, progress), self._read)

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

        self._w.run_job("Placing takes", lambda progress: place_all(project, base, progress), placed)

    # --- watch ---------------------------------------------------------------------------

    def play(self) -> None:
        if self._w.slate_open:
            self._w.slate.toggle()
        else:
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
        self._step(-1)

    def frame_on(self) -> None:
        self._step(1)

    def _step(self, frames: int) -> None:
        if self._w.slate_open:
            self._w.slate.step(frames)
        else:
            self._w.watching.step(frames)

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

        def work(progress: Progress) -> str:
            outcome = write_pack(project, base, out, progress.part(0, 0.85))
            findings = verify_pack(out, progress.part(0.85, 1.0))
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


def _read(songs: list[Path], takes: list[Path], base: Path | None, progress: Progress):
    """Songs and takes read from files, and what could not be read."""
    problems: list[str] = []
    song = None
    found = []
    for path in songs:
        try:
            song = open_song(path, base, progress.part(0, 0.9))
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    for number, path in enumerate(takes):
        progress(0.9 + 0.1 * number / len(takes), f"Looking at {path.name}")
        try:
            found.append(open_take(path, base))
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    return song, tuple(found), problems
