import { asked } from "./asked.js";
import { showPageKeys } from "./page-keys.js";

// One key, one thing: an element carries its key in data-key. A foot pedal is a keyboard, so it needs nothing more.
const typing = (element) => element.matches("input:not([type=radio]):not([type=checkbox]), textarea, select");

// What lies in closed details has a place on the page and is not seen all the same.
const visible = (element) => element.checkVisibility();

// The ways through the house are open from every page, though their menu is closed.
const isOffered = (element) => visible(element) || element.closest("[data-ways]") !== null;

function evacuate() {
    const card = document.getElementById("evacuate-card");
    if (card && !card.open) {
        card.showModal();
    }
}

// M was pressed and its page is on the way: what is typed meanwhile belongs to the reading.
let ahead = null;

const isFigure = (key) => /^[0-9.,-]$/.test(key);

const askedFigure = () => asked([...document.querySelectorAll(".next-thing form .figure input")].filter(visible));

function type(field, text) {
    field.focus();
    field.value += text;
    field.dispatchEvent(new Event("input", { bubbles: true }));
}

function toTheReading() {
    if (ahead === null) {
        return;
    }
    const typed = ahead;
    ahead = null;
    const details = document.querySelector("[data-reading]");
    const field = askedFigure();
    if (field === null && details !== null) {
        details.open = true;
    }
    const target =
        field ??
        [...(details ?? document).querySelectorAll(".next-thing form input, [data-reading] .figure input")].find(
            (input) => input.type !== "hidden" && visible(input),
        );
    if (target !== undefined && target !== null) {
        target.scrollIntoView({ block: "nearest" });
        if (target.matches("[type=radio], [type=checkbox]")) {
            target.focus();
        } else {
            type(target, typed);
        }
    }
}

function press(event) {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    // Smoke may come while somebody types, so this key works there, too.
    if (event.key === "F8") {
        event.preventDefault();
        evacuate();
        return;
    }
    const active = document.activeElement ?? document.body;
    if (typing(active) || document.querySelector("dialog[open]")) {
        return;
    }
    const isPress = event.key === " " || event.key === "Enter";
    // A choice that is made has nothing left for Space: whoever tapped it goes on with the pedal.
    const isMade = event.key === " " && active.matches("[type=radio]:checked");
    if (isPress && !isMade && active.matches("a, button, summary, input, [role=button]")) {
        return;
    }
    const key = event.key === " " ? "space" : event.key.toLowerCase();
    if (ahead !== null && isFigure(event.key)) {
        event.preventDefault();
        ahead += event.key;
        return;
    }
    // With Shift a digit is a stage on every page, whatever else its key writes.
    const stage = event.shiftKey ? /^Digit([0-9])$/.exec(event.code)?.[1] : undefined;
    if (stage !== undefined) {
        event.preventDefault();
        const way = document.querySelector(`[data-key="${stage}"]`);
        if (way) {
            follow(way);
        }
        return;
    }
    // Where a figure is asked for, a figure goes there and nowhere else.
    if (isFigure(event.key) && askedFigure() !== null) {
        event.preventDefault();
        type(askedFigure(), event.key);
        return;
    }
    if (key === "e") {
        event.preventDefault();
        evacuate();
        return;
    }
    if (key === "?" && document.getElementById("page-keys") !== null) {
        event.preventDefault();
        showPageKeys(isOffered);
        return;
    }
    const target = [...document.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)].find(isOffered);
    if (target) {
        event.preventDefault();
        // A key or pedal held down is one press: nobody reads steps that fast.
        if (event.repeat) {
            return;
        }
        if (key === "m" && target.matches("a")) {
            ahead = "";
        }
        follow(target);
    }
}

function follow(target) {
    if (target.matches("input, textarea, select")) {
        target.focus();
    } else if (target.matches("details")) {
        target.open = true;
        target.scrollIntoView({ block: "nearest" });
        target.querySelector("input, select, textarea")?.focus();
    } else {
        target.click();
    }
}

export function listenToKeys() {
    document.addEventListener("keydown", press);
    document.body.addEventListener("htmx:afterSettle", toTheReading);
    document.body.addEventListener("htmx:sendError", () => {
        ahead = null;
    });
    document.addEventListener("click", (event) => {
        const element = event.target.closest("[data-evacuate], [data-close-card], [data-print], [data-opens]");
        if (element?.matches("[data-opens]")) {
            event.preventDefault();
            follow(document.getElementById(element.dataset.opens));
        } else if (element?.matches("[data-evacuate]")) {
            event.preventDefault();
            evacuate();
        } else if (element?.matches("[data-close-card]")) {
            document.getElementById("evacuate-card")?.close();
        } else if (element) {
            window.print();
        }
    });
}
