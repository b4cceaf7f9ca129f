"""Captions of counts and cues: WebVTT (W3C), one cue a count."""

from __future__ import annotations

from fractions import Fraction

from vamos.core.pack.manifest import ClipEntry


def webvtt(entry: ClipEntry) -> str:
    """The counts of a clip as captions, each with what is danced on it; empty when it has none."""
    rate, counts, states = Fraction(entry.rate), entry.counts_told(), entry.states_told()
    frames = [frame for frame, _ in counts]
    out = ["WEBVTT", ""]
    for number, (frame, words) in enumerate(counts):
        end = frames[number + 1] if number + 1 < len(frames) else entry.frames
        cue = next((s.now for f, s in reversed(states) if f <= frame), "")
        # Markup in a name is text here too.
        text = " ".join(x for x in (words, cue) if x).replace("&", "&amp;").replace("<", "&lt;").replace("-->", "–>")
        out += [f"{_time(frame / rate)} --> {_time(end / rate)}", text, ""]
    return "\n".join(out) if counts else ""


def _time(seconds: Fraction) -> str:
    whole = round(seconds * 1000)
    return f"{whole // 3_600_000:02d}:{whole // 60_000 % 60:02d}:{whole // 1000 % 60:02d}.{whole % 1000:03d}"
