// Which keys do something on this page, by what stands on it: so the list is never longer than the page, and never wrong.
const keyOf = ({ dataset }) => (dataset.key === "space" ? "Space" : dataset.key.toUpperCase());

// A field says what it is by its label; everything else by its own words, without the key that is written on it.
function wordsOf(element) {
    const copy = (element.matches("details") ? element.querySelector("summary") : element).cloneNode(true);
    copy.querySelectorAll("kbd, svg, .visually-hidden").forEach((part) => part.remove());
    return element.getAttribute("aria-label") ?? copy.textContent.replace(/\s+/g, " ").trim();
}

function listed(element) {
    const row = document.createElement("div");
    const key = document.createElement("dt");
    const mark = document.createElement("kbd");
    mark.textContent = keyOf(element);
    key.append(mark);
    const words = document.createElement("dd");
    words.textContent = wordsOf(element);
    row.append(key, words);
    return row;
}

export function showPageKeys(isOffered) {
    const dialog = document.getElementById("page-keys");
    if (dialog === null || dialog.open) {
        return;
    }
    const first = new Map();
    document.querySelectorAll("[data-key]").forEach((element) => {
        if (!first.has(element.dataset.key) && isOffered(element)) {
            first.set(element.dataset.key, element);
        }
    });
    const [here, ways] = [[], []];
    first.forEach((element) => (element.closest(".strip") ? ways : here).push(listed(element)));
    dialog.querySelector("[data-here]").replaceChildren(...here);
    dialog.querySelector("[data-anywhere]").replaceChildren(...ways);
    dialog.showModal();
}
