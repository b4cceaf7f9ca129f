"""The open project as one thing: project, file, history, whether it waits to be written, and what follows from it.

It knows nothing of a window. An edit is committed only when what follows from it can be worked out; a file that
something else changed is never overwritten.
"""

from __future__ import annotations

import hashlib
from collections.abc import Callable
from dataclasses import dataclass, replace
from pathlib import Path

from vamos.core.disk.alone import alone_at
from vamos.core.disk.atomic import write_atomically
from vamos.core.disk.inputs import LARGEST
from vamos.core.disk.side_files import read_side
from vamos.core.document.files import SUFFIX, encoded
from vamos.core.document.history import History
from vamos.core.document.paths import locate, reference
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Take
from vamos.core.open_document.facts import Facts
from vamos.core.open_document.reading import read_project
from vamos.errors import VamosError
from vamos.wording import words_of

tr = words_of(__name__)


@dataclass(frozen=True, slots=True)
class Saved:
    """Where a project was written; ``kept_beside`` is the file that something else had changed, left as it is."""

    path: Path
    kept_beside: Path | None = None


class OpenDocument:
    """One open project."""

    def __init__(self, project: Project | None = None, path: Path | None = None, raw: bytes | None = None):
        self.history = History(project or Project())
        self.path = path
        self.facts = Facts(self.history.now)
        self.facts.lines  # noqa: B018 -- a project that cannot be laid out is never open
        self._on_disk = _digest(raw) if raw is not None else ""
        #: Time and size of the file when it last was what is known here.
        self._seen = (0, 0)
        self._saved: Project | None = self.project if raw is not None else None

    @classmethod
    def open(cls, path: Path) -> OpenDocument:
        """The project in a file; raises MissingError or ProjectError."""
        found = read_project(path)
        # A file of an older format is rewritten only when something in it is edited.
        return cls(found.project, path.absolute(), found.raw)

    @property
    def project(self) -> Project:
        return self.history.now

    @property
    def base(self) -> Path | None:
        """The folder relative media paths start from."""
        return self.path.parent if self.path is not None else None

    @property
    def dirty(self) -> bool:
        """Whether something was edited that is not in the file yet."""
        return self.project is not self._saved and (self._saved is not None or self.project != Project())

    # --- edits ---------------------------------------------------------------------------

    def do(self, name: str, edit: Callable[[Project], Project]) -> bool:
        """Apply an edit; False when it changes nothing. An edit that is refused raises, and changes nothing."""
        changed = edit(self.project)
        if changed is self.project or changed == self.project:
            return False
        facts = Facts(changed, self.facts)
        facts.lines  # noqa: B018 -- committed only when the page can be laid out
        self.history.push(name, changed)
        self.facts = facts
        return True

    def undo(self) -> str | None:
        """Take back the last edit; its name, or None when there is none."""
        return self._moved(self.history.undo())

    def redo(self) -> str | None:
        """Make the last edit that was taken back again; its name, or None."""
        return self._moved(self.history.redo())

    def _moved(self, name: str | None) -> str | None:
        if name is not None:
            self.facts = Facts(self.project, self.facts)
        return name

    # --- the file ------------------------------------------------------------------------

    def save(self) -> Saved | None:
        """Write the project if something in it was edited; None when there was nothing to write.

        A file that was renamed meanwhile is written under its new name. A file that something else changed is left
        as it is: the project is kept beside it under a name of its own, and is that file from now on. Raises
        WriteError.
        """
        if self.path is None or not self.dirty:
            return None
        with alone_at(self.path):
            return self._written()

    def _written(self) -> Saved:
        assert self.path is not None
        beside = None
        if self._on_disk:
            if not self.path.exists():
                self.path = self._renamed() or self.path
            elif _digest(_bytes(self.path)) != self._on_disk:
                beside, self.path = self.path, _free_beside(self.path)
        data = encoded(self.project, _bytes(beside or self.path))
        write_atomically(self.path, data)
        self._on_disk, self._saved = _digest(data), self.project
        return Saved(self.path, beside)

    def changed_outside(self) -> bool:
        """Whether something else wrote the file since it was read or written here; cheap while nothing did."""
        if self.path is None or not self._on_disk:
            return False
        try:
            stat = self.path.stat()
        except OSError:
            return False
        if (stat.st_mtime_ns, stat.st_size) == self._seen:
            return False
        changed = _digest(_bytes(self.path)) != self._on_disk
        if not changed:
            self._seen = (stat.st_mtime_ns, stat.st_size)
        return changed

    def take_over(self) -> None:
        """Show what something else wrote into the file, as an edit that can be taken back; raises as :meth:`open`."""
        assert self.path is not None
        found = read_project(self.path)
        facts = Facts(found.project, self.facts)
        facts.lines  # noqa: B018 -- as for every edit
        self.history.push(tr("What was changed elsewhere"), found.project)
        self.facts, self._saved, self._on_disk = facts, found.project, _digest(found.raw)

    def _renamed(self) -> Path | None:
        """The file that was read, under another name in its folder."""
        assert self.path is not None
        others = sorted(self.path.parent.glob(f"*{SUFFIX}")) if self.path.parent.is_dir() else []
        return next((p for p in others if p.is_file() and _digest(_bytes(p)) == self._on_disk), None)

    def copy_to(self, path: Path) -> OpenDocument:
        """The project in another file, its media found from there; this one stays as it is.

        Media that are missing keep the path they had. Raises WriteError.
        """
        target = path if path.suffix == SUFFIX else path.with_name(path.name + SUFFIX)
        changed = moved_media(self.project, self.base, target.absolute().parent)
        changed = replace(changed, name=target.stem)
        data = encoded(changed, _bytes(self.path) if self.path is not None else b"")
        write_atomically(target, data)
        copy = OpenDocument(changed, target.absolute(), data)
        copy.history = self.history.with_now(changed)
        return copy


def moved_media(project: Project, base: Path | None, folder: Path) -> Project:
    """The project with its media named from another folder."""

    def moved(media: MediaRef) -> MediaRef:
        try:
            return reference(locate(media, base), media.duration_s, folder)
        except VamosError:
            absolute = base / media.path if base is not None else Path(media.path)
            return replace(media, path=str(absolute))

    def song_moved(song: Song) -> Song:
        return replace(song, media=moved(song.media))

    def take_moved(take: Take) -> Take:
        better = replace(take.better, media=moved(take.better.media)) if take.better is not None else None
        return replace(take, media=moved(take.media), better=better)

    return replace(
        project,
        song=song_moved(project.song) if project.song else None,
        takes=tuple(take_moved(t) for t in project.takes),
        other_songs=tuple(replace(o, song=song_moved(o.song)) for o in project.other_songs),
    )


def _free_beside(path: Path) -> Path:
    """A free name beside a file: ``dance (kept).vamos``, ``dance (kept 2).vamos`` …"""
    number, free = 1, path.with_name(f"{path.stem} (kept){path.suffix}")
    while free.exists():
        number += 1
        free = path.with_name(f"{path.stem} (kept {number}){path.suffix}")
    return free


def _bytes(path: Path) -> bytes:
    return read_side(path, LARGEST, follow=True) or b""


def _digest(raw: bytes) -> str:
    return hashlib.blake2b(raw, digest_size=16).hexdigest()
