"""Sides called aloud in takes: whose they are by the sheet, and which of them a flip makes false."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from vamos.core.dance.lines import Line
from vamos.core.model.dance import Foot
from vamos.core.model.song import Grid
from vamos.core.model.take import Danced, SaidSide, Spoken, Stretch, Take, counts_to_take
from vamos.core.plan.flip import spoken_sides_hold
from vamos.core.time import TimeRange
from vamos.core.time.counts import minutes_text
from vamos.wording import words_of

tr = words_of(__name__)

#: So many calls must meet a step of one foot, and such a share of them agree, before it is said whose sides they are.
LEAST, AGREE = 4, 0.8
#: A call belongs to a step this near to it, in counts.
_NEAR = 0.3
_FEET = {Foot.RIGHT: "right", Foot.LEFT: "left"}
#: More calls than this are not listed.
_MOST = 4


def meaning_of(take: Take, grid: Grid, lines: Sequence[Line]) -> Spoken:
    """Whose sides are called in a take, by the feet of the sheet; NONE when that cannot be told.

    The sheet's right is the learner's. Who dances mirrored steps with the left there: of such a take, sides as in the
    sheet are the learner's, of others the dancer's own.
    """
    same = met = 0
    for the_pass in take.passes:
        to_count = counts_to_take(the_pass, grid).inverse()
        steps = [(float(at), _FEET[e.foot]) for line in lines for at, e in line.events() if e.foot in _FEET]
        for call in take.sides_said or ():
            if not the_pass.take_range.contains(call.take_s):
                continue
            count = float(to_count(call.take_s))
            near = [side for at, side in steps if abs(at - count) < _NEAR]
            if len(near) == 1:
                met += 1
                same += near[0] == call.side
    if met < LEAST or AGREE > same / met > 1 - AGREE:
        return Spoken.NONE
    mirrored = take.stretches[0].danced is Danced.MIRRORED
    as_in_sheet = same / met >= AGREE
    return Spoken.LEARNER if as_in_sheet == mirrored else Spoken.DANCER


def false_sides(take: Take, stretch: Stretch, flip: bool, at: TimeRange, meaning: Spoken) -> str:
    """That sides said in a stretch of a take are false for who copies the screen, with their seconds; else empty.

    ``meaning`` is whose they are where nobody has said it.
    """
    known = stretch if stretch.spoken is not Spoken.NONE else replace(stretch, spoken=meaning)
    if spoken_sides_hold(known, flip) is not False:
        return ""
    if take.sides_said is None:
        return tr("the sides said in this take are wrong for anyone who copies the screen; leave the room's sound out")
    calls = [call for call in take.sides_said if at.contains(call.take_s)]
    if not calls and stretch.spoken is Spoken.NONE:
        return ""
    heard = f" ({calls_words(calls)})" if calls else tr(", though none was understood here")
    return tr(
        "the sides said are wrong for anyone who copies the screen{heard}; leave the room's sound out", heard=heard
    )


def calls_words(calls: Sequence[SaidSide]) -> str:
    """Calls with their seconds: “right” at 0:12, 0:15; “left” at 0:13."""
    sides: dict[str, list[str]] = {}
    for call in calls[:_MOST]:
        sides.setdefault(call.side, []).append(minutes_text(call.take_s))
    words = "; ".join(tr("“{side}” at {words}", side=side, words=", ".join(times)) for side, times in sides.items())
    return words + (tr(" and {number} more", number=len(calls) - _MOST) if len(calls) > _MOST else "")
