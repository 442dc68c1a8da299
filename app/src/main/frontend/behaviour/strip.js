// Counts every clock of the strip down, and sounds once when one runs out; it stays until its step is done.
const SOUNDED = "kettle.sounded";

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
        size < 600 ? clock(size) : hours >= 48 ? `${Math.floor(hours / 24)} d` : hours > 0 ? `${hours} h ${minutes} min` : `${minutes} min`;
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
                ticket.querySelector("[data-left]").textContent = distance(seconds);
                ticket.classList.toggle("over", seconds < 0);
                if (seconds < 0) {
                    this.soundOnce(ticket.dataset.clock);
                }
            });
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
