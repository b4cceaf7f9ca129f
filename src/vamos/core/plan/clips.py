"""Clips from grid, sheet and passes: one per section (or eight), range of the user's, and view.

With a dance, a section is cut once per view from the best of all its walls; without one, every
eight of the song is cut. Choices of the user override what is planned and stick.
"""

from __future__ import annotations

from vamos.core.dance.lines import Line
from vamos.core.model.clip import Choice, Clip
from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.core.plan.edges import edges_of
from vamos.core.plan.flip import choose_flip
from vamos.core.plan.problems import problems_of_clip, turn_words
from vamos.core.plan.reasons import why_this
from vamos.core.plan.survey import Source, Survey, clip_name, survey_of


def plan_clips(project: Project) -> tuple[Clip, ...]:
    """All clips of a project, in the order of the dance and of the views, then the user's own ranges.

    Without a song, a grid or takes there is nothing to cut: the result is empty.
    """
    survey = survey_of(project)
    if survey is None:
        return ()
    clips = []
    for group in survey.groups():
        for view, sources in survey.sources(group).items():
            clip = _clip(survey, group, view, sources) if sources else None
            if clip is not None:
                clips.append(clip)
    return tuple(clips)


def sources_of(project: Project, clip: Clip) -> tuple[Source, ...]:
    """All passes that show what a clip shows, in its view, the best first and one wall of each."""
    survey = survey_of(project)
    group: tuple[Line, ...] = ()
    if survey is not None:
        group = next((g for g in survey.groups() if clip_name(g[0]) == clip.title), ())
    found = survey.sources(group)[clip.view] if survey is not None else []
    return tuple({(s.take.name, s.number): s for s in reversed(found)}.values())[::-1]


def _clip(survey: Survey, group: tuple[Line, ...], view: View, best: list[Source]) -> Clip | None:
    name = clip_name(group[0])
    key = f"{name} · {view}"
    choice = survey.project.choice(key) or Choice(key)
    if choice.left_out:
        return None
    pick = picked(best, choice)
    flip = choose_flip(pick.stretch, choice.flip)
    filmed = pick.the_pass.take_range
    edges = edges_of(survey.project.output, choice, pick.line, survey.lines, pick.where, filmed)
    wrong = problems_of_clip(pick.stretch, flip.flip, pick.seen, pick.line.length)
    # A quick turn is no problem, but it is said.
    turn = turn_words(pick.seen)
    turned = (turn,) if turn and turn not in wrong else ()
    ranked = list(dict.fromkeys((s.take.name, s.number) for s in best))
    here = ranked.index((pick.take.name, pick.number))
    # From the one taken on, so that going to the next one reaches them all.
    others = ranked[here + 1 :] + ranked[:here]
    return Clip(
        key,
        name,
        pick.line.number,
        pick.line.counts,
        view,
        pick.take.name,
        pick.number,
        edges.run_up,
        edges.run_out,
        flip.flip,
        flip.label,
        (why_this(pick, len(best), choice), flip.reason, edges.reason, *turned),
        (*pick.problems, *edges.problems, *wrong),
        tuple(others),
        edges.nudge,
    )


def picked(best: list[Source], choice: Choice | None) -> Source:
    """The source a person chose, else the best one."""
    for source in best if choice is not None else ():
        if choice is not None and choice.take == source.take.name and choice.pass_number in (None, source.number):
            return source
    return best[0]
