package glowkettle.fit;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.fit.PackComparison.Line;
import glowkettle.library.Plug;
import glowkettle.library.Plug.Key;
import glowkettle.library.Plug.Wire;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A plug is the same in everything, or it is another plug. */
class PlugComparisonTest {
    private static final List<Wire> WIRES = List.of(Wire.PLUS, Wire.THERMISTOR, Wire.MINUS);
    private static final Plug DEVICE = plug("3", "1.2", Key.LEFT, "30", WIRES, "10");

    private static @Nullable BigDecimal figure(@Nullable String text) {
        return text == null ? null : new BigDecimal(text);
    }

    private static Plug plug(
            @Nullable String positions,
            @Nullable String pitchMm,
            @Nullable Key key,
            @Nullable String leadMm,
            @Nullable List<Wire> wires,
            @Nullable String kiloohm) {
        return new Plug(figure(positions), figure(pitchMm), key, figure(leadMm), wires, figure(kiloohm));
    }

    private static Verdict worst(Plug offered, boolean soldered, @Nullable Boolean seenTheSame) {
        return new PlugComparison(DEVICE, offered, ShopLimits.defaults())
                .lines(soldered, seenTheSame).stream()
                        .map(Line::verdict)
                        .reduce(Verdict.FITS, (a, b) -> a.compareTo(b) >= 0 ? a : b);
    }

    @ParameterizedTest
    @CsvSource({
        "3, 1.2, LEFT, 30, 10, FITS",
        "3, 1.25, LEFT, 30, 10, FITS",
        "3, 1.26, LEFT, 30, 10, REFUSED",
        "4, 1.2, LEFT, 30, 10, REFUSED",
        "3, 1.2, RIGHT, 30, 10, REFUSED",
        "3, 1.2, LEFT, 45, 10, WITH_CARE",
        "3, 1.2, LEFT, 20, 10, WITH_CARE",
        "3, 1.2, LEFT, 30, 18.4, FITS",
        "3, 1.2, LEFT, 30, 18.5, REFUSED",
        "3, 1.2, LEFT, 30, 25, REFUSED",
        "3, 1.2, LEFT, 30, 5.8, FITS",
        "3, 1.2, LEFT, 30, 5, REFUSED",
        "3, 1.2, LEFT, 30, 100, REFUSED",
        "3, 1.2, LEFT, 30, , ASK",
        ", 1.2, LEFT, 30, 10, ASK",
        "3, , LEFT, 30, 10, ASK",
        "3, 1.2, , 30, 10, ASK"
    })
    void everyFigureDecides(
            @Nullable String positions,
            @Nullable String pitchMm,
            @Nullable Key key,
            String leadMm,
            @Nullable String kiloohm,
            Verdict verdict) {
        assertThat(worst(plug(positions, pitchMm, key, leadMm, WIRES, kiloohm), false, null))
                .isEqualTo(verdict);
    }

    @Test
    void anotherOrderOfTheWiresIsAnotherPlug() {
        assertThat(worst(plug("3", "1.2", Key.LEFT, "30", WIRES.reversed(), "10"), false, true))
                .isEqualTo(Verdict.REFUSED);
        assertThat(worst(plug("3", "1.2", Key.LEFT, "30", null, "10"), false, null))
                .isEqualTo(Verdict.ASK);
    }

    @Test
    void aHandThatHeldBothSideBySideStandsWhereNoFigureIsGivenAndNeverAgainstOne() {
        assertThat(worst(plug(null, null, null, null, null, "10"), false, true)).isEqualTo(Verdict.FITS);
        assertThat(worst(plug("4", null, null, null, null, "10"), false, true)).isEqualTo(Verdict.REFUSED);
    }

    @Test
    void solderedLeadsAreTheFindersMatter() {
        assertThat(worst(plug("9", "9", Key.RIGHT, "1", null, null), true, null))
                .isEqualTo(Verdict.FITS);
    }
}
