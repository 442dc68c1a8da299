// Copies what stands in an element, and says so on the button.
export function copies() {
    document.addEventListener("click", async (event) => {
        const button = event.target.closest("[data-copies]");
        if (button === null) {
            return;
        }
        const source = document.getElementById(button.dataset.copies);
        try {
            await navigator.clipboard.writeText(source.textContent);
            button.textContent = "Copied";
        } catch {
            // Not every browser lets a page write there: what is to be copied is marked, for the keys of the system.
            window.getSelection().selectAllChildren(source);
        }
    });
}
