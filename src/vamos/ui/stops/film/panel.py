"""The side panel at Film: what to film next, the take under the eyes, all takes and their places."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from functools import partial

from PyQt6.QtGui import QImage

from vamos.core.edit.takes import UNSAID, say_views
from vamos.core.model.disagreement import ALL_RIGHT
from vamos.core.model.take import Danced, Spoken, Take, View
from vamos.core.plan.agree import open_questions
from vamos.core.time.counts import minutes_text
from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.parts.action import key_of
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.sentence import Pick
from vamos.ui.parts.text import plural, sentence
from vamos.ui.stops.film.actions import ACTIONS
from vamos.ui.stops.film.commands import FilmCommands
from vamos.ui.stops.film.shot_table import ShotTable
from vamos.ui.stops.film.take_fields import band_words, fill_take, fill_trouble
from vamos.ui.stops.film.view_question import MOMENTS, ViewQuestion
from vamos.ui.stops.leads import lead_on
from vamos.ui.stops.stop import MainAction, Room
from vamos.ui.tasks.files import KINDS, take_in
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: Whether a take can be used from a count on.
_WELL = (marked("all is well"), marked("trouble"))


class FilmRoom(Room):
    """Takes, what they show, whether they are placed, what is missing."""

    def __init__(self, desk: Desk):
        super().__init__(desk)
        self._commands = FilmCommands(desk)

    @property
    def commands(self) -> FilmCommands:
        return self._commands

    def state(self) -> StopState:
        takes = self.desk.project.takes
        if not takes:
            return StopState(tr("no takes yet"))
        placed = sum(bool(t.passes) for t in takes)
        return StopState(
            tr("{placed} of {takes} placed", placed=placed, takes=plural(len(takes), "take")), placed == len(takes)
        )

    def main_action(self) -> MainAction | None:
        project = self.desk.project
        if self.commands.slate_open:
            tip = tr("The moment in the middle of the wave is the count the page stands on.")
            return MainAction(self.commands.slate.match_words(), self.commands.slate.this_is_it, tip)
        waiting = sum(not t.looked_for_passes for t in project.takes)
        if waiting and project.song is not None:
            return MainAction(tr("Place {takes}", takes=plural(waiting, "take")), self.commands.place_takes)
        guessed = self._guessed()
        if guessed and project.song is not None:
            tip = tr("Nobody has said what these takes show; Vamos goes by what stands beside them.")
            return MainAction(
                tr("Yes, that is what they show"), partial(self._say, {t.id: t.stretches[0].view for t in guessed}), tip
            )
        if project.takes and (project.song is None or self.desk.session.facts.clips):
            # Without a song there is nothing to place takes on.
            found = lead_on(self.desk, "Film")
            if found is not None:
                return found
        return MainAction(tr("Add takes…"), self._add, tr("Choose films; dropping them on the window does the same."))

    def _add(self) -> None:
        paths = self.desk.ask_open_many(tr("Add takes"), KINDS)
        if paths:
            take_in(self.desk, paths)

    def shut_down(self) -> None:
        self.commands.slate.tapping.forget()

    def fill(self, panel: Panel) -> None:
        takes = self.desk.project.takes
        if not takes:
            panel.plain_head(tr("No takes yet"))
            panel.say(tr("Drop your phone's films on the window. They are never copied or changed."))
            return
        if self.desk.project.song is None:
            panel.say(tr("There is no song yet to place these takes on. Choose it at Song."), "warn", key="no song")
        self._questions(panel)
        self._ask_views(panel)
        here = self.commands.opened()
        for take in takes:
            # What cannot be seen comes first.
            if take is not here:
                fill_trouble(panel, self.desk, self.commands, take)
        self._which(panel, takes, here)
        self._here(panel)
        if here is not None:
            fill_take(panel, self.desk, self.commands, here)
        self._shots(panel)
        self._movement(panel)

    def _which(self, panel: Panel, takes: tuple[Take, ...], here: Take | None) -> None:
        """The take one looks at, among the others, each in a line: its view, how sure its place is, its trouble."""
        rows = {band_words(t): t.id for t in takes}
        now = next((words for words, take in rows.items() if here is not None and take == here.id), "")
        panel.choice(tr("Take"), list(rows), now, lambda words: self.commands.open_take(rows[words]), own=True)

    def _guessed(self) -> list[Take]:
        return [t for t in self.desk.project.takes if t.stretches[0].guessed]

    def _say(self, views: Mapping[str, View]) -> None:
        self.desk.do(tr("What takes show"), lambda p: say_views(p, views))

    def _ask_views(self, panel: Panel) -> None:
        """One question for all takes whose name says nothing: what do they show?"""
        guessed = self._guessed()
        if not guessed:
            return
        panel.plain_head(tr("What do these show?"))
        panel.say(
            tr("Their names do not say it, and clips are flipped by it. Choose with the keys 1 to 5."), key="why views"
        )
        for take in guessed:
            now, key = take.stretches[0].view, take.media.fingerprint
            seen = [self.desk.content.thumb(key, share * take.media.duration_s) for share in MOMENTS]
            say: Callable[[View], object] = partial(self._say_one, take.id)
            panel.custom(
                "view question",
                take.id,
                partial(ViewQuestion, take.name, now, seen, say),
                partial(_show_question, now, seen, say),
            )

    def _say_one(self, take_id: str, view: View) -> None:
        self._say({take_id: view})

    def _here(self, panel: Panel) -> None:
        """What the take in the mirror shows from this count on, as a sentence with the choices in it."""
        at = self.commands.moment()
        if at is None:
            return
        take, take_s = at
        stretch, do = take.stretch_at(take_s), self.commands
        bad = do.trouble_at()
        panel.sentence(
            "what it shows",
            tr(
                "From {second} on “{name}” shows the {view}, {danced}; {well}.",
                second=minutes_text(take_s),
                name=take.name.replace("{", "{{").replace("}", "}}"),
                **{blank: f"{{{blank}}}" for blank in ("view", "danced", "well")},
            ),
            view=Pick(tr("What it shows"), list(View), str(stretch.view), lambda word: do.mark_view(View(word))),
            danced=Pick(tr("Sides"), list(Danced), str(stretch.danced), lambda word: do.mark_danced_as(Danced(word))),
            well=Pick(tr("Trouble"), _WELL, _WELL[bad is not None], self._well),
        )
        if bad is not None:
            why = bad[0].stretch_at(bad[1]).trouble
            panel.text(
                tr("What is wrong in {name}", name=bad[0].name),
                "" if why == UNSAID else tr(why),
                do.say_trouble,
                name=tr("Reason of trouble"),
                hint=tr("a person walks by"),
            )
        facts = [tr("already flipped")] if stretch.already_flipped else []
        facts += [tr("the words mean {spoken}", spoken=stretch.spoken)] if stretch.spoken is not Spoken.NONE else []
        if facts:
            panel.say(sentence(", ".join(facts)), "", key="facts here")
        panel.toggles(
            tr("More of it"),
            (
                (tr("In a mirror"), tr("In a mirror"), stretch.in_mirror, lambda _on: do.mark_mirror()),
                (tr("Lettering"), tr("Lettering in the picture"), stretch.lettering, lambda _on: do.mark_lettering()),
                (
                    tr("Called sides"),
                    tr("Called sides"),
                    stretch.spoken is not Spoken.NONE,
                    lambda _on: do.mark_spoken(),
                ),
            ),
        )
        panel.buttons(
            (tr("End the mark ({key})", key=key_of(ACTIONS, "mark_end")), do.mark_end, ""),
            (tr("Match by eye ({key})", key=key_of(ACTIONS, "by_eye")), do.by_eye, ""),
            key="mark ends",
        )

    def _well(self, words: str) -> None:
        """Trouble begins or ends at this count."""
        if words == _WELL[1]:
            self.commands.mark_trouble()
        else:
            self.commands.mark_well()

    def _shots(self, panel: Panel) -> None:
        """Sections and views as a table: filmed, only with trouble, missing."""
        found = self.desk.session.facts.shots
        if not found.sections:
            return
        missing = len(found.to_film)
        named = tr("What there is, and what is missing") if missing else tr("What there is")
        panel.head(named, "what there is", folded_first=True)
        panel.custom("shots", "", lambda: ShotTable(found), lambda table: table.show_shots(found))
        for number, words in enumerate(found.to_film[:6]):
            panel.say(words, "warn", key=f"to film {number}")
        panel.buttons((tr("Add takes…"), self._add, ""), (tr("Write the list…"), self.commands.write_shots, ""))
        if any(s.trouble for t in self.desk.project.takes for s in t.stretches):
            panel.buttons((tr("Write what to leave out…"), self.commands.write_leave_out, ""), key="leave out")

    def _questions(self, panel: Panel) -> None:
        """What takes do not agree on, each to be answered once."""
        project = self.desk.project
        for words, number in open_questions(project).items():
            panel.say(words, "warn", key=f"question {number}")
            answers = [*(side.words for side in project.disagreements[number].sides), ALL_RIGHT]
            buttons = [(sentence(tr(w)).rstrip("."), partial(self.commands.answer, number, w), "") for w in answers]
            panel.buttons(*buttons, key=f"answers {number}")

    def _movement(self, panel: Panel) -> None:
        """What was noticed in the pictures: holds danced through, entries off their time."""
        takes = [t for t in self.desk.project.takes if t.passes]
        if not takes:
            return
        panel.head(tr("Movement"), folded_first=True)
        looked = [t for t in takes if t.remarks is not None]
        if len(looked) < len(takes):
            panel.say(tr("Vamos can look for holds that are danced through, and entries that are early or late."))
            panel.buttons((tr("Look for movement"), self.commands.look_for_movement, ""))
        for take in looked:
            for remark in take.remarks or ():
                panel.say(f"{take.name}, {minutes_text(remark.take_s)}: {remark.text}.", "warn")
        if looked and not any(t.remarks for t in looked):
            panel.say(tr("Every hold is still, and every entry after one is on time."), "")
        for take in looked:
            for number, p in enumerate(take.passes, 1):
                if p.still_s is not None:
                    before, after = p.still_s
                    still = tr(
                        "still for {before:.1f} s before the dancing, {after:.1f} s after", before=before, after=after
                    )
                    panel.say(tr("{name}, pass {number}: {still}.", name=take.name, number=number, still=still))


def _show_question(
    now: View, seen: Sequence[QImage | None], say: Callable[[View], object], question: ViewQuestion
) -> None:
    question.show_as(now, seen, say)
