import htmx from "htmx.org";
import Alpine from "@alpinejs/csp";
import { watchConnection } from "./desk/connection.js";
import { chartByHand } from "./open/chart.js";
import { cellsByHand } from "./match/cells.js";
import { copies } from "./desk/copy.js";
import { keepDrafts } from "./desk/drafts.js";
import { benchClocks } from "./free/heat.js";
import { holdPressure } from "./arrive/hold.js";
import { listenToKeys } from "./desk/keys.js";
import { libraryByHand } from "./library/library.js";
import { limitsByHand } from "./settings/limits.js";
import { listenLive } from "./desk/live.js";
import { keypad } from "./desk/keypad.js";
import { orderByHand } from "./open/order.js";
import { swapPages } from "./desk/page.js";
import { pickByHand } from "./arrive/pick.js";
import { readAloud } from "./desk/voice.js";
import { strip } from "./desk/strip.js";
import { trayByHand } from "./open/tray.js";
import { proposeZone } from "./settings/zone.js";
import { zoomByHand } from "./desk/zoom.js";

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

// Digits go on a map that has the hand before they go anywhere else.
chartByHand();
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
