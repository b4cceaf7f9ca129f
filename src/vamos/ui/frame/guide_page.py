"""The guide's page of a stop, in the language of the window; it ships as text and is read in the project's docs too."""

from __future__ import annotations

import re
from importlib.resources import files

from vamos.wording import ENGLISH, language


def page_of(number: int) -> str:
    """What the guide says of a stop, by its number on the route: Markdown without pictures, or nothing."""
    folder = files("vamos") / "guide"
    own = folder / f"{language()}.md"
    text = (own if own.is_file() else folder / f"{ENGLISH}.md").read_text(encoding="utf-8")
    found = re.search(rf"^## {number} [^\n]*\n(.*?)(?=^## |\Z)", text, re.MULTILINE | re.DOTALL)
    return re.sub(r"^!\[.*\n?", "", found.group(1), flags=re.MULTILINE).strip() if found else ""
