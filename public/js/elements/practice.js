// Lets time pass in a lesson: once a second it asks the server how things stand so many seconds on. The server works everything out.
const EVERY_MS = 1000;

export class PracticeTime {
  /** @param {HTMLFormElement} form  @param {LiveForm} live */
  constructor(form, live) {
    this.form = form;
    this.live = live;
    this.field = form.querySelector("[data-advance]");
  }

  start() {
    this.form.querySelector("[data-speeds]").hidden = false;
    this.form.addEventListener("submit", () => { this.field.value = "0"; }, { capture: true });
    this.timer = setInterval(() => this.tick(), EVERY_MS);
    return this;
  }

  get speed() { return Number(this.form.querySelector("[name=speed]:checked")?.value ?? 0); }
  get over() { return this.form.querySelector("#lesson-scene").dataset.over === "true"; }
  get guessing() { return this.form.querySelector("[name=guess]") !== null; }

  async tick() {
    if (this.over || this.guessing || this.speed === 0 || this.busy || document.hidden) return;
    this.busy = true;
    this.field.value = String(this.speed);
    await this.live.send();
    this.field.value = "0";
    this.busy = false;
  }
}
