package glowkettle.job;

import static glowkettle.job.Refusals.held;

import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.job.assess.AssessEntry;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Readings that cannot both be true are asked for again, at the figure from which on they cannot. */
class ReadingAdmissionTest {
    private static @Nullable BigDecimal figure(@Nullable String text) {
        return text == null ? null : new BigDecimal(text);
    }

    private static List<BigDecimal> figures(@Nullable String text) {
        return text == null
                ? List.of()
                : Stream.of(text.split(" ")).map(BigDecimal::new).toList();
    }

    /** The model's pack is 5 mm thick. */
    @ParameterizedTest
    @CsvSource({
        "5,    ,          ,    ",
        "      , 5 4.9,   ,    ",
        "      ,      ,  5, 'Give the thickness at the middle'",
        "5.6,  ,     5.5,     ",
        "5.6,  ,    5.51, '5.51 mm as nominal cannot be: the model says 5 mm'",
        "4,    ,       4,     ",
        "4,    ,    3.99, '3.99 mm as nominal cannot be'",
        "4,    ,        ,     ",
        "3.99, ,        , '3.99 mm measured and 5 mm nominal cannot both be true'",
        "3.99, 3 4,     ,     ",
        "      , 3 3.9, , '3.9 mm measured'",
        "4.3,  ,     5.5, '4.3 mm measured and 5.5 mm nominal'",
        "4.4,  ,     5.5,     "
    })
    void aPackIsNotMuchThinnerThanItsNominalNorIsTheNominalOfAnotherPack(
            @Nullable String middleMm, @Nullable String cornersMm, @Nullable String nominalMm, @Nullable String why) {
        Thickness taken = new Thickness(figure(middleMm), figures(cornersMm), figure(nominalMm));

        held(new Bench().torn(), new AssessEntry.ThicknessTaken(taken), why);
    }

    @ParameterizedTest
    @CsvSource({
        "3.8,     ,      ,   ,    ",
        "   ,     ,      , 5,     ",
        "   ,     ,   4.2,  , 'Give the rested voltage of a cell'",
        "5,       ,      ,   ,    ",
        "5.01,    ,      ,   , '5.01 V per cell is more than any cell holds'",
        "3.8,  3.8,      ,   ,    ",
        "3.8, 3.79,      ,   , 'The highest cell, 3.79 V, lies under the lowest, 3.8 V'",
        "   ,  3.8,      ,   ,    ",
        "3.8,     ,   4.2,   ,    ",
        "3.8,     ,  3.85,   , 'No cell is charged to 3.85 V'"
    })
    void voltagesThatNoCellHasAreAskedForAgain(
            @Nullable String restedV,
            @Nullable String highestV,
            @Nullable String limitV,
            @Nullable String spreadMv,
            @Nullable String why) {
        Voltage read =
                new Voltage(figure(restedV), figure(highestV), VoltageSource.CELLS, figure(limitV), figure(spreadMv));

        held(new Bench().torn(), new AssessEntry.VoltageTaken(read), why);
    }

    /** Two cells lie in series in this pack. */
    @ParameterizedTest
    @CsvSource({",", "3.8 3.9,", "3.8, 1 cell voltages for a pack of 2 in series", "3.8 3.9 3.8, 3 cell voltages"})
    void aGaugeTellsAsManyCellsAsThePackHas(@Nullable String cellV, @Nullable String why) {
        GaugeReading reading = new GaugeReading(figure("4200"), figure("5000"), null, null, null, figures(cellV));

        held(new Bench().assessed(), new AssessEntry.GaugeRead(Moment.BEFORE, reading), why);
    }

    @ParameterizedTest
    @CsvSource({
        "true,    ,   ,     ",
        "true,  30,   ,     ",
        "true,  29,   , 'heat was on 29 min ago'",
        "true, 0.5,   , 'heat was on 0 min ago'",
        "true,   0,   , 'heat is on'",
        "true,    , 30,     ",
        "true,    , 12, 'current was on 12 min ago'",
        "true,    ,  0, 'current is on'",
        "false,  0,  0,     ",
        ",       0,  0,     "
    })
    void nothingIsAtRestSoonAfterHeatOrCurrent(
            @Nullable Boolean atRest, @Nullable String sinceHeat, @Nullable String sinceCurrent, @Nullable String why) {
        Warmth taken = new Warmth(
                figure("22"), figure("21"), atRest, figure(sinceHeat), figure(sinceCurrent), null, null, null);

        held(new Bench(), new AssessEntry.WarmthTaken(taken), why);
    }

    @ParameterizedTest
    @CsvSource({"22, ,", ", 21,", ", , 'Give the temperature of the surface'"})
    void oneTemperatureIsEnough(@Nullable String surfaceC, @Nullable String ambientC, @Nullable String why) {
        Warmth taken = new Warmth(figure(surfaceC), figure(ambientC), null, null, null, null, null, null);

        held(new Bench(), new AssessEntry.WarmthTaken(taken), why);
    }
}
