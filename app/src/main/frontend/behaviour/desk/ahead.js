import htmx from "htmx.org";

// What stands after the next tap is drawn before the tap, and shown at it; until the entry is stored, the page waits and takes
// no other. Where it was not stored, what stood before comes back.
let next = null;
let before = null;
// What was drawn longer ago may tell the time wrongly.
const GOOD_FOR_MS = 5 * 60 * 1000;

const said = (form) => new URLSearchParams(new FormData(form)).toString();

const bodyOf = (nodes) => {
    const fragment = document.createDocumentFragment();
    fragment.append(...nodes);
    return fragment;
};

const formWith = (id) => document.querySelector(`input[name=formId][value="${CSS.escape(id)}"]`)?.form;

async function drawAhead(openFolds) {
    const form = document.querySelector("main form[data-ahead]");
    next = null;
    if (form === null || before !== null || document.hidden) {
        return;
    }
    const body = said(form);
    const folds = openFolds();
    const answer = await fetch(form.action, {
        method: "POST",
        headers: { "Drawn-Ahead": "true", "Folds-Open": folds, "Content-Type": "application/x-www-form-urlencoded" },
        body,
    }).catch(() => null);
    if (answer?.status !== 200 || answer.redirected) {
        return;
    }
    const page = new DOMParser().parseFromString(await answer.text(), "text/html");
    if (form.isConnected && before === null) {
        next = { body, folds, at: Date.now(), page: bodyOf(page.body.childNodes) };
        form.closest("main").dataset.knowsNext = "";
    }
}

function put(page, mend) {
    mend(page);
    htmx.trigger(document.body, "htmx:afterSettle", { elt: document.body });
}

function show(page, form, mend) {
    before = bodyOf(document.body.cloneNode(true).childNodes);
    // Dangers and clocks are never those of an older page.
    page.querySelector("#tickets")?.replaceWith(document.getElementById("tickets").cloneNode(true));
    put(page, mend);
    if (!form.isConnected) {
        // Its answer is taken in as that of a form of this page.
        form.hidden = true;
        document.body.append(form);
    }
    const main = document.querySelector("main");
    main.dataset.waits = "";
    main.setAttribute("aria-busy", "true");
}

function putBack(mend) {
    const stood = before;
    before = null;
    put(stood, mend);
}

/**
 * @param mend puts a page in the place of the one that is shown
 * @param openFolds names what is unfolded
 */
export function showAhead(mend, openFolds) {
    const soon = () => window.setTimeout(() => drawAhead(openFolds));
    document.body.addEventListener("htmx:confirm", (event) => {
        // A second press before the first one is stored is the same press.
        if (before !== null && event.target.matches("form")) {
            event.preventDefault();
        }
    });
    document.body.addEventListener("htmx:beforeRequest", ({ detail }) => {
        const form = detail.elt;
        const fits =
            next !== null && form.matches("form[data-ahead]") && said(form) === next.body && openFolds() === next.folds;
        if (!fits || Date.now() - next.at > GOOD_FOR_MS) {
            return;
        }
        const { page } = next;
        next = null;
        // It is on its way first.
        queueMicrotask(() => show(page, form, mend));
    });
    document.body.addEventListener("htmx:sendError", (event) => {
        if (before === null || !event.target.matches("form")) {
            return;
        }
        putBack(mend);
        const again = formWith(event.detail.requestConfig.formData.get("formId"));
        if (again !== event.target) {
            event.stopImmediatePropagation();
            htmx.trigger(again, "htmx:sendError", event.detail);
        }
    });
    document.body.addEventListener("htmx:beforeSwap", ({ detail }) => {
        if (detail.target === document.body) {
            before = null;
        }
    });
    document.body.addEventListener("htmx:afterSettle", soon);
    document.addEventListener("toggle", ({ target }) => target.matches("details[data-fold]") && soon(), true);
    soon();
}
