package glowkettle.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.instruments.GaugeReader;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class BenchInstrumentsTest {
    private static final int ROUNDS = 20;

    private final Kettle kettle;

    BenchInstrumentsTest(Kettle kettle) {
        this.kettle = kettle;
    }

    @Test
    void twoPeopleWhoReadAtOnceGetEachTheirOwnPack() throws Exception {
        BenchInstruments bench = kettle.bean(BenchInstruments.class);
        JobFile first = Played.opened(kettle).file();
        JobFile second = Played.opened(kettle).file();
        GaugeReader.ReadOut ofFirst = bench.gauge(first, Moment.BEFORE);
        GaugeReader.ReadOut ofSecond = bench.gauge(second, Moment.BEFORE);
        assertThat(ofFirst).isNotEqualTo(ofSecond);
        List<Callable<GaugeReader.ReadOut>> readers = new ArrayList<>();
        for (int i = 0; i < ROUNDS; i++) {
            JobFile job = i % 2 == 0 ? first : second;
            readers.add(() -> bench.gauge(job, Moment.BEFORE));
        }
        try (ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<GaugeReader.ReadOut>> read = people.invokeAll(readers);
            for (int i = 0; i < ROUNDS; i++) {
                assertThat(read.get(i).get()).isEqualTo(i % 2 == 0 ? ofFirst : ofSecond);
            }
        }
    }
}
