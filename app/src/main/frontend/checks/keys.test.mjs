import assert from "node:assert/strict";
import { beforeEach, test } from "node:test";
import { listenToKeys } from "../behaviour/desk/keys.js";
import { only, page, press } from "./page.mjs";

let pressed;

beforeEach(() => {
    page(`
        <main>
            <section class="next-thing"><form>
                <div class="figure"><input name="middle"></div>
                <label><input type="radio" name="rocks" value="false">No</label>
                <label><input type="radio" name="rocks" value="true">Yes</label>
                <button type="button" data-key="space">Keep it</button>
            </form></section>
            <button type="button" data-key="u">Take back</button>
            <button type="button" data-key="x" hidden>Does not work</button>
            <a href="#4" data-key="4">Free</a>
            <textarea></textarea>
        </main>
        <dialog id="evacuate-card"></dialog>`);
    pressed = [];
    document.addEventListener("click", (event) => {
        pressed.push(event.target.dataset.key ?? event.target.value);
        event.preventDefault();
    });
    listenToKeys();
});

test("a key presses what carries it", () => {
    press("u");
    press(" ");
    assert.deepEqual(pressed, ["u", "space"]);
});

test("what is hidden has no key", () => {
    press("x");
    assert.deepEqual(pressed, []);
});

test("a key that is held down is one press", () => {
    press("u");
    press("u", { repeat: true });
    assert.deepEqual(pressed, ["u"]);
});

test("with Control a key is the browser's", () => {
    press("u", { ctrlKey: true });
    assert.deepEqual(pressed, []);
});

test("where somebody writes, a letter is a letter and F8 still clears the room", () => {
    only("textarea").focus();
    press("u");
    assert.deepEqual(pressed, []);
    press("F8");
    assert.equal(only("#evacuate-card").open, true);
});

test("Space chooses what has the focus, and goes on once it is chosen", () => {
    const yes = only("input[value=true]");
    yes.focus();
    assert.equal(press(" ").defaultPrevented, false);
    yes.checked = true;
    press(" ");
    assert.deepEqual(pressed, ["space"]);
});

test("a figure goes to the field that asks for one; with Shift it is a stage", () => {
    press("4");
    assert.equal(only("input[name=middle]").value, "4");
    document.activeElement.blur();
    press("$", { shiftKey: true, code: "Digit4" });
    assert.deepEqual(pressed, ["4"]);
});
