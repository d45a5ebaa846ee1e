// A bar of the plan is dragged sideways to another time: it is pinned there, and the server lays the rest again.
const STEP_MIN = 1;

export class LaneDrag {
  /** @param {SVGElement} svg with data-minute, units a minute  @param {HTMLFormElement} form that pins */
  constructor(svg, form) {
    this.svg = svg;
    this.form = form;
  }

  start() {
    this.svg.addEventListener("pointerdown", (event) => this.grab(event));
    this.svg.addEventListener("pointermove", (event) => this.move(event));
    this.svg.addEventListener("pointerup", (event) => this.drop(event));
    this.svg.addEventListener("pointercancel", () => this.let());
    return this;
  }

  grab(event) {
    const bar = event.target.closest("[data-task]");
    if (!bar) return;
    this.bar = bar;
    this.from = event.clientX;
    this.svg.setPointerCapture(event.pointerId);
    event.preventDefault();
  }

  // In whole minutes, so that what is seen is what will be asked for.
  minutes(event) {
    const scale = this.svg.viewBox.baseVal.width / this.svg.getBoundingClientRect().width;
    return Math.round(((event.clientX - this.from) * scale) / Number(this.svg.dataset.minute) / STEP_MIN) * STEP_MIN;
  }

  move(event) {
    if (!this.bar) return;
    this.bar.setAttribute("transform", `translate(${this.minutes(event) * Number(this.svg.dataset.minute)} 0)`);
  }

  drop(event) {
    if (!this.bar) return;
    const moved = this.minutes(event);
    const { task, at } = this.bar.dataset;
    if (moved === 0) return this.let();
    const minute = (((Number(at) + moved) % 1440) + 1440) % 1440;
    this.form.elements.pin.value = task;
    this.form.elements.pin_at.value = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    this.form.submit();
  }

  let() {
    this.bar?.removeAttribute("transform");
    this.bar = undefined;
  }
}
