"""The shot list: which sections exist in which view, which only with trouble, what to film next."""

from __future__ import annotations

import csv
import io
from dataclasses import dataclass
from enum import StrEnum

from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.core.plan.coverage import Candidate, Coverage, coverage_of, subjects_of
from vamos.wording import words_of

tr = words_of(__name__)

#: What a lesson usually needs (common practice, no source): front and back of everything.
USUAL = (View.FRONT, View.BACK)


class ShotState(StrEnum):
    GOOD = "filmed"
    TROUBLE = "only with trouble"
    MISSING = "missing"


@dataclass(frozen=True, slots=True)
class Shot:
    """A section in a view: whether it exists, from which passes, and why not."""

    section: str
    view: View
    state: ShotState
    passes: int
    best: str
    why: str


@dataclass(frozen=True, slots=True)
class ShotList:
    """All sections × views, and sentences that say what to film next."""

    sections: tuple[str, ...]
    views: tuple[View, ...]
    shots: tuple[Shot, ...]
    to_film: tuple[str, ...]

    def shot(self, section: str, view: View) -> Shot:
        return next(s for s in self.shots if s.section == section and s.view is view)


def shot_list(project: Project, coverage: Coverage | None = None) -> ShotList:
    """What was filmed and what is missing; empty before there is a beat."""
    coverage = coverage or coverage_of(project)
    if coverage is None:
        return ShotList((), (), (), ())
    shots: list[Shot] = []
    names: list[str] = []
    run_up, run_out = float(project.output.run_up), float(project.output.run_out)
    for subject in subjects_of(coverage.lines, coverage.grid):
        names.append(subject.title)
        found = coverage.candidates(subject.lines, run_up, run_out)
        shots += [_shot(subject.title, view, candidates) for view, candidates in found.items()]
    views = tuple(v for v in View if v in USUAL or any(s.view is v and s.passes for s in shots))
    kept = tuple(s for s in shots if s.view in views)
    return ShotList(tuple(names), views, kept, tuple(_to_film(kept, views)))


def _shot(name: str, view: View, candidates: list[Candidate]) -> Shot:
    if not candidates:
        return Shot(name, view, ShotState.MISSING, 0, "", tr("no pass shows it"))
    best = candidates[0]
    where = best.take.name + (tr(", wall {wall}", wall=best.line.wall) if best.line.wall is not None else "")
    passes = len({(*s.key, s.line.number) for s in candidates})
    bad = "; ".join(best.problems)
    return Shot(name, view, ShotState.TROUBLE if bad else ShotState.GOOD, passes, where, bad)


def _to_film(shots: tuple[Shot, ...], views: tuple[View, ...]) -> list[str]:
    """One sentence a view: all of it, or the sections that lack it."""
    out = []
    for view in views:
        mine = [s for s in shots if s.view is view]
        missing = [s.section for s in mine if s.state is ShotState.MISSING]
        again = [s for s in mine if s.state is ShotState.TROUBLE]
        if missing and len(missing) == len(mine):
            out.append(tr("Film the whole dance once in {view} view.", view=view))
        elif missing:
            out.append(tr("Film in {view} view: {words}.", view=view, words=", ".join(missing)))
        for shot in again:
            out.append(tr("Film {section} again in {view} view: {why}.", section=shot.section, view=view, why=shot.why))
    return out


def to_markdown(found: ShotList, title: str) -> str:
    """The list as a table that prints, with boxes to tick."""
    rows = ["# " + tr("What to film: {title}", title=title), "", "| section | " + " | ".join(found.views) + " |"]
    rows.append("|---" * (len(found.views) + 1) + "|")
    for name in found.sections:
        cells = [found.shot(name, v) for v in found.views]
        rows.append(f"| {name} | " + " | ".join(_cell(c) for c in cells) + " |")
    rows += ["", *(f"- [ ] {s}" for s in found.to_film or (tr("Nothing is missing."),))]
    return "\n".join(rows) + "\n"


def _cell(shot: Shot) -> str:
    if shot.state is ShotState.MISSING:
        return "—"
    return f"{shot.passes} × ({shot.best})" + (f" ! {shot.why}" if shot.state is ShotState.TROUBLE else "")


def to_csv(found: ShotList) -> str:
    """One row a section and view."""
    out = io.StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(("section", "view", "state", "passes", "best", "why"))
    rows.writerows((s.section, s.view, s.state, s.passes, s.best, s.why) for s in found.shots)
    return out.getvalue()
