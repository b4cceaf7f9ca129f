"""Edits of the song: its grid of counts, stops, parts, other songs for the same dance."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction

from vamos.core.model.project import OtherSong, Project
from vamos.core.model.song import Anchor, Break, Grid, Part, Reading, Song, Used
from vamos.core.model.take import renewed
from vamos.core.plan.conform import conformed
from vamos.core.time import CountRange, minutes_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def set_song(project: Project, song: Song) -> Project:
    return replace(project, song=song)


def set_grid(project: Project, grid: Grid, agreed: bool | None = None) -> Project:
    """The song with another grid; ``agreed``: whether its 1 was heard to be right, None for as it was."""
    song = song_of(project)
    return replace(project, song=replace(song, grid=grid, agreed=song.agreed if agreed is None else agreed))


def set_title(project: Project, title: str) -> Project:
    """What the song is called where students read it."""
    return replace(project, song=replace(song_of(project), title=title.strip()))


def set_used(project: Project, used: Used) -> Project:
    """Use only a stretch of the song; raises InputError where the dance's 1 would be cut off."""
    song = song_of(project)
    length = song.media.duration_s
    if length and used.start_s >= length:
        raise InputError(tr("The song is {seconds:.0f} s long; it cannot begin after that.", seconds=length))
    if used.end_s >= length > 0:
        used = replace(used, end_s=0.0)
    if used.fade_s > (used.end_s or length or used.fade_s) - used.start_s:
        raise InputError(tr("The fade is longer than what is used of the song."))
    one = song.grid.time_map()(0) if song.grid is not None else used.start_s
    if used.start_s > one + 0.01 or (used.end_s and used.end_s < one):
        raise InputError(
            tr(
                "The dance starts at {minutes}, which would be cut off. Move the start of the dance first.",
                minutes=minutes_text(one),
            )
        )
    return replace(project, song=replace(song, used=used))


def agree_on_the_one(project: Project) -> Project:
    """Somebody heard that the counts begin where the music's do."""
    return set_grid(project, grid_of(project), agreed=True)


def move_the_one(project: Project, counts: int) -> Project:
    """Move "the 1" later by so many counts; the lead-in grows by as many."""
    grid = grid_of(project)
    lead_in = grid.lead_in + counts
    if lead_in < 0:
        raise InputError(tr("The 1 cannot be moved to before the first beat of the song."))
    return set_grid(project, renumbered(grid, lambda at: at - counts, lead_in), agreed=True)


def rescale_counts(project: Project, factor: Fraction) -> Project:
    """Count faster (factor 2) or slower (½, ⅔, 3/2) on the same music; the 1 stays."""
    grid = grid_of(project)
    if factor <= 0:
        raise InputError(tr("Counts cannot be scaled by {factor}.", factor=factor))
    lead_in = int(Fraction(grid.lead_in) * factor)
    return set_grid(project, renumbered(grid, lambda at: at * factor, lead_in))


def set_lead_in(project: Project, counts: int) -> Project:
    """Say after how many counts of music the dancing starts."""
    if counts < 0:
        raise InputError(tr("A lead-in cannot have {counts} counts.", counts=counts))
    return move_the_one(project, counts - grid_of(project).lead_in)


def set_count_rate(project: Project, counts: CountRange, factor: Fraction) -> Project:
    """Count faster (2) or slower (½) over a stretch only; later counts are renumbered."""
    grid = grid_of(project)
    if factor <= 0:
        raise InputError(tr("Counts cannot be scaled by {factor}.", factor=factor))
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
    return set_grid(project, renumbered(whole, moved))


def renumbered(grid: Grid, to: Callable[[Fraction], Fraction], lead_in: int | None = None) -> Grid:
    """The same music under other count numbers: beats, stops, parts and what is sure of each line move together."""
    changed = replace(
        grid,
        anchors=tuple(Anchor(to(a.position), a.song_s, a.fixed) for a in grid.anchors),
        breaks=tuple(
            Break(to(b.position), to(b.again) - to(b.position), b.beats and b.beats * (to(b.again) - to(b.again - 1)))
            for b in grid.breaks
        ),
        parts=tuple(replace(p, position=to(p.position)) for p in grid.parts),
        lead_in=grid.lead_in if lead_in is None else lead_in,
        readings=tuple(_seen_from(r, to) for r in grid.readings),
    )
    return replace(changed, sureness=_sureness_kept(grid, changed))


def _seen_from(reading: Reading, to: Callable[[Fraction], Fraction]) -> Reading:
    """The same way to count by other count numbers."""
    faster = to(reading.shift + 1) - to(reading.shift)
    return replace(reading, factor=reading.factor / faster, shift=to(reading.shift))


def use_reading(project: Project, number: int) -> Project:
    """Count the song in another way that was heard; the way it was counted is offered instead."""
    grid = grid_of(project)
    if not 0 <= number < len(grid.readings):
        raise InputError(
            tr(
                "There is no other reading number {number}; {number2} were heard.",
                number=number + 1,
                number2=len(grid.readings),
            )
        )
    taken = grid.readings[number]
    lead_in = max(0, int((taken.shift - grid.anchors[0].position) * taken.factor))
    before = Reading(Fraction(1), Fraction(0), grid.meter, grid.line, grid.confidence)
    offered = replace(grid, readings=(before, *(r for r in grid.readings if r is not taken)))
    # What was heard to be alike was heard in the other lines.
    named = replace(offered, parts=tuple(p for p in grid.parts if p.fixed), meter=taken.meter, line=taken.line)
    changed = renumbered(named, taken.position, lead_in)
    return set_grid(project, replace(changed, confidence=taken.sure), agreed=False)


def _sureness_kept(before: Grid, after: Grid) -> tuple[float, ...]:
    """How sure each line of the new numbering is: as sure as the music there was."""
    if not before.sureness:
        return ()
    to_song, back = after.time_map(), before.time_map().inverse()
    odd = after.lead_in % after.line
    at = Fraction(-after.lead_in)
    out: list[float] = []
    while at < after.range().end:
        length = odd if odd and not out else after.line
        middle = to_song(at + Fraction(length, 2))
        out.append(before.sureness_at(Fraction(back(middle)).limit_denominator(48)))
        at += length
    return tuple(out)


def name_part(project: Project, position: Fraction, name: str, line: int | None = None) -> Project:
    """A part of the song begins at a count; ``line`` is the length of its lines in counts.

    Parts of the same name take the same length, so that a chorus is set once.
    """
    grid = grid_of(project)
    name = name.strip()
    if not name:
        raise InputError(tr("A part needs a name, such as A or chorus."))
    there = grid.part_at(position)
    alike = next((p for p in grid.parts if p.name == name), there)
    counts = line if line is not None else (alike.line if alike is not None else grid.line)
    new = Part(position, name, counts, fixed=True)
    others = [p if p.name != name else replace(p, line=counts) for p in grid.parts if p.position != position]
    return set_grid(project, replace(grid, parts=tuple(sorted([*others, new], key=lambda p: p.position))))


def rename_parts(project: Project, name: str, new: str) -> Project:
    """Give all parts of a name another one."""
    grid = grid_of(project)
    if not new.strip():
        raise InputError(tr("A part needs a name, such as A or chorus."))
    parts = tuple(replace(p, name=new.strip(), fixed=True) if p.name == name else p for p in grid.parts)
    return set_grid(project, replace(grid, parts=parts))


def clear_part(project: Project, position: Fraction) -> Project:
    """Join a part to the one before it."""
    grid = grid_of(project)
    return set_grid(project, replace(grid, parts=tuple(p for p in grid.parts if p.position != position)))


def add_other_song(project: Project, song: Song) -> Project:
    """Keep another song for the same dance, with its own grid and no sequence of its own yet."""
    song_of(project)
    return replace(project, other_songs=(*project.other_songs, OtherSong(song)))


def remove_other_song(project: Project, number: int) -> Project:
    _other(project, number)
    return replace(project, other_songs=project.other_songs[:number] + project.other_songs[number + 1 :])


def use_other_song(project: Project, number: int) -> Project:
    """Dance to another song: it changes places with the one danced to now.

    Each song keeps its own sequence and its own passes. Takes that were danced to the song now left are laid on the
    other by their counts, wherever the dance is the same there; others have to be placed.
    """
    other, now = _other(project, number), song_of(project)
    kept = OtherSong(now, project.dance.sequence, tuple((t.id, t.passes) for t in project.takes if t.looked_for_passes))
    others = (*project.other_songs[:number], kept, *project.other_songs[number + 1 :])
    dance = replace(project.dance, sequence=other.sequence) if other.sequence else project.dance
    known = dict(other.passes)
    takes = []
    for take in project.takes:
        if take.id in known:
            take = replace(take, passes=known[take.id], looked_for_passes=True)
        elif take.passes and now.grid is not None and other.song.grid is not None:
            found = conformed(take.passes, now.grid, project.dance, other.song.grid, dance, now.title)
            take = replace(take, passes=renewed(found, take.passes), looked_for_passes=bool(found))
        else:
            take = replace(take, passes=(), looked_for_passes=False)
        takes.append(take)
    return replace(project, song=other.song, dance=dance, takes=tuple(takes), other_songs=others)


def _other(project: Project, number: int) -> OtherSong:
    if not 0 <= number < len(project.other_songs):
        raise InputError(
            tr(
                "There is no other song number {number}; the project has {number2}.",
                number=number + 1,
                number2=len(project.other_songs),
            )
        )
    return project.other_songs[number]


def renew_grid(project: Project, found: Grid) -> Project:
    """Take a newly detected grid; beats fixed by hand, and their numbers, stay."""
    song = song_of(project)
    fixed = [a for a in song.grid.anchors if a.fixed] if song.grid is not None else []
    if song.grid is None:
        return set_grid(project, found)
    if not fixed:
        return set_grid(project, replace(found, parts=_parts_kept(song.grid.parts, found.parts)), agreed=False)
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
    changed = replace(found, anchors=anchors, lead_in=lead_in, breaks=song.grid.breaks, parts=parts)
    return set_grid(project, changed)


def _parts_kept(before: tuple[Part, ...], found: tuple[Part, ...]) -> tuple[Part, ...]:
    """The parts as somebody named them; found parts only as long as nobody did."""
    return before if any(p.fixed for p in before) else found


def drag_beat(project: Project, position: Fraction, song_s: float) -> Project:
    """Put one count at a second of the song; its neighbours follow to the next fixed anchor."""
    grid = grid_of(project)
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
    return set_grid(project, changed)


def song_of(project: Project) -> Song:
    """The song; raises InputError before there is one."""
    if project.song is None:
        raise InputError(tr("There is no song yet. Add one first."))
    return project.song


def grid_of(project: Project) -> Grid:
    """The counts of the song; raises InputError before there are any."""
    grid = song_of(project).grid
    if grid is None:
        raise InputError(tr("The song has no beat grid yet. Let Vamos find it first."))
    return grid
