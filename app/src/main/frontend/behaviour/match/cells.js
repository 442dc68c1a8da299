// A cell under the finger is shown in the plot and in its row alike; a file that is chosen goes into the field that is sent.
function show(id) {
    document.querySelectorAll("[data-cell].at").forEach((at) => at.classList.remove("at"));
    const same = [...document.querySelectorAll("[data-cell]")].filter((part) => part.dataset.cell === id);
    same.forEach((part) => part.classList.add("at"));
    const point = same.find((part) => part.dataset.words !== undefined);
    const says = document.querySelector("[data-cell-plot] .under-finger");
    if (point !== undefined && says !== null) {
        says.textContent = point.dataset.words;
        // What is at hand is drawn over the others.
        point.parentNode.append(point);
    }
}

// A finger is larger than a point: the nearest one within its reach is meant.
const REACH_PX = 24;

function nearest(event, plot) {
    let found = null;
    let reach = REACH_PX;
    plot.querySelectorAll("circle[data-cell]").forEach((point) => {
        const box = point.getBoundingClientRect();
        const away = Math.hypot(event.clientX - box.x - box.width / 2, event.clientY - box.y - box.height / 2);
        if (away < reach) {
            reach = away;
            found = point;
        }
    });
    return found;
}

export function cellsByHand() {
    document.addEventListener("pointerdown", (event) => {
        const plot = event.target.closest("[data-cell-plot]");
        const part = plot === null ? event.target.closest("tr[data-cell]") : nearest(event, plot);
        if (part) {
            show(part.dataset.cell);
        }
    });
    document.addEventListener("change", async (event) => {
        const file = event.target.closest("[data-file-into]");
        if (file === null || file.files.length === 0) {
            return;
        }
        document.getElementById(file.dataset.fileName).value = file.files[0].name;
        document.getElementById(file.dataset.fileInto).value = await file.files[0].text();
    });
}
