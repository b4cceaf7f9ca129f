"""“9-12: walk L, walk R, shuffle L (11&12)”: the last move says its counts, those before share the rest."""

from __future__ import annotations

from msgspec.structs import replace as changed

from vamos.core.dance.typed.tokens import Token


def last_counted(tokens: list[Token]) -> list[Token]:
    """The tokens with the last move's counts before it, and the range ending where they begin."""
    if len(tokens) < 8 or [t.kind for t in tokens[:3]] != ["num", "dash", "num"] or tokens[-1].kind != "close":
        return tokens
    opened = next((k for k in range(len(tokens) - 1, 0, -1) if tokens[k].kind == "open"), 0)
    counts, body = tokens[opened + 1 : -1], tokens[3:opened]
    numbers = [t.value for t in counts if t.kind == "num"]
    comma = next((k for k in range(len(body) - 1, -1, -1) if body[k].kind == "sep"), 0)
    first, last = tokens[0].value, tokens[2].value
    if (
        not opened
        or not comma
        or len(numbers) < 2
        or any(t.kind not in ("num", "amp", "dash") for t in counts)
        or any(t.kind in ("num", "open", "times") for t in body)
        or numbers[-1] != last
        or not first < numbers[0] < last
    ):
        return tokens
    end = changed(tokens[2], value=numbers[0] - 1, text=str(numbers[0] - 1))
    range_now = [tokens[0]] if end.value == first else [tokens[0], tokens[1], end]
    return [*range_now, *body[: comma + 1], *counts, *body[comma + 1 :]]
