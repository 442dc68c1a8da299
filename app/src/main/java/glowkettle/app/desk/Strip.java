package glowkettle.app.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glowkettle.app.bench.BenchMapper.BenchClock;
import glowkettle.app.format.Words;
import java.util.List;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Dangers and clocks of the strip. They stand on every page and are drawn once for everybody who sees the same of them. */
@Component
class Strip {
    private static final int MOST_KEPT = 100;

    private final ITemplateEngine templates;
    private final Cache<Shown, String> drawn =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    Strip(ITemplateEngine templates) {
        this.templates = templates;
    }

    /** A clock as it stands there. */
    public record Ticket(
            String path, String at, String key, String what, int rank, String away, String when, boolean over) {
        private static Ticket of(BenchClock clock, Words words) {
            return new Ticket(
                    clock.path(),
                    clock.at().toString(),
                    clock.key(),
                    clock.what(),
                    clock.rank(),
                    words.distance(clock.at()),
                    words.brief(clock.at()),
                    words.over(clock.at()));
        }
    }

    private record Shown(List<Ticket> dangers, List<Ticket> clocks) {}

    String html(List<BenchClock> dangers, List<BenchClock> clocks, Words words) {
        return drawn.get(new Shown(tickets(dangers, words), tickets(clocks, words)), this::draw);
    }

    private static List<Ticket> tickets(List<BenchClock> clocks, Words words) {
        return clocks.stream().map(clock -> Ticket.of(clock, words)).toList();
    }

    private String draw(Shown shown) {
        Context context = new Context();
        context.setVariable("dangers", shown.dangers());
        context.setVariable("clocks", shown.clocks());
        return templates.process("strip", context);
    }
}
