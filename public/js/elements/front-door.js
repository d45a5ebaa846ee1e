// The front door: says at once that it is working, sends a chosen file, and keeps what was typed while there is no network.
const KEPT = "restauro-front";

export class FrontDoor {
  /** @param {HTMLFormElement} form */
  constructor(form) {
    this.form = form;
    this.text = form.querySelector("textarea");
    this.words = form.querySelector("[data-busy]");
  }

  start() {
    document.documentElement.classList.add("scripted");
    this.text.value ||= this.stored();
    this.text.addEventListener("input", () => this.store(this.text.value));
    this.form.addEventListener("submit", (event) => this.submitted(event));
    this.form.querySelector("[data-sends]")?.addEventListener("change", (event) => {
      this.say("Reading the file …");
      event.target.form.requestSubmit();
    });
    addEventListener("online", () => { if (this.waiting) this.form.requestSubmit(); });
    return this;
  }

  submitted(event) {
    if (!navigator.onLine) {
      event.preventDefault();
      this.waiting = true;
      return this.say("No network. What you pasted is kept here, and is sent when it is back.");
    }
    this.store("");
    this.say("Reading it and working it out …");
  }

  say(words) {
    this.words.hidden = false;
    this.words.textContent = words;
  }

  stored() {
    try { return sessionStorage.getItem(KEPT) ?? ""; } catch { return ""; }
  }

  store(value) {
    try { sessionStorage.setItem(KEPT, value); } catch { /* a private window forgets */ }
  }
}
