// A hundred limits on one page: those that are looked for stay, and a bar says what is changed and which way.
const figure = (text) => Number(text.trim().replace(",", "."));

const isLooser = (row, now) => {
    const was = Number(row.dataset.was);
    return (row.dataset.stricter === "LOWER" && now > was) || (row.dataset.stricter === "HIGHER" && now < was);
};

const valueField = (row) => row.querySelector(".limit-value input");

const isChanged = (row) => valueField(row) !== null && figure(valueField(row).value) !== Number(row.dataset.was);

const tablesChanged = (form) =>
    [...form.querySelectorAll("[data-limit-figures]")].filter((table) =>
        [...table.querySelectorAll("input")].some((cell) => cell.value !== cell.defaultValue),
    ).length;

function count(form) {
    const said = form.querySelector("[data-limit-said]");
    if (said === null) {
        return;
    }
    const rows = [...form.querySelectorAll("[data-limit]")];
    rows.forEach((row) => row.classList.toggle("changed", isChanged(row)));
    const changed = rows.filter(isChanged);
    const looser = changed.filter((row) => isLooser(row, figure(valueField(row).value)));
    const tables = tablesChanged(form);
    const parts = [
        ...(changed.length > 0 ? [`${changed.length} changed`] : []),
        ...(looser.length > 0 ? [`${looser.length} looser`] : []),
        ...(tables > 0 ? [tables === 1 ? "1 table changed" : `${tables} tables changed`] : []),
    ];
    const needsWhy = looser.length + tables > 0;
    said.textContent = parts.length === 0 ? "Nothing is changed yet." : parts.join(", ") + (needsWhy ? ": why?" : ".");
    said.classList.toggle("needs-why", needsWhy);
}

function show(form) {
    const text = form.querySelector("[data-limit-find]").value.trim().toLowerCase();
    const ticked = (only) => form.querySelector(`[data-limit-only="${only}"]`).checked;
    const [protects, unlike] = [ticked("protects"), ticked("unlike")];
    const narrowed = text !== "" || protects || unlike;
    let shown = 0;
    form.querySelectorAll("[data-limit]").forEach((row) => {
        const wanted =
            row.textContent.toLowerCase().includes(text) &&
            (!protects || row.dataset.stricter !== "NONE") &&
            (!unlike || row.dataset.unlike === "true" || isChanged(row));
        row.hidden = !wanted;
        shown += wanted ? 1 : 0;
    });
    form.querySelectorAll("[data-limit-chapter]").forEach((chapter) => {
        chapter.hidden = chapter.querySelector("[data-limit]:not([hidden])") === null;
    });
    form.querySelectorAll("[data-limit-figures]").forEach((table) => {
        table.hidden = narrowed;
    });
    form.querySelector("[data-limit-none]").hidden = shown > 0;
}

export function limitsByHand() {
    document.addEventListener("input", (event) => {
        const form = event.target.closest("[data-limits]");
        if (form === null) {
            return;
        }
        if (event.target.matches("[data-limit-find], [data-limit-only]")) {
            show(form);
        } else {
            count(form);
        }
    });
    // To look for one is not to save them all.
    document.addEventListener("keydown", (event) => {
        if (event.key === "Enter" && event.target.matches("[data-limit-find]")) {
            event.preventDefault();
        }
    });
    const counted = () => document.querySelectorAll("[data-limits]").forEach(count);
    document.body.addEventListener("htmx:afterSettle", counted);
    counted();
}
