package glowkettle.job.assess;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.Health;
import glowkettle.assess.Resistance;
import glowkettle.assess.RunDown;
import glowkettle.assess.TimedRun;
import glowkettle.job.Admission;
import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Moment;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Every kind of entry that may be written at Assess, each with all that is decided of it. */
final class AssessKinds {
    static final List<Kind<? extends AssessEntry>> ALL = List.of(
            Kind.of("looked", AssessEntry.Looked.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(looked -> "Looked and smelt: " + Phrases.seen(looked.look()))
                    .tells(seen -> new Told.Seen(Told.Whose.AT_HAND, seen.look()))
                    .admits((job, taken) -> EmptyReading.refuse(taken.look())),
            Kind.of("warmth-taken", AssessEntry.WarmthTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(taken -> "Surface %s, air %s"
                            .formatted(
                                    Phrases.figure(taken.warmth().surfaceC(), "°C"),
                                    Phrases.figure(taken.warmth().ambientC(), "°C")))
                    .tells(taken -> new Told.Felt(Told.Whose.AT_HAND, taken.warmth()))
                    .admits((job, taken, author, now) -> EmptyReading.refuse(taken.warmth())
                            .or(() -> ReadingAdmission.atRest(job, taken.warmth(), now))),
            Kind.of("felt-by-hand", AssessEntry.FeltByHand.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(felt -> "By hand: " + QuickReading.words(felt.hand())
                            + (felt.ambientC() == null ? "" : ", air " + Phrases.figure(felt.ambientC(), "°C")))
                    .tells(felt -> new Told.ByHand(Told.Whose.AT_HAND, felt.hand(), felt.ambientC()))
                    .admits((job, felt) -> QuickReading.refuse(job, felt)),
            Kind.of("seam-taken", AssessEntry.SeamTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(taken -> "Seam %s%s"
                            .formatted(
                                    Phrases.figures(taken.seam().seamMm(), "mm"),
                                    taken.seam().rocks() == null
                                            ? ""
                                            : taken.seam().rocks() ? ", rocks" : ", does not rock"))
                    .tells(taken -> new Told.Gauged(Told.Whose.AT_HAND, taken.seam()))
                    .admits((job, taken) -> EmptyReading.refuse(taken.seam())),
            Kind.of("thickness-taken", AssessEntry.ThicknessTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(taken -> "Thickness: middle %s, corners %s"
                            .formatted(
                                    Phrases.figure(taken.thickness().middleThicknessMm(), "mm"),
                                    Phrases.figures(taken.thickness().cornerThicknessMm(), "mm")))
                    .tells(taken -> new Told.Measured(Told.Whose.AT_HAND, taken.thickness()))
                    .admits((job, taken) -> EmptyReading.refuse(taken.thickness())
                            .or(() -> ReadingAdmission.thickness(job, taken.thickness(), "thickness."))),
            // A meter of ten megohms draws no spark.
            Kind.of("voltage-taken", AssessEntry.VoltageTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(taken -> "Rested " + Phrases.figure(taken.voltage().restedCellV(), "V") + " per cell")
                    .tells(taken -> new Told.Rested(Told.Whose.AT_HAND, taken.voltage()))
                    .admits((job, taken) -> EmptyReading.refuse(taken.voltage())
                            .or(() -> ReadingAdmission.voltage(taken.voltage(), "voltage.", job.limits()))),
            // A reader is plugged onto the pack, or the device is switched on for it.
            Kind.of("gauge-read", AssessEntry.GaugeRead.class, Traits.READ.readFirst(), Spark.KINDLES, Firmness.LOOSE)
                    .says(read -> "Gauge %s: %s of %s"
                            .formatted(
                                    read.moment() == Moment.BEFORE ? "before" : "after",
                                    Phrases.figure(read.reading().fullChargeCapacityMah(), "mAh"),
                                    Phrases.figure(read.reading().designCapacityMah(), "mAh")))
                    .tells(read -> new Told.Cells(
                            read.moment() == Moment.BEFORE ? Told.Whose.OLD : Told.Whose.NEW,
                            read.reading().cellV()))
                    .admits((job, read) -> Admission.answerable(
                                    "reading.", () -> Health.fromGauge(read.reading(), job.limits()))
                            .or(() -> ReadingAdmission.gauge(job, read))),
            Kind.of(
                            "window-counted",
                            AssessEntry.WindowCounted.class,
                            Traits.TYPED.readFirst(),
                            Spark.KINDLES,
                            Firmness.LOOSE)
                    .says(counted -> "Window %s to %s: %s counted"
                            .formatted(
                                    Phrases.figure(counted.window().fullerRestedCellV(), "V"),
                                    Phrases.figure(counted.window().emptierRestedCellV(), "V"),
                                    Phrases.figure(counted.window().chargeCountedAh(), "Ah")))
                    .tellsNothing()
                    .admits((job, counted) -> Admission.answerable(
                            "window.", () -> PackHealth.of(job).window(counted.window()))),
            Kind.of("run-timed", AssessEntry.RunTimed.class, Traits.TYPED.readFirst(), Spark.KINDLES, Firmness.LOOSE)
                    .says(timed -> "Run: running after %s, off after %s"
                            .formatted(
                                    Phrases.figure(timed.run().ran().lastSeenRunningHours(), "h"),
                                    Phrases.figure(timed.run().ran().foundOffHours(), "h")))
                    .tellsNothing()
                    .admits((job, timed) ->
                            Admission.answerable("run.", () -> TimedRun.read(timed.run(), job.limits()))),
            Kind.of(
                            "resistance-measured",
                            AssessEntry.ResistanceMeasured.class,
                            Traits.TYPED.readFirst(),
                            Spark.KINDLES,
                            Firmness.LOOSE)
                    .says(measured -> "Load step %s: %s, then %s"
                            .formatted(
                                    Phrases.figure(measured.step().load().loadA(), "A"),
                                    Phrases.figure(measured.step().load().restV(), "V"),
                                    Phrases.figure(measured.step().load().loadAfter1sV(), "V")))
                    .tells(ignored -> new Told.CurrentPulse(Told.Whose.AT_HAND))
                    .admits((job, measured) ->
                            Admission.answerable("step.", () -> Resistance.of(measured.step(), job.limits()))),
            Kind.by(
                            "run-down-chosen",
                            AssessEntry.RunDownChosen.class,
                            Traits.TAPPED,
                            chosen -> chosen.school() == RunDown.School.RUN_DOWN_FIRST ? Spark.KINDLES : Spark.HARMLESS,
                            entry -> Firmness.LOOSE)
                    .says(chosen -> chosen.school().words() + ", at " + Phrases.figure(chosen.socPercent(), "%"))
                    .tells((chosen, model, limits) -> Optional.of(runDown(chosen, limits)))
                    .admits((job, chosen, author, now) -> AssessAdmission.runDown(job, chosen)
                            .or(() -> AssessAdmission.charge(job, chosen.socPercent(), now))),
            Kind.of("run-down-waived", AssessEntry.RunDownWaived.class, Traits.TAPPED, Spark.HARMLESS, Firmness.A_LEADS)
                    .says(waived -> "A lead lets it be opened at a higher charge: " + waived.reason())
                    .tellsNothing()
                    .admits((job, ignored, author, now) -> AssessAdmission.waived(job, author.role())),
            Kind.of("charge-seen", AssessEntry.ChargeSeen.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE)
                    .says(seen -> "Charge shown: " + Phrases.figure(seen.socPercent(), "%"))
                    .tells((seen, model, limits) -> aboveTarget(seen.socPercent(), limits)
                            ? Optional.empty()
                            : Optional.of(new Told.CurrentOff(Told.Whose.OLD, null)))
                    .admits((job, seen, author, now) -> AssessAdmission.charge(job, seen.socPercent(), now)),
            Kind.of("lead-continued", AssessEntry.LeadContinued.class, Traits.TAPPED, Spark.HARMLESS, Firmness.A_LEADS)
                    .says(lead -> "A lead goes on: " + lead.reason())
                    .tellsNothing()
                    .admits((job, ignored, author, now) -> AssessAdmission.leadContinues(job, author.role())),
            Kind.of(
                            "tier-lowered",
                            AssessEntry.TierLowered.class,
                            Traits.TAPPED.afterSigning(),
                            Spark.HARMLESS,
                            Firmness.A_LEADS)
                    .says(lowered -> "A lead lowers the tier: " + lowered.reason())
                    .tells(ignored -> new Told.Lowered())
                    .admits((job, ignored, author, now) -> AssessAdmission.lowered(job, author.role())),
            Kind.by(
                            "cold-removal-confirmed",
                            AssessEntry.ColdRemovalConfirmed.class,
                            Traits.TAPPED,
                            entry -> Spark.HARMLESS,
                            confirmed -> confirmed.step() == AssessEntry.ColdStep.REMOVER
                                    ? Firmness.A_LEADS
                                    : Firmness.LOOSE)
                    .says(confirmed -> "Cold removal: " + confirmed.step().words()
                            + (confirmed.name() == null ? "" : ": " + confirmed.name()))
                    .tellsNothing()
                    .admits((job, confirmed, author, now) -> AssessAdmission.cold(job, confirmed, author.role())),
            Kind.of(
                            "cold-step-looked",
                            AssessEntry.ColdStepLooked.class,
                            Traits.TAPPED.reading().byAnybody(),
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(looked ->
                            "Cold removal, looked: " + (looked.stops() ? "stop" : "no resistance, no smell, no warmth"))
                    .tells((looked, model, limits) ->
                            looked.smell() ? Optional.of(new Told.Seen(Told.Whose.OLD, Look.SMELLS)) : Optional.empty())
                    .admits((job, ignored) -> Assessing.of(job).isColdRemoval()
                            ? Optional.empty()
                            : Admission.no("", "No cold removal is under way; take the reading at Assess.")),
            Kind.of("rejudged", AssessEntry.Rejudged.class, Traits.TAPPED, Spark.HARMLESS, Firmness.A_LEADS)
                    .says(rejudged -> "Judged by version %s of the shop limits: %s"
                            .formatted(rejudged.limitsVersion(), rejudged.reason()))
                    .tellsNothing()
                    .admits((job, rejudged, author, now) -> AssessAdmission.rejudged(job, rejudged, author.role())),
            Kind.of("evacuated", AssessEntry.Evacuated.class, Traits.TAPPED.byAnybody(), Spark.HARMLESS, Firmness.LOOSE)
                    .says(evacuated -> "Evacuated: " + evacuated.account())
                    .tellsNothing()
                    .admitsAny());

    private AssessKinds() {}

    private static Told runDown(AssessEntry.RunDownChosen chosen, ShopLimits limits) {
        return chosen.school() == RunDown.School.RUN_DOWN_FIRST && aboveTarget(chosen.socPercent(), limits)
                ? new Told.CurrentOn(Told.Whose.OLD, null)
                : new Told.CurrentOff(Told.Whose.OLD, null);
    }

    private static boolean aboveTarget(BigDecimal socPercent, ShopLimits limits) {
        return socPercent.compareTo(limits.of(Limit.RUN_DOWN_TARGET_PERCENT)) > 0;
    }
}
