// A lost connection says so and sends again by itself. The form's own id keeps a second arrival from storing it twice.
const AGAIN_AFTER_MS = 3000;

export function watchConnection() {
    let waiting = null;
    const banner = () => document.getElementById("offline");

    document.body.addEventListener("htmx:sendError", (event) => {
        const element = event.detail.elt;
        if (element.matches("[data-poll]")) {
            return;
        }
        banner()?.removeAttribute("hidden");
        clearTimeout(waiting);
        waiting = setTimeout(() => {
            if (!element.isConnected) {
                return;
            }
            if (element.matches("form")) {
                element.requestSubmit();
            } else {
                element.click();
            }
        }, AGAIN_AFTER_MS);
    });
    document.body.addEventListener("htmx:afterOnLoad", ({ detail }) => {
        // Clocks that arrive say nothing of the form that did not.
        if (detail.elt.matches("[data-poll]")) {
            return;
        }
        clearTimeout(waiting);
        banner()?.setAttribute("hidden", "");
    });
}
