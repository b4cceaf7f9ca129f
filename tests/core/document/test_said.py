"""Damaged JSON is told in plain words: the field, its place, what is expected; never in words of a library."""

import json
import unittest

from tests.support import FolderCase, demo_folder
from vamos.core.document.files import load
from vamos.demo.build import PROJECT
from vamos.errors import VamosError

#: Signs and words that decoders use and dancers do not.
LIBRARY = ("`", "$.", "Expected", "got ", "codec", "byte", "int()", "literal", "Object", "NoneType", "object has")


class SaidTest(FolderCase):
    def refused(self, text: str | bytes) -> str:
        path = self.folder / "p.vamos"
        path.write_bytes(text if isinstance(text, bytes) else text.encode())
        with self.assertRaises(VamosError) as caught:
            load(path)
        said = str(caught.exception)
        for word in LIBRARY:
            self.assertNotIn(word, said.replace(str(path), ""))
        return said

    def damaged(self, change) -> str:
        kept = json.loads((demo_folder() / PROJECT).read_text())
        change(kept["project"])
        return self.refused(json.dumps(kept))

    def test_which_field_of_which_entry_and_what_is_expected(self):
        def clips(p):
            p["takes"][1]["passes"] = "none"

        self.assertIn("the field “passes” of “takes” 2 is words, where a list is expected", self.damaged(clips))

    def test_a_number_a_name_a_value(self):
        def number(p):
            p["song"]["grid"]["meter"] = "four"

        self.assertIn("the field “meter” of “grid” of “song” is words, where a whole number", self.damaged(number))

        def value(p):
            p["dance"]["sections"][0]["events"][0]["kind"] = "jump about"

        said = "the field “kind” of “events” 1 of “sections” 1 of “dance” has a value that Vamos does not know: 'jump about'"
        self.assertIn(said, self.damaged(value))

    def test_cut_short_and_no_text(self):
        whole = (demo_folder() / PROJECT).read_bytes()
        self.assertIn("it ends in the middle", self.refused(whole[:2000]))
        self.assertIn("stands at character 301 does not belong", self.refused(whole[:300] + b"\x95" + whole[301:]))
        self.assertIn("character 3 does", self.refused("{ 3: 4 }"))
        self.assertIn("too deeply", self.refused("[" * 100_000))


if __name__ == "__main__":
    unittest.main()
