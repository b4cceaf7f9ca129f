"""Packs made for something: what each profile holds, how much it comes to, and the timeline for those who edit on."""

import itertools
import unittest
from dataclasses import replace
from fractions import Fraction as F
from unittest import mock

import opentimelineio as otio

from tests.core.pack.test_verify import small_project
from tests.support import FolderCase
from vamos.core.document.files import load, save
from vamos.core.model.clip import ClipSound, Look
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Output, Project
from vamos.core.model.song import MediaRef
from vamos.core.model.take import Stretch, Take, View
from vamos.core.pack.estimate import estimate
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.timeline import NAME as TIMELINE
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.plan import own_profiles as own
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.profiles import PROFILES, packed_clips, packed_project, unseen_titles
from vamos.errors import InputError, ProjectError

BY_KEY = {p.key: p for p in PROFILES}


class ProfilesTest(FolderCase):
    """Two sections of eight counts in one take; written small."""

    def setUp(self) -> None:
        super().setUp()
        project = small_project(self.folder)
        dance = Dance("d", (Section("A", 8), Section("B", 8)), (Item(ItemKind.WALL),))
        self.project = replace(project, dance=dance)
        self.out = self.folder / "pack"

    def made_for(self, key: str) -> Project:
        output = replace(BY_KEY[key].applied(self.project.output), longest_side=128)
        return replace(self.project, output=output)

    def titles(self, project: Project) -> list[str]:
        packed = packed_project(project)
        return [c.title for c in packed_clips(packed, plan_clips(packed))]

    def test_what_each_holds(self):
        self.assertEqual(self.titles(self.made_for("practice")), ["A", "B"])
        self.assertEqual(self.titles(self.made_for("along")), [])
        self.assertEqual(self.titles(self.made_for("posts")), ["A", "B"])
        self.assertEqual(self.titles(self.made_for("top")), ["A", "B", "from the top to B"])
        self.assertEqual(self.titles(self.made_for("editor")), ["A", "B"])
        self.assertEqual(self.titles(self.made_for("class")), ["B", "recap before B", "from the top to B"])

    def test_one_view_of_each_section_or_those_that_are_wanted(self):
        """Both sections are filmed from the front, A from the back as well: posts are one clip each."""
        front = self.project.takes[0]
        back = Take("b", MediaRef("t.mp4"), (Stretch(view=View.BACK),), front.passes, looked_for_passes=True)
        self.project = replace(self.project, takes=(front, back))

        def found(**wish: object) -> list[tuple[str, View]]:
            made = packed_project(replace(self.project, output=replace(self.project.output, **wish)))
            return [(c.title, c.view) for c in packed_clips(made, plan_clips(made))]

        every = found()
        self.assertEqual(len({v for _, v in every}), 2)
        self.assertEqual(found(one_view=True), [("A", View.FRONT), ("B", View.FRONT)])
        self.assertEqual({v for _, v in found(views=(View.BACK,))}, {View.BACK})
        self.assertEqual(found(views=(View.FEET,)), [])
        made = packed_project(replace(self.project, output=replace(self.project.output, views=(View.FEET,))))
        self.assertEqual(unseen_titles(made, plan_clips(made)), ("A", "B"))
        told = estimate(made, self.folder, coverage_of(made)).unseen_words()
        self.assertEqual(told, "Nothing of A and B in the views you want.")
        self.assertEqual(self.titles(self.made_for("posts")), ["A", "B"])

    def test_a_class_set_of_another_section(self):
        """Of the first section there is nothing to recap; a section that is gone is the second again."""
        made = self.made_for("class")
        first = replace(made, output=replace(made.output, new_section="A"))
        self.assertEqual(self.titles(first), ["A"])
        gone = replace(made, output=replace(made.output, new_section="Z"))
        self.assertEqual(self.titles(gone), self.titles(made))
        self.assertTrue(BY_KEY["class"].holds(replace(BY_KEY["class"].applied(Output()), new_section="A")))

    def test_a_profile_is_known_again_until_something_changes(self):
        for profile in PROFILES:
            output = profile.applied(Output())
            self.assertEqual([p.key for p in PROFILES if p.holds(output)], [profile.key])
            self.assertFalse(profile.holds(replace(output, speeds=(F(1, 4),))))

    def test_the_whole_dance_with_and_without_the_song(self):
        """Two films of the same counts at the same frames, one of them with clicks; the page offers both."""
        write_pack(self.made_for("along"), self.folder, self.out)
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        self.estimated("along")
        song, clicks = read_manifest(self.out).clips
        self.assertEqual((song.sound, clicks.sound), ("song", "clicks"))
        self.assertIn("with clicks", clicks.file)
        self.assertEqual(song.counts, clicks.counts)
        self.assertIn("sound: clicks", (self.out / "practise.html").read_text())

    def test_clean_clips_with_their_counts_on_a_timeline(self):
        """Read back by OpenTimelineIO: each clip with its film, its counts at the frames the take shows them."""
        write_pack(self.made_for("editor"), self.folder, self.out)
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        entries = {c.file: c for c in read_manifest(self.out).clips}
        self.assertEqual({c.look for c in entries.values()}, {str(Look.PLAIN)})
        timeline = otio.adapters.read_from_file(str(self.out / TIMELINE))
        clips = list(timeline.tracks[0])
        self.assertEqual({c.media_reference.target_url for c in clips}, set(entries))
        for clip in clips:
            entry = entries[clip.media_reference.target_url]
            self.assertEqual(clip.duration().value, entry.frames)
            marks = [(m.name, m.marked_range.start_time.value) for m in clip.markers]
            self.assertIn("12345678", "".join(name for name, _ in marks))
            # 120 a minute at 30 a second: a count is fifteen frames.
            gaps = {b - a for (_, a), (_, b) in itertools.pairwise(marks)}
            self.assertEqual(gaps, {15.0})
            self.assertEqual([s["film"] for s in clip.metadata["vamos"]["sources"]], ["t.mp4"])
        # The clip begins two counts (a second) before its count 1; the take is the song's second 0 on.
        first = self.project.grid.time_map()(0) - 1.0
        self.assertAlmostEqual(clips[0].metadata["vamos"]["sources"][0]["from_s"], float(first), delta=0.02)

    def test_how_much_it_comes_to(self):
        """Files and seconds are exact; more speeds are longer, higher quality and larger pictures are more bytes."""
        write_pack(self.made_for("top"), self.folder, self.out)
        self.estimated("top")
        practice = self.made_for("practice")
        larger = replace(practice, output=replace(practice.output, longest_side=1920))
        one, two = (estimate(p, self.folder, coverage_of(p)) for p in (practice, larger))
        self.assertGreater(two.size_bytes, one.size_bytes)
        self.assertIn("films", one.words())

    def estimated(self, key: str) -> None:
        """What stands in the pack is what was estimated before."""
        project, entries = packed_project(self.made_for(key)), read_manifest(self.out).clips
        found = estimate(project, self.folder, coverage_of(project))
        self.assertEqual(found.files, len(entries))
        self.assertAlmostEqual(found.film_s, sum(e.duration_s for e in entries), delta=0.1 * len(entries))

    def test_profiles_of_ones_own(self):
        """Kept, found again by name in another project, replaced, forgotten; names of Vamos's own are taken."""
        path = self.folder / "profiles.json"
        with mock.patch.object(own, "profiles_file", return_value=path):
            self.assertEqual(own.own_profiles(), ())
            output = replace(self.project.output, speeds=(F(1), F(3, 5)), sound=ClipSound.VOICE)
            own.keep_profile(" Tuesday class ", output)
            (kept,) = own.own_profiles()
            self.assertEqual((kept.key, kept.applied(Output()), kept.holds(output)), ("Tuesday class", output, True))
            own.keep_profile("Tuesday class", Output())
            self.assertEqual([p.applied(output) for p in own.own_profiles()], [Output()])
            for wrong in ("", "x" * 41, "Practice pack", "along", "a\nb"):
                with self.assertRaises(InputError):
                    own.keep_profile(wrong, output)
            own.forget_profile("Tuesday class")
            self.assertEqual(own.own_profiles(), ())

    def test_a_file_of_profiles_that_cannot_be_understood_is_left(self):
        path = self.folder / "profiles.json"
        for text in ("{", "[]", '{"profiles": {"x": {"rate": 9999}}}'):
            path.write_text(text)
            with mock.patch.object(own, "profiles_file", return_value=path):
                self.assertEqual(own.own_profiles(), ())
                with self.assertRaisesRegex(ProjectError, "no file of profiles"):
                    own.keep_profile("mine", Output())
            self.assertEqual(path.read_text(), text)

    def test_settings_come_back_from_the_file(self):
        project = self.made_for("along")
        save(project, self.folder / "p.vamos")
        self.assertEqual(load(self.folder / "p.vamos").output, project.output)
        self.assertEqual(project.output.also_sound, (ClipSound.CLICKS,))


if __name__ == "__main__":
    unittest.main()
