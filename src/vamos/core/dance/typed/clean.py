"""Signs that look alike are made one, and each keeps its place in the text it came from."""

from __future__ import annotations

import html
import re
import unicodedata
from dataclasses import dataclass

_ALIKE = {
    "\u00a0": " ", "\u202f": " ", "\u2009": " ", "\u2007": " ", "\u3000": " ", "\t": " ", "\r": "\n", "\x0b": "\n",
    "\u2028": "\n", "\u2029": "\n", "\u0085": "\n", "\u2011": "-", "\u2010": "-", "\u2013": "-", "\u2014": "-",
    "\u2212": "-", "\u2015": "-", "\u2044": "/", "\u2215": "/", "\u2019": "'", "\u2018": "'", "\u00b4": "'",
    "`": "'", "\ufeff": "", "\u200b": "", "\u200c": "", "\u200d": "", "\u00ad": "", "\u3001": ",", "\uff0c": ",",
    "\u00d7": "x", "\u00b7": "•", "\u2022": "•", "\u25cf": "•", "\u25aa": "•", "\u2192": ",",
}  # fmt: skip
_ENTITY = re.compile(r"&(?:#\d{1,6}|#x[0-9a-fA-F]{1,6}|[a-zA-Z]{2,8}\d?);")
#: Where two of these stand, D and G are feet: right and left.
_FRENCH = re.compile(
    r"\b(?:pas|avant|arri[eè]re|c[oô]t[eé]|tours?|crois\w+|derri[eè]re|devant|touche\w*|pointe\w*|pied|brosse\w*|retour|"
    r"rassembl\w*|march\w*|avanc\w*|recul\w*|assembl\w*|chass[eé]s?|sur|avec|quart|demi)\b",
    re.IGNORECASE,
)
_LETTERS = {"D": "droite", "G": "gauche"}
#: Where two of these stand, or one and both letters, D and I are feet, too.
_SPANISH = re.compile(
    r"\b(?:pasos?|adelante|atr[aá]s|junta|cierra|toca|vuelta|cruza|lado|caminar?|balanceo|giro|derech[ao]|izquierd[ao]|"
    r"tiempos|punta|tac[oó]n|patadas?|marchar?|marcha|sitio|tal[oó]n|roza|gancho|palmadas?|pausa|medi[ao]|cuarto|pisa|"
    r"stomps?\s+[DI]|rock\s+[DI])\b",
    re.IGNORECASE,
)
_SPANISH_LETTERS = {"D": "derecha", "I": "izquierda"}
_ITALIAN = re.compile(
    r"\b(?:passo|passi|avanti|indietro|lato|chiudi|tocca|giro|incrocia|cammina|destr[ao]|sinistr[ao]|tallone|punta|calcio|"
    r"calcia|unisci|insieme|mezzo|quarto|dietro|davanti)\b",
    re.IGNORECASE,
)
_ITALIAN_LETTERS = {"D": "destra", "S": "sinistra"}
_PORTUGUESE = re.compile(
    r"\b(?:passos?|frente|tr[aá]s|junta|fecha|toca|volta|cruza|caminha|direit[ao]|esquerd[ao]|calcanhar|ponta|chut[ea]|"
    r"pisa|meia|meio|quarto|atr[aá]s)\b",
    re.IGNORECASE,
)
_PORTUGUESE_LETTERS = {"D": "direita", "E": "esquerda"}
_BY_LANGUAGE = (
    (_FRENCH, _LETTERS),
    (_SPANISH, _SPANISH_LETTERS),
    (_ITALIAN, _ITALIAN_LETTERS),
    (_PORTUGUESE, _PORTUGUESE_LETTERS),
)
#: “D-I-D” and “D G D”: three feet in a row need no other word.
_ROW = {"I": re.compile(r"\b[DI](?:[-, ]+[DI]){2,}\b"), "G": re.compile(r"\b[DG](?:[-, ]+[DG]){2,}\b")}
#: “3y4”, “3et4”, “3u4”: a half between two counts, glued to both.
_GLUED_AND = re.compile(r"(?<=\d)(?:y|et|u|und)(?=\d)", re.IGNORECASE)
#: “(9.00)”: a wall by the clock, with a dot.
_DOTTED = re.compile(r"(?<![\d.])(1[0-2]|[1-9])\.(00|30)(?!\d)")
#: “RF vor (LF etwas anheben)”: how the step looks, no move of the other foot.
_OTHER = r"(?P<{0}>LF|RF|L|R|left|right|links?|rechts|linken|rechten)\b"
_LIFTED = re.compile(
    rf"\(\s*(?:(?:den|das|the|your|dabei)\s+)*(?:{_OTHER.format('before')}\s*(?:foot|fuß|bein|leg|heel|ferse)?\s*"
    r"(?:etwas|leicht|ein\s+wenig|slightly|a\s+little)?\s*(?:anheben|angehoben|abheben|lifts?|lifted|lifting|raised?)"
    rf"|(?:lift|raise|lifting|raising)\s+(?:the\s+|your\s+)?{_OTHER.format('behind')}(?:\s+(?:foot|heel|leg))?)\s*(?:slightly)?\s*\)",
    re.IGNORECASE,
)
_ANY_FOOT = re.compile(r"\b(?:LF|RF|L|R|left|right|links?|rechts|linke[nmrs]?|rechte[nmrs]?)\b", re.IGNORECASE)
_END = re.compile(r"(?<=\S)[.!]+\s*$")


@dataclass(frozen=True, slots=True)
class Clean:
    """A text with one sign for what looks alike; ``places[k]`` is where its sign k stood before."""

    text: str
    places: tuple[int, ...]

    def at(self, index: int) -> int:
        """The place in the text as it was typed."""
        return self.places[min(max(0, index), len(self.places) - 1)]


def cleaned(text: str) -> Clean:
    """The text to be read; nothing in it is dropped but signs nobody sees."""
    out: list[str] = []
    places: list[int] = []

    def put(signs: str, at: int) -> None:
        out.append(signs)
        places.extend([at] * len(signs))

    at = 0
    letters = _letters_of(text)
    while at < len(text):
        entity = _ENTITY.match(text, at) if text[at] == "&" else None
        if entity is not None and html.unescape(entity.group()) != entity.group():
            put(_one(html.unescape(entity.group())), at)
            at = entity.end()
            continue
        if out and text[at] == " " and text[at - 1] == " ":
            at += 1
            continue
        letter = letters.get(text[at], "") if letters and _alone(text, at) else ""
        put(letter or _one(text[at]), at)
        at += 1
    plain = _DOTTED.sub(r"\1:\2", "".join(out))
    # Each sign keeps its place.
    plain = _GLUED_AND.sub(lambda m: "&".ljust(len(m.group())), plain)
    plain = _LIFTED.sub(_as_a_way, plain)
    end = _END.search(plain)
    if end is not None and not re.search(r"(?:^|\n)\s*\d+\.\s*$|(?:^|\s)\.\s*$", plain):
        plain, places = plain[: end.start()], places[: end.start()]
    return Clean(plain, (*places, len(text)))


def _as_a_way(match: re.Match[str]) -> str:
    """The other foot lifted, as a way to step; what says so of the foot that steps stays."""
    foot = match["before"] or match["behind"]
    stepped = _ANY_FOOT.findall(match.string[: match.start()])
    if not stepped or stepped[-1][0].lower() == foot[0].lower():
        return match.group()
    german = re.search(r"heben|hoben", match.group(), re.IGNORECASE) is not None
    return ("angehoben" if german else "lifted").ljust(len(match.group()))[: len(match.group())]


def _letters_of(text: str) -> dict[str, str]:
    """The feet that single letters mean, by the language of the words around them."""
    for words, letters in _BY_LANGUAGE:
        found = {m.group().lower() for m in words.finditer(text)}
        both = all(any(text[k] == foot and _alone(text, k) for k in range(len(text))) for foot in letters)
        in_a_row = both and any(row.search(text) for sign, row in _ROW.items() if sign in letters)
        # A capital E alone is “and” as well.
        several = len(found) > 1 and "E" not in letters
        if several or (found and both) or in_a_row:
            return letters
    return {}


def _alone(text: str, at: int) -> bool:
    """Whether a letter stands by itself."""
    around = text[max(0, at - 1) : at] + text[at + 1 : at + 2]
    return not any(c.isalnum() or c in "'’&/" for c in around)


def _one(sign: str) -> str:
    found = "".join(_ALIKE.get(c, c) for c in sign)
    if any("\uff01" <= c <= "\uff5e" for c in found):
        return unicodedata.normalize("NFKC", found)
    return found
