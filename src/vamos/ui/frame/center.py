"""What stands in the middle of the window: the page, or a view that a stop puts in its place."""

from __future__ import annotations

from fractions import Fraction

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QApplication, QStackedWidget, QWidget

from vamos.ui.page.view import PageView
from vamos.ui.parts.theme import Theme


class CenterView(QWidget):
    """A view in the place of the page. Playing, stepping and tapping go to it when it says so."""

    #: It needs the whole width: nothing stands beside it.
    alone = False

    def toggle(self) -> bool:
        """Play or stop; False leaves it to the song."""
        return False

    def step(self, frames: int) -> bool:
        """So many frames on; False leaves it to the song."""
        return False

    def number_key(self, number: int) -> bool:
        """A digit was pressed; False leaves it."""
        return False

    def refresh(self) -> None:
        """The project changed, or the page stands elsewhere."""

    def show_position(self, position: Fraction | float) -> None:
        """The song stands at a count."""

    def leave(self) -> None:
        """Another view comes in its place."""

    def shut_down(self) -> None:
        """The window is going."""

    def set_theme(self, theme: Theme) -> None:
        """Other colours."""


class Center(QStackedWidget):
    """The page, the start page while there is nothing, or a view of a stop."""

    view_changed = pyqtSignal()

    def __init__(self, page: PageView, start: QWidget):
        super().__init__()
        self.page, self.start = page, start
        self.views: list[CenterView] = []
        self.addWidget(start)
        self.addWidget(page)

    @property
    def view(self) -> CenterView | None:
        """The view in the place of the page, if one is."""
        now = self.currentWidget()
        return now if isinstance(now, CenterView) else None

    def add(self, view: CenterView) -> None:
        self.views.append(view)
        self.addWidget(view)

    def show_view(self, view: CenterView) -> None:
        self._leave()
        self.setCurrentWidget(view)
        view.setFocus()
        view.refresh()
        self.view_changed.emit()

    def show_page(self, lines: bool = True) -> None:
        """The page; without lines, the start page."""
        wanted = self.page if lines else self.start
        if self.currentWidget() is wanted:
            return
        begins = self.currentWidget() is self.start
        focus = QApplication.focusWidget()
        inside = focus is not None and self.isAncestorOf(focus)
        self._leave()
        self.setCurrentWidget(wanted)
        if lines and (begins or inside):
            self.page.setFocus()
        self.view_changed.emit()

    def _leave(self) -> None:
        view = self.view
        if view is not None:
            view.leave()
