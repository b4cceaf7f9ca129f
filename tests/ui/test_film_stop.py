"""The Film stop: marks while watching, the list of what to film, placing by hand."""

import unittest
from dataclasses import replace
from pathlib import Path

import scipy.io.wavfile
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QScrollArea

from tests.support import demo_folder
from tests.ui.qt import StopCase
from vamos.core.edit.takes import replace_take
from vamos.core.media.sound import read_sound
from vamos.core.model.take import Danced, SaidSide, Spoken, View
from vamos.demo.build import SONG
from vamos.ui.stops.film.view_question import ViewQuestion

Ctrl, Alt = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.AltModifier
Shift = Qt.KeyboardModifier.ShiftModifier


class FilmStopTest(StopCase):
    def test_a_mark_from_here_on(self):
        """Alt+B while the front take stands in the mirror: back from this count on, one key to take it back."""
        at = self.window.rooms["Film"].commands.moment()
        self.key(Qt.Key.Key_B, Alt)
        stretches = self.take(at[0].name).stretches
        self.assertEqual([s.view for s in stretches], [View.FRONT, View.BACK])
        self.assertAlmostEqual(stretches[1].start_take_s, at[1])
        texts = [s.text for s in self.window.content.row(self.first + 2).strips]
        self.assertTrue(any(t.startswith(f"{at[0].name} · back") for t in texts), texts)
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(len(self.take(at[0].name).stretches), 1)

    def test_what_takes_show_is_asked_once_for_all_whose_names_say_nothing(self):
        """Two takes are only guessed to be from the front: one is said to be from the back, the button agrees to the other."""
        self.window.go_to_stop("Film")

        def guessed(project):
            for name in ("front", "back"):
                take = next(t for t in project.takes if t.name == name)
                one = replace(take.stretches[0], view=View.FRONT, guessed=True)
                project = replace_take(project, replace(take, stretches=(one, *take.stretches[1:])))
            return project

        self.window.session.do("guessed", guessed)
        self.settle()
        self.assertIn("What do these show?", self.panel_text())
        self.assertEqual(self.window.status.main.text(), "Yes, that is what they show")
        self.click(next(b for b in self.panel_buttons("2 Back") if b.accessibleName() == "back shows: Back"))
        self.settle()
        self.assertEqual(
            (self.take("back").stretches[0].view, self.take("back").stretches[0].guessed), (View.BACK, False)
        )
        self.click(self.window.status.main)
        self.settle()
        self.assertFalse(any(s.guessed for t in self.window.session.project.takes for s in t.stretches))
        self.assertNotIn("What do these show?", self.panel_text())
        self.assertEqual(self.take("front").stretches[0].view, View.FRONT)

    def test_what_takes_show_by_digits_with_their_pictures_in_sight(self):
        """A digit answers the take in focus and goes to the next; on the page it still goes to a count."""
        self.window.go_to_stop("Film")
        thumbs = self.window.media.thumbs
        self.until(lambda: len(thumbs._images) == len(self.window.session.project.takes), "thumbnails")

        def guessed(project):
            for name in ("front", "back", "feet"):
                take = next(t for t in project.takes if t.name == name)
                one = replace(take.stretches[0], view=View.FRONT, guessed=True)
                project = replace_take(project, replace(take, stretches=(one, *take.stretches[1:])))
            return project

        self.window.session.do("guessed", guessed)
        self.settle()
        cards = {w._name: w for w in self.window.findChildren(ViewQuestion) if w.isVisible()}
        self.assertEqual(set(cards), {"front", "back", "feet"})
        for name, card in cards.items():
            pictures = [p.pixmap().toImage() for p in card.pictures]
            due = thumbs.at(self.take(name).media.fingerprint, 0.5 * self.take(name).media.duration_s)
            self.assertFalse(any(p.isNull() for p in pictures))
            small = pictures[1].scaled(due.size()).convertToFormat(due.format())
            middle = due.rect().center()
            apart = [abs(a - b) for a, b in zip(small.pixelColor(middle).getRgb(), due.pixelColor(middle).getRgb(), strict=True)]  # fmt: skip
            self.assertLess(max(apart), 60, name)
        first = next(w for w in self.window.panel.fields() if isinstance(w, ViewQuestion))
        order = [first._name]
        first.setFocus()
        QTest.keyClick(first, Qt.Key.Key_2)
        self.settle()
        self.assertEqual(self.take(order[0]).stretches[0].view, View.BACK)
        following = self.window.focusWidget()
        self.assertIsInstance(following, ViewQuestion)
        self.assertNotEqual(following._name, order[0])
        QTest.keyClick(following, Qt.Key.Key_5)
        self.settle()
        self.assertEqual(self.take(following._name).stretches[0].view, View.FEET)
        count = self.page.position
        self.page.setFocus()
        self.key(Qt.Key.Key_3)
        self.assertNotEqual(self.page.position, count)
        self.assertEqual(sum(t.stretches[0].guessed for t in self.window.session.project.takes), 1)

    def test_trouble_moves_the_choice_to_another_pass(self):
        """Trouble marked by key: the clip takes another pass of this view."""
        at = self.window.rooms["Film"].commands.moment()
        self.key(Qt.Key.Key_X, Alt)
        self.assertEqual(self.take(at[0].name).stretch_at(at[1] + 1).trouble, "marked while watching")
        self.key(Qt.Key.Key_W, Alt)
        self.assertEqual(self.take(at[0].name).stretch_at(at[1] + 1).trouble, "")

    def test_the_reason_of_trouble_is_typed_and_written_as_a_cut_list(self):
        """Typed into the field beside the mark, in the list for those who edit on; one undo each."""
        at = self.window.rooms["Film"].commands.moment()
        self.key(Qt.Key.Key_X, Alt)
        self.settle()
        self.write(self.field("Reason of trouble"), "a dog walks by")
        self.settle()
        take = self.take(at[0].name)
        self.assertEqual(take.stretch_at(at[1] + 1).trouble, "a dog walks by")
        path = self.folder / "leave out.csv"
        self.window.rooms["Film"].commands.write_leave_out_to(path)
        (row,) = [r for r in path.read_text(encoding="utf-8").splitlines() if "dog" in r]
        self.assertTrue(row.startswith(f"{take.name},{Path(take.media.path).name},{at[1]:.3f},"), row)
        self.window.session.undo()
        self.assertEqual(self.take(at[0].name).stretch_at(at[1] + 1).trouble, "marked while watching")

    def test_a_take_is_split_by_a_key(self):
        """Alt+Shift+S: what comes after this moment is a take of its own; one key takes it back."""
        at = self.window.rooms["Film"].commands.moment()
        names = [t.name for t in self.window.session.project.takes]
        self.key(Qt.Key.Key_S, Alt | Shift)
        takes = self.window.session.project.takes
        self.assertEqual([t.name for t in takes], [*names, f"{at[0].name}, second part"])
        self.assertAlmostEqual(takes[-1].part.start_s, at[1])
        self.assertIn(f"{at[0].name}, second part", self.panel_text())
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual([t.name for t in self.window.session.project.takes], names)

    def test_whose_sides_are_said_is_answered_by_a_button(self):
        front = self.take("front")
        said = replace(front, sides_said=(SaidSide(20.0, "right"), SaidSide(21.0, "left")))
        self.window.session.do("said", lambda p: replace_take(p, said))
        self.app.processEvents()
        self.assertIn("Sides are called: “right” at 0:20; “left” at 0:21.", self.panel_text())
        self.click(self.panel_button(f"They mean {Spoken.LEARNER}"))
        self.assertEqual({s.spoken for s in self.take("front").stretches}, {Spoken.LEARNER})

    def test_a_better_sound_is_taken_and_given_back(self):
        """The song's beginning laid on the front take; the same song is found again, by the film's own clock."""
        commands, front = self.window.rooms["Film"].commands, self.take("front")
        heard = read_sound(demo_folder() / SONG, 48000, 2).samples[: 45 * 48000]
        better = self.folder / "recorder.wav"
        scipy.io.wavfile.write(better, 48000, heard)
        commands.better_sound_from(front.id, better)
        self.idle()
        self.idle()
        self.unfold("About")
        self.assertIn("Listened to in recorder.wav", self.panel_text())
        self.assertAlmostEqual(self.take("front").passes[0].clock(10.0), front.passes[0].clock(10.0), delta=0.002)
        self.click(self.panel_button("Use the film’s own sound"))
        self.assertIsNone(self.take("front").better)

    def test_the_table_says_what_is_missing(self):
        """Every section in every view, and sentences that say what to film; the list is written."""
        self.assertIn("and what is missing", self.panel_text())
        self.unfold("What there is")
        text = self.panel_text()
        self.assertIn("Film in", text)
        self.window.rooms["Film"].commands.write_shots_to(self.folder / "list.md")
        self.assertIn("| Gate walk |", (self.folder / "list.md").read_text())

    def test_a_counted_pass_is_moved_by_key(self):
        """Alt+Right: its 1 is the count after; refused in words for a pass with the song."""
        self.key(Qt.Key.Key_Right, Alt)
        self.assertIn("Only a pass that was counted aloud", self.window.status.words.text())
        counted = self.take("slow counted")
        self.window.session.do("only", lambda p: replace(p, takes=(counted,)))
        self.app.processEvents()
        self.key(Qt.Key.Key_Right, Alt)
        self.assertAlmostEqual(self.take("slow counted").passes[0].clock.y[0], counted.passes[0].clock.y[0] + 1)

    def test_looking_for_movement(self):
        """A job with a result in words; the demo's dancer holds still."""
        front = self.take("front")
        self.window.session.do("only", lambda p: replace(p, takes=(front,)))
        self.unfold("Movement")
        self.click(self.panel_button("Look for movement"))
        self.idle()
        self.assertIn("Every hold is still", self.panel_text())

    def test_placed_by_hand(self):
        """A take in which nothing was heard: the second of a clap, typed, places it on the count stood on."""
        empty = replace(self.take("back"), passes=(), looked_for_passes=True)
        self.window.session.do("empty", lambda p: replace(p, takes=(empty,)))
        self.app.processEvents()
        self.write(self.field("Second of back that is this count"), "x")
        self.assertIn("not a second", self.window.status.words.text())
        self.write(self.field("Second of back that is this count"), "12,40")
        (placed,) = self.take("back").passes
        clock = self.window.session.project.grid.time_map()
        self.assertAlmostEqual(placed.clock(12.4), clock(self.window.page.position))

    def pick(self, name: str, words: str) -> None:
        box = self.field(name)
        at = next(k for k in range(box.count()) if box.itemText(k).startswith(words))
        box.setCurrentIndex(at)
        box.textActivated.emit(box.currentText())
        self.settle()

    def look_at(self, take: str) -> None:
        """Choose a take of the panel’s list."""
        self.pick("Take", f"{take}:")

    def test_the_panel_fits_the_height(self):
        """At 1280 × 800 all that is asked of a take is in sight; details and lists unfold."""
        self.window.resize(1280, 800)
        self.settle()
        panel = self.panels()[0]
        view = next(a for a in self.window.findChildren(QScrollArea) if a.isVisible() and a.isAncestorOf(panel))
        for head in self.panel_buttons("– "):
            self.click(head)
        self.settle()
        self.assertLessEqual(panel.sizeHint().height(), view.viewport().height())

    def test_the_sentence_marks_from_this_count_on(self):
        """What is chosen in it holds from the moment in the mirror; the key does the same."""
        self.look_at("back")
        take, second = self.window.rooms["Film"].commands.moment()
        self.assertEqual(take.name, "back")
        self.pick("What it shows", str(View.FEET))
        self.assertIs(self.take("back").stretch_at(second).view, View.FEET)
        self.assertIs(self.take("back").stretch_at(0.0).view, View.BACK)
        self.window.session.undo()
        self.pick("Sides", str(Danced.MIRRORED))
        self.assertIs(self.take("back").stretch_at(second).danced, Danced.MIRRORED)

    def test_the_loudspeaker(self):
        before = self.take("front").passes[0].clock(0.0)
        self.unfold("About")
        self.write(self.field("Metres to the loudspeaker of front"), "7 m")
        self.assertAlmostEqual(self.take("front").passes[0].clock(0.0) - before, (7 - 0) / 343, delta=1e-4)

    def test_another_place_where_the_song_repeats(self):
        """Offered as a button; taken, the pass lies there and the old place is offered."""
        take = self.take("front")
        twice = replace(take.passes[0], also_at_song_s=(30.0,))
        self.window.session.do("twice", lambda p: replace(p, takes=(replace(take, passes=(twice,)),)))
        self.click(self.panel_button("at 0:30 of the song"))
        moved = self.take("front").passes[0]
        self.assertAlmostEqual(moved.clock(moved.take_range.start_s), 30.0)
        self.assertEqual(len(moved.also_at_song_s), 1)

    def test_many_places_are_a_list_and_the_one_it_has_can_be_confirmed(self):
        take = self.take("front")
        loop = replace(take.passes[0], also_at_song_s=(20.0, 30.0, 40.0, 50.0), confidence=0.45)
        self.window.session.do("loop", lambda p: replace(p, takes=(replace(take, passes=(loop,)),)))
        places = self.field("Place of pass 1 of front in the song")
        self.assertEqual(places.count(), 5)
        places.setCurrentText("0:40")
        places.textActivated.emit("0:40")
        moved = self.take("front").passes[0]
        self.assertAlmostEqual(moved.clock(moved.take_range.start_s), 40.0)
        self.click(self.panel_button("It is here, at 0:40"))
        sure = self.take("front").passes[0]
        self.assertEqual((sure.also_at_song_s, sure.confidence), ((), 1.0))


if __name__ == "__main__":
    unittest.main()
