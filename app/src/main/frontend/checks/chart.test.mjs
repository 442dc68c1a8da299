import assert from "node:assert/strict";
import { test } from "node:test";
import { counted, place } from "../behaviour/open/chart.js";

test("digits lie as on the number pad", () => {
    const spots = Object.fromEntries([7, 8, 9, 4, 5, 6, 1, 2, 3].map((digit) => [digit, place(digit, 0)]));
    assert.ok(spots[7].x < spots[8].x && spots[8].x < spots[9].x);
    assert.ok(spots[7].y < spots[4].y && spots[4].y < spots[1].y);
    assert.equal(spots[5].x, 0.5);
});

test("a second screw of a digit lies beside the first, on the face", () => {
    for (const digit of [1, 2, 3, 4, 5, 6, 7, 8, 9]) {
        const several = [0, 1, 2, 3].map((already) => place(digit, already));
        assert.equal(new Set(several.map((spot) => spot.x)).size, 4);
        assert.ok(several.every((spot) => spot.x > 0 && spot.x < 1 && spot.y > 0 && spot.y < 1));
    }
});

test("screws are counted by their kind, in the order in which they came", () => {
    const long = { drive: "T5", reach: "LONG", colour: "black" };
    const short = { ...long, reach: "SHORT" };
    assert.deepEqual(counted([long, long, short]), ["2 × T5, long, black", "1 × T5, short, black"]);
});
