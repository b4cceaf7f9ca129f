"""Counts among words: which tokens are a run of counts, and where each stands on the line."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from math import ceil, floor

from msgspec import Struct

from vamos.core.dance.typed.tokens import Token
from vamos.core.time.counts import SUBDIVISIONS, Feel

#: Numbers as words, where counts may stand.
NUMBERS = {
    word: number
    for words in (
        "one two three four five six seven eight",
        "eins zwei drei vier fünf sechs sieben acht",
    )
    for number, word in enumerate(words.split(), 1)
}
_AND = ("and", "und")
_PARTS = ("a", "e")
UNTIL = ("to", "bis", "through", "thru", "until", "à", "al")


class Count(Struct, frozen=True):
    """A count as it is written: ``n`` a number, ``part`` behind it, ``before`` it, a ``range``, a ``rest``, or a part
    ``alone``. ``first`` is where a range begins.
    """

    kind: str
    value: int
    part: str = ""
    first: int = 0


class Slot(Struct, frozen=True):
    """A count on the line: where, how long when it is a range, and whether nothing is danced on it."""

    start: Fraction
    length: Fraction | None = None
    rest: bool = False


class CountRun:
    """Reads one run of counts from a place in the tokens.

    ``spoken``: numbers may be words. ``amp``: an & alone behind a move is a count.
    """

    def __init__(self, tokens: list[Token], start: int, spoken: bool, amp: bool):
        self.tokens, self.at, self.start = tokens, start, start
        self.spoken, self.amp = spoken, amp
        self.out: list[Count] = []
        self.waiting = ""

    def read(self) -> tuple[list[Count], int]:
        """The counts, and the token behind them; no counts when there are none."""
        takers: tuple[Callable[[Token, Token | None], bool], ...] = (
            self._number,
            self._part,
            self._dash,
            self._until,
            self._dot,
            self._joined,
            self._bracket,
        )
        while self.at < len(self.tokens):
            token, after = self.tokens[self.at], self._peek(1)
            if not any(take(token, after) for take in takers):
                break
        if self.waiting and not self.out:
            alone = self.tokens[self.start].kind == "amp" and self.start + 1 == self.at
            behind = self.tokens[self.at] if self.at < len(self.tokens) else None
            if alone and (behind is None or behind.kind in ("sep", "nl", "close") or self.amp):
                return [Count("alone", 0, self.waiting)], self.at
            return [], self.start
        if self.waiting:
            self.out.append(Count("part", self.out[-1].value, self.waiting))
        return self.out, self.at

    def _peek(self, ahead: int) -> Token | None:
        return self.tokens[self.at + ahead] if self.at + ahead < len(self.tokens) else None

    def _is_number(self, token: Token | None) -> bool:
        if token is None:
            return False
        return token.kind == "num" or (self.spoken and token.kind == "word" and token.lower in NUMBERS)

    def _number(self, token: Token, _after: Token | None) -> bool:
        if not self._is_number(token):
            return False
        value = token.value if token.kind == "num" else NUMBERS[token.lower]
        if value > 999:
            return False
        if self.waiting:
            self.out.append(Count("before", value, self.waiting))
            self.waiting = ""
        self.out.append(Count("n", value))
        self.at += 1
        return True

    def _part(self, token: Token, after: Token | None) -> bool:
        """``&``, ``a``, ``e``, “and”: behind a count, or before the next one."""
        spoken = token.kind == "word" and token.lower in (*_AND, *_PARTS)
        if token.kind != "amp" and not spoken:
            return False
        counts_next = after is not None and (
            self._is_number(after)
            or after.kind == "amp"
            or (after.kind == "word" and after.lower in _PARTS)
            or (after.kind == "dash" and not after.spaced)
        )
        if spoken and token.lower in _AND and not counts_next:
            return False
        if spoken and token.lower in _AND and self._lists(after):
            # “on 4 and 8”: two counts, and nothing between them.
            self.at += 1
            return True
        part = "&" if token.kind == "amp" or token.lower in _AND else token.lower
        last = self.out[-1] if self.out else None
        glued = not token.spaced
        if last is not None and last.kind in ("n", "part", "range"):
            if part in _PARTS and not glued and not counts_next and after is not None:
                return False
            ahead = after.value if after is not None and after.kind == "num" else None
            if part == "&" and ahead is not None and self._belongs_ahead(last, ahead, token):
                self.waiting = part
            else:
                self.out.append(Count("part", last.value, part))
            self.at += 1
            return True
        if counts_next or (token.kind == "amp" and not self.out):
            self.waiting = part
            self.at += 1
            return True
        return False

    def _lists(self, after: Token | None) -> bool:
        """Whether an “and” stands between counts that do not follow each other."""
        last = self.out[-1] if self.out else None
        return (
            last is not None
            and last.kind == "n"
            and after is not None
            and after.kind == "num"
            and after.value not in (1, last.value + 1)
        )

    @staticmethod
    def _belongs_ahead(last: Count, ahead: int, token: Token) -> bool:
        """Whether an & goes with the count behind it: there is a gap before that one."""
        if last.kind == "range":
            return True
        gap = ahead not in (last.value + 1, 1) and ahead > last.value
        return gap and (token.spaced or last.kind != "n")

    def _dash(self, token: Token, after: Token | None) -> bool:
        if token.kind != "dash" or not self.out:
            return False
        last = self.out[-1]
        if after is not None and after.kind == "num" and last.kind == "n":
            return self._dash_number(token, after, last)
        if after is not None and not after.spaced and (after.kind == "amp" or after.lower in (*_PARTS, *_AND)):
            self.at += 1
            return True
        if after is not None and after.kind == "num" and last.kind == "part":
            self.at += 1
            return True
        if after is None or after.kind in ("num", "nl"):
            self.out.append(Count("rest", last.value + 1))
            self.at += 1
            return True
        return False

    def _dash_number(self, token: Token, after: Token, last: Count) -> bool:
        """``1-4`` is a range; ``1-2-3-4`` are counts; ``1 2 3 - 5 6 7 -`` keeps 4 and 8."""
        chain = (more := self._peek(2)) is not None and more.kind == "dash" and self._is_number(self._peek(3))
        rests = token.spaced and after.spaced and self.tokens[-1].kind == "dash"
        before = self.tokens[self.at - 2] if self.at >= 2 else None
        chained = len(self.out) > 1 and before is not None and before.kind == "dash"
        if rests:
            self.out.append(Count("rest", last.value + 1))
            self.at += 1
        elif after.value == last.value + 1 and (chain or chained):
            self.at += 1
        elif after.value > last.value:
            self.out[-1] = Count("range", after.value, first=last.value)
            self.at += 2
        else:
            self.out.append(Count("rest", last.value + 1))
            self.at += 1
        return True

    def _until(self, token: Token, after: Token | None) -> bool:
        if token.kind != "word" or token.lower not in UNTIL or not self.out or self.out[-1].kind != "n":
            return False
        if after is None or after.kind != "num" or after.value <= self.out[-1].value:
            return False
        self.out[-1] = Count("range", after.value, first=self.out[-1].value)
        self.at += 2
        return True

    def _dot(self, token: Token, after: Token | None) -> bool:
        if token.kind != "dot" or not self.out or not token.spaced or not (after is None or after.kind == "num"):
            return False
        self.out.append(Count("rest", self.out[-1].value + 1))
        self.at += 1
        return True

    def _joined(self, token: Token, after: Token | None) -> bool:
        """A comma, a slash or a bracket between counts that have no words of their own."""
        if token.text not in (",", "/", "(") or not self.out or after is None:
            return False
        k = self.at + 1
        if self.tokens[k].kind == "word" and self.tokens[k].lower in _AND:
            k += 1
        if k >= len(self.tokens) or self.tokens[k].kind not in ("num", "amp"):
            return False
        rest = self.tokens[k:]
        plain = all(
            t.kind in ("num", "amp", "dash", "sep", "dot", "close", "open")
            or (t.kind == "word" and t.lower in (*_PARTS, *_AND))
            for t in rest
        )
        listed = token.text == "," and all(t.kind in ("num", "amp", "sep") for t in self.tokens[self.start : k + 1])
        if not plain and not listed and not self._heads(k):
            return False
        self.at += 1
        return True

    def _heads(self, k: int) -> bool:
        """``1-2, 3&4: rock, recover, triple``: counts in front of a colon belong together."""
        colon = next((i for i, t in enumerate(self.tokens) if t.text == ":"), 0)
        counts = all(t.kind in ("num", "amp", "dash") or t.text == "," for t in self.tokens[:colon])
        return self.start == 0 and k < colon and counts

    def _bracket(self, token: Token, _after: Token | None) -> bool:
        opened = any(t.kind == "open" for t in self.tokens[self.start : self.at])
        if token.kind != "close" or not self.out or not opened:
            return False
        self.at += 1
        return True


class Clock:
    """The counts of a line in one row: another 1 starts the next set of eight (or three, four, six)."""

    def __init__(self, feel: Feel, offset: int = 0, last: Fraction = Fraction(-2)):
        self._parts = SUBDIVISIONS[feel]
        self.offset, self.last = offset, last

    def place(self, counts: list[Count]) -> list[Slot] | None:
        """Where counts stand; None when a part is none of this feel, or they go back to another count than 1."""
        numbers = [c.value for c in counts if c.kind == "n"]
        sets = range(0, len(numbers), 3)
        waltz = len(numbers) >= 6 and len(numbers) % 3 == 0
        waltz = waltz and all(numbers[k + 1 : k + 3] == [2, 3] for k in sets)
        if waltz and numbers[0::3] == list(range(1, len(numbers) // 3 + 1)) and len(counts) == len(numbers):
            return [Slot(Fraction(k)) for k in range(len(numbers))]
        out: list[Slot] = []
        for count in counts:
            slot = self._one(count) if not count.part or count.part in self._parts else None
            if slot is None:
                return None
            out.append(slot)
        return out

    def _one(self, count: Count) -> Slot | None:
        part = self._parts.get(count.part, Fraction(0))
        if count.kind == "alone":
            if self.last < 0:
                return None
            self.last = Fraction(floor(self.last)) + part
            return Slot(self.last)
        at = {
            "before": Fraction(count.value - 2) + part,
            "part": Fraction(count.value - 1) + part,
            "range": Fraction(count.first - 1),
        }.get(count.kind, Fraction(count.value - 1))
        at += self.offset
        if at <= self.last and count.kind == "part":
            return None
        if at <= self.last:
            begins = count.first if count.kind == "range" else count.value
            again = count.kind == "n" and at == self.last
            again = again or (count.kind == "before" and at == self.last)
            if again or (begins != 1 and not (count.kind == "before" and begins == 2)):
                return None
            own = floor(self.last - self.offset) + 1
            step = own if own in (3, 4, 6) else 8 * max(1, ceil(Fraction(own, 8)))
            while at <= self.last:
                self.offset += step
                at += step
        self.last = at if count.kind != "range" else Fraction(count.value - 1) + self.offset
        length = Fraction(count.value - count.first + 1) if count.kind == "range" else None
        return Slot(at, length, count.kind == "rest")
