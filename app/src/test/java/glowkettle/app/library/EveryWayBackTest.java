package glowkettle.app.library;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Refit;
import glowkettle.open.Teardown;
import glowkettle.open.WayBack;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Of every model that ships: tried, glued, pressed, each once and in this order; the seal of a rim last. */
class EveryWayBackTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    static Stream<DeviceModel> models() throws IOException {
        return Arrays.stream(new PathMatchingResourcePatternResolver().getResources("classpath:/library/*.json"))
                .map(EveryWayBackTest::model);
    }

    private static DeviceModel model(Resource file) {
        try {
            return ModelFile.read(file.getContentAsString(StandardCharsets.UTF_8))
                    .orElseThrow();
        } catch (IOException unread) {
            throw new IllegalStateException(unread);
        }
    }

    private static List<WayBack.Step> back(DeviceModel model) {
        List<String> order = Teardown.plan(
                        new Teardown.Request(
                                model.anatomy().operations(), model.anatomy().targets(), null),
                        LIMITS)
                .result()
                .order();
        return WayBack.plan(
                        new WayBack.Request(model.anatomy().operations(), order, Refit.of(model, order, true, false)),
                        LIMITS)
                .result()
                .steps();
    }

    private static int at(List<WayBack.Step> steps, String id) {
        return steps.stream().map(WayBack.Step::id).toList().indexOf(id);
    }

    @ParameterizedTest
    @MethodSource("models")
    void noStepStandsTwice(DeviceModel model) {
        assertThat(back(model)).extracting(WayBack.Step::id).doesNotHaveDuplicates();
        assertThat(back(model)).extracting(WayBack.Step::label).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("models")
    void thePackIsTriedThenGluedThenPressed(DeviceModel model) {
        List<WayBack.Step> steps = back(model);
        int tried = at(steps, WayBack.PLUG_TRIED);
        int pressed = at(steps, WayBack.PACK_PRESSED);
        model.anatomy().bonds().stream()
                .filter(bond -> !bond.layers().stack().adhesive().isSeam())
                .map(bond -> at(steps, WayBack.ADHESIVE + bond.operation()))
                .filter(glued -> glued >= 0 && pressed >= 0)
                .forEach(glued -> {
                    assertThat(tried).isLessThan(glued);
                    assertThat(glued).isLessThan(pressed);
                });
        if (tried >= 0 && pressed >= 0) {
            assertThat(tried).isLessThan(pressed);
        }
    }

    /** Plugs, live check, and whatever the model asks for while it is open, come before the glue of a rim. */
    @ParameterizedTest
    @MethodSource("models")
    void everythingThatCanBeTriedIsTriedBeforeARimIsGlued(DeviceModel model) {
        List<WayBack.Step> steps = back(model);
        model.anatomy().bonds().stream()
                .filter(bond -> bond.layers().stack().adhesive().isSeam())
                .map(bond -> bond.operation())
                .filter(rim -> at(steps, WayBack.RIM + rim) >= 0)
                .forEach(rim -> {
                    int glued = at(steps, WayBack.ADHESIVE + rim);
                    int pressed = at(steps, WayBack.RIM + rim);
                    assertThat(at(steps, WayBack.LIVE_CHECK)).isLessThan(pressed);
                    assertThat(glued).isLessThan(pressed);
                    if (glued >= 0) {
                        assertThat(at(steps, WayBack.LIVE_CHECK)).isLessThan(glued);
                        assertThat(at(steps, "before-" + rim)).isLessThan(glued);
                    }
                });
    }
}
