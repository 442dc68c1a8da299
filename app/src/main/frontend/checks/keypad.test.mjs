import assert from "node:assert/strict";
import { beforeEach, test } from "node:test";
import { only, page } from "./page.mjs";

let pad;

const tap = (types) => pad.tap({ target: { dataset: { types } } });

beforeEach(async () => {
    page(`<form data-asks="air"><div class="figure"><input name="surface"></div><div class="figure"><input name="air"></div>
        <div id="pad"></div></form>`);
    const { keypad } = await import("../behaviour/desk/keypad.js");
    pad = keypad();
    pad.$el = only("#pad");
    pad.init();
});

test("types into the figure that is asked for", () => {
    tap("2");
    tap("1");
    assert.equal(only("[name=air]").value, "21");
});

test("types into the figure that was touched last", () => {
    only("[name=surface]").focus();
    tap("9");
    assert.equal(only("[name=surface]").value, "9");
});

test("takes one decimal mark, whichever was typed", () => {
    only("[name=air]").value = "21.5";
    tap(",");
    assert.equal(only("[name=air]").value, "21.5");
});

test("goes on to the next field, and from the last to the first", () => {
    tap("next");
    tap("2");
    assert.equal(only("[name=surface]").value, "2");
    tap("back");
    assert.equal(only("[name=surface]").value, "");
});
