"""What the actions of the stop Pack do: writing the pack and checking what was written."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from pathlib import Path

from PyQt6.QtCore import QObject, QUrl, pyqtSignal
from PyQt6.QtGui import QDesktopServices, QGuiApplication

from vamos.core.document.paths import locate
from vamos.core.edit.output import set_output
from vamos.core.model.project import Output, Project
from vamos.core.pack import summary
from vamos.core.pack.estimate import Estimate
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.students_page import PAGE
from vamos.core.pack.timeline import read_sources
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.plan.own_profiles import forget_profile, keep_profile
from vamos.core.progress import Progress
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.preview.result_player import Result
from vamos.ui.stops.pack.estimates import Estimates
from vamos.ui.stops.pack.files_table import FileRow, rows_of
from vamos.ui.stops.pack.one_page import OnePage
from vamos.ui.stops.pack.phones import OnPhones
from vamos.ui.stops.pack.stills import Stills
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.ui.work.session import file_name
from vamos.wording import words_of

tr = words_of(__name__)


@dataclass(frozen=True, slots=True)
class Written:
    """What the last pack of this document came to."""

    folder: Path
    files: int
    figures: int
    bad: tuple[Finding, ...]
    problems: tuple[str, ...]
    rows: tuple[FileRow, ...] = ()
    results: Mapping[str, Result] = field(default_factory=dict)
    #: The project it is of, as it was then.
    project: Project | None = field(default=None, repr=False)


class Arrivals(QObject):
    """Films of a pack as they are done, told from the threads that write them."""

    came = pyqtSignal(str, object)
    over = pyqtSignal()

    def tell(self, key: str, path: Path, seconds: float) -> None:
        self.came.emit(key, Result(path, seconds, alone=True))


class PackCommands:
    """Each action of the stop is a method."""

    written = OfDocument[Written | None](lambda: None)
    #: The films that are there already while a pack is written, by the keys of their clips; None when none is written.
    arrived = OfDocument[dict[str, Result] | None](lambda: None)
    playing = OfDocument[Result | None](lambda: None)

    def __init__(self, desk: Desk):
        self._desk = desk
        self._estimates = Estimates(desk.stale.emit, desk.runner.fault.emit)
        self.phones = OnPhones(desk)
        self.one_page = OnePage(desk)
        self.stills = Stills()
        self.stills.fault.connect(desk.runner.fault)
        self._arrivals = Arrivals()
        self._arrivals.came.connect(self._came)
        self._arrivals.over.connect(self._over)

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    def estimated(self, output: Output) -> Estimate | None:
        """How much the pack comes to with these settings; None while that is worked out."""
        return self._estimates.of(replace(self._desk.project, output=output), self._desk.session.base)

    def close(self) -> None:
        self._estimates.close()
        self.phones.close()
        self.stills.close()

    def write_pack(self) -> None:
        folder = self._desk.ask_folder(tr("Where should the pack go? A folder is made in it."))
        if folder is not None:
            self.write_pack_to(folder / f"{file_name(self._desk.project.name, 'dance')} pack")

    def write_pack_to(self, out: Path) -> None:
        project, base = self._desk.project, self._desk.session.base
        # What is shown on phones is about to be replaced.
        self.phones.close()

        def work(progress: Progress) -> Written:
            self._arrivals.came.emit("", None)
            try:
                return written(progress)
            finally:
                self._arrivals.over.emit()

        def written(progress: Progress) -> Written:
            outcome = write_pack(project, base, out, progress.part(0, 0.85), self._arrivals.tell)
            findings = verify_pack(out, progress.part(0.85, 1.0))
            bad = tuple(f for f in findings if not f.good)
            rows = rows_of(read_manifest(out).clips, bad)
            results = results_of(out, rows, project, base)
            return Written(
                outcome.folder, outcome.clips, len(findings), bad, tuple(outcome.problems), rows, results, project
            )

        self._desk.run(tr("Writing the pack"), work, self._done)

    def _came(self, key: str, result: Result | None) -> None:
        """A film is there, or the first is on its way."""
        self.arrived = {**(self.arrived or {}), key: result} if result is not None else {}
        self._desk.stale.emit()

    def _over(self) -> None:
        """The pack is complete, or there is none: what was there in the meantime is gone from where it was."""
        if self.playing is not None and self.arrived and self.playing in self.arrived.values():
            self.playing = None
        self.arrived = None
        self._desk.stale.emit()

    def play_arrived(self, key: str) -> None:
        """A film that is there already is played while the others are written."""
        if self.arrived and key in self.arrived:
            self.playing = self.arrived[key]
            self._desk.stale.emit()

    def _done(self, written: Written) -> None:
        self.written, self.playing = written, None
        # One may be at work elsewhere by now; what was found stands at Pack.
        bad = tr("; something does not hold, see Pack") if written.bad else ""
        self._desk.tell(tr("The pack is in {folder}{bad}.", folder=written.folder, bad=bad))
        self._desk.stale.emit()

    def set_excerpt(self, text: str) -> None:
        """So many seconds of the song are heard in each clip; nothing typed: all of it."""
        words = text.strip().replace(",", ".").removesuffix("s").strip()
        try:
            seconds = float(words) if words else None
        except ValueError:
            self._desk.tell(tr("“{value}” is not a length; type seconds such as 20.", value=text))
            return
        self._desk.do(tr("How much of the song"), lambda p: set_output(p, mix=replace(p.output.mix, excerpt_s=seconds)))

    def keep_profile(self, name: str) -> None:
        """Keep the settings under a name, for all projects."""
        if name.strip():
            output = self._desk.project.output
            self._desk.attempt(
                lambda: keep_profile(name, output), tr("“{name}” is kept for all projects.", name=name.strip())
            )
            self._desk.stale.emit()

    def forget_profile(self, name: str) -> None:
        self._desk.attempt(
            lambda: forget_profile(name), tr("“{name}” is forgotten; this project stays as it is.", name=name)
        )
        self._desk.stale.emit()

    def play_file(self, file: str) -> None:
        """A film of the pack is played beside its source, here."""
        if self.written is not None and file in self.written.results:
            self.playing = self.written.results[file]
            self._desk.stale.emit()

    def open_file(self) -> None:
        """The film that is played here, in the player of the desktop."""
        if self.playing is not None:
            QDesktopServices.openUrl(QUrl.fromLocalFile(str(self.playing.path)))

    def show_folder(self) -> None:
        if self.written is not None:
            QDesktopServices.openUrl(QUrl.fromLocalFile(str(self.written.folder)))

    def show_page(self) -> None:
        """The students' page in the browser of the desktop."""
        if self.written is not None:
            QDesktopServices.openUrl(QUrl.fromLocalFile(str(self.written.folder / PAGE)))

    def copy_summary(self) -> None:
        """What the pack holds and how to open it, for a message to students."""
        if self.written is None:
            return
        try:
            text = (self.written.folder / summary.NAME).read_text(encoding="utf-8")
        except OSError:
            self._desk.tell(
                tr(
                    "{name} is not in {folder} any more; write the pack again.",
                    name=summary.NAME,
                    folder=self.written.folder,
                )
            )
            return
        clipboard = QGuiApplication.clipboard()
        if clipboard is not None:
            clipboard.setText(text)
            self._desk.tell(tr("The summary is copied; paste it where you write to your students."))


def results_of(folder: Path, rows: Sequence[FileRow], project: Project, base: Path | None) -> dict[str, Result]:
    """The films of a pack as they are played, with their sources where these still are where they were."""
    sources, media = read_sources(folder), {t.id: t.media for t in project.takes}
    found = {}
    for row in rows:
        source, path = sources.get(row.file), None
        if source is not None and source.take in media:
            try:
                path = locate(media[source.take], base)
            except VamosError:
                path = None
        clock = source.clock if source is not None and path is not None else None
        found[row.file] = Result(folder / row.file, row.seconds, row.wrong, path, clock)
    return found
