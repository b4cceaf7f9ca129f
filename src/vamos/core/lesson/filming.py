"""What to film for a lesson: the views its steps need and no pass shows, in the order in which it is filmed."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from html import escape

from vamos.core.lesson.difficulty import HARD
from vamos.core.lesson.material import Piece
from vamos.core.lesson.plan import LessonPlan
from vamos.core.lesson.step import Step
from vamos.core.model.clip import Clip
from vamos.core.model.song import Grid
from vamos.core.model.take import View
from vamos.core.time.counts import minutes_text
from vamos.wording import opening, words_of

tr = words_of(__name__)

#: Counts of the song before what is filmed.
LEAD_IN = 8
#: How many good passes are enough: of a hard place, and else (common practice, no source).
PASSES_HARD, PASSES = 3, 2
#: In which order views are filmed: the camera moves least from one to the next.
_ORDER = (View.FRONT, View.FEET, View.LEFT, View.RIGHT, View.BACK)


@dataclass(frozen=True, slots=True)
class ToFilm:
    """One thing to film: sections in a view, so many passes, from which second of the song with how many counts before.

    ``song_s`` is None where there is no song yet. ``sides`` says whose sides to dance, ``why`` which steps need it.
    """

    view: View
    sections: tuple[str, ...]
    passes: int
    song_s: float | None
    lead_in: int
    sides: str
    why: str

    def words(self) -> str:
        what = (
            " and ".join(self.sections)
            if len(self.sections) < 3
            else tr("{value} to {value2}", value=self.sections[0], value2=self.sections[-1])
        )
        start = (
            tr(
                ", the song from {minutes} ({lead_in} counts before)",
                minutes=minutes_text(self.song_s),
                lead_in=self.lead_in,
            )
            if self.song_s is not None
            else ""
        )
        return tr("{what}: {passes} good passes{start}", what=what, passes=self.passes, start=start)


def clip_of(step: Step, clips: Sequence[Clip]) -> Clip | None:
    """The clip that shows a step of one section in its view."""
    if len(step.sections) != 1:
        return None
    return next((c for c in clips if c.subject == step.sections[0] and c.view is step.view), None)


def missing(plan: LessonPlan, clips: Sequence[Clip]) -> list[Step]:
    """Steps of one section that no clip shows well: there is none, or it has problems."""
    out = []
    for step in plan.steps:
        if len(step.sections) == 1 and step.speeds and not step.left_out:
            clip = clip_of(step, clips)
            if clip is None or clip.problems:
                out.append(step)
    return out


def to_film(plan: LessonPlan, clips: Sequence[Clip], grid: Grid | None) -> tuple[ToFilm, ...]:
    """The shooting list: by view, the hardest first, neighbours in one go."""
    pieces = {p.id: p for p in plan.material.pieces}
    order = {p.id: k for k, p in enumerate(plan.material.pieces)}
    wanted: dict[View, dict[str, list[str]]] = {}
    for step in missing(plan, clips):
        wanted.setdefault(step.view, {}).setdefault(step.sections[0], []).append(step.title)
    found: list[ToFilm] = []
    for view in _ORDER:
        runs = _runs(sorted(wanted.get(view, ()), key=order.__getitem__), order)
        hardest = sorted(runs, key=lambda run: -max(pieces[i].difficulty.score for i in run))
        found += [_shot(view, [pieces[i] for i in run], wanted[view], clips, grid) for run in hardest]
    return tuple(found)


def _runs(ids: list[str], order: dict[str, int]) -> list[list[str]]:
    """Neighbours together."""
    out: list[list[str]] = []
    for one in ids:
        if out and order[one] == order[out[-1][-1]] + 1:
            out[-1].append(one)
        else:
            out.append([one])
    return out


def _shot(
    view: View, run: list[Piece], wanted: dict[str, list[str]], clips: Sequence[Clip], grid: Grid | None
) -> ToFilm:
    hard = any(p.difficulty.score >= HARD for p in run)
    start = run[0].song_s
    if start is not None and grid is not None:
        clock = grid.time_map()
        start = max(0.0, float(clock(float(Fraction(clock.inverse()(start))) - LEAD_IN)))
    sides = tr("dance your own sides; the picture is flipped for those who copy the screen")
    if view is View.BACK:
        sides = tr("dance your own sides, back to the camera; nothing is flipped")
    steps = [title for p in run for title in wanted[p.id]]
    spoiled = [c for c in clips if c.view is view and c.subject in {p.id for p in run} and c.problems]
    why = tr("what there is has faults: {value}", value=spoiled[0].problems[0]) if spoiled else tr("no pass shows it")
    return ToFilm(
        view,
        tuple(p.section.name for p in run),
        PASSES_HARD if hard else PASSES,
        start,
        LEAD_IN,
        sides,
        tr("{why}; for {words}{words2}", why=why, words=", ".join(steps[:2]), words2=" …" if len(steps) > 2 else ""),
    )


def film_markdown(found: Sequence[ToFilm], title: str) -> str:
    """The list with boxes to tick, by view."""
    rows = ["# " + tr("What to film: {title}", title=title), ""]
    for view in dict.fromkeys(f.view for f in found):
        mine = [f for f in found if f.view is view]
        rows += [f"## {opening(tr(view))}", "", f"{opening(mine[0].sides)}.", ""]
        rows += [f"- [ ] {f.words()}. {opening(f.why)}." for f in mine]
        rows.append("")
    return "\n".join(rows) + ("" if found else tr("Nothing is missing.") + "\n")


def film_html(found: Sequence[ToFilm], title: str) -> str:
    """The list for a phone beside the camera: large boxes that keep their ticks."""
    rows = []
    for view in dict.fromkeys(f.view for f in found):
        mine = [f for f in found if f.view is view]
        rows.append(f"<h2>{escape(opening(tr(view)))}</h2><p>{escape(opening(mine[0].sides))}.</p>")
        rows += [
            f'<label><input type="checkbox" data-key="{escape(str(view))} {escape(f.words())}"> '
            f"<span>{escape(f.words())}<small>{escape(f.why)}</small></span></label>"
            for f in mine
        ]
    body = "\n".join(rows) or f"<p>{tr('Nothing is missing.')}</p>"
    return _PAGE.replace("%TITLE%", escape(tr("What to film: {title}", title=title))).replace("%BODY%", body)


_PAGE = """<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>%TITLE%</title><style>
:root { color-scheme: light dark; --ink: #1b2233; --paper: #fbf8f1; --soft: #5b6070; --line: #d9c49a }
@media (prefers-color-scheme: dark) { :root { --ink: #f3efe4; --paper: #161b28; --soft: #a9b0c0; --line: #4a4435 } }
body { margin: 0 auto; max-width: 34rem; padding: 1rem; font: 1.1rem/1.4 system-ui, sans-serif; color: var(--ink);
  background: var(--paper) }
h1 { font-size: 1.4rem } h2 { margin-top: 1.6rem } p { color: var(--soft) }
label { display: flex; gap: .8rem; padding: .8rem 0; border-bottom: 1px solid var(--line) }
input { width: 1.6rem; height: 1.6rem; flex: none } small { display: block; color: var(--soft) }
</style></head><body><h1>%TITLE%</h1>
%BODY%
<script>
for (const box of document.querySelectorAll("input")) {
  const key = "vamos film " + box.dataset.key;
  try { box.checked = localStorage.getItem(key) === "1" } catch (_) { /* a page from the disk may have no memory */ }
  box.addEventListener("change", () => { try { localStorage.setItem(key, box.checked ? "1" : "0") } catch (_) { } });
}
</script></body></html>
"""
