"""Keeps the catalogues of words complete: src/vamos/language/*.ts, as Qt Linguist reads and writes them.

.venv/bin/python tools/words.py               update all catalogues: new words unfinished, words nobody uses taken out
.venv/bin/python tools/words.py de=FILE.json  and take translations of a language from {text: translation}
.venv/bin/python tools/words.py --open        the words without a translation, as JSON

Words are what stands in ``tr("…")`` and ``marked("…")``, the nouns of ``plural``, what enumerations of the core are
called, the names of stops and menus, and what the page for students says.
"""

from __future__ import annotations

import ast
import json
import sys
from collections.abc import Iterator
from pathlib import Path
from xml.etree import ElementTree

from vamos.core.pack.students_page import in_page
from vamos.language import FOLDER, LANGUAGES, read_catalogue

SOURCE = FOLDER.parent
#: Functions whose arguments at these places are words.
ARGUMENTS = {
    "tr": (0,),
    "at_home": (0,),
    "marked": (0,),
    "plural": (1, 2),
    "plural_or_no": (1,),
    "Stop": (0,),
    "Action": (3,),
    "Profile": (1,),
    "Language": (1,),
}


def texts() -> dict[str, list[str]]:
    """Each text with the files it stands in, in the order of the files."""
    found: dict[str, dict[str, None]] = {}
    for path in sorted(p for p in SOURCE.rglob("*") if p.suffix in (".py", ".html", ".js")):
        text = path.read_text(encoding="utf-8")
        for words in texts_in(ast.parse(text)) if path.suffix == ".py" else in_page(text):
            found.setdefault(words, {})[str(path.relative_to(SOURCE))] = None
    return {words: list(files) for words, files in found.items()}


def texts_in(tree: ast.Module) -> Iterator[str]:
    """The texts of one module."""
    for node in ast.walk(tree):
        if isinstance(node, ast.Call) and isinstance(node.func, ast.Name):
            yield from _arguments(node, node.func.id)
        elif isinstance(node, ast.ClassDef) and any(ast.unparse(b) == "StrEnum" for b in node.bases):
            given = [a.value for a in node.body if isinstance(a, ast.Assign) and isinstance(a.value, ast.Constant)]
            yield from (a.value for a in given if isinstance(a.value, str) and a.value)


def _arguments(node: ast.Call, name: str) -> Iterator[str]:
    places = ARGUMENTS.get(name, ())
    given = [a.value for k, a in enumerate(node.args) if k in places and isinstance(a, ast.Constant)]
    words = [w for w in given if isinstance(w, str) and w]
    if name.startswith("plural") and len(words) == 1:
        words.append(words[0] + "s")
    if name == "plural_or_no" and words:
        words.append(f"no {words[1]}")
    yield from words


def write(language: str, found: dict[str, list[str]], known: dict[str, str]) -> int:
    """The catalogue of a language; how many words are without a translation."""
    root = ElementTree.Element("TS", version="2.1", language=language, sourcelanguage="en")
    context = ElementTree.SubElement(root, "context")
    ElementTree.SubElement(context, "name").text = "Vamos"
    unfinished = 0
    for text, files in found.items():
        message = ElementTree.SubElement(context, "message")
        for name in files:
            ElementTree.SubElement(message, "location", filename=f"../{name}")
        ElementTree.SubElement(message, "source").text = text
        translation = ElementTree.SubElement(message, "translation")
        if text in known:
            translation.text = known[text]
        else:
            translation.set("type", "unfinished")
            unfinished += 1
    ElementTree.indent(root, " ")
    body = ElementTree.tostring(root, encoding="unicode")
    (FOLDER / f"{language}.ts").write_text(f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{body}\n', "utf-8")
    return unfinished


def main(arguments: list[str]) -> int:
    found = texts()
    languages = [name for name in LANGUAGES if (FOLDER / f"{name}.ts").exists()]
    if arguments == ["--open"]:
        known = {language: read_catalogue(language) for language in languages}
        print(json.dumps({n: [t for t in found if t not in k] for n, k in known.items()}, ensure_ascii=False, indent=0))
        return 0
    given = dict(argument.split("=", 1) for argument in arguments)
    more = {language: json.loads(Path(file).read_text(encoding="utf-8")) for language, file in given.items()}
    for language in languages:
        left = write(language, found, {**read_catalogue(language), **more.get(language, {})})
        print(f"{language}: {len(found)} words, {left} without a translation")
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
