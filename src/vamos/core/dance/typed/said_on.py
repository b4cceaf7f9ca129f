"""“… with claps on 2 and 4”, “with a ¼ turn left on 7”: what is said of counts beside the moves, no move of its own."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from vamos.core.dance.typed.clean import Clean
from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.model.dance import Doubt, Event, Kind

_SAID = re.compile(
    r"(?:[,;(]\s*(?:then\s+|dann\s+)?|[,;(]?\s*\b(?:with|and|mit|und|con|y)\s+)(?:an?\s+|einem\s+|hand\s+|finger\s+|una?\s+)*"
    r"(?P<what>claps?|snaps?|clicks?|hip\s+(?:lifts?|pops?|bumps?)|klatsch\w*|schnips\w*|palmadas?|chasquidos?)"
    r"\s+(?:on|at|auf|en)\s+(?:(?:the\s+)?counts?\s+)?(?P<counts>\d(?:\s*(?:,|and|und|y|&)\s*(?:(?:on|auf|en)\s+)?\d)*)\s*\)?"
    r"(?=\s*(?:[.,;(\[]|$|\n))",
    re.IGNORECASE,
)


#: “basic right 1-4 (hip up on 4)”.
_ASIDE = re.compile(
    r"[(\[]\s*(?P<what>[^\W\d_]+(?:\s+[^\W\d_]+){0,3})\s+(?:on|auf|en)\s+(?:(?:the\s+)?counts?\s+)?"
    r"(?P<counts>\d(?:\s*(?:,|and|und|y|&)\s*\d)*)\s*[)\]]",
    re.IGNORECASE,
)

_TURNED = re.compile(
    r"(?:\b(?:with|making|turning|mit|con|girando)\b[^,;()\n]*?"
    r"(?:\bturn\b|\b(?:quarter|half|eighth|full|viertel|halbe[rn]?)|[¼½¾⅛]|\d/\d)[^,;()\n]*?"
    # “vine left 5-8, ¼ turn left on 7”: a turn and nothing else.
    r"|[,;(]\s*(?:an?\s+|then\s+|turn(?:ing)?\s+)*(?:quarter|half|eighth|[¼½¾⅛]|\d/\d)"
    r"(?:\s+(?:turn(?:ing)?|to|the|right|left|[rl])\b)*)"
    r"(?P<on>\s+(?:on|auf|en)\s+(?:(?:the\s+)?counts?\s+)?(?P<count>\d))(?![^\S\n]*(?:\d|-|&|and\b))[^\S\n]*\)?(?=\s*(?:[.,;(\[]|$|\n))",
    re.IGNORECASE,
)


#: “vine left 5-8, hitch R on 8”: how it ends.
_LAST = re.compile(
    r"\b(?P<first>\d)\s*-\s*(?P<last>\d)\b[^;\n]*?,\s*[^\d,;\n]+?(?P<on>\s+(?:on|auf|en)\s+(?:count\s+)?(?P=last))"
    r"(?=\s*(?:[,;.]|$))",
    re.IGNORECASE | re.MULTILINE,
)

#: Counts are said within so many.
_EIGHT = 8


@dataclass(frozen=True, slots=True)
class SaidOn:
    """What hands do on a count, from 0; with nothing, the turn of what is danced there lies on that count."""

    count: Fraction
    hands: str = ""
    #: Its place in the cleaned text.
    at: int = 0
    #: A step is said of it: it is left beside the moves, and asked.
    aside: bool = False


def said_on_counts(clean: Clean) -> tuple[Clean, tuple[SaidOn, ...]]:
    """The text without such remarks, where other counts stand in it; each is blanks then, so that signs keep places."""
    out: list[SaidOn] = []
    text = clean.text
    for match in sorted((*_SAID.finditer(text), *_asides(text)), key=lambda m: m.start()):
        without = text[: match.start()] + " " * (match.end() - match.start()) + text[match.end() :]
        # “step R 1 and clap on 2” says where the clap stands, and it stands alone.
        if len(re.findall(r"\d", without)) < 2:
            continue
        text = without
        counts = re.findall(r"\d", match.group("counts"))
        what = match.group("what")
        steps = match.re is _ASIDE and _of_steps(what)
        out += [SaidOn(Fraction(int(n) - 1), what, match.start(), steps) for n in counts]
    text = _LAST.sub(lambda m: m.group()[: m.start("on") - m.start()] + " " * len(m.group("on")), text)
    for match in _TURNED.finditer(text):
        without = text[: match.start("on")] + " " * len(match.group("on")) + text[match.end("on") :]
        # The counts of the move itself must be there already.
        if re.search(r"\d\s*(?:-|to|thru|through|bis)\s*\d", without[: match.start()]):
            # A comma in front would make a move of the turn.
            apart = without[match.start()] in ",;"
            text = f"{without[: match.start()]} {without[match.start() + 1 :]}" if apart else without
            out.append(SaidOn(Fraction(int(match.group("count")) - 1), at=match.start()))
    return Clean(text, clean.places), tuple(out)


def _asides(text: str) -> Iterator[re.Match[str]]:
    """What is said of a count in brackets."""
    lexicon = lexicon_for({})
    for match in _ASIDE.finditer(text):
        roles = [lexicon.role_of(word) for word in match.group("what").split()]
        if _SAID.match(match.group()) is None and any(roles):
            yield match


def _of_steps(what: str) -> bool:
    """Whether steps are said of a count, and no hands, hips or heads."""
    roles = [lexicon_for({}).role_of(word) for word in what.split()]
    return not any("hand" in r for r in roles) or any("act" in r for r in roles)


def as_said(events: Sequence[Event], said: Sequence[SaidOn], since: Fraction = Fraction(0)) -> tuple[Event, ...]:
    """Events with what was said of the counts of one line, which begins at ``since``.

    Where the line goes over more than one eight it is asked which of them is meant.
    """
    before = [e for e in events if e.start < since]
    out = [e for e in events if e.start >= since]
    if not out or not said:
        return tuple(events)
    eight = min(e.start for e in out) // _EIGHT * _EIGHT
    several = max(e.start for e in out) >= eight + _EIGHT
    for one in said:
        there = replace(one, count=eight + one.count)
        if several or one.aside:
            out = _asked(out, there)
        elif one.hands:
            out = _with_hands(out, there)
        else:
            out = _turned_there(out, there.count)
    return (*before, *sorted(out, key=lambda e: e.start))


def _asked(events: list[Event], said: SaidOn) -> list[Event]:
    """A question at the move nearest to the count."""
    nearest = min(range(len(events)), key=lambda k: abs(events[k].start - said.count))
    doubt = Doubt.ASIDE if said.aside else Doubt.COUNTS if said.hands else Doubt.TURNS
    return [replace(e, doubt=e.doubt or doubt) if k == nearest else e for k, e in enumerate(events)]


def _with_hands(events: list[Event], said: SaidOn) -> list[Event]:
    """In the name of the move on that count; where there is none, by itself."""
    out = list(events)
    here = next((k for k, e in enumerate(out) if e.start == said.count), None)
    if here is None:
        return [*out, Event(said.count, Fraction(1), said.hands, kind=Kind.FREE)]
    if said.hands.lower() not in out[here].name.lower():
        out[here] = replace(out[here], name=f"{out[here].name} {said.hands}".strip())
    return out


def _turned_there(events: list[Event], count: Fraction) -> list[Event]:
    """The one turn of these moves on that count; it is asked where there are more, or nobody moves there."""
    out = list(events)
    turned = [k for k, e in enumerate(out) if e.turn or e.size]
    there = next((k for k, e in enumerate(out) if e.start == count), None)
    if len(turned) != 1 or there is None:
        return _asked(out, SaidOn(count))
    turn, size = out[turned[0]].turn, out[turned[0]].size
    out[turned[0]] = replace(out[turned[0]], turn=0, size=0)
    out[there] = replace(out[there], turn=turn, size=size)
    return out
