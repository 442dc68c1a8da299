package glowkettle.prove;

import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What comes out of a pack of what went in, between equal states of charge; between others it would say how full it is, not how
 * good. Source: handbook, Prove.
 */
public record Efficiency(
        @Says("Of charge") @Nullable BigDecimal chargePercent,
        @Says("Of energy") @Nullable BigDecimal energyPercent) {
    private static final int DECIMALS = 2;

    /** What went out and in. */
    public record Request(
            @Says("Charge out") @Within(min = "0", max = "100000", unit = "Ah") @Nullable
            BigDecimal outAh,

            @Says("Charge in") @Within(min = "0", max = "100000", unit = "Ah") @Nullable
            BigDecimal inAh,

            @Says("Energy out") @Within(min = "0", max = "1000000", unit = "Wh") @Nullable
            BigDecimal outWh,

            @Says("Energy in") @Within(min = "0", max = "1000000", unit = "Wh") @Nullable
            BigDecimal inWh,

            @Says("State of charge at the beginning") @Within(min = "0", max = "100", unit = "%")
            BigDecimal fromSocPercent,

            @Says("State of charge at the end") @Within(min = "0", max = "100", unit = "%")
            BigDecimal toSocPercent) {}

    /** @throws Unanswerable where the states of charge differ, or nothing went in */
    public static Result<Efficiency> of(Request request, ShopLimits limits) {
        if (request.fromSocPercent().compareTo(request.toSocPercent()) != 0) {
            throw new Unanswerable(
                    "toSocPercent",
                    "From %s %% to %s %%: efficiency is told between equal states of charge only"
                            .formatted(request.fromSocPercent(), request.toSocPercent()));
        }
        BigDecimal charge = percent(request.outAh(), request.inAh(), "inAh");
        BigDecimal energy = percent(request.outWh(), request.inWh(), "inWh");
        if (charge == null && energy == null) {
            throw new Unanswerable("outAh", "Give what went out and in, as charge, as energy, or both");
        }
        return new Result<>(
                new Efficiency(charge, energy),
                List.of(),
                Working.of("efficiency = out / in%s%s"
                        .formatted(
                                charge == null ? "" : "; charge " + Figures.withUnit(charge, "%"),
                                energy == null ? "" : "; energy " + Figures.withUnit(energy, "%"))));
    }

    private static @Nullable BigDecimal percent(@Nullable BigDecimal out, @Nullable BigDecimal in, String field) {
        if (out == null || in == null) {
            return null;
        }
        if (in.signum() == 0) {
            throw new Unanswerable(field, "0 went in; of nothing there is no share");
        }
        return Figures.round(out.doubleValue() / in.doubleValue() * 100, DECIMALS);
    }
}
