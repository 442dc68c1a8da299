package glowkettle.app.shots;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
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
    private static final double MOST = 0.95;

    /** Resolves with the milliseconds to the first frame with another step, or with −1 where Space did nothing. */
    private static final String MEASURE = """
            () => { window.painted = new Promise(done => {
                const seq = document.querySelector('main').dataset.seq;
                window.addEventListener('keydown', key => {
                    const look = () => {
                        const main = document.querySelector('main');
                        if (main && main.dataset.seq !== seq) {
                            requestAnimationFrame(() => done(performance.now() - key.timeStamp));
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
                    page.evaluate(MEASURE);
                    page.keyboard().press("Space");
                    took = ((Number) page.evaluate("() => window.painted")).doubleValue();
                    if (took >= 0) {
                        millis.add(took);
                    }
                }
            }
        }
        Collections.sort(millis);
        System.out.printf(
                "Space to the next step painted: median %.0f ms, p95 %.0f ms, of %d steps (aim: at most 120 ms)%n",
                millis.get(millis.size() / 2), millis.get((int) Math.ceil(millis.size() * MOST) - 1), millis.size());
    }
}
