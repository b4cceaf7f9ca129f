"""What the picture's movement says of a pass: holds danced through, early and late entries, stillness.

Movement is measured against what the pass usually moves while something is danced. A hold is
danced through when its inner part moves more than half as much. Dancers leave a hold before the
next count, each by a lead of their own: an entry is early or late when its lead differs from the
pass's usual one by more than an eighth of a count.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field, replace
from fractions import Fraction
from pathlib import Path

import numpy as np

from vamos.core.align.take_voice import TakeVoice, voice_in
from vamos.core.dance.lines import Line, lines_of
from vamos.core.document.heard import Heard, heard_of
from vamos.core.document.paths import locate
from vamos.core.media.motion import PER_SECOND, Motion, motion_of
from vamos.core.media.outline import ROWS
from vamos.core.model.dance import Event, Kind
from vamos.core.model.disagreement import Disagreement
from vamos.core.model.project import Project
from vamos.core.model.take import Pass, PassKind, Remark, SaidSide, Take, View, counts_to_take
from vamos.core.plan.agree import Danced, agreement, ands_in, moved_in
from vamos.core.plan.coverage import trouble_in
from vamos.core.progress import Progress, quiet
from vamos.core.time import TimeMap, TimeRange, count_text
from vamos.wording import words_of

tr = words_of(__name__)

#: A hold moves less than this share of the pass's middle; a start is count_to_take movement passes it.
STILL = 0.5
#: Entries nearer than this to the usual lead, in counts, are on time; fewer entries tell no usual lead.
ON_TIME, FEWEST = 1 / 8, 3


def remarks_on(
    motion: Motion, the_pass: Pass, count_to_take: TimeMap, lines: tuple[Line, ...], feet: bool = False
) -> tuple[Remark, ...]:
    """Everything worth a look in a pass; ``count_to_take`` maps counts to take seconds.

    In a film of ``feet`` only the lower half has to stay in the picture.
    """
    start, end = the_pass.take_range.start_s, the_pass.take_range.end_s
    covered = [x for x in lines if start <= count_to_take(x.start) and count_to_take(x.counts.end) <= end + 0.2]
    middle = _usual(motion, count_to_take, covered)
    if middle <= 0:
        return ()
    found: list[Remark] = [remark for line in covered for remark in _leaving(motion, count_to_take, line, feet)]
    entries: list[tuple[float, float, str]] = []
    for line in covered:
        for at, event in line.events():
            if event.kind is Kind.HOLD:
                name = tr("the hold on {count} of {title}", count=count_text(event.start, line.feel), title=line.title)
                if _danced_through(motion, middle, count_to_take, at, event):
                    found.append(Remark(count_to_take(at), tr("{name} is danced through", name=name)))
                elif (entry := _entry(motion, middle, count_to_take, at + event.length)) is not None:
                    entries.append((entry, count_to_take.inverse()(entry) - float(at + event.length), name))
    # What lies between two pictures cannot be told.
    picture = (
        1 / PER_SECOND * float(lines[0].length) / (count_to_take(lines[0].counts.end) - count_to_take(lines[0].start))
    )
    found += _off_time(entries, ON_TIME + picture)
    return tuple(sorted(found, key=lambda r: r.take_s))


#: Movement so near to an edge, as a share of the picture, goes over it; fewer samples are noise.
_EDGE, _SAMPLES = 0.012, 4


def _leaving(motion: Motion, count_to_take: TimeMap, line: Line, feet: bool) -> Iterator[Remark]:
    """Hands or feet that leave the picture while a line is danced."""
    first, last = (max(0, round(count_to_take(at) * PER_SECOND)) for at in (line.start, line.counts.end))
    boxes = _of_feet(motion, first, last) if feet else motion.boxes[first:last]
    for side, near in (
        (tr("left"), boxes[:, 0] < _EDGE),
        (tr("top"), boxes[:, 1] < _EDGE),
        (tr("right"), boxes[:, 2] > 1 - _EDGE),
        (tr("bottom"), boxes[:, 3] > 1 - _EDGE),
    ):
        if near.sum() >= _SAMPLES:
            at = (first + int(np.flatnonzero(near)[0])) / PER_SECOND
            name = tr(" in {title}", title=line.title) if line.title else ""
            yield Remark(at, tr("movement leaves the picture at the {side}{name}", side=side, name=name))


def _of_feet(motion: Motion, first: int, last: int) -> np.ndarray:
    """The boxes of what is in the lower half of the picture; NaN where nothing is."""
    body = motion.body(first / PER_SECOND, (last - 1) / PER_SECOND) if last > first else None
    if body is None:
        return np.full((0, 4), np.nan)
    half = ROWS // 2
    left, right = body.left[:, half:], body.right[:, half:]
    out = np.full((len(left), 4), np.nan)
    here = ~np.isnan(left)
    seen = here.any(axis=1)
    out[seen, 0], out[seen, 2] = np.nanmin(left[seen], axis=1), np.nanmax(right[seen], axis=1)
    out[seen, 3] = 1 - here[seen, ::-1].argmax(axis=1) / ROWS
    return out


def _usual(motion: Motion, count_to_take: TimeMap, lines: list[Line]) -> float:
    """How much moves while something is danced: the mean over all counts that are not held."""
    parts = [
        motion.between(count_to_take(at), count_to_take(at + event.length))
        for line in lines
        for at, event in line.events()
        if event.kind is not Kind.HOLD and event.length > 0
    ]
    return float(np.concatenate(parts).mean()) if parts else 0.0


def _danced_through(motion: Motion, middle: float, count_to_take: TimeMap, at: Fraction, event: Event) -> bool:
    """Whether the inner part of a hold moves; its edges belong to the moves before and after."""
    inner = motion.between(count_to_take(at + event.length / 4), count_to_take(at + event.length * Fraction(5, 8)))
    return len(inner) > 0 and float(inner.mean()) > STILL * middle


def _entry(motion: Motion, middle: float, count_to_take: TimeMap, end: Fraction) -> float | None:
    """When movement begins around the end of a hold, in take seconds."""
    from_s = count_to_take(end - 1)
    part = motion.between(from_s, count_to_take(end + Fraction(3, 4)))
    # Two samples in a row: one may be noise.
    above = part > STILL * middle
    moving = np.flatnonzero(above[:-1] & above[1:])
    return from_s + float(moving[0]) / PER_SECOND if len(moving) else None


def _off_time(entries: list[tuple[float, float, str]], most: float) -> Iterator[Remark]:
    """Entries (take second, counts after the hold's end, name) that differ from the usual lead."""
    if len(entries) < FEWEST:
        return
    usual = float(np.median([late for _, late, _ in entries]))
    for at, late, name in entries:
        off = late - usual
        if abs(off) > most:
            word = tr("late") if off > 0 else tr("early")
            yield Remark(
                at, tr("after {name}, the entry is {number:.2f} counts {word}", name=name, number=abs(off), word=word)
            )


def stillness(motion: Motion, first_s: float, last_s: float) -> tuple[float, float]:
    """Seconds of stillness before the first danced moment and after the last; clips can be cut there."""
    part = motion.between(first_s, last_s)
    if not len(part):
        return 0.0, 0.0
    quiet = motion.energy < STILL * float(part.mean())
    before = quiet[: max(0, round(first_s * PER_SECOND))][::-1]
    after = quiet[max(0, round(last_s * PER_SECOND)) :]
    return _run(before) / PER_SECOND, _run(after) / PER_SECOND


def _run(flags: np.ndarray) -> int:
    """How many are true from the front on."""
    stop = np.flatnonzero(~flags)
    return int(stop[0]) if len(stop) else len(flags)


@dataclass(frozen=True, slots=True)
class Movement:
    """What was seen of a take: remarks, and by each pass's range how long it is still around it and how tall the dancer
    is in the picture; and the sides called in it (None when nobody listened).
    """

    remarks: tuple[Remark, ...]
    still_s: dict[TimeRange, tuple[float, float] | None]
    tall: dict[TimeRange, float | None] = field(default_factory=dict)
    sides: tuple[SaidSide, ...] | None = None


@dataclass(frozen=True, slots=True)
class Looked:
    """What was seen of each take, by its id, and on what takes do not agree."""

    takes: dict[str, Movement]
    open: tuple[Disagreement, ...] = ()


def look(project: Project, base: Path | None, progress: Progress | None = None) -> Looked:
    """Look at the picture of every placed take, and compare them; raises MissingError, MediaError."""
    progress = progress or quiet()
    if project.grid is None:
        return Looked({})
    lines = lines_of(project.grid, project.dance)
    placed = [t for t in project.takes if t.passes]
    found: dict[str, Movement] = {}
    danced: list[Danced] = []
    for number, take in enumerate(placed):
        part = progress.part(number / len(placed), (number + 1) / len(placed))
        path = locate(take.media, base)
        motion = motion_of(path, take.media.fingerprint, take.media.duration_s, part.part(0, 0.8))
        clocks = [(p, counts_to_take(p, project.grid)) for p in take.passes]
        feet = take.stretches[0].view is View.FEET
        remarks = [r for p, there in clocks for r in remarks_on(motion, p, there, lines, feet)]
        still = {p.take_range: _still_around(motion, p, there, lines) for p, there in clocks}
        tall = {p.take_range: _tall(motion, p) for p, _ in clocks}
        heard = heard_of(take, base)
        voice = voice_in(heard.path, heard.fingerprint, part.part(0.8, 0.9))
        sides = _sides(voice, heard, clocks) if voice is not None else None
        found[take.id] = Movement(tuple(remarks), still, tall, sides)
        danced += _danced(take, heard, voice, motion, clocks, lines)
    told = agreement(danced)
    for take_id, more in told.remarks.items():
        found[take_id] = replace(found[take_id], remarks=tuple(sorted((*found[take_id].remarks, *more), key=_when)))
    return Looked(found, told.open)


def _sides(voice: TakeVoice, heard: Heard, clocks: list[tuple[Pass, TimeMap]]) -> tuple[SaidSide, ...]:
    """The sides called in the passes of a take."""
    passes = [(heard.range_of(p.take_range), heard.to_sound(there.inverse())) for p, there in clocks]
    return tuple(replace(call, take_s=heard.take_s(call.take_s)) for call in voice.sides(passes))


def _tall(motion: Motion, the_pass: Pass) -> float | None:
    """How tall the dancer is in a pass most of the time, as a share of the picture; None when nobody is seen."""
    body = motion.body(the_pass.take_range.start_s, the_pass.take_range.end_s)
    boxes = body.boxes() if body is not None else np.full((0, 4), np.nan)
    tall = (boxes[:, 3] - boxes[:, 1])[~np.isnan(boxes[:, 0])]
    return round(float(np.median(tall)), 3) if len(tall) else None


def _when(remark: Remark) -> float:
    return remark.take_s


def _danced(
    take: Take,
    heard: Heard,
    voice: TakeVoice | None,
    motion: Motion,
    clocks: list[tuple[Pass, TimeMap]],
    lines: tuple[Line, ...],
) -> Iterator[Danced]:
    """Every line that the passes of a take hold whole and without trouble, as it is danced and counted there."""
    counted = any(p.kind is PassKind.COUNTED for p, _ in clocks) and voice is not None
    said = [heard.take_s(at) for at in voice.ands()] if counted and voice is not None else []
    for the_pass, there in clocks:
        start, end = the_pass.take_range.start_s, the_pass.take_range.end_s
        held = [x for x in lines if start <= there(x.start) and there(x.counts.end) <= end + 0.2]
        usual = _usual(motion, there, held)
        for line in held if usual > 0 else ():
            at = TimeRange(float(there(line.start)), float(there(line.counts.end)))
            if trouble_in(take, at) or take.stretch_at(at.start_s).view is View.FEET:
                continue
            aloud = counted and the_pass.kind is PassKind.COUNTED
            ands = ands_in(said, there, line) if aloud else None
            yield Danced(take.id, line, moved_in(motion, there, line, usual), there, ands)


def _still_around(
    motion: Motion, the_pass: Pass, count_to_take: TimeMap, lines: tuple[Line, ...]
) -> tuple[float, float] | None:
    """Stillness before the first count danced in a pass and after the last; None when nothing is danced in it."""
    start, end = the_pass.take_range.start_s, the_pass.take_range.end_s
    danced = [
        x
        for x in lines
        if x.section is not None and count_to_take(x.counts.end) > start and count_to_take(x.start) < end
    ]
    if not danced:
        return None
    first, last = max(start, count_to_take(danced[0].start)), min(end, count_to_take(danced[-1].counts.end))
    return stillness(motion, first, last) if last > first else None
