"""Parts of a phrased dance as they are typed: a name, a colon, the sections in their order."""

from __future__ import annotations

import re

from vamos.core.model.dance import Dance, DancePart
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def part_text(part: DancePart) -> str:
    """A part as it is typed: ``A: Gate walk, Fan sweep``."""
    return f"{part.name}: {', '.join(part.sections)}"


def read_part(text: str, dance: Dance) -> DancePart:
    """A part as typed; raises InputError with what would fit."""
    name, colon, rest = text.partition(":")
    name = name.strip()
    if not colon or not name:
        raise InputError(
            tr("A part is written as its name, a colon and its sections, such as A: Gate walk, Fan sweep.")
        )
    part = DancePart(name, tuple(_section(dance, words) for words in re.split(r"[,;]", rest) if words.strip()))
    if not part.sections:
        raise InputError(tr("Which sections does part {name} dance? Write their names behind the colon.", name=name))
    return part


def _section(dance: Dance, words: str) -> str:
    """The section of a name, however it is capitalised."""
    wanted = words.strip().lower()
    for section in dance.sections:
        if section.name.lower() == wanted:
            return section.name
    known = ", ".join(s.name for s in dance.sections) or tr("none is written yet")
    raise InputError(tr("There is no section “{name}”. Sections: {known}.", name=words.strip(), known=known))
