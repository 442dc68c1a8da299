// The clocks of the bench: heat with its hand along the curve, and whatever else counts down in seconds.
import { clock, sound } from "../desk/strip.js";

const ON_SECONDS = 1000;
const SOUNDED = "kettle.bench-sounded";

// A moment sounds once on a device, however often its page is drawn again.
function soundOnce(moment) {
    const sounded = JSON.parse(sessionStorage.getItem(SOUNDED) ?? "[]");
    if (!sounded.includes(moment)) {
        sessionStorage.setItem(SOUNDED, JSON.stringify([...sounded.slice(-40), moment]));
        sound();
    }
}

function heat(panel, now) {
    const since = (now - Date.parse(panel.dataset.from)) / 1000;
    const ready = Date.parse(panel.dataset.ready);
    const off = Date.parse(panel.dataset.off);
    const phase = panel.querySelector("[data-phase]");
    const left = panel.querySelector("[data-left]");
    panel.querySelector("[data-elapsed]").textContent = clock(since);
    let words = "Warming. The bond is ready in";
    let shown = clock((ready - now) / 1000);
    if (now >= off) {
        words = "Heat off, now";
        shown = `${clock((now - off) / 1000)} over`;
        soundOnce(`off ${panel.dataset.off}`);
    } else if (now >= ready || Number.isNaN(ready)) {
        words = "Workable. Off at the latest in";
        shown = clock((off - now) / 1000);
        soundOnce(`ready ${panel.dataset.ready}`);
    }
    if (now >= Date.parse(panel.dataset.limit)) {
        soundOnce(`limit ${panel.dataset.limit}`);
    }
    if (phase.textContent !== words) {
        phase.textContent = words;
    }
    left.textContent = shown;
    panel.classList.toggle("over", now >= off);
    panel.classList.toggle("workable", now >= ready && now < off);
    moveHand(panel, since);
}

function moveHand(panel, since) {
    const hand = panel.querySelector("[data-hand]");
    if (hand) {
        const drawing = hand.ownerSVGElement;
        const x = Number(drawing.dataset.leftX) + since * Number(drawing.dataset.perUnit);
        // The curve goes on as long as the heat does: what ran out of the drawing is drawn anew.
        if (
            x > drawing.viewBox.baseVal.width &&
            panel.dataset.again === undefined &&
            document.querySelector("dialog[open]") === null
        ) {
            panel.dataset.again = "true";
            window.location.reload();
        }
        hand.setAttribute(
            "d",
            `M${Math.min(x, drawing.viewBox.baseVal.width - 8).toFixed(1)} 8 V${Number(drawing.dataset.bottomY) + 4}`,
        );
    }
}

function countDown(row, now) {
    const left = row.querySelector("[data-left]");
    const at = Date.parse(left.dataset.at);
    left.textContent = clock((at - now) / 1000);
    if (now >= at) {
        left.textContent = "0:00";
        soundOnce(`${left.dataset.at}`);
        if (left.dataset.then === "reload" && left.dataset.gone === undefined) {
            left.dataset.gone = "true";
            window.location.reload();
        }
    }
}

// The shop's clock counts, not the tablet's.
const shopNow = (element) => {
    element.dataset.ahead ??= String(Date.parse(element.dataset.now) - Date.now());
    return Date.now() + Number(element.dataset.ahead);
};

function tick() {
    document.querySelectorAll("[data-heat]").forEach((panel) => heat(panel, shopNow(panel)));
    document
        .querySelectorAll("[data-cools]")
        .forEach((panel) => moveHand(panel, (shopNow(panel) - Date.parse(panel.dataset.from)) / 1000));
    document.querySelectorAll("[data-clock][data-now]").forEach((row) => countDown(row, shopNow(row)));
}

export function benchClocks() {
    tick();
    setInterval(tick, ON_SECONDS / 4);
    document.body.addEventListener("htmx:afterSettle", tick);
}
