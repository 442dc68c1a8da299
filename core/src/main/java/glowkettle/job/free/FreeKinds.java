package glowkettle.job.free;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.finding.Figures;
import glowkettle.free.Bending;
import glowkettle.heat.Refit;
import glowkettle.job.Admission;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.assess.Assessing;
import glowkettle.library.Lead;
import glowkettle.library.Operation;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Every kind of entry that may be written at Free, each with all that is decided of it. */
final class FreeKinds {
    static final List<Kind<? extends FreeEntry>> ALL = List.of(
            Kind.of("sand-ready", FreeEntry.SandReady.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says("Sand in reach, exit clear")
                    .tellsNothing()
                    .admits((job, ignored) -> Assessing.unlessHalted(job)),
            Kind.of(
                            "heat-started",
                            FreeEntry.HeatStarted.class,
                            Traits.TAPPED,
                            Spark.KINDLES,
                            Firmness.DONE_TO_THE_PACK)
                    .says((started, job) -> "Heat on, %s: %s, air %s"
                            .formatted(
                                    place(started.bond(), job),
                                    started.setting().words(),
                                    Figures.withUnit(started.ambientC(), "°C")))
                    .tells(started -> new Told.HeatOn(started.bond()))
                    .admits((job, started, author, now) -> HeatAdmission.heat(job, started, now)),
            // What makes it safer is always taken, halted or not.
            Kind.of(
                            "heat-stopped",
                            FreeEntry.HeatStopped.class,
                            Traits.TAPPED.byAnybody(),
                            Spark.HARMLESS,
                            Firmness.DONE_TO_THE_PACK)
                    .says((stopped, job) -> "Heat off, " + place(stopped.bond(), job))
                    .tells(stopped -> new Told.HeatOff(stopped.bond()))
                    .admits((job, stopped) ->
                            Warming.of(job).heatings(stopped.bond()).isOn()
                                    ? Optional.empty()
                                    : Admission.no("bond", "Nothing is being heated there.")),
            Kind.of(
                            "heat-read",
                            FreeEntry.HeatRead.class,
                            Traits.TAPPED.reading().byAnybody(),
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(read -> "Read, %s: %s%s"
                            .formatted(
                                    read.spot().words(),
                                    Figures.withUnit(read.temperatureC(), "°C"),
                                    read.predictedC() == null
                                            ? ""
                                            : "; the curve said " + Figures.withUnit(read.predictedC(), "°C")))
                    .tells(read -> read.spot() == Refit.Spot.CELL
                            ? new Told.Heated(read.temperatureC(), read.predictedC())
                            : new Told.Elsewhere())
                    .admits((job, read, author, now) ->
                            Warming.of(job).heatings(read.bond()).isWarm(now)
                                    ? Optional.empty()
                                    : Admission.no(
                                            "bond", "Nothing was heated there lately; take the reading at Assess.")),
            Kind.of("strip-drawn", FreeEntry.StripDrawn.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(drawn -> drawn.whole()
                            ? "Strip %s drawn whole".formatted(Figures.of(drawn.strip()))
                            : "Strip %s broke after %s"
                                    .formatted(
                                            Figures.of(drawn.strip()),
                                            drawn.brokeAtMm() == null
                                                    ? "an unknown length"
                                                    : Figures.withUnit(drawn.brokeAtMm(), "mm")))
                    .tellsNothing()
                    .admits((job, drawn) -> FreeAdmission.strip(job, drawn)),
            Kind.of("prised", FreeEntry.Prised.class, Traits.TAPPED, Spark.HARMLESS, Firmness.DONE_TO_THE_PACK)
                    .says((prised, job) -> "Tried, %s: %s, effort %s"
                            .formatted(
                                    place(prised.bond(), job),
                                    prised.way().words(),
                                    prised.effort().words()))
                    .tellsNothing()
                    .admits((job, prised, author, now) -> FreeAdmission.prised(job, prised, now)),
            Kind.of(
                            "bent",
                            FreeEntry.Bent.class,
                            Traits.TAPPED.reading().byAnybody(),
                            Spark.HARMLESS,
                            Firmness.DONE_TO_THE_PACK)
                    .says(bent -> "Pack bent: %s, %s over %s%s"
                            .formatted(
                                    bent.bend().shape().words(),
                                    Figures.withUnit(bent.bend().bentMm(), "mm"),
                                    Figures.withUnit(bent.bend().overMm(), "mm"),
                                    Boolean.TRUE.equals(bent.bend().creased()) ? ", creased" : ""))
                    .tells(bent -> new Told.Seen(Told.Whose.OLD, bent(bent)))
                    .admitsAny(),
            Kind.of(
                            "solvent-applied",
                            FreeEntry.SolventApplied.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.DONE_TO_THE_PACK)
                    .says((applied, job) -> "Solvent, %s: %s, %s"
                            .formatted(
                                    place(applied.bond(), job),
                                    applied.solvent().words(),
                                    applied.lies().words()))
                    .tellsNothing()
                    .admits((job, applied) -> SolventAdmission.solvent(job, applied)),
            Kind.of(
                            "solvent-uncovered",
                            FreeEntry.SolventUncovered.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says("The wetted place lies open")
                    .tellsNothing()
                    .admits((job, ignored) -> Dissolving.of(job)
                                    .ignition()
                                    .filter(lock -> lock.dryAt() == null)
                                    .isPresent()
                            ? Optional.empty()
                            : Admission.no("", "No solvent is covered.")),
            Kind.of("leads-found", FreeEntry.LeadsFound.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says((ignored, job) -> "Leads found: "
                            + Optional.ofNullable(job.model().housing().leads()).stream()
                                    .flatMap(leads -> leads.leads().stream())
                                    .map(Lead::pad)
                                    .collect(Collectors.joining(", ")))
                    .tellsNothing()
                    .admits((job, ignored) -> FoundAdmission.leads(job)),
            Kind.of("rim-found", FreeEntry.RimFound.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(rim -> "Rim found: %s of %s, %s"
                            .formatted(
                                    rim.lid().words(),
                                    Figures.withUnit(rim.lidMm(), "mm"),
                                    rim.adhesive().words()))
                    .tellsNothing()
                    .admits((job, rim) -> FoundAdmission.rim(job, rim)),
            Kind.of("bed-found", FreeEntry.BedFound.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(bed -> "Under the pack: "
                            + (bed.strips() == null ? "" : Figures.of(bed.strips()) + " ")
                            + bed.adhesive().words())
                    .tellsNothing()
                    .admits((job, bed) -> FoundAdmission.bed(job, bed)),
            Kind.of("not-glued", FreeEntry.NotGlued.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says((not, job) -> "Nothing glued: "
                            + job.operation(not.bond()).map(Operation::label).orElse(not.bond()))
                    .tellsNothing()
                    .admits((job, not) -> FoundAdmission.notGlued(job, not)),
            Kind.of("leads-noted", FreeEntry.LeadsNoted.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(noted -> "Leads noted: "
                            + noted.leads().stream()
                                    .map(lead -> lead.lead() + " is " + lead.colour()
                                            + (lead.routing() == null ? "" : ", runs " + lead.routing()))
                                    .collect(Collectors.joining("; ")))
                    .tellsNothing()
                    .admits((job, noted) -> LeadAdmission.noted(job, noted)),
            Kind.of(
                            "lead-school-chosen",
                            FreeEntry.LeadSchoolChosen.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(chosen -> "Leads: " + chosen.school().words())
                    .tellsNothing()
                    .admits((job, ignored) -> LeadAdmission.leadSchool(job)),
            // An iron, or a cutter that may bridge two leads of a charged pack.
            Kind.of(
                            "conductor-freed",
                            FreeEntry.ConductorFreed.class,
                            Traits.TAPPED,
                            Spark.KINDLES,
                            Firmness.DONE_TO_THE_PACK)
                    .says(freed -> "Off: " + freed.lead())
                    .tellsNothing()
                    .admits((job, freed, author, now) -> LeadAdmission.freed(job, freed, now)),
            Kind.of(
                            "conductor-covered",
                            FreeEntry.ConductorCovered.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(covered -> "Both ends covered: " + covered.lead())
                    .tellsNothing()
                    .admits((job, covered) -> Parting.of(job)
                                    .bareConductor()
                                    .filter(covered.lead()::equals)
                                    .isPresent()
                            ? Optional.empty()
                            : Admission.no("lead", "'%s' is not bare.".formatted(covered.lead()))));

    private FreeKinds() {}

    /** A crease counts as torn; anything else by the strain of its face. */
    private static Look bent(FreeEntry.Bent bent) {
        boolean creased = Boolean.TRUE.equals(bent.bend().creased());
        return new Look(
                null,
                null,
                null,
                creased ? true : null,
                null,
                null,
                null,
                new HazardReadings.Damage(null, Bending.strainPercent(bent.bend())));
    }

    private static String place(String bond, JobFile job) {
        return job.model().anatomy().bondOf(bond).map(found -> found.place()).orElse(bond);
    }
}
