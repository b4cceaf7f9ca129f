"use strict";
/* --- playing --------------------------------------------------------------------------- */

async function begin(p) {
  const f = p.item.film;
  try { player.open(f.sound ? f.sound.rate : 44100); } catch { return trouble(word("This browser cannot play sound exactly.")); }
  player.ctx.resume();
  at("play").textContent = word("Stop");
  const wanted = state.begun = (state.begun || 0) + 1;
  await player.loop(p.item, p.rate, p.rounds > 1);
  if (wanted !== state.begun) return;
  await player.play(p.item, p.rate, p.place, p.rounds, player.now() + 0.15);
  setTimeout(() => { if (player.ctx.state !== "running" && player.playing) trouble(word("No sound device answers, so nothing can be heard or seen. Connect one and press Play again.")); }, 2500);
  drawPlay();
}
function start() {
  if (state.waiting) { const p = state.waiting; state.waiting = null; return begin(p); }
  if (state.through) return flow(through(film(), state.at));
  const it = core();
  state.flow = null;
  const place = Math.max(0, Math.min(0.999, (state.at - it.from) / (it.to - it.from)));
  return begin({ item: it, rate: rate(), place: state.at < it.from || state.at >= it.to ? 0 : place, rounds: state.loop ? Infinity : 1, next: {} });
}
function stop() {
  state.begun = (state.begun || 0) + 1;
  if (player.playing) { const here = player.where(player.now()); if (here) state.at = here.film_s; }
  player.stop();
  state.flow = null;
  picture.still(film(), state.at);
  drawPlay();
}
const playOrStop = () => player.playing || at("play").textContent === word("Stop") ? stop() : start();

/* Another view, section or stretch: on the same share of it when it is playing, or from its start. */
function again(keep) {
  const was = player.playing ? player.where(player.now() + AHEAD_S) : null;
  state.waiting = null;
  if (!was && at("play").textContent !== word("Stop")) { state.at = keep && state.at ? state.at : state.through ? 0 : core().from; picture.still(film(), state.at); draw(); return; }
  if (state.through) { flow(through(film(), keep && was ? was.film_s : 0)); draw(); return; }
  state.flow = null;
  const it = core();
  begin({ item: it, rate: rate(), place: keep && was ? was.share : 0, rounds: state.loop ? Infinity : 1, next: {} });
  draw();
}
function setSpeed(speed, words = true) {
  state.speed = Math.max(LEAST, Math.min(MOST, Math.round(speed * 100) / 100));
  drawSpeed();
  if (words) say(percent(state.speed));
  if (!player.playing) return;
  const here = player.where(player.now());
  if (!here) return;
  if (state.through) { flow(through(film(), here.film_s)); return; }
  state.flow = null;
  const it = here.piece.item, own = core();
  // Another view or stretch is still in the making: that one, at this speed.
  if (it.film !== own.film || it.from !== own.from || it.to !== own.to) return again(true);
  const wanted = state.begun = (state.begun || 0) + 1;
  player.change(it, rate(it.film), () => wanted === state.begun);
}
function goTo(count) {
  const f = film();
  if (!f.counts.length) return;
  const k = Math.max(0, Math.min(f.counts.length - 1, count)), s = f.counts[k][0];
  state.at = s + 0.001;
  if (!player.playing) { picture.still(f, state.at); draw(); return; }
  if (state.through) { flow(through(f, s)); return; }
  const it = core();
  if (s < it.from - 0.001 || s >= it.to) return say(word("This count is outside the loop."));
  player.play(it, rate(), (s - it.from) / (it.to - it.from), state.loop ? Infinity : 1);
}
const now_s = () => {
  if (!player.playing || !player.ctx) return state.at;
  const here = player.where(player.heard()(performance.now()));
  if (here) { state.at = here.film_s; state.piece = here.piece; state.round = here.round; }
  return state.at;
};
function place() {
  const counts = film().counts, s = now_s();
  let k = 0;
  while (k + 1 < counts.length && counts[k + 1][0] <= s + 0.005) k += 1;
  return k;
}

/* From a count to a count: two taps. */
function pick(count) {
  const f = film();
  if (state.picking === undefined || state.picking === null) return goTo(count);
  if (state.picking === -1) { state.picking = count; say(word("From {count}. Now the count it goes to.", { count: f.counts[count][1] })); return draw(); }
  const [a, b] = [state.picking, count].sort((x, y) => x - y);
  state.from = f.counts[a][0];
  state.to = b + 1 < f.counts.length ? f.counts[b + 1][0] : f.length;
  state.picking = null;
  state.loop = true;
  say(word("From {first} to {last}", { first: f.counts[a][1], last: f.counts[b][1] }));
  state.at = state.from;
  again(false);
}
function fromTo() {
  if (state.through) return;
  if (state.from !== null || state.picking != null) { state.from = state.to = state.picking = null; say(word("All of the section.")); return again(false); }
  state.picking = -1;
  say(word("Choose the first count, then the last one."));
  draw();
}

/* --- each frame of the screen ---------------------------------------------------------- */

let drawn = null;
function tick() {
  player.step();
  if (player.playing) picture.step();
  if (voice) voice.step();
  const s = now_s(), f = film();
  if (player.playing && state.piece && state.piece !== state.followed) { state.followed = state.piece; if (state.piece.made) follow(state.piece.made); }
  const states = statesOf(f);
  let n = -1;
  while (n + 1 < states.length && states[n + 1][0] <= s + 0.005) n += 1;
  const k = place(), key = f.file + n + "|" + k;
  if (key !== drawn) { drawn = key; drawState(n < 0 ? null : states[n], k); }
  if (document.activeElement !== at("seek")) at("seek").value = f.length ? Math.round(s / f.length * 1000) : 0;
}
function frame() { tick(); requestAnimationFrame(frame); }

/* --- words and drawing ----------------------------------------------------------------- */

/* Words of the page in the language of whoever wrote the pack. */
function word(text, values) {
  let out = (data.words || {})[text] || text;
  for (const [name, value] of Object.entries(values || {})) out = out.replace("{" + name + "}", value);
  return out;
}
const percent = (s) => Math.round(s * 100) + " %";
function say(words) { at("said").textContent = words; }
function trouble(words) { at("trouble").textContent = words; at("trouble").hidden = !words; }
picture.failed = (f) => trouble(word("This film cannot be played: {file}. Keep this page in the folder it came in, with its folder clips.", { file: f ? f.file : "" }));
player.failed = (file) => trouble(word("This sound cannot be read: {file}. Keep this page in the folder it came in, with its folder sound.", { file }));

/* Buttons in a row or list, changed where they stand: what has the focus keeps it. */
function buttons(parent, rows, tag = null) {
  while (parent.children.length > rows.length) parent.lastChild.remove();
  rows.forEach((row, n) => {
    let box = parent.children[n];
    if (!box) {
      const b = document.createElement("button");
      b.addEventListener("click", () => b.run());
      box = tag ? document.createElement(tag) : b;
      if (tag) box.append(b);
      parent.append(box);
    }
    const b = tag ? box.firstChild : box;
    b.run = row.run;
    if (b.textContent !== row.words) b.textContent = row.words;
    for (const [name, value] of [["aria-label", row.name], ["aria-pressed", row.pressed], ["aria-current", row.current]]) {
      if (value === undefined) b.removeAttribute(name); else if (b.getAttribute(name) !== String(value)) b.setAttribute(name, String(value));
    }
    b.classList.toggle("out", Boolean(row.out));
  });
}
function table(body, rows) {
  body.replaceChildren(...rows.map((r) => {
    const tr = document.createElement("tr");
    tr.dataset.count = r.count;
    for (const words of r.cells) { const td = document.createElement("td"); td.textContent = words; tr.append(td); }
    return tr;
  }));
}
function drawState(s, k) {
  const f = film();
  at("count").textContent = s ? s[1] : "";
  at("cue").textContent = s ? s[2] : "";
  at("next").textContent = s ? s[3] : "";
  at("overcount").textContent = s ? s[1] : "";
  at("overcue").textContent = s ? s[2] : "";
  [...at("counts").children].forEach((b, n) => b.setAttribute("aria-current", String(n === k)));
  const number = f.counts.length ? k - f.first : -1;
  [...at("sheet").children].forEach((row) => row.setAttribute("aria-current", String(!state.through && Number(row.dataset.count) === number)));
}
function drawPlay() { at("play").textContent = player.playing ? word("Stop") : word("Play"); }
function drawSpeed() { at("speed").value = Math.round(state.speed * 100); at("percent").textContent = percent(state.speed); }
let sheetOf = null;
/* The sheet of a section in the form that is chosen. */
const rowsOf = (s) => ((s.forms || []).find((one) => one.name === state.form) || s).rows || [];
function drawPaper() {
  at("paper").replaceChildren(...data.sections.filter((s) => s.rows.length).map((s) => {
    const box = document.createElement("div"), head = document.createElement("h2"), sheet = document.createElement("table");
    head.textContent = rowsOf(s) === s.rows ? s.title : s.title + ", " + state.form;
    table(sheet.createTBody(), rowsOf(s));
    box.append(head, sheet);
    return box;
  }));
}
function draw() {
  const known = state.known, here = shown(), f = film();
  buttons(at("sections"), data.sections.map((s, n) => ({
    words: s.title + (known[s.title] ? " ✓" : ""), name: known[s.title] ? word("{title}, you can dance it", { title: s.title }) : s.title,
    current: !state.through && n === state.section, run: () => choose(n),
  })), "li");
  buttons(at("views"), here.views.map((v, n) => ({ words: v.name, pressed: v === view(), run: () => { state.view = n; state.from = state.to = null; again(true); } })));
  const limits = [state.from ?? f.from, state.to ?? f.to];
  buttons(at("counts"), state.through ? [] : f.counts.map(([s, number], k) => ({
    words: number, name: word("Count {count}", { count: number }), out: s < limits[0] - 0.001 || s >= limits[1] - 0.001, run: () => pick(k),
  })));
  buttons(at("chapters"), (state.through && here.chapters || []).map(([s, title]) => ({ words: title, run: () => { state.at = s; if (player.playing) flow(through(film(), s)); else { picture.still(film(), s); draw(); } } })));
  const sheet = rowsOf(here);
  if (sheetOf !== sheet) { sheetOf = sheet; table(at("sheet"), sheet); drawPaper(); }
  const forms = [...new Set(data.sections.flatMap((s) => (s.forms || []).map((one) => one.name)))];
  at("forms").hidden = !forms.length;
  buttons(at("forms"), forms.length ? ["", ...forms].map((name) => ({ words: name || word("as in the film"), pressed: name === state.form, run: () => chooseForm(name) })) : []);
  at("lessonbox").hidden = !lesson.length;
  buttons(at("lesson"), lesson.map((step, n) => ({
    words: step.title + " (" + (step.times > 1 ? step.times + " × " : "") + step.speeds.map(percent).join(", ") + ")", current: n === state.step, run: () => goStep(n),
  })), "li");
  at("loop").setAttribute("aria-pressed", String(state.loop));
  at("fromto").setAttribute("aria-pressed", String(state.from !== null || state.picking != null));
  at("fromto").disabled = at("loop").disabled = at("ladder").disabled = at("grow").disabled = state.through;
  at("top").disabled = !data.through;
  at("top").setAttribute("aria-pressed", String(state.through));
  at("buildup").disabled = data.sections.length < 2;
  at("known").disabled = state.through;
  at("known").checked = !state.through && Boolean(known[here.title]);
  // Counts that stand in the picture already cannot be taken out of it.
  at("drawn").hidden = !f.plain;
  at("voice").hidden = !voice;
  at("voice").setAttribute("aria-pressed", String(Boolean(voice && voice.on)));
  at("rounds").value = String(state.rounds);
  at("drawn").setAttribute("aria-pressed", String(state.over));
  at("over").hidden = !f.plain || !state.over;
  at("film").setAttribute("aria-label", word("Film: {title}", { title: here.title }));
  drawn = null;
  drawPlay();
  drawSpeed();
  kept.write({ ...state.known, " at": { section: state.section, view: state.view, speed: state.speed, over: state.over, rounds: state.rounds, form: state.form, voice: Boolean(voice && voice.on) } });
}
function choose(n) {
  const count = data.sections.length;
  Object.assign(state, { through: false, section: (n + count) % count, step: null, from: null, to: null, picking: null });
  again(false);
  say(shown().title);
}
function goStep(n) {
  if (!lesson.length) return;
  state.from = state.to = state.picking = null;
  flow(lessonFrom((n + lesson.length) % lesson.length), player.playing);
}
function startLadder() { state.loop = true; state.step = null; say(word("The ladder begins at {speed}; after {rounds} rounds it goes up.", { speed: percent(RUNGS[0]), rounds: state.rounds })); flow(ladder(film())); }
function startGrowing() { state.loop = true; state.step = null; say(word("A little faster after every {rounds} rounds.", { rounds: state.rounds })); flow(grow(film())); }
function sayOrNot() { if (!voice) return; voice.on = !voice.on; say(voice.on ? word("Each move is said a count before it comes.") : word("The moves are not said.")); draw(); }
function startBuildUp() { state.step = null; state.from = state.to = null; flow(buildUp()); }
function top_() {
  Object.assign(state, { step: null, through: !state.through, from: null, to: null });
  again(false);
  say(state.through ? word("The whole dance from the top.") : shown().title);
}
function tickKnown() { state.known[shown().title] = !state.known[shown().title]; draw(); }
function full() {
  const box = at("stage");
  if (document.fullscreenElement) document.exitFullscreen(); else if (box.requestFullscreen) box.requestFullscreen().catch(() => {});
}
function overOrNot() { if (!film().plain) return; state.over = !state.over; say(state.over ? word("Counts over the picture.") : word("The picture alone.")); draw(); }
function chooseForm(name) {
  state.form = name;
  draw();
  say(!name ? word("The words are those of the film.") : form() ? word("Form “{form}”: the words change, the film shows it as it was filmed.", { form: name }) : word("This section has no form “{form}”.", { form: name }));
}
function nextForm() {
  const rows = [...at("forms").children], k = rows.findIndex((b) => b.getAttribute("aria-pressed") === "true");
  if (rows.length) rows[(k + 1) % rows.length].run();
}
function nextView() { state.view = (state.view + 1) % shown().views.length; state.from = state.to = null; again(true); say(view().name); }

at("play").addEventListener("click", playOrStop);
at("loop").addEventListener("click", () => { state.loop = !state.loop; again(false); });
at("fromto").addEventListener("click", fromTo);
at("ladder").addEventListener("click", startLadder);
at("grow").addEventListener("click", startGrowing);
at("voice").addEventListener("click", sayOrNot);
at("rounds").addEventListener("change", () => { state.rounds = Number(at("rounds").value); draw(); });
at("buildup").addEventListener("click", startBuildUp);
at("top").addEventListener("click", top_);
at("full").addEventListener("click", full);
at("drawn").addEventListener("click", overOrNot);
at("slower").addEventListener("click", () => setSpeed(state.speed - 0.05));
at("faster").addEventListener("click", () => setSpeed(state.speed + 0.05));
at("speed").addEventListener("input", () => { state.speed = at("speed").value / 100; at("percent").textContent = percent(state.speed); });
at("speed").addEventListener("change", () => setSpeed(at("speed").value / 100));
at("volume").addEventListener("input", () => player.setVolume(at("volume").value / 100));
at("seek").addEventListener("change", () => {
  const f = film(), s = at("seek").value / 1000 * f.length;
  const k = f.counts.findLastIndex(([c]) => c <= s);
  goTo(Math.max(0, k));
});
at("known").addEventListener("change", tickKnown);
at("print").addEventListener("click", () => window.print());
const KEYS = {
  " ": playOrStop, arrowleft: () => goTo(place() - 1), arrowright: () => goTo(place() + 1),
  l: () => at("loop").click(), t: startLadder, g: () => at("grow").click(), s: sayOrNot, b: () => at("buildup").click(), r: fromTo, f: full, "-": () => setSpeed(state.speed - 0.05), "+": () => setSpeed(state.speed + 0.05), v: nextView, e: nextForm, c: overOrNot,
  j: () => goStep((state.step ?? -1) + 1), n: () => choose(state.section + 1), p: () => choose(state.section - 1), k: () => { if (!state.through) tickKnown(); },
};
document.addEventListener("keydown", (e) => {
  if (e.ctrlKey || e.metaKey || e.altKey) return;
  const key = e.key.toLowerCase(), field = e.target.matches("input, select");
  if (field && (key.startsWith("arrow") || key === " ")) return;
  if (e.key === " " && e.target.matches("button, summary")) return;
  if (KEYS[key]) { e.preventDefault(); KEYS[key](); }
  else if (/^[1-8]$/.test(key)) pick(film().first + Number(key) - 1);
});

at("dance").textContent = data.title;
at("about").textContent = data.about;
at("care").textContent = data.care;
at("rights").textContent = data.rights;
const { " at": last, ...known } = kept.read();
state.known = known;
if (last && data.sections[last.section]) Object.assign(state, { section: last.section, view: last.view, speed: last.speed || 1, over: last.over !== false, rounds: last.rounds || 4, form: last.form || "" });
if (voice && last && last.voice) voice.on = true;
state.at = film().from;
picture.still(film(), state.at);
draw();
requestAnimationFrame(frame);
