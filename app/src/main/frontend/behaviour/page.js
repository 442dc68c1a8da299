import htmx from "htmx.org";

// A step brings a whole new page. Taking the old one down element by element, as is done for a part, takes longer than
// drawing the new one; what listens or asks again by itself ends when its element has left the page.
export function swapWholePages() {
    htmx.defineExtension("whole-page", {
        handleSwap(style, target, fragment) {
            if (style !== "innerHTML" || target !== document.body) {
                return false;
            }
            const arrived = [...fragment.children];
            target.replaceChildren(fragment);
            return arrived;
        },
    });
}

// What moves by itself on a page says so; only these are looked after, so that no page is searched element by element.
export function lookAfterParts(alpine) {
    alpine.start();
    alpine.stopObservingMutations();
    document.body.addEventListener("htmx:beforeSwap", ({ detail }) => {
        if (detail.shouldSwap) {
            partsOf(detail.target).forEach((part) => alpine.destroyTree(part));
        }
    });
    document.body.addEventListener("htmx:load", ({ detail }) => partsOf(detail.elt).forEach((part) => alpine.initTree(part)));
}

const partsOf = (element) => [...(element.matches("[x-data]") ? [element] : []), ...element.querySelectorAll("[x-data]")];
