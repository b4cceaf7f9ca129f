"""Edits of takes: which there are, what they show, where they lie."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import replace
from fractions import Fraction
from typing import Any

from vamos.core.edit.parts_of_takes import only_part
from vamos.core.edit.song import grid_of, song_of
from vamos.core.model.disagreement import ALL_RIGHT
from vamos.core.model.ids import new_id
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef
from vamos.core.model.take import SOUND_M_PER_S, BetterSound, Pass, PassKind, Spoken, Stretch, Take, View, renewed
from vamos.core.plan.agree import remarks_of
from vamos.core.plan.movement import Looked
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError
from vamos.wording import marked, words_of

tr = words_of(__name__)


def add_takes(project: Project, takes: Iterable[Take]) -> Project:
    """Add takes; a name already in use gets a number."""
    names = {t.name for t in project.takes}
    added = []
    for take in takes:
        name, number = take.name, 2
        while name in names:
            name, number = f"{take.name} {number}", number + 1
        names.add(name)
        added.append(replace(take, name=name, id=new_id()))
    return replace(project, takes=(*project.takes, *added))


def remove_take(project: Project, take_id: str) -> Project:
    """Take a film out, and the decisions for clips that chose it; the file itself is not touched."""
    project.take(take_id)
    choices = tuple(replace(c, take=None, pass_id=None) if c.take == take_id else c for c in project.choices)
    takes = tuple(t for t in project.takes if t.id != take_id)
    asked = tuple(d for d in project.disagreements if all(t != take_id for s in d.sides for t, _ in s.takes))
    return replace(project, takes=takes, choices=choices, disagreements=asked)


def rename_take(project: Project, take_id: str, name: str) -> Project:
    """Call a take something else; everything that was decided about it stays."""
    name, take = name.strip(), project.take(take_id)
    if not name:
        raise InputError(tr("A take needs a name."))
    if any(t.name == name and t.id != take_id for t in project.takes):
        raise InputError(tr("There is already a take called “{name}”.", name=name))
    return replace_take(project, replace(take, name=name))


def point_to(project: Project, take_id: str, media: MediaRef) -> Project:
    """A take's file is another one: moved or copied (the same film), or a new version that is placed again."""
    take = project.take(take_id)
    if media.fingerprint == take.media.fingerprint:
        return replace_take(project, replace(take, media=media))
    anew = replace(
        take, media=media, passes=(), looked_for_passes=False, remarks=None, sides_said=None, better=None, part=None
    )
    kept = tuple(s for s in take.stretches if s.start_take_s < media.duration_s) or (Stretch(),)
    return replace_take(project, replace(anew, stretches=kept))


def place_takes(project: Project, found: Mapping[str, tuple[Pass, ...]]) -> Project:
    """Where takes lie, by their ids; those not named, or gone meanwhile, stay as they are."""
    takes = tuple(
        only_part(replace(t, passes=renewed(found[t.id], t.passes), looked_for_passes=True)) if t.id in found else t
        for t in project.takes
    )
    return replace(project, takes=takes)


def replace_take(project: Project, take: Take) -> Project:
    project.take(take.id)
    return replace(project, takes=tuple(take if t.id == take.id else t for t in project.takes))


def set_stretch(project: Project, take_id: str, stretch: Stretch) -> Project:
    """Say what holds in a take from a moment on, until its next stretch."""
    take = project.take(take_id)
    others = [s for s in take.stretches if s.start_take_s != stretch.start_take_s]
    ordered = tuple(sorted([*others, stretch], key=lambda s: s.start_take_s))
    return replace_take(project, replace(take, stretches=ordered))


def say_views(project: Project, views: Mapping[str, View]) -> Project:
    """Say what takes (by id) show from their start; what was only guessed about them is settled."""
    for take_id, view in views.items():
        first = project.take(take_id).stretches[0]
        project = set_stretch(project, take_id, replace(first, view=view, guessed=False))
    return project


def mark_from(project: Project, take_id: str, take_s: float, **changes: Any) -> Project:
    """From a moment of a take on, until its next mark, something else is so: view, danced, trouble …"""
    before = project.take(take_id).stretch_at(take_s)
    start = 0.0 if take_s <= 0 else take_s
    return set_stretch(project, take_id, replace(before, start_take_s=start, **changes))


#: What is kept as the reason of trouble until somebody types one.
UNSAID = marked("marked while watching")


def say_trouble(project: Project, take_id: str, take_s: float, why: str) -> Project:
    """The reason of the trouble that is marked at a moment of a take."""
    now = project.take(take_id).stretch_at(take_s)
    if not now.trouble:
        raise InputError(tr("No trouble is marked here. Press “Trouble” where it begins."))
    return set_stretch(project, take_id, replace(now, trouble=why.strip() or UNSAID))


def end_mark(project: Project, take_id: str, take_s: float) -> Project:
    """The mark that holds at a moment of a take ends there: from then on it is as before the mark."""
    take = project.take(take_id)
    now = take.stretch_at(take_s)
    earlier = [s for s in take.stretches if s.start_take_s < now.start_take_s]
    if not earlier or now.start_take_s >= take_s:
        raise InputError(tr("No mark of “{name}” began before this moment, so none can end here.", name=take.name))
    return set_stretch(project, take_id, replace(earlier[-1], start_take_s=take_s))


def with_movement(project: Project, looked: Looked) -> Project:
    """What was seen of takes' movement; passes placed anew meanwhile keep what was known of them.

    What was answered before of what takes differ in is not asked again.
    """
    found, known = looked.takes, {d.key: d.answer for d in project.disagreements}
    takes = []
    for take in project.takes:
        seen = found.get(take.id)
        if seen is not None:
            passes = tuple(
                replace(p, still_s=seen.still_s.get(p.take_range, p.still_s), tall=seen.tall.get(p.take_range, p.tall))
                for p in take.passes
            )
            take = replace(take, remarks=seen.remarks, passes=passes, sides_said=seen.sides)
        takes.append(take)
    project = replace(project, takes=tuple(takes), disagreements=looked.open)
    for number, asked in enumerate(looked.open):
        if known.get(asked.key):
            project = answer(project, number, known[asked.key])
    return project


def answer(project: Project, number: int, words: str) -> Project:
    """Which side of a disagreement is right: the takes on the others get a remark, so that better passes are taken."""
    asked = project.disagreements[number]
    if words != ALL_RIGHT and words not in [side.words for side in asked.sides]:
        raise InputError(tr("“{words}” is not one of the answers.", words=words))
    title = next((s.name for s in project.dance.sections if s.id == asked.section), asked.section)
    for take_id, remark in remarks_of(asked, words, title) if words != ALL_RIGHT else ():
        take = project.take(take_id)
        rows = sorted({*(take.remarks or ()), remark}, key=lambda r: (r.take_s, r.text))
        project = replace_take(project, replace(take, remarks=tuple(rows)))
    rest = (*project.disagreements[:number], replace(asked, answer=words), *project.disagreements[number + 1 :])
    return replace(project, disagreements=rest)


def set_better_sound(project: Project, take_id: str, better: BetterSound | None) -> Project:
    """A take is listened to in another recording, or in its own sound again; it is placed anew."""
    take = project.take(take_id)
    return replace_take(project, replace(take, better=better, passes=(), looked_for_passes=False, sides_said=None))


def say_whose(project: Project, take_id: str, spoken: Spoken) -> Project:
    """Whose right and left are said in a take, wherever that was open."""
    take = project.take(take_id)
    stretches = tuple(replace(s, spoken=spoken) if s.spoken is Spoken.NONE else s for s in take.stretches)
    return replace_take(project, replace(take, stretches=stretches))


def place_by_hand(project: Project, take_id: str, take_s: float, position: Fraction) -> Project:
    """One moment of a take is one count: a clap or a step matched by eye places the take there.

    Passes elsewhere in it stay; the new one reaches as far as they leave room.
    """
    take, song = project.take(take_id), song_of(project)
    song_s = grid_of(project).time_map()(position)
    if not 0 <= take_s <= take.media.duration_s:
        raise InputError(
            tr(
                "“{name}” lasts {duration_s:.1f} s; second {take_s:.1f} is not in it.",
                name=take.name,
                duration_s=take.media.duration_s,
                take_s=take_s,
            )
        )
    others = [p for p in take.passes if not p.take_range.contains(take_s)]
    before = [p.take_range.end_s for p in others if p.take_range.end_s <= take_s]
    after = [p.take_range.start_s for p in others if p.take_range.start_s > take_s]
    start = max(take.whole.start_s, take_s - song_s, *before)
    end = min(take.whole.end_s, take_s + song.media.duration_s - song_s, *after)
    clock = TimeMap.line(take_s, song_s)
    placed = Pass(PassKind.SONG, TimeRange(start, end), clock, 1.0, reason=tr("placed by hand"))
    here = tuple(p for p in take.passes if p not in others)
    passes = sorted([*others, *renewed((placed,), here)], key=lambda p: p.take_range.start_s)
    return replace_take(project, replace(take, passes=tuple(passes), looked_for_passes=True))


def use_other_place(project: Project, take_id: str, number: int, other: int) -> Project:
    """Where a song repeats exactly, the pass lies at the other place; the one left stays offered."""
    take = project.take(take_id)
    old = take.passes[number]
    start = old.take_range.start_s
    now = old.clock(start)
    at = old.also_at_song_s[other]
    rest = tuple(x for k, x in enumerate(old.also_at_song_s) if k != other)
    moved = replace(old, clock=old.clock.shifted(at - now), also_at_song_s=(*rest, now), confidence=1.0)
    passes = (*take.passes[:number], replace(moved, reason=tr("placed by hand")), *take.passes[number + 1 :])
    return replace_take(project, replace(take, passes=passes))


def confirm_place(project: Project, take_id: str, number: int) -> Project:
    """A person says that a pass lies where it is; other places are not offered any more."""
    take = project.take(take_id)
    sure = replace(take.passes[number], confidence=1.0, also_at_song_s=(), reason=tr("the place was confirmed by hand"))
    return replace_take(project, replace(take, passes=(*take.passes[:number], sure, *take.passes[number + 1 :])))


def shift_counted(project: Project, take_id: str, number: int, counts: int) -> Project:
    """A pass counted aloud is so many counts further on in the dance: another count is its 1."""
    take = project.take(take_id)
    old = take.passes[number]
    if old.kind is not PassKind.COUNTED:
        raise InputError(tr("“{name}” is placed by the song; its counts cannot be moved.", name=take.name))
    moved = replace(old, clock=old.clock.shifted(counts))
    return replace_take(project, replace(take, passes=(*take.passes[:number], moved, *take.passes[number + 1 :])))


def set_speaker(project: Project, take_id: str, metres: float) -> Project:
    """The loudspeaker stood so far from the phone: its sound is late by 1/343 s a metre, the picture is not."""
    take = project.take(take_id)
    moved = (metres - take.speaker_m) / SOUND_M_PER_S
    passes = tuple(
        replace(p, clock=p.clock.shifted(moved * p.rate)) if p.kind is PassKind.SONG else p for p in take.passes
    )
    return replace_take(project, replace(take, passes=passes, speaker_m=metres))
