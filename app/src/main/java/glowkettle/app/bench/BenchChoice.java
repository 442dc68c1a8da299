package glowkettle.app.bench;

import glowkettle.assess.Tier;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which jobs somebody wants to see on the bench. It is kept on the device, as {@code stage.tier} with nothing where any will
 * do; what calls as a danger stands in the strip whatever was chosen.
 */
record BenchChoice(@Nullable String stage, @Nullable Tier tier) {
    static final BenchChoice ALL = new BenchChoice(null, null);

    /** As it was kept; whatever it names that there is not any more is no choice. */
    static BenchChoice kept(String text) {
        String[] parts = text.split("\\.", -1);
        return parts.length == 2 ? new BenchChoice(stage(parts[0]), tier(parts[1])) : ALL;
    }

    /** With what an address asks for instead; null asks for nothing, and an empty text for any. */
    BenchChoice with(@Nullable String askedStage, @Nullable String askedTier) {
        return new BenchChoice(
                askedStage == null ? stage : stage(askedStage), askedTier == null ? tier : tier(askedTier));
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

    boolean isAll() {
        return stage == null && tier == null;
    }

    boolean takes(BenchMapper.Count count) {
        return (stage == null || stage.equals(count.stage())) && (tier == null || tier == count.tier());
    }

    String text() {
        return (stage == null ? "" : stage) + "." + (tier == null ? "" : tier.name());
    }
}
