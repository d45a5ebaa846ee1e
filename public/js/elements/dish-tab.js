// When the same dish went on in another tab or on another screen, this one follows.
export class DishTab {
  /** @param {HTMLFormElement} form  @param {LiveForm} live */
  constructor(form, live) {
    this.form = form;
    this.live = live;
  }

  start() {
    document.addEventListener("restauro:dish", (event) => this.follow(event.detail));
    return this;
  }

  follow(dish) {
    const version = Number(this.form.querySelector("[name=version]")?.value);
    if (String(dish.id) === this.form.dataset.dish && dish.version > version) this.live.send();
  }
}
