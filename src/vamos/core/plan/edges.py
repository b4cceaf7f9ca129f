"""Where a clip begins and ends: run-up with its pickup, run-out, holds, what was filmed, frames nudged."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction

from vamos.core.dance.lines import Line
from vamos.core.model.clip import Choice
from vamos.core.model.project import Output
from vamos.core.plan.coverage import EARLY_S, LATE_S, Coverage
from vamos.core.time import CountRange, TimeMap, TimeRange
from vamos.wording import plural, words_of

tr = words_of(__name__)

HALF = Fraction(1, 2)
#: A hold is waited for by so many counts at most.
_LONGEST_HOLD = Fraction(8)


@dataclass(frozen=True, slots=True)
class Edges:
    """Run-up and run-out in counts, frames of nudging, why, and what is wrong with them."""

    run_up: Fraction
    run_out: Fraction
    nudge: tuple[int, int]
    reason: str
    problems: tuple[str, ...]


def edges_of(
    output: Output, choice: Choice, line: Line, coverage: Coverage, count_to_take: TimeMap, filmed: TimeRange
) -> Edges:
    """The edges of a clip of a line, from a pass that was filmed over ``filmed`` take seconds.

    What a person chose stays, only within what was filmed; what is planned holds the pickup and never ends
    inside a hold.
    """
    core = line.counts
    problems = []
    pickup = coverage.pickup_before(core)
    run_up = choice.run_up if choice.run_up is not None else max(output.run_up, pickup)
    run_out = choice.run_out if choice.run_out is not None else output.run_out
    words = ""
    hold = coverage.hold_cut_at(core.end + run_out)
    if hold is not None:
        if choice.run_out is None and hold.end - core.end <= _LONGEST_HOLD:
            run_out = hold.end - core.end
            words = tr(", to the end of the hold")
        else:
            problems.append(tr("the clip ends inside a hold"))
    if choice.run_up is not None and choice.run_up < pickup:
        problems.append(tr("the pickup begins {count} before 1 and is cut off", count=plural(pickup, "count")))
    run_up, run_out = _within(core, run_up, run_out, count_to_take, filmed)
    nudge = (choice.nudge_start or 0, choice.nudge_end or 0)
    reason = tr(
        "run-up {run_up:g}, run-out {run_out:g}{words}", run_up=float(run_up), run_out=float(run_out), words=words
    )
    if any(nudge):
        reason += tr(", nudged by {value:+d} and {value2:+d} frames", value=nudge[0], value2=nudge[1])
    return Edges(run_up, run_out, nudge, reason, tuple(problems))


def _within(
    core: CountRange, run_up: Fraction, run_out: Fraction, count_to_take: TimeMap, filmed: TimeRange
) -> tuple[Fraction, Fraction]:
    """Shorten run-up and run-out, by halves, to what was filmed; at least half a count of the range is always shown."""
    run_up = max(run_up, HALF - core.length)
    run_out = max(run_out, HALF - core.length - min(run_up, Fraction(0)))
    while run_up > 0 and count_to_take(core.start - run_up) < filmed.start_s - EARLY_S:
        run_up = max(Fraction(0), run_up - HALF)
    while run_out > 0 and count_to_take(core.end + run_out) > filmed.end_s + LATE_S:
        run_out = max(Fraction(0), run_out - HALF)
    return run_up, run_out


def snapped(position: float) -> Fraction:
    """The nearest half count."""
    return Fraction(round(position * 2), 2)


def with_edge(choice: Choice, core: CountRange, start: Fraction | None, end: Fraction | None) -> Choice:
    """A choice whose clip begins or ends at positions on the song, of at least half a count."""
    run_up, run_out = choice.run_up, choice.run_out
    if start is not None:
        limit = core.end + (run_out if run_out is not None and run_out < 0 else 0) - HALF
        run_up = core.start - min(start, limit)
    if end is not None:
        limit = core.start - (run_up if run_up is not None and run_up < 0 else 0) + HALF
        run_out = max(end, limit) - core.end
    return replace(choice, run_up=run_up, run_out=run_out)
