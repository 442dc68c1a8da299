package glowkettle.app.shots;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.Cookie;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Arguments: address, folder, then views as {@code name=path}; without views those of the documentation are made. Further
 * words set how they look: {@code dark}, {@code width=820}, {@code full}, {@code as=lead}.
 */
final class Screenshots {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final Map<String, String> DOCUMENTED = new LinkedHashMap<>();

    private static final String TREND = "readings[0].at=2026-10-07T09:00&readings[0].sizeMm=5.8"
            + "&readings[1].at=2026-10-21T09:00&readings[1].sizeMm=5.85&readings[2].at=2026-11-04T09:00"
            + "&readings[2].sizeMm=5.95&readings[3].at=2026-11-18T09:00&readings[3].sizeMm=6.0&limitMm=6.38";

    static {
        // The heat of the demo is on from its beginning; its picture is taken while it is warming.
        DOCUMENTED.put("16-heat", "/jobs/38/free");
        DOCUMENTED.put("1-bench", "/");
        DOCUMENTED.put("2-arrive", "/jobs/new");
        DOCUMENTED.put("3-assess", "/jobs/30/assess");
        DOCUMENTED.put("4-isolation-sheet", "/jobs/15/assess");
        DOCUMENTED.put("5-open", "/jobs/26/open");
        DOCUMENTED.put("6-fit", "/jobs/21/fit");
        DOCUMENTED.put("7-way-back", "/jobs/25/wayback");
        DOCUMENTED.put("8-prove", "/jobs/18/prove");
        DOCUMENTED.put("9-calibrate", "/jobs/10/calibrate");
        DOCUMENTED.put("10-hand-back", "/jobs/13/handback");
        DOCUMENTED.put("11-isolation-store", "/isolation");
        DOCUMENTED.put("12-shop-limits", "/limits");
        DOCUMENTED.put("13-match", "/jobs/49/match");
        DOCUMENTED.put("14-sums", "/sums/assess/swell-trend?" + TREND);
        DOCUMENTED.put("15-health", "/jobs/34/assess#health");
        DOCUMENTED.put("17-join", "/jobs/46/join");
        DOCUMENTED.put("18-tray", "/jobs/43/open#tray");
        DOCUMENTED.put("19-library", "/library/cormorant-17");
    }

    private Screenshots() {}

    public static void main(String[] arguments) throws Exception {
        List<String> words = Arrays.asList(arguments);
        String address = words.get(0);
        Path folder = Files.createDirectories(Path.of(words.get(1)));
        Map<String, String> views = new LinkedHashMap<>();
        words.stream().skip(2).filter(word -> word.contains("=/")).forEach(word -> {
            String[] view = word.split("=", 2);
            views.put(view[0], view[1]);
        });
        try (Playwright playwright = Playwright.create()) {
            Browser browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-quic",
                                    "--disable-background-networking")));
            BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                    .setViewportSize(number(words, "width", WIDTH), number(words, "height", HEIGHT)));
            if (words.contains("dark")) {
                context.addCookies(List.of(new Cookie("theme", "dark").setUrl(address)));
            }
            Page page = context.newPage();
            page.onConsoleMessage(message -> {
                if (message.type().equals("error")) {
                    System.err.println("console: " + message.text());
                }
            });
            signIn(page, address, text(words, "as", "technician"));
            for (Map.Entry<String, String> view : (views.isEmpty() ? DOCUMENTED : views).entrySet()) {
                page.navigate(address + view.getValue());
                for (String key : text(words, "press", "").split("(?<=.)")) {
                    if (!key.isEmpty()) {
                        page.keyboard().press(key);
                    }
                }
                page.evaluate("document.fonts.ready");
                page.screenshot(new Page.ScreenshotOptions()
                        .setFullPage(words.contains("full"))
                        .setPath(folder.resolve(view.getKey() + ".png")));
            }
        }
    }

    static void signIn(Page page, String address, String name) {
        page.navigate(address + "/signin");
        page.fill("#username", name);
        page.fill("#password", "quayside");
        page.click("button[type=submit]:has-text('Sign in')");
        page.waitForURL(address + "/");
    }

    private static String text(List<String> words, String name, String otherwise) {
        return words.stream()
                .filter(word -> word.startsWith(name + "=") && !word.contains("=/"))
                .map(word -> word.substring(name.length() + 1))
                .findFirst()
                .orElse(otherwise);
    }

    private static int number(List<String> words, String name, int otherwise) {
        return Integer.parseInt(text(words, name, String.valueOf(otherwise)));
    }
}
