package glowkettle.demo;

import glowkettle.arrive.Symptom;
import glowkettle.cell.Chemistry;
import glowkettle.free.LeadOrder;
import glowkettle.job.Entry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.TransplantStep;
import glowkettle.join.GaugeData;
import glowkettle.join.Transplant;
import glowkettle.library.Leads;
import java.math.BigDecimal;
import java.util.List;

/** New leads of other colours, and a controller on its way to a new cell. */
final class JoiningJobs {
    private static final String AVOCET = "avocet";
    private static final String PETREL = "petrel-5";

    private JoiningJobs() {}

    static void play(FreeingJobs.Opening opening) {
        // The third lead was yellow on the old pack; of the new one's, one is white.
        Play headset = opening.promised(1, 3, AVOCET, "Purser, ferry Fulmar", Symptom.SHORT_RUNTIME)
                .as(DemoJob.TELLING_APART)
                .assessed()
                .tornDownTo("disconnect");
        noted(headset, headset.file().model().leadsOf("disconnect").orElseThrow());
        headset.out().fitted();
        JoinSteps.next(headset.file()).ifPresent(headset::write);
        Play phone = opening.promised(2, 3, PETREL, "Radio officer, ferry Skua", Symptom.SHORT_RUNTIME)
                .as(DemoJob.MOVING_BOARD)
                .assessed()
                .out()
                .fitted()
                .write(new JoinEntry.TransplantPlanned(sheets()));
        moved().forEach(phone::write);
    }

    private static void noted(Play headset, Leads leads) {
        headset.write(new FreeEntry.LeadsNoted(leads.leads().stream()
                        .map(lead -> new FreeEntry.LeadNote(
                                lead.id(), lead.id().equals("white") ? "yellow" : lead.colour(), "through the notch"))
                        .toList()))
                .write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
    }

    /** Board and cell agree; the tabs have some length to spare. */
    private static Transplant.Request sheets() {
        BigDecimal kiloohms = BigDecimal.TEN;
        Chemistry.Family lithium = Chemistry.Family.LITHIUM;
        return new Transplant.Request(
                new Transplant.Board(new BigDecimal("4.4"), new BigDecimal("4.44"), BigDecimal.ONE, lithium, kiloohms),
                new Transplant.Cell(new BigDecimal("4.4"), BigDecimal.ONE, lithium, kiloohms),
                new Transplant.Tab(new BigDecimal("9"), new BigDecimal("3"), new BigDecimal("2")),
                new Transplant.Tab(new BigDecimal("14"), new BigDecimal("3"), new BigDecimal("2.5")),
                null,
                new BigDecimal("18"));
    }

    private static List<Entry> moved() {
        return List.of(
                new JoinEntry.TransplantStepDone(TransplantStep.KIT),
                new JoinEntry.TransplantStepDone(TransplantStep.PHOTOGRAPHED),
                new JoinEntry.GaugeReadOut(new GaugeData(
                        new BigDecimal("2800"),
                        new BigDecimal("1690"),
                        new BigDecimal("612"),
                        "00417",
                        "2022-04-11",
                        "2022-06-02")),
                new JoinEntry.TransplantStepDone(TransplantStep.WRAPS_OFF),
                new JoinEntry.TransplantStepDone(TransplantStep.MINUS_TRIMMED));
    }
}
