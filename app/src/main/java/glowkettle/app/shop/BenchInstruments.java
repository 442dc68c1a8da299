package glowkettle.app.shop;

import glowkettle.heat.Refit;
import glowkettle.instruments.Calipers;
import glowkettle.instruments.GaugeReader;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.instruments.PressureTester;
import glowkettle.instruments.Probe;
import glowkettle.instruments.SimulatedBench;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.Freeing;
import glowkettle.library.PackData;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.SplittableRandom;
import java.util.StringJoiner;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * The instruments on the bench. They are simulated stand-ins that ship with the product: what they show is drawn from the
 * job's number, so that the same job reads the same every time.
 */
@Component
public class BenchInstruments implements DisposableBean {
    private static final Duration PATIENCE = Duration.ofSeconds(2);

    private final SimulatedBench bench;

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
        bench.show(PressureTester.QUERY, () -> {
            double seconds = (System.nanoTime() - begun) / 1e9 * hurry;
            double noise = (Math.floorMod(System.nanoTime() / 1_000, 21) - 10) / 10_000.0;
            return rounded(targetKpa.doubleValue() * Math.exp(-seconds / tauSeconds) + noise, 4);
        });
        return new PressureTester(bench.instrument(PATIENCE));
    }

    /** The probe under the pack that is being heated; how well it touches the heat differs from job to job a little. */
    public synchronized BigDecimal probeC(JobFile job, Instant now) throws InstrumentSilent {
        SplittableRandom random = new SplittableRandom(job.number() * 41);
        double off = random.nextDouble(2) - 1;
        double shownC = Freeing.of(job)
                .warm(now)
                .flatMap(bond -> BenchClocks.heat(job, bond))
                .map(heat -> Refit.predict(heat.request(), List.of(), heat.sinceS(now), Refit.Spot.CELL, job.limits())
                        .doubleValue())
                .orElse(21.0);
        bench.show(Probe.QUERY, rounded(shownC + off, 1));
        return new Probe(bench.instrument(PATIENCE)).readC();
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
