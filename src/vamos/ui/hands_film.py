"""What the actions of the stop Film do: marks, placing by hand, the shot list."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PyQt6.QtWidgets import QFileDialog

from vamos.core.document import edits
from vamos.core.document.files import write_atomically
from vamos.core.model.project import Project
from vamos.core.model.take import Danced, PassKind, Spoken, View
from vamos.core.plan.movement import look
from vamos.core.plan.shots import shot_list, to_csv, to_markdown
from vamos.errors import VamosError

if TYPE_CHECKING:
    from vamos.ui.window import Window


class FilmHands:
    """Part of :class:`vamos.ui.hands.Hands`."""

    _w: Window
    _marked = ""

    def mark_front(self) -> None:
        self._mark(view=View.FRONT)

    def mark_back(self) -> None:
        self._mark(view=View.BACK)

    def mark_left(self) -> None:
        self._mark(view=View.LEFT)

    def mark_right(self) -> None:
        self._mark(view=View.RIGHT)

    def mark_feet(self) -> None:
        self._mark(view=View.FEET)

    def mark_danced(self) -> None:
        """Own sides become opposite sides, and back."""
        at = self._w.watching.take_moment()
        if at is not None:
            own = at[0].stretch_at(at[1]).danced is Danced.OWN
            self._mark(danced=Danced.MIRRORED if own else Danced.OWN)

    def mark_mirror(self) -> None:
        at = self._w.watching.take_moment()
        if at is not None:
            self._mark(in_mirror=not at[0].stretch_at(at[1]).in_mirror)

    def mark_spoken(self) -> None:
        """None said, the dancer's own, the learner's: the next of the three."""
        at = self._w.watching.take_moment()
        if at is not None:
            order = list(Spoken)
            now = order.index(at[0].stretch_at(at[1]).spoken)
            self._mark(spoken=order[(now + 1) % len(order)])

    def mark_lettering(self) -> None:
        at = self._w.watching.take_moment()
        if at is not None:
            self._mark(lettering=not at[0].stretch_at(at[1]).lettering)

    def by_eye(self) -> None:
        """The take in the mirror on the slate; from there back to the page."""
        if self._w.slate_open:
            self._w.show_page()
            return
        at = self._w.watching.take_moment()
        takes = self._w.session.project.takes
        if not takes or not self._w.session.lines:
            self._w.tell("Matching by eye needs a song with its beat and a take.")
        elif at is not None:
            self._w.show_slate(at[0].name, at[1])
        else:
            first = next((t for t in takes if not t.passes), takes[0])
            self._w.show_slate(first.name, 0.0)

    def mark_trouble(self) -> None:
        self._mark(trouble="marked while watching")

    def mark_well(self) -> None:
        """The end of trouble is that of the take marked last: the mirror shows another one by now."""
        self._mark(self._marked, trouble="")

    def _mark(self, name: str = "", **changes: Any) -> None:
        """Something is so from the moment that stands in the mirror on."""
        at = self._w.watching.take_moment(name)
        if at is None:
            self._w.tell("No take shows this count; there is nothing to mark.")
            return
        take, take_s = at
        self._marked = take.name
        self._w.session.do(f"Mark {take.name}", lambda p: edits.mark_from(p, take.name, take_s, **changes))

    def place_by_hand(self, take: str, text: str) -> None:
        """The second of a take that is the count the page stands on."""
        try:
            take_s = float(text.replace(",", ".").removesuffix("s"))
        except ValueError:
            self._w.tell(f"“{text}” is not a second; type a number such as 12.40.")
            return
        at = self._w.page.position
        self._w.session.do("Place by hand", lambda p: edits.place_by_hand(p, take, take_s, at))

    def set_speaker(self, take: str, text: str) -> None:
        try:
            metres = float(text.replace(",", ".").removesuffix("m").strip() or 0)
        except ValueError:
            self._w.tell(f"“{text}” is not a distance; type metres such as 4.5.")
            return
        self._w.session.do("Loudspeaker", lambda p: edits.set_speaker(p, take, metres))

    def look_for_movement(self) -> None:
        """Holds danced through and entries off their time, from the pictures of all placed takes."""
        project, base = self._w.session.project, self._w.session.base

        def looked(found: Project) -> None:
            seen = {t.name: t for t in found.takes}
            self._w.session.do(
                "Look for movement",
                lambda p: replace(p, takes=tuple(edits.with_movement(t, seen.get(t.name)) for t in p.takes)),
            )

        self._w.run_job("Looking for movement", lambda progress: look(project, base, progress), looked)

    def earlier_count(self) -> None:
        self._shift(-1)

    def later_count(self) -> None:
        self._shift(1)

    def earlier_line(self) -> None:
        self._shift(-8)

    def later_line(self) -> None:
        self._shift(8)

    def _shift(self, counts: int) -> None:
        """A pass counted aloud lies so many counts later in the dance than was heard."""
        line = self._w.current_line()
        found = self._w.watching.source(line) if line is not None else None
        if found is None or found.the_pass.kind is not PassKind.COUNTED:
            self._w.tell("The pass in the mirror was not counted aloud; its place is that of the song.")
            return
        name, number = found.take.name, found.number
        self._w.session.do("Move a pass", lambda p: edits.shift_counted(p, name, number, counts))

    def write_shots(self) -> None:
        name, _ = QFileDialog.getSaveFileName(self._w, "Write what to film", "", "Markdown (*.md);;CSV (*.csv)")
        if name:
            self.write_shots_to(Path(name))

    def write_shots_to(self, path: Path) -> None:
        project = self._w.session.project
        found = shot_list(project)
        text = to_csv(found) if path.suffix.lower() == ".csv" else to_markdown(found, project.name)
        try:
            write_atomically(path, text.encode())
        except VamosError as error:
            self._w.tell(str(error))
        else:
            self._w.tell(f"What to film is in {path}.")
