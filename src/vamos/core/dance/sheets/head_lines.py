"""Lines of a sheet that open a section, or say which ones are danced again."""

from __future__ import annotations

import re

from vamos.core.dance.remarks import facts_in, restart_in, tag_in
from vamos.core.dance.section_text import danced_by_somebody
from vamos.core.dance.sheets.again import again_of, bar_of, part_of
from vamos.core.dance.sheets.below import STARTS_WITH_COUNT, danced_on, in_head, is_moves
from vamos.core.dance.sheets.cells import LONGEST_SECTION, words
from vamos.core.dance.sheets.heads import (
    BARE_RANGE,
    BARS,
    CAPITALS,
    COUNTS,
    INSIDE,
    LABELLED,
    NUMBERED,
    NUMBERED_ONLY,
    RANGE,
    SAID,
    in_digits,
    length_said,
    named,
    number_said,
)
from vamos.core.dance.sheets.made import FIRST_NUMBER
from vamos.core.dance.sheets.read_as import LineIs
from vamos.core.dance.sheets.so_far import SoFar
from vamos.wording import words_of

tr = words_of(__name__)

_COUNT_WORD = r"(?:counts?|cts?|beats?|zähler|tiempos|temps|tempi|tempos)\b"
#: Heads under which something is often only said.
_SPOKEN = ("ending", "outro", "schluss", "intro", "introduction", "tag", "bridge", "brücke")
#: “Ending: dance 1-8 of wall 9, then …” tells what to do.
_OF_A_WALL = re.compile(
    r"\b(?:of|on|in|during|der|auf|de|du)\s+(?:the\s+)?(?:last\s+)?(?:wall|wand|pared|mur)\b", re.IGNORECASE
)
_COUNTS_ALONE = re.compile(r"^[(\[]?\s*(\d{1,2})\s*(?:counts?|cts?|zähler)\s*[)\]]?\s*:$", re.IGNORECASE)
_RANGE_ALONE = re.compile(r"^[(\[]?\s*(?:counts?\s*)?(\d{1,3})\s*-\s*(\d{1,3})\s*[)\]]?\s*:?$", re.IGNORECASE)
#: “1-2”, “3&4”: a part of an eight; a number alone may be that of a section.
_FEW_COUNTS = re.compile(r"^[(\[]?\s*(\d{1,3})\s*[-&+,\s][-&+,\s\d]*[)\]]?\s*:?$")
_RANGE_HEAD = re.compile(r"^[(\[]?\s*counts?\s*(\d{1,3})\s*-\s*(\d{1,3})\s*[)\]]?\s*(?:again)?\s*:?$", re.IGNORECASE)


class HeadLines(SoFar):
    """Each method takes a line, or leaves it: whether it did."""

    def __init__(self, rows: list[str]):
        super().__init__(rows)
        #: The counts that stood in the line above, alone.
        self.range: tuple[int, int] | None = None
        #: The same as it is written, where it is a part of an eight.
        self.above = ""

    def title(self, index: int, plain: str) -> bool:
        """“Rock fwd, shuffle ½ turn” between an empty line and a count 1: the name of the section below."""
        parted = index > 0 and not self.rows[index - 1].strip()
        follows = (
            index + 1 < len(self.rows) and bool(self.rows[index + 1].strip()) and self.below.counts_below(index, 1)
        )
        if not (parted and follows and len(plain) <= 100 and (self.goes_on() or not self.sections)):
            return False
        self.open(plain[:60])
        self.take(index, LineIs.HEAD)
        return True

    def labelled(self, index: int, plain: str) -> bool:
        """“Basic: 1 side L, 2 close R”: a section of this name, or more of the one that is open."""
        found = LABELLED.match(plain)
        if found is None or danced_by_somebody(plain) or not is_moves(found["rest"]):
            return False
        first = FIRST_NUMBER.search(found["rest"])
        if first is not None and int(first.group(1)) == 1 and (self.goes_on() or not self.sections):
            self.open(words(found["name"]))
        if not self.sections:
            return False
        self.sections[-1].moves.append((index, found["rest"]))
        self.take(index, LineIs.MOVES)
        return True

    def range_alone(self, index: int, plain: str) -> bool:
        """“9-16” in a line of its own, and below it moves without any counts: they are danced on those."""
        found = _RANGE_ALONE.match(plain)
        below = next((r for r in self.rows[index + 1 :] if r.strip()), "")
        whole = _RANGE_HEAD.match(plain) or (found if found and int(found.group(2)) - int(found.group(1)) > 6 else None)
        if whole is not None and is_moves(below.strip()):
            # “Count 1-8”, and the moves below it have counts of their own.
            first, last = int(whole.group(1)), int(whole.group(2))
            self.open(tr("Section {number}", number=len(self.sections) + 1), max(1, last - first + 1))
            self.take(index, LineIs.HEAD)
            return True
        if (long := _COUNTS_ALONE.match(plain)) is not None and below.strip():
            # “8 counts:” in a line of its own.
            self.open(tr("Section {number}", number=len(self.sections) + 1), length_said(long.group(1)))
            self.take(index, LineIs.HEAD)
            return True
        if is_moves(below.strip()) or not below.strip():
            return False
        if (few := _FEW_COUNTS.match(plain)) is not None and whole is None and danced_on(plain, below):
            self._counts_above(index, plain.strip("()[]: "), int(few.group(1)))
            return True
        if found is None:
            return False
        first, last = int(found.group(1)), int(found.group(2))
        if not 3 <= last - first + 1 <= LONGEST_SECTION:
            return False
        self.open(tr("Section {number}", number=len(self.sections) + 1), last - first + 1, first - 1)
        self.take(index, LineIs.HEAD)
        self.range = (first, last)
        return True

    def _counts_above(self, index: int, counts: str, first: int) -> None:
        """“1-2” in a line of its own: the counts of what stands below it, in the section it goes on with."""
        if not self.sections or (first % 8 == 1 and self.sections[-1].moves and not self.above):
            self.open_under("", first - 1 if first > 8 else 0)
        self.above = counts
        self.take(index, LineIs.MOVES)

    def below_range(self, index: int, plain: str) -> bool:
        if self.above:
            self.sections[-1].moves.append((index, f"{self.above} {plain}"))
            self.above = ""
            self.take(index, LineIs.MOVES)
            return True
        if self.range is None:
            return False
        (first, last), self.range = self.range, None
        if is_moves(plain):
            return False
        self.sections[-1].moves.append((index, f"{plain} {first}-{last}"))
        self.take(index, LineIs.MOVES)
        return True

    def head(self, index: int, plain: str, clean: str, markdown: bool) -> bool:
        """A section begins: with its number, its counts in brackets, bold or after a hash; or the name of the dance."""
        match = next(filter(None, (form.match(plain) for form in NUMBERED)), None)
        if match is not None and (tag_in(plain) or restart_in(plain)):
            return False
        if match is not None:
            return self._bar_goes_on(index, match) or self._numbered(index, plain, match)
        capitals = CAPITALS.match(plain)
        if capitals and int(capitals["number"]) == len(self.sections) + 1 and self.below.counts_below(index, 1):
            self.open(f"{tr('Section {number}', number=capitals['number'])}: {words(capitals['rest'])}"[:60])
            self.take(index, LineIs.HEAD)
            return True
        ranged = RANGE.match(plain)
        if ranged is not None and int(ranged["last"]) - int(ranged["first"]) >= 3:
            rest = ranged["rest"].strip()
            named_only = not is_moves(rest) and self.below.moves_follow(index)
            # “[9-16] ROCK, RECOVER, PIVOT 1/4”, and below it the counts: a title, though it sounds like moves.
            if not rest or named_only or self.below.counts_below(index, int(ranged["first"])):
                name = rest or tr("Section {number}", number=len(self.sections) + 1)
                self.open(name, int(ranged["last"]) - int(ranged["first"]) + 1, int(ranged["first"]) - 1)
                self.take(index, LineIs.HEAD)
                return True
            return False
        bare = BARE_RANGE.match(plain)
        if bare and (
            self.below.tiled(index, int(bare["first"]), int(bare["last"]))
            or (bare["rest"].isupper() and self.below.counts_below(index, int(bare["first"])))
        ):
            self.open(bare["rest"], int(bare["last"]) - int(bare["first"]) + 1)
            self.take(index, LineIs.HEAD)
            return True
        if markdown:
            # “### Lantern, 16 counts”, and another head below it: the name of the dance.
            alone = not self.sections and not self.below.moves_follow(index)
            if re.match(r"^#+\s" if alone else r"^#\s", clean) and not self.name:
                self.name = words(plain)
                self.take(index, LineIs.NAME)
                return True
            self.open(*named(plain))
            self.take(index, LineIs.HEAD)
            return True
        bold = re.match(r"^\*\*.+\*\*:?$", clean) or (plain.isupper() and len(plain) > 3) or plain.endswith(":")
        if bold and not STARTS_WITH_COUNT.match(plain) and self.below.moves_follow(index) and not facts_in(plain):
            if not self.sections and not self.name and not plain.endswith(":") and not self.below.next_is_counts(index):
                return False
            self.open(*named(plain.rstrip(":")))
            self.take(index, LineIs.HEAD)
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
        # “Bridge: after wall 3” is a fact, “Bridge: walk forward R L” a section.
        danced_bridge = facts.keys() == {"tags"} and bool(in_head(facts["tags"]))
        if facts and not number and not danced_bridge:
            return False
        if not number and word.lower() in NUMBERED_ONLY and rest:
            return False
        if (like := self.same(rest.lstrip(" :.-–"))) is not None:
            self.open(
                f"{word.capitalize()}{' ' * (len(word) > 1)}{number}"
                if word[0].isalpha()
                else tr("Section {number}", number=number)
            )
            self.sections[-1].like = like
            self.take(index, LineIs.HEAD)
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
        if rest and (not moves or _OF_A_WALL.search(rest)) and word.lower() in _SPOKEN and alone:
            # “Ending: on the last wall dance to count 14 …”: said, and no section.
            self.take(index, LineIs.ASIDE, tr("It says what to do, without moves on counts."))
            return True
        if is_part and not moves and self.below.head_follows(index):
            self.part = f"{word.capitalize()} {number}".strip()
            self.take(index, LineIs.HEAD)
            return True
        name = f"{title}: {words(rest)}"[:60] if rest and not moves else title
        self.open(name, length, offset)
        self.take(index, LineIs.MOVES if moves else LineIs.HEAD)
        if moves:
            self.sections[-1].moves.append((index, danced))
        return True

    def same_below(self, index: int, plain: str) -> bool:
        """“repeat section 2 on the other side” below a head that has no moves of its own."""
        if self.sections and (part := part_of(plain, self.sections)):
            self.sections[-1].moves += [(index, text) for text in part]
            self.take(index, LineIs.MOVES)
            return True
        like = self.same(plain)
        if like is None or not self.sections or self.goes_on() or like.place == len(self.sections) - 1:
            return False
        self.sections[-1].like = like
        self.take(index, LineIs.MOVES)
        return True

    def again(self, index: int, plain: str) -> bool:
        """“(25-48) Repeat 1-24”: each of them once more."""
        found = again_of(plain, self.sections)
        for like in found:
            self.open(self.sections[like.place].name)
            self.sections[-1].like = like
        if found:
            self.take(index, LineIs.MOVES)
        return bool(found)

    def _bar_goes_on(self, index: int, match: re.Match[str]) -> bool:
        found = bar_of(match, self.sections[-1]) if match.re is BARS and self.sections else None
        if found is not None:
            self.sections[-1].name, said = found
            self.sections[-1].moves.append((index, said))
            self.take(index, LineIs.MOVES)
        return found is not None
