package glowkettle.app.bench;

import glowkettle.assess.Tier;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which jobs somebody wants to see on the bench. It is kept on the device, as {@code stage.tier.place.mine} with nothing
 * where any will do; what calls as a danger stands in the strip whatever was chosen.
 *
 * @param place where something of the job lies or what it holds, as the bench's list names it
 * @param mine only those whose last entry is mine
 */
record BenchChoice(
        @Nullable String stage,
        @Nullable Tier tier,
        @Nullable String place,
        boolean mine) {
    static final BenchChoice ALL = new BenchChoice(null, null, null, false);
    private static final String MINE = "mine";

    /** What an address asks for; null asks for nothing, and an empty text for any. */
    record Asked(
            @Nullable String stage,
            @Nullable String tier,
            @Nullable String place,
            @Nullable String mine) {}

    /** As it was kept; whatever it names that there is not any more is no choice. */
    static BenchChoice kept(String text) {
        String[] parts = text.split("\\.", -1);
        return parts.length == 4
                ? new BenchChoice(stage(parts[0]), tier(parts[1]), place(parts[2]), MINE.equals(parts[3]))
                : ALL;
    }

    BenchChoice with(Asked asked) {
        return new BenchChoice(
                asked.stage() == null ? stage : stage(asked.stage()),
                asked.tier() == null ? tier : tier(asked.tier()),
                asked.place() == null || asked.place().length() > 40 ? place : named(asked.place()),
                asked.mine() == null ? mine : MINE.equals(asked.mine()));
    }

    private static @Nullable String stage(String path) {
        Optional<Stage> known = OrderOfWork.CHAPTERS.stage(path);
        return known.map(Stage::path).orElse(null);
    }

    private static @Nullable Tier tier(String name) {
        return Arrays.stream(Tier.values())
                .filter(tier -> tier.name().equals(name))
                .findFirst()
                .orElse(null);
    }

    private static @Nullable String place(String encoded) {
        try {
            return named(URLDecoder.decode(encoded, StandardCharsets.UTF_8));
        } catch (IllegalArgumentException unreadable) {
            return null;
        }
    }

    private static @Nullable String named(String place) {
        return place.isEmpty() ? null : place;
    }

    boolean isAll() {
        return equals(ALL);
    }

    /** What of the list's own counts it takes; where something lies and whose it is are not counted there. */
    boolean takes(BenchMapper.Count count) {
        return (stage == null || stage.equals(count.stage())) && (tier == null || tier == count.tier());
    }

    String text() {
        return String.join(
                ".",
                stage == null ? "" : stage,
                tier == null ? "" : tier.name(),
                place == null
                        ? ""
                        : URLEncoder.encode(place, StandardCharsets.UTF_8).replace(".", "%2E"),
                mine ? MINE : "");
    }
}
