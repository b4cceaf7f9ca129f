"""The stop Pack: what students get, and what was written."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from functools import partial

from vamos.core.dance.who import roles_in
from vamos.core.edit.output import set_output, toggle_arrangement, toggle_look, with_speed
from vamos.core.model.clip import Arrangement
from vamos.core.model.look import LOOKS, NamedLook
from vamos.core.pack.estimate import minutes_words
from vamos.core.plan.own_profiles import own_profiles
from vamos.core.plan.profiles import PROFILES, Profile, new_section
from vamos.language import LANGUAGES as WORDS
from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence
from vamos.ui.preview.result_player import ResultPlayer
from vamos.ui.stops.leads import lead_on
from vamos.ui.stops.pack.commands import PackCommands, Written
from vamos.ui.stops.pack.files_table import FilesTable
from vamos.ui.stops.pack.picture import fill_picture, fill_run_through, fill_views
from vamos.ui.stops.pack.planned import PlannedFilms, Shown, shown
from vamos.ui.stops.pack.profile_card import ProfileCard
from vamos.ui.stops.pack.sounds import fill_sound
from vamos.ui.stops.stop import MainAction, Room
from vamos.wording import words_of

tr = words_of(__name__)

SPEEDS = tuple(Fraction(percent, 100) for percent in (100, 75, 60, 50, 25))
_ALSO = (
    (tr("Extra: to watch, without counts"), "plain"),
    (tr("Extra: as filmed, where clips are mirrored"), "as_filmed"),
    (tr("Half-time: the dance half as fast, the music as it is"), "half_time"),
    (tr("Double time: the dance twice as fast, the music as it is"), "double_time"),
)
_CLIPS = (
    (tr("A clip for each section"), "sections"),
    (tr("From the top to the end of each section: 1, 1 to 2, 1 to 3 …"), "from_the_top"),
    (tr("Counts over the picture"), "with_counts"),
)
_EVEN = (tr("Steady beat where the song is not heard"), "even")
#: So many findings are shown.
_MOST = 8


def _look_words(look: NamedLook) -> str:
    """A version with other things over the picture, in words."""
    known = {
        "feet": tr("Extra: with the feet"),
        "words": tr("Extra: words, no counts"),
        "clean": tr("Extra: clean, nothing over it"),
    }
    lanes = ", ".join(str(lane) for lane in look.lanes)
    return known.get(look.name, f"“{look.name}”: {lanes}")


def _planned(films: PlannedFilms, cards: tuple[Shown, ...]) -> PlannedFilms:
    films.show_films(cards)
    return films


class PackRoom(Room):
    """What students get."""

    def __init__(self, desk: Desk):
        super().__init__(desk)
        self._commands = PackCommands(desk)

    @property
    def commands(self) -> PackCommands:
        return self._commands

    def state(self) -> StopState:
        written = self.commands.written
        if written is None:
            return StopState(tr("not made yet"))
        good = not written.bad
        return StopState(tr("written and checked") if good else tr("written, see problems"), good)

    def main_action(self) -> MainAction | None:
        if not self.desk.session.facts.clips:
            return lead_on(self.desk, "Pack")
        written, phones = self.commands.written, self.commands.phones
        if self.commands.arrived is not None:
            return None
        if written is not None and not written.bad and written.project is self.desk.project:
            if phones.served is not None:
                return MainAction(tr("Stop showing it"), phones.stop)
            return MainAction(
                tr("Show it on phones in the room"),
                lambda: phones.begin(written.folder),
                tr("In your own network only, and only these files."),
            )
        return MainAction(tr("Write the pack…"), self.commands.write_pack, tr("Choose where; a folder is made there."))

    def shut_down(self) -> None:
        self.commands.close()

    def fill(self, panel: Panel) -> None:
        output = self.desk.project.output
        if not self.desk.session.facts.clips:
            panel.plain_head(tr("Nothing to pack yet"))
            panel.say(tr("A pack needs a song with its beat and at least one placed take."))
            return
        panel.plain_head(tr("What is it for?"))
        self._profiles(panel)
        panel.fact(
            tr("Also in the pack"),
            tr("a page for students, captions, a summary, the count sheet, the wall map, clips.otio"),
        )
        panel.say(tr("Speeds"), "")
        panel.toggles(
            "speeds",
            [
                (
                    f"{round(s * 100)} %",
                    tr("Speed {number} %", number=round(s * 100)),
                    s in output.speeds,
                    self._speed(s),
                )
                for s in SPEEDS
            ],
        )
        for text, name in _ALSO:
            self._also(panel, text, name)
        for arrangement in (Arrangement.BESIDE, Arrangement.FEET):
            panel.check(
                tr("Extra: {arrangement}", arrangement=arrangement),
                arrangement in output.arrangements,
                self._arrange(arrangement),
            )
        for look in dict.fromkeys((*LOOKS, *output.looks)):
            panel.check(
                _look_words(look), look in output.looks, self._look(look), name=tr("Also: {name}", name=look.name)
            )
        for text, name in _CLIPS:
            self._also(panel, text, name)
        fill_views(panel, self.desk)
        self._also(panel, *_EVEN)
        self._role(panel)
        self._words(panel)
        fill_picture(panel, self.desk)
        fill_sound(panel, self.desk, self.commands.set_excerpt)
        fill_run_through(panel, self.desk)

    def _profiles(self, panel: Panel) -> None:
        """What packs are made for, and how much the one that is set comes to."""
        output = self.desk.project.output
        own = own_profiles()
        chosen = next((p for p in (*PROFILES, *own) if p.holds(output)), None)
        for profile in (*PROFILES, *own):
            self._card(panel, profile, profile is chosen)
        if chosen is None:
            panel.say(tr("Settings of your own."), key="profile")
        if output.new_section:
            self._new_section(panel)
        if chosen is None:
            panel.text(
                tr("Keep these as"),
                "",
                self.commands.keep_profile,
                name=tr("Name of a profile of your own"),
                hint=tr("a name"),
            )
        elif chosen in own:
            panel.buttons(
                (tr("Forget “{name}”", name=chosen.name), partial(self.commands.forget_profile, chosen.name), ""),
                key="forget",
            )
        found = self.commands.estimated(output)
        if found is None:
            panel.say(tr("Working out how much this comes to…"), "", key="estimate")
        elif found.files:
            panel.say(f"{found.words()}.", "", key="estimate")
        else:
            panel.say(tr("Nothing would be written: choose sections, or the run-through."), "warn", key="estimate")
        if found is not None and found.unseen:
            panel.say(found.unseen_words(), "warn", key="unseen")

    def _card(self, panel: Panel, profile: Profile, now: bool) -> None:
        """A purpose to choose."""
        output = profile.applied(self.desk.project.output)
        found = self.commands.estimated(output)
        amount = f"{plural(found.files, 'film')}, {minutes_words(found.film_s)}" if found is not None else "…"

        def use() -> None:
            self.desk.do(tr(profile.name), lambda p: set_output(p, **profile.settings))
            # Pressed once more it stays what it is.
            self.desk.stale.emit()

        panel.custom(
            "profile",
            profile.name,
            lambda: ProfileCard(profile, output, now, amount, use),
            lambda card: card.show_profile(profile, output, now, amount, use),
        )

    def _new_section(self, panel: Panel) -> None:
        """The section that a class set teaches."""
        project = self.desk.project
        names = {s.name: s.id for s in project.dance.sections}
        now = next((n for n, i in names.items() if i == new_section(project)), "")
        panel.choice(
            tr("New today"),
            list(names),
            now,
            lambda w: self.desk.do(tr("New section"), lambda p: set_output(p, new_section=names[w])),
            name=tr("The section that is new"),
            own=True,
        )

    def _role(self, panel: Panel) -> None:
        """Whose moves stand over the picture, where partners or groups dance differently."""
        project = self.desk.project
        known = roles_in(e for s in project.dance.sections for e in s.events)
        if len(known) < 2:
            return
        both = tr("everybody’s")
        panel.choice(
            tr("Moves over the picture"),
            [both, *known],
            project.output.role if project.output.role in known else both,
            lambda w: self.desk.do(
                tr("Whose moves"),
                lambda p: set_output(p, role="" if w == both else w),
                tr("Moves over the picture: {who}", who=w),
            ),
            name=tr("Whose moves stand over the picture"),
            own=True,
        )

    def _words(self, panel: Panel) -> None:
        """The language of all that students read: page, sheets, and the words over the picture."""
        as_here = tr("my language")
        names = {as_here: "", **{name: code for code, name in WORDS.items()}}
        now = next((n for n, code in names.items() if code == self.desk.project.output.language), as_here)
        panel.choice(
            tr("Students read"),
            list(names),
            now,
            lambda w: self.desk.do(tr("Language for students"), lambda p: set_output(p, language=names[w])),
            name=tr("Language that students read"),
            own=True,
        )

    def _arrange(self, arrangement: Arrangement) -> Callable[[bool], object]:
        return lambda _on: self.desk.do(
            tr("Also {arrangement}", arrangement=arrangement), lambda p: toggle_arrangement(p, arrangement)
        )

    def _look(self, look: NamedLook) -> Callable[[bool], object]:
        return lambda _on: self.desk.do(tr("Also: {name}", name=look.name), lambda p: toggle_look(p, look))

    def _speed(self, speed: Fraction) -> Callable[[bool], object]:
        return lambda on: self.desk.do(tr("Speeds"), lambda p: with_speed(p, speed, on))

    def _also(self, panel: Panel, text: str, name: str) -> None:
        on = getattr(self.desk.project.output, name)
        panel.check(text, on, lambda now: self.desk.do(text, lambda p: set_output(p, **{name: now})))

    def _player(self, panel: Panel) -> bool:
        """The film that is played here; False when none is."""
        playing = self.commands.playing
        if playing is None or playing.path is None:
            return False
        panel.say(playing.path.name, "", key="playing")
        for words in playing.wrong[:_MOST]:
            panel.say(sentence(words), "warn", key=f"wrong {words}")
        panel.custom(
            "player",
            "",
            lambda: ResultPlayer(self.desk.runner, playing),
            lambda player: player.show_result(playing),
        )
        panel.buttons((tr("Open in your video player"), self.commands.open_file, ""), key="elsewhere")
        return True

    def _planned(self, panel: Panel) -> None:
        """What will be written, as pictures; while it is written, each film that is done can be played."""
        arrived, commands = self.commands.arrived, self.commands
        found = commands.estimated(self.desk.project.output)
        writing = arrived is not None
        panel.plain_head(tr("Being written") if writing else tr("What will be written"))
        if found is None or not found.planned:
            return
        if not writing:
            panel.say(
                tr("Each picture is a film, with its length at each speed. All are checked once they are written."),
                key="planned",
            )
        elif not self._player(panel):
            panel.say(tr("A film can be played as soon as its picture is clear."), key="arriving")
        cards = shown(found.planned, self.desk.project, self.desk.session.base, arrived or {}, writing)
        panel.custom(
            "planned",
            "",
            lambda: _planned(PlannedFilms(commands.stills, commands.play_arrived), cards),
            lambda films: films.show_films(cards),
        )

    def fill_beside(self, panel: Panel) -> None:
        written = self.commands.written
        if not self.desk.session.facts.clips:
            return
        if written is None or self.commands.arrived is not None:
            self._planned(panel)
            return
        panel.plain_head(tr("What was written"))
        for words, role in written_words(written):
            panel.say(words, role)
        if not self._player(panel):
            panel.say(
                tr("Return on a file, or a double click, plays it here beside the film it was cut from."), key="how"
            )
        panel.custom(
            "files",
            "",
            lambda: FilesTable(written.rows, self.commands.play_file),
            lambda table: table.show_rows(written.rows),
        )
        panel.buttons(
            (tr("Open the students’ page"), self.commands.show_page, ""),
            (tr("Open the folder"), self.commands.show_folder, ""),
        )
        self.commands.phones.fill(panel, lambda: written.folder)
        self.commands.one_page.fill(panel, written.folder)
        panel.buttons((tr("Copy a summary to send along"), self.commands.copy_summary, ""), key="summary")
        panel.say(
            tr("Hand out the whole folder: the page plays the clips beside it, without a network."), key="hand out"
        )


def written_words(written: Written) -> list[tuple[str, str]]:
    """What a pack came to, in sentences with their roles."""
    words = [(tr("{files} in {folder}.", files=plural(written.files, "file"), folder=written.folder), "")]
    wrong = len(written.bad)
    hold = (
        tr("all correct") if not wrong else tr("1 is wrong") if wrong == 1 else tr("{wrong} do not hold", wrong=wrong)
    )
    words.append(
        (tr("Decoded again and compared: {figures}, {hold}.", figures=plural(written.figures, "figure"), hold=hold), "")
    )
    words += [(f"{f.file}: {f.what}, {f.detail}", "warn") for f in written.bad[:_MOST]]
    words += [(sentence(p), "warn") for p in written.problems[:_MOST]]
    return words
