"""Links of a card; one may say where count 1 is danced in what it leads to: “https://example.org/walk 0:14”."""

from __future__ import annotations

import re

from vamos.wording import words_of

tr = words_of(__name__)

_TIME = re.compile(r"\d{1,3}(?::\d{2}){1,2}(?:[.,]\d+)?|\d{1,4}[.,]\d+")


def links_typed(text: str) -> tuple[str, ...]:
    """Links as they are typed, one after the other; a time stays with the link before it."""
    found: list[str] = []
    for word in text.split():
        if found and _TIME.fullmatch(word) and " " not in found[-1]:
            found[-1] += f" {word}"
        else:
            found.append(word)
    return tuple(found)


def link_said(link: str) -> str:
    """A link as the card says it."""
    address, _, time = link.partition(" ")
    return tr("{address} (count 1 at {time})", address=address, time=time) if time else address
