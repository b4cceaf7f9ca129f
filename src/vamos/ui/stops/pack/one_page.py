"""At Pack: the page as one file that holds its films, to be sent like a picture."""

from __future__ import annotations

from pathlib import Path

from vamos.core.pack.one_file import HEAVY_BYTES, bytes_of, one_file, section_names
from vamos.core.pack.students_page import PAGE
from vamos.core.progress import Progress
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.ui.work.session import file_name
from vamos.wording import words_of

tr = words_of(__name__)


class OnePage:
    """Which sections are wanted, how large that is, and writing it."""

    #: The section that is wanted; empty: all.
    section = OfDocument[str](str)
    known = OfDocument[tuple[tuple[object, ...], tuple[str, ...], int] | None](lambda: None)

    def __init__(self, desk: Desk):
        self._desk = desk

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    def fill(self, panel: Panel, pack: Path) -> None:
        """The choice and the button, with the size said before anything is written."""
        try:
            names, size = self._known(pack)
        except (VamosError, OSError):
            # A pack without its page, or one that is gone: the findings above say so.
            return
        wanted = [self.section] if self.section in names else []
        whole = tr("the whole pack")
        chosen = wanted[0] if wanted else whole
        panel.choice(
            tr("One file for a phone"),
            (whole, *names),
            chosen,
            lambda text: self._choose("" if text == whole else text),
        )
        words = tr("{size:.1f} MB, can be sent like a picture", size=size / 1e6)
        if size > HEAVY_BYTES:
            words = tr("{size:.0f} MB is a lot for a phone: choose one section.", size=size / 1e6)
        panel.say(words, "warn" if size > HEAVY_BYTES else "soft", key="one file size")
        panel.buttons((tr("Write one file…"), lambda: self.write(pack, wanted), ""), key="one file")

    def _known(self, pack: Path) -> tuple[tuple[str, ...], int]:
        """The sections of the pack, and how large the wanted ones would be; read again when it was written again."""
        key = (pack, (pack / PAGE).stat().st_mtime_ns, self.section)
        if self.known is None or self.known[0] != key:
            names = section_names(pack)
            self.known = key, names, bytes_of(pack, [self.section] if self.section in names else [])
        return self.known[1], self.known[2]

    def _choose(self, section: str) -> None:
        self.section = section
        self._desk.stale.emit()

    def write(self, pack: Path, sections: list[str]) -> None:
        name = file_name(" ".join([self._desk.project.name, *sections]), "dance")
        path = self._desk.ask_save(tr("Write the page as one file"), tr("Page (*.html)"), name)
        if path is not None:
            self.write_to(pack, path, sections)

    def write_to(self, pack: Path, path: Path, sections: list[str]) -> None:
        def work(_progress: Progress) -> int:
            return one_file(pack, path, sections)

        def done(size: int) -> None:
            words = tr("{path} is written, {size:.1f} MB. It opens without a network.", path=path, size=size / 1e6)
            self._desk.tell(words)

        self._desk.run(tr("Writing one file"), work, done)
