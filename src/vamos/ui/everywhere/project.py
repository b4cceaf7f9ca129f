"""The project and its file: new, open, add, save elsewhere, undo, redo, quit."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from vamos.core.document.files import SUFFIX
from vamos.ui.desk import Desk
from vamos.ui.parts.action import Action, Scope
from vamos.ui.tasks.files import KINDS, open_path, take_in
from vamos.ui.work.session import file_name
from vamos.wording import words_of

tr = words_of(__name__)

_ANY = Scope.ANYWHERE
ACTIONS = (
    Action(
        "new_project",
        tr("New project"),
        "Ctrl+N",
        "Project",
        tr("Start with an empty page; the open one stays saved."),
        _ANY,
    ),
    Action("open_project", tr("Open…"), "Ctrl+O", "Project", tr("Open a project file."), _ANY),
    Action(
        "save_as",
        tr("Save as…"),
        "Ctrl+Shift+S",
        "Project",
        tr("Keep the project under another name. It saves itself after each change."),
        _ANY,
    ),
    Action(
        "open_demo", tr("Open the demo"), "", "Project", tr("A song, a dance and six takes to try everything on."), _ANY
    ),
    Action(
        "add_files",
        tr("Add song or takes…"),
        "Ctrl+I",
        "Project",
        tr("Choose a song or takes; dropping files on the window does the same."),
        _ANY,
    ),
    Action("quit", tr("Quit"), "Ctrl+Q", "Project", tr("Close Vamos. What was open comes back."), _ANY),
    Action("undo", tr("Undo"), "Ctrl+Z", "Edit", tr("Take back the last change."), _ANY, repeats=True),
    Action("redo", tr("Redo"), "Ctrl+Shift+Z", "Edit", tr("Make the change again."), _ANY, repeats=True),
)
_PROJECTS = tr("Vamos projects (*{suffix})", suffix=SUFFIX)


class ProjectCommands:
    """``close`` closes the window."""

    def __init__(self, desk: Desk, close: Callable[[], object]):
        self._desk = desk
        self._close = close

    def new_project(self) -> None:
        self._desk.session.new()

    def open_project(self) -> None:
        path = self._desk.ask_open(tr("Open a project"), _PROJECTS)
        if path is not None:
            open_path(self._desk, path)

    def save_as(self) -> None:
        name = file_name(self._desk.project.name, "dance") + SUFFIX
        path = self._desk.ask_save(tr("Save the project as"), _PROJECTS, name)
        if path is not None:
            self._desk.session.save_as(path)

    def open_demo(self, folder: Path | None = None) -> None:
        from vamos.demo.build import default_folder, make_demo

        desk = self._desk
        desk.run(
            tr("Making the demo"),
            lambda progress: make_demo(folder or default_folder(), progress),
            lambda path: open_path(desk, path),
        )

    def add_files(self) -> None:
        paths = self._desk.ask_open_many(tr("Add a song or takes"), KINDS)
        if paths:
            take_in(self._desk, paths)

    def quit(self) -> None:
        self._close()

    def undo(self) -> None:
        self._desk.session.undo()

    def redo(self) -> None:
        self._desk.session.redo()
