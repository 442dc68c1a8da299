package glowkettle.app.shop;

import glowkettle.finding.Figures;
import glowkettle.heat.HeatCourse;
import glowkettle.heat.Refit;
import glowkettle.instruments.Calipers;
import glowkettle.instruments.GaugeProgrammer;
import glowkettle.instruments.GaugeReader;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.instruments.Multimeter;
import glowkettle.instruments.PressureTester;
import glowkettle.instruments.Probe;
import glowkettle.instruments.SimulatedBench;
import glowkettle.instruments.SimulatedGauge;
import glowkettle.instruments.SpotWelder;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.Warming;
import glowkettle.job.join.Transplanting;
import glowkettle.join.GaugeData;
import glowkettle.join.LeadFinder;
import glowkettle.join.LeadsInside;
import glowkettle.join.WeldLadder;
import glowkettle.library.Lead;
import glowkettle.library.Leads;
import glowkettle.library.PackData;
import glowkettle.limits.Limit;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.StringJoiner;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * The instruments on the bench. They are simulated stand-ins that ship with the product: what they show is drawn from the
 * job's number, so that the same job reads the same every time.
 */
@Component
public class BenchInstruments implements DisposableBean {
    /** Twice as dense as the rule asks. */
    private static final int TESTER_SAMPLES_PER_SECOND = 20;

    private static final Duration PATIENCE = Duration.ofSeconds(2);

    /** Over this share of its levels the simulated welder burns holes. */
    private static final double BURNS_AT = 0.75;

    private final SimulatedBench bench;
    private final Map<Long, SimulatedGauge> gauges = new HashMap<>();

    BenchInstruments() throws IOException {
        bench = new SimulatedBench();
    }

    /** Shown and read in one breath: two people who ask at once get each their own pack. */
    public synchronized GaugeReader.ReadOut gauge(JobFile job, Moment moment) throws InstrumentSilent {
        PackData pack = job.model().pack();
        SplittableRandom random = new SplittableRandom(job.number() * 2 + moment.ordinal());
        boolean worn = moment == Moment.BEFORE;
        double share = worn ? 0.5 + random.nextDouble(0.25) : 0.97 + random.nextDouble(0.04);
        double cellV = 3.7 + random.nextDouble(0.2);
        StringJoiner answer = new StringJoiner(",")
                .add(rounded(pack.ratings().capacityMah().doubleValue() * share, 0))
                .add(pack.ratings().capacityMah().toPlainString())
                .add(String.valueOf(worn ? 400 + random.nextInt(500) : random.nextInt(4)))
                .add(rounded(21 + random.nextDouble(2), 1));
        for (int cell = 0; cell < pack.ratings().series().intValue(); cell++) {
            answer.add(rounded(cellV + random.nextDouble(0.012), 3));
        }
        bench.show(GaugeReader.QUERY, answer.toString());
        return new GaugeReader(bench.instrument(PATIENCE)).read();
    }

    public synchronized Calipers.Five calipers(JobFile job) throws InstrumentSilent {
        double nominalMm = job.model().pack().size().thicknessMm().doubleValue();
        SplittableRandom random = new SplittableRandom(job.number() * 31);
        double swollen = 1 + random.nextDouble(0.035);
        StringJoiner answer = new StringJoiner(",").add(rounded(nominalMm * swollen, 2));
        for (int corner = 0; corner < Calipers.CORNERS; corner++) {
            answer.add(rounded(nominalMm * (1 + (swollen - 1) * random.nextDouble(0.4)), 2));
        }
        bench.show(Calipers.QUERY, answer.toString());
        return new Calipers(bench.instrument(PATIENCE)).read();
    }

    /**
     * The tester, with the shell under pressure from now on. A glued shell leaks a little more before than after it was
     * sealed anew.
     *
     * @param hurry how many times faster than life the simulated pressure falls
     */
    public synchronized PressureTester pressureTester(JobFile job, Moment moment, BigDecimal targetKpa, double hurry) {
        SplittableRandom random = new SplittableRandom(job.number() * 17 + moment.ordinal());
        double tauSeconds = moment == Moment.BEFORE ? 12 + random.nextDouble(60) : 120 + random.nextDouble(200);
        long begun = System.nanoTime();
        AtomicInteger taken = new AtomicInteger();
        bench.show(PressureTester.QUERY, () -> {
            int due = (int) ((System.nanoTime() - begun) / 1e9 * hurry * TESTER_SAMPLES_PER_SECOND);
            int count = Math.clamp(due - taken.get(), 0, PressureTester.MOST_SAMPLES);
            StringJoiner answer = new StringJoiner(",").add(String.valueOf(count));
            for (int i = 0; i < count; i++) {
                double seconds = taken.getAndIncrement() / (double) TESTER_SAMPLES_PER_SECOND;
                double noise = (random.nextInt(21) - 10) / 10_000.0;
                answer.add(rounded(seconds, 3))
                        .add(rounded(targetKpa.doubleValue() * Math.exp(-seconds / tauSeconds) + noise, 4));
            }
            return answer.toString();
        });
        return new PressureTester(bench.instrument(PATIENCE));
    }

    /** The probe under the pack that is being heated; how well it touches the heat differs from job to job a little. */
    public synchronized BigDecimal probeC(JobFile job, Instant now) throws InstrumentSilent {
        SplittableRandom random = new SplittableRandom(job.number() * 41);
        double off = random.nextDouble(2) - 1;
        double shownC = Warming.of(job)
                .warm(now)
                .flatMap(bond -> BenchClocks.heat(job, bond))
                .map(heat -> HeatCourse.of(heat.request(), List.of(), job.limits())
                        .readC(heat.sinceS(now), Refit.Spot.CELL)
                        .doubleValue())
                .orElse(21.0);
        bench.show(Probe.QUERY, rounded(shownC + off, 1));
        return new Probe(bench.instrument(PATIENCE)).readC();
    }

    /** The new pack's leads lie the other way round than the device's; what the meter says of two of them. */
    public synchronized BigDecimal metered(JobFile job, List<LeadFinder.NewLead> leads, LeadFinder.Measurement wanted)
            throws InstrumentSilent {
        Leads held = job.model().housing().leads();
        LeadsInside inside = LeadsInside.mirrored(
                leads.stream().map(LeadFinder.NewLead::id).toList(),
                held == null ? List.of() : held.leads().stream().map(Lead::role).toList(),
                job.model().pack().ratings().series().intValue());
        Multimeter.Function function = Multimeter.Function.valueOf(wanted.kind().name());
        bench.show(
                function.query(wanted.from(), wanted.to()),
                () -> inside.reads(wanted).map(BigDecimal::toPlainString).orElse("ERR open lead"));
        return new Multimeter(bench.instrument(PATIENCE)).read(function, wanted.from(), wanted.to());
    }

    /** Tap after tap of a pack of cells, from minus to plus, and the whole of it last. */
    public synchronized List<BigDecimal> taps(List<Double> groupV) throws InstrumentSilent {
        List<BigDecimal> read = new ArrayList<>();
        for (int group = 0; group < groupV.size(); group++) {
            read.add(volts(group, group + 1, groupV.get(group)));
        }
        read.add(volts(
                0, groupV.size(), groupV.stream().mapToDouble(volts -> volts).sum()));
        return read;
    }

    private BigDecimal volts(int from, int to, double shown) throws InstrumentSilent {
        Multimeter.Function volts = Multimeter.Function.VOLTS;
        bench.show(volts.query("tap" + from, "tap" + to), () -> rounded(shown, 3));
        return new Multimeter(bench.instrument(PATIENCE)).read(volts, "tap" + from, "tap" + to);
    }

    /** Too little energy tears off, too much burns through; where that lies differs from strip to strip. */
    public synchronized SpotWelder.Trials pulls(JobFile job, WeldLadder.Request stack, BigDecimal level)
            throws InstrumentSilent {
        SplittableRandom random = new SplittableRandom(job.number() * 53 + level.intValue());
        int steps = stack.highestLevel().subtract(stack.lowestLevel()).intValue() + 1;
        double share = (level.doubleValue() - stack.lowestLevel().doubleValue() + 1) / steps;
        double strongest = 260 * stack.thicknessMm().doubleValue();
        bench.show(
                SpotWelder.query(level.intValue()),
                () -> share > BURNS_AT && random.nextDouble() < 0.5
                        ? SpotWelder.BURNT
                        : rounded(strongest * Math.min(1, 0.35 + share) * (0.94 + random.nextDouble(0.12)), 1));
        return new SpotWelder(bench.instrument(PATIENCE))
                .pull(level.intValue(), job.limits().of(Limit.WELD_PULLS).intValue());
    }

    /** The gauge on the controller board of this job; what it was told stays in it. */
    public synchronized GaugeProgrammer programmer(JobFile job) {
        bench.lay(gauges.computeIfAbsent(
                job.number(),
                anew -> new SimulatedGauge(Transplanting.of(job)
                        .readLast()
                        .map(BenchInstruments::data)
                        .orElseGet(() -> worn(job)))));
        return new GaugeProgrammer(bench.instrument(PATIENCE));
    }

    public static GaugeProgrammer.Data data(GaugeData gauge) {
        return new GaugeProgrammer.Data(
                gauge.designCapacityMah(),
                gauge.fullChargeCapacityMah(),
                gauge.cycleCount(),
                gauge.serial(),
                gauge.manufactured(),
                gauge.firstUse());
    }

    private static GaugeProgrammer.Data worn(JobFile job) {
        SplittableRandom random = new SplittableRandom(job.number() * 61);
        BigDecimal design = job.model().pack().ratings().capacityMah();
        return new GaugeProgrammer.Data(
                design,
                Figures.round(design.doubleValue() * (0.5 + random.nextDouble(0.25)), 0),
                BigDecimal.valueOf(400 + random.nextInt(500)),
                "%05d".formatted(random.nextInt(100_000)),
                "2022-0%s-1%s".formatted(1 + random.nextInt(9), random.nextInt(10)),
                "2022-1%s-0%s".formatted(random.nextInt(3), 1 + random.nextInt(9)));
    }

    /** For practice and tests: the link is lost once, at this command, before or after it is obeyed. */
    public void loseLinkOnce(String command, boolean obeyed) {
        bench.loseLinkOnce(command, obeyed);
    }

    private static String rounded(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }

    @Override
    public void destroy() throws IOException {
        bench.close();
    }
}
