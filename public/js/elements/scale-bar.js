// Follows the scale: fills the bar to what is wanted, and says so to the server once it has settled there. What is wanted, and how near is near
// enough, the server has written on the bar.
const FULL = 320; // where the mark stands, of 400

export class ScaleBar {
  /** @param {HTMLFormElement} form  @param {LiveForm} live */
  constructor(form, live) {
    this.form = form;
    this.live = live;
  }

  start() {
    document.addEventListener("restauro:scale", (event) => this.show(event.detail));
    return this;
  }

  show(reading) {
    const bar = this.form.querySelector("[data-scale]");
    if (!bar) return;
    const words = bar.querySelector("[data-reading]");
    const state = bar.querySelector("[data-state]");
    if (!reading.here) {
      words.textContent = "no scale";
      state.textContent = "Tap when it is in; the page follows the scale when it is back.";
      return;
    }
    if (reading.overload) {
      words.textContent = "too heavy";
      state.textContent = "Take something off: the scale cannot bear it.";
      return;
    }
    const wanted = Number(bar.dataset.wanted);
    const near = Number(bar.dataset.tolerance);
    words.textContent = `${reading.grams} g`;
    bar.querySelector("[data-fill]").setAttribute("width", Math.max(0, Math.min(398, (FULL * reading.grams) / wanted)));
    bar.classList.toggle("full", reading.grams >= wanted - near && reading.grams <= wanted + near);
    bar.classList.toggle("over", reading.grams > wanted + near);
    state.textContent = reading.grams > wanted + near ? "too much" : reading.stable ? "" : "settling";
    if (bar.dataset.auto === "yes" && reading.stable && reading.grams >= wanted - near && reading.grams > 0) this.take(bar, reading.grams);
  }

  // Once for each line as it stands: the next answer brings the next line.
  take(bar, grams) {
    const version = this.form.querySelector("[name=version]").value;
    if (this.taken === version || document.activeElement?.matches("[data-grams]")) return;
    this.taken = version;
    this.form.querySelector("[data-grams]").value = grams;
    this.live.send(this.form.querySelector("#weigh-button"));
  }
}
