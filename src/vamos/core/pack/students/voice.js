"use strict";
/* A voice that names each move a count before it is danced, on the clock of the sound. */

const HEAR_S = 0.6; // so far ahead words are laid down
const QUIET = 0.45, DUCK_S = 0.08; // the music under a word

class Voice {
  constructor(player, said) {
    this.player = player;
    this.said = said; // { id, file, rate, samples, words: text → [from, to] in seconds }
    this.on = false;
    this.laid = new Map(); // what is already laid down
    this.free = 0; // when the last word ends
    this.log = [];
  }
  async _ready() {
    if (!this.buffer) {
      this.buffer = null;
      const channels = await readSound(this.said);
      const made = this.player.ctx.createBuffer(1, channels[0].length, this.said.rate);
      made.copyToChannel(channels[0], 0);
      this.buffer = made;
    }
  }

  /* The moves of a stretch of a film: when they are said in it, in its seconds; the first one is said before it. */
  cues(item) {
    const states = statesOf(item.film);
    if (item.cues && item.cued === states) return item.cues;
    const { counts } = item.film, near = 0.02;
    const before = (s) => { let k = -1; while (k + 1 < counts.length && counts[k + 1][0] < s - near) k += 1; return k; };
    const now = (s) => { let words = ""; for (const row of states) if (row[0] <= s + near) words = row[2]; return words; };
    const out = [];
    let last = now(item.from);
    const k = before(item.from + 2 * near), beat = counts[k + 1] && k >= 0 ? counts[k + 1][0] - counts[k][0] : 0.5;
    if (last) out.push({ s: item.from - beat, text: last, entry: true });
    for (const [s, , words] of states) {
      if (s <= item.from + near || s >= item.to - near) continue;
      if (words && words !== last) { const b = before(s); out.push({ s: Math.max(item.from, b < 0 ? s : counts[b][0]), text: words }); }
      last = words;
    }
    Object.assign(item, { cues: out, cued: states });
    return out;
  }
  /* All words of a piece of the plan between two moments of the clock: { t, text }. */
  *between(piece, from, to) {
    const { item, length } = piece, stretch = length / (item.to - item.from), begin = piece.t - piece.offset;
    const first = Math.max(0, Math.floor((from - begin) / length)), last = Math.ceil((to - begin) / length) + 1;
    for (let k = first; k <= Math.min(last, piece.rounds - 1 + Math.ceil(piece.offset / length)); k += 1) {
      const round = begin + k * length;
      for (const cue of this.cues(item)) {
        const t = round + (cue.s - item.from) * stretch;
        const heard = cue.entry ? round >= piece.t - 0.001 && round < piece.end - 0.001 : t >= piece.t && t < piece.end;
        if (heard && t >= from && t < to) yield { t, text: cue.text };
      }
    }
  }

  step() {
    const p = this.player;
    if (!this.on || !p.playing || !p.ctx) { this.silence(); return; }
    if (!this.buffer) { if (this.buffer === undefined) this._ready().catch((error) => { this.on = false; p.failed(error.message); }); return; }
    const now = p.now(), from = Math.max(now + 0.01, this.until || 0), to = now + HEAR_S;
    // What was laid down for a plan that was changed since is taken back.
    for (const [key, word] of this.laid) {
      if (word.end < now) this.laid.delete(key);
      else if (word.t > now && !(p.plan.includes(word.piece) && word.t < word.piece.end)) { word.source.stop(); this.laid.delete(key); this.free = 0; }
    }
    for (const piece of [...p.plan].sort((a, b) => a.t - b.t)) {
      if (piece.end <= piece.t) continue;
      for (const { t, text } of this.between(piece, from, to)) this._say(piece, t, text);
    }
    this.until = to;
    const last = p.plan[p.plan.length - 1];
    if (last && this.seen !== last) { this.seen = last; this.until = 0; }
  }
  _say(piece, t, text) {
    const place = this.said.words[text], key = t.toFixed(3);
    if (!place || t < this.free - 0.03 || this.laid.has(key)) return;
    const { ctx, music } = this.player, source = ctx.createBufferSource(), length = place[1] - place[0];
    source.buffer = this.buffer;
    source.connect(this.player.out);
    source.start(t, place[0], length);
    music.gain.setTargetAtTime(QUIET, t - DUCK_S, DUCK_S / 3);
    music.gain.setTargetAtTime(1, t + length, DUCK_S);
    this.free = t + length;
    this.laid.set(key, { piece, t, end: t + length, source });
    this.log.push([t, text]);
    if (this.log.length > 500) this.log.shift();
  }
  silence() {
    if (!this.laid.size) return;
    const now = this.player.now();
    for (const word of this.laid.values()) if (word.end > now) word.source.stop();
    this.laid.clear();
    this.free = this.until = 0;
    this.player.music.gain.cancelScheduledValues(now);
    this.player.music.gain.setTargetAtTime(1, now, DUCK_S);
  }
}
