package glowkettle.benchmarks;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Eight connections against a full shop: the bench and the pages of jobs, as ratios to the sign-in page. */
public final class PageLoad {
    private static final int CONNECTIONS = 8;
    private static final int REQUESTS = 1_600;
    private static final double AIM_RATIO = 4;
    private static final int AIM_BYTES = 200_000;
    private static final Pattern ASSET = Pattern.compile("(?:href|src)=\"(/assets/[^\"]+)\"");

    private final Visitor visitor;

    private PageLoad(String address) {
        visitor = new Visitor(address);
    }

    public static void main(String[] arguments) throws Exception {
        new PageLoad(arguments[0]).run();
    }

    private void run() throws Exception {
        firstLoad();
        visitor.signIn();
        List<String> signInPage = List.of("/signin");
        List<String> bench = List.of("/");
        List<String> others = List.of("/isolation", "/isolation/hand-overs", "/limits", "/shop");
        List<String> jobs = new ArrayList<>();
        for (int job = 1_001; job <= 1_200; job++) {
            for (String stage :
                    List.of("arrive", "assess", "open", "fit", "wayback", "prove", "calibrate", "handback")) {
                jobs.add("/jobs/" + job + "/" + stage);
            }
        }
        // Warm everything before anything is measured.
        visitor.measure(bench, REQUESTS / 2, CONNECTIONS);
        visitor.measure(jobs, REQUESTS, CONNECTIONS);
        visitor.measure(others, REQUESTS / 2, CONNECTIONS);
        visitor.measure(signInPage, REQUESTS / 2, CONNECTIONS);
        double base = visitor.measure(signInPage, REQUESTS, CONNECTIONS);
        report("sign-in page", base, base);
        report("bench", visitor.measure(bench, REQUESTS, CONNECTIONS), base);
        report("job pages", visitor.measure(jobs, REQUESTS, CONNECTIONS), base);
        report("store, limits", visitor.measure(others, REQUESTS, CONNECTIONS), base);
    }

    private static void report(String name, double p95Ms, double baseMs) {
        System.out.printf(
                "%-13s p95 %6.1f ms, %4.2f × the sign-in page (aim: at most %.0f ×)%n",
                name, p95Ms, p95Ms / baseMs, AIM_RATIO);
    }

    /** Everything a first visit loads, as it travels. */
    private void firstLoad() throws IOException, InterruptedException {
        HttpResponse<byte[]> page = visitor.load("/signin");
        String html = new String(unzipped(page), StandardCharsets.UTF_8);
        int bytes = page.body().length;
        Matcher assets = ASSET.matcher(html);
        List<String> seen = new ArrayList<>();
        while (assets.find()) {
            if (!seen.contains(assets.group(1))) {
                seen.add(assets.group(1));
                bytes += visitor.load(assets.group(1)).body().length;
            }
        }
        System.out.printf(
                "First load: %.1f kB compressed in %d files (aim: at most %d kB)%n",
                bytes / 1000.0, seen.size() + 1, AIM_BYTES / 1000);
    }

    private static byte[] unzipped(HttpResponse<byte[]> response) throws IOException {
        boolean zipped = response.headers()
                .firstValue("content-encoding")
                .filter("gzip"::equals)
                .isPresent();
        if (!zipped) {
            return response.body();
        }
        try (var stream = new java.util.zip.GZIPInputStream(new java.io.ByteArrayInputStream(response.body()))) {
            return stream.readAllBytes();
        }
    }
}
