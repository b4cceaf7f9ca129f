"""Fields for how a dance begins, and for the parts of a phrased dance."""

from __future__ import annotations

from collections.abc import Callable

from vamos.core.dance.facing import clock_text
from vamos.core.dance.facts import roles
from vamos.core.dance.parts import part_text
from vamos.core.edit.dance import set_start
from vamos.core.edit.parts import write_part
from vamos.core.model.dance import Dance, Foot
from vamos.errors import InputError
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.wording import words_of

tr = words_of(__name__)

#: The weight a dance begins with, as it is chosen.
_WEIGHTS = {
    tr("the first move says"): Foot.NONE,
    tr("on the left, right is free"): Foot.LEFT,
    tr("on the right, left is free"): Foot.RIGHT,
    tr("on both feet"): Foot.BOTH,
}
_FACINGS = [clock_text(k) for k in range(8)]
_SAME = tr("as everyone")


def fill_starts(panel: Panel, desk: Desk, dance: Dance) -> None:
    """Start foot, start facing, and where a partner faces."""
    panel.head(tr("How it begins"))
    now = next(w for w, f in _WEIGHTS.items() if f is dance.start_weight)

    def weight(words: str) -> None:
        desk.do(
            tr("Start foot"), lambda p: set_start(p, start_weight=_WEIGHTS[words]), tr("Weight: {words}", words=words)
        )

    def facing(words: str) -> None:
        number = _FACINGS.index(words)
        desk.do(
            tr("Start facing"),
            lambda p: set_start(p, start_heading=number),
            tr("The dance begins facing {words}", words=words),
        )

    def partner(words: str) -> None:
        number = None if words == _SAME else _FACINGS.index(words)
        desk.do(
            tr("Partner's facing"),
            lambda p: set_start(p, partner_heading=number),
            tr("The partner begins {words}", words=words),
        )

    panel.choice(tr("Weight"), list(_WEIGHTS), now, weight, tr("Weight at the start"))
    panel.choice(tr("Facing"), _FACINGS, clock_text(dance.start_heading), facing, tr("Facing at the start"))
    if len(roles(dance)) > 1:
        there = _SAME if dance.partner_heading is None else clock_text(dance.partner_heading)
        panel.choice(
            tr("Facing, {value}", value=roles(dance)[1]),
            [_SAME, *_FACINGS],
            there,
            partner,
            tr("Partner's facing at the start"),
        )


def fill_parts(panel: Panel, desk: Desk, dance: Dance) -> None:
    """One line for each part, and an empty one for the next."""
    panel.head(tr("Parts"))
    if not dance.parts:
        panel.say(tr("Give each part its sections, then write the order, such as A A B."), key="why")
    for part in dance.parts:
        panel.text(tr("Part {name}", name=part.name), part_text(part), _writer(desk, part.name))
    first = dance.sections[0].name
    panel.text(tr("Another part"), "", _writer(desk, ""), hint=f"{_next_letter(dance)}: {first}")


def _writer(desk: Desk, old: str) -> Callable[[str], object]:
    def write(text: str) -> None:
        if not text.strip() and not old:
            return
        try:
            write_part(desk.project, text, old)
        except InputError as error:
            desk.tell(str(error))
            return
        name = text.partition(":")[0].strip()
        desk.do(
            tr("Parts"),
            lambda p: write_part(p, text, old),
            tr("Part {name} is written", name=name) if name else tr("The part is gone"),
        )

    return write


def _next_letter(dance: Dance) -> str:
    used = {p.name.upper() for p in dance.parts}
    return next((c for c in "ABCDEFGHIJ" if c not in used), "K")
