"""The open document in the window: signals when it changes, saving itself, what was open last."""

from __future__ import annotations

import time
from collections.abc import Callable
from pathlib import Path

import platformdirs
from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from vamos.core.dance.lines import Line
from vamos.core.document import lock
from vamos.core.document.files import SUFFIX
from vamos.core.model.project import Project
from vamos.core.open_document.document import OpenDocument
from vamos.core.open_document.facts import Facts, Failed
from vamos.errors import VamosError
from vamos.ui.work import recent
from vamos.ui.work.scope import DocumentScope
from vamos.ui.work.settings import LAST
from vamos.ui.work.worker import LatestWorker
from vamos.wording import inside, words_of

tr = words_of(__name__)

SAVE_AFTER_MS = 800
#: So often it is looked whether something else wrote the file.
LOOK_MS = 1500
_LONGEST_NAME = 80


class Session(QObject):
    """Holds the open document; everything shown follows ``changed`` (before, after).

    ``replaced`` tells that another document is open now, before ``changed`` does. ``said`` are words for the user.
    """

    changed = pyqtSignal(object, object)
    replaced = pyqtSignal()
    #: All that follows from the open project has been worked out.
    prepared = pyqtSignal()
    saved = pyqtSignal(str)
    said = pyqtSignal(str)
    fault = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self.document = OpenDocument()
        #: What the window keeps of this document.
        self.scope = DocumentScope()
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(SAVE_AFTER_MS)
        self._timer.timeout.connect(self.save_now)
        self._look = QTimer(self)
        self._look.setInterval(LOOK_MS)
        self._look.timeout.connect(self.take_over)
        self._look.start()
        self._held: Path | None = None
        self._preparer = LatestWorker("what follows", lambda facts: facts.prepare(), lambda: None)
        self._preparer.ready.connect(self._prepared)
        self._preparer.refused.connect(self.said)
        self._preparer.fault.connect(self.fault)
        self._prepared_facts: Facts | None = self.document.facts
        #: Faults told already; each edit would tell them again.
        self._reported: set[tuple[str, str]] = set()

    @property
    def project(self) -> Project:
        return self.document.project

    @property
    def facts(self) -> Facts:
        return self.document.facts

    @property
    def path(self) -> Path | None:
        return self.document.path

    @property
    def base(self) -> Path | None:
        return self.document.base

    @property
    def lines(self) -> tuple[Line, ...]:
        return self.document.facts.lines

    @property
    def preparing(self) -> bool:
        """Whether what follows from the last edit is still being worked out."""
        return self._prepared_facts is not self.document.facts

    def _prepared(self, facts: Facts, failed: tuple[Failed, ...]) -> None:
        if facts is self.document.facts:
            self._prepared_facts = facts
            self.prepared.emit()
            for fact in failed:
                # The same fault comes by other ways after each edit.
                which = (fact.name, fact.report.splitlines()[:3][-1] if fact.report else "")
                if fact.report and which not in self._reported:
                    self._reported.add(which)
                    self.fault.emit(fact.report)

    def _tell_changed(self, before: Project) -> None:
        self.changed.emit(before, self.project)
        self._preparer.ask(self.document.facts)

    def close(self) -> None:
        """Write what waits; nothing is worked out any more."""
        self._look.stop()
        self.save_now()
        self._hold(None)
        self._preparer.close()

    # --- which document ------------------------------------------------------------------

    def open(self, path: Path) -> None:
        """Open a project file; raises MissingError or ProjectError and leaves all as it was."""
        # What waits to be written may be in the very file.
        self.save_now()
        self._show(OpenDocument.open(path))

    def new(self) -> None:
        """An empty project; it gets a file as soon as something is in it."""
        self.save_now()
        self._show(OpenDocument())

    def save_as(self, path: Path) -> None:
        """Keep the project in another file from now on; media paths follow."""
        try:
            copy = self.document.copy_to(path)
        except VamosError as error:
            self.said.emit(str(error))
            return
        self._show(copy)
        self.saved.emit(str(copy.path))

    def _show(self, document: OpenDocument) -> None:
        before = self.project
        self.scope.end()
        self.scope, self.document = DocumentScope(), document
        self.replaced.emit()
        self._tell_changed(before)
        # Last, so that who else has it open is still read when all is shown.
        self._remember()

    def _hold(self, path: Path | None) -> None:
        """Say that a project is open here, and of the one before that it is not any more; tell who else has it open."""
        if path == self._held:
            return
        if self._held is not None:
            lock.release(self._held)
        self._held = path
        if path is not None and lock.ended(path):
            self._tell_what_came_back(path)
        other = lock.hold(path) if path is not None else None
        if other is not None and path is not None:
            self.said.emit(
                tr(
                    "{name} is open in another window as well ({words}). What is saved there is taken "
                    "over here; when both change something at once, both are kept.",
                    name=path.name,
                    words=other.words(),
                )
            )

    def _tell_what_came_back(self, path: Path) -> None:
        """Vamos was ended while a project was open: each change was in its file a second after it was made."""
        try:
            at = time.localtime(path.stat().st_mtime)
        except OSError:
            return
        when = time.strftime("%H:%M:%S" if time.localtime()[:3] == at[:3] else "%Y-%m-%d %H:%M:%S", at)
        words = tr("{name} was not closed last time. All changes up to {when} are here.", name=path.name, when=when)
        self.said.emit(words)

    def take_over(self) -> None:
        """What something else wrote into the file is shown, unless something of this window waits to be written."""
        if self.document.dirty or not self.document.changed_outside():
            return
        before = self.project
        try:
            self.document.take_over()
        except VamosError:
            # It may be in the middle of being written; the next look tells.
            return
        self._tell_changed(before)
        name = self.document.path.name if self.document.path is not None else tr("The project")
        self.said.emit(
            tr("Another program changed {name}; its version is taken over. Ctrl+Z goes back to yours.", name=name)
        )

    def _remember(self) -> None:
        path = self.document.path
        self._hold(path.absolute() if path is not None else None)
        if path is None:
            LAST.forget()
        else:
            LAST.set(str(path.absolute()))
            recent.remember(path)

    # --- edits ---------------------------------------------------------------------------

    def do(self, name: str, edit: Callable[[Project], Project], told: str = "") -> bool:
        """Apply an edit and say what it did; a refused edit is told, not raised."""
        before = self.project
        try:
            if not self.document.do(name, edit):
                return False
        except VamosError as error:
            self.said.emit(str(error))
            return False
        self._after(before)
        if " " in told:
            self.said.emit(tr("{told}. Ctrl+Z takes it back.", told=told.rstrip(".")))
        else:
            # The name of an edit is no sentence.
            what = name if not told else f"{inside(name)}: {told}"
            self.said.emit(tr("Changed: {what}. Ctrl+Z takes it back.", what=inside(what)))
        return True

    def undo(self) -> None:
        before, name = self.project, self.document.undo()
        if name is None:
            self.said.emit(tr("There is nothing to take back."))
            return
        self._after(before)
        self.said.emit(tr("Taken back: {name}. Ctrl+Shift+Z makes it again.", name=inside(name)))

    def redo(self) -> None:
        before, name = self.project, self.document.redo()
        if name is None:
            self.said.emit(tr("There is nothing to make again."))
            return
        self._after(before)
        self.said.emit(tr("Made again: {name}. Ctrl+Z takes it back.", name=inside(name)))

    def _after(self, before: Project) -> None:
        if self.document.path is None:
            self.document.path = _draft_path(self.project)
            self._remember()
        self._tell_changed(before)
        if not self._timer.isActive():
            # Not put off by what is edited meanwhile: at most this much can be lost.
            self._timer.start()

    def save_now(self) -> None:
        """Write the project if something in it was edited."""
        self._timer.stop()
        try:
            written = self.document.save()
        except VamosError as error:
            self.said.emit(tr("The project could not be saved. {error}", error=error))
            return
        if written is None:
            return
        self._remember()
        if written.kept_beside is not None:
            self.said.emit(
                tr(
                    "Another program changed {name} meanwhile, so it was left as it is. "
                    "Your version is kept beside it as {name2}, and is what is open now.",
                    name=written.kept_beside.name,
                    name2=written.path.name,
                )
            )
        self.saved.emit(str(written.path))


def _lower(name: str) -> str:
    return name[:1].lower() + name[1:]


def last_open() -> Path | None:
    """The project that was open last, if it is still there."""
    path = Path(LAST.get()) if LAST.get() else None
    try:
        return path if path is not None and path.is_file() else None
    except (OSError, ValueError):
        return None


def _draft_path(project: Project) -> Path:
    """A free file name among the drafts."""
    folder = Path(platformdirs.user_data_dir("vamos", appauthor=False)) / "projects"
    name = file_name(project.song.title if project.song else "", "untitled")
    path, number = folder / f"{name}{SUFFIX}", 2
    while path.exists():
        path, number = folder / f"{name} {number}{SUFFIX}", number + 1
    return path


def file_name(text: str, otherwise: str) -> str:
    """A title as the name of a file in a folder: no path, nothing a file system refuses, not too long."""
    kept = "".join(" " if c in '/\\:*?"<>|' or ord(c) < 32 else c for c in text)
    kept = kept.encode(errors="replace").decode()
    return " ".join(kept.split()).strip(". ")[:_LONGEST_NAME] or otherwise
