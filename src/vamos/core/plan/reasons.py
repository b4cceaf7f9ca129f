"""Why a clip takes the pass it takes, in words."""

from __future__ import annotations

from vamos.core.dance.facing import clock_text
from vamos.core.model.clip import Choice
from vamos.core.plan.coverage import Candidate


def why_this(pick: Candidate, of: int, choice: Choice) -> str:
    """The pass, the wall, and what speaks for it among ``of`` passes of this view."""
    name = f"{pick.take.name}, pass {pick.number + 1}"
    if pick.line.wall is not None:
        name += f", wall {pick.line.wall}"
    said = pick.take.stretch_at(0.0).view
    if pick.line.heading and pick.stretch.view is not said and len(pick.take.stretches) == 1:
        name += f" at {clock_text(pick.line.heading)}, where the same camera sees the {pick.stretch.view}"
    if choice.take == pick.take.id:
        return f"{name}: you chose it"
    if of == 1:
        return f"{name}: the only pass of this view"
    against = f"; against it: {', '.join(pick.against)}" if pick.against else ""
    return f"{name}: the best of {of}, {pick.mark} of 100 ({pick.the_pass.reason or 'placed'}{against})"
