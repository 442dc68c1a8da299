package glowkettle.fit;

import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Working;
import glowkettle.library.PackData;
import glowkettle.library.Plug;
import glowkettle.limits.Limit;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The new pack held against what the device takes, line by line, each line with its sum. Overcharging is refused: a pack
 * whose cells take less than the device charges to never fits. Source: handbook, Fit.
 */
public final class PackComparison {
    private PackComparison() {}

    static final String VOLTAGE = "voltage";

    private static final String EARS = "ears";

    /** What the device takes, and the pack that is offered. */
    public record Request(
            PackData device,
            PackLabel offered,

            @Says("The leads are soldered: there is no connector to compare") @Nullable
            Boolean soldered,

            @Flat(prefix = "devicePlug", words = "Device's plug")
            Plug plug,

            @Says(value = "Ears and screws that hold the device's pack", longest = 120) @Nullable
            String ears) {
        public Request(PackData device, PackLabel offered, @Nullable Boolean soldered) {
            this(device, offered, soldered, Plug.UNKNOWN, null);
        }

        public Request(PackData device, PackLabel offered) {
            this(device, offered, null);
        }
    }

    /** One line of the comparison. */
    public record Line(String name, Verdict verdict, String takes, String offers, String sentence, List<String> sums) {}

    /**
     * The whole comparison.
     *
     * @param usableSharePercent share of the new pack's charge the device will use, or null when that cannot be told
     */
    public record Comparison(
            Verdict verdict,
            List<Line> lines,
            @Nullable BigDecimal usableSharePercent,
            Honesty.@Nullable Judgement honesty) {
        /** What holds the device's pack, where the new one is held against it; null where nothing is. */
        public @Nullable String heldBy() {
            return lines.stream()
                    .filter(line -> line.name().equals(EARS))
                    .map(Line::takes)
                    .findFirst()
                    .orElse(null);
        }
    }

    private static final Remembered<Request, Result<Comparison>> COMPARED =
            new Remembered<>(400, PackComparison::compared);

    public static Result<Comparison> compare(Request request, ShopLimits limits) {
        return COMPARED.of(request, limits);
    }

    private static Result<Comparison> compared(Request request, ShopLimits limits) {
        PackData device = request.device();
        PackLabel offered = request.offered();
        PartCodes codes = new PartCodes(device, offered);
        List<Line> open = new ArrayList<>(codes.line().stream().toList());
        BigDecimal usable = voltage(device, offered, limits, open);
        energy(offered, limits, open);
        boolean plays = size(device, offered, limits, open);
        connector(device, request.plug(), offered, Boolean.TRUE.equals(request.soldered()), open);
        open.addAll(new PlugComparison(request.plug(), offered.connection().plug(), limits)
                .lines(Boolean.TRUE.equals(request.soldered()), offered.connectorMatches()));
        ears(request.ears(), plays, offered.connection().mountingMatches(), open);
        Honesty.Judgement honesty = honesty(device, offered, limits, open);
        List<Line> lines = codes.settle(open);
        Verdict worst = lines.stream().map(Line::verdict).reduce(Verdict.FITS, (a, b) -> a.compareTo(b) >= 0 ? a : b);
        List<Finding> findings = lines.stream()
                .filter(line -> line.verdict() != Verdict.FITS)
                .map(line -> new Finding(
                        "fit-" + line.name().replace(' ', '-'), line.verdict().weight(), null, null, line.sentence()))
                .toList();
        return new Result<>(
                new Comparison(worst, List.copyOf(lines), usable, honesty),
                findings,
                new Working(lines.stream().flatMap(line -> line.sums().stream()).toList()));
    }

    private static @Nullable BigDecimal voltage(
            PackData device, PackLabel offered, ShopLimits limits, List<Line> lines) {
        Result<PackVoltage.Outcome> read = PackVoltage.read(
                new PackVoltage.Label(
                        offered.printed().nominalV(), offered.printed().chargeV()),
                limits);
        Chemistry.Family family = Chemistry.known(device.ratings().chargeLimitV(), "device.chargeLimitV", limits)
                .family();
        String takes = "%ss %s, %s"
                .formatted(
                        device.ratings().series(),
                        family.words(),
                        Figures.withUnit(device.ratings().nominalV(), "V"));
        String offers = Figures.withUnit(offered.printed().nominalV(), "V")
                + (offered.printed().chargeV() == null
                        ? ""
                        : ", charge " + Figures.withUnit(offered.printed().chargeV(), "V"));
        List<String> sums = read.working().lines();
        switch (read.result()) {
            case PackVoltage.Outcome.Known(PackVoltage.Option option) -> {
                boolean same = option.series() == device.ratings().series().intValue()
                        && option.chemistry().family() == family;
                lines.add(new Line(
                        VOLTAGE,
                        same ? Verdict.FITS : Verdict.REFUSED,
                        takes,
                        offers + ": " + option.words(),
                        same
                                ? "The same count of cells and the same family."
                                : "The count of cells and the family must be the same: this would over- or undercharge it.",
                        sums));
                return same ? chargeLimit(device, option, offered.printed().chargeV(), limits, lines) : null;
            }
            case PackVoltage.Outcome.Ask(List<PackVoltage.Option> options) -> {
                boolean possible = options.isEmpty()
                        || options.stream()
                                .anyMatch(option -> option.series()
                                                == device.ratings().series().intValue()
                                        && option.chemistry().family() == family);
                lines.add(new Line(
                        VOLTAGE,
                        possible ? Verdict.ASK : Verdict.REFUSED,
                        takes,
                        offers,
                        possible
                                ? read.findings().getFirst().sentence()
                                : "No reading of this label has the device's count of cells and family.",
                        sums));
            }
            case PackVoltage.Outcome.Contradiction ignored ->
                lines.add(new Line(
                        VOLTAGE,
                        Verdict.REFUSED,
                        takes,
                        offers,
                        read.findings().getFirst().sentence(),
                        sums));
        }
        return null;
    }

    /**
     * As printed, give or take half the last digit shared by the cells, and never more than a hundredth of a volt: what the
     * device charges higher than that burns.
     */
    private static @Nullable BigDecimal chargeLimit(
            PackData device,
            PackVoltage.Option option,
            @Nullable BigDecimal printedV,
            ShopLimits limits,
            List<Line> lines) {
        Chemistry chemistry = option.chemistry();
        String takes = Figures.withUnit(device.ratings().chargeLimitV(), "V") + " per cell";
        String offers = Figures.withUnit(
                        chemistry.chargeLimitV().round(new MathContext(5)).stripTrailingZeros(), "V") + " per cell";
        BigDecimal tolerance = printedV == null ? BigDecimal.ZERO : halfADigit(printedV, option.series(), limits);
        BigDecimal over = chemistry.chargeLimitV().subtract(device.ratings().chargeLimitV());
        String sum = "%s − %s, give or take %s"
                .formatted(offers, takes, Figures.withUnit(tolerance.round(new MathContext(2)), "V"));
        if (over.compareTo(tolerance.negate()) < 0) {
            lines.add(new Line(
                    "charge limit",
                    Verdict.REFUSED,
                    takes,
                    offers,
                    "The device charges higher than these cells take: overcharge, fire.",
                    List.of(sum)));
            return null;
        }
        if (over.compareTo(tolerance) <= 0) {
            lines.add(new Line("charge limit", Verdict.FITS, takes, offers, "The same charge limit.", List.of(sum)));
            return BigDecimal.valueOf(100);
        }
        BigDecimal usable = Figures.round(
                OpenCircuitCurve.of(chemistry, limits)
                        .socPercent(device.ratings().chargeLimitV().doubleValue()),
                1);
        lines.add(new Line(
                "charge limit",
                Verdict.WITH_CARE,
                takes,
                offers,
                "It will only be filled to the old limit: %s of its charge is used."
                        .formatted(Figures.withUnit(usable, "%")),
                List.of("SOC(%s) on the curve of %s = %s"
                        .formatted(takes, chemistry.words(), Figures.withUnit(usable, "%")))));
        return usable;
    }

    private static BigDecimal halfADigit(BigDecimal printedV, int series, ShopLimits limits) {
        BigDecimal half = BigDecimal.valueOf(5).movePointLeft(Math.max(0, printedV.scale()) + 1);
        return half.divide(BigDecimal.valueOf(series), MathContext.DECIMAL64).min(limits.of(Limit.CHARGE_DIGIT_V));
    }

    private static void energy(PackLabel offered, ShopLimits limits, List<Line> lines) {
        Result<LabelEnergy.Energy> energy = LabelEnergy.check(
                new LabelEnergy.Label(
                        offered.printed().nominalV(),
                        offered.printed().capacityMah(),
                        offered.printed().energyWh()),
                limits);
        String computed = Figures.withUnit(energy.result().computedWh(), "Wh");
        BigDecimal printed = offered.printed().energyWh();
        String agrees = printed == null
                ? "No watt-hours printed; computed from volts and milliampere-hours."
                : "The printed energy agrees with volts × milliampere-hours.";
        lines.add(new Line(
                "energy",
                energy.result().marked() ? Verdict.WITH_CARE : Verdict.FITS,
                printed == null ? "" : computed,
                printed == null ? computed : Figures.withUnit(printed, "Wh"),
                energy.findings().stream().map(Finding::sentence).findFirst().orElse(agrees),
                energy.working().lines()));
    }

    /** Whether it would slide in its bay. */
    private static boolean size(PackData device, PackLabel offered, ShopLimits limits, List<Line> lines) {
        String bay = device.bay().words();
        Optional<Box> measured = offered.size().box();
        if (measured.isEmpty()) {
            List<String> readings = offered.printed().sizeCode() == null
                    ? List.of()
                    : SizeCode.readings(
                                    new SizeCode.Request(offered.printed().sizeCode(), Calipered.of(device.bay())),
                                    limits)
                            .working()
                            .lines();
            lines.add(new Line(
                    "size",
                    Verdict.ASK,
                    bay,
                    offered.printed().sizeCode() == null
                            ? "not measured"
                            : "code " + offered.printed().sizeCode(),
                    readings.isEmpty()
                            ? "Measure thickness, width and length of the new pack."
                            : "The size code can mean: %s. Measure to know.".formatted(String.join("; ", readings)),
                    readings));
            return false;
        }
        Result<GrowthRoom.Room> room = GrowthRoom.judge(new GrowthRoom.Sizes(measured.get(), device.bay()), limits);
        lines.add(new Line(
                "size",
                room.result().verdict(),
                bay,
                measured.get().words(),
                room.findings().isEmpty()
                        ? "It fits the bay, with %s to grow."
                                .formatted(Figures.withUnit(room.result().thicknessRoomMm(), "mm"))
                        : room.findings().stream().map(Finding::sentence).collect(Collectors.joining(" ")),
                room.working().lines()));
        return room.result().verdict() == Verdict.WITH_CARE;
    }

    /** The device's own plug is known in figures: those decide where nobody held both side by side. */
    private static boolean isDescribed(Plug plug) {
        return plug.positions() != null || plug.pitchMm() != null || plug.key() != null || plug.wires() != null;
    }

    private static void connector(PackData device, Plug plug, PackLabel offered, boolean soldered, List<Line> lines) {
        if (soldered) {
            lines.add(new Line(
                    "leads",
                    Verdict.FITS,
                    device.connector(),
                    "soldered",
                    "Soldered leads: colours are a hint, other ones are no fault. The meter decides which is which.",
                    List.of()));
            return;
        }
        Boolean same = offered.connectorMatches();
        if (same == null && isDescribed(plug)) {
            return;
        }
        lines.add(new Line(
                "connector",
                same == null ? Verdict.ASK : same ? Verdict.FITS : Verdict.REFUSED,
                device.connector(),
                same == null ? "not looked at" : same ? "the same" : "another",
                same == null
                        ? "Hold the plugs side by side: positions, pitch, key side, lead length, order of the wires."
                        : same ? "The connector is the same." : "Another connector: never re-pin by guess.",
                List.of()));
    }

    /** Asked, too, of a pack that would slide: whatever held the old one has to hold it. */
    private static void ears(@Nullable String ears, boolean plays, @Nullable Boolean same, List<Line> lines) {
        if (ears == null && !plays) {
            return;
        }
        lines.add(new Line(
                EARS,
                same == null ? Verdict.ASK : same ? Verdict.FITS : Verdict.REFUSED,
                Objects.requireNonNullElse(ears, "ears and screw holes of the old pack"),
                same == null ? "not looked at" : same ? "the same" : "others",
                same == null
                        ? "Lay both packs over each other: ears and screw holes."
                        : same ? "Ears and screw holes lie the same." : "Nothing would hold it in its bay.",
                List.of()));
    }

    private static Honesty.@Nullable Judgement honesty(
            PackData device, PackLabel offered, ShopLimits limits, List<Line> lines) {
        if (offered.size().box().isEmpty() && offered.massG() == null) {
            lines.add(new Line(
                    "label",
                    Verdict.ASK,
                    "",
                    "",
                    "Measure or weigh the pack to know whether its label can be true.",
                    List.of()));
            return null;
        }
        Result<Honesty.Judgement> judged = Honesty.judge(
                new Honesty.Claim(
                        offered.printed().nominalV(),
                        offered.printed().capacityMah(),
                        Objects.requireNonNullElse(offered.body(), device.body()),
                        Objects.requireNonNullElse(offered.cells(), device.cells()),
                        new Honesty.Outer(
                                offered.size().thicknessMm(),
                                offered.size().widthMm(),
                                offered.size().lengthMm()),
                        offered.inside().roundSize(),
                        offered.inside().cellVolumeMl(),
                        offered.massG()),
                limits);
        Honesty.Judgement judgement = judged.result();
        lines.add(new Line(
                "label",
                judgement.belief() == Honesty.Belief.BELIEVABLE ? Verdict.FITS : Verdict.WITH_CARE,
                "at most " + Figures.withUnit(judgement.mostMah(), "mAh"),
                Figures.withUnit(offered.printed().capacityMah(), "mAh"),
                judged.findings().stream()
                        .filter(finding -> finding.rule().equals(Honesty.rule(judgement.belief())))
                        .findFirst()
                        .map(Finding::sentence)
                        .orElseThrow(),
                judged.working().lines()));
        return judgement;
    }
}
