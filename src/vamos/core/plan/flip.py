"""To mirror or not.

A learner copies the screen: what the learner should do with the right must be on the right of
the screen. flip = faces camera XOR performed mirrored XOR filmed in a mirror XOR already flipped.
Side and feet views are flipped only when asked.
"""

from __future__ import annotations

from dataclasses import dataclass

from vamos.core.model.take import Danced, Spoken, Stretch, View
from vamos.wording import marked, words_of

tr = words_of(__name__)

MIRRORED = marked("mirrored: copy the screen")
BACK = marked("back view: same sides")
AS_FILMED = marked("as filmed")


def label_words(label: str, short: bool = False) -> str:
    """A label as learners read it, in the language of this run; ``short``: only its head."""
    words = ", ".join(map(tr, label.split(", ")))
    return words.split(":")[0] if short else words


@dataclass(frozen=True, slots=True)
class FlipChoice:
    """Whether to flip, the label a learner reads, and the reason in words."""

    flip: bool
    label: str
    reason: str


def wanted_flip(stretch: Stretch) -> bool:
    """The rule above for front and back views; False for side and feet views."""
    if stretch.view not in (View.FRONT, View.BACK):
        return False
    faces = stretch.view is View.FRONT
    mirrored = stretch.danced is Danced.MIRRORED
    return faces ^ mirrored ^ stretch.in_mirror ^ stretch.already_flipped


def choose_flip(stretch: Stretch, asked: bool | None = None) -> FlipChoice:
    """The flip for a stretch; ``asked`` overrides the rule."""
    wanted = wanted_flip(stretch)
    flip = wanted if asked is None else asked
    if stretch.view is View.BACK:
        label = BACK if flip == wanted else AS_FILMED
    elif stretch.view is View.FRONT:
        label = MIRRORED if flip == wanted else AS_FILMED
    else:
        label = f"{stretch.view}, flipped" if flip else f"{stretch.view}, as filmed"
    return FlipChoice(flip, label, _why(stretch, flip, asked))


def spoken_sides_hold(stretch: Stretch, flip: bool) -> bool | None:
    """Whether the sides said in a take are true for who copies the screen; None when none are said.

    True when (the words mean the dancer's own sides) XOR (performed mirrored) XOR (the flip applied
    differs from the flip wanted). In a view from the side nobody copies sides from the screen.
    """
    if stretch.spoken is Spoken.NONE or stretch.view not in (View.FRONT, View.BACK):
        return None
    own = stretch.spoken is Spoken.DANCER
    return own ^ (stretch.danced is Danced.MIRRORED) ^ (flip != wanted_flip(stretch))


def _why(stretch: Stretch, flip: bool, asked: bool | None) -> str:
    head = tr("flipped") if flip else tr("not flipped")
    if asked is not None and asked != wanted_flip(stretch):
        return tr("{head}: you asked for it", head=head)
    if stretch.view not in (View.FRONT, View.BACK):
        return tr("{head}: {view} views keep their side unless asked", head=head, view=stretch.view)
    facts = [tr("faces the camera") if stretch.view is View.FRONT else tr("seen from behind")]
    facts.append(tr("danced mirrored") if stretch.danced is Danced.MIRRORED else tr("danced on own sides"))
    if stretch.in_mirror:
        facts.append(tr("filmed in a mirror"))
    if stretch.already_flipped:
        facts.append(tr("the file is already flipped"))
    return f"{head}: " + ", ".join(facts)
