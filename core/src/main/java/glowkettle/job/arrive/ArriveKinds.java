package glowkettle.job.arrive;

import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Traits;
import java.time.temporal.ChronoUnit;
import java.util.List;

/** Every kind of entry that may be written at the counter, each with all that is decided of it. */
final class ArriveKinds {
    static final List<Kind<? extends ArriveEntry>> ALL = List.of(
            Kind.of(
                            "job-opened",
                            ArriveEntry.JobOpened.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.HARMLESS,
                            Firmness.OPENING)
                    .says((opened, job) -> "Job opened for " + opened.customer().owner() + ": "
                            + job.model().identity().name())
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("promised", ArriveEntry.Promised.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(promised -> "Promised for " + promised.promise().truncatedTo(ChronoUnit.MINUTES)
                            + (promised.reason() == null ? "" : ": " + promised.reason()))
                    .tellsNothing()
                    .admits((job, promised, author, now) -> ArriveAdmission.promised(promised, now)),
            Kind.of(
                            "pressure-held",
                            ArriveEntry.PressureHeld.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.KINDLES,
                            Firmness.LOOSE)
                    .says(held -> "Pressure hold: " + held.held().verdict().words()
                            + (held.held().leakMlPerMin() == null
                                    ? ""
                                    : ", " + Phrases.figure(held.held().leakMlPerMin(), "mL/min")))
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("quoted", ArriveEntry.Quoted.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(quoted -> "Quoted: %s, %s"
                            .formatted(
                                    Phrases.figure(quoted.request().labourMinutes(), "min"),
                                    packs(quoted.request().offers().size())))
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("quote-answered", ArriveEntry.QuoteAnswered.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(answered -> answered.accepted()
                            ? "Quote accepted" + (answered.offer() == null ? "" : ": " + answered.offer())
                            : "Quote declined")
                    .tellsNothing()
                    .admits((job, answered) -> ArriveAdmission.answered(job, answered)),
            Kind.of(
                            "model-named",
                            ArriveEntry.ModelNamed.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.HARMLESS,
                            Firmness.MODEL)
                    .says((named, job) -> "It is a " + job.model().identity().name() + " (" + named.modelId() + ")")
                    .tellsNothing()
                    .admitsAny());

    private ArriveKinds() {}

    private static String packs(int count) {
        return switch (count) {
            case 0 -> "no pack";
            case 1 -> "one pack";
            default -> count + " packs to choose from";
        };
    }
}
