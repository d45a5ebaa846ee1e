// A few single keys, where nothing is being typed: each presses the button that names it. "?" shows them; Esc closes what is open.
const NAMES = { u: "take the last change back", r: "make it again", w: "weigh and cook it", e: "edit the recipe",
  n: "done, next step", b: "a step back", l: "read the step aloud", "?": "these keys", Esc: "close what is open" };

export class Keys {
  start() {
    document.addEventListener("keydown", (event) => this.pressed(event));
    return this;
  }

  pressed(event) {
    if (event.key === "Escape") return this.close();
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest("input, textarea, select, dialog")) return;
    if (event.key === "?") return this.show(event);
    if (event.key === "e") return this.edit(event);
    const button = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
    if (button && !button.disabled) button.click();
  }

  edit(event) {
    const fold = document.querySelector("details.paste");
    if (!fold) return;
    event.preventDefault();
    fold.open = true;
    fold.querySelector("textarea").focus();
  }

  close() {
    const open = [...document.querySelectorAll("details[open]")].filter((fold) => fold.contains(document.activeElement)).pop();
    if (!open) return;
    open.open = false;
    open.querySelector("summary").focus();
  }

  show(event) {
    event.preventDefault();
    const box = document.createElement("dialog");
    box.className = "keys";
    box.setAttribute("aria-label", "Keys");
    const list = document.createElement("dl");
    for (const [key, words] of Object.entries(NAMES)) {
      list.append(Object.assign(document.createElement("dt"), { textContent: key }), Object.assign(document.createElement("dd"), { textContent: words }));
    }
    box.append(list);
    box.addEventListener("close", () => box.remove());
    box.addEventListener("click", () => box.close());
    document.body.append(box);
    box.showModal();
  }
}
