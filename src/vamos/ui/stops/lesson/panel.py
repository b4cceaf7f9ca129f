"""The stop Lesson: the school, the wanted length, the plan step by step, what to film for it, the room."""

from __future__ import annotations

from collections.abc import Callable
from enum import StrEnum
from functools import partial

from PyQt6.QtCore import Qt

from vamos.core.lesson.filming import missing, to_film
from vamos.core.lesson.looking import away_sentences
from vamos.core.lesson.paper import heard_words, side_words, taught_words
from vamos.core.lesson.plan import part_after
from vamos.core.lesson.practice_log import entry_words, to_do_again
from vamos.core.lesson.repeats import WHY_SO_OFTEN
from vamos.core.lesson.room import Lens, framing, travel
from vamos.core.lesson.schools import WHY
from vamos.core.lesson.step import Step
from vamos.core.model.dance import ItemKind
from vamos.core.model.filmed import Verdict
from vamos.core.model.lesson import Build, Facts, Learners, LessonWish, Shown, Slow, Way
from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.sentence import Pick, Type
from vamos.ui.parts.text import plural, sentence
from vamos.ui.preview.result_player import ResultPlayer
from vamos.ui.stops.leads import lead_on
from vamos.ui.stops.lesson.commands import LessonCommands
from vamos.ui.stops.lesson.picture import LessonPicture
from vamos.ui.stops.lesson.steps_table import StepsTable
from vamos.ui.stops.stop import MainAction, Room
from vamos.wording import opening, words_of

tr = words_of(__name__)

#: So many of the log are shown.
_LOGGED = 4
#: Lenses of phones, in millimetres of a frame of 36 × 24.
_LENSES = {tr("the usual one (26 mm)"): 26.0, tr("the wide one (13 mm)"): 13.0, tr("the long one (77 mm)"): 77.0}
_ROOMS = {f"{m:g} m": m for m in (2.5, 3.0, 4.0, 5.0, 6.0, 8.0)}


class LessonRoom(Room):
    """The plan of the lesson."""

    def __init__(self, desk: Desk):
        super().__init__(desk)
        self._commands = LessonCommands(desk)
        self._lens, self._depth, self._upright = tr("the usual one (26 mm)"), "4 m", False

    @property
    def commands(self) -> LessonCommands:
        return self._commands

    def state(self) -> StopState:
        if not self.desk.project.dance.sections:
            return StopState(tr("no sheet yet"), False)
        plan = self.commands.plan
        over = tr(", too long") if plan.over_s > 1 else ""
        # What is only suggested is not decided yet.
        decided = plan.wish != LessonWish()
        return StopState(
            tr("about {number} min{over}", number=round(plan.seconds / 60), over=over), decided and not over
        )

    def main_action(self) -> MainAction | None:
        if not self.desk.project.dance.sections:
            return MainAction(tr("Write the dance"), lambda: self.desk.go_to_stop("Dance"))
        if self.commands.written_as == (self.desk.project.dance, self.desk.project.lesson):
            found = lead_on(self.desk, "Lesson")
            if found is not None:
                return found
        return MainAction(tr("Write the plan…"), self.commands.write_plan, tr("As PDF or Markdown, with what to say."))

    def shut_down(self) -> None:
        self.commands.close()

    def fill(self, panel: Panel) -> None:
        if not self.desk.project.dance.sections:
            panel.plain_head(tr("No dance written yet"))
            panel.say(tr("The lesson is planned from the count sheet."))
            return
        plan = self.commands.plan
        self._school(panel)
        panel.head(tr("Length"), "length")
        self._length(panel)
        for number, words in enumerate(plan.words()):
            panel.say(words, "warn" if number and plan.over_s > 1 else "", key=f"length {number}")
        panel.fact(
            tr("To learn"),
            tr(
                "{counts} in {sections}",
                counts=plural(plan.material.counts, "count"),
                sections=plural(len(plan.material.pieces), "section"),
            ),
        )
        for left in plan.left:
            panel.say(
                tr(
                    "Left out: {title}, {what}: {number} s.",
                    title=left.title,
                    what=left.what,
                    number=round(left.seconds),
                ),
                key=f"left {left.step} {left.what}",
            )
        panel.buttons(
            (tr("Write the film of the lesson…"), self.commands.write_film, ""),
            (tr("Write homework loops…"), self.commands.write_homework, ""),
            key="write film",
        )
        written = self.commands.written
        if written is not None:
            panel.say(tr("What was written last is in {value}.", value=written[0]), "", key="written")
            for number, words in enumerate(written[1][:6]):
                panel.say(sentence(words), "warn", key=f"wrong {number}")
        self._film(panel)
        self._camera(panel)
        panel.say(tr("Warm up first, and dance within what a teacher or a physician says is good for you."))

    def _school(self, panel: Panel) -> None:
        """How it is taught, in sentences with the choices in them."""
        wish = self.desk.project.lesson
        panel.plain_head(tr("How it is taught"))
        panel.sentence(
            "learners",
            tr("It is for {learners}. Gaps to practise are {gaps}, and begin with {turn}."),
            learners=self._pick(tr("Who learns"), Learners, "learners"),
            gaps=self._either(tr("Gaps to practise"), tr("silent"), tr("with the song"), "gap_song"),
            turn=Type(
                tr("What is said in gaps to practise"),
                wish.turn_words,
                lambda words: self.commands.wish(tr("What is said in gaps"), turn_words=words.strip()),
                tr("Your turn"),
            ),
        )
        panel.sentence(
            "built",
            tr("Build it up {build}. Each section: {way}."),
            build=self._pick(tr("Built up"), Build, "build"),
            way=self._pick(tr("Each section"), Way, "way"),
        )
        why = [sentence(tr(WHY[x])) for x in (wish.build, wish.way) if x in WHY]
        why.append(sentence(tr(WHY_SO_OFTEN[wish.learners])))
        panel.say(" ".join(why), key="why")
        panel.sentence(
            "shown",
            tr("Show the whole dance {shown}. Tell walls, tags and restarts {facts}."),
            shown=self._pick(tr("Show the whole dance"), Shown, "shown"),
            facts=self._pick(tr("Walls, tags, restarts"), Facts, "facts"),
        )
        panel.sentence(
            "slow",
            tr("Tempo: {slow}. Easier and harder forms: {variants}."),
            slow=self._pick(tr("Tempo"), Slow, "slow"),
            variants=self._either(tr("Easier and harder forms"), tr("leave them out"), tr("show them"), "variants"),
        )

    def _either(self, title: str, off: str, on: str, name: str) -> Pick:
        """A choice of two in words."""
        now = on if getattr(self.desk.project.lesson, name) else off
        return Pick(title, (on, off), now, lambda words: self.commands.wish(title, **{name: words == on}), own=True)

    def _pick(self, title: str, kind: type[StrEnum], name: str) -> Pick:
        now = getattr(self.desk.project.lesson, name)
        return Pick(title, list(kind), str(now), lambda words: self.commands.wish(title, **{name: kind(words)}))

    def _length(self, panel: Panel) -> None:
        """How long it may take, in one part or in two."""
        plan, wish = self.commands.plan, self.desk.project.lesson
        wanted = Type(
            tr("Wanted length of the lesson in minutes"),
            f"{wish.minutes:g}" if wish.minutes else "",
            self.commands.set_minutes,
            tr("any number of"),
        )
        names = {p.id: p.section.name for p in plan.material.pieces[:-1]}
        if not names:
            panel.sentence("length", tr("It may take {minutes} minutes."), minutes=wanted)
            return
        words = {
            tr("in one go"): "",
            **{tr("in two parts, the second after {name}", name=name): i for i, name in names.items()},
        }
        now = next((w for w, i in words.items() if i == wish.cut_after), tr("in one go"))
        parts = Pick(
            tr("Cut in two"), list(words), now, lambda w: self.commands.wish(tr("Parts"), cut_after=words[w]), own=True
        )
        panel.sentence("length", tr("It may take {minutes} minutes, {parts}."), minutes=wanted, parts=parts)
        best = names.get(part_after(plan), "")
        if plan.seconds > 15 * 60 and not wish.cut_after and best:
            panel.say(tr("It is long for one lesson; a good break is after {best}.", best=best), key="cut here")

    def _film(self, panel: Panel) -> None:
        panel.head(tr("What to film for it"), "film for it")
        found = to_film(self.commands.plan, self.desk.session.facts.clips, self.desk.project.grid)
        if not found:
            panel.say(tr("Nothing: every step has a clip that shows it."))
        for number, shot in enumerate(found):
            panel.say(f"{opening(tr(shot.view))}: {shot.words()}.", "warn", key=f"shot {number}")
            panel.buttons((tr("Film it"), partial(self.commands.film, shot), ""), key=f"film {number}")
        panel.buttons(
            (tr("Write the list…"), self.commands.write_film_list, ""),
            (tr("Film the whole dance"), self.commands.film_whole, ""),
            key="write list",
        )
        self._filming(panel)

    def _filming(self, panel: Panel) -> None:
        """What is being filmed, and the log: how each was, and what went wrong."""
        companion, log = self.commands.companion, self.desk.project.filmed
        if companion.scene is not None:
            panel.say(companion.words, "title", key="filming")
            panel.buttons((tr("Stop"), companion.stop, ""), key="stop filming")
        elif not log:
            panel.say(
                tr(
                    "Start the camera, press “Film it” and walk to your place: the song plays from the "
                    "right second, with clicks before. When it was heard is logged, so that a take is "
                    "placed even if its sound is bad."
                ),
                key="how to film",
            )
        for number, filmed in list(enumerate(log))[: -_LOGGED - 1 : -1]:
            panel.say(f"{number + 1}. {entry_words(filmed)}", "", key=f"filmed {number}")
            panel.toggles(
                f"verdict {number}",
                [
                    (
                        opening(tr(verdict)),
                        tr("{what}, number {number}: {verdict}", what=filmed.what, number=number + 1, verdict=verdict),
                        filmed.verdict is verdict,
                        self._judge(number, verdict),
                    )
                    for verdict in (Verdict.GOOD, Verdict.AGAIN)
                ],
            )
            panel.text(
                tr("What went wrong"),
                filmed.note,
                partial(self.commands.note_filmed, number),
                name=tr("What went wrong in number {number}", number=number + 1),
                hint=tr("nothing"),
            )
        if log:
            again = to_do_again(log)
            panel.say(
                tr("To do again: {words}.", words="; ".join(again)) if again else tr("Nothing needs doing again."),
                key="again",
            )
            panel.buttons(
                (tr("Write the practice log…"), self.commands.write_log, ""),
                (tr("Forget the last"), self.commands.forget_filmed, ""),
                key="log",
            )

    def _judge(self, number: int, verdict: Verdict) -> Callable[[bool], object]:
        return lambda on: self.commands.judge(number, verdict if on else Verdict.OPEN)

    def _camera(self, panel: Panel) -> None:
        """Does the dancer stay in the picture?"""
        panel.head(tr("Room and lens"), "room")
        panel.choice(tr("Room for the camera"), list(_ROOMS), self._depth, self._set("_depth"))
        panel.choice(tr("Lens"), list(_LENSES), self._lens, self._set("_lens"))

        def upright(on: bool) -> None:
            self._upright = on
            self.desk.stale.emit()

        panel.check(tr("The phone is held upright"), self._upright, upright)
        lens = Lens(_LENSES[self._lens], self._upright)
        seen = framing(travel(self.desk.project.dance), lens, _ROOMS[self._depth])
        for number, words in enumerate(seen.words, 1):
            trouble = number == len(seen.words) and not seen.fits
            panel.say(words, "warn" if trouble else "", key=f"room {number}")
        found = away_sentences(self.desk.project.dance)
        for number, words in enumerate(found, 1):
            panel.say(words, key=f"away {number}")
        if found:
            panel.say(tr("There, show it from the back, or call what comes: Pack, Over the song."), "soft", key="call")

    def _set(self, name: str) -> Callable[[str], object]:
        def chosen(words: str) -> None:
            setattr(self, name, words)
            self.desk.stale.emit()

        return chosen

    # --- the plan ------------------------------------------------------------------------

    def fill_beside(self, panel: Panel) -> None:
        if not self.desk.project.dance.sections:
            return
        do, plan = self.commands, self.commands.plan

        def play() -> None:
            player = panel.findChild(ResultPlayer)
            if do.played is not None and player is not None:
                player.toggle()
            else:
                do.play_step()

        panel.plain_head(tr("The plan"))
        step = do.step
        now = step.key if step is not None else ""
        unseen = {s.key for s in missing(plan, self.desk.session.facts.clips)}
        dance = self.desk.project.dance
        kinds = ((i, tr(str(i.kind))) for i in dance.sequence if i.kind in (ItemKind.TAG, ItemKind.ENDING))
        called = {dance.section(name).id: word for item, word in kinds for name in item.sections}
        keys: dict[int, Callable[[], object]] = {
            Qt.Key.Key_Plus: do.more,
            Qt.Key.Key_Minus: do.fewer,
            Qt.Key.Key_Delete: do.leave_out,
            Qt.Key.Key_Return: do.show_it,
            Qt.Key.Key_Left: do.slower,
            Qt.Key.Key_Right: do.quicker,
            Qt.Key.Key_P: play,
            Qt.Key.Key_Space: play,
        }
        panel.custom(
            "picture",
            "",
            lambda: LessonPicture((plan, now, unseen, called), do.choose, do.move, keys, do.often, do.pace),
            lambda picture: picture.show_plan(plan, now, unseen, called),
        )
        if (result := do.played) is not None:
            panel.custom("player", "", lambda: ResultPlayer(self.desk.runner, result), lambda x: x.show_result(result))
        if step is not None:
            self._step(panel, step, play)
        panel.head(tr("As a list"), "list")
        panel.custom(
            "steps",
            "",
            lambda: StepsTable(plan, now, do.choose, do.move, keys),
            lambda table: table.show_plan(plan, now),
        )
        self._changed(panel)

    def _step(self, panel: Panel, step: Step, play: Callable[[], object]) -> None:
        """What is done in a step, what is said, and what can be done to it."""
        do = self.commands
        panel.say(step.title, "strong", key="step")
        if step.words:
            panel.say(tr("Say: {words}", words=step.words), "", key="say")
        sides = side_words(step, self.desk.session.facts.clips)
        about = [sentence(step.reason)] if step.reason else []
        about += [sentence(tr("The learner sees: {sides}", sides=sides))] if sides else []
        about += [sentence(w) for w in (heard_words(step), taught_words(self.commands.plan, step)) if w]
        about += [tr("A gap of {gap} counts to practise after each time.", gap=step.gap)] if step.gap else []
        if about:
            panel.say(" ".join(about), key="about")
        if step.speeds:
            panel.buttons(
                (tr("More often (+)"), do.more, ""),
                (tr("Less often (−)"), do.fewer, ""),
                (f"{tr('Slower')} (←)", do.slower, ""),
                (f"{tr('Quicker')} (→)", do.quicker, ""),
                key="how often",
            )
        row: list[tuple[str, Callable[[], object], str]] = [
            (tr("Play it here (P)"), play, ""),
            (tr("Earlier (Alt+↑)"), do.up, ""),
            (tr("Later (Alt+↓)"), do.down, ""),
            (tr("Leave out (Del)"), do.leave_out, ""),
        ]
        panel.buttons(*row, key="where")
        more: list[tuple[str, Callable[[], object], str]] = []
        if step.speeds:
            more.append((tr("No gap") if step.gap else tr("A gap to practise"), do.gap, ""))
        if len(step.sections) == 1:
            more.append((tr("Show it at Cut (Return)"), do.show_it, ""))
        if step.changed:
            more.append((tr("As suggested"), do.as_suggested, ""))
        if more:
            panel.buttons(*more, key=f"more {len(more)}")

    def _changed(self, panel: Panel) -> None:
        """Steps that were left out by hand, and the order."""
        do, wish = self.commands, self.desk.project.lesson
        names = {s.key: s.title for s in do.plan.steps}
        for change in wish.changes:
            if change.left_out:
                words = names.get(change.step, change.step)
                panel.buttons(
                    (tr("Take “{words}” back", words=words), partial(do.take_back, change.step), ""),
                    key=f"back {change.step}",
                )
        if wish.order:
            panel.buttons((tr("Order as suggested"), do.usual_order, ""), key="usual order")
