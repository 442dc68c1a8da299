package glowkettle.app.support;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Requests without a browser: a form or a body is sent as it is, whatever a page would have allowed. */
public final class Requests {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");

    private final String address;
    private final HttpClient client;
    private @Nullable String token;
    private Map<String, String> more = Map.of();

    private Requests(String address, HttpClient client) {
        this.address = address;
        this.client = client;
    }

    private Requests(Kettle kettle) {
        this(
                kettle.address(),
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build());
    }

    /** The same session, with another token in its forms. */
    public Requests withToken(String other) {
        Requests requests = new Requests(address, client);
        requests.token = other;
        return requests;
    }

    public static Requests signedOut(Kettle kettle) {
        return new Requests(kettle);
    }

    /** The same, as a proxy on this machine passes it on. */
    public Requests behind(String scheme, String host) {
        more = Map.of("X-Forwarded-Proto", scheme, "X-Forwarded-Host", host, "X-Forwarded-For", "192.0.2.7");
        return this;
    }

    /** The same session, with one more header in every request. */
    public Requests with(String header, String value) {
        Requests requests = withToken(String.valueOf(token));
        requests.more = Map.of(header, value);
        return requests;
    }

    public static Requests as(Kettle kettle, String account) {
        return as(kettle, account, "quayside");
    }

    public static Requests as(Kettle kettle, String account, String password) {
        Requests requests = new Requests(kettle);
        requests.get("/signin");
        requests.post("/signin", Map.of("username", account, "password", password));
        requests.get("/keys");
        return requests;
    }

    /** An answer in short. */
    public record Answer(int status, String body, Map<String, String> headers) {
        public String location() {
            return headers.getOrDefault("location", "");
        }
    }

    public Answer get(String path) {
        Answer answer = send(HttpRequest.newBuilder(URI.create(address + path)));
        Matcher matcher = TOKEN.matcher(answer.body());
        if (matcher.find()) {
            token = matcher.group(1);
        }
        return answer;
    }

    public HttpResponse<byte[]> bytes(String path) throws IOException {
        try {
            return client.send(
                    HttpRequest.newBuilder(URI.create(address + path)).build(),
                    HttpResponse.BodyHandlers.ofByteArray());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The head of an answer, without waiting for the end of it: some answers have none. */
    public Answer glance(String path) {
        try {
            HttpResponse<java.io.InputStream> response = client.send(
                    HttpRequest.newBuilder(URI.create(address + path)).build(),
                    HttpResponse.BodyHandlers.ofInputStream());
            response.body().close();
            return new Answer(response.statusCode(), "", headers(response));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** An answer that goes on, line by line, until it ends or nobody reads it any more. */
    public java.io.BufferedReader lines(String path) {
        try {
            HttpResponse<java.io.InputStream> response = client.send(
                    HttpRequest.newBuilder(URI.create(address + path)).build(),
                    HttpResponse.BodyHandlers.ofInputStream());
            return new java.io.BufferedReader(new java.io.InputStreamReader(response.body(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A form with a file. */
    public Answer upload(String path, Map<String, String> fields, byte[] file) {
        String boundary = "kettle-" + UUID.randomUUID();
        Map<String, String> all = new java.util.LinkedHashMap<>(fields);
        all.put("_csrf", String.valueOf(token));
        String head = all.entrySet().stream()
                        .map(field -> "--%s\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n"
                                .formatted(boundary, field.getKey(), field.getValue()))
                        .collect(Collectors.joining())
                + "--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"f\"\r\n\r\n".formatted(boundary);
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.concat(
                        HttpRequest.BodyPublishers.ofString(head),
                        HttpRequest.BodyPublishers.ofByteArray(file),
                        HttpRequest.BodyPublishers.ofString("\r\n--" + boundary + "--\r\n"))));
    }

    /** A form with the token of the last page seen. */
    public Answer post(String path, Map<String, String> fields) {
        String own = token == null ? "" : "&_csrf=" + encoded(token);
        return form(path, fields, own);
    }

    /** A form as it stands, for fields that come more than once. */
    public Answer postAll(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(
                        body.replace("[", "%5B").replace("]", "%5D") + "&_csrf=" + encoded(String.valueOf(token)))));
    }

    public Answer postWithoutToken(String path, Map<String, String> fields) {
        return form(path, fields, "");
    }

    private Answer form(String path, Map<String, String> fields, String more) {
        String body = fields.entrySet().stream()
                .map(field -> encoded(field.getKey()) + "=" + encoded(field.getValue()))
                .collect(Collectors.joining("&"));
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body + more)));
    }

    /** A body for a calculator, with the demo technician's name and password. */
    public Answer ask(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Authorization", basic("technician", "quayside"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public Answer askAs(String name, String password, String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Authorization", basic(name, password))
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public Answer askByToken(String token, String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Authorization", "Bearer " + token)
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public Answer method(String method, String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Authorization", basic("technician", "quayside"))
                .method(method, HttpRequest.BodyPublishers.noBody()));
    }

    public static String formId() {
        return UUID.randomUUID().toString();
    }

    private static String basic(String name, String password) {
        return "Basic " + Base64.getEncoder().encodeToString((name + ":" + password).getBytes(StandardCharsets.UTF_8));
    }

    private Answer send(HttpRequest.Builder request) {
        more.forEach(request::header);
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body(), headers(response));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static Map<String, String> headers(HttpResponse<?> response) {
        return response.headers().map().entrySet().stream()
                .collect(Collectors.toMap(
                        entry -> entry.getKey().toLowerCase(java.util.Locale.ROOT),
                        entry -> entry.getValue().getFirst(),
                        (a, b) -> a));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
