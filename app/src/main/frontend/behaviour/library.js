// A model is changed on its drawing: the change is made in the JSON of the form, and the server draws and checks it anew.
import htmx from "htmx.org";

let chosenStep = null;
let chosenFastener = null;
let pulling = null;
let dragging = null;

const editor = () => document.querySelector("form[data-model]");
const text = (form) => form.querySelector("textarea[name=body]");

function change(edit) {
    const form = editor();
    const model = JSON.parse(text(form).value);
    edit(model);
    text(form).value = JSON.stringify(model, null, 2);
    draw(form);
}

function draw(form) {
    htmx.ajax("POST", form.dataset.draw, {
        target: "#drawing",
        swap: "innerHTML",
        values: { body: text(form).value, chosen: chosenStep ?? "", _csrf: form.elements._csrf.value },
    }).then(markFastener);
}

const markFastener = () =>
    document.querySelectorAll("[data-placed]").forEach((dot) => {
        dot.classList.toggle("chosen", dot.dataset.placed === chosenFastener);
    });

const step = (model, id) => model.operations.find((operation) => operation.id === id);

function setOrDrop(object, name, value) {
    if (value === "" || value === null || value === false) {
        delete object[name];
    } else {
        object[name] = value;
    }
}

function link(before, after) {
    change((model) => {
        const operation = step(model, after);
        operation.after ??= [];
        if (before !== after && !operation.after.includes(before)) {
            operation.after.push(before);
        }
    });
}

function cut(before, after) {
    change((model) => {
        const operation = step(model, after);
        operation.after = (operation.after ?? []).filter((id) => id !== before);
    });
}

function choose(id) {
    chosenStep = id;
    draw(editor());
}

function freeName(taken, stem) {
    let number = 1;
    while (taken.includes(`${stem}${number}`)) {
        number += 1;
    }
    return `${stem}${number}`;
}

function shift(by) {
    change((model) => {
        const at = model.operations.findIndex((operation) => operation.id === chosenStep);
        const to = at + by;
        if (to >= 0 && to < model.operations.length) {
            model.operations.splice(to, 0, ...model.operations.splice(at, 1));
        }
    });
}

// A step that is dropped on another stands before it in the list from then on.
function putBefore(id, other) {
    change((model) => {
        const [moved] = model.operations.splice(model.operations.findIndex((operation) => operation.id === id), 1);
        model.operations.splice(model.operations.findIndex((operation) => operation.id === other), 0, moved);
    });
}

const stepUnder = (event) =>
    document.elementFromPoint(event.clientX, event.clientY)?.closest("[data-operation]")?.dataset.operation ?? null;

function addStep() {
    change((model) => {
        const id = freeName(model.operations.map((operation) => operation.id), "step-");
        const at = model.operations.findIndex((operation) => operation.id === chosenStep);
        model.operations.splice(at + 1, 0, {
            id, kind: "LIFT_PART", label: "A new step", minutes: 1, after: [chosenStep], warnings: [],
        });
        chosenStep = id;
    });
}

function removeStep() {
    change((model) => {
        model.operations = model.operations.filter((operation) => operation.id !== chosenStep);
        model.operations.forEach((operation) => {
            operation.after = (operation.after ?? []).filter((id) => id !== chosenStep);
        });
        chosenStep = null;
    });
}

function typed(field) {
    change((model) => {
        const operation = step(model, chosenStep);
        const { set, setFigure, setFlag, setLines } = field.dataset;
        if (set) {
            setOrDrop(operation, set, field.value.trim());
        } else if (setFigure) {
            setOrDrop(operation, setFigure, Number(field.value.replace(",", ".")));
        } else if (setFlag) {
            setOrDrop(operation, setFlag, field.checked);
        } else if (setLines) {
            operation[setLines] = field.value.split("\n").map((line) => line.trim()).filter((line) => line !== "");
        }
    });
}

const tenth = (value) => Math.round(value * 10) / 10;

function place(drawing, x, y) {
    const panel = drawing.parentElement;
    const along = panel.querySelector("[data-along]")?.checked;
    const count = Math.min(40, Math.max(1, Number(panel.querySelector("[data-how-many]")?.value) || 1));
    change((model) => {
        model.fasteners ??= [];
        const pattern = model.fasteners.find((one) => one.id === chosenFastener);
        if (!pattern) {
            return;
        }
        const stem = pattern.id.replace(/[0-9]+$/, "");
        const steps = along ? count : 1;
        for (let i = 1; i <= steps; i++) {
            const share = i / steps;
            model.fasteners.push({
                ...pattern,
                id: freeName(model.fasteners.map((one) => one.id), stem),
                face: drawing.dataset.face,
                xMm: tenth(pattern.xMm + (x - pattern.xMm) * share),
                yMm: tenth(pattern.yMm + (y - pattern.yMm) * share),
                number: undefined,
            });
        }
    });
}

function onFace(drawing, event) {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM().inverse());
    return { x: tenth(point.x), y: tenth(point.y) };
}

function clicked(event) {
    if (!editor()) {
        return;
    }
    const at = (selector) => event.target.closest(selector);
    if (at("[data-shift]")) {
        shift(Number(at("[data-shift]").dataset.shift));
    } else if (at("[data-add-step]")) {
        addStep();
    } else if (at("[data-remove-step]")) {
        removeStep();
    } else if (at("[data-remove-fastener]")) {
        change((model) => {
            model.fasteners = (model.fasteners ?? []).filter((one) => one.id !== chosenFastener);
        });
    } else if (at(".edge")) {
        cut(at(".edge").dataset.before, at(".edge").dataset.after);
    } else if (at("[data-placed]")) {
        chosenFastener = at("[data-placed]").dataset.placed;
        markFastener();
    } else if (at("[data-operation]") && !at("[data-pull]")) {
        choose(at("[data-operation]").dataset.operation);
    } else if (at("[data-face]")) {
        const drawing = at("[data-face]");
        const { x, y } = onFace(drawing, event);
        place(drawing, x, y);
    }
}

function pull(event) {
    const path = document.querySelector("[data-drawn]");
    const { x, y } = onFace(path.ownerSVGElement, event);
    path.setAttribute("d", `M${pulling.x} ${pulling.y} L${x} ${y}`);
}

export function libraryByHand() {
    document.addEventListener("click", clicked);
    document.addEventListener("change", (event) => {
        if (!editor() || !event.target.closest("[data-step]")) {
            return;
        }
        if (event.target.matches("[data-after]")) {
            event.target.checked ? link(event.target.value, chosenStep) : cut(event.target.value, chosenStep);
        } else {
            typed(event.target);
        }
    });
    document.addEventListener("keydown", (event) => {
        if (editor() && (event.key === "Enter" || event.key === " ") && event.target.matches?.("[data-operation], [data-placed]")) {
            event.preventDefault();
            event.target.dispatchEvent(new MouseEvent("click", { bubbles: true }));
        }
    });
    document.addEventListener("pointerdown", (event) => {
        const handle = editor() && event.target.closest?.("[data-pull]");
        if (handle) {
            event.preventDefault();
            handle.releasePointerCapture?.(event.pointerId);
            dragging = null;
            pulling = { from: handle.dataset.pull, x: Number(handle.getAttribute("cx")), y: Number(handle.getAttribute("cy")) };
        }
    });
    document.addEventListener("pointerdown", (event) => {
        const node = editor() && !event.target.closest?.("[data-pull]") && event.target.closest?.("[data-operation]");
        dragging = node ? node.dataset.operation : null;
        node?.releasePointerCapture?.(event.pointerId);
    });
    document.addEventListener("pointermove", (event) => {
        if (pulling) {
            pull(event);
        }
    });
    document.addEventListener("pointerup", (event) => {
        const onto = stepUnder(event);
        const moved = dragging;
        dragging = null;
        if (pulling) {
            const from = pulling.from;
            pulling = null;
            document.querySelector("[data-drawn]")?.setAttribute("d", "");
            if (onto && onto !== from) {
                link(from, onto);
            }
        } else if (editor() && moved && onto && onto !== moved) {
            putBefore(moved, onto);
        }
    });
    // Another page, another model.
    document.body.addEventListener("htmx:historyRestore", () => {
        chosenStep = null;
        chosenFastener = null;
    });
}
