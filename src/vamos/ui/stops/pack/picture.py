"""How large clips are, how fast, in what quality; and what is wished of the run-through."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from typing import Any

from vamos.core.edit.output import set_output, set_overlay, set_run_through
from vamos.core.model.clip import LONGEST_CARD, Quality
from vamos.core.model.take import View
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence
from vamos.wording import inside, words_of

tr = words_of(__name__)

_SIZES = {tr("as the film, up to 1920"): None, "1920": 1920, "1280": 1280, "960": 960, "640": 640}
_RATES = {tr("as the film"): None, "25": 25, "30": 30, "50": 50, "60": 60}
_VIEWS = {tr("the view filmed most"): None, "front": View.FRONT, "back": View.BACK}
_AHEAD = ("4", "8", "12", "16")
_CARDS = {
    "title": tr("Title card"),
    "section": tr("Card for each section"),
    "tag": tr("Card for tags and restarts"),
    "end": tr("End card"),
}
_CARD_COUNTS = (0, 2, 4, 8, 16)
_OWN_WORDS = {"title": tr("Your words on the title card"), "end": tr("Your words on the end card")}


def fill_picture(panel: Panel, desk: Desk) -> None:
    """Size, rate and quality."""
    output = desk.project.output
    panel.head(tr("Picture"), "picture")
    size = next((w for w, s in _SIZES.items() if s == output.longest_side), str(output.longest_side))
    rate = next((w for w, r in _RATES.items() if r == output.rate), str(output.rate))
    panel.choice(
        tr("Longest side"), list(dict.fromkeys([*_SIZES, size])), size, _size(desk), tr("Longest side in pixels")
    )
    panel.choice(
        tr("Frames per second"), list(dict.fromkeys([*_RATES, rate])), rate, _rate(desk), tr("Frames per second")
    )

    def quality(words: str) -> None:
        desk.do(tr("Quality"), lambda p: set_output(p, quality=Quality(words)), tr("Quality: {words}", words=words))

    panel.choice(tr("Quality"), list(Quality), str(output.quality), quality, tr("Quality of the picture"))
    panel.say(tr("Upright and square clips are all 1080 wide, whatever was cut out of their films."), key="one size")


def _size(desk: Desk) -> Callable[[str], object]:
    return lambda words: desk.do(tr("Size of clips"), lambda p: set_output(p, longest_side=_SIZES.get(words)), words)


def _rate(desk: Desk) -> Callable[[str], object]:
    return lambda words: desk.do(tr("Rate of clips"), lambda p: set_output(p, rate=_RATES.get(words)), words)


def fill_views(panel: Panel, desk: Desk) -> None:
    """Which views clips are cut of."""
    output = desk.project.output
    words: dict[str, dict[str, object]] = {
        tr("every view that was filmed"): {"views": (), "one_view": False},
        tr("one for each section, the front first"): {"views": (), "one_view": True},
        tr("front and back"): {"views": (View.FRONT, View.BACK), "one_view": False},
        **{tr("only: {view}", view=view): {"views": (view,), "one_view": False} for view in View},
    }
    set_to = {"views": output.views, "one_view": output.one_view}
    own = tr("a choice of your own")
    now = next((w for w, wish in words.items() if wish == set_to), own)

    def choose(word: str) -> None:
        if word in words:
            desk.do(tr("Views in the pack"), lambda p: set_output(p, **words[word]))

    panel.choice(
        tr("Views"), list(dict.fromkeys([*words, now])), now, choose, name=tr("Views that clips are cut of"), own=True
    )


def fill_run_through(panel: Panel, desk: Desk) -> None:
    """The whole dance in one film: what it is made of, its view, from where to where."""
    wish, found = desk.project.output.run_through, desk.session.facts.run_through
    panel.head(tr("Run-through"), "run-through")

    def wanted(on: bool) -> None:
        desk.do(tr("Run-through"), lambda p: set_run_through(p, wanted=on))

    panel.check(tr("The whole dance in one film, with chapters"), wish.wanted, wanted, tr("Run-through"))
    if not wish.wanted:
        return
    view = next(w for w, v in _VIEWS.items() if v is wish.view)

    def look(words: str) -> None:
        desk.do(
            tr("View of the run-through"),
            lambda p: set_run_through(p, view=_VIEWS[words]),
            tr("Run-through: {words}", words=words),
        )

    panel.choice(tr("View"), list(_VIEWS), view, look, tr("View of the run-through"))
    _from_to(panel, desk)

    def ahead(words: str) -> None:
        overlay = replace(desk.project.output.overlay, call_ahead=int(words))
        desk.do(
            tr("What comes is called"),
            lambda p: set_overlay(p, overlay),
            tr("Called {words} counts ahead", words=words),
        )

    called = str(desk.project.output.overlay.call_ahead)
    panel.choice(
        tr("Announce tags, counts ahead"),
        list(dict.fromkeys([*_AHEAD, called])),
        called,
        ahead,
        tr("Counts a tag is called ahead"),
    )
    _cards(panel, desk)
    if found is None:
        panel.say(
            tr("No pass shows enough of the dance to the song; film it once from top to end."), "warn", key="none"
        )
        return
    counts = plural(int(found.counts.length), "count")
    panel.say(f"{counts}. {' '.join(map(sentence, found.reasons[:1]))}", "", key="made of")
    for reason in found.reasons[1:]:
        panel.say(sentence(reason), key=reason)
    for problem in found.problems:
        panel.say(sentence(problem), "warn", key=problem)


def _from_to(panel: Panel, desk: Desk) -> None:
    """Counts of the dance between which it runs."""
    wish = desk.project.output.run_through
    lines = [x for x in desk.session.lines if x.kind.danced]
    starts = {
        tr("{number}, count {number2}", number=x.title or tr("line"), number2=int(x.start) + 1): x.start for x in lines
    }
    ends = {
        tr("{number}, count {number2}", number=x.title or tr("line"), number2=int(x.counts.end)): x.counts.end
        for x in lines
    }
    for name, title, places, now in (
        ("first", tr("From"), {tr("the beginning"): None, **starts}, wish.first),
        ("last", tr("To"), {tr("the end"): None, **ends}, wish.last),
    ):
        words = next((w for w, at in places.items() if at == now), tr("count {now}", now=now))
        panel.choice(
            title,
            list(dict.fromkeys([*places, words])),
            words,
            _edge(desk, name, places),
            tr("Run-through: {title}", title=inside(title)),
        )


def _cards(panel: Panel, desk: Desk) -> None:
    """For how many counts each card stands."""
    wish = desk.project.output.run_through
    for name, title in _CARDS.items():
        set_now = _counts_words(getattr(wish.cards, name))
        usual = [_counts_words(n) for n in _CARD_COUNTS]
        panel.choice(
            title,
            list(dict.fromkeys([*usual, set_now])),
            set_now,
            _card(desk, name),
            tr("Card: {title}", title=inside(title)),
        )
        if name in _OWN_WORDS and getattr(wish.cards, name):
            panel.text(
                tr("Your words"),
                getattr(wish.cards, f"{name}_words"),
                _own_words(desk, name),
                name=_OWN_WORDS[name],
                hint=tr("such as: see you on Tuesday"),
            )


def _counts_words(counts: int) -> str:
    return plural(counts, "count") if counts else tr("none")


def _card(desk: Desk, name: str) -> Callable[[str], object]:
    def choose(words: str) -> None:
        # Also a number that is none of the usual ones is chosen by its words.
        counts = next((n for n in range(LONGEST_CARD + 1) if _counts_words(n) == words), 0)
        changes: dict[str, Any] = {name: counts}
        cards = replace(desk.project.output.run_through.cards, **changes)
        desk.do(tr("Cards of the run-through"), lambda p: set_run_through(p, cards=cards), f"{_CARDS[name]}: {words}")

    return choose


def _own_words(desk: Desk, name: str) -> Callable[[str], object]:
    def type_in(words: str) -> None:
        changes: dict[str, Any] = {f"{name}_words": words.strip()}
        cards = replace(desk.project.output.run_through.cards, **changes)
        desk.do(tr("Words on a card"), lambda p: set_run_through(p, cards=cards))

    return type_in


def _edge(desk: Desk, name: str, places: dict[str, Fraction | None]) -> Callable[[str], object]:
    def choose(words: str) -> None:
        at = places.get(words)
        there = desk.project.output.run_through
        first = at if name == "first" else there.first
        last = at if name == "last" else there.last
        if first is not None and last is not None and last <= first:
            desk.tell(tr("The run-through would end before it begins. Nothing was changed."))
            return
        desk.do(tr("Run-through"), lambda p: set_run_through(p, **{name: at}), words)

    return choose
