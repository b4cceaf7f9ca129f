"""The demo on the user's machine: song, takes, project, and the truth beside them, as shipped or made again."""

from __future__ import annotations

import json
import multiprocessing
import shutil
import tempfile
from concurrent.futures import FIRST_EXCEPTION, ProcessPoolExecutor, wait
from dataclasses import replace
from fractions import Fraction
from pathlib import Path
from typing import Any

import platformdirs

from vamos.core.document.files import SUFFIX, save
from vamos.core.document.paths import reference
from vamos.core.edit.dance import set_dance
from vamos.core.edit.song import set_song
from vamos.core.edit.takes import add_takes
from vamos.core.make import open_song, place_all
from vamos.core.media.sound import Sound
from vamos.core.model.project import Project
from vamos.core.model.song import Part as SongPart
from vamos.core.model.song import Song
from vamos.core.model.take import Stretch, Take
from vamos.core.progress import Progress, quiet
from vamos.demo.dance import sheet
from vamos.demo.film import film, frame_times, write_opus
from vamos.demo.song import LEAD_IN, counts_to_song, make_song, parts
from vamos.demo.takes import SPECS, TakeSpec, counted_aloud
from vamos.errors import WriteError, write_error

#: Raised whenever the demo's content changes, so that an older one is made anew.
VERSION = 6
PROJECT = f"paper fan parade{SUFFIX}"
SONG = "lantern street.opus"
TRUTH = "truth.json"


def default_folder() -> Path:
    """Where the demo lives unless a folder is named; a newer demo never stands in the place of an older one."""
    return Path(platformdirs.user_data_dir("vamos", appauthor=False)) / f"demo {VERSION}"


def is_made(folder: Path) -> bool:
    """Whether a whole demo of this version is in a folder."""
    try:
        truth = json.loads((folder / TRUTH).read_text(encoding="utf-8"))
    except (OSError, ValueError):
        return False
    return truth.get("version") == VERSION and (folder / PROJECT).is_file()


#: The demo's files as they come with Vamos, made by ``vamos demo --remake``.
SHIPPED = Path(__file__).parent / "media"


def make_demo(
    folder: Path, progress: Progress | None = None, specs: tuple[TakeSpec, ...] = SPECS, remake: bool = False
) -> Path:
    """Put the demo into ``folder`` (unless it is there) and return its project file.

    The whole demo is copied from what is shipped; other ``specs`` are filmed, and all of it is with ``remake``.

    Raises
    ------
    WriteError
        when the folder holds other files or cannot be written.
    Stopped
        when asked to; nothing is left behind.
    """
    progress = progress or quiet()
    if is_made(folder):
        return folder / PROJECT
    if folder.exists() and any(folder.iterdir()):
        raise WriteError(
            f"this folder holds other files, such as {min(folder.iterdir()).name}.",
            file=folder,
            safe="Nothing in it was touched.",
            todo="Choose an empty folder for the demo.",
        )
    try:
        folder.absolute().parent.mkdir(parents=True, exist_ok=True)
        work = Path(tempfile.mkdtemp(prefix=f".{folder.name}.", dir=folder.absolute().parent))
    except OSError as error:
        raise write_error(error, folder) from error
    try:
        if specs is SPECS and not remake and is_made(SHIPPED):
            _copy(work, progress)
        else:
            _fill(work, progress, specs)
        work.chmod(0o755)
        if folder.exists():
            folder.rmdir()
        work.rename(folder)
    except OSError as error:
        if isinstance(error, WriteError):
            raise
        raise write_error(error, folder) from error
    finally:
        shutil.rmtree(work, ignore_errors=True)
    return folder / PROJECT


def _copy(work: Path, progress: Progress) -> None:
    files = sorted(p for p in SHIPPED.iterdir() if p.is_file())
    for number, file in enumerate(files):
        progress(number / len(files), "Copying the demo")
        shutil.copyfile(file, work / file.name)


def _fill(work: Path, progress: Progress, specs: tuple[TakeSpec, ...]) -> None:
    progress(0.0, "Playing the song")
    song = make_song()
    write_opus(work / SONG, song)
    _film_all(work, song, progress.part(0.05, 0.85), specs)
    project = demo_project(work, specs)
    project = set_song(project, open_song(work / SONG, work, progress.part(0.85, 0.9)))
    project = replace(project, song=_with_parts(project.song))
    project, _ = place_all(project, work, progress.part(0.9, 1.0))
    save(project, work / PROJECT)
    truth = json.dumps(truth_of(specs), indent=1)
    (work / TRUTH).write_text(truth + "\n", encoding="utf-8")


#: What the teacher of the demo calls the parts of its song.
_PARTS = {"verse": "A", "chorus": "B", "tag": "tag", "ending": "end"}


def _with_parts(song: Song | None) -> Song | None:
    """The song with its parts as the demo's teacher set them."""
    if song is None or song.grid is None:
        return song
    mine = tuple(
        SongPart(Fraction(p.start), _PARTS[p.kind], fixed=True, line=min(8, p.counts))
        for p in parts()
        if p.kind in _PARTS
    )
    return replace(song, grid=replace(song.grid, parts=mine), agreed=True)


def demo_project(folder: Path, specs: tuple[TakeSpec, ...]) -> Project:
    """Sheet and takes, with what a teacher says about each take; nothing placed yet."""
    takes = tuple(
        Take(
            Path(s.file).stem,
            reference(folder / s.file, s.duration_s, folder),
            (Stretch(0.0, s.view, s.danced, trouble=s.trouble),),
        )
        for s in specs
    )
    project = add_takes(set_dance(Project("Paper fan parade"), sheet()), takes)
    # The demo is the same each time it is made.
    return replace(project, takes=tuple(replace(t, id=t.name) for t in project.takes))


def truth_of(specs: tuple[TakeSpec, ...]) -> dict[str, Any]:
    """Everything the simulation knows: beats of the song, clocks of the takes."""
    clock = counts_to_song()
    return {
        "version": VERSION,
        "beats": list(clock.y),
        "lead_in_counts": LEAD_IN,
        "takes": {
            s.file: {
                "view": str(s.view),
                "danced": str(s.danced),
                "song_at_start_s": s.song_at_start_s,
                "rate": 1 + s.ppm * 1e-6,
                "speaker_m": s.speaker_m,
                "counts": list(counted_aloud().y) if s.song_at_start_s is None else None,
            }
            for s in specs
        },
    }


_TICKS: Any = None


def _start_worker(ticks: Any) -> None:
    global _TICKS
    _TICKS = ticks


def _tick() -> None:
    with _TICKS.get_lock():
        _TICKS.value += 1


def _film_one(spec: TakeSpec, song: Sound, path: Path) -> None:
    film(spec, song, path, _tick)


def _film_all(work: Path, song: Sound, progress: Progress, specs: tuple[TakeSpec, ...]) -> None:
    """Film all takes, two at a time, longest first."""
    context = multiprocessing.get_context("spawn")
    ticks = context.Value("i", 0)
    total = sum(len(frame_times(s)) for s in specs)
    order = sorted(specs, key=lambda s: -s.duration_s * (2 if s.codec == "libx265" else 1))
    pool = ProcessPoolExecutor(2, mp_context=context, initializer=_start_worker, initargs=(ticks,))
    try:
        jobs = [pool.submit(_film_one, s, song, work / s.file) for s in order]
        pending = set(jobs)
        while pending:
            done, pending = wait(pending, timeout=0.2, return_when=FIRST_EXCEPTION)
            for job in done:
                job.result()
            progress(ticks.value / total, "Filming the demo dance")
    except BaseException:
        for process in list((pool._processes or {}).values()):
            process.terminate()
        raise
    finally:
        pool.shutdown(wait=True, cancel_futures=True)
