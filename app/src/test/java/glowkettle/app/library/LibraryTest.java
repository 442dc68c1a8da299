package glowkettle.app.library;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.fit.PackVoltage;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.OperationKind;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Teardown;
import glowkettle.open.TeardownPlan;
import glowkettle.open.WayBack;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every model that ships is planned, there and back. */
@ExtendWith(RunningKettle.class)
class LibraryTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private final ModelLibrary library;

    LibraryTest(Kettle kettle) {
        library = kettle.bean(ModelLibrary.class);
    }

    private static TeardownPlan plan(DeviceModel model) {
        return Teardown.plan(new Teardown.Request(model.operations(), model.targets(), null), LIMITS)
                .result();
    }

    @Test
    void everyModelIsPlannedToAProvenOptimum() {
        assertThat(library.all()).hasSizeGreaterThanOrEqualTo(3).allSatisfy(model -> {
            TeardownPlan plan = plan(model);
            assertThat(plan.proven()).as(model.name()).isTrue();
            assertThat(plan.steps()).hasSizeGreaterThan(3);
        });
    }

    @Test
    void whateverComesOffGoesOnAgain() {
        assertThat(library.all()).allSatisfy(model -> {
            List<String> in = plan(model).order();
            List<String> back =
                    WayBack.plan(new WayBack.Request(model.operations(), in), LIMITS).result().steps().stream()
                            .filter(step -> !step.check())
                            .map(WayBack.Step::id)
                            .toList();
            List<String> expected = model.operations().stream()
                    .filter(operation -> in.contains(operation.id()))
                    .filter(operation -> operation.goesBack() && operation.kind() != OperationKind.POWER_OFF)
                    .map(operation -> operation.id())
                    .toList();
            assertThat(back).as(model.name()).containsExactlyInAnyOrderElementsOf(expected);
            assertThat(model.fasteners()).extracting(Fastener::operation).allMatch(back::contains);
        });
    }

    @Test
    void everyStepBackIsInItsOwnWords() {
        assertThat(library.all()).allSatisfy(model -> {
            List<String> in = plan(model).order();
            assertThat(WayBack.plan(new WayBack.Request(model.operations(), in), LIMITS)
                            .result()
                            .steps())
                    .allSatisfy(step -> assertThat(step.label())
                            .as(model.name())
                            .doesNotContain(": L")
                            .doesNotContain(": U")
                            .doesNotContain(": P"));
        });
    }

    @Test
    void thePackOfEveryModelFitsItsOwnBayAndVoltage() {
        assertThat(library.all()).filteredOn(model -> !model.isFamily()).allSatisfy(model -> {
            var pack = model.pack();
            var outcome = PackVoltage.read(
                            new PackVoltage.Label(
                                    pack.nominalV(), pack.chargeLimitV().multiply(pack.series())),
                            LIMITS)
                    .result();
            assertThat(outcome)
                    .as(model.name())
                    .isInstanceOfSatisfying(
                            PackVoltage.Outcome.Known.class,
                            known -> assertThat(known.option().series())
                                    .isEqualTo(pack.series().intValue()));
            assertThat(pack.bayThicknessMm()).isGreaterThan(pack.thicknessMm());
        });
    }

    @Test
    void aModelIsFoundByAnyOfItsCodesHoweverTyped() {
        assertThat(library.findByCode(" gn14-b "))
                .hasValueSatisfying(model -> assertThat(model.id()).isEqualTo("gannet-14"));
        assertThat(library.findByCode("GN14")).isEmpty();
    }
}
