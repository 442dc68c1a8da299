package glowkettle.app.open;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Side;
import glowkettle.open.Tray;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class DrawingsTest {
    private final Kettle kettle;

    DrawingsTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private static Set<String> states(Played job, String step) {
        return FaceView.of(job.file(), step).stream()
                .flatMap(view -> view.dots().stream())
                .map(FaceView.Dot::state)
                .collect(Collectors.toSet());
    }

    @Test
    void theRibbonShowsWhatIsDoneWhatIsAtHandAndTheLiveStretch() {
        Played job = Played.assessed(kettle);
        var plan = Opening.of(job.file()).plan().result();
        String first = plan.order().getFirst();
        Ribbon ribbon = Ribbon.of(plan, Set.of(first));

        assertThat(ribbon.blocks()).hasSameSizeAs(plan.steps());
        assertThat(ribbon.blocks()).extracting(Ribbon.Block::state).startsWith("done", "current", "ahead");
        assertThat(ribbon.blocks().stream().filter(Ribbon.Block::bitChange))
                .hasSize(plan.cost().bitChanges());
        assertThat(ribbon.blocks().stream().filter(Ribbon.Block::flip))
                .hasSize(plan.cost().flips());
        assertThat(ribbon.blocks().stream().filter(Ribbon.Block::live)).isNotEmpty();
        for (int i = 1; i < ribbon.blocks().size(); i++) {
            Ribbon.Block before = ribbon.blocks().get(i - 1);
            assertThat(ribbon.blocks().get(i).x()).isGreaterThan(before.x() + before.width());
        }
        assertThat(ribbon.blocks().getLast().x() + ribbon.blocks().getLast().width())
                .isLessThanOrEqualTo(ribbon.width());
    }

    /** The side that is drawn for a step, while one lies up. */
    private static Side side(Played job, String step, Side up) {
        return Objects.requireNonNull(FaceView.atHand(FaceView.of(job.file(), step), up))
                .face()
                .side();
    }

    @Test
    void theFaceMapFollowsTheFastenersOutAndBack() {
        Played job = Played.assessed(kettle);
        assertThat(states(job, "cover-screws")).containsExactlyInAnyOrder("hidden", "in");
        job.write(new OpenEntry.StepDone("power-off"))
                .write(new OpenEntry.StepDone("card"))
                .write(new OpenEntry.StepDone("foot"));
        assertThat(states(job, "cover-screws")).containsExactly("in");
        assertThat(side(job, "cover-screws", Side.FRONT)).isEqualTo(Side.BACK);
        assertThat(side(job, "card", Side.BACK)).isEqualTo(Side.BACK);

        Played torn = Played.measured(kettle);
        assertThat(states(torn, "pack")).containsExactly("out");

        Played back = Played.goingBack(kettle, 4);
        assertThat(states(back, "cover-screws")).containsExactlyInAnyOrder("back", "out");
        back.write(new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S2", "S1"))));
        assertThat(states(back, "cover-screws")).contains("wrong");
    }

    @Test
    void lookAlikesShareAPileNumber() {
        Played job = Played.assessed(kettle);
        var dots = FaceView.of(job.file(), null).getFirst().dots();
        for (FaceView.Dot one : dots) {
            for (FaceView.Dot other : dots) {
                assertThat(one.kind() == other.kind())
                        .as("%s and %s", one.fastener().id(), other.fastener().id())
                        .isEqualTo(one.fastener().interchangeableWith(other.fastener()));
            }
        }
    }
}
