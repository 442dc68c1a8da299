// Where the shop's clock hangs is known to the browser; it proposes, and whoever sees it may say otherwise.
const UNSAID = ["Etc/UTC", "UTC", "GMT", "Z"];

export function proposeZone() {
    const propose = () => {
        const field = document.querySelector("[data-proposes-zone] input, [data-proposes-zone] select");
        if (field && UNSAID.includes(field.value)) {
            field.value = Intl.DateTimeFormat().resolvedOptions().timeZone;
        }
    };
    propose();
    document.addEventListener("htmx:afterSettle", propose);
}
