"""Plays through a virtual sound card and says, as JSON, how late each click was heard by the clock of the picture.

Run by test_sound_card in a process of its own: the card has to be there before Qt looks for one.
"""

import json
import os
import sys
import tempfile
import time
from pathlib import Path

import numpy as np

from tests.card import RATE, Card, Recorder

EVERY_S = 0.5


class Heard(Recorder):
    """What the card played, as moments of clicks."""

    def clicks(self) -> np.ndarray:
        """When clicks were heard; samples that came soonest after they were played tie both clocks around each.

        A card that wakes up leaves gaps, so what came long before says nothing.
        """
        parts = list(self.parts)
        ends = np.cumsum([len(data) // 2 for _, data in parts])
        came = np.array([at for at, _ in parts])
        samples = np.frombuffer(b"".join(data for _, data in parts), np.int16)
        loud = np.flatnonzero(np.abs(samples.astype(int)) > 8000)
        found = []
        for click in loud[np.diff(loud, prepend=-RATE) > RATE // 10]:
            # At least the block that holds it.
            near = np.abs(ends - click) < max(RATE, int(np.abs(ends - click).min()) + 1)
            found.append(float(np.min((came - ends / RATE)[near])) + click / RATE)
        return np.array(found)


def played(app, card: Card, loop: tuple[float, float] | None, seconds: float) -> dict[str, list[float]]:
    """Play clicks each half second; for each one heard, how much later than the clock says, and when (s)."""
    from vamos.core.media.sound import Sound
    from vamos.ui.preview.playback import Playback

    samples = np.zeros((RATE * 40, 2), np.float32)
    for at in np.arange(EVERY_S / 2, 40, EVERY_S):
        samples[int(at * RATE) :][:48] = 0.8
    playback, recorder, ticks = Playback(), Heard(card), []
    playback.sound, playback.end_s, playback.loop = Sound(samples, RATE), 39.0, loop
    playback.ticked.connect(lambda song_s: ticks.append((time.perf_counter(), song_s)))
    time.sleep(0.5)
    playback.play(loop[0] if loop else 0.0)
    end = time.perf_counter() + seconds
    while time.perf_counter() < end:
        app.processEvents()
        time.sleep(0.002)
    playback.stop()
    recorder.stop()
    when, song = np.array(ticks).T
    heard = [at for at in recorder.clicks() if when[0] < at < when[-1]]
    # By the last tick before it: over the end of a loop there is no line between two.
    before = [int(np.searchsorted(when, at)) - 1 for at in heard]
    clock = np.array([song[k] + at - when[k] for k, at in zip(before, heard, strict=True)])
    late = (clock - EVERY_S / 2 + EVERY_S / 2) % EVERY_S - EVERY_S / 2
    return {"late_s": late.tolist(), "heard_s": [at - when[0] for at in heard], "played_s": [when[-1] - when[0]]}


def main() -> None:
    with tempfile.TemporaryDirectory(prefix="vamos-card-") as folder:
        card = Card(folder)
        os.environ.update(card.environment)
        try:
            from PyQt6.QtWidgets import QApplication

            app = QApplication(["sound card"])
            found = {"song": played(app, card, None, 7.0), "loop": played(app, card, (2.0, 4.0), 7.0)}
            Path(sys.argv[1]).write_text(json.dumps(found))
        finally:
            card.stop()


if __name__ == "__main__":
    main()
    # The sound server is gone; Qt need not say good-bye to it.
    os._exit(0)
