"""The open project in the window: edits, undo, saving itself, what was open last."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import platformdirs
from PyQt6.QtCore import QObject, QSettings, QTimer, pyqtSignal

from vamos.core.dance.lines import Line, lines_for
from vamos.core.document.files import SUFFIX, load, save
from vamos.core.document.history import History
from vamos.core.model.project import Project
from vamos.errors import VamosError

SAVE_AFTER_MS = 800


class Session(QObject):
    """Holds the project; everything shown follows ``changed``."""

    changed = pyqtSignal(object, object)
    saved = pyqtSignal(str)
    trouble = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self.history = History(Project())
        self.path: Path | None = None
        self._lines: tuple[Line, ...] = ()
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(SAVE_AFTER_MS)
        self._timer.timeout.connect(self.save_now)

    @property
    def project(self) -> Project:
        return self.history.now

    @property
    def base(self) -> Path | None:
        return self.path.parent if self.path is not None else None

    @property
    def lines(self) -> tuple[Line, ...]:
        return self._lines

    def open(self, path: Path) -> None:
        """Open a project file; raises MissingError or ProjectError and leaves all as it was."""
        project = load(path)
        self.save_now()
        self._show(History(project), path)
        QSettings("vamos", "vamos").setValue("last", str(path))

    def new(self) -> None:
        """An empty project; it gets a file as soon as something is in it."""
        self.save_now()
        self._show(History(Project()), None)
        QSettings("vamos", "vamos").remove("last")

    def _show(self, history: History, path: Path | None) -> None:
        before = self.project
        self.history, self.path = history, path
        self._lines = lines_for(self.project)
        self.changed.emit(before, self.project)

    def do(self, name: str, edit: Callable[[Project], Project]) -> bool:
        """Apply an edit; a refused edit is told, not raised."""
        before = self.project
        try:
            if not self.history.do(name, edit):
                return False
            self._lines = lines_for(self.project)
        except VamosError as error:
            if self.project is not before:
                self.history.undo()
            self.trouble.emit(str(error))
            return False
        self._after(before)
        return True

    def undo(self) -> None:
        self._step(self.history.undo)

    def redo(self) -> None:
        self._step(self.history.redo)

    def _step(self, move: Callable[[], str | None]) -> None:
        before = self.project
        if move() is not None:
            self._lines = lines_for(self.project)
            self._after(before)

    def _after(self, before: Project) -> None:
        if self.path is None:
            self.path = _draft_path(self.project)
            QSettings("vamos", "vamos").setValue("last", str(self.path))
        self.changed.emit(before, self.project)
        self._timer.start()

    def save_now(self) -> None:
        """Write the project if it waits to be written."""
        self._timer.stop()
        if self.path is None:
            return
        try:
            save(self.project, self.path)
        except VamosError as error:
            self.trouble.emit(f"The project could not be saved. {error}")
        else:
            self.saved.emit(str(self.path))

    def save_as(self, path: Path) -> None:
        """Keep the project in another file from now on; media paths follow."""
        from dataclasses import replace

        from vamos.core.document.paths import locate, reference

        target = path if path.suffix == SUFFIX else path.with_name(path.name + SUFFIX)
        project = self.project

        def moved(media):
            return reference(locate(media, self.base), media.duration_s, target.parent)

        try:
            song = replace(project.song, media=moved(project.song.media)) if project.song else None
            takes = tuple(replace(t, media=moved(t.media)) for t in project.takes)
            others = tuple(replace(o, song=replace(o.song, media=moved(o.song.media))) for o in project.other_songs)
            changed = replace(project, song=song, takes=takes, other_songs=others, name=target.stem)
            save(changed, target)
        except VamosError as error:
            self.trouble.emit(str(error))
            return
        self._show(History(changed), target)
        QSettings("vamos", "vamos").setValue("last", str(target))
        self.saved.emit(str(target))


def last_open() -> Path | None:
    """The project that was open last, if it is still there."""
    value = QSettings("vamos", "vamos").value("last")
    path = Path(value) if value else None
    return path if path is not None and path.is_file() else None


def _draft_path(project: Project) -> Path:
    """A free file name among the drafts."""
    folder = Path(platformdirs.user_data_dir("vamos", appauthor=False)) / "projects"
    name = project.song.title if project.song and project.song.title else "untitled"
    path, number = folder / f"{name}{SUFFIX}", 2
    while path.exists():
        path, number = folder / f"{name} {number}{SUFFIX}", number + 1
    return path
