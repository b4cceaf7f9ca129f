"""What packs are made for: settings of the output under a name, and the clips a pack holds."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Any

from vamos.core.model.clip import Cards, Clip, ClipSound, Mix, NamedRange, Quality, RunThrough
from vamos.core.model.look import Framing, Shape
from vamos.core.model.project import Output, Project
from vamos.core.model.take import View
from vamos.core.plan.coverage import Coverage, coverage_of
from vamos.core.time import CountRange
from vamos.wording import marked, words_of

tr = words_of(__name__)

_FROM_THE_TOP = marked("from the top to")
#: Stands for a section that was not chosen yet.
NEXT_SECTION = marked("the next one")


@dataclass(frozen=True, slots=True)
class Profile:
    """Settings with a name: how it is typed, what they are for, in words, and which fields of the output they set."""

    key: str
    name: str
    words: str
    settings: dict[str, Any]

    def applied(self, output: Output) -> Output:
        return replace(output, **self.settings)

    def holds(self, output: Output) -> bool:
        """Whether an output is as this profile sets it; of a class set, whichever section is new."""
        if self.settings.get("new_section") and output.new_section:
            output = replace(output, new_section=self.settings["new_section"])
        return self.applied(output) == output


_FULL, _SLOWED = (Fraction(1),), (Fraction(1), Fraction(3, 4), Fraction(1, 2))
_ONE_EACH: dict[str, Any] = {
    "sections": True,
    "from_the_top": False,
    "with_counts": True,
    "also_sound": (),
    "plain": False,
    "half_time": False,
    "double_time": False,
    "as_filmed": False,
    "arrangements": (),
    "looks": (),
    "views": (),
    "one_view": False,
    "new_section": "",
    "mix": Mix(),
    "sound": ClipSound.SONG,
}
_WIDE, _UPRIGHT = Framing(), Framing(Shape.UPRIGHT, follow=True)
_NO_RUN = RunThrough(wanted=False)

#: What teachers hand out.
PROFILES = (
    Profile(
        "practice",
        "Practice pack",
        marked("Every section, mirrored and from the back, at full speed and slowed, and the whole dance."),
        {**_ONE_EACH, "speeds": _SLOWED, "framing": _WIDE, "run_through": RunThrough(), "quality": Quality.PHONE},
    ),
    Profile(
        "page",
        "For the page only",
        marked(
            "Plain films at full speed: the page draws the counts and makes every other speed. Less than half the size."
        ),
        {
            **_ONE_EACH,
            "with_counts": False,
            "speeds": _FULL,
            "framing": _WIDE,
            "run_through": RunThrough(),
            "quality": Quality.PHONE,
        },
    ),
    Profile(
        "along",
        "Dance-along",
        marked(
            "The whole dance with a title; a voice calls tags, restarts, stops, and what comes where one looks away. "
            "With the song, and with clicks alone."
        ),
        {
            **_ONE_EACH,
            "sections": False,
            "speeds": _FULL,
            "framing": _WIDE,
            "run_through": RunThrough(cards=Cards(title=8, tag=4, end=8)),
            "mix": Mix(calls=0.9),
            "quality": Quality.HALL,
            "also_sound": (ClipSound.CLICKS,),
        },
    ),
    Profile(
        "posts",
        "Section posts",
        marked("One upright clip for each section at full speed; the picture follows the dancer."),
        {
            **_ONE_EACH,
            "one_view": True,
            "speeds": _FULL,
            "framing": _UPRIGHT,
            "run_through": _NO_RUN,
            "quality": Quality.PHONE,
        },
    ),
    Profile(
        "top",
        "From the top",
        marked("The sections, and from the top to the end of each: 1, 1 to 2, 1 to 3 … and the whole dance."),
        {
            **_ONE_EACH,
            "from_the_top": True,
            "speeds": (Fraction(1), Fraction(3, 4)),
            "framing": _WIDE,
            "run_through": RunThrough(),
            "quality": Quality.PHONE,
        },
    ),
    Profile(
        "class",
        "Class set",
        marked("For one lesson: what came before from the top, the new section slowed, and from the top with it."),
        {
            **_ONE_EACH,
            "sections": False,
            "new_section": NEXT_SECTION,
            "speeds": _SLOWED,
            "framing": _WIDE,
            "run_through": _NO_RUN,
            "quality": Quality.HALL,
        },
    ),
    Profile(
        "editor",
        "Editor’s set",
        marked("Clean clips without counts in high quality, with clips, films and counts as OpenTimelineIO."),
        {
            **_ONE_EACH,
            "with_counts": False,
            "plain": True,
            "speeds": _FULL,
            "framing": _WIDE,
            "run_through": _NO_RUN,
            "quality": Quality.HALL,
        },
    ),
)


def packed_project(project: Project) -> Project:
    """The project with the ranges that its output asks for."""
    output = project.output
    coverage = coverage_of(project) if output.from_the_top or output.new_section else None
    if coverage is None:
        return project
    ranges = list(ranges_from_the_top(coverage)) if output.from_the_top else []
    if output.new_section:
        ranges += class_ranges(coverage, new_section(project))
    known = {r.id for r in project.ranges}
    return replace(project, ranges=(*project.ranges, *(r for r in ranges if r.id not in known)))


def new_section(project: Project) -> str:
    """The id of the section a class set teaches: the one that was chosen, else the second of a wall."""
    ids = [s.id for s in project.dance.sections]
    if project.output.new_section in ids:
        return project.output.new_section
    wall = project.dance.wall_sections() or project.dance.sections
    return wall[min(1, len(wall) - 1)].id if wall else ""


def class_ranges(coverage: Coverage, section: str) -> Iterator[NamedRange]:
    """What came before a section, from the top, and the same with it."""
    danced = [x for x in coverage.lines if x.kind.danced]
    new = next((x for x in danced if x.section is not None and x.section.id == section), None)
    if new is None:
        return
    start = danced[0].start
    if new.start > start:
        yield NamedRange(tr("recap before {title}", title=new.title), CountRange(start, new.start))
        yield NamedRange(f"{tr(_FROM_THE_TOP)} {new.title}", CountRange(start, new.counts.end))


def packed_clips(project: Project, clips: tuple[Clip, ...]) -> tuple[Clip, ...]:
    """Which of the clips of a :func:`packed_project` its pack holds beside the run-through."""
    output = project.output
    if not output.sections:
        wanted = {r.id for r in project.ranges}
        if output.new_section:
            wanted.add(new_section(project))
        clips = tuple(c for c in clips if c.subject in wanted)
    if output.views:
        clips = tuple(c for c in clips if c.view in output.views)
    if output.one_view:
        first: dict[str, Clip] = {}
        for clip in sorted(clips, key=lambda c: list(View).index(c.view)):
            first.setdefault(clip.subject, clip)
        clips = tuple(c for c in clips if first[c.subject] is c)
    return clips


def unseen_titles(project: Project, clips: tuple[Clip, ...]) -> tuple[str, ...]:
    """What would be in the pack of a :func:`packed_project` if the views that are wanted had been filmed, by title."""
    every = packed_clips(replace(project, output=replace(project.output, views=(), one_view=False)), clips)
    there = {c.subject for c in packed_clips(project, clips)}
    return tuple(dict.fromkeys(c.title for c in every if c.subject not in there))


def ranges_from_the_top(coverage: Coverage) -> Iterator[NamedRange]:
    """From the first line danced to the end of the second, the third … of the first wall, or of the song's lines."""
    danced = [x for x in coverage.lines if x.kind.danced]
    wall = [x for x in danced if x.wall is None or x.wall == danced[0].wall]
    ends: list[tuple[Fraction, str]] = []
    for line in wall:
        name = line.section.name if line.section is not None else tr("line {number}", number=line.number)
        if ends and ends[-1][1] == name:
            ends.pop()
        ends.append((line.counts.end, name))
    for end, name in ends[1:]:
        title = f"{tr(_FROM_THE_TOP)} {name}"
        yield NamedRange(title, CountRange(wall[0].start, end))
