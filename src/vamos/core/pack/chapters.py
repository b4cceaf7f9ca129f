"""Chapters of the run-through: a plain list, FFmetadata, and inside the mp4 itself."""

from __future__ import annotations

from vamos.core.dance.lines import Line, LineKind, line_name
from vamos.core.model.clip import Clip
from vamos.core.render.timing import ClipTiming
from vamos.core.time import minutes_text
from vamos.wording import words_of

tr = words_of(__name__)

Chapter = tuple[float, float, str]


def chapters_of(lines: tuple[Line, ...], clip: Clip, timing: ClipTiming) -> tuple[Chapter, ...]:
    """Start, end (seconds of the run-through) and title of each line that is danced in it, and of a card behind it."""
    starts: list[tuple[float, str]] = []
    for line in lines:
        if line.kind is LineKind.AFTER or line.counts.end <= clip.shown.start:
            continue
        # Behind the last count there are pictures, or a card, but no dance.
        if line.start >= clip.counts.end:
            break
        at = max(0.0, timing.out_s(line.start))
        title = chapter_title(line)
        if starts and starts[-1][1] == title and line.kind is LineKind.LEAD_IN:
            continue
        if starts and at <= starts[-1][0] + 0.01:
            starts[-1] = (starts[-1][0], title)
        else:
            starts.append((at, title))
    starts += [
        (timing.out_s(c.counts.start), c.title) for c in clip.cards if c.full and c.counts.start >= clip.counts.end
    ]
    if starts:
        starts[0] = (0.0, starts[0][1])
    ends = [at for at, _ in starts[1:]] + [timing.duration_s]
    return tuple((at, end, title) for (at, title), end in zip(starts, ends, strict=True) if end > at)


def chapter_title(line: Line) -> str:
    """What a chapter is called: the section, with its wall; else the number of the eight."""
    name = line_name(line)
    return tr("{name}, wall {wall}", name=name, wall=line.wall) if line.wall is not None else name


def plain_list(chapters: tuple[Chapter, ...]) -> str:
    """One chapter a line, ``0:00 Title``."""
    return "".join(f"{minutes_text(start)} {title}\n" for start, _, title in chapters)


def ffmetadata(chapters: tuple[Chapter, ...]) -> str:
    """FFmetadata, version 1, times in milliseconds."""
    out = [";FFMETADATA1"]
    for start, end, title in chapters:
        safe = "".join("\\" + c if c in "=;#\\\n" else c for c in title)
        out += [
            "[CHAPTER]",
            "TIMEBASE=1/1000",
            f"START={round(start * 1000)}",
            f"END={round(end * 1000)}",
            f"title={safe}",
        ]
    return "\n".join(out) + "\n"
