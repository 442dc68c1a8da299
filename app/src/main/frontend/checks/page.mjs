import { Window } from "happy-dom";

/** A page of that body, whose names the scripts find as in a browser; every test has its own. */
export function page(body, path = "/jobs/17/assess") {
    const window = new Window({ url: `http://bench.example${path}` });
    window.document.body.innerHTML = body;
    const names = ["document", "window", "location", "localStorage", "CSS", "Event", "KeyboardEvent", "MouseEvent"];
    for (const name of names) {
        globalThis[name] = name === "window" ? window : window[name];
    }
    // Nothing is laid out here: whatever is not hidden can be seen.
    window.Element.prototype.checkVisibility = function () {
        return this.closest("[hidden], details:not([open]) > :not(summary)") === null;
    };
    window.Element.prototype.scrollIntoView = () => {};
    return window.document;
}

export const only = (selector) => document.querySelector(selector);

export function press(key, more = {}) {
    const event = new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true, ...more });
    (document.activeElement ?? document.body).dispatchEvent(event);
    return event;
}

export function type(field, text) {
    field.value = text;
    field.dispatchEvent(new Event("input", { bubbles: true }));
}
