"""Tables of other people: which column holds the counts, the moves, the section; read as the lines they stand for."""

from __future__ import annotations

import csv
import io
import itertools
import re
from dataclasses import replace

from vamos.core.dance.sheets.cells import SheetRead, words
from vamos.core.dance.sheets.text import read_text_sheet
from vamos.core.dance.typed.reading import known_person
from vamos.core.dance.who import is_everybody
from vamos.core.model.dance import Dance
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: What a column is called, in small letters.
_HEADS = {
    "counts": "count counts cts ct beat beats start zähler zählzeit zählzeiten takt compte comptes tempo cuenta tiempo",
    "moves": "move moves step steps what name figure description movement action bewegung schritt schritte figur "
    "beschreibung pas paso passo pasos passi",
    "section": "section part set block phrase teil abschnitt eight sección parte",
    "foot": "foot feet footwork fuß füße füsse fuss beine pied pieds pie pies piede piedi weight",
    "turn": "turn turns direction drehung richtung way giro tour",
    "facing": "facing faces blick blickrichtung",
    "who": "who dancer dancers role roles group groups wer rolle gruppe tänzer quién quien grupo qui groupe chi gruppo",
}
#: Columns of what is said beside a move.
_NOTES = ("note", "notes", "comment", "comments", "remark", "remarks", "hint", "hints", "notiz", "notizen", "bemerkung",
          "hinweis", "kommentar", "anmerkung", "nota", "notas")  # fmt: skip
#: Columns of what moves beside the feet.
_LANES = {
    "arms": "arm arms arme brazos bras braccia",
    "hands": "hand hands hände manos mains mani",
    "head": "head kopf cabeza tête testa",
}
_LANE = {word: lane for lane, several in _LANES.items() for word in several.split()}
#: A note that says a turn.
_TURNS = re.compile(r"\b[1357]/[248]\b|[½¼¾⅛⅜⅝⅞]|\b(?:turn|drehung|giro|vuelta|tour)\b", re.IGNORECASE)
#: A cell that says where one faces, by the clock.
_FACES = re.compile(r"^(1[0-2]|[1-9])(?::?(00|30))?\s*(?:o'?clock|uhr|h)?$", re.IGNORECASE)
#: The walls in words, as the clock says them.
_WALL_WORDS = {
    12: "front audience vorn vorne vorderwand devant frente fronte",
    3: "right rechts droite derecha destra",
    6: "back rear hinten rückwand derrière atrás dietro",
    9: "left links gauche izquierda sinistra",
}
_WALLS = {word: hour for hour, several in _WALL_WORDS.items() for word in several.split()}
_ROLES = {word: role for role, several in _HEADS.items() for word in several.split()}
_ROLES |= dict.fromkeys(("right/left", "left/right", "r/l", "l/r", "rechts/links", "links/rechts", "re/li"), "foot")
#: A direction that is only a way, and a turn beside it that says none.
_WAY = re.compile(
    r"^(?:to\s+the\s+|nach\s+|à\s+|a\s+la\s+)?(left|right|links|rechts|gauche|droite|izquierda|derecha)$", re.IGNORECASE
)
_OPEN = re.compile(
    r"(?:\b[1357]/[248]|[½¼¾⅛⅜⅝⅞])(?:\s+turn)?(?!\s*(?:turn\b|[lr]\b|left|right|links|rechts))", re.IGNORECASE
)
#: So many rows may stand above the head.
_PREFACE = 12


def separator_of(text: str) -> tuple[str, str]:
    """What separates the cells, and the text without a ``sep=;`` row."""
    said = re.match(r"^\s*\"?sep=(.)\"?[^\n]*\n", text, re.IGNORECASE)
    if said is not None:
        return said.group(1), text[said.end() :]
    top = text.split("\n", _PREFACE)[:_PREFACE]

    def fits(sign: str) -> tuple[int, int, int]:
        # What separates stands in most rows; a cell may hold as many commas.
        found = [row.count(sign) for row in top]
        return sum(1 for n in found if n), max(found), -",;\t".index(sign)

    return max(",;\t", key=fits), text


def without_preface(text: str, separator: str) -> tuple[str, str]:
    """The table from the row that names section and start on, and what stands above it."""
    rows = text.split("\n")
    for at, row in enumerate(rows[:_PREFACE]):
        cells = {c.strip().strip('"').lower() for c in row.split(separator)}
        if {"section", "start"} <= cells:
            return "\n".join(rows[at:]), "\n".join(rows[:at])
    return text, ""


def is_table(text: str) -> bool:
    """Whether the first row names the columns of a table of cells, as a file of a spreadsheet does."""
    first = text.lstrip().partition("\n")[0]
    for sign in ",;\t":
        cells = next(csv.reader(io.StringIO(first), delimiter=sign), [])
        named = sum(_plain(c) in _ROLES for c in cells)
        told = {"counts", "moves"} <= _roles(cells).keys() and 2 * named > len(cells)
        if len(cells) > 1 and (told or _people(cells)):
            return True
    return False


def read_other_table(text: str, separator: str) -> SheetRead:
    """A table with a column of counts and one of moves, in any order, under any of the usual heads.

    Empty cells of a section, as merged cells leave them, go on with the section above.

    Raises InputError when there are no such columns, or a row cannot be read.
    """
    return _read_rows(
        [[" ".join(c.split()) for c in row] for row in csv.reader(io.StringIO(text), delimiter=separator)]
    )


def read_page_table(text: str) -> SheetRead:
    """As :func:`read_other_table`, for a table between upright strokes as pages and Markdown have it."""
    rows: list[list[str]] = []
    for line in text.splitlines():
        plain = line.strip()
        if re.fullmatch(r"[|\s:\-]*", plain):
            continue
        cells = re.split(r"(?<!\\)\|", plain.strip("|")) if plain.startswith("|") else [plain]
        rows.append([" ".join(re.sub(r"\*\*|__|`", "", c).split()) for c in cells])
    return _read_rows(rows)


def _read_rows(rows: list[list[str]]) -> SheetRead:
    rows = _one_row_each(rows)
    found = next(
        ((k, roles) for k, row in enumerate(rows[:_PREFACE]) if {"counts", "moves"} <= (roles := _roles(row)).keys()),
        None,
    )
    if found is None:
        raise InputError(
            tr("its first row must name at least the columns section and start, or one of counts and one of moves.")
        )
    at, roles = found
    lines = [" ".join(c for c in row if c) for row in rows[:at]]
    lanes, noted = _lanes(rows[at]), _notes(rows[at])
    unknown = _unknown(rows[at], roles, lanes, noted)
    beside: dict[str, list[str]] = {}
    notes: list[tuple[int, str, str]] = []
    section, number_of = "", 0
    remarks = []

    def end_section() -> None:
        lines.extend(f"{lane}: {', '.join(said)}" for lane, said in beside.items())
        beside.clear()

    for number, row in enumerate(rows[at + 1 :], at + 2):
        cells = {role: row[k] for role, k in roles.items() if k < len(row) and row[k]}
        if cells.get("section", section) != section:
            section, number_of = cells["section"], number_of + 1
            end_section()
            lines.append(f"## {section}")
        if {"counts", "moves"} <= {_ROLES.get(_plain(c)) for c in row}:
            # Another table of the same page, with its own heads.
            roles, lanes, noted = _roles(row), _lanes(row), _notes(row)
            unknown += _unknown(row, roles, lanes, noted)
            continue
        if re.match(r"1(?!\d)", cells.get("counts", "")):
            # Counts begin again: what stood beside the moves above stays with them.
            end_section()
        moves = _moves(cells)
        if len(row) == 1 and len(rows[at]) > 1:
            # A line between the rows of a table is the head of what follows, or a remark.
            end_section()
            lines.append(row[0])
        elif cells.keys() == {"counts"} and not re.match(r"[\d&]", cells["counts"]):
            # A head in the first cell of a row of its own.
            end_section()
            number_of += 1
            lines.append(f"## {cells['counts']}")
        elif moves:
            who = _who(cells, lines)
            lines.append(f"{who}{cells.get('counts', '')} {moves}".strip())
        for k, lane in lanes.items():
            if k < len(row) and row[k] and "counts" in cells:
                beside.setdefault(lane, []).append(f"{row[k]} {_span(cells['counts'])}")
        if 0 <= noted < len(row) and row[noted] and "counts" in cells:
            notes.append((max(0, number_of - 1), cells["counts"], row[noted]))
        over = [c for k, c in enumerate(row) if c and k >= len(rows[at])]
        if over:
            remarks.append(more_cells(number, over))
    end_section()
    remarks += [tr("The column “{value}” is not known and was left aside.", value=words(c)[:40]) for c in unknown]
    read = read_text_sheet("\n".join(lines))
    dance, left = _with_notes(read.dance, notes)
    return SheetRead(dance, (*read.remarks, *remarks, *left))


def _one_row_each(rows: list[list[str]]) -> list[list[str]]:
    """“Count | Lead | Follow”: columns of people, with their moves in them, as a row for each of them."""
    at = next((k for k, row in enumerate(rows[:_PREFACE]) if _people(row)), -1)
    if at < 0:
        return rows
    head = rows[at]
    people, roles = _people(head), _roles(head)
    counts, kept = roles["counts"], (roles["counts"], roles.get("section", -1))
    others = [k for k in range(len(head)) if k not in people]
    out = [*rows[:at], ["who", "moves", *(head[k] for k in others)]]
    for row in rows[at + 1 :]:
        cells = [(_called(head[k]), row[k]) for k in people if k < len(row) and row[k]]
        if not cells or counts >= len(row) or not row[counts]:
            out.append(row)
            continue
        for number, (who, moves) in enumerate(cells):
            # What is said of the row, such as a note, is said once.
            beside = [row[k] if k < len(row) and (not number or k in kept) else "" for k in others]
            out.append([who, moves, *beside, *(row[len(head) :] if not number else ())])
    return out


def _people(row: list[str]) -> list[int]:
    """The columns that are called as people are, beside one of counts and none of moves; none where it is not two."""
    roles = _roles(row)
    found = [k for k, c in enumerate(row) if known_person(_called(c))]
    return found if len(found) > 1 and "counts" in roles and "moves" not in roles else []


#: Groups that are called by where they stand.
_PLACES = {
    "front": "front row", "back": "back row", "middle": "middle row", "left": "left group", "right": "right group",
    "vorn": "vordere Reihe", "vorne": "vordere Reihe", "hinten": "hintere Reihe",
}  # fmt: skip


def _called(head: str) -> str:
    return _PLACES.get(head.lower(), head)


def _lanes(row: list[str]) -> dict[int, str]:
    return {k: _LANE[_plain(c)] for k, c in enumerate(row) if _plain(c) in _LANE}


def _notes(row: list[str]) -> int:
    """The column of notes; −1 without any."""
    return next((k for k, c in enumerate(row) if _plain(c) in _NOTES), -1)


def _unknown(row: list[str], roles: dict[str, int], lanes: dict[int, str], noted: int) -> list[str]:
    """The heads of columns that are left aside."""
    known = {*roles.values(), *lanes, noted}
    return [c for k, c in enumerate(row) if c and k not in known]


def _plain(head: str) -> str:
    return head.lower().strip(" :.#*")


def _who(cells: dict[str, str], lines: list[str]) -> str:
    """“front row: ”; “all: ” where a row is danced by everybody, and one before it in the section was not."""
    said = cells.get("who", "")
    if said and not is_everybody(said):
        return f"{said}: "
    above = itertools.takewhile(lambda line: not line.startswith("##"), reversed(lines))
    return "all: " if said and any(re.match(r"[^\W\d][\w ]*:", line) for line in above) else ""


def _with_notes(dance: Dance, notes: list[tuple[int, str, str]]) -> tuple[Dance, list[str]]:
    """Notes at the moves of their counts; what finds none is told."""
    sections, left = list(dance.sections), []
    for number, counts, note in notes:
        first = re.search(r"\d+", counts)
        start = int(first.group()) - 1 if first else -1
        events = list(sections[number].events) if number < len(sections) else []
        at = next((k for k, e in enumerate(events) if e.start == start), None)
        if at is None:
            what = words(note)[:60]
            left.append(
                tr("The note “{what}” at {counts} is left aside: nothing is danced there.", what=what, counts=counts)
            )
            continue
        events[at] = replace(events[at], note=words(note))
        if _TURNS.search(note) and not events[at].turn:
            told = tr(
                "The note “{what}” at {counts} speaks of a turn; it is kept as a note and turns nobody.",
                what=words(note)[:60],
                counts=counts,
            )
            left.append(told)
        sections[number] = replace(sections[number], events=tuple(events))
    return replace(dance, sections=tuple(sections)), left


def _moves(cells: dict[str, str]) -> str:
    """What is danced in a row; where one faces then is said behind it, to be checked."""
    cells = dict(cells)
    faces = _FACES.match(cells.get("turn", ""))
    if faces is not None:
        cells["facing"] = cells.pop("turn")
    facing = _facing(cells.get("facing", ""))
    if not facing and "facing" in cells:
        # “turn ¼ right” under “Facing”: said of the move, and asked where it is not understood.
        cells.setdefault("turn", cells["facing"])
    way, open_turn = _WAY.match(cells.get("turn", "")), _OPEN.search(cells.get("moves", ""))
    if way is not None and open_turn is not None:
        # “step, pivot ½” with the direction “left”: that is the way of its turn.
        at = open_turn.end()
        first = cells.pop("foot", "")
        cells["moves"] = f"{first} {cells['moves'][:at]} {way[1]}{cells['moves'][at:]}".strip()
        del cells["turn"]
    said = " ".join(cells[role] for role in ("turn", "moves", "foot") if role in cells)
    return f"{said} ({facing})" if facing and said else said


def _facing(cell: str) -> str:
    """Where one faces, by the clock; nothing where the cell does not say it."""
    if faces := _FACES.match(cell):
        return f"{faces.group(1)}:{faces.group(2) or '00'}"
    hours = {_WALLS[w] for w in re.findall(r"[^\W\d_]+", cell.lower()) if w in _WALLS}
    return f"{hours.pop()}:00" if len(hours) == 1 else ""


def _span(counts: str) -> str:
    """The counts of a row as one stretch: arms of “7&8” go from 7 to 8."""
    numbers = re.findall(r"\d+", counts)
    return counts if len(numbers) < 2 else f"{numbers[0]}-{numbers[-1]}"


def more_cells(row: int, cells: list[str]) -> str:
    """Told of a row with more cells than its head has names."""
    value = words(", ".join(cells))[:60]
    return tr("Row {row} has more cells than the first row has names: “{value}” was left aside.", row=row, value=value)


def _roles(row: list[str]) -> dict[str, int]:
    found: dict[str, int] = {}
    for k, cell in enumerate(row):
        role = _ROLES.get(_plain(cell))
        if role == "counts" and _plain(row[found.get(role, k)]) == "takt":
            # “Takt | Zähler”: bars, and their counts.
            found[role] = k
        if role is not None:
            found.setdefault(role, k)
    for k, cell in enumerate(row):
        # “What to do”, “Beats (8)”: one word of a few says it, where no other column does.
        said = [_ROLES[w] for w in re.findall(r"\w+", cell.lower()) if w in _ROLES]
        if k not in found.values() and 1 < len(cell.split()) < 5 and said and said[0] not in found:
            found[said[0]] = k
    if "moves" not in found and "foot" in found:
        # “Count | Feet | Arms”: the feet are what is danced.
        found["moves"] = found.pop("foot")
    return found
