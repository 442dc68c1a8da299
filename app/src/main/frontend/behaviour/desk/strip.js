// Counts every clock of the strip down. A clock sounds once when it runs out; a danger sounds again and again until it is
// acted on. To hush it silences this device alone, for two minutes; unanswered, it calls every lead all the same.
const SOUNDED = "kettle.sounded";
const HUSHED = "kettle.hushed";
const DANGER_EVERY_MS = 30_000;
const HUSHED_FOR_MS = 120_000;
const CALLS_LEADS_AFTER_S = 120;
let dangerSounded = 0;

// As a kitchen timer shows it; heat and solvent are counted in seconds.
export const clock = (seconds) => {
    const size = Math.max(0, Math.round(Math.abs(seconds)));
    const hours = Math.floor(size / 3600);
    const minutes = Math.floor((size % 3600) / 60);
    const two = (value) => String(value).padStart(2, "0");
    return hours > 0 ? `${hours}:${two(minutes)}:${two(size % 60)}` : `${minutes}:${two(size % 60)}`;
};

function distance(seconds) {
    const size = Math.abs(seconds);
    const hours = Math.floor(size / 3600);
    const minutes = Math.floor((size % 3600) / 60);
    const text =
        size < 600
            ? clock(size)
            : hours >= 48
              ? `${Math.floor(hours / 24)} d`
              : hours > 0
                ? `${hours} h ${minutes} min`
                : `${minutes} min`;
    return seconds < 0 ? `${text} over` : text;
}

export function sound() {
    const context = new AudioContext();
    [0, 0.35].forEach((delay, index) => {
        const tone = context.createOscillator();
        const volume = context.createGain();
        tone.frequency.value = index === 0 ? 587 : 440;
        volume.gain.setValueAtTime(0.25, context.currentTime + delay);
        volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + delay + 0.3);
        tone.connect(volume).connect(context.destination);
        tone.start(context.currentTime + delay);
        tone.stop(context.currentTime + delay + 0.3);
    });
}

export function strip() {
    return {
        timer: null,
        aheadMs: 0,

        init() {
            // The shop's clock counts, not the tablet's.
            this.aheadMs = Date.parse(this.$el.dataset.now) - Date.now();
            this.tick();
            this.timer = setInterval(() => this.tick(), 1000);
        },

        destroy() {
            clearInterval(this.timer);
        },

        tick() {
            this.$el.querySelectorAll("[data-at]").forEach((ticket) => {
                const seconds = Math.floor((Date.parse(ticket.dataset.at) - Date.now() - this.aheadMs) / 1000);
                const isDanger = ticket.dataset.danger !== undefined;
                ticket.querySelector("[data-left]").textContent = isDanger ? distance(-seconds) : distance(seconds);
                ticket.classList.toggle("over", seconds < 0);
                // A clock of this class that runs out is a danger before the strip has asked again.
                ticket.classList.toggle("becomes-danger", ticket.dataset.rank === "1" && seconds < 0);
                if (isDanger) {
                    this.danger(ticket, -seconds);
                } else if (seconds < 0) {
                    this.soundOnce(ticket.dataset.clock);
                }
            });
        },

        danger(ticket, sinceSeconds) {
            const callsLead = this.$el.dataset.lead === "true" && sinceSeconds > CALLS_LEADS_AFTER_S;
            ticket.classList.toggle("calls-lead", callsLead);
            const hushed = Date.now() - Number(localStorage.getItem(HUSHED) ?? 0) < HUSHED_FOR_MS;
            if (!hushed && Date.now() - dangerSounded >= DANGER_EVERY_MS) {
                dangerSounded = Date.now();
                sound();
            }
        },

        soundOnce(clock) {
            const sounded = JSON.parse(localStorage.getItem(SOUNDED) ?? "[]");
            if (!sounded.includes(clock)) {
                localStorage.setItem(SOUNDED, JSON.stringify([...sounded.slice(-40), clock]));
                sound();
            }
        },
    };
}

document.addEventListener("click", (event) => {
    if (event.target.closest("[data-hush]")) {
        localStorage.setItem(HUSHED, String(Date.now()));
    }
});
