// A model under change: a path such as bonds[0].stack.cell[2] says where, and whatever is missing on the way there is made.
const steps = (path) => path.split(".").flatMap((segment) => segment.split(/[[\]]/).filter((part) => part !== ""));

const isIndex = (step) => /^[0-9]+$/.test(step);

function walk(model, path) {
    const way = steps(path);
    const last = way.pop();
    let held = model;
    way.forEach((step, nth) => {
        held[step] ??= isIndex(way[nth + 1] ?? last) ? [] : {};
        held = held[step];
    });
    return { held, last };
}

export function at(model, path) {
    return steps(path).reduce((held, step) => held?.[step], model);
}

// What says nothing is left out.
export function put(model, path, value) {
    const { held, last } = walk(model, path);
    if (value === "" || value === null || value === false) {
        delete held[last];
    } else {
        held[last] = value;
    }
}

export function push(model, path, element) {
    const { held, last } = walk(model, path);
    held[last] ??= [];
    held[last].push(element);
    return `${path}[${held[last].length - 1}]`;
}

const placeOf = (path) => ({ list: path.replace(/\[[0-9]+]$/, ""), index: Number(/\[([0-9]+)]$/.exec(path)[1]) });

export function drop(model, path) {
    const { list, index } = placeOf(path);
    at(model, list).splice(index, 1);
}

// One place on or back within its list; where it then stands.
export function shift(model, path, by) {
    const { list, index } = placeOf(path);
    const all = at(model, list);
    const to = index + by;
    if (to < 0 || to >= all.length) {
        return path;
    }
    all.splice(to, 0, ...all.splice(index, 1));
    return `${list}[${to}]`;
}

export function freeName(taken, stem) {
    let number = 1;
    while (taken.includes(`${stem}${number}`)) {
        number += 1;
    }
    return `${stem}${number}`;
}

export const tenth = (value) => Math.round(value * 10) / 10;

const NEW = {
    operations: (model, chosen) => ({
        id: freeName(
            model.operations.map((operation) => operation.id),
            "step-",
        ),
        kind: "LIFT_PART",
        label: "A new step",
        minutes: 1,
        after: chosen ? [chosen] : [],
        warnings: [],
    }),
    bonds: (model) => ({
        operation: model.operations.find((one) => one.kind === "FREE_PACK" || one.kind === "CUT_ADHESIVE")?.id ?? "",
        place: "a new bond",
        stack: {
            adhesive: "PACK_TAPE",
            rim: [],
            cell: [
                { material: "GLASS", thicknessMm: 0.8 },
                { material: "ADHESIVE", thicknessMm: 0.15, part: "BOND" },
                { material: "CELL", thicknessMm: 4, part: "CELL" },
            ],
        },
        below: "glass",
        above: "pack",
        areaMm2: 1000,
        exposedMm2: 2000,
        slots: [],
    }),
    layer: () => ({ material: "PLASTIC", thicknessMm: 1 }),
    leads: (model) => ({
        id: freeName(
            model.leads.leads.map((lead) => lead.id),
            "lead-",
        ),
        colour: "not noted",
        pad: "?",
        role: "SIGNAL",
        xMm: 2,
        yMm: 2,
        freeLengthMm: 30,
    }),
    variants: (model) => ({ name: "a new variant", codes: [], pack: { ...model.pack } }),
};

// A point of a curve goes where its neighbours are furthest apart, half-way between them.
function addPoint(curve) {
    const gaps = curve.slice(1).map((point, nth) => point.socPercent - curve[nth].socPercent);
    const after = gaps.indexOf(Math.max(...gaps));
    const [from, to] = [curve[after], curve[after + 1]];
    const middle = (name, digits) => Number(((from[name] + to[name]) / 2).toFixed(digits));
    curve.splice(after + 1, 0, { socPercent: middle("socPercent", 1), cellV: middle("cellV", 4) });
    return `voltageCurve[${after + 1}]`;
}

// Something new at the end of a list, as it is usual there.
export function addTo(model, list, chosen) {
    if (list === "voltageCurve") {
        return addPoint(model.voltageCurve);
    }
    const kind = /\.stack\.(rim|cell)$/.test(list) ? "layer" : steps(list).at(-1);
    return push(model, list, NEW[kind](model, chosen));
}
