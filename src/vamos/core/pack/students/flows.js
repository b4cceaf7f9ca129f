"use strict";
/* What the page shows, and what comes after what. */
const data = JSON.parse(document.getElementById("data").textContent);
const at = (id) => document.getElementById(id);
const state = { section: 0, view: 0, speed: 1, loop: true, through: false, at: 0, from: null, to: null, flow: null, known: {}, over: true, rounds: 4, form: "" };
const LEAST = 0.4, MOST = 1.1, RUNGS = [0.5, 0.6, 0.7, 0.8, 0.9, 1];
const GROWS = 0.02; // how much quicker, each so many rounds
const PART = 32; // counts of the whole dance that are made ready at once

const player = new Player();
const picture = new Picture([at("film"), at("other")], player);
const voice = data.voice ? new Voice(player, data.voice) : null;

/* What the student ticked and where one was stays in this browser; without a place to keep it, until the page closes. */
const kept = {
  name: "vamos " + data.id,
  read() { try { return JSON.parse(localStorage.getItem(this.name)) || {}; } catch { return this.now || {}; } },
  write(value) { this.now = value; try { localStorage.setItem(this.name, JSON.stringify(value)); } catch { /* kept in this.now */ } },
};

/* --- what is shown --------------------------------------------------------------------- */

const shown = () => state.through ? data.through : data.sections[state.section];
const view = () => shown().views[Math.min(state.view, shown().views.length - 1)];
const film = () => view().film;
/* What is written when: in the form that is chosen, where the section has it. */
const statesOf = (f) => f.forms && f.forms[state.form] || f.states;
const form = () => (shown().forms || []).find((one) => one.name === state.form);
const rate = (f = film()) => state.speed / f.speed;

/* The same stretch of a film is the same item, so that the picture knows it again. */
const items = new Map();
function item(f, from, to) {
  const key = [f.file, from, to].join("|");
  if (!items.has(key)) items.set(key, { film: f, from, to });
  return items.get(key);
}
function core(f = film()) {
  const [a, b] = state.from === null || state.through ? [f.from, f.to] : [state.from, state.to];
  return state.loop ? item(f, a, b) : item(f, 0, f.length);
}
/* The whole dance in parts, so that no speed has to be made of all of it at once. */
function parts(f) {
  const edges = [0, ...f.counts.filter((_, k) => k && k % PART === 0).map(([s]) => s), f.length];
  return edges.slice(0, -1).map((a, k) => item(f, a, edges[k + 1]));
}

/* --- what comes after what ------------------------------------------------------------- */

/* A flow gives the next piece each time it is asked: { item, rate, rounds, and what changes on the page }. */
function* ladder(f) { for (const speed of RUNGS) yield { f, speed, rounds: speed < 1 ? state.rounds : Infinity, words: percent(speed) }; }
function* grow(f) {
  for (let speed = state.speed; ; speed = Math.min(MOST, speed + GROWS)) yield { f, speed, rounds: speed < MOST ? state.rounds : Infinity, words: percent(speed) };
}
function* buildUp() {
  for (let n = 0; n < data.sections.length; n += 1) {
    yield { section: n, rounds: 2, words: data.sections[n].title };
    if (n) for (let k = 0; k <= n; k += 1) yield { section: k, rounds: 1, words: word("From the first to {title}", { title: data.sections[n].title }) };
  }
}
function* through(f, from) { for (const part of parts(f)) if (part.to > from + 0.01) yield { part, rounds: 1, place: Math.max(0, (from - part.from) / (part.to - part.from)) }; }
const lesson = data.lesson || [];
function* lessonFrom(n) {
  for (let k = n; k < lesson.length; k += 1) {
    const step = lesson[k], words = step.title + (step.words ? ": " + step.words : "");
    for (const speed of step.speeds) for (let round = 0; round < (step.through || step.sections ? step.times : 1); round += 1) {
      if (step.through) { let first = true; for (const part of parts(data.through.views[0].film)) { yield { step: k, through: true, part, speed, rounds: 1, words: first ? words : "" }; first = false; } }
      else if (step.sections) { let first = true; for (const section of step.sections) { yield { step: k, section, speed, rounds: 1, words: first ? words + ", " + percent(speed) : "" }; first = false; } }
      else yield { step: k, section: step.section, view: step.view, speed, rounds: step.times, words: words + ", " + percent(speed) };
    }
  }
}
function piece(next) {
  const speed = next.speed || state.speed;
  let f = next.f || film();
  if (next.part) f = next.part.film;
  else if (next.section !== undefined) { const views = data.sections[next.section].views; f = views[Math.min(next.view ?? state.view, views.length - 1)].film; }
  const it = next.part || item(f, f.from, f.to);
  return { item: it, rate: speed / f.speed, rounds: next.rounds, place: next.place || 0, next: { ...next, speed } };
}
player.more = () => {
  if (!state.flow) return null;
  const { value, done } = state.flow.next();
  return done ? null : piece(value);
};
player.ended = () => {
  const said = state.step !== undefined && state.step !== null;
  state.at = state.through ? 0 : film().from;
  stop();
  if (said) say(word("That was the lesson."));
};
async function flow(made, first) {
  state.flow = made;
  const { value, done } = made.next();
  if (done) return;
  const p = piece(value);
  follow(p);
  if (first === false) { state.at = p.item.from; picture.still(p.item.film, state.at); draw(); state.waiting = p; return; }
  await begin(p);
}
/* The page shows what a piece is of. */
function follow(p) {
  const n = p.next;
  if (n.through) state.through = true;
  else if (n.section !== undefined) { state.through = false; state.section = n.section; if (n.view !== undefined) state.view = n.view; }
  state.speed = n.speed;
  state.step = n.step ?? null;
  if (n.words) say(n.words);
  draw();
}
