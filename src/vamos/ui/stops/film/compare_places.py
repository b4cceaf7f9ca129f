"""Where a song repeats, a pass may lie at several places: they are shown side by side, to say which it is."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction

from PyQt6.QtWidgets import QVBoxLayout

from vamos.core.edit import takes as edit
from vamos.core.model.take import Pass, counts_to_take
from vamos.core.plan.edges import snapped
from vamos.core.time.counts import minutes_text
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.frame.center import CenterView
from vamos.ui.parts.theme import DAY, Theme
from vamos.ui.preview.side_by_side import Side, SideBySide
from vamos.wording import words_of

tr = words_of(__name__)

#: So many other places are shown beside the first; the panel names them all.
LOOKED_AT = 2


class PlaceChooser(CenterView):
    """The places of one pass."""

    def __init__(self, desk: Desk):
        super().__init__()
        self._desk = desk
        self.pictures = SideBySide(DAY, desk.show_page, lambda: desk.position)
        self.setFocusProxy(self.pictures)
        down = QVBoxLayout(self)
        down.setContentsMargins(0, 0, 0, 0)
        down.addWidget(self.pictures)

    def show_places(self, take_id: str, number: int) -> None:
        take, grid = self._desk.project.take(take_id), self._desk.project.grid
        if grid is None:
            return
        try:
            path = self._desk.preview.watched.film_of(take)
        except VamosError as error:
            self._desk.tell(str(error))
            return
        here = take.passes[number]
        start = here.take_range.start_s
        at_now = here.clock(start)
        sides = [
            Side(
                path,
                counts_to_take(here, grid),
                False,
                tr("at {minutes} of the song", minutes=minutes_text(at_now)),
                _nothing,
                True,
            )
        ]
        for other, at in list(enumerate(here.also_at_song_s))[:LOOKED_AT]:
            moved: Pass = replace(here, clock=here.clock.shifted(at - at_now))
            words = tr("at {minutes} of the song", minutes=minutes_text(max(0.0, at)))
            sides.append(Side(path, counts_to_take(moved, grid), False, words, self._chooser(take_id, number, other)))
        first = grid.time_map().inverse()(at_now)
        self._desk.page.go_to_position(snapped(first + 4))
        self._desk.show_view(self)
        self.pictures.show_sides(tr("{name}, pass {number}: where is it?", name=take.name, number=number + 1), sides)

    def _chooser(self, take_id: str, number: int, other: int) -> Callable[[], object]:
        return lambda: self._desk.do(
            tr("The other place"),
            lambda p: edit.use_other_place(p, take_id, number, other),
            tr("The pass lies there now"),
        )

    def show_position(self, position: Fraction | float) -> None:
        self.pictures.show_position(position)

    def leave(self) -> None:
        self.pictures.clear()

    def shut_down(self) -> None:
        self.pictures.clear()

    def set_theme(self, theme: Theme) -> None:
        self.pictures.set_theme(theme)


def _nothing() -> None:
    """The place it lies at already."""
