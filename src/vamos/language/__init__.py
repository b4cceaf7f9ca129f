"""The languages there are phrases of, which one this run speaks, and its phrases.

Catalogues are gettext's ``.po`` files beside this module, one for each language, and the ``.mo`` that is read;
``tools/words.py`` keeps both complete, any editor for ``.po`` opens them. To import this hands the phrases in.
"""

from __future__ import annotations

import os
from collections.abc import Iterator
from contextlib import contextmanager
from functools import cache, lru_cache
from pathlib import Path

import platformdirs

from vamos.wording import ENGLISH, NAMES, hand_in

FOLDER = Path(__file__).parent
#: The languages there are phrases of, by their own names.
LANGUAGES = {ENGLISH: "English", "de": "Deutsch", "es": "Español"}
#: Languages that write 1,5.
_COMMA = {"de", "es"}


_instead = ""


def chosen_file() -> Path:
    """Where the language is kept that was chosen in the window."""
    return Path(platformdirs.user_config_dir("vamos", appauthor=False)) / "language"


def chosen() -> str:
    """What was chosen, ``""`` where the desktop decides."""
    try:
        found = chosen_file().read_text(encoding="ascii").strip()
    except (OSError, UnicodeDecodeError):
        return ""
    return found if found in LANGUAGES else ""


def choose(language: str) -> None:
    """Use a language from the next start on; ``""`` lets the desktop decide. Raises OSError."""
    path = chosen_file()
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_text(language + "\n", encoding="ascii")


@lru_cache(maxsize=1)
def run_language() -> str:
    """The language of this run: ``VAMOS_LANGUAGE``, what was chosen, the desktop's, else English."""
    desktop = next((v for v in map(os.environ.get, ("LC_ALL", "LC_MESSAGES", "LANG")) if v), "")
    for found in (os.environ.get("VAMOS_LANGUAGE", ""), chosen(), desktop):
        if found:
            short = found.replace("-", "_").split("_")[0].split(".")[0].lower()
            return short if short in LANGUAGES else ENGLISH
    return ENGLISH


@contextmanager
def running_in(of: str) -> Iterator[None]:
    """All of the run speaks a language meanwhile, in every thread: what is written for programs is always English."""
    global _instead
    before, _instead = _instead, of
    try:
        yield
    finally:
        _instead = before


class Catalogue:
    """The phrases of one language, by gettext."""

    def __init__(self, of: str):
        # Loaded here: English needs none of it.
        import gettext

        self.language, self.comma = of, of in _COMMA
        self._found: gettext.NullTranslations = gettext.NullTranslations()
        if of != ENGLISH:
            with (FOLDER / f"{of}.mo").open("rb") as file:
                self._found = gettext.GNUTranslations(file)

    def said(self, room: str, text: str) -> str:
        words = self._found.pgettext(room, text)
        # A name may be shown in a room that has no such text of its own.
        return words if words != text else self._found.pgettext(NAMES, text)

    def counted(self, room: str, one: str, many: str, number: int) -> str:
        return self._found.npgettext(room, one, many, number)


@cache
def _catalogue(of: str) -> Catalogue:
    return Catalogue(of)


def phrases(of: str) -> Catalogue:
    """The phrases of a language; of the run's for ``""`` and for one there is none of."""
    return _catalogue(of if of in LANGUAGES else _instead or run_language())


hand_in(phrases)
