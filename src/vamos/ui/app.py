"""Starting the window."""

from __future__ import annotations

import os
import subprocess
import sys
import threading
from collections.abc import Sequence
from pathlib import Path
from types import TracebackType
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.core.disk.outputs import PROJECT
from vamos.errors import VamosError
from vamos.faults import printed
from vamos.wording import words_of

if TYPE_CHECKING:
    from vamos.ui.window import Window

tr = words_of(__name__)


def run_window(files: Sequence[Path] = (), demo: Path | None = None) -> int:
    """Open the window on files, on what was open last, or on the empty page; or on the demo of a folder.

    The first project among the files is opened here, each other one in a window of its own; songs and films are taken
    in.
    """
    from PyQt6.QtGui import QIcon
    from PyQt6.QtWidgets import QApplication

    from vamos import desktop

    if not has_screen():
        print(
            tr(
                "There is no screen here (DISPLAY and WAYLAND_DISPLAY are empty). The command line "
                "does the same work: see “vamos --help”."
            ),
            file=sys.stderr,
        )
        return 2
    from vamos.ui.frame import placing
    from vamos.ui.frame.language_choice import translate_qt
    from vamos.ui.parts import theme
    from vamos.ui.window import Window
    from vamos.ui.work.signals import EndOnSignal

    app = QApplication(sys.argv[:1])
    app.setApplicationName("vamos")
    app.setApplicationDisplayName("Vamos")
    app.setDesktopFileName(desktop.ID)
    app.setWindowIcon(QIcon(str(desktop.ICON)))
    translate_qt()
    theme.load_fonts()
    theme.apply(app, theme.DAY)
    window = Window()
    window.follow_light()
    hints = app.styleHints()
    if hints is not None:
        hints.colorSchemeChanged.connect(lambda _scheme: window.follow_light())
    teller = FaultTeller(window)
    teller.install()
    if demo is None:
        open_first(window, files)
    placing.place(window)
    window.show()
    if demo is not None:
        window.project_commands.open_demo(demo)
    ends = EndOnSignal(window)
    try:
        return app.exec()
    finally:
        ends.restore()


def open_first(window: Window, files: Sequence[Path] = ()) -> None:
    """The files asked for, or the project of last time; whatever they hold, the window opens."""
    from vamos.ui.tasks.files import take_in
    from vamos.ui.work.session import last_open

    projects = [p for p in files if p.suffix.lower() == PROJECT or p.is_dir() or not p.suffix]
    media = [p for p in files if p not in projects]
    last = None if files else last_open()
    for other in projects[1:]:
        subprocess.Popen([sys.executable, "-m", "vamos.cli", "open", str(other)], stdin=subprocess.DEVNULL)
    path = projects[0] if projects else last
    try:
        if path is not None:
            window.session.open(path)
            window.come_back(path)
        if media:
            take_in(window.desk, media)
    except VamosError as error:
        window.tell(str(error))
    except Exception as error:
        window.tell_fault(printed("opening a project", error))


def has_screen() -> bool:
    """Whether a window can be opened here."""
    return bool(
        os.environ.get("DISPLAY")
        or os.environ.get("WAYLAND_DISPLAY")
        or os.environ.get("QT_QPA_PLATFORM") in ("offscreen", "minimal", "vnc")
    )


class FaultTeller(QObject):
    """An exception nobody caught, in any thread, is printed and told; the project is safe in its file."""

    _told = pyqtSignal(str)
    _said = pyqtSignal(str)

    def __init__(self, window: Window):
        super().__init__(window)
        self._told.connect(window.tell_fault)
        self._said.connect(window.tell)

    def install(self) -> None:
        sys.excepthook = self._hook
        threading.excepthook = self._thread_hook

    def _hook(self, _kind: type[BaseException], error: BaseException, _trace: TracebackType | None) -> None:
        if isinstance(error, VamosError):
            # Refused with words for the user, in a place that does not say them itself.
            self._said.emit(str(error))
        else:
            self._told.emit(printed("a slot of the window", error))

    def _thread_hook(self, args: threading.ExceptHookArgs) -> None:
        if args.exc_value is not None:
            name = args.thread.name if args.thread is not None else "?"
            self._told.emit(printed(f"the thread {name}", args.exc_value))
