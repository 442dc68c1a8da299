package glowkettle.app.shots;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.TimeoutError;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * How long it takes from the Space bar until the next step stands on the page, in jobs that are worked on. Arguments:
 * address, then the numbers of jobs.
 */
final class SpaceToPainted {
    private static final int MOST_A_JOB = 8;
    /** A hand needs longer for any step; by then the next one is drawn ahead, or there is none to draw. */
    private static final int HANDS_MS = 1_500;

    private static final double MOST = 0.95;

    /** Resolves with the milliseconds to the first frame with another step, or with −1 where Space did nothing. */
    private static final String MEASURE = """
            () => { window.painted = new Promise(done => {
                const seq = document.querySelector('main').dataset.seq;
                window.addEventListener('keydown', key => {
                    const look = () => {
                        const main = document.querySelector('main');
                        if (main && main.dataset.seq !== seq) {
                            // Told after the frame in which it changed has been drawn, and before the next one.
                            const drawn = new MessageChannel();
                            drawn.port1.onmessage = () => done(performance.now() - key.timeStamp);
                            drawn.port2.postMessage(null);
                        } else if (performance.now() - key.timeStamp > 3000) {
                            done(-1);
                        } else {
                            requestAnimationFrame(look);
                        }
                    };
                    requestAnimationFrame(look);
                }, { capture: true, once: true });
            }); }""";

    private SpaceToPainted() {}

    private static void letHandsWork(Page page) {
        try {
            page.waitForSelector("main[data-knows-next]", new Page.WaitForSelectorOptions().setTimeout(HANDS_MS));
        } catch (TimeoutError nothingToDrawAhead) {
            return;
        }
    }

    public static void main(String[] arguments) {
        String address = arguments[0];
        List<Double> millis = new ArrayList<>();
        try (Playwright playwright = Playwright.create();
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-quic")))) {
            Page page = browser.newPage();
            Screenshots.signIn(page, address, "technician");
            for (String job : Arrays.asList(arguments).subList(1, arguments.length)) {
                page.navigate(address + "/jobs/" + job);
                page.waitForFunction("() => document.documentElement.dataset.listens === 'true'");
                double took = 0;
                for (int step = 0; step < MOST_A_JOB && took >= 0; step++) {
                    letHandsWork(page);
                    page.evaluate(MEASURE);
                    page.keyboard().press("Space");
                    took = ((Number) page.evaluate("() => window.painted")).doubleValue();
                    if (took >= 0) {
                        millis.add(took);
                    }
                }
            }
        }
        if (millis.isEmpty()) {
            throw new IllegalStateException("None of these jobs is at a step that Space takes");
        }
        Collections.sort(millis);
        System.out.printf(
                "Space to the next step painted: median %.0f ms, p95 %.0f ms, of %d steps (aim: at most 50 ms)%n",
                millis.get(millis.size() / 2), millis.get((int) Math.ceil(millis.size() * MOST) - 1), millis.size());
    }
}
