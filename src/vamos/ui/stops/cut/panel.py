"""The side panel at Cut: the clips of this line as cards, why they are so, and how they look."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from fractions import Fraction
from functools import partial

from PyQt6.QtWidgets import QGridLayout, QWidget

from vamos.core.edit.clips import offered_ranges
from vamos.core.edit.output import phrase_of
from vamos.core.model.clip import Clip
from vamos.core.model.look import CountIn, Lane, Numbering, Shape, Style
from vamos.core.plan.clips import shown_by
from vamos.core.plan.flip import label_words
from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.parts.action import key_of
from vamos.ui.parts.buttons import ButtonEntry, Card, Check
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence
from vamos.ui.preview.clip_preview import kind_words
from vamos.ui.stops.cut.actions import ACTIONS
from vamos.ui.stops.cut.commands import CutCommands
from vamos.ui.stops.leads import lead_on
from vamos.ui.stops.stop import MainAction, Room
from vamos.wording import words_of

tr = words_of(__name__)

#: Distances counts may be read from, in metres.
DISTANCES = {tr("{d:g} m away", d=d): d for d in (1.0, 2.0, 3.0)}


class CutRoom(Room):
    """The clip of this line in this view, why it is so, what else there is."""

    def __init__(self, desk: Desk):
        super().__init__(desk)
        self._commands = CutCommands(desk)

    @property
    def commands(self) -> CutCommands:
        return self._commands

    def state(self) -> StopState:
        clips = self.desk.session.facts.clips
        if not clips:
            return StopState(tr("no clips yet"))
        asking = sum(bool(c.asks) for c in clips)
        words = plural(len(clips), "clip")
        return StopState(tr("{words}, {asking} to check", words=words, asking=asking) if asking else words, not asking)

    def main_action(self) -> MainAction | None:
        clips = self.desk.session.facts.clips
        asking = sum(bool(c.asks) for c in clips)
        now = self.desk.clip()
        if now is not None and now.asks and self.desk.center.view is None:
            return MainAction(tr("I looked, it is right"), self.commands.looked, "; ".join(map(sentence, now.problems)))
        if asking:
            return MainAction(tr("Next clip to check ({asking})", asking=asking), self.commands.next_problem)
        return lead_on(self.desk, "Cut")

    def edge_dragged(self, start: bool, position: Fraction) -> None:
        self.commands.move_edge(start, position)

    def fill(self, panel: Panel) -> None:
        clip, line = self.desk.clip(), self.desk.line()
        if clip is None:
            # Where they cannot be worked out, that is said instead.
            self.desk.session.facts.clips  # noqa: B018
            panel.plain_head(tr("Nothing to cut here"))
            if line is not None and not line.kind.danced:
                panel.say(tr("This line is not danced. Go to a line of the dance."))
            else:
                panel.say(tr("No take shows this line in this view. Press V for another view, or film it."))
        else:
            self._cards(panel, clip)
            self._facts(panel, clip)
        self._left_out(panel)
        self._ranges(panel)
        self._look(panel)

    def _cards(self, panel: Panel, current: Clip) -> None:
        """One card a view: the pass it takes, its label, whether something is to be checked."""
        panel.plain_head(current.title)
        alike = [c for c in self.desk.session.facts.clips if c.subject == current.subject]
        for number in range(0, len(alike), 2):
            pair = [self._card(c, c.key == current.key) for c in alike[number : number + 2]]
            panel.custom(
                f"cards {len(pair)}",
                f"{number}",
                partial(_CardPair, pair),
                partial(_show_pair, pair),
            )

    def _card(self, clip: Clip, now: bool) -> _CardWords:
        check = tr("  {number} to check", number=len(clip.asks)) if clip.asks else ""
        name = self.desk.project.take(clip.take).name
        lines = (
            (f"{tr(clip.view)}{check}", "card-head"),
            (
                tr("{name}, pass {number} · {mark} of 100", name=name, number=clip.pass_number + 1, mark=clip.mark),
                "soft",
            ),
            (label_words(clip.label, short=True), "soft"),
        )
        said = tr(
            "{title}, {view}: {name}, {label}",
            title=clip.title,
            view=clip.view,
            name=name,
            label=label_words(clip.label),
        )
        return _CardWords(lines, said, now, lambda: self.desk.preview.choose_view(clip.view))

    def _facts(self, panel: Panel, clip: Clip) -> None:
        """Reasons, problems and other passes, in words."""
        do = self.commands
        for problem in clip.problems:
            panel.say(sentence(problem), "warn" if clip.asks else "soft")
        for reason in clip.reasons:
            panel.say(sentence(reason), "")
        keys = [key_of(ACTIONS, n) for n in ("start_earlier", "start_later", "end_earlier", "end_later")]
        panel.say(
            tr(
                "Drag the brackets on the page, or {key} and {key2} on a count; {words} by a frame.",
                key=key_of(ACTIONS, "edge_start"),
                key2=key_of(ACTIONS, "edge_end"),
                words=" ".join(keys),
            )
        )
        if clip.alternatives:
            for (take, number), (mark, against) in list(zip(clip.alternatives, clip.other_marks, strict=False))[:3]:
                words = tr(
                    "{name}, pass {number}: {mark} of 100",
                    name=self.desk.project.take(take).name,
                    number=number + 1,
                    mark=mark,
                )
                panel.say(
                    tr("Also {words}{words2}.", words=words, words2=f" ({against})" if against else ""),
                    key=f"also {take} {number}",
                )
            panel.buttons(
                (tr("Another pass ({key})", key=key_of(ACTIONS, "other_pass")), do.other_pass, ""),
                (tr("Side by side ({key})", key=key_of(ACTIONS, "compare")), do.compare, ""),
            )
        buttons: list[ButtonEntry] = [(tr("Leave out"), do.leave_out, "")]
        if self.desk.project.choice(clip.key) is not None:
            buttons.insert(0, (tr("Back to Vamos’s choice for all"), lambda: do.forget(clip.key), ""))
        panel.buttons(*buttons, key="decide")

    def _left_out(self, panel: Panel) -> None:
        out = [c.clip for c in self.desk.project.choices if c.left_out]
        if not out:
            return
        coverage = self.desk.session.facts.coverage
        panel.head(tr("Left out"))
        for key in out:
            shown = shown_by(key, coverage) if coverage is not None else None
            # What the dance no longer has keeps its old name, and can be forgotten by it.
            words = tr("{title}, {view}", title=shown[0], view=tr(str(shown[1]))) if shown is not None else key
            panel.buttons((tr("Bring back {clip}", clip=words), partial(self.commands.take_back, key), ""))

    def _ranges(self, panel: Panel) -> None:
        """Clips of one's own, and what is offered around this count."""
        desk, project = self.desk, self.desk.project
        panel.head(tr("Clips of your own"))
        for wanted in project.ranges:
            chosen = desk.preview.watched.chosen_range == wanted.id
            panel.buttons(
                (wanted.name, self._choose("" if chosen else wanted.id), "main" if chosen else ""),
                (tr("Take away"), partial(self.commands.remove_range, wanted.id), ""),
                key=f"range {wanted.id}",
            )
        have = {r.counts for r in project.ranges}
        offered = [r for r in offered_ranges(desk.session.lines, desk.position) if r.counts not in have]
        for wanted in offered[:4]:
            panel.buttons((f"+ {wanted.name}", partial(self.commands.add_range, wanted), ""))
        if offered:
            panel.text(
                tr("Of this line"),
                "",
                self.commands.add_part,
                name=tr("Counts of this line as a clip"),
                hint=tr("3& to 6; or 3& up to 6&"),
                tip=tr("“to 6” ends with 6, “up to 6&” where 6& begins."),
            )
        if not offered and not project.ranges:
            panel.say(tr("Stand on a danced line to cut two lines, a wall, or from the top to there."))

    def _choose(self, range_id: str) -> Callable[[], object]:
        return lambda: self.desk.preview.choose_range(range_id)

    def _look(self, panel: Panel) -> None:
        """What stands over the picture, and how the picture is cut."""
        output, do = self.desk.project.output, self.commands
        overlay = output.overlay
        panel.head(tr("Over the picture"))
        panel.choice(
            tr("Counts"),
            list(Style),
            str(overlay.style),
            lambda w: do.set_style(Style(w)),
            name=tr("Where the counts stand"),
        )
        panel.choice(
            tr("Said"),
            list(Numbering),
            str(overlay.numbering),
            lambda w: do.set_numbering(Numbering(w)),
            name=tr("How counts are said"),
        )
        self._before_the_first(panel)
        now = tr("{distance_m:g} m away", distance_m=overlay.distance_m)
        panel.choice(tr("Read from"), list(dict.fromkeys([*DISTANCES, now])), now, lambda w: self._distance(w))
        panel.custom(
            "lanes",
            "",
            lambda: _Lanes(overlay.lanes, do.toggle_lane),
            lambda lanes: lanes.show_lanes(overlay.lanes),
        )
        panel.head(tr("The picture"))
        shape = output.framing.shape
        panel.choice(
            tr("Shape"), list(Shape), str(shape), lambda w: do.set_shape(Shape(w)), name=tr("Shape of the picture")
        )
        panel.check(
            tr("Close to the dancer, following slowly"),
            output.framing.follow,
            do.set_follow,
            name=tr("Follow the dancer"),
        )
        panel.say(
            tr("Version shown: {kind}. Shift+V shows the next one.", kind=kind_words(self.desk.preview.watched.kind)),
            key="kind",
        )

    def _before_the_first(self, panel: Panel) -> None:
        """How many counts all clips begin early, and what these show and say."""
        output, do = self.desk.project.output, self.commands
        grid = self.desk.project.grid
        lengths = {plural(k, "count"): Fraction(k) for k in (0, 2, 3, 4, 8)}
        if grid is not None:
            lengths |= {tr("a phrase"): phrase_of(grid)}
        now = next(
            (w for w, n in lengths.items() if n == output.run_up), tr("{number:g} counts", number=float(output.run_up))
        )
        panel.choice(
            tr("Run-up"),
            list(dict.fromkeys([*lengths, now])),
            now,
            lambda w: do.set_run_up(lengths[w]) if w in lengths else None,
            name=tr("Run-up of all clips"),
        )
        panel.choice(
            tr("Count-in"),
            list(CountIn),
            str(output.overlay.count_in),
            lambda w: do.set_count_in(CountIn(w)),
            name=tr("What the counts before the first show and say"),
        )

    def _distance(self, words: str) -> None:
        if words in DISTANCES:
            self.commands.set_distance(DISTANCES[words])


class _CardWords:
    """What stands on a card, and what choosing it does."""

    def __init__(self, lines: Sequence[tuple[str, str]], said: str, now: bool, choose: Callable[[], object]):
        self.lines, self.said, self.now, self.choose = lines, said, now, choose


class _CardPair(QWidget):
    """Two cards side by side, or one and a space."""

    def __init__(self, words: Sequence[_CardWords]):
        super().__init__()
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setHorizontalSpacing(8)
        self._cards = [Card(w.lines, w.said, w.now, w.choose) for w in words]
        for column, card in enumerate(self._cards):
            grid.addWidget(card, 0, column)
        for column in range(2):
            grid.setColumnStretch(column, 1)

    def show_cards(self, words: Sequence[_CardWords]) -> None:
        for card, w in zip(self._cards, words, strict=True):
            card.show_as(w.lines, w.said, w.now, w.choose)


def _show_pair(words: Sequence[_CardWords], pair: _CardPair) -> None:
    pair.show_cards(words)


def _toggled(toggle: Callable[[Lane], object], lane: Lane, _on: bool) -> None:
    toggle(lane)


class _Lanes(QWidget):
    """A box for each thing that may stand over the picture."""

    def __init__(self, shown: Sequence[Lane], toggle: Callable[[Lane], object]):
        super().__init__()
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 2, 0, 2)
        grid.setVerticalSpacing(4)
        self._boxes = {}
        for number, lane in enumerate(Lane):
            box = Check(tr(lane), lane in shown, tr("Show {lane}", lane=lane), partial(_toggled, toggle, lane))
            grid.addWidget(box, number // 2, number % 2)
            self._boxes[lane] = box

    def show_lanes(self, shown: Sequence[Lane]) -> None:
        for lane, box in self._boxes.items():
            box.setChecked(lane in shown)
