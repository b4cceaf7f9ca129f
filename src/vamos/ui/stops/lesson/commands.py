"""What is done at the stop Lesson: the step one stands on, changed, moved, shown; the plan and the list written."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import Any

from vamos.core.disk.outputs import write_output
from vamos.core.edit import lesson as edit
from vamos.core.edit.filmed import forget_filmed, judge_take
from vamos.core.lesson.filming import ToFilm, clip_of, film_html, film_markdown, to_film
from vamos.core.lesson.paper import lesson_markdown, lesson_pdf
from vamos.core.lesson.plan import LessonPlan
from vamos.core.lesson.practice_log import log_markdown
from vamos.core.lesson.step import Step
from vamos.core.model.filmed import Verdict
from vamos.core.model.project import Project
from vamos.core.pack.homework import write_homework
from vamos.core.pack.lesson_film import LessonParts, write_lesson
from vamos.core.pack.live_step import live_step
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import Outcome
from vamos.core.progress import Progress
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.preview.result_player import Result
from vamos.ui.stops.lesson.companion import Companion, scene_of, whole_scene
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.ui.work.session import file_name
from vamos.wording import words_of

tr = words_of(__name__)

#: A step is played with so many pixels on its longest side.
_PLAYED = 640
#: Speeds a step can have.
SPEEDS = tuple(Fraction(p, 100) for p in (50, 60, 75, 90, 100))


class LessonCommands:
    """Everything that is done to the plan goes through the project, so that it is undone and saved as all else."""

    #: The step one stands on.
    key = OfDocument(str)
    #: The step that is played, and what is played.
    _playing = OfDocument[tuple[Project, Step, Result] | None](lambda: None)
    #: What is being made to be played; pressed again, it is not made twice.
    _making = OfDocument[tuple[Project, Step] | None](lambda: None)
    #: Where the last film went, and what was not as wished.
    written = OfDocument[tuple[Path, tuple[str, ...]] | None](lambda: None)
    #: The dance and the wish whose plan was written last.
    written_as = OfDocument[object](lambda: None)

    def __init__(self, desk: Desk):
        self._desk = desk
        self.companion = Companion(desk)

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    @property
    def plan(self) -> LessonPlan:
        """The plan of the project as it is."""
        return self._desk.session.facts.lesson

    @property
    def step(self) -> Step | None:
        """The step one stands on; the first where that is gone."""
        shown = [s for s in self.plan.steps if not s.left_out]
        return next((s for s in shown if s.key == self.key), shown[0] if shown else None)

    def choose(self, key: str) -> None:
        if key != self.key:
            self.key = key
            self._desk.stale.emit()

    def wish(self, name: str, **changes: Any) -> None:
        self._desk.do(name, lambda p: edit.set_lesson(p, **changes))

    def set_minutes(self, text: str) -> None:
        words = text.strip().replace(",", ".").removesuffix("min").strip()
        try:
            minutes = float(words) if words else None
        except ValueError:
            self._desk.tell(tr("“{value}” is not a length; type minutes such as 12.", value=text))
            return
        self.wish(tr("Wanted length"), minutes=minutes)

    # --- the step ------------------------------------------------------------------------

    def _change(self, name: str, **changes: Any) -> None:
        step = self.step
        if step is not None:
            key = self.key = step.key
            self._desk.do(name, lambda p: edit.change_step(p, key, **changes))

    def more(self) -> None:
        step = self.step
        if step is not None and step.speeds:
            self._change(tr("Once more"), times=min(32, step.times + 1))

    def fewer(self) -> None:
        step = self.step
        if step is not None and step.times > 1:
            self._change(tr("Once less"), times=step.times - 1)

    def slower(self) -> None:
        self._pace(-1)

    def quicker(self) -> None:
        self._pace(1)

    def _pace(self, by: int) -> None:
        step = self.step
        if step is None or not step.speeds:
            return
        nearest = min(range(len(SPEEDS)), key=lambda k: abs(SPEEDS[k] - step.speeds[0]))
        speed = SPEEDS[min(max(0, nearest + by), len(SPEEDS) - 1)]
        self._change(tr("Slower") if by < 0 else tr("Quicker"), speed=speed)

    def often(self, key: str, times: int) -> None:
        """A step so many times, as a hand has drawn it."""
        self.key = key
        self._change(tr("How often"), times=times)

    def pace(self, key: str, speed: float) -> None:
        """A step at the speed nearest to what a hand has drawn."""
        self.key = key
        self._change(tr("How fast"), speed=min(SPEEDS, key=lambda s: abs(float(s) - speed)))

    def gap(self) -> None:
        """A gap to practise after each time, of eight counts, or none."""
        step = self.step
        if step is not None and step.speeds:
            self._change(tr("A gap to practise"), gap=0 if step.gap else 8)

    def leave_out(self) -> None:
        self._change(tr("Leave the step out"), left_out=True)

    def take_back(self, key: str) -> None:
        self.key = key
        self._desk.do(tr("Take the step back"), lambda p: edit.forget_step(p, key))

    def as_suggested(self) -> None:
        step = self.step
        if step is not None:
            key = step.key
            self._desk.do(tr("As suggested"), lambda p: edit.forget_step(p, key))

    def move(self, key: str, by: int) -> None:
        keys = [s.key for s in self.plan.steps if not s.left_out]
        self.key = key
        self._desk.do(tr("Another order"), lambda p: edit.move_step(p, keys, key, by))

    def up(self) -> None:
        step = self.step
        if step is not None:
            self.move(step.key, -1)

    def down(self) -> None:
        step = self.step
        if step is not None:
            self.move(step.key, 1)

    def usual_order(self) -> None:
        self.wish(tr("Order as suggested"), order=())

    def show_it(self) -> None:
        """The clip of the step, at Cut, where it is played as students get it."""
        step = self.step
        clip = clip_of(step, self._desk.session.facts.clips) if step is not None else None
        if clip is None:
            self._desk.tell(tr("No clip shows this step by itself. What is missing stands under “What to film”."))
            return
        self._desk.go_to_stop("Cut")
        self._desk.show_page()
        self._desk.page.go_to(clip.line)
        self._desk.preview.choose_view(clip.view)

    def play_step(self) -> None:
        """The step as students will get it, made while it is played."""
        step, project, base = self.step, self._desk.project, self._desk.session.base
        if step is None or self._making == (project, step):
            return
        self._making = (project, step)
        facts, song = self._desk.session.facts, self._desk.preview.playback.sound
        known = (facts.lesson, facts.coverage, facts.clips, song)

        def work(progress: Progress) -> Result:
            try:
                live = live_step(LessonParts(project, base, *known), step.key, _PLAYED, progress)
            except BaseException:
                # What went wrong may be tried again.
                self._making = None
                raise
            return Result(None, live.seconds, alone=True, live=live)

        def done(found: Result) -> None:
            self._playing, self._making = (project, step, found), None
            self._desk.stale.emit()

        # Short work, which does not wait behind the writing of a pack.
        self._desk.runner.run_quietly(tr("Making “{title}”", title=step.title), work, done)

    @property
    def played(self) -> Result | None:
        """The step one stands on as it is played, while everything is as it was when that began."""
        if self._playing is None or self._playing[:2] != (self._desk.project, self.step):
            return None
        return self._playing[2]

    def close(self) -> None:
        self.companion.close()

    # --- filming -------------------------------------------------------------------------

    def film(self, shot: ToFilm) -> None:
        """Play the song for an entry of the shooting list, and log it."""
        grid = self._desk.project.grid
        if grid is None:
            return
        try:
            scene = scene_of(shot, self.plan.material.pieces, grid.time_map())
        except VamosError as error:
            self._desk.tell(str(error))
            return
        self.companion.film(scene)

    def film_whole(self) -> None:
        grid, lines = self._desk.project.grid, [x for x in self._desk.session.lines if x.kind.danced]
        if grid is None or not lines:
            self._desk.tell(tr("There is no song with its beat yet."))
            return
        self.companion.film(whole_scene(lines[0].start, lines[-1].counts.end, grid.time_map()))

    def judge(self, number: int, verdict: Verdict) -> None:
        self._desk.do(tr("How it was"), lambda p: judge_take(p, number, verdict))

    def note_filmed(self, number: int, note: str) -> None:
        """What went wrong: it is to be done again, unless one said otherwise."""
        now = self._desk.project.filmed[number].verdict
        verdict = Verdict.AGAIN if now is Verdict.OPEN and note.strip() else now
        self._desk.do(tr("What went wrong"), lambda p: judge_take(p, number, verdict, note))

    def forget_filmed(self) -> None:
        last = len(self._desk.project.filmed) - 1
        self._desk.do(
            tr("Forget the last"), lambda p: forget_filmed(p, last), tr("Taken out of the log; no film was touched.")
        )

    def write_log(self) -> None:
        project = self._desk.project
        title = project.dance.name or project.name
        path = self._desk.ask_save(
            tr("Write the log"), tr("Markdown (*.md)"), f"{file_name(title, 'dance')} practice log.md"
        )
        if path is not None:
            text = log_markdown(project.filmed, title)
            self._desk.attempt(lambda: write_output(path, text.encode()), tr("The log is in {path}.", path=path))

    def write_film(self) -> None:
        """The film of the lesson, written and verified while one goes on working."""
        self._write(write_lesson, tr("lesson"))

    def write_homework(self) -> None:
        """A loop of each section, written and verified while one goes on working."""
        self._write(write_homework, tr("homework"))

    def _write(self, write: Callable[[Project, Path | None, Path, Progress], Outcome], what: str) -> None:
        project, base = self._desk.project, self._desk.session.base
        folder = self._desk.ask_folder(tr("Where should the {what} go? A folder is made in it.", what=what))
        if folder is None:
            return
        out = folder / f"{file_name(project.name, 'dance')} {what}"

        def work(progress: Progress) -> tuple[int, tuple[str, ...]]:
            outcome = write(project, base, out, progress.part(0, 0.85))
            bad = [f for f in verify_pack(out, progress.part(0.85, 1.0)) if not f.good]
            return len(bad), (*outcome.problems, *(f"{f.file}: {f.what}, {f.detail}" for f in bad))

        def done(found: tuple[int, tuple[str, ...]]) -> None:
            self.written = (out, found[1])
            self._desk.tell(
                tr("The {what} is in {out}.", what=what, out=out)
                if not found[0]
                else tr("The {what} is in {out}; look at what does not hold.", what=what, out=out)
            )
            self._desk.stale.emit()

        self._desk.run(tr("Writing the {what}", what=what), work, done)

    # --- on paper ------------------------------------------------------------------------

    def write_plan(self) -> None:
        """The plan as PDF or Markdown."""
        project = self._desk.project
        title = project.dance.name or project.name
        path = self._desk.ask_save(
            tr("Write the plan"), tr("PDF (*.pdf);;Markdown (*.md)"), f"{file_name(title, 'lesson')} lesson.pdf"
        )
        if path is None:
            return
        clips = self._desk.session.facts.clips
        text = lesson_markdown(self.plan, title, clips).encode()
        data = text if path.suffix == ".md" else lesson_pdf(self.plan, title, clips)
        if self._desk.attempt(lambda: write_output(path, data), tr("The plan is in {path}.", path=path)):
            self.written_as = (project.dance, project.lesson)
            self._desk.stale.emit()

    def write_film_list(self) -> None:
        """What to film, for a phone or as text."""
        project = self._desk.project
        title = project.dance.name or project.name
        kinds = tr("Page for a phone (*.html);;Markdown (*.md)")
        path = self._desk.ask_save(tr("Write what to film"), kinds, f"{file_name(title, 'dance')} to film.html")
        if path is None:
            return
        found = to_film(self.plan, self._desk.session.facts.clips, project.grid)
        text = film_markdown(found, title) if path.suffix == ".md" else film_html(found, title)
        self._desk.attempt(lambda: write_output(path, text.encode()), tr("The list is in {path}.", path=path))
