"""Fields of the card that nobody can work out."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from vamos.core.dance.card import LEVELS
from vamos.core.edit.dance import set_facts
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel

_FIELDS = (("name", "Dance"), ("credits", "By"), ("starts_on", "Starts on"), ("rights", "Rights"))
_SAID = (("walls", "Said: walls"), ("counts", "Said: counts"), ("tags", "Said: tags"), ("restarts", "Said: restarts"))


def fill_card(panel: Panel, desk: Desk) -> None:
    dance, card = desk.project.dance, desk.session.facts.card
    panel.head("The card")
    if card.missing:
        panel.say(f"Not filled in: {', '.join(card.missing).lower()}.", key="missing")
    for name, title in _FIELDS:
        panel.text(title, getattr(dance, name), _put(desk, name, title))
    panel.choice("Level", ["", *LEVELS], dance.level, _put(desk, "level", "Level"))
    panel.say(f"Suggested: {card.suggested_level} ({card.why_level}). You decide.", key="level")

    def links(text: str) -> None:
        desk.do("Links", lambda p: set_facts(p, links=tuple(text.split())))

    panel.text("Links", " ".join(dance.links), links)
    for name, title in _SAID:
        value = getattr(dance.stated, name)
        panel.text(title, "" if value is None else str(value), _say(desk, name, title), hint="not said")


def _put(desk: Desk, name: str, title: str) -> Callable[[str], object]:
    return lambda text: desk.do(title, lambda p: set_facts(p, **{name: text.strip()}), f"{title}: written")


def _say(desk: Desk, name: str, title: str) -> Callable[[str], object]:
    """What somebody says of the dance, to be compared with what the sheet gives."""

    def put(text: str) -> None:
        text = text.strip()
        if text and not text.isdecimal():
            desk.tell(f"“{text}” is not a whole number; leave it empty when nothing was said.")
            return
        number = int(text) if text else None
        desk.do(title, lambda p: set_facts(p, stated=replace(p.dance.stated, **{name: number})))

    return put
