package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Tier;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.handback.Declined;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.handback.HandBackEntry.Settlement;
import glowkettle.job.handback.Signatures;
import glowkettle.job.isolation.IsolationChapter;
import glowkettle.job.isolation.IsolationEntry;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Devices that go back unopened: as they came, warned of, or not at all. */
class DeclinedTest {
    private static final Look DENTED = new Look(false, false, false, false, true, false, Wet.NO, Look.NONE.damage());
    private static final Look PILLOW = new Look(false, true, false, false, false, false, Wet.NO, Look.NONE.damage());

    private static Bench declined(Look look) {
        return new Bench()
                .assessed()
                .write(new AssessEntry.Looked(look))
                .write(ArriveAdmissionTest.quote("Pack A"))
                .write(new ArriveEntry.QuoteAnswered(false, null));
    }

    private static IsolationEntry.StoodOutdoors outdoors(Instant until) {
        return new IsolationEntry.StoodOutdoors("Quay, by the bollards", "deckhand", until, true);
    }

    private static IsolationEntry.PackStored intoABox() {
        return new IsolationEntry.PackStored("4", "Box", Tier.ISOLATE, new BigDecimal("40"), true);
    }

    @Test
    void aDentedOneIsWarnedOfAndALeadSignsToo() {
        Bench bench = declined(DENTED);

        assertThat(Declined.of(bench.file())).contains(Declined.WARNED_OF);
        assertThat(bench.file().next().what()).contains("warned of");
        assertThat(bench.file().needsLead()).isTrue();
        refused(bench, new HandBackEntry.Settled(Settlement.DISPOSAL, "collected"), "Only an isolated device");
    }

    @Test
    void aSwollenOneIsNoDeviceToHandOverUntilALeadHasSettledIt() {
        Bench bench = declined(PILLOW).write(intoABox());

        assertThat(bench.file().next().what()).contains("a lead settles it with the owner");
        refused(bench, new HandBackEntry.SignedOff(Role.TECHNICIAN), "it is not handed over as a device");
        refused(bench, new HandBackEntry.Settled(Settlement.DISPOSAL, "collected"), "A lead settles");

        bench.write(new HandBackEntry.Settled(Settlement.DISPOSAL, "The line pays for the collector."), Role.LEAD);
        taken(bench, new HandBackEntry.SignedOff(Role.TECHNICIAN));
    }

    private static HandBackEntry.SignedOff again(@Nullable String lookedAtAgain) {
        return new HandBackEntry.SignedOff(Role.LEAD, null, lookedAtAgain);
    }

    @Test
    void whoSignsAloneSignsTwiceAnHourApartAndSaysWhatWasLookedAtAgain() {
        Bench bench = declined(DENTED).alone().write(new HandBackEntry.SignedOff(Role.TECHNICIAN), Role.LEAD);
        assertThat(bench.file().closed()).isFalse();

        refused(bench.later(Duration.ofMinutes(59)), again("seam and warmth"), Role.LEAD, "at the earliest after 1 h");
        refused(bench.later(Duration.ofMinutes(1)), again(null), Role.LEAD, "Missing: what was looked at again");
        bench.write(again("seam and warmth"), Role.LEAD);

        assertThat(bench.file().closed()).isTrue();
        assertThat(Signatures.of(bench.file()).byOnePerson()).isTrue();
    }

    @Test
    void inAnyOtherShopNobodySignsTwice() {
        Bench bench = declined(DENTED).write(new HandBackEntry.SignedOff(Role.TECHNICIAN), Role.LEAD);

        refused(
                bench.later(Duration.ofHours(2)),
                again("seam and warmth"),
                Role.LEAD,
                "a second person signs this job");
    }

    @Test
    void whereNothingTakesItItStandsOutdoorsUntilTheGuardsTimeIsOver() {
        Bench bench = declined(PILLOW);
        Instant until = bench.file().now().plus(Duration.ofHours(1));
        refused(bench, outdoors(bench.file().now().minusSeconds(1)), "The guard's time is over");
        bench.write(outdoors(until));

        assertThat(bench.file().isPutAway()).isTrue();
        assertThat(new IsolationChapter().calls(bench.file(), Hours.ALWAYS))
                .singleElement()
                .satisfies(call -> assertThat(call.at()).isEqualTo(until))
                .satisfies(call -> assertThat(call.danger()).isEqualTo(Danger.LOOSE));
        taken(bench, outdoors(until.plusSeconds(3600)));
        taken(bench, intoABox());
    }
}
