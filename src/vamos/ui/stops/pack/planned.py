"""What a pack will hold, as pictures with lengths: a card a film, by section; those that are written can be played."""

from __future__ import annotations

import itertools
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from pathlib import Path

from PyQt6.QtCore import QRect, QRectF, QSize, Qt
from PyQt6.QtGui import QColor, QImage, QKeyEvent, QPainter, QPaintEvent, QPalette, QPen, QResizeEvent
from PyQt6.QtWidgets import QAbstractButton, QSizePolicy, QVBoxLayout, QWidget

from vamos.core.model.clip import RUN_THROUGH
from vamos.core.model.project import Project
from vamos.core.pack.estimate import PlannedFilm
from vamos.core.plan.flip import label_words
from vamos.core.time.counts import minutes_text
from vamos.ui.parts.buttons import clicked_by_return, give_way, height_of
from vamos.ui.parts.flow import FlowLayout
from vamos.ui.parts.text import label
from vamos.ui.stops.pack.stills import Still, Stills, still_of
from vamos.wording import opening, words_of

tr = words_of(__name__)

_WIDE, _HIGH, _BAR, _GAP = 142, 80, 5, 4
#: A picture that is not written yet is pale while a pack is written.
_PALE = 0.45


@dataclass(frozen=True, slots=True)
class Shown:
    """A card: what it is of, its words, its picture; whether it is written, and whether others are being written."""

    key: str
    section: str
    words: str
    lengths: str
    still: Still
    written: bool = False
    writing: bool = False


def shown(
    films: Sequence[PlannedFilm], project: Project, base: Path | None, written: Mapping[str, object], writing: bool
) -> tuple[Shown, ...]:
    """The cards of planned films."""
    out = []
    for film in films:
        clip, first = film.clip, film.versions[0]
        words = opening(label_words(clip.label, short=True)) or opening(tr(str(clip.view)))
        seconds = list(dict.fromkeys(minutes_text(round(s)) for _, s in film.versions))
        lengths = " · ".join(seconds) if len(seconds) <= 3 else f"{seconds[0]} … {seconds[-1]}"
        still = still_of(project, base, clip, first[0])
        out.append(
            Shown(
                clip.key,
                opening(tr(clip.title)) if clip.key == RUN_THROUGH else clip.title,
                words,
                lengths,
                still,
                clip.key in written,
                writing,
            )
        )
    return tuple(out)


class FilmCard(QAbstractButton):
    """One view of a section, or the run-through: its picture, what it is, how long at each speed."""

    def __init__(self, stills: Stills, play: Callable[[str], object]):
        super().__init__()
        self._stills = stills
        self.film: Shown | None = None
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)
        self.clicked.connect(lambda _on=False: play(self.film.key) if self.film is not None else None)

    def show_film(self, film: Shown) -> None:
        if film == self.film:
            return
        self.film = film
        state = tr("written") if film.written else tr("to be written")
        self.setAccessibleName(f"{film.section}, {film.words}, {film.lengths}, {state}")
        self.setToolTip(tr("Play it") if film.written else "")
        self.setEnabled(film.written or not film.writing)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus if film.written else Qt.FocusPolicy.NoFocus)
        self.updateGeometry()
        self.update()

    def sizeHint(self) -> QSize:
        line = self.fontMetrics().height()
        words = self.film.words if self.film is not None else ""
        flags = int(Qt.TextFlag.TextWordWrap)
        high = self.fontMetrics().boundingRect(QRect(0, 0, _WIDE, 999), flags, words).height()
        return QSize(_WIDE, _HIGH + _BAR + _GAP + high + line + 6)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if not clicked_by_return(self, event):
            super().keyPressEvent(event)

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        film = self.film
        if film is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        at = QRectF(0, 0, _WIDE, _HIGH)
        painter.fillRect(at, self._colour(QPalette.ColorRole.AlternateBase))
        image = self._stills.of(film.still)
        if image is not None:
            painter.setOpacity(_PALE if film.writing and not film.written else 1.0)
            painter.drawImage(_inside(at, image), image)
            painter.setOpacity(1.0)
        bar = QRectF(0, _HIGH, _WIDE, _BAR)
        role = QPalette.ColorRole.WindowText if film.written else QPalette.ColorRole.Mid
        painter.fillRect(bar, self._colour(role))
        if self.hasFocus() or (self.underMouse() and film.written):
            painter.setPen(QPen(self._colour(QPalette.ColorRole.Highlight), 2))
            painter.drawRect(at.adjusted(1, 1, -1, _BAR - 1))
        self._words(painter, film)
        painter.end()

    def _words(self, painter: QPainter, film: Shown) -> None:
        top, line = _HIGH + _BAR + _GAP, self.fontMetrics().height()
        painter.setPen(self._colour(QPalette.ColorRole.WindowText))
        flags = int(Qt.TextFlag.TextWordWrap)
        painter.drawText(QRect(0, top, _WIDE, self.height() - top - line - 4), flags, film.words)
        soft = self._colour(QPalette.ColorRole.Dark)
        painter.setPen(soft)
        painter.drawText(QRect(0, self.height() - line - 4, _WIDE, line), 0, film.lengths)

    def _colour(self, role: QPalette.ColorRole) -> QColor:
        return self.palette().color(QPalette.ColorGroup.Active, role)


def _inside(at: QRectF, image: QImage) -> QRectF:
    """Where a picture stands in its frame, whole."""
    scale = min(at.width() / image.width(), at.height() / image.height())
    wide, high = image.width() * scale, image.height() * scale
    return QRectF(at.left() + (at.width() - wide) / 2, at.top() + (at.height() - high) / 2, wide, high)


class PlannedFilms(QWidget):
    """All cards of a pack, a row for each section."""

    def __init__(self, stills: Stills, play: Callable[[str], object]):
        super().__init__()
        self._stills, self._play = stills, play
        self.cards: list[FilmCard] = []
        self._films: tuple[Shown, ...] = ()
        give_way(self)
        down = QVBoxLayout(self)
        down.setContentsMargins(0, 4, 0, 0)
        down.setSpacing(4)
        stills.ready.connect(self._repaint)

    def sizeHint(self) -> QSize:
        """As high as it is in the width it has: a panel gives no more than it is asked for."""
        wide = max(self.width(), 4 * _WIDE)
        return QSize(wide, height_of(self, wide))

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self.updateGeometry()

    def show_films(self, films: tuple[Shown, ...]) -> None:
        same = [f.key for f in films] == [f.key for f in self._films]
        self._films = films
        if not same:
            self._build(films)
        for card, film in zip(self.cards, films, strict=True):
            card.show_film(film)

    def _build(self, films: tuple[Shown, ...]) -> None:
        down = self.layout()
        assert down is not None
        while (item := down.takeAt(0)) is not None:
            if (old := item.widget()) is not None:
                old.deleteLater()
        self.cards = []
        for section, several in itertools.groupby(films, key=lambda f: f.section):
            down.addWidget(label(section, "strong", wrap=True))
            row = QWidget()
            give_way(row)
            flow = FlowLayout(row, 12)
            for film in several:
                card = FilmCard(self._stills, self._play)
                card.show_film(film)
                flow.addWidget(card)
                self.cards.append(card)
            down.addWidget(row)

    def _repaint(self) -> None:
        for card in self.cards:
            card.update()
