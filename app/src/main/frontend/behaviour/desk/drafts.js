// A half-filled form is kept on this device until it has been taken. A draft belongs to a job and a form, ends when its form
// is stored, and never fills another job; whatever it fills in, it says so.
const PREFIX = "kettle.draft.";
// A shift. What was typed yesterday is no reading of today.
const KEPT_FOR_MS = 8 * 3600 * 1000;
// A reading is of its moment.
const READING_KEPT_FOR_MS = 10 * 60 * 1000;

const nameOf = (form) => PREFIX + (form.dataset.draft ?? new URL(form.action).pathname);

const worthKeeping = (field) => field.name && !["hidden", "password", "submit", "file"].includes(field.type);

const fieldsOf = (form) => [...form.elements].filter(worthKeeping);

const isChoice = (field) => field.matches("[type=checkbox], [type=radio]");

function remember(form) {
    const values = fieldsOf(form).map((field) => ({
        name: field.name,
        value: isChoice(field) ? field.checked : field.value,
        option: isChoice(field) ? field.value : null,
    }));
    localStorage.setItem(nameOf(form), JSON.stringify({ at: Date.now(), values }));
}

const forget = (form) => localStorage.removeItem(nameOf(form));

function refill(form) {
    const kept = JSON.parse(localStorage.getItem(nameOf(form)) ?? "null");
    // What came back from the server with its faults is newer than what was kept.
    if (kept === null || form.dataset.returned === "true" || form.dataset.refilled === "true") {
        return;
    }
    const fields = fieldsOf(form);
    const longest = form.dataset.keep === "reading" ? READING_KEPT_FOR_MS : KEPT_FOR_MS;
    const sameForm =
        fields.length === kept.values.length && fields.every((field, index) => field.name === kept.values[index].name);
    if (!sameForm || Date.now() - kept.at > longest) {
        forget(form);
        return;
    }
    fields.forEach((field, index) => {
        if (isChoice(field)) {
            field.checked = kept.values[index].value;
        } else {
            field.value = kept.values[index].value;
        }
    });
    form.dataset.refilled = "true";
    announce(form, kept.at);
}

// Nobody stores old values for new ones without having been told.
function announce(form, at) {
    const words = document.createElement("p");
    words.className = "draft-said";
    words.setAttribute("role", "status");
    const time = new Date(at).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit", hour12: false });
    words.append(`Filled in from what was typed here at ${time}. `);
    const empty = document.createElement("button");
    empty.type = "button";
    empty.className = "button quiet";
    empty.textContent = "Start empty";
    empty.addEventListener("click", () => {
        forget(form);
        form.reset();
        words.remove();
    });
    words.append(empty);
    form.prepend(words);
}

const refillAll = () => document.querySelectorAll("form[data-keep]").forEach(refill);

function stored(event) {
    const form = event.detail.requestConfig?.elt;
    const taken = event.detail.xhr.status < 400 && !event.detail.xhr.responseURL.endsWith("/signin");
    if (form?.matches?.("form[data-keep]") && taken) {
        forget(form);
    }
}

export function keepDrafts() {
    document.addEventListener("input", (event) => {
        const form = event.target.form;
        if (form?.matches("[data-keep]")) {
            remember(form);
        }
    });
    // Before the swap: afterwards the form is gone, and nothing tells which one it was.
    document.body.addEventListener("htmx:beforeOnLoad", stored);
    document.body.addEventListener("htmx:afterSettle", refillAll);
    refillAll();
}
