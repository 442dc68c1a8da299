package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.Symptom;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.cell.Body;
import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.fit.PackLabel;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.order.OrderOfWork;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Anatomy;
import glowkettle.library.DeviceModel;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import glowkettle.library.InDevice;
import glowkettle.library.Mounting;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.PackData;
import glowkettle.library.Ratings;
import glowkettle.library.Side;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Tray;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A journal in memory for a small laptop of two screws, one cable and a pack. */
final class Bench {
    static final Instant NOON = Instant.parse("2026-11-18T12:00:00Z");

    private final List<Recorded> journal = new ArrayList<>();
    private final DeviceModel model;
    private Instant now = NOON;
    private ShopLimits limits = ShopLimits.defaults();
    private boolean alone;

    Bench() {
        this(model());
    }

    Bench(DeviceModel model) {
        this.model = model;
        add(
                new ArriveEntry.JobOpened(
                        new ArriveEntry.Device("whimbrel", null, null),
                        new ArriveEntry.Customer("Bridge, ferry Skua", null),
                        Set.of(Symptom.SHORT_RUNTIME),
                        null,
                        null,
                        OpenedBefore.NO,
                        null,
                        0),
                null);
    }

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    static Operation operation(String id, OperationKind kind, @Nullable String tool, boolean inside, String... after) {
        return new Operation(
                id,
                kind,
                id,
                BigDecimal.ONE,
                new Operation.Handling(tool, Side.BACK, inside, null, null),
                new Operation.Order(List.of(after), null),
                new Operation.Care(List.of(), kind == OperationKind.UNLATCH_CONNECTOR ? "touch panel" : null),
                null);
    }

    private static Fastener screw(String id, String lengthMm) {
        return new Fastener(
                id,
                new Fastener.Spot(Side.BACK, BigDecimal.TEN, BigDecimal.TEN),
                new Fastener.Make("P0", figure("2"), figure(lengthMm), "flat"),
                Fastener.Seat.METAL,
                null,
                null,
                "screws",
                null);
    }

    static DeviceModel model() {
        return new DeviceModel(
                new DeviceModel.Identity("whimbrel", "Whimbrel laptop", List.of("WH-1"), "laptop", null),
                new DeviceModel.Housing(Mounting.SCREWED_IN, figure("0.1"), null, null),
                new PackData(
                        new Ratings(figure("7.4"), figure("4.2"), figure("2"), figure("5000")),
                        new Box(figure("5"), figure("80"), figure("120")),
                        new Box(figure("5.6"), figure("82"), figure("122")),
                        "6 pins",
                        new InDevice(figure("0.1"), figure("2"), figure("6"), figure("3"), figure("3")),
                        Body.CASED_POUCH,
                        figure("2"),
                        PackData.Marks.NONE),
                new Anatomy(
                        List.of(
                                operation("off", OperationKind.POWER_OFF, null, false),
                                operation("screws", OperationKind.LOOSEN_FASTENERS, "P0", false, "off"),
                                operation("cover", OperationKind.LIFT_PART, "pick", false, "screws"),
                                operation("plug", OperationKind.DISCONNECT_PACK, "lever", true, "cover"),
                                operation("cable", OperationKind.UNLATCH_CONNECTOR, "lever", true, "cover"),
                                operation("pack", OperationKind.LIFT_PACK_OUT, null, true, "plug", "cable")),
                        List.of("pack"),
                        List.of(),
                        List.of(new FaceMap(Side.BACK, figure("300"), figure("200"), List.of(), List.of())),
                        List.of(screw("S1", "4"), screw("S2", "6")),
                        List.of()),
                List.of(
                        new DeviceModel.Check("start", "Does it start?", "Dark until plugged in.", true),
                        new DeviceModel.Check("touch panel", "Does it click?", null, false)),
                List.of("The clock has to be set."),
                List.of(),
                List.of());
    }

    JobFile file() {
        return new JobFile(7, OrderOfWork.CHAPTERS, JobState.fold(journal), model, limits, now);
    }

    private void add(Entry entry, @Nullable Long corrects) {
        journal.add(new Recorded(journal.size() + 1, now, "technician", entry, corrects));
    }

    /** In a shop of one person, who is a lead. */
    Bench alone() {
        limits = limits.with(Limit.SIGNERS, BigDecimal.ONE);
        alone = true;
        return this;
    }

    Bench later(Duration passed) {
        now = now.plus(passed);
        return this;
    }

    Optional<String> refusal(Entry entry, Role by) {
        return refusal(null, entry, by);
    }

    Optional<String> refusal(Entry entry) {
        return refusal(entry, Role.TECHNICIAN);
    }

    /** Of an entry that takes the place of another. */
    Optional<String> refusal(@Nullable Long corrects, Entry entry, Role by) {
        return refuse(corrects, entry, by).map(Admission.Refusal::reason);
    }

    /** The field a refusal stands at. */
    Optional<String> fieldOf(Entry entry) {
        return refuse(null, entry, Role.TECHNICIAN).map(Admission.Refusal::field);
    }

    private Optional<Admission.Refusal> refuse(@Nullable Long corrects, Entry entry, Role by) {
        return Admission.refuse(
                file(),
                entry,
                corrects,
                new Admission.Author(name(by), by),
                now,
                (state, moment) -> new JobFile(7, OrderOfWork.CHAPTERS, state, model, limits, moment));
    }

    /** Where the first such entry stands. */
    long seqOf(Entry entry) {
        return journal.stream()
                .filter(recorded -> recorded.entry().equals(entry))
                .findFirst()
                .orElseThrow()
                .seq();
    }

    Bench write(Entry entry) {
        return write(entry, Role.TECHNICIAN);
    }

    Bench write(Entry entry, Role by) {
        assertThat(refusal(entry, by)).as("%s", entry).isEmpty();
        journal.add(new Recorded(journal.size() + 1, now, name(by), entry, null));
        return this;
    }

    /** One person a role, or one for all. */
    private String name(Role role) {
        return alone ? "ines" : role.name().toLowerCase(java.util.Locale.ROOT);
    }

    long last() {
        return journal.size();
    }

    Bench correct(long seq, Entry entry) {
        add(entry, seq);
        return this;
    }

    /** Written whatever the admission says. */
    Bench unasked(Entry entry) {
        add(entry, null);
        return this;
    }

    Bench assessed() {
        return write(new AssessEntry.Looked(Look.GOOD))
                .write(new AssessEntry.WarmthTaken(Warmth.atRest("22", "21")))
                .write(new AssessEntry.SeamTaken(new Seam(List.of(figure("0.1")), null, false)));
    }

    /** Measured in the hand, and sound. */
    Bench inHand() {
        return write(new AssessEntry.ThicknessTaken(
                        new Thickness(figure("5"), List.of(figure("5"), figure("5"), figure("5"), figure("5")), null)))
                .write(new AssessEntry.VoltageTaken(new Voltage(figure("3.8"), null, VoltageSource.CELLS, null, null)));
    }

    Bench in(String step) {
        return write(new OpenEntry.StepDone(step));
    }

    Bench torn() {
        return in("off")
                .write(new OpenEntry.FastenersOut(List.of("S1", "S2"), List.of()))
                .in("cover")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug")
                .in("cable")
                .in("pack");
    }

    Bench thick(String middleMm) {
        return write(new AssessEntry.ThicknessTaken(new Thickness(figure(middleMm), List.of(), null)));
    }

    Bench measured() {
        return thick("5.0")
                .write(new AssessEntry.VoltageTaken(new Voltage(figure("3.8"), null, VoltageSource.CELLS, null, null)));
    }

    static PackLabel label(String nominalV, String chargeV) {
        return new PackLabel(
                new PackLabel.Printed(figure(nominalV), figure(chargeV), figure("5000"), null, null, null),
                new Calipered(figure("5"), figure("80"), figure("120")),
                null,
                null,
                null,
                true);
    }

    Bench fitted() {
        return write(new FitEntry.PackOffered(label("7.4", "8.4"))).seen().write(new FitEntry.PackChosen());
    }

    /** Every function tried, and in order. */
    Bench proven() {
        Proving.of(file())
                .checks()
                .forEach(check -> write(new ProveEntry.Checked(check.id(), CheckList.Outcome.WORKS, null)));
        return this;
    }

    private static @Nullable String named(AssessEntry.ColdStep step) {
        return step.named() ? step == AssessEntry.ColdStep.REMOVER ? "B. Mooring" : "A. Quayside" : null;
    }

    Bench readyForColdRemoval() {
        for (AssessEntry.ColdStep step : AssessEntry.ColdStep.values()) {
            write(new AssessEntry.ColdRemovalConfirmed(step, named(step)), Role.LEAD);
        }
        return this;
    }

    /** The new pack, sound out of its box. */
    Bench seen() {
        return write(new FitEntry.NewPackSeen(
                Look.GOOD,
                new Thickness(figure("5"), List.of(), null),
                new Voltage(figure("3.8"), null, VoltageSource.PLUG, null, null),
                null));
    }

    Bench back() {
        for (int i = 0; i < 20; i++) {
            var step = ClosingUp.of(file()).nextStepBack();
            if (step.isEmpty()) {
                return this;
            }
            if (step.get().id().equals("screws")) {
                write(new WayBackEntry.FastenersBack(
                        List.of(new Tray.Placement("S1", "S1"), new Tray.Placement("S2", "S2"))));
            }
            write(new WayBackEntry.StepBack(step.get().id()));
        }
        throw new AssertionError("The way back never ends");
    }
}
