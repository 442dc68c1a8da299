package glowkettle.app.arrive;

import glowkettle.app.shop.Shop;
import glowkettle.arrive.PressureHold;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Long series from the pressure tester, kept beside the journals that name them. */
@Service
class BenchLogs {
    private final BenchLogMapper rows;
    private final SampleCopy samples;
    private final InstantSource clock;

    BenchLogs(BenchLogMapper rows, SampleCopy samples, InstantSource clock) {
        this.rows = rows;
        this.samples = samples;
        this.clock = clock;
    }

    @Transactional
    String keep(long job, PressureHold.Log log) {
        String id = UUID.randomUUID().toString();
        rows.put(
                Shop.ID,
                id,
                new BenchLogMapper.LogRow(
                        job, clock.instant().truncatedTo(ChronoUnit.MILLIS), log.targetKpa(), log.volumeMl()));
        samples.copy(id, log.samples());
        return id;
    }

    /** A log of this job; empty for any other job's. */
    @Transactional(readOnly = true)
    Optional<PressureHold.Log> log(long job, String id) {
        if (!id.matches("[0-9a-f-]{36}")) {
            return Optional.empty();
        }
        return rows.log(Shop.ID, id)
                .filter(row -> row.job() == job)
                .map(row -> new PressureHold.Log(
                        row.target(),
                        row.volume(),
                        rows.samples(Shop.ID, id).stream()
                                .map(sample -> new PressureHold.Sample(sample.seconds(), sample.value()))
                                .toList()));
    }
}
