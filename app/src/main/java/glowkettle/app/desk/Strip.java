package glowkettle.app.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glowkettle.app.bench.BenchMapper.BenchClock;
import glowkettle.app.format.Words;
import glowkettle.job.Danger;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/**
 * Dangers and clocks of the strip. They stand on every page and are drawn once for everybody who sees the same of them. The
 * worst danger stands whole, those like it are one line, all others a number; it never covers the work.
 */
@Component
class Strip {
    private static final int MOST_KEPT = 100;
    /** So many jobs are named in the line of those alike. */
    private static final int MOST_NAMED = 6;

    private final ITemplateEngine templates;
    private final Cache<Shown, String> drawn =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    Strip(ITemplateEngine templates) {
        this.templates = templates;
    }

    /** A clock as it stands there. */
    public record Ticket(BenchClock clock, String away, String when, boolean over) {
        private static Ticket of(BenchClock clock, Words words) {
            return new Ticket(clock, words.distance(clock.at()), words.brief(clock.at()), words.over(clock.at()));
        }

        private @Nullable Integer danger() {
            return clock.danger();
        }
    }

    /**
     * Dangers after the worst.
     *
     * @param alike in words with their jobs, empty where there are none of one kind
     * @param more so many others
     */
    public record Rest(String alike, List<Ticket> jobs, int more) {
        private static @Nullable Rest of(List<Ticket> dangers) {
            if (dangers.size() < 2) {
                return null;
            }
            Ticket next = dangers.get(1);
            List<Ticket> alike = dangers.stream()
                    .skip(1)
                    .filter(one -> Objects.equals(one.danger(), next.danger()))
                    .limit(MOST_NAMED)
                    .toList();
            boolean asTheWorst =
                    Objects.equals(next.danger(), dangers.getFirst().danger());
            String said = next.danger() == null
                    ? next.clock().what()
                    : "%s%s %s:"
                            .formatted(
                                    alike.size(),
                                    asTheWorst ? " more" : "",
                                    Danger.values()[next.danger() - 1].several());
            return new Rest(said, alike, dangers.size() - 1 - alike.size());
        }
    }

    private record Shown(List<Ticket> dangers, List<Ticket> here, List<Ticket> clocks) {}

    /** @param here dangers of the job whose page it stands on; they stand on the page itself, and sound here */
    String html(List<BenchClock> dangers, List<BenchClock> here, List<BenchClock> clocks, Words words) {
        return drawn.get(new Shown(tickets(dangers, words), tickets(here, words), tickets(clocks, words)), this::draw);
    }

    private static List<Ticket> tickets(List<BenchClock> clocks, Words words) {
        return clocks.stream().map(clock -> Ticket.of(clock, words)).toList();
    }

    private String draw(Shown shown) {
        Context context = new Context();
        context.setVariable("dangers", shown.dangers());
        context.setVariable("here", shown.here());
        context.setVariable("rest", Rest.of(shown.dangers()));
        context.setVariable("clocks", shown.clocks());
        return templates.process("strip", context);
    }
}
