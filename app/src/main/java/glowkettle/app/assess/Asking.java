package glowkettle.app.assess;

import glowkettle.arrive.Symptom;
import glowkettle.finding.Finding;
import glowkettle.journal.Entry;
import glowkettle.journal.JobFile;
import java.util.List;
import java.util.Set;

/**
 * Which form of the page is opened first, and why.
 *
 * @param form the kind of entry its form makes, or empty when nothing is missing
 */
public record Asking(String form, String sentence, String because) {
    private static final List<String> ORDER =
            List.of("missing-look-and-smell", "missing-surface", "missing-ambient", "missing-rest", "missing-seam");
    private static final Set<Symptom> SEAM_FIRST = Set.of(Symptom.LIFTING, Symptom.NO_CLICK);

    static Asking of(JobFile job) {
        Set<Symptom> symptoms = job.opened().symptoms();
        List<Finding> missing = job.tier().findings().stream()
                .filter(finding -> finding.rule().startsWith("missing-"))
                .toList();
        boolean looked = missing.stream().noneMatch(finding -> finding.rule().equals("missing-look-and-smell"));
        // Looking and smelling costs nothing and touches nothing, so it stays first; then the symptom chooses.
        if (looked
                && symptoms.stream().anyMatch(SEAM_FIRST::contains)
                && missing.stream().anyMatch(finding -> finding.rule().equals("missing-seam"))) {
            Symptom symptom =
                    symptoms.stream().filter(SEAM_FIRST::contains).findFirst().orElseThrow();
            return new Asking("seam-taken", symptom.asksFor(), "because the owner says: " + symptom.words());
        }
        return missing.stream()
                .min((a, b) -> Integer.compare(place(a), place(b)))
                .map(finding -> new Asking(form(finding.rule()), finding.sentence(), ""))
                .orElseGet(() -> gauge(job));
    }

    private static int place(Finding finding) {
        int index = ORDER.indexOf(finding.rule());
        return index < 0 ? ORDER.size() : index;
    }

    private static String form(String rule) {
        return switch (rule) {
            case "missing-look-and-smell" -> "looked";
            case "missing-surface", "missing-ambient", "missing-rest" -> "warmth-taken";
            case "missing-seam" -> "seam-taken";
            case "missing-thickness" -> "thickness-taken";
            default -> "voltage-taken";
        };
    }

    private static Asking gauge(JobFile job) {
        return job.gauge(Entry.Moment.BEFORE).isPresent()
                ? new Asking("", "Every reading for this point of the job is there.", "")
                : new Asking(
                        "gauge-read",
                        "Read the gauge, so that there are figures from before.",
                        "nobody can say afterwards what was not measured before");
    }
}
