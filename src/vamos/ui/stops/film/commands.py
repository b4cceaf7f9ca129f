"""What the actions of the stop Film do: marks, placing by hand, films moved or taken out, the shot list."""

from __future__ import annotations

from pathlib import Path
from typing import Any

from vamos.core.disk.outputs import write_output
from vamos.core.document.paths import locate, reference
from vamos.core.edit import takes as edit
from vamos.core.edit.split import split_take
from vamos.core.media.probe import SONG_SUFFIXES, TAKE_SUFFIXES, probe
from vamos.core.model.take import BetterSound, Danced, PassKind, Spoken, Take, View
from vamos.core.plan.leave_out import leave_out_text
from vamos.core.plan.movement import Looked, look
from vamos.core.plan.shots import to_csv, to_markdown
from vamos.core.progress import Progress
from vamos.core.render.films import rates_of
from vamos.core.silent import Places, find_by_steps
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.stops.film.compare_places import PlaceChooser
from vamos.ui.stops.film.slate import Slate
from vamos.ui.tasks.placing import place_waiting
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.wording import words_of

tr = words_of(__name__)


class FilmCommands:
    """Each action of the stop is a method."""

    _marked = OfDocument(str)

    def __init__(self, desk: Desk):
        self._desk = desk
        self.slate = Slate(desk)
        self.places = PlaceChooser(desk)
        desk.center.add(self.slate)
        desk.center.add(self.places)

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    @property
    def slate_open(self) -> bool:
        return self._desk.center.view is self.slate

    def moment(self, take_id: str = "") -> tuple[Take, float] | None:
        """The take under the eyes and its second: on the slate, else the one that shows this count."""
        if self.slate_open:
            take = self.slate.take()
            return (take, self.slate.take_s) if take is not None else None
        return self._desk.preview.watched.take_moment(take_id)

    def opened(self) -> Take | None:
        """The take whose fields are open: the one that was chosen, else the one under the eyes, else the first."""
        takes = {t.id: t for t in self._desk.project.takes}
        chosen = self._desk.preview.watched.take
        if chosen in takes:
            return takes[chosen]
        at = self.moment()
        return takes.get(at[0].id) if at is not None else next(iter(takes.values()), None)

    def open_take(self, take_id: str) -> None:
        self._desk.preview.choose_take(take_id)
        self._desk.stale.emit()

    def place_takes(self) -> None:
        place_waiting(self._desk)

    # --- marks ---------------------------------------------------------------------------

    def mark_front(self) -> None:
        self.mark_view(View.FRONT)

    def mark_back(self) -> None:
        self.mark_view(View.BACK)

    def mark_left(self) -> None:
        self.mark_view(View.LEFT)

    def mark_right(self) -> None:
        self.mark_view(View.RIGHT)

    def mark_feet(self) -> None:
        self.mark_view(View.FEET)

    def mark_view(self, view: View) -> None:
        """Any view, from here on."""
        self._mark(tr("{view} from here on", view=view), view=view)

    def mark_danced_as(self, danced: Danced) -> None:
        self._mark(tr("{new} from here on", new=danced), danced=danced)

    def mark_danced(self) -> None:
        """Own sides become opposite sides, and back."""
        at = self.moment()
        own = at is not None and at[0].stretch_at(at[1]).danced is Danced.OWN
        new = Danced.MIRRORED if own else Danced.OWN
        self._mark(tr("{new} from here on", new=new), danced=new)

    def mark_mirror(self) -> None:
        at = self.moment()
        inside = at is not None and at[0].stretch_at(at[1]).in_mirror
        self._mark(tr("no longer in a mirror") if inside else tr("in a mirror from here on"), in_mirror=not inside)

    def mark_end(self) -> None:
        """A mark set with one key is ended with this one: it holds in between."""
        at = self.moment()
        if at is None:
            self._desk.tell(tr("No film is shown here whose mark could end."))
            return
        take, take_s = at
        self._desk.do(
            tr("End the mark"),
            lambda p: edit.end_mark(p, take.id, take_s),
            tr("{name}: as before from here on", name=take.name),
        )

    def split_take(self) -> None:
        """What comes after the moment on show is a take of its own."""
        at = self.slate.moment() if self.slate_open else self.moment()
        if at is None:
            self._desk.tell(tr("No film is shown here that could be split."))
            return
        take, take_s = at
        self._desk.do(
            tr("Split a take"),
            lambda p: split_take(p, take.id, take_s),
            tr("{name} is split at {take_s:.1f} s", name=take.name, take_s=take_s),
        )

    def mark_spoken(self) -> None:
        """None said, the dancer's own, the learner's: the next of the three."""
        at = self.moment()
        order = list(Spoken)
        now = order.index(at[0].stretch_at(at[1]).spoken) if at is not None else 0
        new = order[(now + 1) % len(order)]
        self._mark(tr("sides said: {new}", new=new), spoken=new)

    def mark_lettering(self) -> None:
        at = self.moment()
        there = at is not None and at[0].stretch_at(at[1]).lettering
        self._mark(tr("no lettering from here on") if there else tr("lettering from here on"), lettering=not there)

    def mark_trouble(self) -> None:
        self._mark(tr("trouble from here on"), trouble=edit.UNSAID)

    def mark_well(self) -> None:
        """The end of trouble is that of the take marked last: the mirror shows another one by now."""
        self._mark(tr("all is well from here on"), self._marked, trouble="")

    def _mark(self, told: str, take_id: str = "", **changes: Any) -> None:
        """Something is so from the moment that stands in the mirror on."""
        at = self.moment(take_id)
        if at is None:
            self._desk.tell(tr("No take shows this count; there is nothing to mark."))
            return
        take, take_s = at
        self._marked = take.id
        self._desk.do(
            tr("Mark {name}", name=take.name),
            lambda p: edit.mark_from(p, take.id, take_s, **changes),
            f"{take.name}: {told}",
        )

    # --- matching by eye, places by hand -------------------------------------------------

    def by_eye(self) -> None:
        """The take in the mirror on the slate; from there back to the page."""
        if self.slate_open:
            self._desk.show_page()
            return
        at, takes = self.moment(), self._desk.project.takes
        if not takes or not self._desk.session.lines:
            self._desk.tell(tr("Matching by eye needs a song with its beat and a take."))
        elif at is not None:
            self.show_slate(at[0].id, at[1])
        else:
            self.show_slate(next((t for t in takes if not t.passes), takes[0]).id, 0.0)

    def show_slate(self, take_id: str, take_s: float) -> None:
        """A take under its sound, to be matched by eye."""
        if self.slate.open_at(take_id, take_s):
            self._desk.show_view(self.slate)

    def tap_counts(self) -> None:
        if self.slate_open:
            self.slate.tap()
        else:
            self._desk.tell(tr("Press E to match the take by eye first; then T taps its counts."))

    def place_by_hand(self, take_id: str, text: str) -> None:
        """The second of a take that is the count the page stands on."""
        if not text.strip():
            return
        take_s = _number(text, "s")
        if take_s is None:
            self._desk.tell(tr("“{value}” is not a second; type a number such as 12.40.", value=text))
            return
        at = self._desk.position
        self._desk.do(tr("Place by hand"), lambda p: edit.place_by_hand(p, take_id, take_s, at))

    def set_speaker(self, take_id: str, text: str) -> None:
        metres = _number(text, "m") if text.strip() else 0.0
        if metres is None:
            self._desk.tell(tr("“{value}” is not a distance; type metres such as 4.5.", value=text))
            return
        self._desk.do(
            tr("Loudspeaker"),
            lambda p: edit.set_speaker(p, take_id, metres),
            tr("Loudspeaker: {metres:g} m away", metres=metres),
        )

    def use_other_place(self, take_id: str, number: int, other: int) -> None:
        self._desk.do(tr("The other place"), lambda p: edit.use_other_place(p, take_id, number, other))

    def confirm_place(self, take_id: str, number: int) -> None:
        self._desk.do(tr("The place is right"), lambda p: edit.confirm_place(p, take_id, number))

    def earlier_count(self) -> None:
        self._shift(-1)

    def later_count(self) -> None:
        self._shift(1)

    def earlier_line(self) -> None:
        self._shift(-self._line_length())

    def later_line(self) -> None:
        self._shift(self._line_length())

    def _line_length(self) -> int:
        grid = self._desk.project.grid
        return grid.line if grid is not None else 8

    def _shift(self, counts: int) -> None:
        """A pass counted aloud lies so many counts later in the dance than was heard."""
        found = self._desk.preview.watched.pass_here()
        if found is None or found.the_pass.kind is not PassKind.COUNTED:
            self._desk.tell(tr("This pass follows the song. Only a pass that was counted aloud can be moved."))
            return
        take_id, number = found.take.id, found.number
        way = tr("later") if counts > 0 else tr("earlier")
        self._desk.do(
            tr("Move a pass"),
            lambda p: edit.shift_counted(p, take_id, number, counts),
            tr("{name} lies {number} counts {way}", name=found.take.name, number=abs(counts), way=way),
        )

    # --- the films -----------------------------------------------------------------------

    def rename(self, take_id: str, name: str) -> None:
        self._desk.do(
            tr("Name of a take"),
            lambda p: edit.rename_take(p, take_id, name),
            tr("It is called {name}", name=name.strip()),
        )

    def take_out(self, take_id: str) -> None:
        """The film leaves the project; its file stays where it is."""
        name = self._desk.project.take(take_id).name
        self._desk.do(
            tr("Take a film out"),
            lambda p: edit.remove_take(p, take_id),
            tr("{name} is out; its file is untouched", name=name),
        )

    def point_to(self, take_id: str) -> None:
        kinds = " ".join(f"*{s}" for s in TAKE_SUFFIXES)
        path = self._desk.ask_open(tr("Where is this film now?"), tr("Films ({kinds})", kinds=kinds))
        if path is not None:
            self.point_to_file(take_id, path)

    def point_to_file(self, take_id: str, path: Path) -> None:
        """The take's film lies elsewhere now, or is a new version."""
        take = self._desk.project.take(take_id)
        try:
            found = probe(path)
            media = reference(path, found.duration_s, self._desk.session.base)
        except VamosError as error:
            self._desk.tell(str(error))
            return
        if not found.has_picture:
            self._desk.tell(
                tr(
                    "{name} has no picture, so it cannot be {name2}. Nothing was changed.",
                    name=path.name,
                    name2=take.name,
                )
            )
            return
        same = media.fingerprint == take.media.fingerprint
        told = tr("the same film, found again") if same else tr("another film; it is placed anew")
        if self._desk.do(tr("Find the film"), lambda p: edit.point_to(p, take_id, media), f"{take.name}: {told}"):
            if not same and self._desk.project.song is not None:
                place_waiting(self._desk)
        elif same:
            self._desk.tell(tr("{name} is that very file already.", name=take.name))

    def place_by_steps(self, take_id: str) -> None:
        """Lay a take in which nothing is heard where one moves as in the placed takes."""
        project, base = self._desk.project, self._desk.session.base
        name = project.take(take_id).name

        def found(places: Places) -> None:
            words = tr("{name} is placed by its steps; see whether it is right", name=name)
            if not places:
                self._desk.tell(
                    tr("The steps of {name} do not tell its place. Match it by eye, or leave it out.", name=name)
                )
            else:
                self._desk.do(tr("Place by its steps"), lambda p: edit.place_takes(p, places), words)

        self._desk.run(tr("Comparing steps"), lambda progress: find_by_steps(project, base, [take_id], progress), found)

    def better_sound(self, take_id: str) -> None:
        """Ask for a recording that was made beside the film, and listen to the take in it."""
        kinds = " ".join(f"*{s}" for s in SONG_SUFFIXES)
        path = self._desk.ask_open(tr("A recording of the same moment"), tr("Recordings ({kinds})", kinds=kinds))
        if path is not None:
            self.better_sound_from(take_id, path)

    def better_sound_from(self, take_id: str, path: Path) -> None:
        take, base = self._desk.project.take(take_id), self._desk.session.base

        def found(better: BetterSound) -> None:
            told = tr("{name} is listened to in {name2}; it is placed anew", name=take.name, name2=path.name)
            if self._desk.do(tr("Another recording"), lambda p: edit.set_better_sound(p, take_id, better), told):
                place_waiting(self._desk)

        def laid(progress: Progress) -> BetterSound:
            from vamos.core.align.better_sound import better_sound

            return better_sound(locate(take.media, base), path, base, progress)

        self._desk.run(tr("Laying the recording on the film"), laid, found)

    def own_sound(self, take_id: str) -> None:
        """Listen to the film itself again."""
        told = tr("Listened to in the film itself again; it is placed anew")
        if self._desk.do(tr("The film’s own sound"), lambda p: edit.set_better_sound(p, take_id, None), told):
            place_waiting(self._desk)

    def answer(self, number: int, words: str) -> None:
        self._desk.do(
            tr("Which pass is right"), lambda p: edit.answer(p, number, words), tr("Noted: {words}.", words=tr(words))
        )

    def look_for_movement(self) -> None:
        """Holds danced through and entries off their time, from the pictures of all placed takes."""
        project, base = self._desk.project, self._desk.session.base

        def looked(found: Looked) -> None:
            self._desk.do(tr("Look for movement"), lambda p: edit.with_movement(p, found))

        self._desk.run(tr("Looking for movement"), lambda progress: look(project, base, progress), looked)

    def say_trouble(self, why: str) -> None:
        """The reason of the trouble in the mirror, or marked last, in words."""
        at = self.trouble_at()
        if at is not None:
            take, take_s = at
            self._desk.do(tr("Reason of trouble"), lambda p: edit.say_trouble(p, take.id, take_s, why))

    def trouble_at(self) -> tuple[Take, float] | None:
        """Where trouble is marked: here, or where it was marked last, as the mirror goes on to another take then."""
        at = self.moment()
        if at is None or not at[0].stretch_at(at[1]).trouble:
            at = self.moment(self._marked) if self._marked else None
        return at if at is not None and at[0].stretch_at(at[1]).trouble else None

    def write_leave_out(self) -> None:
        path = self._desk.ask_save(
            tr("Write what to leave out"), tr("Cut list (*.csv);;OpenTimelineIO (*.otio)"), tr("leave out")
        )
        if path is not None:
            self.write_leave_out_to(path)

    def write_leave_out_to(self, path: Path) -> None:
        project, base = self._desk.project, self._desk.session.base
        self._desk.attempt(
            lambda: write_output(path, leave_out_text(project, path.suffix.lower(), rates_of(project, base)).encode()),
            tr("What to leave out is in {path}.", path=path),
        )

    def write_shots(self) -> None:
        path = self._desk.ask_save(tr("Write what to film"), tr("Markdown (*.md);;CSV (*.csv)"), tr("what to film"))
        if path is not None:
            self.write_shots_to(path)

    def write_shots_to(self, path: Path) -> None:
        found = self._desk.session.facts.shots
        comma = path.suffix.lower() == ".csv"
        text = to_csv(found) if comma else to_markdown(found, self._desk.project.name)
        self._desk.attempt(lambda: write_output(path, text.encode()), tr("What to film is in {path}.", path=path))


def _number(text: str, unit: str) -> float | None:
    try:
        return float(text.strip().replace(",", ".").removesuffix(unit).strip())
    except ValueError:
        return None
