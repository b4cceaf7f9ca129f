"""Vamos among the programs of a desktop: menu entry, icon, and which files open with it.

The files follow the freedesktop.org specifications (Desktop Entry, AppStream, Shared MIME-info, Icon Theme).
"""

from __future__ import annotations

import shutil
import subprocess
from collections.abc import Iterator
from pathlib import Path

from vamos.core.disk.atomic import write_atomically

ID = "app.vamos.Vamos"
_HERE = Path(__file__).parent
ICON = _HERE / f"{ID}.svg"
#: Each file with its place below a share folder.
_PLACES = {
    f"{ID}.desktop": "applications",
    f"{ID}.metainfo.xml": "metainfo",
    f"{ID}.svg": "icons/hicolor/scalable/apps",
    f"{ID}.xml": "mime/packages",
}


def places(share: Path) -> Iterator[tuple[Path, Path]]:
    """Each file here with where it belongs below a share folder."""
    for name, folder in _PLACES.items():
        yield _HERE / name, share / folder / name


def install(share: Path, command: Path) -> list[Path]:
    """Put all files in place, started by ``command``; raises WriteError. What was written."""
    written = []
    for source, target in places(share):
        data = source.read_bytes()
        if source.suffix == ".desktop":
            data = data.replace(b"Exec=vamos ", f"Exec={_quoted(command)} ".encode())
        write_atomically(target, data)
        written.append(target)
    _tell(share)
    return written


def remove(share: Path) -> list[Path]:
    """Take the files out again; those that were there."""
    gone = [target for _, target in places(share) if target.exists()]
    for target in gone:
        target.unlink()
    _tell(share)
    return gone


def _quoted(command: Path) -> str:
    """A command as the Desktop Entry Specification quotes it."""
    text = str(command)
    for character in '\\"`$':
        text = text.replace(character, f"\\{character}")
    return f'"{text}"' if any(c in text for c in " \t\"'\\><~|&;$*?#()`") else text


def _tell(share: Path) -> None:
    """Have the desktop look again, where its tools are installed; without them it looks by itself, later."""
    for tool, folder in (("update-mime-database", share / "mime"), ("update-desktop-database", share / "applications")):
        if shutil.which(tool) and folder.is_dir():
            subprocess.run([tool, str(folder)], check=False, capture_output=True, stdin=subprocess.DEVNULL, timeout=60)
