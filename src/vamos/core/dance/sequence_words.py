"""Words that sequences are told in, for :mod:`vamos.core.dance.sequence_said`; each language adds its own here.

They are words of the trade (common practice, no source).
"""

from __future__ import annotations

import re

from vamos.core.dance.remarks import NUMBERS

#: What parts are for, by the words for it: a sequence may say “chorus” where the sheet says “Refrain”.
ROLES = {
    word: role
    for role, words in {
        "verse": "verse strophe couplet estrofa strofa couplet zwrotka",
        "chorus": "chorus refrain estribillo ritornello refrão refrein refren hook",
        "bridge": "bridge brücke puente pont ponte",
        "tag": "tag tags",
        "intro": "intro introduction einleitung vorspiel introducción introduzione",
        "ending": "ending end outro finale final finish schluss ende fin final",
    }.items()
    for word in words.split()
}
#: Words for the whole dance, danced once.
WALL = (
    r"(?:(?:(?:the\s+)?(?:whole|full|entire|complete)\s+)?dance(?:\s+it)?(?:\s+all\s+the\s+way\s+through)?|all\s+the\s+way\s+through|"
    r"w(?=\s?\d)|walls?|wand|wände|runden?|durchg[aä]nge?|murs?|pared(?:es)?|pareti?|muren)"
)
WHOLE = (
    r"(?:in\s+)?(?:full|whole|complete(?:ly)?|entire|all\s+(?:of\s+it|counts)|all|ganz|komplett|vollständig|"
    r"complet|entière?|enter[ao]|complet[ao]|inter[ao])"
)
THEN = (
    r"(?:(?:(?:and|then|und)\s+)*(?:ends?|finish(?:es)?|ending|endet|enden)\s+(?:on|with|in|mit|auf)|and\s+then|then|and|followed\s+by|finally|next|und\s+dann|und|dann|danach|zum\s+schluss|"
    r"puis|ensuite|et|luego|después|y|poi|e\s+poi)"
)
FILLER = r"(?:we\s+)?(?:do|dance|the|part|section|teil|abschnitt|parte|partie|der|die|das|den|la|le|el|il|again|wieder)"
TO_THE_END = re.compile(
    r"[\s,;.–—-]*\b(?:(?:and\s+)?so\s+on|(?:(?:and|then|und|dann)\s+)*(?:dance\s+|repeat\s+)?"
    r"(?:to|till|until|bis|jusqu.à|hasta)\s+(?:the\s+|zum\s+|la\s+|el\s+|die\s+)?(?:end|ende|schluss|fin|final|fade(?:[\s-]?out)?|"
    r"(?:music|song|musik)\s+(?:ends|stops|fades|is\s+over|endet|aufhört)))\b.*$",
    re.IGNORECASE | re.DOTALL,
)
#: “…, repeat”: all of it once more; with a number, or up to the end, nobody knows how often that is.
REPEATED = re.compile(
    r"[\s,;.–—-]*(?P<sign>[(\[]\s*)?\b(?:(?:and|then|und|dann)\s+)*(?:repeat(?:ed|s)?|wiederholen|wiederholt)\b"
    r"(?P<often>[^()\[\],;]*)(?(sign)[)\]])\W*$",
    re.IGNORECASE,
)
REPEAT_FIRST = re.compile(r"^\W*(?:repeat|wiederhole\w*)\b", re.IGNORECASE)
#: Words between the entries.
SKIPPED = re.compile(rf"(?:{THEN}|{FILLER})(?=[\s,;.:(\[]|$)", re.IGNORECASE)
#: Listened to, not danced, where no section is called so.
LEAD_INS = ("intro", "introduction", "einleitung", "vorspiel", "introducción", "introduzione")
_ADVERBS = {
    "once": 1, "twice": 2, "thrice": 3, "einmal": 1, "zweimal": 2, "dreimal": 3, "viermal": 4, "double": 2, "bis": 2,
}  # fmt: skip
NUMBER = r"(?:\d{1,3}|" + "|".join(NUMBERS) + r"|dos|tres|cuatro|deux|trois|quatre|due|tre|quattro)"
_FOREIGN = {"dos": 2, "deux": 2, "due": 2, "tres": 3, "trois": 3, "tre": 3, "cuatro": 4, "quatre": 4, "quattro": 4}
#: How often, before what is danced (“3x A”, “twice A”) or behind it (“A x2”, “A (2x)”, “A two times”).
TIMES = re.compile(
    rf"(?P<open>[(\[]\s*)?(?:[x×*]\s*(?P<behind>\d{{1,3}})(?!\w)|(?P<number>{NUMBER})\s*(?:[x×*]|times|mal|veces|fois|volte|vezes)"
    rf"(?!\w)|(?P<adverb>{'|'.join(_ADVERBS)})\b)(?(open)\s*[)\]])",
    re.IGNORECASE,
)
COUNTS = r"(?:counts?|cts?|beats?|zähler|zählzeiten|schläge|temps|tiempos|tempi|tempos)"
_FIRST = r"(?:first|ersten?|erste|premiers?|primer[oa]s?|prim[ei])"
_LAST = r"(?:last|letzten?|derniers?|últim[oa]s?|ultim[ei])"
_ONLY = (
    r"(?:re-?starts?|only|just|nur|solo|seulement|up|after|nach|tras|après|to|till|until|bis|through|at|hasta|"
    r"jusqu.à)\s+"
)
_THE = r"(?:the\s+|die\s+|den\s+|der\s+|les\s+|l[oa]s\s+|i\s+)?"
#: What is danced of it, behind its name. ``without``: counts left out at its end; ``late``, ``since``: danced alone.
CUT = re.compile(
    rf"[\s:=-]*(?P<open>[(\[]\s*)?(?:"
    rf"(?:without|minus|less|except|ohne|sans|sin|senza)\s+{_THE}{_LAST}?\s*(?P<without>\d{{1,3}})(?:\s*{COUNTS})?"
    rf"|(?:{_ONLY})*{_THE}{_LAST}\s+(?P<late>\d{{1,3}})(?:\s*{COUNTS})?"
    rf"|(?:from|starting\s+at|ab|à\s+partir\s+de|desde)\s+(?:count\s+|zähler\s+)?(?P<since>\d{{1,3}})"
    rf"|(?:{_ONLY})*(?:count\s+|zähler\s+)?{_THE}(?:{_FIRST}\s*)?"
    rf"(?:(?P<named>\d{{1,3}})\s*{COUNTS}|(?:1\s*-\s*)?(?P<first>\d{{1,3}})(?!\d|\s*[:x×*/]|\s*[^\W\d]))(?:\s*(?:only|nur|of\s+it)\b)?"
    rf"|(?P<half>(?:the\s+)?first\s+half|half|halb|zur\s+hälfte|moitié|mitad))"
    rf"(?:[\s,;(]*(?:(?:and|then|und|dann)\s+)*(?:re-?start(?:en|s)?|neustart|reprise|reinicio)\b[)]?)?(?(open)\s*[)\]])",
    re.IGNORECASE,
)
#: What is danced of it, before its name: “first 16 of A”, “half of B”, “last 8 counts of C”.
PART_OF = re.compile(
    rf"(?:{_THE}(?:{_FIRST}\s+(?P<first>\d{{1,3}})|{_LAST}\s+(?P<late>\d{{1,3}})|(?P<named>\d{{1,3}}))"
    rf"\s*(?:{COUNTS}\s*)?(?:of|from|von|de|du|di)|(?P<half>half)(?:\s+of|(?=\s+an?\b))?)\s+"
    r"(?:(?:an?|the|part|section|der|dem|teil|la|le)\s+(?!\W|$))*",
    re.IGNORECASE,
)
FIRST_COUNTS = re.compile(rf"{_THE}{_FIRST}\s+\d{{1,3}}(?:\s*{COUNTS})?(?!\s*(?:of|from|von|de)\b)", re.IGNORECASE)
HOLD = re.compile(
    rf"(?:pause|wait|break|stop|hold|rest|freeze|halten|warten|espera|attendre)\s*:?\s*(?:for\s+|of\s+|de\s+)?[(]?(?P<behind>\d{{1,3}})(?:\s*{COUNTS})?[)]?(?!\w)"
    rf"|(?P<before>\d{{1,3}})[\s-]*{COUNTS}?[\s-]*(?:pause|wait|break|stop|hold|rest|freeze|halten|warten)\b",
    re.IGNORECASE,
)
#: “wall 3:”, “walls 4 to 8”, “1st wall”, “walls 1, 2 and 4”.
WALLS_NAMED = re.compile(
    rf"{_THE}(?:{WALL}\s*#?(?P<list>\d{{1,2}}(?:\s*(?:,|&|\+|and|und|to|bis|through|-|y|et|e)\s*(?:{WALL}\s*)?\d{{1,2}}(?!\s*(?:{COUNTS}|:\s*\d|[x×])))*)"
    rf"|(?P<nth>\d{{1,2}})(?:st|nd|rd|th|\.)\s+{WALL})\b(?!\s*(?:[x×*]|times|mal|fois|veces|volte|vezes))",
    re.IGNORECASE,
)


def number_of(word: str) -> int:
    """``3``, ``three``, ``dos``."""
    return int(word) if word.isdigit() else {**NUMBERS, **_FOREIGN}[word.lower()]


def times_of(match: re.Match[str]) -> int:
    if match["adverb"]:
        return _ADVERBS[match["adverb"].lower()]
    return number_of(match["behind"] or match["number"])
