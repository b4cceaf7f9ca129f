"""The page for students read back: its language, what it says of what it plays, and the sounds beside it."""

from __future__ import annotations

import base64
import binascii
import re
from pathlib import Path
from typing import Any

import msgspec

_LANGUAGE = re.compile(r'<html lang="([\w-]+)"')
_DATA = re.compile(r'<script type="application/json" id="data">(.*?)</script>', re.DOTALL)
_SOUND = re.compile(r'vamosSound\("(\w+)","([A-Za-z0-9+/=]*)"\);\n')


def text_of(path: Path) -> str | None:
    """What a file says; None where it is gone or no text."""
    try:
        return path.read_text(encoding="utf-8")
    except (OSError, UnicodeDecodeError):
        return None


def language_of(page: str) -> str:
    """The code of the language a page is in; empty where it says none."""
    found = _LANGUAGE.search(page)
    return found.group(1) if found else ""


def data_of(page: str) -> dict[str, Any] | None:
    """What a page says of itself; None where that is not as Vamos writes it."""
    found = _DATA.search(page)
    try:
        return msgspec.json.decode(found.group(1), type=dict[str, Any]) if found else None
    except (msgspec.DecodeError, RecursionError):
        return None


def parts_of(data: dict[str, Any]) -> list[dict[str, Any]]:
    """What has films on a page: its sections, then the whole dance; raises KeyError, TypeError for damaged ones."""
    return [*data["sections"], *([data["through"]] if data.get("through") else [])]


def sound_in(script: str) -> tuple[str, bytes] | None:
    """Name and M4A of a sound beside the page; None where the script is not as Vamos writes it."""
    found = _SOUND.fullmatch(script)
    try:
        return (found.group(1), base64.b64decode(found.group(2), validate=True)) if found else None
    except binascii.Error:
        return None
