"""At Pack: what packs are made for, with how much they come to; more sounds; all of it can be taken back."""

import re
import urllib.request
from dataclasses import replace
from fractions import Fraction
from unittest import mock

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QImage
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication

from tests.ui.qt import StopCase
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, ClipSound, RunThrough, Version
from vamos.core.model.project import Output
from vamos.core.pack.estimate import estimate
from vamos.core.pack.one_file import verify_one_file
from vamos.core.pack.serve import code_of
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.profiles import PROFILES, packed_project
from vamos.core.time.counts import minutes_text
from vamos.ui.preview.result_player import ResultPlayer
from vamos.ui.stops.pack import picture
from vamos.ui.stops.pack.commands import results_of
from vamos.ui.stops.pack.files_table import FilesTable
from vamos.ui.stops.pack.phones import PhoneCode
from vamos.ui.stops.pack.planned import FilmCard, PlannedFilms
from vamos.ui.stops.pack.profile_card import ProfileCard
from vamos.ui.stops.pack.stills import still_of


class ProfilesTest(StopCase):
    STOP = "Pack"

    def output(self):
        return self.window.session.project.output

    def test_another_purpose_and_back(self):
        before = self.output()
        self.assertIn("mirrored and from the back", self.panel_text())
        self.click(self.panel_button("Dance-along"))
        self.until(
            lambda: re.search(r"\| 2 films, (\d min|\d+ s) long together", self.panel_text()), "how much it comes to"
        )
        self.assertFalse(self.output().sections)
        self.assertEqual(self.output().also_sound, (ClipSound.CLICKS,))
        self.window.session.undo()
        self.assertEqual(self.output(), before)

    def test_each_card_says_how_much_without_being_chosen(self):
        """As the core counts them, one after another beside the window; an edit of the dance counts them anew."""
        cards = lambda: [w for p in self.panels() for w in p.findChildren(ProfileCard)]  # noqa: E731
        amounts = lambda: {c.accessibleName(): c.accessibleDescription() for c in cards()}  # noqa: E731
        self.until(lambda: not any("…" in w[-3:] for w in amounts().values()), "how much each comes to")
        before = amounts()
        project, base = self.window.session.project, self.window.session.base
        for profile in PROFILES:
            found = packed_project(replace(project, output=profile.applied(project.output)))
            words = f"{estimate(found, base, coverage_of(found)).files} films"
            self.assertIn(words, before[profile.name])
        clip = next(c for c in self.window.session.facts.clips)
        self.window.session.do("out", lambda p: choose(p, Choice(clip.key, left_out=True)))
        fewer = lambda: amounts()["Editor’s set"]  # noqa: E731
        self.until(lambda: fewer() != before["Editor’s set"] and "…" not in fewer()[-3:], "one fewer")
        pictures = {c.grab().toImage().copy(0, 0, 130, 70).bits().asstring(130 * 70 * 4) for c in cards()}
        self.assertEqual(len(pictures), len(PROFILES))

    def test_what_is_changed_is_of_one_s_own(self):
        self.click(self.panel_button("Practice pack"))
        self.settle()
        self.click(self.panel_button("25 %"))
        self.until(lambda: "Settings of your own" in self.panel_text(), "that it is no profile any more")

    def test_settings_kept_under_a_name(self):
        """Changed, kept, shown as chosen, found after another purpose was tried, forgotten."""
        self.click(self.panel_button("25 %"))
        self.until(lambda: "Settings of your own" in self.panel_text(), "that it is no profile")
        self.write(self.field("Name of a profile of your own"), "Tuesday class")
        self.until(lambda: "kept for all projects" in self.panel_text(), "that it is kept")
        kept = self.output()
        self.click(self.panel_button("Dance-along"))
        self.settle()
        self.click(self.panel_button("Tuesday class"))
        self.settle()
        self.assertEqual(self.output(), kept)
        self.click(self.panel_button("Forget “Tuesday class”"))
        self.settle()
        self.assertEqual(self.panel_buttons("Tuesday class"), [])

    def test_a_class_set_asks_which_section_is_new(self):
        self.click(self.panel_button("Class set"))
        self.settle()
        box = self.field("The section that is new")
        box.chosen("Stall turn")
        self.settle()
        self.assertEqual(self.output().new_section, "Stall turn")
        self.assertTrue(self.panel_button("Class set").isChecked())

    def test_cards_of_the_run_through_and_words_of_ones_own(self):
        """For how long each stands, none again; what one types stands on it."""
        for head in [b for b in self.panel_buttons("+ ") if "Run-through" in b.text()]:
            self.click(head)
        cards = lambda: self.output().run_through.cards  # noqa: E731
        self.field("Card: end card").chosen("16 counts")
        self.settle()
        self.write(self.field("Your words on the end card"), "See you on Tuesday")
        self.settle()
        self.assertEqual((cards().end, cards().end_words), (16, "See you on Tuesday"))
        self.assertIn(
            "See you on Tuesday", [c.words.split("\n")[0] for c in self.window.session.facts.run_through.cards]
        )
        # “none” is a word of the language one works in, and no number.
        name = lambda: self.field("Card: end card")  # noqa: E731
        name().chosen("none")
        self.settle()
        self.assertEqual(cards().end, 0)
        with self.assertRaises(StopIteration):
            self.field("Your words on the end card")
        with mock.patch.object(picture, "tr", lambda text, **_: "keine" if text == "none" else text):
            picture._card(self.window.desk, "title")("keine")
        self.assertEqual(cards().title, 0)

    def test_nothing_to_write_is_said(self):
        self.click(self.panel_button("Section posts"))
        self.settle()
        self.click(self.field("A clip for each section"), 12, 12)
        self.until(lambda: "Nothing would be written" in self.panel_text(), "that it would be empty")


class PlannedTest(StopCase):
    """Before a pack is written its films stand there as pictures; while it is written those that are done can be played."""

    STOP = "Pack"

    def cards(self) -> list[FilmCard]:
        return [c for w in self.window.findChildren(PlannedFilms) if w.isVisible() for c in w.cards]

    def few(self) -> None:
        """Two clips of the front take, small."""
        front = self.take("front")
        output = Output(speeds=(Fraction(1), Fraction(1, 2)), longest_side=320, run_through=RunThrough(wanted=False))
        self.window.session.do("little", lambda p: replace(p, takes=(front,), output=output))
        for clip in self.window.session.facts.clips[2:]:
            self.window.session.do("out", lambda p, key=clip.key: choose(p, Choice(key, left_out=True)))

    def test_each_film_has_its_picture_and_its_lengths(self):
        """A card a clip, in the order of the pack, named with its section, view and lengths; mirrored like its film."""
        self.few()
        self.until(lambda: len(self.cards()) == 2, "two cards")
        clips = plan_clips(self.window.session.project)
        clock = self.window.session.project.grid.time_map()
        for card, clip in zip(self.cards(), clips, strict=True):
            song_s = clock(clip.shown.end) - clock(clip.shown.start)
            lengths = " · ".join(minutes_text(round(song_s / s)) for s in (1, 0.5))
            self.assertEqual(card.accessibleName(), f"{clip.title}, Mirrored, {lengths}, to be written")
            self.assertFalse(card.film.written)
        stills = self.window.rooms["Pack"].commands.stills
        self.until(lambda: all(stills.of(c.film.still) is not None for c in self.cards()), "their pictures")
        straight = still_of(self.window.session.project, self.folder, replace(clips[0], flip=False), Version())
        self.until(lambda: stills.of(straight) is not None, "the picture as it was filmed")
        seen, other = stills.of(self.cards()[0].film.still), stills.of(straight)
        # The wall behind the dancer is another way round.
        self.assertNotEqual(seen.pixelColor(60, 60), seen.mirrored(True, False).pixelColor(60, 60))
        self.assertLess(difference(seen, other.mirrored(True, False)), difference(seen, other))

    def test_a_film_is_played_while_the_others_are_written(self):
        """The first card that is clear plays its file; when all is written the list of files stands there instead."""
        self.few()
        self.until(lambda: len(self.cards()) == 2, "two cards")
        commands = self.window.rooms["Pack"].commands
        played: list[str] = []

        def play_first() -> bool:
            for card in self.cards():
                if card.film.written and commands.arrived is not None and not played:
                    self.click(card)
                    played.append(commands.playing.path.name if commands.playing else "")
            return bool(played)

        commands.write_pack_to(self.folder / "pack")
        self.until(play_first, "a film to play")
        self.assertTrue(played[0].endswith(".mp4"), played)
        self.idle()
        self.settle()
        self.assertIsNone(commands.arrived)
        self.assertIsNone(commands.playing)
        self.assertEqual(len(commands.written.rows), 4)
        self.assertIn("What was written", self.panel_text())
        # What comes next: the phones, until something is changed.
        main = self.window.status.main
        self.assertEqual(main.text(), "Show it on phones in the room")
        self.click(main)
        self.settle()
        self.assertEqual((commands.phones.served is not None, main.text()), (True, "Stop showing it"))
        self.click(main)
        self.settle()
        self.window.session.do("smaller", lambda p: replace(p, output=replace(p.output, longest_side=240)))
        self.settle()
        self.assertEqual(main.text(), "Write the pack…")

    def test_stopped_there_is_a_plan_again(self):
        self.few()
        self.until(lambda: len(self.cards()) == 2, "two cards")
        commands = self.window.rooms["Pack"].commands
        commands.write_pack_to(self.folder / "pack")
        self.until(lambda: commands.arrived is not None, "that it is being written")
        self.until(lambda: "Being written" in self.panel_text(), "that it says so")
        self.window.runner.stop()
        self.idle()
        self.settle()
        self.assertIsNone(commands.arrived)
        self.assertIn("What will be written", self.panel_text())
        self.assertFalse((self.folder / "pack").exists())


def difference(one: QImage, other: QImage) -> float:
    """Mean difference of two pictures of one size, in levels."""
    pixels = []
    for image in (one, other):
        image = image.convertToFormat(QImage.Format.Format_Grayscale8)
        bits = image.constBits()
        bits.setsize(image.sizeInBytes())
        rows = np.frombuffer(bits.asstring(), np.uint8).reshape(image.height(), image.bytesPerLine())
        pixels.append(rows[:, : image.width()].astype(float))
    return float(np.abs(pixels[0] - pixels[1]).mean())


class PlayedTest(StopCase):
    """What was written is played at Pack, beside the film it was cut from."""

    STOP = "Pack"

    def written(self) -> None:
        """One clip of the front take, at half speed."""
        front = self.take("front")
        output = Output(speeds=(Fraction(1, 2),), longest_side=320, run_through=RunThrough(wanted=False))
        self.window.session.do("little", lambda p: replace(p, takes=(front,), output=output))
        for clip in self.window.session.facts.clips[1:]:
            self.window.session.do("out", lambda p, key=clip.key: choose(p, Choice(key, left_out=True)))
        self.window.rooms["Pack"].commands.write_pack_to(self.folder / "pack")
        self.idle()
        self.settle()

    def player(self) -> ResultPlayer:
        return next(w for p in self.panels() for w in p.findChildren(ResultPlayer) if w.isVisible())

    def test_one_file_for_a_phone_says_its_size_and_is_written(self):
        self.written()
        self.until(lambda: "can be sent like a picture" in self.panel_text(), "its size")
        said = float(re.search(r"([\d.]+) MB, can be sent", self.panel_text()).group(1))
        path = self.folder / "one.html"
        with mock.patch.object(self.window.desk, "ask_save", return_value=path):
            self.click(self.panel_button("Write one file…"))
        self.until(path.exists, "the file")
        self.idle()
        self.assertAlmostEqual(path.stat().st_size / 1e6, said, delta=0.1 + 0.3 * said)
        self.assertIn("It opens without a network", self.window.status.words.text())
        self.assertEqual([f for f in verify_one_file(path) if not f.good], [])

    def test_it_is_shown_on_phones_until_it_is_stopped(self):
        """The code on the screen holds the address; what is behind it is the page, and is gone when stopped."""
        self.written()
        self.click(self.panel_button("Show it on phones in the room"))
        self.settle()
        phones = self.window.rooms["Pack"].commands.phones
        address = phones.served.address
        self.assertIn(address, self.panel_text())
        (code,) = self.window.findChildren(PhoneCode)
        self.assertEqual(code.code, code_of(address))
        with urllib.request.urlopen(address, timeout=10) as answer:
            self.assertIn(b"<video", answer.read())
        self.click(self.panel_button("Stop showing it"))
        self.settle()
        self.assertIsNone(phones.served)
        with self.assertRaises(OSError):
            urllib.request.urlopen(address, timeout=2).close()

    def test_a_file_is_played_beside_its_source(self):
        """Return on a row: both pictures stand at the same moment; Space plays with sound, comma goes back a frame."""
        self.written()
        table = next(w for p in self.panels() for w in p.findChildren(FilesTable))
        table.setFocus()
        table.selectRow(0)
        QTest.keyClick(table, Qt.Key.Key_Return)
        self.settle()
        self.click(self.panel_button("Copy a summary"))
        self.assertIn("at 50 %", QApplication.clipboard().text())
        player = self.player()
        result, source = player.pictures
        self.until(lambda: result.image is not None and source.image is not None, "both pictures")
        # Half speed: a second of the clip is half a second of the take, and where both stand the same is danced.
        clock = player.result.source_clock
        self.assertAlmostEqual((clock(3.0) - clock(1.0)) / 2.0, 0.5, delta=0.01)
        self.assertEqual(player.result.source.name, "front.mp4")
        self.until(lambda: player.playback.sound is not None, "the sound")
        self.assertAlmostEqual(player.playback.sound.duration_s, player.result.seconds, delta=0.1)
        player.setFocus()
        at = player.playback.song_s
        QTest.keyClick(player, Qt.Key.Key_Comma)
        self.assertAlmostEqual(player.playback.song_s, at - 1 / 30, delta=1e-6)
        QTest.keyClick(player, Qt.Key.Key_Space)
        self.assertTrue(player.playback.playing)
        self.until(lambda: player.playback.song_s > at + 0.1, "it plays on")
        self.window.go_to_stop("Film")
        self.app.processEvents()
        self.assertFalse(player.playback.playing)

        # A source that is gone leaves the result; what is no file of the pack is not played.
        commands, project = self.window.rooms["Pack"].commands, self.window.session.project
        lost = replace(project.takes[0], media=replace(project.takes[0].media, path="gone.mp4", fingerprint="x"))
        found = results_of(self.folder / "pack", commands.written.rows, replace(project, takes=(lost,)), self.folder)
        self.assertEqual({r.source for r in found.values()}, {None})
        playing = commands.playing
        commands.play_file("no such file")
        self.assertIs(commands.playing, playing)
