"""How takes are placed where it is hard: loops, stitched takes, the song's last half minute, short noisy takes, fuzz.

    .venv/bin/python -m bench.hard_place [tuning|unseen] [--count N] [--kind KIND]

A loop-made song has places that nobody can tell apart: then the right one must be among those named, and
none may be sure. Songs, rooms and voices as in bench/rooms.py; the two parts share none of them.
"""

from __future__ import annotations

import argparse
import time
from concurrent.futures import ProcessPoolExecutor
from dataclasses import dataclass, replace
from pathlib import Path

import numpy as np

from bench.music.corpus import song
from bench.music.split import part_of_seed
from bench.music.synth import RATE as SONG_RATE
from bench.rooms import Case, make, room_response
from vamos.core.media.sound import Sound, write_wav

FOLDER = Path("/tmp/vamos-bench-hard")
KINDS = ("loop", "layers", "stitched", "end", "short", "fuzz", "fuzz slowed", "loop slowed")
Samples = np.ndarray


@dataclass(frozen=True, slots=True)
class Piece:
    """Seconds ``[start, end)`` of what is played are seconds ``at`` and on of the song, or any of ``also``."""

    start: float
    end: float
    at: float
    also: tuple[float, ...] = ()


@dataclass(frozen=True, slots=True)
class Hard:
    kind: str
    case: Case
    seed: int


def hards(part: str, count: int, kind: str | None = None) -> list[Hard]:
    rng = np.random.default_rng({"tuning": 900, "unseen": 901}[part])
    wanted = {"tuning": "train", "unseen": "test"}[part]
    seeds = [s for s in range(1000, 4000) if part_of_seed(s) == wanted]
    out = []
    for k in range(count):
        what = KINDS[k % len(KINDS)]
        short = what == "short"
        case = Case(
            f"{part}-{k:03d}",
            int(rng.integers(1 << 30)),
            0,
            False,
            float(rng.uniform(12, 22) if short else rng.uniform(20, 45)),
            float(rng.uniform(0, 20)),
            float(rng.uniform(-100, 100)),
            float(rng.choice([0.7, 0.8, 1.25])) if "slowed" in what else 1.0,
            bool(rng.uniform() < 0.5),
            float(rng.uniform(0.2, 1.2)),
            float(rng.uniform(2, 9)),
            float(rng.choice([0, 5, 8]) if short else rng.choice([-99, -10, 0])),
            bool(rng.uniform() < 0.5),
            bool(rng.uniform() < 0.6),
            bool(rng.uniform() < 0.4),
            bool(rng.uniform() < 0.2),
            int(rng.choice([64, 96])),
        )
        out.append(Hard(what, case, int(seeds[int(rng.integers(len(seeds)))])))
    return [h for h in out if kind in (None, h.kind)]


def base(seed: int) -> tuple[dict, Samples]:
    truth, samples = song(seed)
    return truth, np.asarray(samples, dtype=np.float32)


def looped(seed: int, layers: bool) -> tuple[Samples, int]:
    """A song of one loop of sixteen beats (``length`` samples), copied to the sample; layers make some rounds differ."""
    truth, samples = base(seed)
    rng = np.random.default_rng(seed)
    beats = np.asarray(truth["beats"])
    first = int(rng.integers(4, max(5, len(beats) - 40)))
    a, b = (round(float(beats[k]) * SONG_RATE) for k in (first, first + 16))
    loop = samples[a:b].copy()
    ramp = np.linspace(0, 1, 200, dtype=np.float32)
    loop[:200] *= ramp
    loop[-200:] *= ramp[::-1]
    rounds = max(4, round(80 * SONG_RATE / len(loop)))
    out = np.tile(loop, rounds)
    if layers:
        other = samples[b : b + len(loop)]
        for k in range(rounds):
            if rng.uniform() < 0.4:
                at = k * len(loop)
                part = np.roll(other, int(rng.integers(len(other)))) * 0.7
                out[at : at + len(part)] += part[: len(out) - at]
    return out, len(loop)


def same_places(whole: Samples, start: float, end: float, length: int) -> tuple[float, ...]:
    """Other seconds at which the song is, sample for sample, what it is from ``start`` to ``end``."""
    padded = np.concatenate([whole, np.zeros(SONG_RATE * 60, np.float32)])
    a, b = round(start * SONG_RATE), round(end * SONG_RATE)
    out = []
    for k in range(-40, 41):
        at = a + k * length
        if k and at >= 0 and at + b - a <= len(padded) and np.abs(padded[a:b] - padded[at : at + b - a]).max() < 1e-4:
            out.append(at / SONG_RATE)
    return tuple(out)


def materials(hard: Hard) -> tuple[Path, Path, Case, list[Piece]]:
    """What is asked for, what is played, the case with its start, and the truth."""
    asked, played = (FOLDER / f"{hard.case.name} {w}.wav" for w in ("asked", "played"))
    case, seconds = hard.case, hard.case.seconds * hard.case.ratio
    if hard.kind.startswith(("loop", "layers")):
        whole, length = looped(hard.seed, hard.kind == "layers")
        end = min(len(whole) / SONG_RATE, case.start_s + seconds)
        pieces = [Piece(case.start_s, end, case.start_s, same_places(whole, case.start_s, end, length))]
        sound = whole
    else:
        _, whole = base(hard.seed)
        if hard.kind.startswith("fuzz"):
            whole = np.tanh(12 * whole / (np.abs(whole).max() + 1e-9)).astype(np.float32) * 0.5
        sound, total = whole, len(whole) / SONG_RATE
        if hard.kind == "stitched":
            half = case.seconds / 2
            early = min(case.start_s, total / 3)
            cut = [
                sound[round((total - half) * SONG_RATE) :],
                sound[round(early * SONG_RATE) :][: round(half * SONG_RATE)],
            ]
            pieces = [Piece(0.0, half, total - half), Piece(half, 2 * half, early)]
            sound, case = np.concatenate(cut), replace(case, start_s=0.0)
        elif hard.kind == "end":
            case = replace(case, start_s=max(0.0, total - 0.6 * case.seconds))
            pieces = [Piece(case.start_s, total, case.start_s)]
        else:
            case = replace(case, start_s=min(case.start_s, max(0.0, total - seconds)))
            pieces = [Piece(case.start_s, min(total, case.start_s + seconds), case.start_s)]
    for path, samples in ((asked, whole), (played, sound)):
        if not path.exists():
            write_wav(path, Sound(samples[:, None] / max(1.0, float(np.abs(samples).max())), SONG_RATE))
    return asked, played, case, pieces


def one(hard: Hard) -> dict[str, object]:
    from vamos.core.align.place import place_take, song_sound
    from vamos.core.model.song import MediaRef
    from vamos.core.model.take import PassKind, Take

    asked, played, case, pieces = materials(hard)
    sound = make(case, [played], FOLDER)
    take = FOLDER / f"{case.name}.mp4"
    if not take.exists():
        with_picture(sound, take)
    ready = song_sound(asked)
    began = time.process_time()
    placed = place_take(Take("t", MediaRef(take.name), speaker_m=0.0), take, ready)
    cpu = time.process_time() - began
    _, frame = room_response(case, np.random.default_rng(case.seed))
    late = frame / 16000
    found = [p for p in placed.passes if p.kind is PassKind.SONG]
    rows = []
    for piece in pieces:
        start, end = ((x - case.start_s) / case.ratio / (1 + case.ppm * 1e-6) for x in (piece.start, piece.end))
        best = max(found, key=lambda p: min(p.take_range.end_s, end) - max(p.take_range.start_s, start), default=None)
        shared = min(best.take_range.end_s, end) - max(best.take_range.start_s, start) if best else 0.0
        if best is None or shared < 0.3 * (end - start):
            rows.append((hard.kind, "none", np.nan, 0.0, 0.0, bool(piece.also)))
            continue
        low, high = max(best.take_range.start_s, start + 0.2), min(best.take_range.end_s, end - 0.2)
        errors = []
        first = float(best.clock(best.take_range.start_s))
        for moved in (0.0, *(float(other) - first for other in best.also_at_song_s)):
            at = np.array([low, (low + high) / 2, high])
            said = np.asarray(best.clock(at)) + moved
            wanted = (
                piece.at
                + ((at - late) * (1 + case.ppm * 1e-6) - (start if hard.kind == "stitched" else 0.0)) * case.ratio
            )
            errors.append(float(np.abs(said - wanted).max()))
        which = "right" if errors[0] < 0.01 else "named" if min(errors) < 0.01 else "wrong"
        rows.append((hard.kind, which, min(errors), best.confidence, shared / (end - start), bool(piece.also)))
    return {"hard": hard, "rows": rows, "cpu": cpu, "passes": len(found)}


def with_picture(sound: Path, take: Path) -> None:
    """A film with a still picture over a sound."""
    import subprocess

    grey = ["-f", "lavfi", "-i", "color=gray:s=64x64:r=5"]
    subprocess.run(
        ["ffmpeg", "-v", "error", "-y", *grey, "-i", sound, "-shortest", "-c:a", "copy", "-pix_fmt", "yuv420p", take],
        check=True,
    )


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("part", nargs="?", default="unseen", choices=("tuning", "unseen"))
    parser.add_argument("--count", type=int, default=64)
    parser.add_argument("--kind", choices=KINDS)
    arguments = parser.parse_args()
    FOLDER.mkdir(parents=True, exist_ok=True)
    with ProcessPoolExecutor(2) as pool:
        results = list(pool.map(one, hards(arguments.part, arguments.count, arguments.kind)))
    rows = []
    for r in results:
        for kind, which, error, sure, covers, also in r["rows"]:  # type: ignore[attr-defined]
            rows.append((kind, which, error, sure, also))
            c = r["hard"].case  # type: ignore[attr-defined]
            print(
                f"{c.name} {kind:12s}{' same places' if also else '':12s} ×{c.ratio:.2f}{' kept' if c.pitch_kept else '':5s} "
                f"{c.seconds:3.0f} s, {c.distance:3.1f} m, voice {-c.voice_db:+4.0f}: {which:5s} {error * 1000:9.2f} ms, "
                f"sure {sure:.2f}, covers {covers:.2f}, {r['passes']} passes, × {c.seconds / r['cpu']:.0f}"  # type: ignore[operator]
            )
    for kind in KINDS:
        mine = [r for r in rows if r[0] == kind]
        if mine:
            counts = {w: sum(r[1] == w for r in mine) for w in ("right", "named", "wrong", "none")}
            bad = sum(r[3] > 0.5 and (r[1] != "right" or r[4]) for r in mine)
            ms = [r[2] * 1000 for r in mine if r[1] in ("right", "named")]
            print(f"{kind:12s} {counts}, within 1 ms {sum(m <= 1 for m in ms)}, sure where it must not be {bad}")


if __name__ == "__main__":
    main()
