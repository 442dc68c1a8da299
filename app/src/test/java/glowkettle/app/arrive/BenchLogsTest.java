package glowkettle.app.arrive;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.arrive.PressureHold;
import java.math.BigDecimal;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class BenchLogsTest {
    private static final int SAMPLES = 20_000;

    private final Kettle kettle;

    BenchLogsTest(Kettle kettle) {
        this.kettle = kettle;
    }

    @Test
    void aLogOfMoreSamplesThanAStatementHasParametersIsKeptWhole() {
        long job = Played.opened(kettle).number();
        BenchLogs logs = kettle.bean(BenchLogs.class);
        PressureHold.Log log = new PressureHold.Log(
                new BigDecimal("5"),
                new BigDecimal("8"),
                IntStream.range(0, SAMPLES)
                        .mapToObj(i -> new PressureHold.Sample(
                                BigDecimal.valueOf(i, 3), new BigDecimal("5").subtract(BigDecimal.valueOf(i, 5))))
                        .toList());
        String id = logs.keep(job, log);
        assertThat(logs.log(job, id)).hasValueSatisfying(kept -> {
            assertThat(kept.samples()).hasSize(SAMPLES);
            assertThat(kept.samples().getLast().kpa())
                    .isEqualByComparingTo(log.samples().getLast().kpa());
        });
    }
}
