"""A lane beside the feet (arms, hands, looks): its words as they stand, each on its counts."""

from __future__ import annotations

from fractions import Fraction

from vamos.core.dance.counts_typed import NotationError, printed
from vamos.core.dance.typed.clean import cleaned
from vamos.core.dance.typed.count_runs import Clock
from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.dance.typed.line import blocks, groupings
from vamos.core.dance.typed.tokens import Token, tokens_of
from vamos.core.model.dance import Event, Kind
from vamos.core.time import Feel
from vamos.wording import words_of

tr = words_of(__name__)


def read_lane(text: str, feel: Feel) -> tuple[Event, ...]:
    """“up R 1-2, down 3”: nothing in it is a foot. Raises NotationError where words have no counts."""
    clean, lexicon = cleaned(text), lexicon_for({})
    tokens = [t for t in tokens_of(clean.text, lexicon.known) if t.kind != "nl"]
    ways = groupings(blocks(tokens, False, False), lexicon) if tokens else []
    clock = Clock(feel)
    out: list[Event] = []
    for group in min(ways, key=lambda way: way[0])[1] if ways else ():
        words = _words(clean.text, group.words)
        slots = clock.place(list(group.counts)) if group.counts else None
        if not slots:
            at = group.words[0].start if group.words else 0
            raise NotationError(text, clean.at(at), tr("the counts of “{number}”", number=words[:40]))
        end = slots[-1].start + (slots[-1].length or _left(slots[-1].start))
        kind = Kind.HOLD if words.lower() == "hold" else Kind.FREE
        out.append(Event(slots[0].start, end - slots[0].start, words, kind=kind))
    return tuple(out)


def lane_text(events: tuple[Event, ...], feel: Feel) -> str:
    """A lane in words that are read back as the same."""
    rows = sorted(events, key=lambda e: e.start)
    out = []
    for k, event in enumerate(rows):
        before = rows[k - 1].start if k else None
        after = rows[k + 1].start if k + 1 < len(rows) else None
        out.append(f"{event.name} {printed(event.start, event.length, False, feel, before, after)}".strip())
    return ", ".join(out)


def _left(start: Fraction) -> Fraction:
    return Fraction(1) if start.denominator == 1 else 1 - start % 1


def _words(text: str, tokens: tuple[Token, ...]) -> str:
    """The words as they were typed, without what only parts them."""
    kept = [t for t in tokens if t.kind not in ("sep", "dot")]
    return " ".join(text[kept[0].start : kept[-1].end].split()).strip(" ,-") if kept else ""
