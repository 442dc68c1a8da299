// The pressure-hold test as it runs: every sample is drawn as it comes; the whole log is sent in when it is complete.
let line = null;

async function start(panel) {
    if (line !== null) {
        return;
    }
    const target = Number(panel.dataset.target);
    const curve = panel.querySelector("[data-pen=now]");
    const { leftX, perUnit, bottomY, upPerUnit } = curve.ownerSVGElement.dataset;
    const points = [];
    const button = panel.querySelector("[data-hold-start]");
    button.disabled = true;
    panel.querySelector("[data-hold-chart]").hidden = false;
    say(panel, "The tester is starting …");
    // Starting it changes the world, so it is asked for by a form; listening to it does not.
    const asked = await fetch(panel.dataset.hold, {
        method: "POST",
        body: new URLSearchParams({ _csrf: panel.querySelector("[name=_csrf]").value }),
    }).catch(() => null);
    if (asked === null || !asked.ok) {
        end(button);
        say(panel, asked === null ? "No connection. The tester was not started." : await asked.text());
        return;
    }
    say(panel, "The tester is running …");
    line = new EventSource(`${panel.dataset.hold}/${encodeURIComponent(await asked.text())}`);
    line.addEventListener("sample", (event) => {
        const sample = JSON.parse(event.data);
        points.push(
            `${(Number(leftX) + sample.seconds * perUnit).toFixed(1)} ${(bottomY - (sample.kpa / target) * upPerUnit).toFixed(1)}`,
        );
        curve.setAttribute("d", `M${points.join("L")}`);
        panel.querySelector("[data-kpa]").textContent = `${sample.kpa.toFixed(2)} kPa`;
        say(panel, `after ${sample.seconds.toFixed(1)} s`);
    });
    line.addEventListener("done", (event) => {
        end(button);
        panel.querySelector("[data-log]").value = event.data;
        panel.querySelector("[data-hold-form]").requestSubmit();
    });
    line.addEventListener("silent", (event) => {
        end(button);
        say(panel, event.data);
    });
    line.onerror = () => {
        end(button);
        say(panel, "The tester fell silent. Nothing is kept; start it again.");
    };
}

function end(button) {
    line?.close();
    line = null;
    button.disabled = false;
}

const say = (panel, words) => {
    panel.querySelector("[data-said]").textContent = words;
};

export function holdPressure() {
    document.addEventListener("click", (event) => {
        const button = event.target.closest("[data-hold-start]");
        if (button) {
            start(button.closest("[data-hold]"));
        }
    });
    // Whoever leaves the page ends the test; the strip that polls beside it does not.
    document.body.addEventListener("htmx:beforeSwap", (event) => {
        const panel = document.querySelector("[data-hold]");
        if (line !== null && (panel === null || event.detail.target.contains(panel))) {
            line.close();
            line = null;
        }
    });
}
