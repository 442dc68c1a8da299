package glowkettle.app.assess;

import glowkettle.finding.Figures;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.QuickReading;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A kind of reading with its newest value.
 *
 * @param id the kind of entry its form makes
 * @param value null when it was not taken
 */
public record TakenReading(String id, String name, @Nullable String value) {
    static List<TakenReading> all(JobFile job) {
        return List.of(
                of(job, "looked", "Look and smell", AssessEntry.Looked.class, TakenReading::look),
                of(job, "warmth-taken", "Temperature", AssessEntry.WarmthTaken.class, TakenReading::warmth),
                of(job, "seam-taken", "Seam and rock", AssessEntry.SeamTaken.class, TakenReading::seam),
                of(
                        job,
                        "thickness-taken",
                        "Thickness in hand",
                        AssessEntry.ThicknessTaken.class,
                        TakenReading::thickness),
                of(job, "voltage-taken", "Rested voltage", AssessEntry.VoltageTaken.class, TakenReading::voltage),
                new TakenReading(
                        "gauge-read",
                        "Gauge",
                        Assessing.of(job)
                                .gauge(Moment.BEFORE)
                                .map(TakenReading::gauge)
                                .orElse(null)));
    }

    private static <E extends Entry> TakenReading of(
            JobFile job, String id, String name, Class<E> kind, Function<E, String> words) {
        Optional<E> latest = job.state().latest(kind);
        return new TakenReading(
                id, name, latest.map(words).or(() -> felt(id, job)).orElse(null));
    }

    /** What a hand said where nothing was measured. */
    private static Optional<String> felt(String id, JobFile job) {
        return QuickReading.inPlaceOf(id)
                .filter(quick -> quick.wasSaidOf(job))
                .map(quick -> "by hand: " + quick.words());
    }

    private static String look(AssessEntry.Looked looked) {
        var look = looked.look();
        long found = Stream.of(
                        look.flameSmokeHissJet(),
                        look.leakOrSolventSmell(),
                        look.visiblePillow(),
                        look.pushedOutOfPlace(),
                        look.piercedTornCreased(),
                        look.dentedBentDropped())
                .filter(Boolean.TRUE::equals)
                .count();
        return found == 0 ? "nothing found" : found + " found";
    }

    private static String warmth(AssessEntry.WarmthTaken taken) {
        return figure(taken.warmth().surfaceC(), "°C") + ", air "
                + figure(taken.warmth().ambientC(), "°C");
    }

    private static String seam(AssessEntry.SeamTaken taken) {
        Boolean rocks = taken.seam().rocks();
        String widest = taken.seam().seamMm().stream()
                .max(Comparator.naturalOrder())
                .map(gap -> "widest " + Figures.withUnit(gap, "mm"))
                .orElse("not gauged");
        return rocks == null ? widest : widest + (rocks ? ", rocks" : ", does not rock");
    }

    private static String thickness(AssessEntry.ThicknessTaken taken) {
        return "middle " + figure(taken.thickness().middleThicknessMm(), "mm");
    }

    private static String voltage(AssessEntry.VoltageTaken taken) {
        return figure(taken.voltage().restedCellV(), "V") + " per cell";
    }

    private static String gauge(AssessEntry.GaugeRead read) {
        return Figures.withUnit(read.reading().fullChargeCapacityMah(), "mAh") + " of "
                + Figures.withUnit(read.reading().designCapacityMah(), "mAh");
    }

    private static String figure(@Nullable BigDecimal value, String unit) {
        return value == null ? "not taken" : Figures.withUnit(value, unit);
    }
}
