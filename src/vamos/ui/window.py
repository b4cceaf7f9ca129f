"""The main window: it puts the rooms into the frame and ties them to the open document."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from functools import partial
from pathlib import Path

from PyQt6.QtCore import QEvent, Qt, QTimer
from PyQt6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent
from PyQt6.QtWidgets import QApplication, QMainWindow, QSplitter, QStackedWidget, QVBoxLayout, QWidget

from vamos.core.model.project import Project
from vamos.core.open_document.facts import FactError, if_known
from vamos.ui.desk import Desk
from vamos.ui.everywhere import look as everywhere_look
from vamos.ui.everywhere import project as everywhere_project
from vamos.ui.everywhere import watching as everywhere_watching
from vamos.ui.frame import placing
from vamos.ui.frame.center import Center
from vamos.ui.frame.guide import fill_guide, open_again
from vamos.ui.frame.keys import Keys
from vamos.ui.frame.keys_page import KeysPage
from vamos.ui.frame.language_choice import next_language
from vamos.ui.frame.menus import Menus
from vamos.ui.frame.notify import EndOfWork
from vamos.ui.frame.route import Route, StopState
from vamos.ui.frame.side import Side, WatchButtons, WideBody
from vamos.ui.frame.start import StartPage
from vamos.ui.frame.status import StatusLine
from vamos.ui.page.content import Content
from vamos.ui.page.model import PageModel
from vamos.ui.page.view import PageView
from vamos.ui.parts import theme as look
from vamos.ui.parts.action import Action, Bound, bound, bound_later
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.some import some
from vamos.ui.preview.controller import Preview
from vamos.ui.preview.media import ProjectMedia
from vamos.ui.preview.mirror import Mirror
from vamos.ui.stops import STOPS
from vamos.ui.stops.rooms import OpensAhead, Rooms
from vamos.ui.stops.stop import Room, Stop
from vamos.ui.tasks.files import open_path, take_in
from vamos.ui.work import recent
from vamos.ui.work.runner import Runner
from vamos.ui.work.session import Session
from vamos.ui.work.settings import LETTERS, LIGHT, SIDE_WIDTH
from vamos.wording import inside, opening, words_of

tr = words_of(__name__)

_WATCHED = ("play", "mirrored", "next_speed", "loop", "next_view")
#: A held arrow moves on the page; the panel follows so long after.
AT_REST_MS = 40
_MAIN = Action("main", tr("Press the main button"), "Return", "Page", tr("The large button at the bottom right."))


class Window(QMainWindow):
    """One window, one open document."""

    def __init__(self, theme: look.Theme = look.DAY):
        super().__init__()
        look.dress(self)
        self.theme = theme
        self.session = Session()
        self.runner = Runner(lambda: self.session.document)
        self.media = ProjectMedia(self.runner)
        self._build_views()
        self.desk = Desk(self, self.session, self.runner, self.content, self.center, self.preview)
        self.rooms = Rooms(STOPS, self.desk)
        self.stop: Stop = STOPS[0]
        self._build_actions()
        self._build_frame()
        self._connect()
        self._refill = QTimer(self)
        self._refill.setSingleShot(True)
        self._refill.timeout.connect(self.fill_panel)
        self._ahead = OpensAhead(self.rooms, self._refill.start, self)
        self.setWindowTitle("Vamos")
        self.setAcceptDrops(True)
        self.resize(1280, 800)
        self._set_theme(theme)
        self._go(STOPS[0])
        self._changed(self.session.project, self.session.project)
        self._ahead.begin()

    # --- building ------------------------------------------------------------------------

    def _build_views(self) -> None:
        self.content = Content(self.media.thumbs.at)
        self.model = PageModel()
        self.page = PageView(self.model, self.content.row, self.theme)
        self.start = StartPage()
        self.center = Center(self.page, self.start)
        self.mirror = Mirror(self.theme)
        self.preview = Preview(self.session, self.page, self.content, self.mirror)
        self.route = Route(self.theme, [s.name for s in STOPS])
        self.status = StatusLine()
        self.panel, self.left, self.right = Panel(), Panel(), Panel()

    def _build_actions(self) -> None:
        self.project_commands = everywhere_project.ProjectCommands(self.desk, self.close)
        self.watch_commands = everywhere_watching.WatchCommands(self.desk)
        look_commands = everywhere_look.LookCommands(
            self.toggle_theme,
            self.toggle_letters,
            self.show_keys,
            self.show_guide,
            lambda: next_language(self.tell),
        )
        project, watching, looks = everywhere_project.ACTIONS, everywhere_watching.ACTIONS, everywhere_look.ACTIONS
        first = bound(project, self.project_commands) + bound(watching, self.watch_commands)
        ours = [b for s in STOPS for b in bound_later(s.actions, partial(self.rooms.commands, s.name), s.name)]
        self.actions_bound = (*first, Bound(_MAIN, self.do_main), *ours, *bound(looks, look_commands))
        self.menus = Menus(self, self.actions_bound, self.go_to_stop)
        self.keys = Keys(self)
        self.keys.show_actions(self.actions_bound)
        self.keys.page_shown = lambda: not self.stop.wide
        self.keys.to_count = lambda n: self.page.go_to(self.page.current, Fraction(n))
        self.keys.to_view = lambda n: self.center.view is not None and self.center.view.number_key(n)
        self.keys.to_page = self.desk.show_page
        self.keys.letters = LETTERS.get()
        for number, stop in enumerate(STOPS, 1):
            self.keys.add(f"Ctrl+{number}", partial(self.go_to_stop, stop.name))
        of = {b.action.name: b for b in first}
        self.buttons = WatchButtons([of[name] for name in _WATCHED])
        self.start.connect_to(
            self.project_commands.add_files,
            self.project_commands.open_demo,
            self.project_commands.open_project,
            self._write_a_dance,
            lambda path: open_path(self.desk, path),
        )

    def _keep_picture(self, path: str) -> None:
        """What the mirror shows is what the project looks like on the start page."""
        if self.mirror.image is not None:
            recent.keep_picture(Path(path), self.mirror.image)

    def _write_a_dance(self) -> None:
        """Before there is a song: the first section, at an even pulse."""
        self.go_to_stop("Dance")
        self.do_main()

    def _make_room(self) -> None:
        view = self.center.view
        self.side.setVisible(view is None or not view.alone)

    def _build_frame(self) -> None:
        self.side = Side(self.mirror, self.buttons, self.panel)
        self._split = QSplitter(Qt.Orientation.Horizontal)
        self._split.setChildrenCollapsible(False)
        self._split.setHandleWidth(5)
        self._split.addWidget(self.center)
        self._split.addWidget(self.side)
        self._split.setStretchFactor(0, 1)
        self._split.setStretchFactor(1, 0)
        width = SIDE_WIDTH.get()
        self._split.setSizes([1280 - width, width])
        self._split.splitterMoved.connect(lambda: SIDE_WIDTH.set(self.side.width()))
        self.body = QStackedWidget()
        self.body.addWidget(self._split)
        self.wide = WideBody(self.left, self.right)
        self.body.addWidget(self.wide)
        self.keys.hosts = (self.center, self.mirror, self.wide)
        whole = QWidget()
        down = QVBoxLayout(whole)
        down.setContentsMargins(0, 0, 0, 0)
        down.setSpacing(0)
        for widget, stretch in ((self.route, 0), (self.body, 1), (self.status, 0)):
            down.addWidget(widget, stretch)
        self.setCentralWidget(whole)

    def _connect(self) -> None:
        self.session.changed.connect(self._changed)
        self.session.replaced.connect(self._replaced)
        self.session.prepared.connect(self._follow)
        self.session.saved.connect(self.status.saved)
        self.session.saved.connect(self._keep_picture)
        for said in (self.session.said, self.preview.said, self.keys.refused):
            said.connect(lambda words: self.status.tell(words, passing=True))
        for told in (self.desk.said, self.media.said, self.runner.told):
            told.connect(self.status.tell)
        for part in (
            self.media.thumbs,
            self.media.small_copies,
            self.preview.pictures,
            self.preview.playback,
            self.runner,
            self.session,
        ):
            part.fault.connect(self.tell_fault)
        self.runner.began.connect(self.status.begin)
        self.runner.progressed.connect(self.status.progress)
        self.runner.ended.connect(self.status.end)
        self.end_of_work = EndOfWork(self)
        self.runner.began.connect(self.end_of_work.begin)
        self.runner.ended.connect(self.end_of_work.end)
        self.status.stop_asked.connect(self.runner.stop)
        self.desk.stop_wished.connect(self.go_to_stop)
        self.desk.stale.connect(self.refresh)
        self.desk.focus_wished.connect(self._focus_on)
        self.route.chosen.connect(self.go_to_stop)
        self.center.view_changed.connect(self._make_room)
        self.center.view_changed.connect(self.refresh)
        self.page.moved.connect(self._moved)
        self.page.count_chosen.connect(lambda: self.room.count_chosen())
        self.page.beat_dragged.connect(lambda at, columns: self.room.beat_dragged(at, columns))
        self.page.edge_dragged.connect(lambda start, at: self.room.edge_dragged(start, at))
        self.media.song_ready.connect(self._song_ready)
        self.media.thumbs.ready.connect(lambda _film: self.page.invalidate())
        self.media.thumbs.ready.connect(lambda _film: self.refresh())
        self.media.small_copies.ready.connect(self.preview.small_copy_ready)
        self.preview.state_changed.connect(self.refresh)
        self.preview.line_changed.connect(self.refresh)
        self.preview.position_shown.connect(self._position_shown)
        self.preview.playing_changed.connect(self._rest_copies)
        for panel in (self.panel, self.left, self.right):
            panel.refill = self.refresh

    # --- where one is --------------------------------------------------------------------

    @property
    def room(self) -> Room:
        return self.rooms[self.stop.name]

    @property
    def busy(self) -> bool:
        """Whether long work is under way."""
        return self.runner.busy

    def go_to_stop(self, name: str) -> None:
        if name != self.stop.name:
            self.status.moved_on()
            self._go(next(s for s in STOPS if s.name == name))

    def _go(self, stop: Stop) -> None:
        self.stop = stop
        self.route.show_stop(stop.name)
        self.keys.stop = stop.name
        self.preview.watched.plays_clips = stop.plays_clips
        self.wide.share(*stop.shares)
        self.body.setCurrentWidget(self.wide if stop.wide else self._split)
        self.side.show_picture(not stop.writes)
        self.buttons.show_only([n for n in _WATCHED if not stop.writes or n in ("play", "next_speed", "loop")])
        self.page.may_drag_beats, self.page.may_drag_edges = stop.drags_beats, stop.drags_edges
        self._set_bands()
        self.desk.rests_on = self.wide if stop.wide else self.page
        self.desk.show_page()
        self.preview.stop_changed()
        self.fill_panel()

    def _set_bands(self) -> None:
        bands = self.stop.bands
        if self.stop.strips:
            bands = replace(bands, strip_rows=max(1, self.content.strip_rows()))
        self.content.wants_strips, self.content.wants_clips = bool(bands.strips), bool(bands.clip)
        self.page.set_bands(bands)

    def come_back(self, path: Path) -> None:
        """To where one was when this project was open last."""
        here = placing.last_place(path)
        if here is not None and self.session.lines:
            self.page.go_to_position(here.position)
            if here.stop in self.rooms:
                self.go_to_stop(here.stop)

    def do_main(self) -> None:
        action = self.room.on_return()
        if action is not None:
            action.run()

    # --- what is shown -------------------------------------------------------------------

    def _replaced(self) -> None:
        self.runner.leave_document()
        self.preview.playback.stop()
        # What stands in the middle shows the document of before; its fields are half-filled for it.
        self.center.show_page(bool(self.session.lines))
        for panel in (self.panel, self.left, self.right):
            panel.clear()
        self.page.current, self.page.position = 0, Fraction(0)
        self.status.tell("")
        if self.stop.wide and not self.session.lines:
            # Nothing to plan or to pack yet: the page says how to begin.
            self._go(STOPS[0])

    def _changed(self, _before: Project, after: Project) -> None:
        """What can be seen at once: the lines. The rest follows when it has been worked out."""
        lines, columns, clock = self.model.lines, self.model.columns, self.content.clock
        seen = self.content.show(self.session.facts)
        now = (self.session.lines, self.content.columns, self.content.starts_s, self.content.weak)
        if len(now[0]) != len(lines) or now[1] != columns or self.content.clock is not clock:
            self.model.show(*now)
        elif seen:
            self.model.show_quietly(*now)
            for number, (line, other) in enumerate(zip(lines, now[0], strict=True)):
                if line != other:
                    self.page.invalidate(number)
            self.page.lines_changed()
        self.page.stand_on_position()
        if self.center.view is None or not self.session.lines:
            self.center.show_page(bool(self.session.lines))
        self.preview.project_changed()
        self.setWindowTitle(tr("{name} – Vamos", name=after.name) if after.song else "Vamos")

    def _follow(self) -> None:
        """All that follows from the project has been worked out, as far as it can be."""
        if if_known(lambda: self.content.follow(self.session.facts), True):
            self.page.invalidate()
        if_known(self._set_bands, None)
        self.media.ask(self.session.project, self.session.base)
        if_known(self.preview.follow, None)
        view = self.center.view
        if view is not None:
            if_known(view.refresh, None)
        self.fill_panel()

    def refresh(self, wait_ms: int = 0) -> None:
        """Fill the panel anew as soon as the hands are off what is in it, and what it shows is known."""
        if not self.session.preparing and not (wait_ms and self._refill.isActive()):
            self._refill.start(wait_ms)

    def fill_panel(self) -> None:
        self._refill.stop()
        self._show_brackets()
        room, stop = self.room, self.stop
        for panel, fill in (
            ((self.left, room.fill), (self.right, room.fill_beside)) if stop.wide else ((self.panel, room.fill),)
        ):
            panel.begin(stop.name)
            if fill == room.fill and self.session.lines:
                fill_guide(panel, stop.name)
            try:
                fill(panel)
            except FactError as error:
                panel.say(str(error), "warn", key="failed")
            panel.end()
        main = if_known(room.main_action, None)
        self.status.show_main(main.text if main else "", main.run if main else None, main.tip if main else "")
        unknown = StopState(tr("cannot be worked out"))
        open_rooms = self.rooms.open
        self.route.show_states(
            {n: if_known(open_rooms[n].state, unknown) if n in open_rooms else StopState("") for n in self.rooms}
        )
        history = self.session.document.history
        for name, word, what in (("undo", tr("Undo"), history.undo_name), ("redo", tr("Redo"), history.redo_name)):
            self.menus.show_text(name, f"{word}: {inside(what)}" if what else word, what is not None)
        self.refresh_buttons()

    def _show_brackets(self) -> None:
        """The edges of this line's clip on the page, where one cuts."""
        clip = self.desk.clip() if self.stop.drags_edges else None
        self.page.set_brackets((clip.shown, clip.counts) if clip is not None else None)

    def refresh_buttons(self) -> None:
        watched, found = self.preview.watched, self.preview.watched.pass_here()
        playing = self.preview.playback.playing
        view = opening(tr(str(found.view).replace(" side", ""))) if found else tr("View")
        self.buttons.show_as("play", tr("Stop") if playing else tr("Play"), playing)
        self.buttons.show_as(
            "mirrored",
            tr("Mirrored"),
            bool(found and found.flip.flip != (watched.turned and not watched.plays_clips)),
            found is not None,
        )
        self.buttons.show_as("next_speed", f"{round(float(watched.speed) * 100)} %")
        self.buttons.show_as("loop", tr("Loop"), self.preview.looping)
        self.buttons.show_as("next_view", view, enabled=found is not None)

    def _moved(self, position: Fraction) -> None:
        self.status.moved_on()
        self.preview.playback.stop()
        self.page.set_playhead(None)
        self.preview.show_place(position)
        view = self.center.view
        if view is not None:
            view.refresh()
        self.refresh(AT_REST_MS)

    def _position_shown(self, position: float) -> None:
        view = self.center.view
        if view is not None:
            view.show_position(position)

    def _song_ready(self, peaks: object, sound: object) -> None:
        self.content.peaks = peaks  # type: ignore[assignment]
        self.preview.playback.sound = sound  # type: ignore[assignment]
        self.page.invalidate()

    def _rest_copies(self, playing: bool) -> None:
        resting = self.media.small_copies.resting
        (resting.set if playing else resting.clear)()

    def _focus_on(self, name: str) -> None:
        (self.left if self.stop.wide else self.panel).focus_on(name)
        self.fill_panel()

    # --- words, look, keys ---------------------------------------------------------------

    def tell(self, words: str) -> None:
        """A sentence the user should see."""
        self.status.tell(words)

    def tell_fault(self, report: str) -> None:
        """Something is wrong in Vamos itself: the project is safe, and there is a report to hand on."""
        some(QApplication.clipboard()).setText(report)
        self.status.tell(
            tr(
                "Something went wrong in Vamos itself; your project is safe in its file. A report without "
                "anything private was copied: paste it into a message to the developers."
            )
        )

    def toggle_theme(self) -> None:
        """The other light; what is chosen stays, also over what the desktop has."""
        chosen = look.EVENING if self.theme is look.DAY else look.DAY
        LIGHT.set(chosen.name)
        self._set_theme(chosen)

    def follow_light(self) -> None:
        """The light that was chosen, else that of the desktop."""
        chosen = LIGHT.get()
        self._set_theme({t.name: t for t in (look.DAY, look.EVENING)}.get(chosen) or look.of_desktop())

    def _set_theme(self, theme: look.Theme) -> None:
        if theme is not self.theme:
            self.theme = theme
            app = QApplication.instance()
            assert isinstance(app, QApplication)
            look.apply(app, theme)
        self.route.theme = theme
        self.route.update()
        self.mirror.set_theme(theme)
        self.page.set_theme(theme)
        for view in self.center.views:
            view.set_theme(theme)

    def show_guide(self) -> None:
        """The words about each stop come back."""
        open_again()
        self._refill.start()

    def toggle_letters(self) -> None:
        """Single letters, digits and signs act, or do not."""
        self.keys.letters = not self.keys.letters
        LETTERS.set(self.keys.letters)
        off = tr("Single-letter keys are off. The menu View has them.")
        self.status.tell(tr("Single-letter keys are on.") if self.keys.letters else off)

    def show_keys(self) -> None:
        self.keys_page = KeysPage(self, self.actions_bound, self.stop.name, [s.name for s in STOPS])
        self.keys_page.show()

    def changeEvent(self, event: QEvent | None) -> None:
        """Back from another program: a film that was missing may have been put back."""
        super().changeEvent(event)
        if event is not None and event.type() == QEvent.Type.ActivationChange and self.isActiveWindow():
            self.preview.watched.look_again()
            self.refresh()

    # --- files dropped, closing ----------------------------------------------------------

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if event is not None and some(event.mimeData()).hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent | None) -> None:
        if event is None:
            return
        paths = [Path(u.toLocalFile()) for u in some(event.mimeData()).urls() if u.isLocalFile()]
        if paths:
            event.acceptProposedAction()
            take_in(self.desk, paths)

    def closeEvent(self, event: QCloseEvent | None) -> None:
        if self.session.path is not None:
            self._keep_picture(str(self.session.path))
        placing.remember(self, self.session.path, placing.Place(self.stop.name, self.page.position))
        self._refill.stop()
        self.keys.close()
        self.preview.playback.stop()
        for room in self.rooms.open.values():
            room.shut_down()
        for view in self.center.views:
            view.shut_down()
        self.runner.close()
        self.preview.close()
        self.media.close()
        self.session.close()
        if event is not None:
            event.accept()
