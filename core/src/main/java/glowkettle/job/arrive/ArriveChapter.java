package glowkettle.job.arrive;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.Moment;
import glowkettle.job.NextThing;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/** The counter: the device, the quote, the promise, the photos. */
public final class ArriveChapter implements Chapter<ArriveEntry> {
    public static final Stage STAGE = new Stage("Arrive", "arrive");

    private static final List<Kind<? extends ArriveEntry>> KINDS = List.of(
            Kind.of(
                    "job-opened",
                    ArriveEntry.JobOpened.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.HARMLESS,
                    Firmness.OPENING),
            Kind.of("promised", ArriveEntry.Promised.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "pressure-held",
                    ArriveEntry.PressureHeld.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.KINDLES,
                    Firmness.LOOSE),
            Kind.of("quoted", ArriveEntry.Quoted.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("quote-answered", ArriveEntry.QuoteAnswered.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "model-named",
                    ArriveEntry.ModelNamed.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.HARMLESS,
                    Firmness.MODEL));

    @Override
    public Stage stage() {
        return STAGE;
    }

    /** What is written at the counter is a side matter; whoever quotes wants to see the quote. */
    @Override
    public boolean keepsOnItsPage(Stage next, JobFile job, boolean takenBack) {
        return true;
    }

    @Override
    public Class<ArriveEntry> entries() {
        return ArriveEntry.class;
    }

    @Override
    public List<Kind<? extends ArriveEntry>> kinds() {
        return KINDS;
    }

    /** A device nobody described is called what was typed of it. */
    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return state.latest(ArriveEntry.JobOpened.class)
                .map(opened -> opened.device().modelCode())
                .filter(typed -> model.isFamily() && !typed.isBlank())
                .map(model::called)
                .orElse(model);
    }

    @Override
    public Moment moment(ArriveEntry entry) {
        return entry instanceof ArriveEntry.PressureHeld held ? held.moment() : Moment.BEFORE;
    }

    @Override
    public String words(ArriveEntry entry, JobFile job) {
        return switch (entry) {
            case ArriveEntry.JobOpened opened ->
                "Job opened for " + opened.customer().owner() + ": "
                        + job.model().identity().name();
            case ArriveEntry.Promised promised ->
                "Promised for " + promised.promise().truncatedTo(ChronoUnit.MINUTES)
                        + (promised.reason() == null ? "" : ": " + promised.reason());
            case ArriveEntry.PressureHeld held ->
                "Pressure hold: " + held.held().verdict().words()
                        + (held.held().leakMlPerMin() == null
                                ? ""
                                : ", " + Phrases.figure(held.held().leakMlPerMin(), "mL/min"));
            case ArriveEntry.Quoted quoted ->
                "Quoted: %s, %s packs to choose from"
                        .formatted(
                                Phrases.figure(quoted.request().labourMinutes(), "min"),
                                quoted.request().offers().size());
            case ArriveEntry.QuoteAnswered answered ->
                answered.accepted()
                        ? "Quote accepted" + (answered.offer() == null ? "" : ": " + answered.offer())
                        : "Quote declined";
            case ArriveEntry.ModelNamed named ->
                "It is a " + job.model().identity().name() + " (" + named.modelId() + ")";
        };
    }

    @Override
    public Optional<Told> tells(ArriveEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case ArriveEntry.JobOpened ignored -> Optional.empty();
            case ArriveEntry.Promised ignored -> Optional.empty();
            case ArriveEntry.PressureHeld ignored -> Optional.empty();
            case ArriveEntry.Quoted ignored -> Optional.empty();
            case ArriveEntry.QuoteAnswered ignored -> Optional.empty();
            case ArriveEntry.ModelNamed ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, ArriveEntry entry, Author author, Instant now) {
        return switch (entry) {
            case ArriveEntry.JobOpened ignored -> Optional.empty();
            case ArriveEntry.Promised promised -> ArriveAdmission.promised(promised, now);
            case ArriveEntry.PressureHeld ignored -> Optional.empty();
            case ArriveEntry.Quoted ignored -> Optional.empty();
            case ArriveEntry.QuoteAnswered answered -> ArriveAdmission.answered(job, answered);
            case ArriveEntry.ModelNamed ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        Instant promise = Arriving.of(job).promise();
        return promise == null
                ? List.of()
                : List.of(new Call(
                        promise,
                        Attention.PROMISE,
                        "was promised for now",
                        job.next().stage(),
                        true));
    }
}
