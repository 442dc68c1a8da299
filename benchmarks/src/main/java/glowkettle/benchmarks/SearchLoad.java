package glowkettle.benchmarks;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** One person who looks for jobs among a hundred thousand: by serial, by owner, by model, with and without errors. */
public final class SearchLoad {
    private static final int REQUESTS = 800;
    private static final double AIM_MS = 50;

    private SearchLoad() {}

    public static void main(String[] arguments) throws Exception {
        Visitor visitor = new Visitor(arguments[0]);
        visitor.signIn();
        List<String> found = List.of(
                "qx-55433",
                "kittiwake room 17",
                "gannet",
                "ticket hall",
                "17",
                "room 399 fulmar",
                "purser",
                "tern fold",
                "ca");
        List<String> mistyped = List.of("qx-5543x", "kitiwake", "gannte", "fulamr room 12", "tikcet hall", "zzzzzz");
        report(visitor, "sign-in page", List.of("/signin"));
        report(visitor, "as written", paths(found));
        report(visitor, "mistyped", paths(mistyped));
    }

    private static List<String> paths(List<String> texts) {
        return texts.stream()
                .map(text -> "/?find=" + URLEncoder.encode(text, StandardCharsets.UTF_8))
                .toList();
    }

    private static void report(Visitor visitor, String name, List<String> paths) throws Exception {
        visitor.measure(paths, REQUESTS / 2, 1);
        System.out.printf(
                "%-13s p95 %6.1f ms, one after another (aim for a search: at most %.0f ms)%n",
                name, visitor.measure(paths, REQUESTS, 1), AIM_MS);
    }
}
