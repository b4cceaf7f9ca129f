"""Projects that were open lately, with a picture of each."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QBuffer, Qt
from PyQt6.QtGui import QImage

from vamos.core.disk.side_files import read_side, write_side
from vamos.core.media import cache
from vamos.ui.work.settings import RECENT

#: So many are remembered, and shown.
MOST = 6
_WIDE, _HIGH = 320, 180
#: No picture of that size takes more bytes.
_LARGEST = 1 << 20


def remember(path: Path) -> None:
    """A project is open: it comes first from now on."""
    kept = [str(path.absolute()), *(p for p in _known() if p != str(path.absolute()))]
    RECENT.set(kept[:MOST])


def recent() -> list[Path]:
    """Those whose file is still there, the latest first."""
    return [path for path in map(Path, _known()) if path.is_file()]


def _known() -> list[str]:
    return RECENT.get()


def keep_picture(path: Path, image: QImage) -> None:
    """Remember what a project looks like; a full disk only means that it has no picture."""
    place = _place(path)
    try:
        place.parent.mkdir(parents=True, exist_ok=True)
    except OSError:
        return
    small = image.scaled(_WIDE, _HIGH, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation)
    held = QBuffer()
    held.open(QBuffer.OpenModeFlag.WriteOnly)
    if small.save(held, "PNG"):
        write_side(place, bytes(held.data().data()))


def picture_of(path: Path) -> bytes:
    """The picture of a project as PNG; nothing where there is none."""
    return read_side(_place(path), _LARGEST) or b""


def _place(path: Path) -> Path:
    return cache.place("projects", str(path.absolute()), ".png")
