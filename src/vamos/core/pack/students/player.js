"use strict";
/* The one clock: decoded samples, laid down as one schedule. Nothing seeks in a playing element, so no loop is late.

   An item is a stretch of a film: { film, from, to } in seconds of its own sound. A piece of the plan is an item at a
   rate from a time on, for so many rounds. */

const AHEAD_S = 0.06;
const SOON_S = 12; // what comes next is made ready so long before

class Player {
  constructor() {
    this.ctx = null;
    this.plan = [];
    this.sounds = new Map();
    this.loops = new Map();
    this.worker = null;
    this.jobs = new Map();
    this.number = 0;
    this.playing = false;
    this.volume = 1;
    /* What comes behind a piece that ends: gives { item, rate, rounds } or null. */
    this.more = () => null;
    this.ended = () => {};
    this.failed = () => {};
  }

  /* Within a press of a button or key, or the browser keeps it silent. */
  open(rate) {
    if (this.ctx) return;
    this.ctx = new AudioContext({ sampleRate: rate, latencyHint: "playback" });
    this.out = this.ctx.createGain();
    this.out.gain.value = this.volume;
    this.out.connect(this.ctx.destination);
    this.music = this.ctx.createGain(); // gets quieter under a word of the voice
    this.music.connect(this.out);
  }
  setVolume(value) { this.volume = value; if (this.out) this.out.gain.value = value; }
  now() { return this.ctx ? this.ctx.currentTime : 0; }

  /* A sound of the pack, read from its script file and decoded once. */
  sound(film) {
    if (!film.sound) return Promise.resolve(null);
    if (!this.sounds.has(film.sound.id)) this.sounds.set(film.sound.id, readSound(film.sound));
    return this.sounds.get(film.sound.id);
  }

  /* The samples of an item at a rate as a buffer, made once. */
  async loop(item, rate, round) {
    const key = [item.film.file, item.from, item.to, rate.toFixed(4), round].join("|");
    if (!this.loops.has(key)) this.loops.set(key, this._made(item, rate, round));
    if (this.loops.size > 24) this.loops.delete(this.loops.keys().next().value);
    return this.loops.get(key);
  }
  async _made(item, rate, round) {
    const at = this.ctx.sampleRate;
    let sound = null;
    try { sound = await this.sound(item.film); } catch (error) { this.failed(error.message); }
    let channels = [new Float32Array(Math.max(1, Math.round((item.to - item.from) * at / rate)))];
    if (sound) channels = await this._stretched(cutLoop(sound, at, item.from, item.to, round), at, rate);
    const buffer = this.ctx.createBuffer(channels.length, channels[0].length, at);
    channels.forEach((c, k) => buffer.copyToChannel(c, k));
    return buffer;
  }
  _stretched(channels, rate, speed) {
    if (Math.abs(speed - 1) < 1e-6) return channels;
    if (this.worker === null) this.worker = startWorker((id, made) => { this.jobs.get(id)(made); this.jobs.delete(id); });
    if (!this.worker) return stretchLoop(channels, rate, speed);
    return new Promise((done) => {
      this.number += 1;
      this.jobs.set(this.number, done);
      this.worker.postMessage({ id: this.number, channels, rate, speed }, channels.map((c) => c.buffer));
    });
  }

  /* From `t` on this item, at a share of it (0 to 1); what was planned from there on is taken away. */
  async play(item, rate, place = 0, rounds = Infinity, t = null, made = null) {
    const buffer = await this.loop(item, rate, rounds > 1);
    const soon = this.now() + AHEAD_S;
    const piece = this._lay(item, rate, place, rounds, Math.max(soon, t === null ? soon : t), buffer);
    piece.made = made;
    return piece;
  }
  _lay(item, rate, place, rounds, t, buffer) {
    const at = this.ctx.sampleRate;
    t = Math.round(t * at) / at; // a whole sample, or the join is drawn anew
    const length = buffer.length / at, offset = Math.round(place * buffer.length) / at;
    for (const other of this.plan) if (other.end > t) this._end(other, t);
    const source = this.ctx.createBufferSource(), gain = this.ctx.createGain();
    source.buffer = buffer;
    source.loop = rounds > 1;
    source.loopEnd = length;
    if (place) { gain.gain.setValueAtTime(0, t); gain.gain.linearRampToValueAtTime(1, t + FADE_S); }
    source.connect(gain).connect(this.music || this.out);
    source.start(t, offset);
    // On a whole sample as well: the next piece begins where this one ends.
    const end = rounds < Infinity ? Math.round((t + rounds * length - offset) * at) / at : Infinity;
    const piece = { t, end, offset, length, item, rate, rounds, source, gain, asked: false };
    if (rounds < Infinity) source.stop(piece.end);
    this.plan = this.plan.filter((p) => p.end > this.now() - 2);
    this.plan.push(piece);
    this.playing = true;
    return piece;
  }
  _end(piece, t) {
    piece.end = t;
    piece.asked = true;
    if (piece.t >= t) { piece.source.disconnect(); return; }
    piece.gain.gain.setValueAtTime(1, t);
    piece.gain.gain.linearRampToValueAtTime(0, t + FADE_S);
    piece.source.stop(t + 2 * FADE_S);
  }

  /* The same beat at another rate: the new loop goes on where the old one is, unless something else is wanted by then. */
  async change(item, rate, wanted) {
    const left = (found) => found.piece.rounds === Infinity ? Infinity : Math.max(1, found.piece.rounds - found.round);
    const before = this.where(this.now() + AHEAD_S), buffer = await this.loop(item, rate, !before || left(before) > 1);
    if (!this.playing || !wanted()) return;
    // Read off the clock and laid down in one go: a pause between the two would be heard as a skip.
    const at = this.ctx.sampleRate, t = Math.round((this.now() + AHEAD_S) * at) / at, here = this.where(t);
    if (here) this._lay(item, rate, here.share, left(here), t, buffer);
  }

  stop() {
    const t = this.now() + 0.01;
    for (const piece of this.plan) if (piece.end > t) this._end(piece, t);
    this.playing = false;
  }

  piece(t) { return this.plan.filter((p) => p.t <= t && t < p.end).pop() || null; }
  /* What is heard at a time of the clock: which piece, which round, the share of it, the second of the film. */
  where(t) {
    const piece = this.piece(t);
    if (!piece) return null;
    const gone = piece.offset + t - piece.t, round = Math.floor(gone / piece.length), share = gone / piece.length - round;
    return { piece, round, share, film_s: piece.item.from + share * (piece.item.to - piece.item.from), join: Math.min(piece.end, piece.t + (round + 1) * piece.length - piece.offset) };
  }
  /* Clock times of what is heard at a moment of the screen. */
  heard() {
    const n = performance.now(), o = this.ctx.getOutputTimestamp ? this.ctx.getOutputTimestamp() : null;
    if (o && o.performanceTime > 0 && n - o.performanceTime < 400) return (ms) => o.contextTime + (ms - o.performanceTime) / 1000;
    return (ms) => this.now() - (this.ctx.outputLatency || 0) + (ms - n) / 1000;
  }

  /* Each animation frame: lay down what comes behind a piece that ends. */
  step() {
    if (!this.playing || !this.ctx) return;
    const last = this.plan[this.plan.length - 1];
    if (last && last.rounds < Infinity && !last.asked && last.end - this.now() < SOON_S) {
      last.asked = true;
      const next = this.more(last);
      if (next) this.play(next.item, next.rate, next.place || 0, next.rounds, last.end, next);
    }
    if (last && this.now() > last.end + 0.05 && !this.plan.some((p) => p.end > this.now())) {
      if (this.late !== last) { this.late = last; this.since = this.now(); }
      // A loop may still be in the making.
      if (!this.jobs.size && this.now() > this.since + 0.5) { this.playing = false; this.ended(); }
    }
  }
}

/* One script file gives one sound as base64: neighbours cannot be fetched from a disk. */
const waiting = new Map();
window.vamosSound = (id, text) => { const done = waiting.get(id); waiting.delete(id); if (done) done(text); };
/* A page in one file holds what it plays, each as base64 in an element of its own. */
const held = new Map([...document.querySelectorAll("script[data-held]")].map((e) => [e.dataset.held, e]));
const bytesOf = (text) => {
  const raw = atob(text), bytes = new Uint8Array(raw.length);
  for (let i = 0; i < raw.length; i++) bytes[i] = raw.charCodeAt(i);
  return bytes;
};
const urls = new Map();
/* Where a film is: beside the page, or in it. */
function source(file) {
  if (!held.has(file)) return file.split("/").map(encodeURIComponent).join("/");
  if (!urls.has(file)) urls.set(file, URL.createObjectURL(new Blob([bytesOf(held.get(file).textContent)], { type: "video/mp4" })));
  return urls.get(file);
}
async function readSound(sound) {
  const text = held.has(sound.file) ? held.get(sound.file).textContent : await new Promise((done, failed) => {
    waiting.set(sound.id, done);
    const script = document.createElement("script");
    script.src = sound.file;
    script.onerror = () => failed(new Error(sound.file));
    document.head.append(script);
  });
  const bytes = bytesOf(text);
  const decoded = await new OfflineAudioContext(2, 1, sound.rate).decodeAudioData(bytes.buffer);
  // A decoder that keeps its run-in would be late: what is too long stands in front.
  const more = decoded.length - sound.samples, late = more > 900 && more < 3000 ? more : 0;
  return Array.from({ length: decoded.numberOfChannels }, (_, c) => decoded.getChannelData(c).slice(late));
}

function startWorker(done) {
  const parts = [cutLoop, attacks, timeMap, matcher, stretchLoop].map(String);
  const consts = `const FADE_S=${FADE_S},HOP_S=${HOP_S},REACH_S=${REACH_S},BEFORE_S=${BEFORE_S},BEHIND_S=${BEHIND_S},turned=${turned},wrapped=${wrapped};`;
  const work = "onmessage=(e)=>{const d=e.data,made=stretchLoop(d.channels,d.rate,d.speed);postMessage({id:d.id,made},made.map((c)=>c.buffer));}";
  try {
    const url = URL.createObjectURL(new Blob([[consts, ...parts, work].join("\n")], { type: "text/javascript" }));
    const worker = new Worker(url);
    worker.onmessage = (e) => done(e.data.id, e.data.made);
    return worker;
  } catch { return false; }
}
