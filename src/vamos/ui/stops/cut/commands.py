"""What the actions of the stop Cut do: edges, passes, ranges of one's own, the look of the clips."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from typing import Any

from vamos.core.dance.lines import line_name
from vamos.core.dance.range_words import read_range
from vamos.core.edit import clips as edit
from vamos.core.edit import output as edit_output
from vamos.core.model.clip import Choice, Clip, NamedRange
from vamos.core.model.look import CountIn, Lane, Numbering, Shape, Style
from vamos.core.plan.edges import snapped
from vamos.core.plan.flip import label_words
from vamos.core.time import count_text
from vamos.errors import InputError
from vamos.ui.desk import Desk
from vamos.ui.stops.cut.compare import PassChooser
from vamos.ui.tasks.clips import flip_clip
from vamos.wording import words_of

tr = words_of(__name__)


class CutCommands:
    """Each action of the stop is a method."""

    def __init__(self, desk: Desk):
        self._desk = desk
        self.chooser = PassChooser(desk)
        desk.center.add(self.chooser)

    def _clip(self) -> Clip | None:
        clip = self._desk.clip()
        if clip is None:
            self._desk.tell(tr("There is no clip here; go to a line of the dance that was filmed."))
        return clip

    # --- edges ---------------------------------------------------------------------------

    def edge_start(self) -> None:
        self.move_edge(True, self._desk.position)

    def edge_end(self) -> None:
        self.move_edge(False, self._desk.position)

    def move_edge(self, start: bool, position: Fraction) -> None:
        """The clip begins or ends at a count; a bracket was let go there."""
        clip = self._clip()
        if clip is None:
            return
        at = snapped(float(position))
        where = count_text(at - clip.counts.start)
        self._desk.do(
            tr("Edge of the clip"),
            lambda p: edit.move_edge(p, clip, start=at if start else None, end=None if start else at),
            tr(
                "{title}, {view}: {words} at {where}",
                title=clip.title,
                view=clip.view,
                words=tr("begins") if start else tr("ends"),
                where=where,
            ),
        )

    def start_earlier(self) -> None:
        self._nudge(start=-1)

    def start_later(self) -> None:
        self._nudge(start=1)

    def end_earlier(self) -> None:
        self._nudge(end=-1)

    def end_later(self) -> None:
        self._nudge(end=1)

    def _nudge(self, start: int = 0, end: int = 0) -> None:
        clip = self._clip()
        if clip is not None:
            what = tr("begins") if start else tr("ends")
            way = tr("later") if start + end > 0 else tr("earlier")
            told = tr("{title}, {view}: {what} a frame {way}", title=clip.title, view=clip.view, what=what, way=way)
            self._desk.do(tr("Move an edge by a frame"), lambda p: edit.nudge_edge(p, clip, start, end), told)

    def flip(self) -> None:
        flip_clip(self._desk)

    # --- passes --------------------------------------------------------------------------

    def other_pass(self) -> None:
        clip = self._desk.clip()
        if clip is None or not clip.alternatives:
            self._desk.tell(tr("There is no other pass of this view."))
            return
        take, number = clip.alternatives[0]
        chosen = self._desk.project.take(take)
        name = chosen.name
        self._desk.do(
            tr("Another pass"),
            lambda p: edit.choose(p, Choice(clip.key, take=take, pass_id=chosen.passes[number].id)),
            tr(
                "{title}, {view}: {name}, pass {number} is used",
                title=clip.title,
                view=clip.view,
                name=name,
                number=number + 1,
            ),
        )

    def compare(self) -> None:
        """The passes of this clip side by side; again goes back."""
        if self._desk.center.view is self.chooser:
            self._desk.show_page()
        else:
            self.chooser.show_passes()

    def leave_out(self) -> None:
        """This clip is not written; the panel offers to take it back."""
        clip = self._clip()
        if clip is not None:
            told = tr("{title}, {view} is left out", title=clip.title, view=clip.view)
            self._desk.do(tr("Leave a clip out"), lambda p: edit.choose(p, Choice(clip.key, left_out=True)), told)

    def forget(self, key: str) -> None:
        self._desk.do(
            tr("Back to Vamos’s choice"),
            lambda p: edit.forget_choice(p, key),
            tr("Vamos decides about this clip again"),
        )

    def take_back(self, key: str) -> None:
        self._desk.do(tr("Take a clip back"), lambda p: edit.take_back(p, key), tr("The clip is written again"))

    def looked(self) -> None:
        """The clip that is watched is right as it is; to the next one that asks."""
        clip = self._desk.clip()
        if clip is None or not clip.asks:
            self._desk.tell(tr("Nothing speaks against this clip."))
            return
        now = tr("{title}, {label} is right as it is", title=clip.title, label=label_words(clip.label, short=True))
        done = self._desk.do(tr("Looked at a clip"), lambda p: edit.looked_at(p, clip), now)
        if done and any(c.asks for c in self._desk.session.facts.clips):
            self.next_problem()

    def next_problem(self) -> None:
        """To the next clip that asks for a look, from this line on and round."""
        asking = [c for c in self._desk.session.facts.clips if c.asks]
        if not asking:
            self._desk.tell(tr("No clip is left to check."))
            return
        now = self._desk.clip()
        order = {c.key: k for k, c in enumerate(asking)}
        at = order.get(now.key, -1) if now is not None else -1
        if at < 0:
            later = [k for k, c in enumerate(asking) if c.line >= self._desk.page.current]
            at = (later[0] if later else 0) - 1
        clip = asking[(at + 1) % len(asking)]
        self._desk.show_page()
        self._desk.preview.watched.chosen_range = ""
        self._desk.page.go_to(clip.line)
        self._desk.preview.choose_view(clip.view)

    # --- ranges --------------------------------------------------------------------------

    def add_range(self, wanted: NamedRange) -> None:
        """A clip of one's own; it is what the mirror shows from now on."""
        if self._desk.do(tr("A clip of your own"), lambda p: edit.add_range(p, wanted.name, wanted.counts)):
            self._desk.preview.choose_range(self._desk.project.ranges[-1].id)

    def add_part(self, words: str) -> None:
        """A clip of some counts of the line one stands on, as they are said."""
        line = self._desk.line()
        if line is None or not words.strip():
            return
        try:
            counts = read_range(words, line)
        except InputError as error:
            self._desk.tell(str(error))
            return
        self.add_range(NamedRange(f"{line_name(line)} {words.strip()}", counts))

    def remove_range(self, range_id: str) -> None:
        self._desk.preview.choose_range("")
        self._desk.do(tr("Take a clip away"), lambda p: edit.remove_range(p, range_id))

    # --- looks ---------------------------------------------------------------------------

    def set_style(self, style: Style) -> None:
        self._overlay(tr("Where the counts stand"), style=style)

    def set_numbering(self, numbering: Numbering) -> None:
        self._overlay(tr("How counts are said"), numbering=numbering)

    def set_count_in(self, style: CountIn) -> None:
        self._desk.do(
            tr("Count-in"), lambda p: edit_output.set_count_in(p, style), tr("Counted in: {style}", style=style)
        )

    def set_run_up(self, counts: Fraction) -> None:
        self._desk.do(tr("Run-up of all clips"), lambda p: edit_output.set_output(p, run_up=counts))

    def set_distance(self, metres: float) -> None:
        self._overlay(tr("Read from"), distance_m=metres)

    def _overlay(self, name: str, **changes: Any) -> None:
        self._desk.do(
            name,
            lambda p: edit_output.set_overlay(p, replace(p.output.overlay, **changes)),
        )

    def toggle_lane(self, lane: Lane) -> None:
        self._desk.do(tr("Show {lane}", lane=lane), lambda p: edit_output.toggle_lane(p, lane))

    def set_shape(self, shape: Shape) -> None:
        self._desk.do(
            tr("Shape of the picture"), lambda p: edit_output.set_framing(p, replace(p.output.framing, shape=shape))
        )

    def set_follow(self, on: bool) -> None:
        self._desk.do(
            tr("Follow the dancer"), lambda p: edit_output.set_framing(p, replace(p.output.framing, follow=on))
        )
