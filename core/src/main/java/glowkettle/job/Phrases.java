package glowkettle.job;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.finding.Figures;
import glowkettle.library.Operation;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Parts of the sentences in which a journal is read. */
public final class Phrases {
    private Phrases() {}

    public static String figure(@Nullable BigDecimal value, String unit) {
        return value == null ? "not taken" : Figures.withUnit(value, unit);
    }

    public static String figures(List<BigDecimal> values, String unit) {
        return values.isEmpty()
                ? "not taken"
                : values.stream().map(Figures::of).collect(Collectors.joining(" · ")) + " " + unit;
    }

    /** A step by its label, or by its id where the model has no such step any more. */
    public static String step(String id, JobFile job) {
        return job.operation(id).map(Operation::label).orElse(id.replace('-', ' '));
    }

    public static String lower(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    public static String seen(Look look) {
        List<String> seen = new ArrayList<>();
        add(seen, look.flameSmokeHissJet(), "flame, smoke or hiss");
        add(seen, look.visiblePillow(), "pillow");
        add(seen, look.pushedOutOfPlace(), "something pushed out of place");
        add(seen, look.piercedTornCreased(), "pierced or torn");
        add(seen, look.dentedBentDropped(), "dented, bent or dropped");
        add(seen, look.leakOrSolventSmell(), "leak or solvent smell");
        if (look.wet() != null && look.wet() != Wet.NO) {
            seen.add(lower(look.wet()) + " wet");
        }
        return seen.isEmpty() ? "nothing found" : String.join(", ", seen);
    }

    private static void add(List<String> seen, @Nullable Boolean yes, String words) {
        if (Boolean.TRUE.equals(yes)) {
            seen.add(words);
        }
    }
}
