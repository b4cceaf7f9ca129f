"""A machine-made song with exact truth, drawn from a seed: form, accompaniment, tune, time, sound.

Everything is kept in counts until the last step: ``Score.events`` are (count, kind, channel, a, b), so that bars
can be cut and added and stops made whatever the accompaniment came from.
"""

from __future__ import annotations

import re
from dataclasses import dataclass, field

import numpy as np

from bench.music import synth
from bench.music.accompaniment import FILES, mma_events, tempo_for
from bench.music.grooves import OWN, OWN_TEMPO, own_events
from bench.music.harmony import melody, section_chords
from bench.music.split import FONTS, part_of_groove, part_of_seed, part_of_style
from bench.music.tunes import sections_of, tunes

FORMS = ["AABA", "ABAB", "AABB", "AAAA", "ABAC", "ABCB", "AABBCC", "AAB", "ABCD"]
#: Counts written at most: longer than any excerpt.
LONGEST_COUNTS = 400
#: Seeds from here on play folk tunes of :mod:`bench.music.tunes`.
TUNES_FROM = 4000
#: Styles that are hard and rare in the groove library are drawn more often.
OFTEN = ["ballad", "orch", "fingers", "compound", "metal", "punk", "waltz", "halftime"]


@dataclass
class Score:
    """What is played, in counts, and what is true of it."""

    events: list[tuple[float, str, int, int, float]]
    sections: list[tuple[int, int, list, str, float]]
    bars_of: int
    counts_a_bar: int
    meter: int
    bpm: float
    per_count: int = 1
    octave_weight: float = 1.0
    drums: bool = True
    groove: str = ""
    programs: list[tuple[int, int]] = field(default_factory=list)
    volumes: dict[int, float] = field(default_factory=dict)
    bounds: list[int] = field(default_factory=list)
    lead: int = 0
    warp: object = None
    #: A folk tune: notes of each letter, and quarters in a count.
    strains: dict[str, tuple] = field(default_factory=dict)
    quarters: float = 1.0


def make(seed: int) -> tuple[dict, np.ndarray, np.random.Generator]:
    """The truth of a song, its samples at 22.05 kHz, and the generator for what comes after."""
    r = np.random.default_rng(seed)
    part = part_of_seed(seed)
    if seed >= TUNES_FROM:
        score = _folk(part, seed, r)
        sung = True
    else:
        score = _own(part, r) if r.random() < 0.5 else _library(part, seed, r)
        sung = _add_tune(score, r)
    _bend_form(score, r)
    clicks = _count_in(score, r)
    counts, places, starts = _places(score)
    length = score_length(score, r)
    at = _times(score.bpm, len(counts), r)
    truth, out = _performed(score, counts, at, length, r)
    font = str(r.choice(FONTS[part]))
    samples = synth.render(out, length, font)
    first_danced = next((b for b, s in zip(score.bounds, score.sections, strict=False) if s[3] != "i"), 0)
    keep = truth.pop("keep")
    kept = counts[keep]
    truth.update(
        seed=seed,
        part=part,
        groove=score.groove,
        drums=score.drums,
        meter=score.meter,
        line=6 if score.meter == 3 else 8,
        bpm=score.bpm,
        per_count=score.per_count,
        oct_w=score.octave_weight,
        font=font,
        cin=clicks,
        melody=sung,
        length=length,
        pos=places[keep].tolist(),
        sect=starts[keep].tolist(),
        start=int(np.flatnonzero(kept == first_danced)[0])
        if truth["cut"] == 0 and (kept == first_danced).any()
        else -1,
    )
    return truth, samples, r


def _form(bars_of: int, r) -> tuple[list[tuple[str, int]], bool]:
    """[(letter, bars)], the letter i for an intro; and whether a blues is played."""
    bars = int(r.choice([8, 16, 4, 12], p=[0.55, 0.17, 0.15, 0.13]))
    sections = [(c, bars) for c in str(r.choice(FORMS)) * 8]
    if r.random() < 0.7:
        sections.insert(0, ("i", int(r.choice([1, 2, 4, 8, 12, 16, 18], p=[0.05, 0.2, 0.4, 0.2, 0.04, 0.08, 0.03]))))
    return sections, bars == 12 and bars_of == 4 and r.random() < 0.7


def _harmony(bars_of: int, own: bool, r) -> list[tuple[int, int, list, str, float]]:
    """Sections as (first bar, bars, chords of each bar, letter, density)."""
    minor, key, rich = bool(r.random() < 0.4), int(r.integers(12)), bool(r.random() < 0.35)
    form, blues = _form(bars_of, r)
    rate = float(r.choice([1, 2, 0.5, 0.25], p=[0.58, 0.17, 0.17, 0.08]))
    if not own and bars_of != 4 and rate == 2:
        rate = 1.0
    letters = sorted({c for c, _ in form})
    most = max(n for _, n in form) + 2
    chords = {c: section_chords(most, bars_of, key, minor, rich, r, rate, blues) for c in letters}
    if len(letters) > 1 and r.random() < 0.3:
        chords = dict.fromkeys(letters, chords["A"])
    out, first = [], 0
    for letter, bars in form:
        out.append((first, bars, chords[letter][:bars], letter, float(r.random())))
        first += bars
        if first > LONGEST_COUNTS / bars_of:
            break
    return out


def _folk(part: str, seed: int, r) -> Score:
    """A folk tune of the part over one of our own grooves or one of the library, sometimes without drums."""
    pool = tunes(part)
    tune = pool[int(r.integers(len(pool)))]
    beat, sections, strains = sections_of(tune, r, LONGEST_COUNTS)
    own = [s for s in OWN if part_of_style(s) == part and _beats_of(s) == tune.bars_of]
    if own and r.random() < 0.5:
        score = _own(part, r, own, _in_pairs(sections) if tune.compound else sections)
        score.quarters = 3 * beat if tune.compound else beat
    else:
        score = _library(part, seed, r, tune.bars_of, sections)
        score.quarters = beat * score.per_count
    score.strains = strains
    score.groove = f"{score.groove} {tune.name}"
    if r.random() < 0.25:
        score.events = [e for e in score.events if e[2] != 9]
        score.drums, score.octave_weight = False, min(score.octave_weight, 0.5)
    _play_tune(score, r)
    return score


def _beats_of(style: str) -> int:
    """Beats a bar, with 6 for compound time."""
    return 3 if style.startswith("waltz") else 6 if style == "compound" else 4


def _in_pairs(sections):
    """Bars of six eighths as bars of four counts."""

    def pair(chords) -> list:
        return [
            [(at // 3, *kind) for at, *kind in chords[b]] + [(2 + at // 3, *kind) for at, *kind in chords[b + 1]]
            for b in range(0, len(chords) - 1, 2)
        ]

    return [
        (first // 2, bars // 2, pair(chords), letter, dense)
        for first, bars, chords, letter, dense in sections
        if bars > 1 or letter != "i"
    ]


def _play_tune(score: Score, r) -> None:
    """The folk tune over its sections, pickups before the bar as written."""
    used = {e[2] for e in score.events}
    channel = next(c for c in (10, 11, 12, 13, 14, 15, 5, 6, 7, 1, 2) if c not in used)
    warp = score.warp or (lambda at: at)
    up = int(r.choice([0, 0, 12, -12]))
    short, loud = float(r.uniform(0.6, 0.98)), float(r.uniform(74, 96))
    for (_, bars, _, letter, _), bound in zip(score.sections, score.bounds, strict=True):
        for start, length, pitch in score.strains.get(letter, ()):
            at = warp(start / score.quarters)
            if at < bars * score.counts_a_bar:
                ends = max(at + 0.05, warp((start + length * short) / score.quarters))
                strong = 8 * (abs(at % score.counts_a_bar) < 0.01)
                velocity = float(np.clip(r.normal(loud + strong, 6), 30, 120))
                score.events.append((bound + at, "on", channel, pitch + up, velocity))
                score.events.append((bound + ends, "off", channel, pitch + up, 0))
    score.programs.append((channel, int(r.choice([0, 40, 73, 65, 56, 80, 24, 22, 71, 21, 110, 105, 13, 46]))))
    score.volumes[channel] = float(r.uniform(70, 127))


def _own(part: str, r, pool: list[str] | None = None, sections: list | None = None) -> Score:
    """A song in one of our own grooves."""
    if pool is None:
        pool = [s for s in OWN if part_of_style(s) == part]
        pool = pool + [s for s in OFTEN if s in pool]
    style = str(r.choice(pool))
    bars_of = 3 if style.startswith("waltz") else 4
    sections = _harmony(bars_of, True, r) if sections is None else sections
    bpm = float(r.uniform(*OWN_TEMPO[style]))
    notes, programs, drums = own_events(style, sections, bars_of, r, None)
    warp = _swing(style, r)
    events = []
    for at, _, channel, pitch, velocity, length in notes:
        events.append((warp(at), "on", channel, pitch, velocity))
        events.append((max(warp(at) + 0.05, at + length), "off", channel, pitch, 0))
    volumes = {c: float(r.uniform(a, b)) for c, a, b in ((1, 70, 120), (2, 50, 110), (3, 40, 90), (4, 40, 95))}
    volumes[9] = float(r.uniform(80, 127))
    return Score(
        events,
        sections,
        bars_of,
        bars_of,
        bars_of,
        bpm,
        drums=bool(drums),
        groove=f"own/{style}",
        programs=[(c, programs[k]) for c, k in ((1, "bass"), (2, "comp"), (3, "pad"), (4, "arp"))],
        volumes=volumes,
        bounds=[s[0] * bars_of for s in sections],
        lead=programs["lead"],
        warp=warp,
    )


def _swing(style: str, r):
    """How straight counts are swung: eighths, or sixteenths in hip-hop and funk."""
    amount, sixteenths = 0.5, False
    if style in ("swing", "shuffle"):
        amount = float(r.uniform(0.58, 0.69))
    elif style in ("hiphop", "funk", "reelband", "pop", "train") and r.random() < 0.4:
        amount, sixteenths = float(r.uniform(0.53, 0.64)), style in ("hiphop", "funk")
    if style == "compound" or amount == 0.5:
        return lambda at: at

    def warp(at: float) -> float:
        scaled = at * 2 if sixteenths else at
        whole = np.floor(scaled + 1e-9)
        part = scaled - whole
        part = part * 2 * amount if part < 0.5 else amount + (part - 0.5) * 2 * (1 - amount)
        return float((whole + part) / 2 if sixteenths else whole + part)

    return warp


def _library(part: str, seed: int, r, beats: int = 0, sections: list | None = None) -> Score:
    """A song in a groove of the library."""
    names = [n for n in sorted(FILES) if part_of_groove(n) == part and beats in (0, FILES[n][0])]
    odd = [n for n in names if FILES[n][0] != 4]
    file = str(r.choice(odd if beats == 0 and r.random() < 0.2 and odd else names))
    bars_of, grooves = FILES[file]
    sections = _harmony(bars_of, False, r) if sections is None else sections
    plan = _groove_plan(sections, grooves, r)[: int(75 * 3.4 / bars_of) + 4]
    played = mma_events(file, plan, bars_of, seed, None)
    score = Score([], sections, bars_of, bars_of, bars_of, tempo_for(file, r), groove=file)
    score.drums = sum(e[1] == "on" and e[2] == 9 for e in played) > 20
    _counted_at(score, played, r)
    for event in played:
        if event[1] == "prog" and event[2] != 9 and r.random() < 0.35:
            event = (event[0], "prog", event[2], event[3] // 8 * 8 + int(r.integers(8)), 0)
        score.events.append((event[0] / score.per_count, *event[1:]))
    score.counts_a_bar = 2 if bars_of == 6 else bars_of // score.per_count
    score.bounds = [s[0] * score.counts_a_bar for s in sections]
    score.lead = int(r.choice([0, 40, 73, 65, 56, 80, 81, 24, 22, 71, 11, 68]))
    return score


def _groove_plan(sections, grooves: list[str], r) -> list[tuple[str, list]]:
    """(groove, chords) of each bar, with fills at the ends of phrases where the file has some."""
    base = [g for g in grooves if not re.search("(?i)intro|end|fill", g)] or grooves
    fills = [g for g in grooves if re.search("(?i)fill", g)]
    intros = [g for g in grooves if re.search("(?i)intro", g)]
    main = {s[3]: str(r.choice(base)) for s in sections}
    if r.random() < 0.5:
        main = dict.fromkeys(main, main.get("A", base[0]))
    every = int(r.choice([4, 8, 8, 0]))
    plan = []
    for _, bars, chords, letter, _ in sections:
        for bar in range(bars):
            groove = intros[0] if letter == "i" and intros else main[letter]
            if every and fills and (bar + 1) % every == 0 and letter != "i":
                groove = str(r.choice(fills))
            plan.append((groove, chords[bar]))
    return plan


def _counted_at(score: Score, played, r) -> None:
    """Which octave is counted, by where kick and snare stand in the bar; 6/8 is counted in two."""
    if score.bars_of == 6:
        score.per_count, score.bpm, score.meter = 3, float(r.uniform(56, 124)), 4
        return
    if score.bars_of != 4:
        return
    snare, kick = np.zeros(16), np.zeros(16)
    for at, kind, channel, pitch, velocity in played:
        if kind == "on" and channel == 9:
            step = round((at % 4) * 4) % 16
            snare[step] += velocity * ({38: 1.0, 40: 1.0, 39: 1.0, 37: 0.4}.get(pitch, 0.0))
            kick[step] += velocity * (pitch in (35, 36))
    total = snare.sum() + 1e-9
    if snare.sum() <= 300:
        score.octave_weight = 0.5
        return
    back, half, off = snare[4] + snare[12], snare[8], snare[2] + snare[6] + snare[10] + snare[14]
    if half > 1.6 * (back + 1) and half > 0.5 * total and kick[8] < 0.5 * kick[0]:
        score.per_count, score.bpm = 2, float(r.uniform(62, 96))
    elif off > 2.2 * (back + half + 1) and kick[[0, 4, 8, 12]].min() > 20:
        score.octave_weight = 0.0
    elif back < 0.25 * total:
        score.octave_weight = 0.4


def _add_tune(score: Score, r) -> bool:
    """A tune of its own for each letter, not over the intro; with a pickup of half a count to a count and a half."""
    used = {e[2] for e in score.events}
    free = [c for c in (10, 11, 12, 13, 14, 15, 5, 6, 7) if c not in used]
    pickup = int(r.choice([0, 0, 0, 1, 2, 3])) if score.bars_of != 6 else 0
    if r.random() >= 0.65 or not free:
        return False
    base, sub = int(r.choice([60, 64, 67, 55])), int(r.choice([1, 1, 2]))
    density = float(r.uniform(0.1, 0.6)) * (0.4 if score.bpm > 140 else 1)
    tunes: dict[str, list] = {}
    channel = free[0]
    for (_, bars, chords, letter, _), bound in zip(score.sections, score.bounds, strict=True):
        if letter == "i":
            continue
        if letter not in tunes:
            tunes[letter] = _tune(score, bars, chords, base, density, sub, pickup, r)
        for at, length, pitch, velocity in tunes[letter]:
            if at < bars * score.counts_a_bar:
                score.events.append((bound + at, "on", channel, pitch, velocity))
                score.events.append((bound + at + length, "off", channel, pitch, 0))
    if pickup and score.sections[0][3] != "i":
        for j in range(pickup):
            at = (-pickup * 0.5 + j * 0.5) / score.per_count
            score.events.append((at, "on", channel, base + 7 - pickup + j, 84))
            score.events.append((at + 0.4, "off", channel, base + 7 - pickup + j, 0))
    score.programs.append((channel, score.lead))
    score.volumes[channel] = float(r.uniform(70, 127))
    return True


def _tune(score: Score, bars: int, chords, base: int, density: float, sub: int, pickup: int, r):
    """(count, length in counts, pitch, velocity) over one section."""
    if score.groove == "own/compound":
        halves = [
            [(0, *([x for x in chords[b // 2] if x[0] <= 2 * (b % 2)] or chords[b // 2])[-1][1:])]
            for b in range(2 * bars)
        ]
        notes = melody(2 * bars, 6, halves, r, base, density * 0.5, 1, 0)
        return [(at / 3, length / 3, p, v) for at, length, p, v in notes]
    if score.bars_of == 6:
        notes = melody(bars, 6, chords, r, base, density * 0.5, 1, 0)
        return [(at / 3, length / 3, p, v) for at, length, p, v in notes]
    warp = score.warp or (lambda at: at)
    notes = melody(bars, score.bars_of, chords, r, base, density, sub, pickup)
    return [(warp(at / score.per_count), length / score.per_count, p, v) for at, length, p, v in notes]


def _bend_form(score: Score, r) -> None:
    """Cut bars, added bars and stops at ends of sections."""
    for index in range(1, len(score.bounds) - 1):
        end = score.bounds[index + 1]
        if score.bounds[index + 1] - score.bounds[index] < 8 or end > LONGEST_COUNTS:
            continue
        if r.random() < 0.05:
            size = int(r.choice([2, 4])) if score.meter == 4 else 3
            (_cut if r.random() < 0.5 else _add)(score, index, end, size)
        elif r.random() < 0.08:
            silent = float(r.choice([1, 2, 3, 4]))
            score.events = [e for e in score.events if e[1] != "on" or not end - silent + 0.1 < e[0] < end - 0.26]


def _cut(score: Score, index: int, end: int, size: int) -> None:
    """The last counts of a section are left out; what follows comes earlier."""
    kept = []
    for event in score.events:
        if end - size - 0.01 <= event[0] < end - 0.01:
            if event[1] != "on":
                kept.append((end - size, *event[1:]))
        else:
            kept.append((event[0] - size * (event[0] >= end - 0.01), *event[1:]))
    score.events = kept
    score.bounds = [b - size * (k > index) for k, b in enumerate(score.bounds)]


def _add(score: Score, index: int, end: int, size: int) -> None:
    """The last counts of a section are played twice."""
    kept = []
    for event in score.events:
        again = end - size - 0.01 <= event[0] < end - 0.01
        kept.append((event[0] + size * (event[0] >= end - 0.01), *event[1:]))
        if again:
            kept.append((event[0] + size, *event[1:]))
    score.events = kept
    score.bounds = [b + size * (k > index) for k, b in enumerate(score.bounds)]


def _count_in(score: Score, r) -> int:
    """Sticks before the music, sometimes; on every count, or the first four of eight on every second."""
    if r.random() >= 0.13 or not score.drums:
        return 0
    counts = int(r.choice([3, 6])) if score.meter == 3 else int(r.choice([4, 8, 2]))
    note, full = int(r.choice([31, 42, 37, 75, 76])), bool(r.random() < 0.5)
    for j in range(-counts, 0):
        if counts != 8 or full or j >= -4 or j % 2 == 0:
            score.events.append((float(j), "on", 9, note, 104))
    return counts


def _places(score: Score) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """All counts; the place of each in its line; whether a section starts there."""
    line = 6 if score.meter == 3 else 8
    first = min(e[0] for e in score.events if e[1] == "on")
    last = max(e[0] for e in score.events)
    counts = np.arange(int(np.ceil(first - 0.02)), int(last) + 2)
    bounds = np.array(score.bounds)
    section = np.maximum(0, np.searchsorted(bounds, counts + 1e-6) - 1)
    places = (counts - bounds[section]) % line
    _, bars, _, letter, _ = score.sections[0]
    if bars == 1 and letter == "i" and score.counts_a_bar == 4:
        places[(counts >= 0) & (counts < 4)] += 4  # an intro of one bar is the end of a line
    return counts, places % line, np.isin(counts, bounds).astype(int)


def score_length(score: Score, r) -> float:
    """Seconds rendered: enough to hear the song go on after its intro."""
    intro = score.sections[0][1] * score.counts_a_bar * 60 / score.bpm if score.sections[0][3] == "i" else 0.0
    return float(min(80, max(r.uniform(40, 62), intro + r.uniform(22, 34))))


def _times(bpm: float, count: int, r) -> np.ndarray:
    """Seconds of each count from the first on: steady, wandering or drifting."""
    gaps, k, kind = np.full(count, 60 / bpm), np.arange(count), r.random()
    if 0.45 < kind < 0.7:
        gaps *= 1 + r.uniform(0.005, 0.04) * np.sin(2 * np.pi * (k / r.uniform(20, 120) + r.random()))
    elif 0.7 <= kind < 0.88:
        wander = np.convolve(r.normal(0, r.uniform(0.002, 0.01), count), np.ones(6) / 6, "same")
        gaps *= np.exp(np.clip(wander, -0.05, 0.05))
    elif kind >= 0.88:
        gaps *= np.exp(np.linspace(0, r.uniform(-0.12, 0.12), count))
    return np.concatenate([[0], np.cumsum(gaps[:-1])])


def _performed(score: Score, counts, at, length: float, r) -> tuple[dict, list]:
    """The truth in seconds, and the events in seconds, by hands that are not exact."""

    def seconds(count: float) -> float:
        if count < counts[0]:
            return float(at[0] + (count - counts[0]) * (at[1] - at[0]))
        return (
            float(np.interp(count, counts, at)) if count <= counts[-1] else float(at[-1] + (count - counts[-1]) * 0.5)
        )

    cut = 0.0 if r.random() < 0.75 else float(r.uniform(4, 30))
    silence = float(r.choice([r.uniform(0, 0.3), r.uniform(0.3, 3)])) if cut == 0 else 0.0
    first = min(e[0] for e in score.events if e[1] == "on")
    offset = silence - seconds(first) - cut
    loose = {c: float(r.choice([0, 0, 0.004, 0.008])) for c in range(16)}
    gain = {c: float(r.uniform(0.72, 1.12)) for c in range(16)}
    out: list = [(-1.0, "prog", c, p, 0) for c, p in score.programs]
    late: dict[tuple[int, int], float] = {}
    struck = []
    for count, kind, channel, a, b in score.events:
        second = seconds(count) + offset
        if kind == "on":
            hand = late[channel, a] = float(r.normal(0, loose[channel])) if loose[channel] else 0.0
            if second + hand < 0:
                continue
            b = int(np.clip(b * gain[channel] * (score.volumes.get(channel, 100) / 100) ** 0.5, 8, 127))
            struck.append((second, channel, a))
            out.append((second + hand, "on", channel, a, b))
        elif kind == "off":
            out.append((second + max(0.0, late.get((channel, a), 0.0)) + 0.004, "off", channel, a, b))
        else:
            out.append((max(-0.5, second), kind, channel, a, b))
    order = {"prog": 0, "cc": 1, "bend": 2, "off": 3, "on": 4}
    out.sort(key=lambda e: (e[0], order[e[1]]))
    beats = at + offset
    ends = max((s[0] for s in struck), default=0.0) + 0.1
    keep = (beats >= 0) & (beats < length - 0.05) & (beats <= ends)
    kept = beats[keep].round(5).tolist()
    return {"beats": kept, "cut": cut, "keep": keep, "fam": _families(struck, kept), "human": max(loose.values())}, out


def _families(struck: list[tuple[float, int, int]], beats: list[float]) -> list[int]:
    """What is struck on each count, in bits: kick 1, snare 2, cymbal 4, other drum 8, bass 16, other 32."""
    struck = sorted(struck)
    times = np.array([s[0] for s in struck])
    out = []
    for beat in beats:
        bits = 0
        for _, channel, pitch in struck[slice(*np.searchsorted(times, [beat - 0.002, beat + 0.002]))]:
            if channel != 9:
                bits |= 16 if pitch < 52 else 32
            elif pitch in (35, 36):
                bits |= 1
            elif pitch in (37, 38, 39, 40):
                bits |= 2
            else:
                bits |= 4 if pitch in (42, 44, 46, 51, 59, 70) else 8
        out.append(bits)
    return out
