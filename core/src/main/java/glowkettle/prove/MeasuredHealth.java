package glowkettle.prove;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Health from a charge that was measured: {@code SoH = Q / rated}, with the range that the channel's error and the temperature
 * give: {@code ±(g·Q + o·t)}, and a share of the charge more, either way, for each kelvin outside 20–30 °C. Source: handbook,
 * Prove.
 */
public record MeasuredHealth(
        @Says("Half of the range") BigDecimal halfWidthAh,
        @Says("State of health") BigDecimal sohPercent,
        @Says("At least") BigDecimal lowPercent,
        @Says("At most") BigDecimal highPercent) {
    private static final int DECIMALS = 5;

    /** What was taken out, by which channel. Null is the error of a simulated load. */
    public record Request(
            @Says("Charge taken out") @Within(min = "0.0001", max = "100000", unit = "Ah")
            BigDecimal chargeAh,

            @Says("In") @Within(min = "0", max = "10000", unit = "h")
            BigDecimal hours,

            @Says("Rated charge") @Within(min = "0.001", max = "100000", unit = "Ah")
            BigDecimal ratedAh,

            @Says("Temperature, on the mean") @Within(min = "-40", max = "90", unit = "°C")
            BigDecimal temperatureC,

            @Says("Gain error of the channel") @Within(min = "0", max = "20", unit = "%") @Nullable
            BigDecimal gainPercent,

            @Says("Offset error of the channel") @Within(min = "0", max = "1000", unit = "mA") @Nullable
            BigDecimal offsetMa) {}

    public static Result<MeasuredHealth> of(Request request, ShopLimits limits) {
        double chargeAh = request.chargeAh().doubleValue();
        double gainAh = chargeAh
                * Objects.requireNonNullElseGet(request.gainPercent(), () -> limits.of(Limit.CHANNEL_GAIN_PERCENT))
                        .doubleValue()
                / 100;
        double offsetAh = Objects.requireNonNullElseGet(request.offsetMa(), () -> limits.of(Limit.CHANNEL_OFFSET_MA))
                        .doubleValue()
                / 1000
                * request.hours().doubleValue();
        double outsideK = Math.max(
                0,
                Math.max(
                        limits.number(Limit.CHARGE_LEAST_C)
                                - request.temperatureC().doubleValue(),
                        request.temperatureC().doubleValue() - limits.number(Limit.CHARGE_MOST_C)));
        double temperatureAh = chargeAh * outsideK * limits.number(Limit.CHARGE_PERCENT_A_KELVIN) / 100;
        double halfWidthAh = gainAh + offsetAh + temperatureAh;
        double ratedAh = request.ratedAh().doubleValue();
        MeasuredHealth health = new MeasuredHealth(
                Figures.round(halfWidthAh, DECIMALS),
                Figures.round(chargeAh / ratedAh * 100, 2),
                Figures.round(Math.max(0, chargeAh - halfWidthAh) / ratedAh * 100, 2),
                Figures.round((chargeAh + halfWidthAh) / ratedAh * 100, 2));
        return new Result<>(
                health,
                List.of(Finding.note(
                        "measured-health",
                        "It holds %s to %s of what it is rated for."
                                .formatted(
                                        Figures.of(health.lowPercent().doubleValue(), 1),
                                        Figures.withUnit(health.highPercent().doubleValue(), 1, "%")))),
                Working.of(
                        "± (%s of gain + %s of offset + %s for %s outside %s to %s)"
                                .formatted(
                                        Figures.withUnit(gainAh, DECIMALS, "Ah"),
                                        Figures.withUnit(offsetAh, DECIMALS, "Ah"),
                                        Figures.withUnit(temperatureAh, DECIMALS, "Ah"),
                                        Figures.withUnit(outsideK, 1, "K"),
                                        limits.applied(Limit.CHARGE_LEAST_C),
                                        limits.applied(Limit.CHARGE_MOST_C)),
                        "SoH = %s / %s = %s"
                                .formatted(
                                        Figures.withUnit(request.chargeAh(), "Ah"),
                                        Figures.withUnit(request.ratedAh(), "Ah"),
                                        Figures.withUnit(health.sohPercent(), "%"))));
    }
}
