import htmx from "htmx.org";
import Alpine from "@alpinejs/csp";
import { watchConnection } from "./connection.js";
import { cellsByHand } from "./cells.js";
import { copies } from "./copy.js";
import { keepDrafts } from "./drafts.js";
import { benchClocks } from "./heat.js";
import { holdPressure } from "./hold.js";
import { listenToKeys } from "./keys.js";
import { libraryByHand } from "./library.js";
import { limitsByHand } from "./limits.js";
import { listenLive } from "./live.js";
import { keypad } from "./keypad.js";
import { orderByHand } from "./order.js";
import { swapPages } from "./page.js";
import { pickByHand } from "./pick.js";
import { readAloud } from "./voice.js";
import { strip } from "./strip.js";
import { trayByHand } from "./tray.js";
import { proposeZone } from "./zone.js";
import { zoomByHand } from "./zoom.js";

htmx.config.allowEval = false;
htmx.config.includeIndicatorStyles = false;
htmx.config.historyCacheSize = 0;
htmx.config.defaultSettleDelay = 0;
htmx.config.scrollIntoViewOnBoost = false;
htmx.config.refreshOnHistoryMiss = true;
// A form that was not taken comes back filled in, so its answer is shown like any other.
htmx.config.responseHandling = [
    { code: "204", swap: false },
    { code: "...", swap: true },
];

window.Alpine = Alpine;
Alpine.data("keypad", keypad);
Alpine.data("strip", strip);
swapPages(Alpine);

listenToKeys();
cellsByHand();
copies();
keepDrafts();
watchConnection();
listenLive();
holdPressure();
benchClocks();
trayByHand();
orderByHand();
pickByHand();
libraryByHand();
limitsByHand();
proposeZone();
readAloud();
zoomByHand();
// What was looked for before gives way to what is typed or scanned now.
document.addEventListener("focusin", ({ target }) => target.matches("input[type=search]") && target.select());
document.documentElement.dataset.listens = "true";

// Keeps the evacuation card on this device, for when nothing answers any more.
navigator.serviceWorker?.register("/evacuate.js").catch(() => {});
