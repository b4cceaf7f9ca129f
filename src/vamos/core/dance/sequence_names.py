"""By which words a sequence may call the sections and parts of a dance."""

from __future__ import annotations

import re

from vamos.core.dance.sequence_words import ROLES
from vamos.core.model.dance import Dance

_PLAIN = re.compile(r'[^\s\[\]"“*/@:+,]+')
#: “V C V C B C”: nothing but capitals, so that each can be the beginning of a name.
_CAPITALS = re.compile(r"(?:[A-Z](?![a-z])|[\W\d_]|x(?=\s*\d))+")


def names_of(dance: Dance, said: str) -> dict[str, str]:
    """Words for parts and sections, in small letters → their names; ``Part A`` is also ``a``, ``Refrain`` ``chorus``.

    A word that fits several of them is none of theirs.
    """
    names = [*(p.name for p in dance.parts), *(s.name for s in dance.sections)]
    exact = {n.lower(): n for n in reversed(names)}
    others: dict[str, set[str]] = {}
    for name in names:
        for word in _others(name):
            others.setdefault(word, set()).add(name)
    if _CAPITALS.fullmatch(said):
        for name in names:
            others.setdefault(name[0].lower(), set()).add(name)
    return {word: fits.pop() for word, fits in others.items() if len(fits) == 1} | exact


def _others(name: str) -> set[str]:
    """What else a section is called: by the words before its colon, its letter, its number, its role in the song."""
    head = name.partition(":")[0].strip().lower()
    words = head.split()
    found = {head}
    if len(words) == 2 and words[0] in ("part", "section", "teil", "abschnitt") and len(words[1]) <= 2:
        found.add(words[1])
    if len(words) == 2 and words[1].isdigit():
        # “P1 P2 P1” where the parts are called Phrase 1 and Phrase 2.
        found.add(words[0][0] + words[1])
    if words and (role := ROLES.get(words[0])):
        same = [w for w, r in ROLES.items() if r == role]
        found |= {" ".join([w, *words[1:]]) for w in same} if len(words) < 3 else set(same)
        if len(words) == 2 and words[1].isdigit():
            found |= set(same)
    return found


def named_at(text: str, at: int, names: dict[str, str]) -> tuple[str, int] | None:
    """The longest name that stands at a place of the text, and where it ends."""
    here = text[at:].lower()
    fits = [n for n in names if here.startswith(n) and not re.match(r"\w", here[len(n) :])]
    if not fits:
        return None
    longest = max(fits, key=len)
    return names[longest], at + len(longest)


def letters_in(word: str, names: dict[str, str]) -> list[str] | None:
    """``AABB``: each letter the name of a part."""
    if len(word) < 2 or not word.isalpha() or not all(c.lower() in names for c in word):
        return None
    return [quoted(names[c.lower()]) for c in word]


def quoted(name: str) -> str:
    """A name as it stands in a written sequence."""
    return name if _PLAIN.fullmatch(name) and not name.isdigit() else f'"{name}"'
