"""Harmony and tunes of machine-made songs, drawn from a generator."""

import numpy as np

MAJ = [0, 2, 4, 5, 7, 9, 11]
MIN = [0, 2, 3, 5, 7, 8, 10]
LOOPS = [
    "1 5 6 4",
    "1 6 4 5",
    "6 4 1 5",
    "1 4 5 1",
    "1 4 1 5",
    "4 5 3 6",
    "2 5 1 1",
    "1 1 4 5",
    "1 5 4 5",
    "1 3 4 5",
    "6 5 4 5",
    "1 4 6 5",
    "1 1 1 1",
    "1 4 1 4",
    "1 2 4 5",
    "6 4 5 6",
    "1 6 2 5",
    "3 6 2 5",
    "1 5 6 3",
    "4 1 5 6",
    "1 7 6 5",
    "1 7 4 1",
    "1 6 7 1",
    "1 1 5 5",
    "1 1 5 5 5 5 1 1",
    "1 1 4 1 5 5 1 1",
    "1 5 6 3 4 1 4 5",
    "1 1 1 1 4 4 1 1",
    "1 4 1 5 1 4 5 1",
    "6 2 5 1 4 2 3 6",
    "2 5 1 6 2 5 3 6",
]
BLUES = "1 1 1 1 4 4 1 1 5 4 1 5"
NAMES = ["C", "Db", "D", "Eb", "E", "F", "Gb", "G", "Ab", "A", "Bb", "B"]


def chord_name(pc, q):
    return NAMES[pc % 12] + {"maj": "", "min": "m", "dim": "m", "7": "7", "m7": "m7", "M7": "M7", "p": ""}[q]


QPC = {
    "maj": (0, 4, 7),
    "min": (0, 3, 7),
    "dim": (0, 3, 6),
    "7": (0, 4, 7, 10),
    "m7": (0, 3, 7, 10),
    "M7": (0, 4, 7, 11),
    "p": (0, 7),
}


def degree(d, key, minor, rich, r):
    sc = MIN if minor else MAJ
    root = (key + sc[d - 1]) % 12
    third, fifth = (sc[(d + 1) % 7] - sc[d - 1]) % 12, (sc[(d + 3) % 7] - sc[d - 1]) % 12
    q = "maj" if third == 4 else ("min" if fifth == 7 else "dim")
    if minor and d == 5 and r.random() < 0.6:
        q = "maj"
    if rich and r.random() < 0.8:
        q = {"maj": "7" if d == 5 or r.random() < 0.15 else "M7", "min": "m7", "dim": "m7"}[q]
    elif d == 5 and q == "maj" and r.random() < 0.3:
        q = "7"
    return root, q


def section_chords(bars, bpb, key, minor, rich, r, hr, blues=False):
    """list per bar of [(beat in bar, root, quality)]"""
    if blues:
        ds = [int(x) for x in BLUES.split()] * 4
    elif r.random() < 0.25:  # random diatonic walk with a cadence
        ds = [1]
        for _ in range(bars * 2):
            ds.append(int(r.choice([1, 2, 3, 4, 5, 6], p=[0.2, 0.13, 0.07, 0.25, 0.22, 0.13])))
        for e in range(int(8 / hr) if hr >= 1 else 8, len(ds), int(8 / hr) if hr >= 1 else 8):
            ds[e - 1] = 5
            ds[e] = 1
    else:
        a = [int(x) for x in str(r.choice(LOOPS)).split()]
        b = a if r.random() < 0.6 else [int(x) for x in str(r.choice(LOOPS)).split()]
        ds = (a + b) * 16
    out = []
    for bar in range(bars):
        if hr == 2 and bpb % 2 == 0:
            out.append(
                [
                    (0, *degree(ds[2 * bar], key, minor, rich, r)),
                    (bpb // 2, *degree(ds[2 * bar + 1], key, minor, rich, r)),
                ]
            )
        elif hr == 0.5:
            out.append([(0, *degree(ds[bar // 2], key, minor, rich, r))])
        elif hr == 0.25:
            out.append([(0, *degree(ds[bar // 4], key, minor, rich, r))])
        else:
            out.append([(0, *degree(ds[bar], key, minor, rich, r))])
    if r.random() < 0.35 and hr in (1, 0.5) and bpb == 4:  # a quick turn before the end of each 4 or 8 bars
        for e in range(7 if r.random() < 0.6 else 3, bars, 8 if r.random() < 0.6 else 4):
            out[e] = [out[e][0], (2, *degree(5, key, minor, rich, r))]
    return out


def melody(bars, bpb, chords, r, base, dens, sub, pickup):
    """notes (beat, dur, pitch, vel) of a tune of 2- and 4-bar phrases built of motifs"""

    def rhythm():
        out = []
        t = 0.0
        while t < bpb - 1e-6:
            d = float(
                r.choice(
                    [0.5, 1, 1.5, 2, 0.25],
                    p=[dens * 0.6, 0.45 - dens * 0.2, 0.1, 0.35 - dens * 0.4 + 0.1, 0.0]
                    if sub == 1
                    else [dens * 0.5, 0.4 - dens * 0.2, 0.1, 0.5 - dens * 0.3 - dens * 0.25, dens * 0.25],
                )
                if True
                else 1
            )
            d = min(d, bpb - t)
            if r.random() < 0.9:
                out.append((t, d))
            t += d
        return out

    dens = min(max(dens, 0.05), 0.7)
    m = [rhythm() for _ in range(4)]
    plan = str(r.choice(["abac", "aabc", "abab", "aaab", "abcd", "aaba"]))
    plan2 = plan[:3] + "d" if r.random() < 0.7 else plan
    steps = {c: [int(r.choice([-2, -1, -1, 0, 1, 1, 2, 3, -3])) for _ in range(32)] for c in "abcd"}
    notes = []
    pitch = base + 7
    for bar in range(bars):
        c = (plan if (bar // 4) % 2 == 0 else plan2)[bar % 4]
        rh = m["abcd".index(c)]
        last = bar % 4 == 3 and r.random() < 0.75
        if last:
            rh = [x for x in rh if x[0] < bpb / 2][:3]
            if rh:
                rh = [*rh[:-1], (rh[-1][0], bpb - rh[-1][0] - (1 if pickup else 0.2))]
        for i, (t, d) in enumerate(rh):
            ch = [x for x in chords[bar] if x[0] <= t][-1]
            pcs = [(ch[1] + p) % 12 for p in QPC[ch[2]]]
            pitch = pitch + 2 * steps[c][i % 32]
            if pitch > base + 17:
                pitch -= 7
            if pitch < base - 5:
                pitch += 7
            strong = t % 1 == 0
            if strong or r.random() < 0.5:
                pitch = min(range(pitch - 6, pitch + 7), key=lambda p: (p % 12 not in pcs, abs(p - pitch)))
            notes.append(
                (
                    bar * bpb + t,
                    d * float(r.uniform(0.6, 1.0)),
                    pitch,
                    int(np.clip(r.normal(92 if t == 0 else 82, 8), 40, 120)),
                )
            )
        if pickup and bar % 4 == 3:
            for j in range(pickup):
                notes.append((bar * bpb + bpb - pickup * 0.5 + j * 0.5, 0.45, pitch + j - pickup, 80))
    return notes
