import { asked } from "./asked.js";

// Large keys for gloved hands. They type into the figure that was touched last within the same form.
export function keypad() {
    return {
        target: null,

        init() {
            const form = this.$el.closest("form");
            this.target = this.asked();
            form.addEventListener("focusin", (event) => {
                if (event.target.matches(".figure input")) {
                    this.target = event.target;
                }
            });
        },

        asked() {
            return asked([...this.$el.closest("form").querySelectorAll(".figure input")]);
        },

        tap(event) {
            const key = event.target.dataset.types;
            if (this.target?.form !== this.$el.closest("form")) {
                this.target = this.asked();
            }
            if (key === undefined || this.target === null) {
                return;
            }
            const value = this.target.value;
            if (key === "back") {
                this.write(value.slice(0, -1));
            } else if (key === "next") {
                this.next();
            } else if (key !== "," || !/[.,]/.test(value)) {
                this.write(value + key);
            }
        },

        write(value) {
            this.target.value = value;
            this.target.dispatchEvent(new Event("input", { bubbles: true }));
        },

        next() {
            const figures = [...this.$el.closest("form").querySelectorAll(".figure input")];
            const following = figures[figures.indexOf(this.target) + 1] ?? figures[0];
            this.target = following;
            following.focus();
            following.select();
        },
    };
}

// The last value is one tap away.
document.addEventListener("click", (event) => {
    const last = event.target.closest("[data-last]");
    if (last) {
        const input = last.closest(".field").querySelector("input");
        input.value = last.dataset.last;
        input.dispatchEvent(new Event("input", { bubbles: true }));
        input.focus();
    }
});
