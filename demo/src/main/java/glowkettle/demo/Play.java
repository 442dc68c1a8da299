package glowkettle.demo;

import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.Quote;
import glowkettle.arrive.Symptom;
import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.RunDown;
import glowkettle.cell.Calipered;
import glowkettle.fit.PackLabel;
import glowkettle.isolation.ContainerChoice;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Role;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.Fitting;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.JobTray;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.PackData;
import glowkettle.library.Plug;
import glowkettle.open.Tray;
import glowkettle.open.WayBack;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Plays a job through the journal as people would, each entry some minutes after the last. Every entry must be admitted. */
public final class Play {
    private final World world;
    private final long job;
    private Instant now;

    private Play(World world, long job, Instant now) {
        this.world = world;
        this.job = job;
        this.now = now;
    }

    /** Goes on with a job after its newest entry. */
    public static Play resumed(World world, long job, Instant newest) {
        return new Play(world, job, newest);
    }

    public static Play open(
            World world, Instant start, String model, String owner, Set<Symptom> symptoms, @Nullable Instant promise) {
        ArriveEntry.JobOpened opened = new ArriveEntry.JobOpened(
                new ArriveEntry.Device(model, null, null),
                new ArriveEntry.Customer(owner, "desk phone in the crew room"),
                symptoms,
                symptoms.contains(Symptom.SHORT_RUNTIME) ? new BigDecimal("1.5") : null,
                symptoms.contains(Symptom.SUDDEN_SHUT_DOWN) ? new BigDecimal("30") : null,
                OpenedBefore.NO,
                promise,
                1);
        return new Play(world, world.open(opened, start, Person.TECHNICIAN), start);
    }

    public long number() {
        return job;
    }

    Play as(DemoJob name) {
        world.named(name, job);
        return this;
    }

    Play at(Instant instant) {
        now = instant;
        return this;
    }

    public Play write(Entry entry) {
        return write(entry, Person.TECHNICIAN);
    }

    Play asLead(Entry entry) {
        return write(entry, Person.LEAD);
    }

    private Play write(Entry entry, Person by) {
        now = now.plus(lasting(entry));
        world.write(job, entry, now, by);
        return this;
    }

    /** A step takes about as long as its plan says, a little more or less from job to job; anything else two minutes. */
    private Duration lasting(Entry entry) {
        if (entry instanceof WayBackEntry.StepBack back) {
            Optional<Duration> pressed = ClosingUp.of(file()).wayBack().result().steps().stream()
                    .filter(step -> step.id().equals(back.step()) && step.pressS() != null)
                    .map(step -> Duration.ofSeconds(
                            Objects.requireNonNull(step.pressS()).longValue()))
                    .findFirst();
            if (pressed.isPresent()) {
                return pressed.get();
            }
        }
        Optional<String> step = entry instanceof OpenEntry.StepDone done
                ? Optional.of(done.step())
                : entry instanceof OpenEntry.FastenersOut out && !out.out().isEmpty()
                        ? file().model()
                                .anatomy()
                                .fastener(out.out().getFirst())
                                .map(Fastener::operation)
                        : Optional.empty();
        return step.flatMap(file()::operation)
                .map(operation ->
                        Duration.ofSeconds(Math.round(operation.minutes().doubleValue()
                                * (52 + (job * 7 + operation.id().length()) % 23))))
                .orElse(Duration.ofMinutes(2));
    }

    public JobFile file() {
        return world.file(job, now);
    }

    /** Names and prices of packs, in turn. */
    Play quoted(String... offers) {
        List<Quote.Priced> packs = IntStream.range(0, offers.length / 2)
                .mapToObj(i -> new Quote.Priced(offers[2 * i], new BigDecimal(offers[2 * i + 1])))
                .toList();
        return write(new ArriveEntry.Quoted(new Quote.Request(Opening.of(file()).labourMinutes(), List.of(), packs)));
    }

    Play looked() {
        return write(new AssessEntry.Looked(Look.GOOD));
    }

    Play warm(String surfaceC) {
        return write(new AssessEntry.WarmthTaken(Warmth.atRest(surfaceC, "21.0")));
    }

    Play seam(String... gapsMm) {
        return write(new AssessEntry.SeamTaken(new Seam(figures(gapsMm), null, false)));
    }

    Play thick(double percent) {
        BigDecimal nominal = file().model().pack().size().thicknessMm();
        BigDecimal middle = BigDecimal.valueOf(Math.round(nominal.doubleValue() * (100 + percent)) / 100.0);
        return write(new AssessEntry.ThicknessTaken(
                new Thickness(middle, List.of(nominal, nominal, nominal, nominal), null)));
    }

    Play rested(String cellV) {
        return write(new AssessEntry.VoltageTaken(
                new Voltage(new BigDecimal(cellV), null, VoltageSource.CELLS, null, null)));
    }

    Play gauge(Moment moment, int percent, int cycles) {
        PackData pack = file().model().pack();
        BigDecimal full = pack.ratings()
                .capacityMah()
                .multiply(BigDecimal.valueOf(percent))
                .movePointLeft(2);
        return write(new AssessEntry.GaugeRead(
                moment,
                new GaugeReading(
                        full.setScale(0, java.math.RoundingMode.HALF_UP),
                        pack.ratings().capacityMah(),
                        BigDecimal.valueOf(cycles),
                        null,
                        new BigDecimal("21.5"),
                        java.util.Collections.nCopies(pack.ratings().series().intValue(), new BigDecimal("3.82")))));
    }

    /** Everything Assess needs at the counter, and all of it good. */
    public Play assessed() {
        return looked().warm("22.0").seam("0.10", "0.12", "0.10", "0.11").gauge(Moment.BEFORE, 61, 640);
    }

    /** Works through the plan until so many of its steps are left. */
    public Play tornDown(int left) {
        beginning();
        while (Opening.of(file()).plan().result().steps().size()
                        - Opening.of(file()).stepsIn().size()
                > left) {
            var step = Opening.of(file()).nextStep().orElseThrow().operation();
            if (step.isInside() && !Opening.of(file()).conditionsConfirmed()) {
                write(new OpenEntry.ConditionsConfirmed());
            }
            List<String> fasteners = file().model().anatomy().fastenersOf(step.id()).stream()
                    .map(Fastener::id)
                    .toList();
            FreeingSteps.before(step.id(), this);
            write(
                    fasteners.isEmpty()
                            ? new OpenEntry.StepDone(step.id())
                            : new OpenEntry.FastenersOut(fasteners, List.of()));
        }
        return this;
    }

    /** What comes before the first screw: a glued pack is low, and a cold removal stands ready. */
    private void beginning() {
        if (Opening.of(file()).runDownUndecided()) {
            write(new AssessEntry.RunDownChosen(
                    RunDown.School.RUN_DOWN_FIRST,
                    file().model().pack().inDevice().lightUseW(),
                    BigDecimal.valueOf(20)));
        }
        for (Optional<AssessEntry.ColdStep> next = Assessing.of(file()).coldRemovalNext();
                next.isPresent();
                next = Assessing.of(file()).coldRemovalNext()) {
            asLead(new AssessEntry.ColdRemovalConfirmed(next.get(), next.get().named() ? "A. Quayside" : null));
        }
    }

    /** Works through the plan until a step is next. */
    public Play tornDownTo(String step) {
        List<String> order = Opening.of(file()).plan().result().order();
        tornDown(order.size() - order.indexOf(step));
        boolean inside = file().operation(step).orElseThrow().isInside();
        return inside && !Opening.of(file()).conditionsConfirmed() ? write(new OpenEntry.ConditionsConfirmed()) : this;
    }

    public Play out() {
        return tornDown(0).thick(1.5).rested("3.82");
    }

    public PackLabel rightLabel() {
        PackData pack = file().model().pack();
        BigDecimal massG = pack.ratings().energyWh().multiply(new BigDecimal("4.4"));
        return new PackLabel(
                new PackLabel.Printed(
                        pack.ratings().nominalV(),
                        pack.ratings().chargeLimitV().multiply(pack.ratings().series()),
                        pack.ratings().capacityMah(),
                        pack.ratings().energyWh().setScale(1, java.math.RoundingMode.HALF_UP),
                        null,
                        "26-31"),
                Calipered.of(pack.size()),
                massG.setScale(0, java.math.RoundingMode.HALF_UP),
                null,
                null,
                PackLabel.Inside.UNKNOWN,
                connection(file().model()));
    }

    /** A plug and ears like those of the device. */
    static PackLabel.Connection connection(DeviceModel model) {
        return new PackLabel.Connection(
                true,
                model.housing().seat().ears() == null ? null : true,
                Objects.requireNonNullElse(model.housing().plug(), Plug.UNKNOWN));
    }

    Play offered(PackLabel label) {
        return write(new FitEntry.PackOffered(label));
    }

    public Play fitted() {
        return offered(rightLabel()).unpacked().write(new FitEntry.PackChosen());
    }

    /** The new pack looked at as it comes out of its box, and sound. */
    Play unpacked() {
        return write(new FitEntry.NewPackSeen(
                Look.GOOD,
                new Thickness(file().model().pack().size().thicknessMm(), List.of(), null),
                new Voltage(new BigDecimal("3.78"), null, VoltageSource.PLUG, null, null),
                null));
    }

    /** Goes back until so many steps are left. */
    public Play back(int left) {
        if (Fitting.of(file()).isCoinCellOpen()) {
            write(new FitEntry.CoinCellSettled(FitEntry.CoinCell.BACK, null));
        }
        while (true) {
            WayBack.Plan plan = ClosingUp.of(file()).wayBack().result();
            Optional<WayBack.Step> step = ClosingUp.of(file()).nextStepBack();
            if (step.isEmpty()
                    || plan.steps().size() - ClosingUp.of(file()).stepsBack().size() <= left) {
                return this;
            }
            if (file().model().leadsOf(step.get().id()).isPresent()) {
                joined();
            }
            List<String> empty = JobTray.of(file()).tray().result().emptyHoles();
            List<Tray.Placement> placements = file()
                    .model()
                    .anatomy()
                    .fastenersOf(step.get().id())
                    .stream()
                    .filter(fastener -> empty.contains(fastener.id()))
                    .map(fastener -> new Tray.Placement(fastener.id(), fastener.id()))
                    .toList();
            if (!placements.isEmpty()) {
                write(new WayBackEntry.FastenersBack(placements));
            }
            if (step.get().pressS() != null) {
                write(new WayBackEntry.PressBegun(step.get().id()));
            }
            write(new WayBackEntry.StepBack(step.get().id()));
        }
    }

    /** Leads told apart, soldered and pulled. */
    public Play joined() {
        for (Optional<Entry> next = JoinSteps.next(file()); next.isPresent(); next = JoinSteps.next(file())) {
            write(next.get());
        }
        return this;
    }

    public Play proved(int left) {
        List<CheckList.Check> checks = Proving.of(file()).checks();
        for (CheckList.Check check : checks.subList(0, checks.size() - left)) {
            write(new ProveEntry.Checked(check.id(), CheckList.Outcome.WORKS, null));
        }
        return left == 0 ? gauge(Moment.AFTER, 99, 1) : this;
    }

    Play cycle(CalibrateEntry.CycleStep step, Instant happened) {
        if (now.isBefore(happened)) {
            at(happened);
        }
        return write(new CalibrateEntry.CycleEvent(step, happened, null));
    }

    public Play leftOut() {
        return write(new CalibrateEntry.CycleLeftOut("The gauge of this pack comes calibrated; the maker says so."));
    }

    /** Into the container that the store proposes. */
    public Play stored() {
        JobFile file = file();
        ContainerChoice.Container container = world.containerFor(file);
        return write(new IsolationEntry.PackStored(
                container.id(),
                container.name(),
                file.oldPackTier().result().tier(),
                file.model().pack().ratings().energyWh(),
                !file.liftedOut()));
    }

    /** Looks at the stored pack whenever the watch asks for it, up to a moment. */
    Play watchedUntil(Instant until, String ambientC, double aboveK) {
        while (true) {
            Instant due = Isolating.of(file())
                    .watch(world.hours())
                    .orElseThrow()
                    .result()
                    .due();
            if (due.plus(Duration.ofMinutes(8)).isAfter(until)) {
                return this;
            }
            at(due.plus(Duration.ofMinutes(2)));
            BigDecimal air = new BigDecimal(ambientC).add(BigDecimal.valueOf(due.getEpochSecond() / 60 % 7, 1));
            write(new IsolationEntry.Watched(air.add(BigDecimal.valueOf(Math.round(aboveK * 10), 1)), air, null));
        }
    }

    public Play signed() {
        write(new HandBackEntry.SignedOff(Role.TECHNICIAN));
        return file().closed() ? this : asLead(new HandBackEntry.SignedOff(Role.LEAD));
    }

    private static List<BigDecimal> figures(String... texts) {
        return java.util.Arrays.stream(texts).map(BigDecimal::new).toList();
    }
}
