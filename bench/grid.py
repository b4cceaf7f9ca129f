"""How right the beat grid is, on rendered scores with exact truth, beside librosa's tracker.

    .venv/bin/python -m bench.grid [tuning|unseen|odd] [--folder DIR] [--no-librosa]

Judged by mir_eval: F-measure (70 ms), CMLt, AMLt; error in ms of matched beats; starts of eights
within 70 ms with the meter not given; pieces with nothing to correct; parts offered; CPU against
librosa.beat.beat_track in the same run. Quote the unseen set only.
"""

from __future__ import annotations

import argparse
import time
from concurrent.futures import ProcessPoolExecutor
from fractions import Fraction
from pathlib import Path

import mir_eval
import numpy as np

from bench.scores import Piece, Truth, pieces, render
from vamos.core.model.song import Grid

DEFAULT = Path("/tmp/vamos-bench-grid")


def measure(beats: np.ndarray, truth: Truth) -> dict[str, float]:
    reference = mir_eval.beat.trim_beats(np.array(truth.beats), 3.0)
    estimated = mir_eval.beat.trim_beats(np.sort(beats), 3.0)
    _, cmlt, _, amlt = mir_eval.beat.continuity(reference, estimated)
    gaps = (
        estimated[np.abs(estimated[:, None] - reference[None]).argmin(axis=0)] - reference
        if len(estimated)
        else np.array([9.0])
    )
    near = gaps[np.abs(gaps) < 0.07]
    return {
        "F": mir_eval.beat.f_measure(reference, estimated),
        "CMLt": cmlt,
        "AMLt": amlt,
        "bias": float(np.median(near) * 1000) if len(near) else np.nan,
        "error": float(np.median(np.abs(near)) * 1000) if len(near) else np.nan,
    }


def eights_f(found: list[float], truth: Truth) -> float:
    """F-measure of line starts (70 ms), as for beats."""
    return float(mir_eval.beat.f_measure(np.array(truth.eights), np.array(sorted(found))))


def parts_pairs(grid: Grid, truth: Truth) -> tuple[int, int, int]:
    """Pairs of lines offered as the same place of the same part: right, wrong, and missed."""
    clock = grid.time_map().inverse()
    places = []
    for at, _ in truth.lines:
        position = round(clock(at))
        part = grid.part_at(Fraction(position))
        places.append((part.name, position - part.position) if part else None)
    right = wrong = missed = 0
    for i, (_, music) in enumerate(truth.lines):
        for j in range(i):
            same, offered = music == truth.lines[j][1], places[i] is not None and places[i] == places[j]
            right, wrong, missed = (
                right + (same and offered),
                wrong + (offered and not same),
                missed + (same and not offered),
            )
    return right, wrong, missed


def one(task: tuple[Piece, Path, bool]) -> dict[str, object]:
    from vamos.cli.commands import grid_data
    from vamos.core.grid.detect import detect_grid

    piece, folder, with_librosa = task
    wav, truth = render(piece, folder)
    start = time.process_time()
    grid = detect_grid(wav)
    cpu = time.process_time() - start
    data = grid_data(grid)
    row: dict[str, object] = {
        "name": piece.name,
        "bpm": piece.bpm,
        "found": data["bpm"],
        **measure(np.array(data["beats"]), truth),
    }
    row["eights"] = eights_f(data["eights"], truth)
    row["meter"] = data["meter"] == truth.meter
    row["lead"] = data["lead_in_counts"] == truth.lead_in
    row["confidence"] = data["confidence"]
    row["perfect"] = bool(row["F"] > 0.97 and row["eights"] > 0.9)
    row["sure"] = [
        (s, any(abs(e - t) < 0.07 for t in truth.eights))
        for s, e in zip(data["sureness"], data["eights"], strict=False)
    ]
    row["parts"] = parts_pairs(grid, truth)
    row["cpu"] = cpu
    if with_librosa:
        import librosa

        y, sr = librosa.load(wav, sr=22050)
        librosa.beat.beat_track(y=y[: sr * 5], sr=sr)
        start = time.process_time()
        _, beats = librosa.beat.beat_track(y=y, sr=sr, units="time")
        row["librosa_cpu"] = time.process_time() - start
        row["librosa"] = measure(beats, truth)
    return row


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("part", nargs="?", default="unseen", choices=("tuning", "unseen", "odd"))
    parser.add_argument("--folder", type=Path, default=DEFAULT)
    parser.add_argument("--no-librosa", action="store_true")
    arguments = parser.parse_args()
    arguments.folder.mkdir(parents=True, exist_ok=True)
    tasks = [(p, arguments.folder, not arguments.no_librosa) for p in pieces(arguments.part)]
    with ProcessPoolExecutor(2) as pool:
        rows = list(pool.map(one, tasks))
    for r in rows:
        print(
            f"{r['name']:22s} {r['bpm']:6.1f} → {r['found']:6.1f}  F {r['F']:.2f} CMLt {r['CMLt']:.2f} AMLt {r['AMLt']:.2f} "
            f"error {r['error']:5.1f} bias {r['bias']:+5.1f} ms  eights {r['eights']:.2f} "
            f"{'meter' if r['meter'] else 'METER'} {'lead' if r['lead'] else 'LEAD'} sure {r['confidence']:.2f} {'' if r['perfect'] else '*'}"
        )
    print(f"--- {arguments.part}: {len(rows)} pieces")
    for key in ("F", "CMLt", "AMLt", "eights"):
        print(f"{key:7s} mean {np.mean([r[key] for r in rows]):.3f}")
    print(
        f"error   median {np.nanmedian([r['error'] for r in rows]):.1f} ms, bias median {np.nanmedian([r['bias'] for r in rows]):+.1f} ms"
    )
    print(
        f"perfect {np.mean([r['perfect'] for r in rows]):.2f}  meter {np.mean([r['meter'] for r in rows]):.2f}  lead-in {np.mean([r['lead'] for r in rows]):.2f}"
    )
    sure = [pair for r in rows for pair in r["sure"]]  # type: ignore[attr-defined]
    for low, high in ((0, 0.3), (0.3, 0.5), (0.5, 0.7), (0.7, 0.85), (0.85, 1.01)):
        inside = [good for s, good in sure if low <= s < high]
        if inside:
            print(f"eights with sureness {low:.2f}–{high:.2f}: {len(inside):4d}, right {np.mean(inside):.2f}")
    right, wrong, missed = np.sum([r["parts"] for r in rows if r["perfect"]], axis=0)
    print(f"lines offered as alike: right {right / (right + wrong):.2f}, found {right / (right + missed):.2f}")
    if not arguments.no_librosa:
        for key in ("F", "CMLt", "AMLt", "error"):
            print(f"librosa {key:6s} {np.nanmean([r['librosa'][key] for r in rows]):.3f}")  # type: ignore[index]
        print(f"CPU ours / librosa: {np.median([r['cpu'] / r['librosa_cpu'] for r in rows]):.2f}")  # type: ignore[operator]


if __name__ == "__main__":
    main()
