"""What is sent along with a pack: each section once, its views and speeds, the rights."""

import unittest
from dataclasses import replace

from vamos.core.pack.manifest import ClipEntry
from vamos.core.pack.summary import summary

ENTRY = ClipEntry(
    "clips/01 gate walk mirrored 100.mp4",
    "",
    2_000_000,
    "Gate walk",
    "front",
    "mirrored: copy the screen",
    True,
    1.0,
    "song",
    960,
    540,
    "30",
    300,
    10.0,
    "",
    (),
    (),
    -16.0,
    (),
)


class SummaryTest(unittest.TestCase):
    def test_a_section_is_one_line(self):
        clips = [
            ENTRY,
            replace(ENTRY, speed=0.75),
            replace(ENTRY, look="to watch"),
            replace(ENTRY, sound="clicks"),
            replace(ENTRY, view="back", label="back view", half_time=True),
            replace(ENTRY, title="Fan sweep", shows="feet", arrangement="feet in a corner"),
            replace(ENTRY, file="run-through mirrored.mp4", title="Run-through", duration_s=94.4),
            replace(ENTRY, file="run-through mirrored silent.mp4", sound="none", duration_s=94.4),
        ]
        text = summary("Fan parade", clips, "Rights are yours to clear.")
        self.assertIn("8 films, 4 min long together, 16 MB.", text)
        self.assertIn(
            "Gate walk: mirrored at 100 %, 75 %, 100 % (without counts), 100 % (with clicks); back view at 100 % (half-time)\n",
            text,
        )
        self.assertIn("Fan sweep: mirrored at 100 % (feet, feet in a corner)\n", text)
        self.assertIn("The whole dance, front, 1:34, with the song\nThe whole dance, front, 1:34, silent\n", text)
        self.assertIn("Rights are yours to clear.", text)

    def test_one_small_film(self):
        self.assertIn("1 film, 10 s long together, 2 MB.", summary("Fan parade", [ENTRY], ""))


if __name__ == "__main__":
    unittest.main()
