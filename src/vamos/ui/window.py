"""The main window: route, page, mirror, panel, and the line of what is going on."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import Any

from PyQt6.QtCore import QEvent, QObject, Qt, QTimer
from PyQt6.QtGui import QAction, QCloseEvent, QDragEnterEvent, QDropEvent, QKeyEvent, QKeySequence, QShortcut
from PyQt6.QtWidgets import (
    QAbstractSpinBox,
    QApplication,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QMainWindow,
    QPlainTextEdit,
    QPushButton,
    QScrollArea,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from vamos.core.dance.lines import Line, LineKind
from vamos.core.model.clip import Clip
from vamos.core.model.project import Project
from vamos.core.progress import Progress
from vamos.ui import theme as look
from vamos.ui.actions import ACTIONS, STOPS
from vamos.ui.background import BackgroundMedia
from vamos.ui.compare import Compare
from vamos.ui.hands import Hands
from vamos.ui.jobs import Job
from vamos.ui.mirror import FloorClock, Mirror
from vamos.ui.page.content import Content
from vamos.ui.page.layout import BANDS
from vamos.ui.page.model import PageModel
from vamos.ui.page.view import PageView
from vamos.ui.panels.base import Panel, key_of
from vamos.ui.panels.stops import FILL
from vamos.ui.pictures import Thumbs
from vamos.ui.places import Places
from vamos.ui.proxies import Proxies
from vamos.ui.route import Route
from vamos.ui.session import Session
from vamos.ui.slate import Slate
from vamos.ui.start import StartPage
from vamos.ui.states import route_states
from vamos.ui.status import StatusLine
from vamos.ui.tapping import Tapping
from vamos.ui.wall_map import WallMap
from vamos.ui.watching import Watching

SIDE = 386


class Window(Places, BackgroundMedia, QMainWindow):
    """One window, one project."""

    def __init__(self, theme: look.Theme = look.DAY):
        super().__init__()
        self.theme = theme
        self.session = Session()
        self.thumbs = Thumbs()
        self.proxies = Proxies()
        self.content = Content(self.thumbs.at)
        self.model = PageModel()
        self.hands = Hands(self)
        self.pack_words = ""
        self._job: Job | None = None
        self._waiting: list[tuple[str, Callable[[Progress], Any], Callable[[Any], object]]] = []
        self._quiet_jobs: list[Job] = []
        self._peaks_of = ""
        self._refill = QTimer(self)
        self._refill.setSingleShot(True)
        self._refill.timeout.connect(self._fill_panel)
        self._build()
        self.watching = Watching(self)
        self.slate = Slate(self)
        self.compare = Compare(self)
        self.stack.addWidget(self.slate)
        self.stack.addWidget(self.compare)
        self.tapping = Tapping(self)
        self._actions()
        self.session.changed.connect(self._project_changed)
        self.session.saved.connect(self.status.saved)
        self.session.trouble.connect(self.tell)
        self.proxies.ready.connect(self.watching.small_copy_ready)
        self.thumbs.ready.connect(lambda _take: self.page.invalidate())
        self.setAcceptDrops(True)
        self.resize(1280, 800)
        self._project_changed(self.session.project, self.session.project)

    # --- building ------------------------------------------------------------------------

    def _build(self) -> None:
        self.route = Route(self.theme)
        self.page = PageView(self.model, self.content.row, self.theme)
        self.start = StartPage(self.hands.add_files, self.hands.open_demo, self.hands.open_project)
        self.stack = QStackedWidget()
        self.stack.addWidget(self.start)
        self.stack.addWidget(self.page)
        self.map = WallMap()
        self.stack.addWidget(self.map)
        self.mirror = Mirror(self.theme)
        self.floor = FloorClock(self.theme)
        self.panel = Panel()
        self.status = StatusLine()
        self.status.stop_asked.connect(self._stop_job)
        body = QWidget()
        across = QHBoxLayout(body)
        across.setContentsMargins(0, 0, 0, 0)
        across.setSpacing(0)
        across.addWidget(self.stack, 1)
        rule = QFrame()
        rule.setFixedWidth(2)
        rule.setStyleSheet(f"background: {self.theme.ink};")
        across.addWidget(rule)
        across.addWidget(self._side())
        whole = QWidget()
        down = QVBoxLayout(whole)
        down.setContentsMargins(0, 0, 0, 0)
        down.setSpacing(0)
        for widget, stretch in ((self.route, 0), (body, 1), (self.status, 0)):
            down.addWidget(widget, stretch)
        self.setCentralWidget(whole)
        self.route.chosen.connect(self._go_to_stop)
        self.page.moved.connect(self._page_moved)
        self.page.beat_dragged.connect(self.hands.drag_beat)
        self.page.count_chosen.connect(self._count_chosen)
        self.page.edge_dragged.connect(self.hands.drag_edge)
        self.setWindowTitle("Vamos")

    def _side(self) -> QWidget:
        side = QWidget()
        side.setFixedWidth(SIDE)
        down = QVBoxLayout(side)
        down.setContentsMargins(16, 14, 12, 8)
        down.setSpacing(10)
        down.addWidget(self.mirror)
        row = QHBoxLayout()
        row.setSpacing(8)
        self.buttons: dict[str, QPushButton] = {}
        for name in ("play", "mirrored", "next_speed", "loop", "next_view"):
            button = QPushButton()
            button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            button.clicked.connect(lambda _c=False, n=name: getattr(self.hands, n)())
            row.addWidget(button)
            self.buttons[name] = button
        row.addStretch(1)
        down.addLayout(row)
        down.addWidget(self.floor)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        scroll.setWidget(self.panel)
        down.addWidget(scroll, 1)
        return side

    def _actions(self) -> None:
        menus: dict[str, Any] = {}
        for action in ACTIONS:
            menu = menus.get(action.menu) or self.menuBar().addMenu(action.menu)
            menus[action.menu] = menu
            entry = QAction(action.text, self)
            if action.keys:
                entry.setShortcut(QKeySequence(action.keys))
            entry.setToolTip(action.help)
            entry.triggered.connect(lambda _c=False, n=action.name: getattr(self.hands, n)())
            menu.addAction(entry)
        for number, stop in enumerate(STOPS, 1):
            QShortcut(QKeySequence(f"Ctrl+{number}"), self, lambda s=stop: self.route.go(s))
        for number in range(1, 9):
            QShortcut(
                QKeySequence(str(number)), self, lambda n=number: self.page.go_to(self.page.current, Fraction(n - 1))
            )
        QApplication.instance().installEventFilter(self)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Keys belong to a field while one types in it, and Space to a focused button."""
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent):
            types = isinstance(watched, QLineEdit | QAbstractSpinBox | QPlainTextEdit)
            plain = not event.modifiers() & ~(Qt.KeyboardModifier.ShiftModifier | Qt.KeyboardModifier.KeypadModifier)
            presses = isinstance(watched, QPushButton) and event.key() == Qt.Key.Key_Space
            if (types and plain) or presses:
                event.accept()
                return True
        return super().eventFilter(watched, event)

    # --- what is shown -------------------------------------------------------------------

    def _project_changed(self, before: Project, after: Project) -> None:
        self.content.show(after, self.session.lines)
        self.model.show(self.session.lines, self.content.columns, self.content.starts_s, self.content.weak)
        if self.stack.currentWidget() not in (self.map, self.slate, self.compare) or not self.session.lines:
            self.stack.setCurrentWidget(self.page if self.session.lines else self.start)
        self.draw_map()
        self._set_bands()
        self.page.stand_on_position()
        self.ask_for_media(after)
        self.route.show_states(*route_states(after, self.session.lines, self.content, self.pack_words))
        self.watching.project_changed()
        if self.slate_open:
            self.slate.refresh()
        self.refresh_panel()
        self.refresh_buttons()
        title = after.name if after.song else "Vamos"
        self.setWindowTitle(f"{title} – Vamos" if after.song else "Vamos")

    def _set_bands(self) -> None:
        bands = BANDS[self.route.stop]
        if bands.strips:
            from dataclasses import replace

            bands = replace(bands, strip_rows=max(1, self.content.strip_rows()))
        self.page.may_drag_beats = self.route.stop == "Song"
        self.page.may_drag_edges = self.route.stop == "Cut"
        self.page.set_bands(bands)

    def _go_to_stop(self, stop: str) -> None:
        self.show_page()
        # While one writes, the room is the sheet's.
        writes = stop == "Dance"
        for widget in (self.mirror, self.buttons["mirrored"], self.buttons["next_view"]):
            widget.setVisible(not writes)
        self._set_bands()
        self.watching.stop_changed()
        self.refresh_panel()
        self.refresh_buttons()
        self.page.setFocus()

    def refresh_panel(self) -> None:
        """Fill the panel anew as soon as the hands are off what is in it."""
        self._refill.start()

    def _fill_panel(self) -> None:
        focus = QApplication.focusWidget()
        name = focus.accessibleName() if focus is not None and self.panel.isAncestorOf(focus) else ""
        self.panel.clear()
        self._show_brackets()
        FILL[self.route.stop](self.panel, self)
        self.panel.end()
        if name:
            # Who goes from field to field stays where they went.
            for field in self.panel.findChildren(QWidget):
                if field.accessibleName() == name and not field.isHidden():
                    field.setFocus()

    def _show_brackets(self) -> None:
        """The edges of this line's clip on the page, where one cuts."""
        clip = self.current_clip() if self.route.stop in ("Cut", "Pack") else None
        self.page.set_brackets((clip.shown, clip.counts) if clip is not None else None)

    def refresh_buttons(self) -> None:
        clip = self.current_clip()
        line = self.current_line()
        source = self.watching.source(line) if line is not None else None
        playing = self.watching.playback.playing
        texts = {
            "play": "Stop" if playing else "Play",
            "mirrored": "Mirrored",
            "next_speed": f"{round(float(self.watching.speed) * 100)} %",
            "loop": "Loop",
            "next_view": str(source.view).replace(" side", "").capitalize() if source else "View",
        }
        for name, button in self.buttons.items():
            key = key_of(name)
            button.setText(texts[name])
            button.setToolTip(f"{next(a.help for a in ACTIONS if a.name == name)} Key: {key}")
            button.setAccessibleName(f"{texts[name]}, key {key}")
        self._press("mirrored", bool(source and source.flip.flip))
        self._press("loop", self.watching.looping)
        self._press("play", playing)
        self.buttons["mirrored"].setEnabled(clip is not None)

    def _press(self, name: str, on: bool) -> None:
        button = self.buttons[name]
        role = "main" if on else ""
        if button.property("role") != role:
            button.setProperty("role", role)
            button.style().unpolish(button)
            button.style().polish(button)

    def _count_chosen(self) -> None:
        """A double click writes on the count, where one writes."""
        if self.route.stop == "Dance":
            self.hands.write_count()

    def _page_moved(self, position: Fraction) -> None:
        if self.watching.playback.playing:
            self.watching.playback.stop()
        self.page.set_playhead(None)
        self.watching.show_place(position)
        if self.slate_open:
            self.slate.refresh()
        self.refresh_panel()
        self.refresh_buttons()

    def current_line(self) -> Line | None:
        lines = self.session.lines
        return lines[self.page.current] if self.page.current < len(lines) else None

    def current_clip(self) -> Clip | None:
        """The clip cut from the current line in the watched view."""
        line = self.current_line()
        if line is None or line.kind in (LineKind.LEAD_IN, LineKind.AFTER):
            return None
        chosen = self.watching.chosen_range
        mine = [c for c in self.content.clips if c.title == chosen and c.counts.start < line.counts.end]
        mine = [c for c in mine if c.counts.end > line.start]
        source = self.watching.source(line)
        view = source.view if source is not None else None
        if mine:
            return next((c for c in mine if c.view is view), mine[0])
        return next((c for c in self.content.clips_of(line) if c.view is view), None)

    # --- jobs and words ------------------------------------------------------------------

    def run_job(self, name: str, work: Callable[[Progress], Any], done: Callable[[Any], object]) -> None:
        """Run long work; a second job waits for the first."""
        if self._job is not None:
            self._waiting.append((name, work, done))
            return
        job = Job(name, work)
        self._job = job
        self.status.begin(name)
        job.progress.connect(self.status.progress)
        job.done.connect(done)
        job.failed.connect(self.tell)
        job.stopped.connect(lambda: self.tell(f"{name}: stopped. Nothing half-written was left."))
        job.ended.connect(self._job_ended)
        job.start()

    def _job_ended(self) -> None:
        self._job = None
        self.status.end()
        if self._waiting:
            self.run_job(*self._waiting.pop(0))

    def _stop_job(self) -> None:
        self._waiting.clear()
        if self._job is not None:
            self._job.stop()

    @property
    def busy(self) -> bool:
        return self._job is not None

    def tell(self, words: str) -> None:
        """A sentence the user should see."""
        self.status.tell(words)

    def pack_written(self, words: str) -> None:
        self.pack_words = words
        self.route.go("Pack")
        self.route.show_states(*route_states(self.session.project, self.session.lines, self.content, words))
        self.refresh_panel()

    def toggle_theme(self) -> None:
        self.theme = look.EVENING if self.theme is look.DAY else look.DAY
        look.apply(QApplication.instance(), self.theme)
        for widget in (self.route, self.mirror, self.floor, self.slate.picture, self.slate.wave):
            widget.theme = self.theme
            widget.update()
        self.page.set_theme(self.theme)

    def show_keys(self) -> None:
        from vamos.ui.keys import KeysPage

        self._keys = KeysPage(self)
        self._keys.show()

    # --- files dropped, closing ----------------------------------------------------------

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        paths = [Path(u.toLocalFile()) for u in event.mimeData().urls() if u.isLocalFile()]
        if paths:
            event.acceptProposedAction()
            self.hands.take_in(paths)

    def closeEvent(self, event: QCloseEvent) -> None:
        self._waiting.clear()
        self._refill.stop()
        for job in [self._job, *self._quiet_jobs]:
            if job is not None:
                job.stop()
                job.wait(5)
                # What it still has to say would reach a window that is gone.
                job.blockSignals(True)
        self.tapping.close()
        self.slate.close_down()
        self.compare.clear()
        self.watching.close()
        self.thumbs.close()
        self.proxies.close()
        self.session.save_now()
        QApplication.instance().removeEventFilter(self)
        event.accept()
