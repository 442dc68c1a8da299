package glowkettle.app.fit;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.fit.GrowthRoom;
import glowkettle.fit.Honesty;
import glowkettle.fit.LabelEnergy;
import glowkettle.fit.PackComparison;
import glowkettle.fit.PackVoltage;
import glowkettle.fit.Seal;
import glowkettle.fit.SizeCode;
import glowkettle.fit.Worth;
import java.util.List;
import org.springframework.core.ParameterizedTypeReference;
import org.springframework.stereotype.Component;

/** Voltage, energy, size, growth room and honesty from outside. */
@Component
class FitCalculators implements Calculators {
    private static final String STAGE = "fit";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                        STAGE,
                        "voltage",
                        "Cells in series and chemistry from the voltages on a label",
                        PackVoltage.Label.class,
                        PackVoltage.Outcome.class,
                        PackVoltage::read),
                new Calculator<>(
                        STAGE,
                        "energy",
                        "Watt-hours from volts and milliampere-hours, held against those printed",
                        LabelEnergy.Label.class,
                        LabelEnergy.Energy.class,
                        LabelEnergy::check),
                new Calculator<>(
                        STAGE,
                        "size-code",
                        "Every reading of a size code, those that fit the bay first",
                        SizeCode.Request.class,
                        new ParameterizedTypeReference<List<SizeCode.Reading>>() {}.getType(),
                        SizeCode::readings),
                new Calculator<>(
                        STAGE,
                        "growth-room",
                        "What a pack leaves in its bay",
                        GrowthRoom.Sizes.class,
                        GrowthRoom.Room.class,
                        GrowthRoom::judge),
                new Calculator<>(
                        STAGE,
                        "honesty",
                        "Whether a label can be true, and the most that could be",
                        Honesty.Claim.class,
                        Honesty.Judgement.class,
                        Honesty::judge),
                new Calculator<>(
                        STAGE,
                        "comparison",
                        "A pack offered against what the device takes, line by line",
                        PackComparison.Request.class,
                        PackComparison.Comparison.class,
                        PackComparison::compare),
                new Calculator<>(
                        STAGE,
                        "seal",
                        "Whether a shell is sealed again, and the sentence for its owner",
                        Seal.Request.class,
                        Seal.class,
                        Seal::of),
                new Calculator<>(
                                STAGE,
                                "worth",
                                "What a watt-hour of each offer costs, and which is cheapest over the years",
                                Worth.Request.class,
                                Worth.class,
                                Worth::of)
                        .plottedBy(WorthChart::of));
    }
}
