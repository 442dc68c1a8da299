// What is looked for stands as taps under the field: Enter takes the first of them, and a tap fills a moment in.
function takeFirst(field) {
    const first = document.querySelector(field.dataset.picks)?.querySelector("input[type=radio]");
    if (first) {
        first.checked = true;
        first.focus();
    }
}

export function pickByHand() {
    document.addEventListener("keydown", (event) => {
        if (event.key === "Enter" && event.target.matches("[data-picks]")) {
            event.preventDefault();
            takeFirst(event.target);
        }
    });
    document.addEventListener("click", (event) => {
        const offer = event.target.closest("[data-fill]");
        const field = offer?.closest(".field")?.querySelector("input");
        if (field) {
            field.value = offer.dataset.fill;
            field.dispatchEvent(new Event("input", { bubbles: true }));
            field.focus();
        }
    });
}
