"""How right counts said aloud are found: when, and which is 1, in several languages.

    .venv/bin/python -m bench.counted [tuning|unseen] [--count N]      # unseen needs Debian's flite

For tuning voices of eSpeak in seven languages; for judging those of Flite, and of eSpeak in seven other languages with
other throats. Takes are counted steadily, faster and slower, with "and" between, only the odd counts, only "5 6 7 8";
with talk before, after and between, steps, noise, in rooms; others hold talk, steps or music only. F-measure within 50 ms of the
perceptual centres of the words (mir_eval); "1 right": the count called 1 is said "one", with the confidence that was
told.
"""

from __future__ import annotations

import argparse
import subprocess
import tempfile
import time
from concurrent.futures import ProcessPoolExecutor
from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path

import mir_eval
import numpy as np
import scipy.io.wavfile
import scipy.signal

from bench.music.corpus import song
from bench.music.split import part_of_seed
from bench.music.synth import RATE as SONG_RATE
from bench.rooms import RATE, Case, loudness, room_response
from vamos.core.media.sound import Sound, write_wav
from vamos.core.media.voice import say
from vamos.core.media.word_centre import word_centre_s
from vamos.demo.song import make_song

FOLDER = Path("/tmp/vamos-bench-counted")
WORDS = ("one", "two", "three", "four", "five", "six", "seven", "eight")
TALK = "now the left foot|and turn to the back wall|keep the fan up|very good|once more from the top|watch my arms"
KINDS = (
    "steady",
    "wavering",
    "and",
    "odd",
    "five to eight",
    "with talk",
    "talk between",
    "talk only",
    "music only",
    "steps only",
)
FLITE = ("slt", "rms", "awb", "kal16")
#: Languages, and the throats of eSpeak: none is in both parts.
TUNING = tuple(
    f"{lang}+{throat}"
    for lang, throat in zip(
        ("de", "es", "fr-fr", "ja", "cs", "fi", "hu"), ("m1", "m3", "m5", "f1", "f3", "f5", "m1"), strict=True
    )
)
UNSEEN = tuple(
    f"{lang}+{throat}"
    for lang, throat in zip(
        ("it", "pt", "nl", "pl", "sv", "cmn", "ru"), ("m2", "m4", "m6", "m7", "f2", "f4", "m8"), strict=True
    )
)


@dataclass(frozen=True, slots=True)
class Counted:
    name: str
    kind: str
    seed: int


@lru_cache(maxsize=4000)
def spoken(words: str, voice: int, part: str) -> np.ndarray:
    """Words in a voice, mono at ``RATE``, trimmed to their onset."""
    throats = TUNING if part == "tuning" else UNSEEN
    if part == "tuning" or voice % 2:
        words = str(WORDS.index(words) + 1) if words in WORDS else words
        throat = throats[(voice // 2) % len(throats)]
        samples, rate = say(words, 140 + 15 * (voice % 6), 30 + 10 * (voice % 5), throat)
        out = scipy.signal.resample_poly(np.asarray(samples, dtype=np.float64), RATE, rate)
    else:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "w.wav"
            stretch = (0.8, 1.0, 0.9)[voice % 3]
            name = FLITE[voice % len(FLITE)]
            subprocess.run(
                ["flite", "-voice", name, "--setf", f"duration_stretch={stretch}", "-t", words, "-o", path], check=True
            )
            _, samples = scipy.io.wavfile.read(path)
        out = samples.astype(np.float64)
    loud = np.flatnonzero(np.abs(out) > 0.05 * np.abs(out).max())
    out = out[loud[0] : loud[-1] + 1]
    return np.asarray(out / (loudness(out) + 1e-9) * 0.1)


def make(task: tuple[Counted, str]) -> tuple[Path, np.ndarray, np.ndarray]:
    """The take as wav, when counts are said, and which they are."""
    case, part = task
    rng = np.random.default_rng(case.seed)
    voice, seconds = int(rng.integers(28)), float(rng.uniform(25, 50))
    out = np.zeros(int(seconds * RATE))
    times, numbers = [], []

    def put(words: str, at: float, level: float = 1.0) -> float:
        sound = level * spoken(words, voice, part)
        first = int(at * RATE)
        sound = sound[: max(0, len(out) - first)]
        out[first : first + len(sound)] += sound
        return at + len(sound) / RATE

    at = float(rng.uniform(0.5, 2))
    period = float(rng.uniform(0.45, 0.85))
    if case.kind in ("with talk", "talk only"):
        end = seconds - 1 if case.kind == "talk only" else at + rng.uniform(3, 7)
        while at < end:
            at = put(str(rng.choice(TALK.split("|"))), at) + rng.exponential(0.5)
        at += 0.8
    if case.kind not in ("talk only", "music only", "steps only"):
        stop, count = seconds - rng.uniform(1, 5), int(rng.choice([0, 0, 0, 4]))
        while at < stop:
            number = count % 8 + 1
            said = {"odd": number % 2 == 1, "five to eight": number > 4}.get(case.kind, True)
            if case.kind == "talk between" and count in (16, 32):
                for _ in range(2):
                    at = put(str(rng.choice(TALK.split("|"))), at) + 0.4
            if said:
                # People put the vowel on the beat.
                put(WORDS[number - 1], at - word_centre_s(spoken(WORDS[number - 1], voice, part), RATE))
                times.append(at)
                numbers.append(number)
            if case.kind == "and" and rng.uniform() < 0.7:
                put("and", at + period / 2, 0.6)
            wander = 0.06 if case.kind == "wavering" else 0.02
            at += period * (1 + wander * rng.standard_normal())
            period *= 1 + (0.01 if case.kind == "wavering" else 0.002) * rng.standard_normal()
            count += 1
    quality = Case(
        case.name, case.seed, None, False, seconds, 0, 0, 1.0, True, float(rng.uniform(0.2, 0.8)),
        float(rng.uniform(1.5, 6)), 0, False, False, False, False, 96,
    )  # fmt: skip
    if case.kind == "music only":
        wanted = {"tuning": "train", "unseen": "test"}[part]
        seeds = [s for s in range(1000, 4000) if part_of_seed(s) == wanted]
        try:
            _, music = song(int(rng.choice(seeds)))
            music = scipy.signal.resample_poly(np.asarray(music, dtype=np.float64), RATE, SONG_RATE)[: len(out)]
        except (ValueError, AssertionError):
            # No sound fonts on this machine: the demo's song, from somewhere in it.
            music = make_song().mono()[int(rng.uniform(0, 40) * 44100) :]
            music = scipy.signal.resample_poly(np.asarray(music, np.float64), RATE, 44100)[: len(out)]
        out[: len(music)] += 0.1 * music / loudness(music)
    if case.kind == "steps only" or rng.uniform() < 0.5:
        every = period
        for knock_at in np.arange(rng.uniform(0, 0.5), seconds - 0.2, every):
            first = int((knock_at + rng.normal(0, 0.02)) * RATE) if knock_at > 0.1 else 0
            knock = rng.standard_normal(1200) * np.exp(-np.arange(1200) / 160)
            out[first : first + 1200] += rng.uniform(0.03, 0.12) * knock[: max(0, len(out) - first)]
    answer, frame = room_response(quality, rng)
    out = scipy.signal.fftconvolve(out, answer)[: len(out)]
    out *= 0.1 / (loudness(out) + 1e-9)
    out += 0.1 * 10 ** (-rng.choice([5.0, 10, 20, 30]) / 20) * rng.standard_normal(len(out))
    path = FOLDER / f"{case.name}.wav"
    write_wav(path, Sound((0.5 * out / np.abs(out).max()).astype(np.float32)[:, None], RATE))
    return path, np.array(times) + frame / RATE, np.array(numbers)


def one(task: tuple[Counted, str]) -> dict[str, object]:
    from vamos.core.align.counted import find_countings

    path, times, numbers = make(task)
    began = time.process_time()
    every = find_countings(path)
    cpu = time.process_time() - began
    found = max(every, key=lambda c: len(c.times_s), default=None)
    row: dict[str, object] = {"case": task[0], "cpu": cpu, "found": found is not None}
    row |= {"sure": found.confidence if found else 0.0, "one": found.sure_of_one if found else 0.0}
    if found is None or not row["found"]:
        return row | {"F": 0.0 if len(times) else np.nan, "right": None}
    said = np.concatenate([c.times_s for c in every])
    if not len(times):
        return row | {"F": np.nan, "right": None}
    # Counts that are not said aloud are counts as well: only those said can be judged.
    near = np.abs(said[None] - times[:, None]).min(axis=0) < 0.2
    unsaid = ~near & (task[0].kind in ("odd", "five to eight"))
    row["F"] = mir_eval.beat.f_measure(times, said[~unsaid], 0.05)
    votes = np.zeros(8, int)
    for at, number in zip(times, numbers, strict=True):
        k = int(np.abs(found.times_s - at).argmin())
        if abs(found.times_s[k] - at) < 0.2:
            votes[(k - found.first - (number - 1)) % 8] += 1
    row["right"] = bool(votes[0] > 0.7 * max(1, votes.sum()))
    return row


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("part", nargs="?", default="unseen", choices=("tuning", "unseen"))
    parser.add_argument("--count", type=int, default=60)
    arguments = parser.parse_args()
    FOLDER.mkdir(parents=True, exist_ok=True)
    first = {"tuning": 10_000, "unseen": 20_000}[arguments.part]
    cases = [Counted(f"{arguments.part}-{k:02d}", KINDS[k % len(KINDS)], first + k) for k in range(arguments.count)]
    with ProcessPoolExecutor(2) as pool:
        rows = list(pool.map(one, [(c, arguments.part) for c in cases]))
    for r in rows:
        case: Counted = r["case"]  # type: ignore[assignment]
        print(
            f"{case.name} {case.kind:13s} found {r['found']!s:5s} F {r['F']:.2f} sure {r['sure']:.2f}, 1 {r['right']} {r['one']:.2f}"
        )
    for kind in KINDS:
        mine = [r for r in rows if r["case"].kind == kind]  # type: ignore[attr-defined]
        right = sum(r["right"] is True for r in mine)
        wrong = sum(r["right"] is False and r["one"] >= 0.5 for r in mine)  # type: ignore[operator]
        f = [r["F"] for r in mine]
        print(
            f"{kind:13s} found {sum(bool(r['found']) for r in mine)} of {len(mine)}, F {np.mean(f):.2f}, "  # type: ignore[arg-type]
            f"1 right {right}, sure of a wrong 1: {wrong}"
        )
    print(f"CPU a minute of take: {60 * np.mean([r['cpu'] for r in rows]) / 37:.1f} s")


if __name__ == "__main__":
    main()
