"""What to write beside a pack that is sent: what it holds, how to open it, and the rights; plain text."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from itertools import groupby

from vamos.core.model.clip import ClipSound
from vamos.core.pack.estimate import minutes_words
from vamos.core.pack.manifest import ClipEntry
from vamos.core.pack.students_page import PAGE
from vamos.core.plan.flip import label_words
from vamos.core.plan.versions import SOUND_WORDS
from vamos.core.time import minutes_text
from vamos.wording import plural, words_of

tr = words_of(__name__)

NAME = "summary.txt"


def summary(project: str, clips: Sequence[ClipEntry], rights: str) -> str:
    """A short text to send along; one line for each section, with its views and speeds."""
    size = sum(c.bytes for c in clips) / 1e6
    long = minutes_words(sum(c.duration_s for c in clips))
    whole = [c for c in clips if "/" not in c.file]
    sections = [c for c in clips if "/" in c.file]
    lines = [
        project,
        "",
        tr(
            "{films}, {long} long together, {number} MB.",
            films=plural(len(clips), "film"),
            long=long,
            number=max(1, round(size)),
        ),
        tr(
            "Take the whole folder and open “{page}” in a browser: it plays, loops and slows the "
            "films without a network.",
            page=PAGE,
        ),
        "",
    ]
    usual = clips[0].sound if clips else ""
    lines += [f"{title}: {_views(group, usual)}" for title, group in groupby(sections, lambda c: c.title)]
    lines += [
        tr(
            "The whole dance, {view}, {minutes}, {heard}",
            view=tr(c.view),
            minutes=minutes_text(c.duration_s),
            heard=_heard(c),
        )
        for c in whole
    ]
    lines += ["", rights, tr("Warm up first, and stop when something hurts; ask your teacher, or a physician.")]
    return "\n".join(lines) + "\n"


def _heard(clip: ClipEntry) -> str:
    return tr(SOUND_WORDS[ClipSound(clip.sound)])


def _views(clips: Iterable[ClipEntry], usual: str) -> str:
    """Each view with its speeds, the fastest first; what is more than counts over one picture is named."""
    found: dict[str, list[str]] = {}
    for clip in clips:
        more = [w for w in (clip.shows, *_kinds(clip), _heard(clip) if clip.sound != usual else "") if w]
        found.setdefault(label_words(clip.label, short=True), []).append(
            " ".join([f"{round(clip.speed * 100)} %", *([f"({', '.join(more)})"] if more else [])])
        )
    return "; ".join(
        tr("{label} at {words}", label=label, words=", ".join(dict.fromkeys(speeds))) for label, speeds in found.items()
    )


def _kinds(clip: ClipEntry) -> list[str]:
    kinds = []
    if clip.look == "to watch":
        kinds.append(tr("without counts"))
    if clip.half_time:
        kinds.append(tr("half-time"))
    if clip.double_time:
        kinds.append(tr("double time"))
    if clip.arrangement != "one picture":
        kinds.append(tr(clip.arrangement))
    return kinds
