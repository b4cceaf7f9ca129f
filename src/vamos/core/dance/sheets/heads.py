"""How the head of a section looks in a sheet: ``S1:``, ``[1-8]``, ``Section 1``, ``Part A (32 counts)``."""

from __future__ import annotations

import re
from collections.abc import Mapping

from vamos.core.dance.remarks import NUMBERS, facts_in
from vamos.core.dance.sheets.cells import LONGEST_SECTION
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

_HEAD_WORD = (
    r"section|sec\.?|set|part|verse|(?:pre|post)[\s-]?(?:chorus|refrain)|chorus|interlude|intro(?:duction)?|bridge|tag|ending|outro|block|phrase|teil|abschnitt|"
    r"strophe|refrain|brücke|schluss|pattern|eight|sección|seccion|sezione|seção|sectie|partie|parte|deel"
)
#: Heads that need a number: without one they are words like others.
NUMBERED_ONLY = (
    "set",
    "part",
    "section",
    "block",
    "phrase",
    "eight",
    "pattern",
    "teil",
    "sección",
    "seccion",
    "sezione",
    "parte",
    "partie",
)
SECTION = re.compile(
    rf"^(?P<word>{_HEAD_WORD})(?:\s+(?P<number>\d{{1,2}}|[A-H]|one|two|three|four|five|six|seven|eight|i{{1,3}}|iv|vi?))?\b"
    r"(?P<rest>.*)$",
    re.IGNORECASE,
)
SHORT = re.compile(r"^(?P<word>S|SEC|Set|Sec)\.?\s?(?P<number>\d{1,2})\s*(?P<rest>[:.)\-–(\[].*|)$", re.IGNORECASE)
LETTERED = re.compile(r"^(?P<word>[A-H])\s?(?P<number>\d?)\s*(?P<rest>[:.)(\[].*|)$")
RANGE = re.compile(r"^[(\[]?\s*(?P<first>\d{1,3})\s*(?:-|to)\s*(?P<last>\d{1,3})\s*[)\]]\s*[:.\-]?\s*(?P<rest>.*)$")
#: “1-8 Vine right, vine left”, and below it its counts.
BARE_RANGE = re.compile(r"^(?P<first>\d{1,3})\s*-\s*(?P<last>\d{1,3})\s*[:.)]?\s+(?P<rest>\D.*)$")
_BRACKETED = re.compile(r"^[\[(]\s*(?P<counts>\d{1,3}(?:\s*[-&+]\s*\d{0,3})*)\s*[\])]\s*:?\s*(?=[^\s\d])")
#: “Basic: 1 side L, 2 close R …”: a name, and its counts behind it.
LABELLED = re.compile(r"^(?P<name>[^\W\d][^:|\d]{1,40}):\s+(?P<rest>\d{1,2}(?:\s*[-&+]\s*\d|[.:]?\s+\S).*)$")
#: “Wait 32.” above the first section.
WAIT = re.compile(
    r"^(?:wait|warten?|espera\w*|attendre|attends)\s+(\d{1,3})\s*(?:counts?|beats?|cts?|zähler|tiempos|temps)?\W*$",
    re.IGNORECASE,
)
#: “8 #2”, “2nd eight”, “1. Achter”, “Bars 1-2 – box”.
_EIGHT = r"8-?\s?counts?|8-?\s?cts?|8|eights?|achter|huits?|ochos?|otto|oito"
EIGHT = re.compile(
    rf"^(?P<word>{_EIGHT})\s*(?:#|no\.?|nr\.?)\s*(?P<number>\d{{1,2}})\s*(?P<rest>[:.)\-(\[=].*|)$", re.IGNORECASE
)
#: “8ct 2 – travel”, “Eight 3”.
EIGHT_BARE = re.compile(
    r"^(?P<word>8-?\s?count|8-?\s?cts?|eight|achter)\s+(?P<number>\d{1,2})\s*(?P<rest>[:.)\-–(\[=].*|)$", re.IGNORECASE
)
ORDINAL = re.compile(
    rf"^(?P<number>\d{{1,2}})(?:st|nd|rd|th|\.?[ªº°]|er|era|re|ère|e|ème|\.)\s+"
    rf"(?P<word>{_EIGHT}|section|set|phrase|teil|abschnitt|secci[oó]n|parte|partie|sezione)\s*"
    r"(?P<rest>[:.)\-(\[=].*|)$",
    re.IGNORECASE,
)
BARS = re.compile(
    r"^(?P<word>bars?|measures?|takte?)\s+(?P<number>\d{1,2}(?:-\d{1,2})?)\s*(?P<rest>[:.)\-(\[=].*|)$", re.IGNORECASE
)
#: “L1: …”, “A1 walk R L …”, the first line.
LINE = re.compile(r"^(?P<word>[A-Z])(?P<number>\d{1,2})\s*(?P<rest>:.*|(?<=\d)\s(?:[^\W\d_]{2,}|1-\d{1,2}:)(?:\s.*)?)$")
#: “2  SIDE ROCK, BEHIND SIDE CROSS x2”, with its counts below.
CAPITALS = re.compile(
    r"^(?P<number>\d{1,2})\s+(?P<rest>(?=(?:[^A-Z]*[A-Z]){4})[A-ZÄÖÜÁÉÍÓÚÑ][^a-zäöüßáéíóúñ]*(?:x\s?\d)?)$"
)
#: “First 8: …”, “Second bit: …”, “Next eight: …”, “Last 8 counts – …”.
SAID = re.compile(
    rf"^(?P<number>first|second|third|fourth|fifth|sixth|seventh|eighth|next|last|final|erste|zweite|dritte|vierte|letzte)r?\s+"
    rf"(?P<word>{_EIGHT}|bit|thing|section|set|pattern|phrase|teil|abschnitt)\s*"
    r"(?:counts?\s*)?(?P<rest>[:.)\-–(\[=].*|)$",
    re.IGNORECASE,
)
#: Every form of a head with a number, the likeliest first.
NUMBERED = (SECTION, SHORT, LETTERED, EIGHT, EIGHT_BARE, ORDINAL, SAID, BARS, LINE)
#: “= 8 #1 mirrored”, “same as section 2 on the other side”, “wie Teil 1”.
SAME = re.compile(
    r"^(?:=|same\s+as|as(?:\s+in)?|like|repeat(?:\s+of)?|wie(?:\s+in)?|wiederhol\w*(?:\s+von)?|"
    r"rep[ei]t[ei]\w*|r[eé]p[eé]t\w+|rp?t\.?|como)\s*"
    rf"(?:(?:section|sec\.?|s|set|part|phrase|verse|block|bars?|teil|abschnitt|secci[oó]n|parte|partie|{_EIGHT})\s*"
    r"(?:#|no\.?|nr\.?)?\s*|(?=[A-H]\b))"
    r"(?P<number>\d{1,2}(?:-\d{1,2})?|one|two|three|four|five|six|seven|eight|[A-H]\d?)\b(?P<rest>.*)$",
    re.IGNORECASE,
)
#: “First part (x2):”, “4 hip bumps R R L L”
OFTEN = re.compile(
    r"[(\[]\s*(?:[x×]\s*[2-9]|[2-9]\s*[x×]|twice|two\s+times|zweimal|dos\s+veces)\s*[)\]]", re.IGNORECASE
)
OFTEN_FIRST = re.compile(r"[2-9]\s*[^\W\d_]{2,}")
COUNT_IN = re.compile(r"^(?:a\s+)?5\W+6\W+7\W+8\b\W*(?:ready|go|and|here\s+we\s+go|und\s+los|los)?\W*$", re.IGNORECASE)
_EIGHTS_SAID = re.compile(r"[(\[]\s*(\d{1,2})\s*[x×]\s*([3468])\s*(?:counts?)?\s*[)\]]", re.IGNORECASE)
COUNTS = re.compile(
    r"[(\[,:-]?\s*(\d+)\s*(?:counts?|cts?|zähler|temps|tiempos|tempi)\b\s*[)\]]?|[(\[]\s*(\d+)\s*[)\]]", re.IGNORECASE
)
INSIDE = re.compile(r"[(\[]\s*(?:counts?\s*)?(\d{1,3})\s*(?:-|to)\s*(\d{1,3})\s*(?:counts?)?\s*[)\]]")


_FILLER = re.compile(
    r"^(?:(?:ok(?:ay)?|so|well|then|and|now|next|alright|right|dann|jetzt|und|also|luego|ahora|puis|ensuite)"
    r"\b[\s,:]*)+",
    re.IGNORECASE,
)
_SPELLED = re.compile(
    r"\b(one|two|three|four|five|six|seven|eight|twelve|sixteen|acht|vier|sechs)(?=\s+(?:counts?|zähler|beats?)\b)",
    re.IGNORECASE,
)


def unbracketed(plain: str, below: int = 1000) -> str:
    """“[1-2] side R, together L”: counts without their brackets, where they are fewer than ``below`` ones."""
    match = _BRACKETED.match(plain)
    numbers = [int(n) for n in re.findall(r"\d+", match["counts"])] if match else []
    if match is None or numbers[-1] - numbers[0] + 1 > below:
        return plain
    return f"{match['counts']} {plain[match.end() :]}"


#: “[S1] side, together”, “(Part B)”, “#2 sides”, “8-count C: …”.
_IN_BRACKETS = re.compile(
    r"^[\[(]\s*(?P<head>(?:S|Sec|Section|Set|Part|Phrase|Teil|Abschnitt|Parte|Secci[oó]n)\.?\s?(?:\d{1,2}|[A-H])|[A-H])\s*[\])]"
    r"\s*[:.\-]?\s*(?P<rest>.*)$",
    re.IGNORECASE,
)
_HASH = re.compile(r"^#(?P<number>\d{1,2})\b\s*[:.)\-]?\s*(?P<rest>.*)$")
_EIGHT_IN_BRACKETS = re.compile(r"^8\s*[(\[]\s*(?P<number>\d{1,2})\s*[)\]]\s*(?P<rest>[:.\-].*|)$")
_EIGHT_LETTER = re.compile(r"^8-?\s?(?:counts?|cts?)\s+(?P<letter>[A-H])\s*(?P<rest>[:.)\-].*|)$", re.IGNORECASE)


def spelled_head(plain: str, clean: str) -> str:
    """Heads in brackets, with a hash, or of a lettered eight, as heads are usually written; other lines as they are."""
    if found := _HASH.match(clean):
        return f"Section {found['number']}: {found['rest']}".rstrip(": ")
    if found := _IN_BRACKETS.match(plain):
        return f"{found['head']}: {found['rest']}".rstrip(": ")
    if found := _EIGHT_IN_BRACKETS.match(plain):
        return f"8 #{found['number']}{found['rest'] or ':'}"
    if found := _EIGHT_LETTER.match(plain):
        return f"{found['letter'].upper()}{found['rest'] or ':'}"
    return plain


def eights_said(plain: str) -> str:
    """“(2x8)” in a head: so many counts."""
    return _EIGHTS_SAID.sub(lambda m: f"({int(m.group(1)) * int(m.group(2))} counts)", plain)


def without_filler(plain: str) -> str:
    """“ok so section 1: …”: the head itself, where a numbered head stands behind such words; else the text."""
    filler = _FILLER.match(plain)
    rest = plain[filler.end() :] if filler else ""
    found = next(filter(None, (form.match(rest) for form in NUMBERED)), None) if rest else None
    return rest if found is not None and found["number"] else plain


def in_digits(rest: str) -> str:
    """“, eight counts: …” behind a head’s number: with digits."""
    head, colon, moves = rest.partition(":")
    return _SPELLED.sub(lambda m: str(NUMBERS[m.group(1).lower()]), head) + colon + moves


def number_said(number: str, following: int) -> str:
    """The number of a head: “First 8” is 1, “Next 8” the one that follows; else as it is written."""
    word = _GERMAN.get(number.lower(), number.lower())
    return str(following) if word in ("next", "last", "final") else str(NUMBERS[word]) if word in NUMBERS else number


_GERMAN = {"erste": "first", "zweite": "second", "dritte": "third", "vierte": "fourth", "letzte": "last"}


def named(plain: str) -> tuple[str, int | None]:
    """A head's name and the counts it says."""
    match = re.search(r"\s*[(:,\-]\s*(\d+)\s*(?:counts?|cts?|zähler)?\s*(?:,\s*\w+)?\s*\)?\s*$", plain)
    if match is None:
        return plain, None
    name = plain[: match.start()].strip(" :,-(")
    return (name or plain), length_said(match.group(1))


def named_figure(plain: str) -> tuple[str, int | None]:
    """“Sugar push (6 counts)”: the name of a dance that is one step long, and its counts; else the text as it is."""
    name, counts = named(plain)
    return (name, counts) if counts is not None and counts <= 12 and plain.rstrip().endswith(")") else (plain, None)


def name_before(row: str, facts: Mapping[str, str]) -> str:
    """“Lantern Walk – 32 counts – 4 walls”: what stands before the facts of a first line is the name."""
    bare = re.sub(r"[*_#]", "", row)
    # Wide room, a dash or a bar parts it from the facts.
    first, parted, _ = re.sub(r"\s+[–—\-|/•]\s+|\s*\((?=\d)|(?<=\S)\s{2,}(?=\d)|\t+(?=\d)", "\n", bare).partition("\n")
    first = first.strip()
    named = parted and len(first) <= 60 and re.search(r"[^\W\d]{2,}", first) and not facts_in(first)
    return first if named and not any(first in v for v in facts.values()) else ""


def length_said(digits: str) -> int:
    """Counts that a head says.

    Raises InputError when no section can be as long.
    """
    if len(digits) > 4 or not 1 <= int(digits) <= LONGEST_SECTION:
        raise InputError(
            tr("“{said}” is not a number of counts; it is 1 to {most}.", said=digits[:12], most=LONGEST_SECTION)
        )
    return int(digits)
