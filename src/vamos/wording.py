"""Words for the eyes of people, in phrases that are handed in from outside.

A module takes its own ``tr = words_of(__name__)``; ``tr("{clips} written", clips=3)`` gives the words in the language
of now, as people say them in the room of the product the module belongs to. Nothing here knows a language: the window,
the command line and the demo hand phrases in (``vamos.language``); without any, words stay as they stand in the code.

What is kept in files that are read again, and what is typed, is never translated.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from contextlib import contextmanager
from contextvars import ContextVar
from enum import Enum
from fractions import Fraction
from string import Formatter
from typing import Any, Protocol

#: The language the words stand in here.
ENGLISH = "en"
#: Rooms of words that belong to no module: names that are kept and shown elsewhere; numbers of things.
NAMES, NUMBERS = "names", "numbers of things"
#: Which part of the product a module's words are met in, by the beginning of its name; the longest counts.
ROOMS = {
    "vamos": "messages",
    "vamos.cli": "command line",
    "vamos.core.align": "placing takes",
    "vamos.core.dance": "dance",
    "vamos.core.dance.sheets": "sheets",
    "vamos.core.disk": "files",
    "vamos.core.document": "project",
    "vamos.core.edit": "names of edits",
    "vamos.core.grid": "song",
    "vamos.core.lesson": "lesson plan",
    "vamos.core.media": "songs and films",
    "vamos.core.model": "project",
    "vamos.core.pack": "pack",
    "vamos.core.pack.students": "students’ page",
    "vamos.core.pack.students_page": "students’ page",
    "vamos.core.pack.page_forms": "students’ page",
    "vamos.core.plan": "clips",
    "vamos.core.render": "films",
    "vamos.demo": "demo",
    "vamos.ui": "window",
    "vamos.ui.page": "page of the song",
    "vamos.ui.preview": "preview",
    "vamos.ui.stops.cut": "Cut",
    "vamos.ui.stops.dance": "Dance",
    "vamos.ui.stops.film": "Film",
    "vamos.ui.stops.lesson": "Lesson",
    "vamos.ui.stops.pack": "Pack",
    "vamos.ui.stops.song": "Song",
    "vamos.ui.tasks": "what is at work",
}


def room_of(module: str) -> str:
    """The room of a module, ``vamos.ui.stops.cut.panel``."""
    while module not in ROOMS:
        module = module.rpartition(".")[0] or "vamos"
    return ROOMS[module]


class Phrases(Protocol):
    """The words of one language; what it has none for stays as it stands in the code."""

    #: ISO 639-1: en, de.
    language: str
    #: Whether it writes 1,5.
    comma: bool

    def said(self, room: str, text: str) -> str: ...

    def counted(self, room: str, one: str, many: str, number: int) -> str:
        """The form that goes with a number."""
        ...


class _AsWritten:
    """The words of the code."""

    language, comma = ENGLISH, False

    def said(self, _room: str, text: str) -> str:
        return text

    def counted(self, _room: str, one: str, many: str, number: int) -> str:
        return one if number == 1 else many


def _nothing_handed_in(_of: str) -> Phrases:
    return _AsWritten()


_phrases: Callable[[str], Phrases] = _nothing_handed_in
#: What is written for others speaks another language than the run, for as long as it is written.
_SPOKEN: ContextVar[str] = ContextVar("spoken", default="")


def hand_in(phrases: Callable[[str], Phrases]) -> None:
    """Use phrases from now on, by their language; ``""`` and one there is none of are those of the run."""
    global _phrases
    _phrases = phrases


@contextmanager
def speaking(of: str) -> Iterator[None]:
    """Words are those of a language meanwhile, in this thread; of one there is none of, or ``""``, those of the run."""
    token = _SPOKEN.set(of)
    try:
        yield
    finally:
        _SPOKEN.reset(token)


def language() -> str:
    """The language words are given in now."""
    return _phrases(_SPOKEN.get()).language


class Words:
    """The words of one room."""

    def __init__(self, room: str):
        self.room = room

    def __call__(self, text: str, /, **values: object) -> str:
        """``text`` in the language of now; ``{name}`` stands for a value, formatted as by ``str.format``."""
        words = _phrases(_SPOKEN.get()).said(self.room, text)
        return _FORM.vformat(words, (), values) if values else words

    def at_home(self, text: str, /, **values: object) -> str:
        """The same in the language of the run: for whoever writes, not for whom it is written."""
        with speaking(""):
            return self(text, **values)


def words_of(module: str) -> Words:
    """The words of a module, by its ``__name__``."""
    return Words(room_of(module))


def marked(text: str) -> str:
    """A text that is kept as it is, and translated where it is shown."""
    return text


def plural(number: int | Fraction, word: str, many: str = "") -> str:
    """``1 wall``, ``2 walls``, ``2.5 counts``."""
    one, several = (f"{{number}} {form}" for form in (word, many or word + "s"))
    # Parts of a thing are said as several are, in all languages there are phrases of.
    form = number if isinstance(number, int) else 1 if number == 1 else 2
    words = _phrases(_SPOKEN.get()).counted(NUMBERS, one, several, form)
    return words.replace("{number}", str(number) if isinstance(number, int) else as_written(float(number)))


def plural_or_no(number: int, word: str) -> str:
    """``no tags``, ``1 wall``, ``4 walls``."""
    return plural(number, word) if number else _phrases(_SPOKEN.get()).said(NUMBERS, f"no {word}s")


def listed(words: Sequence[str]) -> str:
    """``A``, ``A and B``, ``A, B and C``."""
    if len(words) < 2:
        return "".join(words)
    return tr("{words} and {last}", words=", ".join(words[:-1]), last=words[-1])


def opening(text: str) -> str:
    """As the beginning of a sentence."""
    return text[:1].upper() + text[1:]


def inside(text: str) -> str:
    """A title as a part of a sentence: its first word is small where the language writes nouns so."""
    return text[:1].lower() + text[1:] if language() == ENGLISH else text


def as_written(value: float, spec: str = "g") -> str:
    """A number as the language writes it: 2.5, 2,5."""
    written = format(value, spec)
    return written.replace(".", ",") if _phrases(_SPOKEN.get()).comma else written


class _Form(Formatter):
    """Values that are words of Vamos themselves are translated, numbers written as the language does."""

    def format_field(self, value: Any, format_spec: str) -> str:
        if isinstance(value, Enum):
            value = _NAMED(str(value))
        return as_written(value, format_spec) if isinstance(value, float) else format(value, format_spec)


_FORM = _Form()
_NAMED = Words(NAMES)
tr = words_of(__name__)
