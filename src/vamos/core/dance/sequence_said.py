"""Sequences as people say them, put into the form that :mod:`vamos.core.dance.sequence` reads.

``4 walls, restart on wall 3 after 16 counts``, ``tag at the end of walls 2 and 4``, ``A(16) B``, ``AABBCC``,
``A-A-B-B``, ``(A A B) x2``, ``2A 2B C``, ``32 32 tag 16 32``, ``wall wall pause 4 wall``.
"""

from __future__ import annotations

import re
from itertools import groupby

from vamos.core.dance.remarks import restart_in, tag_in
from vamos.core.model.dance import Dance, ItemKind, kind_by_name

_GROUP = re.compile(r"\(([^()]+)\)\s*(?:[x×*]\s*(\d{1,2})|(twice|zweimal)|(\d{1,2})\s*times)", re.IGNORECASE)
_CUT = re.compile(r"\s*[(\[]\s*(?:first\s+)?(\d{1,3})\s*(?:counts?|cts?|c)?\s*(?:only)?\s*[)\]]", re.IGNORECASE)
_PAUSE = re.compile(r"\b(?:pause|wait|break|stop|hold)\s+(?:for\s+)?(\d{1,3})(?:\s*counts?)?", re.IGNORECASE)
#: “64 - 32 R - 64 to end”: that a wall is cut is seen from its counts.
_MARKED = re.compile(r"(?<![/\w])(\d{1,3})\s*[(\[]?\s*(?:R|restart)\b[)\]]?(?=\s*(?:$|[-,;+>→|]))", re.IGNORECASE)
_TO_THE_END = re.compile(
    r"\b(?:(?:and\s+)?so\s+on|(?:to|till|until|bis)\s+(?:the\s+|zum\s+)?(?:end|ende))\b.*$", re.IGNORECASE
)
_WALLS = re.compile(r"^\s*(\d{1,2})\s*(?:walls?|wände|mal|times|x)\b", re.IGNORECASE)


def as_written(text: str, dance: Dance) -> str | None:
    """The sequence in the form Vamos writes; None where it is not understood either."""
    plain = " ".join(text.replace("–", "-").replace("—", "-").replace("\n", " ").split()).strip(" .;")
    plain = _TO_THE_END.sub("", _MARKED.sub(r"\1", plain)).strip(" ,.;-")
    if not plain:
        return None
    sentence = _sentence(plain, dance)
    if sentence is not None:
        return sentence
    for _ in range(8):
        group = _GROUP.search(plain)
        if group is None:
            break
        times = int(group.group(2) or group.group(4) or 2)
        if not 1 <= times <= 50:
            return None
        plain = plain[: group.start()] + " ".join([group.group(1)] * times) + plain[group.end() :]
    plain = _PAUSE.sub(lambda m: f"hold:{m.group(1)}", plain)
    plain = _CUT.sub(lambda m: f"/{m.group(1)}", plain)
    words = re.split(
        r"\s*(?:,|;|->|→|\+|\||\s-\s|\bthen\b|\band\b|\bund\b|\bdann\b)\s*|\s+", plain, flags=re.IGNORECASE
    )
    out: list[str] = []
    for word in filter(None, words):
        found = _word(word, dance)
        if found is None:
            return None
        out += found
    return " ".join(out)


def _names(dance: Dance) -> dict[str, str]:
    """What parts and sections are called, in small letters → as they are written; ``part A`` is also ``a``."""
    names = [*(p.name for p in dance.parts), *(s.name for s in dance.sections)]
    found = {n.lower(): n for n in reversed(names)}
    for name in names:
        short = re.fullmatch(r"(?:part|section|teil|abschnitt)\s+(\w{1,2})", name, re.IGNORECASE)
        if short:
            found.setdefault(short.group(1).lower(), name)
        initial = re.match(r"([^\W\d])[^\W\d]*\s+(\d{1,2})\b", name)
        if initial:
            # “P1 P2 P1” where the parts are called Phrase 1 and Phrase 2.
            found.setdefault("".join(initial.groups()).lower(), name)
    return found


def _quoted(name: str) -> str:
    return name if re.fullmatch(r'[^\s\[\]"“*/@:+,]+', name) and not name.isdigit() else f'"{name}"'


def _word(word: str, dance: Dance) -> list[str] | None:
    """One word of a sequence: a name, cut or several times; letters in a row; counts of a wall."""
    names = _names(dance)
    if word.lower().startswith("hold:") or word in ("[", "]"):
        return [word]
    bare, slash, cut = word.partition("/")
    cut = f"/{cut}" if slash else ""
    lower = bare.lower()
    if lower in names:
        return [_quoted(names[lower]) + cut]
    if lower in ("wall", "walls", "wand"):
        return ["wall" + cut]
    times = re.fullmatch(r"(\d{1,2})[x×*]?([^\W\d]\w*)", bare) or re.fullmatch(
        r"(?P<b>[^\W\d]\w*)[x×*](?P<a>\d{1,2})", bare
    )
    if times is not None:
        number, name = (times.group(1), times.group(2)) if "a" not in times.groupdict() else (times["a"], times["b"])
        if not 1 <= int(number) <= 50:
            return None
        if name.lower() in names or name.lower() == "wall":
            return [_quoted(names.get(name.lower(), "wall")) + cut] * int(number)
    late = re.fullmatch(r"([^\W\d])(\d{1,3})", bare)
    if late is not None and late.group(1).lower() in names and not cut and int(late.group(2)) > 3:
        return [f"{_quoted(names[late.group(1).lower()])}/{late.group(2)}"]
    letters = bare.replace("-", "")
    if letters.isalpha() and len(letters) > 1 and all(c.lower() in names for c in letters) and not cut:
        return [_quoted(names[c.lower()]) for c in letters]
    if bare.isdigit() and not cut:
        return _counts(int(bare), dance)
    if lower.startswith(("tag", "bridge", "ending", "brücke")):
        kind = ItemKind.ENDING if lower.startswith("ending") else ItemKind.TAG
        fits = [s.name for s in dance.sections if kind_by_name(s.name) is kind]
        return [_quoted(fits[0]) + cut] if len(fits) == 1 else None
    return None


def _counts(number: int, dance: Dance) -> list[str] | None:
    """``32 32 16 4``: counts of a wall, of a wall that is cut, of a tag."""
    wall = sum(s.length for s in dance.wall_sections())
    if number == wall:
        return ["wall"]
    tags = [s.name for s in dance.sections if kind_by_name(s.name) is ItemKind.TAG and s.length == number]
    if len(tags) == 1:
        return [_quoted(tags[0])]
    return [f"wall/{number}"] if 0 < number < wall and not tags and number >= 8 else None


def _sentence(plain: str, dance: Dance) -> str | None:
    """Walls with restarts and tags told in words."""
    cut, tag = restart_in(plain), None
    pieces = [p.strip() for p in re.split(r"[,;]|\.\s|\bwith\b|\bmit\b", plain) if p.strip()]
    walls = next((int(m.group(1)) for p in pieces if (m := _WALLS.match(p))), 0)
    cuts: dict[int, int] = {}
    tags: dict[int, str] = {}
    rest = []
    for piece in pieces:
        found_cut, found_tag = restart_in(piece), tag_in(piece)
        if found_cut is not None and found_cut.walls:
            after = found_cut.after if found_cut.after is not None else (cut.after if cut is not None else None)
            if after is None:
                return None
            cuts |= dict.fromkeys(found_cut.walls, after)
        elif found_tag is not None:
            tag = _tag_name(piece, found_tag.counts, dance)
            if tag is None:
                return None
            tags |= dict.fromkeys(found_tag.walls, tag)
        elif not _WALLS.fullmatch(piece) and not re.fullmatch(
            r"\s*after\s+\d+\s*(?:counts?)?\s*", piece, re.IGNORECASE
        ):
            rest.append(piece)
    if not cuts and not tags:
        return None
    if any(p.strip() for p in rest):
        return None
    last = max([walls, *cuts, *tags])
    entries = []
    for wall in range(1, min(last, 99) + 1):
        entries.append(f"wall/{cuts[wall]}" if wall in cuts else "wall")
        entries += [tags[wall]] if wall in tags else []
    return " ".join(f"{n}*{e}" if n > 1 else e for e, group in groupby(entries) if (n := len(list(group))))


def _tag_name(piece: str, counts: int | None, dance: Dance) -> str | None:
    tags = [s for s in dance.sections if kind_by_name(s.name) is ItemKind.TAG]
    named = [s for s in tags if s.name.lower() in piece.lower() and s.name.lower() != "tag"]
    fits = named or [s for s in tags if counts in (None, s.length)]
    if fits:
        return _quoted(fits[0].name)
    return f"hold:{counts}" if counts and not tags else None
