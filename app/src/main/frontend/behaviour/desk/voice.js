// The step is read aloud, where somebody wants it: off until it is switched on, on this device alone.
const ON = "kettle.voice";

const isOn = () => localStorage.getItem(ON) === "on";

function mark() {
    document.querySelectorAll("[data-voice]").forEach((button) => {
        button.setAttribute("aria-pressed", String(isOn()));
        button.querySelector("[data-voice-state]").textContent = isOn() ? "on" : "off";
    });
}

let said = "";

function say() {
    const thing = document.querySelector("[data-voice]") && document.querySelector(".next-thing");
    if (!thing || !isOn() || !("speechSynthesis" in window)) {
        return;
    }
    // What can hurt comes first, aloud too.
    const words = [
        ...document.querySelectorAll("[data-danger] b"),
        ...thing.querySelectorAll(".caution li"),
        thing.querySelector("h1"),
    ]
        .filter((part) => part !== null)
        .map((part) => part.textContent.trim())
        .join(". ");
    if (words !== said) {
        said = words;
        window.speechSynthesis.cancel();
        window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    }
}

export function readAloud() {
    mark();
    say();
    document.body.addEventListener("htmx:afterSettle", () => {
        mark();
        say();
    });
    document.addEventListener("click", (event) => {
        if (event.target.closest("[data-voice]")) {
            localStorage.setItem(ON, isOn() ? "off" : "on");
            said = "";
            window.speechSynthesis?.cancel();
            mark();
            say();
        }
    });
}
