"""Printed sheets for those who hear them: the tree of tags (ISO 32000-1, 14.8), read back with pypdf; pages and words."""

import io
import re
import unittest
from fractions import Fraction as F
from typing import Any

from pypdf import PdfReader

import vamos.language  # noqa: F401 - hands the phrases in
from tests.core.lesson.test_lesson import project as lesson_project
from vamos.core.dance.sheets.pdf import sheet_pdf
from vamos.core.lesson.paper import lesson_pdf
from vamos.core.lesson.plan import plan_lesson
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.project import Project
from vamos.wording import speaking

WALL = Item(ItemKind.WALL)


def walks(counts: int) -> tuple[Event, ...]:
    return tuple(Event(F(k), F(1), "walk", foot=(Foot.RIGHT, Foot.LEFT)[k % 2], kind=Kind.STEP) for k in range(counts))


def parade() -> Project:
    turn = Event(F(7), F(1), "turn", foot=Foot.LEFT, kind=Kind.TURN, turn=4, easier="step in place")
    sections = (Section("Gate", 8, (*walks(7), turn)), Section("Fans", 16, walks(16)), Section("Sway", 4, walks(4)))
    wall = (WALL, Item(ItemKind.WALL, restart_after=12), Item(ItemKind.TAG, ("Sway",), "Sway"), WALL)
    return Project("p", dance=Dance("Parade", sections, wall))


class Tree:
    """The tags of a file: (kind, words, depth, page) in reading order, and what they hold."""

    def __init__(self, data: bytes):
        self.reader = PdfReader(io.BytesIO(data))
        self.root: Any = self.reader.trailer["/Root"]
        self.rows: list[tuple[str, str, int, set[int]]] = []
        self.held: set[tuple[int, int]] = set()
        self.pages = {page.indirect_reference.idnum: k for k, page in enumerate(self.reader.pages)}
        self._walk(self.root["/StructTreeRoot"]["/K"][0].get_object(), 0)

    def _walk(self, element: Any, depth: int) -> set[int]:
        row = (element["/S"][1:], str(element.get("/Alt", "")), depth, set[int]())
        self.rows.append(row)
        for one in element.get("/K", []):
            one = one.get_object()
            if one.get("/Type") == "/MCR":
                page = self.pages[one.raw_get("/Pg").idnum]
                self.held.add((page, int(one["/MCID"])))
                row[3].add(page)
            else:
                row[3].update(self._walk(one, depth + 1))
        return row[3]

    def kinds(self) -> list[str]:
        return [kind for kind, *_ in self.rows]


class TagsTest(unittest.TestCase):
    def both(self) -> list[Tree]:
        found = lesson_project()
        return [Tree(sheet_pdf(parade())), Tree(lesson_pdf(plan_lesson(found), "Parade"))]

    def test_a_reader_is_told_that_there_are_tags_in_which_language_and_what_it_is_called(self):
        for tree in self.both():
            self.assertTrue(tree.root["/MarkInfo"]["/Marked"])
            self.assertEqual(tree.root["/Lang"], "en")
            self.assertTrue(tree.root["/ViewerPreferences"]["/DisplayDocTitle"])
            self.assertIn("Parade", str(tree.reader.metadata.title))
        with speaking("de"):
            self.assertEqual(Tree(sheet_pdf(parade())).root["/Lang"], "de")

    def test_all_that_is_drawn_is_in_the_tree_once_or_marked_as_nothing_to_read(self):
        for tree in self.both():
            marked: set[tuple[int, int]] = set()
            for number, page in enumerate(tree.reader.pages):
                inside, drawn = 0, page.get_contents().get_data().decode("latin-1")
                for line in drawn.splitlines():
                    if found := re.search(r"/MCID (\d+)", line):
                        marked.add((number, int(found.group(1))))
                    inside += line.rstrip().endswith(("BDC", "BMC")) - (line.strip() == "EMC")
                    self.assertIn(inside, (0, 1))
                    if re.search(r"\bTj\b|\bre\b|\bl\b S", line):
                        self.assertEqual(inside, 1, line)
                self.assertEqual(inside, 0)
                parents = tree.root["/StructTreeRoot"]["/ParentTree"]["/Nums"]
                at = list(parents[0::2]).index(page["/StructParents"])
                own = parents[2 * at + 1].get_object()
                self.assertEqual(len(own), sum(p == number for p, _ in marked))
            self.assertEqual(marked, tree.held)

    def test_what_a_sheet_is_made_of(self):
        tree = Tree(sheet_pdf(parade()))
        kinds = tree.kinds()
        self.assertEqual(kinds[:2], ["Document", "H1"])
        self.assertEqual(kinds.count("Sect"), 3)
        self.assertEqual((kinds.count("Table"), kinds.count("TR"), kinds.count("TD")), (3, 4, 28))
        (figure,) = [words for kind, words, *_ in tree.rows if kind == "Figure"]
        self.assertIn("wall", figure.lower())
        depths = {kind: depth for kind, _, depth, _ in tree.rows}
        self.assertEqual((depths["Sect"], depths["Table"], depths["TR"], depths["TD"]), (1, 2, 3, 4))

    def test_no_font_is_named_that_is_not_there(self):
        for tree in self.both():
            for page in tree.reader.pages:
                fonts = [str(f.get_object()["/BaseFont"]) for f in page["/Resources"]["/Font"].values()]
                self.assertTrue(all("Manrope" in f for f in fonts), fonts)

    def test_a_section_stands_on_one_page_where_it_fits(self):
        sections = tuple(Section(f"S{k}", 32, walks(32)) for k in range(5))
        tree = Tree(sheet_pdf(Project("p", dance=Dance("Long", sections, (WALL,)))))
        found = [pages for kind, _, _, pages in tree.rows if kind == "Sect"]
        self.assertEqual([len(pages) for pages in found], [1] * 5)
        self.assertGreater(len(tree.reader.pages), 1)

    def test_where_it_faces_where_tags_come_and_other_forms(self):
        """Wall 1 turns its back on count 8; wall 2 stops after 12 counts, facing 12:00 again; the tag comes there."""
        text = " ".join(Tree(sheet_pdf(parade())).reader.pages[0].extract_text().split())
        for words in (
            "begins facing 12:00",
            "begins facing 6:00",
            "restart in wall 2 after count 4",
            "tag after wall 2, facing 12:00",
            "8: easier: step in place",
        ):
            self.assertIn(words, text)


if __name__ == "__main__":
    unittest.main()
