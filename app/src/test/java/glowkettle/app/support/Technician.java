package glowkettle.app.support;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** Somebody at the bench with gloves on: a signed-in page that is worked by keys alone. */
public final class Technician implements AutoCloseable {
    /** A busy machine may pause for long; what never comes still fails. */
    private static final int PATIENCE_MS = 60_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private static final int MOST_STEPS = 40;

    private final Kettle kettle;
    private final BrowserContext context;
    private final Page page;
    private final List<String> complaints = new ArrayList<>();

    private Technician(Kettle kettle, BrowserContext context) {
        this.kettle = kettle;
        this.context = context;
        this.page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
        page.onConsoleMessage(message -> {
            // A sum that is reckoned as one types gives way to the next one: its end is told twice, and is no failure.
            if (message.type().equals("error")
                    && !message.text().startsWith("htmx:afterRequest")
                    && !message.text().startsWith("htmx:sendAbort")
                    && !message.text().contains("422")
                    && !message.text().contains("409")) {
                complaints.add(message.text() + " at " + page.url());
            }
        });
        page.onPageError(error -> complaints.add(error + " at " + page.url()));
    }

    public static Technician at(Kettle kettle, String account) {
        return at(kettle, account, 1280, 800, "light");
    }

    public static Technician at(Kettle kettle, String account, int width, int height, String theme) {
        Technician technician = new Technician(kettle, context(kettle, width, height, theme));
        technician.signIn(account);
        return technician;
    }

    /** Somebody whom a lead made an account for. */
    public static Technician at(Kettle kettle, String account, String password) {
        Technician technician = new Technician(kettle, context(kettle, 1280, 800, "light"));
        technician.signIn(account, password);
        return technician;
    }

    /** In a browser that keeps what the pages ask it to keep. */
    public static Technician withWorker(Kettle kettle, String account) {
        Technician technician = new Technician(
                kettle, kettle.browser().newContext(new Browser.NewContextOptions().setViewportSize(1280, 800)));
        technician.signIn(account);
        return technician;
    }

    /** Somebody who has no account. */
    public static Technician strangerAt(Kettle kettle, int width, int height) {
        return new Technician(kettle, context(kettle, width, height, "light"));
    }

    private static BrowserContext context(Kettle kettle, int width, int height, String theme) {
        // The policy on scripts is tested by its header; a test may look into the page all the same.
        BrowserContext context = kettle.browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setBypassCSP(true)
                        .setServiceWorkers(ServiceWorkerPolicy.BLOCK));
        context.addCookies(List.of(new Cookie("theme", theme).setUrl(kettle.address())));
        return context;
    }

    private void signIn(String account) {
        signIn(account, "quayside");
    }

    private void signIn(String account, String password) {
        page.navigate(kettle.address() + "/signin");
        page.locator("#username").fill(account);
        page.locator("#password").fill(password);
        page.keyboard().press("Enter");
        page.waitForURL(kettle.address() + "/");
    }

    public Page page() {
        return page;
    }

    public Technician open(String path) {
        page.navigate(kettle.address() + path);
        settle();
        return this;
    }

    /** Looks at the page again when the shop's clock says so. */
    public Technician lookAgainAt(String moment) {
        kettle.clock().set(Instant.parse(moment));
        page.reload();
        settle();
        return this;
    }

    public Technician press(String key) {
        page.keyboard().press(key);
        return this;
    }

    /** Presses a key that writes something, and waits for the page that answers. */
    public Technician send(String key) {
        try {
            page.waitForResponse(Technician::isPage, () -> page.keyboard().press(key));
        } catch (TimeoutError e) {
            throw new AssertionError(
                    "Nothing is sent by '" + key + "' at " + page.url() + " in: "
                            + page.locator("main").innerText(),
                    e);
        }
        settle();
        return this;
    }

    private static boolean isPage(Response response) {
        boolean page =
                List.of("document", "xhr", "fetch").contains(response.request().resourceType());
        boolean ahead = response.request().headers().containsKey("drawn-ahead");
        return page && !ahead && response.status() != 302 && !response.url().endsWith("/clocks");
    }

    /** Waits until the page listens to keys, and nothing is being swapped in any more. */
    private void settle() {
        page.waitForFunction("() => (document.documentElement.dataset.listens || !document.querySelector('script'))"
                + " && !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling, main[data-waits]')");
        RawWords.on(page).forEach(raw -> complaints.add(raw + " at " + page.url()));
    }

    /** Types into a field that the tabulator reaches. */
    public Technician type(String name, String text) {
        reach(page.locator("[name='" + name + "']").locator("visible=true").first());
        page.keyboard().press("Control+a");
        page.keyboard().press("Delete");
        page.keyboard().type(text);
        return this;
    }

    /** Takes a choice that the tabulator and the arrows reach with the space bar. */
    public Technician tap(String name, String value) {
        Locator wanted = page.locator("input[name='" + name + "'][value='" + value + "']")
                .locator("visible=true");
        reach(wanted);
        if (!wanted.isChecked()) {
            page.keyboard().press(" ");
        }
        assertThat(wanted).isChecked();
        return this;
    }

    /** Goes at once where the tabulator would come to in the end: it stops at whatever is seen and is not left out of its order. */
    private void reach(Locator field) {
        boolean reached = (boolean) field.evaluate("""
                field => {
                    field.focus();
                    return field.tabIndex >= 0 && !field.disabled && field === document.activeElement;
                }""");
        if (!reached) {
            throw new AssertionError("The tabulator never reaches " + field + " at " + page.url());
        }
    }

    /** Leaves whatever field has the focus, so that keys are keys again. */
    public Technician letGo() {
        page.evaluate("() => document.activeElement?.blur()");
        return this;
    }

    public Technician sees(String text) {
        assertThat(page.locator("main")).containsText(text);
        return this;
    }

    public Technician seesNot(String text) {
        assertThat(page.locator("main")).not().containsText(text);
        return this;
    }

    public Technician headed(String text) {
        assertThat(page.locator("main h1").first()).containsText(text);
        return this;
    }

    public Technician tier(String word) {
        assertThat(page.locator(".job-head .tier")).containsText(word);
        return this;
    }

    /** Does the next thing again and again until the line over it says what is waited for. */
    public Technician sendUntil(Predicate<String> arrived) {
        for (int i = 0; i < MOST_STEPS; i++) {
            if (arrived.test(kicker())) {
                return this;
            }
            send(" ");
        }
        throw new AssertionError(
                "It never moves on from: " + page.locator("main").innerText());
    }

    /** The line over the next thing, or nothing. */
    public String kicker() {
        Locator kicker = page.locator("main .next-thing .kicker").first();
        return kicker.count() == 0 ? "" : kicker.innerText().strip();
    }

    public Technician at(String path) {
        assertThat(page).hasURL(Pattern.compile(path + "([?#].*)?$"));
        return this;
    }

    public List<String> complaints() {
        return complaints;
    }

    @Override
    public void close() {
        context.close();
        if (!complaints.isEmpty()) {
            throw new AssertionError("The browser complained: " + complaints);
        }
    }
}
