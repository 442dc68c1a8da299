package glowkettle.job.open;

import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Whether what was found in a device nobody described may be put on its map now: where hands stand, and on the face. */
final class ChartAdmission {
    private static final int MOST_SCREWS = 60;
    /** With two more of one entry the plan can still be proven. */
    private static final int MOST_STEPS = 60;

    private ChartAdmission() {}

    static Optional<Refusal> screws(JobFile job, OpenEntry.ScrewsFound found) {
        return atHand(job, found.step(), "step")
                .or(() -> found.screws().isEmpty() || found.screws().size() > MOST_SCREWS
                        ? Admission.no(
                                "screws",
                                "%s screws are on the map; accepted are 1 to %s at a time."
                                        .formatted(found.screws().size(), MOST_SCREWS))
                        : Optional.empty())
                .or(() -> sameFace(job, found.face()))
                .or(() -> found.screws().stream()
                        .filter(screw -> screw.xMm().compareTo(found.face().widthMm()) > 0
                                || screw.yMm().compareTo(found.face().heightMm()) > 0)
                        .findFirst()
                        .map(screw -> new Refusal(
                                "screws",
                                "A screw at %s from the left and %s from the top lies off a face of %s by %s."
                                        .formatted(
                                                Figures.withUnit(screw.xMm(), "mm"),
                                                Figures.withUnit(screw.yMm(), "mm"),
                                                Figures.withUnit(found.face().widthMm(), "mm"),
                                                Figures.withUnit(found.face().heightMm(), "mm")))));
    }

    /** A face is one size, whoever draws on it. */
    private static Optional<Refusal> sameFace(JobFile job, OpenEntry.FoundFace face) {
        return job.model()
                .anatomy()
                .faceOf(face.side())
                .filter(known -> !isSized(known, face))
                .map(known -> new Refusal(
                        "face.widthMm",
                        "This face was drawn %s by %s before; take that, or take what was drawn back first."
                                .formatted(
                                        Figures.withUnit(known.widthMm(), "mm"),
                                        Figures.withUnit(known.heightMm(), "mm"))));
    }

    private static boolean isSized(FaceMap known, OpenEntry.FoundFace face) {
        return known.widthMm().compareTo(face.widthMm()) == 0
                && known.heightMm().compareTo(face.heightMm()) == 0;
    }

    static Optional<Refusal> step(JobFile job, OpenEntry.StepFound found) {
        return atHand(job, found.before(), "before")
                .or(() -> found.release() != null && found.thing() != FoundThing.PLUG
                        ? Admission.no(
                                "release",
                                "Only a plug lets go so; this is %s."
                                        .formatted(found.thing().words()))
                        : Optional.empty());
    }

    private static Optional<Refusal> atHand(JobFile job, String step, String field) {
        if (!job.isByFamily()) {
            return Admission.no(field, "This device is described; note what its model does not show.");
        }
        if (job.model().anatomy().operations().size() > MOST_STEPS) {
            return Admission.no(
                    field,
                    "%s steps are in the plan; with more than %s none is proven. Note the rest."
                            .formatted(job.model().anatomy().operations().size(), MOST_STEPS));
        }
        return Opening.of(job)
                        .nextStep()
                        .filter(next -> next.operation().id().equals(step))
                        .isPresent()
                ? Optional.empty()
                : Admission.no(field, "'%s' is not the step at hand.".formatted(step));
    }

    /** How many of each kind: "6 × T5, long, black; 4 × T5, short, black". */
    static String kinds(List<OpenEntry.FoundScrew> screws) {
        Map<String, Long> kinds = screws.stream()
                .map(OpenEntry.FoundScrew::make)
                .map(Fastener.Make::words)
                .collect(Collectors.groupingBy(words -> words, LinkedHashMap::new, Collectors.counting()));
        return kinds.entrySet().stream()
                .map(kind -> kind.getValue() + " × " + kind.getKey())
                .collect(Collectors.joining("; "));
    }
}
