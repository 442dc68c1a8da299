package glowkettle.job.join;

import glowkettle.finding.Figures;
import glowkettle.join.GaugeData;
import glowkettle.join.LeadFinder;
import glowkettle.join.Splices;
import glowkettle.join.Strip;
import glowkettle.join.WeldLadder;
import glowkettle.limits.ShopLimits;
import java.util.stream.Collectors;

/** What a journal says of the entries of Join. */
final class JoinWords {
    private JoinWords() {}

    static String of(JoinEntry entry, ShopLimits limits) {
        return switch (entry) {
            case JoinEntry.LeadsListed listed ->
                "Leads of the new pack: "
                        + listed.leads().stream().map(JoinWords::lead).collect(Collectors.joining(", "));
            case JoinEntry.LeadMetered metered -> reading(metered.reading());
            case JoinEntry.SplicesPlanned planned -> splices(planned, limits);
            case JoinEntry.LeadSleeved sleeved -> "Sleeve is on the lead for " + sleeved.pad();
            case JoinEntry.LeadSoldered soldered -> "Soldered: " + soldered.pad();
            case JoinEntry.LeadTugged tugged ->
                tugged.held() ? tugged.pad() + " held its pull" : tugged.pad() + " came off when pulled";
            case JoinEntry.JointBegun begun ->
                "Iron on: %s, tag of %s"
                        .formatted(
                                begun.school().words().toLowerCase(java.util.Locale.ROOT),
                                Figures.withUnit(begun.joint().lengthMm(), "mm"));
            case JoinEntry.JointEnded ignored -> "Iron off";
            case JoinEntry.StripRead read -> strip(read.strip());
            case JoinEntry.WelderSet set ->
                "Stack to weld: %s, levels %s to %s"
                        .formatted(Figures.withUnit(set.thicknessMm(), "mm"), set.lowestLevel(), set.highestLevel());
            case JoinEntry.WeldTried tried -> trial(tried.trial());
            case JoinEntry.Welded welded -> "Welds made: " + welded.welds();
            case JoinEntry.TransplantPlanned ignored -> "The controller board goes onto a new cell: both sheets agree";
            case JoinEntry.TransplantStepDone done -> "Done: " + done.step().words();
            case JoinEntry.FoldedMeasured folded ->
                "Folded pack: " + folded.size().words();
            case JoinEntry.BoardMetered metered ->
                "Meter: cell %s, board %s%s"
                        .formatted(
                                Figures.withUnit(metered.cellV(), "V"),
                                Figures.withUnit(metered.boardV(), "V"),
                                metered.boardV().signum() == 0 ? ", latched off" : "");
            case JoinEntry.GaugeReadOut read -> "Gauge reads: " + gauge(read.gauge());
            case JoinEntry.GaugeSilent ignored -> "The gauge does not answer";
            case JoinEntry.GaugeSchoolChosen chosen ->
                "Gauge: " + chosen.school().words();
            case JoinEntry.GaugeWriteBegun begun -> "Gauge is written: " + gauge(begun.gauge());
            case JoinEntry.HelperPackUsed helper ->
                "Pack put in between: %s, %s per cell; %s"
                        .formatted(
                                helper.name(),
                                Figures.withUnit(helper.restedCellV(), "V"),
                                helper.cleared() ? "the message went away" : "the message stayed");
            case JoinEntry.FirstChargeBegun ignored -> "First charge begun, attended";
            case JoinEntry.FirstChargeEnded ignored -> "First charge ended";
        };
    }

    private static String lead(LeadFinder.NewLead lead) {
        return lead.colour() == null ? lead.id() : lead.id() + " " + lead.colour();
    }

    private static String reading(LeadFinder.Reading reading) {
        return "%s–%s, %s: %s"
                .formatted(
                        reading.from(),
                        reading.to(),
                        reading.kind().words(),
                        Figures.withUnit(reading.value(), reading.kind() == LeadFinder.Kind.OHMS ? "Ω" : "V"));
    }

    private static String splices(JoinEntry.SplicesPlanned planned, ShopLimits limits) {
        Splices cut = Splices.of(planned.splices(), limits).result();
        return "Splices under %s: ".formatted(planned.insulation().words())
                + cut.cuts().stream()
                        .map(one ->
                                "%s + %s".formatted(Figures.of(one.deviceMm()), Figures.withUnit(one.packMm(), "mm")))
                        .collect(Collectors.joining(", "));
    }

    private static String strip(Strip.Request strip) {
        return "Strip sold as %s, %s × %s%s"
                .formatted(
                        strip.material().words(),
                        Figures.of(strip.widthMm()),
                        Figures.withUnit(strip.thicknessMm(), "mm"),
                        strip.measuredMohmPer100mm() == null
                                ? ", not measured"
                                : ", " + Figures.withUnit(strip.measuredMohmPer100mm(), "mΩ per 100 mm"));
    }

    private static String trial(WeldLadder.Trial trial) {
        return "Trial welds at level %s: %s%s"
                .formatted(
                        trial.level(),
                        trial.pullsN().stream().map(Figures::of).collect(Collectors.joining(", ")) + " N",
                        trial.burntThrough() ? ", one burnt through" : "");
    }

    private static String gauge(GaugeData gauge) {
        return "design %s, full %s, cycles %s, serial %s, made %s, first used %s"
                .formatted(
                        Figures.withUnit(gauge.designCapacityMah(), "mAh"),
                        Figures.withUnit(gauge.fullChargeCapacityMah(), "mAh"),
                        gauge.cycleCount(),
                        gauge.serial(),
                        gauge.manufactured(),
                        gauge.firstUse());
    }
}
