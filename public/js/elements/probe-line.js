// Shows what the probe says at once, and asks for the picture anew while the line is being drawn.
const REDRAW_MS = 5000;

export class ProbeLine {
  constructor(live) {
    this.live = live;
    this.drawn = 0;
  }

  start() {
    document.addEventListener("restauro:probe", (event) => this.show(event.detail));
    return this;
  }

  show(reading) {
    document.querySelectorAll("[data-probe]").forEach((words) => { words.textContent = reading.here ? `${reading.celsius.toFixed(1)} °C` : "no probe"; });
    const now = performance.now();
    if (!this.live || !reading.here || now - this.drawn < REDRAW_MS || !document.querySelector("[value='probe:no']")) return;
    this.drawn = now;
    this.live.send();
  }
}
