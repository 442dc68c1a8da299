package glowkettle.job.wayback;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.FreeChapter;
import glowkettle.job.free.Freeing;
import glowkettle.job.join.JoinChapter;
import glowkettle.job.join.Joining;
import glowkettle.job.open.Opening;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.open.WayBack;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The device closed again. */
public final class WayBackChapter implements Chapter<WayBackEntry> {
    public static final Stage STAGE = new Stage("Way back", "wayback");

    private static final List<Kind<? extends WayBackEntry>> KINDS = List.of(
            Kind.of("press-begun", WayBackEntry.PressBegun.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "live-check-chosen",
                    WayBackEntry.LiveCheckChosen.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of("step-back", WayBackEntry.StepBack.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE),
            Kind.of("fasteners-back", WayBackEntry.FastenersBack.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<WayBackEntry> entries() {
        return WayBackEntry.class;
    }

    @Override
    public List<Kind<? extends WayBackEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(WayBackEntry entry, JobFile job) {
        return switch (entry) {
            case WayBackEntry.StepBack step ->
                "Back: " + backwards(step.step(), job)
                        + (step.bonding() == null
                                ? ""
                                : ", with " + step.bonding().words());
            case WayBackEntry.PressBegun begun -> "Pressed: " + Phrases.step(begun.step(), job);
            case WayBackEntry.LiveCheckChosen chosen ->
                chosen.last() ? "Live check after closing" : "Live check before closing";
            case WayBackEntry.FastenersBack back ->
                "Back in: "
                        + back.placements().stream()
                                .map(placement -> placement.fastener().equals(placement.hole())
                                        ? placement.hole()
                                        : placement.fastener() + " in the hole of " + placement.hole())
                                .collect(Collectors.joining(", "));
        };
    }

    @Override
    public Optional<Told> tells(WayBackEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case WayBackEntry.StepBack ignored -> Optional.of(new Told.ClosedUp());
            case WayBackEntry.FastenersBack ignored -> Optional.empty();
            case WayBackEntry.PressBegun ignored -> Optional.empty();
            case WayBackEntry.LiveCheckChosen ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, WayBackEntry entry, Author author, Instant now) {
        return switch (entry) {
            case WayBackEntry.StepBack step -> WayBackAdmission.stepBack(job, step, now);
            case WayBackEntry.PressBegun begun -> WayBackAdmission.press(job, begun.step());
            case WayBackEntry.LiveCheckChosen chosen -> WayBackAdmission.liveCheck(job, chosen.last());
            case WayBackEntry.FastenersBack back -> WayBackAdmission.fastenersBack(job, back);
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        ClosingUp closing = ClosingUp.of(job);
        return closing.nextStepBack()
                .map(step -> Joining.of(job).isOwedAt(step.id())
                        ? NextThing.of(JoinChapter.STAGE, "Solder the leads, one at a time")
                        : NextThing.of(STAGE, step.label()));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        Opening opening = Opening.of(job);
        boolean sparkIsNext = opening.nextStep().isEmpty() && Fitting.of(job).packChosen();
        List<Call> calls = new ArrayList<>();
        Freeing.of(job)
                .ignition()
                .filter(lock -> sparkIsNext && lock.holds(job.now()))
                .ifPresent(lock -> calls.add(new Call(
                        job.now(), Attention.WATCH, "solvent is wet where a spark is next", FreeChapter.STAGE, false)));
        ClosingUp.of(job)
                .nextStepBack()
                .flatMap(step -> ClosingUp.of(job).pressedUntil(step))
                .ifPresent(until -> calls.add(new Call(until, Attention.WORK, "pressed long enough", STAGE, true)));
        return calls;
    }

    /** As the way back says it; as the way in does where it has no such step any more. */
    private static String backwards(String step, JobFile job) {
        return ClosingUp.of(job).wayBack().result().steps().stream()
                .filter(back -> back.id().equals(step))
                .map(WayBack.Step::label)
                .findFirst()
                .orElseGet(() -> Phrases.step(step, job));
    }
}
