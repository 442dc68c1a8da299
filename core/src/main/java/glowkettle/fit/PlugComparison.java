package glowkettle.fit;

import glowkettle.cell.Thermistor;
import glowkettle.finding.Figures;
import glowkettle.fit.PackComparison.Line;
import glowkettle.library.Plug;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A pack's plug against the device's: positions, pitch, key side, order of the wires, length of the leads, thermistor. What
 * differs is never re-pinned by guess. Source: handbook, Fit.
 */
final class PlugComparison {
    private static final BigDecimal SAME_PITCH_MM = new BigDecimal("0.05");

    private final Plug device;
    private final Plug offered;
    private final ShopLimits limits;
    private final List<Line> lines = new ArrayList<>();

    PlugComparison(Plug device, Plug offered, ShopLimits limits) {
        this.device = device;
        this.offered = offered;
        this.limits = limits;
    }

    /**
     * @param soldered there is no housing to compare, the finder tells the leads
     * @param seenTheSame what a hand that held both side by side said; it stands where no figure is given
     */
    List<Line> lines(boolean soldered, @Nullable Boolean seenTheSame) {
        if (!soldered) {
            compare("positions", device.positions(), offered.positions(), BigDecimal.ZERO, "");
            compare("pitch", device.pitchMm(), offered.pitchMm(), SAME_PITCH_MM, "mm");
            same("key side", device.key(), offered.key());
            wires();
            if (seenTheSame == null) {
                missing();
            }
            leads();
            thermistor();
        }
        return lines;
    }

    private void compare(
            String name, @Nullable BigDecimal takes, @Nullable BigDecimal has, BigDecimal apart, String unit) {
        if (takes != null && has != null) {
            boolean same = takes.subtract(has).abs().compareTo(apart) <= 0;
            line(name, same, said(takes, unit), said(has, unit));
        }
    }

    private void same(String name, Plug.@Nullable Key takes, Plug.@Nullable Key has) {
        if (takes != null && has != null) {
            line(name, takes == has, takes.words(), has.words());
        }
    }

    private void wires() {
        if (device.wires() != null && offered.wires() != null) {
            line(
                    "order of the wires",
                    device.wires().equals(offered.wires()),
                    said(device.wires()),
                    said(offered.wires()));
        }
    }

    /** Any of what makes a plug another plug, as long as nobody held both side by side. */
    private void missing() {
        List<String> missing = new ArrayList<>();
        missing(missing, "positions", device.positions(), offered.positions());
        missing(missing, "pitch", device.pitchMm(), offered.pitchMm());
        missing(missing, "key side", device.key(), offered.key());
        missing(missing, "order of the wires", device.wires(), offered.wires());
        if (!missing.isEmpty()) {
            lines.add(new Line(
                    "connector",
                    Verdict.ASK,
                    "",
                    "not looked at",
                    "Look at the new plug: %s.".formatted(String.join(", ", missing)),
                    List.of()));
        }
    }

    private static void missing(List<String> missing, String name, @Nullable Object takes, @Nullable Object has) {
        if (takes != null && has == null) {
            missing.add(name);
        }
    }

    private void leads() {
        BigDecimal takes = device.leadLengthMm();
        BigDecimal has = offered.leadLengthMm();
        if (takes == null || has == null) {
            return;
        }
        int longer = has.compareTo(takes);
        lines.add(new Line(
                "lead length",
                longer == 0 ? Verdict.FITS : Verdict.WITH_CARE,
                said(takes, "mm"),
                said(has, "mm"),
                longer == 0
                        ? "The leads are as long."
                        : longer > 0
                                ? "Longer: lay what is over clear of posts and covers."
                                : "Shorter by %s: try the plug in its socket before the pack is glued."
                                        .formatted(said(takes.subtract(has), "mm")),
                List.of()));
    }

    /** By its temperature: what cannot be the bench is another thermistor. */
    private void thermistor() {
        BigDecimal takes = device.thermistorKohm();
        if (takes == null) {
            return;
        }
        BigDecimal has = offered.thermistorKohm();
        if (has == null) {
            lines.add(new Line(
                    "thermistor",
                    Verdict.ASK,
                    said(takes, "kΩ") + " at 25 °C",
                    "not measured",
                    "Measure the new pack's thermistor: with another one the device refuses to charge.",
                    List.of()));
            return;
        }
        double celsius =
                new Thermistor(takes.doubleValue(), limits.number(Limit.THERMISTOR_B)).celsius(has.doubleValue());
        boolean bench = Thermistor.isBench(celsius, limits);
        lines.add(new Line(
                "thermistor",
                bench ? Verdict.FITS : Verdict.REFUSED,
                said(takes, "kΩ") + " at 25 °C",
                said(has, "kΩ"),
                bench
                        ? "It reads as the bench is warm."
                        : "It would be at %s: another thermistor, with which the device refuses to charge, or charges blindly."
                                .formatted(Figures.withUnit(celsius, 0, "°C")),
                List.of("1/T = 1/298 K + ln(%s / %s) / %s: %s"
                        .formatted(
                                said(has, "kΩ"),
                                said(takes, "kΩ"),
                                limits.applied(Limit.THERMISTOR_B),
                                Figures.withUnit(celsius, 1, "°C")))));
    }

    private void line(String name, boolean same, String takes, String has) {
        lines.add(new Line(
                name,
                same ? Verdict.FITS : Verdict.REFUSED,
                takes,
                has,
                same ? "The same." : "Another connector: never re-pin by guess.",
                List.of()));
    }

    private static String said(BigDecimal figure, String unit) {
        return unit.isEmpty() ? Figures.of(figure) : Figures.withUnit(figure, unit);
    }

    private static String said(List<Plug.Wire> wires) {
        return wires.stream().map(Plug.Wire::words).collect(Collectors.joining(", "));
    }
}
