"""The passes that show a clip, side by side in step, to choose the better one."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction

from PyQt6.QtWidgets import QVBoxLayout

from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, Clip
from vamos.core.plan.clips import candidates_of
from vamos.core.plan.coverage import Candidate
from vamos.core.plan.flip import choose_flip
from vamos.core.time import TimeMap
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.frame.center import CenterView
from vamos.ui.parts.theme import DAY, Theme
from vamos.ui.preview.side_by_side import MOST, Side, SideBySide
from vamos.wording import words_of

tr = words_of(__name__)


class PassChooser(CenterView):
    """The passes of one clip."""

    def __init__(self, desk: Desk):
        super().__init__()
        self._desk = desk
        self.pictures = SideBySide(DAY, desk.show_page, lambda: desk.position)
        self.setFocusProxy(self.pictures)
        down = QVBoxLayout(self)
        down.setContentsMargins(0, 0, 0, 0)
        down.addWidget(self.pictures)

    def show_passes(self) -> None:
        """The passes of the clip of this line, the one that is used first."""
        clip = self._desk.clip()
        found = candidates_of(self._desk.project, clip, self._desk.session.facts.coverage) if clip is not None else ()
        if clip is None or len(found) < 2:
            self._desk.tell(
                tr("There is only one pass of this view. Press V for another view, or film it again to compare.")
            )
            return
        now = [c for c in found if c.key == (clip.take, clip.pass_number)]
        ordered = (now + [c for c in found if c not in now])[:MOST]
        sides = [side for c in ordered if (side := self._side(clip, c, c in now)) is not None]
        if sides:
            self._desk.show_view(self)
            self.pictures.show_sides(tr("{title}, {view}: which pass?", title=clip.title, view=clip.view), sides)

    def _side(self, clip: Clip, found: Candidate, chosen: bool) -> Side | None:
        try:
            path = self._desk.preview.watched.film_of(found.take)
        except VamosError as error:
            self._desk.tell(str(error))
            return None
        shift = TimeMap.line(0.0, float(found.line.start - self._line_start(clip)))
        wall = tr(", wall {wall}", wall=found.line.wall) if found.line.wall is not None else ""
        trouble = "; ".join(found.problems) or tr("no trouble seen")
        words = tr(
            "{name}, pass {number}{wall}: {trouble}",
            name=found.take.name,
            number=found.number + 1,
            wall=wall,
            trouble=trouble,
        )
        flip = choose_flip(found.stretch).flip
        return Side(path, shift.then(found.count_to_take), flip, words, self._chooser(clip, found), chosen)

    def _line_start(self, clip: Clip) -> Fraction:
        """Where the line the page stands on begins; that of the clip when it is another section."""
        line = self._desk.line()
        alike = line is not None and line.section is not None and line.section.id == clip.subject
        return line.start if line is not None and alike else clip.counts.start

    def _chooser(self, clip: Clip, found: Candidate) -> Callable[[], object]:
        choice = Choice(clip.key, take=found.take.id, pass_id=found.the_pass.id)
        told = tr(
            "{title}, {view}: {name}, pass {number} is used",
            title=clip.title,
            view=clip.view,
            name=found.take.name,
            number=found.number + 1,
        )
        return lambda: self._desk.do(tr("Another pass"), lambda p: choose(p, choice), told)

    def show_position(self, position: Fraction | float) -> None:
        self.pictures.show_position(position)

    def leave(self) -> None:
        self.pictures.clear()

    def shut_down(self) -> None:
        self.pictures.clear()

    def set_theme(self, theme: Theme) -> None:
        self.pictures.set_theme(theme)
