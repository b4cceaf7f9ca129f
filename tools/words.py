"""Keeps the catalogues of words complete: src/vamos/language/*.po, and the *.mo that are read.

.venv/bin/python tools/words.py               update all catalogues: new words empty, words nobody uses taken out
.venv/bin/python tools/words.py de=FILE.json  and take translations of a language from {text: translation}, or
                                              {one: [form for one, form for several]}
.venv/bin/python tools/words.py --open        the words without a translation, as JSON
.venv/bin/python tools/words.py --report      how long the texts are and how easy to read, by where they are met

Words are what stands in ``tr("…")`` and ``marked("…")``, the nouns of ``plural``, what enumerations of the core are
called, the names of stops and menus, and what the page for students says. Each has a context: where people meet it.
"""

from __future__ import annotations

import ast
import io
import json
import sys
from collections.abc import Iterable, Iterator
from pathlib import Path

from babel.messages.catalog import Catalog
from babel.messages.mofile import write_mo
from babel.messages.pofile import read_po, write_po

from vamos import __version__
from vamos.core.pack.students_page import in_page
from vamos.language import FOLDER, LANGUAGES
from vamos.wording import ENGLISH, NAMES, NUMBERS, room_of

SOURCE = FOLDER.parent
#: Functions whose arguments at these places are names that are kept and shown elsewhere.
NAMED = {"marked": (0,), "Stop": (0,), "Action": (3,), "Profile": (1,), "Language": (1,)}
_HEAD = """\
# The words of Vamos in another language; tools/words.py keeps them, by context: where people meet them.
# Part of Vamos, under its licence (GPL-3.0-or-later)."""
#: A text, or its forms for one and for several, and where it is met.
Words = tuple[str, str | tuple[str, str]]


def texts() -> set[str]:
    """All texts; of numbers of things both forms."""
    return {form for _, words in contexts() for form in ((words,) if isinstance(words, str) else words)}


def contexts() -> list[Words]:
    """Each text with its context, in the order of contexts and texts."""
    found: set[Words] = set()
    for path in SOURCE.rglob("*"):
        if path.suffix not in (".py", ".html", ".js"):
            continue
        text = path.read_text(encoding="utf-8")
        room = room_of(".".join(("vamos", *path.relative_to(SOURCE).with_suffix("").parts)).removesuffix(".__init__"))
        found.update(texts_in(ast.parse(text), room) if path.suffix == ".py" else ((room, w) for w in in_page(text)))
    return sorted(found, key=lambda w: (w[0], str(w[1])))


def texts_in(tree: ast.Module, room: str) -> Iterator[Words]:
    """The texts of one module."""
    for node in ast.walk(tree):
        if isinstance(node, ast.Call):
            yield from _called(node, room)
        elif isinstance(node, ast.ClassDef) and any(ast.unparse(b) == "StrEnum" for b in node.bases):
            given = [a.value for a in node.body if isinstance(a, ast.Assign) and isinstance(a.value, ast.Constant)]
            yield from ((NAMES, a.value) for a in given if isinstance(a.value, str) and a.value)


def _called(node: ast.Call, room: str) -> Iterator[Words]:
    name = ast.unparse(node.func) if isinstance(node.func, ast.Name | ast.Attribute) else ""
    given = [a.value if isinstance(a, ast.Constant) and isinstance(a.value, str) else "" for a in node.args]
    if name in ("tr", "tr.at_home") and given and given[0]:
        yield room, given[0]
    elif name.startswith("plural") and len(given) > 1 and given[1]:
        one, many = given[1], given[2] if len(given) > 2 else given[1] + "s"
        yield NUMBERS, (f"{{number}} {one}", f"{{number}} {many}")
        if name == "plural_or_no":
            yield NUMBERS, f"no {many}"
    for k in NAMED.get(name, ()):
        if k < len(given) and given[k]:
            yield NAMES, given[k]


def po_file(language: str) -> Path:
    return FOLDER / f"{language}.po"


def read(language: str) -> Catalog:
    """The catalogue of a language as it is kept."""
    with po_file(language).open("rb") as file:
        return read_po(file, locale=language)


def known(language: str) -> dict[str, str]:
    """Every form of every text with its translation, in whatever context."""
    out: dict[str, str] = {}
    for message in read(language):
        forms = message.id if isinstance(message.id, tuple) else (message.id,)
        said = message.string if isinstance(message.string, tuple) else (message.string,)
        out |= {form: words for form, words in zip(forms, said, strict=False) if form and words}
    return out


def updated(language: str, before: Catalog, given: dict[str, str | list[str]], found: Iterable[Words]) -> Catalog:
    """A catalogue of what is said now; what is said in a new context takes the words of another."""
    catalog = Catalog(locale=language, project="Vamos", version=__version__, fuzzy=False, header_comment=_HEAD)
    # Nothing in the head changes by the day, so that only words do.
    catalog.creation_date = catalog.revision_date = before.creation_date
    catalog.last_translator = catalog.msgid_bugs_address = catalog.language_team = "Vamos"
    kept = {(m.context, m.id): m.string for m in before if m.id}
    anywhere = {m.id: m.string for m in before if m.id and m.string}
    for context, words in found:
        said = given.get(words if isinstance(words, str) else words[0])
        string = said or kept.get((context, words)) or anywhere.get(words, "")
        if isinstance(words, tuple) and string:
            # A language with more forms than were given says the last of them for the rest, until it has its own.
            forms = [*filter(None, string)]
            string = tuple(forms[min(k, len(forms) - 1)] for k in range(catalog.num_plurals))
        catalog.add(words, string, context=context)
    return catalog


def po_bytes(catalog: Catalog) -> bytes:
    out = io.BytesIO()
    write_po(out, catalog, width=120, no_location=True)
    return out.getvalue()


def mo_bytes(catalog: Catalog) -> bytes:
    out = io.BytesIO()
    write_mo(out, catalog)
    return out.getvalue()


def left_open(catalog: Catalog) -> list[str | list[str]]:
    """Texts without a translation."""
    return [
        list(m.id) if isinstance(m.id, tuple) else m.id
        for m in catalog
        if m.id and not (all(m.string) if isinstance(m.string, tuple) else m.string)
    ]


def main(arguments: list[str]) -> int:
    languages = [name for name in LANGUAGES if name != ENGLISH]
    if arguments == ["--report"]:
        from reading_ease import report

        print(report(contexts()))
        return 0
    if arguments == ["--open"]:
        found = contexts()
        left = {name: left_open(updated(name, read(name), {}, found)) for name in languages}
        print(json.dumps(left, ensure_ascii=False, indent=0))
        return 0
    files = dict(argument.split("=", 1) for argument in arguments)
    given = {name: json.loads(Path(file).read_text(encoding="utf-8")) for name, file in files.items()}
    for language in languages:
        catalog = updated(language, read(language), given.get(language, {}), contexts())
        po_file(language).write_bytes(po_bytes(catalog))
        (FOLDER / f"{language}.mo").write_bytes(mo_bytes(catalog))
        print(f"{language}: {len(catalog)} words, {len(left_open(catalog))} without a translation")
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
