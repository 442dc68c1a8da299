package glowkettle.app.calibrate;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.calibrate.ClockPlan;
import glowkettle.job.calibrate.SoakCycle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class ClockChartTest {
    private final Kettle kettle;

    ClockChartTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @Test
    void everyPhaseAndHandLiesOnTheDaysAndCloseTimesTakeTwoRows() {
        var hours = kettle.bean(ShopBook.class).hours();
        var plan =
                (ClockPlan.Outcome.Planned) SoakCycle.of(Played.closedUp(kettle).file())
                        .clockPlan(Kettle.START, hours, null)
                        .result();
        ClockChart chart = ClockChart.of(plan, hours);

        assertThat(chart.phases()).hasSize(4).allSatisfy(bar -> {
            assertThat(bar.x()).isBetween(0.0, 1000.0);
            assertThat(bar.x() + bar.width()).isLessThanOrEqualTo(1000.0);
        });
        assertThat(chart.actions())
                .extracting(ClockChart.Mark::label)
                .allMatch(label -> label.matches("\\d\\d:\\d\\d"));
        for (int i = 1; i < chart.actions().size(); i++) {
            ClockChart.Mark before = chart.actions().get(i - 1);
            ClockChart.Mark mark = chart.actions().get(i);
            assertThat(mark.x() - before.x() > 50 || mark.low() != before.low()).isTrue();
        }
        assertThat(chart.days()).isNotEmpty();
        assertThat(chart.staffed()).isNotEmpty();
    }
}
