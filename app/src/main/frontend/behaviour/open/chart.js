// Screws of a device nobody described, put on its face by digits, as on the number pad, or by taps.
const SVG = "http://www.w3.org/2000/svg";
const EDGE = 0.08;
const STEP = 0.09;

// What is on the map and not kept yet. A page that comes back with a fault shows it again.
let charted = { key: "", screws: [] };

// Columns and rows of the number pad, as shares of the face.
export function place(digit, already) {
    const column = (digit - 1) % 3;
    const row = 2 - Math.floor((digit - 1) / 3);
    const along = [EDGE, 0.5, 1 - EDGE];
    const aside = column === 1 ? Math.ceil(already / 2) * (already % 2 === 0 ? -1 : 1) : (1 - column) * already;
    return { x: Math.min(1 - EDGE / 2, Math.max(EDGE / 2, along[column] + aside * STEP)), y: along[row], digit };
}

const words = ({ drive, reach, colour }) => [drive, reach.toLowerCase(), colour].join(", ");

// How many of each kind, in the order in which they came.
export function counted(screws) {
    const kinds = new Map();
    for (const kind of screws.map(words)) {
        kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
    }
    return [...kinds].map(([kind, count]) => `${count} × ${kind}`);
}

const key = (form) => `${form.getAttribute("action")} ${form.elements.step.value} ${form.elements.seen.value}`;

function screws(form) {
    if (charted.key !== key(form)) {
        charted = { key: key(form), screws: [] };
    }
    return charted.screws;
}

const chosen = (form, name) => form.querySelector(`input[name="chart-${name}"]:checked`)?.value ?? "";

const make = (form) => ({
    drive: chosen(form, "drive"),
    reach: chosen(form, "reach"),
    colour: chosen(form, "colour"),
});

function draw(form) {
    const all = screws(form);
    const face = form.querySelector("[data-chart-face]");
    const outline = face.querySelector(".outline");
    const kinds = [...new Set(all.map(words))];
    face.querySelector("[data-chart-marks]").replaceChildren(
        ...all.map((screw, index) => {
            const mark = document.createElementNS(SVG, "g");
            const x = screw.x * outline.width.baseVal.value;
            const y = screw.y * outline.height.baseVal.value;
            mark.setAttribute("class", "dot");
            mark.setAttribute("transform", `translate(${x} ${y}) scale(${face.dataset.scale})`);
            mark.dataset.mark = index;
            const circle = document.createElementNS(SVG, "circle");
            circle.setAttribute("r", "8");
            const text = document.createElementNS(SVG, "text");
            text.setAttribute("y", "3.4");
            text.textContent = kinds.indexOf(words(screw)) + 1;
            mark.append(circle, text);
            return mark;
        }),
    );
    form.querySelector("[data-chart-count]").textContent =
        all.length === 0 ? "None yet." : `${all.length} on the map: ${counted(all).join(" · ")}`;
}

function add(form, spot) {
    screws(form).push({ ...spot, ...make(form) });
    draw(form);
}

function cycle(form, letter) {
    const choices = [...form.querySelectorAll(`[data-cycle="${letter}"] input`)];
    const next = choices[(choices.findIndex((one) => one.checked) + 1) % choices.length];
    if (next) {
        next.checked = true;
    }
    return next !== undefined;
}

// Into the form, in the millimetres of the face as it stands.
function write(form) {
    form.querySelectorAll("[data-charted]").forEach((input) => input.remove());
    const size = { x: form.elements["face.widthMm"].value, y: form.elements["face.heightMm"].value };
    const millimetres = (share, side) => (share * Number(size[side].replace(",", "."))).toFixed(1);
    screws(form).forEach((screw, index) => {
        const fields = {
            xMm: millimetres(screw.x, "x"),
            yMm: millimetres(screw.y, "y"),
            drive: screw.drive,
            reach: screw.reach,
            colour: screw.colour,
        };
        for (const [name, value] of Object.entries(fields)) {
            const input = document.createElement("input");
            Object.assign(input, { type: "hidden", name: `screws[${index}].${name}`, value });
            input.dataset.charted = "";
            form.append(input);
        }
    });
}

function pressed(event) {
    const chart = event.target.closest?.("[data-chart]");
    const form = chart?.closest("form");
    if (!form || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) {
        return;
    }
    const digit = /^[1-9]$/.test(event.key) ? Number(event.key) : 0;
    if (digit > 0) {
        event.preventDefault();
        add(form, place(digit, screws(form).filter((screw) => screw.digit === digit).length));
    } else if (event.key === "Backspace") {
        event.preventDefault();
        screws(form).pop();
        draw(form);
    } else if (event.key === "Enter" || event.key === " ") {
        event.preventDefault();
        form.requestSubmit();
    } else if (/^[a-z]$/.test(event.key) && cycle(form, event.key)) {
        event.preventDefault();
    }
}

function tapped(event) {
    const face = event.target.closest?.("[data-chart-face]");
    const form = face?.closest("form");
    if (!form) {
        return;
    }
    const mark = event.target.closest("[data-mark]");
    if (mark) {
        screws(form).splice(Number(mark.dataset.mark), 1);
        draw(form);
        return;
    }
    const box = face.querySelector(".outline").getBoundingClientRect();
    const x = (event.clientX - box.left) / box.width;
    const y = (event.clientY - box.top) / box.height;
    if (x >= 0 && x <= 1 && y >= 0 && y <= 1) {
        add(form, { x, y, digit: 0 });
    }
}

export function chartByHand() {
    document.addEventListener("keydown", pressed);
    document.addEventListener("click", tapped);
    document.addEventListener(
        "submit",
        (event) => {
            if (event.target.matches("[data-chart-form]")) {
                write(event.target);
                window.scrollTo({ top: 0 });
            }
        },
        true,
    );
    document.addEventListener(
        "toggle",
        (event) => {
            if (event.target.matches?.("[data-chart-panel]") && event.target.open) {
                draw(event.target.querySelector("form"));
                event.target.querySelector("[data-chart]").focus({ preventScroll: true });
                event.target.scrollIntoView({ block: "start" });
            }
        },
        true,
    );
}
