"""What stands in the middle of the window: the page, the wall map, the slate, passes side by side."""

from __future__ import annotations

from fractions import Fraction
from typing import TYPE_CHECKING

from vamos.core.dance.wall_map import wall_map
from vamos.core.model.clip import Clip
from vamos.ui.compare import Side

if TYPE_CHECKING:
    from PyQt6.QtWidgets import QStackedWidget

    from vamos.core.dance.lines import Line
    from vamos.ui.compare import Compare
    from vamos.ui.page.view import PageView
    from vamos.ui.session import Session
    from vamos.ui.slate import Slate
    from vamos.ui.wall_map import WallMap
    from vamos.ui.watching import Watching


class Places:
    """Part of :class:`vamos.ui.window.Window`."""

    stack: QStackedWidget
    page: PageView
    map: WallMap
    slate: Slate
    compare: Compare
    session: Session
    watching: Watching

    if TYPE_CHECKING:

        def tell(self, words: str) -> None: ...
        def current_line(self) -> Line | None: ...

    def show_page(self) -> None:
        """The page instead of the wall map or the slate."""
        self.slate.playback.stop()
        self.compare.clear()
        if self.session.lines:
            self.stack.setCurrentWidget(self.page)
            self.page.setFocus()

    @property
    def slate_open(self) -> bool:
        return self.stack.currentWidget() is self.slate

    @property
    def compare_open(self) -> bool:
        return self.stack.currentWidget() is self.compare

    def page_line_start(self, clip: Clip) -> Fraction:
        """Where the line the page stands on begins; that of the clip when it is another section."""
        line = self.current_line()
        alike = line is not None and line.section is not None and line.section.name == clip.title
        return line.start if line is not None and alike else clip.counts.start

    def show_compare(self, title: str, sides: list[Side]) -> None:
        """Passes side by side in step."""
        self.watching.playback.stop()
        self.stack.setCurrentWidget(self.compare)
        self.compare.show_sides(title, sides)

    def show_slate(self, take: str, take_s: float) -> None:
        """A take under its sound, to be matched by eye."""
        self.watching.playback.stop()
        self.stack.setCurrentWidget(self.slate)
        self.slate.open_at(take, take_s)

    def toggle_wall_map(self) -> None:
        """The wall map instead of the page, and back."""
        if not self.session.project.dance.sequence or not self.session.lines:
            self.tell("There is no sequence to draw yet.")
        elif self.stack.currentWidget() is self.map:
            self.show_page()
        else:
            self.stack.setCurrentWidget(self.map)
            self.draw_map()

    def draw_map(self) -> None:
        if self.stack.currentWidget() is self.map:
            song = self.session.project.song
            self.map.show_drawing(wall_map(self.session.project.dance, song.grid if song else None))
