package glowkettle.job.assess;

import glowkettle.arrive.Symptom;
import glowkettle.assess.HazardReadings.Hand;
import glowkettle.finding.Finding;
import glowkettle.finding.RuleId;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a hand may say instead of an instrument, of a device without a symptom, smell, damage or warmth. Whatever is not
 * plainly so is measured. Source: handbook, Assess, Quick readings.
 */
public enum QuickReading {
    COOL("warmth-taken", "coolAsTheTable", "as cool as the table, both sides", Hand::coolAsTheTable),
    CLOSED("seam-taken", "seamClosed", "seam closed all round, a nail does not catch", Hand::seamClosed),
    FLAT("thickness-taken", "liesFlat", "lies flat on the plate, rocks on neither side", Hand::liesFlat);

    /** Short runs and sudden ends tell of wear; these tell of what a hand could miss. */
    private static final Set<Symptom> MEASURED =
            EnumSet.of(Symptom.HOT, Symptom.LIFTING, Symptom.NO_CLICK, Symptom.SMELL, Symptom.WET, Symptom.DROPPED);

    private final String kind;
    private final String field;
    private final String words;
    private final Function<Hand, Boolean> said;

    QuickReading(String kind, String field, String words, Function<Hand, Boolean> said) {
        this.kind = kind;
        this.field = field;
        this.words = words;
        this.said = said;
    }

    /** The one that a hand may say instead of a kind of entry; empty where that is always measured. */
    public static Optional<QuickReading> inPlaceOf(String kind) {
        return Stream.of(values()).filter(one -> one.kind.equals(kind)).findFirst();
    }

    public boolean wasSaidOf(JobFile job) {
        return job.state()
                .all(AssessEntry.FeltByHand.class)
                .anyMatch(felt -> Boolean.TRUE.equals(said.apply(felt.hand())));
    }

    /** What was felt of the pack that came, and not measured since; empty where nothing was. */
    public static Optional<String> saidOf(JobFile job) {
        String said = Stream.of(values())
                .filter(one -> one.wasSaidOf(job) && !one.wasMeasured(job))
                .map(QuickReading::words)
                .collect(Collectors.joining("; "));
        return said.isEmpty() ? Optional.empty() : Optional.of(said);
    }

    private boolean wasMeasured(JobFile job) {
        return switch (this) {
            case COOL ->
                job.state()
                        .all(AssessEntry.WarmthTaken.class)
                        .anyMatch(taken -> taken.warmth().surfaceC() != null);
            case CLOSED -> job.state().latest(AssessEntry.SeamTaken.class).isPresent();
            case FLAT -> job.state().latest(AssessEntry.ThicknessTaken.class).isPresent();
        };
    }

    /** The name of what it answers. */
    public String field() {
        return field;
    }

    public String words() {
        return words;
    }

    static String words(Hand hand) {
        return said(hand).map(one -> one.words).collect(Collectors.joining("; "));
    }

    private static Stream<QuickReading> said(Hand hand) {
        return Stream.of(values()).filter(one -> Boolean.TRUE.equals(one.said.apply(hand)));
    }

    static Optional<Refusal> refuse(JobFile job, AssessEntry.FeltByHand felt) {
        if (said(felt.hand()).findAny().isEmpty()) {
            return Admission.no("hand.coolAsTheTable", "Say what is plainly so; whatever is not is measured.");
        }
        if (Boolean.TRUE.equals(felt.hand().coolAsTheTable())
                && felt.ambientC() == null
                && job.lastAmbientC() == null) {
            return Admission.no("ambientC", "As cool as the table, in which air? Read the shop's thermometer, in °C.");
        }
        return whyNot(job).map(why -> new Refusal("", why));
    }

    /** Why this device is measured; empty where a hand is enough. */
    public static Optional<String> whyNot(JobFile job) {
        return Arriving.of(job).symptoms().stream()
                .filter(MEASURED::contains)
                .findFirst()
                .map(symptom ->
                        "The owner says that it %s: take the figure, a hand is not enough.".formatted(symptom.words()))
                .or(() -> job.tier().findings().stream()
                        .filter(finding -> finding.ruleId().sort() != RuleId.Sort.MISSING)
                        .findFirst()
                        .map(Finding::sentence)
                        .map(sentence -> "Take the figure, a hand is not enough: " + sentence));
    }
}
