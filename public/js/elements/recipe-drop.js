// A recipe file dropped on the text box, or a web page or JSON pasted into it, is handed to the server to be made into plain lines.
export class RecipeDrop {
  /**
   * @param {HTMLTextAreaElement} box
   * @param {HTMLFormElement} fileForm sends the file
   */
  constructor(box, fileForm) {
    this.box = box;
    this.fileForm = fileForm;
  }

  start() {
    this.abort = new AbortController();
    const { signal } = this.abort;
    this.box.addEventListener("dragover", (event) => this.over(event), { signal });
    this.box.addEventListener("dragleave", () => this.box.classList.remove("dropping"), { signal });
    this.box.addEventListener("drop", (event) => this.drop(event), { signal });
    this.box.addEventListener("paste", (event) => this.paste(event), { signal });
    return this;
  }

  stop() {
    this.abort.abort();
  }

  over(event) {
    if (!event.dataTransfer.types.includes("Files")) return;
    event.preventDefault();
    this.box.classList.add("dropping");
  }

  drop(event) {
    this.box.classList.remove("dropping");
    if (event.dataTransfer.files.length === 0) return;
    event.preventDefault();
    this.fileForm.elements.file.files = event.dataTransfer.files;
    this.fileForm.requestSubmit();
  }

  paste(event) {
    const text = event.clipboardData?.getData("text/plain") ?? "";
    const whole = this.box.selectionStart === 0 && this.box.selectionEnd === this.box.value.length;
    if (!whole || !/^\s*[{[<]/.test(text)) return;
    event.preventDefault();
    const transfer = new DataTransfer();
    transfer.items.add(new File([text], "pasted.txt", { type: "text/plain" }));
    this.fileForm.elements.file.files = transfer.files;
    this.fileForm.requestSubmit();
  }
}
