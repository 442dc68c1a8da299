import htmx from "htmx.org";
import { Idiomorph } from "idiomorph";
import { showAhead } from "./ahead.js";

// The form whose answer comes next.
let sent = null;

const partsOf = (element) => [
    ...(element.matches("[x-data]") ? [element] : []),
    ...element.querySelectorAll("[x-data]"),
];

// The same stage of the same job, drawn anew.
function isSamePage(fragment) {
    const shown = document.querySelector("main")?.dataset.page;
    return shown !== undefined && shown === fragment.querySelector("main")?.dataset.page;
}

// What somebody opened stays open, but for the form that was just sent from it; no dialog is closed under anybody's hands.
function keepsOpen(attribute, node, change) {
    if (attribute !== "open") {
        return true;
    }
    return !(node.matches("dialog") || (change === "remove" && !node.contains(sent)));
}

const headOf = (details) => details.querySelector("summary")?.textContent.trim();

// What nobody types into is compared as a whole first: most of a page is as it was.
const WITHOUT_FIELDS = "svg, g, table:not(:has(input, select, textarea)), footer, dialog, figcaption, dl";

// What htmx must look at again: what came new, and what now leads elsewhere.
const LEADS = ["action", "href", "hx-get", "hx-post"];

const mending = (alpine, changed) => ({
    morphStyle: "innerHTML",
    callbacks: {
        beforeAttributeUpdated: (attribute, node, change) => {
            if (LEADS.includes(attribute)) {
                changed.add(node);
            }
            return keepsOpen(attribute, node, change);
        },
        // Another thing in the same place is not open because the one before it was.
        beforeNodeMorphed: (old, drawn) => {
            if (old instanceof HTMLDetailsElement && headOf(old) !== headOf(drawn)) {
                old.open = drawn.open;
            }
            return !(old instanceof Element && old.matches(WITHOUT_FIELDS) && old.isEqualNode(drawn));
        },
        afterNodeAdded: (node) => {
            if (node instanceof Element) {
                changed.add(node);
            }
        },
        beforeNodeRemoved: (node) => {
            if (node instanceof Element) {
                partsOf(node).forEach((part) => alpine.destroyTree(part));
            }
            return true;
        },
    },
});

// A pedal's next Space belongs to the next thing, not to whatever was tapped last; so does the tabulator.
function turnToTheNextThing() {
    const active = document.activeElement ?? document.body;
    const thing = document.querySelector(".next-thing");
    if (active.matches("body, main, button, a, summary, [role=button]")) {
        thing?.setAttribute("tabindex", "-1");
        thing?.focus({ preventScroll: true });
        document.activeElement?.blur();
    }
}

const isWithout = (fold) => fold.childElementCount === 1;

// What is folded up stays at home until somebody unfolds it; what was typed under it stays here.
function openFolds() {
    const isTyped = (field) => field.value !== field.defaultValue || field.checked !== field.defaultChecked;
    return [...document.querySelectorAll("main details[data-fold]")]
        .filter((fold) => fold.open || [...fold.querySelectorAll("input:not([type=hidden]), textarea")].some(isTyped))
        .map((fold) => fold.dataset.fold)
        .join(",");
}

// What came otherwise than by htmx is listened to like the rest.
function comeIn(node) {
    htmx.process(node);
    htmx.trigger(node, "htmx:load", { elt: node });
}

async function unfold(fold) {
    const name = fold.dataset.fold;
    const answer = await fetch(window.location.href, { headers: { "Folds-Open": name } });
    const page = new DOMParser().parseFromString(await answer.text(), "text/html");
    const drawn = page.querySelector(`details[data-fold="${name}"]`);
    if (drawn && isWithout(fold)) {
        fold.append(...[...drawn.children].slice(1));
        comeIn(fold);
    }
}

// Only what changed is drawn; the page does not jump, unless something was not taken.
function mend(fragment, alpine) {
    const refused = fragment.querySelector("main .banner[role=alert]") !== null;
    const changed = new Set();
    Idiomorph.morph(document.body, fragment, mending(alpine, changed));
    turnToTheNextThing();
    if (refused) {
        window.scrollTo(0, 0);
    }
    return [...changed].filter((node) => node.isConnected);
}

// Another page comes whole: taking the old one down element by element takes longer than drawing the new one. What listens
// or asks again by itself ends when its element has left the page.
function turn(fragment, alpine) {
    partsOf(document.body).forEach((part) => alpine.destroyTree(part));
    const arrived = [...fragment.children];
    document.body.replaceChildren(fragment);
    window.scrollTo(0, 0);
    return arrived;
}

// What moves by itself on a page says so; only these are looked after, so that no page is searched element by element.
export function swapPages(alpine) {
    alpine.start();
    alpine.stopObservingMutations();
    htmx.defineExtension("whole-page", {
        handleSwap(style, target, fragment) {
            if (style !== "innerHTML" || target !== document.body) {
                return false;
            }
            return isSamePage(fragment) ? mend(fragment, alpine) : turn(fragment, alpine);
        },
    });
    document.body.addEventListener("htmx:configRequest", ({ detail }) => {
        if (document.querySelector("main")?.dataset.page) {
            detail.headers["Folds-Open"] = openFolds();
        }
    });
    // Also said of what comes open.
    document.addEventListener(
        "toggle",
        ({ target }) => target.matches("details[data-fold][open]") && isWithout(target) && unfold(target),
        true,
    );
    document.body.addEventListener("htmx:beforeRequest", ({ detail }) => {
        if (detail.elt.matches("form")) {
            sent = detail.elt;
        }
    });
    document.body.addEventListener("htmx:beforeSwap", ({ detail }) => {
        if (detail.shouldSwap && detail.target !== document.body) {
            partsOf(detail.target).forEach((part) => alpine.destroyTree(part));
        }
    });
    showAhead((page) => mend(page, alpine).forEach(comeIn), openFolds);
    document.body.addEventListener("htmx:load", ({ detail }) =>
        partsOf(detail.elt).forEach((part) => alpine.initTree(part)),
    );
}
