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

#: The weight a dance begins with, as it is chosen.
_WEIGHTS = {
    "the first move says": Foot.NONE,
    "on the left, right is free": Foot.LEFT,
    "on the right, left is free": Foot.RIGHT,
    "on both feet": Foot.BOTH,
}
_FACINGS = [clock_text(k) for k in range(8)]
_SAME = "as everyone"


def fill_starts(panel: Panel, desk: Desk, dance: Dance) -> None:
    """Start foot, start facing, and where a partner faces."""
    panel.head("How it begins")
    now = next(w for w, f in _WEIGHTS.items() if f is dance.start_weight)

    def weight(words: str) -> None:
        desk.do("Start foot", lambda p: set_start(p, start_weight=_WEIGHTS[words]), f"Weight: {words}")

    def facing(words: str) -> None:
        number = _FACINGS.index(words)
        desk.do("Start facing", lambda p: set_start(p, start_heading=number), f"The dance begins facing {words}")

    def partner(words: str) -> None:
        number = None if words == _SAME else _FACINGS.index(words)
        desk.do("Partner's facing", lambda p: set_start(p, partner_heading=number), f"The partner begins {words}")

    panel.choice("Weight", list(_WEIGHTS), now, weight, "Weight at the start")
    panel.choice("Facing", _FACINGS, clock_text(dance.start_heading), facing, "Facing at the start")
    if len(roles(dance)) > 1:
        there = _SAME if dance.partner_heading is None else clock_text(dance.partner_heading)
        panel.choice(f"Facing, {roles(dance)[1]}", [_SAME, *_FACINGS], there, partner, "Partner's facing at the start")


def fill_parts(panel: Panel, desk: Desk, dance: Dance) -> None:
    """One line for each part, and an empty one for the next."""
    panel.head("Parts")
    if not dance.parts:
        panel.say("A phrased dance runs in parts: name each with its sections, then write A A B.", key="why")
    for part in dance.parts:
        panel.text(f"Part {part.name}", part_text(part), _writer(desk, part.name))
    first = dance.sections[0].name
    panel.text("Another part", "", _writer(desk, ""), hint=f"{_next_letter(dance)}: {first}")


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
        desk.do("Parts", lambda p: write_part(p, text, old), f"Part {name} is written" if name else "The part is gone")

    return write


def _next_letter(dance: Dance) -> str:
    used = {p.name.upper() for p in dance.parts}
    return next((c for c in "ABCDEFGHIJ" if c not in used), "K")
