// Copies the text of the field it names, and says so.
export class CopyButton {
  /** @param {HTMLButtonElement} button data-copy holds the field's id */
  constructor(button) {
    this.button = button;
  }

  start() {
    this.abort = new AbortController();
    this.button.hidden = false;
    this.button.addEventListener("click", () => this.copy(), { signal: this.abort.signal });
    return this;
  }

  stop() {
    this.abort.abort();
  }

  async copy() {
    const field = document.getElementById(this.button.dataset.copy);
    const said = this.button.parentElement.querySelector(".copied");
    try {
      await navigator.clipboard.writeText(field.value);
      said.textContent = "Copied.";
    } catch {
      field.closest("details")?.setAttribute("open", "");
      field.select(); // no clipboard without a secure connection: let the cook press copy
      said.textContent = document.execCommand("copy") ? "Copied." : "Selected: press copy.";
    }
  }
}
