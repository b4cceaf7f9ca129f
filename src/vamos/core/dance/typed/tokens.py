"""A clean text in tokens: numbers, fractions, clocks, degrees, times, words, signs."""

from __future__ import annotations

import itertools
import re
from collections.abc import Callable
from fractions import Fraction

from msgspec import Struct
from msgspec.structs import replace as changed

#: Sizes of turns in eighths.
FRACTIONS = {"½": 4, "¼": 2, "¾": 6, "⅛": 1, "⅜": 3, "⅝": 5, "⅞": 7}
_DEGREES = {45, 90, 135, 180, 225, 270, 315, 360, 450, 540, 720}
_TOKEN = re.compile(
    r"""
 (?P<nth>\d+-?(?:count|counts|zähler)\b(?=\s*[A-Za-z]))
|(?P<clock>\d{1,2}:\d\d(?:\s*(?:o'?clock|uhr))?|\d{1,2}\s*(?:o'?\s?clock|uhr\b))
|(?P<deg>\d{2,3}\s*(?:°|degrees?\b|deg\b|grad\b|graden\b|grados\b|degrés?\b|gradi\b|graus\b|度))
|(?P<times>[x×]\s*\d{1,2}\b|\b\d{1,2}[x×](?!\w)(?!\s*\d)
  |(?<![-–&,\d]\s)(?<![-–&,\d])\b\d{1,2}\s+[x×](?!\w)(?!\s*\d)(?!\s*(?:[lr]|left|right|[lr]f|links|rechts|over)\b))
|(?P<frac>(?:\d\s+)?\d/[248](?!\d)|\d\s*[½¼¾⅛⅜⅝⅞]|[½¼¾⅛⅜⅝⅞])
|(?P<word_>\d{1,2}(?:st|nd|rd|th)\b)
|(?P<num>\d+)
|(?P<amp>[&+](?!\d+/))
|(?P<word>[^\W\d_]+(?:'[^\W\d_]+)*)
|(?P<dash>-+)
|(?P<nl>\n)
|(?P<sep>[,;/:|•*_>~]|->)
|(?P<open>[(\[{])
|(?P<close>[)\]}])
|(?P<dot>\.)
|(?P<q>\?)
|(?P<other>\S)
""",
    re.VERBOSE | re.IGNORECASE,
)
_TURNING = re.compile(r"(?:turn|spin|pivot|unwind|roll|dreh\w*|giro|tour|draai|obr[oó]t)\s*$", re.IGNORECASE)
_TURNS = re.compile(r"\s*(?:turn|spin|pivot|unwind|dreh|giro|tour|draai|obr)", re.IGNORECASE)
_WIDE = re.compile(r"[\u3040-\u30ff\u3400-\u9fff\uac00-\ud7af]")


class Token(Struct, frozen=True):
    """One piece of a text: what it is, how it is written, where, what it is worth, whether a space stands before it.

    ``kind``: word, num, frac and deg and clock (in eighths), times, amp, dash, sep, nl, open, close, dot, q, other.
    """

    kind: str
    text: str
    start: int
    end: int
    value: int = 0
    spaced: bool = True

    @property
    def lower(self) -> str:
        return self.text.lower()


def tokens_of(text: str, known: Callable[[str], bool]) -> list[Token]:
    """The tokens of a clean text. ``known`` tells words of scripts without spaces, which are cut by them."""
    out: list[Token] = []
    # “w/ touch”: with; every sign keeps its place.
    text = re.sub(r"\bw/(?!\w?o\b)", "w ", text, flags=re.IGNORECASE)
    for match in _TOKEN.finditer(text):
        kind, found, start = str(match.lastgroup).rstrip("_"), match.group(), match.start()
        token = Token(kind, found, start, match.end(), 0, start == 0 or text[start - 1].isspace())
        if kind == "frac":
            out += _fraction(text, token, out)
        elif kind == "num":
            out += _number(token, text[match.end() :])
        elif kind == "deg":
            degrees = int(re.match(r"\d+", found).group())  # type: ignore[union-attr]
            out.append(changed(token, value=degrees // 45) if degrees % 45 == 0 else changed(token, kind="other"))
        elif kind == "times":
            number = int(re.search(r"\d+", found).group())  # type: ignore[union-attr]
            # “x1” says nothing.
            out += [changed(token, value=number)] if number != 1 else []
        elif kind == "clock":
            out.append(_clock(token))
        elif kind == "word" and _WIDE.search(found):
            out += _cut(token, known)
        else:
            out.append(changed(token, kind="word") if kind == "nth" else token)
    return out


def _fraction(text: str, token: Token, before: list[Token]) -> list[Token]:
    """``1/2``, ``½``; ``1½`` and, beside a word of turning, ``1 1/2`` are one and a half, else a count and a half."""
    found = token.text
    split = re.match(r"(\d)(\s*)(?=\d/|[½¼¾⅛⅜⅝⅞])", found)
    last = found[split.end() :] if split and not re.fullmatch(r"\d/[248]", found) else found
    size = FRACTIONS.get(last, 0)
    if not size:
        over, under = map(int, last.split("/"))
        if not over:
            return [changed(token, kind="other")]
        size = over * 8 // under
    if last == found or split is None:
        return [changed(token, value=size)]
    whole, glued = int(split.group(1)), not split.group(2)
    ahead = _TURNS.match(text, token.end) is not None and not before
    if (glued and 0 < whole < 4) or _TURNING.search(text[: token.start]) or (ahead and 0 < whole < 3):
        return [changed(token, value=size + 8 * whole)]
    at = token.start + split.end()
    number = Token("num", split.group(1), token.start, token.start + 1, whole, token.spaced)
    return [number, Token("frac", last, at, token.end, size, True)]


def _number(token: Token, behind: str) -> list[Token]:
    """A number; degrees without their sign; ``123`` and ``5678`` are that many counts, so is ``12`` before a 3."""
    value, digits = int(token.text[:6]), token.text
    if value in _DEGREES and len(digits) > 1:
        return [changed(token, kind="deg", value=value // 45)]
    on = all(int(b) == int(a) + 1 for a, b in itertools.pairwise(digits))
    ahead = re.search(r"\d+", behind)
    goes_on = ahead is not None and int(ahead.group()[0]) == int(digits[-1]) + 1 and int(ahead.group()[:6]) != value + 1
    if len(digits) > 1 and on and (len(digits) > 2 or value > 32 or (digits == "12" and goes_on)):
        return [
            Token("num", d, token.start + k, token.start + k + 1, int(d), token.spaced or k > 0)
            for k, d in enumerate(digits)
        ]
    return [changed(token, value=value)]


def _clock(token: Token) -> Token:
    hours, *minutes = map(int, re.findall(r"\d+", token.text))
    eighths = (Fraction(hours % 12) + Fraction(minutes[0] if minutes else 0, 60)) / Fraction(3, 2)
    if eighths.denominator != 1 or hours > 24:
        return changed(token, kind="other")
    return changed(token, value=int(eighths) % 8)


def _cut(token: Token, known: Callable[[str], bool]) -> list[Token]:
    """A row of signs without spaces, by the longest words that are known."""
    out, at = [], 0
    while at < len(token.text):
        longest = next((n for n in range(len(token.text) - at, 0, -1) if known(token.text[at : at + n].lower())), 0)
        size = longest or next(
            (n for n in range(1, len(token.text) - at) if known(token.text[at + n : at + n + 1].lower())),
            len(token.text) - at,
        )
        start = token.start + at
        out.append(Token("word", token.text[at : at + size], start, start + size, 0, token.spaced or at > 0))
        at += size
    return out
