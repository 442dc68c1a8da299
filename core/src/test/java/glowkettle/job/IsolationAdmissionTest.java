package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.isolation.IsolationEntry;
import java.math.BigDecimal;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** A pack has one place, and nobody carries one that burns. */
class IsolationAdmissionTest {
    private static final Look SMOKES = new Look(true, false, false, false, false, false, Wet.NO, Damage.NONE);

    @Test
    void aPackIsPutAwayWhereItIsAndByNobodyWhileItBurns() {
        IsolationEntry.PackStored alone =
                new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, null);
        IsolationEntry.PackStored whole =
                new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, true);
        refused(new Bench().assessed(), alone, "put the whole device away");
        taken(new Bench().assessed(), whole);
        Bench smoking = new Bench().assessed().write(new AssessEntry.Looked(SMOKES));
        refused(smoking, whole, "nobody carries it");
        refused(smoking, new IsolationEntry.PackReleased(1, "Collector"), Role.LEAD, "nobody carries it");
        refused(new Bench().assessed(), new IsolationEntry.PackReleased(1, "Collector"), "Only a lead releases");
        refused(
                new Bench().assessed(),
                new IsolationEntry.PackReleased(1, "Collector"),
                Role.LEAD,
                "is in no container");
        Bench gone = new Bench()
                .assessed()
                .torn()
                .write(alone)
                .write(new IsolationEntry.PackReleased(1, "Collector"), Role.LEAD);
        refused(gone, alone, "The old pack has left the store");
    }

    @Test
    void aGuardOutdoorsHasAnEndAheadAndOnePlace() {
        Instant now = Bench.NOON;
        IsolationEntry.StoodOutdoors outdoors =
                new IsolationEntry.StoodOutdoors("Quay", "deckhand", now.plusSeconds(3_600), true);
        taken(new Bench().assessed(), outdoors);
        refused(
                new Bench().assessed(),
                new IsolationEntry.StoodOutdoors("Quay", "deckhand", now, true),
                "The guard's time is over");
        Bench stored = new Bench()
                .assessed()
                .write(new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, true));
        refused(stored, outdoors, "It is in Bucket already");
        Bench smoking = new Bench().assessed().write(new AssessEntry.Looked(SMOKES));
        refused(smoking, outdoors, "nobody carries it");
    }
}
