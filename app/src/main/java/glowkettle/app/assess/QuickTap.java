package glowkettle.app.assess;

import glowkettle.job.JobFile;
import glowkettle.job.assess.QuickReading;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A tap by which a hand says what an instrument would.
 *
 * @param field what the tap answers
 * @param air whether the air belongs to it
 * @param airC the air as it was read last; null where it has to be read now
 */
public record QuickTap(
        String field, String words, boolean air, @Nullable BigDecimal airC) {
    static @Nullable QuickTap of(JobFile job, NextReading asking, @Nullable BigDecimal airC) {
        QuickReading quick = QuickReading.inPlaceOf(asking.form()).orElse(null);
        return quick == null || QuickReading.whyNot(job).isPresent()
                ? null
                : new QuickTap(quick.field(), quick.words(), quick == QuickReading.COOL, airC);
    }
}
