"""“(25-48) Repeat 1-24”, “Repeat bars 1-4 starting left”: several sections that are danced again; bars that go on."""

from __future__ import annotations

import re
from collections.abc import Sequence

from vamos.core.dance.sheets.made import FIRST_NUMBER, Like, WrittenSection
from vamos.core.dance.typed.clean import cleaned
from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.dance.typed.repeats import repeat_in
from vamos.core.dance.typed.tokens import tokens_of

_AGAIN = re.compile(
    r"^(?P<head>[(\[]?\s*(?P<from>\d{1,3})\s*-\s*(?P<to>\d{1,3})\s*(?:[)\]]\s*:?|:))?\s*"
    r"(?P<verb>repeat|wiederhol\w*|rep[ei]t\w*|r[eé]p[eé]t\w*|ripet\w*)\s+(?:the\s+|die\s+)?"
    r"(?P<noun>counts?|bars?|measures?|sections?|parts?|sets?|zähler|takte?|teile?|abschnitte?|tiempos|secciones|partes|parties?|compases)?\s*"
    r"(?P<first>\d{1,3})\s*(?:-|to|bis|a|und|and|y)\s*(?P<last>\d{1,3})\b(?P<rest>.*)$",
    re.IGNORECASE,
)
#: “[S5-S8] = S1-S4”, “S3-4: same as S1-2”.
_EQUALS = re.compile(
    r"^[\[(]?\s*S(?:ec(?:tion)?s?)?\.?\s?\d{1,2}\s*-\s*(?:S(?:ec(?:tion)?)?\.?\s?)?\d{1,2}\s*[\])]?\s*[=:]?\s*(?:=|same\s+as|repeat|like|as|wie)\s*"
    r"S(?:ec(?:tion)?s?)?\.?\s?(\d{1,2})\s*-\s*(?:S(?:ec(?:tion)?)?\.?\s?)?(\d{1,2})\b",
    re.IGNORECASE,
)
#: Their numbers are those of sections, not of counts.
_NUMBERED = (
    *("section", "sections", "part", "parts", "set", "sets"),
    *("teil", "teile", "abschnitt", "abschnitte", "secciones", "partes", "partie", "parties"),
)
_BARS = ("bar", "bars", "measure", "measures", "takt", "takte", "compases")


def again_of(plain: str, sections: Sequence[WrittenSection]) -> list[Like]:
    """The sections that are said to be danced again, whole ones in a row; none where they are not just those."""
    match = _AGAIN.match(_EQUALS.sub(r"repeat sections \1-\2 ", plain))
    if match is None or not sections:
        return []
    noun, first, last = (match["noun"] or "").lower(), int(match["first"]), int(match["last"])
    spans = _spans(sections)
    if noun in _BARS:
        spans = _bars(sections) or spans
    elif noun in _NUMBERED:
        spans = [(k + 1, k + 1) for k in range(len(sections))]
    elif not match["head"] and (first != 1 or last != spans[-1][1] or len(sections) < 2):
        # “repeat 1-4” within a section is read there.
        return []
    chosen = [k for k, (a, b) in enumerate(spans) if first <= a and b <= last]
    if not chosen or spans[chosen[0]][0] != first or spans[chosen[-1]][1] != last:
        return []
    if match["head"] and noun not in (*_BARS, *_NUMBERED) and int(match["to"]) - int(match["from"]) != last - first:
        return []
    tokens = tokens_of(cleaned(f"repeat {match['rest'].strip(' .!')}").text, lexicon_for({}).known)
    repeat = repeat_in(tokens, lexicon_for({}))
    return [Like(k, repeat.mirror, repeat.side) for k in chosen] if repeat is not None else []


_PART = re.compile(
    r"^(?:repeat|rp?t\.?|wiederhol\w*|rep[ei]t\w*|r[eé]p[eé]t\w*|ripet\w*|wie|like|same\s+as|=)\s+"
    r"(?:the\s+)?(?:section|sec\.?|s|set|part|teil|abschnitt|secci[oó]n|parte|partie)\s*#?\s*(?P<number>\d{1,2}|[A-H])\b[\s,:(]*"
    r"(?:counts?|cts?|zähler|tiempos|temps)?\s*(?P<first>\d{1,2})\s*-\s*(?P<last>\d{1,2})\s*\)?\s*$",
    re.IGNORECASE,
)


def part_of(plain: str, sections: Sequence[WrittenSection]) -> list[str]:
    """“repeat S1 1-4”: the lines of that section on just these counts; none where they do not end there."""
    match = _PART.match(plain)
    before = sections[:-1] if match is not None else []
    number = rf"(?<!\w){match['number']}(?!\w)|^S{match['number']}(?!\d)" if match is not None else ""
    other = next((s for s in before if re.search(number, s.name, re.IGNORECASE)), None)
    if match is None or other is None:
        return []
    first, last = int(match["first"]), int(match["last"])
    out: list[str] = []
    seen: list[int] = []
    for _, text in other.moves:
        numbers = [int(n) for n in FIRST_NUMBER.findall(text)]
        if numbers and first <= min(numbers) and max(numbers) <= last:
            out.append(text)
            seen += numbers
    return out if seen and min(seen) == first and max(seen) == last else []


def _spans(sections: Sequence[WrittenSection]) -> list[tuple[int, int]]:
    """The first and last count of each section, counted through from 1."""
    out: list[tuple[int, int]] = []
    done = 0
    for section in sections:
        numbers = [int(n) for _, text in section.moves for n in FIRST_NUMBER.findall(text)]
        length = section.length or (out[section.like.place][1] - out[section.like.place][0] + 1 if section.like else 0)
        length = length or max(numbers, default=8) - section.offset
        out.append((done + 1, done + length))
        done += length
    return out


def _bars(sections: Sequence[WrittenSection]) -> list[tuple[int, int]]:
    """The bars of each section, by the numbers in their names; none where one has none."""
    numbers = [re.findall(r"\d+", s.name.partition(":")[0]) for s in sections]
    return [(int(n[0]), int(n[-1])) for n in numbers] if all(numbers) else []


def bar_of(match: re.Match[str], before: WrittenSection) -> tuple[str, str] | None:
    """“Bar 2: side R 5, …” below a bar that ends on 4: the same section goes on. Its name now, and the moves; none
    where counts begin again.
    """
    said = match["rest"].strip(" :.-–")
    seen = [int(n) for _, text in before.moves for n in FIRST_NUMBER.findall(text)]
    number = FIRST_NUMBER.search(said)
    word, _, bars = before.name.partition(" ")
    if not seen or number is None or int(number.group(1)) != max(seen) + 1 or word.lower() != match["word"].lower():
        return None
    return f"{word} {bars.partition('-')[0]}-{match['number'].rpartition('-')[2]}", said
