"""The side panel at Cut: the clips of this line as cards, why they are so, and how they look."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QCheckBox, QFrame, QGridLayout, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from vamos.core.dance.lines import LineKind
from vamos.core.document import edits
from vamos.core.edit.clips import offered_ranges
from vamos.core.model.clip import Arrangement, Choice, Clip
from vamos.core.model.look import Lane, Numbering, Shape, Style
from vamos.ui.panels.base import Panel, key_of
from vamos.ui.panels.fields import combo, named_field
from vamos.ui.scene import kind_words

if TYPE_CHECKING:
    from vamos.ui.window import Window

#: Distances counts may be read from, in metres.
DISTANCES = (1.0, 2.0, 3.0)


def fill(panel: Panel, window: Window) -> None:
    """The clip of this line in this view, why it is so, what else there is."""
    clip = window.current_clip()
    line = window.current_line()
    if clip is None:
        panel.head("Nothing to cut here")
        if line is not None and line.kind in (LineKind.LEAD_IN, LineKind.AFTER):
            panel.say("This line is not danced. Go to a line of the dance.")
        else:
            panel.say("No take shows this line in this view. Press V for another view, or film it.")
    else:
        _cards(panel, window, clip)
        _facts(panel, window, clip)
    _left_out(panel, window)
    _ranges(panel, window)
    _look(panel, window)


def _cards(panel: Panel, window: Window, current: Clip) -> None:
    """One card a view: the pass it takes, its label, whether something is to be checked."""
    panel.head(current.title)
    alike = [c for c in window.content.clips if c.title == current.title]
    row: QHBoxLayout | None = None
    for number, clip in enumerate(alike):
        if number % 2 == 0:
            box = QWidget()
            row = QHBoxLayout(box)
            row.setContentsMargins(0, 0, 0, 0)
            row.setSpacing(8)
            panel.column.addWidget(box)
        assert row is not None
        row.addWidget(_card(window, clip, clip.key == current.key), 1)
    if row is not None and len(alike) % 2:
        row.addStretch(1)


def _card(window: Window, clip: Clip, current: bool) -> QWidget:
    card = Card(lambda: window.watching.choose_view(clip.view))
    card.setProperty("role", "card-now" if current else "card")
    down = QVBoxLayout(card)
    down.setContentsMargins(10, 7, 8, 7)
    down.setSpacing(1)
    head = QLabel(str(clip.view) + (f"  {len(clip.problems)} to check" if clip.problems else ""))
    head.setProperty("role", "card-head")
    take = QLabel(f"{clip.take}, pass {clip.pass_number + 1}")
    label = QLabel(clip.label.split(":")[0])
    for words in (take, label):
        words.setProperty("role", "soft")
    for words in (head, take, label):
        down.addWidget(words)
    card.setAccessibleName(f"{clip.title}, {clip.view}: {clip.take}, {clip.label}")
    return card


class Card(QFrame):
    """A clip to be chosen by a click or by Space and Return."""

    def __init__(self, choose: Callable[[], object]):
        super().__init__()
        self._choose = choose
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def mouseReleaseEvent(self, event) -> None:
        self._choose()

    def keyPressEvent(self, event) -> None:
        if event.key() in (Qt.Key.Key_Space, Qt.Key.Key_Return):
            self._choose()
        else:
            super().keyPressEvent(event)


def _facts(panel: Panel, window: Window, clip: Clip) -> None:
    """Reasons, problems and other passes, in words."""
    for problem in clip.problems:
        panel.say(problem[0].upper() + problem[1:] + ".", "warn")
    for reason in clip.reasons:
        panel.say(reason[0].upper() + reason[1:] + ".", "")
    panel.say(
        f"Drag the brackets on the page, or {key_of('edge_start')} and {key_of('edge_end')} on a count; "
        f"{key_of('start_earlier')} {key_of('start_later')} {key_of('end_earlier')} {key_of('end_later')} by a frame."
    )
    if clip.alternatives:
        names = [f"{take}, pass {number + 1}" for take, number in clip.alternatives[:3]]
        panel.say(f"Also: {'; '.join(names)}.")
        panel.buttons(
            (f"Another pass ({key_of('other_pass')})", window.hands.other_pass, ""),
            (f"Side by side ({key_of('compare')})", window.hands.compare, ""),
        )
    buttons: list[tuple[str, Callable[[], object], str]] = [("Leave out", window.hands.leave_out, "")]
    if window.session.project.choice(clip.key) is not None:
        buttons.insert(0, ("Let Vamos decide again", _forget(window, clip.key), ""))
    panel.buttons(*buttons)


def _forget(window: Window, key: str) -> Callable[[], object]:
    return lambda: window.session.do("Decide again", lambda p: edits.forget_choice(p, key))


def _take_back(window: Window, key: str) -> Callable[[], object]:
    """Written again; what else was decided about it stays."""
    return lambda: window.session.do("Take a clip back", lambda p: edits.choose(p, Choice(key)))


def _left_out(panel: Panel, window: Window) -> None:
    out = [c.clip for c in window.session.project.choices if c.left_out]
    if not out:
        return
    panel.head("Left out")
    for key in out:
        panel.buttons((f"Take {key} back", _take_back(window, key), ""))


def _ranges(panel: Panel, window: Window) -> None:
    """Clips of one's own, and what is offered around this count."""
    project = window.session.project
    panel.head("Clips of your own")
    for wanted in project.ranges:
        chosen = window.watching.chosen_range == wanted.name
        panel.buttons(
            (wanted.name, _choose_range(window, "" if chosen else wanted.name), "main" if chosen else ""),
            ("Take away", _remove_range(window, wanted.name), ""),
        )
    offered = [r for r in offered_ranges(project, window.page.position) if r not in project.ranges]
    for wanted in offered[:4]:
        panel.buttons((f"+ {wanted.name}", _add_range(window, wanted), ""))
    if not offered and not project.ranges:
        panel.say("Stand on a danced line to cut two lines, a wall, or from the top to there.")


def _choose_range(window: Window, name: str) -> Callable[[], object]:
    return lambda: window.hands.choose_range(name)


def _remove_range(window: Window, name: str) -> Callable[[], object]:
    return lambda: window.hands.remove_range(name)


def _add_range(window: Window, wanted) -> Callable[[], object]:
    return lambda: window.hands.add_range(wanted)


def _look(panel: Panel, window: Window) -> None:
    """What stands over the picture, and how the picture is cut."""
    output = window.session.project.output
    overlay, hands = output.overlay, window.hands
    panel.head("Over the picture")
    style = combo([str(s) for s in Style], str(overlay.style), "Where the counts stand")
    style.activated.connect(lambda: hands.set_style(Style(style.currentText())))
    panel.column.addWidget(named_field("Counts", style))
    numbering = combo([str(n) for n in Numbering], str(overlay.numbering), "How counts are said")
    numbering.activated.connect(lambda: hands.set_numbering(Numbering(numbering.currentText())))
    panel.column.addWidget(named_field("Said", numbering))
    far = combo([f"{d:g} m away" for d in DISTANCES], f"{overlay.distance_m:g} m away", "Read from")
    far.activated.connect(lambda: hands.set_distance(DISTANCES[far.currentIndex()]))
    panel.column.addWidget(named_field("Read from", far))
    box = QWidget()
    grid = QGridLayout(box)
    grid.setContentsMargins(0, 2, 0, 2)
    grid.setVerticalSpacing(4)
    for number, lane in enumerate(Lane):
        check = QCheckBox(str(lane))
        check.setChecked(lane in overlay.lanes)
        check.setAccessibleName(f"Show {lane}")
        check.toggled.connect(lambda _on, x=lane: hands.toggle_lane(x))
        grid.addWidget(check, number // 2, number % 2)
    panel.column.addWidget(box)
    panel.head("The picture")
    shape = combo([str(s) for s in Shape], str(output.framing.shape), "Shape of the picture")
    shape.activated.connect(lambda: hands.set_shape(Shape(shape.currentText())))
    panel.column.addWidget(named_field("Shape", shape))
    follow = QCheckBox("Close to the dancer, following slowly")
    follow.setChecked(output.framing.follow)
    follow.setAccessibleName("Follow the dancer")
    follow.toggled.connect(lambda _on: hands.toggle_follow())
    panel.column.addWidget(follow)
    panel.say(f"Version shown: {kind_words(window.watching.kind)}. {key_of('next_kind')} shows the next one.")


def also_wanted(panel: Panel, window: Window) -> None:
    """At Pack: which versions are written besides the speeds."""
    output = window.session.project.output

    def switch(name: str, field: str) -> None:
        check = QCheckBox(name)
        check.setChecked(getattr(output, field))
        check.setAccessibleName(name)
        check.toggled.connect(
            lambda on: window.session.do(name, lambda p: replace(p, output=replace(p.output, **{field: on})))
        )
        panel.column.addWidget(check)

    switch("One to progress, without counts", "plain")
    switch("As filmed too, where clips are mirrored", "as_filmed")
    switch("Half-time: the dance half as fast, the music as it is", "half_time")
    for arrangement in (Arrangement.BESIDE, Arrangement.FEET):
        check = QCheckBox(f"With {arrangement}")
        check.setChecked(arrangement in output.arrangements)
        check.setAccessibleName(f"With {arrangement}")
        check.toggled.connect(lambda _on, a=arrangement: window.hands.toggle_arrangement(a))
        panel.column.addWidget(check)
    switch("An even beat where the song is not heard", "even")
