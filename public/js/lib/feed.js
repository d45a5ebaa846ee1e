// One line to the server for the whole page: what the scale, the probe and other tabs say, as events on the document.
const NAMES = ["scale", "probe", "dish"];

export class Feed {
  constructor(target = document) {
    this.target = target;
  }

  start() {
    this.source = new EventSource("/live");
    for (const name of NAMES) this.source.addEventListener(name, (event) => this.tell(name, JSON.parse(event.data)));
    this.source.addEventListener("error", () => this.tell("scale", { here: false }));
    addEventListener("pagehide", () => this.stop());
    return this;
  }

  stop() {
    this.source.close();
  }

  tell(name, data) {
    this.target.dispatchEvent(new CustomEvent(`restauro:${name}`, { detail: data }));
  }
}
