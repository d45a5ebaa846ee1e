// House rules of the pages' scripts, run by bin/check.
import js from "@eslint/js";

const browser = ["document", "window", "fetch", "setTimeout", "clearTimeout", "setInterval", "clearInterval", "navigator", "location", "history", "localStorage",
  "sessionStorage", "CustomEvent", "Event", "EventSource", "FormData", "URLSearchParams", "URL", "DOMParser", "AbortController", "AbortSignal", "BroadcastChannel",
  "requestAnimationFrame", "addEventListener", "removeEventListener", "crypto", "AudioContext", "SpeechSynthesisUtterance", "speechSynthesis", "SharedWorker",
  "MutationObserver", "HTMLElement", "console", "matchMedia", "CSS", "getSelection", "performance", "DataTransfer", "File", "Notification", "WebSocket", "DOMPoint"];

export default [
  js.configs.recommended,
  {
    files: ["public/js/**/*.js"],
    languageOptions: { ecmaVersion: 2024, sourceType: "module", globals: Object.fromEntries(browser.map((name) => [name, "readonly"])) },
    rules: { eqeqeq: "error", "no-var": "error", "prefer-const": "error", "no-unused-vars": ["error", { argsIgnorePattern: "^_" }], "max-len": ["error", { code: 180 }] },
  },
];
