"""Edits as named functions Project → Project. None changes what it is given."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction

from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance
from vamos.core.model.project import Project
from vamos.core.model.song import Anchor, Grid, Song, Stop
from vamos.core.model.take import Stretch, Take
from vamos.core.time import CountRange
from vamos.errors import InputError

Edit = Callable[[Project], Project]


def set_song(project: Project, song: Song) -> Project:
    return replace(project, song=song)


def set_dance(project: Project, dance: Dance) -> Project:
    return replace(project, dance=dance)


def set_grid(project: Project, grid: Grid) -> Project:
    return replace(project, song=replace(_song(project), grid=grid))


def add_takes(project: Project, takes: tuple[Take, ...]) -> Project:
    """Add takes; a name already in use gets a number."""
    names = {take.name for take in project.takes}
    added = []
    for take in takes:
        name, number = take.name, 2
        while name in names:
            name, number = f"{take.name} {number}", number + 1
        names.add(name)
        added.append(replace(take, name=name))
    return replace(project, takes=project.takes + tuple(added))


def remove_take(project: Project, name: str) -> Project:
    project.take(name)
    return replace(project, takes=tuple(t for t in project.takes if t.name != name))


def replace_take(project: Project, take: Take) -> Project:
    project.take(take.name)
    return replace(project, takes=tuple(take if t.name == take.name else t for t in project.takes))


def set_stretch(project: Project, name: str, stretch: Stretch) -> Project:
    """Say what holds in a take from a moment on, until its next stretch."""
    take = project.take(name)
    others = [s for s in take.stretches if s.start_take_s != stretch.start_take_s]
    ordered = tuple(sorted([*others, stretch], key=lambda s: s.start_take_s))
    return replace_take(project, replace(take, stretches=ordered))


def choose(project: Project, choice: Choice) -> Project:
    """Decide something about a clip; what was decided before and is not named stays."""
    old = project.choice(choice.clip)
    if old is not None:
        kept = {
            name: getattr(choice, name) if getattr(choice, name) is not None else getattr(old, name)
            for name in ("take", "pass_number", "flip", "run_up", "run_out")
        }
        choice = replace(choice, **kept)
    rest = tuple(c for c in project.choices if c.clip != choice.clip)
    return replace(project, choices=(*rest, choice))


def forget_choice(project: Project, clip: str) -> Project:
    """Let the plan decide about a clip again."""
    return replace(project, choices=tuple(c for c in project.choices if c.clip != clip))


def move_the_one(project: Project, counts: int) -> Project:
    """Move "the 1" later by so many counts; the lead-in grows by as many."""
    grid = _grid(project)
    lead_in = grid.lead_in + counts
    if lead_in < 0:
        raise InputError("The 1 cannot be moved to before the first beat of the song.")
    anchors = tuple(replace(a, position=a.position - counts) for a in grid.anchors)
    return set_grid(project, replace(grid, anchors=anchors, lead_in=lead_in))


def rescale_counts(project: Project, factor: Fraction) -> Project:
    """Count faster (factor 2) or slower (½, ⅔, 3/2) on the same music; the 1 stays."""
    grid = _grid(project)
    if factor <= 0:
        raise InputError(f"Counts cannot be scaled by {factor}.")
    anchors = tuple(replace(a, position=a.position * factor) for a in grid.anchors)
    lead_in = int(Fraction(grid.lead_in) * factor)
    return set_grid(project, replace(grid, anchors=anchors, lead_in=lead_in))


def set_lead_in(project: Project, counts: int) -> Project:
    """Say after how many counts of music the dancing starts."""
    if counts < 0:
        raise InputError(f"A lead-in cannot have {counts} counts.")
    return move_the_one(project, counts - _grid(project).lead_in)


def mark_stop(project: Project, position: Fraction, counts: int, heard: int | None = None) -> Project:
    """The music pauses from a count on for so many counts, kept by agreement.

    ``heard`` is how many counts the grid has there now; later counts are renumbered by the
    difference, and the counts of the stop lie evenly in the pause.
    """
    grid = _grid(project)
    heard = counts if heard is None else heard
    if counts < 1 or heard < 1:
        raise InputError(f"A stop of {counts} counts over {heard} cannot be.")
    end = position + heard
    kept = [a for a in grid.anchors if not position < a.position < end]
    moved = [a if a.position <= position else replace(a, position=a.position + counts - heard) for a in kept]
    stops = [s for s in grid.stops if s.position != position]
    stops.append(Stop(position, Fraction(counts)))
    changed = replace(grid, anchors=tuple(moved), stops=tuple(sorted(stops, key=lambda s: s.position)))
    changed.time_map()
    return set_grid(project, changed)


def clear_stop(project: Project, position: Fraction) -> Project:
    """Take the mark of a stop away; the counts stay as they are."""
    grid = _grid(project)
    return set_grid(project, replace(grid, stops=tuple(s for s in grid.stops if s.position != position)))


def set_count_rate(project: Project, counts: CountRange, factor: Fraction) -> Project:
    """Count faster (2) or slower (½) over a stretch only; later counts are renumbered."""
    grid = _grid(project)
    if factor <= 0:
        raise InputError(f"Counts cannot be scaled by {factor}.")
    clock = grid.time_map()
    gained = counts.length * (factor - 1)

    def moved(position: Fraction) -> Fraction:
        if position <= counts.start:
            return position
        if position >= counts.end:
            return position + gained
        return counts.start + (position - counts.start) * factor

    edges = [Anchor(p, clock(p)) for p in (counts.start, counts.end)]
    inside = {a.position: a for a in (*edges, *grid.anchors)}
    anchors = tuple(replace(a, position=moved(p)) for p, a in sorted(inside.items()))
    return set_grid(project, replace(grid, anchors=anchors))


def renew_grid(project: Project, found: Grid) -> Project:
    """Take a newly detected grid; beats fixed by hand, and their numbers, stay."""
    song = _song(project)
    fixed = [a for a in song.grid.anchors if a.fixed] if song.grid is not None else []
    if song.grid is None or not fixed:
        return set_grid(project, found)
    to_new = found.time_map().inverse()
    shifts = [round(float(a.position) - to_new(a.song_s)) for a in fixed]
    shift = max(set(shifts), key=shifts.count)
    period = 60 / found.bpm()
    renumbered = [replace(a, position=a.position + shift) for a in found.anchors]
    free = [a for a in renumbered if all(abs(a.song_s - f.song_s) > 0.6 * period for f in fixed)]
    anchors = tuple(sorted([*free, *fixed], key=lambda a: a.position))
    lead_in = max(0, -int(anchors[0].position))
    changed = replace(found, anchors=anchors, lead_in=lead_in, stops=song.grid.stops)
    changed.time_map()
    return set_grid(project, changed)


def drag_beat(project: Project, position: Fraction, song_s: float) -> Project:
    """Put one count at a second of the song; its neighbours follow to the next fixed anchor."""
    grid = _grid(project)
    before = grid.time_map()
    shift = song_s - before(position)
    fixed = [a for a in grid.anchors if a.fixed and a.position != position]
    left = max((a.position for a in fixed if a.position < position), default=None)
    right = min((a.position for a in fixed if a.position > position), default=None)

    def share(at: Fraction) -> float:
        edge = left if at < position else right
        if edge is None:
            return 1.0
        return max(0.0, float((at - edge) / (position - edge)))

    moved = {a.position: a for a in grid.anchors if not a.fixed}
    anchors = [
        replace(a, song_s=a.song_s + shift * share(a.position)) for a in moved.values() if a.position != position
    ]
    anchors += [*fixed, Anchor(position, song_s, fixed=True)]
    ordered = tuple(sorted(anchors, key=lambda a: a.position))
    changed = replace(grid, anchors=ordered)
    changed.time_map()
    return set_grid(project, changed)


def _song(project: Project) -> Song:
    if project.song is None:
        raise InputError("There is no song yet. Add one first.")
    return project.song


def _grid(project: Project) -> Grid:
    grid = _song(project).grid
    if grid is None:
        raise InputError("The song has no beat grid yet. Let Vamos find it first.")
    return grid
