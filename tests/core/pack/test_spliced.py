"""A run-through of pieces: written, decoded, compared with the films it came from."""

import json
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import av
import numpy as np

from tests.support import FolderCase, grid_at
from vamos.core.media.sound import Sound, write_wav
from vamos.core.model.clip import Cards, ClipSound, RunThrough
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Output, Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Danced, Pass, PassKind, Stretch, Take
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.time import TimeMap, TimeRange

TWO_WALLS = Dance("d", (Section("A", 8), Section("B", 8)), (Item(ItemKind.WALL), Item(ItemKind.WALL)))


def half_and_half(path: Path, left: int, right: int, size: tuple[int, int], seconds: float) -> None:
    """A film whose left and right halves have a grey of their own, so that films and flips can be told."""
    width, height = size
    with av.open(str(path), "w") as out:
        stream = out.add_stream("libx264", rate=30)
        stream.width, stream.height, stream.pix_fmt = width, height, "yuv420p"
        stream.options = {"preset": "ultrafast", "crf": "12"}
        luma = np.full((height * 3 // 2, width), 128, np.uint8)
        luma[:height, : width // 2], luma[:height, width // 2 :] = left, right
        for _ in range(round(seconds * 30)):
            out.mux(stream.encode(av.VideoFrame.from_ndarray(luma, format="yuv420p")))
        out.mux(stream.encode(None))


class SplicedPackTest(FolderCase):
    """Wall 1 is spoiled in the one film, wall 2 in the other: the run-through takes the good halves."""

    def setUp(self) -> None:
        super().setUp()
        rng = np.random.default_rng(0)
        write_wav(self.folder / "s.wav", Sound((0.1 * rng.standard_normal((48000 * 20, 2))).astype(np.float32), 48000))
        half_and_half(self.folder / "own.mp4", 60, 100, (160, 90), 20)
        half_and_half(self.folder / "mirrored.mp4", 160, 220, (90, 160), 20)
        grid = grid_at(120, 39, 0.5, 4)
        self.middle = float(grid.time_map()(16))
        one, two = Stretch(), Stretch(danced=Danced.MIRRORED)
        takes = (
            self.take("own.mp4", (replace(one, trouble="a walk-on"), replace(one, start_take_s=self.middle - 0.05))),
            self.take("mirrored.mp4", (two, replace(two, start_take_s=self.middle + 0.05, trouble="a phone rings"))),
        )
        output = Output(longest_side=160, speeds=(F(1),), sound=ClipSound.CLICKS, sections=False)
        self.project = Project("p", Song(MediaRef("s.wav"), "s", grid), TWO_WALLS, takes, output=output)
        self.out = self.folder / "pack"

    def take(self, file: str, stretches: tuple[Stretch, ...]) -> Take:
        the_pass = Pass(PassKind.SONG, TimeRange(0, 20), TimeMap.line(), 0.9)
        return Take(file, MediaRef(file), stretches, (the_pass,), True)

    def written(self) -> tuple[object, list[np.ndarray]]:
        write_pack(self.project, self.folder, self.out)
        entry = next(c for c in read_manifest(self.out).clips if c.title == "run-through")
        with av.open(str(self.out / entry.file)) as film:
            return entry, [f.to_ndarray(format="yuv420p")[: f.height] for f in film.decode(video=0)]

    def test_each_half_comes_from_the_good_film_flipped_for_itself(self):
        """Left of the screen is what a learner's left does: own is flipped, mirrored is not; the joint is on count 1."""
        entry, frames = self.written()
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        self.assertEqual([p.flipped for p in entry.pieces], [False, True])
        self.assertEqual((entry.width, entry.height), (90, 160) if frames[0].shape == (160, 90) else (160, 90))
        first = float(self.project.grid.time_map()(0))
        joint = next(k for k, f in enumerate(frames) if f[f.shape[0] // 2, f.shape[1] // 4] < 130)
        shown_from = next(frame for frame, number in entry.counts if number == "1" and frame > len(frames) / 3)
        self.assertLessEqual(abs(joint - shown_from), 1)
        for frame, left, right in ((frames[joint - 40], 160, 220), (frames[joint + 40], 100, 60)):
            height, width = frame.shape
            columns = frame[height // 2, [width // 2 - 12, width // 2 + 12]].astype(int)
            self.assertLess(abs(columns[0] - left), 12)
            self.assertLess(abs(columns[1] - right), 12)
        self.assertAlmostEqual(self.middle - first, 8.0, places=3)

    def test_verify_sees_a_piece_that_was_flipped(self):
        entry, _ = self.written()
        text = (self.out / "manifest.json").read_text()
        (self.out / "manifest.json").write_text(
            text.replace('"flipped": true,\n     "proof"', '"flipped": false,\n     "proof"')
        )
        bad = {f.what for f in verify_pack(self.out) if not f.good and f.file == entry.file}
        self.assertTrue(any(w.startswith("flip of piece") for w in bad), bad)

    def test_part_of_the_dance_and_none(self):
        output = replace(self.project.output, run_through=RunThrough(first=F(0), last=F(16)))
        self.project = replace(self.project, output=output)
        entry, _ = self.written()
        self.assertEqual(entry.pieces, ())
        # The pass holds two counts more, which run out.
        self.assertEqual([n for _, n in entry.counts][-10:], list("1234567812"))
        none = replace(output, run_through=RunThrough(wanted=False), sections=True)
        self.project = replace(self.project, output=none)
        write_pack(self.project, self.folder, self.out)
        self.assertNotIn("run-through", [c.title for c in read_manifest(self.out).clips])

    def test_cards_fill_the_picture_before_and_after_and_are_verified(self):
        """The song begins 4 counts before the run-up; sides of pieces are checked where a film is seen."""
        output = self.project.output
        wish = RunThrough(cards=Cards(title=2, section=2, end=4))
        self.project = replace(self.project, output=replace(output, run_through=wish))
        entry, frames = self.written()
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        cards = [(at, state.card[0]) for at, state in entry.states if state.card is not None]
        self.assertEqual([title for _, title in cards], ["d", "d"])
        for at, _ in cards:
            # Paper in the corners, on the first frame of a card as after it.
            for frame in (frames[at], frames[min(len(frames) - 1, at + 5)]):
                self.assertTrue((frame[[2, 2, -3, -3], [2, -3, 2, -3]] > 200).all())
        self.assertTrue((frames[cards[1][0] - 1][2, 2]) < 200)
        # A manifest that names another card is told.
        manifest = json.loads((self.out / "manifest.json").read_text())
        for _, state in next(c for c in manifest["clips"] if c["title"] == "run-through")["states"]:
            state["card"] = state["card"] and ["another dance altogether", "with other words\n" * 9]
        (self.out / "manifest.json").write_text(json.dumps(manifest))
        self.assertEqual({f.what for f in verify_pack(self.out) if not f.good}, {"cards", "digest"})
