// A half-filled form is kept on this device until it has been taken.
const PREFIX = "kettle.draft.";
const KEPT_FOR_MS = 7 * 24 * 3600 * 1000;

const nameOf = (form) => PREFIX + (form.dataset.draft ?? new URL(form.action).pathname);

const worthKeeping = (field) => field.name && !["hidden", "password", "submit"].includes(field.type);

function fieldsOf(form) {
    return [...form.elements].filter(worthKeeping);
}

function remember(form) {
    const values = fieldsOf(form).map((field) =>
        field.matches("[type=checkbox], [type=radio]") ? field.checked : field.value,
    );
    localStorage.setItem(nameOf(form), JSON.stringify({ at: Date.now(), values }));
}

function refill(form) {
    const kept = JSON.parse(localStorage.getItem(nameOf(form)) ?? "null");
    // What came back from the server with its faults is newer than what was kept.
    if (kept === null || form.dataset.returned === "true") {
        return;
    }
    const fields = fieldsOf(form);
    if (fields.length !== kept.values.length || Date.now() - kept.at > KEPT_FOR_MS) {
        localStorage.removeItem(nameOf(form));
        return;
    }
    fields.forEach((field, index) => {
        if (field.matches("[type=checkbox], [type=radio]")) {
            field.checked = kept.values[index];
        } else {
            field.value = kept.values[index];
        }
    });
}

const refillAll = () => document.querySelectorAll("form[data-keep]").forEach(refill);

export function keepDrafts() {
    document.addEventListener("input", (event) => {
        const form = event.target.form;
        if (form?.matches("[data-keep]")) {
            remember(form);
        }
    });
    document.body.addEventListener("htmx:afterRequest", (event) => {
        const form = event.detail.elt;
        if (form.matches?.("form[data-keep]") && event.detail.xhr?.status < 400) {
            localStorage.removeItem(nameOf(form));
        }
    });
    document.body.addEventListener("htmx:afterSettle", refillAll);
    refillAll();
}
