"""What is heard with a sound card: through PulseAudio's null sink, recorded from its monitor."""

import json
import os
import shutil
import subprocess
import sys
import unittest
from pathlib import Path
from unittest import mock

import numpy as np

from tests.support import FolderCase
from tests.ui.qt import application
from vamos.ui.preview.playback import TICK_MS, Playback

#: Sound and picture apart by less than this are in step (ITU-R BT.1359-1: detected from 45 ms early, 125 ms late).
IN_STEP_S = 0.045


@unittest.skipUnless(shutil.which("pulseaudio") and shutil.which("parec"), "PulseAudio is not installed here")
class SoundCardTest(FolderCase):
    def test_it_plays_on_and_stays_with_the_picture(self):
        """Seven seconds of the song, and a loop of two seconds again and again: heard to the end, in step.

        A busy machine's card loses sound now and then, so there are three tries; what falls silent does so in each.
        """
        for _ in range(3):
            wrong = {name: words for name, heard in self.heard().items() if (words := _wrong(heard))}
            if not wrong:
                return
        self.fail(str(wrong))

    def heard(self) -> dict[str, dict[str, list[float]]]:
        out, log = self.folder / "late.json", self.folder / "log"
        with log.open("w") as errors:
            done = subprocess.run(
                [sys.executable, "-m", "tests.ui.null_sink", str(out)],
                env=os.environ | {"QT_QPA_PLATFORM": "offscreen"},
                cwd=Path(__file__).parents[2],
                stdin=subprocess.DEVNULL,
                stdout=subprocess.DEVNULL,
                stderr=errors,
                timeout=90,
                check=False,
            )
        self.assertEqual(done.returncode, 0, log.read_text()[-2000:])
        return json.loads(out.read_text())


def _wrong(heard: dict[str, list[float]]) -> str:
    """What is not as it should be: most clicks, two a second, are heard, the last ones too, and in step."""
    if len(heard["late_s"]) < 7:
        return f"{len(heard['late_s'])} clicks of 14"
    if (last := heard["played_s"][0] - heard["heard_s"][-1]) > 1.5:
        return f"nothing in the last {last:.1f} s"
    late = float(np.median(heard["late_s"]))
    return "" if abs(late) < IN_STEP_S else f"late by {late:.3f} s"


class _Card:
    """A card whose clock runs a little fast, and which begins late."""

    def __init__(self, late_s: float, share: float):
        self.late_s, self.share, self.now_s, self.stops_s = late_s, share, 0.0, 1e9

    def processedUSecs(self) -> int:
        return max(0, round((min(self.now_s, self.stops_s) - self.late_s) * self.share * 1e6))

    def stop(self) -> None:
        pass


class FollowTest(unittest.TestCase):
    """The clock of the picture and the card, without waiting: time is what the test says."""

    def followed(self, card: _Card, seconds: float) -> list[float]:
        """How far the clock is from what was played, each second from the second one on."""
        application()
        playback, apart = Playback(), []
        playback.end_s = 1e6
        with mock.patch("vamos.ui.preview.playback.time.perf_counter", lambda: 100.0 + card.now_s):
            playback.play(0.0)
            playback._sink = card
            while card.now_s < seconds:
                card.now_s += TICK_MS / 1000
                playback._tick()
                if card.now_s > 2:
                    apart.append(playback.song_s - card.processedUSecs() / 1e6)
            playback._timer.stop()
        return apart

    def test_drift_of_five_minutes(self):
        """A card 500 ppm fast, heard 200 ms late, would be 150 and 200 ms apart: it stays under 20."""
        self.assertLess(max(map(abs, self.followed(_Card(0.2, 1.0005), 300.0))), 0.02)

    def test_a_card_that_stops_does_not_stop_the_picture(self):
        """It stops at second 8: twelve seconds later the picture is twelve seconds on."""
        card = _Card(0.0, 1.0)
        card.stops_s = 8.0
        self.assertAlmostEqual(self.followed(card, 20.0)[-1], 12.0, delta=0.8)
