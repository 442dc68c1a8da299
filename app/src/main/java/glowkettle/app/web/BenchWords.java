package glowkettle.app.web;

import glowkettle.finding.Figures;
import glowkettle.journal.FreeEntry;
import glowkettle.journal.JobFile;
import glowkettle.journal.OpenEntry;
import java.util.List;
import java.util.stream.Collectors;

/** Words for what is decided about the plan, and for what is done to a bond or to leads. */
final class BenchWords {
    private BenchWords() {}

    static String of(OpenEntry entry, JobFile job) {
        return switch (entry) {
            case OpenEntry.TargetsChosen chosen -> "To reach: " + labels(chosen.targets(), job);
            case OpenEntry.Reordered ignored -> "Order laid down by hand";
            case OpenEntry.OrderDropped ignored -> "The plan’s own order again";
            case OpenEntry.FoundInstead found ->
                "Found at %s instead: %s, M%s × %s, %s"
                        .formatted(
                                found.fastener(),
                                found.drive(),
                                Figures.of(found.threadMm()),
                                Figures.withUnit(found.lengthMm(), "mm"),
                                found.head());
            case OpenEntry.LabelSeen seen ->
                seen.asOrdered()
                        ? "The old pack's label is as ordered"
                        : "The old pack's label differs: " + seen.difference();
            case OpenEntry.MinutesLearnt learnt ->
                "Minutes of %s steps taken from earlier jobs"
                        .formatted(learnt.steps().size());
            case OpenEntry.OldPackReturns ignored -> "The old pack goes in again";
        };
    }

    static String of(FreeEntry entry, JobFile job) {
        return switch (entry) {
            case FreeEntry.SandReady ignored -> "Sand in reach, exit clear";
            case FreeEntry.HeatStarted started ->
                "Heat on, %s: %s, air %s"
                        .formatted(
                                place(started.bond(), job),
                                started.setting().words(),
                                Figures.withUnit(started.ambientC(), "°C"));
            case FreeEntry.HeatStopped stopped -> "Heat off, " + place(stopped.bond(), job);
            case FreeEntry.HeatRead read ->
                "Read, %s: %s%s"
                        .formatted(
                                read.spot().words(),
                                Figures.withUnit(read.temperatureC(), "°C"),
                                read.predictedC() == null
                                        ? ""
                                        : "; the curve said " + Figures.withUnit(read.predictedC(), "°C"));
            case FreeEntry.StripDrawn drawn ->
                drawn.whole()
                        ? "Strip %s drawn whole".formatted(Figures.of(drawn.strip()))
                        : "Strip %s broke after %s"
                                .formatted(
                                        Figures.of(drawn.strip()),
                                        drawn.brokeAtMm() == null
                                                ? "an unknown length"
                                                : Figures.withUnit(drawn.brokeAtMm(), "mm"));
            case FreeEntry.Prised prised ->
                "Tried, %s: %s, effort %s"
                        .formatted(
                                place(prised.bond(), job),
                                prised.way().words(),
                                prised.effort().words());
            case FreeEntry.Bent bent ->
                "Pack bent: %s, %s over %s%s"
                        .formatted(
                                bent.bend().shape().words(),
                                Figures.withUnit(bent.bend().bentMm(), "mm"),
                                Figures.withUnit(bent.bend().overMm(), "mm"),
                                Boolean.TRUE.equals(bent.bend().creased()) ? ", creased" : "");
            case FreeEntry.SolventApplied applied ->
                "Solvent, %s: %s, %s"
                        .formatted(
                                place(applied.bond(), job),
                                applied.solvent().words(),
                                applied.lies().words());
            case FreeEntry.SolventUncovered ignored -> "The wetted place lies open";
            case FreeEntry.LeadsNoted noted ->
                "Leads noted: "
                        + noted.leads().stream()
                                .map(lead -> lead.lead() + " is " + lead.colour()
                                        + (lead.routing() == null ? "" : ", runs " + lead.routing()))
                                .collect(Collectors.joining("; "));
            case FreeEntry.NewLeadsMeasured measured ->
                "New leads measured: "
                        + measured.leads().stream()
                                .map(lead -> lead.colour() + " " + Figures.withUnit(lead.volts(), "V"))
                                .collect(Collectors.joining("; "));
            case FreeEntry.LeadSchoolChosen chosen ->
                "Leads: " + chosen.school().words();
            case FreeEntry.ConductorFreed freed -> "Off: " + freed.lead();
            case FreeEntry.ConductorCovered covered -> "Both ends covered: " + covered.lead();
        };
    }

    private static String place(String bond, JobFile job) {
        return job.model().bondOf(bond).map(found -> found.place()).orElse(bond);
    }

    private static String labels(List<String> steps, JobFile job) {
        return steps.stream()
                .map(step ->
                        job.operation(step).map(operation -> operation.label()).orElse(step))
                .collect(Collectors.joining(", "));
    }
}
