"""What a teacher should know of a clip before it is written: turns, sides said, lettering."""

from __future__ import annotations

from vamos.core.model.take import Stretch
from vamos.core.plan.flip import spoken_sides_hold
from vamos.core.plan.views import Seen

#: A dancer who is seen from another side for at least so many counts is worth a warning.
_TURNED = 2


def problems_of_clip(stretch: Stretch, flip: bool, seen: Seen) -> list[str]:
    """Problems of what is seen and heard, in words."""
    found = []
    if seen.turned_away >= _TURNED:
        other = max(seen.others, key=lambda pair: pair[1])
        found.append(
            f"the dancer turns inside the clip and is seen from {_side(other[0].value)} for "
            f"{float(seen.turned_away):g} counts; the facing held longest decides the flip"
        )
    if spoken_sides_hold(stretch, flip) is False:
        found.append("the sides said in this take are wrong for who copies the screen; leave the room's sound out")
    if stretch.lettering and flip != stretch.already_flipped:
        found.append("the lettering in the picture reads backwards")
    return found


def _side(view: str) -> str:
    return {"front": "the front", "back": "behind"}.get(view, f"the {view}")
