"use strict";
/* Two muted films under each other. The one that is seen follows the sound by its rate and is never sought; the other
   one is ready before each join, and takes over there. */

const LEAD_S = 0.6, LOST_S = 0.3, QUIET_S = 0.004;

class Picture {
  constructor(elements, player) {
    this.player = player;
    this.films = elements.map((el) => ({ el, film: null, item: null, state: "old", off: null, lost: false }));
    this.slow = 0.05; // how long a film takes to begin
    this.log = [];
    this.failed = () => {};
    for (const f of this.films) { f.el.addEventListener("error", () => this.failed(f.film)); this._watch(f); }
    this.films[0].state = "live";
  }
  get live() { return this.films.find((f) => f.state === "live") || this.films[0]; }
  get spare() { return this.films.find((f) => f !== this.live); }

  /* A film to a second of it, paused. */
  park(f, film, film_s, item = null) {
    const to = () => { f.el.pause(); f.el.currentTime = Math.max(0, Math.min(film.length - 0.02, film_s)); };
    f.item = item;
    f.at = film_s;
    f.off = null;
    if (f.film !== film) {
      f.film = film;
      f.el.src = source(film.file);
      f.el.addEventListener("loadedmetadata", to, { once: true });
      f.el.load();
    } else if (f.el.readyState) to();
  }
  /* Stopped: this second of this film is seen. */
  still(film, film_s) {
    for (const f of this.films) f.el.pause();
    const live = this.live;
    this._show(live);
    this.park(live, film, film_s);
  }

  step() {
    const player = this.player;
    if (!player.playing || !player.ctx) return;
    const t = player.heard()(performance.now()), here = player.where(t);
    if (!here) return;
    const live = this.live, spare = this.spare, { piece } = here;
    if (live.film !== piece.item.film || live.lost || (live.item !== piece.item && spare.state !== "rolling")) return this._take(here);
    const coming = player.where(here.join + 0.001), left = here.join - t;
    if (coming) this._prepare(spare, coming, here.join, left);
    if (spare.state === "rolling") {
      if (t >= spare.join - 0.006) this._show(spare);
      else if (Math.abs(spare.join - here.join) > 0.01) { spare.el.pause(); spare.state = "old"; }
    }
  }
  /* Another film, or the one that is seen is lost: the other goes a little ahead and takes over when it is reached. */
  _take(here) {
    const spare = this.spare, { piece, film_s } = here, rate = piece.rate;
    const stands = spare.state === "taking" && spare.item === piece.item && spare.film === piece.item.film;
    if (!stands || film_s > spare.at + 0.5 * rate || film_s < spare.at - 0.9 * rate - 0.3) {
      this.park(spare, piece.item.film, Math.min(film_s + LEAD_S * rate, piece.item.to + 0.3), piece.item);
      spare.state = "taking";
    } else if (spare.el.readyState >= 3 && !spare.el.seeking && film_s >= spare.at - 0.02 * rate) {
      this._roll(spare, rate);
      this._show(spare);
    }
  }
  _prepare(spare, coming, join, left) {
    const { item, rate } = coming.piece, start = coming.film_s - LEAD_S * rate, early = left > LEAD_S + this.slow + 0.05;
    const ready = spare.state === "parked" && spare.film === item.film && Math.abs(spare.at - start) < 0.02;
    if (early && !ready && spare.state !== "rolling") { this.park(spare, item.film, start, item); spare.state = "parked"; }
    if (ready && left <= LEAD_S + this.slow) {
      this._roll(spare, rate);
      Object.assign(spare, { state: "rolling", fresh: true, off: null, join, item, begins: coming.film_s, speed: rate });
    }
  }
  _roll(f, rate) { f.el.playbackRate = rate; f.el.play().catch(() => {}); }
  _show(f) {
    for (const other of this.films) {
      const on = other === f;
      other.el.classList.toggle("seen", on);
      other.el.toggleAttribute("data-live", on);
      if (on) Object.assign(other, { state: "live", lost: false });
      else if (other.state === "live" || other.state === "taking") { other.state = "old"; other.el.pause(); }
    }
  }

  /* Each frame that is shown is compared with what is heard then. */
  _watch(f) {
    const each = (now, m) => {
      f.el.requestVideoFrameCallback(each);
      if (this.player.playing && f.film && (f.state === "live" || f.state === "rolling")) this._compare(f, m);
    };
    if (f.el.requestVideoFrameCallback) f.el.requestVideoFrameCallback(each);
    else { const old = () => { requestAnimationFrame(old); if (this.player.playing && f.film && !f.el.paused) this._compare(f, { mediaTime: f.el.currentTime, expectedDisplayTime: performance.now() }); }; requestAnimationFrame(old); }
  }
  _compare(f, m) {
    const t = this.player.heard()(m.expectedDisplayTime);
    let wanted, rate;
    if (f.state === "rolling" && t < f.join) { wanted = f.begins - (f.join - t) * f.speed; rate = f.speed; }
    else {
      const here = this.player.where(t);
      if (!here || here.piece.item !== f.item) return;
      wanted = here.film_s;
      rate = here.piece.rate;
      const { from, to } = here.piece.item, edge = 0.12 * rate, away = m.mediaTime - wanted;
      const joins = here.film_s - from < edge || to - here.film_s < edge;
      if (f.state === "live" && joins && Math.abs(away) > (to - from) / 2) return; // a frame of the round before, or after
    }
    const off = m.mediaTime + 0.5 / f.film.rate - wanted;
    if (f.state === "rolling" && f.fresh) { f.fresh = false; this.slow = Math.max(0, Math.min(0.4, this.slow - 0.3 * off / rate)); }
    f.off = f.off === null || f.state === "rolling" ? off : f.off + 0.3 * (off - f.off);
    if (f.state === "live") { this.log.push(off / rate * 1000); if (this.log.length > 4000) this.log.shift(); }
    if (f.state === "live" && Math.abs(f.off) > LOST_S * rate) { f.lost = true; return; }
    const pull = Math.abs(f.off) < QUIET_S ? 0 : Math.max(-0.4, Math.min(0.5, -f.off / rate * (f.state === "rolling" ? 4 : 2)));
    const to = Math.max(0.0625, rate * (1 + pull));
    if (Math.abs(f.el.playbackRate - to) > 0.004) f.el.playbackRate = to;
  }
}
