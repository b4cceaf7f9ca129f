"""A sheet from the clipboard, whatever it is: lines of text, a table of a page, cells of a spreadsheet."""

from __future__ import annotations

from vamos.core.dance.sheets.cells import SheetRead
from vamos.core.dance.sheets.csv import read_csv
from vamos.core.dance.sheets.files import has_table, read_any_text
from vamos.core.dance.sheets.read_as import TextRead
from vamos.core.dance.sheets.table import is_table
from vamos.core.dance.sheets.text import read_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: More than this is no sheet of a dance; the longest read for tests have 140 lines.
MOST_LETTERS = 60_000
MOST_LINES = 600


def read_pasted(text: str) -> TextRead:
    """A dance from pasted text, with what each line was taken for (no lines for a table).

    Raises InputError when there is not one move in it, or it is far too long.
    """
    if len(text) > MOST_LETTERS:
        raise InputError(
            tr("it has more than {most} letters, which is too much for the sheet of one dance.", most=MOST_LETTERS)
        )
    rows = [row for row in text.splitlines() if row.strip()]
    if len(rows) > MOST_LINES:
        raise InputError(
            tr("it has more than {most} lines, which is too much for the sheet of one dance.", most=MOST_LINES)
        )
    if rows and sum("\t" in row for row in rows) * 2 > len(rows):
        return _of_table(read_csv(text))
    if sum(row.lstrip().startswith("|") for row in rows) >= 2:
        return _of_table(read_any_text(text))
    reader = read_csv if is_table(text) else read_any_text if has_table(text) else None
    try:
        return _of_table(reader(text)) if reader is not None else read_text(text)
    except InputError:
        if reader is None:
            raise
        # A row of it is not understood: line by line that one is shown, and nothing is refused as a whole.
        return read_text(text)


def _of_table(read: SheetRead) -> TextRead:
    return TextRead(read.dance, (), "", read.remarks)
