"""What a teacher should know of a clip before it is written: turns, lettering."""

from __future__ import annotations

from fractions import Fraction

from vamos.core.model.take import Stretch
from vamos.core.plan.views import ViewShare
from vamos.wording import plural, words_of

tr = words_of(__name__)

#: A dancer who is seen from another side for more than this share of a clip is worth a warning; a quick turn
#: that comes back, or that ends it, is only mentioned.
_TURNED = Fraction(1, 4)


def turn_words(seen: ViewShare) -> str:
    """That the dancer turns inside the clip, in words; empty when they do not."""
    if not seen.others:
        return ""
    other = max(seen.others, key=lambda pair: pair[1])
    return tr(
        "the dancer turns in this clip and is seen from {side} for {counts}; it is flipped for the way they face most "
        "of the time: please look",
        side=_side(other[0].value),
        counts=plural(seen.turned_away, "count"),
    )


def problems_of_clip(stretch: Stretch, flip: bool, seen: ViewShare, length: Fraction) -> list[str]:
    """Problems of what is seen in a clip of so many counts, in words."""
    found = []
    if seen.turned_away > _TURNED * length:
        found.append(turn_words(seen))
    if stretch.lettering and flip != stretch.already_flipped:
        found.append(tr("the lettering in the picture reads backwards"))
    return found


def _side(view: str) -> str:
    return {"front": tr("the front"), "back": tr("behind")}.get(view, tr("the {view}", view=view))
