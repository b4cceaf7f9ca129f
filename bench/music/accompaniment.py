"""Accompaniment from the groove library of Debian's package mma, run as a command line."""

from __future__ import annotations

import glob
import os
import re
import subprocess
import tempfile
from pathlib import Path

import mido
import numpy as np

from bench.music.harmony import chord_name

MMA = "/usr/share/mma"

#: These stop mma with an error of their own.
BROKEN = {"zoom/blues34.mma", "zoom/blues68.mma"}


def mma_files():
    out = {}
    for f in sorted(glob.glob(f"{MMA}/lib/*/*.mma")):
        if "metronome" in f:
            continue
        s = Path(f).read_text(encoding="latin-1")
        t = re.findall(r"(?im)^\s*Time\s+(\d+)", s)
        g = re.findall(r"(?im)^\s*DefGroove\s+(\S+)", s)
        if len(set(t)) != 1 or not g or t[0] not in "346":
            continue
        out[f.split("/mma/lib/")[1]] = (int(t[0]), g)
    return {k: v for k, v in out.items() if k not in BROKEN}


FILES = mma_files()


def mma_events(fname, plan, bpb, seed, secs):
    """plan: [(groove, chords of bar)]. Events (beat, kind, channel, a, b), beats of MMA."""
    lib = fname.split("/")[0]
    body = [f"RndSeed {seed}", "Tempo 120"]
    last = None
    pre = "" if lib == "stdlib" else lib + ":"
    for groove, ch in plan:
        if groove != last:
            body.append(f"Groove {pre}{groove}")
            last = groove
        slots = ["/"] * bpb
        for b, root, q in ch:
            slots[b] = chord_name(root, q)
        body.append(" ".join(slots))
    d = tempfile.mkdtemp(dir="/dev/shm")
    p = f"{d}/x.mma"
    Path(p).write_text("\n".join(body) + "\n")
    try:
        r = subprocess.run(
            ["mma", p],
            capture_output=True,
            text=True,
            timeout=60,
        )
        if not os.path.exists(f"{d}/x.mid"):
            raise RuntimeError(fname + " " + (r.stdout + r.stderr)[-200:])
        m = mido.MidiFile(f"{d}/x.mid")
    finally:
        subprocess.run(["rm", "-rf", d])
    ev = []
    for t in m.tracks:
        at = 0
        for x in t:
            at += x.time
            b = at / m.ticks_per_beat
            if x.type == "note_on" and x.velocity:
                ev.append((b, "on", x.channel, x.note, x.velocity))
            elif x.type in ("note_on", "note_off"):
                ev.append((b, "off", x.channel, x.note, 0))
            elif x.type == "program_change":
                ev.append((b, "prog", x.channel, x.program, 0))
            elif x.type == "control_change" and x.control in (7, 10, 11, 64):
                ev.append((b, "cc", x.channel, x.control, x.value))
            elif x.type == "pitchwheel":
                ev.append((b, "bend", x.channel, x.pitch, 0))
    return ev


def tempo_for(name, r):
    n = name.lower()
    for pat, lo, hi in (
        ("ballad|slow|bald", 60, 96),
        ("bebop|fastblues|bluegrass|dixie", 130, 196),
        ("swing|bigband|jazz|basie|charleston|foxtrot", 105, 190),
        ("waltz|34", 84, 186),
        ("dnb|jungl", 150, 182),
        ("polka|march|twostep|ragtime", 92, 132),
        ("samba|mambo|salsa|merengue|bossa", 100, 184),
        ("hiphop|hip|rnb|r&b|triphop|funk", 72, 116),
        ("reggae|ska", 70, 140),
        ("techno|trance|rave|house|disco|dance|eurobeat", 112, 152),
        ("mtl|metal|hrk|punk|thrash", 96, 190),
        ("rock|beat", 84, 168),
    ):
        if re.search(pat, n):
            return float(r.uniform(lo, hi))
    return float(np.clip(112 * 2 ** r.normal(0, 0.38), 64, 190))
