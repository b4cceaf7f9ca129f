"""The plan of a lesson: suggested steps with a person's changes, how long they take, and what to leave out."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from itertools import accumulate

from vamos.core.dance.facts import facts_of
from vamos.core.lesson.difficulty import EASY
from vamos.core.lesson.looking import away, away_words, one_sided
from vamos.core.lesson.material import Material, cautions, material_of
from vamos.core.lesson.schools import lesson_steps
from vamos.core.lesson.step import KEPT, MUSIC, REPEATS, VARIANTS, VIEWS, Step
from vamos.core.model.dance import Dance
from vamos.core.model.lesson import LessonWish, StepChange, StepKind
from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.wording import marked, opening, plural, words_of

tr = words_of(__name__)

#: After so many minutes of dancing a break is due.
BREAK_S = 15 * 60.0
CARE = "say/care"
#: Below this share of the song's tempo a dance is another one (common practice, no source).
SLOWEST = Fraction(1, 3)
_DEFER = marked("What is good for you, a teacher or a physician can say.")
_WHAT = {
    VIEWS: marked("another view of an easy one"),
    MUSIC: marked("another run to the song"),
    REPEATS: marked("repeats"),
    VARIANTS: marked("variants"),
}


@dataclass(frozen=True, slots=True)
class LeftOut:
    """What is left out for the wanted length: a step, or repeats of one, and the seconds that saves."""

    step: str
    title: str
    what: str
    seconds: float


@dataclass(frozen=True, slots=True)
class LessonPlan:
    """The steps in order, what was left out, what there is to learn."""

    steps: tuple[Step, ...]
    left: tuple[LeftOut, ...]
    material: Material
    wish: LessonWish
    care: tuple[str, ...]

    @property
    def seconds(self) -> float:
        return sum(s.seconds(self.material.count_s) for s in self.steps)

    @property
    def dancing_s(self) -> float:
        return sum(s.danced_s(self.material.count_s) for s in self.steps if not s.left_out)

    @property
    def over_s(self) -> float:
        """Seconds over the wanted length, 0 where it fits or none is wanted."""
        return max(0.0, self.seconds - self.wish.minutes * 60) if self.wish.minutes else 0.0

    def seconds_of(self, step: Step) -> float:
        return step.seconds(self.material.count_s)

    def section_seconds(self) -> dict[str, float]:
        """How long each section takes by itself, by its id; joins and runs are none's."""
        out = {p.id: 0.0 for p in self.material.pieces}
        for step in self.steps:
            if len(step.sections) == 1:
                out[step.sections[0]] += self.seconds_of(step)
        return out

    def taught(self) -> dict[str, int]:
        """How many counts have been taught when a step is over, by its key; a section counts from its first step on."""
        lengths = {p.id: p.section.length for p in self.material.pieces}
        seen: set[str] = set()
        out = {}
        for step in self.steps:
            if not step.left_out and step.speeds and len(step.sections) == 1:
                seen.add(step.sections[0])
            out[step.key] = sum(lengths.get(s, 0) for s in seen)
        return out

    def words(self) -> list[str]:
        """The length in sentences."""
        total, dancing = self.seconds, self.dancing_s
        out = [
            tr(
                "{minutes}: {minutes2} of dancing, {minutes3} of talking.",
                minutes=_minutes(total),
                minutes2=_minutes(dancing),
                minutes3=_minutes(total - dancing),
            )
        ]
        slow = [s for s in self.steps if not s.left_out and s.slowest < SLOWEST]
        if slow:
            out.append(
                tr(
                    "{titles}: under a third of the song’s tempo. "
                    "Weight and balance feel different there; start faster, or with a slower song.",
                    titles=", ".join(dict.fromkeys(s.title for s in slow)),
                )
            )
        if self.wish.minutes:
            wanted = _minutes(self.wish.minutes * 60)
            out.append(
                tr(
                    "It does not fit into {wanted}: {minutes} over, with all left out that may be.",
                    wanted=wanted,
                    minutes=_minutes(self.over_s),
                )
                if self.over_s > 1
                else tr("It fits into {wanted}.", wanted=wanted)
            )
        return out


def plan_lesson(project: Project) -> LessonPlan:
    """The plan of a project's lesson; without a dance it has no steps."""
    wish, material = project.lesson, material_of(project)
    if not material.pieces:
        return LessonPlan((), (), material, wish, ())
    steps = [_changed(step, wish.change(step.key)) for step in lesson_steps(wish, material, fact_sentences(project))]
    steps = _ordered(steps, wish.order)
    steps = _parted(steps, wish, material)
    care = cautions(project.dance)
    if care:
        steps.insert(1, _changed(_care(care), wish.change(CARE)))
    other_side = [_changed(s, wish.change(s.key)) for s in _other_side(project.dance)]
    steps = _looked_away([*steps[:-1], *other_side, *steps[-1:]], project.dance)
    steps, left = cut_down(steps, material, wish.minutes)
    return LessonPlan(tuple(_with_breaks(steps, material)), tuple(left), material, wish, care)


def fact_sentences(project: Project) -> list[str]:
    """What is to be known of a dance beside its steps, a sentence each."""
    facts = facts_of(project.dance, project.grid)
    out = []
    if facts.walls_to_front and facts.walls_to_front > 1:
        out.append(tr("It is danced to {walls}.", walls=plural(facts.walls_to_front, "wall")))
    for station in facts.stations:
        if station.kind in ("tag", "restart", "stop"):
            wall = tr(" in wall {wall}", wall=station.wall) if station.wall and station.kind != "restart" else ""
            out.append(f"{opening(tr(station.kind))}: {station.name}{wall}.")
    return out


def _changed(step: Step, change: StepChange) -> Step:
    """A step as a person wants it."""
    found = step
    if change.times is not None:
        found = replace(found, times=change.times)
    if change.speed is not None and step.speeds:
        found = replace(found, speeds=(change.speed,))
    if change.gap is not None:
        found = replace(found, gap=change.gap)
    if change.words is not None:
        found = replace(found, words=change.words)
    found = replace(found, left_out=change.left_out)
    # What a person set is never taken away for the wanted length.
    return replace(found, changed=True, rank=KEPT) if found != step else step


def _ordered(steps: list[Step], order: tuple[str, ...]) -> list[Step]:
    """Steps as a person put them: those named follow each other so; each other one follows what it followed."""
    if not order:
        return steps
    by_key = {s.key: s for s in steps}
    named = [by_key[k] for k in order if k in by_key]
    after: dict[str, list[Step]] = {}
    head: list[Step] = []
    last: str | None = None
    known = {s.key for s in named}
    for step in steps:
        if step.key in known:
            last = step.key
        elif last is None:
            head.append(step)
        else:
            after.setdefault(last, []).append(step)
    return head + [x for step in named for x in (step, *after.get(step.key, ()))]


def _parted(steps: list[Step], wish: LessonWish, material: Material) -> list[Step]:
    """With part 2 after a section: a goodbye there, then what came before in a few words."""
    pieces = {p.id: p for p in material.pieces}
    if wish.cut_after not in pieces:
        return steps
    cut = pieces[wish.cut_after]
    before = {p.id for p in material.pieces if p.first <= cut.first}
    at = max(k for k, s in enumerate(steps) if cut.id in s.sections and set(s.sections) <= before) + 1
    count = cut.first + cut.section.length
    end = Step("part/end", StepKind.SAY, tr("End of part 1"), talk_s=6.0, words=tr("In part 2 it goes on from here."))
    again = Step(
        "part/recap",
        StepKind.RECAP,
        tr("Part 2: last time"),
        talk_s=8.0,
        words=tr("Last time we got to count {number}, the end of {name}.", number=int(count), name=cut.section.name),
        reason=tr("learners come back days later"),
    )
    return [*steps[:at], end, again, *steps[at:]]


def _care(care: tuple[str, ...]) -> Step:
    words = tr("Warm up first, for: {words}. {defer}", words="; ".join(care), defer=tr(_DEFER))
    return Step(
        CARE, StepKind.SAY, tr("Warm up"), talk_s=10.0, words=words, reason=tr("before jumps, spins and floor work")
    )


def _other_side(dance: Dance) -> list[Step]:
    """A word before the end, where a dance goes to one side only."""
    sided = one_sided(dance)
    if not sided:
        return []
    words = tr("{sided}. Do them a few times to the other side, too. {defer}", sided=sided, defer=tr(_DEFER))
    return [
        Step("say/other side", StepKind.SAY, tr("The other side"), talk_s=12.0, words=words, reason=tr("both sides"))
    ]


def _looked_away(steps: list[Step], dance: Dance) -> list[Step]:
    """Where learners cannot see the screen, the view from the back is kept and says why."""
    found = away(dance)
    out = []
    for step in steps:
        counts = found.get(step.sections[0], ()) if step.view is View.BACK and len(step.sections) == 1 else ()
        if counts:
            reason = tr("on {away} learners look away from the screen", away=away_words(counts))
            step = replace(step, reason=reason, rank=KEPT)
        out.append(step)
    return out


def _with_breaks(steps: list[Step], material: Material) -> list[Step]:
    """A break and water after each quarter of an hour."""
    out: list[Step] = []
    since = 0.0
    for step in steps:
        here = step.seconds(material.count_s)
        if since and since + here > BREAK_S:
            number = sum(s.key.startswith("say/break") for s in out) + 1
            out.append(
                Step(
                    f"say/break {number}",
                    StepKind.SAY,
                    tr("A break, and water"),
                    talk_s=20.0,
                    reason=tr("a quarter of an hour is over"),
                )
            )
            since = 0.0
        out.append(step)
        since += here
    return out


def cut_down(steps: list[Step], material: Material, minutes: float | None) -> tuple[list[Step], list[LeftOut]]:
    """Leave out what may be, in its order, until the steps fit into so many minutes; joins, tags, the run stay."""
    total = sum(s.seconds(material.count_s) for s in steps)
    left: list[LeftOut] = []
    if minutes is None or total <= minutes * 60:
        return steps, left
    steps = list(steps)
    easy = {p.id for p in material.pieces if p.difficulty.score < EASY}
    for rank in (VIEWS, MUSIC, REPEATS, VARIANTS):
        for k in range(len(steps) - 1, -1, -1):
            if total <= minutes * 60:
                return steps, left
            step = steps[k]
            new = _less(step, rank, easy)
            if new is None:
                continue
            saved = step.seconds(material.count_s) - new.seconds(material.count_s)
            steps[k], total = new, total - saved
            left.append(LeftOut(step.key, step.title, tr(_WHAT[rank]), saved))
    return steps, left


def _less(step: Step, rank: int, easy: set[str]) -> Step | None:
    """A step with less of it; None where nothing is to be left out."""
    if step.left_out or step.changed:
        return None
    if rank == REPEATS:
        again = step.times > 1 and step.kind is not StepKind.JOIN
        light = all(s in easy for s in step.sections) or step.times <= 2
        return replace(step, times=1) if again and light else None
    return replace(step, left_out=True) if step.rank == rank else None


def part_after(plan: LessonPlan) -> str:
    """The id of the section after which a long lesson is best cut in two; empty where it has one section."""
    pieces = plan.material.pieces
    if len(pieces) < 2:
        return ""
    ends = list(accumulate(plan.section_seconds()[p.id] for p in pieces))
    half = ends[-1] / 2
    best = min(range(len(pieces) - 1), key=lambda k: abs(ends[k] - half))
    return pieces[best].id


def _minutes(seconds: float) -> str:
    if seconds < 90:
        return f"{round(seconds)} s"
    return tr("{number:.1f} min", number=seconds / 60)
