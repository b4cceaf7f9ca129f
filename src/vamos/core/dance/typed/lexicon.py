"""The words of dances by their roles, from one file a language; what a word means is data.

Roles: ``foot`` (R, L, both, either), ``way`` of a turn, ``side`` (the leading foot of a figure), ``target`` (a wall, in
eighths from the front), ``size`` in eighths, ``turn``, ``hold``, ``times``, ``repeat`` and ``mirror``, ``where``,
``passed`` (the foot behind it does not move), ``light`` (a step that bears nothing), ``each`` (so on every count),
``link`` and ``and``, ``hand`` (no weight), ``act`` (step, other, touch, hop, pivot, free), ``figure``. A word may have
several.
"""

from __future__ import annotations

import tomllib
from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import lru_cache
from importlib.resources import files
from typing import Any

from vamos.core.dance.steps import library, other_names
from vamos.core.dance.typed.tokens import Token
from vamos.core.model.dance import StepPattern

LANGUAGES = ("en", "de", "fr", "es", "it", "pt", "nl", "pl", "ja", "ko", "zh")
#: Endings that leave a word what it is.
_ENDINGS = ("s", "es", "ing", "t", "en", "e", "n", "ed")
_LETTERS = "abcdefghijklmnopqrstuvwxyzäöüßéèñ"


@dataclass(frozen=True, slots=True)
class Atom:
    """One role of the words that begin at a token: how many tokens they are, and which words."""

    role: str
    value: Any
    size: int
    words: str


@dataclass
class Lexicon:
    """All words, and the figures of a teacher's own before the common ones."""

    roles: dict[str, list[tuple[str, Any]]] = field(default_factory=dict)
    alternate: set[str] = field(default_factory=set)
    walks: set[str] = field(default_factory=set)
    #: One move that lasts over all its counts.
    lasting: set[str] = field(default_factory=set)
    #: Words of one move in a row: “cross back side”.
    rows: set[str] = field(default_factory=set)
    alone: set[str] = field(default_factory=set)
    people: dict[str, str] = field(default_factory=dict)
    lanes: set[str] = field(default_factory=set)
    #: Words before a colon that name what follows, and nobody who dances it.
    titles: set[str] = field(default_factory=set)
    limbs: set[str] = field(default_factory=set)
    sheet: dict[str, set[str]] = field(default_factory=dict)
    #: The words of every phrase but the last, as far as they go.
    begun: set[str] = field(default_factory=set)
    _near: dict[str, str | None] = field(default_factory=dict)

    def put(self, words: str, role: str, value: Any) -> None:
        key = plain(words)
        if (role, value) not in self.roles.setdefault(key, []):
            self.roles[key].append((role, value))
            self.begun |= beginnings(key)

    def known(self, words: str) -> bool:
        return words in self.roles

    def base(self, word: str) -> str:
        """The word itself, or without an ending that changes nothing."""
        if word in self.roles:
            return word
        for ending in _ENDINGS:
            if word.endswith(ending) and len(word) - len(ending) > 2:
                short = word[: -len(ending)]
                if short in self.roles:
                    return short
                # “tapping”, “stepped”: the last letter is doubled.
                if len(short) > 3 and short[-1] == short[-2] and short[:-1] in self.roles:
                    return short[:-1]
        return word

    def at(self, tokens: list[Token], index: int) -> list[Atom]:
        """Every reading of the words at a token, the longest first."""
        out: list[Atom] = []
        before = ""
        for k in range(index, len(tokens)):
            token = tokens[k]
            if token.kind == "dash" and before and not token.spaced:
                continue
            if token.kind != "word":
                break
            word = token.lower
            hits = self.roles.get(before + word) or self.roles.get(before + self.base(word)) or ()
            out += [Atom(role, value, k + 1 - index, before + word) for role, value in hits]
            if before + word not in self.begun:
                break
            before += word + " "
        return sorted(out, key=lambda atom: -atom.size)

    def is_title(self, word: str) -> bool:
        """Whether a word, or one a slip of the finger away, names what follows and nobody who dances it."""
        return word in self.titles or (len(word) > 4 and not self.titles.isdisjoint(slips(word)))

    def near(self, word: str) -> str | None:
        """The one known word a slip of the finger away; None when there is none, or more than one."""
        if word not in self._near:
            found = {b for x in slips(word) if len(x) > 2 and (b := self.base(x)) in self.roles and len(b) > 2}
            self._near[word] = next(iter(found)) if len(found) == 1 else None
        return self._near[word]

    def parts_of(self, word: str) -> tuple[str, str] | None:
        """“rockstep”, “walkwalk”: two words written as one, where together they are a known step, or the same twice."""
        if len(word) < 6 or self.base(word) in self.roles:
            return None
        for k in range(3, len(word) - 2):
            one, other = word[:k], word[k:]
            if one in self.roles and (f"{one} {other}" in self.roles or one == other):
                return one, other
        return None

    def foot_of(self, word: str) -> str:
        """R or L for a word that is a foot."""
        return next((str(v) for role, v in self.roles.get(word, ()) if role == "foot" and v in ("R", "L")), "")

    def role_of(self, word: str) -> set[str]:
        return {role for role, _ in self.roles.get(self.base(word.lower()), ())}


def slips(word: str) -> set[str]:
    """A word with one letter too many, too few, another one, or two letters the other way round."""
    cut = [(word[:k], word[k:]) for k in range(1, len(word) + 1)]
    out = {a + b[1:] for a, b in cut if b}
    out |= {word[:k] + word[k + 1] + word[k] + word[k + 2 :] for k in range(len(word) - 1)}
    out |= {a + x + b[1:] for a, b in cut if b for x in _LETTERS}
    out |= {a + x + b for a, b in cut for x in _LETTERS}
    return out - {word}


def beginnings(key: str) -> set[str]:
    words = key.split(" ")
    return {" ".join(words[:n]) for n in range(1, len(words))}


def plain(words: str) -> str:
    return " ".join(words.lower().replace("-", " ").split())


def lexicon_for(own: Mapping[str, StepPattern]) -> Lexicon:
    """The words, with a dance's own steps before the common ones."""
    if not own:
        return _common()
    found = _common()
    mine = Lexicon(
        dict(found.roles),
        found.alternate,
        found.walks,
        found.lasting,
        found.rows,
        found.alone,
        found.people,
        found.lanes,
        found.titles,
        found.limbs,
    )
    mine.sheet, mine.begun = found.sheet, set(found.begun)
    for name, step in own.items():
        key = plain(name)
        others = [r for r in found.roles.get(key, ()) if r[0] != "figure"]
        mine.roles[key] = [("figure", step), *others]
        mine.begun |= beginnings(key)
    return mine


@lru_cache(maxsize=1)
def _common() -> Lexicon:
    found = Lexicon()
    for language in LANGUAGES:
        path = files("vamos.core.dance.typed") / "lexicon" / f"{language}.toml"
        _language(found, tomllib.loads(path.read_text(encoding="utf-8")))
    for name, step in library().items():
        if len(step.events) < 2:
            # One move: its verb says it.
            continue
        for words in (name, *other_names(name)):
            found.put(words, "figure", step)
    return found


def _language(found: Lexicon, raw: Mapping[str, Any]) -> None:
    for role in ("foot", "way", "side", "lead"):
        for value, several in raw.get(role, {}).items():
            for words in several:
                found.put(words, role, value)
    for role in ("target", "size", "times"):
        for value, several in raw.get(role, {}).items():
            for words in several:
                found.put(words, role, int(value))
    turn = raw.get("turn", {})
    for words in turn.get("words", ()):
        found.put(words, "turn", 0)
    for name, size in (("half", 4), ("full", 8)):
        for words in turn.get(name, ()):
            found.put(words, "turn", size)
    for size, several in turn.get("one", {}).items():
        for words in several:
            found.put(words, "turn", int(size))
    for role in ("hold", "passed", "hand", "light", "each"):
        for words in raw.get(role, {}).get("words", ()):
            found.put(words, role, "")
    for words in raw.get("where", {}).get("words", ()):
        found.put(words, "where", "")
    found.rows.update(plain(w) for w in raw.get("where", {}).get("moves", ()))
    for words in raw.get("link", {}).get("words", ()):
        found.put(words, "link", "")
    for words in raw.get("link", {}).get("and", ()):
        found.put(words, "and", "")
    for name in ("words", "mirror"):
        for words in raw.get("repeat", {}).get(name, ()):
            found.put(words, "repeat" if name == "words" else "mirror", "")
    found.alone.update(plain(w) for w in raw.get("repeat", {}).get("alone", ()))
    acts = raw.get("act", {})
    for kind in ("step", "other", "touch", "hop", "landed", "pivot", "free"):
        for words in acts.get(kind, ()):
            found.put(words, "act", kind)
    found.alternate.update(acts.get("alternate", ()))
    found.walks.update(acts.get("walks", ()))
    found.lasting.update(acts.get("lasting", ()))
    found.people.update({w: w for w in raw.get("roles", {}).get("words", ())})
    found.lanes.update(raw.get("roles", {}).get("lanes", ()))
    found.limbs.update(raw.get("hand", {}).get("limbs", ()))
    found.titles.update(raw.get("roles", {}).get("titles", ()))
    for name, several in raw.get("sheet", {}).items():
        found.sheet.setdefault(name, set()).update(several)
