// Sends a form on every change and puts the answer's live regions in place of the page's own. The server computes everything.
const QUIET_MS = 250;

export class LiveForm {
  /** @param {HTMLFormElement} form regions to replace carry data-live and an id */
  constructor(form) {
    this.form = form;
    this.turn = 0;
    this.newestOnly = form.classList.contains("swap"); // a tap at the scale or the stove is a deed: each one counts
    this.key = crypto.getRandomValues(new Uint32Array(4)).join("-"); // of this page's form: its older changes are let go
    this.held = null; // id of a region not to be replaced just now
  }

  start() {
    this.abort = new AbortController();
    const { signal } = this.abort;
    this.shownRecipe = this.form.querySelector("[name=recipe]")?.value;
    this.form.addEventListener("input", (event) => this.changed(event), { signal });
    this.form.addEventListener("change", (event) => this.changed(event), { signal });
    this.form.addEventListener("submit", (event) => this.submitted(event), { signal });
    addEventListener("pagehide", () => this.flush(), { signal });
    if (this.typedBefore()) this.soon();
    return this;
  }

  // Typed while the page was still loading: no change was heard, and it counts all the same.
  typedBefore() {
    return [...this.form.querySelectorAll("textarea, input[type=text], input:not([type])")].some((field) => field.value !== field.defaultValue);
  }

  stop() {
    this.abort.abort();
    clearTimeout(this.timer);
  }

  changed(event) {
    if (event.target.matches("[name=title], [name=note]")) this.unsaved = true;
    this.soon();
  }

  soon() {
    this.unsaved = true;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.send(), QUIET_MS);
  }

  submitted(event) {
    if (event.submitter?.hasAttribute("formaction")) return; // keeping goes to another page
    event.preventDefault();
    clearTimeout(this.timer);
    this.choose(event.submitter);
    this.send(event.submitter);
  }

  // A button that stands for choices of lists sets those lists, which are not drawn again.
  choose(button) {
    for (const [name, value] of Object.entries(JSON.parse(button?.dataset.lists ?? "{}"))) {
      const list = this.form.querySelector(`select[name="${name}"]`);
      if (list) list.value = value;
    }
    // What was tapped stands in the form at once, so that the next tap sends it along.
    if (button?.hasAttribute("data-sets")) for (const [name, value] of new URLSearchParams(button.value)) {
      const fields = [...this.form.querySelectorAll(`[name="${name}"]`)];
      fields.filter((field) => !field.matches("[type=radio], [type=checkbox]")).forEach((field) => { field.value = value; });
    }
  }

  body(submitter) {
    const data = new FormData(this.form);
    // Grows with every change, over reloads too: of a recipe's changes the server works only the newest out.
    if (this.newestOnly) data.append("turn", String(Date.now()));
    if (submitter?.name) data.append(submitter.name, submitter.value);
    return new URLSearchParams(data);
  }

  async send(submitter) {
    const turn = ++this.turn;
    this.unsaved = false;
    this.working(true);
    if (this.newestOnly) this.asked?.abort();
    this.asked = new AbortController();
    try {
      const headers = { "X-Restauro-Live": "1", "X-Restauro-Form": this.key };
      const answer = await fetch(this.form.action, { method: "POST", signal: this.asked.signal, body: this.body(submitter), headers });
      const html = await answer.text();
      if (turn === this.turn) this.show(html, answer.ok);
    } catch {
      if (turn !== this.turn) return; // a newer one is under way
      this.unsaved = true;
      this.working(false);
      this.say("Restauro does not answer. What you typed stays here; it is sent again with the next change.");
    }
  }

  // Said at once; an answer to another recipe is not shown meanwhile.
  working(on) {
    if (!this.form.classList.contains("swap")) return;
    const recipe = this.form.querySelector("[name=recipe]").value;
    this.form.classList.toggle("working", on);
    this.form.classList.toggle("stale", on && this.shownRecipe !== undefined && recipe !== this.shownRecipe);
    this.form.querySelector(".answer").setAttribute("aria-busy", String(on));
    this.form.querySelector(".answer > .busy-words")?.remove();
    if (on) this.form.querySelector(".answer").prepend(Object.assign(document.createElement("p"), { className: "busy-words", textContent: "Working it out …" }));
    else this.shownRecipe = recipe;
  }

  show(html, ok) {
    this.working(false);
    const page = new DOMParser().parseFromString(html, "text/html");
    this.form.querySelector(".answer > [role=alert]")?.remove();
    if (!ok) return this.say(page.querySelector("[role=alert]")?.textContent ?? "That could not be worked out.");
    const focused = document.activeElement?.id;
    this.form.querySelectorAll("[data-live]").forEach((region) => {
      const fresh = page.getElementById(region.id);
      // A copy: one that stands inside a region of choices is wanted there too.
      if (fresh && region.id !== this.held && !this.typingIn(region)) region.replaceWith(this.asOpen(region, document.importNode(fresh, true)));
    });
    // Choices are drawn anew for another family, but not under what was typed since this was asked: the next answer does it.
    if (!this.unsaved) this.form.querySelectorAll("[data-live-on]").forEach((region) => {
      const fresh = page.getElementById(region.id);
      if (fresh && fresh.dataset.liveOn !== region.dataset.liveOn && !this.typingIn(region)) region.replaceWith(document.adoptNode(fresh));
    });
    if (focused && document.activeElement?.id !== focused) document.getElementById(focused)?.focus({ preventScroll: true });
    this.form.dispatchEvent(new CustomEvent("restauro:shown", { bubbles: true }));
  }

  // What the cook had opened stays open in what takes its place.
  asOpen(region, fresh) {
    const open = [...region.querySelectorAll("details[open] > summary")].map((summary) => summary.textContent);
    fresh.querySelectorAll("details > summary").forEach((summary) => { if (open.includes(summary.textContent)) summary.parentElement.open = true; });
    return fresh;
  }

  // A region whose field is being typed in is left alone until the field is left.
  typingIn(region) {
    const active = document.activeElement;
    return region.contains(active) && active.matches("input:not([type=checkbox]), textarea");
  }

  say(words) {
    const region = this.form.querySelector(".answer");
    const note = document.createElement("p");
    note.className = "problem";
    note.setAttribute("role", "alert");
    note.textContent = words;
    region.querySelector("[role=alert]")?.remove();
    region.prepend(note);
  }

  // Leaving the page with something typed: save it on the way out.
  flush() {
    if (this.unsaved) navigator.sendBeacon(this.form.action, this.body());
  }
}
