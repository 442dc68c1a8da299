import assert from "node:assert/strict";
import { mock, test } from "node:test";
import { keepDrafts } from "../behaviour/desk/drafts.js";
import { only, page, type } from "./page.mjs";

const FORM = (draft, more = "") => `<form action="/jobs/17/fit/pack-offered" data-keep data-draft="${draft}" ${more}>
    <input name="volts"><input type="radio" name="same" value="true"><input type="password" name="password"></form>`;

/** The same device later, at another page. */
function later(body) {
    const kept = { ...localStorage };
    page(body);
    for (const [name, value] of Object.entries(kept)) {
        localStorage.setItem(name, value);
    }
    keepDrafts();
}

function typed(body) {
    page(body);
    keepDrafts();
    only("input[type=radio]").checked = true;
    only("[name=password]").value = "breakwater";
    type(only("[name=volts]"), "11.4");
}

test("comes back filled in, says so, and keeps no password", () => {
    typed(FORM("17/new-pack"));
    later(FORM("17/new-pack"));
    assert.equal(only("[name=volts]").value, "11.4");
    assert.equal(only("input[type=radio]").checked, true);
    assert.equal(only("[name=password]").value, "");
    assert.match(only(".draft-said").textContent, /Filled in from what was typed here/);
});

test("never fills another job's form", () => {
    typed(FORM("17/new-pack"));
    later(FORM("18/new-pack"));
    assert.equal(only("[name=volts]").value, "");
});

test("does not fill a form that has other fields by now", () => {
    typed(FORM("17/new-pack"));
    later(FORM("17/new-pack").replace('name="volts"', 'name="amperes"'));
    assert.equal(only("[name=amperes]").value, "");
    assert.equal(localStorage.length, 0);
});

test("gives way to what came back from the server with its faults", () => {
    typed(FORM("17/new-pack"));
    later(FORM("17/new-pack", 'data-returned="true"'));
    assert.equal(only("[name=volts]").value, "");
});

test("ends after a shift, and a reading after ten minutes", (context) => {
    context.after(() => mock.timers.reset());
    mock.timers.enable({ apis: ["Date"], now: Date.UTC(2026, 10, 2, 8) });
    const reading = FORM("17/warmth").replace("data-keep", 'data-keep="reading"');
    typed(reading);
    mock.timers.setTime(Date.UTC(2026, 10, 2, 8, 9));
    later(reading);
    assert.equal(only("[name=volts]").value, "11.4");
    mock.timers.setTime(Date.UTC(2026, 10, 2, 8, 11));
    later(reading);
    assert.equal(only("[name=volts]").value, "");
    typed(FORM("17/new-pack"));
    mock.timers.setTime(Date.UTC(2026, 10, 2, 16, 12));
    later(FORM("17/new-pack"));
    assert.equal(only("[name=volts]").value, "");
});

test("ends when its form was taken, and not when the session was over", () => {
    const answered = (status, responseURL) =>
        document.body.dispatchEvent(
            Object.assign(new Event("htmx:beforeOnLoad"), {
                detail: { requestConfig: { elt: only("form") }, xhr: { status, responseURL } },
            }),
        );
    typed(FORM("17/new-pack"));
    answered(422, "/jobs/17/fit/pack-offered");
    answered(200, "http://bench.example/signin");
    assert.equal(localStorage.length, 1);
    answered(200, "/jobs/17/fit");
    assert.equal(localStorage.length, 0);
});
