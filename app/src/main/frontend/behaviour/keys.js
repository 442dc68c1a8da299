// One key, one thing: an element carries its key in data-key. A foot pedal is a keyboard, so it needs nothing more.
const typing = (element) => element.matches("input:not([type=radio]):not([type=checkbox]), textarea, select");

// What lies in closed details has a place on the page and is not seen all the same.
const visible = (element) => element.checkVisibility();

function evacuate() {
    const card = document.getElementById("evacuate-card");
    if (card && !card.open) {
        card.showModal();
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
    if (isPress && active.matches("a, button, summary, input, [role=button]")) {
        return;
    }
    const key = event.key === " " ? "space" : event.key.toLowerCase();
    if (key === "e") {
        event.preventDefault();
        evacuate();
        return;
    }
    const target = [...document.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)].find(visible);
    if (target) {
        event.preventDefault();
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
    document.addEventListener("click", (event) => {
        const element = event.target.closest("[data-evacuate], [data-close-card], [data-print]");
        if (element?.matches("[data-evacuate]")) {
            event.preventDefault();
            evacuate();
        } else if (element?.matches("[data-close-card]")) {
            document.getElementById("evacuate-card")?.close();
        } else if (element) {
            window.print();
        }
    });
}
