"use strict";
/* Sound for loops: cut so that the end flows into the beginning, and slowed or quickened with its pitch kept.
   Waveform-similarity overlap-add (Verhelst and Roelands 1993), wrapped round so that a loop stays a loop; around each
   attack the sound is copied as it is, so that every beat stands where it belongs. Also the source of a worker. */

const FADE_S = 0.012, HOP_S = 0.01, REACH_S = 0.009, BEFORE_S = 0.022, BEHIND_S = 0.03;

/* The samples from second `from` to `to`; the last ones turn into what comes before the first, when it goes round. */
function cutLoop(channels, rate, from, to, round) {
  const start = Math.round(from * rate), length = Math.max(1, Math.round((to - from) * rate));
  const fade = round ? Math.min(Math.round(FADE_S * rate), start, length) : 0;
  return channels.map((sound) => {
    const out = new Float32Array(length);
    out.set(sound.subarray(start, Math.min(sound.length, start + length)));
    for (let i = 0; i < fade; i++) {
      const w = (i + 0.5) / fade;
      out[length - fade + i] = out[length - fade + i] * (1 - w) + sound[start - fade + i] * w;
    }
    return out;
  });
}

/* Samples at which something begins: tops of the rise of the energy of the differences. */
function attacks(sound, rate) {
  const step = 64, n = Math.floor(sound.length / step), level = new Float32Array(n), rise = new Float32Array(n), wide = 7;
  for (let k = 0; k < n; k++) {
    let sum = 0;
    for (let i = k * step; i < (k + 1) * step; i++) { const d = sound[i] - sound[i ? i - 1 : sound.length - 1]; sum += d * d; }
    level[k] = Math.log(sum + 1e-5);
  }
  let mean = 0;
  for (let k = 0; k < n; k++) {
    let before = 0, behind = 0;
    for (let i = 1; i <= wide; i++) { before += level[(k - i + n) % n]; behind += level[(k + i - 1) % n]; }
    rise[k] = Math.max(0, (behind - before) / wide);
    mean += rise[k] / n;
  }
  const out = [], gap = Math.round(0.07 * rate / step);
  for (let k = 0; k < n; k++) {
    if (rise[k] < Math.max(0.8, 3 * mean)) continue;
    let top = true;
    for (let i = -gap; i <= gap && top; i++) { const other = rise[(k + i + n) % n]; top = !(other > rise[k] || (i < 0 && other === rise[k])); }
    if (top) out.push(k * step);
  }
  return out;
}

const turned = (x, by) => { const out = new Float32Array(x.length); out.set(x.subarray(by)); out.set(x.subarray(0, by), x.length - by); return out; };
const wrapped = (x, pad) => Float32Array.from({ length: x.length + 2 * pad }, (_, i) => x[(((i - pad) % x.length) + x.length) % x.length]);

/* Where each place of the result comes from: as it is around attacks, stretched between them. */
function timeMap(found, length, out, rate, speed) {
  const before = BEFORE_S * rate, behind = BEHIND_S * rate, map = [[0, 0, 0]];
  for (const at of found) {
    const goal = at / speed, last = map[map.length - 1];
    const fits = at - before > last[1] + HOP_S * rate && goal - before > last[0] && at + behind < length && goal + behind < out;
    if (fits) map.push([goal - before, at - before, 1], [goal + behind, at + behind, 0]);
  }
  map.push([out, length, 0]);
  return map;
}

/* Finds by how much to move a window so that it goes on from what was written last. */
function matcher(mono, rate, hop, pad) {
  const by = 4, small = new Float32Array(Math.floor(mono.length / by)), reach = Math.floor(REACH_S * rate / by), over = Math.floor(hop / by);
  for (let i = 0; i < small.length; i++) small[i] = (mono[i * by] + mono[i * by + 1] + mono[i * by + 2] + mono[i * by + 3]) / by;
  return (goes, wanted) => {
    const goal = (goes + pad) >> 2, at = (wanted + pad) >> 2;
    let best = -Infinity, move = 0, energy = 1e-6;
    for (let i = 0; i < over; i++) energy += small[at - reach + i] ** 2;
    for (let x = -reach; x <= reach; x++) {
      let sum = 0;
      for (let i = 0; i < over; i++) sum += small[goal + i] * small[at + x + i];
      sum /= Math.sqrt(energy);
      if (sum > best) { best = sum; move = x; }
      energy = Math.max(1e-6, energy - small[at + x] ** 2 + small[at + x + over] ** 2);
    }
    const rough = wanted + move * by + pad;
    best = -Infinity;
    let fine = 0;
    for (let x = -by; x <= by; x++) {
      let sum = 0, power = 1e-6;
      for (let i = 0; i < hop; i += 2) { const v = mono[rough + x + i]; sum += mono[goes + pad + i] * v; power += v * v; }
      sum /= Math.sqrt(power);
      if (sum > best) { best = sum; fine = x; }
    }
    return rough + fine - pad;
  };
}

/* A loop at another speed, `Math.round(length / speed)` samples; its end still flows into its beginning. */
function stretchLoop(channels, rate, speed) {
  const length = channels[0].length, out = Math.round(length / speed);
  if (Math.abs(speed - 1) < 1e-6 || length < rate / 4) return length === out ? channels : channels.map((c) => Float32Array.from({ length: out }, (_, i) => c[Math.min(length - 1, Math.floor(i * speed))]));
  let mono = new Float32Array(length);
  for (const c of channels) for (let i = 0; i < length; i++) mono[i] += c[i] / channels.length;
  // The seam lies in the widest gap between attacks: the first beat must be kept too.
  const first = attacks(mono, rate);
  let turn = 0, widest = 0;
  first.forEach((at, k) => { const gap = k + 1 < first.length ? first[k + 1] - at : first[0] + length - at; if (gap > widest) { widest = gap; turn = (at + Math.round(gap * 0.6)) % length; } });
  mono = turned(mono, turn);
  const map = timeMap(first.map((at) => (at - turn + length) % length).sort((a, b) => a - b), length, out, rate, speed);
  const steps = Math.max(1, Math.round(out / (HOP_S * rate))), hop = Math.max(1, Math.round(out / steps)), size = 2 * hop, pad = 8192;
  const wave = Float32Array.from({ length: size }, (_, i) => 0.5 - 0.5 * Math.cos(Math.PI * (i + 0.5) / hop));
  const whole = wrapped(mono, pad), match = matcher(whole, rate, hop, pad), sources = channels.map((c) => wrapped(turned(c, turn), pad));
  const made = channels.map(() => new Float32Array(out + size)), weight = new Float32Array(out + size);
  let part = 0, from = 0, was = 0;
  for (let k = 0; k < steps; k++) {
    const to = Math.round(k * out / steps);
    while (part + 1 < map.length - 1 && map[part + 1][0] <= to) part++;
    const a = map[part], b = map[part + 1];
    let source = Math.round(a[1] + (to - a[0]) * (b[1] - a[1]) / (b[0] - a[0]));
    if (k && !a[2]) source = match(from + to - was, source);
    from = source;
    was = to;
    for (let i = 0; i < size; i++) weight[to + i] += wave[i];
    made.forEach((x, c) => { const y = sources[c]; for (let i = 0; i < size; i++) x[to + i] += wave[i] * y[source + pad + i]; });
  }
  for (let i = 0; i < size; i++) { weight[i] += weight[out + i]; for (const x of made) x[i] += x[out + i]; }
  for (const x of made) for (let i = 0; i < out; i++) x[i] /= weight[i] || 1;
  const back = (out - Math.round(turn / speed) % out + out) % out;
  return made.map((x) => turned(x.subarray(0, out), back));
}
