"use strict";
const data = JSON.parse(document.getElementById("data").textContent);
const at = (id) => document.getElementById(id);
const film = at("film");
const state = { section: 0, view: 0, speed: 1, loop: true, ladder: false, rounds: 0, through: false, step: -1 };
const ROUNDS = 4; // times a rung of the ladder is danced

/* What the student ticked stays in this browser; without a place to keep it, until the page closes. */
const kept = {
  name: "vamos " + data.id,
  read() { try { return JSON.parse(localStorage.getItem(this.name)) || {}; } catch { return this.now || {}; } },
  write(value) { this.now = value; try { localStorage.setItem(this.name, JSON.stringify(value)); } catch { /* kept in this.now */ } },
};

const shown = () => state.through ? data.through : data.sections[state.section];
const view = () => shown().views[Math.min(state.view, shown().views.length - 1)];
function file() {
  const files = view().files;
  return files.reduce((best, f) => Math.abs(f.speed - state.speed) < Math.abs(best.speed - state.speed) ? f : best, files[0]);
}
const seconds = (f, frame) => frame / f.rate;

/* A place is a count and a share of it, so that it is the same at every speed and in every view. */
function place() {
  const f = loaded, t = film.currentTime;
  if (!f || !f.counts.length) return { count: 0, share: 0 };
  let k = 0;
  while (k + 1 < f.counts.length && seconds(f, f.counts[k + 1][0]) <= t + 0.001) k += 1;
  const from = seconds(f, f.counts[k][0]);
  const to = k + 1 < f.counts.length ? seconds(f, f.counts[k + 1][0]) : f.length;
  return { count: k, share: Math.max(0, Math.min(0.999, (t - from) / Math.max(0.05, to - from))) };
}
function timeOf(f, p) {
  if (!f.counts.length) return 0;
  const k = Math.min(p.count, f.counts.length - 1);
  const from = seconds(f, f.counts[k][0]);
  const to = k + 1 < f.counts.length ? seconds(f, f.counts[k + 1][0]) : f.length;
  return from + p.share * (to - from);
}

let loaded = null;
let pending = null; // where a file that is being loaded goes on
function load(keep) {
  const next = file();
  const playing = !film.paused || (pending && pending.playing);
  const to = pending && keep ? pending.place : keep && loaded ? place() : { count: next.first, share: 0 };
  if (loaded !== next) {
    pending = { place: to, playing };
    loaded = next;
    film.src = next.file.split("/").map(encodeURIComponent).join("/");
    film.load();
  } else {
    film.currentTime = timeOf(next, to);
  }
  draw();
}
film.addEventListener("loadedmetadata", () => {
  at("trouble").hidden = true;
  if (!pending) return;
  film.currentTime = timeOf(loaded, pending.place) + 0.001;
  const go = pending.playing;
  pending = null;
  if (go) film.play();
});
film.addEventListener("error", () => {
  at("trouble").textContent = word("This film cannot be played: {file}. Keep this page in the folder it came in, with its folder clips.", { file: loaded ? loaded.file : "" });
  at("trouble").hidden = false;
});
film.addEventListener("play", drawPlay);
film.addEventListener("pause", drawPlay);
film.addEventListener("ended", () => { if (state.loop) round(); });

function goTo(count) {
  if (!loaded || !loaded.counts.length) return;
  const k = Math.max(0, Math.min(loaded.counts.length - 1, count));
  film.currentTime = timeOf(loaded, { count: k, share: 0 }) + 0.001;
  tick();
}
function round() {
  film.currentTime = seconds(loaded, loaded.from) + 0.001;
  film.play().catch(drawPlay); // stopped again before it began
  if (state.step >= 0) { state.rounds += 1; return stepRound(); }
  if (!state.ladder) return;
  state.rounds += 1;
  if (state.rounds % ROUNDS) return;
  const faster = view().files.map((f) => f.speed).filter((s) => s > state.speed).sort((a, b) => a - b)[0];
  if (faster) { state.speed = faster; load(true); say(word("Up a rung: {speed}", { speed: percent(faster) })); }
}

/* The lesson: each step as often as it says, at each of its speeds, then the next. */
const lesson = data.lesson || [];
function stepRound() {
  const item = lesson[state.step];
  if (state.rounds < item.times) return;
  state.rounds = 0;
  const faster = item.speeds.filter((s) => s > state.speed + 0.001)[0];
  if (faster) { state.speed = faster; load(true); say(item.title + ", " + percent(faster)); }
  else if (state.step + 1 < lesson.length) goStep(state.step + 1);
  else { film.pause(); state.step = -1; say(word("That was the lesson.")); draw(); }
}
function goStep(n) {
  if (!lesson.length) return;
  const item = lesson[(n + lesson.length) % lesson.length], playing = !film.paused || (pending && pending.playing);
  state.step = (n + lesson.length) % lesson.length;
  state.through = Boolean(item.through);
  if (!item.through) { state.section = item.section; state.view = item.view; }
  Object.assign(state, { speed: item.speeds[0], rounds: 0, loop: true, ladder: false });
  load(false);
  if (playing && pending) pending.playing = true;
  say(item.title + (item.words ? ": " + item.words : ""));
}

/* Eight flows into 1: the loop ends where the next 1 would begin. */
let drawn = -2;
function tick() {
  if (!loaded) return;
  const t = film.currentTime;
  if (!film.paused && state.loop && !state.through && t >= seconds(loaded, loaded.to) - 0.012 && t < seconds(loaded, loaded.to) + 1) round();
  let s = -1;
  while (s + 1 < loaded.states.length && seconds(loaded, loaded.states[s + 1][0]) <= film.currentTime + 0.001) s += 1;
  if (s !== drawn) { drawn = s; drawState(s < 0 ? null : loaded.states[s]); }
}
function step() { tick(); requestAnimationFrame(step); }

/* Words of the page in the language of whoever wrote the pack. */
function word(text, values) {
  let out = (data.words || {})[text] || text;
  for (const [name, value] of Object.entries(values || {})) out = out.replace("{" + name + "}", value);
  return out;
}
const percent = (s) => Math.round(s * 100) + " %";
function say(words) { at("said").textContent = words; }
function button(words, pressed, run, name) {
  const b = document.createElement("button");
  b.textContent = words;
  if (name) b.setAttribute("aria-label", name);
  if (pressed !== null) b.setAttribute("aria-pressed", String(pressed));
  b.addEventListener("click", run);
  return b;
}
function drawState(s) {
  at("count").textContent = s ? s[1] : "";
  at("cue").textContent = s ? s[2] : "";
  at("next").textContent = s ? s[3] : "";
  const k = place().count;
  [...at("counts").children].forEach((b, n) => b.setAttribute("aria-current", String(n === k)));
  const number = loaded.counts.length ? k - loaded.first : -1;
  [...at("sheet").children].forEach((row) => row.setAttribute("aria-current", String(!state.through && Number(row.dataset.count) === number)));
}
function drawPlay() { at("play").textContent = film.paused ? word("Play") : word("Stop"); }
function draw() {
  const known = kept.read(), here = shown();
  at("sections").replaceChildren(...data.sections.map((s, n) => {
    const li = document.createElement("li");
    const b = button(s.title + (known[s.title] ? " ✓" : ""), null, () => choose(n), known[s.title] ? word("{title}, you can dance it", { title: s.title }) : s.title);
    b.setAttribute("aria-current", String(!state.through && n === state.section));
    li.append(b);
    return li;
  }));
  at("speeds").replaceChildren(...view().files.map((f) => button(percent(f.speed), f === file(), () => { state.speed = f.speed; state.rounds = 0; load(true); })));
  at("views").replaceChildren(...here.views.map((v, n) => button(v.name, v === view(), () => { state.view = n; load(true); })));
  at("counts").replaceChildren(...(state.through ? [] : loaded.counts.map(([frame, number], k) => {
    const b = button(number, null, () => goTo(k), word("Count {count}", { count: number }));
    b.classList.toggle("out", frame < loaded.from || frame >= loaded.to);
    return b;
  })));
  at("sheet").replaceChildren(...(here.rows || []).map((r) => {
    const tr = document.createElement("tr");
    tr.dataset.count = r.count;
    for (const words of r.cells) { const td = document.createElement("td"); td.textContent = words; tr.append(td); }
    return tr;
  }));
  at("lessonbox").hidden = !lesson.length;
  at("lesson").replaceChildren(...lesson.map((item, n) => {
    const li = document.createElement("li");
    const often = (item.times > 1 ? item.times + " × " : "") + item.speeds.map(percent).join(", ");
    const b = button(item.title + " (" + often + ")", null, () => goStep(n));
    b.setAttribute("aria-current", String(n === state.step));
    li.append(b);
    return li;
  }));
  at("loop").setAttribute("aria-pressed", String(state.loop));
  at("ladder").setAttribute("aria-pressed", String(state.ladder));
  at("ladder").disabled = view().files.length < 2;
  at("top").disabled = !data.through;
  at("top").setAttribute("aria-pressed", String(state.through));
  at("known").disabled = state.through;
  at("known").checked = !state.through && Boolean(known[here.title]);
  film.setAttribute("aria-label", word("Film: {title}", { title: here.title }));
  drawn = -2;
  drawPlay();
  tick();
}
function choose(n) {
  const count = data.sections.length;
  state.through = false;
  state.section = (n + count) % count;
  state.step = -1;
  state.rounds = 0;
  load(false);
  say(shown().title);
}
function ladder() {
  state.ladder = !state.ladder;
  state.step = -1;
  state.rounds = 0;
  if (state.ladder) { state.loop = true; state.speed = Math.min(...view().files.map((f) => f.speed)); load(true); say(word("The ladder begins at {speed}; after {rounds} rounds it goes up.", { speed: percent(state.speed), rounds: ROUNDS })); }
  draw();
}
function faster(by) {
  const all = view().files.map((f) => f.speed).sort((a, b) => a - b);
  const n = all.indexOf(file().speed) + by;
  if (n >= 0 && n < all.length) { state.speed = all[n]; load(true); say(percent(all[n])); }
}
function tickKnown() { const known = kept.read(); known[shown().title] = !known[shown().title]; kept.write(known); draw(); }
const playOrStop = () => film.paused ? film.play() : film.pause();

at("play").addEventListener("click", playOrStop);
at("loop").addEventListener("click", () => { state.loop = !state.loop; draw(); });
at("ladder").addEventListener("click", ladder);
at("top").addEventListener("click", () => { state.step = -1; state.through = !state.through; load(false); say(state.through ? word("The whole dance from the top.") : shown().title); });
at("known").addEventListener("change", tickKnown);
at("print").addEventListener("click", () => window.print());
const KEYS = {
  " ": playOrStop, arrowleft: () => goTo(place().count - 1), arrowright: () => goTo(place().count + 1),
  l: () => at("loop").click(), t: ladder, "-": () => faster(-1), "+": () => faster(1), v: () => { state.view = (state.view + 1) % shown().views.length; load(true); say(view().name); },
  j: () => goStep(state.step + 1), n: () => choose(state.section + 1), p: () => choose(state.section - 1), k: () => { if (!state.through) tickKnown(); },
};
document.addEventListener("keydown", (e) => {
  if (e.ctrlKey || e.metaKey || e.altKey || (e.target.matches("input") && e.key !== "k")) return;
  if (e.key === " " && e.target.matches("button, summary")) return;
  const key = e.key.toLowerCase();
  if (KEYS[key]) { e.preventDefault(); KEYS[key](); }
  else if (/^[1-8]$/.test(key) && loaded) { goTo(loaded.first + Number(key) - 1); }
});

at("dance").textContent = data.title;
at("about").textContent = data.about;
at("care").textContent = data.care;
at("rights").textContent = data.rights;
at("paper").replaceChildren(...data.sections.filter((s) => s.rows.length).map((s) => {
  const box = document.createElement("div"), head = document.createElement("h2"), table = document.createElement("table");
  head.textContent = s.title;
  for (const r of s.rows) { const tr = table.insertRow(); for (const words of r.cells) tr.insertCell().textContent = words; }
  box.append(head, table);
  return box;
}));
state.speed = Math.max(...data.sections[0].views[0].files.map((f) => f.speed));
load(false);
requestAnimationFrame(step);
