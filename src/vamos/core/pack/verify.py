"""Decoding what was written and comparing it with the manifest, with the page, and versions with each other.

The picture is looked at in :mod:`vamos.core.pack.verify_picture`, the sound in :mod:`vamos.core.pack.verify_sound`.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path

from vamos.core.model.clip import ClipSound
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import NAME, ClipEntry, Manifest, checksum, digest, named_files, read_manifest
from vamos.core.pack.verify_beside import beside_findings
from vamos.core.pack.verify_picture import picture_findings
from vamos.core.pack.verify_sheets import sheet_findings
from vamos.core.pack.verify_sound import pitch_finding, sound_findings
from vamos.core.progress import Progress, quiet
from vamos.errors import VamosError
from vamos.wording import words_of

tr = words_of(__name__)


def verify_pack(folder: Path, progress: Progress | None = None) -> list[Finding]:
    """All findings for a pack, good and bad; raises MissingError or ProjectError without one."""
    progress = progress or quiet()
    manifest: Manifest = read_manifest(folder)
    findings: list[Finding] = []
    for entry in manifest.files:
        findings += _checksum(folder, entry.file, entry.sha256)
    findings += _itself(folder, manifest)
    findings += beside_findings(folder, manifest)
    findings += sheet_findings(folder, manifest)
    for number, clip in enumerate(manifest.clips):
        progress(number / len(manifest.clips), tr("Checking {file}", file=clip.file))
        findings += _clip(folder, clip)
        findings += _beside_full_speed(folder, clip, manifest)
    findings += _unnamed(folder, manifest)
    progress(1.0, tr("Checked"))
    return findings


def _itself(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """The manifest is as it was written: what somebody changed in it is told apart from a wrong film."""
    if manifest.vamos_pack >= 2:
        same = manifest.digest == digest((folder / NAME).read_bytes())
        yield Finding(
            NAME, "digest", same, tr("as written") if same else tr("the pack’s list was changed after it was written")
        )


def _checksum(folder: Path, name: str, wanted: str) -> Iterator[Finding]:
    path = folder / name
    if not path.is_file():
        yield Finding(name, "file", False, tr("it is missing"))
    else:
        same = checksum(path) == wanted
        yield Finding(name, "checksum", same, tr("as written") if same else tr("the file was changed"))


def _clip(folder: Path, entry: ClipEntry) -> Iterator[Finding]:
    found = list(_checksum(folder, entry.file, entry.sha256))
    yield from found
    if found[0].what == "file":
        return
    try:
        yield from picture_findings(folder / entry.file, entry)
        yield from sound_findings(folder / entry.file, entry)
    except VamosError as error:
        yield Finding(entry.file, "readable", False, error.what)


def _beside_full_speed(folder: Path, entry: ClipEntry, manifest: Manifest) -> Iterator[Finding]:
    """A version at another speed lasts as much longer as it says, with the pitch of the one at full speed."""
    full = next((c for c in manifest.clips if c.speed == 1.0 and _same_but_speed(c, entry)), None)
    if full is None or full.file == entry.file:
        return
    frame = 1 / float(Fraction(entry.rate)) + 1 / float(Fraction(full.rate))
    wanted = full.duration_s / entry.speed
    good = abs(entry.duration_s - wanted) <= frame * (1 + 1 / entry.speed)
    yield Finding(
        entry.file,
        "speed",
        good,
        tr("{number:.0%}, said to be {speed:.0%}", number=full.duration_s / entry.duration_s, speed=entry.speed),
    )
    paths = folder / entry.file, folder / full.file
    # Later packs keep the pitches of the source itself, which say more.
    if entry.heard is None and entry.sound == ClipSound.SONG and all(p.is_file() for p in paths):
        try:
            found = pitch_finding(paths[0], entry, paths[1])
        except VamosError:
            # What cannot be decoded is told by its own findings.
            return
        if found is not None:
            yield found


def _same_but_speed(one: ClipEntry, other: ClipEntry) -> bool:
    def what(entry: ClipEntry) -> tuple[object, ...]:
        return (
            entry.title,
            entry.view,
            entry.label,
            entry.look,
            entry.arrangement,
            entry.half_time,
            entry.double_time,
            entry.sound,
            entry.shows,
        )

    return what(one) == what(other)


def _unnamed(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """Files that lie in the pack and are in no manifest."""
    named = named_files(manifest)
    for path in sorted(p for p in folder.rglob("*") if p.is_file()):
        name = path.relative_to(folder).as_posix()
        if name not in named:
            yield Finding(name, "list", False, tr("this file is not in the pack’s list"))
