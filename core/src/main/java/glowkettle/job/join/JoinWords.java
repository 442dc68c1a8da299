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

    static String lead(LeadFinder.NewLead lead) {
        return lead.colour() == null ? lead.id() : lead.id() + " " + lead.colour();
    }

    static String reading(LeadFinder.Reading reading) {
        return "%s–%s, %s: %s"
                .formatted(
                        reading.from(),
                        reading.to(),
                        reading.kind().words(),
                        Figures.withUnit(reading.value(), reading.kind() == LeadFinder.Kind.OHMS ? "Ω" : "V"));
    }

    static String splices(JoinEntry.SplicesPlanned planned, ShopLimits limits) {
        Splices cut = Splices.of(planned.splices(), limits).result();
        return "Splices under %s: ".formatted(planned.insulation().words())
                + cut.cuts().stream()
                        .map(one ->
                                "%s + %s".formatted(Figures.of(one.deviceMm()), Figures.withUnit(one.packMm(), "mm")))
                        .collect(Collectors.joining(", "));
    }

    static String strip(Strip.Request strip) {
        return "Strip sold as %s, %s × %s%s"
                .formatted(
                        strip.material().words(),
                        Figures.of(strip.widthMm()),
                        Figures.withUnit(strip.thicknessMm(), "mm"),
                        strip.measuredMohmPer100mm() == null
                                ? ", not measured"
                                : ", " + Figures.withUnit(strip.measuredMohmPer100mm(), "mΩ per 100 mm"));
    }

    static String trial(WeldLadder.Trial trial) {
        return "Trial welds at level %s: %s%s"
                .formatted(
                        trial.level(),
                        trial.pullsN().stream().map(Figures::of).collect(Collectors.joining(", ")) + " N",
                        trial.burntThrough() ? ", one burnt through" : "");
    }

    static String gauge(GaugeData gauge) {
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
