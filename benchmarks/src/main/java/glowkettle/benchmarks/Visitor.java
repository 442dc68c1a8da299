package glowkettle.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;

/** Somebody with a session of their own, over one connection. */
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

    /** As it travels: compressed where the server does so. */
    HttpResponse<byte[]> load(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Accept-Encoding", "gzip")
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IOException("%s answered %s".formatted(path, answer.statusCode()));
        }
        return answer;
    }

    String text(String path) throws IOException, InterruptedException {
        return new String(unzipped(load(path)), StandardCharsets.UTF_8);
    }

    /** Sends a form; the answer is not followed anywhere. */
    HttpResponse<String> post(String path, Map<String, String> fields) throws IOException, InterruptedException {
        String body = fields.entrySet().stream()
                .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** What the forms of a page are sent with. */
    String token(String path) throws IOException, InterruptedException {
        Matcher token = TOKEN.matcher(text(path));
        if (!token.find()) {
            throw new IOException(path + " has no form");
        }
        return token.group(1);
    }

    Visitor signIn() throws IOException, InterruptedException {
        post("/signin", Map.of("username", "technician", "password", "quayside", "_csrf", token("/signin")));
        return this;
    }

    static byte[] unzipped(HttpResponse<byte[]> answer) throws IOException {
        if (answer.headers()
                .firstValue("content-encoding")
                .filter("gzip"::equals)
                .isEmpty()) {
            return answer.body();
        }
        try (var stream = new GZIPInputStream(new ByteArrayInputStream(answer.body()))) {
            return stream.readAllBytes();
        }
    }
}
