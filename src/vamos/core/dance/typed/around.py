"""What stands around a word: a verb, a turn, a side that comes next."""

from __future__ import annotations

from dataclasses import replace

from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.tokens import Token
from vamos.core.model.dance import Event


def made_of_moves(tokens: list[Token], index: int) -> bool:
    """Whether several moves stand in the bracket that opens at a token, and nothing behind it."""
    close = next((k for k in range(index, len(tokens)) if tokens[k].kind == "close"), 0)
    inside = tokens[index + 1 : close]
    behind = any(t.kind == "word" for t in tokens[close:])
    return not behind and any(t.kind in ("sep", "dash") for t in inside)


def said_in_bracket(tokens: list[Token], index: int, moves: int) -> int:
    """Behind a bracket that names as many moves as a step has, and more follows; else 0."""
    close = next((k for k in range(index, len(tokens)) if tokens[k].kind == "close"), 0)
    inside = [t for t in tokens[index + 1 : close] if t.kind != "word"]
    more = any(t.kind == "word" for t in tokens[close:])
    return close + 1 if close and more and moves > 2 and [t.kind for t in inside] == ["sep"] * (moves - 1) else 0


def leads(tokens: list[Token], lexicon: Lexicon, index: int, ahead: int) -> bool:
    """Whether a foot stands behind a comma and right before a verb."""
    if index < 1 or tokens[index - 1].kind != "sep" or ahead >= len(tokens):
        return False
    return any(a.role in ("act", "figure") for a in lexicon.at(tokens, ahead))


def turn_ahead(tokens: list[Token], lexicon: Lexicon, index: int) -> bool:
    """Whether a size or a word of turning comes next, before any other move."""
    for token in tokens[index : index + 3]:
        if token.kind in ("frac", "deg"):
            return True
        if token.kind != "word":
            return False
        roles = lexicon.role_of(token.text)
        if roles & {"size", "turn"}:
            return True
        if "link" not in roles:
            return False
    return False


def way_behind(tokens: list[Token], lexicon: Lexicon, index: int) -> bool:
    """Whether a side stands right behind the turn that comes next: “right with ¼ turn left”."""
    turned = False
    for token in tokens[index : index + 6]:
        roles = lexicon.role_of(token.text) if token.kind == "word" else set()
        if token.kind in ("frac", "deg") or roles & {"size", "turn"}:
            turned = True
        elif token.kind != "word" or not roles & {"link", "foot", "way", "side"}:
            return False
        elif turned and roles & {"foot", "way", "side"}:
            return True
    return False


def feet_in_a_row(tokens: list[Token], lexicon: Lexicon, index: int, listed: bool) -> bool:
    """Whether a foot stands at a token, the other one behind it, and then no more words: “L R”, ``listed`` “R, L”."""
    behind = index + 1
    if listed and behind < len(tokens) and tokens[behind].text in (",", "-", "/"):
        behind += 1
    if behind >= len(tokens):
        return False
    one, other = (lexicon.foot_of(tokens[k].lower) for k in (index, behind))
    after = tokens[behind + 1] if behind + 1 < len(tokens) else None
    ends = after is None or after.kind != "word" or bool(lexicon.foot_of(after.lower))
    # “left R”: a way, and a foot.
    alike = behind < len(tokens) and (len(tokens[index].text) < 3) == (len(tokens[behind].text) < 3)
    return bool(one and other and one != other and ends and alike)


def feet_before_verbs(tokens: list[Token], lexicon: Lexicon, index: int) -> bool:
    """Whether a foot stands before its verb where others of the row did: “R behind L side R cross”."""
    behind = lexicon.at(tokens, index + 1) if index + 1 < len(tokens) else []
    if not any(a.role in ("act", "figure") or a.words in lexicon.rows for a in behind):
        return False
    start = next((k + 1 for k in range(index - 1, -1, -1) if tokens[k].kind != "word"), 0)
    while start < index - 1 and lexicon.role_of(tokens[start].text) & {"and", "link"}:
        start += 1
    first = bool(lexicon.foot_of(tokens[start].lower)) and "act" in lexicon.role_of(tokens[start + 1].text)
    return first and index - start > 1


def crosses(tokens: list[Token], lexicon: Lexicon, index: int) -> bool:
    """Whether a verb of crossing stands right before a token, and a foot before that."""
    verb = tokens[index - 1] if index > 1 else None
    return (
        verb is not None
        and verb.kind == "word"
        and lexicon.base(verb.lower) in ("cross", "kreuzen", "kreuzt")
        and "foot" in lexicon.role_of(tokens[index - 2].text)
    )


#: Verbs that say how another one goes: “step side”, “touch heel”.
MANNER = ("side", "behind", "cross", "ball", "out", "heel", "toe", "close", "home", "seit", "kreuz")
#: Parts of a foot: “hook heel”, “touch toe behind”.
PARTS = ("heel", "heels", "toe", "toes", "ball", "hacke", "ferse", "spitze")
#: Words for a side in the names of moves without a foot; letters would be read as feet.
SIDE_WORDS = {"right": "left", "left": "right", "rechts": "links", "links": "rechts"}


def side_word(foot: str, said: str = "") -> str:
    """Which arm it is: as it was said, or in whole words."""
    return said if said in SIDE_WORDS else {"R": "right", "L": "left"}.get(foot, "both")


def in_its_language(events: tuple[Event, ...], lines: list[list[Token]]) -> tuple[Event, ...]:
    """“Hüften rechts, links”: a side that was put behind a name is said as the line says sides."""
    typed = {token.lower for line in lines for token in line}
    if not typed & {"rechts", "links"} or typed & {"right", "left"}:
        return events
    german = {"right": "rechts", "left": "links"}

    def said(name: str) -> str:
        return " ".join(german.get(word, word) for word in name.split(" "))

    return tuple(replace(e, name=said(e.name), cue=said(e.cue)) for e in events)
