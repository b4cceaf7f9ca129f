"""Words in another language: all of them, with their values, and never in what is kept in files."""

import ast
import importlib.util
import os
import re
import string
import subprocess
import sys
import unittest
from fractions import Fraction
from pathlib import Path
from unittest import mock

import vamos.language as words
from tests.support import FolderCase
from vamos import wording
from vamos.core.lesson.search import Index
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.take import View
from vamos.language import LANGUAGES
from vamos.ui.frame.language_choice import next_language
from vamos.wording import inside, plural, plural_or_no, words_of

ROOT = Path(__file__).parent.parent
#: Reads and writes everything of a dance that is kept in files, and prints it.
KEPT = """
import sys
from pathlib import Path
from dataclasses import replace
from tests.core.dance.sheets import four_walls
from tests.core.pack.test_verify import small_project
from vamos.core.dance.sheets.files import read_sheet, write_sheet
from vamos.core.document.files import load, save
from vamos.core.plan.clips import plan_clips
import vamos.language
from vamos.wording import words_of
tr = words_of("vamos.core.disk")
folder = Path(sys.argv[1])
project = small_project(folder)
print([c.key for c in plan_clips(project)])
project = replace(project, dance=four_walls())
save(project, folder / "p.vamos")
print((folder / "p.vamos").read_text())
assert load(folder / "p.vamos") == project
for ending in ("csv", "json", "md", "txt"):
    path = folder / f"sheet.{ending}"
    write_sheet(project.dance, path)
    print(path.read_text())
    assert read_sheet(path).sections == project.dance.sections
print(tr("Nothing was changed."), file=sys.stderr)
"""


def tool():
    """The tool that keeps the catalogues."""
    spec = importlib.util.spec_from_file_location("words_tool", ROOT / "tools" / "words.py")
    module = importlib.util.module_from_spec(spec)
    spec.loader.exec_module(module)
    return module


def fields(text: str) -> list[str]:
    return sorted(f"{name}:{spec}!{turn}" for _, name, spec, turn in string.Formatter().parse(text) if name is not None)


class Catalogues(unittest.TestCase):
    def test_every_word_is_translated_and_none_is_left_over(self):
        """In every context in which it is met."""
        found = set(tool().contexts())
        self.assertGreater(len(found), 2000)
        for language in set(LANGUAGES) - {words.ENGLISH}:
            catalog = tool().read(language)
            known = {(m.context, m.id) for m in catalog if m.id}
            self.assertEqual(found - known, set(), "run tools/words.py, and translate what it says")
            self.assertEqual(known - found, set(), "run tools/words.py")
            self.assertEqual(tool().left_open(catalog), [], language)

    def test_every_text_has_a_context_that_says_where_it_is_met(self):
        named = set(wording.ROOMS.values()) | {wording.NAMES, wording.NUMBERS}
        met = {room for room, _ in tool().contexts()}
        self.assertEqual(met - named, set())
        self.assertGreater(len(met), 20)
        for language in set(LANGUAGES) - {words.ENGLISH}:
            self.assertEqual([m.id for m in tool().read(language) if m.id and m.context not in named], [])

    def test_what_is_read_is_what_is_kept(self):
        """The ``.mo`` beside each ``.po`` is made from it, and both as gettext has them (GNU gettext manual, 10.3)."""
        for language in set(LANGUAGES) - {words.ENGLISH}:
            kept = tool().read(language)
            self.assertEqual(
                (words.FOLDER / f"{language}.mo").read_bytes(), tool().mo_bytes(kept), "run tools/words.py"
            )

    def test_a_context_decides(self):
        """The same English word said in two places has two translations where they differ."""
        before = tool().read("de")
        found = [("Cut", "Place"), ("Song", "Place"), ("Dance", "Place")]
        first = tool().updated("de", before, {"Place": "Ort"}, found[:1])
        both = tool().updated("de", first, {}, found[:2])
        both.get("Place", "Song").string = "Einordnen"
        kept = tool().updated("de", both, {}, found)
        self.assertEqual([kept.get("Place", room).string for room, _ in found], ["Ort", "Einordnen", "Einordnen"])

    def test_numbers_have_as_many_forms_as_the_language(self):
        """Spanish has three (CLDR plural rules, as Babel has them)."""
        catalog = tool().read("es")
        self.assertEqual(catalog.num_plurals, 3)
        several = [m for m in catalog if isinstance(m.id, tuple)]
        self.assertGreater(len(several), 10)
        self.assertEqual({len(m.string) for m in several}, {3})

    def test_values_stand_in_every_translation(self):
        for language in set(LANGUAGES) - {words.ENGLISH}:
            for text, translation in tool().known(language).items():
                with self.subTest(text=text, language=language):
                    self.assertEqual(fields(text), fields(translation))
                    self.assertEqual(text.count("\n"), translation.count("\n"))
                    # What goes on behind or before other words keeps its space there.
                    self.assertEqual(text[:1].isspace(), translation[:1].isspace())
                    self.assertEqual(text[-1:].isspace(), translation[-1:].isspace())

    def test_nothing_is_left_in_english(self):
        """Words that are the same in both languages are few, and none of them is a sentence."""
        for language in set(LANGUAGES) - {words.ENGLISH}:
            same = [t for t, said in tool().known(language).items() if t == said and re.search(r"[a-z]{3}", t)]
            long = [t for t in same if len(re.sub(r"\{[^}]*\}", "", t).split()) > 3]
            allowed = [
                t for t in long if re.search(r"1-4 Vine R|\*wall|half turn|3& to 6|OpenTimelineIO|KBC|\*\.csv", t)
            ]
            self.assertEqual(sorted(set(long) - set(allowed)), [], language)

    def test_how_easy_it_is_to_read(self):
        """Flesch’s own examples of the scale (1948): short words in short sentences are easy, long ones hard."""
        sys.path.insert(0, str(ROOT / "tools"))
        self.addCleanup(sys.path.remove, str(ROOT / "tools"))
        from reading_ease import ease, report, syllables

        # Syllables as a dictionary has them.
        known = {"move": 1, "table": 2, "counts": 1, "section": 2, "rehearsal": 3, "the": 1, "mirrored": 2}
        self.assertEqual({w: syllables(w) for w in known}, known)
        # Five words of one syllable in a sentence: 206.835 − 5.075 − 84.6.
        self.assertAlmostEqual(ease("You press this key now."), 117.16, places=2)
        self.assertIsNone(ease("Next clip"))
        told = report(tool().contexts())
        for room in ("Song", "Dance", "Film", "Cut", "Lesson", "Pack"):
            row = next(line for line in told.splitlines() if line.startswith(room + " "))
            self.assertGreater(float(row.split()[-2]), 65, row)

    def test_no_words_are_joined_in_the_code(self):
        """A text with a value in it is one text with a name for the value, as other languages order words differently."""
        for path in (ROOT / "src" / "vamos").rglob("*.py"):
            self.assertIsNone(re.search(r'\btr\(\s*f["\']', path.read_text(encoding="utf-8")), path)

    def test_the_core_translates_when_it_speaks(self):
        """Not when a module is imported: the same run writes for students in their language."""
        for path in (ROOT / "src" / "vamos" / "core").rglob("*.py"):
            tree = ast.parse(path.read_text(encoding="utf-8"))
            inside = {
                id(node)
                for f in ast.walk(tree)
                if isinstance(f, ast.FunctionDef | ast.Lambda)
                for part in (f.body if isinstance(f.body, list) else [f.body])
                for node in ast.walk(part)
            }
            called = [
                n.lineno
                for n in ast.walk(tree)
                if isinstance(n, ast.Call)
                and isinstance(n.func, ast.Name)
                and n.func.id == "tr"
                and id(n) not in inside
            ]
            self.assertEqual(called, [], path)


class InGerman(unittest.TestCase):
    def setUp(self):
        words.run_language.cache_clear()
        self.addCleanup(words.run_language.cache_clear)
        patch = mock.patch.dict(os.environ, {"VAMOS_LANGUAGE": "de"})
        patch.start()
        self.addCleanup(patch.stop)

    def test_values_numbers_and_enumerations(self):
        self.assertEqual(words_of("vamos.ui.page")("count {section}", section=3), "Count 3")
        self.assertEqual(words_of("vamos.ui.stops.song.panel")("{bpm:.1f} a minute", bpm=97.25), "97,2 pro Minute")
        self.assertEqual(words_of("vamos.core.plan.problems")("the {view}", view=View.BACK), "von hinten")
        self.assertEqual(words_of("vamos.ui.stops.film.take_fields")("Name of {id}", id="back"), "Name von back")

    def test_what_is_not_in_the_catalogue_stays(self):
        self.assertEqual(words_of("vamos.ui")("Paper fan {parade}"), "Paper fan {parade}")

    def test_braces_in_values(self):
        self.assertEqual(words_of("vamos.ui.stops.film.take_fields")("Name of {id}", id="{a} {0}"), "Name von {a} {0}")

    def test_numbers_of_things(self):
        self.assertEqual([plural(n, "wall") for n in (1, 2)], ["1 Wand", "2 Wände"])
        self.assertEqual(plural(2, "pass", "passes"), "2 Durchgänge")
        self.assertEqual(plural_or_no(0, "wall"), "keine Wände")
        self.assertEqual([plural(Fraction(n, 2), "count") for n in (1, 2, 5)], ["0,5 Counts", "1 Count", "2,5 Counts"])

    def test_searching_in_both_languages(self):
        """What is typed may be German or the words of the sheet; a view by its own word."""
        turn = Event(Fraction(1), Fraction(1), "pivot", foot=Foot.LEFT, kind=Kind.TURN, turn=4)
        dance = Dance("d", (Section("A", 8, (turn,)), Section("Bogen", 4)), (Item(ItemKind.TAG, ("Bogen",)),))
        index = Index(dance)
        for typed in ("halbe Drehung", "half turn", "halbe drehung von hinten"):
            self.assertEqual([h.section for h in index.find(typed)], [dance.sections[0].id], typed)
        self.assertEqual(index.find("Brücke")[0].title, "Bogen")
        self.assertEqual(index.find("ganze Drehung"), [])

    def test_titles_in_sentences_keep_their_nouns(self):
        self.assertEqual(inside("Blatt lesen"), "Blatt lesen")


class Choosing(FolderCase):
    def setUp(self):
        super().setUp()
        words.run_language.cache_clear()
        self.addCleanup(words.run_language.cache_clear)
        patches = (
            mock.patch.object(words, "chosen_file", lambda: self.folder / "config" / "language"),
            mock.patch.dict(os.environ),
        )
        for patch in patches:
            patch.start()
            self.addCleanup(patch.stop)
        for name in ("VAMOS_LANGUAGE", "LC_ALL", "LC_MESSAGES", "LANG"):
            os.environ.pop(name, None)

    def now(self) -> str:
        words.run_language.cache_clear()
        return wording.language()

    def test_the_order(self):
        """Said for this run, chosen, the desktop's (POSIX: LC_ALL before LC_MESSAGES before LANG), English."""
        self.assertEqual(self.now(), "en")
        os.environ["LANG"] = "de_AT.UTF-8"
        self.assertEqual(self.now(), "de")
        os.environ["LC_MESSAGES"] = "C.UTF-8"
        self.assertEqual(self.now(), "en")
        os.environ["LC_ALL"] = "de"
        self.assertEqual(self.now(), "de")
        words.choose("en")
        self.assertEqual(self.now(), "en")
        words.choose("")
        self.assertEqual(self.now(), "de")
        os.environ["VAMOS_LANGUAGE"] = "xx"
        self.assertEqual(self.now(), "en")

    def test_a_choice_that_cannot_be_read(self):
        path = words.chosen_file()
        path.parent.mkdir()
        for kept in (b"\xff\xfe", b"tlh\n", b""):
            path.write_bytes(kept)
            self.assertEqual(words.chosen(), "")
        path.unlink()
        path.mkdir()
        self.assertEqual(words.chosen(), "")
        with self.assertRaises(OSError):
            words.choose("de")

    def test_the_menu_goes_through_the_languages(self):
        """As the desktop, English, German, Spanish, and round; each is said, and kept for the next start."""
        told = []
        for expected in ("en", "de", "es", "", "en"):
            next_language(told.append)
            self.assertEqual(words.chosen(), expected)
        self.assertEqual(
            [t.split(": ")[1].split(".")[0] for t in told],
            ["English", "Deutsch", "Español", "as the desktop", "English"],
        )

    def test_the_menu_on_a_full_disk(self):
        told = []
        with mock.patch.object(Path, "write_text", side_effect=OSError(28, "No space left on device")):
            next_language(told.append)
        self.assertEqual(told, ["The language could not be kept: No space left on device."])
        self.assertEqual(words.chosen(), "")


class KeptFiles(FolderCase):
    def test_files_are_the_same_in_every_language(self):
        """Projects, sheets and the keys of choices hold no word of the window."""
        printed = {}
        for language, told in (("en", "Nothing was changed."), ("de", "Nichts wurde geändert.")):
            folder = self.folder / language
            folder.mkdir()
            env = os.environ | {"VAMOS_LANGUAGE": language, "PYTHONPATH": f"{ROOT}:{ROOT / 'src'}"}
            done = subprocess.run(
                [sys.executable, "-c", KEPT, str(folder)], env=env, capture_output=True, text=True, check=False
            )
            self.assertEqual((done.returncode, done.stderr.strip().splitlines()[-1:]), (0, [told]), done.stderr)
            printed[language] = done.stdout.replace(str(folder), "")
        self.assertIn("vamos", printed["en"])
        self.assertEqual(printed["en"], printed["de"])


if __name__ == "__main__":
    unittest.main()
