"""Taking in files that were chosen or dropped: projects, songs, takes."""

from __future__ import annotations

from dataclasses import dataclass, replace
from pathlib import Path

from vamos.core.document.files import SUFFIX
from vamos.core.document.paths import locate
from vamos.core.edit.song import set_song
from vamos.core.media.probe import SONG_SUFFIXES, TAKE_SUFFIXES
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Take
from vamos.core.progress import Progress
from vamos.errors import MediaError, MissingError, VamosError
from vamos.ui.desk import Desk
from vamos.ui.parts.text import plural
from vamos.ui.tasks.placing import place_waiting
from vamos.ui.tasks.songs import take_other_song
from vamos.wording import listed, words_of

tr = words_of(__name__)

KINDS = tr("Songs and films (") + " ".join(f"*{s}" for s in (*SONG_SUFFIXES, *TAKE_SUFFIXES)) + ")"
#: A folder with more files than this is no folder of takes.
MOST = 2000


@dataclass(frozen=True, slots=True)
class _Found:
    song: Song | None
    takes: tuple[Take, ...]
    problems: tuple[str, ...]


def open_path(desk: Desk, path: Path) -> None:
    """Open a project; when it cannot be, all stays as it was."""
    try:
        desk.session.open(path)
    except VamosError as error:
        desk.tell(str(error))


def take_in(desk: Desk, paths: list[Path]) -> None:
    """A project opens; the first song becomes the song, or another song; films are added as takes."""
    try:
        files = _files(paths)
    except OSError as error:
        desk.tell(tr("The folder could not be read: {number}. Nothing was changed.", number=error.strerror or error))
        return
    project = next((f for f in files if f.suffix == SUFFIX), None)
    if project is not None:
        open_path(desk, project)
        return
    songs = [f for f in files if f.suffix.lower() in SONG_SUFFIXES]
    takes = [f for f in files if f.suffix.lower() in TAKE_SUFFIXES]
    if not songs and not takes:
        name = paths[0].name if paths else tr("Nothing")
        desk.tell(
            tr(
                "{name}: Vamos reads songs ({words}) and films ({words2}). Nothing was changed.",
                name=name,
                words=", ".join(SONG_SUFFIXES),
                words2=", ".join(TAKE_SUFFIXES),
            )
        )
        return
    base = desk.session.base
    known = {_where(t.media, base) for t in desk.project.takes}
    takes = [t for t in takes if t.resolve() not in known]
    if songs and desk.project.song is not None:
        take_other_song(desk, songs[0])
        songs = []
    if songs or takes:
        desk.run(tr("Adding files"), lambda progress: _read(songs[:1], takes, base, progress), lambda f: _add(desk, f))


def _files(paths: list[Path]) -> list[Path]:
    found = []
    for path in paths:
        inside = sorted(path.iterdir())[:MOST] if path.is_dir() else [path]
        found += [f for f in inside if f.is_file()]
    return found


def _add(desk: Desk, found: _Found) -> None:
    from vamos.core.edit.takes import add_takes

    song = found.song

    def edit(project: Project) -> Project:
        if song is not None and project.song is None:
            project = set_song(project, song)
            if project.name == "Untitled":
                project = replace(project, name=song.title)
        return add_takes(project, found.takes) if found.takes else project

    words = ([song.title] if song is not None else []) + ([plural(len(found.takes), "take")] if found.takes else [])
    told = " ".join([tr("Added: {words}.", words=listed(words)), *found.problems])
    if not (words and desk.do(tr("Add files"), edit, told)) and found.problems:
        desk.tell(" ".join(found.problems))
    project = desk.project
    if project.song is not None and any(not t.looked_for_passes for t in project.takes):
        place_waiting(desk)


def _where(media: MediaRef, base: Path | None) -> Path | None:
    try:
        return locate(media, base).resolve()
    except VamosError:
        return None


def _read(songs: list[Path], takes: list[Path], base: Path | None, progress: Progress) -> _Found:
    """Songs and takes read from files, and what could not be read."""
    from vamos.core.make import open_song, open_take

    problems: list[str] = []
    song = None
    found = []
    for path in songs:
        try:
            song = open_song(path, base, progress.part(0, 0.9))
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    for number, path in enumerate(takes):
        progress(0.9 + 0.1 * number / len(takes), tr("Looking at {name}", name=path.name))
        try:
            found.append(open_take(path, base))
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    return _Found(song, tuple(found), tuple(problems))
