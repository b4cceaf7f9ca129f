"""The side panel at Dance: the section of this line, this count, the sequence, problems, what follows, the card."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from functools import partial
from math import floor

from vamos.core.dance.facing import turn_said
from vamos.core.dance.lines import Line
from vamos.core.dance.section_text import notation_of, own_steps
from vamos.core.dance.sequence import print_sequence
from vamos.core.edit import dance as edit
from vamos.core.model.dance import Foot, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.time import Feel, count_name, count_text
from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence
from vamos.ui.stops.dance.actions import OFFER_KEYS
from vamos.ui.stops.dance.card import fill_card
from vamos.ui.stops.dance.commands import NOTATION, DanceCommands
from vamos.ui.stops.dance.follows import fill_follows
from vamos.ui.stops.dance.section import NotationBox, SectionRow, SequenceBox, Written
from vamos.ui.stops.dance.starts import fill_parts, fill_starts
from vamos.ui.stops.leads import lead_on
from vamos.ui.stops.stop import MainAction, Room
from vamos.wording import words_of

tr = words_of(__name__)

#: So many problems are shown at once.
MOST_PROBLEMS = 20
_COUNT_FIELDS = (
    ("cue", tr("Cue word")),
    ("lyric", tr("Lyric, sound")),
    ("note", tr("Note")),
    ("easier", tr("Easier")),
    ("harder", tr("Harder")),
    ("caution", tr("Care")),
)


class DanceRoom(Room):
    """Write the counts, and see what follows from them."""

    def __init__(self, desk: Desk):
        super().__init__(desk)
        self._commands = DanceCommands(desk)

    @property
    def commands(self) -> DanceCommands:
        return self._commands

    def state(self) -> StopState:
        dance = self.desk.project.dance
        if not dance.sections:
            return StopState(tr("not written"))
        walls = sum(i.kind is ItemKind.WALL for i in dance.sequence)
        tags = sum(i.kind is ItemKind.TAG for i in dance.sequence)
        words = [plural(walls, "wall")] + ([plural(tags, "tag")] if tags else [])
        wrong = len(self.desk.session.facts.problems)
        return StopState(", ".join(words) + (tr(", {wrong} to check", wrong=wrong) if wrong else ""), not wrong)

    def main_action(self) -> MainAction | None:
        if self.desk.center.view is self.commands.pasted:
            return MainAction(tr("Take it in"), self.commands.pasted.take_in, tr("Undo takes it out again."))
        if not self.desk.project.dance.sections:
            return MainAction(tr("Write the first section"), self.commands.new_section)
        line, dance = self.desk.line(), self.desk.project.dance
        empty = [s for s in dance.sections if not s.events]
        if not empty and not self.desk.session.facts.problems:
            found = lead_on(self.desk, "Dance")
            if found is not None:
                return found
        if empty and (line is None or line.section not in empty):
            return MainAction(tr("Write {name}", name=empty[0].name), partial(self.commands.write_in, empty[0].name))
        return MainAction(
            tr("Write on this count"), self.commands.write_count, tr("Type what is danced on it; Tab goes on.")
        )

    def on_return(self) -> MainAction | None:
        if self.desk.center.view is None and self.desk.project.dance.sections:
            # One who writes goes on writing, whatever is next in the work.
            return MainAction(tr("Write on this count"), self.commands.write_count)
        return self.main_action()

    def count_chosen(self) -> None:
        self.commands.write_count()

    def fill(self, panel: Panel) -> None:
        do, dance = self.commands, self.desk.project.dance
        if not dance.sections:
            panel.plain_head(tr("No dance written yet"))
            panel.say(tr("Write the counts of the first section, paste a sheet, or read one from a file."))
            panel.buttons((tr("Paste a sheet…"), do.paste_sheet, ""), (tr("Read a sheet…"), do.read_sheet, ""))
            panel.say(tr("Without a sheet, every eight of the song becomes a clip."))
            panel.buttons((tr("Go on without a sheet"), lambda: self.desk.go_to_stop("Film"), ""), key="without")
            return
        line = self.desk.line()
        if line is not None and line.section is not None:
            self._section(panel, line.section)
            self._count(panel, line, line.section)
        else:
            panel.plain_head(tr("This line is not danced"))
            panel.say(tr("Go to a line of the dance to write on it."))
        panel.buttons(
            (tr("New section"), do.new_section, ""),
            (tr("Paste a sheet…"), do.paste_sheet, ""),
            (tr("Write the sheet…"), do.write_sheet, ""),
        )
        self._sequence(panel)
        self._problems(panel)
        fill_follows(panel, dance, self.desk.session.facts.dance, self.desk.project.grid)
        fill_starts(panel, self.desk, dance)
        fill_parts(panel, self.desk, dance)
        fill_card(panel, self.desk)

    def _do(self, words: str, change: Callable[[Project], Project], told: str = "") -> None:
        self.desk.do(words, change, told)

    # --- the section ---------------------------------------------------------------------

    def _section(self, panel: Panel, section: Section) -> None:
        name, dance = section.name, self.desk.project.dance
        panel.plain_head(
            tr("Section {name}", name=name) if not name.lower().startswith(tr("section").lower()) else name
        )

        def rename(text: str) -> None:
            self._do(tr("Name of a section"), lambda p: edit.rename_section(p, name, text))

        def lengthen(counts: int) -> None:
            self._do(tr("Length of a section"), lambda p: edit.set_section(p, name, counts))

        def feel(text: str) -> None:
            self._do(tr("Feel of a section"), lambda p: edit.set_section(p, name, feel=Feel(text)))

        panel.custom(
            "section",
            "",
            lambda: SectionRow(section, rename, lengthen, feel),
            lambda row: row.show_section(section, rename, lengthen, feel),
        )
        text, steps = notation_of(section, dance), own_steps(dance)
        written = Written(section.id, text, section.feel, steps)

        def write(typed: str) -> str:
            return self.commands.write_section(name, typed)

        def typing(typed: str | None) -> None:
            self.commands.show_typed(name, typed)

        panel.custom(
            "notation",
            "",
            lambda: NotationBox(written, NOTATION, write, typing, self.commands.drafts),
            lambda box: box.show_written(written, write, typing),
        )
        panel.buttons(
            (tr("Again"), lambda: self._do(tr("Again"), lambda p: edit.copy_section(p, name)), ""),
            (
                tr("Again mirrored"),
                lambda: self._do(tr("Again, mirrored"), lambda p: edit.copy_section(p, name, mirrored=True)),
                "",
            ),
        )
        panel.buttons(
            (
                tr("Mirror"),
                lambda: self._do(
                    tr("Mirror"), lambda p: edit.mirror_section(p, name), tr("{name} is mirrored", name=name)
                ),
                "",
            ),
            (tr("Take away"), lambda: self._do(tr("Take a section away"), lambda p: edit.remove_section(p, name)), ""),
        )
        if section.events:
            self._keep_step(panel, section)

    def _keep_step(self, panel: Panel, section: Section) -> None:
        """Keep the moves of a section as a step of the teacher's own."""

        def keep(step: str) -> None:
            if step.strip():
                self._do(tr("Keep a step"), lambda p: edit.learn_step(p, section.name, 0, section.length, step))

        panel.text(tr("Keep as a step"), "", keep, hint=tr("name of a step of your own"))
        known = [step.name for step in self.desk.project.dance.steps]
        if known:
            panel.say(tr("Your own: {words}.", words=", ".join(known)), key="own steps")

    # --- the count -----------------------------------------------------------------------

    def _count(self, panel: Panel, line: Line, section: Section) -> None:
        """What is known of the count the page stands on."""
        at = self.desk.position - line.start + line.first
        here = [e for e in section.events if floor(e.start) == floor(at)]
        panel.head(tr("Count {number}", number=floor(at) + 1), "count")
        if not here:
            panel.say(tr("Nothing is written here. F2 writes on this count, Tab goes on to the next."))
            return
        for number, event in enumerate(here):
            words = [f"{event.role}: {event.name or event.kind}" if event.role else event.name or str(event.kind)]
            if event.foot is not Foot.NONE:
                words.append(str(event.foot))
            if event.turn:
                words.append(turn_said(event.turn))
            elif event.turn is None:
                words.append("turn ?")
            panel.say(f"{count_text(event.start, section.feel)}: {', '.join(words)}", "", key=f"event {number}")
        self._offers(panel, line, section)
        for number, event in enumerate(here):
            # The first move of a count has all fields, those on its parts what is said and heard there.
            where = "" if not number else f", {count_name(event.start, section.feel)}"
            for name, title in _COUNT_FIELDS if not number else _COUNT_FIELDS[:2]:
                panel.text(title + where, getattr(event, name), self._setter(section.name, event.start, name))

    def _setter(self, section: str, start: Fraction, name: str) -> Callable[[str], object]:
        title = dict(_COUNT_FIELDS)[name]
        return lambda text: self._do(
            title,
            lambda p: edit.set_event(p, section, start, **{name: text.strip()}),
            tr("{title} is written", title=title),
        )

    def _offers(self, panel: Panel, line: Line, section: Section) -> None:
        """What could be meant on this count, each with where it leads and a key."""
        found = self.commands.offers_here()
        if not found:
            return
        panel.say(tr("What is meant? Each answer has a key."), "warn", key="offers")
        for number, offer in enumerate(found):
            key = tr("  (Alt+{number})", number=number + 1) if number < OFFER_KEYS else ""
            panel.buttons((offer.words + key, partial(self.commands.take_offer, number), ""), key=f"offer {number}")
            panel.say(f"{sentence(offer.leads)}", key=f"leads {number}")

    # --- sequence and problems -----------------------------------------------------------

    def _sequence(self, panel: Panel) -> None:
        dance = self.desk.project.dance
        text = print_sequence(dance.sequence, dance)
        panel.head(tr("Sequence over the song"))
        panel.custom(
            "sequence",
            "",
            lambda: SequenceBox(text, self.commands.write_sequence),
            lambda box: box.show_text(text, self.commands.write_sequence),
        )
        panel.say(tr("4 walls, tag 1, wall restart after 16, hold 4, A A B; wall@16+4 keeps 4 counts after 16."))
        panel.buttons(
            (tr("Fill the song with walls"), lambda: self._do(tr("Fill the song"), edit.fill_song), ""),
            (tr("Wall map"), self.commands.wall_map, ""),
        )

    def _problems(self, panel: Panel) -> None:
        found = self.desk.session.facts.problems
        written = any(s.events for s in self.desk.project.dance.sections)
        nothing = tr("Nothing to check") if written else tr("Nothing is written yet")
        panel.head(tr("To check: {number}", number=len(found)) if found else nothing, "problems")
        for problem in found[:MOST_PROBLEMS]:
            where = ", ".join(
                x for x in (problem.section, problem.count and tr("count {count}", count=problem.count)) if x
            )
            text = f"{where}: {problem.text}" if where else sentence(problem.text)
            panel.problem(text, partial(self.commands.go_to_problem, problem))
        if len(found) > MOST_PROBLEMS:
            panel.say(tr("and {number} more.", number=len(found) - MOST_PROBLEMS))
