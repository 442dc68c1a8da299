package glowkettle.limits;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.BiFunction;

/**
 * A sum that costs, with the answers it gave last: asked the same again, by the same limits, it answers at once. Only for
 * sums that are functions of both and of nothing else.
 *
 * @param <Q> what it is asked, compared by its content
 * @param <A> what it answers; never changed by anybody
 */
public final class Remembered<Q, A> {
    /** None where the sums themselves change while they run: ./kettle bench mutants. */
    private static final int MOST_OF_ANY = Integer.getInteger("glow-kettle.remembered", Integer.MAX_VALUE);

    private final BiFunction<Q, ShopLimits, A> sum;
    private final Map<Asked<Q>, FutureTask<A>> answers;

    private record Asked<Q>(Q request, ShopLimits limits) {}

    /** @param most answers kept; of more, those that were asked for longest ago go */
    public Remembered(int most, BiFunction<Q, ShopLimits, A> sum) {
        this.sum = sum;
        this.answers = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Asked<Q>, FutureTask<A>> eldest) {
                return size() > Math.min(most, MOST_OF_ANY);
            }
        };
    }

    /**
     * The answer; whoever asks the same at the same time waits for the first, all others go on.
     *
     * @throws RuntimeException what the sum threw; such an answer is not kept
     */
    public A of(Q request, ShopLimits limits) {
        Asked<Q> asked = new Asked<>(request, limits);
        FutureTask<A> answer;
        synchronized (answers) {
            answer = answers.computeIfAbsent(asked, wanted -> new FutureTask<>(() -> sum.apply(request, limits)));
        }
        answer.run();
        try {
            return answer.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (ExecutionException failed) {
            synchronized (answers) {
                answers.remove(asked, answer);
            }
            switch (failed.getCause()) {
                case RuntimeException refused -> throw refused;
                case Error broken -> throw broken;
                case null, default -> throw new IllegalStateException(failed);
            }
        }
    }
}
