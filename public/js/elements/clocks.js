// Shows clocks running down. The server keeps them and says how much is left; the page only counts from there, and rings.
const EVERY_MS = 200;

export class Clocks {
  constructor(root = document) {
    this.root = root;
    this.rung = new Set();
  }

  start() {
    this.since = performance.now();
    this.adopt();
    document.addEventListener("restauro:shown", () => this.adopt());
    setInterval(() => this.tick(), EVERY_MS);
    const silent = this.silentBox();
    if (silent) {
      silent.checked = this.stored() === "yes";
      silent.addEventListener("change", () => this.store(silent.checked ? "yes" : "no"));
    }
    document.addEventListener("pointerdown", () => this.sound(), { once: true });
    document.addEventListener("click", (event) => event.target.matches("[data-try-bell]") && this.tried());
    this.untried();
    return this;
  }

  // Once, before it counts: the bell is heard and the flash is seen.
  tried() {
    this.store("yes", "bell-tried");
    this.beep();
    document.body.classList.add("ringing");
    this.banner("So it rings, and so it flashes. Nothing heard? Turn the sound up.");
    this.trying = performance.now() + 4000;
    this.untried();
  }

  untried() {
    const words = this.root.querySelector("[data-bell-words]");
    if (words) words.hidden = this.stored("bell-tried") === "yes";
  }

  silentBox() {
    return this.root.querySelector("[data-silent]");
  }

  stored(name = "silent") {
    try { return localStorage.getItem(name); } catch { return null; }
  }

  store(value, name = "silent") {
    try { localStorage.setItem(name, value); } catch { /* a private window forgets */ }
  }

  // What was left when the page came, counted from that moment.
  adopt() {
    const now = performance.now();
    this.root.querySelectorAll("[data-clock]:not([data-ends])").forEach((clock) => {
      clock.dataset.ends = clock.dataset.running === "yes" ? now + 1000 * Number(clock.dataset.left) : "";
    });
    const silent = this.silentBox();
    if (silent) silent.checked = this.stored() === "yes";
    this.untried();
  }

  tick() {
    const now = performance.now();
    const ringing = new Set();
    this.root.querySelectorAll("[data-clock]").forEach((clock) => {
      if (clock.dataset.running !== "yes") return;
      const left = (Number(clock.dataset.ends) - now) / 1000;
      const shown = Math.max(0, Math.round(left));
      clock.textContent = `${Math.floor(shown / 60)}:${String(shown % 60).padStart(2, "0")}`;
      clock.classList.toggle("rung", left <= 0);
      if (left > 0) return;
      ringing.add(clock.dataset.label);
      if (!this.rung.has(clock.dataset.clock)) this.ring(clock.dataset.clock);
    });
    if (now < (this.trying ?? 0)) return;
    document.body.classList.toggle("ringing", ringing.size > 0);
    this.banner([...ringing].join(" · "));
  }

  // What rings, at the top of the page, wherever its clock stands.
  banner(words) {
    const banner = this.root.querySelector("[data-ring]");
    if (!banner || banner.textContent === words) return;
    banner.textContent = words;
    banner.hidden = words === "";
  }

  ring(id) {
    this.rung.add(id);
    if (this.stored() !== "yes") this.beep();
  }

  // Browsers let a page sound only after it was touched.
  sound() {
    this.audio ??= new AudioContext();
    return this.audio;
  }

  beep() {
    try {
      const audio = this.sound();
      [0, 0.4, 0.8].forEach((at) => {
        const tone = audio.createOscillator();
        const loud = audio.createGain();
        tone.frequency.value = 880;
        loud.gain.value = 0.3;
        tone.connect(loud).connect(audio.destination);
        tone.start(audio.currentTime + at);
        tone.stop(audio.currentTime + at + 0.25);
      });
    } catch { /* no sound here: the flash remains */ }
  }
}
