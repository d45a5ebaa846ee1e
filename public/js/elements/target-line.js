// The target line of the chart, moved by pointer or by arrow keys over the stops that the server drew. It sets the range field
// and lets the form send it.
const PAGE_STOPS = 5;

export class TargetLine {
  /**
   * @param {HTMLFormElement} form holds the chart, the range field and the grade choice
   * @param {{soon: Function, held: ?string}} live
   */
  constructor(form, live) {
    this.form = form;
    this.live = live;
  }

  start() {
    this.abort = new AbortController();
    const { signal } = this.abort;
    this.form.addEventListener("pointerdown", (event) => this.grab(event), { signal });
    addEventListener("pointermove", (event) => this.drag(event), { signal });
    addEventListener("pointerup", () => this.letGo(), { signal });
    addEventListener("pointercancel", () => this.letGo(), { signal });
    this.form.addEventListener("keydown", (event) => this.key(event), { signal });
    this.form.addEventListener("input", (event) => event.target === this.range && this.choose(this.range.value), { signal });
    return this;
  }

  stop() {
    this.abort.abort();
  }

  // Looked up each time: the choices are drawn again when the recipe turns out to be of another family.
  get range() {
    return this.form.querySelector("[data-target-range]");
  }

  get handle() {
    return document.getElementById("target-handle");
  }

  /** @returns {Array<[number, number, string]>} spoons of flour a cup, y in the picture, words */
  stops(handle) {
    return JSON.parse(handle.dataset.stops);
  }

  grab(event) {
    const handle = event.target.closest?.("#target-handle");
    if (!handle) return;
    event.preventDefault();
    handle.focus({ preventScroll: true });
    this.grabbed = handle;
    this.live.held = "chart";
  }

  drag(event) {
    if (!this.grabbed) return;
    const svg = this.grabbed.ownerSVGElement;
    const y = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse()).y;
    const nearest = this.stops(this.grabbed).reduce((best, stop) => (Math.abs(stop[1] - y) < Math.abs(best[1] - y) ? stop : best));
    this.move(this.grabbed, nearest);
  }

  letGo() {
    if (!this.grabbed) return;
    this.grabbed = null;
    this.live.held = null;
    this.live.soon();
  }

  key(event) {
    const handle = event.target.closest?.("#target-handle");
    const step = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: PAGE_STOPS, PageDown: -PAGE_STOPS, Home: -Infinity, End: Infinity }[event.key];
    if (!handle || step === undefined) return;
    event.preventDefault();
    const stops = this.stops(handle);
    const now = Number(handle.getAttribute("aria-valuenow"));
    const at = stops.findIndex((stop) => stop[0] >= now - 0.05);
    this.move(handle, stops[Math.min(Math.max((at < 0 ? stops.length - 1 : at) + step, 0), stops.length - 1)]);
  }

  move(handle, [spoons, y, words]) {
    handle.setAttribute("transform", `translate(0 ${y})`);
    handle.setAttribute("aria-valuenow", spoons);
    handle.setAttribute("aria-valuetext", `target: ${words}`);
    handle.querySelector(".target-name").textContent = `target: ${words}`;
    this.range.value = spoons;
    this.choose(spoons);
    this.live.soon();
  }

  choose(spoons) {
    this.form.querySelector("[name=grade][value=own]").checked = true;
    const out = document.getElementById("spoons-out");
    if (out) out.textContent = spoons;
  }
}
