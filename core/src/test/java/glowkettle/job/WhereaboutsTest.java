package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.RunDown;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a step tells of the pack: one step may take it off its connector and out of the device. */
class WhereaboutsTest {
    @ParameterizedTest
    @EnumSource(OperationKind.class)
    void aStepTellsWhetherThePackIsOffOutAndWithoutCurrent(OperationKind kind) {
        List<Operation> operations = new ArrayList<>(Bench.model().anatomy().operations());
        operations.add(Bench.operation("step", kind, null, true));
        DeviceModel model = Bench.model().named("other", "Other laptop", List.of(), operations);
        JobFile job = new Bench(model)
                .unasked(new AssessEntry.RunDownChosen(
                        RunDown.School.RUN_DOWN_FIRST, BigDecimal.TEN, BigDecimal.valueOf(80)))
                .later(Duration.ofMinutes(10))
                .unasked(new OpenEntry.StepDone("step"))
                .later(Duration.ofMinutes(7))
                .file();

        boolean out = kind == OperationKind.LIFT_PACK_OUT || kind == OperationKind.LIFT_DOCKED_PACK_OUT;
        boolean off = kind == OperationKind.DISCONNECT_PACK || kind == OperationKind.LIFT_DOCKED_PACK_OUT;
        assertThat(job.liftedOut()).isEqualTo(out);
        assertThat(job.isDisconnected()).isEqualTo(off);
        assertThat(job.activity().minutesSinceCurrent(job.now()))
                .isEqualByComparingTo(off || kind == OperationKind.POWER_OFF ? "7" : "0");
    }
}
