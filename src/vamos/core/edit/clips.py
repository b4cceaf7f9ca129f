"""Edits of clips: which pass, flipped or not, edges, left out, ranges of one's own."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.lines import Line, lines_for
from vamos.core.model.clip import Choice, Clip, NamedRange, clip_key
from vamos.core.model.dance import Section
from vamos.core.model.ids import new_id
from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.core.plan.coverage import subject_title
from vamos.core.plan.edges import HALF, with_edge
from vamos.core.time import CountRange
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def choose(project: Project, choice: Choice) -> Project:
    """Decide something about a clip; what was decided before and is not named stays, left out or not as well."""
    old = project.choice(choice.clip)
    if old is not None:
        kept = {
            name: getattr(choice, name) if getattr(choice, name) is not None else getattr(old, name)
            for name in ("take", "pass_id", "flip", "run_up", "run_out", "nudge_start", "nudge_end", "looked")
        }
        choice = replace(choice, **kept, left_out=choice.left_out or old.left_out)
    rest = tuple(c for c in project.choices if c.clip != choice.clip)
    return replace(project, choices=(*rest, choice))


def looked_at(project: Project, clip: Clip) -> Project:
    """A person looked at what speaks against a clip and found it right; it is asked again when something changes."""
    old = project.choice(clip.key)
    kept = old.looked or () if old is not None else ()
    return choose(project, Choice(clip.key, looked=(*kept, *clip.asks)))


def forget_choice(project: Project, clip: str) -> Project:
    """Let the plan decide about a clip again."""
    return replace(project, choices=tuple(c for c in project.choices if c.clip != clip))


def take_back(project: Project, clip: str) -> Project:
    """A clip that was left out is written again; what else was decided about it stays."""
    choices = tuple(replace(c, left_out=False) if c.clip == clip else c for c in project.choices)
    return replace(project, choices=choices)


def add_range(project: Project, name: str, counts: CountRange) -> Project:
    """A clip of its own for a range of counts on the song; a name in use gets a number."""
    name = name.strip()
    if not name:
        raise InputError(tr("A clip of your own needs a name, such as chorus or the join."))
    if counts.length < HALF:
        raise InputError(tr("A clip needs at least half a count."))
    lines = lines_for(project)
    danced = [x for x in lines if x.kind.danced]
    if not danced or counts.end <= danced[0].start or counts.start >= danced[-1].counts.end:
        raise InputError(tr("Nothing is danced there; choose counts of the dance."))
    used: list[NamedRange | Section] = [*project.ranges, *project.dance.sections]
    taken = {x.name for x in used}
    free, number = name, 2
    while free in taken:
        free, number = f"{name} {number}", number + 1
    return replace(project, ranges=(*project.ranges, NamedRange(free, counts, new_id())))


def remove_range(project: Project, range_id: str) -> Project:
    """The range goes, and what was decided about its clips."""
    if all(r.id != range_id for r in project.ranges):
        raise InputError(tr("There is no clip of your own called “{range_id}”.", range_id=range_id))
    keys = {clip_key(range_id, view) for view in View}
    choices = tuple(c for c in project.choices if c.clip not in keys)
    return replace(project, ranges=tuple(r for r in project.ranges if r.id != range_id), choices=choices)


def offered_ranges(lines: tuple[Line, ...], position: Fraction) -> tuple[NamedRange, ...]:
    """Ranges somebody may want around a count: from the top to here, this wall, the join of two walls …"""
    lines = tuple(x for x in lines if x.kind.danced)
    here = next((k for k, x in enumerate(lines) if x.counts.contains(position)), None)
    if here is None:
        return ()
    line = lines[here]
    found = []
    if here + 1 < len(lines):
        after = lines[here + 1]
        names = (subject_title(line), subject_title(after))
        found.append(
            NamedRange(
                tr("{value} and {value2}", value=names[0], value2=names[1]), CountRange(line.start, after.counts.end)
            )
        )
    if line.start > lines[0].start:
        found.append(NamedRange(tr("from the top to here"), CountRange(lines[0].start, line.counts.end)))
    if line.wall is not None:
        walls = {n: [x for x in lines if x.wall == n] for n in (line.wall, line.wall + 1)}
        this, following = walls[line.wall], walls[line.wall + 1]
        found.append(NamedRange(tr("wall {wall}", wall=line.wall), CountRange(this[0].start, this[-1].counts.end)))
        if following:
            both = CountRange(this[0].start, following[-1].counts.end)
            found.append(NamedRange(tr("walls {wall} and {number}", wall=line.wall, number=line.wall + 1), both))
    return tuple(found)


def move_edge(project: Project, clip: Clip, start: Fraction | None = None, end: Fraction | None = None) -> Project:
    """The clip begins, or ends, at a count of the song; it keeps at least half a count."""
    now = project.choice(clip.key) or Choice(clip.key)
    # The other edge stays where it is seen, planned or chosen.
    now = replace(now, run_up=clip.run_up, run_out=clip.run_out)
    moved = with_edge(now, clip.counts, start, end)
    old = project.choice(clip.key) or Choice(clip.key)
    if start is not None:
        old = replace(old, run_up=moved.run_up)
    if end is not None:
        old = replace(old, run_out=moved.run_out)
    return choose(project, old)


def nudge_edge(project: Project, clip: Clip, start: int = 0, end: int = 0) -> Project:
    """The clip begins, or ends, so many frames later (below 0: earlier)."""
    a, b = clip.nudge
    return choose(project, Choice(clip.key, nudge_start=a + start, nudge_end=b + end))
