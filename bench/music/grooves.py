"""Random grooves in styles of our own: 16 steps a bar of four, 12 a bar of three."""

import numpy as np

from bench.music.harmony import QPC

OWN = [
    "rock",
    "pop",
    "metal",
    "punk",
    "house",
    "techno",
    "dnb",
    "hiphop",
    "halftime",
    "onedrop",
    "salsa",
    "bossa",
    "shuffle",
    "swing",
    "waltz",
    "waltzpop",
    "train",
    "oompah",
    "chip",
    "orch",
    "fingers",
    "stride",
    "reelband",
    "ballad",
    "compound",
    "funk",
    "riff",
    "march",
]
OWN_VAL = ["metal", "onedrop", "bossa", "chip", "waltzpop", "stride", "techno"]  # never trained on when validating
OWN_TEMPO = {
    "rock": (88, 172),
    "pop": (78, 150),
    "metal": (86, 190),
    "punk": (140, 196),
    "house": (112, 140),
    "techno": (118, 160),
    "dnb": (150, 182),
    "hiphop": (72, 108),
    "halftime": (62, 92),
    "onedrop": (62, 92),
    "salsa": (150, 205),
    "bossa": (110, 170),
    "shuffle": (84, 150),
    "swing": (100, 205),
    "waltz": (84, 190),
    "waltzpop": (80, 170),
    "train": (84, 150),
    "oompah": (92, 136),
    "chip": (96, 184),
    "orch": (70, 160),
    "fingers": (66, 140),
    "stride": (72, 124),
    "reelband": (92, 126),
    "ballad": (58, 92),
    "compound": (52, 124),
    "funk": (84, 124),
    "riff": (80, 180),
    "march": (96, 136),
}


def S(*p):
    return list(p)


def own_events(style, secs, bpb, r, feel):
    """secs: [(start bar, bars, chords, letter, dens)]; all times in counts. feel: how one count is divided, set by the caller as swing."""
    ev = []
    st = 16 if bpb == 4 else 12
    per = st / bpb

    def hit(bar, step, note, vel, dur=0.1):
        ev.append((bar * bpb + step / per, "n", 9, note, float(np.clip(r.normal(vel, 6), 10, 127)), dur))

    def pick(*xs):
        return xs[int(r.integers(len(xs)))]

    snare = pick(38, 40, 38, 40, 39) if style not in ("bossa", "fingers") else 37
    kickn = pick(36, 35)

    # -------- drums: base pattern of two bars, more or less busy per section
    def kicks():
        if style in ("house", "techno"):
            return S(0, 4, 8, 12)
        if style in ("metal",):
            return pick(
                list(range(0, 16, 2)),
                list(range(16)),
                S(0, 2, 8, 10),
                S(0, 3, 6, 8, 11, 14),
                S(0, 1, 2, 8, 9, 10),
                S(0, 8, 10),
            )
        if style == "punk":
            return pick(S(0, 8), S(0, 6, 8), S(0, 8, 10), S(0, 2, 8, 10))
        if style == "dnb":
            return pick(S(0, 10), S(0, 10, 14), S(0, 2, 10), S(0, 6, 10))
        if style in ("hiphop", "funk"):
            return sorted(
                {0}
                | {int(x) for x in r.choice([3, 6, 7, 8, 9, 10, 11, 13, 14, 15], int(r.integers(1, 4)), replace=False)}
            )
        if style == "halftime":
            return pick(S(0), S(0, 6), S(0, 3), S(0, 2), S(0, 6, 10), S(0, 8))
        if style == "onedrop":
            return pick(
                S(4, 12), S(4, 12), S(0, 4, 8, 12)
            )  # one drop counted at the slow count: kick with the snare on 2 and 4
        if style in ("salsa", "bossa"):
            return pick(S(0, 6, 8, 14), S(0, 8), S(0, 6, 8), S(6, 14), S())
        if style in ("waltz", "waltzpop"):
            return pick(S(0), S(0), S(0, 10), S(0, 6))
        if style in ("oompah", "train", "march"):
            return pick(S(0, 8), S(0, 4, 8, 12))
        if style in ("swing",):
            return pick(S(0, 4, 8, 12), S(0, 8), S(0), S())
        if style == "ballad":
            return pick(S(0, 8), S(0, 6, 8), S(0, 7, 8), S(0, 10))
        return pick(
            S(0, 8),
            S(0, 8, 10),
            S(0, 6, 8),
            S(0, 2, 8),
            S(0, 7, 8),
            S(0, 6, 10),
            S(0, 10),
            S(0, 8, 14),
            S(0, 3, 8),
            S(0, 6, 14),
        )

    def snares():
        if style in ("waltz",):
            return pick(S(4, 8), S(8), S())
        if style == "waltzpop":
            return pick(S(4, 8), S(8), S(4), S(6))
        if style == "dnb":
            return pick(S(4, 12), S(4, 12, 15), S(4, 9, 12))
        if style == "salsa":
            return S()
        if style == "bossa":
            return pick(S(0, 6, 12), S(0, 6, 10), S(4, 10))
        if style == "swing":
            return pick(S(), S(4, 12), S())
        if style == "train":
            return list(range(16))
        if style == "oompah":
            return pick(S(4, 12), S(2, 6, 10, 14), S(4, 12))
        if style == "march":
            return pick(S(2, 4, 6, 10, 12, 14), S(4, 12, 14, 15), S(2, 3, 4, 6, 10, 11, 12, 14))
        if style == "metal":
            return pick(S(4, 12), S(4, 12), S(2, 6, 10, 14), S(4, 12), S(8))
        if style in ("funk", "hiphop"):
            return pick(S(4, 12), S(4, 7, 9, 12), S(4, 12, 15), S(4, 12, 13))
        return S(4, 12)

    def hats():
        if style in ("waltz", "waltzpop"):
            return pick(S(0, 4, 8), S(0, 2, 4, 6, 8, 10), S(4, 8), S())
        if style in ("house", "techno"):
            return pick(S(2, 6, 10, 14), list(range(0, 16, 2)), list(range(16)), S(2, 6, 10, 14))
        if style == "swing":
            return pick(
                S(0, 4, 7, 8, 12, 15), S(0, 4, 7, 8, 12, 15), S(4, 12)
            )  # ride with skip notes; the swing moves the odd ones
        if style == "onedrop":
            return pick(list(range(0, 16, 2)), list(range(16)))
        if style == "halftime":
            return pick(list(range(16)), list(range(0, 16, 2)), S(0, 4, 8, 12), [*list(range(0, 16, 2)), 7, 15])
        if style == "dnb":
            return pick(list(range(0, 16, 2)), list(range(16)), S(2, 6, 10, 14))
        if style == "salsa":
            return pick(S(0, 4, 6, 8, 12, 14), S(0, 2, 4, 6, 8, 10, 12, 14))
        return pick(list(range(0, 16, 2)), list(range(0, 16, 2)), S(0, 4, 8, 12), list(range(16)), S(2, 6, 10, 14), S())

    has_drums = style not in ("orch", "fingers", "stride", "reelband") and not (
        style in ("ballad", "bossa", "oompah", "waltz", "chip", "compound") and r.random() < 0.35
    )
    cym = pick(42, 42, 51, 46, 44)
    crash_p = pick(0.9, 0.7, 0.3, 0.0)
    fill_every = int(pick(4, 8, 8, 16))
    fill_p = pick(0.9, 0.6, 0.3)
    kit = {}
    for sec in secs:
        letter = sec[3]
        if letter not in kit:
            kit[letter] = {
                "k": [kicks(), kicks()],
                "s": snares(),
                "h": hats(),
                "cym": cym if r.random() < 0.6 else pick(42, 51, 46, 59, 70),
                "on": r.random() < 0.93,
            }
        if letter == "i":
            kit[letter]["on"] = r.random() < 0.45
    if len(kit) > 1 and r.random() < 0.6:
        s0 = kit[next(k for k in kit if k != "i")]["s"]
        for k in kit.values():
            k["s"] = s0
    for b0, n, _chords, letter, _dens in secs:
        drums = kit[letter]
        if has_drums and drums["on"] and style != "compound":
            for bar in range(n):
                k = drums["k"][bar % 2] if bar % 4 != 3 or r.random() < 0.5 else drums["k"][0]
                fill = (bar + 1) % fill_every == 0 and r.random() < fill_p
                fl = int(pick(4, 8, 8, 12)) if fill else 0
                for s in k:
                    if s < st - fl:
                        hit(b0 + bar, s, kickn, 108 if s == 0 else 98)
                for s in drums["s"]:
                    if s < st - fl:
                        hit(
                            b0 + bar,
                            s,
                            snare,
                            104 if s in (4, 12) or style in ("march", "oompah") else (60 if style != "bossa" else 90),
                        )
                hv = pick(80, 64, 92)
                for s in drums["h"]:
                    if s < st - fl:
                        hit(b0 + bar, s, drums["cym"], hv if s % 4 == 0 else hv * 0.8)
                if fill:
                    toms = [48, 47, 45, 43, 41, snare]
                    step = pick(1, 1, 2)
                    for i, s in enumerate(range(st - fl, st, step)):
                        if r.random() < 0.85:
                            hit(
                                b0 + bar,
                                s,
                                toms[min(5, i * 6 // max(1, fl // step))] if r.random() < 0.7 else snare,
                                100,
                            )
                if bar == 0 and r.random() < crash_p:
                    hit(b0, 0, pick(49, 57), 112)
                if style == "salsa":
                    clave = S(0, 6, 12) if (bar % 2 == 0) else S(4, 8)
                    for s in clave:
                        hit(b0 + bar, s, 75, 90)
                    for s in S(0, 4, 8, 12):
                        hit(b0 + bar, s, 62, 70)
                    for s in S(4, 12, 14):
                        hit(b0 + bar, s, pick(63, 64), 95)
        if has_drums and drums["on"] and style == "compound":  # a count = three eighths
            for bar in range(n):
                for c in range(bpb):
                    t = (b0 + bar) * bpb + c
                    ev.append((t, "n", 9, kickn if c % 2 == 0 else snare, float(r.normal(104, 6)), 0.1))
                    for j in range(3):
                        if drums["h"]:
                            ev.append(
                                (
                                    t + j / 3,
                                    "n",
                                    9,
                                    drums["cym"],
                                    float(np.clip(r.normal(78 if j == 0 else 62, 6), 20, 120)),
                                    0.1,
                                )
                            )
                    if r.random() < 0.2:
                        ev.append((t + 2 / 3, "n", 9, kickn, 90.0, 0.1))
    # -------- bass, chords, pads
    prog = {
        "bass": int(pick(32, 33, 34, 35, 38, 39, 36)),
        "comp": int(pick(0, 1, 4, 5, 24, 25, 26, 27, 16, 21, 6, 7)),
        "pad": int(pick(48, 50, 51, 89, 90, 52, 16)),
        "arp": int(pick(80, 81, 11, 12, 46, 4, 24, 82, 98)),
        "lead": int(pick(80, 81, 73, 68, 56, 65, 40, 0, 24, 29, 62, 75, 110, 22, 21, 71)),
    }
    if style in ("metal", "punk", "riff"):
        prog["comp"] = int(pick(29, 30, 30, 29))
    if style == "rock" and r.random() < 0.6:
        prog["comp"] = int(pick(27, 29, 30, 26))
    if style == "chip":
        prog.update(bass=int(pick(38, 80, 87)), comp=int(pick(80, 81, 5)), arp=80, lead=int(pick(80, 81)))
    if style in ("stride",):
        prog.update(comp=int(pick(0, 1, 3)), bass=0, lead=int(pick(0, 3, 71)))
    if style == "fingers":
        prog.update(comp=int(pick(24, 25, 46, 0)), bass=int(pick(24, 25, 32)), lead=int(pick(73, 40, 24, 71)))
    if style == "orch":
        prog.update(
            comp=int(pick(45, 48, 60, 61)), bass=int(pick(43, 42, 58)), pad=48, lead=int(pick(40, 73, 60, 56, 68))
        )
    if style == "reelband":
        prog.update(comp=int(pick(25, 21, 0, 105)), bass=int(pick(32, 43, 21)), lead=int(pick(40, 73, 110, 22, 21)))
    push = 0.5 if (r.random() < 0.22 and bpb == 4) else 0.0
    use_pad, use_arp, use_bass = (
        r.random() < 0.35 or style == "orch",
        r.random() < (0.6 if style in ("chip", "techno", "ballad") else 0.22),
        r.random() < 0.93,
    )
    riff = r.random() < (0.8 if style in ("riff", "metal") else 0.15)
    rl = int(pick(1, 2, 2, 4))
    riffs = {}

    def bass_pat():
        if bpb == 3:
            return pick(
                [(0, 1)], [(0, 1)], [(0, 1), (4, 2), (8, 2)], [(0, 1), (8, 2)], [(i, 1) for i in range(0, 12, 2)]
            )
        if style in ("swing", "shuffle"):
            return pick([(0, 1), (4, 3), (8, 2), (12, 4)], [(0, 1), (8, 2)], [(0, 1), (4, 2), (8, 1), (12, 2)])
        if style in ("oompah", "march", "train", "stride", "reelband"):
            return pick([(0, 1), (8, 2)], [(0, 1), (8, 2)], [(0, 1), (4, 1), (8, 2), (12, 2)])
        if style == "salsa":
            return pick([(6, 2), (12, 1)], [(0, 1), (6, 2), (12, 1)])
        if style == "bossa":
            return pick([(0, 1), (6, 2), (8, 2), (14, 1)], [(0, 1), (8, 2)])
        if style in ("house", "techno"):
            return pick(
                [(2, 1), (6, 1), (10, 1), (14, 1)],
                [(i, 1) for i in range(0, 16, 2)],
                [(0, 1), (3, 1), (6, 1), (10, 2)],
                [(i, 1) for i in range(16)],
            )
        if style in ("metal", "punk", "riff"):
            return pick(
                [(i, 1) for i in range(0, 16, 2)], [(i, 1) for i in range(16)], [(i, 1) for i in (0, 3, 6, 8, 11, 14)]
            )
        return pick(
            [(0, 1), (8, 1)],
            [(i, 1) for i in range(0, 16, 2)],
            [(0, 1), (6, 1), (8, 2)],
            [(0, 1)],
            [(0, 1), (3, 1), (8, 1), (10, 2)],
            [(0, 1), (8, 2), (14, 1)],
            [(0, 1), (4, 1), (8, 1), (12, 1)],
            [(0, 1), (6, 2), (10, 1), (14, 1)],
        )

    def comp_pat():
        if bpb == 3:
            return pick(S(4, 8), S(4, 8), S(0, 4, 8), S(0), list(range(0, 12, 2)), S(0, 6))
        if style in ("oompah", "stride", "march"):
            return pick(S(4, 12), S(4, 12), S(2, 6, 10, 14))
        if style in ("reelband",):
            return pick(S(2, 6, 10, 14), S(4, 12), S(0, 4, 8, 12), list(range(0, 16, 2)))
        if style in ("onedrop",):
            return pick(S(2, 6, 10, 14), S(2, 6, 10, 14), S(2, 3, 6, 7, 10, 11, 14, 15))
        if style in ("house",):
            return pick(S(2, 6, 10, 14), S(0, 3, 6, 9, 12), S(0, 3, 6, 10, 13), S(2, 5, 8, 11, 14))
        if style in ("salsa",):
            return pick(S(0, 4, 6, 10, 14), S(0, 3, 6, 10, 12), S(2, 6, 8, 10, 14))
        if style in ("bossa",):
            return pick(S(0, 6, 12), S(0, 6, 10, 14), S(4, 7, 10))
        if style in ("swing", "shuffle"):
            return pick(S(0, 7), S(0, 4, 8, 12), S(4, 12), S(0, 7, 12), S(3, 11))
        if style in ("metal", "punk", "riff"):
            return pick(
                list(range(0, 16, 2)),
                list(range(16)),
                S(0, 3, 6, 8, 11, 14),
                S(0, 2, 3, 4, 6, 7, 8, 10, 11, 12, 14, 15),
                S(0, 6, 12),
                S(0),
            )
        if style == "funk":
            return sorted({int(x) for x in r.choice(16, int(r.integers(3, 8)), replace=False)})
        if style == "ballad":
            return pick(S(0, 4, 8, 12), S(0, 8), S(0), list(range(0, 16, 2)))
        return pick(
            S(0, 4, 8, 12),
            S(0, 6, 8, 14),
            list(range(0, 16, 2)),
            S(0),
            S(0, 8),
            S(4, 12),
            S(0, 3, 6, 8, 11, 14),
            S(0, 4, 6, 10, 12, 14),
            S(2, 6, 10, 14),
            S(0, 6, 12),
        )

    parts = {}
    for b0, n, chords, letter, dens in secs:
        if letter not in parts:
            parts[letter] = {
                "b": bass_pat(),
                "c": comp_pat(),
                "bon": use_bass and (letter != "i" or r.random() < 0.6),
                "con": r.random() < 0.92,
                "pad": use_pad and r.random() < 0.8,
                "arp": use_arp and r.random() < 0.8,
            }
        part = parts[letter]
        if not (part["bon"] or part["con"] or part["pad"] or part["arp"]):
            part["con"] = True
        for bar in range(n):
            cs = chords[bar]

            def at(t, cs=cs):
                return [c for c in cs if c[0] <= t + (push if t >= cs[-1][0] - 0.5 else 0) + 1e-6][-1]

            nxt = chords[bar + 1][0] if bar + 1 < n else cs[-1]
            begin = (b0 + bar) * bpb
            if style == "compound":
                for c in range(bpb):
                    ch = at(c)
                    pcs = QPC[ch[2]]
                    root = 36 + ch[1] % 12
                    if part["bon"] and (c % 2 == 0 or dens > 0.5):
                        ev.append((begin + c, "n", 1, root, 92.0, 0.6))
                    if part["con"]:
                        for j in range(3):
                            ev.append(
                                (
                                    begin + c + j / 3,
                                    "n",
                                    2,
                                    60 + (ch[1] + pcs[(j + c) % len(pcs)]) % 12,
                                    84.0 if j == 0 else 70.0,
                                    0.4,
                                )
                            )
                continue
            if part["bon"]:
                pat = part["b"]
                for i, (s, w) in enumerate(pat):
                    t = s / per
                    ch = at(t) if not (push and s == st - 2) else nxt
                    root = 33 + (ch[1] - 9) % 12
                    p = root + {1: 0, 2: 7, 3: 4 if ch[2] in ("maj", "7", "M7") else 3, 4: 9}[w]
                    d = ((pat[i + 1][0] if i + 1 < len(pat) else st) - s) / per
                    ev.append((begin + t, "n", 1, p, 98.0 if s == 0 else 88.0, d * 0.85))
            if part["con"]:
                if riff:
                    key = (letter, bar % rl)
                    if key not in riffs:
                        riffs[key] = [(s, int(r.choice([0, 0, 0, 3, 5, 7, 10, 12, 1]))) for s in part["c"]]
                    for s, iv in riffs[key]:
                        ch = at(s / per)
                        root = 40 + (ch[1] - 4) % 12 + iv
                        for q in (0, 7):
                            ev.append(
                                (
                                    begin + s / per,
                                    "n",
                                    2,
                                    root + q,
                                    96.0 if s % 4 == 0 else 84.0,
                                    0.22 if len(part["c"]) > 5 else 0.8,
                                )
                            )
                else:
                    for i, s in enumerate(part["c"]):
                        t = s / per
                        ch = at(t) if not (push and s == st - 2) else nxt
                        pcs = QPC["p"] if prog["comp"] in (29, 30) else QPC[ch[2]]
                        lo = 40 if prog["comp"] in (29, 30) else 55
                        gap = ((part["c"][i + 1] if i + 1 < len(part["c"]) else st) - s) / per
                        for q in pcs:
                            ev.append(
                                (begin + t, "n", 2, lo + (ch[1] + q - lo) % 12, 88.0 if s % 8 == 0 else 76.0, gap * 0.8)
                            )
            if part["pad"]:
                for i, c in enumerate(cs):
                    if bar and i == 0 and c[1:] == chords[bar - 1][-1][1:]:
                        continue
                    d = 0
                    j = bar
                    while j < n and chords[j][0][1:] == c[1:] and len(chords[j]) == 1:
                        d += bpb
                        j += 1
                    for q in QPC[c[2]]:
                        ev.append((begin + c[0], "n", 3, 55 + (c[1] + q - 55) % 12, 74.0, max(d, bpb - c[0]) * 0.98))
            if part["arp"]:
                step = 2 if dens < 0.6 else 1
                for s in range(0, st, step):
                    ch = at(s / per)
                    pcs = QPC[ch[2]]
                    ev.append(
                        (
                            begin + s / per,
                            "n",
                            4,
                            67 + (ch[1] + pcs[(s // step) % len(pcs)]) % 12,
                            78.0 if s % 4 else 90.0,
                            step / per * 0.8,
                        )
                    )
    return ev, prog, has_drums
