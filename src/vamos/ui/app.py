"""Starting the window."""

from __future__ import annotations

import os
import sys
import traceback
from pathlib import Path
from types import TracebackType

from vamos.errors import VamosError


def run_window(project: Path | None) -> int:
    """Open the window on a project, on what was open last, or on the empty page."""
    from PyQt6.QtWidgets import QApplication

    if not has_screen():
        print(
            "There is no screen here (DISPLAY and WAYLAND_DISPLAY are empty). "
            "The command line does the same work: see “vamos --help”.",
            file=sys.stderr,
        )
        return 2
    from vamos.ui import theme
    from vamos.ui.session import last_open
    from vamos.ui.window import Window

    app = QApplication(sys.argv[:1])
    app.setApplicationName("vamos")
    app.setApplicationDisplayName("Vamos")
    theme.load_fonts()
    theme.apply(app, theme.DAY)
    window = Window()
    sys.excepthook = _teller(window)
    path = project or last_open()
    if path is not None:
        try:
            window.session.open(path)
        except VamosError as error:
            window.tell(str(error))
    window.show()
    return app.exec()


def has_screen() -> bool:
    """Whether a window can be opened here."""
    return bool(
        os.environ.get("DISPLAY")
        or os.environ.get("WAYLAND_DISPLAY")
        or os.environ.get("QT_QPA_PLATFORM") in ("offscreen", "minimal", "vnc")
    )


def _teller(window):
    """An exception in a slot is told and printed; the project is safe in its file."""

    def tell(kind: type[BaseException], error: BaseException, trace: TracebackType | None) -> None:
        traceback.print_exception(kind, error, trace)
        window.tell(f"Something unexpected went wrong: {error}. Your project is safe.")

    return tell
