"""A step sheet as it is pasted or saved: heads in any form, facts on top, moves with their counts, remarks.

Every line is accounted for: it is a name, a fact, a head, moves, a restart or a tag, or it is told as left aside.
"""

from __future__ import annotations

import re
from dataclasses import replace

from vamos.core.dance.remarks import Added, Cut, facts_in, is_last_words, restart_in, restarts_in, said_behind, tag_in
from vamos.core.dance.section_text import count_said, danced_by_somebody
from vamos.core.dance.sheets.again import again_of, bar_of
from vamos.core.dance.sheets.below import MARKS, STARTS_WITH_COUNT, Below, in_head, is_moves, often_said
from vamos.core.dance.sheets.cells import LONGEST_SECTION, SheetRead, words
from vamos.core.dance.sheets.heads import (
    BARE_RANGE,
    BARS,
    CAPITALS,
    COUNT_IN,
    COUNTS,
    INSIDE,
    LABELLED,
    NUMBERED,
    NUMBERED_ONLY,
    OFTEN,
    OFTEN_FIRST,
    RANGE,
    SAID,
    WAIT,
    eights_said,
    in_digits,
    length_said,
    name_before,
    named,
    named_figure,
    number_said,
    unbracketed,
    without_filler,
)
from vamos.core.dance.sheets.made import FIRST_NUMBER, Like, WrittenSection, WrittenSheet
from vamos.core.dance.sheets.moved import like_of, read_moves_of
from vamos.core.dance.sheets.read_as import LineIs, SheetLine, TextRead, empty_told
from vamos.core.dance.sheets.short_words import short_words_in
from vamos.core.dance.typed.clean import cleaned
from vamos.core.model.dance import ItemKind, kind_by_name
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: “Street fans, 4 x 8”: so many eights.
_SO_LONG = re.compile(r"(?:(?<=\w)[^\w()]+|(?<=\))\s+)\(?\d{1,2}\s?x\s?8(?:s|\s*counts?)?\)?$")
_COUNT_WORD = r"(?:counts?|cts?|beats?|zähler|tiempos|temps|tempi|tempos)\b"
#: Heads under which something is often only said.
_SPOKEN = ("ending", "outro", "schluss", "intro", "introduction", "tag", "bridge", "brücke")
#: Music whose sets of counts are threes.
_IN_THREE = re.compile(r"\b(?:waltz|walzer|vals|valse|3/4|6/8)\b", re.IGNORECASE)
_COUNTS_ALONE = re.compile(r"^[(\[]?\s*(\d{1,2})\s*(?:counts?|cts?|zähler)\s*[)\]]?\s*:$", re.IGNORECASE)
_RANGE_ALONE = re.compile(r"^[(\[]?\s*(?:counts?\s*)?(\d{1,3})\s*-\s*(\d{1,3})\s*[)\]]?\s*:?$", re.IGNORECASE)
_RANGE_HEAD = re.compile(r"^[(\[]?\s*counts?\s*(\d{1,3})\s*-\s*(\d{1,3})\s*[)\]]?\s*(?:again)?\s*:?$", re.IGNORECASE)
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


class _Sheet:
    def __init__(self, text: str):
        self.rows = re.split(r"\r\n|\n|\r|\u2028|\u2029|\x0b|\x0c", text.lstrip("\ufeff"))
        self.below = Below(self.rows, self._goes_on)
        self.lines: list[SheetLine] = []
        self.facts: dict[str, str] = {}
        self.sections: list[WrittenSection] = []
        self.part = ""
        self.parts: dict[str, list[str]] = {}
        self.cuts: list[tuple[int, Cut]] = []
        self.added: list[Added] = []
        self.short: dict[str, str] = {}
        self.name = ""
        #: “Sugar push (6 counts)” says how long all of it is.
        self.name_counts: int | None = None
        #: The counts that stood in the line above, alone.
        self.range: tuple[int, int] | None = None

    # --- line by line --------------------------------------------------------------------

    def read(self) -> TextRead:
        for index, row in enumerate(self.rows):
            try:
                self._line(index, row)
            except InputError as error:
                raise InputError(tr("line {number}: {what}", number=index + 1, what=error.what)) from None
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

    def _take(self, index: int, taken: LineIs, told: str = "") -> None:
        section = self.sections[-1].name if self.sections else ""
        if taken is LineIs.HEAD and not told and OFTEN.search(self.rows[index]):
            told = tr("How often it is danced is not taken from a title: it stands once here.")
        self.lines.append(SheetLine(index + 1, self.rows[index], taken, section, told))

    def _line(self, index: int, row: str) -> None:
        clean = " ".join(cleaned(row).text.split())
        marks = MARKS.match(clean)
        plain = (clean[marks.end() :] if marks and not clean.startswith("&") else clean).strip()
        plain = count_said(re.sub(r"\*\*|__|~~", "", plain).strip(" *_")).strip()
        plain = unbracketed(plain, below=3)
        markdown = re.match(r"^#+\s", clean) is not None
        if not plain or _RULE.match(clean):
            self._take(index, LineIs.EMPTY)
        elif (
            self._range_alone(index, plain)
            or self._below_range(index, plain)
            or self._short_words(index, plain)
            or self._count_in(index, plain)
            or self._again(index, plain)
            or self._same_below(index, plain)
            or self._head(index, without_filler(eights_said(plain)), clean, markdown)
            or self._remark(index, plain)
        ):
            return
        elif facts := facts_in(plain) or self._waited(plain):
            self._fact(index, facts)
        elif self._labelled(index, plain):
            return
        elif not self.name and not self.sections and _SO_LONG.search(plain):
            # “Street fans (hip hop combo) 4 x 8”: the name, and how long it is.
            self.name = words(_SO_LONG.sub("", plain))
            self._take(index, LineIs.NAME)
        elif often := self._often(index, plain):
            self._move_line(index, often)
        elif is_moves(unbracketed(plain), self._goes_on()):
            self._move_line(index, unbracketed(plain))
        elif not self.name and not self.sections and len(plain) <= 80 and not re.search(r"\d\s*-\s*\d", plain):
            name, self.name_counts = named_figure(plain)
            self.name = words(name)
            self._take(index, LineIs.NAME)
        elif is_last_words(plain):
            self._take(index, LineIs.FACT, tr("The dance begins again."))
        elif self._empty(index) and (danced := in_head(plain)):
            self.sections[-1].moves.append((index, danced))
            self._take(index, LineIs.MOVES)
        else:
            self._take(index, LineIs.ASIDE)

    def _waited(self, plain: str) -> dict[str, str]:
        """“Wait 32” before the first move: when the dance starts."""
        found = WAIT.match(plain) if not self.sections else None
        return {"start": f"{found.group(1)} counts"} if found else {}

    def _labelled(self, index: int, plain: str) -> bool:
        """“Basic: 1 side L, 2 close R”: a section of this name, or more of the one that is open."""
        found = LABELLED.match(plain)
        if found is None or danced_by_somebody(plain) or not is_moves(found["rest"]):
            return False
        first = FIRST_NUMBER.search(found["rest"])
        if first is not None and int(first.group(1)) == 1 and (self._goes_on() or not self.sections):
            self._open(words(found["name"]))
        if not self.sections:
            return False
        self.sections[-1].moves.append((index, found["rest"]))
        self._take(index, LineIs.MOVES)
        return True

    def _empty(self, index: int) -> bool:
        """Whether this is the one line below a head."""
        empty = bool(self.sections) and not self.sections[-1].moves and self.sections[-1].like is None
        return empty and not self.below.moves_follow(index)

    def _often(self, index: int, plain: str) -> str:
        """“4 hip bumps R R L L”, where its number cannot be a count."""
        fresh = bool(self.sections) and not self.sections[-1].moves and self.sections[-1].like is None
        if not fresh or (self.below.moves_follow(index) and (self.sections[-1].offset or not OFTEN_FIRST.match(plain))):
            return ""
        return often_said(plain)

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
        self._take(index, LineIs.FACT, ", ".join(told))

    def _remark(self, index: int, plain: str) -> bool:
        """A restart or a tag with its walls, told where it stands."""
        cut = restart_in(plain)
        if cut is not None and not cut.walls and facts_in(plain):
            # “32 counts, 4 walls, 1 tag, 1 restart”: facts, and told where they stand.
            return False
        if cut is not None and (cut.walls or not is_moves(plain)):
            if cut.walls:
                for one in restarts_in(plain):
                    here = bool(self.sections) and one.after is None and one.section is None
                    target = self.sections[-1].cuts if here else self.cuts
                    target.append((len(self.sections[-1].moves) if self.sections else 0, replace(one, line=index)))
                self._take(index, LineIs.RESTART)
            else:
                self._take(index, LineIs.ASIDE, tr("On which wall is the restart?"))
            return True
        tag = tag_in(plain)
        if tag is not None:
            self.added.append(tag)
            below, said = self.below.moves_follow(index), said_behind(plain)
            danced = "" if below else in_head(said, tag.counts)
            if danced or below:
                number = sum(kind_by_name(s.name) is ItemKind.TAG for s in self.sections)
                self._open(f"Tag {number + 1}" if number else "Tag", tag.counts)
                self.sections[-1].moves += [(index, danced)] if danced else []
            unread = bool(said) and not danced and not below
            self._take(index, LineIs.TAG, tr("What is danced in it is not understood.") if unread else "")
            return True
        return False

    def _range_alone(self, index: int, plain: str) -> bool:
        """“9-16” in a line of its own, and below it moves without any counts: they are danced on those."""
        found = _RANGE_ALONE.match(plain)
        below = next((r for r in self.rows[index + 1 :] if r.strip()), "")
        if (whole := _RANGE_HEAD.match(plain)) is not None and is_moves(below.strip()):
            # “Count 1-8”, and the moves below it have counts of their own.
            first, last = int(whole.group(1)), int(whole.group(2))
            self._open(tr("Section {number}", number=len(self.sections) + 1), max(1, last - first + 1))
            self._take(index, LineIs.HEAD)
            return True
        if (long := _COUNTS_ALONE.match(plain)) is not None and below.strip():
            # “8 counts:” in a line of its own.
            self._open(tr("Section {number}", number=len(self.sections) + 1), length_said(long.group(1)))
            self._take(index, LineIs.HEAD)
            return True
        if found is None or is_moves(below.strip()) or not below.strip():
            return False
        first, last = int(found.group(1)), int(found.group(2))
        if not 3 <= last - first + 1 <= LONGEST_SECTION:
            return False
        self._open(tr("Section {number}", number=len(self.sections) + 1), last - first + 1, first - 1)
        self._take(index, LineIs.HEAD)
        self.range = (first, last)
        return True

    def _below_range(self, index: int, plain: str) -> bool:
        if self.range is None:
            return False
        (first, last), self.range = self.range, None
        if is_moves(plain):
            return False
        self.sections[-1].moves.append((index, f"{plain} {first}-{last}"))
        self._take(index, LineIs.MOVES)
        return True

    def _head(self, index: int, plain: str, clean: str, markdown: bool) -> bool:
        """A section begins: with its number, its counts in brackets, bold or after a hash; or the name of the dance."""
        match = next(filter(None, (form.match(plain) for form in NUMBERED)), None)
        if match is not None and (tag_in(plain) or restart_in(plain)):
            return False
        if match is not None:
            return self._bar_goes_on(index, match) or self._numbered(index, plain, match)
        capitals = CAPITALS.match(plain)
        if capitals and int(capitals["number"]) == len(self.sections) + 1 and self.below.counts_below(index, 1):
            self._open(f"{tr('Section {number}', number=capitals['number'])}: {words(capitals['rest'])}"[:60])
            self._take(index, LineIs.HEAD)
            return True
        ranged = RANGE.match(plain)
        if ranged is not None and int(ranged["last"]) - int(ranged["first"]) >= 3:
            rest = ranged["rest"].strip()
            named_only = not is_moves(rest) and self.below.moves_follow(index)
            # “[9-16] ROCK, RECOVER, PIVOT 1/4”, and below it the counts: a title, though it sounds like moves.
            if not rest or named_only or self.below.counts_below(index, int(ranged["first"])):
                name = rest or tr("Section {number}", number=len(self.sections) + 1)
                self._open(name, int(ranged["last"]) - int(ranged["first"]) + 1, int(ranged["first"]) - 1)
                self._take(index, LineIs.HEAD)
                return True
            return False
        bare = BARE_RANGE.match(plain)
        if bare and self.below.tiled(index, int(bare["first"]), int(bare["last"])):
            self._open(bare["rest"], int(bare["last"]) - int(bare["first"]) + 1)
            self._take(index, LineIs.HEAD)
            return True
        if markdown:
            # “### Lantern, 16 counts”, and another head below it: the name of the dance.
            alone = not self.sections and not self.below.moves_follow(index)
            if re.match(r"^#+\s" if alone else r"^#\s", clean) and not self.name:
                self.name = words(plain)
                self._take(index, LineIs.NAME)
                return True
            self._open(*named(plain))
            self._take(index, LineIs.HEAD)
            return True
        bold = re.match(r"^\*\*.+\*\*:?$", clean) or (plain.isupper() and len(plain) > 3) or plain.endswith(":")
        if bold and not STARTS_WITH_COUNT.match(plain) and self.below.moves_follow(index) and not facts_in(plain):
            if not self.sections and not self.name and not plain.endswith(":") and not self.below.next_is_counts(index):
                return False
            self._open(*named(plain.rstrip(":")))
            self._take(index, LineIs.HEAD)
            return True
        return False

    def _numbered(self, index: int, plain: str, match: re.Match[str]) -> bool:
        rest = in_digits(match["rest"].strip())
        word, number = match["word"], match["number"] or ""
        if match.re is SAID:
            number = number_said(number, len(self.sections) + 1)
        if number.isdigit() and re.match(_COUNT_WORD, rest, re.IGNORECASE):
            # “Tag 8 counts”: how long it is, and not the eighth.
            rest, number = f"{number} {rest}", ""
        facts = facts_in(plain)
        if facts and not number:
            return False
        if not number and word.lower() in NUMBERED_ONLY and rest:
            return False
        if (like := self._same(rest.lstrip(" :.-–"))) is not None:
            self._open(
                f"{word.capitalize()}{' ' * (len(word) > 1)}{number}"
                if word[0].isalpha()
                else tr("Section {number}", number=number)
            )
            self.sections[-1].like = like
            self._take(index, LineIs.HEAD)
            return True
        # What stands below a head is danced; the head is its title then, however much it sounds like moves.
        alone = self.below.head_follows(index) or not self.below.moves_follow(index)
        danced = in_head(rest.strip(" :.-–")) if alone else ""
        counts, inside = (None, None) if danced else (COUNTS.search(rest), INSIDE.search(rest))
        length = length_said(counts.group(1) or counts.group(2)) if counts else None
        offset = 0
        if inside is not None and int(inside.group(2)) > int(inside.group(1)):
            length, offset = int(inside.group(2)) - int(inside.group(1)) + 1, int(inside.group(1)) - 1
            rest = rest.replace(inside.group(), " ")
        if counts is not None:
            rest = rest.replace(counts.group(), " ")
        rest = rest.strip(" :.-–()[]|,")
        if len(word) == 1 and word.isalpha():
            word = word.upper() + number
            number = ""
        title = f"{word.capitalize() if word.islower() or word.isupper() else word} {number}".strip()
        if word.lower() in ("s", "sec", "sec.", "achter") or word.lower().startswith(("8", "eight")):
            title = tr("Section {number}", number=number)
        is_part = word.lower() in ("part", "teil") and not re.match(r"^\d", number)
        if not danced and length is not None and ":" in match["rest"] and alone:
            danced = in_head(rest, length)
        moves = bool(danced)
        if rest and not moves and word.lower() in _SPOKEN and alone:
            # “Ending: on the last wall dance to count 14 …”: said, and no section.
            self._take(index, LineIs.ASIDE, tr("It says what to do, without moves on counts."))
            return True
        if is_part and not moves and self.below.head_follows(index):
            self.part = f"{word.capitalize()} {number}".strip()
            self._take(index, LineIs.HEAD)
            return True
        name = f"{title}: {words(rest)}"[:60] if rest and not moves else title
        self._open(name, length, offset)
        self._take(index, LineIs.MOVES if moves else LineIs.HEAD)
        if moves:
            self.sections[-1].moves.append((index, danced))
        return True

    def _short_words(self, index: int, plain: str) -> bool:
        """“KBC = kick ball change”: read so in all moves of the sheet."""
        found = {} if facts_in(plain) else short_words_in(plain)
        self.short |= found
        if found:
            self._take(index, LineIs.FACT, "; ".join(f"{a}: {b}" for a, b in found.items()))
        return bool(found)

    def _count_in(self, index: int, plain: str) -> bool:
        """“5 6 7 8 ready” before the first move dances nothing."""
        if self._goes_on() or COUNT_IN.match(plain) is None:
            return False
        self._take(index, LineIs.FACT)
        return True

    def _same(self, words_said: str) -> Like | None:
        """The section that another one is said to be like, and on which side; None when none is."""
        return like_of(words_said, {k: s.name for k, s in enumerate(self.sections) if s.moves or s.like})

    def _same_below(self, index: int, plain: str) -> bool:
        """“repeat section 2 on the other side” below a head that has no moves of its own."""
        like = self._same(plain)
        if like is None or not self.sections or self._goes_on() or like.place == len(self.sections) - 1:
            return False
        self.sections[-1].like = like
        self._take(index, LineIs.MOVES)
        return True

    def _again(self, index: int, plain: str) -> bool:
        """“(25-48) Repeat 1-24”: each of them once more."""
        found = again_of(plain, self.sections)
        for like in found:
            self._open(self.sections[like.place].name)
            self.sections[-1].like = like
        if found:
            self._take(index, LineIs.MOVES)
        return bool(found)

    def _bar_goes_on(self, index: int, match: re.Match[str]) -> bool:
        found = bar_of(match, self.sections[-1]) if match.re is BARS and self.sections else None
        if found is not None:
            self.sections[-1].name, said = found
            self.sections[-1].moves.append((index, said))
            self._take(index, LineIs.MOVES)
        return found is not None

    def _open(self, name: str, length: int | None = None, offset: int = 0) -> None:
        used = {s.name for s in self.sections}
        free, number = words(name) or tr("Section {number}", number=len(self.sections) + 1), 2
        base = free
        while free in used:
            free, number = f"{base} {number}", number + 1
        if kind_by_name(free) is not None:
            # A tag or an ending belongs to no part of the song.
            self.part = ""
        self.sections.append(WrittenSection(free, length, self.part, offset))
        if self.part:
            self.parts.setdefault(self.part, []).append(free)

    def _move_line(self, index: int, plain: str) -> None:
        if not self.sections:
            self._open(tr("Section {number}", number=1), self.name_counts)
        elif self._begins_again(plain):
            self._open(tr("Section {number}", number=len(self.sections) + 1))
        self.sections[-1].moves.append((index, plain))
        self._take(index, LineIs.MOVES)

    def _goes_on(self) -> bool:
        return bool(self.sections and self.sections[-1].moves)

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
