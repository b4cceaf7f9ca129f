"""The state of each stop in a few words."""

from __future__ import annotations

from typing import TYPE_CHECKING

from vamos.core.dance.lines import Line, LineKind
from vamos.core.model.dance import ItemKind
from vamos.core.model.project import Project

if TYPE_CHECKING:
    from vamos.ui.page.content import Content


def plural(number: int, word: str) -> str:
    return f"{number} {word}" if number == 1 else f"{number} {word}s"


def route_states(
    project: Project, lines: tuple[Line, ...], content: Content, pack_words: str
) -> tuple[dict[str, str], set[str]]:
    """Words for each stop, and which stops are done."""
    done: set[str] = set()
    grid = project.grid
    if grid is None:
        song = "no song yet" if project.song is None else "beat not found"
    else:
        danced = sum(line.kind not in (LineKind.LEAD_IN, LineKind.AFTER) for line in lines)
        song = f"{plural(danced, 'line')} at {grid.bpm():.0f}"
        if content.weak:
            song += f", {len(content.weak)} weak"
        else:
            done.add("Song")
    walls = sum(i.kind is ItemKind.WALL for i in project.dance.sequence)
    tags = sum(i.kind is ItemKind.TAG for i in project.dance.sequence)
    dance = (
        "not written"
        if not project.dance.sections
        else ", ".join([plural(walls, "wall")] + ([plural(tags, "tag")] if tags else []))
    )
    if project.dance.sections:
        done.add("Dance")
    placed = sum(bool(t.passes) for t in project.takes)
    film = f"{placed} of {len(project.takes)} takes placed" if project.takes else "no takes yet"
    if project.takes and placed == len(project.takes):
        done.add("Film")
    asking = sum(bool(c.problems) for c in content.clips)
    cut = plural(len(content.clips), "clip") if content.clips else "no clips yet"
    if asking:
        cut += f", {asking} to check"
    elif content.clips:
        done.add("Cut")
    eights = sum(s.length for s in project.dance.sections) / 8
    lesson = f"about {round(eights)} min to teach" if eights else "no sheet yet"
    if pack_words:
        done.add("Pack")
    pack = (
        "written and checked"
        if pack_words and "all hold" in pack_words
        else ("written, see problems" if pack_words else "not made yet")
    )
    return dict(
        zip(("Song", "Dance", "Film", "Cut", "Lesson", "Pack"), (song, dance, film, cut, lesson, pack), strict=True)
    ), done
