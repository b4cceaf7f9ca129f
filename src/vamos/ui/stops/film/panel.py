"""The side panel at Film: what to film next, the take under the eyes, all takes and their places."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from functools import partial

from PyQt6.QtGui import QImage

from vamos.core.edit.takes import UNSAID, say_views
from vamos.core.model.disagreement import ALL_RIGHT
from vamos.core.model.take import Spoken, Take, View
from vamos.core.plan.agree import open_questions
from vamos.core.time.counts import minutes_text
from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.parts.action import key_of
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence
from vamos.ui.stops.film.actions import ACTIONS
from vamos.ui.stops.film.commands import FilmCommands
from vamos.ui.stops.film.shot_table import ShotTable
from vamos.ui.stops.film.take_fields import band_words, fill_take, fill_trouble
from vamos.ui.stops.film.view_question import MOMENTS, ViewQuestion
from vamos.ui.stops.leads import lead_on
from vamos.ui.stops.stop import MainAction, Room
from vamos.ui.tasks.files import KINDS, take_in
from vamos.wording import words_of

tr = words_of(__name__)


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
            tip = tr("Nobody said what these takes show; they are taken for what stands beside them.")
            return MainAction(
                tr("Yes, so they are filmed"), partial(self._say, {t.id: t.stretches[0].view for t in guessed}), tip
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
        to_film = self.desk.session.facts.shots.to_film
        if to_film:
            panel.say(to_film[0], "warn", key="to film")
        self._ask_views(panel)
        self._here(panel)
        panel.buttons((tr("Add takes…"), self._add, ""), key="add")
        self._shots(panel)
        self._movement(panel)
        self._takes(panel, takes)

    def _takes(self, panel: Panel, takes: tuple[Take, ...]) -> None:
        """The take one looks at with everything about it; the others in a line each, which opens them."""
        here = self.commands.opened()
        others = [t for t in takes if t is not here]
        # What cannot be seen comes first.
        for take in others:
            fill_trouble(panel, self.desk, self.commands, take)
        if here is not None:
            fill_take(panel, self.desk, self.commands, here)
        if others:
            panel.head(tr("Other takes"), "other takes")
        for take in others:
            panel.buttons((band_words(take), partial(self.commands.open_take, take.id), ""), key=f"band {take.id}")

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
        """The take in the mirror, and keys that say what it shows from this count on."""
        at = self.commands.moment()
        if at is None:
            return
        take, take_s = at
        stretch = take.stretch_at(take_s)
        panel.head(tr("{name}, from {minutes} on", name=take.name, minutes=minutes_text(take_s)), "here")
        facts = [tr(stretch.view), tr(stretch.danced)]
        facts += [tr("in a mirror")] if stretch.in_mirror else []
        facts += [tr("already flipped")] if stretch.already_flipped else []
        facts += [tr("lettering in the picture")] if stretch.lettering else []
        facts += [tr("the words mean {spoken}", spoken=stretch.spoken)] if stretch.spoken is not Spoken.NONE else []
        facts += [tr("trouble: {trouble}", trouble=tr(stretch.trouble))] if stretch.trouble else []
        panel.say(sentence(", ".join(facts)), "", key="what it shows")
        bad = self.commands.trouble_at()
        if bad is not None:
            why = bad[0].stretch_at(bad[1]).trouble
            panel.text(
                tr("What is wrong in {name}", name=bad[0].name),
                "" if why == UNSAID else tr(why),
                self.commands.say_trouble,
                name=tr("Reason of trouble"),
                hint=tr("a person walks by"),
            )
        do = self.commands
        panel.buttons(
            (tr("Front"), do.mark_front, ""),
            (tr("Back"), do.mark_back, ""),
            (tr("Left"), do.mark_left, ""),
            (tr("Right"), do.mark_right, ""),
            (tr("Feet"), do.mark_feet, ""),
        )
        panel.buttons(
            (tr("Swap the sides"), do.mark_danced, ""),
            (tr("Mirror"), do.mark_mirror, ""),
            (tr("Called sides"), do.mark_spoken, ""),
        )
        panel.buttons(
            (tr("Trouble"), do.mark_trouble, ""),
            (tr("All is well"), do.mark_well, ""),
            (tr("Lettering"), do.mark_lettering, ""),
        )
        panel.buttons(
            (tr("The mark ends here ({key})", key=key_of(ACTIONS, "mark_end")), do.mark_end, ""), key="mark ends"
        )
        panel.buttons((tr("Match by eye ({key})", key=key_of(ACTIONS, "by_eye")), do.by_eye, ""))
        keys = (
            ("mark_front", tr("front")),
            ("mark_back", tr("back")),
            ("mark_feet", tr("feet")),
            ("mark_trouble", tr("trouble")),
        )
        panel.say(
            tr(
                "Keys: {words}. A mark holds until the next one.",
                words=", ".join((f"{key_of(ACTIONS, n)} {w}" for n, w in keys)),
            )
        )

    def _shots(self, panel: Panel) -> None:
        """Sections and views as a table: filmed, only with trouble, missing."""
        found = self.desk.session.facts.shots
        if not found.sections:
            return
        panel.head(tr("What there is"))
        panel.custom("shots", "", lambda: ShotTable(found), lambda table: table.show_shots(found))
        for number, words in enumerate(found.to_film[1:6]):
            panel.say(words, "warn", key=f"to film {number}")
        panel.buttons((tr("Write the list…"), self.commands.write_shots, ""))
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
        panel.head(tr("Movement"))
        looked = [t for t in takes if t.remarks is not None]
        if len(looked) < len(takes):
            panel.say(tr("Vamos can look for holds that are danced through, and entries that are early or late."))
            panel.buttons((tr("Look for movement"), self.commands.look_for_movement, ""))
        for take in looked:
            for remark in take.remarks or ():
                panel.say(f"{take.name}, {minutes_text(remark.take_s)}: {remark.text}.", "warn")
        self._questions(panel)
        if looked and not any(t.remarks for t in looked):
            panel.say(tr("Every hold is still, and entries after holds are on time."), "")
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
