"""What is wrong with a file of JSON, in plain words: which field, where, what is expected there."""

from __future__ import annotations

import re

from vamos.errors import VamosError
from vamos.wording import marked, words_of

tr = words_of(__name__)

_TYPES = {
    "array": marked("a list"),
    "str": marked("words"),
    "int": marked("a whole number"),
    "float": marked("a number"),
    "bool": marked("true or false"),
    "object": marked("fields with names"),
    "null": marked("nothing"),
}


def json_said(error: Exception) -> str:
    """An error of the decoder as a clause for a sentence; it knows nothing of the decoder's own words."""
    text = str(error)
    what, _, where = text.partition(" - at ")
    place = _place(where.strip("`"))
    if isinstance(error.__cause__, VamosError):
        return f"{error.__cause__.what.rstrip('.')} ({place})"
    expected = re.match(r"Expected `([^`]+)`(?: of (?:length|at least length) [^,]+)?, got `([^`]+)`", what)
    if expected:
        wanted = _types(expected.group(1))
        found = _types(expected.group(2))
        return tr("{place} is {found}, where {wanted} is expected", place=place, found=found, wanted=wanted)
    missing = re.match(r"Object missing required field `([^`]+)`", what)
    if missing:
        return tr("{place} has no field “{name}”", place=place, name=missing.group(1))
    value = re.match(r"Invalid enum value (.+)", what)
    if value:
        return tr("{place} has a value that Vamos does not know: {value}", place=place, value=value.group(1)[:60])
    at = re.search(r"byte (\d+)", what)
    if at:
        return tr("what stands at character {number} does not belong there", number=int(at.group(1)) + 1)
    if isinstance(error, UnicodeDecodeError):
        return tr("what stands at character {number} does not belong there", number=error.start + 1)
    if "truncated" in what:
        return tr("it ends in the middle")
    if isinstance(error, RecursionError):
        return tr("its fields are nested too deeply")
    return tr("{place} is not as expected", place=place)


def _types(names: str) -> str:
    """``int | null`` in words."""
    words = [tr(_TYPES.get(n.strip(), marked("something else"))) for n in names.split("|") if n.strip() != "null"]
    return tr(" or ").join(dict.fromkeys(words)) or tr("nothing")


def _place(path: str) -> str:
    """``$.clips[0].counts`` as ``“counts” of “clips” 1``."""
    names: list[str] = []
    for name, number in re.findall(r"\.([^.\[\]]+)|\[(\d+|\.\.\.)\]", path):
        if name:
            names.append(f"“{name}”")
        elif number.isdigit() and names:
            names[-1] = f"{names[-1]} {int(number) + 1}"
    out = ""
    for name in names:
        out = name + (tr(" of {outer}", outer=out) if out else "")
    return tr("the field {name}", name=out) if out else tr("the file")
