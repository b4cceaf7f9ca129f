"""Sequences as people say them, put into the form that :mod:`vamos.core.dance.sequence` reads.

``4 walls, restart on wall 3 after 16 counts``, ``tag at the end of walls 2 and 4``, ``A(16) B``, ``AABBCC``,
``A-A-B-B``, ``(A A B) x2``, ``2A 2B C``, ``32 32 tag 16 32``, ``wall wall pause 4 wall``, ``A twice, then the first 16
of B``, ``verse, chorus, verse, chorus``, ``wall 1: full, wall 2: 16 counts then restart``.
"""

from __future__ import annotations

import re

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.sequence_names import letters_in, named_at, names_of, quoted
from vamos.core.dance.sequence_walls import walls_told
from vamos.core.dance.sequence_words import (
    COUNTS,
    CUT,
    FIRST_COUNTS,
    HOLD,
    LEAD_INS,
    PART_OF,
    REPEAT_FIRST,
    REPEATED,
    SKIPPED,
    THEN,
    TIMES,
    TO_THE_END,
    WALL,
    WALLS_NAMED,
    WHOLE,
    times_of,
)
from vamos.core.model.dance import Dance, ItemKind, Section, kind_by_name
from vamos.wording import words_of

tr = words_of(__name__)

MOST = 500
#: “64 - 32 R - 64 to end”: that a wall is cut is seen from its counts.
_MARKED = re.compile(r"(?<![/\w])(\d{1,3})(\s*[(\[]?\s*(?:R|restart)\b[)\]]?)(?=\s*(?:$|[-,;+>→|]))", re.IGNORECASE)
_BETWEEN = re.compile(r"[\s,;.:>→+|&=-]+")
_WHOLE = re.compile(rf"[\s:=-]*[(\[]?\s*{WHOLE}\b\s*[)\]]?", re.IGNORECASE)
_WALL = re.compile(rf"{WALL}\b", re.IGNORECASE)
_WORD = re.compile(r"[^\s,;:>→+|()\[\]/*@-]+")
_SIGNS = re.compile(r"(?:/\s*\d{1,3}|@\s*\d{1,3}\+\d{1,3})+")
_GROUP = re.compile(r"(?P<sign>[(\[])(?P<inside>[^()\[\]]+)[)\]]")
_LATE = re.compile(r"(?P<letter>[^\W\d_])(?P<counts>\d{1,3})\b")
#: “3 walls” are three of them, also where a section is called 3.
_OF_WALLS = re.compile(rf"\d{{1,2}}\s*{WALL}\b", re.IGNORECASE)
_HOLD_BEHIND = re.compile(rf"\s*(?:{HOLD.pattern})", re.IGNORECASE)
_OF_COUNTS = re.compile(rf"(\d{{1,3}})\s*{COUNTS}", re.IGNORECASE)
_BEHIND = re.compile(rf"\s*(?:{TIMES.pattern})", re.IGNORECASE)
_NUMBER_FIRST = re.compile(r"\W*\d{1,2}\s*[^\W\d_]")


def as_written(text: str, dance: Dance) -> str:
    """The sequence in the form Vamos writes.

    Raises
    ------
    NotationError
        with the character that cannot be read and what was expected there.
    """
    # Of the same length as the text, so that places are places in it.
    plain = re.sub(r"[–—‐-―−]", "-", text.replace("\u00a0", " ").replace("\n", ","))
    plain = _MARKED.sub(lambda m: m[1] + " " * len(m[2]), plain)
    again = REPEATED.search(plain)
    if REPEAT_FIRST.match(plain) or (
        again is not None and again["often"].split() not in ([], ["all"], ["once"], ["it"])
    ):
        word = re.compile(r"[^\W\d_]").search(plain, again.start() if again else 0)
        at = word.start() if word is not None else 0
        raise NotationError(text, at, tr("how often it is danced in all, as in “(A A B) x3”"))
    plain = plain[: again.start()] if again is not None and again.start() else plain
    end = TO_THE_END.search(plain)
    plain = plain[: end.start()] if end is not None and end.start() else plain
    entries = walls_told(plain, dance) or " ".join(_Said(text, plain, dance).entries())
    return f"{entries} {entries}" if again is not None and again.start() else entries


class _Said:
    """Reads what is said from the left, with the place of each word as it stands in the text."""

    def __init__(self, text: str, plain: str, dance: Dance, at: int = 0):
        self.text, self.plain, self.dance, self.at = text, plain, dance, at
        self.names = names_of(dance, plain)
        self.out: list[str] = []

    def fail(self, expected: str, at: int | None = None) -> NotationError:
        return NotationError(self.text, self.at if at is None else at, expected)

    def take(self, pattern: re.Pattern[str]) -> re.Match[str] | None:
        """What stands here in this form; reading goes on behind it."""
        match = pattern.match(self.plain, self.at)
        if match is None or match.end() == self.at:
            return None
        self.at = match.end()
        return match

    def skip(self) -> None:
        """Over signs and words between entries; a name that begins like one of them stays."""
        while self.take(_BETWEEN) or (named_at(self.plain, self.at, self.names) is None and self.take(SKIPPED)):
            pass

    def entries(self) -> list[str]:
        self.skip()
        while self.at < len(self.plain):
            self.entry()
            if len(self.out) > MOST:
                raise self.fail(tr("at most {most} entries", most=MOST))
            self.skip()
        return self.out

    def entry(self) -> None:
        """One entry, as often as it is danced."""
        start = self.at
        times = self.times()
        self.skip()
        found = self.group() or self.walls() or self.single()
        times *= self.behind()
        if not 1 <= times <= MOST:
            raise self.fail(tr("1 to {most} times", most=MOST), start)
        self.out += found * times

    def times(self) -> int:
        """“3x A”, “twice A”; “2A” as well, and “2 A” where something is called A."""
        if named_at(self.plain, self.at, self.names) and not _OF_WALLS.match(self.plain, self.at):
            return 1
        if match := self.take(TIMES):
            return times_of(match)
        short = re.compile(r"(\d{1,2})(\s*(?:[x×*]\s*)?)(?=[^\W\d_])").match(self.plain, self.at)
        if short is None or PART_OF.match(self.plain, self.at) or HOLD.match(self.plain, self.at):
            return 1
        wall = _WALL.match(self.plain, short.end())
        if not wall and named_at(self.plain, short.end(), self.names) is None:
            return 1
        if short[2].isspace() and not wall and not _NUMBER_FIRST.match(self.plain):
            raise self.fail(tr("“{name} x2” or “2x {name}”, as 2 could go with either", name="A"))
        self.at = short.end()
        return int(short[1])

    def behind(self) -> int:
        """“A x2”, “A twice”: how often, where it is said."""
        match = _BEHIND.match(self.plain, self.at)
        if match is None:
            return 1
        alone = re.compile(rf"\s*(?:[,;|→>]|-\s|{THEN}\b|$)", re.IGNORECASE).match(self.plain, match.end())
        if match["number"] and match["open"] is None and not alone:
            # “A 2x B”: it goes with what follows, unless a comma or the end says otherwise.
            return 1
        if match["open"] and self.out and "," not in self.plain and not self.plain[match.end() :].strip():
            # “A B A B (x2)” may mean the last one or all of them.
            raise self.fail(
                tr("“B x2”, or brackets around all that is danced so often: “(A B) x2”"), match.start("open")
            )
        self.at = match.end()
        return times_of(match)

    def group(self) -> list[str] | None:
        """“(A A B)”: the entries in brackets; what square ones hold can be left out, unless a number stands behind."""
        match = _GROUP.match(self.plain, self.at)
        if match is None:
            return None
        found = _Said(self.text, self.plain[: match.end("inside")], self.dance, match.start("inside")).entries()
        self.at = match.end()
        return found if match["sign"] == "(" or _BEHIND.match(self.plain, self.at) else [f"[{' '.join(found)}]"]

    def walls(self) -> list[str] | None:
        """“wall 3: 16 counts”, “walls 4 to 8”: walls by their numbers, each behind the one before it."""
        start = self.at
        match = self.take(WALLS_NAMED)
        if match is None:
            return None
        said = re.sub(r"\s*(?:to|bis|through|-)\s*", "-", match["list"] or match["nth"], flags=re.IGNORECASE)
        spans = [[int(n) for n in re.findall(r"\d+", span)] for span in re.findall(r"\d+(?:-\D*\d+)?", said)]
        numbers = [n for span in spans for n in range(span[0], span[-1] + 1)][: MOST + 1]
        first = 1 + sum(1 for entry in self.out if entry.startswith("wall"))
        for expected, number in enumerate(numbers, first):
            if number != expected:
                at = re.compile(rf"\b{number}\b").search(self.plain, start)
                raise self.fail(tr("{number}, the wall that comes next", number=expected), at.start() if at else start)
        return self.with_cut("wall", None) * len(numbers)

    def single(self) -> list[str]:
        """A name, letters in a row, a wall, counts of a wall, a hold."""
        start = self.at
        named = named_at(self.plain, self.at, self.names)
        if named is None and (match := self.take(HOLD)):
            return [f"hold:{int(match['behind'] or match['before'])}"]
        part = None if named else self.take(PART_OF)
        named = named or named_at(self.plain, self.at, self.names)
        if named is not None:
            self.at = named[1]
            return self.with_cut(named[0], part)
        if self.take(_WALL):
            return self.with_cut("wall", part)
        walls_only = bool(self.out) and all(entry.startswith("wall") for entry in self.out)
        if part is None and walls_only and FIRST_COUNTS.match(self.plain, self.at):
            # “the whole dance 3 times, then the first 16”: of a wall.
            return self.with_cut("wall", None)
        late = _LATE.match(self.plain, self.at)
        if late is not None and late["letter"].lower() in self.names and int(late["counts"]) > 3:
            return self._late(late)
        word = _WORD.match(self.plain, self.at)
        several = None
        if word is not None and part is None:
            several = _counts(int(word[0]), self.dance) if word[0].isdigit() else letters_in(word[0], self.names)
            word = (several and _OF_COUNTS.match(self.plain, self.at)) or word
        if word is None or several is None:
            raise self.unknown(start if part is None else self.at)
        self.at = word.end()
        return several

    def _late(self, match: re.Match[str]) -> list[str]:
        """“A16”: the first 16 counts of A."""
        name, counts = self.names[match["letter"].lower()], int(match["counts"])
        total = sum(s.length for s in _sections(name, self.dance))
        if counts > total:
            raise self.fail(tr("counts inside it, 1 to {number}", number=total - 1), match.start("counts"))
        self.at = match.end()
        return [quoted(name) + (f"/{counts}" if counts < total else "")]

    def with_cut(self, name: str, part: re.Match[str] | None) -> list[str]:
        """The entry of a name, with what is said of how much of it is danced."""
        if signs := self.take(_SIGNS):
            return [quoted(name) + signs[0].replace(" ", "")]
        self.take(_WHOLE)
        sections = _sections(name, self.dance)
        total = sum(s.length for s in sections)
        behind = re.compile(r"\s*").match(self.plain, self.at)
        start = behind.end() if behind else self.at
        said = part or self._cut_behind(total)
        if said is None:
            return [quoted(name)]
        found = {k: int(v) for k, v in said.groupdict().items() if v is not None and v.isdigit()}
        number = found.get("late", total - found["since"] + 1 if "since" in found else None)
        if number is not None:
            return self._last(sections, number, start)
        counts = total // 2 if said["half"] else found.get("first", found.get("named", 0))
        if "without" in found:
            counts = total - found["without"]
        if counts == total:
            return [quoted(name)]
        if not 1 <= counts < total:
            raise self.fail(tr("counts inside it, 1 to {number}", number=total - 1), start)
        return [f"{quoted(name)}/{counts}"]

    def _cut_behind(self, total: int) -> re.Match[str] | None:
        match = CUT.match(self.plain, self.at)
        if match is None or _HOLD_BEHIND.match(self.plain, self.at):
            return None
        if match[0].strip().isdigit() and not (
            4 <= int(match[0]) < total
            and re.compile(r"(?<!\w)[^\W\d_]$").search(self.plain[: self.at])
            and not re.match(r"\W*\d{1,3}\b(?!\s*(?:[x×*]|[^\W\d_]))", self.plain)
        ):
            # “tag 2” is another tag, and in “32 32 tag 16 32” the numbers are counts of walls: only “A 16” is cut.
            return None
        self.at = match.end()
        return match

    def _last(self, sections: tuple[Section, ...], counts: int, at: int) -> list[str]:
        """The last counts of it, where one of its sections begins there."""
        for k in range(len(sections)):
            if sum(s.length for s in sections[k:]) == counts:
                return [quoted(s.name) for s in sections[k:]]
        raise self.fail(tr("a place where a section begins; write its last counts as a section of their own"), at)

    def unknown(self, at: int) -> NotationError:
        names = [*(p.name for p in self.dance.parts), *(s.name for s in self.dance.sections)]
        word = _WORD.match(self.plain, at)
        if word is not None and word[0].lower() in LEAD_INS:
            return self.fail(tr("what is danced; an intro that is only listened to is the lead-in of the song"), at)
        return self.fail(tr("wall or one of: {names}", names=", ".join(names) or tr("(no section is written yet)")), at)


def _sections(name: str, dance: Dance) -> tuple[Section, ...]:
    if name == "wall":
        return dance.wall_sections()
    inside = next((p.sections for p in dance.parts if p.name == name), (name,))
    return tuple(dance.section(n) for n in inside)


def _counts(number: int, dance: Dance) -> list[str] | None:
    """``32 32 16 4``: counts of a wall, of a wall that is cut, of a tag."""
    wall = sum(s.length for s in dance.wall_sections())
    if number == wall:
        return ["wall"]
    tags = [s.name for s in dance.sections if kind_by_name(s.name) is ItemKind.TAG and s.length == number]
    if len(tags) == 1:
        return [quoted(tags[0])]
    return [f"wall/{number}"] if 0 < number < wall and not tags and number >= 8 else None
