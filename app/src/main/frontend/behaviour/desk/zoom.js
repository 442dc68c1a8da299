// A drawing comes nearer by its buttons, by + and −, or by a tap beside its marks. A picture drawn anew stays as near.
const NEARER = 1.7;
const NEAREST = 4;
const DRAWING = "svg.face, svg.layout";

let near = { of: null, by: 1, x: 0, y: 0 };

const faceOf = (element) => element?.closest("[data-nears]")?.querySelector(DRAWING) ?? null;

function wholeOf(face) {
    face.dataset.whole ??= face.getAttribute("viewBox");
    return face.dataset.whole.split(" ").map(Number);
}

const nameOf = (face) => `${location.pathname} ${face.getAttribute("aria-label")}`;

const isNear = (face) => near.of === nameOf(face) && near.by > 1;

function draw(face) {
    const [left, top, width, height] = wholeOf(face);
    const [shownWidth, shownHeight] = [width / near.by, height / near.by];
    const x = Math.min(Math.max(near.x - shownWidth / 2, left), left + width - shownWidth);
    const y = Math.min(Math.max(near.y - shownHeight / 2, top), top + height - shownHeight);
    face.setAttribute("viewBox", `${x} ${y} ${shownWidth} ${shownHeight}`);
    face.classList.toggle("near", near.by > 1);
}

// Where hands are needed first; with nothing due, the middle.
function firstDue(face) {
    const dot = face.querySelector('[data-fastener][role="button"]')?.transform.baseVal.getItem(0).matrix;
    if (dot) {
        return { x: dot.e, y: dot.f };
    }
    const [left, top, width, height] = wholeOf(face);
    const {
        x,
        y,
        width: wide,
        height: high,
    } = face.querySelector(".about .area, .handled, .strip.now")?.getBBox() ?? {
        x: left,
        y: top,
        width,
        height,
    };
    return { x: x + wide / 2, y: y + high / 2 };
}

function come(face, by, at) {
    near = { of: nameOf(face), by: Math.min(Math.max(by, 1), NEAREST), ...at };
    draw(face);
}

function scaleGraph(graph, direction) {
    graph.dataset.wide ??= graph.getAttribute("width");
    const wide = Number(graph.dataset.wide);
    const now = Number(graph.dataset.by ?? 1);
    const by = Math.min(2.5, Math.max(0.4, direction > 0 ? now * 1.25 : now / 1.25));
    graph.dataset.by = by;
    graph.setAttribute("width", wide * by);
    graph.removeAttribute("height");
}

function zoom(button) {
    const direction = Number(button.dataset.zoom);
    const face = faceOf(button);
    if (face === null) {
        scaleGraph(button.closest(".sheet-block").querySelector("[data-zooms]"), direction);
    } else if (direction < 0) {
        come(face, 1, firstDue(face));
    } else {
        come(face, (isNear(face) ? near.by : 1) * NEARER, isNear(face) ? { x: near.x, y: near.y } : firstDue(face));
    }
}

function tapBeside(face, event) {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(face.getScreenCTM().inverse());
    come(face, isNear(face) ? 1 : NEARER * NEARER, { x: at.x, y: at.y });
}

export function zoomByHand() {
    document.addEventListener("click", (event) => {
        const button = event.target.closest("[data-zoom]");
        const face = event.target.closest(DRAWING);
        if (button) {
            zoom(button);
        } else if (face?.closest("[data-nears]") && !event.target.closest('[data-fastener][role="button"]')) {
            tapBeside(face, event);
        }
    });
    document.body.addEventListener("htmx:afterSettle", () => {
        const face = [...document.querySelectorAll("[data-nears] svg")].find(isNear) ?? null;
        if (face !== null) {
            draw(face);
        }
    });
}
