package glowkettle.app.calibrate;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.drawing.Plot;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.School;
import glowkettle.job.calibrate.SoakCycle;
import java.util.List;
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
                        .clockPlan(Kettle.START, hours)
                        .result();
        Plot chart = ClockChart.of(plan, School.SOAK, hours);
        double right = chart.axes().rightEdge();

        assertThat(marks(chart, Plot.Bar.class)).hasSize(4).allSatisfy(bar -> {
            assertThat(bar.x()).isBetween(0.0, right);
            assertThat(bar.x() + bar.width()).isLessThanOrEqualTo(right);
        });
        List<Plot.Need> hands = marks(chart, Plot.Need.class);
        assertThat(hands).extracting(Plot.Need::words).allMatch(label -> label.matches("\\d\\d:\\d\\d"));
        for (int i = 1; i < hands.size(); i++) {
            Plot.Need before = hands.get(i - 1);
            Plot.Need mark = hands.get(i);
            assertThat(mark.x() - before.x() > 50 || mark.low() != before.low()).isTrue();
        }
        assertThat(marks(chart, Plot.Day.class)).isNotEmpty();
        assertThat(marks(chart, Plot.Shade.class)).isNotEmpty();
    }

    private static <M extends Plot.Mark> List<M> marks(Plot chart, Class<M> sort) {
        return chart.marks().stream().filter(sort::isInstance).map(sort::cast).toList();
    }
}
