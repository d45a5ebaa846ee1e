// Starts each behaviour on the elements that ask for it. The page works without any of this.
import { LiveForm } from "./elements/live-form.js";
import { TargetLine } from "./elements/target-line.js";
import { CopyButton } from "./elements/copy-button.js";
import { RecipeDrop } from "./elements/recipe-drop.js";
import { Feed } from "./lib/feed.js";
import { ScaleBar } from "./elements/scale-bar.js";
import { Clocks } from "./elements/clocks.js";
import { ProbeLine } from "./elements/probe-line.js";
import { Awake } from "./elements/awake.js";
import { DishTab } from "./elements/dish-tab.js";
import { FrontDoor } from "./elements/front-door.js";
import { Voice } from "./elements/voice.js";
import { PracticeTime } from "./elements/practice.js";
import { LaneDrag } from "./elements/lane-drag.js";
import { Keys } from "./elements/keys.js";
import { Opened } from "./elements/opened.js";

document.querySelectorAll("[data-live-form]").forEach((form) => {
  const live = new LiveForm(form).start();
  if (form.id === "swap-form") new TargetLine(form, live).start();
  if (form.id === "dish-form") startDish(form, live);
  if (form.id === "meal-form") startMeal(form, live);
  if (form.id === "lesson-form") new PracticeTime(form, live).start();
  const recipe = form.querySelector("[data-drop]");
  if (recipe) new RecipeDrop(recipe, document.querySelector(".file-form")).start();
});
const front = document.querySelector("[data-front]");
if (front) {
  new FrontDoor(front).start();
  new RecipeDrop(front.querySelector("[data-drop]"), document.querySelector("#front-file")).start();
}
if (document.querySelector("[data-clock]") && !document.querySelector("#dish-form.stove-room")) new Clocks().start();
const lanes = document.querySelector("svg.lanes");
if (lanes && document.querySelector("#pin-form")) new LaneDrag(lanes, document.querySelector("#pin-form")).start();
new Keys().start();
new Opened().start();
// The browser knows where it stands; the cook can say otherwise.
document.querySelectorAll("[data-zone]").forEach((field) => { field.value = Intl.DateTimeFormat().resolvedOptions().timeZone || field.value; });
document.querySelectorAll("[data-copy]").forEach((button) => new CopyButton(button).start());

// A meal's room: every clock, the screen awake, another screen's taps.
function startMeal(form, live) {
  new DishTab(form, live).start();
  new Awake("[data-awake]").start();
  new Feed().start();
  setInterval(() => live.send(), 30000);
}

// The Weigh and Cook rooms follow the counter.
function startDish(form, live) {
  new DishTab(form, live).start();
  if (form.classList.contains("bench")) new ScaleBar(form, live).start();
  else {
    new Clocks().start();
    new Voice(form).start();
    new Awake("[data-awake]").start();
    new ProbeLine(live).start();
  }
  new Feed().start();
}

if (document.querySelector("[data-reading-anywhere]")) {
  document.addEventListener("restauro:scale", ({ detail }) => {
    const weight = detail.overload ? "too heavy" : `${detail.grams} g${detail.stable ? "" : ", settling"}`;
    document.querySelector("[data-reading-anywhere]").textContent = detail.here ? weight : "no scale";
  });
  new ProbeLine(null).start();
  new Feed().start();
}
