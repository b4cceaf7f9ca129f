"""Fields of the card that nobody can work out."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from vamos.core.dance.card import LEVELS
from vamos.core.dance.links import links_typed
from vamos.core.dance.short_words import print_words
from vamos.core.edit.dance import set_facts, set_words
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.wording import inside, words_of

tr = words_of(__name__)

_FIELDS = (("name", tr("Dance")), ("credits", tr("By")), ("starts_on", tr("Starts on")), ("rights", tr("Rights")))
_SAID = (
    ("walls", tr("Stated walls")),
    ("counts", tr("Stated counts")),
    ("tags", tr("Stated tags")),
    ("restarts", tr("Stated restarts")),
)


def fill_card(panel: Panel, desk: Desk) -> None:
    dance, card = desk.project.dance, desk.session.facts.card
    panel.head(tr("The card"))
    if card.missing:
        panel.say(
            tr("Not filled in: {names}.", names=", ".join(inside(tr(name)) for name in card.missing)), key="missing"
        )
    for name, title in _FIELDS:
        panel.text(title, getattr(dance, name), _put(desk, name, title))
    panel.choice(tr("Level"), ["", *LEVELS], dance.level, _put(desk, "level", tr("Level")))
    panel.say(
        tr(
            "Suggested: {suggested_level} ({why_level}). You decide.",
            suggested_level=card.suggested_level,
            why_level=card.why_level,
        ),
        key="level",
    )

    def links(text: str) -> None:
        desk.do(tr("Links"), lambda p: set_facts(p, links=links_typed(text)))

    tip = tr("A time behind a link says where count 1 is there.")
    panel.text(tr("Links"), " ".join(dance.links), links, hint="https://… 0:14", tip=tip)

    def short(text: str) -> None:
        desk.do(tr("Short words"), lambda p: set_words(p, text), tr("Short words: written"))

    panel.text(
        tr("Short words"),
        print_words(dance.words),
        short,
        hint=tr("KBC = kick ball change"),
        tip=tr("They may be typed, and stand over the picture and on the page; sheets and the voice say all of it."),
    )
    for name, title in _SAID:
        value = getattr(dance.stated, name)
        panel.text(title, "" if value is None else str(value), _say(desk, name, title), hint=tr("not said"))


def _put(desk: Desk, name: str, title: str) -> Callable[[str], object]:
    return lambda text: desk.do(
        title, lambda p: set_facts(p, **{name: text.strip()}), tr("{title}: written", title=title)
    )


def _say(desk: Desk, name: str, title: str) -> Callable[[str], object]:
    """What somebody says of the dance, to be compared with what the sheet gives."""

    def put(text: str) -> None:
        text = text.strip()
        if text and not text.isdecimal():
            desk.tell(tr("“{value}” is not a whole number; leave it empty when nothing was said.", value=text))
            return
        number = int(text) if text else None
        desk.do(title, lambda p: set_facts(p, stated=replace(p.dance.stated, **{name: number})))

    return put
