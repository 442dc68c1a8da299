package glowkettle.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Visitors who ask for pages at the same time, each over a connection of their own. */
final class Crew implements AutoCloseable {
    private final List<Visitor> visitors;
    private final ExecutorService hands;

    private Crew(List<Visitor> visitors) {
        this.visitors = visitors;
        hands = Executors.newFixedThreadPool(visitors.size());
    }

    static Crew of(int visitors, String address) {
        List<Visitor> crew = new ArrayList<>();
        for (int i = 0; i < visitors; i++) {
            crew.add(new Visitor(address));
        }
        return new Crew(crew);
    }

    Crew signIn() throws IOException, InterruptedException {
        for (Visitor visitor : visitors) {
            visitor.signIn();
        }
        return this;
    }

    Visitor first() {
        return visitors.getFirst();
    }

    /** Asks for pages in turn and says how long each took, in ms from the shortest up, and how many came a second. */
    Taken ask(List<String> paths, int requests) throws InterruptedException, ExecutionException {
        double[] millis = new double[requests];
        List<Future<?>> futures = new ArrayList<>();
        long begun = System.nanoTime();
        for (int hand = 0; hand < visitors.size(); hand++) {
            Visitor visitor = visitors.get(hand);
            int first = hand;
            futures.add(hands.submit(() -> {
                for (int i = first; i < requests; i += visitors.size()) {
                    long start = System.nanoTime();
                    visitor.load(paths.get(i % paths.size()));
                    millis[i] = (System.nanoTime() - start) / 1e6;
                }
                return null;
            }));
        }
        for (Future<?> future : futures) {
            future.get();
        }
        double seconds = (System.nanoTime() - begun) / 1e9;
        Arrays.sort(millis);
        return new Taken(millis, requests / seconds);
    }

    /** How long each request took, from the shortest up, and how many were answered a second. */
    record Taken(double[] millis, double perSecond) {
        double within(double share) {
            return millis[(int) Math.ceil(millis.length * share) - 1];
        }
    }

    @Override
    public void close() {
        hands.shutdown();
    }
}
