package glowkettle.benchmarks;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Eight connections against a full shop: the bench and the pages of jobs, as ratios to the sign-in page. */
public final class PageLoad {
    private static final int CONNECTIONS = 8;
    private static final int REQUESTS = 1_600;
    private static final double AIM_RATIO = 4;
    private static final int AIM_BYTES = 200_000;
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");
    private static final Pattern ASSET = Pattern.compile("(?:href|src)=\"(/assets/[^\"]+)\"");

    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .cookieHandler(new CookieManager())
            .build();
    private final String address;

    private PageLoad(String address) {
        this.address = address;
    }

    public static void main(String[] arguments) throws Exception {
        new PageLoad(arguments[0]).run();
    }

    private void run() throws Exception {
        firstLoad();
        signIn();
        List<String> signInPage = List.of("/signin");
        List<String> bench = List.of("/");
        List<String> jobs = new ArrayList<>();
        for (int job = 1_001; job <= 1_200; job++) {
            for (String stage : List.of("assess", "open", "fit", "wayback", "prove", "calibrate", "handback")) {
                jobs.add("/jobs/" + job + "/" + stage);
            }
        }
        // Warm everything before anything is measured.
        measure(bench, REQUESTS / 2);
        measure(jobs, REQUESTS);
        measure(signInPage, REQUESTS / 2);
        double base = measure(signInPage, REQUESTS);
        report("sign-in page", base, base);
        report("bench", measure(bench, REQUESTS), base);
        report("job pages", measure(jobs, REQUESTS), base);
    }

    private static void report(String name, double p95Ms, double baseMs) {
        System.out.printf(
                "%-13s p95 %6.1f ms, %4.2f × the sign-in page (aim: at most %.0f ×)%n",
                name, p95Ms, p95Ms / baseMs, AIM_RATIO);
    }

    private double measure(List<String> paths, int requests) throws InterruptedException, ExecutionException {
        double[] millis = new double[requests];
        try (ExecutorService hands = Executors.newFixedThreadPool(CONNECTIONS)) {
            List<Future<?>> futures = new ArrayList<>();
            for (int hand = 0; hand < CONNECTIONS; hand++) {
                int first = hand;
                futures.add(hands.submit(() -> {
                    for (int i = first; i < requests; i += CONNECTIONS) {
                        long start = System.nanoTime();
                        get(paths.get(i % paths.size()));
                        millis[i] = (System.nanoTime() - start) / 1e6;
                    }
                    return null;
                }));
            }
            for (Future<?> future : futures) {
                future.get();
            }
        }
        Arrays.sort(millis);
        return millis[(int) Math.ceil(requests * 0.95) - 1];
    }

    /** Everything a first visit loads, as it travels. */
    private void firstLoad() throws IOException, InterruptedException {
        HttpResponse<byte[]> page = load("/signin");
        String html = new String(unzipped(page), StandardCharsets.UTF_8);
        int bytes = page.body().length;
        Matcher assets = ASSET.matcher(html);
        List<String> seen = new ArrayList<>();
        while (assets.find()) {
            if (!seen.contains(assets.group(1))) {
                seen.add(assets.group(1));
                bytes += load(assets.group(1)).body().length;
            }
        }
        System.out.printf(
                "First load: %.1f kB compressed in %d files (aim: at most %d kB)%n",
                bytes / 1000.0, seen.size() + 1, AIM_BYTES / 1000);
    }

    private HttpResponse<byte[]> load(String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Accept-Encoding", "gzip")
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
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

    private String get(String path) throws IOException, InterruptedException {
        HttpResponse<String> response = client.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IOException("%s answered %s".formatted(path, response.statusCode()));
        }
        return response.body();
    }

    private void signIn() throws IOException, InterruptedException {
        Matcher token = TOKEN.matcher(get("/signin"));
        if (!token.find()) {
            throw new IOException("The sign-in page has no token");
        }
        String form = "username=technician&password=quayside&_csrf="
                + URLEncoder.encode(token.group(1), StandardCharsets.UTF_8);
        client.send(
                HttpRequest.newBuilder(URI.create(address + "/signin"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
    }
}
