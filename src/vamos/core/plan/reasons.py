"""Why a clip takes the pass it takes, in words."""

from __future__ import annotations

from vamos.core.dance.facing import clock_text
from vamos.core.model.clip import Choice
from vamos.core.plan.coverage import Candidate
from vamos.wording import words_of

tr = words_of(__name__)


def why_this(pick: Candidate, of: int, choice: Choice) -> str:
    """The pass, the wall, and what speaks for it among ``of`` passes of this view."""
    name = tr("{name}, pass {number}", name=pick.take.name, number=pick.number + 1)
    if pick.line.wall is not None:
        name += tr(", wall {wall}", wall=pick.line.wall)
    said = pick.take.stretch_at(0.0).view
    if pick.line.heading and pick.stretch.view is not said and len(pick.take.stretches) == 1:
        name += tr(
            " at {clock}, where the same camera sees the {view}",
            clock=clock_text(pick.line.heading),
            view=pick.stretch.view,
        )
    if choice.take == pick.take.id:
        return tr("{name}: you chose it", name=name)
    if of == 1:
        return tr("{name}: the only pass of this view", name=name)
    against = tr("; against it: {words}", words=", ".join(pick.against)) if pick.against else ""
    return tr(
        "{name}: the best of {of}, {mark} of 100 ({number}{against})",
        name=name,
        of=of,
        mark=pick.mark,
        number=pick.the_pass.reason or "placed",
        against=against,
    )
