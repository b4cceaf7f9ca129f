"""What every stop works with: the open document, long work, the page, the mirror, and ways to say and ask."""

from __future__ import annotations

import re
from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import Any

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtWidgets import QFileDialog, QMessageBox, QWidget

from vamos.core.dance.lines import Line
from vamos.core.model.clip import Clip
from vamos.core.model.project import Project
from vamos.core.progress import Progress
from vamos.errors import VamosError
from vamos.ui.frame.center import Center, CenterView
from vamos.ui.page.content import Content
from vamos.ui.preview.controller import Preview
from vamos.ui.work.runner import Runner
from vamos.ui.work.scope import DocumentScope
from vamos.ui.work.session import Session
from vamos.ui.work.settings import FOLDER, last_folder
from vamos.wording import words_of

tr = words_of(__name__)


class Desk(QObject):
    """Handed to every stop. It holds no work of its own."""

    #: Words for the line at the bottom.
    said = pyqtSignal(str)
    #: A stop is wished for, by its name.
    stop_wished = pyqtSignal(str)
    #: What panels show is no longer what is so.
    stale = pyqtSignal()
    #: The field with this name should have the cursor once it is there.
    focus_wished = pyqtSignal(str)

    def __init__(
        self, window: QWidget, session: Session, runner: Runner, content: Content, center: Center, preview: Preview
    ):
        super().__init__(window)
        self._window = window
        self.session, self.runner, self.content = session, runner, content
        self.center, self.page, self.preview = center, center.page, preview
        #: What has the focus when nothing else has.
        self.rests_on: QWidget = self.page

    @property
    def project(self) -> Project:
        return self.session.project

    @property
    def scope(self) -> DocumentScope:
        """What is kept of the open document."""
        return self.session.scope

    @property
    def position(self) -> Fraction:
        """The count the page stands on."""
        return self.page.position

    def line(self) -> Line | None:
        """The line the page stands on."""
        return self.preview.watched.line()

    def clip(self) -> Clip | None:
        """The clip cut from that line in the watched view."""
        return self.preview.watched.clip()

    # --- doing and saying ----------------------------------------------------------------

    def tell(self, words: str) -> None:
        self.said.emit(words)

    def do(self, name: str, edit: Callable[[Project], Project], told: str = "") -> bool:
        """Change the project, and say what was done; whether something changed."""
        return self.session.do(name, edit, told)

    def run(self, name: str, work: Callable[[Progress], Any], done: Callable[[Any], object]) -> None:
        """Long work for the open document, with progress and a way to stop it."""
        self.runner.run(name, work, done)

    def attempt(self, work: Callable[[], object], told: str) -> bool:
        """Something short that may be refused: say so, or what was done."""
        try:
            work()
        except VamosError as error:
            self.tell(str(error))
            return False
        self.tell(told)
        return True

    # --- where one looks -----------------------------------------------------------------

    def go_to_stop(self, name: str) -> None:
        self.stop_wished.emit(name)

    def focus_on(self, name: str) -> None:
        """The cursor goes into a field of the panel as soon as it is there."""
        self.focus_wished.emit(name)

    def show_page(self) -> None:
        """The page in the middle, in focus; at a stop without it, the stop itself."""
        self.center.show_page(bool(self.session.lines))
        if self.session.lines or self.rests_on is not self.page:
            self.rests_on.setFocus()

    def show_view(self, view: CenterView) -> None:
        """A view of a stop in the place of the page."""
        self.preview.playback.stop()
        self.center.show_view(view)

    # --- asking for files ----------------------------------------------------------------

    def ask_open(self, title: str, kinds: str) -> Path | None:
        name, _ = QFileDialog.getOpenFileName(self._window, title, last_folder(), kinds)
        return _remembered(name)

    def ask_open_many(self, title: str, kinds: str) -> list[Path]:
        names, _ = QFileDialog.getOpenFileNames(self._window, title, last_folder(), kinds)
        return [p for p in map(_remembered, names) if p is not None]

    def ask_save(self, title: str, kinds: str, name: str = "") -> Path | None:
        """A file to write; without an ending it gets that of the chosen kind."""
        start = str(Path(last_folder()) / name) if name else last_folder()
        chosen, kind = QFileDialog.getSaveFileName(self._window, title, start, kinds)
        path = _remembered(chosen)
        if path is None or path.suffix.lower() in _endings(kinds) or not _endings(kind):
            return path
        whole = path.with_name(path.name + _endings(kind)[0])
        # The dialog asked about the name as it was typed.
        return whole if not whole.exists() or self.may_replace(whole) else None

    def may_replace(self, path: Path) -> bool:
        """Ask whether a file may be replaced."""
        yes, no = QMessageBox.StandardButton.Yes, QMessageBox.StandardButton.No
        question = tr("{name} is there already. Replace it?", name=path.name)
        return QMessageBox.question(self._window, tr("Replace a file"), question, yes | no, no) == yes

    def ask_folder(self, title: str) -> Path | None:
        name = QFileDialog.getExistingDirectory(self._window, title, last_folder())
        if name:
            FOLDER.set(name)
        return Path(name) if name else None


def _endings(kinds: str) -> list[str]:
    """The endings that the kinds of a file dialog name, such as .md and .csv."""
    return re.findall(r"\*(\.\w+)", kinds)


def _remembered(name: str) -> Path | None:
    if not name:
        return None
    FOLDER.set(str(Path(name).parent))
    return Path(name)
