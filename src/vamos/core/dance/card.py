"""The card: what stands at the head of a sheet, what is missing on it, a level suggested."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from vamos.core.dance.facing import clock_text
from vamos.core.dance.facts import DanceFacts, facts_of, learned_sections
from vamos.core.dance.links import link_said
from vamos.core.model.dance import Dance, ItemKind, Kind
from vamos.core.model.project import Project
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: Names of the levels, easiest first (common practice, no source).
LEVELS = (
    marked("first steps"),
    marked("beginner"),
    marked("improver"),
    marked("intermediate"),
    marked("advanced"),
)


class Field(StrEnum):
    """What a card says; translated where it is shown."""

    DANCE = "Dance"
    SONG = "Song"
    STARTS = "Starts"
    BY = "By"
    LEVEL = "Level"
    COUNTS = "Counts"
    WALLS = "Walls"
    LEAD_IN = "Lead-in"
    TEMPO = "Tempo"
    TAGS = "Tags"
    RESTARTS = "Restarts"
    ENDING = "Ending"
    LINKS = "Links"
    RIGHTS = "Rights"


@dataclass(frozen=True, slots=True)
class Card:
    """Rows of (field, text), and the fields nobody has filled in."""

    rows: tuple[tuple[Field, str], ...]
    missing: tuple[Field, ...]
    suggested_level: str
    why_level: str


def card_of(project: Project, follows: DanceFacts | None = None) -> Card:
    """The card of a project's dance; ``follows`` is what follows from it, where that is known already."""
    dance, song = project.dance, project.song
    grid = project.grid
    follows = follows or facts_of(dance, grid)
    level, why = suggest_level(dance, grid.bpm() if grid else None)
    starts = dance.starts_on
    if grid is not None:
        when = (
            tr("after {lead_in} counts, {value:.1f} s", lead_in=grid.lead_in, value=grid.time_map()(0))
            if grid.lead_in
            else tr("with the first count")
        )
        starts = f"{starts}, {when}" if starts else when
    facts = (
        (Field.DANCE, dance.name),
        (Field.SONG, song.title if song else ""),
        (Field.STARTS, starts),
        (Field.BY, dance.credits),
        (Field.LEVEL, tr(dance.level)),
        (
            Field.COUNTS,
            str(follows.wall_counts or tr("{counts_to_learn} to learn", counts_to_learn=follows.counts_to_learn)),
        ),
        (Field.WALLS, _walls(follows)),
        (Field.LEAD_IN, tr("{lead_in} counts", lead_in=grid.lead_in) if grid else ""),
        (Field.TEMPO, tr("{bpm:.0f} a minute", bpm=grid.bpm()) if grid else ""),
        (Field.TAGS, _tags(dance, follows)),
        (Field.RESTARTS, _restarts(follows)),
        (Field.ENDING, _ending(dance, follows)),
        (Field.LINKS, ", ".join(link_said(x) for x in dance.links)),
        (Field.RIGHTS, dance.rights or (song.rights if song else "")),
    )
    rows = tuple((name, text) for name, text in facts if text)
    return Card(rows, tuple(name for name, text in facts if not text), level, why)


def _walls(follows: DanceFacts) -> str:
    if follows.wall_counts == 0:
        return tr("phrased") if follows.stations else ""
    return "" if follows.walls_to_front is None else str(follows.walls_to_front)


def _tags(dance: Dance, follows: DanceFacts) -> str:
    if not dance.sequence:
        return ""
    found = [s for s in follows.stations if s.kind == "tag"]
    return (
        "; ".join(tr("{name} at {facing}", name=s.name, facing=_facing(s.heading)) for s in found)
        if found
        else tr("none")
    )


def _restarts(follows: DanceFacts) -> str:
    if not follows.stations:
        return ""
    found = [s for s in follows.stations if s.kind == "restart"]
    return (
        "; ".join(tr("{name}, facing {facing}", name=s.name, facing=_facing(s.heading)) for s in found)
        if found
        else tr("none")
    )


def _ending(dance: Dance, follows: DanceFacts) -> str:
    if not dance.sequence:
        return ""
    names = [i.name or ", ".join(i.sections) for i in dance.sequence if i.kind is ItemKind.ENDING]
    facing = tr("at {facing}", facing=_facing(follows.end_heading))
    turn = (
        tr("; {turn_to_front} to finish at 12:00", turn_to_front=follows.turn_to_front) if follows.turn_to_front else ""
    )
    return (f"{names[-1]}, " if names else "") + facing + turn


def _facing(heading: int | None) -> str:
    return "?" if heading is None else clock_text(heading)


def suggest_level(dance: Dance, bpm: float | None) -> tuple[str, str]:
    """A level from length, turns, syncopation, tempo and restarts, and why; the user decides.

    One point each: more than 32 counts, more than 48; turns of a half and more; many ``&`` counts;
    above 120 a minute; restarts, tags or phrasing; more than 1.4 moves a count anywhere. Common
    practice, no source; teachers disagree.
    """
    wall = learned_sections(dance)
    events = [e for s in wall for e in s.events if e.kind is not Kind.HOLD]
    counts = sum(s.length for s in wall)
    turned = max((abs(e.turn if e.turn is not None else e.size) for e in events), default=0)
    between = sum(e.start.denominator > 1 for e in events)
    cut = sum(i.restart_after is not None or i.kind in (ItemKind.TAG, ItemKind.PART) for i in dance.sequence)
    busy = max((len(s.events) / s.length for s in wall), default=0.0)
    points = {
        tr("{counts} counts", counts=counts): (counts > 32) + (counts > 48),
        tr("turns of a half or more"): int(turned >= 4),
        tr("{between} moves between the counts", between=between): int(between > counts / 8)
        + int(between > counts / 3),
        tr("{number:.0f} a minute", number=bpm or 0): int((bpm or 0) > 120),
        tr("tags, restarts or parts"): int(cut > 0) + int(cut > 2),
        tr("many moves a count"): int(Fraction(busy).limit_denominator(100) > Fraction(14, 10)),
    }
    total = sum(points.values())
    level = LEVELS[min(len(LEVELS) - 1, (total + 1) // 2)]
    reasons = [name for name, worth in points.items() if worth]
    return level, ", ".join(reasons) or tr("short, slow, few turns")
