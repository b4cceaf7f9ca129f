"""Which clip shows it? Search over sections, moves, words of the song, counts and views."""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from vamos.core.model.clip import Clip
from vamos.core.model.dance import Dance, Event, ItemKind, Section
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
    ]
)
_COUNT = re.compile(r"^(\d+)([&ae]?)(\d*)$")
_TURNS = {
    2: marked("quarter turn"),
    4: marked("half turn"),
    6: marked("three quarter turn"),
    8: marked("full turn"),
    12: marked("one and a half turn"),
    16: marked("double turn"),
}


@dataclass(frozen=True, slots=True)
class Hit:
    """A place of the dance: a section, a count in it (None: all of it), what stands there; the clips that show it."""

    section: str
    title: str
    count: Fraction | None
    words: str
    clips: tuple[str, ...]
    score: float


@dataclass(frozen=True, slots=True)
class _Entry:
    section: Section
    event: Event | None
    words: frozenset[str]


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
        words = [w for w in _words(text) if w not in _FILLERS]
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
            score = _score(entry, plain, counts)
            if score <= 0 and not (view is not None and not plain and not counts and entry.event is None):
                continue
            hits.append(self._hit(entry, view, score))
        hits = [h for h in hits if view is None or h.clips or not self._clips]
        return sorted(hits, key=lambda h: -h.score)[:most]

    def _hit(self, entry: _Entry, view: View | None, score: float) -> Hit:
        shown = [c for c in self._clips.get(entry.section.id, ()) if view is None or c.view is view]
        event = entry.event
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
            yield _Entry(section, event, title | frozenset(_words(text)))


def _score(entry: _Entry, plain: Sequence[str], counts: Sequence[str]) -> float:
    """How well an entry fits, 0 where a word is missing."""
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
    # A section by its name is found before all its moves.
    return score + (0.5 if entry.event is None and plain else 0.0)


def _counted(entry: _Entry, count: str) -> bool:
    """``5``, ``5&``, and ``5&6``, which is the move between 5 and 6."""
    found = _COUNT.match(count)
    if found is None or entry.event is None:
        return False
    number, part, _ = found.groups()
    at, rest = divmod(entry.event.start, 1)
    if at + 1 != int(number):
        return False
    return (rest != 0 and subdivision_name(rest, entry.section.feel) == part) if part else rest == 0


def _words(text: str) -> list[str]:
    plain = "".join(c for c in unicodedata.normalize("NFKD", text.lower()) if not unicodedata.combining(c))
    return [w for w in re.split(r"[^0-9a-z&]+", plain) if w]
