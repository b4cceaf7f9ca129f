"""The sequence as people write it: ``wall*2 tag1 wall/16 wall``, ``A A B B C C D tag1``, ``4 walls, tag 1, 2 walls``.

Grammar, entries separated by spaces::

    entry   = [number ["*"]] [kind ":"] name ["*" number | "x" number] {"/" counts | "@" counts "+" counts}
            | "hold:" counts | "hold" counts | "[" entries "]"
    kind    = "wall" | "part" | "tag" | "ending" | "hold"
    name    = a word, or words in quotation marks

``wall`` is the whole dance; ``wall/16`` is cut by a restart after 16 counts; ``wall@16+4`` has a
stop of the music after 16 counts in which 4 are kept. Other names are those of parts or sections;
one that begins with tag, bridge or ending is a tag or the ending. What stands in brackets is optional. A name of
several words needs no quotation marks where the words are one of the dance; ``restart after 16`` is ``/16``.
"""

from __future__ import annotations

import re
from dataclasses import replace

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.sequence_names import quoted
from vamos.core.dance.sequence_said import as_written
from vamos.core.model.dance import Dance, Item, ItemKind, Pause, kind_by_name
from vamos.wording import words_of

tr = words_of(__name__)

_NAME = re.compile(r'"([^"]*)"|“([^”]*)”|([^\s\[\]"“*/@:+,]+)')
#: “4 walls”, “4*wall”; “wall x4”, “wall*4”; “hold 4”; “wall restart after 16”.
_TIMES_BEFORE = re.compile(r"(\d+)\s*(?:[*×x]\s*|\s+(?=walls?\b))", re.IGNORECASE)
_TIMES_BEHIND = re.compile(r"\s*[*×](?=\s*\d)\s*|\s*x(?=\d)", re.IGNORECASE)
_HOLD = re.compile(r"hold\s+(?:for\s+)?(\d+)(?:\s+(?:counts?|beats?))?(?![\w*×])", re.IGNORECASE)
_RESTART = re.compile(r"\s*,?\s*\(?restart\s+after\s+(?:count\s+)?(\d+)(?:\s+counts?)?\)?", re.IGNORECASE)
#: “wall 3” is the third one, not a wall and section 3.
_NUMBERED = re.compile(r"\s*#?\d+(?!\d|\s*(?:[x×*]|walls?\b))", re.IGNORECASE)
_NAME_ENDS = re.compile(r"(?=$|[\s\[\],*×/@])")
_NUMBER = re.compile(r"\d+")
_KINDS = {k.value: k for k in ItemKind}
MOST = 500


def parse_sequence(text: str, dance: Dance) -> tuple[Item, ...]:
    """The entries of a sequence; names must be parts or sections of the dance.

    Raises
    ------
    NotationError
        with the character that cannot be read and what was expected there.
    """
    try:
        return tuple(_Reader(text, dance).entries())
    except NotationError as error:
        try:
            return tuple(_Reader(as_written(text, dance), dance).entries())
        except NotationError as said:
            if said.typed != text:
                # What is asked for is not there, such as a restart behind the end: at its number.
                number = _NUMBER.match(said.typed, said.at)
                at = text.find(number.group()) if number is not None else -1
                raise (NotationError(text, at, said.expected) if at >= 0 else error) from None
            # The one that came as far knows better what is wrong.
            further = said.at > error.at or (said.at == error.at and text[said.at :][:1] not in ("", "]"))
            raise (said if further else error) from None


class _Reader:
    def __init__(self, text: str, dance: Dance):
        self.text, self.dance = text, dance
        self.at = 0
        self.optional = False

    def fail(self, expected: str, at: int | None = None) -> NotationError:
        return NotationError(self.text, self.at if at is None else at, expected)

    def entries(self) -> list[Item]:
        out: list[Item] = []
        opened = 0
        while True:
            while self.at < len(self.text) and self.text[self.at] in " \t\n,":
                self.at += 1
            if self.at >= len(self.text):
                if self.optional:
                    raise self.fail(tr("“]” for the one opened at character {number}", number=opened + 1))
                return out
            if self.text[self.at] == "[" and not self.optional:
                opened, self.optional = self.at, True
                self.at += 1
            elif self.text[self.at] == "]" and self.optional:
                self.optional = False
                self.at += 1
            else:
                out += self.entry()
                if len(out) > MOST:
                    raise self.fail(tr("at most {most} entries", most=MOST))

    def entry(self) -> list[Item]:
        times = 1
        start = self.at
        if (match := _TIMES_BEFORE.match(self.text, self.at)) is not None and not self._whole_name():
            times, self.at = int(match.group(1)), match.end()
        item = self._named()
        if match := _TIMES_BEHIND.match(self.text, self.at):
            self.at = match.end()
            times = self._number(tr("how many times"))
        if match := _RESTART.match(self.text, self.at):
            self.at = match.start(1) - 1
            item = self._cut(item, "/")
            self.at = match.end()
        while self.at < len(self.text) and self.text[self.at] in "/@":
            item = self._cut(item)
        if not 1 <= times <= MOST:
            raise self.fail(tr("1 to {most} times", most=MOST), start)
        return [replace(item, optional=self.optional)] * times

    def _named(self) -> Item:
        start = self.at
        if name := self._whole_name():
            self.at += len(name)
            return self._item(name, None, start)
        if match := _HOLD.match(self.text, self.at):
            self.at = match.end()
            return Item(ItemKind.HOLD, name="hold", counts=self._some(int(match.group(1)), start))
        name = self._name()
        if name.lower() == "walls":
            name = "wall"
        kind = _KINDS.get(name.lower())
        if kind is not None and self.at < len(self.text) and self.text[self.at] == ":":
            self.at += 1
            if kind is ItemKind.HOLD:
                counts = self._number(tr("the counts that are held"))
                return Item(ItemKind.HOLD, name="hold", counts=self._some(counts, start))
            start = self.at
            return self._item(self._name(), kind, start)
        if kind is ItemKind.WALL and not self._known(name):
            if _NUMBERED.match(self.text, self.at):
                raise self.fail(tr("walls without their numbers, such as wall*2 or wall/16"))
            return Item(ItemKind.WALL)
        return self._item(name, None, start)

    def _whole_name(self) -> str:
        """A name of the dance with spaces in it that stands here as it is; the longest one."""
        here = self.text[self.at :]
        names = (*(p.name for p in self.dance.parts), *(s.name for s in self.dance.sections))
        fits = [
            here[: len(n)]
            for n in names
            if re.search(r"\s", n) and here.lower().startswith(n.lower()) and _NAME_ENDS.match(here, len(n))
        ]
        return max(fits, key=len, default="")

    def _name(self) -> str:
        match = _NAME.match(self.text, self.at)
        if match is None:
            raise self.fail(tr("wall, hold:4, or the name of a part or section"))
        self.at = match.end()
        return next(g for g in match.groups() if g is not None)

    def _known(self, name: str) -> tuple[str, ...]:
        """The sections a part or section of this name stands for; case does not matter."""
        for part in self.dance.parts:
            if part.name.lower() == name.lower():
                return part.sections
        whole = tuple(s.name for s in self.dance.sections if s.name.lower() == name.lower())[:1]
        return whole or self._short(name)

    def _short(self, name: str) -> tuple[str, ...]:
        """“2” is “Section 2: travel”, “B” is “B: Jacks”, “Basic” is “Basic to the side”, where just one section is."""
        if not re.fullmatch(r"\d{1,2}|[A-Za-z]\d?", name):
            begins = tuple(s.name for s in self.dance.sections if s.name.lower().startswith(f"{name.lower()} "))
            return begins if len(begins) == 1 and len(name) > 2 else ()
        parts = {p.name: p.sections for p in self.dance.parts}
        heads = {s.name: s.name.partition(":")[0].split() for s in self.dance.sections}
        found = tuple(n for n, words in heads.items() if words and words[-1].lower() == name.lower() and len(words) < 3)
        return parts.get(found[0], found) if len(found) == 1 else ()

    def _item(self, name: str, kind: ItemKind | None, at: int) -> Item:
        sections = self._known(name)
        if not sections:
            names = [*(p.name for p in self.dance.parts), *(s.name for s in self.dance.sections)]
            raise self.fail(
                tr("wall or one of: {names}", names=", ".join(names) or tr("(no section is written yet)")), at
            )
        if kind is None:
            kind = kind_by_name(name) or ItemKind.PART
        called = (*(p.name for p in self.dance.parts), *(s.name for s in self.dance.sections))
        return Item(kind, sections, next((n for n in called if n.lower() == name.lower()), sections[0]))

    def _cut(self, item: Item, sign: str = "") -> Item:
        sign, start = sign or self.text[self.at], self.at
        self.at += 1
        counts = self._some(self._number("counts"), start)
        length = sum(self.dance.section(n).length for n in item.sections) if item.sections else None
        if length is None:
            length = sum(s.length for s in self.dance.wall_sections())
        if item.kind is ItemKind.HOLD or counts > length or (sign == "/" and counts == length):
            raise self.fail(tr("counts inside it, 1 to {number}", number=length - 1), start + 1)
        if sign == "/":
            return replace(item, restart_after=counts)
        if self.at >= len(self.text) or self.text[self.at] != "+":
            raise self.fail(tr("+ and the counts that are kept, such as @16+4"))
        self.at += 1
        kept = self._some(self._number(tr("the counts that are kept")), self.at)
        return replace(item, pauses=(*item.pauses, Pause(counts, kept)))

    def _number(self, what: str) -> int:
        match = _NUMBER.match(self.text, self.at)
        if match is None:
            raise self.fail(tr("a number: {what}", what=what))
        self.at = match.end()
        return int(match.group())

    def _some(self, counts: int, at: int) -> int:
        if not 1 <= counts <= 4096:
            raise self.fail(tr("1 to 4096 counts"), at)
        return counts


def print_sequence(sequence: tuple[Item, ...], dance: Dance) -> str:
    """The canonical form; equal neighbours are written once with their number."""
    out: list[str] = []
    k = 0
    while k < len(sequence):
        item, times = sequence[k], 1
        while k + times < len(sequence) and sequence[k + times] == item:
            times += 1
        text = _entry(item, dance)
        if times > 1:
            text = f"{times}*{text}"
        out.append(f"[{text}]" if item.optional else text)
        k += times
    return " ".join(out)


def _entry(item: Item, dance: Dance) -> str:
    if item.kind is ItemKind.HOLD:
        return f"hold:{max(1, item.counts)}"
    cuts = f"/{item.restart_after}" if item.restart_after is not None else ""
    cuts += "".join(f"@{p.after}+{p.counts}" for p in item.pauses)
    whole = item.kind is ItemKind.WALL and (
        not item.sections or tuple(s.name for s in dance.wall_sections()) == item.sections
    )
    if whole:
        return "wall" + cuts
    name = item.name if _stands_for(item, dance) else (item.sections[0] if item.sections else item.name)
    text = quoted(name)
    said = kind_by_name(name) or ItemKind.PART
    if said is not item.kind or name.lower() in _KINDS:
        text = f"{item.kind}:{text}"
    return text + cuts


def _stands_for(item: Item, dance: Dance) -> bool:
    """Whether the item's name is that of a part or section with just its sections."""
    # As they are read: a part goes before a section of the same name.
    named = {s.name: (s.name,) for s in dance.sections} | {p.name: p.sections for p in dance.parts}
    return named.get(item.name) == item.sections
