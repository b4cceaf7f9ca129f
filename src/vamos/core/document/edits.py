"""Edits as named functions Project → Project. None changes what it is given."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from typing import Any

from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance
from vamos.core.model.project import OtherSong, Project
from vamos.core.model.song import Anchor, Grid, Part, Song, Stop
from vamos.core.model.take import SOUND_M_PER_S, Pass, PassKind, Stretch, Take
from vamos.core.time import CountRange, TimeMap, TimeRange
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


def mark_from(project: Project, name: str, take_s: float, **changes: Any) -> Project:
    """From a moment of a take on, until its next mark, something else is so: view, danced, trouble …"""
    before = project.take(name).stretch_at(take_s)
    start = 0.0 if take_s <= 0 else take_s
    return set_stretch(project, name, replace(before, start_take_s=start, **changes))


def with_movement(take: Take, looked: Take | None) -> Take:
    """A take with what was seen of its movement; passes placed anew meanwhile keep their place."""
    if looked is None or looked.seen is None:
        return take
    still = {p.take_range: p.still_s for p in looked.passes}
    passes = tuple(replace(p, still_s=still.get(p.take_range, p.still_s)) for p in take.passes)
    return replace(take, seen=looked.seen, passes=passes)


def place_by_hand(project: Project, name: str, take_s: float, position: Fraction) -> Project:
    """One moment of a take is one count: a clap or a step matched by eye places the whole take."""
    take, song = project.take(name), _song(project)
    song_s = _grid(project).time_map()(position)
    if not 0 <= take_s <= take.media.duration_s:
        raise InputError(f"“{name}” lasts {take.media.duration_s:.1f} s; second {take_s:.1f} is not in it.")
    start = max(0.0, take_s - song_s)
    end = min(take.media.duration_s, take_s + song.media.duration_s - song_s)
    clock = TimeMap.line(take_s, song_s)
    placed = Pass(PassKind.SONG, TimeRange(start, end), clock, 1.0, reason="placed by hand")
    return replace_take(project, replace(take, passes=(placed,), looked_for_passes=True))


def use_other_place(project: Project, name: str, number: int, other: int) -> Project:
    """Where a song repeats exactly, the pass lies at the other place; the one left stays offered."""
    take = project.take(name)
    old = take.passes[number]
    start = old.take_range.start_s
    now = old.clock(start)
    at = old.also_at_song_s[other]
    rest = tuple(x for k, x in enumerate(old.also_at_song_s) if k != other)
    moved = replace(old, clock=old.clock.shifted(at - now), also_at_song_s=(*rest, now), confidence=1.0)
    passes = (*take.passes[:number], replace(moved, reason="placed by hand"), *take.passes[number + 1 :])
    return replace_take(project, replace(take, passes=passes))


def shift_counted(project: Project, name: str, number: int, counts: int) -> Project:
    """A pass counted aloud is so many counts further on in the dance: another count is its 1."""
    take = project.take(name)
    old = take.passes[number]
    if old.kind is not PassKind.COUNTED:
        raise InputError(f"“{name}” is placed by the song; its counts cannot be moved.")
    moved = replace(old, clock=old.clock.shifted(counts))
    return replace_take(project, replace(take, passes=(*take.passes[:number], moved, *take.passes[number + 1 :])))


def set_speaker(project: Project, name: str, metres: float) -> Project:
    """The loudspeaker stood so far from the phone: its sound is late by 1/343 s a metre, the picture is not."""
    if not 0 <= metres <= 100:
        raise InputError(f"A loudspeaker stands 0 to 100 m away, not {metres:g}.")
    take = project.take(name)
    moved = (metres - take.speaker_m) / SOUND_M_PER_S
    passes = tuple(
        replace(p, clock=p.clock.shifted(moved * p.rate)) if p.kind is PassKind.SONG else p for p in take.passes
    )
    return replace_take(project, replace(take, passes=passes, speaker_m=metres))


def choose(project: Project, choice: Choice) -> Project:
    """Decide something about a clip; what was decided before and is not named stays."""
    old = project.choice(choice.clip)
    if old is not None:
        kept = {
            name: getattr(choice, name) if getattr(choice, name) is not None else getattr(old, name)
            for name in ("take", "pass_number", "flip", "run_up", "run_out", "nudge_start", "nudge_end")
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
    return set_grid(project, replace(_renumbered(grid, lambda at: at - counts), lead_in=lead_in))


def rescale_counts(project: Project, factor: Fraction) -> Project:
    """Count faster (factor 2) or slower (½, ⅔, 3/2) on the same music; the 1 stays."""
    grid = _grid(project)
    if factor <= 0:
        raise InputError(f"Counts cannot be scaled by {factor}.")
    lead_in = int(Fraction(grid.lead_in) * factor)
    return set_grid(project, replace(_renumbered(grid, lambda at: at * factor), lead_in=lead_in))


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
    kept = tuple(a for a in grid.anchors if not position < a.position < end)
    others = tuple(s for s in grid.stops if s.position != position)
    left = replace(grid, anchors=kept, stops=others)
    moved = _renumbered(left, lambda at: at if at <= position else at + counts - heard)
    stops = tuple(sorted((*moved.stops, Stop(position, Fraction(counts))), key=lambda s: s.position))
    return set_grid(project, replace(moved, stops=stops))


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
    whole = replace(grid, anchors=tuple(a for _, a in sorted(inside.items())))
    return set_grid(project, _renumbered(whole, moved))


def _renumbered(grid: Grid, to: Callable[[Fraction], Fraction]) -> Grid:
    """The same music under other count numbers: beats, stops and parts move together."""
    changed = replace(
        grid,
        anchors=tuple(replace(a, position=to(a.position)) for a in grid.anchors),
        stops=tuple(
            Stop(to(s.position), max(Fraction(1), to(s.position + s.counts) - to(s.position))) for s in grid.stops
        ),
        parts=tuple(replace(p, position=to(p.position)) for p in grid.parts),
    )
    changed.time_map()
    return changed


def name_part(project: Project, position: Fraction, name: str, line: int | None = None) -> Project:
    """A part of the song begins at a count; ``line`` is the length of its lines in counts.

    Parts of the same name take the same length, so that a chorus is set once.
    """
    grid = _grid(project)
    name = name.strip()
    if not name:
        raise InputError("A part needs a name, such as A or chorus.")
    there = grid.part_at(position)
    alike = next((p for p in grid.parts if p.name == name), there)
    counts = line if line is not None else (alike.line if alike is not None else grid.line)
    new = Part(position, name, counts, fixed=True)
    others = [p if p.name != name else replace(p, line=counts) for p in grid.parts if p.position != position]
    return set_grid(project, replace(grid, parts=tuple(sorted([*others, new], key=lambda p: p.position))))


def rename_parts(project: Project, name: str, new: str) -> Project:
    """Give all parts of a name another one."""
    grid = _grid(project)
    if not new.strip():
        raise InputError("A part needs a name, such as A or chorus.")
    parts = tuple(replace(p, name=new.strip(), fixed=True) if p.name == name else p for p in grid.parts)
    return set_grid(project, replace(grid, parts=parts))


def clear_part(project: Project, position: Fraction) -> Project:
    """Join a part to the one before it."""
    grid = _grid(project)
    return set_grid(project, replace(grid, parts=tuple(p for p in grid.parts if p.position != position)))


def add_other_song(project: Project, song: Song) -> Project:
    """Keep another song for the same dance, with its own grid and no sequence of its own yet."""
    _song(project)
    return replace(project, other_songs=(*project.other_songs, OtherSong(song)))


def remove_other_song(project: Project, number: int) -> Project:
    _other(project, number)
    return replace(project, other_songs=project.other_songs[:number] + project.other_songs[number + 1 :])


def use_other_song(project: Project, number: int) -> Project:
    """Dance to another song: it changes places with the one danced to now.

    Each song keeps its own sequence. Takes have to be placed on it anew.
    """
    other, now = _other(project, number), _song(project)
    kept = OtherSong(now, project.dance.sequence)
    others = (*project.other_songs[:number], kept, *project.other_songs[number + 1 :])
    dance = replace(project.dance, sequence=other.sequence) if other.sequence else project.dance
    takes = tuple(replace(t, passes=(), looked_for_passes=False) for t in project.takes)
    return replace(project, song=other.song, dance=dance, takes=takes, other_songs=others)


def _other(project: Project, number: int) -> OtherSong:
    if not 0 <= number < len(project.other_songs):
        raise InputError(f"There is no other song number {number + 1}; the project has {len(project.other_songs)}.")
    return project.other_songs[number]


def renew_grid(project: Project, found: Grid) -> Project:
    """Take a newly detected grid; beats fixed by hand, and their numbers, stay."""
    song = _song(project)
    fixed = [a for a in song.grid.anchors if a.fixed] if song.grid is not None else []
    if song.grid is None:
        return set_grid(project, found)
    if not fixed:
        return set_grid(project, replace(found, parts=_parts_kept(song.grid.parts, found.parts)))
    to_new = found.time_map().inverse()
    shifts = [round(float(a.position) - to_new(a.song_s)) for a in fixed]
    shift = max(set(shifts), key=shifts.count)
    period = 60 / found.bpm()
    renumbered = [replace(a, position=a.position + shift) for a in found.anchors]
    free = [a for a in renumbered if all(abs(a.song_s - f.song_s) > 0.6 * period for f in fixed)]
    anchors = tuple(sorted([*free, *fixed], key=lambda a: a.position))
    lead_in = max(0, -int(anchors[0].position))
    moved = tuple(replace(p, position=p.position + shift) for p in found.parts)
    parts = _parts_kept(song.grid.parts, moved)
    changed = replace(found, anchors=anchors, lead_in=lead_in, stops=song.grid.stops, parts=parts)
    changed.time_map()
    return set_grid(project, changed)


def _parts_kept(before: tuple[Part, ...], found: tuple[Part, ...]) -> tuple[Part, ...]:
    """The parts as somebody named them; found parts only as long as nobody did."""
    return before if any(p.fixed for p in before) else found


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
