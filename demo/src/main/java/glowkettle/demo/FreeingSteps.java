package glowkettle.demo;

import glowkettle.free.Effort;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Parting;
import glowkettle.library.Bond;
import glowkettle.library.Leads;
import java.math.BigDecimal;

/** Deals with what holds a step before it is done: strips drawn, a bond parted, leads taken off one at a time. */
final class FreeingSteps {
    private FreeingSteps() {}

    static void before(String step, Play play) {
        play.file().model().anatomy().bondOf(step).ifPresent(bond -> parted(bond, play));
        play.file().model().leadsOf(step).ifPresent(leads -> takenOff(leads, play));
    }

    private static void sand(Play play) {
        if (!Freeing.of(play.file()).sandReady()) {
            play.write(new FreeEntry.SandReady());
        }
    }

    private static void parted(Bond bond, Play play) {
        sand(play);
        if (bond.stripCount() > 0) {
            int drawn = Freeing.of(play.file()).strips(bond.operation()).size();
            for (int strip = drawn + 1; strip <= bond.stripCount(); strip++) {
                play.write(new FreeEntry.StripDrawn(bond.operation(), BigDecimal.valueOf(strip), true, null));
            }
            return;
        }
        play.write(new FreeEntry.Prised(
                bond.operation(),
                bond.layers().stack().adhesive().isSeam() ? Loosening.COLD_CUT : Loosening.CARD,
                Effort.SOME));
    }

    private static void takenOff(Leads leads, Play play) {
        sand(play);
        if (Parting.of(play.file()).leadsNoted().isEmpty()) {
            noted(leads, play);
        }
        for (String lead : Parting.of(play.file()).leadOrder(leads).result().off()) {
            play.write(new FreeEntry.ConductorFreed(lead)).write(new FreeEntry.ConductorCovered(lead));
        }
    }

    static void noted(Leads leads, Play play) {
        play.write(new FreeEntry.LeadsNoted(leads.leads().stream()
                        .map(lead -> new FreeEntry.LeadNote(lead.id(), lead.colour(), "through the notch"))
                        .toList()))
                .write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
    }
}
