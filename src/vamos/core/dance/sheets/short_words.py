"""Short words that a sheet explains: “KBC = kick ball change, CS = coaster step”."""

from __future__ import annotations

import re
from collections.abc import Mapping

from vamos.core.dance.typed.clean import cleaned
from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.dance.typed.tokens import tokens_of

_HEAD = re.compile(
    r"^(?:abbreviations?|abbr\.?|key|legend|glossary|terms|abkürzungen|legende|abreviaturas|abréviations)\s*[:.-]\s*",
    re.IGNORECASE,
)
_ENTRY = re.compile(r"^(?P<short>[^\W\d_][\w/-]{0,9})\s*(?:=|means\b|heißt\b|steht\s+für\b)\s*(?P<means>[^\d=]{2,60})$")


def short_words_in(line: str) -> dict[str, str]:
    """What a line explains; nothing when it explains none, or in words that are none of a dance."""
    body = _HEAD.sub("", line.strip())
    found: dict[str, str] = {}
    for piece in re.split(r"\s*[,;|•]\s*", body.strip(" .")):
        entry = _ENTRY.match(piece)
        if entry is None or not _known(entry["means"]):
            return {}
        found[entry["short"]] = entry["means"].strip()
    return found


def _known(words: str) -> bool:
    """Whether every word is one the reader knows, and one of them at least says more than a link."""
    lexicon = lexicon_for({})
    tokens = [t for t in tokens_of(cleaned(words).text, lexicon.known) if t.kind == "word"]
    at, says = 0, False
    while at < len(tokens):
        atoms = lexicon.at(tokens, at)
        if not atoms:
            return False
        says = says or any(a.role not in ("link", "and") for a in atoms)
        at += atoms[0].size
    return says


def spelled_out(text: str, short: Mapping[str, str]) -> str:
    """A line of moves with its short words as what they mean; capitals tell “CS” from “cs”."""
    for word in sorted(short, key=len, reverse=True):
        text = re.sub(rf"(?<![\w]){re.escape(word)}(?![\w])", short[word], text)
    return text
