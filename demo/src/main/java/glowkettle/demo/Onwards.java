package glowkettle.demo;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.cell.Calipered;
import glowkettle.fit.PackLabel;
import glowkettle.free.LeadOrder;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Parting;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.JobTray;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Bond;
import glowkettle.library.DeviceModel;
import glowkettle.library.Leads;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.PackData;
import glowkettle.open.Tray;
import glowkettle.open.WayBack;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What a technician would most likely write next, where that can be said without thinking. */
public final class Onwards {
    private Onwards() {}

    public static Optional<Entry> of(JobFile job) {
        return switch (job.next().stage().path()) {
            case "arrive", "assess" -> reading(job);
            case "open", "free" -> Opening.of(job).nextStep().map(step -> inwards(job, step.operation()));
            case "fit" -> fit(job);
            case "match" -> MatchSteps.next(job);
            case "join" -> JoinSteps.next(job);
            case "wayback" -> ClosingUp.of(job).nextStepBack().map(step -> backwards(job, step));
            case "prove" ->
                Proving.of(job).checks().stream()
                        .filter(check -> !Proving.of(job).checked().containsKey(check.id()))
                        .findFirst()
                        .map(check -> new ProveEntry.Checked(check.id(), CheckList.Outcome.WORKS, null));
            case "calibrate" -> Optional.of(new CalibrateEntry.CycleLeftOut("It comes calibrated."));
            case "handback" -> Optional.empty();
            default ->
                throw new IllegalStateException(
                        "Nobody knows how %s goes on".formatted(job.next().stage()));
        };
    }

    private static Optional<Entry> reading(JobFile job) {
        if (Opening.of(job).runDownUndecided() || PackHealth.of(job).waitsForRunDown()) {
            return Optional.of(new AssessEntry.ChargeSeen(new BigDecimal("20")));
        }
        var state = job.state();
        if (state.latest(AssessEntry.Looked.class).isEmpty()) {
            return Optional.of(new AssessEntry.Looked(Look.GOOD));
        }
        if (state.latest(AssessEntry.WarmthTaken.class).isEmpty()) {
            return Optional.of(new AssessEntry.WarmthTaken(Warmth.atRest("21", "21")));
        }
        if (state.latest(AssessEntry.SeamTaken.class).isEmpty()) {
            return Optional.of(new AssessEntry.SeamTaken(new Seam(List.of(new BigDecimal("0.1")), null, false)));
        }
        return job.liftedOut() ? inHand(job) : Optional.empty();
    }

    private static Optional<Entry> inHand(JobFile job) {
        if (job.state().latest(AssessEntry.ThicknessTaken.class).isEmpty()) {
            return Optional.of(new AssessEntry.ThicknessTaken(
                    new Thickness(job.model().pack().size().thicknessMm(), List.of(), null)));
        }
        return Optional.of(new AssessEntry.VoltageTaken(
                new Voltage(new BigDecimal("3.8"), null, VoltageSource.CELLS, null, null)));
    }

    private static Entry inwards(JobFile job, Operation operation) {
        if (operation.isInside() && !Opening.of(job).conditionsConfirmed()) {
            return new OpenEntry.ConditionsConfirmed();
        }
        List<String> fasteners = job.model().anatomy().fastenersOf(operation.id()).stream()
                .map(fastener -> fastener.id())
                .filter(id -> !FastenerLog.of(job).out().contains(id)
                        && !FastenerLog.of(job).missing().contains(id))
                .toList();
        if (!fasteners.isEmpty()) {
            return new OpenEntry.FastenersOut(fasteners, List.of());
        }
        Optional<Bond> bond = job.model().anatomy().bondOf(operation.id());
        boolean strips = bond.filter(held -> held.stripCount()
                        > Freeing.of(job).strips(held.operation()).size())
                .isPresent();
        Optional<Leads> leads = job.model().leadsOf(operation.id());
        boolean undescribed = Freeing.of(job).undescribedAtHand().isPresent();
        if ((strips || leads.isPresent() || undescribed) && !Freeing.of(job).sandReady()) {
            return new FreeEntry.SandReady();
        }
        if (undescribed) {
            return operation.kind() == OperationKind.DISCONNECT_PACK
                    ? new FreeEntry.LeadsFound(true, null, null, null, new BigDecimal("35"), null)
                    : new FreeEntry.NotGlued(operation.id());
        }
        if (strips) {
            int drawn = Freeing.of(job).strips(operation.id()).size();
            return new FreeEntry.StripDrawn(operation.id(), BigDecimal.valueOf(drawn + 1), true, null);
        }
        return leads.flatMap(soldered -> unsoldered(job, soldered))
                .orElseGet(() -> new OpenEntry.StepDone(operation.id()));
    }

    private static Optional<Entry> unsoldered(JobFile job, Leads leads) {
        if (Parting.of(job).leadsNoted().isEmpty()) {
            return Optional.of(new FreeEntry.LeadsNoted(leads.leads().stream()
                    .map(lead -> new FreeEntry.LeadNote(lead.id(), "grey", null))
                    .toList()));
        }
        if (Parting.of(job).leadSchool().isEmpty()) {
            return Optional.of(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
        }
        return Parting.of(job)
                .bareConductor()
                .<Entry>map(FreeEntry.ConductorCovered::new)
                .or(() -> Parting.of(job).nextConductor(leads).map(FreeEntry.ConductorFreed::new));
    }

    private static Optional<Entry> fit(JobFile job) {
        if (!job.packKnown()) {
            return Optional.empty();
        }
        if (Fitting.of(job).packChosen()) {
            return Optional.of(new FitEntry.CoinCellSettled(FitEntry.CoinCell.BACK, null));
        }
        if (Fitting.of(job).comparison().isEmpty()) {
            return Optional.of(new FitEntry.PackOffered(label(job.model())));
        }
        return Optional.of(
                job.newPackTier().isEmpty()
                        ? new FitEntry.NewPackSeen(
                                Look.GOOD,
                                new Thickness(job.model().pack().size().thicknessMm(), List.of(), null),
                                new Voltage(new BigDecimal("3.78"), null, VoltageSource.PLUG, null, null),
                                null)
                        : new FitEntry.PackChosen());
    }

    static PackLabel label(DeviceModel model) {
        PackData pack = model.pack();
        return new PackLabel(
                new PackLabel.Printed(
                        pack.ratings().nominalV(),
                        pack.ratings().chargeLimitV().multiply(pack.ratings().series()),
                        pack.ratings().capacityMah(),
                        null,
                        null,
                        "26-31"),
                Calipered.of(pack.size()),
                null,
                null,
                null,
                PackLabel.Inside.UNKNOWN,
                Play.connection(model));
    }

    private static Entry backwards(JobFile job, WayBack.Step step) {
        if (step.pressS() != null && ClosingUp.of(job).pressedUntil(step).isEmpty()) {
            return new WayBackEntry.PressBegun(step.id());
        }
        List<String> empty = JobTray.of(job).tray().result().emptyHoles();
        List<Tray.Placement> placements = job.model().anatomy().fastenersOf(step.id()).stream()
                .map(fastener -> fastener.id())
                .filter(empty::contains)
                .map(id -> new Tray.Placement(id, id))
                .toList();
        return placements.isEmpty() ? new WayBackEntry.StepBack(step.id()) : new WayBackEntry.FastenersBack(placements);
    }
}
