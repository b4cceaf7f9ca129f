"""Sheets as files: read back without loss, refused in words; PDF and SVG looked into from outside."""

import io
import json
import unittest
import xml.etree.ElementTree as ET
from dataclasses import replace
from fractions import Fraction as F

import pypdf
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.dance.sheets import four_walls, section
from tests.core.dance.typed_judge import short
from tests.support import FolderCase, grid_at
from vamos.core.dance.export import export_sheet
from vamos.core.dance.sheets.cells import SheetRead
from vamos.core.dance.sheets.files import (
    dance_from_csv,
    dance_from_json,
    dance_from_markdown,
    dance_to_csv,
    dance_to_json,
    dance_to_markdown,
    read_sheet,
    read_sheet_file,
)
from vamos.core.dance.sheets.markdown import read_markdown
from vamos.core.dance.sheets.pdf import sheet_pdf
from vamos.core.dance.wall_map import to_svg, wall_map
from vamos.core.document.files import save
from vamos.core.model.dance import (
    Dance,
    DancePart,
    Event,
    Foot,
    Item,
    ItemKind,
    Kind,
    MoveSet,
    Pause,
    Section,
    ShortWord,
    Stated,
    StepPattern,
)
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.time import Feel
from vamos.errors import InputError, MissingError

text = st.text(
    alphabet=st.characters(codec="utf-8", exclude_characters="\r\x00", exclude_categories=["Cs", "Cc"]), max_size=12
)
counts = st.fractions(-1, 12, max_denominator=12)
event = st.builds(
    Event,
    counts,
    st.fractions(0, 4, max_denominator=12),
    text,
    text,
    st.sampled_from(list(Foot)),
    st.sampled_from(list(Kind)),
    st.sampled_from([None, 0, 2, -4, 9]),
    st.integers(-3, 3),
    text,
    text,
    text,
    text,
    text,
    st.sampled_from(["", "lead", "follow"]),
    st.integers(0, 8),
)
events = st.lists(event, max_size=4).map(tuple)


@st.composite
def dances(draw):
    names = draw(st.lists(text.filter(lambda t: t.strip() == t and t != ""), min_size=1, max_size=4, unique=True))
    sections = tuple(
        Section(
            n,
            draw(st.integers(1, 16)),
            draw(events),
            draw(st.sampled_from(list(Feel))),
            tuple(
                MoveSet(s, F(0), F(2), draw(events)) for s in draw(st.lists(st.sampled_from(["a", "b"]), unique=True))
            ),
        )
        for n in names
    )
    item = st.builds(
        Item,
        st.sampled_from(list(ItemKind)),
        st.just(tuple(names[:1])),
        text,
        st.sampled_from([None, 1]),
        st.integers(0, 8),
        st.sampled_from([(), (Pause(1, 4),)]),
        st.booleans(),
    )
    whole = st.sampled_from([None, 0, 4, 32])
    return Dance(
        draw(text),
        sections,
        tuple(draw(st.lists(item, max_size=4))),
        draw(st.sampled_from([Foot.RIGHT, Foot.LEFT, Foot.BOTH])),
        draw(text),
        draw(text),
        draw(text),
        tuple(DancePart(n, tuple(names)) for n in draw(st.lists(st.sampled_from(["P", "Q"]), unique=True))),
        Stated(draw(whole), draw(whole), draw(whole), draw(whole)),
        draw(text),
        tuple(draw(st.lists(st.sampled_from(["https://a.example/x", "b"]), max_size=2))),
        tuple(StepPattern(n, F(2), draw(events)) for n in draw(st.lists(st.sampled_from(["s1", "s2"]), unique=True))),
        draw(st.integers(0, 7)),
        draw(st.sampled_from([None, 0, 4, 7])),
        draw(st.sampled_from([(), (ShortWord("KBC", "kick ball change"), ShortWord("Kr", "Kreuzschritt"))])),
    )


class LosslessTest(unittest.TestCase):
    @settings(max_examples=120, deadline=None)
    @given(dances())
    def test_csv_and_json_keep_everything(self, dance):
        self.assertEqual(dance_from_json(dance_to_json(dance)), dance)
        self.assertEqual(dance_from_csv(dance_to_csv(dance)), dance)

    @settings(max_examples=120, deadline=None)
    @given(dances())
    def test_markdown_keeps_everything(self, dance):
        """Also with other line ends, and with white space at the ends of lines, as editors leave it."""
        written = dance_to_markdown(dance)
        self.assertEqual(dance_from_markdown(written), dance)
        self.assertEqual(dance_from_markdown(written.replace("\n", " \n")), dance)

    def test_markdown_that_was_changed_is_read_as_it_stands(self):
        """What stood in no column is left aside then, and that is said; a comment that was broken as well."""
        events = (Event(F(0), name="step", foot=Foot.RIGHT, caution="knees"),)
        dance = Dance("Harbour", (Section("A", 8, events),))
        written = dance_to_markdown(dance)
        self.assertIn("beyond the columns", written)
        for other in (written.replace("| step |", "| stomp |"), written.replace('"caution"', '"caution')):
            found = read_markdown(other)
            self.assertEqual(found.dance.sections[0].events[0].caution, "")
            self.assertIn("was changed", found.remarks[0])
        self.assertEqual(
            read_markdown(written.replace("| step |", "| stomp |")).dance.sections[0].events[0].name, "stomp"
        )

    def test_who_dances_what_has_a_column(self):
        """Partners stand in the table; nothing is kept behind it."""
        events = (
            Event(F(0), name="side", foot=Foot.LEFT, kind=Kind.STEP, role="lead"),
            Event(F(0), name="side", foot=Foot.RIGHT, kind=Kind.STEP, role="follow"),
        )
        dance = Dance("Harbour", (Section("A", 8, events),), start_weight=Foot.NONE)
        written = dance_to_markdown(dance)
        self.assertIn("| lead |", written)
        self.assertNotIn("beyond the columns", written)
        self.assertEqual(dance_from_markdown(written), dance)

    def test_a_project_file_is_a_sheet_too(self):
        """The dance of a project can be read as JSON."""
        import tempfile
        from pathlib import Path

        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "p.json"
            save(Project(dance=four_walls()), path)
            self.assertEqual(read_sheet(path), four_walls())

    def test_two_moves_on_one_count_keep_their_length(self):
        """What partners do on the same count lasts as long for both."""
        text = "# d\n\n## A (4 counts)\n\n| count | what | foot |\n|---|---|---|\n| 1 | walk | R |\n| 1 | back | L |\n| 2 | step | L |\n"
        events = dance_from_markdown(text).sections[0].events
        self.assertEqual([(e.name, e.length) for e in events], [("walk", 1), ("back", 1), ("step", 1)])

    def test_markdown_as_far_as_it_holds(self):
        """Counts, names, feet, kinds, turns, cue and lyric words, notes and the sequence come back."""
        dance = four_walls()
        extra = (
            Event(F(-1, 2), F(1, 2), "ball | heel", foot=Foot.RIGHT, kind=Kind.STEP, note="a | b"),
            Event(F(0), F(1), "kick", "cue", Foot.LEFT, Kind.TOUCH, lyric="moon"),
            Event(F(5, 2), F(1), "half turn", foot=Foot.LEFT, kind=Kind.STEP, turn=None, size=4),
            Event(F(4), F(2), "hold", kind=Kind.HOLD),
        )
        dance = replace(
            dance, sections=(*dance.sections, Section("ending", 8, extra)), credits="by | me", level="beginner"
        )
        parts = (DancePart("A", ("one", "ending")), DancePart("the end", ("ending",)))
        dance = replace(dance, parts=parts, start_heading=2, partner_heading=6, starts_on="the bell")
        back = dance_from_markdown(dance_to_markdown(dance))
        self.assertEqual(back.sections[-1], dance.sections[-1])
        begins = [(d.parts, d.start_heading, d.partner_heading, d.starts_on) for d in (back, dance)]
        self.assertEqual(begins[0], begins[1])
        self.assertEqual(
            [[(e.start, e.length, e.name, e.foot, e.kind, e.turn) for e in s.events] for s in back.sections],
            [[(e.start, e.length, e.name, e.foot, e.kind, e.turn) for e in s.events] for s in dance.sections],
        )
        self.assertEqual((back.sequence, back.credits, back.level), (dance.sequence, "by | me", "beginner"))

    def test_a_sheet_of_others(self):
        """Section and start are enough; feet make steps; a row may leave out what it does not know."""
        dance = dance_from_csv("section,start,name,foot\nA,0,walk,R\nA,1,walk,L\nA,3/2,clap,\n")
        self.assertEqual(
            [(e.start, e.kind) for e in dance.sections[0].events],
            [(0, Kind.STEP), (1, Kind.STEP), (F(3, 2), Kind.FREE)],
        )


class SpreadsheetTest(FolderCase):
    """What spreadsheets and mail programs make of a sheet."""

    def read(self, name: str, content: bytes) -> SheetRead:
        (self.folder / name).write_bytes(content)
        return read_sheet_file(self.folder / name)

    def test_separators_marks_and_line_breaks(self):
        """Semicolons, tabs, a byte order mark, quoted line breaks, UTF-16: the same dance."""
        plain = "section,start,name,foot\nGate walk,0,walk,R\nGate walk,1,walk,L\n"
        wanted = self.read("a.csv", plain.encode()).dance
        self.assertEqual([e.foot for e in wanted.sections[0].events], [Foot.RIGHT, Foot.LEFT])
        for name, content in (
            ("b.csv", plain.replace(",", ";").encode()),
            ("c.csv", plain.replace(",", "\t").encode()),
            ("d.csv", plain.encode("utf-8-sig")),
            ("e.csv", plain.encode("utf-16")),
            ("f.csv", plain.replace("\n", "\r\n").encode()),
            ("g.csv", plain.replace("Gate walk", '"Gate\nwalk"').encode()),
        ):
            with self.subTest(name):
                self.assertEqual(self.read(name, content), SheetRead(wanted))

    def test_a_column_that_says_where_one_faces_is_checked_and_is_no_count(self):
        """“6” under Richtung is a wall: the moves stay on their counts; one that is wrong is told."""
        rows = (
            "Abschnitt;Zähler;Beschreibung;Richtung\n1;1-2;RF Schritt vor, 1/2 Drehung links;6\n"
            "1;3-4;RF Schritt vor, 1/4 Drehung links;{wall}\n1;5-8;Weinranke nach rechts, LF auftippen;\n"
        )
        found = self.read("a.csv", rows.format(wall=3).encode())
        (section,) = found.dance.sections
        self.assertEqual(short(section.events), "1R 2L-4 3R 4L-2 5R 6L 7R 8l")
        self.assertEqual(found.remarks, ())
        wrong = self.read("b.csv", rows.format(wall=9).encode())
        self.assertEqual(short(wrong.dance.sections[0].events), "1R 2L-4 3R 4L-2 5R 6L 7R 8l")
        self.assertIn("9:00", " ".join(wrong.remarks))

    def test_heads_of_a_few_words_and_walls_with_a_dot(self):
        """“What to do” names the moves; “(9.00)” is a wall, told where it is not the one that is danced to."""
        rows = "Part,Beats,What to do,Facing\nVerse,1-4,grapevine right with a touch,12:00\nVerse,5-8,{move},9:00\n"
        found = self.read("a.csv", rows.format(move="grapevine left 1/4 left with a touch").encode())
        self.assertEqual(short(found.dance.sections[0].events), "1R 2L 3R 4l 5L 6R 7L-2 8r")
        self.assertEqual(found.remarks, ())
        text = "[1-8] VINES\n1-4 vine R, touch L\n5-8 vine L with 1/4 turn left, touch R ({wall})\n"
        right, wrong = (self.read(f"{w}.txt", text.format(wall=w).encode()) for w in ("9.00", "3.00"))
        self.assertEqual(right.dance, wrong.dance)
        self.assertNotIn("3:00", " ".join(right.remarks))
        self.assertIn("3:00", " ".join(wrong.remarks))

    def test_a_head_with_another_head_below_is_the_name_of_the_dance(self):
        text = "### Linterna, 16 tiempos\n\n**Sección 1**\n- 1-4: vine a la derecha\n- 5-8: vine a la izquierda\n"
        found = self.read("a.md", text.encode()).dance
        self.assertEqual((found.name, [s.name for s in found.sections]), ("Linterna, 16 tiempos", ["Sección 1"]))

    def test_columns_of_feet_and_arms_with_heads_between_the_rows(self):
        table = (
            "# Fan Parade\n\n| Ct | Feet | Arms |\n|---|---|---|\n| **Section A** | | |\n| 1 | R side | fan up |\n"
            "| 2 | L behind | |\n| 3 | R 1/4 R fwd | fan down |\n| 4 | L brush | |\n| 5-6 | L rock fwd, R recover | |\n"
            "| 7&8 | L coaster | close fan |\n| **Section B** | | |\n| 1-8 | R rocking chair x2 | |\n"
        )
        a, b = self.read("a.md", table.encode()).dance.sections
        self.assertEqual((a.name, a.length, b.name, b.length), ("Section A", 8, "Section B", 8))
        feet = [e for e in a.events if not e.role]
        self.assertEqual(short(feet), "1R 2L 3R+2 4l 5L 6R 7L 7&R 8L")
        arms = [(e.start, e.length, e.name) for e in a.events if e.role == "arms"]
        self.assertEqual(arms, [(0, 1, "fan up"), (2, 1, "fan down"), (6, 2, "close fan")])

    def test_another_encoding_is_read_and_said(self):
        found = self.read("a.csv", "section,start,name\nA,0,pas chassé\n".encode("latin-1"))
        self.assertEqual(found.dance.sections[0].events[0].name, "pas chassé")
        self.assertIn("not UTF-8", found.remarks[0])

    def test_what_is_not_known_is_said(self):
        """Columns and facts that mean nothing here are left aside with a word."""
        found = self.read("a.csv", b"section,start,name,colour\nA,0,walk,red\n")
        self.assertEqual(found.remarks, ("The column “colour” is not known and was left aside.",))
        found = self.read("b.md", b"## A (8)\n\n| count | what | mood |\n|---|---|---|\n| 1 | walk | glad |\n")
        self.assertIn("“mood”", found.remarks[0])

    def test_formulas_stay_words(self):
        """A cue that begins with = + - or @ is written as words and read back the same."""
        events = tuple(Event(F(k), name=n) for k, n in enumerate(("=1+1", "+fan", "-dip", "@front")))
        dance = Dance("d", (Section("A", 8, events),))
        text = dance_to_csv(dance)
        self.assertNotIn(",=1", text)
        self.assertEqual(dance_from_csv(text), dance)

    def test_kinds_are_what_the_names_are(self):
        """A touch is a touch in every format, whether or not its kind stands there."""
        for name, content in (
            ("a.csv", "section,start,name,foot\nA,0,touch,L\n"),
            ("b.md", "## A (8)\n\n| count | what | foot |\n|---|---|---|\n| 1 | touch | L |\n"),
            ("c.txt", "## A (8)\ntouch L 1\n"),
        ):
            event = self.read(name, content.encode()).dance.sections[0].events[0]
            self.assertEqual((event.kind, event.foot), (Kind.TOUCH, Foot.LEFT), name)

    def test_turns_in_cells(self):
        """¼ L turns left, half asks which way; nothing becomes no turn."""
        text = "## A (8)\n\n| count | what | turn |\n|---|---|---|\n| 1 | step | ¼ L |\n| 2 | pivot | half |\n| 3 | spin | left |\n"
        events = self.read("a.md", text.encode()).dance.sections[0].events
        self.assertEqual([(e.turn, e.size) for e in events], [(-2, 0), (None, 4), (None, 0)])

    def test_a_sheet_of_typed_lines(self):
        """Headings and lines of notation, as one types them in a mail."""
        text = """# Lantern walk
By: somebody
Sequence: 2*wall

## Fan sweep (8)
vine R 1-4, rock L 5, recover R 6
½ turn left L 7, hold 8

## Tail
- walk R 1 2 3 4
"""
        dance = self.read("a.txt", text.encode()).dance
        self.assertEqual((dance.name, dance.credits, len(dance.sequence)), ("Lantern walk", "somebody", 2))
        self.assertEqual([s.length for s in dance.sections], [8, 8])
        self.assertEqual(len(dance.sections[0].events), 8)
        self.assertEqual(dance.sections[0].events[6].turn, -4)


class RefusedTest(FolderCase):
    def refuse(self, name: str, content: str | bytes, pattern: str) -> None:
        path = self.folder / name
        path.write_bytes(content if isinstance(content, bytes) else content.encode())
        with self.subTest(name, pattern=pattern), self.assertRaisesRegex(InputError, pattern) as caught:
            read_sheet(path)
        self.assertIn(name, str(caught.exception))

    def test_what_is_no_sheet_is_refused_in_words(self):
        self.refuse("a.csv", "x,y\n1,2\n", "columns section and start")
        self.refuse("b.csv", "section,start,foot\nA,0,R\nA,zwei,L\n", "row 3: “zwei” is not a start")
        self.refuse("c.csv", "section,start,foot\nA,0,Q\n", "row 2")
        self.refuse("d.csv", "what,section,start\nsong,A,1\n", "“song” is not one of")
        self.refuse("e.json", "{", "not JSON")
        self.refuse("f.json", '{"a": 1}', "vamos_sheet")
        self.refuse("g.json", '{"vamos_sheet": 1, "dance": {"sections": 3}}', "cannot be understood")
        self.refuse("h.json", b"\xff\x00\x00", "it is not text")
        self.refuse("i.md", "# Dance\n\nnothing\n", "no moves with counts were found")
        self.refuse("j.md", "## A (8 counts)\n\n| count | what |\n|---|---|\n| 9x | walk |\n", "line 5")
        self.refuse("k.doc", "x", "read from .csv, .json, .md or .txt")

    def test_what_broke_it_before(self):
        """Each of these once ended in a fault or never ended; now each is a sentence that names its place."""
        deep = "[" * 100_000
        for name, content, pattern in (
            ("a.csv", "section,start,name,length\nA,0,walk,1e99999\n", "row 2: “1e99999” is not a length"),
            ("b.csv", "what,section,start\ndance,A,0\n", "row 2: the column name is empty"),
            ("c.csv", f"what,name,section,start,note\npart,A,A,,{deep}\n", "more than an entry can have"),
            ("d.csv", "what,section,start,name\nevent,A,,walk\n", "row 2: the start is missing"),
            ("e.csv", "section,start,name\nA,0," + "x" * 140_000 + "\n", "a cell is too long"),
            ("f.csv", "section,start,turn,size\nA,0,,half\n", "“half” is not a number of eighths"),
            ("g.csv", "what,section,start,note\nitem,A,0,\n", "the column note is empty"),
            ("h.csv", "what,name,section,start,note\npart,P,A,,5\n", "the names of its sections"),
            ("i.csv", "what,section,start\nstep,A,0\n", "the length is missing"),
            ("j.csv", "section,start,foot\nA,0,sideways\n", "“sideways” is not a foot; write R, L or both"),
            ("k.csv", "section,start,set\nA,0,easy\n", "the set “easy” has no row of its own"),
            ("l.md", f"## A ({'9' * 5000} counts)\n", "is not a number of counts"),
            ("m.md", "- Sequence: `400*hold:4096`\n\n## A (8 counts)\n1-4 vine R\n", "at most 20000 can be read"),
            ("n.md", "## A (1000000 counts)\n", "it is 1 to 512"),
            (
                "o.json",
                '{"vamos_sheet": 1, "dance": {"sections": [{"name": "A", "length": ' + "9" * 30 + "}]}}",
                "digits",
            ),
            ("p.json", '{"vamos_sheet": 1, "dance": {"sections": [{"name": "A", "length": 1000000}]}}', "at most 512"),
            ("q.md", "## A (8)\n\nvine R 1-4, rock L 5, recover R 5\n", "line 3: column"),
        ):
            self.refuse(name, content, pattern)

    def test_no_such_file(self):
        with self.assertRaises(MissingError):
            read_sheet(self.folder / "none.csv")


def project() -> Project:
    song = Song(MediaRef("s.wav"), "moon song", grid_at(120, 150, 0.5, 16))
    return Project(song=song, dance=replace(four_walls(), credits="Zoë Łącka"))


class PdfTest(FolderCase):
    def pages(self, p: Project) -> list[str]:
        return [page.extract_text() for page in pypdf.PdfReader(io.BytesIO(sheet_pdf(p))).pages]

    def test_other_scripts_are_written_in_other_fonts(self):
        """Letters that Manrope lacks are real letters on the page, measured and wrapped as wide as they are."""
        name = "Танец 踊り " * 6
        p = Project(dance=Dance(name, (Section("шаг 歩く", 8, (Event(F(0), name="歩く"),)),), (Item(ItemKind.WALL),)))
        text = "".join(self.pages(p)).replace("\n", "")
        self.assertIn("踊り", text)
        self.assertIn("шаг 歩く", text)
        self.assertNotIn("\0", text)

    def test_one_page_that_can_be_read(self):
        """pypdf reads the card, each section, the walls with their facing; accents are there."""
        (page,) = self.pages(project())
        for words in ("four walls", "Zoë Łącka", "moon song", "32", "one", "three", "½ left", "to 9:00", "tag"):
            self.assertIn(words, page)

    def test_a_long_dance_goes_on_over_pages(self):
        many = tuple(section(f"part {k}", "vine R 1 2 3 4, vine L 5 6 7 8") for k in range(40))
        pages = self.pages(Project(dance=Dance("long", many, (Item(ItemKind.WALL),) * 60)))
        self.assertGreater(len(pages), 2)
        self.assertIn("part 39", "".join(pages))

    def test_cautions_defer(self):
        jump = (Event(F(0), name="jump", caution="jump: land softly"),)
        (page,) = self.pages(Project(dance=Dance("d", (Section("one", 8, jump),))))
        self.assertIn("jump: land softly", page)
        self.assertIn("physician", page)

    def test_an_empty_dance_makes_a_page(self):
        self.assertEqual(len(self.pages(Project())), 1)

    def test_files_by_ending(self):
        for name in ("s.pdf", "s.svg", "s.csv", "s.json", "s.md"):
            export_sheet(project(), self.folder / name)
        self.assertEqual(self.listing(), ["s.csv", "s.json", "s.md", "s.pdf", "s.svg"])
        with self.assertRaisesRegex(InputError, r"\.pdf"):
            export_sheet(project(), self.folder / "s.odt")


class WallMapTest(unittest.TestCase):
    NS = "{http://www.w3.org/2000/svg}"

    def test_well_formed_and_complete(self):
        """An XML reader finds each wall's number, the tag, the restart and their seconds."""
        root = ET.fromstring(to_svg(wall_map(four_walls(), grid_at(120, 150, 0.5, 16))))
        said = [t.text for t in root.iter(f"{self.NS}text")]
        for words in ("1", "2", "3", "4", "tag", "restart", "0:08.5  to 9:00", "0:40.5  to 6:00"):
            self.assertIn(words, said)
        self.assertIn("wall 3, 16 counts from 6:00, restart", root.find(f"{self.NS}title").text)

    def test_nothing_leaves_the_picture(self):
        drawing = wall_map(four_walls("40*wall tag"), None, 520)
        for shape in drawing.shapes:
            xs = shape.points[::2] if shape.kind in ("path", "line") else shape.points[:1]
            self.assertTrue(all(-1 <= x <= 521 for x in xs), shape)
        self.assertLess(max(s.points[1] for s in drawing.shapes), drawing.height)

    def test_names_that_look_like_markup(self):
        dance = Dance("d", (Section("<b>&", 8),), (Item(ItemKind.PART, ("<b>&",), "<b>&"),))
        ET.fromstring(to_svg(wall_map(dance)))

    def test_an_unknown_heading_is_a_question_mark(self):
        dance = Dance("d", (section("one", "quarter turn R 1"),), (Item(ItemKind.WALL),) * 2)
        self.assertIn(">?<", to_svg(wall_map(dance)))
        self.assertEqual(wall_map(Dance()).words, "no sequence yet")


class DataTest(unittest.TestCase):
    def test_json_on_the_command_line_is_plain(self):
        from vamos.cli.commands import dance_data

        data = json.loads(json.dumps(dance_data(project())))
        self.assertEqual(data["follows"]["walls_to_front"], 4)
        self.assertEqual(
            data["lines"][0]["counts"][0], {"count": "1", "heading": 0, "facing": "12:00", "weight": ["R"]}
        )


if __name__ == "__main__":
    unittest.main()
