// One line to the server for the whole browser: what the scale, the probe and other tabs say, as events on the document. The first page holds the
// line and passes on what it hears; when it is shut the next takes over. Where a browser has no locks every page has its own line.
const NAMES = ["scale", "probe", "dish"];
const LINE = "restauro-line";

export class Feed {
  constructor(target = document) {
    this.target = target;
  }

  start() {
    if (!("locks" in navigator && "BroadcastChannel" in window)) return this.listen();
    this.channel = new BroadcastChannel(LINE);
    this.channel.addEventListener("message", ({ data }) => (data.ask ? this.repeat() : this.tell(data.name, data.detail)));
    this.channel.postMessage({ ask: true });
    this.stopped = new Promise((resolve) => { this.release = resolve; });
    // Held until the page goes; the lock is then another's.
    navigator.locks.request(LINE, () => { this.listen(); return this.stopped; }).catch(() => this.listen());
    addEventListener("pagehide", () => this.stop());
    return this;
  }

  listen() {
    this.last = new Map();
    this.source = new EventSource("/live");
    for (const name of NAMES) this.source.addEventListener(name, (event) => this.hear(name, JSON.parse(event.data)));
    this.source.addEventListener("error", () => this.hear("scale", { here: false }));
    addEventListener("pagehide", () => this.stop());
    return this;
  }

  hear(name, detail) {
    this.last.set(name, detail);
    this.tell(name, detail);
    this.channel?.postMessage({ name, detail });
  }

  // To a page that has just come.
  repeat() {
    this.last?.forEach((detail, name) => this.channel.postMessage({ name, detail }));
  }

  stop() {
    this.source?.close();
    this.release?.();
  }

  tell(name, detail) {
    this.target.dispatchEvent(new CustomEvent(`restauro:${name}`, { detail }));
  }
}
