"""How long the texts are that people read, and how easy, by where they meet them.

Flesch's reading ease (R. Flesch, “A new readability yardstick”, Journal of Applied Psychology 32, 1948): 206.835
− 1.015 × words a sentence − 84.6 × syllables a word; 60 to 70 is plain English, 80 and more what one says. Syllables
are groups of vowels, a final e left out, which is right in about nine words of ten (common practice, no source).
"""

from __future__ import annotations

import re
from collections import defaultdict
from collections.abc import Iterable, Mapping

_VALUE = re.compile(r"\{[^}]*\}")
_WORD = re.compile(r"[A-Za-z’']*[A-Za-z]")


def syllables(word: str) -> int:
    """So many groups of vowels; the last one is silent in “move” and “mirrored”, but not in “table” and “lifted”."""
    low = word.lower()
    groups = len(re.findall(r"[aeiouy]+", low))
    silent = re.search(r"[^aeiouy]e$|[^aeiouytd]ed$", low) and not re.search(r"[^aeiouy]le$", low)
    return max(1, groups - (1 if silent and groups > 1 else 0))


def ease(text: str) -> float | None:
    """Flesch’s reading ease of a text; None of one that is no sentence."""
    words = _WORD.findall(_VALUE.sub("two", text))
    if len(words) < 4:
        return None
    sentences = max(1, len(re.findall(r"[.!?:](?=\s|$)", text)))
    return 206.835 - 1.015 * len(words) / sentences - 84.6 * sum(map(syllables, words)) / len(words)


def by_room(found: Iterable[tuple[str, str | tuple[str, str]]]) -> Mapping[str, list[str]]:
    out: dict[str, list[str]] = defaultdict(list)
    for room, words in found:
        out[room].append(words if isinstance(words, str) else words[1])
    return out


def report(found: Iterable[tuple[str, str | tuple[str, str]]]) -> str:
    """A row for each room: texts, words in the middle one and the longest, reading ease in the middle and at worst."""
    rows = [f"{'where':<22}{'texts':>6}{'words':>7}{'longest':>9}{'ease':>7}{'hardest':>9}"]
    for room, texts in sorted(by_room(found).items()):
        lengths = sorted(len(_WORD.findall(t)) for t in texts)
        eases = sorted(e for t in texts if (e := ease(t)) is not None)
        middle, worst = (f"{eases[len(eases) // 2]:.0f}", f"{eases[0]:.0f}") if eases else ("", "")
        rows.append(f"{room:<22}{len(texts):>6}{lengths[len(lengths) // 2]:>7}{lengths[-1]:>9}{middle:>7}{worst:>9}")
    hardest = sorted((e, t) for _, w in found if isinstance(t := w, str) and (e := ease(t)) is not None)[:12]
    return "\n".join([*rows, "", "the hardest:", *(f"{e:5.0f}  {' '.join(t.split())[:110]}" for e, t in hardest)])
