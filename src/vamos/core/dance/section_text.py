"""A section, or one of its counts, as a line of notation; and read back."""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction
from math import ceil, floor

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.move_words import KIND
from vamos.core.dance.notation import parse_line
from vamos.core.dance.notation_out import print_line
from vamos.core.dance.short_words import patterns_of
from vamos.core.dance.typed.lane import lane_text, read_lane
from vamos.core.dance.typed.reading import known_person, may_be_role, read_typed
from vamos.core.dance.who import is_everybody, is_lane
from vamos.core.model.dance import Dance, Doubt, Event, MoveSet, Section, StepPattern
from vamos.core.time import Feel, count_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def own_steps(dance: Dance) -> Mapping[str, StepPattern]:
    """The teacher's own steps by name, and what short words stand for."""
    steps = {step.name: step for step in dance.steps}
    return {**patterns_of(dance.words, steps), **steps} if dance.words else steps


def notation_of(section: Section, dance: Dance) -> str:
    """The notation of a section: for each role a line of its own, then other move sets.

    ``lead: walk L 1, walk R 2; follow: walk R 1, walk L 2; or easy 5-8: step R 5, touch L 6``
    """
    steps = own_steps(dance)
    found = dict.fromkeys(e.role for e in section.events) or {"": None}
    out = []
    for role in found:
        mine = tuple(e for e in section.events if e.role == role)
        words = lane_text(mine, section.feel) if is_lane(role) else _line(mine, section.feel, steps)
        out.append((f"{role}: " if role else "") + words)
    for other in section.others:
        span = f"{int(other.start) + 1}-{int(other.start + other.length)}"
        # What is typed is never translated: a file goes from one language to another.
        out.append(f"or {other.name} {span}: {_line(other.events, section.feel, steps)}")
    return "; ".join(out)


def _line(events: tuple[Event, ...], feel: Feel, steps: Mapping[str, StepPattern]) -> str:
    """Moves in words that are read back as the same moves, with nothing new to ask."""
    line = print_line(events, feel, steps)
    try:
        again = read_moves(line, feel, steps)
    except NotationError:
        again = ()
    asked = any(e.doubt for e in again) and not any(e.doubt for e in events)
    same = _danced(again) == _danced(tuple(sorted(events, key=lambda e: e.start))) and not asked
    return line if same or not events else print_line(events, feel, steps, explicit=True)


_OTHER = re.compile(r"(?:or|oder)\s+(\S.*?)\s+(\d+)-(\d+)\s*:")
#: “S1: …” says which section it is, and nobody who dances it.
_NUMBERED = re.compile(r"(?:s|sec|sect|section|set|abschnitt|teil)\.?\s*\d{1,2}\s*:", re.IGNORECASE)
_ROLE = re.compile(r"([^\W\d][\w ]{0,24}?)\s*:(?!\d)")


_NEW_LINE = re.compile(r"\n(?=[^\n;]*:)")


def danced_by_somebody(text: str) -> bool:
    """Whether a line begins with who dances it, in words that are used for partners, groups or parts of the body."""
    found = role_at(text.lstrip())
    return found is not None and (known_person(found.group(1)) or is_lane(found.group(1)))


def role_at(text: str) -> re.Match[str] | None:
    """The name of a role and its colon at the beginning of a line; None where other words stand there."""
    found = _ROLE.match(text)
    return found if found is not None and may_be_role(found.group(1)) else None


_LATER = re.compile(
    r"\s*(?:the\s+)?same(?:\s+as\s+(?P<who>[^\W\d][\w ]*?))?\s*,?\s*(?P<late>\d{1,2})\s+counts?\s+later\s*$",
    re.IGNORECASE,
)


def read_moves(text: str, feel: Feel, steps: Mapping[str, StepPattern], lay_out: bool = False) -> tuple[Event, ...]:
    """The moves of a line: as Vamos writes them, else as people type them. Raises NotationError.

    With ``lay_out`` known moves without any count stand one after the other.

    A line that Vamos wrote, and marked where it could be taken otherwise, is read as it was meant.
    """
    try:
        written = parse_line(text, feel, steps)
    except NotationError:
        return read_typed(text, feel, steps, lay_out=lay_out).events
    plain = " ".join(text.split())
    # “½ turn ?” and “½ turn” are the same open turn.
    if KIND.search(text) and plain.replace(" ?", "") == print_line(written, feel, steps, explicit=True).replace(
        " ?", ""
    ):
        return written
    own = print_line(written, feel, steps) == plain
    if own and KIND.search(text):
        return written
    try:
        # “2 x vine R” has no count; it is laid out where that is asked for.
        typed = read_typed(text, feel, steps, lay_out=lay_out).events
    except NotationError:
        # What people typed and nobody understood is a name at best, which is asked.
        return written if own else (replace(written[0], doubt=written[0].doubt or Doubt.LINE), *written[1:])
    return written if own and _alike(written, typed) else typed


def _alike(one: tuple[Event, ...], other: tuple[Event, ...]) -> bool:
    """Whether two readings dance the same, whatever they call it, and nothing has to be asked."""
    return _danced(one) == _danced(other) and not any(e.doubt for e in other)


def _danced(events: tuple[Event, ...]) -> list[tuple[object, ...]]:
    return [(e.start, e.length, e.foot, e.kind, e.turn, e.size) for e in events]


_COUNT_SAID = re.compile(
    r"^(\s*)(counts?|cts?|beats?|zähler|zählzeit(?:en)?)(\s+(?:\d{1,2}|&|a|e)(?:\s*[-–&ae,]\s*\d{0,2})*\s*):",
    re.IGNORECASE | re.MULTILINE,
)


def count_said(text: str) -> str:
    """“Count 1: step R” without the word and the colon, which name no dancer; every sign keeps its place."""
    return _COUNT_SAID.sub(lambda m: f"{m.group(1)}{' ' * len(m.group(2))}{m.group(3)} ", text)


def _counted(part: str) -> bool:
    """Whether counts stand in it; how far one turns is none."""
    return re.search(r"\d", re.sub(r"\d\s*/\s*\d", "", part)) is not None


_REPEATS = re.compile(
    r"\s*(?:\d[\d\s&\-–]*:?\s*)?"
    r"(?:repeat|same|again|do\s+(?:it|this|that|the\s+same)|reverse|mirror|opposite|"
    r"other\s+(?:side|foot|way)|wie\b|wiederhol|dasselbe|"
    r"das gleiche|nochmal|andere seite|anders herum|gegengleich|igual|al otro lado|repit|repet|répét)",
    re.IGNORECASE,
)


def _apart(text: str) -> list[str]:
    """What stands between semicolons; “7-8: step R; ½ turn L” shares its counts and is one."""
    found: list[str] = []
    for part in text.split(";"):
        alone = _counted(part) or not part.strip() or _OTHER.match(part.strip()) or role_at(part.strip())
        counts_alone = re.fullmatch(r"[\d\s&+ae,.\-–]+", part) is not None and not _counted(found[-1] if found else "1")
        # “stomp R, clap; stomp L, clap” without counts goes on from what stands before.
        bare = bool(found) and not (_OTHER.match(found[-1].strip()) or role_at(found[-1].strip()))
        uncounted = bare and bool(found[-1].strip()) and not _counted(found[-1]) and not role_at(part.strip())
        # “5-8 repeat 1-4” dances what stands before the semicolons.
        if bare and _REPEATS.match(part) is not None:
            counts_alone = True
            while len(found) > 1 and not (_OTHER.match(found[-1].strip()) or role_at(found[-1].strip())):
                found[-2:] = [";".join(found[-2:])]
        if found and ((not alone and (_counted(found[-1]) or bare)) or counts_alone or uncounted):
            found[-1] += f";{part}"
        else:
            found.append(part)
    return found


def read_notation(
    text: str, feel: Feel, steps: Mapping[str, StepPattern], lay_out: bool = True
) -> tuple[tuple[Event, ...], tuple[MoveSet, ...]]:
    """Events and other move sets from what :func:`notation_of` writes; raises NotationError."""
    text = count_said(text)
    events: list[Event] = []
    others: list[MoveSet] = []
    at = 0
    # A line of its own for each role is parted like one with semicolons; every sign keeps its place.
    apart = _NEW_LINE.sub(lambda found: ";" if danced_by_somebody(text[found.end() :]) else "\n", text)
    for part in _apart(apart):
        body = at + len(part) - len(part.lstrip())
        at += len(part) + 1
        numbered = _NUMBERED.match(text, body)
        if numbered:
            body, part = numbered.end(), text[numbered.end() : at - 1]
            body += len(part) - len(part.lstrip())
        other, role = _OTHER.match(part.strip()), role_at(part.strip())
        head = other or role
        body += head.end() if head else 0
        later = _LATER.match(text[body : at - 1]) if role else None
        if later and role:
            events += _canon(events, role.group(1), later, text, body)
            continue
        who = _name_of(role)
        end = _where_all_go_on(text[body : at - 1], who, events) if role and not is_lane(who) else None
        stop = at - 1 if end is None else body + end
        together: tuple[Event, ...] = ()
        try:
            if role and is_lane(who):
                found = read_lane(text[body:stop], feel)
            else:
                found = read_moves(text[body:stop], feel, steps, lay_out)
            if end is not None:
                body = stop
                together = read_moves(text[body : at - 1], feel, steps, lay_out)
        except NotationError as error:
            raise NotationError(text, body + error.at, error.expected) from error
        if other:
            first, last = int(other.group(2)), int(other.group(3))
            if not 1 <= first <= last:
                raise NotationError(
                    text, body, tr("counts in their order before the colon, not {first}-{last}", first=first, last=last)
                )
            others.append(MoveSet(other.group(1), Fraction(first - 1), Fraction(last - first + 1), found))
        else:
            events += [replace(e, role=who) if role else e for e in found]
        events += [replace(e, doubt=e.doubt or Doubt.READINGS) for e in together[:1]]
        events += together[1:]
    return _who_is_asked(events), tuple(others)


def _name_of(role: re.Match[str] | None) -> str:
    name = " ".join(role.group(1).split()) if role else ""
    return "" if is_everybody(name) else name


def _where_all_go_on(body: str, who: str, before: list[Event]) -> int | None:
    """Where a line without a name begins on the count behind that on which this role and one before it end: it may be
    danced by all. None where there is no such line.
    """
    done = 0
    ends = {ceil(e.start + e.length) for e in before if e.role not in ("", who) and not is_lane(e.role)}
    at = 0
    for line in body.split("\n"):
        numbers = [int(n) for n in _WHOLE_COUNT.findall(line)]
        if at and numbers and numbers[0] == done + 1 and ends and max(ends) == done:
            return at - 1
        done = max([done, *numbers])
        at += len(line) + 1
    return None


_WHOLE_COUNT = re.compile(r"(?<![\d/:.])(\d{1,2})(?![\d/:])")


def _who_is_asked(events: list[Event]) -> tuple[Event, ...]:
    """A name before a colon that stands alone may be that of the step as well: it is asked."""
    roles = {e.role for e in events}
    only = next(iter(roles)) if len(roles) == 1 else ""
    if only and not is_lane(only) and not known_person(only) and not events[0].doubt:
        first = min(range(len(events)), key=lambda k: events[k].start)
        events[first] = replace(events[first], doubt=Doubt.NAME, unread=only)
    return tuple(events)


def _canon(events: list[Event], role: str, later: re.Match[str], text: str, at: int) -> list[Event]:
    """``group 2: same, 4 counts later``: what another role dances, begun so many counts later."""
    who = (later.group("who") or (events[0].role if events else "")).strip()
    source = [e for e in events if e.role.lower() == who.lower()]
    if not source:
        raise NotationError(text, at, tr("moves of another role before it, which are danced later"))
    return [replace(e, role=role, start=e.start + int(later.group("late"))) for e in source]


def read_count(text: str, count: int, feel: Feel) -> tuple[Event, ...]:
    """Events of one count (0 for count 1) from words with no number: ``side R, & close L``."""
    words = []
    for number, part in enumerate(filter(None, (p.strip() for p in text.split(",")))):
        match = re.match(r"(&|[ea](?![a-z])|\+\d+/\d+)\s*", part)
        at, rest = (match.group(1), part[match.end() :]) if match else (str(count + 1), part)
        lead = f"[{count + 1}] " if match and number == 0 else ""
        hold = rest.lower() == "hold"
        words.append(tr("hold {at}", at=at) if hold else f"{rest} {lead}{at}")
    new = parse_line(", ".join(words), feel, one_count=True)
    if any(floor(e.start) != count for e in new):
        raise InputError(tr("Only what is danced on count {number} can be written here.", number=count + 1))
    return new


def count_words(section: Section, count: int) -> str:
    """A count as :func:`read_count` reads it back, roles apart by semicolons."""
    here = sorted((e for e in section.events if floor(e.start) == count), key=lambda e: e.start)
    lines = []
    for role in dict.fromkeys(e.role for e in here):
        parts = []
        for event in (e for e in here if e.role == role):
            text = print_line((replace(event, length=Fraction(1)),), section.feel)
            spoken = count_text(event.start, section.feel)
            words = text.removesuffix(spoken).strip().removesuffix(f"[{count + 1}]").strip()
            parts.append(words if event.start == count else f"{spoken} {words}")
        lines.append((f"{role}: " if role else "") + ", ".join(parts))
    return "; ".join(lines)
