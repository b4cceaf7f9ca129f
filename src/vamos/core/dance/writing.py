"""Writing the dance: edits Project → Project that need the notation, the steps and the sequence."""

from __future__ import annotations

import re
from collections.abc import Callable, Mapping
from dataclasses import replace
from fractions import Fraction
from math import floor
from typing import Any

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.notation import kept, parse_line, print_line
from vamos.core.dance.sequence import parse_sequence
from vamos.core.dance.steps import swapped
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, MoveSet, Section, StepPattern
from vamos.core.model.project import Project
from vamos.core.time import Feel, count_text
from vamos.errors import InputError

#: A section longer than this is a slip of the hand.
LONGEST = 128


def own_steps(dance: Dance) -> Mapping[str, StepPattern]:
    """The teacher's own steps by name."""
    return {step.name: step for step in dance.steps}


def notation_of(section: Section, dance: Dance) -> str:
    """The notation of a section: for each role a line of its own, then other move sets.

    ``lead: walk L 1, walk R 2; follow: walk R 1, walk L 2; or easy 5-8: step R 5, touch L 6``
    """
    steps = own_steps(dance)
    found = dict.fromkeys(e.role for e in section.events) or {"": None}
    out = []
    for role in found:
        mine = tuple(e for e in section.events if e.role == role)
        out.append((f"{role}: " if role else "") + print_line(mine, section.feel, steps))
    for other in section.others:
        span = f"{int(other.start) + 1}-{int(other.start + other.length)}"
        out.append(f"or {other.name} {span}: {print_line(other.events, section.feel, steps)}")
    return "; ".join(out)


_OTHER = re.compile(r"or\s+(\S.*?)\s+(\d+)-(\d+)\s*:")
_ROLE = re.compile(r"([^\W\d]\w*)\s*:")


def read_notation(
    text: str, feel: Feel, steps: Mapping[str, StepPattern]
) -> tuple[tuple[Event, ...], tuple[MoveSet, ...]]:
    """Events and other move sets from what :func:`notation_of` writes; raises NotationError."""
    events: list[Event] = []
    others: list[MoveSet] = []
    at = 0
    for part in text.split(";"):
        body = at + len(part) - len(part.lstrip())
        at += len(part) + 1
        other, role = _OTHER.match(part.strip()), _ROLE.match(part.strip())
        head = other or role
        body += head.end() if head else 0
        try:
            found = parse_line(text[body : at - 1], feel, steps)
        except NotationError as error:
            raise NotationError(text, body + error.at, error.expected) from error
        if other:
            first, last = int(other.group(2)), int(other.group(3))
            if not 1 <= first <= last:
                raise NotationError(text, body, f"counts in their order before the colon, not {first}-{last}")
            others.append(MoveSet(other.group(1), Fraction(first - 1), Fraction(last - first + 1), found))
        else:
            events += [replace(e, role=role.group(1)) if role else e for e in found]
    return tuple(events), tuple(others)


def add_section(project: Project, name: str = "", length: int = 8, after: str | None = None) -> Project:
    """A new, empty section, behind another or at the end; the first one also starts the sequence."""
    dance = project.dance
    name = _free_name(dance, name or f"Section {len(dance.sections) + 1}")
    _check_length(length)
    section = Section(name, length)
    place = _place(dance, after) + 1 if after is not None else len(dance.sections)
    sections = (*dance.sections[:place], section, *dance.sections[place:])
    sequence = dance.sequence or (Item(ItemKind.WALL),)
    return replace(project, dance=replace(dance, sections=sections, sequence=_with(sequence, after, name)))


def write_section(project: Project, name: str, text: str) -> Project:
    """The moves of a section from a line of notation; cue words, notes and the like stay on their counts.

    Raises :class:`NotationError`, and InputError when the notation is longer than the section.
    """
    section = project.dance.section(name)
    events, others = read_notation(text, section.feel, own_steps(project.dance))
    end = max((floor(e.start) + 1 for e in events), default=0)
    if end > LONGEST:
        raise InputError(f"A section of {end} counts is too long; at most {LONGEST}.")
    return _replaced(
        project,
        name,
        lambda s: replace(s, events=kept(s.events, events), others=others, length=max(s.length, end)),
    )


def write_count(project: Project, name: str, count: int, text: str) -> Project:
    """What is danced from one count of a section until the next: ``side R, & close L``.

    ``count`` is 0 for count 1. An empty text takes away what was there.
    """
    section = project.dance.section(name)
    new: list[Event] = []
    for line in text.split(";"):
        role = _ROLE.match(line.strip())
        body = line.strip()[role.end() :] if role else line
        found = _of_count(body, count, section.feel)
        new += [replace(e, role=role.group(1)) if role else e for e in found]
    old = tuple(e for e in section.events if floor(e.start) == count)
    rest_of = [e for e in section.events if floor(e.start) != count]
    events = sorted([*rest_of, *kept(old, tuple(new))], key=lambda e: e.start)
    return _replaced(project, name, lambda s: replace(s, events=tuple(events)))


def _of_count(text: str, count: int, feel: Feel) -> tuple[Event, ...]:
    """Events of one count from words with no number: ``side R, & close L``."""
    words = []
    for number, part in enumerate(filter(None, (p.strip() for p in text.split(",")))):
        match = re.match(r"(&|[ea](?![a-z])|\+\d+/\d+)\s*", part)
        at, rest = (match.group(1), part[match.end() :]) if match else (str(count + 1), part)
        lead = f"[{count + 1}] " if match and number == 0 else ""
        hold = rest.lower() == "hold"
        words.append(f"hold {at}" if hold else f"{rest} {lead}{at}")
    new = parse_line(", ".join(words), feel)
    if any(floor(e.start) != count for e in new):
        raise InputError(f"Only what is danced on count {count + 1} can be written here.")
    return new


def count_words(section: Section, count: int) -> str:
    """What :func:`write_count` reads back for a count."""
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


def set_event(project: Project, name: str, start: Fraction, **changes: Any) -> Project:
    """Change fields of the events that begin at a place of a section."""

    def changed(section: Section) -> Section:
        events = tuple(replace(e, **changes) if e.start == start else e for e in section.events)
        if events == section.events and not any(e.start == start for e in events):
            raise InputError(f"Nothing is danced on {count_text(start, section.feel)} of “{name}” yet. Write it first.")
        return replace(section, events=events)

    return _replaced(project, name, changed)


def answer_turn(project: Project, name: str, start: Fraction, right: bool) -> Project:
    """Say which way a turn goes whose direction nobody stated."""

    def answered(event: Event) -> Event:
        if event.start != start or event.turn is not None:
            return event
        size = event.size or 4
        return replace(event, turn=size if right else -size, size=0)

    return _replaced(project, name, lambda s: replace(s, events=tuple(answered(e) for e in s.events)))


def rename_section(project: Project, name: str, new: str) -> Project:
    """Give a section another name, in the sequence too."""
    new = new.strip()
    if not new:
        raise InputError("A section needs a name.")
    if new != name and any(s.name == new for s in project.dance.sections):
        raise InputError(f"There is already a section called “{new}”.")
    project = _replaced(project, name, lambda s: replace(s, name=new))

    def names(old: tuple[str, ...]) -> tuple[str, ...]:
        return tuple(new if n == name else n for n in old)

    dance = project.dance
    sequence = tuple(
        replace(i, sections=names(i.sections), name=new if i.name == name else i.name) for i in dance.sequence
    )
    parts = tuple(replace(p, sections=names(p.sections)) for p in dance.parts)
    return replace(project, dance=replace(dance, sequence=sequence, parts=parts))


def set_section(project: Project, name: str, length: int | None = None, feel: Feel | None = None) -> Project:
    """Another length or feel; in another feel ``&`` and ``a`` move to where they are danced in it."""
    if length is not None:
        _check_length(length)

    def changed(section: Section) -> Section:
        section = replace(section, length=length or section.length)
        if feel is None or feel is section.feel:
            return section
        text = print_line(section.events, section.feel)
        return replace(section, feel=feel, events=kept_in_order(section.events, parse_line(text, feel)))

    return _replaced(project, name, changed)


def kept_in_order(old: tuple[Event, ...], new: tuple[Event, ...]) -> tuple[Event, ...]:
    """New places for the same events, one by one."""
    ordered = sorted(old, key=lambda e: e.start)
    return tuple(replace(e, start=n.start, length=n.length) for e, n in zip(ordered, new, strict=True))


def copy_section(project: Project, name: str, mirrored: bool = False) -> Project:
    """The same section again behind it, under a name of its own; mirrored: feet and turns swapped."""
    dance = project.dance
    section = dance.section(name)
    events = tuple(swapped(e) for e in section.events) if mirrored else section.events
    new = _free_name(dance, f"{name} mirrored" if mirrored else f"{name} again")
    copy = replace(section, name=new, events=events)
    place = _place(dance, name) + 1
    sections = (*dance.sections[:place], copy, *dance.sections[place:])
    return replace(project, dance=replace(dance, sections=sections, sequence=_with(dance.sequence, name, new)))


def mirror_section(project: Project, name: str) -> Project:
    """Swap all feet and turns of a section."""
    return _replaced(project, name, lambda s: replace(s, events=tuple(swapped(e) for e in s.events)))


def remove_section(project: Project, name: str) -> Project:
    """Take a section away, from the sequence and the parts too."""
    project.dance.section(name)
    dance = project.dance

    def without(names: tuple[str, ...]) -> tuple[str, ...]:
        return tuple(n for n in names if n != name)

    sequence = tuple(
        replace(i, sections=without(i.sections))
        for i in dance.sequence
        if i.kind is ItemKind.HOLD or not i.sections or without(i.sections)
    )
    parts = tuple(replace(p, sections=without(p.sections)) for p in dance.parts if without(p.sections))
    sections = tuple(s for s in dance.sections if s.name != name)
    return replace(
        project,
        dance=replace(dance, sections=sections, sequence=sequence if sections else (), parts=parts),
    )


def write_sequence(project: Project, text: str) -> Project:
    """The sequence as typed; raises :class:`NotationError`."""
    return replace(project, dance=replace(project.dance, sequence=parse_sequence(text, project.dance)))


def fill_song(project: Project) -> Project:
    """As many whole walls as the song has room for."""
    grid = project.song.grid if project.song else None
    counts = sum(s.length for s in project.dance.wall_sections())
    if grid is None or counts == 0:
        raise InputError("This needs a song with its beat, and a section.")
    walls = max(1, int(grid.range().end // counts))
    return replace(project, dance=replace(project.dance, sequence=(Item(ItemKind.WALL),) * walls))


def learn_step(project: Project, name: str, start: int, end: int, step: str) -> Project:
    """Keep counts [start, end) of a section as a step of the teacher's own."""
    section = project.dance.section(name)
    inside = tuple(e for e in section.events if start <= e.start < end and e.kind is not Kind.HOLD)
    if not inside or not step.strip():
        raise InputError("A step needs a name and at least one move.")
    events = tuple(replace(e, start=e.start - start, cue="", note="", lyric="") for e in inside)
    if events[0].foot == "L":
        events = tuple(swapped(e) for e in events)
    new = StepPattern(step.strip(), Fraction(end - start), events)
    others = tuple(s for s in project.dance.steps if s.name != new.name)
    return replace(project, dance=replace(project.dance, steps=(*others, new)))


def set_facts(project: Project, **facts: Any) -> Project:
    """Name, credits, level and the other fields of the card."""
    return replace(project, dance=replace(project.dance, **facts))


def _replaced(project: Project, name: str, change: Callable[[Section], Section]) -> Project:
    project.dance.section(name)
    sections = tuple(change(s) if s.name == name else s for s in project.dance.sections)
    return replace(project, dance=replace(project.dance, sections=sections))


def _place(dance: Dance, name: str) -> int:
    return [s.name for s in dance.sections].index(dance.section(name).name)


def _with(sequence: tuple[Item, ...], after: str | None, name: str) -> tuple[Item, ...]:
    """Entries that list the section it stands behind list the new one as well."""
    if after is None:
        return sequence
    out = []
    for item in sequence:
        if item.kind is ItemKind.WALL and after in item.sections:
            at = item.sections.index(after) + 1
            item = replace(item, sections=(*item.sections[:at], name, *item.sections[at:]))
        out.append(item)
    return tuple(out)


def _free_name(dance: Dance, name: str) -> str:
    used = {s.name for s in dance.sections}
    new, number = name, 2
    while new in used:
        new, number = f"{name} {number}", number + 1
    return new


def _check_length(length: int) -> None:
    if not 1 <= length <= LONGEST:
        raise InputError(f"A section has 1 to {LONGEST} counts, not {length}.")
