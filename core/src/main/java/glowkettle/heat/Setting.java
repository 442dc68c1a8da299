package glowkettle.heat;

import glowkettle.finding.Figures;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** How heat is applied: with what, at which temperature, to which face. */
public record Setting(
        @Says("With what") Source source,

        @Says("The mat's temperature, or the air's at the work face by a thermocouple")
        @Within(min = "30", max = "150", unit = "°C")
        BigDecimal temperatureC,

        @Says("The face it is applied to") Face face,

        @Says("Share of the face a moving jet covers; all of it when not said")
        @Within(min = "5", max = "100", unit = "%")
        @Nullable
        BigDecimal sharePercent) {
    /** What gives the heat. */
    public enum Source implements Worded {
        MAT("heating mat", Limit.MAT_WM2K, HeatPlace.MAT),
        DRYER("hair dryer, 10 cm", Limit.DRYER_WM2K, HeatPlace.DRYER),
        AIR_LOW("hot air, low, 6 cm", Limit.AIR_LOW_WM2K, HeatPlace.AIR_STATION),
        AIR_MEDIUM("hot air, medium, 6 cm", Limit.AIR_MEDIUM_WM2K, HeatPlace.AIR_STATION);

        private final String words;
        private final Limit transfer;
        private final HeatPlace place;

        Source(String words, Limit transfer, HeatPlace place) {
            this.words = words;
            this.transfer = transfer;
            this.place = place;
        }

        public HeatPlace place() {
            return place;
        }

        @Override
        public String words() {
            return words;
        }

        Limit transfer() {
            return transfer;
        }
    }

    /** The first or the last layer of a stack. */
    public enum Face {
        BELOW,
        ABOVE
    }

    public String words() {
        return source.words() + ", " + Figures.withUnit(temperatureC, "°C");
    }

    /** What the heated face sees: a moving jet warms its share and leaves the rest to the shop's air. */
    Surroundings heated(double ambientC, double doubt, ShopLimits limits) {
        double jet = limits.number(source.transfer()) * doubt;
        double rest = limits.number(Limit.REST_WM2K) * doubt;
        double share = sharePercent == null ? 1 : sharePercent.doubleValue() / 100;
        double transfer = share == 1 ? jet : share * jet + rest * (1 - share);
        double seenC = share == 1
                ? temperatureC.doubleValue()
                : (share * jet * temperatureC.doubleValue() + rest * (1 - share) * ambientC) / transfer;
        return Surroundings.steady(transfer, seenC);
    }
}
