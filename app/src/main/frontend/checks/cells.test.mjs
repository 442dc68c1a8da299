import assert from "node:assert/strict";
import { beforeEach, test } from "node:test";
import { cellsByHand } from "../behaviour/match/cells.js";
import { only, page } from "./page.mjs";

const touch = (element, clientX, clientY) =>
    element.dispatchEvent(new MouseEvent("pointerdown", { bubbles: true, clientX, clientY }));

beforeEach(() => {
    page(`<div data-cell-plot><svg><circle data-cell="C1" data-words="C1: 2 500 mAh"></circle><circle data-cell="C2"
        data-words="C2: 2 480 mAh"></circle></svg><p class="under-finger"></p></div>
        <table><tr data-cell="C1"><td>C1</td></tr><tr data-cell="C2"><td>C2</td></tr></table>`);
    const at = { C1: 100, C2: 130 };
    for (const point of document.querySelectorAll("circle")) {
        point.getBoundingClientRect = () => ({ x: at[point.dataset.cell], y: 50, width: 4, height: 4 });
    }
    cellsByHand();
});

test("the nearest point within a finger's reach is meant, in plot and row alike", () => {
    touch(only("[data-cell-plot]"), 120, 52);
    assert.equal(only(".under-finger").textContent, "C2: 2 480 mAh");
    assert.deepEqual([...document.querySelectorAll(".at")].map((part) => part.tagName.toLowerCase()).sort(), [
        "circle",
        "tr",
    ]);
});

test("a touch beside every point shows nothing", () => {
    touch(only("[data-cell-plot]"), 300, 300);
    assert.equal(document.querySelectorAll(".at").length, 0);
});

test("a row shows its point", () => {
    touch(only("tr[data-cell=C1] td"), 0, 0);
    assert.equal(only(".under-finger").textContent, "C1: 2 500 mAh");
});
