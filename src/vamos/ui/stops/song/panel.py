"""The side panel at Song: the grid and its corrections, parts, other songs for the same dance."""

from __future__ import annotations

import itertools
from collections import Counter
from collections.abc import Sequence
from fractions import Fraction
from functools import partial

from PyQt6.QtWidgets import QWidget

from vamos.core.dance.fit import Fit, fit_song
from vamos.core.dance.lines import Line, LineKind
from vamos.core.edit import song as edit
from vamos.core.model.project import Project
from vamos.core.model.song import LONGEST_LINE, Grid, Part
from vamos.core.model.take import PassKind
from vamos.core.time.counts import minutes_text
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.page.model import line_label
from vamos.ui.parts.fields import CountField, TextField, row_of
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.some import some
from vamos.ui.parts.text import plural, sentence
from vamos.ui.stops.leads import lead_on
from vamos.ui.stops.song.commands import SongCommands, reading_words
from vamos.ui.stops.song.silences import show_silences
from vamos.ui.stops.song.whole import show_title, show_used
from vamos.ui.stops.song.words import show_sung
from vamos.ui.stops.stop import MainAction, Room
from vamos.ui.tasks.files import KINDS, take_in
from vamos.wording import words_of

tr = words_of(__name__)

#: Below this the other ways to count are asked for, not only offered.
SURE = 0.75


class SongRoom(Room):
    """Find and correct the grid."""

    def __init__(self, desk: Desk):
        super().__init__(desk)
        self._commands = SongCommands(desk)

    @property
    def commands(self) -> SongCommands:
        return self._commands

    def state(self) -> StopState:
        project = self.desk.project
        if project.grid is None:
            return StopState(tr("no song yet") if project.song is None else tr("beat not found"))
        danced = sum(line.kind.danced for line in self.desk.session.lines)
        weak = len(self.desk.session.facts.weak)
        words = tr("{lines} at {bpm:.0f}", lines=plural(danced, "line"), bpm=project.grid.bpm())
        return StopState(tr("{words}, {weak} weak", words=words, weak=weak) if weak else words, not weak)

    def main_action(self) -> MainAction | None:
        project = self.desk.project
        if project.song is None:
            return MainAction(tr("Choose the song…"), self._choose, tr("Dropping it on the window does the same."))
        if project.grid is None:
            return MainAction(tr("Find the beat"), self.commands.find_grid)
        if not project.song.agreed:
            line = self.desk.line()
            if line is not None and self.desk.position != line.start and not self.desk.preview.playback.playing:
                tip = tr("The count you stand on becomes count 1.")
                return MainAction(tr("This count is a 1"), self.commands.one_here, tip)
            if not self.commands.listened:
                tip = tr("The song from its first count on, with clicks: count along.")
                return MainAction(tr("Listen to the 1"), self.commands.listen_to_the_one, tip)
            tip = tr("If it is not, stand on the count that is, and press “This count is a 1” beside the page.")
            return MainAction(tr("The 1 is right"), self.commands.agree, tip)
        return lead_on(self.desk, "Song")

    def _choose(self) -> None:
        path = self.desk.ask_open(tr("Choose the song"), KINDS)
        if path is not None:
            take_in(self.desk, [path])

    def beat_dragged(self, position: Fraction, columns: float) -> None:
        self.commands.drag_beat(position, columns)

    def shut_down(self) -> None:
        self.commands.tapping.forget()

    def fill(self, panel: Panel) -> None:
        found = self.desk.project.song
        if found is None:
            panel.say(tr("Drop a song on the window, or choose one with Ctrl+I. Vamos finds its beat."))
            return
        panel.plain_head(found.title or tr("Song without a title"))
        show_title(panel, self.desk, found)
        grid = found.grid
        if grid is None:
            panel.say(tr("The beat has not been found yet."))
            return
        panel.fact(tr("Tempo"), tr("{bpm:.1f} a minute", bpm=grid.bpm()))
        panel.fact(tr("Lead-in"), f"{plural(grid.lead_in, 'count')}, {minutes_text(max(0.0, grid.time_map()(0)))}")
        panel.fact(tr("Meter"), tr("{meter} beats a bar, lines of {line}", meter=grid.meter, line=grid.line))
        panel.fact(
            tr("Sure"),
            tr(
                "{confidence:.0%} over all, {lines} weak",
                confidence=grid.confidence,
                lines=plural(len(self.desk.session.facts.weak), "line"),
            ),
        )
        self._readings(panel, grid)
        self._corrections(panel)
        show_silences(panel, self.desk, self.commands, grid)
        show_sung(panel, self.desk, self.commands, found, grid)
        show_used(panel, self.desk, found)
        self._part(panel, grid)
        self._others(panel)

    def _readings(self, panel: Panel, grid: Grid) -> None:
        """Other ways to count that were heard: asked when it is not sure, offered otherwise."""
        song = self.desk.project.song
        if not grid.readings or (song is not None and song.agreed and grid.confidence >= SURE):
            return
        if grid.confidence < SURE:
            panel.say(tr("Not sure how this is counted. Each way is heard at once with clicks:"), "warn")
        else:
            panel.head(tr("Other ways to count"))
        for number, reading in enumerate(grid.readings[:3]):
            words = tr(
                "{reading} (Alt+{number})",
                reading=sentence(reading_words(grid, reading)).rstrip("."),
                number=number + 1,
            )
            panel.buttons((words, partial(self.commands.use_reading, number), ""), key=f"reading {number}")
        for words in short_lines(self.desk.session.lines, grid):
            panel.say(words, key=words)

    def _corrections(self, panel: Panel) -> None:
        do = self.commands
        panel.head(tr("If the 1 is wrong"))
        panel.buttons((tr("This count is a 1"), do.one_here, ""))
        panel.buttons((tr("1 earlier"), do.one_earlier, ""), (tr("1 later"), do.one_later, ""))
        panel.buttons((tr("The dance starts here"), do.dance_starts_here, ""))
        panel.buttons((tr("A line earlier"), do.one_line_earlier, ""), (tr("A line later"), do.one_line_later, ""))
        if any(p.kind is PassKind.SONG for t in self.desk.project.takes for p in t.passes):
            said = do.said_one()
            if said is None:
                panel.buttons((tr("Listen for it in the takes"), do.listen, ""), key="listen")
            else:
                panel.say(said.words(), "warn" if said.shift else "")
                if said.shift:
                    panel.buttons((tr("Move it there"), do.one_where_said, "go"), key="said")
        panel.head(tr("If the tempo is wrong"))
        panel.buttons((tr("Half as fast"), do.halve, ""), (tr("Twice as fast"), do.double, ""), key="all")
        panel.buttons((tr("⅔ as fast"), do.two_thirds, ""), (tr("1½ × as fast"), do.three_halves, ""))
        panel.say(tr("From the count you stand on:"))
        panel.buttons(
            (tr("Half as fast"), do.halve_from_here, ""), (tr("Twice as fast"), do.double_from_here, ""), key="here"
        )
        panel.say(
            tr(
                "Or tap T along while it plays: four taps or more make the beat. A delay that is always "
                "the same is corrected."
            )
        )
        panel.say(tr("Drag a beat mark to move it; its neighbours follow to the next one fixed by hand."))

    def _part(self, panel: Panel, grid: Grid) -> None:
        """The part the page stands in: its name and the length of its lines."""
        panel.head(tr("Parts of the song"))
        if grid.parts:
            number = Counter(p.name for p in grid.parts)
            alike = ", ".join(f"{n} × {k}" for n, k in number.items())
            panel.say(tr("Heard to be alike: {parts}.", parts=alike), key="alike")
        part = grid.part_at(self.desk.position)
        if part is not None:
            self._part_fields(panel, part)
        entries = [(tr("A part begins here"), self.commands.part_here, "")]
        if part is not None and part.position == self.desk.position:
            entries.append((tr("Join to the one before"), self.commands.join_part, ""))
        panel.buttons(*entries, key="parts")

    def _part_fields(self, panel: Panel, part: Part) -> None:
        desk = self.desk

        def rename(new: str) -> None:
            desk.do(tr("Name of the part"), lambda p: edit.rename_parts(p, part.name, new))

        def lengthen(counts: int) -> None:
            desk.do(tr("Length of lines"), lambda p: edit.name_part(p, part.position, part.name, counts))

        def make() -> QWidget:
            name = TextField(part.name, tr("Name of this part"), rename)
            length = CountField(part.line, LONGEST_LINE, tr("Counts in a line of this part"), lengthen)
            return row_of(name, tr("lines of"), length, tr("counts"))

        def update(row: QWidget) -> None:
            field, box = some(row.findChild(TextField)), some(row.findChild(CountField))
            field.changed, box.changed = rename, lengthen
            field.set_value(part.name)
            box.set_value(part.line)

        panel.custom("part", "fields", make, update)

    def _others(self, panel: Panel) -> None:
        """Other songs for the same dance, and how they fit."""
        project = self.desk.project
        panel.head(tr("Another song for this dance"))
        for number, other in enumerate(project.other_songs):
            panel.say(other.song.title, "", key=f"song {number}")
            fit = fit_of(project, number)
            if fit is None:
                panel.say(tr("Its beat is not known, so it cannot be compared."), "warn", key=f"fit {number}")
            else:
                for name, value in fit_words(fit):
                    panel.fact(name, value)
                for note in fit.notes or (tr("It fits."),):
                    panel.say(note, "warn" if fit.notes else "")
            panel.buttons(
                (tr("Dance to this one"), partial(self.commands.use_other_song, number), ""),
                (tr("Take it away"), partial(self.commands.remove_other_song, number), ""),
                key=f"other {number}",
            )
        panel.buttons((tr("Add another song…"), self.commands.add_other_song, ""))


def fit_of(project: Project, number: int) -> Fit | None:
    """How another song of the project fits; None when it or the first has no grid."""
    grid, other = project.grid, project.other_songs[number].song
    if grid is None or other.grid is None:
        return None
    try:
        return fit_song(grid, project.dance, other.grid)
    except VamosError:
        return None


def fit_words(fit: Fit) -> list[tuple[str, str]]:
    """A fit as names and values."""
    over = fit.counts_over
    left = (
        tr("{number:g} left over", number=float(over)) if over >= 0 else tr("{number:g} too short", number=float(-over))
    )
    return [
        (
            tr("Tempo there"),
            tr("{bpm:.1f} a minute, {tempo_ratio:.0%} of this song", bpm=fit.bpm, tempo_ratio=fit.tempo_ratio),
        ),
        (tr("Lead-in there"), tr("{lead_in} counts, {lead_in_s:.1f} s", lead_in=fit.lead_in, lead_in_s=fit.lead_in_s)),
        (
            tr("Length"),
            tr(
                "{number:g} counts, {number2:g} danced, {left}",
                number=float(fit.counts_there),
                number2=float(fit.counts_needed),
                left=left,
            ),
        ),
        (
            tr("Dance ends"),
            tr(
                "{minutes} of {minutes2}",
                minutes=minutes_text(fit.ends_at_s),
                minutes2=minutes_text(fit.song_ends_at_s),
            ),
        ),
    ]


def short_lines(lines: Sequence[Line], grid: Grid) -> list[str]:
    """Cut and added bars that were heard, in words."""
    found = []
    for line, after in itertools.pairwise(lines):
        part = grid.part_at(after.start)
        begins = part is not None and part.position == after.start
        usual = part.line if part is not None else grid.line
        if line.section is None and line.kind is LineKind.DANCE and begins and line.length % usual:
            found.append(
                tr(
                    "A bar of {number:g} before line {line}.",
                    number=float(line.length % grid.meter or grid.meter),
                    line=line_label(after),
                )
            )
    return found
