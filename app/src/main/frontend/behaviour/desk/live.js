import htmx from "htmx.org";

// Whatever changes a job reaches its open pages at once. A change of tier interrupts; anything else is only said.
let line = null;
let address = null;
let waiting = null;
let heardAt = 0;
// The server says every few seconds that it is there; a line that is silent for longer is half open.
const SILENT_MS = 20_000;

function hang(wanted) {
    if (address === wanted) {
        return;
    }
    line?.close();
    address = wanted;
    heardAt = Date.now();
    line = wanted === null ? null : new EventSource(wanted);
    const heard = () => {
        heardAt = Date.now();
    };
    line?.addEventListener("here", heard);
    line?.addEventListener("resync", hangAnew);
    line?.addEventListener("changed", (event) => {
        heard();
        changed(JSON.parse(event.data));
    });
}

// The first thing said on a new line is how things stand, so that nothing is missed.
function hangAnew() {
    const wanted = address;
    hang(null);
    hang(wanted);
}

setInterval(() => {
    answered();
    if (line !== null && Date.now() - heardAt > SILENT_MS) {
        hangAnew();
    }
}, 5_000);

// Only pages that somebody sees hold a line: a browser has few of them. The first thing said on it is how things stand.
function listen() {
    const page = document.querySelector("[data-live]");
    hang(page === null || document.hidden ? null : page.dataset.live);
}

function changed(change) {
    // While a form of this page is on its way, the answer to it says what changed.
    if (document.querySelector(".htmx-request, main[data-waits]")) {
        waiting = waiting === null || waiting.job !== change.job || waiting.seq <= change.seq ? change : waiting;
        return;
    }
    const page = document.querySelector("[data-live]");
    if (page === null || Number(page.dataset.job) !== change.job || change.seq < Number(page.dataset.seq)) {
        return;
    }
    // A tier changes by the clock, too, without a line in the journal.
    if (change.seq === Number(page.dataset.seq) && change.tier === page.dataset.tier) {
        return;
    }
    page.dataset.seq = change.seq;
    if (change.tier === page.dataset.tier) {
        if (page.dataset.follows !== undefined && !isTyping()) {
            follow();
            return;
        }
        document.getElementById("changed")?.removeAttribute("hidden");
        return;
    }
    page.dataset.tier = change.tier;
    interrupt(change.tier);
}

// Nobody's half-typed figure is taken away by somebody else's step.
const isTyping = () =>
    document.activeElement?.matches("input:not([type=radio], [type=checkbox]), textarea, select") ||
    document.querySelector("dialog[open]") !== null;

// Two people at one job see each other's steps.
function follow() {
    const scrolled = window.scrollY;
    htmx.ajax("GET", window.location.href, { target: "body", swap: "innerHTML" }).then(() => {
        window.scrollTo(0, scrolled);
    });
}

function interrupt(tier) {
    document.querySelectorAll("dialog[data-tier-card][open]").forEach((card) => card.close());
    document.querySelector(`[data-tier-card="${CSS.escape(tier)}"]`)?.showModal();
    if (tier === "EVACUATE") {
        document.getElementById("evacuate-card")?.showModal();
    }
}

function answered() {
    const change = waiting;
    waiting = null;
    if (change !== null) {
        changed(change);
    }
}

function polled() {
    const now = document.getElementById("danger-here");
    if (now?.dataset.job !== undefined) {
        changed({ job: Number(now.dataset.job), seq: Number(now.dataset.seq), tier: now.dataset.tier });
    }
}

export function listenLive() {
    document.body.addEventListener("htmx:afterSettle", () => {
        listen();
        answered();
    });
    // Whatever ends a request: an answer without a body, an error, or nobody waiting for it any more.
    ["htmx:afterRequest", "htmx:sendError", "htmx:sendAbort", "htmx:timeout", "htmx:responseError"].forEach((end) => {
        document.body.addEventListener(end, () => setTimeout(answered));
    });
    // The poll of the clocks says how the job of this page stands.
    document.body.addEventListener("htmx:oobAfterSwap", polled);
    document.addEventListener("visibilitychange", listen);
    window.addEventListener("pagehide", () => hang(null));
    window.addEventListener("pageshow", listen);
    document.addEventListener("click", (event) => {
        if (event.target.closest("[data-look-again]")) {
            window.location.reload();
        }
    });
    listen();
}
