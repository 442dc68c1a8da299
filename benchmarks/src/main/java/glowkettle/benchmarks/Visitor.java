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

/** Somebody signed in who asks for pages, over as many connections as are wanted. */
final class Visitor {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");

    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .cookieHandler(new CookieManager())
            .build();
    private final String address;

    Visitor(String address) {
        this.address = address;
    }

    /** The time within which 95 of 100 requests were answered, in ms. */
    double measure(List<String> paths, int requests, int connections) throws InterruptedException, ExecutionException {
        double[] millis = new double[requests];
        try (ExecutorService hands = Executors.newFixedThreadPool(connections)) {
            List<Future<?>> futures = new ArrayList<>();
            for (int hand = 0; hand < connections; hand++) {
                int first = hand;
                futures.add(hands.submit(() -> {
                    for (int i = first; i < requests; i += connections) {
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

    HttpResponse<byte[]> load(String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Accept-Encoding", "gzip")
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
    }

    private String get(String path) throws IOException, InterruptedException {
        HttpResponse<String> response = client.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IOException("%s answered %s".formatted(path, response.statusCode()));
        }
        return response.body();
    }

    void signIn() throws IOException, InterruptedException {
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
