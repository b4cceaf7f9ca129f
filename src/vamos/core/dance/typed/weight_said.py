"""“… and you end with weight on the left”: said behind moves, and compared with where they lead."""

from __future__ import annotations

import re
from dataclasses import dataclass

from vamos.core.dance.typed.clean import Clean

#: It stands at the end of a line, or in brackets with a word of ending; elsewhere it says which foot steps.
_ENDS = (
    r"(?:end|ends|ending|finish|finishes|finishing|transfer(?:ring)?|shift(?:ing)?|tak(?:e|ing)|put(?:ting)?|"
    r"endet|ende|am\s+ende|verlager[nt]|terminando|termina|acabando|acaba)"
)
_FILL = (
    r"(?:you|you'll|now|should|be|is|are|with|your|the|das|dein|mit|weight|gewicht|on|auf|dem|am|stays|liegt|con|el|"
    r"en|la)"
)
#: Where the weight goes to, it is at the end.
_TO = r"(?P<to>to|onto|over\s+to|nach|zum?|a)"
_SIDE = (
    r"(?P<side>left|right|l|r|lf|rf|both|both\s+feet|links|rechts|linken|rechten|linkem|rechtem|beiden|izquierda|"
    r"izquierdo|izq|derecha|derecho|der)"
)
_SAID = re.compile(
    rf"[,;(\[.]?\s*(?:and\s+|und\s+)?(?:you\s+)?(?:(?P<end>{_ENDS})\s+)?(?:{_FILL}\s+)*?(?P<word>weight|wt\.?|gewicht|peso)\s+"
    rf"(?:(?P<end2>{_ENDS})\s+)?(?:{_FILL}\s+)*(?:{_TO}\s+(?:{_FILL}\s+)*)?{_SIDE}(?:\s+(?:foot|leg|fuß|bein))?\s*(?P<close>[)\]])?\s*[.!]?"
    r"(?=\s*(?:$|\n|;|,))",
    re.IGNORECASE,
)


_FIRST = re.compile(
    rf"^\s*(?:start(?:ing)?\s+(?:with\s+)?|beginn\s+mit\s+)?(?:the\s+)?(?:weight|gewicht|peso)\s+(?:is\s+)?(?:on|auf|en)\s+"
    rf"(?:the\s+|dem\s+|el\s+)?{_SIDE}(?:\s+(?:foot|fuß))?\s*[:;,.\-]\s*(?=\S)",
    re.IGNORECASE,
)


def weight_first(clean: Clean) -> tuple[Clean, str]:
    """“Weight on L: touch R side …”: the foot that bears before the first move, and the text without it."""
    match = _FIRST.match(clean.text)
    if match is None:
        return clean, ""
    text = " " * match.end() + clean.text[match.end() :]
    return Clean(text, clean.places), _foot(match)


@dataclass(frozen=True, slots=True)
class WeightSaid:
    """Where the weight is said to end (R, L or B), at a place of the cleaned text."""

    at: int
    foot: str


def weight_said(clean: Clean) -> tuple[Clean, tuple[WeightSaid, ...]]:
    """The text without such remarks, each replaced by blanks so that every sign keeps its place."""
    out, text = [], clean.text
    for match in _SAID.finditer(text):
        rest = text[match.end() : (text + "\n").index("\n", match.end())]
        last = not rest.strip()
        bare = match.end("word") + 1 == match.start("side") and last
        ends = bool(match.group("end") or match.group("end2") or match.group("to") or bare)
        if not (ends or (last and match.group("close"))) or not re.search(r"\w", text[: match.start()]):
            continue
        out.append(WeightSaid(match.start(), _foot(match)))
        text = text[: match.start()] + " " * (match.end() - match.start()) + text[match.end() :]
    return Clean(text, clean.places), tuple(out)


def _foot(match: re.Match[str]) -> str:
    side = match.group("side").lower()
    return {"r": "R", "d": "R", "l": "L", "i": "L", "b": "B"}[side[0]]
