"""All that follows from a project, worked out when it is asked for, once; what works it out is loaded then.

What depends on parts of a project that did not change is taken over from the project before, so that a keystroke
costs what it changed.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import TYPE_CHECKING, Any, TypeVar, cast

from vamos.core.dance.lines import Line, LineKind, even_pulse, lines_of
from vamos.core.model.clip import Clip
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.model.take import View
from vamos.errors import VamosError
from vamos.faults import printed
from vamos.wording import words_of

if TYPE_CHECKING:
    from vamos.core.dance.card import Card
    from vamos.core.dance.checks import Problem
    from vamos.core.dance.facts import DanceFacts
    from vamos.core.lesson.plan import LessonPlan
    from vamos.core.plan.coverage import Coverage
    from vamos.core.plan.line_pass import LinePass
    from vamos.core.plan.shots import ShotList
    from vamos.core.render.words import Words

tr = words_of(__name__)

T = TypeVar("T")
#: Lines less sure than this are marked.
WEAK = 0.35


@dataclass(frozen=True, slots=True)
class Failed:
    """A fact that could not be worked out: its name, why, and a report where that is a fault of Vamos."""

    name: str
    why: str
    report: str = ""


class FactError(VamosError):
    """What is asked for could not be worked out."""

    def __init__(self, failed: Failed):
        self.failed = failed
        super().__init__(failed.why)


def if_known(work: Callable[[], T], otherwise: T) -> T:
    """What work gives; something else where it needs what could not be worked out, which its own place says."""
    try:
        return work()
    except FactError:
        return otherwise


def _made(name: str, make: Callable[[], object]) -> object:
    try:
        return make()
    except FactError as error:
        # What it follows from failed already.
        return error.failed
    except VamosError as error:
        return Failed(name, str(error))
    except Exception as error:
        why = tr("This cannot be worked out: a fault of Vamos, not of yours. Everything else works on.")
        return Failed(name, why, printed(f"working out: {name}", error))


class Facts:
    """What follows from one project; ``before`` are the facts of the project it was made from."""

    def __init__(self, project: Project, before: Facts | None = None):
        self.project = project
        self._kept: dict[str, tuple[tuple[object, ...], Any]] = dict(before._kept) if before is not None else {}

    def _once(self, name: str, depends_on: tuple[object, ...], make: Callable[[], T]) -> T:
        """A value that depends on some objects, told apart by identity.

        One that cannot be worked out fails for who asks for it, with its reason, and for nobody else.
        """
        kept = self._kept.get(name)
        if (
            kept is None
            or len(kept[0]) != len(depends_on)
            or any(a is not b for a, b in zip(kept[0], depends_on, strict=True))
        ):
            kept = self._kept[name] = (depends_on, _made(name, make))
        if isinstance(kept[1], Failed):
            raise FactError(kept[1])
        return cast(T, kept[1])

    @property
    def lines(self) -> tuple[Line, ...]:
        """The lines of the page; raises InputError when they cannot be laid out."""
        p, grid = self.project, self.page_grid
        kept = self._kept.get("lines")
        if kept is None or kept[0][0] is not grid or kept[0][1] is not p.dance:
            # Not kept when it fails: an edit that cannot be laid out is refused with its own words.
            kept = self._kept["lines"] = ((grid, p.dance), lines_of(grid, p.dance) if grid is not None else ())
        return cast(tuple[Line, ...], kept[1])

    @property
    def page_grid(self) -> Grid | None:
        """The counts of the song; before there is one, an even pulse for the dance that is written already."""
        p = self.project
        if p.grid is not None or not p.dance.sections:
            return p.grid
        return self._once("even pulse", (p.dance,), lambda: even_pulse(p.dance))

    @property
    def problems(self) -> tuple[Problem, ...]:
        """What is wrong with the sheet."""
        p = self.project
        if not p.dance.sections:
            return ()
        from vamos.core.dance.checks import problems_of

        sung = p.song.sung if p.song is not None else ()
        return self._once(
            "problems", (p.grid, p.dance, sung), lambda: tuple(problems_of(p.dance, p.grid, self.dance, sung))
        )

    @property
    def dance(self) -> DanceFacts:
        """What follows from the sheet."""
        from vamos.core.dance.facts import facts_of

        p = self.project
        return self._once("dance", (p.grid, p.dance), lambda: facts_of(p.dance, p.grid))

    @property
    def coverage(self) -> Coverage | None:
        """What was filmed of which counts; None before there is a beat."""
        p = self.project
        if p.grid is None:
            return None
        from vamos.core.plan.coverage import Coverage

        grid = p.grid
        return self._once(
            "coverage", (grid, p.dance, p.takes, p.ranges), lambda: Coverage(grid, p.dance, p.takes, p.ranges)
        )

    @property
    def clips(self) -> tuple[Clip, ...]:
        """All clips that are cut."""
        p, coverage = self.project, self.coverage
        if coverage is None:
            return ()
        from vamos.core.plan.clips import clips_of

        return self._once("clips", (coverage, p.choices, p.output), lambda: clips_of(coverage, p.choices, p.output))

    @property
    def shots(self) -> ShotList:
        """What was filmed, and what to film next."""
        from vamos.core.plan.shots import shot_list

        p, coverage = self.project, self.coverage
        return self._once("shots", (coverage, p.output), lambda: shot_list(p, coverage))

    @property
    def run_through(self) -> Clip | None:
        """The whole dance in one clip."""
        from vamos.core.plan.cards import run_through_of

        p, coverage = self.project, self.coverage
        return self._once(
            "run-through",
            (coverage, p.choices, p.output, p.dance, p.song),
            lambda: run_through_of(p, coverage),
        )

    def clips_of(self, line: Line) -> tuple[Clip, ...]:
        """Clips cut from what a line dances."""
        if line.section is not None and not line.cut:
            return tuple(c for c in self.clips if c.subject == line.section.id)
        return tuple(c for c in self.clips if c.line == line.number)

    @property
    def weak(self) -> frozenset[int]:
        """Numbers of the lines whose beat is less sure than ``WEAK``."""
        grid = self.project.grid
        if grid is None:
            return frozenset()
        lines = self.lines
        return self._once(
            "weak",
            (grid, lines),
            lambda: frozenset(
                x.number for x in lines if x.kind is not LineKind.AFTER and grid.sureness_at(x.start) < WEAK
            ),
        )

    @property
    def words(self) -> Words:
        """What is said at each moment of the song."""
        from vamos.core.dance.short_words import short_names
        from vamos.core.render.words import Words

        p = self.project
        return self._once("words", (self.lines, p.dance), lambda: Words(self.lines, short_names(p.dance)))

    @property
    def card(self) -> Card:
        """The card of the dance."""
        from vamos.core.dance.card import card_of

        p = self.project
        return self._once("card", (p.song, p.dance), lambda: card_of(p, self.dance))

    @property
    def lesson(self) -> LessonPlan:
        """The plan of the lesson."""
        from vamos.core.lesson.plan import plan_lesson

        p = self.project
        return self._once("lesson", (p.grid, p.dance, p.takes, p.lesson), lambda: plan_lesson(p))

    def prepare(self) -> tuple[Failed, ...]:
        """Work out all that is asked for after an edit, each by itself; what failed. May be called from a thread."""
        failed: dict[str, Failed] = {}
        for ask in (
            lambda: self.weak,
            lambda: self.words,
            lambda: self.card,
            lambda: self.problems,
            lambda: self.clips,
            lambda: self.shots,
            lambda: self.lesson,
            self._passes_of_lines,
        ):
            try:
                ask()
            except FactError as error:
                failed[error.failed.name] = error.failed
        return tuple(failed.values())

    def _passes_of_lines(self) -> None:
        for line in self.lines if self.coverage is not None else ():
            self.pass_of(line, None)

    def pass_of(self, line: Line, view: View | None, take: str = "") -> LinePass | None:
        """The pass a line is seen in: of a take that was chosen, in a view where it was filmed, else in the first."""
        coverage = self.coverage
        if coverage is None:
            return None
        p = self.project
        found: dict[tuple[int, View | None, str], object] = self._once("passes of lines", (coverage, p.choices), dict)
        key = (line.number, view, take)
        if key not in found:
            found[key] = _made("the pass of a line", lambda: self._pass_of(coverage, line, view, take))
        made = found[key]
        if isinstance(made, Failed):
            raise FactError(made)
        return cast("LinePass | None", made)

    def _pass_of(self, coverage: Coverage, line: Line, view: View | None, take: str) -> LinePass | None:
        from vamos.core.plan.line_pass import pass_of_line

        wanted = pass_of_line(self.project, coverage, line, take=take) if take else None
        if wanted is None and view is not None:
            wanted = pass_of_line(self.project, coverage, line, view)
        return wanted or pass_of_line(self.project, coverage, line)

    def views_of(self, line: Line) -> tuple[View, ...]:
        """The views a line was filmed in."""
        from vamos.core.plan.line_pass import views_of_line

        coverage = self.coverage
        return views_of_line(coverage, line) if coverage is not None else ()
