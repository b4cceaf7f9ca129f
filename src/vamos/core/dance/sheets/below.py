"""What stands below a line of a sheet: moves, counts, another head; and whether a line has moves at all."""

from __future__ import annotations

import itertools
import re
from collections.abc import Callable
from math import ceil

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.remarks import facing_at_end, facts_in, restart_in, tag_in
from vamos.core.dance.section_text import danced_by_somebody, read_notation
from vamos.core.dance.sheets.heads import COUNTS, INSIDE, NUMBERED, RANGE, spelled_head
from vamos.core.dance.typed.clean import cleaned
from vamos.core.model.dance import Doubt
from vamos.core.time import Feel
from vamos.errors import InputError

_SPAN = re.compile(r"[\[(]?(?P<first>\d{1,3})(?:\s*(?:[-&+]|to)\s*(?P<last>\d{1,3}))?\b")
_STARTS_WITH_PART = re.compile(r"^&\s+[^\W\d]{2,}")
STARTS_WITH_COUNT = re.compile(r"^(?:counts?\s+|cts?\s+)?(?:&|a|e)?\s*\d{1,2}\s*(?:[&ae+\-:.,)\s]|to\s)", re.IGNORECASE)
#: Words without counts are no sure moves where one of these is open.
_NOT_MOVES = (Doubt.LINE, Doubt.LOST, Doubt.NAME, Doubt.COUNTS, Doubt.SIDE, Doubt.TURNS)
#: Bullets, quotes and hashes in front of a line.
MARKS = re.compile(r"^(?:[>\-*•~_#=\s]|\d{1,2}\)\s(?=[A-Za-z]))+")


class Below:
    """The rows of a sheet, looked at ahead of the line that is read.

    ``goes_on`` tells whether moves stand in the section that is open.
    """

    def __init__(self, rows: list[str], goes_on: Callable[[], bool]):
        self.rows, self.goes_on = rows, goes_on

    def moves_follow(self, index: int) -> bool:
        for row in self.rows[index + 1 : index + 4]:
            plain = MARKS.sub("", " ".join(cleaned(row).text.split())).strip(" *_")
            if plain:
                # “5. Wand: nach 8 Counts neu beginnen” begins with a number as well.
                said = restart_in(plain) or tag_in(plain) or lasting(plain)
                return not said and is_moves(plain, self.goes_on())
        return False

    def counts_below(self, index: int, first: int) -> bool:
        """Whether the next line begins with the count that a head's range begins with, or with 1."""
        for row in self.rows[index + 1 : index + 3]:
            plain = MARKS.sub("", " ".join(cleaned(row).text.split())).strip(" *_")
            if plain:
                number = re.match(r"(?:counts?\s+)?(\d{1,3})(?!\d*\s*[)\]])", plain, re.IGNORECASE)
                return number is not None and int(number.group(1)) in (1, first)
        return False

    def tiled(self, index: int, first: int, last: int) -> bool:
        """Whether the lines of this paragraph, from the next on, have just the counts of a range, one after the other:
        the range is the title of them then.
        """
        if last - first < 3 or (index and self.rows[index - 1].strip()):
            return False
        spans = []
        for row in self.rows[index + 1 :]:
            if not row.strip():
                break
            found = _SPAN.match(MARKS.sub("", cleaned(row).text.strip()))
            if found is None:
                return False
            spans.append((int(found["first"]), int(found["last"] or found["first"])))
        wanted = {(1, last - first + 1), (first, last)}
        follows = all(b[0] == a[1] + 1 for a, b in itertools.pairwise(spans))
        return len(spans) > 1 and follows and (spans[0][0], spans[-1][1]) in wanted

    def next_is_counts(self, index: int) -> bool:
        rows = (MARKS.sub("", cleaned(r).text.strip()).strip(" *_") for r in self.rows[index + 1 : index + 3])
        return any(STARTS_WITH_COUNT.match(r) for r in rows)

    def head_follows(self, index: int) -> bool:
        for row in self.rows[index + 1 : index + 3]:
            clean = cleaned(row).text.strip()
            plain = spelled_head(re.sub(r"\*\*", "", MARKS.sub("", clean)).strip(" *_"), clean)
            if plain:
                return any(form.match(plain) for form in (*NUMBERED, RANGE))
        return False


def is_moves(plain: str, goes_on: bool = False) -> bool:
    """Whether a line has moves on counts; ``goes_on``: moves stand above it."""
    if facts_in(plain):
        return False
    if danced_by_somebody(plain):
        return re.search(r":.*\d", plain) is not None
    if STARTS_WITH_COUNT.match(plain):
        return bool(re.search(r"[^\W\d_]{2,}|[RL]\b", plain)) or re.fullmatch(r"[\d\s&ae,\-]+", plain) is not None
    if goes_on and _STARTS_WITH_PART.match(plain):
        # “& step L beside R” in a line of its own goes on from the count above.
        return True
    # “sailor 1/4” ends with no count.
    behind = re.search(r"(?<![/x×])(?<!x )(?:\d|&)\s*[)\]]?(?:\s*(?:\(.*\)|x\s*\d))?\s*$", plain) is not None
    if not behind and not re.search(r"[^\W\d_]\s+\d{1,2}(?:[-&ae]\d*)*\s*(?:,|$)", plain):
        return False
    body, _ = facing_at_end(plain)
    try:
        events, _others = read_notation(body, Feel.STRAIGHT, {}, lay_out=False)
    except (NotationError, InputError):
        return behind and "," in plain
    return bool(events) and not any(e.doubt == "not understood" for e in events)


def danced_on(counts: str, words: str) -> bool:
    """Whether words without counts of their own are moves on the counts that stand above them."""
    try:
        events, _others = read_notation(f"{counts} {words}", Feel.STRAIGHT, {}, lay_out=False)
    except (NotationError, InputError):
        return False
    return bool(events) and not any(e.doubt in _NOT_MOVES for e in events)


def laid_out_on(rest: str) -> str:
    """Moves without counts, on as many as they usually have; nothing where that is not sure."""
    try:
        events, _others = read_notation(rest, Feel.STRAIGHT, {})
    except (NotationError, InputError):
        return ""
    # One move for several sides is no move a count. What is only asked about, such as the first foot, is read.
    alone = len(events) < 2 and not any(e.length > 1 for e in events)
    if alone or any(e.doubt in _NOT_MOVES for e in events):
        return ""
    long = f"{_FOR.sub('', _LONG.sub('', rest))} 1-{ceil(max(e.start + e.length for e in events))}"
    try:
        read_notation(long, Feel.STRAIGHT, {}, lay_out=False)
    except (NotationError, InputError):
        return ""
    return long


#: “Tag after wall 2: do 4 hip sways”.
_DO = re.compile(r"^(?:do|dance|add|insert|tanze|tanzt|mach|macht)\s+(?=\S)", re.IGNORECASE)
#: “8 counts: right heel …” says how long it is.
_LONG = re.compile(r"^\d{1,2}\s*(?:counts?|cts?|zähler|tiempos|temps|tempi|tempos)\s*[:,–-]\s*", re.IGNORECASE)


#: “freestyle for 16”
_FOR = re.compile(r"\s+(?:for|over|für|über|durante|pendant)\s+\d{1,2}$", re.IGNORECASE)


def lasting(plain: str) -> str:
    """“shimmy 4, clap 4”: moves whose numbers only say how long each of them is, with the counts that gives."""
    if len(re.findall(r"[^\W\d_]\s+\d{1,2}\s*(?:,|$)", plain)) < 2 or re.search(r"\d\s*[-&]", plain):
        return ""
    try:
        read_notation(plain, Feel.STRAIGHT, {}, lay_out=False)
    except (NotationError, InputError):
        return laid_out_on(plain)
    return ""


def often_said(rest: str) -> str:
    """“4 hip sways R L R L”, “2 x (step R, touch L)”, “8 counts freestyle”: a number that says how often or how long
    and is no count; with the counts that gives. Nothing for other lines.
    """
    if not re.match(r"\d+\s*[^\W\d]", rest) or len(re.findall(r"\d+(?!/)", re.sub(r"\d/\d", "", rest))) != 1:
        return ""
    long = re.match(
        r"(\d{1,2})\s*(?:counts?|cts?|zähler|tiempos|temps|tempi|tempos)\s+(?:of\s+|von\s+)?([^:,]+)$",
        rest,
        re.IGNORECASE,
    )
    if long is not None:
        return f"{long.group(2)} 1-{long.group(1)}"
    if not (laid := laid_out_on(rest)):
        return ""
    if re.match(r"\d+\s*[x×]\b", rest, re.IGNORECASE):
        return laid
    # A side for each of them says how often as well.
    sides = re.search(r"(?:\s[RL]\b)+$", rest)
    number = re.match(r"\d+", laid)
    each = sides is not None and number is not None and len(sides.group().split()) == int(number.group())
    return re.sub(r"^\d+\s*", "", laid) if each else re.sub(r"^(\d+)\s*", r"\1x ", laid)


def in_head(rest: str, length: int | None = None) -> str:
    """What is danced in the line of a head, on its own counts or, where it has none, on those of the head."""
    rest = _DO.sub("", rest.strip(" :.-–|,"))
    rest = _LONG.sub("", rest) if length is not None else rest
    if not rest or not re.search(r"[^\W\d]{2,}", INSIDE.sub(" ", COUNTS.sub(" ", rest))):
        return ""
    if often := often_said(rest) or lasting(rest):
        return often
    if is_moves(rest) and not re.match(
        r"\d+\s*(?:counts?|cts?|zähler|tiempos|temps|tempi|tempos)\b", rest, re.IGNORECASE
    ):
        return rest
    if length is None:
        return laid_out_on(rest)
    text = f"{rest} 1-{length}"
    try:
        events, _others = read_notation(text, Feel.STRAIGHT, {}, lay_out=False)
    except (NotationError, InputError):
        return ""
    return "" if any(e.doubt in (Doubt.LINE, Doubt.NAME) for e in events) else text
