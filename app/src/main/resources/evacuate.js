// Keeps the evacuation card and its stylesheet, and shows them when the application does not answer.
const CARD = "evacuate";

async function keep() {
    const cache = await caches.open(CARD);
    const page = await fetch("/evacuate");
    if (page.ok) {
        const stylesheet = (await page.clone().text()).match(/href="([^"]+\.css)"/);
        await cache.put("/evacuate", page);
        if (stylesheet) {
            await cache.add(stylesheet[1]);
        }
    }
}

self.addEventListener("install", (event) => event.waitUntil(keep().then(() => self.skipWaiting())));

self.addEventListener("fetch", (event) => {
    const address = new URL(event.request.url);
    if (address.pathname === "/evacuate") {
        event.respondWith(
            fetch(event.request)
                .then((answer) => (answer.ok ? answer : caches.match("/evacuate")))
                .catch(() => caches.match("/evacuate")),
        );
        event.waitUntil(keep().catch(() => {}));
    } else if (address.pathname.endsWith(".css")) {
        event.respondWith(fetch(event.request).catch(() => caches.match(event.request)));
    }
});
