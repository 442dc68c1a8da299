package glowkettle.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Eight connections against a full shop: every page beside a bare one of the same size, by turns, so that a machine that
 * slows down slows both.
 */
public final class PageLoad {
    private static final int CONNECTIONS = 8;
    private static final int ROUNDS = 5;
    private static final int WARM = 500;
    private static final int REQUESTS = 320;
    private static final int FIRST_JOB = 1_001;
    private static final int JOBS = 200;
    private static final double MEDIAN = 0.5;
    private static final double MOST = 0.95;
    private static final double AIM_TIME = 3;
    private static final double AIM_THROUGHPUT = 0.2;
    private static final int AIM_BYTES = 200_000;
    private static final Pattern ASSET = Pattern.compile("(?:href|src)=\"(/assets/[^\"]+)\"");

    private final String address;
    private final String bareAddress;

    private PageLoad(String address, String bareAddress) {
        this.address = address;
        this.bareAddress = bareAddress;
    }

    /** The address of the application, that of the bare page, and the pages to measure; all of them where none is named. */
    public static void main(String[] arguments) throws Exception {
        List<String> named = List.of(arguments).subList(2, arguments.length);
        Map<String, List<String>> pages = pages();
        pages.keySet().removeIf(page -> !named.isEmpty() && !named.contains(page));
        new PageLoad(arguments[0], arguments[1]).run(pages);
    }

    private static Map<String, List<String>> pages() {
        Map<String, List<String>> pages = new LinkedHashMap<>();
        for (String path : List.of(
                "/signin",
                "/",
                "/isolation",
                "/isolation/hand-overs",
                "/library",
                "/library/gannet-14",
                "/limits",
                "/shop",
                "/keys",
                "/evacuate")) {
            pages.put(path, List.of(path));
        }
        for (String page : List.of(
                "arrive",
                "assess",
                "open",
                "free",
                "fit",
                "wayback",
                "prove",
                "calibrate",
                "handback",
                "journal",
                "labels")) {
            pages.put(
                    page,
                    IntStream.range(FIRST_JOB, FIRST_JOB + JOBS)
                            .mapToObj(job -> "/jobs/" + job + "/" + page)
                            .toList());
        }
        return pages;
    }

    private void run(Map<String, List<String>> pages) throws IOException, InterruptedException, ExecutionException {
        firstLoad(new Visitor(address));
        System.out.printf(
                "%d connections, a session each, %d × %d requests a page beside as many of a bare one (aims: p95 at most %.0f ×,"
                        + " throughput at least %.2f ×)%n",
                CONNECTIONS, ROUNDS, REQUESTS, AIM_TIME, AIM_THROUGHPUT);
        System.out.printf(
                "%-22s %7s | %7s %7s %6s | %7s %7s %6s | %-18s %-18s%n",
                "page", "kB", "bare 50", "95", "/s", "p50 ms", "p95 ms", "/s", "p95 × (spread)", "through. (spread)");
        try (Crew crew = Crew.of(CONNECTIONS, address).signIn();
                Crew bare = Crew.of(CONNECTIONS, bareAddress)) {
            bare.ask(List.of("/"), WARM);
            for (List<String> paths : pages.values()) {
                crew.ask(paths, WARM);
            }
            for (Map.Entry<String, List<String>> page : pages.entrySet()) {
                compare(page.getKey(), page.getValue(), crew, bare);
            }
        }
    }

    private static void compare(String name, List<String> paths, Crew crew, Crew bare)
            throws IOException, InterruptedException, ExecutionException {
        int bytes = 0;
        for (String path : paths.subList(0, Math.min(paths.size(), CONNECTIONS))) {
            bytes += Visitor.unzipped(crew.first().load(path)).length / Math.min(paths.size(), CONNECTIONS);
        }
        List<String> same = List.of("/?bytes=" + bytes);
        bare.ask(same, REQUESTS);
        crew.ask(paths, REQUESTS);
        List<Crew.Taken> plain = new ArrayList<>();
        List<Crew.Taken> taken = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            plain.add(bare.ask(same, REQUESTS));
            taken.add(crew.ask(paths, REQUESTS));
        }
        List<Double> times = IntStream.range(0, ROUNDS)
                .mapToObj(round ->
                        taken.get(round).within(MOST) / plain.get(round).within(MOST))
                .sorted()
                .toList();
        List<Double> throughputs = IntStream.range(0, ROUNDS)
                .mapToObj(
                        round -> taken.get(round).perSecond() / plain.get(round).perSecond())
                .sorted()
                .toList();
        System.out.printf(
                "%-22s %7.1f | %7.1f %7.1f %6.0f | %7.1f %7.1f %6.0f | %5.2f (%.2f–%.2f)%s %5.2f (%.2f–%.2f)%s%n",
                name,
                bytes / 1000.0,
                middle(plain.stream().map(one -> one.within(MEDIAN)).toList()),
                middle(plain.stream().map(one -> one.within(MOST)).toList()),
                middle(plain.stream().map(Crew.Taken::perSecond).toList()),
                middle(taken.stream().map(one -> one.within(MEDIAN)).toList()),
                middle(taken.stream().map(one -> one.within(MOST)).toList()),
                middle(taken.stream().map(Crew.Taken::perSecond).toList()),
                middle(times),
                times.getFirst(),
                times.getLast(),
                middle(times) <= AIM_TIME ? " " : "!",
                middle(throughputs),
                throughputs.getFirst(),
                throughputs.getLast(),
                middle(throughputs) >= AIM_THROUGHPUT ? " " : "!");
    }

    static double middle(List<Double> values) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        return sorted.get(sorted.size() / 2);
    }

    /** Everything a first visit loads, as it travels. */
    private static void firstLoad(Visitor visitor) throws IOException, InterruptedException {
        int bytes = visitor.load("/signin").body().length;
        Matcher assets = ASSET.matcher(visitor.text("/signin"));
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
}
