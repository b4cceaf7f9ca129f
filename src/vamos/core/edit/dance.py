"""Edits of the dance: sections, counts, turns answered, sequence, card."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from math import floor
from typing import Any

from vamos.core.dance.notation import parse_line
from vamos.core.dance.notation_out import kept, print_line
from vamos.core.dance.offers import Offer, with_section
from vamos.core.dance.section_text import own_steps, read_count, read_notation, role_at
from vamos.core.dance.sequence import parse_sequence
from vamos.core.dance.short_words import in_full, parse_words
from vamos.core.dance.steps import swapped
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, Section, StepPattern
from vamos.core.model.ids import new_id
from vamos.core.model.project import Project
from vamos.core.time import Feel, count_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: A section longer than this is a slip of the hand.
LONGEST = 128


def set_dance(project: Project, dance: Dance) -> Project:
    """Another sheet; sections of the same name stay the same sections, with what was decided about their clips."""
    ids = {s.name: s.id for s in project.dance.sections}
    used = {r.id for r in project.ranges}
    sections = []
    for section in dance.sections:
        free = ids.get(section.name) or _free(section.id, used | set(ids.values()))
        used.add(free)
        sections.append(replace(section, id=free))
    return replace(project, dance=replace(dance, sections=tuple(sections)))


def add_section(project: Project, name: str = "", length: int = 8, after: str | None = None) -> Project:
    """A new, empty section, behind another or at the end.

    The first one is danced as often as the song has room for, and so are those after it until a sequence is written.
    """
    dance = project.dance
    name = _free_name(project, name or tr("Section {number}", number=len(dance.sections) + 1))
    _check_length(length)
    section = Section(name, length, id=new_id())
    place = _place(dance, after) + 1 if after is not None else len(dance.sections)
    sections = (*dance.sections[:place], section, *dance.sections[place:])
    if fills_the_song(project):
        # Nobody wrote the sequence yet: it is danced as often as the song has room for.
        return fill_song(replace(project, dance=replace(dance, sections=sections)))
    sequence = dance.sequence or (Item(ItemKind.WALL),)
    return replace(project, dance=replace(dance, sections=sections, sequence=_with(sequence, after, name)))


def _filled_as_before(before: Project, after: Project) -> Project:
    """After a change of lengths: the song filled again, where it was."""
    filled = before.dance.sections and after.dance.wall_sections() and fills_the_song(before)
    return fill_song(after) if filled else after


def fills_the_song(project: Project) -> bool:
    """Whether the sequence is still the one a dance begins with: plain walls, as many as the song has room for."""
    grid, dance = project.grid, project.dance
    if grid is None:
        return False
    counts = sum(s.length for s in dance.wall_sections())
    walls = max(1, int(grid.range().end // counts)) if counts else 0
    return dance.sequence == (Item(ItemKind.WALL),) * walls


def write_section(project: Project, name: str, text: str) -> Project:
    """The moves of a section from a line of notation; cue words, notes and the like stay on their counts.

    Raises :class:`NotationError`, and InputError when the notation is longer than the section.
    """
    section = project.dance.section(name)
    events, others = read_notation(text, section.feel, own_steps(project.dance))
    full = in_full(events, project.dance.words)
    end = max((floor(e.start) + 1 for e in events), default=0)
    if end > LONGEST:
        raise InputError(tr("A section of {end} counts is too long; at most {longest}.", end=end, longest=LONGEST))
    return _replaced(
        project,
        name,
        lambda s: replace(s, events=kept(s.events, full), others=others, length=max(s.length, end)),
    )


def write_count(project: Project, name: str, count: int, text: str) -> Project:
    """What is danced from one count of a section until the next: ``side R, & close L``.

    ``count`` is 0 for count 1. An empty text takes away what was there.
    """
    section = project.dance.section(name)
    new: list[Event] = []
    for line in text.split(";"):
        role = role_at(line.strip())
        body = line.strip()[role.end() :] if role else line
        found = read_count(body, count, section.feel)
        new += [replace(e, role=role.group(1)) if role else e for e in found]
    old = tuple(e for e in section.events if floor(e.start) == count)
    rest_of = [e for e in section.events if floor(e.start) != count]
    full = in_full(new, project.dance.words)
    events = sorted([*rest_of, *kept(old, full)], key=lambda e: e.start)
    return _replaced(project, name, lambda s: replace(s, events=tuple(events)))


def set_event(project: Project, name: str, start: Fraction, **changes: Any) -> Project:
    """Change fields of the events that begin at a place of a section."""

    def changed(section: Section) -> Section:
        events = tuple(replace(e, **changes) if e.start == start else e for e in section.events)
        if events == section.events and not any(e.start == start for e in events):
            raise InputError(
                tr(
                    "Nothing is danced on {count} of “{name}” yet. Write it first.",
                    count=count_text(start, section.feel),
                    name=name,
                )
            )
        return replace(section, events=events)

    return _replaced(project, name, changed)


def take_offer(project: Project, offer: Offer) -> Project:
    """What was offered: the section as it would be."""
    return replace(project, dance=with_section(project.dance, offer.section))


def set_start(project: Project, **facts: Any) -> Project:
    """How the dance begins: ``start_weight``, ``start_heading``, ``partner_heading``."""
    return replace(project, dance=replace(project.dance, **facts))


def rename_section(project: Project, name: str, new: str) -> Project:
    """Give a section another name, in the sequence too."""
    new = new.strip()
    if not new:
        raise InputError(tr("A section needs a name."))
    if new != name and any(s.name == new for s in project.dance.sections):
        raise InputError(tr("There is already a section called “{new}”.", new=new))
    dance = project.dance
    section = dance.section(name)

    def names(old: tuple[str, ...]) -> tuple[str, ...]:
        return tuple(new if n == name else n for n in old)

    sections = tuple(replace(s, name=new) if s is section else s for s in dance.sections)
    sequence = tuple(
        replace(i, sections=names(i.sections), name=new if i.name == name else i.name) for i in dance.sequence
    )
    parts = tuple(replace(p, sections=names(p.sections)) for p in dance.parts)
    renamed = replace(dance, sections=sections, sequence=sequence, parts=parts)
    return replace(project, dance=_same_walls(dance, renamed))


def _same_walls(before: Dance, after: Dance) -> Dance:
    """A name such as tag must not change what a wall dances: walls then list their sections."""
    wanted = [s.id for s in before.wall_sections()]
    if [s.id for s in after.wall_sections()] == wanted:
        return after
    names = tuple(s.name for s in after.sections if s.id in wanted)
    walls = (replace(i, sections=names) if i.kind is ItemKind.WALL and not i.sections else i for i in after.sequence)
    return replace(after, sequence=tuple(walls))


def set_section(project: Project, name: str, length: int | None = None, feel: Feel | None = None) -> Project:
    """Another length or feel; in another feel ``&`` and ``a`` move to where they are danced in it."""
    if length is not None:
        _check_length(length)

    def changed(section: Section) -> Section:
        section = replace(section, length=length or section.length)
        if feel is None or feel is section.feel:
            return section
        moved = [
            event
            for role in dict.fromkeys(e.role for e in section.events)
            for event in _in_feel(tuple(e for e in section.events if e.role == role), section.feel, feel)
        ]
        return replace(section, feel=feel, events=tuple(sorted(moved, key=lambda e: e.start)))

    return _replaced(project, name, changed)


def _in_feel(events: tuple[Event, ...], before: Feel, after: Feel) -> tuple[Event, ...]:
    """The events of one role on the same spoken counts in another feel."""
    new = parse_line(print_line(events, before), after)
    ordered = sorted(events, key=lambda e: e.start)
    return tuple(replace(e, start=n.start, length=n.length) for e, n in zip(ordered, new, strict=True))


def copy_section(project: Project, name: str, mirrored: bool = False) -> Project:
    """The same section again behind it, under a name of its own; mirrored: feet and turns swapped."""
    dance = project.dance
    section = dance.section(name)
    events = tuple(swapped(e) for e in section.events) if mirrored else section.events
    new = _free_name(project, tr("{name} mirrored", name=name) if mirrored else tr("{name} again", name=name))
    copy = replace(section, name=new, id=new, events=events)
    place = _place(dance, name) + 1
    sections = (*dance.sections[:place], copy, *dance.sections[place:])
    after = replace(project, dance=replace(dance, sections=sections, sequence=_with(dance.sequence, name, new)))
    return _filled_as_before(project, after)


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
    left = replace(dance, sections=sections, sequence=sequence if sections else (), parts=parts)
    return _filled_as_before(project, replace(project, dance=left))


def write_sequence(project: Project, text: str) -> Project:
    """The sequence as typed; raises :class:`NotationError`."""
    return replace(project, dance=replace(project.dance, sequence=parse_sequence(text, project.dance)))


def fill_song(project: Project) -> Project:
    """As many whole walls as the song has room for."""
    grid = project.grid
    counts = sum(s.length for s in project.dance.wall_sections())
    if grid is None or counts == 0:
        raise InputError(tr("This needs a song with its beat, and a section."))
    walls = max(1, int(grid.range().end // counts))
    return replace(project, dance=replace(project.dance, sequence=(Item(ItemKind.WALL),) * walls))


def learn_step(project: Project, name: str, start: int, end: int, step: str) -> Project:
    """Keep counts [start, end) of a section as a step of the teacher's own."""
    section = project.dance.section(name)
    inside = tuple(e for e in section.events if start <= e.start < end and e.kind is not Kind.HOLD)
    if not inside or not step.strip():
        raise InputError(tr("A step needs a name and at least one move."))
    events = tuple(replace(e, start=e.start - start, cue="", note="", lyric="") for e in inside)
    if events[0].foot == "L":
        events = tuple(swapped(e) for e in events)
    new = StepPattern(step.strip(), Fraction(end - start), events)
    others = tuple(s for s in project.dance.steps if s.name != new.name)
    return replace(project, dance=replace(project.dance, steps=(*others, new)))


def set_facts(project: Project, **facts: Any) -> Project:
    """Name, credits, level and the other fields of the card."""
    return replace(project, dance=replace(project.dance, **facts))


def set_words(project: Project, text: str) -> Project:
    """The short words of the dance: “KBC = kick ball change, CS = coaster step”. Raises InputError."""
    return set_facts(project, words=parse_words(text))


def _replaced(project: Project, name: str, change: Callable[[Section], Section]) -> Project:
    project.dance.section(name)
    sections = tuple(change(s) if s.name == name else s for s in project.dance.sections)
    return _filled_as_before(project, replace(project, dance=replace(project.dance, sections=sections)))


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


def _free_name(project: Project, name: str) -> str:
    """The name, with a number when a section or a range is called so."""
    sections, ranges = project.dance.sections, project.ranges
    return _free(name, {s.name for s in sections} | {r.name for r in ranges})


def _free(name: str, used: set[str]) -> str:
    new, number = name, 2
    while new in used:
        new, number = f"{name} {number}", number + 1
    return new


def _check_length(length: int) -> None:
    if not 1 <= length <= LONGEST:
        raise InputError(tr("A section has 1 to {longest} counts, not {length}.", longest=LONGEST, length=length))
