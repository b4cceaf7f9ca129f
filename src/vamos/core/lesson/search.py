"""Which clip shows it? Search over sections, moves, words of the song, counts and views."""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from vamos.core.dance.calls import restarts
from vamos.core.dance.lines import Line, even_pulse, lines_of
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Dance, Event, Foot, ItemKind, Section
from vamos.core.model.take import View
from vamos.core.time import count_text
from vamos.core.time.counts import Feel, subdivision_name
from vamos.wording import ENGLISH, language, marked, words_of

tr = words_of(__name__)

_VIEWS = {
    "front": View.FRONT,
    "back": View.BACK,
    "behind": View.BACK,
    "left": View.LEFT,
    "right": View.RIGHT,
    "feet": View.FEET,
}
#: What means nothing here, in the languages there are.
_FILLERS = frozenset(
    [
        "the",
        "of",
        "a",
        "in",
        "at",
        "on",
        "view",
        "side",
        "with",
        "from",
        "and",
        "der",
        "die",
        "das",
        "von",
        "vom",
        "mit",
        "auf",
        "aus",
        "und",
        "ansicht",
        "seite",
        "foot",
        "fuss",
        "el",
        "la",
        "los",
        "las",
        "de",
        "del",
        "con",
        "en",
        "y",
        "desde",
        "vista",
        "pie",
        "lado",
    ]
)
#: Counts from one to another, as they are typed.
_SPAN = re.compile(r"\b(\d+)(?:\s*[-–]\s*|\s+(?:to|up to|bis|a|hasta)\s+)(\d+)\b")
_COUNT = re.compile(r"^(\d+)([&ae]?)(\d*)$")
_TURNS = {
    2: marked("quarter turn"),
    4: marked("half turn"),
    6: marked("three quarter turn"),
    8: marked("full turn"),
    12: marked("one and a half turn"),
    16: marked("double turn"),
}


_SIDES = {Foot.LEFT: marked("left"), Foot.RIGHT: marked("right")}


@dataclass(frozen=True, slots=True)
class Hit:
    """A place of the dance: a section, a count in it (None: all of it), what stands there; the clips that show it.

    ``wall`` is the number of the wall it is in, where one was asked for.
    """

    section: str
    title: str
    count: Fraction | None
    words: str
    clips: tuple[str, ...]
    score: float
    wall: int | None = None


@dataclass(frozen=True, slots=True)
class _Entry:
    """A section, a move of it, or (``line``) what is danced on a wall; ``told`` says what else there is to it."""

    section: Section
    event: Event | None
    words: frozenset[str]
    line: Line | None = None
    told: str = ""


class Index:
    """Everything of a dance and its clips that can be searched for; made once, asked often."""

    def __init__(self, dance: Dance, clips: Sequence[Clip] = ()):
        self._entries = list(_entries(dance))
        self._views = _views_said()
        self._clips: dict[str, list[Clip]] = {}
        for clip in clips:
            self._clips.setdefault(clip.subject, []).append(clip)

    def find(self, text: str, most: int = 20) -> list[Hit]:
        """The best places for what was typed, best first; every word that means something must be found there."""
        spans = [(int(a), int(b)) for a, b in _SPAN.findall(text.lower())]
        words = [w for w in _words(_SPAN.sub(" ", text.lower())) if w not in _FILLERS]
        raw = {w for w in re.split(r"[^0-9a-zäöüß&]+", text.lower()) if w}
        sure = {"back", "front", "feet", "behind", *self._views}
        view_words = _VIEWS | self._views
        view = next(
            (view_words[w] for w in raw if w in view_words and (w in sure or "view" in raw or "side" in raw)), None
        )
        said = {_words(w)[0]: v for w, v in view_words.items()}
        counts = [w for w in words if _COUNT.match(w)]
        plain = [w for w in words if w not in counts and not (view is not None and said.get(w) is view)]
        hits = []
        for entry in self._entries:
            score = _score(entry, plain, counts, spans)
            if score <= 0 and not (view is not None and not (plain or counts or spans) and entry.event is None):
                continue
            hits.append(self._hit(entry, view, score))
        hits = [h for h in hits if view is None or h.clips or not self._clips]
        return sorted(hits, key=lambda h: -h.score)[:most]

    def _hit(self, entry: _Entry, view: View | None, score: float) -> Hit:
        shown = [c for c in self._clips.get(entry.section.id, ()) if view is None or c.view is view]
        event = entry.event
        if entry.line is not None:
            ids = tuple(c.key for c in shown)
            return Hit(entry.section.id, entry.section.name, None, entry.told, ids, score, entry.line.wall)
        what = (
            tr("{number} on {count}", number=event.short or event.kind, count=_count(event.start, entry.section.feel))
            if event
            else tr("all of it")
        )
        where = event.start if event is not None else None
        return Hit(entry.section.id, entry.section.name, where, what, tuple(c.key for c in shown), score)


def _views_said() -> dict[str, View]:
    """Words that mean one view in the language of this run, beside the English ones."""
    if language() == ENGLISH:
        return {}
    of = {view: set(tr(view).lower().split()) for view in View}
    return {w: v for v, own in of.items() for w in own if sum(w in others for others in of.values()) == 1}


def _count(start: Fraction, feel: Feel) -> str:
    """``5``, ``5&``, or of a pickup ``& before 1``."""
    whole, rest = divmod(start, 1)
    if start < 0:
        return tr("{words} before 1", words=subdivision_name(rest, feel) if rest else count_text(start % 8))
    return count_text(Fraction(whole)) + (subdivision_name(rest, feel) if rest else "")


def _entries(dance: Dance) -> Iterator[_Entry]:
    others = [item for item in dance.sequence if item.kind is not ItemKind.WALL]
    roles = {name: f"{item.kind} {tr(item.kind)}" for item in others for name in item.sections}
    for section in dance.sections:
        title = frozenset(_words(f"{section.name} {roles.get(section.name, '')}"))
        yield _Entry(section, None, title)
        for event in section.events:
            text = " ".join((event.name, event.cue, event.lyric, event.note, str(event.kind)))
            size = abs(event.turn or 0) or event.size
            if size:
                turn = _TURNS.get(size, marked("turn"))
                text += f" {turn} {tr(turn)}"
            if event.foot in _SIDES:
                text += f" {event.foot} {tr(event.foot)} {_SIDES[event.foot]} {tr(_SIDES[event.foot])}"
            if event.turn:
                way = _SIDES[Foot.RIGHT if event.turn > 0 else Foot.LEFT]
                text += f" {way} {tr(way)}"
            yield _Entry(section, event, title | frozenset(_words(text)))
    if dance.sequence:
        yield from _on_walls(lines_of(even_pulse(dance), dance))


def _on_walls(lines: Sequence[Line]) -> Iterator[_Entry]:
    """Each line of a wall by the wall's number; where it begins again, and tags, by these words."""
    again = set(restarts(lines))
    for line in lines:
        if line.section is None or line.wall is None:
            continue
        told = tr("on wall {wall}, its counts {first} to {last}", wall=line.wall, **_span(line))
        words = f"wall {tr('wall')} {line.wall} {line.section.name}"
        if line.counts.end in again:
            told = tr("{place}; then the dance starts again", place=told)
            words += f" restart {tr('restart')}"
        yield _Entry(line.section, None, frozenset(_words(words)), line, told)


def _span(line: Line) -> dict[str, int]:
    return {"first": int(line.first) + 1, "last": int(line.first + line.length)}


def _score(entry: _Entry, plain: Sequence[str], counts: Sequence[str], spans: Sequence[tuple[int, int]]) -> float:
    """How well an entry fits, 0 where a word is missing."""
    if entry.line is not None and not _of_a_wall(plain):
        return 0.0
    score = 0.0
    for word in plain:
        if word in entry.words:
            score += 2
        elif any(w.startswith(word) for w in entry.words) and len(word) > 1:
            score += 1
        else:
            return 0.0
    for count in counts:
        # A number may be a count, or a part of a name.
        if count not in entry.words and not _counted(entry, count):
            return 0.0
        score += 2
    for first, last in spans:
        if entry.event is None or not first <= entry.event.start + 1 < last + 1:
            return 0.0
        score += 2
    # A section by its name is found before all its moves.
    return score + (0.5 if entry.event is None and plain else 0.0)


def _of_a_wall(plain: Sequence[str]) -> bool:
    """Whether a wall or a restart is asked for: a name alone finds its section."""
    return any(w in _words(f"wall {tr('wall')} restart {tr('restart')}") for w in plain)


def _counted(entry: _Entry, count: str) -> bool:
    """``5``, ``5&``, and ``5&6``, which is what is danced on 5, between, and on 6, where something is between."""
    found = _COUNT.match(count)
    if found is None or entry.event is None:
        return False
    number, part, last = found.groups()
    if last:
        feel = entry.section.feel
        on = any(_is_on(entry.event, n, p, feel) for n, p in ((number, ""), (number, part), (last, "")))
        return on and any(_is_on(e, number, part, feel) for e in entry.section.events)
    return _is_on(entry.event, number, part, entry.section.feel)


def _is_on(event: Event, number: str, part: str, feel: Feel) -> bool:
    at, rest = divmod(event.start, 1)
    if at + 1 != int(number):
        return False
    return (rest != 0 and subdivision_name(rest, feel) == part) if part else rest == 0


def _words(text: str) -> list[str]:
    plain = "".join(c for c in unicodedata.normalize("NFKD", text.lower()) if not unicodedata.combining(c))
    return [w for w in re.split(r"[^0-9a-z&]+", plain) if w]
