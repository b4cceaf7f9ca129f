"""How often it is danced, by who learns; and a pass for arms, looks and style when the feet know."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.who import in_lane, lanes_in
from vamos.core.lesson.material import Piece
from vamos.core.lesson.step import VIEWS, Step
from vamos.core.model.clip import ClipSound
from vamos.core.model.lesson import Learners, StepKind
from vamos.core.model.take import View
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: Why it is danced as often (common practice, no source).
WHY_SO_OFTEN = {
    Learners.ONE: marked("one learner can stop the film and go back"),
    Learners.CLASS: marked("everything once more: a room is as quick as those who see it last"),
    Learners.KNOWING: marked("numbers and the song: names and slow rungs are for the first time"),
}
#: The first pass at each step for those who know it is not slower than this.
_KNOWN = Fraction(3, 4)
#: Saying what arms and eyes do in an eight takes so long, in seconds.
_STYLE_S = 8.0


def as_often_as(steps: Sequence[Step], learners: Learners) -> list[Step]:
    """Steps as often as such learners need them; runs over all of it stay as they are."""
    if learners is Learners.CLASS:
        return [_once_more(s) for s in steps]
    if learners is Learners.KNOWING:
        return [x for s in steps for x in _known(s)]
    return list(steps)


def _once_more(step: Step) -> Step:
    if step.kind not in (StepKind.DO, StepKind.JOIN, StepKind.LADDER) or step.view is View.BACK:
        return step
    reason = tr("{reason}; once more for the room", reason=step.reason)
    return replace(step, times=step.times + 1, reason=reason)


def _known(step: Step) -> Iterator[Step]:
    """What is left of a step: no names, no other view, one time, no slower than :data:`_KNOWN`."""
    if step.shows == "words" or step.rank == VIEWS or step.kind is StepKind.SHOW:
        return
    if step.kind in (StepKind.DO, StepKind.LADDER, StepKind.JOIN):
        speeds = tuple(s for s in step.speeds if s >= _KNOWN) or (_KNOWN,)
        yield replace(step, times=1, gap=0, speeds=speeds[-1:] if step.kind is StepKind.LADDER else speeds)
    else:
        yield step


def style_steps(pieces: Sequence[Piece], view: View) -> Iterator[Step]:
    """Once the steps are there: what arms, hands, eyes and body do in each section that says something of it."""
    for piece in pieces:
        beside = [e for e in sorted(piece.section.events, key=lambda e: e.start) if e.role in lanes_in([e])]
        if not beside:
            continue
        yield Step(
            f"{piece.id}/style",
            StepKind.DO,
            tr("{name}, with arms and looks", name=piece.section.name),
            (piece.id,),
            piece.first,
            Fraction(piece.section.length),
            view,
            speeds=(_KNOWN, Fraction(1)),
            sound=ClipSound.SONG,
            talk_s=_STYLE_S * piece.section.length / 8,
            words="; ".join(dict.fromkeys(in_lane(e) for e in beside)),
            reason=tr("style comes when the feet know"),
        )
