"""The cards of a run-through, made from the dance's own card: title, sections, tags, end."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.calls import calls_of
from vamos.core.dance.card import Field, card_of
from vamos.core.model.clip import Cards, Clip, ClipCard
from vamos.core.model.project import Project
from vamos.core.plan.coverage import Coverage
from vamos.core.plan.run_through import plan_run_through
from vamos.core.time import CountRange
from vamos.wording import plural, words_of

tr = words_of(__name__)

#: What of the dance's card stands on the title and on the last card.
_TITLE, _END = (
    (Field.BY, Field.COUNTS, Field.WALLS, Field.LEVEL, Field.TAGS, Field.RESTARTS, Field.SONG),
    (Field.BY, Field.LINKS, Field.RIGHTS),
)
#: Rows that need no name.
_PLAIN = (Field.BY, Field.LEVEL, Field.LINKS, Field.RIGHTS)


def run_through_of(project: Project, coverage: Coverage | None) -> Clip | None:
    """The run-through that is wished, with its cards."""
    wish = project.output.run_through
    clip = plan_run_through(coverage, project.choices, wish)
    if clip is None or coverage is None or wish.cards == Cards():
        return clip
    return _with_cards(clip, project, coverage, wish.cards)


def _with_cards(clip: Clip, project: Project, coverage: Coverage, cards: Cards) -> Clip:
    """Full cards lengthen run-up and run-out: the music goes on under them."""
    shown = clip.shown
    rows = dict(card_of(project).rows)
    name = project.dance.name or project.name
    # The song does not begin before its first second.
    first = Fraction(round(coverage.grid.time_map().inverse()(0.0) * 48), 48)
    before = max(Fraction(0), min(Fraction(cards.title), shown.start - first))
    found: list[ClipCard] = []
    if before > 0:
        words = "\n".join([*_own(cards.title_words), *(_row(n, rows[n]) for n in _TITLE if n in rows)])
        found.append(ClipCard(CountRange(shown.start - before, shown.start), name, words, full=True))
    if cards.end:
        words = "\n".join([*_own(cards.end_words), *(_row(n, rows[n]) for n in _END if n in rows)])
        found.append(ClipCard(CountRange(shown.end, shown.end + cards.end), name, words, full=True))
    found += _names(clip, coverage, cards)
    problems = clip.problems
    if before < cards.title:
        problems = (
            *problems,
            tr("the title stands for {counts} only: the song begins there", counts=plural(int(before), "count")),
        )
    return replace(
        clip,
        run_up=clip.run_up + before,
        run_out=clip.run_out + cards.end,
        cards=tuple(sorted(found, key=lambda c: c.counts.start)),
        problems=problems,
    )


def _own(words: str) -> list[str]:
    return [words] if words.strip() else []


def _row(name: Field, text: str) -> str:
    return text if name in _PLAIN else f"{tr(name)}: {text}"


def _names(clip: Clip, coverage: Coverage, cards: Cards) -> Iterator[ClipCard]:
    """Where a tag, a stop, a restart or the ending begins, its name; else that of the section."""
    called = dict(reversed(calls_of(coverage.lines)))
    for line in coverage.lines:
        if not line.kind.danced or not clip.counts.contains(line.start):
            continue
        name, counts = called.get(line.start), cards.tag
        wall = tr(", wall {wall}", wall=line.wall) if line.wall is not None else ""
        title = f"{name[:1].upper()}{name[1:]}{wall}" if name is not None else ""
        if not title or not counts:
            title, counts = f"{line.title}{wall}".strip(", "), cards.section
        if title and counts:
            end = min(line.start + counts, clip.counts.end)
            yield ClipCard(CountRange(line.start, end), title)
