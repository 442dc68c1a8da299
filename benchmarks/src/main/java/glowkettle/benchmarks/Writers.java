package glowkettle.benchmarks;

import java.io.IOException;
import java.io.Writer;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * People who write in journals while the house falls down around them: a form is sent again, with its id, until it has been
 * taken. Every taken form is a line of the file; a line in the file and no entry in the journal would be a broken promise.
 * Goes on until it is ended.
 */
public final class Writers {
    private static final int WRITERS = 6;
    private static final int ENTRIES_PER_JOB = 40;
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final Duration BETWEEN_TRIES = Duration.ofMillis(200);
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");
    private static final Pattern JOB = Pattern.compile("/jobs/(\\d+)");
    private static final Pattern SEEN = Pattern.compile("name=\"seen\"[^>]*value=\"(\\d+)\"");

    private final String address;
    private final Writer taken;

    private Writers(String address, Writer taken) {
        this.address = address;
        this.taken = taken;
    }

    public static void main(String[] arguments) throws Exception {
        try (Writer taken = Files.newBufferedWriter(Path.of(arguments[1]));
                ExecutorService hands = Executors.newFixedThreadPool(WRITERS)) {
            Writers writers = new Writers(arguments[0], taken);
            for (int i = 0; i < WRITERS; i++) {
                hands.submit(writers::write);
            }
            hands.awaitTermination(1, TimeUnit.DAYS);
        }
    }

    private synchronized void note(String form) throws IOException {
        taken.write(form + "\n");
        taken.flush();
    }

    private void write() {
        HttpClient client = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .connectTimeout(PATIENCE)
                .cookieHandler(new CookieManager())
                .build();
        try {
            String token = signIn(client);
            while (true) {
                long job = open(client, token);
                // What was learnt of the model's steps is written by the product when a job is opened.
                long first = Long.parseLong(found(client, "/jobs/" + job + "/open", SEEN));
                for (long seq = first; seq < first + ENTRIES_PER_JOB; seq++) {
                    send(
                            client,
                            "/jobs/" + job + "/open/noted",
                            Map.of("seen", String.valueOf(seq), "note", "note " + seq),
                            token);
                }
            }
        } catch (IOException | InterruptedException | IllegalStateException e) {
            e.printStackTrace();
            System.exit(1);
        }
    }

    private long open(HttpClient client, String token) throws IOException, InterruptedException {
        String location = send(
                client,
                "/jobs/new",
                Map.of("modelId", "gannet-14", "owner", "Harbour office", "openedBefore", "NO"),
                token);
        Matcher job = JOB.matcher(location);
        if (!job.find()) {
            throw new IOException("A new job answered with " + location);
        }
        return Long.parseLong(job.group(1));
    }

    /** Sends one form until it has been taken; where the answer was lost, the form's id makes the next try harmless. */
    private String send(HttpClient client, String path, Map<String, String> fields, String token)
            throws IOException, InterruptedException {
        String form = UUID.randomUUID().toString();
        String body = fields.entrySet().stream()
                        .map(field -> field.getKey() + "=" + encoded(field.getValue()))
                        .collect(Collectors.joining("&"))
                + "&formId=" + form + "&_csrf=" + encoded(token);
        while (true) {
            try {
                HttpResponse<String> answer = post(client, path, body);
                if (answer.statusCode() == 302 && !location(answer).contains("/signin")) {
                    note(form);
                    return location(answer);
                }
                if (answer.statusCode() == 409 || answer.statusCode() == 422) {
                    throw new IllegalStateException(path + " was refused: " + answer.body());
                }
            } catch (IOException gone) {
                // The application is down; the form waits.
            }
            LockSupport.parkNanos(BETWEEN_TRIES.toNanos());
        }
    }

    private String signIn(HttpClient client) throws IOException, InterruptedException {
        post(client, "/signin", "username=technician&password=quayside&_csrf=" + encoded(token(client, "/signin")));
        return token(client, "/keys");
    }

    private String token(HttpClient client, String path) throws IOException, InterruptedException {
        return found(client, path, TOKEN);
    }

    /** Looks at a page until it answers. */
    private String found(HttpClient client, String path, Pattern wanted) throws InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .timeout(PATIENCE)
                .build();
        while (true) {
            try {
                HttpResponse<String> page = client.send(request, HttpResponse.BodyHandlers.ofString());
                Matcher found = wanted.matcher(page.body());
                if (found.find()) {
                    return found.group(1);
                }
                if (page.statusCode() == 200) {
                    throw new IllegalStateException(path + " does not show " + wanted);
                }
            } catch (IOException gone) {
                // The application is down; the page waits.
            }
            LockSupport.parkNanos(BETWEEN_TRIES.toNanos());
        }
    }

    private HttpResponse<String> post(HttpClient client, String path, String body)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(PATIENCE)
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static String location(HttpResponse<String> answer) {
        return answer.headers().firstValue("location").orElse("");
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
