"""How right takes are placed, in simulated rooms with exact truth.

    .venv/bin/python -m bench.place [tuning|unseen] [--slowed] [--count N]

Prints the error at the ends and the middle of each take (ms, against the direct sound), the share
within 1 ms and 10 ms over the whole take, confidences (right, wrong, none), and seconds of take
placed in a second of CPU beside scipy's plain cross-correlation of take and song.
"""

from __future__ import annotations

import argparse
import time
from concurrent.futures import ProcessPoolExecutor
from pathlib import Path

import numpy as np
import scipy.signal

from bench.music.corpus import song
from bench.music.split import part_of_seed
from bench.music.synth import RATE as SONG_RATE
from bench.rooms import Case, cases, make, room_response, song_at
from vamos.core.media.sound import Sound, write_wav

FOLDER = Path("/tmp/vamos-bench-rooms")
SONGS = 12


def songs(part: str) -> list[Path]:
    wanted = {"tuning": "train", "unseen": "test"}[part]
    seeds = [s for s in range(1000) if part_of_seed(s) == wanted][:SONGS]
    files = [FOLDER / f"song {seed}.wav" for seed in seeds]
    for seed, file in zip(seeds, files, strict=True):
        if not file.exists():
            write_wav(file, Sound(song(seed)[1].astype(np.float32)[:, None], SONG_RATE))
    return files


def one(task: tuple[Case, list[Path]]) -> dict[str, object]:
    from vamos.core.align.correlate import RATE
    from vamos.core.align.place import SLOWED_SURE, song_sound
    from vamos.core.align.slowed import features, find_slowed
    from vamos.core.align.song_in_room import find_song
    from vamos.core.grid.spectra import analyse
    from vamos.core.media.sound import read_sound

    case, files = task
    take = make(case, files, FOLDER)
    asked = files[(case.song or 0) % len(files)]
    song = song_sound(asked)
    sound = read_sound(take, RATE).mono()
    start = time.process_time()
    segments = find_song(song.index, sound)
    if not segments:
        slow = find_slowed(song.search, features(analyse(take)), sound, 0.0, len(sound) / RATE)
        segments = [slow] if slow is not None and slow.confidence >= SLOWED_SURE else []
    cpu = time.process_time() - start
    start = time.process_time()
    scipy.signal.correlate(song.index.samples, sound, method="fft")
    peer = time.process_time() - start
    row: dict[str, object] = {"case": case, "cpu": cpu, "peer": peer, "found": len(segments), "error": np.nan}
    best = max(segments, key=lambda s: s.confidence, default=None)
    row["confidence"] = best.confidence if best else 0.0
    has_song = case.song is not None and not case.other
    row["has"] = has_song
    if has_song:
        import pyroomacoustics as pra

        rng = np.random.default_rng(case.seed)
        _, frame = room_response(case, rng)
        late = (frame - pra.constants.get("frac_delay_length") // 2) / 16000
        # The answer's filter delay is in the take as well.
        late = frame / 16000
        errors = [0.0]
        for segment in segments:
            for share in (0.0, 0.5, 1.0):
                at = segment.take_start_s + share * (segment.take_end_s - segment.take_start_s)
                said = segment.song_at_start_s + segment.rate * (at - segment.take_start_s)
                errors.append(abs(said - song_at(case, at, late)))
        row["error"] = max(errors) * 1000 if segments else np.nan
        inside = max(0.0, min(case.seconds, (70 - case.start_s) / case.ratio) - max(0.0, -case.start_s / case.ratio))
        row["covered"] = sum(s.take_end_s - s.take_start_s for s in segments) / max(1.0, inside)
        row["rate"] = best.rate / case.ratio if best else np.nan
    return row


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("part", nargs="?", default="unseen", choices=("tuning", "unseen"))
    parser.add_argument("--slowed", action="store_true")
    parser.add_argument("--count", type=int, default=60)
    arguments = parser.parse_args()
    FOLDER.mkdir(parents=True, exist_ok=True)
    files = songs(arguments.part)
    tasks = [(c, files) for c in cases(arguments.part, arguments.count, arguments.slowed)]
    with ProcessPoolExecutor(2) as pool:
        rows = list(pool.map(one, tasks))
    for r in rows:
        c: Case = r["case"]  # type: ignore[assignment]
        kind = "song" if r["has"] else "OTHER" if c.song is not None else "TALK"
        speed = f" ×{c.ratio:.2f}{'' if c.pitch_kept else ' pitch moved'}" if c.ratio != 1 else ""
        print(
            f"{c.name:18s} {kind:5s}{speed} {c.seconds:4.0f} s, RT60 {c.rt60:.1f}, {c.distance:4.1f} m, voice {-c.voice_db:+4.0f} dB: "
            f"{r['found']} found, error {r['error']:8.2f} ms, sure {r['confidence']:.2f}, covers {r.get('covered', 0):.2f}"
        )
    has = [r for r in rows if r["has"]]
    error = np.array([r["error"] for r in has], dtype=float)
    sure = np.array([r["confidence"] for r in has], dtype=float)
    print(f"--- {arguments.part}: {len(has)} with the song, {len(rows) - len(has)} without")
    for most in (1.0, 10.0):
        print(f"within {most:4.0f} ms over the whole take: {np.mean(error <= most):.2f}")
    print(f"not found: {np.mean(np.isnan(error)):.2f}; error of the middle take: {np.nanmedian(error):.2f} ms")
    right = error <= 10
    print(f"right and sure (> 0.5): {np.mean(sure[right] > 0.5) if right.any() else 0:.2f}")
    wrong = [r for r in has if not r["error"] <= 10 and r["found"]]
    false = [r for r in rows if not r["has"] and r["found"]]
    print(
        f"wrong with confidence over 0.5: {sum(r['confidence'] > 0.5 for r in [*wrong, *false])}; found where nothing is: {len(false)}"
    )
    print(f"take seconds in a second of CPU: {np.median([r['case'].seconds / r['cpu'] for r in rows]):.0f}; ")
    print(f"CPU against one plain correlation: × {np.median([r['cpu'] / r['peer'] for r in rows]):.1f}")


if __name__ == "__main__":
    main()
