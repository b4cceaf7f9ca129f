"""Clips that need not be made again: what they are made of is the same as for the pack that stands there.

A clip is known by a hash of all that its pictures and its sound follow from. A file is taken over only when its own
checksum still is that of the manifest; anything else is made anew.
"""

from __future__ import annotations

import hashlib
import os
import shutil
from dataclasses import replace
from pathlib import Path

import msgspec
import numpy as np

from vamos.core.dance.calls import spoken_calls
from vamos.core.document.files import to_builtins
from vamos.core.model.clip import ClipSound
from vamos.core.model.project import Project
from vamos.core.model.song import Song
from vamos.core.model.take import counts_to_take
from vamos.core.pack.chapters import Chapter
from vamos.core.pack.manifest import ClipEntry, checksum, read_manifest
from vamos.core.plan.flip import label_words
from vamos.core.render.compose import Stage, overlay_of
from vamos.core.render.overlays import schedule
from vamos.core.render.sounds import RenderJob
from vamos.core.render.timing import ClipTiming
from vamos.core.render.words import Words
from vamos.errors import VamosError
from vamos.wording import language

#: Counts up whenever pictures or sounds of the same inputs become others.
ALGORITHM = 7


def _cuts(song: Song, timing: ClipTiming) -> list[float]:
    """Where what is used of the song begins or fades within a clip; nothing for a clip it does not touch."""
    used = song.used
    begins = used.start_s > timing.song_start_s
    ends = bool(used.end_s) and used.end_s - used.fade_s - 0.1 < timing.song_end_s
    fades = bool(used.fade_s) and song.media.duration_s - used.fade_s < timing.song_end_s
    return [used.start_s, used.end_s, used.fade_s] if begins or ends or fades else []


def made_from(job: RenderJob, stage: Stage, project: Project, words: Words, chapters: tuple[Chapter, ...]) -> str:
    """The hash of everything a file follows from: its films by their fingerprints, times, words, sound and size."""
    version, clip = job.version, job.clip
    timing = stage.timing(clip, version)
    overlay = overlay_of(version, stage.output.overlay)
    clocks = []
    for film in job.films:
        take = project.take(film.clip.take)
        counts = np.linspace(float(clip.shown.start), float(clip.shown.end), 64)
        offset = float(film.clip.counts.start - clip.counts.start)
        seconds = counts_to_take(film.the_pass, stage.grid)(counts + offset)
        clocks.append(
            [take.media.fingerprint, take.media.size, film.clip.flip, label_words(film.clip.label), seconds.tolist()]
        )
    song = project.song
    heard = [str(version.sound), float(version.speed)]
    if version.sound is ClipSound.SONG and song is not None:
        heard += [song.media.fingerprint, timing.song_start_s, *_cuts(song, timing)]
    mix = stage.output.mix
    if version.sound in (ClipSound.CLICKS, ClipSound.VOICE) or mix.clicks or mix.voice or mix.excerpt_s:
        heard.append([[str(x.start), str(x.length), str(x.kind)] for x in stage.lines])
    if mix.calls:
        heard.append([language(), *([str(at), words] for at, words in spoken_calls(stage.lines))])
    if mix.hears_room(version.sound):
        sounds = [project.take(film.clip.take).better for film in job.films]
        heard.append([[b.media.fingerprint, list(b.clock.x), list(b.clock.y)] if b else [] for b in sounds])
    heard += [str(overlay.count_in), to_builtins(mix)]
    out_counts = timing.counts_to_out()(np.arange(int(clip.shown.start), int(clip.shown.end) + 2, dtype=float))
    parts = [
        ALGORITHM,
        to_builtins(version),
        to_builtins(replace(clip, reasons=(), problems=(), alternatives=(), mark=0, other_marks=())),
        clocks,
        heard,
        [str(timing.rate.per_second), timing.first_frame, timing.frames, out_counts.tolist()],
        to_builtins(tuple(schedule(words, clip, timing, overlay, version.look))),
        to_builtins(stage.output.framing),
        [stage.output.longest_side, str(stage.output.quality)],
        [list(c) for c in chapters],
    ]
    return hashlib.sha256(msgspec.json.encode(parts)).hexdigest()


class EarlierPack:
    """The pack that stands where the new one goes; nothing of it is changed."""

    def __init__(self, folder: Path):
        self._folder = folder
        self._entries: dict[str, ClipEntry] = {}
        try:
            self._entries = {c.made_from: c for c in read_manifest(folder).clips if c.made_from}
        except VamosError:
            # Nothing there, or nothing that can be understood: all is made anew.
            self._entries = {}

    def take_over(self, key: str, path: Path) -> ClipEntry | None:
        """Put the file of a key at ``path``; its entry, or None when it must be made."""
        entry = self._entries.get(key)
        if entry is None:
            return None
        there = self._folder / entry.file
        try:
            if there.is_symlink() or not there.is_file() or checksum(there) != entry.sha256:
                return None
            try:
                os.link(there, path)
            except OSError:
                shutil.copyfile(there, path)
        except OSError:
            path.unlink(missing_ok=True)
            return None
        return entry
