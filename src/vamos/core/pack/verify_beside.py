"""What lies beside the clips of a pack, against them: captions, chapters, the page of students and its sounds."""

from __future__ import annotations

import io
import itertools
import re
from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path
from typing import Any

import av
import msgspec
import numpy as np

from vamos.core.media.probe import opened
from vamos.core.media.sound import Samples
from vamos.core.model.clip import RUN_THROUGH
from vamos.core.pack.captions import webvtt
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import ClipEntry, Manifest
from vamos.core.pack.page_read import data_of, parts_of, sound_in, text_of
from vamos.core.pack.page_sound import packed
from vamos.core.pack.page_voice import FILE, RATE, names_said
from vamos.core.pack.students_page import PAGE, page_script
from vamos.errors import VamosError
from vamos.wording import words_of

tr = words_of(__name__)

#: A chapter may begin so far from where it says: times are written in milliseconds, and in the list in seconds.
_CHAPTER_S, _LIST_S = 0.002, 1.0
#: Samples by which a decoder may be longer than what was coded, and how loud a spoken word is at least (RMS).
_RUN_IN, _HEARD = 3000, 0.05
_UNREADABLE = (OSError, UnicodeDecodeError, LookupError, TypeError, ValueError, msgspec.DecodeError)


def beside_findings(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """All findings about files that are made from the clips and their plan."""
    if not manifest.for_students:
        return
    yield from _captions(folder, manifest)
    yield from _chapters(folder, manifest)
    try:
        yield from _page(folder, manifest)
    except _UNREADABLE:
        yield Finding(PAGE, "page", False, tr("it cannot be understood"))


def _captions(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """Each clip with counts has captions, and they say what its counts do, when they do."""
    for clip in manifest.clips:
        name = f"captions/{Path(clip.file).stem}.vtt"
        wanted, found = webvtt(clip), text_of(folder / name)
        if wanted:
            said = (
                tr("as the counts of the clip") if found == wanted else tr("they say other counts, or at other times")
            )
            yield Finding(name, "captions", found == wanted, said if found is not None else tr("it is missing"))


# --- chapters --------------------------------------------------------------------------------


def _chapters(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """The list, the file of chapters and those in the film name the same, at the same times."""
    through = next((c for c in manifest.clips if c.title == RUN_THROUGH), None)
    if through is None:
        return
    meta, plain = text_of(folder / "chapters.ffmeta"), text_of(folder / "chapters.txt")
    try:
        with opened(folder / through.file) as container:
            film = [
                (float(c["start"] * (c["time_base"] or 0)), c["metadata"].get("title", ""))
                for c in container.chapters()
            ]
    except (VamosError, AttributeError):
        return
    noted = [
        (int(a) / 1000, _bare(t)) for a, t in re.findall(r"START=(\d+)\n.*?\ntitle=([^\n]*)", meta or "", re.DOTALL)
    ]
    listed = [(_seconds(at), title) for at, _, title in (row.partition(" ") for row in (plain or "").splitlines())]
    for name, rows, within in (("chapters.ffmeta", noted, _CHAPTER_S), ("chapters.txt", listed, _LIST_S)):
        same = len(rows) == len(film) and all(
            abs(a - b) <= within and one == other for (a, one), (b, other) in zip(rows, film, strict=True)
        )
        yield Finding(name, "chapters", same, tr("as in the film") if same else tr("other ones than in the film"))
    starts = {round(frame / float(Fraction(through.rate)), 3) for frame, _ in through.states_told()}
    placed = all(at == 0 or min(abs(at - s) for s in starts) < 0.1 for at, _ in film)
    yield Finding(through.file, "chapters", placed, tr("where lines begin") if placed else tr("where no line begins"))


def _bare(title: str) -> str:
    return re.sub(r"\\(.)", r"\1", title)


def _seconds(text: str) -> float:
    minutes, _, seconds = text.partition(":")
    return 60 * int(minutes) + float(seconds) if minutes.isdigit() and seconds.isdigit() else -9.0


# --- the page of students --------------------------------------------------------------------


def _page(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """The page plays every clip of the pack and nothing else, with its counts and sound, by its own script."""
    listed = PAGE in {f.file for f in manifest.files}
    if not listed or not (folder / PAGE).is_file():
        yield Finding(PAGE, "page", False, tr("it is missing"))
        return
    text = text_of(folder / PAGE) or ""
    data = data_of(text)
    if data is None:
        yield Finding(PAGE, "page", False, tr("it is not as Vamos writes it"))
        return
    scripts = re.findall(r"<script>(.*?)</script>", text, re.DOTALL)
    own = scripts == [page_script()] and len(re.findall(r"<script\b", text)) == 2
    yield Finding(PAGE, "script", own, tr("as Vamos writes it") if own else tr("it holds a script of somebody else’s"))
    shown = parts_of(data)
    played = {f["file"] for s in shown for v in s["views"] for f in v["files"]}
    wanted = {c.file: c for c in manifest.clips}
    words = tr("it plays {number} of {number2} clips", number=len(played & wanted.keys()), number2=len(wanted))
    yield Finding(PAGE, "page", played == wanted.keys(), words)
    films = [(s, v["film"]) for s in shown for v in s["views"]]
    wrong = [f["file"] for s, f in films if not _tells(wanted.get(f["file"]), s is data["through"], s["title"], f)]
    yield Finding(PAGE, "counts", not wrong, wrong[0] if wrong else tr("as those of the clips"))
    sounds = [f for _, f in films if f["sound"] is not None]
    other = [f["sound"]["file"] for f in sounds if not _sounds(folder, f)]
    yield Finding(PAGE, "sounds", not other, other[0] if other else tr("as those of the clips"))
    yield from _voice(folder, data, names_said(f for _, f in films))


def _voice(folder: Path, data: dict[str, Any], names: list[str]) -> Iterator[Finding]:
    """The voice says every move that the page names: each has a place of its own in its sound, and is heard there."""
    voice = data.get("voice")
    if voice is None:
        return
    found = sound_in(text_of(folder / str(voice["file"])) or "")
    heard = _decoded(found[1]) if found is not None and found[0] == voice["id"] else None
    if heard is None or abs(len(heard) - voice["samples"]) > _RUN_IN:
        yield Finding(FILE, "voice", False, tr("it cannot be decoded"))
        return
    places = {name: voice["words"].get(name) for name in names}
    silent = [n for n, p in places.items() if p is None or not _loud(heard, float(p[0]), float(p[1]))]
    ends = sorted((float(a), float(b)) for a, b in voice["words"].values())
    apart = all(b <= c for (_, b), (c, _) in itertools.pairwise(ends))
    yield Finding(FILE, "voice", not silent and apart, silent[0] if silent else tr("it says every move"))


def _decoded(data: bytes) -> Samples | None:
    try:
        with av.open(io.BytesIO(data), "r") as source:
            parts = [frame.to_ndarray()[0] for frame in source.decode(audio=0)]
        return np.concatenate(parts) if parts else None
    except (OSError, ValueError, IndexError, av.error.FFmpegError):
        return None


def _loud(heard: Samples, from_s: float, to_s: float) -> bool:
    part = heard[round(from_s * RATE) : round(to_s * RATE)]
    return 0 <= from_s < to_s and len(part) > 0 and float(np.sqrt(np.mean(part**2))) > _HEARD


def _tells(clip: ClipEntry | None, through: bool, title: str, film: dict[str, Any]) -> bool:
    """Whether the page has a film in its section, at its speed and length, with its counts at their frames."""
    if clip is None or (clip.title == RUN_THROUGH) != through or not (through or clip.title == title):
        return False
    rate = float(Fraction(clip.rate))
    if (film["speed"], film["rate"], film["length"]) != (clip.speed, rate, clip.duration_s):
        return False
    if not 0 <= film["from"] < film["to"] <= clip.duration_s + 1 / rate:
        return False
    if film["states"] != [[frame / rate, s.number + s.part, s.now, s.ahead] for frame, s in clip.states_told()]:
        return False
    told = [(float(at), str(number)) for at, number in film["counts"]]
    counts = clip.counts_told()
    if not counts:
        return True
    near = all(abs(at - frame / rate) <= 1 / rate for (at, _), (frame, _) in zip(told, counts, strict=False))
    return near and [n for _, n in told] == [n for _, n in counts]


def _sounds(folder: Path, film: dict[str, Any]) -> bool:
    """Whether the script beside the page holds the sound of the clip."""
    if not (folder / film["file"]).is_file():
        # That is told of the film.
        return True
    found = sound_in(text_of(folder / film["sound"]["file"]) or "")
    if found is None or found[0] != film["sound"]["id"]:
        return False
    try:
        meant = packed(folder / film["file"])
        return meant is not None and found[1] == meant[0]
    except (OSError, av.error.FFmpegError):
        return False
