"""What a step sheet says beside its moves: facts on top, restarts and tags with their walls, facings, last words.

The forms are those that step sheets have (common practice, no source).
"""

from __future__ import annotations

import re
from dataclasses import dataclass

from vamos.core.dance.facing import heading_of
from vamos.core.dance.typed.count_runs import NUMBERS as _COUNTED
from vamos.errors import InputError

#: Facts with their usual names; each ends at the next one on the same line.
_KEYS = {
    "counts": r"counts?|cts|zähler|beats|temps|tiempos|tempi|tempos",
    "walls": r"walls?|wände|wand|murs?|paredes|pareti|muren",
    "level": r"levels?|difficulty|stufe|schwierigkeit(?:sgrad)?|niveau|nivel|livello|nível",
    "by": r"choreograph(?:er|ers|ed\s+by|y(?:\s+by)?)|choreo(?:\s+by)?|by|choreograf(?:in|ie)?(?:\s+von)?",
    "music": r"music|song|track|musik|lied|musique|chanson|música|musica|canción|canzone|muziek",
    "start": r"intro|starts?(?:\s+on)?|lead[- ]?in|begin(?:s|ning)?|count[- ]?in|dance\s+(?:starts|begins)|"
    r"einsatz|beginn",
    "name": r"dance|title|name|tanz|titel|danse|titre|baile|título|ballo|titolo|dans",
    "restarts": r"restarts?",
    "tags": r"tags?(?:/bridges?)?|bridges?",
    "sequence": r"sequence|seq\.?|phrasing|phrased|(?:song\s+|dance\s+)?order|abfolge|reihenfolge|ablauf|phrasiert|"
    r"aufbau|structure|struktur|estructura|struttura",
    "rights": r"rights|copyright|rechte",
    "link": r"video|demo|link|tutorial",
    "weight": r"(?:start(?:ing)?\s+)?weight|startgewicht",
    "facing": r"start(?:ing)?\s+(?:facing|wall)|facing",
}
_KEY = re.compile(
    r"(?:^|(?<=[\s,;|/•]))(?:" + "|".join(f"(?P<{name}>{form})" for name, form in _KEYS.items()) + r")\s*[:=]\s*",
    re.IGNORECASE,
)
_INLINE = {
    "counts": re.compile(
        r"\b(\d{1,3})[\s-]*(?:counts?|cts?|zählern?|zählzeiten|(?:takt)?schläge|temps|tiempos|tempi|tempos)\b",
        re.IGNORECASE,
    ),
    "walls": re.compile(r"\b(\d)[\s-]*(?:walls?|wände|wand|w|murs?|paredes|pareti|muren)\b", re.IGNORECASE),
    "level": re.compile(
        r"\b(?:absolute\s+|high\s+|easy\s+|low\s+|phrased\s+)?(?:beginner|improver|intermediate|advanced|novice|newcomer|"
        r"anfänger|fortgeschrittene|débutante?|intermédiaire|novice|principiante|intermedio|avanzado|beginnend)(?:\s*/\s*\w+)?(?:\s+plus)?\b",
        re.IGNORECASE,
    ),
}
#: “Counts 48, Walls 2”: two of them are facts, one alone could be a count that is danced.
_WORD_FIRST = re.compile(
    r"\b(counts?|walls?|zähler|wände|tiempos|paredes|temps|murs)\s+(\d{1,3})(?=\s*(?:[,;|/•]|$|counts?\b|walls?\b|level\b))",
    re.I,
)
#: What stands before the facts in one line.
_DESCRIBED = re.compile(r"^\W*(?:description|type|(?:tanz)?beschreibung|art)\s*:\s*", re.IGNORECASE)
_ON_THE_VOICE = re.compile(
    r"^\W*(?:(?:the|der)\s+(?:dance|tanz)\s+)?(?:starts?|begins?|beginnt?|start|einsatz)\s+(?:on|with|at|after|auf|mit|beim|nach)\s+"
    r"((?:\d{1,3}\s+\w+\s+)?(?:mit\s+|on\s+|with\s+)?(?:the\s+|dem\s+|den\s+)?(?:vocals?|lyrics|singing|words|gesang|(?:main|heavy|first)\s+beat|instrumental)\b.{0,40})$",
    re.IGNORECASE,
)
#: “We start on the left foot”: the other one bears the weight then.
_FIRST_FOOT = re.compile(
    r"^\W*(?:we\s+|you\s+|wir\s+|the\s+dance\s+|starting\s+foot\W+|lead\s+foot\W+|startfuß\W+)?"
    r"(?:(?:starts?|begins?|beginnen|beginnt|starten)\s+(?:on|with|mit)\s+(?:the\s+|your\s+|dem\s+)?)?"
    r"(?<=\s)(left|right|links?|rechts|linken|rechten)(?:\s+(?:foot|fuß))?\s*(?:$|[,.;!])",
    re.IGNORECASE,
)
_FILLER = ("line", "dance", "and", "und", "a", "the", "level", "partner", "circle")
#: Numbers as words, as they stand in remarks and heads.
NUMBERS = _COUNTED | {
    "nine": 9, "ten": 10, "twelve": 12, "sixteen": 16,
    "first": 1, "second": 2, "third": 3, "fourth": 4, "fifth": 5, "sixth": 6, "seventh": 7, "eighth": 8, "ninth": 9,
    "tenth": 10,
}  # fmt: skip
_NUMBER = r"(?:\d{1,2}(?:st|nd|rd|th)?|" + "|".join(NUMBERS) + r")"
_WALLS = re.compile(
    rf"\b(?:on|of|after|during|in|at|end\s+of|auf|nach|an|in)?\s*(?:the\s+)?(?:walls?|wand|wände|runden?|rotations?|repetitions?|murs?|pared|paredes|parete|pareti|w(?=\s?\d))\s*"
    rf"(?:no\.?\s*|#\s*)?(?P<list>{_NUMBER}(?:\s*(?:,|&|\+|and|und|y|et|e|/)\s*(?:(?:on\s+|of\s+)?walls?\s*)?{_NUMBER}(?!\s*(?:counts?|cts?|beats?|zähler|zählzeiten|tiempos?|temps|tempi|tempos?)\b))*)"
    rf"|\b(?P<ordinal>\d{{1,2}}(?:st|nd|rd|th)|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth)"
    rf"(?:\s*(?:&|and|,)\s*(?P<ordinal2>\d{{1,2}}(?:st|nd|rd|th)|second|third|fourth|fifth|sixth|seventh|eighth))?\s+"
    rf"(?:walls?|rotations?|time|repetition)|(?P<german>\d{{1,2}}\.(?:\s*(?:,|und|&|\+|u\.)\s*\d{{1,2}}\.)*)\s*(?:wand|wände|runden?|durchg[aä]nge?)\b",
    re.IGNORECASE,
)
_AFTER = re.compile(
    r"\b(?:after|at|on|to|through|up\s+to|nach|bis|après|tras|después\s+de|dopo)\s+(?:the\s+)?(?:first\s+)?(?:counts?\s+|zähler\s+)?(\d{1,3})(?:th|st|nd|rd)?"
    r"(?:\s*(?:counts?|cts|zählern?))?(?!\s*(?:walls?|wand|o'?clock|:\d))|\b(\d{1,3})\s*(?:counts?|cts|zählern?|temps|tiempos|tempi)\b"
    r"|\b(?:only|do|dance|tanzt?)\s+(?:\w+\s+)?(?:the\s+|die\s+)?(?:first|ersten)\s+(\d{1,3})\b",
    re.IGNORECASE,
)
_AFTER_SECTION = re.compile(
    r"\b(?:after|following|end\s+of|nach|ende\s+von)\s+(?:the\s+)?(?:section|sec\.?|s|set|part|phrase|teil|abschnitt|8|eight|[a-z](?=\d))"
    r"\s*#?\s*(\d{1,2})\b",
    re.IGNORECASE,
)
_NTH_SECTION = re.compile(
    r"\b(\d{1,2})(?:st|nd|rd|th|\.)\s+(?:section|sec|set|part|phrase|eight|8|teil|abschnitt|sección|parte)\b",
    re.IGNORECASE,
)
#: “after 8ct #2”: the second eight, not 8 counts.
_EIGHT_NUMBERED = re.compile(r"\b8[-\s]?(?:counts?|cts?|er)?\s*(?:#|no\.|nr\.?)\s*(\d{1,2})\b", re.IGNORECASE)
_AFTER_NAMED = re.compile(
    r"\b(?:after|following|end\s+of|nach|ende\s+von|tras|después\s+de|después\s+del)\s+"
    r"(?:(?:the|der|dem|den|la|el|section|part|teil|abschnitt)\s+)*([^\W\d_][^.,;:!()\[\]*]{0,40})",
    re.IGNORECASE,
)
_RESTART = re.compile(
    r"\b(?:restarts?|restarten|neustart|reinicio|reprise|neu\s+(?:start|anfang|beginn)\w*|"
    r"start(?:ing|s)?\s+(?:over|again\s+from\s+the\s+(?:top|beginning)))\b",
    re.IGNORECASE,
)
_TAG = re.compile(r"\b(?:tags?|bridges?|brücke|puente|pont)\b", re.IGNORECASE)
_LAST_WORDS = re.compile(
    r"^\W*(?:begin(?:\s+the\s+dance)?\s+again|no\s+(?:tags?|restarts?|bridges?)|keine\s+(?:tags?|restarts?|neustarts?|brücken)|"
    r"(?:wiederholung|wiederholen)\s+bis\s+(?:zum\s+)?(?:ende|schluss)|repeat\s+(?:until|till|to)\s+the\s+end|"
    r"(?:wiederholung\W+)?(?:der\s+)?tanz\s+beginnt\s+von\s+vorne?|start\s+(?:again|over)|repeat(?:\s+the\s+dance)?(?:\s+from\s+the\s+(?:top|beginning))?|"
    r"enjoy|smile|have\s+fun|happy\s+dancing|from\s+the\s+top|von\s+vorn(?:e)?|viel\s+spa[sß]+|end\s+of\s+(?:the\s+)?dance)\b\D{0,40}$",
    re.IGNORECASE,
)
_FACING = re.compile(
    r"[(\[]\s*(?:facing\s+|face\s+|now\s+facing\s+)?(\d{1,2}(?::\d\d)?\s*(?:o'?clock)?)\s*(?:wall)?\s*[)\]]\s*[*]*\s*$",
    re.IGNORECASE,
)


#: A clock that ends a line says where one faces, unless one turns to it.
_FACES = re.compile(r"(?<!\d)(?<!:)\b(\d{1,2}:\d\d)\s*$")
_TURNS_TO = re.compile(
    r"(?:\bto|\bface|\bfacing|\btowards?|\bat|\bnach|\bzu|\bauf|\bbis|\ba\s+las|\bhacia|\bà|\bturn|\bpivot|\bunwind|[(\[])\s*$",
    re.IGNORECASE,
)
_QUOTED = re.compile(r"[\"“”„«‘]\s*([^\W\d][^\"“”„«»‘’]{1,60}?)\s*[\"“”»’]")
_NONE = re.compile(r"^\W*(?:no|keine?)\s", re.IGNORECASE)


@dataclass(frozen=True, slots=True)
class Cut:
    """A restart: on which walls, after how many counts (None: where it stands)."""

    walls: tuple[int, ...]
    after: int | None
    #: After which section, by its number.
    section: int | None = None
    #: After what else, in words: “after B”, “after the second part”.
    named: str = ""
    #: The line of the sheet that says it, from 0.
    line: int = -1
    #: Where the sheet faces then, in eighths; None where it does not say so.
    facing: int | None = None


@dataclass(frozen=True, slots=True)
class Added:
    """A tag: at the end of which walls, of how many counts when that is said; or ``within`` them."""

    walls: tuple[int, ...]
    counts: int | None
    within: bool = False
    line: int = -1
    facing: int | None = None


def facts_in(line: str) -> dict[str, str]:
    """Facts of a line, ``Counts: 32 Walls: 4`` or ``32 count, 4 wall, beginner``; none when it says no fact."""
    if len(_WORD_FIRST.findall(line)) > 1:
        line = _WORD_FIRST.sub(r"\1: \2", line)
    described = _DESCRIBED.match(line)
    if described is not None:
        line = line[described.end() :]
    keys = list(_KEY.finditer(line))
    if keys and not line[: keys[0].start()].strip(" -*•|"):
        ends = [k.start() for k in keys[1:]] + [len(line)]
        found = {}
        for key, end in zip(keys, ends, strict=True):
            name = next(n for n, v in key.groupdict().items() if v)
            value, dot, rest = re.sub(r"\s[•·|]\s", "\n", line[key.end() : end]).partition("\n")
            found[name] = value.strip(" ,;|/-•\t")
            if dot:
                # “Level: beginner · 2 wall · 16 counts”
                more = {n: m for n, form in _INLINE.items() if n not in found and (m := form.search(rest))}
                found |= {n: (m.group(1) if m.groups() else m.group()) for n, m in more.items()}
        return found
    said = {name: m for name, form in _INLINE.items() if (m := form.search(line))}
    left = line
    for match in said.values():
        left = left.replace(match.group(), " ")
    # “(no tags, 2 restarts)” is told where they stand.
    words = re.findall(r"[^\W\d_]+", re.sub(r"\([^()]*\)", " ", left))
    plain = [w for w in words if w.lower() not in _FILLER]
    starts = re.match(
        r"^\W*(?:starts?|begins?|beginn|einsatz|intro)\s+(?:on|after|at|nach|auf|mit)?\s*(\d{1,3}\s*(?:counts?|zählern?)?.{0,40})$",
        line,
        re.IGNORECASE,
    )
    if starts:
        return {"start": starts.group(1).strip(" .*_")}
    if voice := _ON_THE_VOICE.match(line):
        return {"start": voice.group(1).strip(" .*_")}
    quoted = _QUOTED.search(line)
    if quoted is not None and "counts" in said:
        # “here's tonight's dance ‘Copper Kettle’, 32 counts, 4 walls”
        values = {n: (m.group(1) if m.groups() else m.group()) for n, m in said.items()}
        return {"name": quoted.group(1).strip(), **values}
    if {"counts", "walls"} <= said.keys() and (described is not None or len(plain) <= 4):
        return {n: (m.group(1) if m.groups() else m.group()) for n, m in said.items()}
    if foot := _FIRST_FOOT.search(line):
        first = foot.group(1).lower()
        intro = re.search(r"\b(\d{1,3}\s*(?:counts?|zähler))\s+intro", line, re.IGNORECASE)
        other = "right" if first.startswith("l") else "left"
        return {"weight": other} | ({"start": intro.group(1)} if intro else {})
    by = re.match(r"^\W*(?:choreographed\s+by|choreo(?:graphy)?\s+by|by|choreografie\s+von)\s+(\S.{1,80})$", line, re.I)
    return {"by": by.group(1).strip(" *_")} if by else {}


def restart_in(line: str) -> Cut | None:
    """A restart that is spoken of, with its walls; None when none is."""
    found = _RESTART.search(line)
    if found is None or _NONE.match(line) or _LAST_WORDS.match(line):
        return None
    walls = _walls(line)
    nth = _NTH_SECTION.search(line) or _EIGHT_NUMBERED.search(line)
    section = _AFTER_SECTION.search(line) or nth
    after = None if nth else _after(line)
    named = _AFTER_NAMED.search(_WALLS.sub(" ", line)) if section is None and after is None else None
    at = int(section.group(1)) if section else None
    return Cut(walls, after, at, named.group(1).strip() if named else "", facing=_faced(line))


#: Where one restart ends and the next begins: “wall 2 after 32, and wall 6 after part 3”.
_NEXT_WALL = re.compile(
    r"\s*(?:[,;&]|\b(?:and|und|y|et|e)\b)+\s*(?=(?:(?:also|on|in|at|during|auf|au|en|la|the|der)\s+)*"
    r"(?:walls?|wand|w[aä]nde|murs?|pared(?:es)?|muro|parede|\d{1,2}(?:st|nd|rd|th|\.)\s+(?:wall|wand))\b)",
    re.IGNORECASE,
)
#: Where another restart or tag is spoken of, or another wall.
_NEXT_SAID = re.compile(
    rf"{_NEXT_WALL.pattern}|\s*(?:[,;.&]|\b(?:and|und|y|et|e)\b)+\s*"
    r"(?=(?:(?:then|dann|also|plus|an?|the|eine?n?|der|die|un|une|\d{1,2}|\d{1,2}[\s-]*(?:counts?|cts)|there\s+is|es\s+gibt|do)\s+)*"
    r"(?:restarts?|restarten|neustart|reinicio|reprise|tags?|bridges?|brücke|puente|pont)\b)",
    re.IGNORECASE,
)


def of_two_kinds(line: str) -> list[str]:
    """“Restart on wall 3 after 8, tag at the end of wall 5”: each in a piece of its own; the line for all others."""
    pieces = _NEXT_SAID.split(line)
    there = [p for p in pieces if not _NONE.match(p)]
    if 0 < len(there) < len(pieces):
        # “No tags. Restart on wall 5”: what there is not need not be said.
        return of_two_kinds(", ".join(there))
    restarts = [bool(_RESTART.search(p)) for p in pieces]
    tags = [bool(_TAG.search(p)) and not r for p, r in zip(pieces, restarts, strict=True)]
    if not (any(restarts) and any(tags) and all(_walls(p) for p in pieces)):
        return [line]
    out: list[str] = []
    for piece, restart, tag in zip(pieces, restarts, tags, strict=True):
        if restart or tag or not out:
            out.append(piece)
        else:
            out[-1] += f", {piece}"
    return out


def restarts_in(line: str) -> list[Cut]:
    """As :func:`restart_in`, each one of several that have their own walls and places."""
    parts = [restart_in(f"restart {part}") for part in _NEXT_WALL.split(line)]
    own = [cut for cut in parts if cut is not None and cut.walls and (cut.after or cut.section or cut.named)]
    whole = restart_in(line)
    if whole is None or len(parts) < 2 or len(own) < len(parts):
        return [whole] if whole is not None else []
    return own


def cut_with_tag(line: str) -> tuple[Added, str] | None:
    """“After 8 counts of wall 3, a 4 count tag: sway R, L, then restart”: a tag on the walls that are cut, and what is
    said of it; None where the line has no such tag.
    """
    tag = _TAG.search(line)
    if tag is None or not (walls := _walls(line)) or _NO_TAG.search(line):
        return None
    before = re.search(r"\b(\d{1,2})[\s-]*(?:counts?|cts|zähler|tiempos|temps)\W*$", line[: tag.start()], re.IGNORECASE)
    behind = _RESTART.split(line[tag.end() :])[0]
    inside = re.match(
        r"\W*(?:of\s+|mit\s+|with\s+)?(\d{1,2})[\s-]*(?:counts?|cts|zähler|tiempos|temps)\b", behind, re.IGNORECASE
    )
    counts = before or inside
    said = behind[inside.end() :] if inside else behind
    said = re.sub(r"(?:\W|\b(?:and|then|und|dann|y|et|puis|luego)\b)*$", "", said).strip(" :,;()-–")
    return Added(walls, int(counts.group(1)) if counts else None), said


_NO_TAG = re.compile(
    r"\b(?:no|not?\s+a|without|keine?|ohne|sin|sans)\s+(?:tags?|bridges?|brücke)\b|\w/\s*(?:tag|bridge)|(?:tags?|bridges?)\s*/",
    re.I,
)


def said_behind(line: str) -> str:
    """“Tag at the end of wall 4 (facing 12:00): sway R, L”: what stands behind the last colon that is no clock’s."""
    parts = re.split(r":(?!\d)", line)
    said = parts[-1].strip() if len(parts) > 1 else ""
    # “TAG: end of wall 2 do 4 hip sways”: where it comes stands behind the colon, too.
    where = list(_WALLS.finditer(said))
    return said[where[-1].end() :].strip(" ,;-–") if where else said


#: “Tag on wall 5 after 16 counts”: it comes inside the wall.
_WITHIN = re.compile(
    r"\b(?:after|nach|après|tras|después\s+de|dopo)\s+(?:count\s+)?(\d{1,2})\b(?!\s*(?:walls?|st\b|nd\b|rd\b|th\b|\.))"
    r"(?:\s*(?:counts?|cts|zählern?|temps|tiempos|tempi)\b)?",
    re.IGNORECASE,
)


def tag_in(line: str) -> Added | None:
    """A tag at the end of walls; None when none is spoken of."""
    if _TAG.search(line) is None or not (walls := _walls(line)):
        return None
    without = _WITHIN.sub(" ", line)
    counts = re.search(r"\b(\d{1,2})[\s-]*(?:counts?|cts|zähler|temps|tiempos|tempi)\b", without, re.IGNORECASE)
    return Added(walls, int(counts.group(1)) if counts else None, within=without != line, facing=_faced(line))


#: “(facing 6:00)”, but not “wall 5 starts facing 12:00”.
_FACED = re.compile(
    r"(?<!starts )(?<!starting )(?<!begins )(?<!start )"
    r"\b(?:facing|faces|blick(?:richtung)?|mirando\s+a\s+las|face\s+à)\s+"
    r"(?:the\s+)?(\d{1,2}(?::\d\d)?)\s*(?:o'?clock|uhr)?(?!\d)|[(\[]\s*(\d{1,2}:\d\d)\s*[)\]]",
    re.IGNORECASE,
)


def _faced(line: str) -> int | None:
    """Where one faces then, in eighths, where a line says just one such place."""
    found = {a or b for a, b in _FACED.findall(line)}
    said = found.pop() if len(found) == 1 else ""
    try:
        return heading_of(said if ":" in said else f"{said}:00") if said else None
    except InputError:
        return None


def _walls(line: str) -> tuple[int, ...]:
    out: list[int] = []
    for match in _WALLS.finditer(line):
        text = match.group("list") or " ".join(
            filter(None, (match.group(g) for g in ("ordinal", "ordinal2", "german")))
        )
        for word in re.findall(_NUMBER, text, re.IGNORECASE):
            digits = re.match(r"\d+", word)
            out.append(int(digits.group()) if digits else NUMBERS[word.lower()])
    return tuple(sorted({w for w in out if 0 < w < 100}))


def _after(line: str) -> int | None:
    without = _WALLS.sub(" ", line)
    match = _AFTER.search(without)
    if match is None:
        return None
    return int(next(filter(None, match.groups())))


def is_last_words(line: str) -> bool:
    """Whether a line only says that the dance begins again, or wishes fun."""
    return _LAST_WORDS.match(line.strip(" *_!.~-")) is not None


def facing_at_end(line: str) -> tuple[str, int | None]:
    """A line without the facing in brackets at its end, and that facing in eighths; None when none stands there."""
    match = _FACING.search(line)
    if match is None:
        match = _FACES.search(line)
        if match is None or _TURNS_TO.search(line[: match.start()]) or not line[: match.start()].strip():
            return line, None
    said = match.group(1).lower().replace("o'clock", "").replace("oclock", "").strip()
    try:
        heading = heading_of(said if ":" in said else f"{said}:00")
    except InputError:
        # “(8)”: no way one can face.
        return line, None
    return (line[: match.start()].rstrip(), heading) if heading is not None else (line, None)
