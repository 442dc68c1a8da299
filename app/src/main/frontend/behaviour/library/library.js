// A model is changed on its drawing: the change is made in the JSON of the form, and the server draws and checks it anew.
import htmx from "htmx.org";
import { addTo, at, drop, freeName, push, put, shift, tenth } from "./model.js";

const MOVED_PX = 4;

// What is open for change, by its path.
let open = "";
let pulling = null;
let dragging = null;
let moving = null;
let wasMoved = false;

// What a tap beside the marks places, until somebody says otherwise.
const placing = { what: "fasteners", along: false, many: "3" };

const editor = () => document.querySelector("form[data-model]");
const text = (form) => form.querySelector("textarea[name=body]");
const read = () => JSON.parse(text(editor()).value);

function change(edit) {
    const form = editor();
    const model = read();
    edit(model);
    text(form).value = JSON.stringify(model, null, 2);
    draw(form);
}

function draw(form) {
    const [left, top] = [window.scrollX, window.scrollY];
    htmx.ajax("POST", form.dataset.draw, {
        target: "#drawing",
        swap: "innerHTML",
        values: { body: text(form).value, chosen: open, _csrf: form.elements._csrf.value },
    }).then(() => {
        window.scrollTo(left, top);
        showPlacing();
    });
}

function showPlacing() {
    document.querySelectorAll("[data-placing]").forEach((tap) => {
        tap.checked = tap.value === placing.what;
    });
    document.querySelectorAll("[data-along]").forEach((tap) => {
        tap.checked = placing.along;
    });
    document.querySelectorAll("[data-how-many]").forEach((field) => {
        field.value = placing.many;
    });
}

function hearPlacing(field) {
    if (field.matches("[data-placing]")) {
        placing.what = field.value;
    } else if (field.matches("[data-along]")) {
        placing.along = field.checked;
    } else if (field.matches("[data-how-many]")) {
        placing.many = field.value;
    }
}

function choose(path) {
    open = path;
    draw(editor());
}

const step = (model, id) => model.operations.find((operation) => operation.id === id);

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

const operationAt = (model, path) => (path.startsWith("operations[") ? at(model, path) : undefined);

function takeAway() {
    change((model) => {
        const gone = operationAt(model, open);
        drop(model, open);
        if (gone) {
            model.operations.forEach((operation) => {
                operation.after = (operation.after ?? []).filter((id) => id !== gone.id);
            });
        }
        open = "";
    });
}

// A step that is dropped on another stands before it in the list from then on.
function putBefore(id, other) {
    change((model) => {
        const [moved] = model.operations.splice(
            model.operations.findIndex((operation) => operation.id === id),
            1,
        );
        model.operations.splice(
            model.operations.findIndex((operation) => operation.id === other),
            0,
            moved,
        );
        open = "";
    });
}

const stepUnder = (event) =>
    document.elementFromPoint(event.clientX, event.clientY)?.closest("[data-operation]")?.dataset.operation ?? null;

function answered(field) {
    const lines = (value) =>
        value
            .split("\n")
            .map((line) => line.trim())
            .filter((line) => line !== "");
    const value = field.value.trim();
    const figure = value === "" ? "" : Number(value.replace(",", "."));
    const said = {
        figure: () => (Number.isNaN(figure) ? value : figure),
        flag: () => field.checked,
        lines: () => lines(field.value),
        text: () => value,
    };
    change((model) => put(model, field.dataset.at, said[field.dataset.as]()));
}

const FROM_A_TAP = {
    areas: (x, y) => ({ name: "a new area", xMm: x, yMm: y, widthMm: 20, heightMm: 12 }),
    seamPoints: (x, y) => ({ name: "a new point", xMm: x, yMm: y, safeDepthMm: 1 }),
};

function place(drawing, x, y) {
    if (placing.what === "fasteners") {
        placeFasteners(drawing, x, y);
        return;
    }
    change((model) => {
        open = push(model, `${drawing.dataset.faceAt}.${placing.what}`, FROM_A_TAP[placing.what](x, y));
    });
}

function placeFasteners(drawing, x, y) {
    const count = Math.min(40, Math.max(1, Number(placing.many) || 1));
    const pattern = open.startsWith("fasteners[") ? at(read(), open) : undefined;
    if (pattern === undefined) {
        return;
    }
    change((model) => {
        const stem = pattern.id.replace(/[0-9]+$/, "");
        const steps = placing.along ? count : 1;
        for (let i = 1; i <= steps; i++) {
            const share = i / steps;
            model.fasteners.push({
                ...pattern,
                id: freeName(
                    model.fasteners.map((one) => one.id),
                    stem,
                ),
                face: drawing.dataset.face,
                xMm: tenth(pattern.xMm + (x - pattern.xMm) * share),
                yMm: tenth(pattern.yMm + (y - pattern.yMm) * share),
                number: undefined,
            });
        }
    });
}

function onDrawing(drawing, event) {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM().inverse());
    return { x: tenth(point.x), y: tenth(point.y) };
}

const ACTS = {
    "[data-shift]": (button) =>
        change((model) => {
            open = shift(model, open, Number(button.dataset.shift));
        }),
    "[data-drop]": takeAway,
    "[data-close-part]": () => choose(""),
    "[data-add]": (button) =>
        change((model) => {
            open = addTo(model, button.dataset.add, operationAt(model, open)?.id);
        }),
    "[data-seed]": (button) => change((model) => put(model, button.dataset.seed, JSON.parse(button.dataset.with))),
    ".edge": (edge) => cut(edge.dataset.before, edge.dataset.after),
    "[data-pull]": () => {},
    "[data-operation]": (node) =>
        choose(`operations[${read().operations.findIndex((one) => one.id === node.dataset.operation)}]`),
    "[data-part]": (part) => choose(part.dataset.part),
    "[data-face]": (drawing, event) => {
        const { x, y } = onDrawing(drawing, event);
        place(drawing, x, y);
    },
};

function clicked(event) {
    if (!editor() || wasMoved) {
        wasMoved = false;
        return;
    }
    const selector = Object.keys(ACTS).find((one) => event.target.closest(one));
    if (selector) {
        ACTS[selector](event.target.closest(selector), event);
    }
}

function pull(event) {
    const path = document.querySelector("[data-drawn]");
    const { x, y } = onDrawing(path.ownerSVGElement, event);
    path.setAttribute("d", `M${pulling.x} ${pulling.y} L${x} ${y}`);
}

function pressed(event) {
    const on = (selector) => event.target.closest?.(selector) ?? null;
    const handle = on("[data-pull]");
    const mark = on("[data-moves]");
    const node = on("[data-operation]");
    wasMoved = false;
    if (!editor() || (handle ?? mark ?? node) === null) {
        return;
    }
    event.target.releasePointerCapture?.(event.pointerId);
    if (handle) {
        event.preventDefault();
        pulling = {
            from: handle.dataset.pull,
            x: Number(handle.getAttribute("cx")),
            y: Number(handle.getAttribute("cy")),
        };
    } else if (mark) {
        moving = { mark, from: onDrawing(mark.ownerSVGElement, event), x: event.clientX, y: event.clientY };
    } else {
        dragging = node.dataset.operation;
    }
}

function movedMark(event) {
    const { mark, from, x, y } = moving;
    moving = null;
    if (Math.hypot(event.clientX - x, event.clientY - y) < MOVED_PX) {
        return;
    }
    wasMoved = true;
    const to = onDrawing(mark.ownerSVGElement, event);
    change((model) => {
        put(model, `${mark.dataset.moves}.xMm`, tenth(Math.max(0, Number(mark.dataset.x) + to.x - from.x)));
        put(model, `${mark.dataset.moves}.yMm`, tenth(Math.max(0, Number(mark.dataset.y) + to.y - from.y)));
        open = mark.dataset.moves;
    });
}

function released(event) {
    const onto = stepUnder(event);
    const dragged = dragging;
    dragging = null;
    if (moving) {
        movedMark(event);
    } else if (pulling) {
        const from = pulling.from;
        pulling = null;
        document.querySelector("[data-drawn]")?.setAttribute("d", "");
        if (onto && onto !== from) {
            link(from, onto);
        }
    } else if (editor() && dragged && onto && onto !== dragged) {
        putBefore(dragged, onto);
    }
}

export function libraryByHand() {
    document.addEventListener("click", clicked);
    document.addEventListener("input", (event) => hearPlacing(event.target));
    document.addEventListener("change", (event) => {
        if (!editor()) {
            return;
        }
        if (event.target.matches("[data-after]")) {
            event.target.checked
                ? link(event.target.value, event.target.dataset.of)
                : cut(event.target.value, event.target.dataset.of);
        } else if (event.target.matches("[data-at]")) {
            answered(event.target);
        }
    });
    document.addEventListener("keydown", (event) => {
        if (
            editor() &&
            (event.key === "Enter" || event.key === " ") &&
            event.target.matches?.("[data-operation], g[data-part]")
        ) {
            event.preventDefault();
            event.target.dispatchEvent(new MouseEvent("click", { bubbles: true }));
        }
    });
    document.addEventListener("pointerdown", pressed);
    document.addEventListener("pointermove", (event) => {
        if (pulling) {
            pull(event);
        }
    });
    document.addEventListener("pointerup", released);
    // Another page, another model.
    document.body.addEventListener("htmx:beforeSwap", ({ detail }) => {
        if (detail.target === document.body) {
            open = "";
        }
    });
}
