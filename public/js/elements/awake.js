// Keeps the screen on while a dish is being cooked, where the browser lets it; else says so.
export class Awake {
  constructor(words) {
    this.words = words;
  }

  start() {
    this.ask();
    document.addEventListener("visibilitychange", () => document.visibilityState === "visible" && this.ask());
    return this;
  }

  async ask() {
    try {
      this.lock = await navigator.wakeLock.request("screen");
      this.say("");
    } catch {
      this.say("This screen may go dark by itself: set it to stay on.");
    }
  }

  say(text) {
    const words = document.querySelector(this.words);
    if (words) words.textContent = text;
  }
}
