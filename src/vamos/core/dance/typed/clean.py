"""Signs that look alike are made one, and each keeps its place in the text it came from."""

from __future__ import annotations

import html
import re
import unicodedata
from dataclasses import dataclass

_ALIKE = {
    "\u00a0": " ", "\u202f": " ", "\u2009": " ", "\u2007": " ", "\u3000": " ", "\t": " ", "\r": "\n", "\x0b": "\n",
    "\u2028": "\n", "\u2029": "\n", "\u0085": "\n", "\u2011": "-", "\u2010": "-", "\u2013": "-", "\u2014": "-",
    "\u2212": "-", "\u2015": "-", "\u2044": "/", "\u2215": "/", "\u2019": "'", "\u2018": "'", "\u00b4": "'",
    "`": "'", "\ufeff": "", "\u200b": "", "\u200c": "", "\u200d": "", "\u00ad": "", "\u3001": ",", "\uff0c": ",",
    "\u00d7": "x", "\u00b7": "•", "\u2022": "•", "\u25cf": "•", "\u25aa": "•", "\u2192": ",",
}  # fmt: skip
_ENTITY = re.compile(r"&(?:#\d{1,6}|#x[0-9a-fA-F]{1,6}|[a-zA-Z]{2,8}\d?);")
_END = re.compile(r"(?<=\S)[.!]+\s*$")


@dataclass(frozen=True, slots=True)
class Clean:
    """A text with one sign for what looks alike; ``places[k]`` is where its sign k stood before."""

    text: str
    places: tuple[int, ...]

    def at(self, index: int) -> int:
        """The place in the text as it was typed."""
        return self.places[min(max(0, index), len(self.places) - 1)]


def cleaned(text: str) -> Clean:
    """The text to be read; nothing in it is dropped but signs nobody sees."""
    out: list[str] = []
    places: list[int] = []

    def put(signs: str, at: int) -> None:
        out.append(signs)
        places.extend([at] * len(signs))

    at = 0
    while at < len(text):
        entity = _ENTITY.match(text, at) if text[at] == "&" else None
        if entity is not None and html.unescape(entity.group()) != entity.group():
            put(_one(html.unescape(entity.group())), at)
            at = entity.end()
            continue
        put(_one(text[at]), at)
        at += 1
    plain = "".join(out)
    end = _END.search(plain)
    if end is not None and not re.search(r"(?:^|\n)\s*\d+\.\s*$|(?:^|\s)\.\s*$", plain):
        plain, places = plain[: end.start()], places[: end.start()]
    return Clean(plain, (*places, len(text)))


def _one(sign: str) -> str:
    found = "".join(_ALIKE.get(c, c) for c in sign)
    if any("\uff01" <= c <= "\uff5e" for c in found):
        return unicodedata.normalize("NFKC", found)
    return found
