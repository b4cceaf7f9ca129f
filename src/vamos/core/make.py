"""The whole main job: song and takes in, a pack out, with defaults and without questions."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from vamos.core.align.place import SongSound, place_take, song_sound
from vamos.core.document.heard import heard_of
from vamos.core.document.paths import locate, reference
from vamos.core.edit.song import set_song
from vamos.core.edit.takes import add_takes, place_takes
from vamos.core.grid.detect import detect_grid
from vamos.core.media.names_of_films import view_named
from vamos.core.media.probe import probe, view_words
from vamos.core.model.project import Project
from vamos.core.model.song import Song
from vamos.core.model.take import Danced, Pass, Stretch, Take, View
from vamos.core.progress import Progress, quiet
from vamos.core.silent import Places, find_by_log, find_by_steps, settled_by_log
from vamos.errors import InputError, MediaError, MissingError
from vamos.wording import words_of

tr = words_of(__name__)


def open_song(path: Path, base: Path | None = None, progress: Progress | None = None) -> Song:
    """A song with its grid; raises MissingError or MediaError."""
    progress = progress or quiet()
    found = probe(path)
    if not found.has_sound:
        raise MediaError(tr("there is no sound in it, so it cannot be the song."), file=path)
    grid = detect_grid(path, progress)
    return Song(reference(path, found.duration_s, base), path.stem, grid)


def open_take(path: Path, base: Path | None = None) -> Take:
    """A take, not yet placed, its view guessed from its name; raises MissingError or MediaError."""
    found = probe(path)
    if not found.has_picture:
        raise MediaError(tr("there is no picture in it, so it cannot be a take."), file=path)
    words = view_words(path.stem)
    view = view_named(path.stem)
    danced = Danced.MIRRORED if "mirrored" in words or "mirror" in words else Danced.OWN
    trouble = tr("trouble, as its name says") if "spoiled" in words or "spoilt" in words else ""
    stretch = Stretch(0.0, view or View.FRONT, danced, trouble=trouble, guessed=view is None)
    return Take(path.stem, reference(path, found.duration_s, base), (stretch,))


def find_places(
    project: Project, base: Path | None, progress: Progress | None = None
) -> tuple[Places, tuple[str, ...]]:
    """Where the takes lie that were not looked at yet, and the problems met; raises InputError without a song."""
    progress = progress or quiet()
    if project.song is None:
        raise InputError(tr("There is no song yet. Add one first; takes are placed on it."))
    waiting = [t for t in project.takes if not t.looked_for_passes]
    problems: list[str] = []
    found: Places = {}
    if waiting:
        song = song_sound(locate(project.song.media, base), progress.part(0, 0.05))
        for number, take in enumerate(waiting):
            share = 0.75 / len(waiting)
            part = progress.part(0.05 + number * share, 0.05 + (number + 1) * share)
            try:
                found[take.id] = _placed(take, base, song, part)
            except (MissingError, MediaError) as error:
                problems.append(str(error))
        silent = [t.id for t in waiting if found.get(t.id) == ()]
        if silent:
            found |= find_by_steps(place_takes(project, found), base, silent, progress.part(0.8, 0.95))
            left = [i for i in silent if not found.get(i)]
            found |= find_by_log(place_takes(project, found), base, left, progress.part(0.95, 1.0))
        found |= settled_by_log(place_takes(project, found), base, [i for i, passes in found.items() if passes])
    problems += [
        _unplaced(t) for t in project.takes if not found.get(t.id, t.passes) and (t.id in found or t.looked_for_passes)
    ]
    return found, tuple(problems)


def _placed(take: Take, base: Path | None, song: SongSound, progress: Progress) -> tuple[Pass, ...]:
    return place_take(take, locate(take.media, base), song, progress, heard_of(take, base)).passes


def place_all(project: Project, base: Path | None, progress: Progress | None = None) -> tuple[Project, tuple[str, ...]]:
    """The project with every take placed that was not looked at yet; takes that fail are named as problems."""
    found, problems = find_places(project, base, progress)
    return place_takes(project, found), problems


def _unplaced(take: Take) -> str:
    return tr(
        "{name}: neither the song nor steady counting was found in it, and it could not be "
        "placed by its steps, so it is not placed. Place it by hand, or leave it out.",
        name=take.name,
    )


def make_project(
    song: Path, takes: Sequence[Path], base: Path | None = None, progress: Progress | None = None
) -> tuple[Project, tuple[str, ...]]:
    """A project from a song and takes, placed, and the problems met on the way.

    A take that cannot be read is named among the problems and left out. What is cheap comes first: raises
    MissingError or MediaError when the song cannot be read, InputError when no take can, before the song is analysed.
    """
    progress = progress or quiet()
    probe(song)
    problems: list[str] = []
    opened: list[Take] = []
    for path in takes:
        try:
            opened.append(open_take(path, base))
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    if takes and not opened:
        raise InputError("\n".join([tr("None of the takes can be used, so nothing was made."), *problems]))
    project = set_song(Project(name=song.stem), open_song(song, base, progress.part(0, 0.4)))
    project = add_takes(project, tuple(opened))
    project, more = place_all(project, base, progress.part(0.4, 1.0))
    return project, (*problems, *more)
