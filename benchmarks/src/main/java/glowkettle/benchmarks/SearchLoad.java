package glowkettle.benchmarks;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** One person who looks for jobs among a hundred thousand: by serial, by owner, by model, with and without errors. */
public final class SearchLoad {
    private static final int REQUESTS = 800;
    private static final double MOST = 0.95;
    private static final double AIM_MS = 50;

    private SearchLoad() {}

    public static void main(String[] arguments) throws Exception {
        try (Crew alone = Crew.of(1, arguments[0]).signIn()) {
            run(alone);
        }
    }

    private static void run(Crew alone) throws Exception {
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
        report(alone, "sign-in page", List.of("/signin"));
        report(alone, "as written", paths(found));
        report(alone, "mistyped", paths(mistyped));
    }

    private static List<String> paths(List<String> texts) {
        return texts.stream()
                .map(text -> "/?find=" + URLEncoder.encode(text, StandardCharsets.UTF_8))
                .toList();
    }

    private static void report(Crew alone, String name, List<String> paths) throws Exception {
        alone.ask(paths, REQUESTS / 2);
        System.out.printf(
                "%-13s p95 %6.1f ms, one after another (aim for a search: at most %.0f ms)%n",
                name, alone.ask(paths, REQUESTS).within(MOST), AIM_MS);
    }
}
