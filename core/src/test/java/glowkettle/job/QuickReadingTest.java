package glowkettle.job;

import static glowkettle.job.Refusals.held;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.Symptom;
import glowkettle.assess.HazardReadings.Hand;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.Tier;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.QuickReading;
import java.math.BigDecimal;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A healthy device is Clear in three taps, and a hand never says what only an instrument can. */
class QuickReadingTest {
    private static final AssessEntry COOL = felt(new Hand(true, null, null), "21");
    private static final AssessEntry CLOSED = felt(new Hand(null, true, null), null);

    private static AssessEntry felt(Hand hand, @Nullable String airC) {
        return new AssessEntry.FeltByHand(hand, airC == null ? null : new BigDecimal(airC));
    }

    private static Bench complaining(Symptom symptom) {
        return new Bench()
                .correct(
                        1,
                        new ArriveEntry.JobOpened(
                                new ArriveEntry.Device("whimbrel", null, null),
                                new ArriveEntry.Customer("Bridge, ferry Skua", null),
                                Set.of(symptom),
                                null,
                                null,
                                OpenedBefore.NO,
                                null,
                                0));
    }

    @Test
    void aHealthyDeviceIsClearInThreeTaps() {
        Bench bench =
                new Bench().write(new AssessEntry.Looked(Look.GOOD)).write(COOL).write(CLOSED);

        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(QuickReading.saidOf(bench.file()))
                .contains("as cool as the table, both sides; seam closed all round, a nail does not catch");
    }

    @Test
    void aHandNeedsTheAirAndAtLeastOneThingThatIsSo() {
        held(new Bench(), felt(new Hand(true, null, null), null), "Read the shop's thermometer, in °C");
        held(new Bench(), felt(new Hand(false, null, null), "21"), "whatever is not is measured");
        held(new Bench(), COOL, null);
    }

    @ParameterizedTest
    @EnumSource(Symptom.class)
    void whatTheOwnerTellsOfHeatSmellSwellingOrDamageIsMeasured(Symptom symptom) {
        boolean ofWear = switch (symptom) {
            case SHORT_RUNTIME, SUDDEN_SHUT_DOWN, WILL_NOT_CHARGE, ONLY_PLUGGED_IN -> true;
            case HOT, LIFTING, NO_CLICK, SMELL, WET, DROPPED -> false;
        };
        held(complaining(symptom), CLOSED, ofWear ? null : "take the figure, a hand is not enough");
    }

    @Test
    void aHandSaysNothingOnceAFigureFoundSomething() {
        Bench warm = new Bench()
                .write(new AssessEntry.Looked(Look.GOOD))
                .write(new AssessEntry.WarmthTaken(Warmth.atRest("26", "21")));

        held(
                warm,
                CLOSED,
                "Take the figure, a hand is not enough: The pack is warmer than the air around it, at rest.");

        Bench thenWarm = new Bench()
                .write(new AssessEntry.Looked(Look.GOOD))
                .write(COOL)
                .write(CLOSED)
                .write(new AssessEntry.WarmthTaken(Warmth.atRest("26", "21")));
        assertThat(thenWarm.file().tier().result().measureNext())
                .containsExactly("Gauge the seam, or lay the device on a flat plate and try if it rocks.");
    }
}
