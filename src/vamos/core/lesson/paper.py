"""The plan of a lesson on paper: Markdown and PDF, with what to say before which clip and boxes to tick."""

from __future__ import annotations

from collections.abc import Sequence

from vamos.core.dance import pdf_fonts
from vamos.core.dance.pdf_pages import INK, MARGIN, SOFT, Pages
from vamos.core.lesson.filming import clip_of
from vamos.core.lesson.plan import LessonPlan
from vamos.core.lesson.step import Step
from vamos.core.model.clip import Clip, ClipSound
from vamos.core.model.lesson import StepKind
from vamos.wording import words_of

tr = words_of(__name__)


def side_words(step: Step, clips: Sequence[Clip]) -> str:
    """Whose sides the learner sees: the label of the clip that shows the step."""
    clip = clip_of(step, clips)
    return clip.label if clip is not None else ""


def heard_words(step: Step) -> str:
    """What is heard while it is danced; nothing where nothing is danced."""
    if not step.speeds:
        return ""
    if step.shows == "words":
        return tr("Heard: each move by its name")
    heard = ClipSound.CLICKS if step.sound is ClipSound.ROOM else step.sound
    return tr("Heard: {sound}", sound=tr("nothing") if heard is ClipSound.NONE else heard)


def taught_words(plan: LessonPlan, step: Step) -> str:
    """How far the lesson is with the dance once a section was met."""
    taught = plan.taught()
    keys = [s.key for s in plan.steps]
    before = taught[keys[keys.index(step.key) - 1]] if keys.index(step.key) else 0
    if taught[step.key] == before:
        return ""
    return tr("Taught by then: {taught} of {counts} counts", taught=taught[step.key], counts=plan.material.counts)


def lesson_markdown(plan: LessonPlan, title: str, clips: Sequence[Clip] = ()) -> str:
    """The plan as a list with boxes, minutes from the start, what to say, reasons."""
    rows = ["# " + tr("Lesson: {title}", title=title), "", *plan.words(), ""]
    rows += [
        tr(
            "Built as: {build}; {way}; the whole {shown}.",
            build=plan.wish.build,
            way=plan.wish.way,
            shown=plan.wish.shown,
        ),
        "",
    ]
    at = 0.0
    for step in plan.steps:
        if step.left_out:
            continue
        often = step.how_often()
        rows.append(f"- [ ] {_clock(at)} **{step.title}**" + (f" ({often})" if often else ""))
        for words in (
            step.words and tr("Say: {words}", words=step.words),
            side_words(step, clips),
            heard_words(step),
            taught_words(plan, step),
            step.reason and tr("Why: {reason}", reason=step.reason),
        ):
            if words:
                rows.append(f"  {words}")
        at += plan.seconds_of(step)
    if plan.left:
        rows += ["", "## " + tr("Left out for the wanted length"), ""]
        rows += [f"- {left.title}: {left.what}, {round(left.seconds)} s" for left in plan.left]
    rows += [
        "",
        "## " + tr("To practise at home"),
        "",
        "- "
        + tr(
            "Counts 1 to {counts} in a loop, at the speed that works.",
            counts=sum(p.section.length for p in plan.material.wall),
        ),
    ]
    return "\n".join(rows) + "\n"


def _clock(seconds: float) -> str:
    return f"{int(seconds) // 60}:{int(seconds) % 60:02d}"


def lesson_pdf(plan: LessonPlan, title: str, clips: Sequence[Clip] = ()) -> bytes:
    """The plan as the bytes of a PDF file, A4 upright."""
    paper = _Paper(tr("Lesson: {title}", title=title))
    for words in plan.words():
        paper.line(words, 10)
    paper.line(
        tr("{build}; {way}; the whole {shown}", build=plan.wish.build, way=plan.wish.way, shown=plan.wish.shown),
        9,
        SOFT,
    )
    paper.gap(8)
    at = 0.0
    for step in plan.steps:
        if not step.left_out:
            paper.step(_clock(at), step, (side_words(step, clips), heard_words(step), taught_words(plan, step)))
            at += plan.seconds_of(step)
    if plan.left:
        paper.gap(8)
        paper.line(tr("Left out for the wanted length"), 11, bold=True, kind="H2")
        for left in plan.left:
            paper.line(f"{left.title}: {left.what}, {round(left.seconds)} s", 9, SOFT)
    return paper.end()


class _Paper(Pages):
    """The plan, written down its pages."""

    def __init__(self, title: str):
        super().__init__(title)
        self.line(title, 20, bold=True, kind="H1")
        self.gap(6)

    def gap(self, points: float) -> None:
        self.y -= points

    def line(
        self, text: str, size: float, colour: str = INK, bold: bool = False, left: float = 0.0, kind: str = "P"
    ) -> None:
        with self.within(kind):
            for part in pdf_fonts.wrapped(text, size, self.room - left, bold):
                self.need(size * 1.4)
                self.y -= size * 1.4
                with self.content():
                    self.text(MARGIN + left, self.y, part, size, colour, bold)

    def step(self, clock: str, step: Step, beside: Sequence[str]) -> None:
        rows = [(tr("Say: {words}", words=step.words), 9.5)] if step.words else []
        rows += [(words, 8.5) for words in (*beside, step.reason) if words]
        # A step is not torn by a page.
        lines = sum(1.4 * size * len(pdf_fonts.wrapped(words, size, self.room - 52)) for words, size in rows)
        self.need(lines + 40)
        self.gap(5)
        with self.artifact():
            self.canvas.setStrokeColor(INK)
            self.canvas.rect(MARGIN, self.y - 13, 9, 9)
        with self.tag("P"):
            self.text(MARGIN + 16, self.y - 12, clock, 9, SOFT)
        often = step.how_often()
        danced = f", {often}" if often else ""
        self.line(f"{step.title}{danced}", 10.5, bold=step.kind is not StepKind.SAY, left=52, kind="H2")
        for words, size in rows:
            self.line(words, size, INK if size > 9 else SOFT, left=52)
