// An order is laid down by hand: steps move up and down by their buttons or by being dragged.
let dragged = null;

function move(item, by) {
    const other = by < 0 ? item.previousElementSibling : item.nextElementSibling;
    if (other) {
        by < 0 ? other.before(item) : other.after(item);
    }
}

export function orderByHand() {
    document.addEventListener("click", (event) => {
        const button = event.target.closest("[data-move]");
        if (button) {
            move(button.closest("li"), Number(button.dataset.move));
            button.focus();
        }
    });
    document.addEventListener("dragstart", (event) => {
        dragged = event.target.closest?.("[data-order] li") ?? null;
    });
    document.addEventListener("dragover", (event) => {
        const over = event.target.closest?.("[data-order] li");
        if (dragged && over && over.parentElement === dragged.parentElement) {
            event.preventDefault();
            const box = over.getBoundingClientRect();
            event.clientY < box.top + box.height / 2 ? over.before(dragged) : over.after(dragged);
        }
    });
    document.addEventListener("dragend", () => {
        dragged = null;
    });
}
