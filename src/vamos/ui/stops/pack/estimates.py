"""How much packs would come to, worked out beside the window: one set of settings after another."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, fields
from pathlib import Path

from vamos.core.model.project import Project
from vamos.core.pack.estimate import Estimate, estimate
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.profiles import packed_project
from vamos.ui.work.worker import ListWorker

#: So many are remembered: the profiles, and settings tried before.
_MOST = 40


@dataclass(frozen=True, eq=False, slots=True)
class _Wish:
    project: Project
    base: Path | None


class Estimates:
    """Known for the project as it is, for any output; ``changed`` is called when another one is known."""

    def __init__(self, changed: Callable[[], object], fault: Callable[[str], object]):
        self._changed = changed
        self._known: list[tuple[Project, Estimate | None]] = []
        self._waiting: list[_Wish] = []
        self._worker = ListWorker("estimates", _worked_out)
        self._worker.ready.connect(self._made)
        self._worker.fault.connect(fault)

    def of(self, project: Project, base: Path | None) -> Estimate | None:
        """How much a project comes to; None while it is worked out."""
        for known, found in self._known:
            if _same(known, project):
                return found
        if not any(_same(w.project, project) for w in self._waiting):
            # What was wished for before an edit, and is not wished any more, need not be worked out.
            self._waiting = [w for w in self._waiting if _same_but_output(w.project, project)]
            self._waiting.append(_Wish(project, base))
            self._worker.ask(self._waiting[-1])
        return None

    def close(self) -> None:
        self._worker.close()

    def _made(self, wish: _Wish, found: Estimate) -> None:
        self._waiting = [w for w in self._waiting if w is not wish]
        self._known = [(wish.project, found), *self._known][:_MOST]
        self._changed()


def _worked_out(wish: _Wish) -> Estimate:
    packed = packed_project(wish.project)
    coverage = coverage_of(packed)
    return estimate(packed, wish.base, coverage) if coverage is not None else Estimate(0, 0.0, 0.0, 0.0)


def _same(one: Project, other: Project) -> bool:
    return _same_but_output(one, other) and one.output == other.output


def _same_but_output(one: Project, other: Project) -> bool:
    """Edits keep what they do not change, so that it need not be compared."""
    return all(getattr(one, f.name) is getattr(other, f.name) for f in fields(Project) if f.name != "output")
