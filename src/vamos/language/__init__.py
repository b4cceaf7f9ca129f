"""Words for the eyes of people, in the language they chose.

``tr("{clips} written", clips=3)`` gives the words in that language, or as they stand here where there are no others.
Catalogues are Qt's ``.ts`` files beside this module, one for each language; ``tools/words.py`` keeps them complete, Qt
Linguist edits them. What is kept in files that are read again, and what is typed, is never translated.
"""

from __future__ import annotations

import os
from collections.abc import Iterator
from contextlib import contextmanager
from contextvars import ContextVar
from enum import Enum
from functools import cache, lru_cache
from pathlib import Path
from string import Formatter
from typing import Any
from xml.etree import ElementTree

import platformdirs

FOLDER = Path(__file__).parent
#: The language the words stand in here, and those there are catalogues for, by their own names.
ENGLISH = "en"
LANGUAGES = {ENGLISH: "English", "de": "Deutsch", "es": "Español"}
#: Languages that write 1,5.
_COMMA = {"de", "es"}


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


#: What is written for others speaks another language than the run, for as long as it is written.
_SPOKEN: ContextVar[str] = ContextVar("spoken", default="")


@contextmanager
def speaking(of: str) -> Iterator[None]:
    """Words are those of a language meanwhile, in this thread; of one there is none of, or ``""``, those of the run."""
    token = _SPOKEN.set(of if of in LANGUAGES else "")
    try:
        yield
    finally:
        _SPOKEN.reset(token)


def at_home(text: str, /, **values: object) -> str:
    """As :func:`tr`, in the language of the run: for whoever writes, not for whom it is written."""
    with speaking(""):
        return tr(text, **values)


def language() -> str:
    """The language words are given in now."""
    return _SPOKEN.get() or run_language()


@lru_cache(maxsize=1)
def run_language() -> str:
    """The language of this run: ``VAMOS_LANGUAGE``, what was chosen, the desktop's, else English."""
    desktop = next((v for v in map(os.environ.get, ("LC_ALL", "LC_MESSAGES", "LANG")) if v), "")
    for found in (os.environ.get("VAMOS_LANGUAGE", ""), chosen(), desktop):
        if found:
            short = found.replace("-", "_").split("_")[0].split(".")[0].lower()
            return short if short in LANGUAGES else ENGLISH
    return ENGLISH


def tr(text: str, /, **values: object) -> str:
    """``text`` in the language of now; ``{name}`` stands for a value, formatted as by ``str.format``."""
    words = _catalogue(language()).get(text) or text
    return _FORM.vformat(words, (), values) if values else words


def marked(text: str) -> str:
    """A text that is kept as it is, and translated where it is shown."""
    return text


def opening(text: str) -> str:
    """As the beginning of a sentence."""
    return text[:1].upper() + text[1:]


def inside(text: str) -> str:
    """A title as a part of a sentence: its first word is small where the language writes nouns so."""
    return text[:1].lower() + text[1:] if language() == ENGLISH else text


def number(value: float, spec: str = "g") -> str:
    """A number as the language writes it: 2.5, 2,5."""
    written = format(value, spec)
    return written.replace(".", ",") if language() in _COMMA else written


class _Form(Formatter):
    """Values that are words of Vamos themselves are translated, numbers written as the language does."""

    def format_field(self, value: Any, format_spec: str) -> str:
        if isinstance(value, Enum):
            value = tr(str(value))
        return number(value, format_spec) if isinstance(value, float) else format(value, format_spec)


_FORM = _Form()


@cache
def _catalogue(of: str) -> dict[str, str]:
    return read_catalogue(of) if of != ENGLISH else {}


def catalogue_file(of: str) -> Path:
    """The catalogue of a language."""
    return FOLDER / f"{of}.ts"


def read_catalogue(of: str) -> dict[str, str]:
    """Text → its translation, for all that are translated."""
    out = {}
    for message in ElementTree.parse(catalogue_file(of)).getroot().iter("message"):
        source, translation = message.findtext("source"), message.findtext("translation")
        if source and translation:
            out[source] = translation
    return out
