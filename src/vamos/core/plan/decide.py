"""What a person decides about clips: ranges of their own, edges, frames nudged, what stands over the picture.

Each is an edit, Project → Project.
"""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.lines import LineKind, lines_for
from vamos.core.document.edits import choose
from vamos.core.model.clip import Arrangement, Choice, Clip, NamedRange
from vamos.core.model.look import Framing, Lane, Overlay
from vamos.core.model.project import Project
from vamos.core.plan.edges import HALF, with_edge
from vamos.core.plan.survey import clip_name
from vamos.core.time import CountRange
from vamos.errors import InputError


def add_range(project: Project, name: str, counts: CountRange) -> Project:
    """A clip of its own for a range of counts on the song; a name in use gets a number."""
    name = name.strip()
    if not name:
        raise InputError("A clip of your own needs a name, such as chorus or the join.")
    if counts.length < HALF:
        raise InputError("A clip needs at least half a count.")
    lines = lines_for(project)
    danced = [x for x in lines if x.kind not in (LineKind.LEAD_IN, LineKind.AFTER)]
    if not danced or counts.end <= danced[0].start or counts.start >= danced[-1].counts.end:
        raise InputError("Nothing is danced there; choose counts of the dance.")
    taken = {r.name for r in project.ranges} | {s.name for s in project.dance.sections}
    free, number = name, 2
    while free in taken:
        free, number = f"{name} {number}", number + 1
    return replace(project, ranges=(*project.ranges, NamedRange(free, counts)))


def remove_range(project: Project, name: str) -> Project:
    """The range goes, and what was decided about its clips."""
    if all(r.name != name for r in project.ranges):
        raise InputError(f"There is no clip of your own called “{name}”.")
    choices = tuple(c for c in project.choices if not c.clip.startswith(f"{name} · "))
    return replace(project, ranges=tuple(r for r in project.ranges if r.name != name), choices=choices)


def offered_ranges(project: Project, position: Fraction) -> tuple[NamedRange, ...]:
    """Ranges somebody may want around a count: from the top to here, this wall, the join of two walls …"""
    lines = [x for x in lines_for(project) if x.kind not in (LineKind.LEAD_IN, LineKind.AFTER)]
    here = next((k for k, x in enumerate(lines) if x.counts.contains(position)), None)
    if here is None:
        return ()
    line = lines[here]
    found = []
    if here + 1 < len(lines):
        after = lines[here + 1]
        names = (clip_name(line), clip_name(after))
        found.append(NamedRange(f"{names[0]} and {names[1]}", CountRange(line.start, after.counts.end)))
    if line.start > lines[0].start:
        found.append(NamedRange("from the top to here", CountRange(lines[0].start, line.counts.end)))
    if line.wall is not None:
        walls = {n: [x for x in lines if x.wall == n] for n in (line.wall, line.wall + 1)}
        this, following = walls[line.wall], walls[line.wall + 1]
        found.append(NamedRange(f"wall {line.wall}", CountRange(this[0].start, this[-1].counts.end)))
        if following:
            both = CountRange(this[0].start, following[-1].counts.end)
            found.append(NamedRange(f"walls {line.wall} and {line.wall + 1}", both))
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


def set_overlay(project: Project, overlay: Overlay) -> Project:
    return replace(project, output=replace(project.output, overlay=overlay))


def toggle_lane(project: Project, lane: Lane) -> Project:
    """Show a lane, or leave it out; lanes stay in their order."""
    overlay = project.output.overlay
    wanted = set(overlay.lanes) ^ {lane}
    return set_overlay(project, replace(overlay, lanes=tuple(x for x in Lane if x in wanted)))


def set_framing(project: Project, framing: Framing) -> Project:
    return replace(project, output=replace(project.output, framing=framing))


def toggle_arrangement(project: Project, arrangement: Arrangement) -> Project:
    """Write this arrangement as well, or not."""
    wanted = set(project.output.arrangements) ^ {arrangement}
    kept = tuple(x for x in Arrangement if x in wanted)
    return replace(project, output=replace(project.output, arrangements=kept))
