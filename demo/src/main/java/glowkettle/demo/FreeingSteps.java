package glowkettle.demo;

import glowkettle.free.Effort;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.library.Bond;
import glowkettle.library.DeviceModel;
import glowkettle.library.Leads;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.IntStream;

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
        noted(leads, play);
        for (String lead : Freeing.of(play.file()).leadOrder(leads).result().off()) {
            play.write(new FreeEntry.ConductorFreed(lead)).write(new FreeEntry.ConductorCovered(lead));
        }
    }

    /** The new pack's leads have other colours; the lowest reads nothing, the highest what the pack holds. */
    static FitEntry.NewLeadsMeasured measured(DeviceModel model) {
        List<String> colours = List.of("white", "yellow", "blue", "green", "brown", "grey");
        int count = model.housing().leads() == null
                ? 2
                : model.housing().leads().leads().size();
        BigDecimal highestV =
                new BigDecimal("3.78").multiply(model.pack().ratings().series());
        return new FitEntry.NewLeadsMeasured(IntStream.range(0, count)
                .mapToObj(i -> new FitEntry.NewLead(
                        colours.get(i % colours.size()),
                        i == 0 ? BigDecimal.ZERO : i == count - 1 ? highestV : new BigDecimal("0.02")))
                .toList());
    }

    static void noted(Leads leads, Play play) {
        play.write(new FreeEntry.LeadsNoted(leads.leads().stream()
                        .map(lead -> new FreeEntry.LeadNote(lead.id(), lead.colour(), "through the notch"))
                        .toList()))
                .write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
    }
}
