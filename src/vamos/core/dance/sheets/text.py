"""A step sheet as it is pasted or saved: heads in any form, facts on top, moves with their counts, remarks.

Every line is accounted for: it is a name, a fact, a head, moves, a restart or a tag, or it is told as left aside.
"""

from __future__ import annotations

import re
from dataclasses import replace

from vamos.core.dance.remarks import (
    Added,
    Cut,
    cut_with_tag,
    facts_in,
    is_last_words,
    of_two_kinds,
    restart_in,
    restarts_in,
    said_behind,
    tag_in,
)
from vamos.core.dance.section_text import count_said, danced_by_somebody
from vamos.core.dance.sheets.below import MARKS, in_head, is_moves, lasting, often_said
from vamos.core.dance.sheets.cells import SheetRead, words
from vamos.core.dance.sheets.head_lines import HeadLines
from vamos.core.dance.sheets.heads import (
    COUNT_IN,
    OFTEN_FIRST,
    WAIT,
    eights_said,
    name_before,
    named_figure,
    spelled_head,
    unbracketed,
    without_filler,
)
from vamos.core.dance.sheets.made import FIRST_NUMBER, WrittenSheet, counts_in
from vamos.core.dance.sheets.moved import read_moves_of
from vamos.core.dance.sheets.read_as import LineIs, TextRead, empty_told
from vamos.core.dance.sheets.short_words import short_words_in
from vamos.core.dance.typed.clean import cleaned
from vamos.core.model.dance import ItemKind, kind_by_name
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: “Street fans, 4 x 8”: so many eights.
_SO_LONG = re.compile(r"(?:(?<=\w)[^\w()]+|(?<=\))\s+)\(?\d{1,2}\s?x\s?8(?:s|\s*counts?)?\)?$")
#: Music whose sets of counts are threes.
_IN_THREE = re.compile(r"\b(?:waltz|walzer|vals|valse|3/4|6/8)\b", re.IGNORECASE)
#: The counts behind moves that were laid out.
_LENGTH = re.compile(r"\s1-(\d{1,2})$")
#: “A A B A B B A (first 16)”: the order, in a line of its own.
_ORDER_ALONE = re.compile(r"^(?:(?:[A-H]|tag)\b(?:\s*\([^()]*\))?[\s,>→+-]*){3,}$", re.IGNORECASE)
_RULE = re.compile(r"^[\s\-=_*~.•]*$")


def read_text(text: str) -> TextRead:
    """A dance from a pasted sheet; nothing is refused as a whole.

    Raises InputError when there is not one move in it.
    """
    return _Sheet(text).read()


def read_text_sheet(text: str) -> SheetRead:
    """As :func:`read_text`, for files: lines that cannot be read are refused with their place."""
    found = read_text(text)
    bad = next((line for line in found.lines if line.taken is LineIs.OPEN), None)
    if bad is not None:
        raise InputError(tr("line {number}: {what}", number=bad.number, what=bad.told))
    return SheetRead(found.dance, found.remarks)


class _Sheet(HeadLines):
    def __init__(self, text: str):
        super().__init__(re.split(r"\r\n|\n|\r|\u2028|\u2029|\x0b|\x0c", text.lstrip("\ufeff")))
        self.facts: dict[str, str] = {}
        self.cuts: list[tuple[int, Cut]] = []
        self.added: list[Added] = []
        self.short: dict[str, str] = {}
        #: “Sugar push (6 counts)” says how long all of it is.
        self.name_counts: int | None = None

    # --- line by line --------------------------------------------------------------------

    def read(self) -> TextRead:
        for index, row in enumerate(self.rows):
            try:
                self._line(index, row)
            except InputError as error:
                raise InputError(tr("line {number}: {what}", number=index + 1, what=error.what)) from None
        if not any(s.moves for s in self.sections):
            self._without_counts()
        self.lines = read_moves_of(self.sections, self.lines, self.short)
        if not any(s.events for s in self.sections):
            bad = next((x for x in self.lines if x.taken is LineIs.OPEN), None)
            if bad is not None:
                raise InputError(tr("line {number}: {what}", number=bad.number, what=bad.told))
            raise InputError(
                tr("no moves with counts were found; write them such as “1-4 vine R” or “side R 1, touch L 2”.")
            )
        threes = any(_IN_THREE.search(row) for row in self.rows)
        made = WrittenSheet(self.name, self.facts, self.sections, self.parts, self.cuts, self.added, threes, self.short)
        dance = made.dance()
        self.lines = [replace(x, told=made.told.get(x.number - 1, x.told)) for x in self.lines]
        self.lines = empty_told(self.lines, {s.name for s in dance.sections if not s.events})
        asides = [x for x in self.lines if x.taken is LineIs.ASIDE]
        told = [tr("line {number}, “{words}”, was left aside.", number=x.number, words=x.text[:60]) for x in asides]
        told += [
            f"{x.text[:60].rstrip(': ')}: {x.told}"
            for x in self.lines
            if x.taken in (LineIs.TAG, LineIs.HEAD) and x.told
        ]
        return TextRead(dance, tuple(self.lines), self.facts.get("music", ""), (*made.remarks, *told))

    def _line(self, index: int, row: str) -> None:
        clean = " ".join(cleaned(row).text.split())
        marks = MARKS.match(clean)
        plain = (clean[marks.end() :] if marks and not clean.startswith("&") else clean).strip()
        plain = count_said(re.sub(r"\*\*|__|~~", "", plain).strip(" *_")).strip()
        plain = spelled_head(unbracketed(plain, below=3), clean)
        markdown = re.match(r"^#+\s", clean) is not None
        if not plain or _RULE.match(clean):
            self.take(index, LineIs.EMPTY)
        elif (
            self.range_alone(index, plain)
            or self.below_range(index, plain)
            or self._short_words(index, plain)
            or self._count_in(index, plain)
            or self.again(index, plain)
            or self.same_below(index, plain)
            or self.head(index, without_filler(eights_said(plain)), clean, markdown)
            or self._remark(index, plain)
        ):
            return
        elif facts := facts_in(plain) or self._waited(plain):
            self._fact(index, facts)
        elif self.labelled(index, plain):
            return
        elif not self.name and not self.sections and _SO_LONG.search(plain):
            # “Street fans (hip hop combo) 4 x 8”: the name, and how long it is.
            self.name = words(_SO_LONG.sub("", plain))
            self.take(index, LineIs.NAME)
        elif often := self._often(index, plain) or self._lasting(plain):
            self._move_line(index, often)
        elif is_moves(unbracketed(plain), self.goes_on()):
            self._move_line(index, unbracketed(plain))
        elif not self.name and not self.sections and len(plain) <= 80 and not re.search(r"\d\s*-\s*\d", plain):
            name, self.name_counts = named_figure(plain)
            self.name = words(name)
            self.take(index, LineIs.NAME)
        elif _ORDER_ALONE.match(plain) and self.sections and "sequence" not in self.facts:
            self._fact(index, {"sequence": plain})
        elif is_last_words(plain):
            self.take(index, LineIs.FACT, tr("The dance begins again."))
        elif self.empty(index) and (danced := in_head(plain)):
            self.sections[-1].moves.append((index, danced))
            self.take(index, LineIs.MOVES)
        elif self.title(index, plain):
            return
        else:
            self.take(index, LineIs.ASIDE)

    def _without_counts(self) -> None:
        """A sheet without any count: each line that is moves is a section, on as many counts as they usually have."""
        for k, line in enumerate(self.lines):
            plain = MARKS.sub("", " ".join(cleaned(line.text).text.split()))
            if line.taken is LineIs.ASIDE and (danced := in_head(plain)):
                self.open("")
                self.sections[-1].moves.append((line.number - 1, danced))
                self.lines[k] = replace(line, taken=LineIs.MOVES, section=self.sections[-1].name)

    def _waited(self, plain: str) -> dict[str, str]:
        """“Wait 32” before the first move: when the dance starts."""
        found = WAIT.match(plain) if not self.sections else None
        return {"start": f"{found.group(1)} counts"} if found else {}

    def _often(self, index: int, plain: str) -> str:
        """“4 hip bumps R R L L”, where its number cannot be a count."""
        fresh = bool(self.sections) and not self.sections[-1].moves and self.sections[-1].like is None
        if not fresh or (self.below.moves_follow(index) and (self.sections[-1].offset or not OFTEN_FIRST.match(plain))):
            return ""
        return often_said(plain)

    def _lasting(self, plain: str) -> str:
        """“shimmy 4, clap 4” goes on behind the counts above it."""
        found = _LENGTH.search(laid := lasting(plain))
        if found is None:
            return ""
        done = counts_in(self.sections[-1], len(self.sections[-1].moves)) if self.sections else 0
        return f"{laid[: found.start()]} {done + 1}-{done + int(found.group(1))}"

    def _fact(self, index: int, facts: dict[str, str]) -> None:
        told = []
        for key, value in facts.items():
            if key in ("restarts", "tags"):
                cuts = [cut for cut in restarts_in(f"{key} {value}") if cut.walls]
                self.cuts += [(0, cut) for cut in cuts]
                if not cuts and (tag := tag_in(f"{key} {value}")) is not None:
                    self.added.append(tag)
            # Our own Markdown writes the sequence between backticks.
            self.facts.setdefault(key, words(value.strip(" '")))
            told.append(key)
        if not self.name or (re.search(r"[!?.:)]$", self.name) and len(self.name.split()) > 3):
            # “Hi all! Here is the dance from Tuesday” was no name.
            first = not self.sections and all(x.taken in (LineIs.EMPTY, LineIs.NAME) for x in self.lines)
            before = name_before(self.rows[index], facts) if first else ""
            self.name = words(facts.get("name", "") or before) or self.name
        self.take(index, LineIs.FACT, ", ".join(told))

    def _remark(self, index: int, plain: str) -> bool:
        """Restarts and tags with their walls, told where they stand."""
        before, known = len(self.lines), False
        for piece in of_two_kinds(plain):
            known = self._one_remark(index, piece) or known
        # One line says one thing below it, first what is not understood.
        self.lines[before + 1 :], self.lines[before:] = [], sorted(self.lines[before:], key=lambda x: not x.told)[:1]
        return known

    def _one_remark(self, index: int, plain: str) -> bool:
        cut = restart_in(plain)
        if cut is not None and not cut.walls and facts_in(plain):
            # “32 counts, 4 walls, 1 tag, 1 restart”: facts, and told where they stand.
            return False
        if cut is not None and (cut.walls or not is_moves(plain)):
            if not cut.walls:
                self.take(index, LineIs.ASIDE, tr("On which wall is the restart?"))
                return True
            for one in restarts_in(plain):
                here = bool(self.sections) and one.after is None and one.section is None
                target = self.sections[-1].cuts if here else self.cuts
                target.append((len(self.sections[-1].moves) if self.sections else 0, replace(one, line=index)))
            with_tag = cut_with_tag(plain)
            self.take(index, LineIs.RESTART, self._tag(index, *with_tag) if with_tag is not None else "")
            return True
        tag = tag_in(plain)
        if tag is not None and tag.within:
            self.take(index, LineIs.TAG, tr("This tag comes inside a wall. Write the order of sections with it."))
            return True
        if tag is not None:
            self.take(index, LineIs.TAG, self._tag(index, tag, said_behind(plain)))
            return True
        return False

    def _tag(self, index: int, tag: Added, said: str) -> str:
        """A tag with the moves said of it, or written below; what is to be told of it."""
        self.added.append(replace(tag, line=index))
        below = self.below.moves_follow(index)
        danced = "" if below else in_head(said, tag.counts)
        if danced or below:
            number = sum(kind_by_name(s.name) is ItemKind.TAG for s in self.sections)
            self.open(f"Tag {number + 1}" if number else "Tag", tag.counts)
            self.sections[-1].moves += [(index, danced)] if danced else []
        unread = bool(said) and not danced and not below
        return tr("What is danced in it is not understood.") if unread else ""

    def _short_words(self, index: int, plain: str) -> bool:
        """“KBC = kick ball change”: read so in all moves of the sheet."""
        found = {} if facts_in(plain) else short_words_in(plain)
        self.short |= found
        if found:
            self.take(index, LineIs.FACT, "; ".join(f"{a}: {b}" for a, b in found.items()))
        return bool(found)

    def _count_in(self, index: int, plain: str) -> bool:
        """“5 6 7 8 ready” before the first move dances nothing."""
        if self.goes_on() or COUNT_IN.match(plain) is None:
            return False
        self.take(index, LineIs.FACT)
        return True

    def _move_line(self, index: int, plain: str) -> None:
        if not self.sections:
            self.open(tr("Section {number}", number=1), self.name_counts)
        elif self._begins_again(plain):
            self.open_under(tr("Section {number}", number=len(self.sections) + 1))
        self.sections[-1].moves.append((index, plain))
        self.take(index, LineIs.MOVES)

    def _begins_again(self, plain: str) -> bool:
        """Counts begin at 1 again without a head: another section."""
        before = self.sections[-1]
        number = FIRST_NUMBER.search(plain)
        if not before.moves or number is None or int(number.group(1)) != 1:
            return False
        if danced_by_somebody(plain) and not any(_who(text) == _who(plain) for _, text in before.moves):
            # Another partner, over the same counts.
            return False
        seen = [int(n) for _, text in before.moves for n in FIRST_NUMBER.findall(text)]
        return max(seen, default=0) >= 4 and before.length is None


def _who(text: str) -> str:
    return text.partition(":")[0].strip().lower()
