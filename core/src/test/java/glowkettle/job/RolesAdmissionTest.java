package glowkettle.job;

import static glowkettle.job.Refusals.refused;

import glowkettle.job.assess.AssessEntry;
import glowkettle.job.handback.HandBackEntry;
import org.junit.jupiter.api.Test;

/** What only some may say. */
class RolesAdmissionTest {
    @Test
    void nobodySignsForAnotherTwiceOrTooEarly() {
        refused(new Bench(), new HandBackEntry.SignedOff(Role.LEAD), "cannot sign as lead");
        refused(new Bench(), new HandBackEntry.SignedOff(Role.TRAINEE), Role.TRAINEE, "A trainee cannot sign");
        refused(new Bench().assessed(), new HandBackEntry.SignedOff(Role.TECHNICIAN), "");
    }

    @Test
    void onlyALeadLetsADeviceBeOpenedAtAHigherChargeAndOnlyWhereItWaits() {
        Bench bench = new Bench().assessed();

        refused(bench, new AssessEntry.RunDownWaived("Collected today"), "Only a lead");
        refused(bench, new AssessEntry.RunDownWaived("Collected today"), Role.LEAD, "No run-down is waited for");
    }

    @Test
    void onlyALeadLowersATierAndOnlyOneThatIsHeld() {
        refused(new Bench().assessed(), new AssessEntry.TierLowered("Read twice"), "Only a lead lowers a tier");
        refused(new Bench().assessed(), new AssessEntry.TierLowered("Read twice"), Role.LEAD, "Nothing is held");
    }
}
