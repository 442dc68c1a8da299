package glowkettle.app.arrive;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.Requests.Answer;
import glowkettle.app.support.RunningKettle;
import glowkettle.calibrate.ClockPlan;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.job.handback.EarliestReady;
import glowkettle.job.open.Opening;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A promise comes from the plan, not from a guess. */
@ExtendWith(RunningKettle.class)
class PromiseTest {
    private final Kettle kettle;
    private final Requests technician;

    PromiseTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        technician = Requests.as(kettle, "technician");
    }

    private Instant earliest(Played job) {
        return EarliestReady.of(
                        job.file(), Kettle.START, kettle.bean(ShopBook.class).hours())
                .orElseThrow();
    }

    private Answer promise(Played job, Instant at, String reason) {
        Map<String, String> form = new HashMap<>();
        form.put("formId", Requests.formId());
        form.put("seen", String.valueOf(job.file().state().seq()));
        form.put(
                "promise",
                LocalDateTime.ofInstant(at, kettle.bean(ShopBook.class).zone()).toString());
        form.put("reason", reason);
        return technician.post(job.path("arrive/promised"), form);
    }

    @Test
    void theEarliestIsTheLabourThenTheWholeSoakCycleInsideTheOpeningHours() {
        Played job = Played.opened(kettle);
        var hours = kettle.bean(ShopBook.class).hours();
        Instant worked = Kettle.START.plusSeconds(
                Opening.of(job.file()).labourMinutes().movePointRight(1).longValue() * 6);
        var planned = (ClockPlan.Outcome.Planned)
                SoakCycle.of(job.file()).clockPlan(worked, hours).result();
        assertThat(earliest(job))
                .isAfterOrEqualTo(planned.finish())
                .isBefore(planned.finish().plus(Duration.ofMinutes(15)));
        assertThat(earliest(job).getEpochSecond() % 900).isZero();
    }

    @Test
    void whatThePlanAllowsIsPromisedAndShownEverywhere() {
        Played job = Played.opened(kettle);
        assertThat(promise(job, earliest(job), "").status()).isEqualTo(302);
        assertThat(Arriving.of(job.file()).promise()).isEqualTo(earliest(job));
        assertThat(technician.get(job.path("arrive")).body()).doesNotContain("cannot keep that promise");
    }

    @Test
    void earlierThanThePlanNeedsAReason() {
        Played job = Played.opened(kettle);
        Instant early = earliest(job).minus(Duration.ofHours(5));
        Answer refused = promise(job, early, "");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("at the earliest; say why");
        assertThat(Arriving.of(job.file()).promise()).isNull();
        assertThat(promise(job, early, "the ferry leaves; calibration at sea").status())
                .isEqualTo(302);
        assertThat(technician.get(job.path("arrive")).body()).contains("cannot keep that promise");
        assertThat(technician.get(job.path("journal")).body()).contains("calibration at sea");
        assertThat(promise(job, Kettle.START.minusSeconds(60), "yesterday").body())
                .contains("has passed");
    }

    @Test
    void withoutACalibrationTheLabourAloneCounts() {
        Played job = Played.closedUp(kettle).write(new CalibrateEntry.CycleLeftOut("the owner goes to sea"));
        assertThat(earliest(job)).isBefore(Kettle.START.plus(Duration.ofHours(2)));
    }

    @Test
    void theCounterTakesNoDateThatThePlanCannotKeep() {
        Map<String, String> form = new HashMap<>(Map.of(
                "formId", Requests.formId(), "modelId", "gannet-14", "owner", "Harbour office", "openedBefore", "NO"));
        form.put("promise", "2026-11-18T14:00");
        assertThat(technician.post("/jobs/new", form).body())
                .contains("at the earliest")
                .contains("Leave it empty");
        form.put("promise", "2026-11-30T14:00");
        assertThat(technician.post("/jobs/new", form).status()).isEqualTo(302);
    }
}
