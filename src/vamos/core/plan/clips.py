"""Clips from grid, sheet and passes: one per section (or eight), range of the user's, and view.

With a dance, a section is cut once per view from the best of all its walls; without one, every
eight of the song is cut. Choices of the user override what is planned and stick.
"""

from __future__ import annotations

from vamos.core.model.clip import Choice, Clip, clip_key
from vamos.core.model.project import Output, Project
from vamos.core.model.take import View
from vamos.core.plan.coverage import Candidate, Coverage, Subject, choice_for, coverage_of
from vamos.core.plan.edges import edges_of
from vamos.core.plan.flip import choose_flip
from vamos.core.plan.problems import problems_of_clip, turn_words
from vamos.core.plan.reasons import why_this
from vamos.core.plan.said_sides import false_sides


def plan_clips(project: Project, coverage: Coverage | None = None) -> tuple[Clip, ...]:
    """All clips of a project, in the order of the dance and of the views, then the user's own ranges.

    Without a song, a grid or takes there is nothing to cut: the result is empty. ``coverage`` is that of the
    project, where it is known already.
    """
    coverage = coverage or coverage_of(project)
    return clips_of(coverage, project.choices, project.output) if coverage is not None else ()


def clips_of(coverage: Coverage, choices: tuple[Choice, ...], output: Output) -> tuple[Clip, ...]:
    """As :func:`plan_clips`, from just what it depends on."""
    clips = []
    for subject in coverage.subjects():
        for view, best in _best(coverage, subject, output).items():
            clip = _clip(coverage, subject, view, best, choices, output) if best else None
            if clip is not None:
                clips.append(clip)
    return tuple(clips)


def shown_by(key: str, coverage: Coverage) -> tuple[str, View] | None:
    """The title and the view of the clip with a key; none where the dance no longer has it."""
    keys = {clip_key(s.id, view): (s.title, view) for s in coverage.subjects() for view in View}
    return keys.get(key)


def candidates_of(project: Project, clip: Clip, coverage: Coverage | None = None) -> tuple[Candidate, ...]:
    """All passes that show what a clip shows, in its view, the best first and one wall of each."""
    coverage = coverage or coverage_of(project)
    subject = next((s for s in coverage.subjects() if s.id == clip.subject), None) if coverage is not None else None
    if coverage is None or subject is None:
        return ()
    found = _best(coverage, subject, project.output)[clip.view]
    return tuple({c.key: c for c in reversed(found)}.values())[::-1]


def _best(coverage: Coverage, subject: Subject, output: Output) -> dict[View, list[Candidate]]:
    return coverage.candidates(subject.lines, float(output.run_up), float(output.run_out))


def _clip(
    coverage: Coverage,
    subject: Subject,
    view: View,
    best: list[Candidate],
    choices: tuple[Choice, ...],
    output: Output,
) -> Clip | None:
    first = subject.lines[0]
    clock = coverage.grid.time_map()
    line_s = clock(first.counts.end) - clock(first.start)
    choice = choice_for(choices, subject.id, view, line_s) or Choice(clip_key(subject.id, view))
    if choice.left_out:
        return None
    pick = picked(best, choice)
    flip = choose_flip(pick.stretch, choice.flip)
    filmed = pick.the_pass.take_range
    edges = edges_of(output, choice, pick.line, coverage, pick.count_to_take, filmed)
    wrong = problems_of_clip(pick.stretch, flip.flip, pick.seen, pick.line.length)
    said = false_sides(pick.take, pick.stretch, flip.flip, pick.seconds, coverage.meaning(pick.take))
    wrong += [said] if said else []
    # A quick turn is no problem, but it is said.
    turn = turn_words(pick.seen)
    turned = (turn,) if turn and turn not in wrong else ()
    ranked = list(dict.fromkeys(c.key for c in best))
    by_key = {c.key: c for c in reversed(best)}
    here = ranked.index(pick.key)
    # From the one taken on, so that going to the next one reaches them all.
    others = ranked[here + 1 :] + ranked[:here]
    return Clip(
        choice.clip,
        subject.id,
        subject.title,
        pick.line.number,
        pick.line.counts,
        view,
        pick.take.id,
        pick.number,
        edges.run_up,
        edges.run_out,
        flip.flip,
        flip.label,
        (why_this(pick, len(best), choice), flip.reason, edges.reason, *turned),
        (*pick.problems, *edges.problems, *wrong),
        tuple(others),
        edges.nudge,
        mark=pick.mark,
        looked=choice.looked or (),
        other_marks=tuple((by_key[k].mark, ", ".join(by_key[k].against)) for k in others),
    )


def picked(best: list[Candidate], choice: Choice | None) -> Candidate:
    """The pass a person chose; where it is gone the best one of its take, else the best of all."""
    if choice is None or choice.take is None:
        return best[0]
    of_take = [c for c in best if c.take.id == choice.take]
    chosen = [c for c in of_take if c.the_pass.id == choice.pass_id]
    return (*chosen, *of_take, *best)[0]
