"""The parts of grid detection: spectra, tempogram, beats, eights on made-up evidence."""

import unittest

import numpy as np

from tests.support import clicks
from vamos.core.grid.beats import onset_score, refine, track
from vamos.core.grid.eights import find_bars, standard
from vamos.core.grid.spectra import FRAME_RATE, SOUND_RATE, Spectra, analyse_blocks, normal
from vamos.core.grid.tempo import PERIODS, preference, preferred_bpm, tempogram
from vamos.core.jobs import quiet


def heard(samples: np.ndarray, size: int = 7000) -> Spectra:
    """Features of samples that arrive in pieces of an odd size."""
    pieces = ((at, samples[at : at + size, None]) for at in range(0, len(samples), size))
    return analyse_blocks(pieces, quiet(), 0.0)


def bars_of_music(meter: int, bars: int, bpm: float = 120.0, lead: int = 0) -> np.ndarray:
    """Bass on the first beat, soft chords on the others, a new chord each bar, a crash each line."""
    beat = 60 / bpm
    out = np.zeros(int((bars * meter + 2) * beat * SOUND_RATE))
    rng = np.random.default_rng(0)
    t = np.arange(int(beat * 0.8 * SOUND_RATE)) / SOUND_RATE
    line = 6 if meter == 3 else 8
    for k in range(bars * meter):
        at = int((0.2 + k * beat) * SOUND_RATE)
        root = 220 * 2 ** (((k // meter) % 4) * 5 / 12)
        tone = 0.15 * sum(np.sin(2 * np.pi * root * m * t) for m in (1, 1.25, 1.5)) * np.exp(-t * 6)
        if k % meter == 0:
            tone = tone + 0.6 * np.sin(2 * np.pi * 65 * t) * np.exp(-t * 8)
        if k >= lead and (k - lead) % line == 0:
            tone = tone + 0.3 * rng.standard_normal(len(t)) * np.exp(-t * 5)
        if k >= lead:
            tone = tone + 0.2 * np.sin(2 * np.pi * 660 * t) * np.exp(-t * 4)
        out[at : at + len(tone)] += tone
    return (0.5 * out).astype(np.float32)


class SpectraTest(unittest.TestCase):
    def test_pieces_make_no_difference(self):
        """The same features however the sound arrives: streaming changes nothing."""
        samples = clicks(120, 6.0, SOUND_RATE)[0].samples[:, 0]
        a, b = heard(samples, 7001), heard(samples, 100_000)
        for name in ("flux", "low", "high", "loud", "fine"):
            np.testing.assert_allclose(getattr(a, name), getattr(b, name), atol=1e-4)

    def test_one_frame_a_hundredth_of_a_second(self):
        spectra = heard(np.zeros(SOUND_RATE * 5, np.float32))
        self.assertAlmostEqual(len(spectra.flux), 5 * FRAME_RATE, delta=3)
        self.assertAlmostEqual(spectra.duration_s, 5.0, places=3)

    def test_an_onset_stands_where_it_sounds(self):
        samples = np.zeros(SOUND_RATE * 4, np.float32)
        t = np.arange(4000) / SOUND_RATE
        samples[SOUND_RATE * 2 : SOUND_RATE * 2 + 4000] = 0.5 * np.sin(2 * np.pi * 800 * t)
        self.assertAlmostEqual(np.argmax(heard(samples).flux) / FRAME_RATE, 2.0, delta=0.02)

    def test_a_steady_tone_has_no_onsets(self):
        t = np.arange(SOUND_RATE * 4) / SOUND_RATE
        flux = heard((0.3 * np.sin(2 * np.pi * 440 * t)).astype(np.float32)).flux
        self.assertLess(flux[50:350].max(), 0.005)

    def test_levelling_leaves_silence_alone(self):
        self.assertEqual(np.abs(normal(np.zeros(500, np.float32))).max(), 0)


class TempoTest(unittest.TestCase):
    def test_a_steady_beat_is_strong_and_at_its_period(self):
        gram = tempogram(heard(clicks(120, 20.0, SOUND_RATE)[0].samples[:, 0]).flux)
        best = PERIODS[int(np.argmax(gram.overall() * preference()))]
        self.assertAlmostEqual(60 * FRAME_RATE / best, 120, delta=2.5)
        self.assertGreater(gram.strength(), 0.8)

    def test_noise_has_no_tempo(self):
        noise = 0.2 * np.random.default_rng(1).standard_normal(SOUND_RATE * 20).astype(np.float32)
        self.assertLess(tempogram(heard(noise).flux).strength(), 0.3)

    def test_struck_music_is_counted_faster_than_soft_music(self):
        struck = heard(clicks(120, 10.0, SOUND_RATE)[0].samples[:, 0]).flux
        rng = np.random.default_rng(2)
        soft = np.abs(rng.standard_normal(1000)).astype(np.float32) * 0.2 + 1
        self.assertGreater(preferred_bpm(struck), preferred_bpm(soft))


class BeatsTest(unittest.TestCase):
    def beats_of(self, samples: np.ndarray) -> np.ndarray:
        spectra = heard(samples)
        beats, _ = refine(track(onset_score(spectra), tempogram(spectra.flux)), spectra.fine)
        return beats

    def test_a_slowing_end_is_followed(self):
        """Gaps grow by 6 % a beat over the last eight: each beat stays within 25 ms."""
        gaps = np.full(48, 0.5)
        gaps[-8:] *= 1.06 ** np.arange(1, 9)
        times = 0.5 + np.concatenate([[0], np.cumsum(gaps)])
        samples = np.zeros(int((times[-1] + 1) * SOUND_RATE), np.float32)
        t = np.arange(900) / SOUND_RATE
        for at in times:
            samples[round(at * SOUND_RATE) :][:900] += (0.8 * np.sin(2 * np.pi * 900 * t) * np.exp(-t * 120)).astype(
                np.float32
            )
        found = self.beats_of(samples)
        self.assertLess(np.abs(found[:, None] - times[None]).min(axis=0).max(), 0.025)

    def test_a_missing_beat_is_put_where_it_belongs(self):
        """Two clicks left out: the beats between stand evenly, within 15 ms."""
        sound, times = clicks(120, 16.0, SOUND_RATE)
        samples = sound.samples[:, 0].copy()
        for k in (12, 13):
            at = round(times[k] * SOUND_RATE)
            samples[at - 50 : at + 2000] = 0
        found = self.beats_of(samples)
        self.assertLess(np.abs(found[:, None] - times[None]).min(axis=0).max(), 0.015)

    def test_too_short_gives_no_beats(self):
        self.assertEqual(len(self.beats_of(np.zeros(SOUND_RATE // 2, np.float32))), 0)


class BarsTest(unittest.TestCase):
    def bars(self, meter: int, lead: int = 0):
        samples = bars_of_music(meter, 20 if meter == 4 else 28, lead=lead)
        beats = 0.2 + 0.5 * np.arange((20 if meter == 4 else 28) * meter)
        return find_bars(heard(samples), beats)

    def test_three_and_four_are_told_apart(self):
        """A waltz is written in sixes, the rest in eights."""
        self.assertEqual((self.bars(3).meter, self.bars(3).line), (3, 6))
        self.assertEqual((self.bars(4).meter, self.bars(4).line), (4, 8))

    def test_lines_start_on_the_one(self):
        found = self.bars(4)
        self.assertEqual(found.first % 8, 0)
        self.assertGreater(found.confidence, 0.5)

    def test_the_lead_in_ends_where_the_music_becomes_full(self):
        self.assertEqual(self.bars(4, lead=16).lead_in, 16)

    def test_too_few_beats_are_not_trusted(self):
        found = find_bars(heard(np.zeros(SOUND_RATE * 3, np.float32)), np.arange(6) * 0.5)
        self.assertLess(found.confidence, 0.2)

    def test_a_row_without_spread_stays_finite(self):
        self.assertTrue(np.isfinite(standard(np.ones(9))).all())


if __name__ == "__main__":
    unittest.main()
