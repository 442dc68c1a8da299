package glowkettle.job.fit;

import glowkettle.assess.MissingReading;
import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Result;
import glowkettle.finding.RuleId;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import java.util.Optional;

/**
 * A new pack that shows next to nothing at its plug, looks and measures sound, and can be read nowhere else: its board may sleep.
 * It goes in Guarded, until it wakes on the charger. Source: handbook, Fit.
 */
final class Asleep {
    private Asleep() {}

    /** Somebody said so of the pack that was looked at last. */
    static boolean isSaid(JobState state) {
        long seen = seq(state.latestRecorded(FitEntry.NewPackSeen.class));
        long offered = seq(state.latestRecorded(FitEntry.PackOffered.class));
        return seq(state.latestRecorded(FitEntry.PackAsleep.class)) > Math.max(seen, offered);
    }

    private static long seq(Optional<Recorded> recorded) {
        return recorded.map(Recorded::seq).orElse(0L);
    }

    /** Nothing was found of it, and nothing is missing but the voltage that its plug does not show. */
    static boolean isAllThatIsMissing(Result<TierVerdict> judged) {
        return judged.result().tier() == Tier.GUARDED
                && judged.findings().stream()
                        .allMatch(finding -> finding.ruleId().sort() == RuleId.Sort.MISSING
                                && MissingReading.of(finding)
                                        .filter(MissingReading.RESTED_VOLTAGE::equals)
                                        .isPresent());
    }

    static Optional<Refusal> refuse(JobFile job) {
        return job.state()
                                .latest(FitEntry.NewPackSeen.class)
                                .filter(seen -> seen.voltage().restedCellV() != null)
                                .isPresent()
                        && job.unpacked().filter(Asleep::isAllThatIsMissing).isPresent()
                ? Optional.empty()
                : Admission.no(
                        "",
                        "Only a pack whose plug shows next to nothing, and that looks and measures sound, is taken for asleep.");
    }
}
