// Fasteners by tap and by drag: out of the map into the tray, out of the tray into a hole. Forms on the page do the writing.
const VIEW = "kettle.tray";

let held = null;

const form = (name) => document.querySelector(`form[data-tray-form="${name}"]`);

function show(view) {
    document.querySelectorAll("[data-tray-shown]").forEach((part) => {
        part.hidden = part.dataset.trayShown !== view;
    });
    document.querySelectorAll("[data-tray-view]").forEach((button) => {
        button.setAttribute("aria-pressed", String(button.dataset.trayView === view));
    });
}

function hold(element) {
    document.querySelectorAll(".held").forEach((other) => other.classList.remove("held"));
    held = element?.dataset.trayFastener ?? null;
    element?.classList.add("held");
}

// One that was tapped, or all along a stroke.
function takeOut(ids) {
    const out = form("out");
    if (out === null) {
        return;
    }
    const one = out.querySelector("[data-one]");
    ids.forEach((id, index) => {
        const field = index === 0 ? one : one.cloneNode();
        field.value = id;
        out.append(field);
    });
    out.requestSubmit();
}

// Each into a hole, at once.
function putIn(placements) {
    const back = form("back");
    if (back === null) {
        return;
    }
    const [firstHole, firstPut] = [back.querySelector("[data-hole]"), back.querySelector("[data-put]")];
    placements.forEach(([hole, fastener], index) => {
        const [holeField, putField] =
            index === 0 ? [firstHole, firstPut] : [firstHole.cloneNode(), firstPut.cloneNode()];
        holeField.name = `placements[${index}].hole`;
        putField.name = `placements[${index}].fastener`;
        holeField.value = hole;
        putField.value = fastener;
        back.append(holeField, putField);
    });
    back.requestSubmit();
}

// A tap on a dot takes it out; on the way back it puts in what is held, or else what came from there.
function tapped(dot) {
    const id = dot.dataset.fastener;
    if (form("out")) {
        takeOut([id]);
    } else {
        putIn([[id, held ?? id]]);
        hold(null);
    }
}

const isDue = (dot) => dot?.getAttribute("role") === "button";

// The button counts what is really out.
function countOut(event) {
    const form = event.target.closest("form");
    if (!event.target.matches("[data-missing]") || form === null) {
        return;
    }
    const words = form.querySelector("[data-out-count]");
    const due = Number(words.dataset.due);
    const missing = form.querySelectorAll("[data-missing]:checked").length;
    words.textContent =
        missing === 0 ? (due === 1 ? "It is out" : `All ${due} are out`) : `Out: ${due - missing}; missing: ${missing}`;
}

export function trayByHand() {
    document.addEventListener("change", countOut);
    const apply = () => show(localStorage.getItem(VIEW) ?? "lies");
    apply();
    document.body.addEventListener("htmx:afterSettle", () => {
        hold(null);
        apply();
    });
    document.addEventListener("click", (event) => {
        const view = event.target.closest("[data-tray-view]");
        const dot = event.target.closest("[data-fastener]");
        const lying = event.target.closest("[data-tray-fastener]");
        if (view) {
            localStorage.setItem(VIEW, view.dataset.trayView);
            show(view.dataset.trayView);
        } else if (isDue(dot)) {
            tapped(dot);
        } else if (lying) {
            hold(lying);
        }
    });
    document.addEventListener("keydown", (event) => {
        if (event.key !== "Enter" && event.key !== " ") {
            return;
        }
        const dot = event.target.closest?.("[data-fastener]");
        const lying = event.target.closest?.("[data-tray-fastener]");
        if (isDue(dot)) {
            event.preventDefault();
            tapped(dot);
        } else if (lying) {
            event.preventDefault();
            hold(lying);
        }
    });
    // A pointer that goes down on one and up on the other is a drag, by mouse, pen or finger.
    let from = null;
    let stroked = [];
    document.addEventListener("pointerdown", (event) => {
        from = event.target.closest?.("[data-fastener], [data-tray-fastener]") ?? null;
        from?.releasePointerCapture?.(event.pointerId);
        stroked = from?.dataset.fastener !== undefined && isDue(from) ? [from] : [];
    });
    document.addEventListener("pointermove", (event) => {
        if (stroked.length === 0) {
            return;
        }
        const over = document.elementFromPoint(event.clientX, event.clientY)?.closest("[data-fastener]");
        if (isDue(over) && !stroked.includes(over)) {
            stroked.push(over);
        }
        if (stroked.length > 1) {
            stroked.forEach((dot) => dot.classList.add("stroked"));
        }
    });
    document.addEventListener("pointercancel", () => {
        stroked.forEach((dot) => dot.classList.remove("stroked"));
        stroked = [];
        from = null;
    });
    document.addEventListener("pointerup", (event) => {
        const start = from;
        const along = stroked.map((dot) => dot.dataset.fastener);
        from = null;
        stroked = [];
        if (along.length > 1) {
            form("out") ? takeOut(along) : putIn(along.map((id) => [id, id]));
            return;
        }
        const over = document.elementFromPoint(event.clientX, event.clientY);
        if (start?.dataset.fastener && form("out") && isDue(start) && over?.closest("[data-tray]")) {
            takeOut([start.dataset.fastener]);
        } else if (start?.dataset.trayFastener && isDue(over?.closest("[data-fastener]"))) {
            putIn([[over.closest("[data-fastener]").dataset.fastener, start.dataset.trayFastener]]);
        }
    });
}
