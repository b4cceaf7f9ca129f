"""What is heard with a version of a clip: the song, clicks, a counting voice, the room, or nothing."""

from __future__ import annotations

import itertools
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import floor

import numpy as np

from vamos.core.dance.lines import Line
from vamos.core.document.heard import Heard
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples, Sound, read_stretch
from vamos.core.media.voice import say
from vamos.core.media.word_centre import word_centre_s
from vamos.core.model.clip import Clip, ClipSound, Mix, Version
from vamos.core.model.dance import Kind
from vamos.core.model.look import Numbering, Overlay
from vamos.core.render.called import Call, add_calls, calls_between
from vamos.core.render.clicks import Stroke, add_clicks, clicks_between, counts_between
from vamos.core.render.count_in import Lead, lead_of
from vamos.core.render.languages import in_language
from vamos.core.render.sound import RATE, clip_sound, excerpt, faded, stretched
from vamos.core.render.timing import ClipTiming
from vamos.core.render.words import Words
from vamos.core.time import CountRange, TimeMap
from vamos.core.time.counts import subdivision_name
from vamos.core.time.timemap import Floats
from vamos.errors import MediaError

#: The room's sound is bent in pieces of at least this length, joined over ``_JOIN_S``.
_PIECE_S, _JOIN_S = 0.12, 0.02
#: It is read with so much before and after.
_ROOM_MARGIN_S = 1.0
#: A piece may be off by this much before the sound is cut into more pieces.
_BENT_S = 0.002


#: A room below this was not heard at all.
_SILENT = 1e-4
#: What is called ahead stands over these; in the room somebody calls already.
_CALLED_OVER = (ClipSound.SONG, ClipSound.CLICKS, ClipSound.VOICE)
#: The song of an excerpt fades out over so long.
_EXCERPT_FADE_S = 1.0
#: Counts of a line; for fewer than that behind an excerpt nothing needs to click.
_LINE = 8


@dataclass(frozen=True, slots=True)
class Told:
    """What is clicked and said in a clip: its lines, how counts are said, from ``first`` where clips have numbers of
    their own, how it is counted in, what lies over the song, and in which counts (None: in all) something is counted.
    """

    lines: Sequence[Line]
    numbering: Numbering = Numbering.SHEET
    lead: Lead | None = None
    first: Fraction = Fraction(0)
    mix: Mix = Mix()
    within: CountRange | None = None


def told_of(overlay: Overlay, clip: Clip, lines: Sequence[Line], mix: Mix) -> Told:
    """What is said of a clip that shows an overlay."""
    return Told(lines, overlay.numbering, lead_of(overlay.count_in, clip, lines), clip.counts.start, mix, clip.filmed)


def version_sound(
    version: Version,
    timing: ClipTiming,
    told: Told,
    song: Sound | None,
    room: Sound | None,
    times: Floats,
) -> Samples | None:
    """Samples ``(frames, 2)`` at ``RATE``, exactly as long as the picture; None for silence.

    ``times`` are the take seconds of the output frames, for the room's sound. A count-in is said over the song, and
    instead of what was said in the room. Without a song (or a room) there is silence where it was wanted.
    """
    heard, lead, mix = version.sound, told.lead, told.mix
    out: Samples | None = None
    over_s = 0.0
    edges, counts_to_out = timing.counts(), timing.counts_to_out()
    if heard is ClipSound.SONG:
        out = clip_sound(song, timing) if song is not None else None
        if out is not None and room is not None and mix.room:
            _room_under(out, room_sound(room, times, timing), mix.room, counts_to_out(lead.start) if lead else 0.0)
        # The song may be heard in the room too.
        if out is not None and mix.excerpt_s is not None:
            over_s = _excerpt(out, counts_to_out(told.first), mix.excerpt_s)
    elif heard is ClipSound.ROOM:
        out = room_sound(room, times, timing) if room is not None else None
        if out is not None and lead is not None:
            _silenced_until(out, counts_to_out(lead.start))
    elif heard in (ClipSound.CLICKS, ClipSound.VOICE):
        out = np.zeros((round(timing.duration_s * RATE), 2), dtype=np.float32)
    over = heard is ClipSound.SONG and out is not None
    levels = (
        float(heard is ClipSound.CLICKS) or over * mix.clicks,
        float(heard is ClipSound.VOICE) or over * mix.voice,
    )
    calls = calls_between(told.lines, edges, counts_to_out, lead) if mix.calls and heard in _CALLED_OVER else []
    if out is not None and any(levels):
        _counted(out, levels, told, edges, counts_to_out, calls)
    if out is not None and over_s and not mix.clicks:
        _goes_on(out, over_s, told, edges, counts_to_out)
    if out is not None:
        add_calls(out, mix.calls, calls)
    if out is not None and lead is not None and heard is not ClipSound.CLICKS:
        add_voice(out, RATE, lead.said, counts_to_out, mix.language)
    return out


def _counted(
    out: Samples,
    levels: tuple[float, float],
    told: Told,
    edges: CountRange,
    counts_to_out: TimeMap,
    calls: Sequence[Call],
) -> None:
    """Mix clicks and a voice on the counts, each at its level beside what is heard already, in place."""
    lead = told.lead
    loud = float(np.percentile(np.abs(out), 99.5)) if out.any() else 1.0
    if told.within is not None:
        edges = CountRange(max(edges.start, told.within.start), min(edges.end, told.within.end))
    start = edges.start if lead is None else max(edges.start, lead.start)
    for level, clicks in zip(levels, (True, False), strict=True):
        if not level:
            continue
        part = np.zeros_like(out)
        if clicks:
            found = clicks_between(told.lines, start, edges.end)
            found += [(at, Stroke.COUNT) for at, _ in lead.said if at >= edges.start] if lead is not None else []
            add_clicks(part, RATE, found, counts_to_out)
        else:
            said = spoken_counts(told.lines, start, edges.end, told.numbering, told.first)
            # Two words at once are no words.
            said = [w for w in said if not any(c.lasts(counts_to_out(w[0])) for c in calls)]
            add_voice(part, RATE, said, counts_to_out, told.mix.language)
        out += np.float32(level * (loud / max(1e-6, float(np.abs(part).max())) if loud < 1 else 1.0)) * part


def _goes_on(out: Samples, over_s: float, told: Told, edges: CountRange, counts_to_out: TimeMap) -> None:
    """Where more than a line is left when the excerpt of the song is over, clicks go on, in place."""
    found = [
        (at, strong)
        for at, strong in clicks_between(told.lines, edges.start, edges.end)
        if counts_to_out(at) >= over_s and (told.within is None or told.within.contains(at))
    ]
    if len(found) > _LINE:
        clicks = np.zeros_like(out)
        add_clicks(clicks, RATE, found, counts_to_out)
        loud = float(np.abs(out).max()) or 1.0
        out += np.float32(loud / max(1e-6, float(np.abs(clicks).max()))) * clicks


def _excerpt(samples: Samples, from_s: float, seconds: float) -> float:
    """Only so many seconds are heard, from the first count on, in place; run-up and all after it are silent.

    Returns the second at which it is over.
    """
    first = max(0, round(from_s * RATE))
    last = min(len(samples), first + round(seconds * RATE))
    fade = min(round(_EXCERPT_FADE_S * RATE), last - first)
    short = min(round(0.012 * RATE), last - first)
    samples[:first] = 0
    samples[last:] = 0
    samples[first : first + short] *= np.linspace(0, 1, short, dtype=np.float32)[:, None]
    samples[last - fade : last] *= np.linspace(1, 0, fade, dtype=np.float32)[:, None]
    return last / RATE


def _room_under(out: Samples, heard: Samples, level: float, from_s: float) -> None:
    """Mix what the film heard under the song, at ``level`` of its loudness, in place, without its own count-in.

    Loudness is compared where each is loud, so that a quiet room with a few words does not lift its noise.
    """
    _silenced_until(heard, from_s)
    loud = [float(np.percentile(np.abs(x), 99.5)) for x in (out, heard)]
    if loud[1] > _SILENT:
        # Beside a silent song there is nothing to be as loud as.
        out += np.float32(level * ((loud[0] or 1.0) / loud[1])) * heard[: len(out)]


def _silenced_until(samples: Samples, end_s: float) -> None:
    """Nothing is heard before a second, in place."""
    end, fade = max(0, round(end_s * RATE)), round(0.03 * RATE)
    samples[: max(0, end - fade)] = 0
    part = samples[max(0, end - fade) : end]
    part *= np.linspace(0, 1, len(part), dtype=np.float32)[:, None]


def room_of(heard: Heard, take_times: Floats) -> tuple[Sound | None, Floats]:
    """A take's sound around take seconds, and these on its clock; no sound when there is none."""
    times = take_times if heard.clock is None else np.asarray(heard.clock(take_times))
    start = max(0.0, float(times[0]) - _ROOM_MARGIN_S)
    try:
        return read_stretch(heard.path, RATE, 2, start, float(times[-1]) + _ROOM_MARGIN_S), times - start
    except MediaError:
        return None, times


def add_voice(
    samples: Samples,
    rate: int,
    spoken_words: Sequence[tuple[Fraction, str]],
    counts_to_out: TimeMap,
    language: str = "en",
) -> None:
    """Mix a voice that says counts and words, each heard on its count, in place.

    A word is heard at its centre, not at its first sound; so it begins that much before its count.
    """
    spoken_words = [(at, word) for at, word in spoken_words if counts_to_out(at) > -1e-6]
    words = [_word(k, spoken_words, counts_to_out, rate, language) for k in range(len(spoken_words))]
    for (first, tone), following in zip(words, [*words[1:], None], strict=True):
        # The word before makes room for the next one.
        room = (following[0] if following is not None else len(samples)) - first
        tone = tone[: max(0, min(len(tone), room))].copy()
        tail = min(len(tone), round(0.03 * rate))
        if tail:
            tone[-tail:] *= np.linspace(1, 0, tail, dtype=np.float32)
        tone = tone[max(0, -first) :]
        first = max(0, first)
        tone = tone[: max(0, len(samples) - first)]
        samples[first : first + len(tone)] += 0.8 * tone[:, None]


def _word(
    k: int, spoken_words: Sequence[tuple[Fraction, str]], counts_to_out: TimeMap, rate: int, language: str
) -> tuple[int, Samples]:
    """The sample at which a word begins, and its sound, as fast as its count has room for it."""
    position, word = spoken_words[k]
    until = spoken_words[k + 1][0] if k + 1 < len(spoken_words) else position + 1
    room_s = counts_to_out(until) - counts_to_out(position)
    spoken, said_rate = say(in_language(word, language), int(np.clip(90 / room_s, 160, 340)), language=language)
    tone = scipy.signal.resample_poly(spoken, rate, said_rate).astype(np.float32)
    return round((counts_to_out(position) - word_centre_s(tone, rate)) * rate), tone


#: Parts of a count as they are said.
_PARTS = {"&": "and", "a": "uh", "e": "ee"}
#: A part that leaves less than this to the next word is not said, in counts.
_LEAST = Fraction(1, 4)


def spoken_counts(
    lines: Sequence[Line],
    start: Fraction,
    end: Fraction,
    numbering: Numbering = Numbering.SHEET,
    first: Fraction = Fraction(0),
) -> list[tuple[Fraction, str]]:
    """(count, word) of everything that is said: each count as the plate shows it, and parts on which one dances."""
    words = Words(lines)
    found: dict[Fraction, str] = {}
    for position, _ in counts_between(lines, start, end):
        # On a whole count only half-time counting says an “and”.
        is_and = words.part_at(position, numbering) == "&"
        number = words.number_at(position, numbering, first)
        if number:
            found[position] = "and" if is_and else number
    if numbering is not Numbering.HALF:
        for line in lines:
            for at, event in line.events():
                part = _PARTS.get(subdivision_name(at - floor(at), line.feel))
                if part and start <= at < end and event.kind not in (Kind.HOLD, Kind.BREATH):
                    found.setdefault(at, part)
    said = sorted(found.items())
    return [
        (at, word)
        for (at, word), (following, _) in zip(said, [*said[1:], (end + 1, "")], strict=True)
        if at.denominator == 1 or following - at >= _LEAST
    ]


def room_sound(room: Sound, times: Floats, timing: ClipTiming) -> Samples:
    """The take's own sound bent to the picture: pieces stretched with the pitch kept, and joined.

    ``room`` is at ``RATE`` with two channels.
    """
    frames = round(timing.duration_s * RATE)
    ends = np.append(times, times[-1] + (times[-1] - times[-2] if len(times) > 1 else timing.rate.frame_s))
    out_s = np.arange(len(ends)) / float(timing.rate.per_second)
    knots = _knots(out_s, ends)
    out = np.zeros((frames, 2), dtype=np.float32)
    join = round(_JOIN_S * RATE)
    for a, b in itertools.pairwise(knots):
        first, last = round(out_s[a] * RATE), min(frames, round(out_s[b] * RATE))
        piece = _bent(room, ends[a], ends[b], last - first, join)
        before, after = (join if a > 0 else 0), (join if last < frames else 0)
        part = piece[join - before : join + (last - first) + after]
        if before:
            part[:before] *= np.linspace(0, 1, before, dtype=np.float32)[:, None]
        if after:
            part[-after:] *= np.linspace(1, 0, after, dtype=np.float32)[:, None]
        # Joins lie before each knot on both sides, so that fades cross.
        start = first - before
        stop = min(frames, start + len(part))
        out[start:stop] += part[: stop - start]
    return faded(out)


def _knots(out_s: Floats, take_s: Floats) -> list[int]:
    """Where pieces begin: at the corners of the times, so that straight pieces follow them within ``_BENT_S``."""
    knots = [0, len(out_s) - 1]
    at = 0
    while at < len(knots) - 1:
        a, b = knots[at], knots[at + 1]
        straight = np.interp(out_s[a : b + 1], out_s[[a, b]], take_s[[a, b]])
        off = np.abs(straight - take_s[a : b + 1])
        worst = a + int(np.argmax(off))
        if off.max() <= _BENT_S or min(out_s[worst] - out_s[a], out_s[b] - out_s[worst]) < _PIECE_S:
            at += 1
        else:
            knots.insert(at + 1, worst)
    return knots


def _bent(room: Sound, start_s: float, end_s: float, frames: int, join: int) -> Samples:
    """A stretch of the room's sound brought to ``frames`` samples, with ``join`` more on both sides."""
    speed = Fraction((end_s - start_s) * RATE / max(1, frames)).limit_denominator(10000)
    speed = min(max(speed, Fraction(1, 4)), Fraction(4))
    margin_s = 0.15
    source = excerpt(room, start_s - margin_s, round((end_s - start_s + 2 * margin_s) * RATE))
    slow = stretched(source, RATE, speed)
    skip = round(margin_s / float(speed) * RATE) - join
    out = np.zeros((frames + 2 * join, 2), dtype=np.float32)
    part = slow[max(0, skip) : max(0, skip) + len(out)]
    out[: len(part)] = part
    return out
