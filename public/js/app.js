// Starts each behaviour on the elements that ask for it. The page works without any of this.
import { LiveForm } from "./elements/live-form.js";
import { TargetLine } from "./elements/target-line.js";
import { CopyButton } from "./elements/copy-button.js";
import { RecipeDrop } from "./elements/recipe-drop.js";

document.querySelectorAll("[data-live-form]").forEach((form) => {
  const live = new LiveForm(form).start();
  if (form.id === "swap-form") new TargetLine(form, live).start();
  const recipe = form.querySelector("[data-drop]");
  if (recipe) new RecipeDrop(recipe, document.querySelector(".file-form")).start();
});
document.querySelectorAll("[data-copy]").forEach((button) => new CopyButton(button).start());
