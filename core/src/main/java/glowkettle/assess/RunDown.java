package glowkettle.assess;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether the pack is run down before it is worked on: the three schools in the order that suits the case, with the energy
 * in the pack, {@code E = SOC · FCC · V_nom}, and the time to the target, {@code t = (E − E_target)/P}. Source: handbook,
 * Assess.
 *
 * @param energyWh null where nobody knows what the pack holds
 * @param targetWh null where nobody knows what the pack holds
 * @param hours null where nothing has to be run down, or the load or what the pack holds is not known
 */
public record RunDown(
        List<Ranked> schools,
        @Nullable BigDecimal energyWh,
        @Nullable BigDecimal targetWh,
        @Nullable BigDecimal hours) {
    /** The schools. */
    public enum School implements Worded {
        RUN_DOWN_FIRST("Run it down first"),
        DISCONNECT_AT_ONCE("Shut down, unplug, disconnect at once"),
        LEAVE_AS_IT_IS("Neither run down nor charged");

        private final String words;

        School(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A school with its reason here; a refused one says why it is. */
    public record Ranked(School school, boolean refused, String reason) {}

    /** The case. */
    public record Case(
            @Says("Hazard tier") Tier tier,

            @Says("The pack is glued and must be prised out")
            Boolean glued,

            @Says("The device has a shipping mode") Boolean shippingMode,

            @Says("State of charge") @Within(min = "0", max = "100", unit = "%")
            BigDecimal socPercent,

            @Says("Full charge capacity") @Within(min = "0.01", max = "1000", unit = "Ah")
            BigDecimal fullChargeCapacityAh,

            @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
            BigDecimal nominalV,

            @Says("Load chosen") @Within(min = "0.05", max = "1000", unit = "W") @Nullable
            BigDecimal loadW) {}

    public RunDown {
        schools = List.copyOf(schools);
    }

    public static Result<RunDown> of(Case asked, ShopLimits limits) {
        BigDecimal target = limits.of(Limit.RUN_DOWN_TARGET_PERCENT);
        BigDecimal full = asked.fullChargeCapacityAh().multiply(asked.nominalV());
        BigDecimal energy = full.multiply(asked.socPercent()).movePointLeft(2);
        BigDecimal targetWh = full.multiply(target).movePointLeft(2);
        boolean tooFull = asked.socPercent().compareTo(target) > 0;
        boolean running = !asked.tier().atLeast(Tier.ISOLATE) && tooFull && asked.loadW() != null;
        BigDecimal hours = running
                ? Figures.round(
                        energy.subtract(targetWh).doubleValue()
                                / java.util.Objects.requireNonNull(asked.loadW())
                                        .doubleValue(),
                        2)
                : null;
        BigDecimal energyWh = Figures.round(energy.doubleValue(), 1);
        BigDecimal leftWh = Figures.round(targetWh.doubleValue(), 1);
        List<String> lines = new ArrayList<>();
        lines.add("E = %s · %s · %s = %s"
                .formatted(
                        Figures.withUnit(asked.socPercent(), "%"),
                        Figures.withUnit(asked.fullChargeCapacityAh(), "Ah"),
                        Figures.withUnit(asked.nominalV(), "V"),
                        Figures.withUnit(energyWh, "Wh")));
        if (hours != null) {
            lines.add("t = (%s − %s at %s) / %s = %s"
                    .formatted(
                            Figures.withUnit(energyWh, "Wh"),
                            Figures.withUnit(leftWh, "Wh"),
                            Figures.withUnit(target, "%"),
                            Figures.withUnit(java.util.Objects.requireNonNull(asked.loadW()), "W"),
                            Figures.withUnit(hours, "h")));
        }
        return new Result<>(
                new RunDown(schools(asked.tier(), asked.glued(), tooFull, limits), energyWh, leftWh, hours),
                findings(asked.tier(), asked.shippingMode()),
                new Working(lines));
    }

    /** Of a pack whose label nobody has read: the schools, without hours. */
    public static Result<RunDown> ofUnread(
            Tier tier, boolean glued, boolean shippingMode, BigDecimal socPercent, ShopLimits limits) {
        boolean tooFull = socPercent.compareTo(limits.of(Limit.RUN_DOWN_TARGET_PERCENT)) > 0;
        return new Result<>(
                new RunDown(schools(tier, glued, tooFull, limits), null, null, null),
                findings(tier, shippingMode),
                Working.of("Nobody has read what the pack holds: its charge is read until it is down."));
    }

    private static List<Ranked> schools(Tier tier, boolean glued, boolean tooFull, ShopLimits limits) {
        boolean isolated = tier.atLeast(Tier.ISOLATE);
        String target = limits.applied(Limit.RUN_DOWN_TARGET_PERCENT).toString();
        Ranked first = isolated
                ? new Ranked(
                        School.RUN_DOWN_FIRST, true, "Tier %s: no current through this pack.".formatted(tier.word()))
                : new Ranked(
                        School.RUN_DOWN_FIRST,
                        false,
                        glued
                                ? tooFull
                                        ? "It must be prised out: the less it holds the better, at most " + target + "."
                                        : "It holds no more than " + target + " already."
                                : "It lifts out without force, so this costs time and gains little.");
        Ranked atOnce = isolated
                ? new Ranked(
                        School.DISCONNECT_AT_ONCE,
                        true,
                        "Tier %s: only a lead takes it out, cold.".formatted(tier.word()))
                : new Ranked(
                        School.DISCONNECT_AT_ONCE,
                        false,
                        glued && tooFull
                                ? "Prising a charged pack is what goes wrong: only where it cannot be run down."
                                : "It lifts out: the sooner it is disconnected the better.");
        Ranked leave = new Ranked(
                School.LEAVE_AS_IT_IS,
                false,
                isolated
                        ? "Never run down and never charged in the device."
                        : "Only when the tier turns to Isolate, or nothing more is done here.");
        List<Ranked> ranked = new ArrayList<>(List.of(first, atOnce, leave));
        School suits =
                isolated ? School.LEAVE_AS_IT_IS : glued && tooFull ? School.RUN_DOWN_FIRST : School.DISCONNECT_AT_ONCE;
        ranked.sort(Comparator.comparing((Ranked one) -> one.school() != suits)
                .thenComparing(Ranked::refused)
                .thenComparing(one -> one.school() == School.LEAVE_AS_IT_IS));
        return ranked;
    }

    private static List<Finding> findings(Tier tier, boolean shippingMode) {
        return shippingMode && !tier.atLeast(Tier.ISOLATE)
                ? List.of(Finding.note(
                        "shipping-mode",
                        "Its shipping mode cuts the pack off; the last check of the refit undoes it by plugging in."))
                : List.of();
    }
}
