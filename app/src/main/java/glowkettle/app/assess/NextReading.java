package glowkettle.app.assess;

import glowkettle.arrive.Symptom;
import glowkettle.assess.MissingReading;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.open.Opening;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Which form of the page is opened first, and why.
 *
 * @param form the kind of entry its form makes, or empty when nothing is missing
 * @param field the figure that is asked for, where digits go that are typed at no field; empty where it is the first
 */
public record NextReading(String form, String field, String sentence, String because) {
    /** What a complaint of danger asks for before the usual order; the most urgent first. */
    private static final Map<Symptom, String> FIRST =
            ordered(Symptom.HOT, "warmth-taken", Symptom.LIFTING, "seam-taken", Symptom.NO_CLICK, "seam-taken");
    /** What a complaint of wear asks for when nothing that safety needs is missing. */
    private static final Map<Symptom, String> THEN = ordered(
            Symptom.WILL_NOT_CHARGE,
            "voltage-taken",
            Symptom.ONLY_PLUGGED_IN,
            "voltage-taken",
            Symptom.SUDDEN_SHUT_DOWN,
            "gauge-read",
            Symptom.SHORT_RUNTIME,
            "gauge-read");

    static NextReading of(JobFile job) {
        List<Missing> missing = job.tier().findings().stream()
                .flatMap(finding ->
                        MissingReading.of(finding).map(reading -> new Missing(reading, finding.sentence())).stream())
                .toList();
        // Looking and smelling costs nothing and touches nothing, so it stays first; then the symptom chooses.
        if (missing.stream().anyMatch(one -> one.reading() == MissingReading.LOOK_AND_SMELL)) {
            return usual(missing);
        }
        Set<String> wanted = missing.stream().map(one -> form(one.reading())).collect(Collectors.toSet());
        return because(job, FIRST, wanted::contains)
                .or(() -> missing.isEmpty() ? Optional.empty() : Optional.of(usual(missing)))
                .or(() -> because(job, THEN, form -> !taken(job, form) && !givesWay(form, job)))
                .orElseGet(() -> gauge(job));
    }

    private record Missing(MissingReading reading, String sentence) {}

    private static NextReading usual(List<Missing> missing) {
        return missing.stream()
                .min(Comparator.comparing(Missing::reading))
                .map(one -> new NextReading(form(one.reading()), field(one.reading()), one.sentence(), ""))
                .orElseThrow();
    }

    private static Optional<NextReading> because(JobFile job, Map<Symptom, String> asks, Predicate<String> open) {
        return asks.entrySet().stream()
                .filter(ask -> Arriving.of(job).symptoms().contains(ask.getKey()) && open.test(ask.getValue()))
                .findFirst()
                .map(ask -> new NextReading(
                        ask.getValue(),
                        "",
                        ask.getKey().asksFor(),
                        "because the owner says: " + ask.getKey().words()));
    }

    private static boolean taken(JobFile job, String form) {
        return form.equals("gauge-read")
                ? Assessing.of(job).gauge(Moment.BEFORE).isPresent()
                : job.state().latest(AssessEntry.VoltageTaken.class).isPresent();
    }

    private static Map<Symptom, String> ordered(Object... pairs) {
        Map<Symptom, String> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((Symptom) pairs[i], (String) pairs[i + 1]);
        }
        return map;
    }

    private static String form(MissingReading reading) {
        return switch (reading) {
            case LOOK_AND_SMELL -> "looked";
            case SURFACE, AMBIENT, REST, CELL -> "warmth-taken";
            case SEAM -> "seam-taken";
            case THICKNESS -> "thickness-taken";
            case RESTED_VOLTAGE, CHARGE_LIMIT, VOLTAGE_DROP -> "voltage-taken";
        };
    }

    private static String field(MissingReading reading) {
        return switch (reading) {
            case SURFACE -> "warmth.surfaceC";
            case AMBIENT -> "warmth.ambientC";
            case RESTED_VOLTAGE, VOLTAGE_DROP -> "voltage.restedCellV";
            case CHARGE_LIMIT -> "voltage.chargeLimitV";
            case THICKNESS -> "thickness.middleThicknessMm";
            case LOOK_AND_SMELL, REST, SEAM, CELL -> "";
        };
    }

    /** A gauge is read where there is one; the charge must be known of every pack that is to be prised. */
    private static boolean givesWay(String form, JobFile job) {
        PackHealth health = PackHealth.of(job);
        return form.equals("gauge-read")
                && (health.waitsForRunDown() || Opening.of(job).runDownUndecided());
    }

    private static NextReading gauge(JobFile job) {
        return Assessing.of(job).gauge(Moment.BEFORE).isPresent() || givesWay("gauge-read", job)
                ? new NextReading("", "", "Every reading for this point of the job is there.", "")
                : new NextReading(
                        "gauge-read",
                        "",
                        "Read the gauge, so that there are figures from before.",
                        "nobody can say afterwards what was not measured before");
    }
}
