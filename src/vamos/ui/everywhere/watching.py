"""Watching: play, loop, speed, view, version, the mirror, frames, and going about on the page."""

from __future__ import annotations

from fractions import Fraction
from math import floor

from vamos.core.lesson.search import Hit, Index
from vamos.ui.desk import Desk
from vamos.ui.frame.find_page import FindPage
from vamos.ui.parts.action import Action, Scope
from vamos.ui.tasks.clips import flip_clip
from vamos.wording import words_of

tr = words_of(__name__)

_W = Scope.WATCHING
ACTIONS = (
    Action("play", tr("Play or stop"), "Space", "Watch", tr("Play from where the page stands."), _W),
    Action("from_the_top", tr("From the top"), "Home", "Watch", tr("Go to the first count of the song."), _W),
    Action("loop", tr("Loop"), "L", "Watch", tr("Play this line, or at Cut this clip, again and again, 8 into 1."), _W),
    Action("next_speed", tr("Next speed"), "S", "Watch", tr("100, 75, 60, 50, 25, 125 % of the song."), _W),
    Action(
        "mirrored",
        tr("See it the other way round"),
        "M",
        "Watch",
        tr("Turns the picture you watch, left for right. At Cut, M turns the clip itself."),
        _W,
    ),
    Action("next_view", tr("Next view"), "V", "Watch", tr("Front, back, side, feet: what was filmed."), _W),
    Action(
        "next_kind",
        tr("Next version"),
        "Shift+V",
        "Watch",
        tr("With counts, to watch, half-time, double time, two pictures in step."),
        _W,
    ),
    Action("clicks", tr("Clicks on the counts"), "K", "Watch", tr("Hear a click on each count, higher on 1."), _W),
    Action(
        "find",
        tr("Find in the dance…"),
        "Ctrl+F",
        "Page",
        tr("A section, a move, a count, a view: to the clip that shows it."),
        Scope.ANYWHERE,
    ),
    Action("line_up", tr("Line up"), "Up", "Page", tr("To the line above."), _W, repeats=True),
    Action("line_down", tr("Line down"), "Down", "Page", tr("To the line below."), _W, repeats=True),
    Action(
        "frame_back",
        tr("One frame back"),
        ",",
        "Page",
        tr("A thirtieth of a second, or a frame of the film, earlier."),
        _W,
        repeats=True,
    ),
    Action(
        "frame_on",
        tr("One frame on"),
        ".",
        "Page",
        tr("A thirtieth of a second, or a frame of the film, later."),
        _W,
        repeats=True,
    ),
)


class WatchCommands:
    """What stands in the middle may play and step by itself."""

    def __init__(self, desk: Desk):
        self._desk = desk

    def play(self) -> None:
        view = self._desk.center.view
        if view is None or not view.toggle():
            self._desk.preview.toggle()

    def loop(self) -> None:
        self._desk.preview.toggle_loop()

    def next_speed(self) -> None:
        self._desk.preview.next_speed()

    def clicks(self) -> None:
        self._desk.preview.toggle_clicks()

    def next_view(self) -> None:
        self._desk.preview.next_view()

    def next_kind(self) -> None:
        self._desk.preview.next_kind()

    def mirrored(self) -> None:
        """The picture one watches, left for right; where clips are cut, the clip."""
        preview = self._desk.preview
        if preview.watched.plays_clips:
            flip_clip(self._desk)
        elif not preview.has_picture:
            self._desk.tell(tr("There is no picture here to turn. Film and Cut show one."))
        else:
            preview.turn_round()
            self._desk.tell(
                tr("You see it the other way round; the clip stays as it is. At Cut, M turns the clip.")
                if preview.watched.turned
                else tr("You see it as it will be written again.")
            )

    def frame_back(self) -> None:
        self._step(-1)

    def frame_on(self) -> None:
        self._step(1)

    def _step(self, frames: int) -> None:
        view = self._desk.center.view
        if view is None or not view.step(frames):
            self._desk.preview.step(frames)

    def from_the_top(self) -> None:
        self._desk.preview.playback.stop()
        self._desk.page.go_to(0)

    def find(self) -> None:
        """A page to search; what is chosen is stood on, at Cut where a clip shows it."""
        desk = self._desk
        if not desk.project.dance.sections:
            desk.tell(tr("No dance is written yet, so there is nothing to find."))
            return
        index = Index(desk.project.dance, desk.session.facts.clips)
        self.find_page = FindPage(desk.page.window() or desk.page, index, self._found)
        self.find_page.show()

    def _found(self, hit: Hit) -> None:
        desk = self._desk
        of = [x for x in desk.session.lines if x.section is not None and x.section.id == hit.section]
        line = next((x for x in of if hit.wall is None or x.wall == hit.wall), None)
        clip = next((c for c in desk.session.facts.clips if c.key in hit.clips), None)
        desk.go_to_stop("Cut" if clip is not None else "Dance")
        desk.show_page()
        if line is None:
            return
        number = clip.line if clip is not None and hit.count is None and hit.wall is None else line.number
        desk.page.go_to(number, Fraction(max(0, floor(hit.count or 0))))
        if clip is not None:
            desk.preview.choose_view(clip.view)

    def line_up(self) -> None:
        self._desk.page.go_to(self._desk.page.current - 1)

    def line_down(self) -> None:
        self._desk.page.go_to(self._desk.page.current + 1)
