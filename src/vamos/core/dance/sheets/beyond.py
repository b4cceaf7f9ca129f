"""What a sheet of words cannot show, kept behind it: it counts as long as what people see is as it was written."""

from __future__ import annotations

import hashlib
import re

import msgspec

from vamos.core.document.files import from_builtins, to_builtins
from vamos.core.model.dance import Dance
from vamos.errors import InputError

_MOST = 4_000_000
_HEAD = "<!-- beyond the columns, while nothing above is changed:"
_SEAL = re.compile(rf"\n{_HEAD} ([0-9a-f]{{16}}) (\{{.*\}}) -->\s*$", re.DOTALL)


def sealed(text: str, dance: Dance) -> str:
    """A comment for the end of a sheet."""
    # Nothing in it may end the comment.
    data = msgspec.json.encode(to_builtins(dance)).decode().replace(">", "\\u003e")
    return f"\n{_HEAD} {_digest(text)} {data} -->\n"


def unsealed(text: str) -> tuple[str, Dance | None, bool]:
    """The text people see, the dance behind it where that is still its own, and whether the text was changed since."""
    found = _SEAL.search(text)
    if found is None:
        return text, None, False
    seen = text[: found.start()]
    if _digest(seen) != found.group(1) or len(found.group(2)) > _MOST:
        return seen, None, True
    try:
        return seen, from_builtins(msgspec.json.decode(found.group(2)), Dance), False
    except (msgspec.DecodeError, InputError, ValueError):
        return seen, None, True


def _digest(text: str) -> str:
    """Of the words; how lines end and what stands behind them does not count."""
    plain = "\n".join(line.rstrip() for line in text.strip().splitlines())
    return hashlib.sha256(plain.encode("utf-8", "surrogatepass")).hexdigest()[:16]
