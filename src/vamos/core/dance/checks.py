"""Problems of a sheet in plain words. None blocks the work."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from math import floor

from vamos.core.dance.doubts import doubtful, question
from vamos.core.dance.facing import net_turn, turn_said, wall_count
from vamos.core.dance.facts import (
    DanceFacts,
    danced_lines,
    empty_counts,
    facts_of,
    for_role,
    is_phrased,
    learned_sections,
    roles,
    start_weight,
    wall_ends,
)
from vamos.core.dance.lines import Line, LineKind
from vamos.core.dance.sung import missed
from vamos.core.dance.turn_words import way_said
from vamos.core.dance.weight import NOT_WRITTEN, UNKNOWN, after, first_foot, follow
from vamos.core.model.dance import Dance, Doubt, Foot, ItemKind, MoveSet, Section
from vamos.core.model.song import Grid, Sung
from vamos.core.time import CountRange, count_name, count_text
from vamos.wording import marked, plural, plural_or_no, words_of

tr = words_of(__name__)

_SIDE = {Foot.RIGHT: marked("right"), Foot.LEFT: marked("left"), Foot.BOTH: marked("both feet")}


@dataclass(frozen=True, slots=True)
class Problem:
    """``section`` and ``count`` say where on the sheet, ``item`` which entry of the sequence."""

    kind: str
    text: str
    section: str = ""
    count: str = ""
    start: Fraction | None = None
    item: int | None = None


def problems_of(
    dance: Dance, grid: Grid | None = None, follows: DanceFacts | None = None, sung: Sequence[Sung] = ()
) -> tuple[Problem, ...]:
    """All problems, those of the sheet first, then of the sequence, then against the song and its words."""
    found: list[Problem] = []
    for section in dance.sections:
        found += _written(section)
        for role in roles(dance):
            for other in section.others:
                found += _variant(section, other, role)
    found += _turns(dance)
    found += _doubts(dance)
    found += weight_problems(dance)
    found += _stated(dance)
    if grid is not None:
        found += _against_song(dance, grid, follows or facts_of(dance, grid))
        found += _against_words(dance, grid, sung)
    return tuple(dict.fromkeys(found))


def _written(section: Section) -> Iterator[Problem]:
    """Counts with nothing, twice the same count, moves after the section's end."""
    if section.events:
        empty = list(empty_counts(section))
        if empty:
            word = tr("count") if len(empty) == 1 else tr("counts")
            yield Problem(
                "empty",
                tr(
                    "Nothing is written on {word} {words}. If it is held, write hold.",
                    word=word,
                    words=", ".join(empty),
                ),
                section.name,
                empty[0],
            )
    seen: set[tuple[Fraction, str]] = set()
    for event in section.events:
        count = count_name(event.start, section.feel)
        if (event.start, event.role) in seen:
            yield Problem("twice", tr("Two moves begin on {count}.", count=count), section.name, count, event.start)
        seen.add((event.start, event.role))
        if event.start >= section.length:
            yield Problem(
                "outside",
                tr(
                    "“{name}” on {count} is after the section's {length} counts.",
                    name=event.name,
                    count=count,
                    length=section.length,
                ),
                section.name,
                count,
                event.start,
            )


def _doubts(dance: Dance) -> Iterator[Problem]:
    """What was not sure in what was typed, and words that were taken only as names."""
    for section in dance.sections:
        for start, event in doubtful(section):
            kind = "name" if event.doubt is Doubt.NAME else "doubt"
            yield Problem(kind, question(event, section), section.name, count_name(start, section.feel), start)


def _turns(dance: Dance) -> Iterator[Problem]:
    for section in dance.sections:
        for event in section.events:
            if event.turn is None:
                count = count_name(event.start, section.feel)
                size = turn_said(event.size).split()[0] if event.size else tr("turn")
                far = (
                    ""
                    if event.size
                    else tr("How far does")
                    if way_said(event.name)
                    else tr("How far and which way does")
                )
                question = tr(
                    "{number} “{number2}” on {count} turn",
                    number=far or tr("Which way does"),
                    number2=event.name or size,
                    count=count,
                )
                yield Problem(
                    "direction",
                    question + ("?" if far else tr(", right or left?")),
                    section.name,
                    count,
                    event.start,
                )


def _variant(section: Section, other: MoveSet, role: str) -> Iterator[Problem]:
    """Other moves over the same counts must end as the written ones do."""
    span = CountRange(other.start, other.start + other.length)
    mine = tuple(e for e in for_role(section.events, role) if span.contains(e.start))
    theirs = for_role(other.events, role)
    where = tr(
        "“{name}” ({count} to {count2})",
        name=other.name,
        count=count_text(other.start),
        count2=count_text(span.end - 1),
    )
    late = [e for e in theirs if not span.contains(e.start)]
    if late:
        yield Problem(
            "variant",
            tr("{where} does not fit its {length} counts.", where=where, length=other.length),
            section.name,
            start=other.start,
        )
    turned = net_turn(replace(section, events=mine)), net_turn(replace(section, events=theirs))
    if None not in turned and turned[0] != turned[1]:
        words = [turn_said(t) if t else tr("no turn") for t in turned]
        yield Problem(
            "variant",
            tr("{where} turns {value}, the written moves {value2}.", where=where, value=words[1], value2=words[0]),
            section.name,
            start=other.start,
        )
    ends = [s[-1].weight if s else UNKNOWN for s in (follow(mine, UNKNOWN), follow(theirs, UNKNOWN))]
    if UNKNOWN not in ends and ends[0] is not ends[1]:
        yield Problem(
            "variant",
            tr(
                "{where} ends with the weight on the {value}, the written moves on the {value2}.",
                where=where,
                value=tr(_SIDE[ends[1]]),
                value2=tr(_SIDE[ends[0]]),
            ),
            section.name,
            start=other.start,
        )


def weight_problems(dance: Dance) -> tuple[Problem, ...]:
    """Moves that need a foot which bears the weight, for every role; a move of everyone is told once."""
    told: set[tuple[str, Fraction, str]] = set()
    found: list[Problem] = []
    for role in roles(dance):
        found += _weight(dance, role, told)
    return tuple(found)


def _weight(dance: Dance, role: str, told: set[tuple[str, Fraction, str]]) -> Iterator[Problem]:
    """The weight through the whole sequence; each impossible move is told once, where it first is."""
    lines = danced_lines(dance) or _one_wall(dance)
    weight = first_weight = start_weight(dance, role)
    before: Line | None = None
    # Walls come again and again: what began with the same weight has been told, and ends as it did.
    gone: dict[tuple[str, Fraction, Fraction, Foot], Foot] = {}
    for line in lines:
        key = (line.title, line.first, line.length, weight)
        if line.section is None or key in gone:
            weight, before = gone.get(key, weight), line
            continue
        events = for_role(tuple(e for _, e in line.cells()), role)
        if not for_role(line.section.events, role):
            events = (NOT_WRITTEN,)
        opening = first_foot(events)
        for stance in follow(events, weight):
            event = stance.event
            where = (line.title, event.start, event.role)
            if stance.wrong and where not in told:
                told.add(where)
                count = count_name(event.start, line.feel)
                who = f" ({event.role})" if event.role else ""
                joint = event is opening and before is not None and before.item != line.item
                text = f"{_joint(dance, before, line)}: " if joint and before is not None else ""
                yield Problem(
                    "weight",
                    f"{text}{stance.wrong}{who}.",
                    line.section.name,
                    count,
                    event.start,
                    line.item if joint else None,
                )
            weight = stance.weight
        gone[key] = weight
        before = line
    if not dance.sequence and lines:
        yield from _loop(lines, weight, first_weight, role)


def _one_wall(dance: Dance) -> tuple[Line, ...]:
    """Without a sequence: one wall."""
    out: list[Line] = []
    at = Fraction(0)
    for section in dance.wall_sections():
        out.append(Line(len(out), at, Fraction(section.length), LineKind.DANCE, section.name, section, 1))
        at += section.length
    return tuple(out)


def _loop(lines: tuple[Line, ...], weight: Foot, start: Foot, role: str) -> Iterator[Problem]:
    opening = first_foot(for_role(tuple(e for line in lines for _, e in line.cells()), role))
    if opening is not None and weight is not UNKNOWN and after(opening, weight).wrong:
        yield Problem(
            "loop",
            tr(
                "The dance ends with the weight on the {value}, but begins with that foot; it "
                "started with the weight on the {side}.",
                value=tr(_SIDE[weight]),
                side=tr(_SIDE.get(start, "other foot")),
            ),
            lines[-1].title,
        )


def _joint(dance: Dance, before: Line, line: Line) -> str:
    """Between which entries of the sequence a move is the first."""
    entry = dance.sequence[before.item] if before.item is not None else None
    if entry is not None and entry.restart_after is not None:
        whose = tr("wall {wall}", wall=before.wall) if before.wall else entry.name or before.title
        return tr(
            "After the restart ({restart_after} counts of {whose})", restart_after=entry.restart_after, whose=whose
        )
    names = [
        tr("wall {wall}", wall=x.wall)
        if x.wall
        else (dance.sequence[x.item].name if x.item is not None else x.title) or x.title
        for x in (before, line)
    ]
    return tr("Between {value} and {value2}", value=names[0], value2=names[1])


def _stated(dance: Dance) -> Iterator[Problem]:
    """What somebody says of the dance against what the sheet gives."""
    said = dance.stated
    danced = learned_sections(dance)
    counts = sum(s.length for s in danced)
    if said.counts is not None and danced and said.counts != counts:
        yield Problem(
            "stated",
            tr(
                "It is said to have {counts}; the sheet has {counts2}.",
                counts=plural_or_no(said.counts, "count"),
                counts2=counts,
            ),
        )
    walls = {wall_count(end) for end in wall_ends(dance.wall_sections())}
    if said.walls is not None and not is_phrased(dance) and len(walls) == 1 and said.walls not in walls:
        given = next(iter(walls))
        yield Problem(
            "stated",
            tr(
                "It is said to have {walls}; the turns on the sheet give {given}.",
                walls=plural_or_no(said.walls, "wall"),
                given=given,
            ),
        )
    cuts = facts_of(dance).restarts if dance.sequence else 0
    tags = sum(i.kind is ItemKind.TAG for i in dance.sequence)
    for stated, given, word in ((said.tags, tags, "tag"), (said.restarts, cuts, "restart")):
        if stated is not None and dance.sequence and stated != given:
            yield Problem(
                "stated",
                tr(
                    "It is said to have {said}; the sequence has {number}.",
                    said=plural_or_no(stated, word),
                    number=given or tr("none"),
                ),
            )


def _against_song(dance: Dance, grid: Grid, follows: DanceFacts) -> Iterator[Problem]:
    """The sequence on the song: too long, a lead-in that is said otherwise, holds and stops that do not meet."""
    said = re.search(r"\b(\d{1,3})\s*-?\s*(?:counts?|beats?|zähl\w*|schläge?n?)\b", dance.starts_on, re.IGNORECASE)
    if said and int(said.group(1)) != grid.lead_in:
        yield Problem(
            "stated",
            tr(
                "It is said to start after {counts}; the song has {number} before its 1.",
                counts=plural(int(said.group(1)), "count"),
                number=grid.lead_in,
            ),
        )
    lines = danced_lines(dance, grid)
    if not lines:
        return
    over = follows.counts_over
    if over is not None and over < 0:
        yield Problem("length", tr("The sequence is {number:g} counts longer than the song.", number=float(-over)))
    holds = {line.start: line for line in lines if line.kind is LineKind.HOLD}
    for stop in grid.breaks:
        if stop.position not in holds and lines[0].start <= stop.position < lines[-1].counts.end:
            yield Problem(
                "stop",
                tr(
                    "The music stops at count {number} of the dance for {number2:g} counts; the sequence "
                    "holds nothing there.",
                    number=floor(stop.position) + 1,
                    number2=float(stop.counts),
                ),
            )
    marked = {s.position for s in grid.breaks}
    for line in holds.values() if grid.breaks else ():
        if line.start not in marked:
            yield Problem(
                "stop",
                tr(
                    "The sequence holds {length} counts at count {number}, where the music goes on.",
                    length=line.length,
                    number=floor(line.start) + 1,
                ),
                item=line.item,
            )


def _against_words(dance: Dance, grid: Grid, sung: Sequence[Sung]) -> Iterator[Problem]:
    """Moves that say a word of the song which is heard elsewhere."""
    for one in missed(danced_lines(dance, grid), grid, sung) if sung else ():
        section, start = one.line.section, one.event.start
        if section is not None:
            yield Problem("sung", one.words(), section.name, count_name(start, section.feel), start)
