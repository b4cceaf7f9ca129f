"""What is read beside the films, changed by somebody who signs it again: timeline, summary, sheets."""

import functools
import json
import unittest
from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import vamos.language  # noqa: F401 - hands the phrases in
from tests.core.pack.test_verify import small_project
from tests.core.pack.test_verify_heard import ForgedCase
from tests.support import shared_folder, write_song
from vamos.core.dance.section_text import read_notation
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.page_read import data_of
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.time import Feel


@functools.cache
def danced_pack() -> Path:
    """A dance of two sections, half-time too, handed out in German."""
    made = shared_folder("danced pack")
    project = small_project(made)
    lines = ("vine R 1-4, shuffle L 5&6, rock R back 7, recover L 8", "step R 1, pivot ½ left L 2, walk R 3, walk L 4")
    sections = [Section(n, 8, read_notation(t, Feel.STRAIGHT, {})[0]) for n, t in zip("AB", lines, strict=True)]
    easier = tuple(replace(e, easier="march in place") if e.start == 1 else e for e in sections[1].events)
    sections[1] = replace(sections[1], events=easier)
    dance = Dance("Harbour", tuple(sections), (Item(ItemKind.WALL),))
    output = replace(project.output, speeds=(F(1),), half_time=True, plain=True, language="de")
    write_song(made / "s.wav", 120, 12)
    write_pack(replace(project, dance=dance, output=output), made, made / "pack")
    return made / "pack"


class SheetsTest(ForgedCase):
    made = staticmethod(danced_pack)

    def change(self, file: str, old: str, new: str) -> set[tuple[str, str]]:
        text = (self.made() / file).read_text()
        self.assertIn(old, text)
        (self.out / file).write_text(text.replace(old, new, 1))
        self.forge()
        return {(f.file, f.what) for f in verify_pack(self.out) if not f.good}

    def timeline(self, change: Callable[[list], None]) -> set[str]:
        kept = json.loads((self.made() / "clips.otio").read_text())
        change(kept["tracks"]["children"][0]["children"])
        (self.out / "clips.otio").write_text(json.dumps(kept))
        self.forge()
        return self.bad("clips.otio")

    def test_an_untouched_pack_holds(self):
        """Half-time clips and those without counts among them; the summary and the page are German."""
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        files = {f.file for f in verify_pack(self.out)}
        self.assertLessEqual({"summary.txt", "clips.otio", "count sheet.md"}, files)
        self.assertTrue(all(c.counts_told() for c in read_manifest(self.out).clips))

    def test_a_mark_of_the_timeline_moved_or_named_otherwise(self):
        def moved(clips):
            clips[0]["markers"][3]["marked_range"]["start_time"]["value"] += 8

        def renamed(clips):
            clips[1]["markers"][2]["name"] = "7"

        self.assertEqual(self.timeline(lambda _clips: None), set())
        self.assertEqual(self.timeline(moved), {"counts"})
        self.assertEqual(self.timeline(renamed), {"counts"})

    def test_a_film_of_the_timeline_left_out_twice_or_longer(self):
        def longer(clips):
            clips[0]["media_references"]["DEFAULT_MEDIA"]["available_range"]["duration"]["value"] += 30

        self.assertEqual(self.timeline(lambda clips: clips.pop()), {"timeline"})
        self.assertEqual(self.timeline(lambda clips: clips.append(clips[0])), {"timeline"})
        self.assertEqual(self.timeline(longer), {"counts"})

    def test_a_timeline_that_is_none(self):
        whole = (self.out / "clips.otio").read_text()
        # The last one is what made the library raise a KeyError: a letter too many within a number.
        for broken in (
            '{"OTIO_SCHEMA": "Timeline.1", "tracks": 7}',
            whole[:-300],
            whole.replace('"value": ', '"value": -x', 1),
        ):
            (self.out / "clips.otio").write_text(broken)
            self.forge()
            self.assertEqual(self.bad("clips.otio"), {"timeline"})

    def test_the_summary_says_another_speed_or_nothing_of_the_rights(self):
        text = (self.made() / "summary.txt").read_text()
        self.assertIn("100 %", text)
        self.assertEqual(self.change("summary.txt", "100 %", "50 %"), {("summary.txt", "summary")})

    def test_a_step_changed_in_one_of_the_sheets(self):
        """In the table the text and the page differ, in the text only it, on the page only that."""
        first = self.change("count sheet.csv", "recover", "stomp")
        self.assertEqual(first, {("count sheet.md", "sheet"), ("practise.html", "sheet")})
        (self.out / "count sheet.csv").write_bytes((self.made() / "count sheet.csv").read_bytes())
        self.assertEqual(self.change("count sheet.md", "recover", "stomp"), {("count sheet.md", "sheet")})
        (self.out / "count sheet.md").write_bytes((self.made() / "count sheet.md").read_bytes())
        self.assertEqual(self.change("practise.html", '"recover"', '"stomp"'), {("practise.html", "sheet")})

    def test_what_the_page_writes_when(self):
        """Words at a count, as danced and in the easier form, on its sheet and beside its film."""
        page = (self.made() / "practise.html").read_text()
        data = data_of(page)
        film = data["sections"][1]["views"][0]["film"]
        self.assertEqual([s["forms"][0]["name"] for s in data["sections"] if s["forms"]], ["leichter"])
        for rows, words, what in (
            (film["states"], "pivot", "counts"),
            (film["forms"]["leichter"], "march in place", "sheet"),
            ([r["cells"] for r in data["sections"][1]["forms"][0]["rows"]], "march in place", "sheet"),
        ):
            row = next(r for r in rows if words in r)
            before, at = list(row), row.index(words)
            row[at] = "spin"
            text = json.dumps(data, ensure_ascii=False).replace("<", "\\u003c")
            changed = page[: page.index('id="data">') + 10] + text + page[page.index("</script>") :]
            (self.out / "practise.html").write_text(changed)
            self.forge()
            self.assertIn(("practise.html", what), {(f.file, f.what) for f in verify_pack(self.out) if not f.good})
            row[:] = before

    def test_a_sheet_that_cannot_be_read(self):
        (self.out / "count sheet.csv").write_bytes(b"\xff\xfe\x00what")
        self.forge()
        self.assertEqual(self.bad("count sheet.csv"), {"sheet"})


if __name__ == "__main__":
    unittest.main()
