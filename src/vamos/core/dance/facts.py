"""What follows from a sheet: counts, headings, walls, weight, stations on the song, difficulty.

Everything is computed from the dance; with a grid, each station also has its second. Headings are
eighths clockwise from 12:00, None once a turn before them has no direction.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cache
from itertools import pairwise

from vamos.core.dance.away import AWAY
from vamos.core.dance.facing import net_turn, turn_said, turns, wall_count, way_to_front
from vamos.core.dance.lines import Line, LineKind, heading_after, heading_at, lines_of
from vamos.core.dance.open_turns import answered
from vamos.core.dance.weight import NOT_WRITTEN, Stance, can_begin, first_foot, follow, weight_at
from vamos.core.dance.who import roles_in
from vamos.core.memo import ByTwo
from vamos.core.model.dance import Dance, Event, Foot, ItemKind, Kind, Section
from vamos.core.model.song import Anchor, Grid
from vamos.core.time import count_text
from vamos.wording import language, marked, words_of

tr = words_of(__name__)


@dataclass(frozen=True, slots=True)
class Station:
    """A place of the sequence: where a wall or part starts, a tag, a restart, a stop, the ending, the end."""

    kind: str
    name: str
    position: Fraction
    heading: int | None
    song_s: float | None = None
    wall: int | None = None


@dataclass(frozen=True, slots=True)
class SectionFacts:
    """What a section is: its counts, what it turns, how hard it is."""

    name: str
    counts: int
    net_turn: int | None
    moves: int
    moves_per_s: float | None
    empty: tuple[str, ...]
    away: bool
    ends_on: Foot


@dataclass(frozen=True, slots=True)
class DanceFacts:
    """All that follows; see the fields' names. Counts are Fractions, times song seconds."""

    sections: tuple[SectionFacts, ...]
    counts_to_learn: int
    counts_danced: Fraction
    wall_counts: int
    net_turn: int | None
    walls_to_front: int | None
    walls_started: int
    tags: int
    restarts: int
    stations: tuple[Station, ...]
    end_heading: int | None
    turn_to_front: str
    loop_closes: bool | None
    legal_restarts: tuple[int, ...]
    counts_over: Fraction | None
    early_ends: tuple[Station, ...]
    without_optional: WithoutOptional | None = None


@dataclass(frozen=True, slots=True)
class WithoutOptional:
    """How the dance ends when the blocks in brackets are left out."""

    counts_danced: Fraction
    end_heading: int | None
    counts_over: Fraction | None


def is_phrased(dance: Dance) -> bool:
    """Whether the dance runs in parts and has no wall that comes again."""
    return bool(dance.sequence) and all(i.kind is not ItemKind.WALL for i in dance.sequence)


def learned_sections(dance: Dance) -> tuple[Section, ...]:
    """What a level and the counts of a dance speak of: a wall, or of a phrased dance every section danced, once."""
    if not is_phrased(dance):
        return dance.wall_sections()
    names = dict.fromkeys(n for i in dance.sequence if i.kind is ItemKind.PART for n in i.sections)
    return tuple(dance.section(n) for n in names)


def danced_lines(dance: Dance, grid: Grid | None = None) -> tuple[Line, ...]:
    """The lines that are danced; without a grid the positions are still right."""
    return _danced_lines(language())(dance, grid)


def _lines_danced(dance: Dance, grid: Grid | None) -> tuple[Line, ...]:
    bare = grid or Grid((Anchor(Fraction(0), 0.0), Anchor(Fraction(1), 1.0)))
    if not dance.sequence:
        return ()
    return tuple(line for line in lines_of(bare, dance) if line.kind.danced)


@cache
def _danced_lines(_language: str) -> ByTwo[Dance, Grid, tuple[Line, ...]]:
    # Lines have titles, and those are words.
    return ByTwo(_lines_danced)


def facts_of(dance: Dance, grid: Grid | None = None) -> DanceFacts:
    """Work everything out, once; raises InputError when the sequence names a section that is not there."""
    return _facts(language())(dance, grid)


def _worked_out(dance: Dance, grid: Grid | None) -> DanceFacts:
    lines = danced_lines(dance, grid)
    wall = dance.wall_sections()
    net = _sum(net_turn(s) for s in wall)
    ends = wall_ends(wall)
    end = heading_after(lines[-1]) if lines else None
    needed = lines[-1].counts.end if lines else Fraction(0)
    stations = tuple(_stations(dance, lines, grid))
    used = dict.fromkeys(line.section.name for line in lines if line.section) or {s.name: None for s in dance.sections}
    learned = [dance.section(name) for name in used]
    return DanceFacts(
        sections=tuple(section_facts(dance, s, lines, grid) for s in dance.sections),
        counts_to_learn=sum(s.length for s in learned),
        counts_danced=needed,
        wall_counts=sum(s.length for s in wall),
        net_turn=net,
        walls_to_front=next(iter(counts)) if wall and len(counts := {wall_count(n) for n in ends}) == 1 else None,
        walls_started=sum(i.kind is ItemKind.WALL for i in dance.sequence),
        tags=sum(i.kind is ItemKind.TAG for i in dance.sequence),
        restarts=sum(s.kind == "restart" for s in stations),
        stations=stations,
        end_heading=end,
        turn_to_front="" if not end else turn_said(way_to_front(end)),
        loop_closes=loop_closes(dance),
        legal_restarts=legal_restarts(dance),
        counts_over=None if grid is None or not lines else grid.range().end - needed,
        early_ends=tuple(_early_ends(dance, lines, grid)),
        without_optional=_without_optional(dance, grid),
    )


@cache
def _facts(_language: str) -> ByTwo[Dance, Grid, DanceFacts]:
    return ByTwo(_worked_out)


def _without_optional(dance: Dance, grid: Grid | None) -> WithoutOptional | None:
    kept = tuple(i for i in dance.sequence if not i.optional)
    if len(kept) == len(dance.sequence) or not kept:
        return None
    lines = danced_lines(replace(dance, sequence=kept), grid)
    needed = lines[-1].counts.end
    over = None if grid is None else grid.range().end - needed
    return WithoutOptional(needed, heading_after(lines[-1]), over)


def wall_ends(sections: tuple[Section, ...]) -> frozenset[int]:
    """Eighths a wall turns modulo a full turn, by all readings of open turns; none when the size of one is open."""
    nets = {_sum(net_turn(way[s.name]) for s in sections) for way in answered(sections)}
    return frozenset(n % 8 for n in nets if n is not None) if None not in nets else frozenset()


def _sum(turns: Iterator[int | None]) -> int | None:
    total = 0
    for turn in turns:
        if turn is None:
            return None
        total += turn
    return total


# --- weight through a wall -------------------------------------------------------------------


def roles(dance: Dance) -> tuple[str, ...]:
    """For whom events are written; one empty name in a dance without partners."""
    return roles_in(e for s in dance.sections for e in s.events) or ("",)


def for_role(events: tuple[Event, ...], role: str) -> tuple[Event, ...]:
    """The events somebody of a role dances: their own and those for everyone."""
    return tuple(e for e in events if e.role in ("", role))


def start_weight(dance: Dance, role: str) -> Foot:
    """The weight a role starts with: the dance's for the first role, else what its first move needs."""
    if role == roles(dance)[0] and dance.start_weight is not Foot.NONE:
        return dance.start_weight
    lines = danced_lines(dance)
    first = lines[0].section.events if lines and lines[0].section else ()
    opening = first_foot(for_role(first, role) or wall_events(dance.wall_sections(), role))
    return {Foot.RIGHT: Foot.LEFT, Foot.LEFT: Foot.RIGHT}.get(opening.foot if opening else Foot.NONE, Foot.LEFT)


def wall_events(sections: tuple[Section, ...], role: str = "") -> tuple[Event, ...]:
    """All events of sections in a row, at their counts from the start of the first."""
    out: list[Event] = []
    at = 0
    for section in sections:
        out += [replace(e, start=e.start + at) for e in written(section, role)]
        at += section.length
    return tuple(sorted(out, key=lambda e: e.start))


def written(section: Section, role: str) -> tuple[Event, ...]:
    """What a role dances in a section; of one that is not written, that its feet are not known."""
    return for_role(section.events, role) or (NOT_WRITTEN,)


def wall_stances(dance: Dance, role: str = "") -> tuple[Stance, ...]:
    """The weight through one wall."""
    return follow(wall_events(dance.wall_sections(), role), start_weight(dance, role))


def loop_closes(dance: Dance) -> bool | None:
    """Whether a wall ends with the weight that lets it begin again, for every role; None when that is not known."""
    found = []
    for role in roles(dance):
        events = wall_events(dance.wall_sections(), role)
        stances = wall_stances(dance, role)
        found.append(can_begin(events, stances[-1].weight) if stances else None)
    return False if False in found else None if None in found else True


def legal_restarts(dance: Dance) -> tuple[int, ...]:
    """After how many counts of a wall it could begin again: the foot it begins with is known to be free there."""
    sections = dance.wall_sections()
    good = set(range(1, sum(s.length for s in sections)))
    for role in roles(dance):
        events = wall_events(sections, role)
        weights = _weights_after(sections, role, start_weight(dance, role))
        good &= {k for k, weight in weights.items() if can_begin(events, weight)}
    return tuple(sorted(good))


def _weights_after(sections: tuple[Section, ...], role: str, weight: Foot) -> dict[int, Foot]:
    """The weight after each count of a wall; the pickup of a section is danced with it, not before."""
    out: dict[int, Foot] = {}
    at = 0
    for section in sections:
        stances = follow(written(section, role), weight)
        for k in range(1, section.length + 1):
            out[at + k] = weight_at(stances, Fraction(k), weight)
        weight = stances[-1].weight if stances else weight
        at += section.length
    return out


# --- stations --------------------------------------------------------------------------------


def _stations(dance: Dance, lines: tuple[Line, ...], grid: Grid | None) -> Iterator[Station]:
    clock = grid.time_map() if grid else None
    item = None
    for k, line in enumerate(lines):
        seconds = clock(line.start) if clock else None
        entry = dance.sequence[line.item] if line.item is not None else None
        if line.kind is LineKind.HOLD:
            yield Station(
                marked("stop"), tr("{length} counts", length=line.length), line.start, line.heading, seconds, line.wall
            )
        elif line.item != item and entry is not None:
            name = entry.name or (tr("wall {wall}", wall=line.wall) if line.wall else line.title)
            yield Station(str(entry.kind), name, line.start, line.heading, seconds, line.wall)
        item = line.item if line.kind is not LineKind.HOLD or entry is None or entry.kind is ItemKind.HOLD else item
        last = k + 1 == len(lines) or lines[k + 1].item != line.item
        if last and entry is not None and entry.restart_after is not None:
            end = line.counts.end
            whose = tr("wall {wall}", wall=line.wall) if line.wall else entry.name or line.title
            name = tr("{whose} after {restart_after} counts", whose=whose, restart_after=entry.restart_after)
            ending = k + 1 < len(lines) and lines[k + 1].kind is LineKind.ENDING
            # The ending, or the end of the dance, cuts a wall; nothing begins again there.
            yield Station(
                marked("cut") if ending or k + 1 == len(lines) else marked("restart"),
                name,
                end,
                heading_after(line),
                clock(end) if clock else None,
                line.wall,
            )
    if lines:
        end = lines[-1].counts.end
        yield Station(
            marked("end"), tr("end of the dance"), end, heading_after(lines[-1]), clock(end) if clock else None
        )


def _early_ends(dance: Dance, lines: tuple[Line, ...], grid: Grid | None) -> Iterator[Station]:
    """Where the song could be faded: ends of whole walls before the last, with the facing there."""
    clock = grid.time_map() if grid else None
    for line, following in pairwise(lines):
        whole = line.item is None or dance.sequence[line.item].restart_after is None
        if line.wall is not None and following.item != line.item and whole:
            end = line.counts.end
            yield Station(
                marked("early end"),
                tr("wall {wall}", wall=line.wall),
                end,
                heading_after(line),
                clock(end) if clock else None,
                line.wall,
            )


@dataclass(frozen=True, slots=True)
class CountState:
    """What is so when a count has been danced: heading, and the weight of each role."""

    count: str
    position: Fraction
    heading: int | None
    weight: tuple[Foot, ...]


def count_by_count(dance: Dance, grid: Grid | None = None) -> Iterator[tuple[Line, tuple[CountState, ...]]]:
    """Heading and weight at every count of the sequence, line by line."""
    known = roles(dance)
    weights = [start_weight(dance, role) for role in known]
    for line in danced_lines(dance, grid):
        events = [tuple(e for _, e in line.cells() if e.role in ("", role)) for role in known]
        stances = [follow(mine, weight) for mine, weight in zip(events, weights, strict=True)]
        states = []
        for k in range(int(line.length)):
            done = line.first + k + 1
            feet = tuple(weight_at(s, done, w) for s, w in zip(stances, weights, strict=True))
            count = count_text(line.first + k, line.feel)
            states.append(CountState(count, line.start + k, heading_at(line, Fraction(k + 1)), feet))
        weights = [s[-1].weight if s else w for s, w in zip(stances, weights, strict=True)]
        yield line, tuple(states)


# --- sections --------------------------------------------------------------------------------


def section_facts(dance: Dance, section: Section, lines: tuple[Line, ...], grid: Grid | None) -> SectionFacts:
    """A section's facts; ``away`` when in some wall more than half of it is danced facing away."""
    moves = [e for e in section.events if e.kind not in (Kind.HOLD, Kind.BREATH)]
    seconds = section.length * 60 / grid.bpm() if grid else None
    role = roles(dance)[0]
    stances = follow(for_role(section.events, role), Foot.NONE)
    return SectionFacts(
        section.name,
        section.length,
        net_turn(section),
        len(moves),
        len(moves) / seconds if seconds else None,
        tuple(empty_counts(section)),
        any(faces_away(line) for line in lines if line.section == section),
        stances[-1].weight if stances else Foot.NONE,
    )


def empty_counts(section: Section) -> Iterator[str]:
    """Counts on which nothing is written and nothing lasts."""
    for k in range(section.length):
        if not any(e.start < k + 1 and e.start + max(e.length, Fraction(1, 48)) > k for e in section.events):
            yield count_text(Fraction(k))


def faces_away(line: Line) -> bool:
    """Whether more than half of a line is danced with the back to the start wall (4:30 to 7:30)."""
    if not turns(line.section):
        return line.heading in AWAY
    headings = [heading_at(line, Fraction(k) + Fraction(1, 2)) for k in range(int(line.length))]
    return sum(h in AWAY for h in headings) * 2 > len(headings)
