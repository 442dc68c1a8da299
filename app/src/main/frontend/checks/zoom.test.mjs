import assert from "node:assert/strict";
import { beforeEach, test } from "node:test";
import { zoomByHand } from "../behaviour/desk/zoom.js";
import { only, page } from "./page.mjs";

const box = () => only("svg").getAttribute("viewBox").split(" ").map(Number);

const tap = (direction) => only(`[data-zoom="${direction}"]`).dispatchEvent(new MouseEvent("click", { bubbles: true }));

beforeEach(() => {
    page(
        `<div data-nears><button data-zoom="1">+</button><button data-zoom="-1">−</button>
        <svg class="face" viewBox="-10 -5 320 220" aria-label="Underside"><rect></rect></svg></div>`,
        `/jobs/${Math.floor(performance.now() * 1000)}/open`,
    );
    zoomByHand();
});

test("comes nearer about the middle where nothing is due, and stays within the drawing", () => {
    tap(1);
    const [x, y, width, height] = box();
    assert.ok(Math.abs(width - 320 / 1.7) < 1e-9 && Math.abs(height - 220 / 1.7) < 1e-9);
    assert.ok(x >= -10 && y >= -5 && x + width <= 310 && y + height <= 215);
});

test("comes no nearer than four times, however often it is tapped", () => {
    for (let i = 0; i < 9; i++) {
        tap(1);
    }
    assert.deepEqual(box().slice(2), [80, 55]);
});

test("goes back to the whole at once", () => {
    tap(1);
    tap(1);
    tap(-1);
    assert.deepEqual(box(), [-10, -5, 320, 220]);
});

test("a picture that is drawn anew stays as near", () => {
    tap(1);
    const near = box();
    only("svg").outerHTML = '<svg class="face" viewBox="-10 -5 320 220" aria-label="Underside"></svg>';
    document.body.dispatchEvent(new Event("htmx:afterSettle"));
    assert.deepEqual(box(), near);
});
