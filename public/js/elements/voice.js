// Reads the step aloud in the browser's own voice, and takes a knock on the screen for "next", two for "back".
const TWO_KNOCKS_MS = 450;

export class Voice {
  /** @param {HTMLFormElement} form */
  constructor(form) {
    this.form = form;
    this.reading = false;
  }

  start() {
    document.addEventListener("restauro:shown", () => this.shown());
    document.addEventListener("click", (event) => {
      if (event.target.closest("[data-aloud]")) this.toggle();
      else this.knocked(event);
    });
    document.addEventListener("change", (event) => { if (event.target.matches("[data-knock]")) this.knocking = event.target.checked; });
    this.shown();
    return this;
  }

  get canSpeak() { return "speechSynthesis" in window; }

  shown() {
    const button = this.form.querySelector("[data-aloud]");
    button.hidden = !this.canSpeak;
    button.textContent = this.reading ? "Be quiet" : "Read it to me";
    this.form.querySelector("[data-knock-label]").hidden = false;
    this.form.querySelector("[data-knock]").checked = Boolean(this.knocking);
    const words = this.words();
    if (this.reading && words !== this.last) this.say(words);
  }

  words() {
    return [...this.form.querySelectorAll(".step-text, .step-caution span, .step-look, .step-items")].map((part) => part.textContent.trim()).join(". ");
  }

  toggle() {
    this.reading = !this.reading;
    if (this.reading) this.say(this.words());
    else speechSynthesis.cancel();
    this.shown();
  }

  say(words) {
    this.last = words;
    speechSynthesis.cancel();
    const speech = new SpeechSynthesisUtterance(words);
    speech.lang = "en";
    speechSynthesis.speak(speech);
  }

  // A tap that hits nothing to tap.
  knocked(event) {
    if (!this.knocking || event.target.closest("a, button, input, select, textarea, summary, label, dialog")) return;
    clearTimeout(this.waiting);
    const second = event.timeStamp - (this.before ?? -TWO_KNOCKS_MS) < TWO_KNOCKS_MS;
    this.before = second ? undefined : event.timeStamp;
    if (second) this.press("back");
    else this.waiting = setTimeout(() => this.press("onward"), TWO_KNOCKS_MS);
  }

  press(what) {
    const button = this.form.querySelector(`[name=do][value=${what}]`);
    if (button && !button.disabled) button.click();
  }
}
