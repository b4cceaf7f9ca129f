"""Walls with their restarts and tags told in a sentence: ``4 walls, restart on wall 3 after 16, tag after wall 2``."""

from __future__ import annotations

import re
from itertools import groupby

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.remarks import restart_in, tag_in
from vamos.core.dance.sequence_names import quoted
from vamos.core.dance.sequence_words import FILLER, WALLS_NAMED, WHOLE
from vamos.core.model.dance import Dance, ItemKind, kind_by_name
from vamos.wording import words_of

tr = words_of(__name__)

_WALLS = re.compile(
    r"^\s*(?:(?P<counts>\d{1,3})[\s-]*counts?\s*[x×]?\s*)?(?:(?P<walls>\d{1,2})\s*(?:walls?|wände|mal|times|x)\b|$)",
    re.IGNORECASE,
)
#: “dance walls 1 and 2”: said only to tell the next one.
_WHOLE_WALLS = re.compile(rf"\s*(?:{FILLER}\s+)*{WALLS_NAMED.pattern}[\s:]*{WHOLE}?\s*", re.IGNORECASE)
_COUNTS_ALONE = re.compile(r"\s*after\s+\d+\s*(?:counts?)?\s*", re.IGNORECASE)
_LISTED = re.compile(r"(?<=\d)\s*,\s*(?=\d{1,2}\s*(?:,|;|and\b|und\b|&|$))")


def walls_told(said: str, dance: Dance) -> str | None:
    """The sequence of walls in the form Vamos writes; None where no restart and no tag is told with its walls."""
    plain = _LISTED.sub(" & ", " ".join(said.replace("\n", " ").split()).strip(" .;"))
    cut = restart_in(plain)
    pieces = [p.strip() for p in re.split(r"[,;]|\.\s|\bwith\b|\bmit\b", plain) if p.strip()]
    cuts: dict[int, int] = {}
    tags: dict[int, str] = {}
    walls, rest = 0, False
    whole: list[int] = []
    for piece in pieces:
        found_cut, found_tag, told = restart_in(piece), tag_in(piece), _WALLS.match(piece)
        walls = walls or (int(told["walls"]) if told and told["walls"] else 0)
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
        elif _WHOLE_WALLS.fullmatch(piece):
            whole += [int(n) for n in re.findall(r"\d+", piece)]
        elif not (told and told.end() == len(piece)) and not _COUNTS_ALONE.fullmatch(piece):
            rest = True
    if rest or (not cuts and not tags):
        return None
    own = sum(s.length for s in dance.wall_sections())
    if pieces and (first := _WALLS.match(pieces[0])) and first["counts"] and int(first["counts"]) != own:
        raise NotationError(said, said.find(first["counts"]), tr("{number} counts, as many as a wall has", number=own))
    entries = []
    for wall in range(1, min(max([walls, *whole, *cuts, *tags]), 99) + 1):
        entries.append(f"wall/{cuts[wall]}" if wall in cuts else "wall")
        entries += [tags[wall]] if wall in tags else []
    return " ".join(f"{n}*{e}" if n > 1 else e for e, group in groupby(entries) if (n := len(list(group))))


def _tag_name(piece: str, counts: int | None, dance: Dance) -> str | None:
    tags = [s for s in dance.sections if kind_by_name(s.name) is ItemKind.TAG]
    named = [s for s in tags if s.name.lower() in piece.lower() and s.name.lower() != "tag"]
    fits = named or [s for s in tags if counts in (None, s.length)]
    if fits:
        return quoted(fits[0].name)
    return f"hold:{counts}" if counts and not tags else None
