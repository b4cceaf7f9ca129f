"""The Cut stop: brackets, cards, ranges, versions in the mirror, passes side by side."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtGui import QImage
from PyQt6.QtTest import QTest

from tests.ui.qt import StopCase
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Arrangement, Choice, Look
from vamos.core.model.look import Lane, Shape, Style
from vamos.core.model.take import View
from vamos.ui.preview.pictures import to_image

Ctrl, Shift, Alt = (
    Qt.KeyboardModifier.ControlModifier,
    Qt.KeyboardModifier.ShiftModifier,
    Qt.KeyboardModifier.AltModifier,
)


class CutCase(StopCase):
    STOP = "Cut"

    def clip(self):
        return self.window.desk.clip()

    def picture(self) -> QImage:
        """The mirror's picture once nothing more comes."""
        self.until(lambda: self.window.mirror.image is not None, "a picture")
        return self.window.mirror.image

    def bracket(self, start: bool) -> QPoint:
        """Where a bracket stands on the page."""
        for line in self.page._edge_lines(self.page.verticalScrollBar().value()):
            for is_start, x in line.edges_of(self.page.brackets[0]):
                if is_start == start:
                    return QPoint(int(x) + (3 if start else -3), line.top + line.height // 2)
        raise AssertionError("no bracket on the page")

    def drag(self, start: QPoint, end: QPoint) -> None:
        view = self.page.viewport()
        QTest.mousePress(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, start)
        QTest.mouseMove(view, (start + end) / 2)
        QTest.mouseMove(view, end)
        QTest.mouseRelease(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, end)
        self.settle()


class LookedTest(CutCase):
    """A clip that asks for a look is looked at and found right, until something about it changes."""

    def setUp(self) -> None:
        super().setUp()
        # The spoiled take is chosen: someone walks through its passes.
        for clip in self.window.session.facts.clips:
            if clip.view is View.FRONT and clip.title in ("Gate walk", "Fan sweep"):
                self.window.session.do("spoiled", lambda p, k=clip.key: choose(p, Choice(k, take="front spoiled")))
        self.settle()

    def asking(self) -> list[str]:
        return [c.key for c in self.window.session.facts.clips if c.asks]

    def test_the_main_button_goes_through_them_and_leads_on(self):
        before = self.asking()
        self.assertTrue(before)
        self.key(Qt.Key.Key_N, Qt.KeyboardModifier.AltModifier)
        self.settle()
        for left in range(len(before), 0, -1):
            self.assertEqual(len(self.asking()), left)
            self.assertIn(self.clip().key, before)
            self.assertEqual(self.window.room.main_action().text, "I looked, it is right")
            self.key(Qt.Key.Key_Return)
            self.settle()
        self.assertEqual(self.asking(), [])
        self.assertEqual(self.window.room.main_action().text, "On to the pack")
        self.assertTrue(all(c.problems for c in self.window.session.facts.clips if c.key in before), "still said")

    def test_what_changes_is_asked_again(self):
        self.key(Qt.Key.Key_N, Qt.KeyboardModifier.AltModifier)
        self.settle()
        key = self.clip().key
        self.key(Qt.Key.Key_R, Qt.KeyboardModifier.AltModifier)
        self.settle()
        self.assertNotIn(key, self.asking())
        self.window.session.do("flip", lambda p: choose(p, Choice(key, flip=not self.clip().flip)))
        self.settle()
        self.assertIn(key, self.asking())
        self.key(Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
        self.settle()
        self.assertNotIn(key, self.asking())


class EdgesTest(CutCase):
    def test_a_bracket_is_dragged_and_snaps_to_half_counts(self):
        """The end bracket goes 1.6 counts to the right: a run-out of two and a half; Ctrl+Z takes it back."""
        end = self.bracket(False)
        count = int(self.page._layout.count_width * 1.6)
        self.drag(end, end + QPoint(count, 0))
        self.assertEqual(self.clip().run_out, F(5, 2))
        self.assertEqual(self.page.brackets[0], self.clip().shown)
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.clip().run_out, 1)

    def test_the_start_bracket_may_go_into_the_section(self):
        start = self.bracket(True)
        line = self.window.session.lines[self.first + 1]
        there = next(x for x in self.page._edge_lines(self.page.verticalScrollBar().value()) if x.line == line)
        self.drag(start, QPoint(int(self.page._layout.x(3)), there.top + 5))
        self.assertEqual(self.clip().shown.start, line.start + 3)

    def test_edges_by_key(self):
        """[ and ] on the count stood on; frames by Ctrl and Alt with them; all forgotten by one button."""
        line = self.window.session.lines[self.first + 1]
        self.key(Qt.Key.Key_3)
        self.key(Qt.Key.Key_BracketLeft)
        self.key(Qt.Key.Key_7)
        self.key(Qt.Key.Key_BracketRight)
        self.assertEqual((self.clip().shown.start, self.clip().shown.end), (line.start + 2, line.start + 6))
        self.key(Qt.Key.Key_BracketRight, Ctrl)
        self.key(Qt.Key.Key_BracketLeft, Alt)
        self.assertEqual(self.clip().nudge, (1, -1))
        self.click(self.panel_button("Back to Vamos’s choice for all"))
        self.assertEqual((self.clip().run_up, self.clip().nudge), (2, (0, 0)))


class CardsTest(CutCase):
    def test_a_card_chooses_the_view(self):
        from vamos.ui.parts.buttons import Card

        self.settle()
        cards = [c for c in self.window.panel.findChildren(Card) if c.isVisible()]
        self.assertGreaterEqual(len(cards), 3)
        self.click(next(c for c in cards if ", back:" in c.accessibleName()))
        self.assertIs(self.clip().view, View.BACK)

    def test_left_out_and_taken_back(self):
        before = len(self.window.session.facts.clips)
        clip = self.clip()
        self.click(self.panel_button("Leave out"))
        self.assertEqual(len(self.window.session.facts.clips), before - 1)
        self.click(self.panel_button(f"Bring back {clip.title}, {clip.view}"))
        self.assertEqual(len(self.window.session.facts.clips), before)

    def test_taken_back_with_what_else_was_decided(self):
        """Flipped by hand, left out, taken back: still flipped by hand."""
        flip, words = self.clip().flip, f"{self.clip().title}, {self.clip().view}"
        self.key(Qt.Key.Key_M)
        self.click(self.panel_button("Leave out"))
        self.click(self.panel_button(f"Bring back {words}"))
        self.assertEqual(self.clip().flip, not flip)

    def test_a_part_of_a_line_as_it_is_said(self):
        """“3& to 6” typed in the panel: a clip on halves, shown at once; what cannot be is said and changes nothing."""
        line = self.window.desk.line()
        self.window.rooms["Cut"].commands.add_part("3& to 60")
        self.assertIn("60 is not one of them", self.window.status.words.text())
        self.assertEqual(self.window.session.project.ranges, ())
        field = self.field("Counts of this line as a clip")
        field.setText("3& to 6")
        QTest.keyClick(field, Qt.Key.Key_Return)
        (wanted,) = self.window.session.project.ranges
        self.assertEqual((wanted.counts.start, wanted.counts.end), (line.start + F(5, 2), line.start + 6))
        self.assertEqual(self.window.desk.preview.watched.chosen_range, wanted.id)

    def test_a_range_of_one_s_own(self):
        """The join of two lines by one button: it is watched at once, is one clip more a view, and goes again."""
        self.click(self.panel_button("+ Fan sweep and Lantern step"))
        clip = self.clip()
        self.assertEqual(clip.title, "Fan sweep and Lantern step")
        self.assertEqual(clip.counts.length, 16)
        self.assertEqual(self.window.preview.scene().clip, clip)
        self.click(self.panel_button("Take away"))
        self.assertEqual(self.clip().title, "Fan sweep")

    def test_looks_are_edits(self):
        """Style, lanes, shape: undone one by one, and seen in the mirror's own words."""
        self.window.rooms["Cut"].commands.set_style(Style.STRIP)
        self.window.rooms["Cut"].commands.toggle_lane(Lane.NEXT)
        self.window.rooms["Cut"].commands.set_shape(Shape.SQUARE)
        out = self.window.session.project.output
        self.assertEqual(
            (out.overlay.style, Lane.NEXT in out.overlay.lanes, out.framing.shape), (Style.STRIP, False, Shape.SQUARE)
        )
        self.window.preview.show_place(self.page.position)
        self.until(lambda: self.picture().width() == self.picture().height(), "a square picture")
        for _ in range(3):
            self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.window.session.project.output.overlay.style, Style.CORNER)

    def test_a_check_box_shows_a_lane(self):
        self.click(self.field("Show foot"), 10, 12)
        self.assertIn(Lane.FEET, self.window.session.project.output.overlay.lanes)


class WatchingTest(CutCase):
    def test_the_mirror_shows_the_frame_of_the_clip(self):
        """Standing on count 3, the mirror asks for the first frame of the export that shows a 3."""
        self.key(Qt.Key.Key_3)
        scene, frame = self.window.preview._asked
        self.assertEqual(scene.clip, self.clip())
        with scene.composer(_quiet()) as composer:
            self.assertEqual([composer.shown(k).number for k in (frame - 1, frame)], ["2", "3"])
        self.picture()

    def test_space_plays_the_clip_once_and_comes_back(self):
        """From its run-up; the page stays on its line; at the end it stands where it was begun."""
        playback = self.window.preview.playback
        at = self.page.position
        self.key(Qt.Key.Key_Space)
        first, last = self.window.preview.scene().song_range_s
        self.assertAlmostEqual(playback._from[1], first)
        playback._from = (playback._from[0], last - 0.1)
        self.until(lambda: not playback.playing, "the clip ends")
        self.assertEqual((self.page.current, self.page.position), (self.first + 1, at))

    def test_looped_it_goes_from_8_into_1(self):
        """The run-up is seen once; round and round go the eight counts."""
        playback = self.window.preview.playback
        self.key(Qt.Key.Key_L)
        self.key(Qt.Key.Key_Space)
        scene = self.window.preview.scene()
        clock = self.window.session.project.grid.time_map()
        self.assertAlmostEqual(playback._from[1], scene.song_range_s[0])
        first, last = (clock(at) for at in (scene.clip.counts.start, scene.clip.counts.end))
        np.testing.assert_allclose(playback.loop, (first, last), atol=1e-6)
        playback._from = (playback._from[0], last - 0.05)
        self.until(lambda: first - 0.01 <= playback.song_s < first + 1, "round again")
        self.assertTrue(playback.playing)
        self.key(Qt.Key.Key_Space)

    def test_versions_one_after_another(self):
        """Shift+V: with counts, to progress, half-time, double time, as filmed, side by side, with feet; in half-time the song keeps its speed."""
        kinds = []
        for _ in range(6):
            self.key(Qt.Key.Key_V, Shift)
            kinds.append(self.window.preview.watched.kind)
        self.assertIs(kinds[0].look, Look.PLAIN)
        self.assertTrue(kinds[1].half_time)
        self.assertTrue(kinds[2].double_time)
        self.assertTrue(kinds[3].as_filmed)
        self.assertEqual([k.arrangement for k in kinds[4:]], [Arrangement.BESIDE, Arrangement.FEET])
        self.window.preview.watched.kind = kinds[1]
        self.key(Qt.Key.Key_Space)
        self.assertEqual(self.window.preview.playback.speed, F(1))
        scene = self.window.preview.scene()
        clip, clock = scene.clip, self.window.session.project.grid.time_map()
        # The 1 of the dance is heard with its own beat, each later count with every second one.
        for k in range(4):
            self.assertAlmostEqual(
                scene.counts_to_song(clip.counts.start + k), clock(clip.counts.start + 2 * k), places=6
            )
            self.assertAlmostEqual(
                scene.song_to_counts(clock(clip.counts.start + 2 * k)), clip.counts.start + k, places=6
            )
        self.key(Qt.Key.Key_Space)

    def test_side_by_side_is_wider(self):
        self.picture()
        for _ in range(5):
            self.key(Qt.Key.Key_V, Shift)
        self.until(lambda: self.picture().width() > 1.7 * self.picture().height(), "two pictures")
        self.assertEqual(len(self.window.preview.scene().composer(_quiet()).films), 2)

    def test_frames_by_comma_and_full_stop(self):
        """A frame of the clip on: a thirtieth of a second of the output, at half speed half of that of the song."""
        for _ in range(3):
            self.key(Qt.Key.Key_S)
        self.assertEqual(self.window.preview.watched.speed, F(1, 2))
        clock = self.window.session.project.grid.time_map()
        before = clock(self.page.position)
        self.key(Qt.Key.Key_Period)
        self.assertAlmostEqual(clock(self.page.position) - before, 0.5 / 30, delta=0.001)

    def test_narrow_pictures_have_no_black_edge(self):
        """Widths that the scaler does not like keep their last columns."""
        for width in (176, 178, 180, 182):
            planes = np.full((90, width), 180, np.uint8), *(np.full((45, width // 2), 128, np.uint8) for _ in "uv")
            image = to_image(*planes)
            self.assertEqual(image.width(), width)
            self.assertEqual(
                {image.pixelColor(x, 40).red() for x in range(width - 12, width)}, {image.pixelColor(4, 40).red()}
            )


def _quiet():
    from vamos.core.progress import quiet

    return quiet()


class LoopSoundTest(CutCase):
    def test_the_loop_s_sound_has_no_gap_and_is_the_clip_s(self):
        """From the run-up on, then the eight counts end to end: as long as the loop, each round the same."""
        watching = self.window.preview
        self.until(lambda: watching.playback.sound is not None, "the song is read")
        watching.looping = True
        watching._set_loop()
        playback, scene = watching.playback, watching.scene()
        playback.speed = scene.version.picture_speed
        playback.song_s = scene.song_range_s[0]
        source, feed = playback.maker()()
        self.addCleanup(feed.close)
        rate = source.rate
        round_s = playback.loop[1] - playback.loop[0]
        wanted = round((playback.loop[1] - playback.song_s + 4 * round_s) * rate)
        raw = b""
        while len(raw) < 4 * wanted:
            self.assertTrue(feed.first(10))
            raw += feed.readData(65536)
        self.assertEqual(feed.filled, 0)
        samples = np.frombuffer(raw, "<i2").reshape(-1, 2) / np.float32(32767)
        head = round((playback.loop[1] - playback.song_s) * rate)
        round_ = round((playback.loop[1] - scene.song_range_s[0]) * rate) - round(
            (playback.loop[0] - scene.song_range_s[0]) * rate
        )
        rounds = samples[head : head + 3 * round_].reshape(3, round_, -1)
        np.testing.assert_array_equal(rounds[0], rounds[2])
        # Nothing silent at the joins: the song goes on up to a few milliseconds before and after.
        join = np.abs(samples[head - round(0.05 * rate) : head + round(0.05 * rate)]).max(axis=1)
        quiet = np.flatnonzero(join > 0.01 * np.abs(samples).max())
        self.assertLess(np.diff(quiet).max(), round(0.03 * rate))
        clicked = scene.sound(playback.sound, clicks=True)
        self.assertGreater(np.abs(clicked - 0.7 * scene.sound(playback.sound)).max(), 0.2)
        whole = scene.sound(playback.sound)
        np.testing.assert_allclose(samples[: head // 2], np.clip(whole[: head // 2], -1, 1), atol=1e-4)


class CompareTest(CutCase):
    def test_passes_side_by_side_in_step(self):
        """C: the chosen one first; the same count in all; another is used by its button."""
        before = self.clip()
        self.key(Qt.Key.Key_C)
        compare = self.commands().chooser.pictures
        self.assertTrue(self.window.center.view is self.commands().chooser)
        self.assertGreaterEqual(len(compare.sides), 2)
        self.until(lambda: all(m.image is not None for m in compare.pictures), "pictures")
        for side in compare.sides[:2]:
            self.assertGreater(side.counts_to_take(self.page.position), 0.0)
        self.assertTrue(compare.sides[0].chosen)
        compare._choose(compare.sides[1])
        self.assertFalse(self.window.center.view is self.commands().chooser)
        self.assertNotEqual((self.clip().take, self.clip().pass_number), (before.take, before.pass_number))

    def test_again_goes_back(self):
        self.key(Qt.Key.Key_C)
        self.key(Qt.Key.Key_C)
        self.assertFalse(self.window.center.view is self.commands().chooser)
        self.assertEqual(self.commands().chooser.pictures.sides, [])

    def test_nothing_to_compare(self):
        only = self.window.session.project.take("front")
        self.window.session.do("only", lambda p: replace(p, takes=(only,)))
        self.key(Qt.Key.Key_C)
        self.assertIn("only one pass", self.window.status.words.text())

    def test_where_the_song_repeats_the_places_stand_side_by_side(self):
        """One question with the candidates playable; using one moves the pass there."""
        take = self.window.session.project.take("front")
        twice = replace(take.passes[0], also_at_song_s=(30.0,))
        self.window.session.do("twice", lambda p: replace(p, takes=(replace(take, passes=(twice,)),)))
        self.key(Qt.Key.Key_3, Ctrl)
        self.click(self.panel_button("Look at them"))
        places = self.window.rooms["Film"].commands.places
        self.assertIs(self.window.center.view, places)
        self.assertEqual(len(places.pictures.sides), 2)
        places.pictures._choose(places.pictures.sides[1])
        moved = self.window.session.project.take("front").passes[0]
        self.assertAlmostEqual(moved.clock(moved.take_range.start_s), 30.0)


if __name__ == "__main__":
    unittest.main()
